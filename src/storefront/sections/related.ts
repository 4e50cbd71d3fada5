import { besideOf } from '@/core/goods';
import { goodsList } from '../pieces/goods';
import { drawText, own, type Drawing } from '../context';
import { html } from '../html';

/** Goods that stand beside this one: its neighbours in the category that is least crowded. */
const draw: Drawing<'related'>['draw'] = (c) => {
  const item = c.page.product;
  const beside = item ? besideOf(c.shop.catalogue, item) : [];
  return beside.length
    ? html`<section class="related" ${own(c)}>
        <div class="section-head">${drawText(c, 'heading', 'h2')}</div>
        ${goodsList(c, beside)}
      </section>`
    : html``;
};

export const related: Drawing<'related'> = {
  draw,
};
