import { priceRange, topOf } from '@/core/goods';
import { type Product } from '@/core/project';
import { arranged, drawText, isArranged, money, noPrice, own, particulars, type Drawing, type SectionContext } from '../context';
import { html, type Markup } from '../html';

/** What one row of the price table says of a product: its options, or what kind of thing it is. */
const aside = (c: SectionContext<'price-table'>, item: Product): string =>
  (item.variants.length === 1 && item.variants[0]?.values.join(', ')) ||
  particulars(c, item) ||
  (item.options.length ? item.options.join(', ') : '');

const rows = (c: SectionContext<'price-table'>, items: readonly Product[]): Markup =>
  html`<table class="prices">
    <tbody>
      ${items.map((item) => {
        const range = priceRange(item);
        return html`<tr>
          <th scope="row"><a href="${c.addresses.page(`goods/${item.slug}/`)}">${item.title}</a></th>
          <td>${aside(c, item)}</td>
          <td class="price">
            ${range ? (range.low === range.high ? money(range.low, c) : `${money(range.low, c)} – ${money(range.high, c)}`) : noPrice(c, item)}
          </td>
        </tr>`;
      })}
    </tbody>
  </table>`;

/** A table holds what a page can show; the shelf has the rest. */
const mostRows = 40;

const draw: Drawing<'price-table'>['draw'] = (c) => {
  const appointments = c.shop.catalogue.products.filter((product) => product.kind === 'appointment');
  const onlySpoken = c.page.kind === 'appointments' || (appointments.length > 1 && c.section.from === 'made');
  const items = onlySpoken ? appointments : c.shop.catalogue.products;
  const shelves = topOf(c.shop.catalogue.categories).filter((category) =>
    category.products.some((product) => items.includes(product)),
  );
  const byShelf = isArranged(c, 'columns') && shelves.length > 1;
  const heading = drawText(c, 'heading', c.page.kind === 'appointments' ? 'h1' : 'h2');
  return html`<section class="part ${arranged(c)}" ${own(c)}>
    <div class="head">${heading}${drawText(c, 'intro', 'p', 'note')}</div>
    <div class="tables">
      ${
        byShelf
          ? shelves.slice(0, 8).map(
              (shelf) =>
                html`<div>
                  <h3>${shelf.name}</h3>
                  ${rows(c, shelf.products.filter((product) => items.includes(product)).slice(0, 12))}
                </div>`,
            )
          : rows(c, items.slice(0, mostRows))
      }
    </div>
  </section>`;
};

export const priceTable: Drawing<'price-table'> = {
  draw,
  css: `
.tables{display:grid;gap:2.5rem}
.price-table.as-columns .tables{grid-template-columns:repeat(auto-fit,minmax(min(100%,20rem),1fr));align-items:start}
.prices{border-collapse:collapse;width:100%}
.prices th,.prices td{text-align:left;font-weight:400;border-bottom:1px solid var(--line);padding:.6rem 1rem .6rem 0;vertical-align:baseline}
.prices th a{color:inherit;display:inline-block;padding:.1rem 0}
.prices td{color:var(--soft);font-size:var(--small)}
.prices .price{text-align:right;white-space:nowrap;color:var(--text);font-size:inherit;padding-right:0}
.tables h3{padding-bottom:.5rem}
`,
  narrow: `
.prices td:not(.price){display:none}
`,
};
