import { priceRange, stockOf } from '@/core/goods';
import { capitalised } from '@/core/capitalised';
import { runLength } from '@/core/look';
import { ownerOf, type Page } from '@/core/plan';
import { type Product } from '@/core/project';
import {
  filePath,
  leadAt,
  namedAddress,
  namesIn,
  pictureField,
  pieceOf,
  whyLost,
  type Addresses,
  type PictureAt,
  type Shop,
  type Standing,
  type StandingOf,
  type Target,
  type View,
} from '@/core/site';
import {
  itemsIn,
  narrowestOf,
  sectionAbout,
  textIn,
  type sectionAbouts,
  type Item,
  type ItemsField,
  type SectionKind,
  type TextAt,
  type TextField,
  type Words,
} from '@/core/sections';
import { phrasesOf, type Phrases } from '@/core/phrases';
import { formatMoney } from '@/core/till';
import { askedAt, choosable, firstGoal, splitBlock, type Text } from '@/core/words';
import { placeOfText, type WrittenPage, type WrittenSection } from '@/core/writing';
import { thingId, type Thing } from '@/core/things/about';
import { readLead, type Lead } from '@/core/lead';
import { readProse, runsOf, type Block } from '@/core/prose';
import { isWhole, pageParts, wholeSpan } from '@/core/span';
import { html, type Markup, type Part } from './html';

/** What every piece of a page is drawn from. */
export interface Context {
  shop: Shop;
  page: WrittenPage;
  view: View;
  addresses: Addresses;
  target: Target;
}

/** Pages with nothing on them are in the preview alone. */
export const isThere = ({ shop, target }: Pick<Context, 'shop' | 'target'>, page: Page): boolean =>
  target.kind === 'preview' || shop.writer.hasContent(page);

/** A section of a kind, with what stands in its fields. */
export interface SectionContext<K extends SectionKind = SectionKind> extends Context {
  section: Omit<WrittenSection, 'words'> & { words: Words<FieldsOf<K>> };
}

type FieldsOf<K extends SectionKind> = (typeof sectionAbouts)[K]['fields'];
type TextName<K extends SectionKind> = keyof { [F in keyof FieldsOf<K> as FieldsOf<K>[F] extends TextField ? F : never]: 1 } &
  string;
type ListName<K extends SectionKind> = keyof { [F in keyof FieldsOf<K> as FieldsOf<K>[F] extends ItemsField ? F : never]: 1 } &
  string;
type PartName<K extends SectionKind, L extends ListName<K>> = FieldsOf<K>[L] extends ItemsField<infer Parts> ? Parts : never;

/** How a kind of section is drawn, and its style. */
export interface Drawing<K extends SectionKind> {
  draw: (context: SectionContext<K>) => Markup;
  css?: string;
  /** What is otherwise where there is little room, under 820 px. */
  narrow?: string;
}

type Tag = 'h1' | 'h2' | 'h3' | 'p' | 'span' | 'td' | 'dt' | 'dd' | 'th';

/** What the shop says to shoppers in words of ours. */
export const say = ({ shop }: Pick<Context, 'shop'>): Phrases => phrasesOf(shop.rules);

export const money = (amount: number, { shop }: Pick<Context, 'shop'>): string => formatMoney(amount, shop.rules);

/** Which place a text stands at, for the studio's window. Published pages don't carry it. */
const placeAttribute = ({ target, page, section }: SectionContext, at: TextAt): Markup | null =>
  target.kind === 'preview' ? html` data-place="${placeOfText(page, section, at).address}"` : null;

/** The name of a thing, for the studio's window. Published pages don't carry it. */
export const thing = ({ target }: Pick<Context, 'target'>, is: Thing): Markup | null =>
  target.kind === 'preview' ? html` data-thing="${thingId(is)}"` : null;

/** What a section's own element is named by: on its page, and as a thing that can be pointed at. */
export const own = (context: Context & { section: Pick<WrittenSection, 'id' | 'kind'> }): Markup =>
  html`id="${context.section.id}"${thing(context, { kind: 'section', page: ownerOf(context.page), section: context.section.id })}${stands(context)}`;

