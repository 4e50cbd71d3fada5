import { goodsList } from '../pieces/goods';
import { arranged, chosenGoods, drawText, leads, own, place, type Drawing } from '../context';
import { html } from '../html';

const draw: Drawing<'featured'>['draw'] = (c) => {
  const cards = c.shop.catalogue.products.filter((product) => product.kind === 'gift-card');
  const goods = c.page.kind === 'gift-cards' ? cards : chosenGoods(c.shop, 8);
  const heading = drawText(c, 'heading', c.page.kind === 'gift-cards' ? 'h1' : 'h2');
  return html`<section class="${arranged(c)}" ${own(c)}>
    <div class="section-head">${heading}${drawText(c, 'intro', 'p')}</div>
    ${goodsList(c, goods)}
    <p class="onward"><a ${leads(c, 'link', 'shop/')} ${place(c, 'link')}>${c.section.words.link?.text ?? ''}</a></p>
  </section>`;
};

export const featured: Drawing<'featured'> = {
  draw,
  css: `
.featured.as-row .goods{display:grid;grid-template-columns:none;grid-auto-flow:column;grid-auto-columns:minmax(13rem,17rem);gap:1.25rem;overflow-x:auto;max-width:none;margin:0;padding-bottom:1rem;scroll-snap-type:x proximity}
.featured.as-row .good{margin:0!important;border:0;scroll-snap-align:start}
.featured.as-row .good a{display:grid;grid-template-columns:minmax(0,1fr) auto;min-height:0;gap:.35rem 1rem;align-content:start;padding:0 0 .5rem}
.featured.as-row .entry{display:none}
.featured.as-row .thumb{grid-column:1/-1;grid-row:auto;width:100%;margin:0 0 .5rem}
.featured.as-row .name,.featured.as-row .note{grid-column:1;grid-row:auto}
.featured.as-row .price{grid-column:2;grid-row:2;text-align:right}
`,
};
