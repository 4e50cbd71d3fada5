import { stockOf } from '@/core/goods';
import { type Product } from '@/core/project';
import { type Context, particulars, priceTag, productPicture } from '../context';
import { html, type Markup } from '../html';

/** Goods in a list. How a family lays them out, in rows, blocks or pairs, is up to its styles. */
export function goodsList(context: Context, products: readonly Product[], { eager = 0, from = 1 } = {}): Markup {
  return html`<ol class="goods" start="${from}">
    ${products.map((product, i) => item(context, product, i, eager, from + i))}
  </ol>`;
}

function item(context: Context, product: Product, i: number, eager: number, number: number): Markup {
  const gone = stockOf(product) === 0;
  const note = particulars(product);
  return html`<li class="good${gone ? ' gone' : ''}">
    <a href="${context.addresses.page(`goods/${product.slug}/`)}"
      ><span class="entry" aria-hidden="true">${String(number).padStart(2, '0')}</span
      ><span class="thumb">${productPicture(context, product, product.pictures[0], { eager: i < eager, decorative: true })}</span
      ><span class="name">${product.title}</span><span class="note">${note}</span>${priceTag(context, product)}</a
    >
  </li>`;
}
