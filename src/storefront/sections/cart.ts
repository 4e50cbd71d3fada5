import { noScripts } from '../pieces/noScripts';
import { drawText, own, type Drawing } from '../context';
import { html } from '../html';

const draw: Drawing<'cart'>['draw'] = (c) =>
  html`<section class="text cart" ${own(c)}>
    ${drawText(c, 'heading', 'h1')}${noScripts(c)}
    <div data-cart aria-live="polite"></div>
  </section>`;

export const cart: Drawing<'cart'> = {
  draw,
};
