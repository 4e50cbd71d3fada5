import { isForSale, stockOf } from '@/core/goods';
import { type Product, type Variant } from '@/core/project';
import { offerOf } from '@/core/site';
import { money, stateOf, type SectionContext, say } from '../context';
import { html, jsonIn, type Markup } from '../html';
import { pageOffer, stockLine } from './offer';

/** More choices than these unfold from one line, whatever the family prefers: common practice for long lists. */
const mostInSight = 12;

/** What is chosen where nobody has chosen yet: the first that is there. */
export const firstChoice = (item: Product): Variant | undefined =>
  item.variants.find((variant) => isForSale(variant) && variant.stock !== 0) ?? item.variants.find(isForSale) ?? item.variants[0];

/** Choices, number and button; what it costs where the page does not say so before. */
export function buyForm(c: SectionContext, item: Product, price: Markup | null): Markup {
  const { drawn, scripts } = say(c);
  if (stockOf(item) === 0)
    return html`<div class="buy">
      ${price}
      <p class="stock">${stockLine(scripts, 0)}</p>
    </div>`;
  const offer = offerOf(c.shop, c.page);
  if (!offer)
    return html`<div class="buy">
      ${price}
      <p class="stock">${notYet(c)}</p>
    </div>`;
  const first = firstChoice(item);
  const data = pageOffer(c, item, offer);
  return html`<form class="buy" data-buy action="${c.addresses.page('cart/')}" method="get">
    ${item.options.map((option, at) => choices(c, item, option, at))}${price}
    <p class="stock" data-stock aria-live="polite">${stockLine(scripts, first?.stock ?? null)}</p>
    <div class="buy-row">
      <label class="quantity"
        ><span>${drawn.number}</span
        ><input type="number" name="quantity" value="1" min="1" max="${first?.stock ?? 99}" inputmode="numeric" /></label
      ><button class="button" type="submit" data-add disabled>${drawn.addToCart}</button>
    </div>
    <p class="added" data-added role="status"></p>
    <noscript
      ><p class="notice">
        ${drawn.cartNeedsScripts}${c.shop.reading.email ? html`, ${drawn.orWriteTo} ${c.shop.reading.email.value}` : null}.
      </p></noscript
    >
    <script type="application/json" data-offer>
      ${jsonIn(data)}
    </script>
  </form>`;
}

/** Shown, and not sold: something of it is not known. */
function notYet(c: SectionContext): Markup {
  const { email } = c.shop.reading;
  const { drawn } = say(c);
  return email
    ? html`${drawn.notYet} ${drawn.writeTo} <a href="mailto:${email.value}">${email.value}</a>.`
    : html`${drawn.notYet}`;
}

interface Choice {
  value: string;
  checked: boolean;
  out: boolean;
  /** Whether it is there, where the family or the shortage has it said; else empty. */
  state: string;
  /** What it costs, where that depends on this choice alone; else empty. */
  cost: string;
}

function choices(c: SectionContext, item: Product, option: string, at: number): Markup {
  const offered = choicesOf(c, item, at);
  const form = offered.length > mostInSight ? 'menu' : c.shop.look.family.product.choices;
  if (form === 'menu')
    return html`<p class="field">
      <label for="option-${at}">${option}</label
      ><select id="option-${at}" name="option-${at}">
        ${offered.map(
          ({ value, checked, state, cost }) =>
            html`<option value="${value}" ${checked ? html` selected` : null}>
              ${[value, cost, state].filter(Boolean).join(' – ')}
            </option>`,
        )}
      </select>
    </p>`;
  const costs = form === 'rows' || form === 'ticks';
  return html`<fieldset>
    <legend>${option}</legend>
    <div class="choices ${form}">
      ${offered.map(
        ({ value, checked, out, state, cost }) =>
          html`<label${out ? html` class="out"` : null}><input type="radio" name="option-${at}" value="${value}"${checked ? html` checked` : null}><span>${value}${
            state ? html` <small class="state">${state}</small>` : null
          }${costs && cost ? html` <small>${cost}</small>` : null}</span></label>`,
      )}
    </div>
  </fieldset>`;
}

function choicesOf(c: SectionContext, item: Product, at: number): Choice[] {
  const first = firstChoice(item);
  const values = [...new Set(item.variants.map((variant) => variant.values[at] ?? ''))].map((value) => {
    const variants = item.variants.filter((variant) => variant.values[at] === value);
    const prices = new Set(variants.map((variant) => (isForSale(variant) ? variant.price : null)));
    const [price] = prices;
    return { value, left: stockOf({ variants }), price: prices.size === 1 && price !== null ? price : undefined };
  });
  const differ = new Set(values.map(({ price }) => price)).size > 1;
  return values.map(({ value, left, price }) => ({
    value,
    checked: value === first?.values[at],
    out: left === 0,
    state: c.shop.look.family.card.state ? stateOf(c, left) : left === 0 ? say(c).drawn.outOfStock : '',
    cost: differ && price !== undefined ? money(price, c) : '',
  }));
}
