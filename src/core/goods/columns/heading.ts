import { withoutJoined } from '../../joined';
import { isNoun, singular } from '../../lexicon';
import { once } from '../../once';
import { isCurrency } from '../../till';
import { saysManner } from '../cells/manners';
import { plain } from '../cells/plain';
import words from './headings.json';
import { spokenIn } from './wording';

/** What the words of a heading can speak of. */
export type HeadingTopic = keyof typeof words;
export type Evidence = Partial<Record<HeadingTopic, number>>;

interface Entry {
  topic: HeadingTopic;
  /** Of several words where it is a phrase. */
  words: string[];
}

const parted = (text: string): string[] =>
  plain(text.replace(/(\p{Ll})(\p{Lu})/gu, '$1 $2'))
    .split(/[^\p{L}\p{N}]+/u)
    .filter(Boolean);

const unspaced = /[\u3040-\u30ff\u3400-\u9fff\u0e00-\u0e7f\uac00-\ud7af]/;

interface Lexicon {
  byWord: Map<string, HeadingTopic[]>;
  phrases: Entry[];
  unspaced: { word: string; topic: HeadingTopic }[];
  english: { word: string; topic: HeadingTopic }[];
  /** Words of four letters and more, by their first three. */
  byStart: Map<string, { word: string; topic: HeadingTopic }[]>;
  all: { word: string; topic: HeadingTopic }[];
}

const lexicon = once((): Lexicon => {
  const made: Lexicon = { byWord: new Map(), phrases: [], unspaced: [], english: [], byStart: new Map(), all: [] };
  for (const [topic, languages] of Object.entries(words) as [HeadingTopic, Record<string, string>][])
    for (const [language, list] of Object.entries(languages))
      for (const entry of list.split(', ')) {
        if (unspaced.test(entry)) {
          made.unspaced.push({ word: plain(entry), topic });
          continue;
        }
        const parts = parted(entry);
        const [word = ''] = parts;
        if (parts.length > 1) made.phrases.push({ topic, words: parts });
        else {
          const known = made.byWord.get(word) ?? [];
          if (!known.includes(topic)) made.byWord.set(word, [...known, topic]);
          made.all.push({ word, topic });
          // What only qualifies a price is never abbreviated.
          if (language === 'en' && topic !== 'old' && topic !== 'now' && topic !== 'aside') made.english.push({ word, topic });
          if (word.length >= 4)
            made.byStart.set(word.slice(0, 3), [...(made.byStart.get(word.slice(0, 3)) ?? []), { word, topic }]);
        }
      }
  made.unspaced.sort((a, b) => b.word.length - a.word.length);
  made.phrases.sort((a, b) => b.words.length - a.words.length);
  return made;
});

/** How much the words of a topic weigh against others in the same heading: a "product code" is a code, not a product. */
const weights: Record<HeadingTopic, number> = {
  title: 2.2,
  thing: 1.1,
  description: 2.4,
  price: 2.8,
  old: 1,
  now: 1,
  cost: 2.6,
  currency: 3,
  category: 2.8,
  option: 2.5,
  optionName: 4.5,
  optionValue: 4.5,
  sku: 2.4,
  gtin: 3.4,
  group: 2,
  stock: 2.6,
  weight: 2.8,
  picture: 3,
  kind: 2,
  taxClass: 2.6,
  aside: 1.5,
  person: 3,
};

/** The topics of one word: itself, an inflection of it, the end of a compound, or an abbreviation. */
function topicsOf(word: string, isAbbreviated: boolean): { topic: HeadingTopic; share: number }[] {
  const { byWord, byStart, all, english } = lexicon();
  const own = byWord.get(word) ?? byWord.get(singular(word));
  if (own && !isAbbreviated) return own.map((topic) => ({ topic, share: 1 }));
  const found = new Map<HeadingTopic, number>();
  const note = (topic: HeadingTopic, share: number) => found.set(topic, Math.max(found.get(topic) ?? 0, share));
  for (const topic of own ?? []) note(topic, 1);
  if (word.length >= 4)
    for (const { word: known, topic } of byStart.get(word.slice(0, 3)) ?? []) {
      const same = sharedStart(word, known);
      // A shell is no shelf: what is a noun of its own is no inflection of another.
      if (isNoun(word) && isNoun(known) && singular(word) !== singular(known)) continue;
      if (same >= 4 && same >= Math.min(word.length, known.length) - 1 && same >= Math.max(word.length, known.length) * 0.7)
        note(topic, 0.9);
    }
  if (word.length >= 7)
    for (const { word: known, topic } of all)
      if (known.length >= 4 && word.length > known.length + 1 && word.endsWith(known)) note(topic, 0.8);
  if (found.size || word.length < 2) return [...found].map(([topic, share]) => ({ topic, share }));
  if (!/^\p{L}+$/u.test(word)) return [];
  if (word.length <= 6)
    for (const { word: known, topic } of english)
      if (known.length > word.length && known.startsWith(word)) note(topic, isAbbreviated ? 0.8 : 0.6);
  if (word.length <= 4 && word.length >= 2)
    for (const { word: known, topic } of english)
      if (known.length > word.length + 1 && !known.startsWith(word) && isSkeleton(word, known)) note(topic, 0.5);
  // Other languages shorten their words as well; so many words begin alike that the contents have to agree.
  if (!found.size && word.length <= 6)
    for (const { word: known, topic } of all) {
      if (!isAbbreviated && (topic === 'old' || topic === 'now' || topic === 'aside')) continue;
      if (word.length >= 3 && known.length > word.length && known.startsWith(word)) note(topic, isAbbreviated ? 0.7 : 0.5);
      else if (word.length <= 4 && known.length > word.length + 1 && isSkeleton(word, known)) note(topic, 0.4);
    }
  return [...found].map(([topic, share]) => ({ topic, share }));
}

