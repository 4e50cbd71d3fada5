import { noScripts } from '../pieces/noScripts';
import { drawText, type Drawing } from '../context';
import { html } from '../html';

const draw: Drawing<'thanks'>['draw'] = (c) =>
  html`<section class="text thanks" id="thanks">
    ${drawText(c, 'heading', 'h1')}${noScripts(c)}
    <div data-thanks aria-live="polite"></div>
  </section>`;

export const thanks: Drawing<'thanks'> = {
  draw,
};
