import { drawText, type Drawing, say } from '../context';
import { html } from '../html';

const draw: Drawing<'missing'>['draw'] = (c) =>
  html`<section class="text" id="missing">
    ${drawText(c, 'heading', 'h1')}
    <div class="prose">
      ${drawText(c, 'text', 'p')}
      <p class="onward"><a href="${c.addresses.page('shop/')}">${say(c).drawn.toTheShop}</a></p>
    </div>
  </section>`;

export const missing: Drawing<'missing'> = {
  draw,
};