/** From where to where on its page a section stands, how narrow it may be, and the room over it: for the studio's window, which stretches it. */
function stands(context: Context & { section: Pick<WrittenSection, 'id' | 'kind'> }): Markup | null {
  const least = narrowestOf(context.section.kind);
  if (context.target.kind !== 'preview' || least >= pageParts) return null;
  const { span, wide } = standingAt(context) ?? {};
  const { from, to } = span ?? wholeSpan;
  return html` data-stands="${[from, to, least, wide?.room ?? 1].join(' ')}"`;
}

/** What the seller said of how a section stands. */
const standingAt = ({ shop, page, section }: Context & { section: Pick<WrittenSection, 'id'> }): StandingOf | undefined =>
  shop.exceptions.standing.find((at) => at.section === section.id && (at.page === page.id || at.page === page.kind));

/** The same for an item of a list. */
export const itemThing = <K extends SectionKind>(
  context: SectionContext<K>,
  list: ListName<K>,
  { key }: Pick<Item, 'key'>,
): Markup | null => thing(context, { kind: 'item', page: ownerOf(context.page), section: context.section.id, list, key });

/** The picture of the seller's own that stands with an item, where one does. */
export function itemPicture<K extends SectionKind>(
  c: SectionContext<K>,
  list: ListName<K>,
  { key }: Pick<Item, 'key'>,
  sizes: string,
): Markup | null {
  const name = c.shop.itemPictures.get([ownerOf(c.page), c.section.id, list, key].join('/'));
  return name === undefined ? null : ownPicture(c, name, sizes, { late: true });
}

/** The same, for an element that a section draws itself. */
export const place = <K extends SectionKind>(context: SectionContext<K>, field: TextName<K>): Markup | null =>
  placeAttribute(context as SectionContext, { field });

