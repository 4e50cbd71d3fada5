import { inside, topOf, type Category } from '@/core/goods';
import { perStretch, shelfOrders, shelfProducts, sortProducts, stretches } from '@/core/site';
import { goodsList } from '../pieces/goods';
import { drawText, own, ownPicture, say, thing, type Drawing, type SectionContext } from '../context';
import { html, type Markup } from '../html';

/** The shelves that stand in no other, and after the one that is shown those that stand in it. */
function shelvesBeside(categories: readonly Category[], shown: Category | undefined): Category[] {
  const open = shown?.parent ?? shown;
  return topOf(categories).flatMap((category) => [category, ...(category === open ? inside(categories, category) : [])]);
}

/** The picture that the seller chose for a category, over its goods. */
function overShelf(c: SectionContext<'listing'>): Markup | null {
  const name = c.page.category && c.shop.shelfPictures.get(c.page.id);
  const is = thing(c, { kind: 'shelf', page: c.page.id });
  const drawn = name === undefined ? null : ownPicture(c, name, '92vw', { is });
  return drawn && html`<figure class="over-shelf">${drawn}</figure>`;
}

/** A shelf: its categories, the orders to look at it in, its goods, and the way to the next stretch. */
const draw: Drawing<'listing'>['draw'] = (c) => {
  const { shop, page, view, addresses } = c;
  const all = shelfProducts(shop, page);
  const from = (view.stretch - 1) * perStretch;
  const shown = sortProducts(all, view.order, shop.rules.locale).slice(from, from + perStretch);
  const last = stretches(all.length);
  const { categories } = shop.catalogue;
  const { drawn } = say(c);
  return html`<section class="shelf" ${own(c)}>
    <div class="section-head">${overShelf(c)}${drawText(c, 'heading', 'h1')}${drawText(c, 'intro', 'p')}</div>
    ${
      categories.length > 1
        ? html`<nav class="shelf-nav" aria-label="${drawn.categories}">
            <ul>
              <li>
                <a href="${addresses.page('shop/')}" ${page.kind === 'shop' ? html` aria-current="page"` : null}
                  >${drawn.everything}</a
                >
              </li>
              ${shelvesBeside(categories, page.category).map(
                (category) =>
                  html`<li${category.parent ? html` class="inside"` : null}>
                    <a
                      href="${addresses.page(`shop/${category.slug}/`)}"
                      ${category.id === page.id ? html` aria-current="page"` : null}
                      >${category.name}</a
                    >
                  </li>`,
              )}
            </ul>
          </nav>`
        : null
    }${
      all.length > 1
        ? html`<nav class="shelf-order" aria-label="${drawn.order}">
            <ul>
              ${shelfOrders.map(
                (id) =>
                  html`<li>
                    <a
                      href="${addresses.page(page.path, { order: id, stretch: 1 })}"
                      ${id === view.order ? html` aria-current="true"` : null}
                      >${drawn.orders[id]}</a
                    >
                  </li>`,
              )}
            </ul>
          </nav>`
        : null
    }${all.length ? goodsList(c, shown, { eager: 4, from: from + 1 }) : html`<p class="empty">${drawn.emptyShelf}</p>`}${
      last > 1
        ? html`<nav class="stretches" aria-label="${drawn.stretches}">
            <p>
              ${
                view.stretch > 1
                  ? html`<a href="${addresses.page(page.path, { ...view, stretch: view.stretch - 1 })}" rel="prev"
                      >${drawn.back}</a
                    > `
                  : null
              }<span>${drawn.stretchOf(view.stretch, last)}</span>${view.stretch < last ? html` <a href="${addresses.page(page.path, { ...view, stretch: view.stretch + 1 })}" rel="next">${drawn.onward}</a>` : null}
            </p>
          </nav>`
        : null
    }
  </section>`;
};

export const listing: Drawing<'listing'> = {
  draw,
  css: `
.over-shelf{flex:0 0 100%;grid-column:1/-1;width:100%;margin-bottom:clamp(.75rem,2vw,1.5rem)}
.over-shelf img{width:100%;aspect-ratio:4/1;min-height:9rem;object-fit:cover;border-radius:var(--soft-corner)}
`,
};
