import { priceRange, stockOf } from '@/core/goods';
import { type SectionKind } from '@/core/plan';
import { type Product } from '@/core/project';
import { offerOf } from '@/core/site';
import { splitBlock } from '@/core/words';
import { fitClass, money, particulars, place, productPicture, slot, type SectionContext } from '../context';
import { html, jsonIn, type Markup } from '../html';
import { goodsList } from './goods';
import { pageOffer } from './offer';

const product = (c: SectionContext): Markup => {
  const item = c.page.product;
  if (!item) return html``;
  const gone = stockOf(item) === 0;
  const { low, earlier } = priceRange(item);
  const first = item.variants.find((variant) => variant.stock !== 0) ?? item.variants[0];
  const category = c.shop.catalogue.categories.find(
    (candidate) => candidate.name.toLowerCase() === item.categories[0]?.toLowerCase(),
  );
  return html`<article class="product" id="product">
    <nav class="crumbs" aria-label="You are here">
      <a href="${c.addresses.page('shop/')}">Shop</a>${
        category
          ? html` <span aria-hidden="true">/</span> <a href="${c.addresses.page(`shop/${category.slug}/`)}">${category.name}</a>`
          : null
      }
    </nav>
    <div class="product-pictures">${pictures(c, item)}</div>
    <div class="product-words">
      <h1 class="${fitClass(c, item.title)}">${item.title}</h1>
      <p class="product-price" data-price aria-live="polite">
        ${
          first && first.earlierPrice
            ? html`<s><span class="aside">before </span>${money(first.earlierPrice, c)}</s> `
            : earlier && !first
              ? html`<s>${money(earlier, c)}</s> `
              : null
        }<b>${money(first?.price ?? low, c)}</b>${taxNote(c)}
      </p>
      ${about(c)}${gone ? html`<p class="stock" data-stock>Sold out for now.</p>` : buyForm(c, item)}${facts(c, item)}
    </div>
  </article>`;
};

/** What is told of the product. Long texts are parted into paragraphs. */
function about(c: SectionContext): Markup | null {
  const text = c.section.words.about?.text;
  if (!text) return null;
  return html`<div class="prose product-about" ${place(c, 'about')}>
    ${text.split(/\n{2,}/).flatMap((block) => splitBlock(block).map((paragraph) => html`<p>${paragraph}</p>`))}
  </div>`;
}

function pictures(c: SectionContext, item: Product): Markup | readonly Markup[] {
  const known = item.pictures.filter((name) => c.addresses.picture(name));
  if (!known.length) return productPicture(c, item, undefined);
  return known.map(
    (name, i) =>
      html`<figure>
        ${productPicture(c, i === 0 ? item : { ...item, title: `${item.title}, picture ${i + 1}` }, name, {
          eager: i === 0,
          sizes: '(max-width: 820px) 100vw, 60vw',
        })}
      </figure>`,
  );
}

function taxNote({ shop: { rules } }: SectionContext): Markup | null {
  if (!rules.taxes) return null;
  return html` <small
    >${rules.pricesIncludeTax ? 'tax included' : 'plus tax'}${rules.zones.length ? ', plus delivery' : ''}</small
  >`;
}

function buyForm(c: SectionContext, item: Product): Markup {
  const offer = offerOf(c.shop, c.page);
  const first = item.variants.find((variant) => variant.stock !== 0) ?? item.variants[0];
  const data = offer && pageOffer(c, item, offer);
  return html`<form class="buy" data-buy action="${c.addresses.page('cart/')}" method="get">
    ${item.options.map((option, at) => {
      const choices = [...new Set(item.variants.map((variant) => variant.values[at] ?? ''))];
      return html`<fieldset>
        <legend>${option}</legend>
        <div class="choices">
          ${choices.map((value) => {
            const here = item.variants.filter((variant) => variant.values[at] === value);
            const out = here.every((variant) => variant.stock === 0);
            return html`<label${out ? html` class="out"` : null}><input type="radio" name="option-${at}" value="${value}"${value === first?.values[at] ? html` checked` : null}><span>${value}${
              out ? html`<small> sold out</small>` : null
            }</span></label>`;
          })}
        </div>
      </fieldset>`;
    })}
    <p class="stock" data-stock aria-live="polite">${stockLine(first?.stock ?? null)}</p>
    <div class="buy-row">
      <label class="quantity"
        ><span>Number</span
        ><input type="number" name="quantity" value="1" min="1" max="${first?.stock ?? 99}" inputmode="numeric" /></label
      ><button class="button" type="submit" data-add disabled>Add to cart</button>
    </div>
    <p class="added" data-added role="status"></p>
    <noscript
      ><p class="notice">
        The cart needs scripts, which are off in this browser. Turn them on to
        order${c.shop.reading.email ? html`, or write to ${c.shop.reading.email.value}` : null}.
      </p></noscript
    >
    <script type="application/json" data-offer>
      ${jsonIn(data)}
    </script>
  </form>`;
}

const stockLine = (stock: number | null): string =>
  stock === null ? '' : stock === 0 ? 'Sold out for now.' : stock <= 3 ? `Only ${stock} left.` : 'In stock.';

function facts(c: SectionContext, item: Product): Markup | null {
  const rows: [string, string][] = [];
  const codes = item.variants.map((variant) => variant.sku).filter(Boolean);
  const [weight] = item.variants.map((variant) => variant.weight);
  if (codes.length === 1 && codes[0]) rows.push(['Code', codes[0]]);
  if (item.kind === 'physical' && weight && item.variants.every((variant) => variant.weight === weight))
    rows.push(['Weight', weight >= 1000 ? `${weight / 1000} kg` : `${weight} g`]);
  if (item.kind !== 'physical') rows.push(['Comes', particulars(item)]);
  if (item.kind === 'physical') {
    const [zone] = c.shop.rules.zones;
    const cheapest = zone && [...zone.rates].sort((a, b) => a.price - b.price)[0];
    if (zone && cheapest)
      rows.push([
        'Delivery',
        `${zone.label} from ${money(cheapest.price, c)}${cheapest.freeFrom ? `, free from ${money(cheapest.freeFrom, c)}` : ''}`,
      ]);
    if (c.shop.rules.returnsDays !== null) rows.push(['Returns', `Within ${c.shop.rules.returnsDays} days`]);
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

/** Goods that stand beside this one: its neighbours in the category that is least crowded. */
const related = (c: SectionContext): Markup => {
  const item = c.page.product;
  const shelves = c.shop.catalogue.categories.filter((category) =>
    item?.categories.some((name) => name.toLowerCase() === category.name.toLowerCase()),
  );
  const shelf = shelves
    .filter((category) => category.products.length > 1)
    .sort((a, b) => a.products.length - b.products.length)[0];
  const others = shelf?.products ?? c.shop.catalogue.products;
  const at = others.findIndex((other) => other.id === item?.id);
  const beside = Array.from({ length: Math.min(4, others.length - 1) }, (_, i) => others[(at + 1 + i) % others.length]).filter(
    (other) => other !== undefined,
  );
  return beside.length
    ? html`<section class="related" id="related">
        <div class="section-head">${slot(c, 'heading', 'h2')}</div>
        ${goodsList(c, beside)}
      </section>`
    : html``;
};

export const productSections: Partial<Record<SectionKind, (c: SectionContext) => Markup>> = { product, related };
