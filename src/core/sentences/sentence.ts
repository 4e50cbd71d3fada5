import * as chrono from 'chrono-node/en';
import { distance } from 'fastest-levenshtein';
import { colourOf, colourWords } from '../brief';
import { type Category } from '../goods';
import { parsePrice } from '../goods/page';
import { picturesToOffer } from '../requests';
import { typedAddress } from '../lead';
import { isThing, singular } from '../lexicon';
import { numberWords } from '../numberWords';
import { type Page } from '../plan';
import { type Product } from '../project';
import { textIn } from '../sections';
import { kindOfSection, type SectionKind } from '../sections/about';
import { type Shop } from '../site';
import { thingAbouts } from '../things/about';
import { currenciesOf, isNameOfMoney, minorSigns } from '../till';
import { isSmallWord } from '../words';
import { stem, tokensOf, type Token } from './tokens';
import { sectionNames } from './words';

/** Something of a sentence that stands for one thing of the shop, or one value. A name can be that of several: a page and a section. */
export interface Slot {
  start: number;
  end: number;
  quote?: string;
  /** Where a button can lead: "https://…", "mailto:…". */
  address?: string;
  page?: Page;
  category?: Category;
  product?: Product;
  section?: SectionKind;
  /** A picture of the seller's own, by its name. */
  picture?: string;
  colour?: { name: string; hex: string };
  /** A figure with what it counts. */
  number?: Count;
  /** ISO date. */
  date?: string;
}

export interface Count {
  value: number;
  /** As it was written, to be read as money. */
  figure: string;
  of: 'plain' | 'percent' | 'money' | 'days' | 'grams' | 'pixels' | 'pieces';
}

export type SlotKind = Exclude<keyof Slot, 'start' | 'end'>;
export const slotKinds = [
  'quote',
  'address',
  'page',
  'category',
  'product',
  'section',
  'picture',
  'colour',
  'number',
  'date',
] as const satisfies readonly SlotKind[];

/** A word that is no slot, or a slot. */
export type Part = { token: Token; slot: null } | { token: null; slot: Slot };

export interface Sentence {
  text: string;
  tokens: readonly Token[];
  slots: readonly Slot[];
  /** Words and slots in their order. */
  parts: readonly Part[];
  /** Pages whose name is a word of its own: they are meant only where a page must be. */
  likelyPages: readonly Page[];
}

interface Name {
  words: readonly string[];
  slot: Omit<Slot, 'start' | 'end'>;
  /** Whether it is a word of its own in any sentence, so that it names the thing only in capitals or beside "page" or "section". */
  common: boolean;
}

/** Pages that are reached by what one does there, not by their name. */
const unnamed: ReadonlySet<string> = new Set(['product', 'category', 'search', 'thanks', 'missing']);
const commonNames = new Set(['about', 'shop', 'home', 'terms', 'page', 'cart', 'checkout']);

const pageWords: ReadonlySet<string> = new Set(['page', 'pages']);
const sectionWords: ReadonlySet<string> = new Set(['section', 'sections', 'block', 'blocks']);

/** What kinds of things are called: a section of that name, “Text”, is not meant by it alone. */
const ofThings: ReadonlySet<string> = new Set(Object.values(thingAbouts).map(({ name }) => name.toLowerCase()));

const wordsOf = (name: string): string[] => tokensOf(name).map(({ word }) => word);

const named = new WeakMap<Shop, readonly Name[]>();

/** Everything in a shop that a sentence can name. It is gathered once for a shop: sentences are read as they are typed. */
function namesOf(shop: Shop): readonly Name[] {
  const known = named.get(shop);
  if (known) return known;
  const names = gatherNames(shop);
  named.set(shop, names);
  return names;
}

