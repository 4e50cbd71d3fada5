import { priceRange, stockOf, type Catalogue } from '@/core/goods';
import { type Product } from '@/core/project';
import { type Addresses, type Shop, type Target, type View } from '@/core/site';
import { formatMoney } from '@/core/till';
import { wordsPlace, type WrittenPage, type WrittenSection } from '@/core/words';
import { html, type Markup } from './html';

/** What every piece of a page is drawn from. */
export interface Context {
  shop: Shop;
  page: WrittenPage;
  view: View;
  addresses: Addresses;
  target: Target;
}

export interface SectionContext extends Context {
  section: WrittenSection;
}

export const money = (amount: number, { shop }: Pick<Context, 'shop'>): string => formatMoney(amount, shop.rules);

/** An attribute that tells the studio's window which place a text stands at. Published pages don't carry it. */
export const place = ({ target, page, section }: SectionContext, slot: string): Markup | null =>
  target.kind === 'preview' ? html` data-place="${wordsPlace(page, section, slot)}"` : null;

/** A text of a section in an element that the studio can point at; nothing where there is none. */
export function slot(
  context: SectionContext,
  name: string,
  tag: 'h1' | 'h2' | 'h3' | 'p' | 'span',
  className = '',
): Markup | null {
  const text = context.section.words[name]?.text;
  if (!text) return null;
  const attributes = html`${className ? html` class="${className}"` : null}${place(context, name)}`;
  switch (tag) {
    case 'h1':
      return html`<h1${attributes}>${text}</h1>`;
    case 'h2':
      return html`<h2${attributes}>${text}</h2>`;
    case 'h3':
      return html`<h3${attributes}>${text}</h3>`;
    case 'p':
      return html`<p${attributes}>${text}</p>`;
    case 'span':
      return html`<span${attributes}>${text}</span>`;
  }
}

/** Slots that are numbered: text-1, text-2, … */
export const numberedSlots = ({ section }: SectionContext, name: string): string[] =>
  Object.keys(section.words).filter((key) => key.startsWith(`${name}-`));

/** The picture of a product, or a plain field in its place that says to the seller what is missing. */
export function productPicture(
  context: Context,
  product: Product,
  name: string | undefined,
  options: { eager?: boolean; decorative?: boolean } = {},
): Markup {
  const picture = name ? context.addresses.picture(name) : null;
  if (!picture) return html`<span class="no-picture" aria-hidden="true"><span>${product.title.slice(0, 1)}</span></span>`;
  return html`<img
    src="${picture.src}"
    alt="${options.decorative ? '' : product.title}"
    width="${picture.width}"
    height="${picture.height}"
    ${options.eager ? html` fetchpriority="high"` : html` loading="lazy"`}
    decoding="async"
  />`;
}

/** "£5.50" or "from £5.50", with the earlier price struck out. */
export function priceTag(context: Context, product: Product): Markup {
  const { low, high, earlier } = priceRange(product);
  return html`<span class="price"
    >${low === high ? null : html`<small>from</small> `}${earlier ? html`<s><span class="aside">before </span>${money(earlier, context)}</s> <b>${money(low, context)}</b>` : money(low, context)}</span
  >`;
}

/** What a shopper should know at a glance beside name and price. */
export function particulars(product: Product): string {
  if (stockOf(product) === 0) return 'Sold out';
  if (product.kind === 'download') return 'Download';
  if (product.kind === 'gift-card') return 'By e-mail';
  if (product.kind === 'appointment') return 'By appointment';
  const [option] = product.options;
  if (product.variants.length > 1 && option) return `${product.variants.length} ${plural(option, product.variants.length)}`;
  return '';
}

const plural = (word: string, n: number): string => {
  const lower = word.toLowerCase();
  if (n === 1 || lower.endsWith('s')) return lower;
  return /[^aeiou]y$/.test(lower) ? `${lower.slice(0, -1)}ies` : `${lower}s`;
};

/** A few goods that show the whole range: spread over the list, those with a picture and in stock first. */
export function chosenGoods(catalogue: Catalogue, count: number): Product[] {
  const good = catalogue.products.filter((product) => product.pictures.length > 0 && stockOf(product) !== 0);
  const from = good.length >= count ? good : catalogue.products;
  if (from.length <= count) return [...from];
  const step = from.length / count;
  return Array.from({ length: count }, (_, i) => from[Math.floor((i + 0.5) * step)]).filter((product) => product !== undefined);
}
