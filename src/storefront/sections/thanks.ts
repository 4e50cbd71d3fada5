import { noScripts } from '../pieces/noScripts';
import { drawText, own, type Drawing } from '../context';
import { html } from '../html';

const draw: Drawing<'thanks'>['draw'] = (c) =>
  html`<section class="text thanks" ${own(c)}>
    ${drawText(c, 'heading', 'h1')}${noScripts(c)}
    <div data-thanks aria-live="polite"></div>
  </section>`;

export const thanks: Drawing<'thanks'> = {
  draw,
};
