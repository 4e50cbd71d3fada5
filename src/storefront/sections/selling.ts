import { priceRange } from '@/core/goods';
import { type SectionKind } from '@/core/plan';
import { type Product } from '@/core/project';
import { arranged, isArranged, money, particulars, pictured, place, productPicture, slot, type SectionContext } from '../context';
import { html, type Markup } from '../html';

type Drawing = (context: SectionContext) => Markup;

const link = (c: SectionContext, path: string): Markup | null =>
  c.section.words.link
    ? html`<p class="onward"><a href="${c.addresses.page(path)}" ${place(c, 'link')}>${c.section.words.link.text}</a></p>`
    : null;

const buyOne: Drawing = (c) => {
  const [item] = c.shop.catalogue.products;
  if (!item) return html``;
  const to = c.addresses.page(`goods/${item.slug}/`);
  return html`<section class="part ${arranged(c)}" id="${c.section.id}">
    <a class="plate" href="${to}" tabindex="-1" aria-hidden="true"
      >${productPicture(c, item, item.pictures[0], { decorative: true })}</a
    >
    <div class="words">
      ${slot(c, 'heading', 'h2')}${slot(c, 'text', 'p')}
      <p><a class="button" href="${to}" ${place(c, 'button')}>${c.section.words.button?.text ?? ''}</a></p>
    </div>
  </section>`;
};

const offer: Drawing = (c) =>
  html`<section class="part ${arranged(c)}" id="${c.section.id}">
    ${slot(c, 'heading', 'h2')}
    <div class="words">${slot(c, 'text', 'p', 'large')}${slot(c, 'code', 'p')}${link(c, 'shop/')}</div>
  </section>`;

/** What one row of the price table says of a product: its options, or what kind of thing it is. */
const aside = (item: Product): string =>
  (item.variants.length === 1 && item.variants[0]?.values.join(', ')) ||
  particulars(item) ||
  (item.options.length ? item.options.join(', ') : '');

const rows = (c: SectionContext, items: readonly Product[]): Markup =>
  html`<table class="prices">
    <tbody>
      ${items.map((item) => {
        const { low, high } = priceRange(item);
        return html`<tr>
          <th scope="row"><a href="${c.addresses.page(`goods/${item.slug}/`)}">${item.title}</a></th>
          <td>${aside(item)}</td>
          <td class="price">${low === high ? money(low, c) : `${money(low, c)} – ${money(high, c)}`}</td>
        </tr>`;
      })}
    </tbody>
  </table>`;

/** A table holds what a page can show; the shelf has the rest. */
const mostRows = 40;

const priceTable: Drawing = (c) => {
  const appointments = c.shop.catalogue.products.filter((product) => product.kind === 'appointment');
  const onlySpoken = c.page.kind === 'appointments' || (appointments.length > 1 && c.section.from === 'made');
  const items = onlySpoken ? appointments : c.shop.catalogue.products;
  const shelves = c.shop.catalogue.categories.filter((category) => category.products.some((product) => items.includes(product)));
  const byShelf = isArranged(c, 'columns') && shelves.length > 1;
  return html`<section class="part ${arranged(c)}" id="${c.section.id}">
    <div class="head">${slot(c, 'heading', c.page.kind === 'appointments' ? 'h1' : 'h2')}${slot(c, 'intro', 'p', 'note')}</div>
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

const gallery: Drawing = (c) =>
  html`<section class="part ${arranged(c)}" id="${c.section.id}">
    ${slot(c, 'heading', c.page.kind === 'gallery' ? 'h1' : 'h2')}
    <ul class="pictures">
      ${pictured(c)
        .slice(0, c.page.kind === 'gallery' ? 60 : 8)
        .map(
          (item) =>
            html`<li>
              <a href="${c.addresses.page(`goods/${item.slug}/`)}"
                >${productPicture(c, item, item.pictures[0], { decorative: true })}<span class="caption">${item.title}</span></a
              >
            </li>`,
        )}
    </ul>
  </section>`;

const webAddress = (text: string): string => (/^https?:\/\//i.test(text) ? text : `https://${text}`);

const posted: Drawing = (c) => {
  const address = c.section.words.address;
  const safe = address?.text && /^(?:https?:\/\/)?[\w.-]+\.[a-z]{2,}(?:\/[\w./@~-]*)?$/i.test(address.text) ? address.text : null;
  return html`<section class="part ${arranged(c)}" id="${c.section.id}">
    <div class="head">
      ${slot(c, 'heading', 'h2')}${safe ? html`<p class="onward"><a href="${webAddress(safe)}" rel="noopener" ${place(c, 'address')}>${safe}</a></p>` : slot(c, 'address', 'p')}
    </div>
    <ul class="pictures" aria-hidden="true">
      ${pictured(c)
        .slice(-6)
        .map((item) => html`<li>${productPicture(c, item, item.pictures[0], { decorative: true })}</li>`)}
    </ul>
  </section>`;
};

export const sellingSections: Partial<Record<SectionKind, Drawing>> = {
  'buy-one': buyOne,
  offer,
  'price-table': priceTable,
  gallery,
  posted,
};