function gatherNames(shop: Shop): Name[] {
  const names: Name[] = [];
  const add = (name: string, slot: Name['slot'], common = false) => {
    const words = wordsOf(name);
    if (words.length) names.push({ words, slot, common: common || (words.length === 1 && commonNames.has(words[0] ?? '')) });
  };
  const pages = shop.pages.filter(({ kind }) => !unnamed.has(kind));
  const beginnings = pages.map(({ name }) => wordsOf(name)[0] ?? '');
  for (const page of pages) {
    add(page.name, { page });
    const [first = '', ...more] = wordsOf(page.name);
    if (more.length && first.length > 3 && beginnings.filter((one) => one === first).length === 1) add(first, { page }, true);
  }
  for (const category of shop.catalogue.categories) add(category.name, { category });
  for (const product of shop.catalogue.products) add(product.title, { product });
  for (const [words, product] of partsOfTitles(shop.catalogue.products)) names.push({ words, slot: { product }, common: false });
  for (const [word, product] of headsOfTitles(shop)) names.push({ words: [word], slot: { product }, common: false });
  for (const { kind, name } of sectionNames) add(name, { section: kind }, ofThings.has(name));
  for (const { kind, heading } of headingsOf(shop)) add(heading, { section: kind });
  for (const { name } of picturesToOffer(shop).slice(0, mostPictures)) {
    add(name, { picture: name });
    // “The shed door” of “shed-door.jpg”: one word alone may be any word.
    const words = name.replace(/\.[^.]+$/, '').replace(/[-_\s]+/g, ' ');
    if (words.includes(' ')) add(words, { picture: name });
  }
  return names;
}

/** Sections of the home page by what is written over them: that is what people see of them. One word over them may be any word. */
function headingsOf({ pages: [home], writer }: Shop): { kind: SectionKind; heading: string }[] {
  return (home?.sections ?? []).flatMap((section) => {
    const kind = kindOfSection(section.id);
    const heading = home && kind ? (textIn(writer.words(home, section) ?? {}, 'heading')?.text ?? '') : '';
    return kind && heading.includes(' ') ? [{ kind, heading }] : [];
  });
}

/** So many pictures are known by name; those that belong to no product come first. */
const mostPictures = 60;

const isTelling = (word: string | undefined): boolean => word !== undefined && word.length > 2 && !isSmallWord(word);

/** Two or more words of a title that no other title has: "sock yarn". */
function partsOfTitles(products: readonly Product[]): [string[], Product][] {
  const found = new Map<string, Product | null>();
  for (const product of products) {
    const words = wordsOf(product.title);
    const here = new Set<string>([words.join(' ')]);
    for (let from = 0; from < words.length; from++)
      for (let to = from + 2; to <= words.length && to - from < words.length; to++)
        if (isTelling(words[from]) && isTelling(words[to - 1])) here.add(words.slice(from, to).join(' '));
    for (const part of here) found.set(part, found.has(part) ? null : product);
  }
  const whole = new Set(products.map(({ title }) => wordsOf(title).join(' ')));
  return [...found].flatMap(([part, product]): [string[], Product][] =>
    product && !whole.has(part) ? [[part.split(' '), product]] : [],
  );
}

/** What things of a page are called is no name of goods by itself. */
const ofPages = new Set(
  [...Object.values(thingAbouts).map(({ name }) => name), ...sectionNames.map(({ name }) => name)].flatMap(wordsOf),
);

