import { baseOf, isNoun, moodWordsLike, placesNamed, sensesOf, singular, verbClass, verbShare } from '../../lexicon';
import { colourOf } from '../colours';
import smallWords from '../judge/smallWords.json';
import { isMoodWord } from '../tone';

/** A word, a number or a mark of a brief. */
export interface Token {
  text: string;
  /** Small, with straight apostrophes; numbers by their kind. */
  low: string;
  start: number;
  end: number;
}

const tokens =
  /[\w.+-]+@[\w.-]+\.\p{L}{2,}|https?:\/\/\S+|#[0-9a-f]{3,6}\b|[£€$¥₹]|\d[\d.,]*\d|\d|\p{L}[\p{L}\p{M}\d]*(?:['’.&-]\p{L}[\p{L}\p{M}]*)*|[^\s*_`]/giu;

const kindOf = (text: string): string => {
  if (text.includes('@') && text.length > 1) return '@mail';
  if (/^https?:/i.test(text)) return '@link';
  if (/^#./.test(text)) return '@code';
  if (/^(?:1[5-9]|20)\d\d$/.test(text)) return '@year';
  return /^\d/.test(text) ? '@number' : '';
};

/** The words and marks between two offsets of a text; markup is none. */
export function tokensIn(text: string, start: number, end: number): Token[] {
  const found = [...text.slice(start, end).matchAll(tokens)].map(({ 0: token, index }) => ({
    text: token,
    low: kindOf(token) || token.toLowerCase().replace(/’/g, "'"),
    start: start + index,
    end: start + index + token.length,
  }));
  return withInitials(found);
}

const isInitial = ({ text }: Token): boolean => /^\p{Lu}$/u.test(text);

/** The full stop of an initial belongs to it: "R. A. Perera" is three words of one name. */
function withInitials(found: readonly Token[]): Token[] {
  if (!found.some(isInitial)) return [...found];
  return found.flatMap((token, i) => {
    const [stop, next] = [found[i + 1], found[i + 2]];
    const before = found[i - 1];
    const abbreviates = (initial: Token | undefined, dot: Token | undefined, after: Token | undefined) =>
      initial && dot?.text === '.' && isInitial(initial) && dot.start === initial.end && /^\p{Lu}/u.test(after?.text ?? '');
    if (abbreviates(token, stop, next)) return [{ ...token, text: `${token.text}.`, low: `${token.low}.`, end: token.end + 1 }];
    return abbreviates(before, token, stop) ? [] : [token];
  });
}

const grammar = new Set(smallWords);

/** Whether a word carries grammar rather than a meaning: "everything", "they'll". */
export const isGrammar = (low: string): boolean => grammar.has(low.split("'")[0] ?? '');

/** Whether it begins with a letter; asked so often that the Latin ones are told by their number. */
export function isWord(low: string): boolean {
  const code = low.charCodeAt(0);
  return code >= 97 && code <= 122 ? true : code >= 128 && /^\p{L}/u.test(low);
}

/** With a large letter, or a number. */
export const isCapital = (token: Token | undefined): boolean => token !== undefined && /^[\p{Lu}\d]/u.test(token.text);

/** What the dictionaries know of a word by itself. */
export interface Known {
  /** Class of its commonest meaning as a noun, as a verb (lexnames of WordNet). */
  noun: number | null;
  verb: number | null;
  /** Of the times that it stands somewhere, how often it is a verb. */
  verbal: number;
  base: string | null;
  stem: string;
  singular: string;
  colour: boolean;
  /** Whether it is listed as a word of mood, or means nearly what a listed one means. */
  mood: boolean;
  likeMood: boolean;
  /** Power of ten of the largest place of this name. */
  place: number;
}

const known = new Map<string, Known>();
const mostKnown = 20_000;

const unknown: Known = {
  noun: null,
  verb: null,
  verbal: 0,
  base: null,
  stem: '',
  singular: '',
  colour: false,
  mood: false,
  likeMood: false,
  place: 0,
};

/** What is known of a word; nothing of a number or a mark. */
export function knownOf(low: string): Known {
  if (!isWord(low)) return unknown;
  const found = known.get(low);
  if (found) return found;
  const made: Known = {
    noun: low.length > 2 && isNoun(low) ? (sensesOf(low)[0]?.kind ?? null) : null,
    verb: verbClass(low),
    verbal: verbShare(low),
    base: baseOf(low),
    stem: low.replace(/(?:'s|ing|ed|es|s|ly)$/, '').slice(0, 6),
    singular: singular(low),
    colour: colourOf(low) !== undefined,
    mood: isMoodWord(low),
    likeMood: moodWordsLike(low).length > 0,
    place: low.length > 2 ? (placesNamed(low)[0]?.size ?? 0) : 0,
  };
  if (known.size > mostKnown) known.clear();
  known.set(low, made);
  return made;
}

/** A word like this is hardly ever anything but a verb: "sell" and "come" are, "watch" and "print" are not. */
const hardlyElse = 0.96;

/** Whether it says what somebody does, whatever stands beside it: "sells", "come", "is". Forms on -ed and -ing tell of things as well. */
export const isVerbOnly = (low: string): boolean => {
  const { base, verbal } = knownOf(low);
  return verbal >= hardlyElse && (base === low || low.endsWith('s'));
};

/** The classes of nouns of places and of people (lexnames of WordNet). */
const location = 15;
export const person = 18;

/** A word that dictionaries have, other than of a place, or that carries grammar: no name by itself. */
export const isCommon = (low: string): boolean => {
  const { noun, verb, base, colour } = knownOf(low);
  return isGrammar(low) || (noun !== location && (noun !== null || verb !== null || base !== null || colour));
};

/** A word that no dictionary has. */
export const isStrange = ({ low }: Token): boolean => {
  const { noun, verb, colour } = knownOf(low);
  return isWord(low) && low.length > 1 && noun === null && verb === null && !colour && !isGrammar(low);
};

const negations = new Set([
  'no',
  'not',
  'never',
  'nor',
  'neither',
  'without',
  'nothing',
  'nobody',
  'avoid',
  'hate',
  'except',
  'instead',
]);
export const isNegation = (low: string): boolean => negations.has(low) || low.endsWith("n't") || low === 'dont';

/** What ends a clause. */
export const breaks = new Set([';', ':', '.', '!', '?', '—', '–', 'but', '(']);

/** What stands between things of one list. */
export const joins = new Set([',', 'and', '&', '/', '+', 'or', ';']);
