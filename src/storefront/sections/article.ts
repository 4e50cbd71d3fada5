import { drawText, items, own, paragraphs, pictureBeside, type Drawing } from '../context';
import { html } from '../html';

const draw: Drawing<'article'>['draw'] = (c) =>
  html`<section class="text" ${own(c)}>
    ${drawText(c, 'heading', 'h1')}
    <div class="prose">${pictureBeside(c)}${items(c, 'passages').map((item) => paragraphs(c, 'passages', item, 'text'))}</div>
  </section>`;

export const article: Drawing<'article'> = {
  draw,
};
