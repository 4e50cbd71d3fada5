import { drawText, own, say, type Drawing } from '../context';
import { html } from '../html';

const draw: Drawing<'missing'>['draw'] = (c) =>
  html`<section class="text" ${own(c)}>
    ${drawText(c, 'heading', 'h1')}
    <div class="prose">
      ${drawText(c, 'text', 'p')}
      <p class="onward"><a href="${c.addresses.page('shop/')}">${say(c).drawn.toTheShop}</a></p>
    </div>
  </section>`;

export const missing: Drawing<'missing'> = {
  draw,
};