/** What a title is of in one word, where no other title is of it and no shelf: "blazer" of "Seated blazer, slate wool". */
function headsOfTitles({ catalogue }: Shop): [string, Product][] {
  const taken = new Set(catalogue.categories.flatMap(({ name }) => wordsOf(name)).map(singular));
  const found = new Map<string, Product | null>();
  for (const product of catalogue.products) {
    const heads = new Set(wordsOf(product.title).map(singular));
    for (const word of heads) found.set(word, found.has(word) ? null : product);
  }
  const headOf = ({ title }: Product) =>
    singular(wordsOf(title.split(/[,:(–—]|\s(?:with|of|for|in|from|by)\s/)[0] ?? '').at(-1) ?? '');
  return [...found].flatMap(([word, product]): [string, Product][] =>
    product &&
    word.length > 3 &&
    headOf(product) === word &&
    wordsOf(product.title).length > 1 &&
    !taken.has(word) &&
    !ofPages.has(word) &&
    !commonNames.has(word) &&
    isThing(word) &&
    [...colourWords(word)].length === 0
      ? [[word, product]]
      : [],
  );
}

/** Typing slips that a word of a name may have, by its length. */
const slips = (length: number): number => (length >= 9 ? 2 : length >= 5 ? 1 : 0);

const isWord = (token: Token, word: string): boolean =>
  token.word === word ||
  (Math.abs(token.word.length - word.length) <= 2 &&
    slips(word.length) > 0 &&
    token.word[0] === word[0] &&
    !/^\d/.test(word) &&
    stem(word) !== token.stem &&
    distance(token.word, word) <= slips(word.length));

/** Words are alike in a name of several where their stems are. */
const isAlike = (token: Token, word: string, several: boolean): boolean =>
  isWord(token, word) || (several && token.stem === stem(word));

/** The names that begin at a word, the longest of them; several where one name is that of several things. */
function namesAt(tokens: readonly Token[], at: number, names: readonly Name[]): { length: number; slots: Name['slot'][] } {
  let best = 0;
  let exact = false;
  let slots: Name['slot'][] = [];
  for (const { words, slot, common } of names) {
    const n = words.length;
    if (n < best || at + n > tokens.length) continue;
    if (!words.every((word, i) => isAlike(tokens[at + i] as Token, word, n > 1))) continue;
    const same = words.every((word, i) => tokens[at + i]?.word === word);
    if (n === best && exact && !same) continue;
    const beside = (slot.section ? sectionWords : pageWords).has(tokens[at + n]?.word ?? '');
    if (common && !beside && !/^\p{Lu}/u.test(tokens[at]?.text ?? '')) continue;
    if (n > best || (same && !exact)) slots = [];
    best = n;
    exact = same;
    slots.push(slot);
  }
  return { length: best, slots };
}

const quotes =
  /"([^"]+)"|“([^”]+)”|„([^“”]+)[“”]|«([^»]+)»|(?<=^|[\s(:])['‘]([^'’]{2,}(?:['’]\p{L}+[^'’]*)*)['’](?=$|[\s.,;!?)])/gu;
const addresses = /\b(?:https?:\/\/|mailto:|tel:)\S+|[^\s@<>:]+@[^\s@<>]+\.\p{L}{2,}|\+\d[\d\s().-]{6,}\d/giu;

const smallNumbers = new Map(
  // "One" is a word before it is a number: "this one", "one colour", "one under the other".
  Array.from({ length: 100 }, (_, n) => [numberWords(n), n] as const).filter(([, n]) => n !== 1),
);
const daysIn: Readonly<Record<string, number>> = { day: 1, week: 7, month: 30, year: 365 };

/** “Half price”, “a quarter off”: parts of a price that have a word of their own. */
const parts: ReadonlyMap<string, number> = new Map([
  ['half', 50],
  ['third', 33.33],
  ['quarter', 25],
  ['fifth', 20],
  ['tenth', 10],
]);
const isLess = (word = ''): boolean => /^(?:off|cheaper|less|reduction|discount|price)$/.test(word);

