import { type Decided, type Wish } from '../places';
import { type Category } from '../goods';
import { type Page, type Section } from '../plan';
import { type Product, type Project } from '../project';
import { type Spot } from '../requests';
import { kindOfSection, type SectionKind } from '../sections/about';
import { type Shop } from '../site';
import { type ThingKind } from '../things/about';
import { type Act, type Past, type SentenceKind } from './about';
import { learnedJudge } from './judge';
import { moneyOf, type Count, type Sentence, type Slot } from './sentence';
import { isSetApart, leadingUp, type Token } from './tokens';

/** A sentence that was said, and where: all that a definition reads it with. */
export interface Said {
  sentence: Sentence;
  /** What it was said at: a thing, or the page that is looked at. */
  spot: Spot;
  shop: Shop;
  project: Project;
  decided: Decided;
  past: Past;
}

/** One thing that a sentence can mean. */
export interface Found {
  wishes?: readonly Wish[];
  act?: Act;
  /** What will be, where its wishes don't say it in a line. */
  says?: string;
  /** What was understood of the sentence. */
  of?: Readonly<Record<string, string>>;
}

/** Why it can't be done; `firm` where this was meant and nothing else could be, `other` where something else is said by the very words. */
export interface No {
  no: string;
  firm?: boolean;
  other?: boolean;
}

export type Answer = Found | readonly Found[] | No;

/** One kind of sentence: the words that people have for it, and what it does as changes of places. */
export interface SentenceDefinition<K extends SentenceKind = SentenceKind> {
  kind: K;
  /** What can be done, as it is offered where another sentence was not understood: with an example in quotes. */
  offers: string;
  /** Kinds of things that its words may be said at without naming them; "page" is the whole shop. */
  at: readonly ThingKind[];
  /** How people say it, what stands for a name or a value in braces. Training begins with these. */
  words: readonly string[];
  /** Whether it puts something there that is named: a sentence that says "not" doesn't ask for it. */
  affirms?: true;
  reads: (said: Said) => Answer;
}

export const defineSentence = <K extends SentenceKind>(definition: SentenceDefinition<K>): SentenceDefinition<K> => definition;

export const no = (because: string): No => ({ no: because });
export const firmNo = (because: string): No => ({ no: because, firm: true });
export const otherNo = (because: string): No => ({ no: because, other: true });
export const isNo = (answer: Answer): answer is No => 'no' in answer;

const slotsWith = <K extends keyof Slot>({ sentence }: Said, kind: K): (Slot & Record<K, NonNullable<Slot[K]>>)[] =>
  sentence.slots.filter((slot): slot is Slot & Record<K, NonNullable<Slot[K]>> => slot[kind] !== undefined);

const mostOf = (word: string): string[] => {
  const [, base = ''] = /^(\p{L}{3,})est$/u.exec(word) ?? [];
  return base ? [base, `${base}e`, base.replace(/(.)\1$/u, '$1')] : [];
};

/** The words that a word is heard as. */
export function heardAs({ word, stem }: Token): string[] {
  const { known, like } = learnedJudge();
  return [
    word,
    ...word.split('-'),
    ...(stem.length > 3 ? [stem] : []),
    // The darkest is dark, the biggest big.
    ...mostOf(word),
    // A word that is new here is heard as one that means the same.
    ...(known(stem) === null ? like(stem).slice(0, 1) : []),
  ];
}

/** All words of a sentence that are no part of a name or a value. */
export const plainWords = ({ sentence }: Said): Set<string> =>
  new Set(sentence.parts.flatMap(({ token }) => (token ? heardAs(token) : [])));

/** Whether any of the words stands in the sentence, by itself or by its stem. */
export const hears = (said: Said, ...words: readonly string[]): boolean => {
  const heard = plainWords(said);
  return words.some((word) => heard.has(word));
};

const wordsFor = {
  pictures: ['picture', 'pictures', 'photo', 'photos', 'photograph', 'photographs', 'image', 'images'],
  mark: ['logo', 'mark', 'emblem', 'badge'],
};
/** Whether a sentence speaks of a kind of thing by its word. */
export const speaksOf = (said: Said, what: keyof typeof wordsFor): boolean => hears(said, ...wordsFor[what]);

