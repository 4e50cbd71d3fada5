import { isForSale, stockOf } from '@/core/goods';
import { plainProse } from '@/core/prose';
import { type Product } from '@/core/project';
import { offerOf } from '@/core/site';
import { namePlate, type Context, particulars, priceTag, productPicture, stateOf, say, thing } from '../context';
import { html, jsonIn, type Markup } from '../html';
import { pageOffer } from './offer';

/** Goods in a list. How a family lays them out, in rows, blocks or pairs, is up to its styles; what it says of each, to its card. */
export function goodsList(context: Context, products: readonly Product[], { eager = 0, from = 1 } = {}): Markup {
  return html`<ol class="goods${products.length < 3 ? ' few' : ''}" start="${from}">
    ${products.map((product, i) => item(context, product, i, eager, from + i))}
  </ol>`;
}

function item(context: Context, product: Product, i: number, eager: number, number: number): Markup {
  const { card } = context.shop.look.family;
  const left = stockOf(product);
  const gone = left === 0;
  const note = particulars(context, product);
  const [picture] = product.pictures;
  const named = card.names && !(picture && context.addresses.picture(picture));
  return html`<li
    class="good${gone ? ' gone' : card.state && left !== null && left <= 3 ? ' low' : ''}"
    ${thing(context, { kind: 'card', product: product.id })}
  >
    <a href="${context.addresses.page(`goods/${product.slug}/`)}"
      ><span class="entry" aria-hidden="true">${String(number).padStart(2, '0')}</span
      ><span class="thumb"
        >${named ? namePlate(context, product) : productPicture(context, product, picture, { eager: i < eager, decorative: true })}</span
      >${named ? null : html`<span class="name">${product.title}</span>`}${card.about ? html`<span class="about">${firstSentence(product)}</span>` : null}<span
        class="note"
        >${card.state && gone ? '' : note}</span
      >${card.state ? stateTag(context, product, left) : null}${priceTag(context, product)}</a
    >${card.quick && !gone ? quickBuy(context, product) : null}
  </li>`;
}

/** Whether a thing is there, where that is known; its place stays where it is not, so that rows go on beneath each other. */
function stateTag(context: Context, { variants }: Product, left: number | null): Markup {
  return left === 0 || variants.some(isForSale)
    ? html`<span class="state">${stateOf(context, left)}</span>`
    : html`<span></span>`;
}

/** What a list can say of a thing in one breath. */
function firstSentence({ description }: Product): string {
  const said = plainProse(description).trim();
  const first = /^.{12,}?[.!?](?=\s|$)/s.exec(said)?.[0] ?? said;
  return first.length <= 150 ? first : '';
}

/** Into the cart from the list, where there is nothing to choose. */
function quickBuy(context: Context, product: Product): Markup | null {
  const [only, ...more] = product.variants;
  const { drawn } = say(context);
  if (more.length)
    return html`<p class="quick choose">
      <a
        class="button second"
        href="${context.addresses.page(`goods/${product.slug}/`)}"
        aria-label="${drawn.chooseThis(product.title)}"
        >${drawn.choose}</a
      >
    </p>`;
  const offer = offerOf(context.shop, { product, path: `goods/${product.slug}/` });
  if (!only || !offer) return null;
  return html`<form class="quick" data-buy action="${context.addresses.page('cart/')}" method="get">
    ${only.values.map((value, at) => html`<input type="hidden" name="option-${at}" value="${value}" />`)}
    <label
      ><span class="aside">${drawn.numberOfThis(product.title)}</span
      ><input type="number" name="quantity" value="1" min="1" max="${only.stock ?? 99}" inputmode="numeric" /></label
    ><button class="button" type="submit" data-add disabled aria-label="${drawn.addThis(product.title)}">${drawn.add}</button>
    <p class="added" data-added role="status"></p>
    <script type="application/json" data-offer>
      ${jsonIn(pageOffer(context, product, offer))}
    </script>
  </form>`;
}