const sharedStart = (a: string, b: string): number => {
  let n = 0;
  while (n < a.length && n < b.length && a[n] === b[n]) n++;
  return n;
};

/** "prc" for "price", "qty" for "quantity": the first letter, then others in their order, more consonants than vowels. */
function isSkeleton(short: string, long: string): boolean {
  if (short[0] !== long[0] || /[aeiou]/.test(short.slice(1, -1))) return false;
  let at = 1;
  for (const letter of short.slice(1)) {
    at = long.indexOf(letter, at) + 1;
    if (!at) return false;
  }
  return true;
}

/** Words of English that stand between others and say nothing by themselves. */
const little = /^(?:the|an?|on|in|of|to|for|and|or|my|our|your|is|it|its|we|you|they|with|from|by|as|at)$/;
export const isLittleWord = (word: string): boolean => little.test(word) || word === 'here';

const read = new Map<string, Evidence>();
const mostRead = 2000;

/** What a heading speaks of, by weight. */
export function readHeading(heading: string): Evidence {
  const known = read.get(heading);
  if (known) return known;
  if (read.size >= mostRead) read.clear();
  const evidence = evidenceOf(heading);
  read.set(heading, evidence);
  return evidence;
}

function evidenceOf(heading: string): Evidence {
  const evidence: Evidence = {};
  const add = (topic: HeadingTopic, share: number) => {
    const weight = weights[topic] * share;
    if (weight > (evidence[topic] ?? 0)) evidence[topic] = weight;
  };
  const text = withoutUnits(heading);
  if (unspaced.test(text)) {
    let left = plain(text).replace(/\s+/g, '');
    for (const { word, topic } of lexicon().unspaced)
      if (left.includes(word)) {
        add(topic, 1);
        left = left.replace(word, ' ');
      }
  }
  // "Option 1 name": numbers only count columns.
  const tokens = parted(text).filter((token) => !/^\d+$/.test(token));
  const used = new Set<number>();
  for (const { topic, words: phrase } of lexicon().phrases)
    for (let i = 0; i + phrase.length <= tokens.length; i++)
      if (!phrase.some((_, n) => used.has(i + n)) && phrase.every((word, n) => isShortFor(tokens[i + n] ?? '', word))) {
        const isWhole = phrase.every((word, n) => tokens[i + n] === word);
        // Shortened phrases are read of what a column can be chosen by: nothing else is shortened so.
        if (!isWhole && topic !== 'optionName' && topic !== 'optionValue') continue;
        add(topic, isWhole ? 1.15 : 0.8);
        phrase.forEach((_, n) => used.add(i + n));
      }
  tokens.forEach((token, i) => {
    if (used.has(i) || little.test(token)) return;
    const isAbbreviated = new RegExp(String.raw`${token}\.`, 'iu').test(plain(text));
    for (const form of new Set([token, withoutJoined(token)]))
      for (const { topic, share } of topicsOf(form, isAbbreviated)) add(topic, share * (tokens.length > 3 ? 0.85 : 1));
  });
  // What cells say of what is there heads a column of it as well.
  const [only, ...more] = tokens;
  if (only && !more.length && only.length >= shortestOfStock && saysManner('inStock', withoutJoined(only)))
    if (!saysManner('yesNo', only)) add('stock', 1);
  countsOther(tokens, used, evidence);
  const spoken = spokenIn(text);
  // “How many” counts what is there; “how many we printed” does not.
  if (tokens.length >= aPhrase && (spoken.get('nothing') ?? 0) >= surelyNothing)
    for (const topic of Object.keys(evidence) as HeadingTopic[]) evidence[topic] = (evidence[topic] ?? 0) * otherwiseSaid;
  // What none of the words of the trade says is what others, who said it like that, were speaking of.
  const least = saysKnown(evidence) ? surelySpoken : likelySpoken;
  if (tokens.length > 1 || !saysKnown(evidence))
    for (const [topic, share] of spoken)
      if (topic !== 'nothing' && share >= least) evidence[topic] = Math.max(evidence[topic] ?? 0, share * ownWords);
  // "Sandwich money" speaks of money, of how much or of which: how much it is, unless codes of currencies stand under it.
  const ofMoney = (spoken.get('price') ?? 0) + (spoken.get('currency') ?? 0);
  if (ofMoney >= least && !evidence.price && !evidence.currency) evidence.price = ofMoney * ownWords;
  return evidence;
}