/** Whether a sentence says that something should not be: "shouldn't", "no", "never". "Not five but three" says what is to be. */
export function denies(said: Said): boolean {
  const ofFigure = counts(said).length > 0 && slotsWith(said, 'number').some((slot) => isRefused(said, slot));
  return [...plainWords(said)].some((word) => /n't$/.test(word) || (denials.has(word) && !(word === 'not' && ofFigure)));
}
/** Whether one of the words is denied right where it stands: "without serifs", "not a sans". */
export const deniesWord = ({ sentence: { tokens } }: Said, ...words: readonly string[]): boolean =>
  tokens.some(({ word }, i) => {
    const before = tokens[i - 1]?.word === 'a' || tokens[i - 1]?.word === 'any' ? tokens[i - 2] : tokens[i - 1];
    return words.includes(word) && before !== undefined && denials.has(before.word);
  });

const denials = new Set([
  'not',
  'no',
  'never',
  'nothing',
  'none',
  'without',
  'dont',
  'doesnt',
  'isnt',
  'shouldnt',
  'wont',
  'cannot',
]);

/** Whether a word denies: “not”, “never”, “isn’t”. */
export const isDenial = (word: string): boolean => denials.has(word) || /n't$/.test(word);

/** What is said of a change of prices beside what it is of. */
const ofPrices = new Set(
  'a all an and any anything at basket be by cart cheaper cheap customers buyers cost costs dear dearer decrease discount down drop entire every everybody everyone everything expensive for from get gets give gives good goods i if in increase is it item items less let lower make minus money more now of off on only order orders our range people percent permanently plus please price prices pricey product products put raise reduce reduction sale set shop should site stock store take takes taken than that the then there things this till to today until up us want we who whole will with'.split(
    ' ',
  ),
);

/** Whether a change of prices is of everything: nothing else is named that it could be of. “All posts” are not all, nor is “everything for care”. */
export const reachesAll = (said: Said): boolean =>
  said.sentence.parts.every(({ token }) => !token || ofPrices.has(token.word) || /^[^\p{L}]+$/u.test(token.word));

/** The section of a page that is of a kind, shown ones before those that are hidden. */
export const sectionOf = (page: Page | null, kind: SectionKind): Section | null => {
  const all = page?.sections.filter((one) => kindOfSection(one.id) === kind) ?? [];
  return all.find(({ hidden }) => !hidden) ?? all[0] ?? null;
};

export interface NamedSection {
  slot: Slot;
  kind: SectionKind;
  section: Section | null;
}

export const sectionsNamed = (said: Said): NamedSection[] =>
  slotsWith(said, 'section').map((slot) => ({ slot, kind: slot.section, section: sectionOf(said.spot.page, slot.section) }));

/** The section that a sentence is about: the one that it names, else the one that it was said at. */
export const sectionHere = (said: Said): Section | null => {
  const named = sectionsNamed(said);
  return named.length ? (named[0]?.section ?? null) : said.spot.section;
};

export function pagesNamed(said: Said): { page: Page }[] {
  const named = slotsWith(said, 'page');
  return named.length ? named : said.sentence.likelyPages.map((page) => ({ page }));
}

/** The page that a sentence names, else the one that the thing is or leads to. */
export function pageHere(said: Said): Page | null {
  const [named] = pagesNamed(said);
  if (named) return named.page;
  const { kind } = said.spot.thing;
  return kind === 'entry' || kind === 'footer-entry' || kind === 'page' ? said.spot.page : null;
}

export const productsNamed = (said: Said): Product[] => slotsWith(said, 'product').map(({ product }) => product);
export const categoriesNamed = (said: Said): Category[] => slotsWith(said, 'category').map(({ category }) => category);

/** Words after which something is named beside what is spoken of: "with its wire it weighs 11 g". */
const besides = new Set(['with', 'without', 'like', 'than', 'plus', 'including']);
const owners = new Set(['a', 'an', 'the', 'its', 'my', 'our', 'some', 'any']);

/** The product that a sentence is about: the one that it names, but for one named beside what is pointed at. */
export function productHere(said: Said): Product | null {
  const { parts } = said.sentence;
  const [named] = slotsWith(said, 'product');
  if (!named || !said.spot.product) return named?.product ?? said.spot.product;
  const at = parts.findIndex(({ slot }) => slot === named);
  const before = parts.slice(0, at).findLast(({ token }) => !token || !owners.has(token.word));
  return before?.token && besides.has(before.token.word) ? said.spot.product : named.product;
}
export const coloursNamed = (said: Said): { name: string; hex: string }[] =>
  slotsWith(said, 'colour').map(({ colour }) => colour);
export const dateNamed = (said: Said): string | null => slotsWith(said, 'date')[0]?.date ?? null;
export const addressNamed = (said: Said): string | null => slotsWith(said, 'address')[0]?.address ?? null;

/** Whether a figure is what is not wanted: "five is too many", "not five but three", "three instead of five". */
function isRefused({ sentence: { text } }: Said, { start, end }: Slot): boolean {
  return (
    /^(?:\s+[\p{L}'’]+){0,6}?\s+too\s+(?:many|few|much|little|high|low|dear|cheap)\b/iu.test(text.slice(end)) ||
    /\b(?:not|instead of|rather than)\s+(?:just\s+|only\s+)?$/i.test(text.slice(0, start))
  );
}

function counts(said: Said): Count[] {
  const found = slotsWith(said, 'number')
    .filter((slot) => !isRefused(said, slot))
    .map(({ number }) => number);
  return found.length || !plainWords(said).has('one') ? found : [{ value: 1, figure: '1', of: 'plain' }];
}
/** The first figure of one of some kinds. */
export const countNamed = (said: Said, ...of: readonly Count['of'][]): Count | null =>
  counts(said).find((one) => of.includes(one.of)) ?? null;
export const countsNamed = (said: Said, ...of: readonly Count['of'][]): Count[] =>
  counts(said).filter((one) => of.includes(one.of));

/** A sum that a sentence names, minor units: one with a sign of money, else a bare figure. */
export function sumNamed(said: Said): number | null {
  const count = countNamed(said, 'money') ?? countNamed(said, 'plain', 'pieces');
  return count && moneyOf(count, said.shop);
}

/** Where a thing is to go among others: before one or after it. */
export type Side = 'before' | 'after';
const before = new Set(['before', 'above', 'ahead', 'over', 'front']);
const after = new Set(['after', 'below', 'under', 'beneath', 'following', 'underneath', 'behind']);

/** The words of a place in order, with the token that says it and the slot that it is said of. */
export function sideNamed({ sentence: { parts } }: Said): { side: Side; of: Slot | null } | null {
  for (const [i, part] of parts.entries()) {
    if (!part.token) continue;
    const side = before.has(part.token.word) ? 'before' : after.has(part.token.word) ? 'after' : null;
    if (!side) continue;
    const next = parts.slice(i + 1).find((one) => one.slot?.section ?? one.slot?.category ?? one.slot?.product);
    return { side, of: next?.slot ?? null };
  }
  return null;
}

const namers = new Set(['call', 'called', 'named', 'say', 'says', 'read', 'reads', 'write', 'titled', 'entitled', 'describe']);
const namersAsNouns = new Set(['name', 'title', 'label', 'heading', 'headline', 'text', 'description']);
const changers = new Set(['rename', 'renamed', 'change', 'turn', 'set', 'make', 'replace', 'retitle']);
const connects = new Set(['to', 'as', 'into', 'by', 'with']);
/** What can be called something. */
const called = new Set(['page', 'section', 'part', 'thing', 'product', 'article', 'item', 'one', 'button', 'link']);
const filler = new Set([...leadingUp, 'just', 'instead', '=', '→']);

/** The words that a sentence gives: in quotes, after a colon, or after what asks for them ("call it Letters"). */
export function textNamed({ sentence, spot }: Said, { pages = false } = {}): string | null {
  const quoted = sentence.slots.find((slot) => slot.quote !== undefined);
  if (quoted?.quote !== undefined) return quoted.quote.trim();
  const { text, tokens } = sentence;
  const colon = /(?<=\p{L})\s*(?:[:=→]|->)\s+(?=\S)/u.exec(text);
  if (colon) return tidy(text.slice(colon.index + colon[0].length));
  const rest = (from: number): string | null => {
    let at = from;
    while (tokens[at] && filler.has((tokens[at] as { word: string }).word)) at++;
    // "Call the page Our yard": what is called is no part of the name.
    if (/^(?:the|this|that)$/.test(tokens[at]?.word ?? '') && called.has(tokens[at + 1]?.word ?? '') && tokens[at + 2]) at += 2;
    // "Call the About page Our yard"; what follows "call it the …" is the name.
    const lead = at === from && /^(?:the|our|my)$/.test(tokens[at]?.word ?? '') ? 1 : 0;
    const here = pages ? sentence.slots.find((slot) => slot.page && slot.start === tokens[at + lead]?.start) : undefined;
    const behind = here ? tokens.findIndex((token) => token.start >= here.end) : -1;
    const next = called.has(tokens[behind]?.word ?? '') && tokens[behind + 1] ? behind + 1 : behind;
    if (next > at) return rest(next);
    const first = tokens[at];
    return first ? tidy(text.slice(first.start)) : null;
  };
  const under = tokens.findIndex(({ word }, i) => word === 'name' && tokens[i - 2]?.word === 'under');
  if (under >= 0 && tokens[under + 1]) return rest(under + 1);
  const named = tokens.findIndex(({ word }) => namers.has(word));
  const changed = tokens.findIndex(({ word }) => changers.has(word));
  const to = changed >= 0 ? tokens.findIndex(({ word }, i) => i > changed && connects.has(word)) : -1;
  // "Rename Contact to Write to us": what comes after the first of them is the name, whatever is in it.
  if (named >= 0 && !(to >= 0 && to < named)) return rest(named + 1);
  if (to >= 0) return rest(to + 1);
  const noun = tokens.findIndex(({ word }) => namersAsNouns.has(word));
  if (noun >= 0) return rest(noun + 1);
  // At a text, a capital in the middle of a sentence begins what it should say.
  const { kind } = spot.thing;
  const capital = tokens.find(
    (token, i) => i > 0 && isSetApart(token) && !sentence.slots.some(({ start }) => start === token.start),
  );
  return capital && (kind === 'heading' || kind === 'text') ? tidy(text.slice(capital.start)) : null;
}

const tidy = (text: string): string | null =>
  text.replace(/(?:,?\s*please)?[\s.!?]*$/iu, (end) => (/[.!?]/.test(end) ? end.trim().slice(-1) : '')).trim() || null;

/** A text that names something has no stop at its end. */
export const asName = (text: string): string => text.replace(/[.!?]+$/, '').trim();
