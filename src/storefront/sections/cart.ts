import { noScripts } from '../pieces/noScripts';
import { drawText, type Drawing } from '../context';
import { html } from '../html';

const draw: Drawing<'cart'>['draw'] = (c) =>
  html`<section class="text cart" id="cart">
    ${drawText(c, 'heading', 'h1')}${noScripts(c)}
    <div data-cart aria-live="polite"></div>
  </section>`;

export const cart: Drawing<'cart'> = {
  draw,
};
