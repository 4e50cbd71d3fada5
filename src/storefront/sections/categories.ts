import { stockOf, topOf, type Category } from '@/core/goods';
import { arranged, drawText, own, ownPicture, productPicture, thing, type Drawing, type SectionContext } from '../context';
import { html } from '../html';

/** The picture that the seller chose, else that of the first of its goods that has one and is there to be bought. */
const categoryPicture = (c: SectionContext<'categories'>, category: Category) => {
  const chosen = c.shop.shelfPictures.get(category.id);
  const drawn =
    chosen === undefined ? null : ownPicture(c, chosen, '(max-width: 600px) 92vw, 30vw', { decorative: true, late: true });
  if (drawn) return drawn;
  const product =
    category.products.find((p) => p.pictures.some((name) => c.addresses.picture(name)) && stockOf(p) !== 0) ??
    category.products[0];
  return product ? productPicture(c, product, product.pictures[0], { decorative: true }) : null;
};

const draw: Drawing<'categories'>['draw'] = (c) =>
  html`<section class="${arranged(c)}" ${own(c)}>
    ${drawText(c, 'heading', 'h2')}
    <ul>
      ${topOf(c.shop.catalogue.categories).map(
        (category) =>
          html`<li${thing(c, { kind: 'shelf', page: category.id })}>
            <a href="${c.addresses.page(`shop/${category.slug}/`)}"
              ><span class="thumb">${categoryPicture(c, category)}</span><span class="name">${category.name}</span>
              <span class="note">${category.products.length}</span></a
            >
          </li>`,
      )}
    </ul>
  </section>`;

export const categories: Drawing<'categories'> = {
  draw,
  css: `
.categories.as-pictures ul{display:grid;columns:auto;grid-template-columns:repeat(auto-fill,minmax(min(100%,11rem),1fr));gap:1.5rem 1rem}
.categories.as-pictures a{display:grid;grid-template-columns:minmax(0,1fr) auto;gap:.5rem;font:600 var(--body)/1.3 var(--text-face);text-transform:none;padding:0;align-items:baseline}
.categories.as-pictures .thumb{display:block;grid-column:1/-1;width:100%}
.categories.as-pictures .note{margin:0;font:inherit;vertical-align:baseline}
.categories.as-pictures li{border:0}
`,
};