/** “How many generations” counts generations: a noun that is no word of the trade, right behind the words for a number of pieces. */
function countsOther(tokens: readonly string[], used: ReadonlySet<number>, evidence: Evidence): void {
  const at = tokens.findIndex((_, i) => !used.has(i));
  const counted = at > 0 ? (tokens[at] ?? '') : '';
  const goesOn = tokens.some((_, i) => i > at && used.has(i));
  if (goesOn || !evidence.stock || singular(counted) === counted || !isNoun(counted) || topicsOf(counted, false).length) return;
  evidence.stock *= otherwiseSaid;
}

/** "Hay"; what says yes as well is only an answer. */
const shortestOfStock = 3;

/** What is said in somebody's own words never weighs as much as a word of the trade. */
const ownWords = 1.5;
const likelySpoken = 0.5;
const aPhrase = 3;
const surelyNothing = 0.6;
/** What is left of a word of the trade among others that speak of something else. */
const otherwiseSaid = 0.5;
/** Beside a word of the trade that means something else. */
const surelySpoken = 0.85;

/** What weighs less is guessed from a few letters, as is what weighs much and of which little is there. */
const leastSaid = 1.6;
const mostOfWord = 0.6;

/** Whether a heading says something that is known, more surely than by a few letters. */
export const saysKnown = (evidence: Evidence): boolean =>
  (Object.entries(evidence) as [HeadingTopic, number][]).some(
    ([topic, weight]) => weight >= leastSaid && weight >= weights[topic] * mostOfWord,
  );

/** Whether a cell is likely to be a heading at all. */
export function headingKnown(cell: string): boolean {
  const text = cell.trim();
  if (!text || text.length > 40 || /^[\d\p{Sc}]/u.test(text)) return false;
  return Math.max(0, ...Object.values(readHeading(text))) >= 1;
}

/** Languages by what they head a column with, in small letters. */
const languagesBy = once(() => {
  const made = new Map<string, string[]>();
  for (const languages of Object.values(words) as Record<string, string>[])
    for (const [language, list] of Object.entries(languages))
      for (const entry of list.split(', ')) made.set(entry, [...(made.get(entry) ?? []), language]);
  return made;
});

/** The languages in which a cell in ASCII heads a column: ISO 639-1. */
export const headingLanguages = (cell: string): readonly string[] => languagesBy().get(cell.trim().toLowerCase()) ?? [];

/** Whether headings differ by no more than a number that counts them: “Price” and “Price 2”. */
export function calledAlike(one: string, other: string): boolean {
  const bare = (heading: string) => plain(heading).replace(/[\s\d_.#-]+$/, '');
  return bare(one) !== '' && bare(one) === bare(other);
}

const bracketed = /[([{]([^)\]}]*)[)\]}]/g;

/** Whether words are those of a phrase, each whole or shortened: "opt nm" for "option name". */
const isShortFor = (short: string, long: string): boolean =>
  short === long || (short.length > 1 && (long.startsWith(short) || (short.length <= 4 && isSkeleton(short, long))));

/** A unit that a heading gives for its column: "Price (TZS)", "Weight [g]", "Price €", "Length, cm". */
export function unitOf(heading: string): string {
  for (const [, inner = ''] of heading.matchAll(bracketed)) if (inner.trim().length <= 12) return inner.trim();
  const end = unitAtEnd.exec(heading.trim())?.[1] ?? '';
  return /^[A-Za-z]{3}$/.test(end) && !isCurrency(end.toUpperCase()) && end !== 'lbs' ? '' : end;
}
const unitAtEnd = /(?:^|[\s,/_-])(\p{Sc}|[A-Za-z]{3}|kg|g|mg|mm|cm|m|ml|cl|l|oz|lbs?|in|ft)\.?$/u;

const withoutUnits = (heading: string): string =>
  heading
    .replace(bracketed, ' ')
    .replace(/\p{Sc}/gu, ' ')
    .replace(/\b[A-Z]{3}$/, (code) => (isCurrency(code) ? ' ' : code))
    // "Wt kg": what it is counted in is no short word for anything.
    .replace(/(?<=\p{L}.*)[\s,/_-](?:kg|mg|mm|cm|ml|cl|oz|lbs?)\.?\s*$/u, ' ');