/** Whether a paragraph is long enough to run in columns, and begins with a letter that can stand large: not with “I’m”. */
const runsLong = (text: string): boolean => text.length > 150 && /^\p{L}(?!['’])/u.test(text);

/** A text of a section in an element that the studio can point at; nothing where there is none. */
export const drawText = <K extends SectionKind>(
  context: SectionContext<K>,
  field: TextName<K>,
  tag: Tag,
  className = '',
): Markup | null => drawnText(context as SectionContext, textIn(context.section.words, field), { field }, tag, className);

/** The items of a list, in the order in which they are shown. */
export const items = <K extends SectionKind, L extends ListName<K>>(
  { section }: SectionContext<K>,
  list: L,
): readonly Item<PartName<K, L>>[] => itemsIn(section.words, list);

/** A part of an item in an element that the studio can point at; nothing where there is none. */
export const drawPart = <K extends SectionKind, L extends ListName<K>>(
  context: SectionContext<K>,
  list: L,
  { key, texts }: Item<PartName<K, L>>,
  part: PartName<K, L>,
  tag: Tag,
  className = '',
): Markup | null => drawnText(context as SectionContext, texts[part], { field: list, key, part: part as string }, tag, className);

function drawnText(context: SectionContext, found: Text | undefined, at: TextAt, tag: Tag, className: string): Markup | null {
  const prompt = found && context.target.kind === 'preview' ? askedAt(found) : null;
  const text = found?.text || prompt;
  if (!text) return null;
  // An empty place is shown to the seller alone.
  const classes = [
    className,
    prompt ? 'ask' : '',
    tag === 'h1' ? (at.field === 'headline' ? openingClass : fitClass)(context, text) : '',
    tag === 'h2' && hasSpans(context) ? fitClass(context, text) : '',
    tag === 'p' && runsLong(text) ? 'long' : '',
  ]
    .filter(Boolean)
    .join(' ');
  const set = found?.set === undefined ? text : drawRuns(context, found.set);
  return elements[tag](html`${classes ? html` class="${classes}"` : null}${placeAttribute(context, at)}`, set);
}

const elements: Record<Tag, (attributes: Markup, text: Part) => Markup> = {
  h1: (attributes, text) => html`<h1${attributes}>${text}</h1>`,
  h2: (attributes, text) => html`<h2${attributes}>${text}</h2>`,
  h3: (attributes, text) => html`<h3${attributes}>${text}</h3>`,
  p: (attributes, text) => html`<p${attributes}>${text}</p>`,
  span: (attributes, text) => html`<span${attributes}>${text}</span>`,
  dt: (attributes, text) => html`<dt${attributes}>${text}</dt>`,
  dd: (attributes, text) => html`<dd${attributes}>${text}</dd>`,
  td: (attributes, text) => html`<td${attributes}>${text}</td>`,
  th: (attributes, text) => html`<th scope="row" ${attributes}>${text}</th>`,
};

/** A part that may be long, in paragraphs: at empty lines, and where a block would be a wall. Lists and stress are the seller's own. */
export function paragraphs<K extends SectionKind, L extends ListName<K>>(
  context: SectionContext<K>,
  list: L,
  item: Item<PartName<K, L>>,
  part: PartName<K, L>,
): Markup | null {
  const { text = '', set } = item.texts[part] ?? {};
  const blocks =
    set === undefined
      ? partedBlocks(text.split(/\n{2,}/).map((block) => ({ kind: 'paragraph', text: block.trim() })))
      : readProse(set);
  if (blocks.length < 2 && blocks[0]?.kind !== 'list') return drawPart(context, list, item, part, 'p');
  const at = placeAttribute(context as SectionContext, { field: list, key: item.key, part: part as string });
  return html`<div${at}>${blocks.map((block) => drawBlock(context, block, set !== undefined))}</div>`;
}

/** Blocks without walls: a long paragraph is parted at a sentence. */
export const partedBlocks = (blocks: readonly Block[]): Block[] =>
  blocks.flatMap((block) =>
    block.kind === 'paragraph' ? splitBlock(block.text).map((text): Block => ({ kind: 'paragraph', text })) : [block],
  );

/** A block of a longer text. */
export function drawBlock(context: Context, block: Block, isSet = true): Markup {
  const set = (text: string) => (isSet ? drawRuns(context, text) : text);
  if (block.kind === 'paragraph') return html`<p>${set(block.text)}</p>`;
  const points = block.items.map((point) => html`<li>${set(point)}</li>`);
  return block.kind === 'list'
    ? html`<ul class="points">
        ${points}
      </ul>`
    : html`<ol class="points">
        ${points}
      </ol>`;
}

/** Words as the seller has set them. A link that is lost is a finding, and meanwhile its words lead nowhere. */
function drawRuns(context: Context, text: string): Part {
  return runsOf(text).map(({ text: words, em, strong, lead }): Part => {
    const stressed = em ? html`<em>${words}</em>` : words;
    const run = strong ? html`<strong>${stressed}</strong>` : stressed;
    const to = lead === undefined ? null : hrefOf(context, readLead(lead));
    const kept = context.target.kind === 'preview' ? html` data-lead="${lead ?? ''}"` : null;
    return to ? html`<a ${to}${kept}>${run}</a>` : lead !== undefined && kept ? html`<a${kept}>${run}</a>` : run;
  });
}

/** Which of its arrangements a section has: the seller's choice, else the one that its family prefers, else the first. */
function arrangementOf<K extends SectionKind>({ section, shop, addresses }: SectionContext<K>): string | null {
  const { arrangements } = sectionAbout(section.kind);
  const has = (id: string | null | undefined) => arrangements.some((one) => one.id === id);
  if (has(section.arrangement)) return section.arrangement;
  // Words alone open a shop that has no picture to show.
  if (section.kind === 'opening' && !shop.art && !pictured({ shop, addresses }).length) return 'spoken';
  const preferred = shop.look.family.arrangements[section.kind];
  return has(preferred) ? (preferred ?? null) : (arrangements[0]?.id ?? null);
}

/** The classes of a section: its kind, its arrangement, and where it differs from the look of the whole. */
export function arranged<K extends SectionKind>(context: SectionContext<K>): string {
  const { section, page, shop } = context;
  const arrangement = arrangementOf(context);
  const here = (at: { page: string; section: string }) =>
    at.section === section.id && (at.page === page.id || at.page === page.kind);
  const tone = shop.exceptions.only.find(here)?.tone;
  const stands = standingAt(context);
  return [
    section.kind,
    arrangement ? `as-${arrangement}` : '',
    tone ? `tone-${tone}` : '',
    shop.exceptions.phone.hidden.some(here) ? 'off-phone' : '',
    ...(stands ? standingClasses(stands) : []),
    section.folded ? 'folded' : '',
  ]
    .filter(Boolean)
    .join(' ');
}

/** Whether a section on a page stands beside others of it. */
export const hasSpans = ({ shop, page }: Pick<Context, 'shop' | 'page'>): boolean =>
  shop.exceptions.standing.some(({ span, page: of }) => span !== null && !isWhole(span) && (of === page.id || of === page.kind));

/** The classes by which a section stands otherwise; `styles/standing.ts` has a rule for each that is in use. */
export function standingClasses({ span, pictures, wide, phone }: StandingOf): string[] {
  const of = (prefix: string, { room, align, size }: Standing) => [
    ...(room === null ? [] : [`${prefix}room-${Math.round(room * 100)}`]),
    ...(align === null ? [] : [`${prefix}words-${align}`]),
    ...(size === null ? [] : [`${prefix}size-${Math.round(size * 100)}`]),
  ];
  const spans = span && !isWhole(span) ? [`span-${span.from}-${span.to}`] : [];
  return [...spans, ...(pictures ? [`pictures-${pictures}`] : []), ...of('', wide), ...of('phone-', phone)];
}

/** Whether a section has an arrangement, by its own or its family's choice. */
export const isArranged = <K extends SectionKind>(context: SectionContext<K>, id: string): boolean =>
  arrangementOf(context) === id;

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

/** The same for what is set largest of all: so large that neither its longest word runs out nor its last line below the first screen. */
function openingClass({ shop }: Pick<Context, 'shop'>, text: string): string {
  const words = text.split(/[\s\u00ad-]+/).map((word) => headingLength(shop, word));
  return fitOf(Math.max(0, ...words, openingShare * Math.sqrt(headingLength(shop, text))));
}
/** Lines of a width and a height that have one share: about two fifths of the width of a page, with room for what ends lines early. */
const openingShare = 1.9;

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

/** A picture of the seller's that stands for no product. */
export function ownPicture(
  context: Context,
  name: string,
  sizes: string,
  { is = null, late = false, decorative = false }: { is?: Markup | null; late?: boolean; decorative?: boolean } = {},
): Markup | null {
  const picture = context.addresses.picture(name);
  return (
    picture &&
    html`<img
      src="${picture.src}"
      ${picture.srcset ? html`srcset="${picture.srcset}" sizes="${sizes}"` : null}
      ${standing(picture)}
      alt="${decorative ? '' : picture.says}"
      width="${picture.width}"
      height="${picture.height}"
      ${is}${late ? html` loading="lazy"` : html` fetchpriority="high"`}
      decoding="async"
    />`
  );
}

/** The pictures of the seller's own that a section shows, those alone that are at hand. */
export function ownPictures<K extends SectionKind>(c: SectionContext<K>, sizes: string): Markup[] {
  return c.section.pictures.flatMap((name) => {
    const is = thing(c, { kind: 'own-picture', page: ownerOf(c.page), section: c.section.id, name });
    const drawn = ownPicture(c, name, sizes, { is, late: true });
    const lead = drawn && c.shop.leads.get(leadAt(ownerOf(c.page), c.section.id, pictureField(name)));
    const to = lead && hrefOf(c, lead);
    if (!to) return drawn ?? [];
    // A picture that says nothing is named by where it leads.
    const says = c.addresses.picture(name)?.says;
    return html`<a ${to} ${says ? null : html` aria-label="${nameLed(c.shop, lead)}"`}>${drawn}</a>`;
  });
}

/** The one beside the words of a section. */
export function pictureBeside<K extends SectionKind>(c: SectionContext<K>): Markup | null {
  const [drawn] = ownPictures(c, '(max-width: 820px) 92vw, 40rem');
  return drawn ? html`<figure class="beside">${drawn}</figure>` : null;
}

/** The picture of a product, or a plain field in its place that says to the seller what is missing. */
export function productPicture(
  context: Context,
  product: Product,
  name: string | undefined,
  options: { eager?: boolean; decorative?: boolean; sizes?: string } = {},
): Markup {
  const picture = name ? context.addresses.picture(name) : null;
  const is = thing(context, { kind: 'product-picture', product: product.id });
  if (!picture) return html`<span class="no-picture" aria-hidden="true" ${is}><span>${product.title.slice(0, 1)}</span></span>`;
  return html`<img
    src="${picture.src}"
    ${picture.srcset ? html`srcset="${picture.srcset}" sizes="${options.sizes ?? '(max-width: 600px) 92vw, 30vw'}"` : null}
    ${standing(picture)}${is}
    alt="${options.decorative ? '' : picture.says || product.title}"
    width="${picture.width}"
    height="${picture.height}"
    ${options.eager ? html` fetchpriority="high"` : html` loading="lazy"`}
    decoding="async"
  />`;
}

/** The name of a thing without a picture, set large in the picture's place. */
export const namePlate = (context: Context, { title }: Product): Markup =>
  html`<span class="no-picture named ${squareClass(context, title)}"><span class="name">${title}</span></span>`;

const byPath = new WeakMap<readonly Page[], ReadonlyMap<string, Page>>();

/** The page at a path; there may be ten thousand of them. */
function pageAt(pages: readonly Page[], path: string): Page | undefined {
  const known = byPath.get(pages) ?? new Map(pages.map((page) => [page.path, page]));
  byPath.set(pages, known);
  return known.get(path);
}

/**
 * Where a button or a link leads, as attributes: where the seller wants it to, else where it leads by itself. A lead that is lost is a finding,
 * and meanwhile it leads where it did.
 * @param path where it leads by itself
 */
export function leads<K extends SectionKind>(context: SectionContext<K>, field: TextName<K>, path: string): Markup {
  const lead = context.shop.leads.get(leadAt(ownerOf(context.page), context.section.id, field));
  return (lead && hrefOf(context, lead)) ?? html`href="${context.addresses.page(path)}"`;
}

/** Where a lead leads, as attributes; null where it is lost. */
function hrefOf(context: Context, lead: Lead | null): Markup | null {
  const { shop, addresses } = context;
  if (!lead || whyLost(lead, shop, (one) => isThere(context, one))) return null;
  if (lead.kind === 'outside') return html`href="${lead.address}" rel="noopener"`;
  if (lead.kind === 'file') {
    const file = shop.files.get(lead.file);
    return file ? html`href="${addresses.asset(filePath(file))}" download="${file.name}"` : null;
  }
  if (lead.kind === 'cart' || lead.kind === 'code') return html`href="${toCart(context, lead)}"`;
  const to = addresses.page(shop.pages.find(({ id }) => id === lead.page)?.path ?? '');
  return html`href="${lead.kind === 'section' ? `${to}#${lead.section}` : to}"`;
}

/** What something leads to by its own name, in no language of ours. */
function nameLed(shop: Shop, lead: Lead): string {
  const { page, variant, file } = namesIn(shop);
  switch (lead.kind) {
    case 'outside':
      return namedAddress(lead.address);
    case 'cart':
      return variant(lead.variant);
    case 'code':
      return lead.code;
    case 'file':
      return file(lead.file);
    default:
      return page(lead.page);
  }
}

/** The cart with something in it: its script takes what the address says, and then says it no more. In the studio's window nothing is bought. */
function toCart({ shop, addresses, target }: Context, lead: Extract<Lead, { kind: 'cart' | 'code' }>): string {
  const cart = addresses.page('cart/');
  if (target.kind === 'preview') return cart;
  if (lead.kind === 'code') return `${cart}?${String(new URLSearchParams({ code: lead.code }))}`;
  const product = pieceOf(shop, lead.variant)?.product;
  return `${cart}?${String(new URLSearchParams({ put: lead.variant, from: `goods/${product?.slug ?? ''}/` }))}`;
}

/** The way on from a section, where the page that it leads to is there. */
export function onward(context: SectionContext<'story' | 'extracts' | 'assurance'>, path: string): Markup | null {
  const { link } = context.section.words;
  if (!link) return null;
  const page = pageAt(context.shop.pages, path);
  const elsewhere = context.shop.leads.has(leadAt(ownerOf(context.page), context.section.id, 'link'));
  if (!elsewhere && (!page || !isThere(context, page))) return null;
  return html`<p class="onward">
    <a ${leads(context, 'link', path)} ${place(context, 'link')}>${link.text}</a>
  </p>`;
}

/** What stands in the place of a price: it is on request only where the seller has said so. */
export function noPrice(c: Pick<Context, 'shop'>, { variants }: Product): string {
  const { notYet, onRequest } = say(c).goods;
  return variants.some(({ asks }) => asks.length) ? notYet : onRequest;
}

/** "£5.50" or "from £5.50", with the earlier price struck out. */
export function priceTag(context: Context, product: Product): Markup {
  const range = priceRange(product);
  const is = thing(context, { kind: 'price', product: product.id });
  if (!range) return html`<span class="price" ${is}><small>${noPrice(context, product)}</small></span>`;
  const { low, high, earlier } = range;
  const { priceFrom, priceBefore } = say(context).goods;
  return html`<span class="price" ${is}
    >${low === high ? null : html`<small>${priceFrom}</small> `}${earlier ? html`<s><span class="aside">${priceBefore} </span>${money(earlier, context)}</s> <b>${money(low, context)}</b>` : money(low, context)}</span
  >`;
}

/** What a shopper should know at a glance beside name and price. */
export function particulars(c: Pick<Context, 'shop'>, product: Product): string {
  const { goods } = say(c);
  if (stockOf(product) === 0) return goods.soldOut;
  if (product.kind === 'download') return goods.download;
  if (product.kind === 'gift-card') return goods.byMail;
  if (product.kind === 'appointment') return goods.byAppointment;
  if (product.kind === 'repeat' && product.rhythm) return capitalised(goods.again(product.rhythm));
  const [option, ...more] = product.options;
  if (!option) return '';
  const chosen = choosable(option);
  const values = new Set(product.variants.map((variant) => variant.values[0]));
  // What has no noun to be counted by is counted with all that it is chosen by.
  const count = chosen.isNoun || !more.length ? values.size : product.variants.length;
  return count > 1 ? goods.choices(chosen, count) : '';
}

/** Whether a thing is there, in a word. */
export function stateOf(c: Pick<Context, 'shop'>, left: number | null): string {
  const { goods } = say(c);
  return left === 0 ? goods.gone : left !== null && left <= 3 ? goods.left(left) : goods.there;
}

/** A few goods that show the whole range: what the seller put first, what the brief wants to be bought most, then spread over the list, those with a picture and in stock first. */
export function chosenGoods({ catalogue, reading }: Pick<Shop, 'catalogue' | 'reading'>, count: number): Product[] {
  const front = catalogue.products.slice(0, Math.min(catalogue.first, count));
  const others = ofTheWholeRange({ catalogue, reading }, count).filter((product) => !front.includes(product));
  return [...front, ...others.slice(0, count - front.length)];
}

function ofTheWholeRange({ catalogue, reading }: Pick<Shop, 'catalogue' | 'reading'>, count: number): Product[] {
  const good = catalogue.products.filter((product) => product.pictures.length > 0 && stockOf(product) !== 0);
  const from = good.length >= count ? good : catalogue.products;
  const { goods, source } = firstGoal({ reading, catalogue });
  const first = source ? goods.filter((product) => stockOf(product) !== 0).slice(0, Math.ceil(count / 2)) : [];
  const rest = from.filter((product) => !first.includes(product));
  return [...first, ...spread(rest, count - first.length)];
}

function spread<T>(from: readonly T[], count: number): T[] {
  if (from.length <= count) return [...from];
  const step = from.length / count;
  return Array.from({ length: count }, (_, i) => from[Math.floor((i + 0.5) * step)]).filter((one) => one !== undefined);
}