/** A number in figures or words, as far as it counts something plain. */
const valueOf = (word: string): number | undefined =>
  /^\d/.test(word)
    ? Number(word.replace(/[’'\s]/g, '').replace(',', '.'))
    : word === 'no'
      ? undefined
      : // “In twos”, “by sixes”.
        (smallNumbers.get(word) ?? smallNumbers.get(word.replace(/(?:(?<=x)e)?s$/, '')));

/** "Two and a half", "2.5 million", "5k", "three point five". */
const goesOn = /^(?:and an? (?:half|quarter|third)|hundred|thousand|dozen|millions?|billions?|mio|mn|k|point)\b/;

/** The figure at a token with its unit: "10 %", "£12", "30 days", "400 g". */
function countAt(tokens: readonly Token[], at: number, shop: Shop): { from: number; to: number; count: Count } | null {
  const token = tokens[at];
  const part = token && parts.get(token.word);
  if (part !== undefined && isLess(tokens[at + 1]?.word)) {
    const from = /^(?:a|one)$/.test(tokens[at - 1]?.word ?? '') ? at - 1 : at;
    return { from, to: at + 1, count: { value: part, figure: String(part), of: 'percent' } };
  }
  const isUnit = (word = '') => Object.hasOwn(daysIn, word.replace(/s$/, ''));
  const value = token && (token.word === 'one' && isUnit(tokens[at + 1]?.word) ? 1 : valueOf(token.word));
  if (!token || value === undefined) return null;
  const figure = /^\d/.test(token.word) ? token.text : String(value);
  const before = tokens[at - 1];
  const next = tokens[at + 1];
  const after = next?.word ?? '';
  // What goes on is another number than its first word: it is not taken for that.
  if (
    goesOn.test(
      tokens
        .slice(at + 1, at + 4)
        .map(({ word }) => word)
        .join(' '),
    )
  )
    return null;
  const is = (of: Count['of'], to: number, from = at, times = 1) => ({
    from,
    to,
    count: { value: value * times, figure, of },
  });
  if (/^(?:%|percent|pct)$/.test(after)) return is('percent', at + 2);
  if (after === 'per' && tokens[at + 2]?.word === 'cent') return is('percent', at + 3);
  const days = Object.entries(daysIn).find(([unit]) => after === unit || after === `${unit}s`);
  if (days) return is('days', at + 2, at, days[1]);
  if (/^(?:g|gr|gram|grams|grammes)$/.test(after)) return is('grams', at + 2);
  if (/^(?:kg|kilo|kilos|kilogram|kilograms)$/.test(after)) return is('grams', at + 2, at, 1000);
  if (/^(?:px|pixel|pixels)$/.test(after)) return is('pixels', at + 2);
  if (/^(?:pieces|pcs|items|pairs|more|left)$/.test(after)) return is('pieces', after === 'left' ? at + 1 : at + 2);
  const isMoney = (word: string) => currenciesOf(word).includes(shop.rules.currency) || isNameOfMoney(word, shop.rules.currency);
  if (before && isMoney(before.text)) return is('money', at + 1, at - 1);
  if (next && isMoney(next.text)) {
    // “8 pounds 50”, “8 pounds and 50 pence” without the pence.
    const cents = tokens[at + 2]?.word ?? '';
    const isWhole =
      /^\d+$/.test(token.word) && shop.rules.digits === 2 && /^\d{2}$/.test(cents) && !isMoney(tokens[at + 3]?.text ?? '');
    if (isWhole) {
      const units = value + Number(cents) / 100;
      return { from: at, to: at + 3, count: { value: units, figure: units.toFixed(2), of: 'money' } };
    }
    return is('money', at + 2);
  }
  const hundredth = next ? minorSigns[next.text] : undefined;
  if (hundredth && isMoney(hundredth)) {
    const units = value / 100;
    return { from: at, to: at + 2, count: { value: units, figure: String(units), of: 'money' } };
  }
  return is('plain', at + 1);
}

const iso = (date: Date): string =>
  `${date.getFullYear()}-${String(date.getMonth() + 1).padStart(2, '0')}-${String(date.getDate()).padStart(2, '0')}`;

/** “This weekend” ends on its Sunday. */
const weekend = /\b(?:(?:this|the|next)\s+)?weekend\b/gi;
function weekendsIn(text: string, today: Date): { start: number; end: number; date: string }[] {
  return [...text.matchAll(weekend)].map(({ 0: found, index }) => {
    const day = new Date(today);
    day.setDate(day.getDate() + ((7 - day.getDay()) % 7) + (/^next/i.test(found) ? 7 : 0));
    return { start: index, end: index + found.length, date: iso(day) };
  });
}

/** The days that are named, the next of their name; of a week or a month, its last. */
function datesIn(text: string, today: Date): { start: number; end: number; date: string }[] {
  const weekends = weekendsIn(text, today);
  // What is read already is no part of another day: "this weekend 15 %" names no hour.
  const rest = text.replace(weekend, (found) => '·'.repeat(found.length));
  const days = chrono.parse(rest, today, { forwardDate: true }).flatMap(({ index, text: found, start, end }) => {
    if (!/\p{L}{3}|\d[./-]\d/u.test(found) || /^(?:now|may|sun|sat|mon|second|at)$/i.test(found)) return [];
    // Hours and seconds are no day: “half as” is half a second to whoever looks for times.
    if (start.isCertain('second')) return [];
    const date = (end ?? start).date();
    if (/week$/i.test(found) && !/last|ago/i.test(found)) date.setDate(date.getDate() + ((7 - date.getDay()) % 7));
    if (/month$/i.test(found) && !/last|ago/i.test(found)) date.setMonth(date.getMonth() + 1, 0);
    // “Sunday week” is the Sunday after the next, “Friday fortnight” the one after that.
    const [later = '', unit = ''] = /day$/i.test(found)
      ? (/^\s+(week|fortnight)\b/i.exec(rest.slice(index + found.length)) ?? [])
      : [];
    if (unit) date.setDate(date.getDate() + (/^week/i.test(unit) ? 7 : 14));
    return [{ start: index, end: index + found.length + later.length, date: iso(date) }];
  });
  return [...weekends, ...days];
}

/** Words that compare a colour with what it is now are no part of its name: "a darker sky blue", "less red". */
const comparing = /(?<!\p{L})(?:less|more|too|\p{L}+er)(?!\p{L})/giu;
const withoutComparing = (text: string): string =>
  text.replace(comparing, (word) => (colourOf(word) ? word : '·'.repeat(word.length)));

/** A colour without a word before it that says nothing of it: "buttons blue", "take black". */
function colourIn({ text, at, hex }: { text: string; at: number; hex: string }): Slot {
  const [first = '', ...rest] = text.split(' ');
  const name = rest.join(' ');
  return name && colourOf(name) === hex
    ? { start: at + first.length + 1, end: at + text.length, colour: { name, hex } }
    : { start: at, end: at + text.length, colour: { name: text, hex } };
}

const meet = (a: { start: number; end: number }, b: { start: number; end: number }) => a.start < b.end && b.start < a.end;

/** Reads what a sentence names of a shop, and its values; `today` is the day that "until Friday" is said on. */
export function readSentence(text: string, shop: Shop, today: Date): Sentence {
  const names = namesOf(shop);
  const tokens = tokensOf(text);
  const slots: Slot[] = [];
  const isFree = (one: { start: number; end: number }) => !slots.some((slot) => meet(slot, one));
  const keep = (slot: Slot) => {
    if (isFree(slot)) slots.push(slot);
  };
  for (const found of text.matchAll(quotes)) {
    const quote = found.slice(1).find((one) => one !== undefined) ?? '';
    // What is quoted is a text, and may be the name of something.
    const inside = tokensOf(quote);
    const named = namesAt(inside, 0, names);
    const slot = named.length === inside.length ? Object.assign({}, ...named.slots) : {};
    keep({ ...slot, start: found.index, end: found.index + found[0].length, quote });
  }
  for (const found of text.matchAll(addresses)) {
    const typed = typedAddress(found[0].replace(/[.,;!?]$/, ''));
    if (typed.ok) keep({ start: found.index, end: found.index + found[0].length, address: typed.value });
  }
  for (let at = 0; at < tokens.length; at++) {
    const { length, slots: found } = namesAt(tokens, at, names);
    const [first, last] = [tokens[at], tokens[at + length - 1]];
    if (!length || !first || !last) continue;
    keep({ ...(Object.assign({}, ...found) as Slot), start: first.start, end: last.end });
    at += length - 1;
  }
  const counts = tokens.flatMap((_, at) => {
    const found = countAt(tokens, at, shop);
    const [first, last] = [tokens[found?.from ?? 0], tokens[(found?.to ?? 1) - 1]];
    return found && first && last ? [{ start: first.start, end: last.end, number: found.count }] : [];
  });
  for (const one of counts) if (one.number.of !== 'plain' && one.number.of !== 'pieces') keep(one);
  for (const one of datesIn(text, today)) keep(one);
  for (const one of counts) keep(one);
  for (const found of colourWords(withoutComparing(text))) keep(colourIn(found));
  slots.sort((a, b) => a.start - b.start);
  const parts: Part[] = [];
  let slot = 0;
  for (const token of tokens) {
    while (slots[slot] && (slots[slot] as Slot).end <= token.start) slot++;
    const here = slots[slot];
    if (!here || here.start >= token.end) parts.push({ token, slot: null });
    else if (parts.at(-1)?.slot !== here) parts.push({ token: null, slot: here });
  }
  const likelyPages = names.flatMap(({ words, slot, common }) =>
    common && slot.page && tokens.some((_, i) => words.every((word, n) => tokens[i + n]?.word === word)) ? [slot.page] : [],
  );
  return { text, tokens, slots, parts, likelyPages };
}

/** An amount in the shop's money as it was written: minor units, or null where it can't be one. */
export function moneyOf({ figure }: Count, { rules: { digits } }: Shop): number | null {
  // Three digits after the only sign are thousands, where the money has no three decimals.
  const plain = /^\d{1,3}(?:[.,’'\s]\d{3})+$/.test(figure) && digits !== 3 ? figure.replace(/\D/g, '') : figure;
  const read = parsePrice(plain, digits);
  return read.ok ? read.value : null;
}
