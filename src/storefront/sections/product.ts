import { isForSale, priceRange, shelfOf, toldOf } from '@/core/goods';
import { type ProductPart } from '@/core/look';
import { type Product } from '@/core/project';
import { followings } from '@/core/till';
import { readProse } from '@/core/prose';
import { buyForm, firstChoice } from '../pieces/buy';
import {
  drawBlock,
  fitClass,
  money,
  noPrice,
  own,
  partedBlocks,
  particulars,
  place,
  productPicture,
  widthClass,
  type Drawing,
  type SectionContext,
  say,
  thing,
} from '../context';
import { html, type Markup } from '../html';

const draw: Drawing<'product'>['draw'] = (c) => {
  const item = c.page.product;
  if (!item) return html``;
  const { numbers } = c.shop.catalogue;
  const form = c.shop.look.family.product;
  const category = shelfOf(c.shop.catalogue, item);
  const parts: Record<ProductPart, () => Markup | null> = {
    name: () => html`<h1 class="${fitClass(c, item.title)}" ${thing(c, { kind: 'card', product: item.id })}>${item.title}</h1>`,
    price: () => price(c, item),
    about: () => about(c),
    facts: () => facts(c, item),
    buy: () => buyForm(c, item, form.order.includes('price') ? null : price(c, item)),
  };
  const { drawn } = say(c);
  return html`<article class="product" ${own(c)}>
    <nav class="crumbs" aria-label="${drawn.youAreHere}">
      <a href="${c.addresses.page('shop/')}">${drawn.shop}</a>${[category?.parent, category].map((shelf) =>
        shelf
          ? html` <span aria-hidden="true">/</span> <a href="${c.addresses.page(`shop/${shelf.slug}/`)}">${shelf.name}</a>`
          : null,
      )}${
        form.numbered && numbers.size > 1
          ? html` <span class="entry">${drawn.numberOf(numbers.get(item.id) ?? 0, numbers.size)}</span>`
          : null
      }
    </nav>
    <div class="product-pictures">${pictures(c, item)}</div>
    <div class="product-words">${form.order.map((part) => parts[part]())}</div>
  </article>`;
};

function price(c: SectionContext<'product'>, item: Product): Markup {
  const first = firstChoice(item);
  const before = first?.earlierPrice;
  // Whatever is chosen has to fit, in families that say it large.
  const prices = new Set(item.variants.filter(isForSale).map((variant) => money(variant.price, c)));
  const now = first && isForSale(first) ? first.price : priceRange(item)?.low;
  if (now === undefined)
    return html`<p class="product-price" ${thing(c, { kind: 'price', product: item.id })}><small>${noPrice(c, item)}</small></p>`;
  return html`<p
    class="product-price ${widthClass(c, [...prices])}"
    ${thing(c, { kind: 'price', product: item.id })}
    data-price
    aria-live="polite"
  >
    <s ${before ? null : html` hidden`}
      ><span class="aside">${say(c).goods.priceBefore} </span><span data-before>${before ? money(before, c) : null}</span></s
    >
    <b>${money(now, c)}</b>${priceNote(c, item)}
  </p>`;
}

/** What is told of the product. Long texts are parted into paragraphs; a family that keeps its words short folds them away. */
function about(c: SectionContext<'product'>): Markup | null {
  const { text = '', set } = c.section.words.about ?? {};
  if (!text) return null;
  const blocks = set === undefined ? partedBlocks(readProse(text)) : readProse(set);
  const told = html`<div class="prose product-about" ${place(c, 'about')}>${blocks.map((block) => drawBlock(c, block))}</div>`;
  if (!c.shop.look.family.product.folds || text.length <= shortTold) return told;
  return html`<details class="fold">
    <summary>${say(c).drawn.aboutIt}</summary>
    ${told}
  </details>`;
}

/** A text that takes no more than a few lines is never folded away. */
const shortTold = 240;

function pictures(c: SectionContext<'product'>, item: Product): Markup | readonly Markup[] {
  const known = item.pictures.filter((name) => c.addresses.picture(name));
  if (!known.length) return productPicture(c, item, undefined);
  return known.map(
    (name, i) =>
      html`<figure>
        ${productPicture(c, i === 0 ? item : { ...item, title: say(c).drawn.picture(item.title, i + 1) }, name, {
          eager: i === 0,
          sizes: '(max-width: 820px) 100vw, 60vw',
        })}
      </figure>`,
  );
}

/** What the price is for: how often, and what comes onto it. */
function priceNote(c: SectionContext<'product'>, { kind, rhythm }: Product): Markup | null {
  const { rules } = c.shop;
  const { drawn, goods } = say(c);
  const tax = rules.pricesIncludeTax ? drawn.taxIncluded : drawn.plusTax;
  const parts = [
    ...(kind === 'repeat' && rhythm ? [goods.again(rhythm)] : []),
    ...(rules.taxes ? [tax, ...(rules.zones.length ? [drawn.plusDelivery] : [])] : []),
  ];
  return parts.length ? html` <small>${parts.join(', ')}</small>` : null;
}

function facts(c: SectionContext<'product'>, item: Product): Markup | null {
  const rows: [string, string][] = [];
  const { drawn, weight: inWeight } = say(c);
  const codes = item.variants.map((variant) => variant.sku).filter(Boolean);
  const [weight] = item.variants.map((variant) => variant.weight);
  rows.push(...toldOf(item.particulars).map(({ name, value }): [string, string] => [name ?? drawn.more, value]));
  if (codes.length === 1 && codes[0]) rows.push([drawn.code, codes[0]]);
  if (followings[item.kind].travels && weight && item.variants.every((variant) => variant.weight === weight))
    rows.push([drawn.weight, inWeight(weight)]);
  if (item.kind !== 'physical') rows.push([drawn.comes, particulars(c, item)]);
  if (followings[item.kind].travels) {
    const [zone] = c.shop.rules.zones;
    const cheapest = zone && [...zone.rates].sort((a, b) => a.price - b.price)[0];
    if (zone && cheapest)
      rows.push([
        drawn.delivery,
        drawn.rateFrom(zone.label, money(cheapest.price, c), cheapest.freeFrom ? money(cheapest.freeFrom, c) : null),
      ]);
    if (c.shop.rules.returnsDays !== null) rows.push([drawn.returns, drawn.withinDays(c.shop.rules.returnsDays)]);
  }
  if (!rows.length) return null;
  return html`<dl class="facts">
    ${rows.map(
      ([term, detail]) =>
        html`<div>
          <dt>${term}</dt>
          <dd>${detail}</dd>
        </div>`,
    )}
  </dl>`;
}

export const product: Drawing<'product'> = {
  draw,
};
