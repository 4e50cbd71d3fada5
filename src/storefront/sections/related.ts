import { goodsList } from '../pieces/goods';
import { drawText, type Drawing } from '../context';
import { html } from '../html';

/** Goods that stand beside this one: its neighbours in the category that is least crowded. */
const draw: Drawing<'related'>['draw'] = (c) => {
  const item = c.page.product;
  const { categories, byId } = c.shop.catalogue;
  const here = item && byId.get(item.id);
  const shelves = categories.filter((category) => category.products.some((product) => product === here));
  const shelf = shelves
    .filter((category) => category.products.length > 1)
    .sort((a, b) => a.products.length - b.products.length)[0];
  const others = shelf?.products ?? c.shop.catalogue.products;
  const at = others.findIndex((other) => other.id === item?.id);
  const beside = Array.from({ length: Math.min(4, others.length - 1) }, (_, i) => others[(at + 1 + i) % others.length]).filter(
    (other) => other !== undefined,
  );
  return beside.length
    ? html`<section class="related" id="related">
        <div class="section-head">${drawText(c, 'heading', 'h2')}</div>
        ${goodsList(c, beside)}
      </section>`
    : html``;
};

export const related: Drawing<'related'> = {
  draw,
};
