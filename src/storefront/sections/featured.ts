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
.featured.as-row .goods{position:relative;display:grid;grid-template-columns:none;grid-auto-flow:column;grid-auto-columns:minmax(13rem,17rem);gap:1.25rem;overflow-x:auto;max-width:none;margin:0;padding-bottom:1rem;scroll-snap-type:x proximity}
.featured.as-row .good{grid-area:auto!important;margin:0!important;padding:0!important;border:0;align-self:stretch;scroll-snap-align:start}
.featured.as-row .good a{display:flex;flex-direction:column;align-items:stretch;gap:.35rem;height:100%;min-height:0;padding:0 0 .5rem}
.featured.as-row .entry{display:none}
.featured.as-row .good .thumb{width:100%;margin:0 0 .5rem;align-self:stretch}
.featured.as-row .good .thumb :is(img,.no-picture){height:auto;aspect-ratio:1}
.featured.as-row .good .price{text-align:inherit;margin-top:0;align-self:stretch}
`,
};
