import { priceRange, stockOf, type Catalogue } from '@/core/goods';
import { runLength } from '@/core/look';
import { sectionDefinition } from '@/core/plan';
import { type Product } from '@/core/project';
import { type Addresses, type PictureAt, type Shop, type Target, type View } from '@/core/site';
import { formatMoney } from '@/core/till';
import { askedAt, splitBlock, wordsPlace, type WrittenPage, type WrittenSection } from '@/core/words';
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

/** Whether a paragraph is long enough to run in columns, and begins with a letter that can stand large: not with “I’m”. */
const runsLong = (text: string): boolean => text.length > 150 && /^\p{L}(?!['’])/u.test(text);

/** A text of a section in an element that the studio can point at; nothing where there is none. */
export function slot(
  context: SectionContext,
  name: string,
  tag: 'h1' | 'h2' | 'h3' | 'p' | 'span' | 'td' | 'dt' | 'dd' | 'th',
  className = '',
): Markup | null {
  const found = context.section.words[name];
  const prompt = found && context.target.kind === 'preview' ? askedAt(found) : null;
  const text = found?.text || prompt;
  if (!text) return null;
  // An empty place is shown to the seller alone.
  const classes = [
    className,
    prompt ? 'ask' : '',
    tag === 'h1' ? fitClass(context, text) : '',
    tag === 'p' && runsLong(text) ? 'long' : '',
  ]
    .filter(Boolean)
    .join(' ');
  const attributes = html`${classes ? html` class="${classes}"` : null}${place(context, name)}`;
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
    case 'dt':
      return html`<dt${attributes}>${text}</dt>`;
    case 'dd':
      return html`<dd${attributes}>${text}</dd>`;
    case 'td':
      return html`<td${attributes}>${text}</td>`;
    case 'th':
      return html`<th scope="row" ${attributes}>${text}</th>`;
  }
}

/** A text that may be long, in paragraphs: at empty lines, and where a block would be a wall. */
export function paragraphs(context: SectionContext, name: string): Markup | null {
  const text = context.section.words[name]?.text;
  const blocks = (text ?? '').split(/\n{2,}/).flatMap((block) => splitBlock(block.trim()));
  if (blocks.length < 2) return slot(context, name, 'p');
  return html`<div${place(context, name)}>${blocks.map((block) => html`<p>${block}</p>`)}</div>`;
}

/** Slots that are numbered: text-1, text-2, … in their order. */
export const numberedSlots = ({ section }: SectionContext, name: string): string[] =>
  Object.keys(section.words)
    .filter((key) => key.startsWith(`${name}-`) && /-\d+$/.test(key))
    .sort((a, b) => Number(a.split('-').at(-1)) - Number(b.split('-').at(-1)));

/** The numbers under which any of several slots stands: the items of a list. */
export const itemsOf = (context: SectionContext, ...names: string[]): string[] =>
  [...new Set(names.flatMap((name) => numberedSlots(context, name)).map((key) => key.split('-').at(-1) ?? ''))].sort(
    (a, b) => Number(a) - Number(b),
  );

/** Which of its arrangements a section has: the seller's choice, else the one that its family prefers, else the first. */
function arrangementOf({ section, shop, addresses }: SectionContext): string | null {
  const { arrangements } = sectionDefinition(section.kind);
  const has = (id: string | null | undefined) => arrangements.some((one) => one.id === id);
  if (has(section.arrangement)) return section.arrangement;
  // Words alone open a shop that has no picture to show.
  if (section.kind === 'opening' && !shop.art && !pictured({ shop, addresses }).length) return 'spoken';
  const preferred = shop.look.family.arrangements[section.kind];
  return has(preferred) ? (preferred ?? null) : (arrangements[0]?.id ?? null);
}

/** The classes of a section: its kind, its arrangement, and where it differs from the look of the whole. */
export function arranged(context: SectionContext): string {
  const { section, page, shop } = context;
  const arrangement = arrangementOf(context);
  const here = (at: { page: string; section: string }) =>
    at.section === section.id && (at.page === page.id || at.page === page.kind);
  const tone = shop.exceptions.only.find(here)?.tone;
  return [
    section.kind,
    arrangement ? `as-${arrangement}` : '',
    tone ? `tone-${tone}` : '',
    shop.exceptions.phone.hidden.some(here) ? 'off-phone' : '',
  ]
    .filter(Boolean)
    .join(' ');
}

/** Whether a section has an arrangement, by its own or its family's choice. */
export const isArranged = (context: SectionContext, id: string): boolean => arrangementOf(context) === id;

/** Goods that have a picture at hand. */
export const pictured = ({ shop, addresses }: Pick<Context, 'shop' | 'addresses'>): Product[] =>
  shop.catalogue.products.filter((product) => product.pictures.some((name) => addresses.picture(name)));

/** A class that tells styles how wide the longest word of a heading runs, so that it is set no larger than its column can hold. */
export const fitClass = (context: Pick<Context, 'shop'>, text: string): string => widthClass(context, text.split(/[\s\u00ad-]+/));

/** The same for pieces that are never parted, such as prices; the class says the width in em. */
export const widthClass = ({ shop }: Pick<Context, 'shop'>, pieces: readonly string[]): string =>
  fitOf(Math.max(0, ...pieces.map((piece) => headingLength(shop, piece))));

const headingLength = ({ look }: Shop, text: string): number => runLength(look.heading, text, look.family.caps);

function fitOf(width: number): string {
  const em = Math.ceil(width * 1.04 * 2) / 2;
  return em > 3.5 && em <= longestFit ? `fit-${String(em).replace('.', '-')}` : em > longestFit ? 'fit-most' : '';
}

/** The same for a name that fills a square in several lines: neither its longest word nor all of it together may run out. */
function squareClass({ shop }: Pick<Context, 'shop'>, text: string): string {
  const words = text.split(/[\s\u00ad-]+/).map((word) => headingLength(shop, word));
  return fitOf(Math.max(...words, 1.2 * Math.sqrt(headingLength(shop, text))));
}

/** Words wider than this, em, are broken. */
export const longestFit = 16;

/** Steps in which a place to look at is told to the styles, in percent. */
export const focusSteps = [0, 20, 35, 50, 65, 80, 100];

/** A ground in coarse steps, so that a style sheet needs few of them: "#f4f2ee" is "f0f0f0" to it, which no eye tells beside it. */
export const nearGround = (hex: string): string =>
  (hex.slice(1).match(/../g) ?? [])
    .map((part) =>
      Math.min(255, Math.round(parseInt(part, 16) / 6) * 6)
        .toString(16)
        .padStart(2, '0'),
    )
    .join('');

/** Classes that say how a picture stands in a place of another shape: whole, or filled with its focus in sight. */
function standing({ fit, cuts, focus, ground }: PictureAt): Markup | null {
  const step = (share: number) =>
    focusSteps.reduce((best, one) => (Math.abs(one - share * 100) < Math.abs(best - share * 100) ? one : best));
  const [x, y] = fit === 'whole' ? [50, 50] : [step(focus.x), step(focus.y)];
  const classes = [
    ...(fit === 'whole' ? ['whole'] : cuts.map((shape) => `not-${shape}`)),
    ...(ground && (fit === 'whole' || cuts.length) ? [`on-${nearGround(ground)}`] : []),
    ...(x === 50 && y === 50 ? [] : [`at-${x}`, `at-y-${y}`]),
  ];
  return classes.length ? html`class="${classes.join(' ')}"` : null;
}

/** The picture of a product, or a plain field in its place that says to the seller what is missing. */
export function productPicture(
  context: Context,
  product: Product,
  name: string | undefined,
  options: { eager?: boolean; decorative?: boolean; sizes?: string } = {},
): Markup {
  const picture = name ? context.addresses.picture(name) : null;
  if (!picture) return html`<span class="no-picture" aria-hidden="true"><span>${product.title.slice(0, 1)}</span></span>`;
  return html`<img
    src="${picture.src}"
    ${picture.srcset ? html`srcset="${picture.srcset}" sizes="${options.sizes ?? '(max-width: 600px) 92vw, 30vw'}"` : null}
    ${standing(picture)}
    alt="${options.decorative ? '' : product.title}"
    width="${picture.width}"
    height="${picture.height}"
    ${options.eager ? html` fetchpriority="high"` : html` loading="lazy"`}
    decoding="async"
  />`;
}

/** The name of a thing without a picture, set large in the picture's place. */
export const namePlate = (context: Context, { title }: Product): Markup =>
  html`<span class="no-picture named ${squareClass(context, title)}"><span class="name">${title}</span></span>`;

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

/** Whether a thing is there, in a word. */
export const stateOf = (left: number | null): string =>
  left === 0 ? 'Gone' : left !== null && left <= 3 ? `${left} left` : 'In';

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
