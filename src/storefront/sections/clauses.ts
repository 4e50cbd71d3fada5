import { drawText, items, own, paragraphs, type Drawing } from '../context';
import { html } from '../html';

const draw: Drawing<'clauses'>['draw'] = (c) =>
  html`<section class="text" ${own(c)}>
    ${drawText(c, 'heading', 'h1')}
    <div class="prose">${items(c, 'clauses').map((item) => paragraphs(c, 'clauses', item, 'text'))}</div>
  </section>`;

export const clauses: Drawing<'clauses'> = {
  draw,
};
