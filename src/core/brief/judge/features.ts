import { type Document, type Said } from '../../document';
import { isNoun, isVerb, sensesOf, singular, verbClass } from '../../lexicon';
import { type Features } from '../../softmax';
import { isColourList, namesColour } from '../colours';
import { isMoodList } from '../tone';
import smallWords from './smallWords.json';

const tokens =
  /[\w.+-]+@[\w.-]+\.\p{L}{2,}|https?:\/\/\S+|#[0-9a-f]{6}\b|#[0-9a-f]{3}\b|[£€$¥₹]\s?\d[\d.,]*|\d[\d.,]*\s?[£€$¥₹]|\d[\d.,:]*|\p{L}[\p{L}\p{M}]*(?:['’][\p{L}]+)*|[!?"“”„:;()/→=+&*-]/giu;

/** The kinds of what is no word. */
function kindOf(token: string): string {
  if (token.includes('@')) return '@mail';
  if (/^https?:/i.test(token)) return '@link';
  if (/^#/.test(token)) return '@code';
  if (/[£€$¥₹]/.test(token)) return '@money';
  if (/^(?:1[5-9]|20)\d\d$/.test(token)) return '@year';
  if (/^\d/.test(token)) return token.replace(/\D/g, '').length >= 6 ? '@long' : '@number';
  return '';
}

/** A sentence as words: small, straight apostrophes, numbers and addresses by their kind. */
export const wordsIn = (text: string): string[] =>
  (text.match(tokens) ?? []).map((token) => kindOf(token) || token.toLowerCase().replace(/’/g, "'"));

const isWord = (token: string): boolean => /^\p{L}/u.test(token);
const stemLength = 5;
const stemOf = (word: string): string => word.replace(/(?:'s|ing|ed|es|s|ly)$/, '').slice(0, stemLength + 1);
const subjects = new Set([
  'i',
  'we',
  'you',
  'it',
  'they',
  'he',
  'she',
  'this',
  'that',
  'these',
  'there',
  'nobody',
  'everyone',
  'people',
]);

const lengths: readonly [number, string][] = [
  [1, 'one'],
  [2, 'two'],
  [4, 'a few'],
  [8, 'short'],
  [14, 'middle'],
  [24, 'long'],
  [Infinity, 'very long'],
];

/** What the dictionary knows of a word. */
interface Known {
  noun: number | null;
  verb: number | null;
}

const known = new Map<string, Known>();
const mostKnown = 20_000;

/** The classes of a word's commonest meanings as a noun and as a verb (lexnames of WordNet). */
function classesOf(word: string): Known {
  const found = known.get(word);
  if (found) return found;
  const made = { noun: word.length > 2 ? (sensesOf(word)[0]?.kind ?? null) : null, verb: verbClass(word) };
  if (known.size > mostKnown) known.clear();
  known.set(word, made);
  return made;
}

const small = new Set(smallWords);
const isEnglish = (word: string): boolean => {
  const bare = word.split("'")[0] ?? '';
  if (small.has(bare)) return true;
  const { noun, verb } = classesOf(bare);
  return noun !== null || verb !== null;
};

/** What goods are called, as single words. */
export const namesIn = (goods: readonly string[]): ReadonlySet<string> =>
  new Set(
    goods.flatMap((title) =>
      wordsIn(title)
        .filter((word) => isWord(word) && word.length > 2)
        .map((word) => singular(word)),
    ),
  );

type Bag = Record<string, number>;
const put = (bag: Bag, name: string, value = 1): void => void (bag[name] = Math.max(bag[name] ?? 0, value));

/** So far into a sentence what it is of is named. */
const opening = 5;

/** What a sentence is of, where that is no pronoun: goods, people, a place, a time … "Imported ones come from two dealers." */
function ofSubject(bag: Bag, words: readonly string[], goods: ReadonlySet<string>): void {
  if (subjects.has(words[0]?.split("'")[0] ?? '')) return;
  for (const word of words.slice(0, opening)) {
    if (!isWord(word)) return;
    const { noun, verb } = classesOf(word);
    if (small.has(word) || noun === null) continue;
    put(bag, goods.has(singular(word)) ? 'of the goods' : `of n${noun}`);
    if (verb === null || singular(word) !== word) return;
  }
}

/** Words of the text itself: alone, in pairs, by stem, and what they are in the widest sense. */
function ofWords(bag: Bag, words: readonly string[], goods: ReadonlySet<string>): void {
  words.forEach((word, i) => {
    put(bag, `w ${word}`);
    put(bag, `b ${words[i - 1] ?? '^'} ${word}`);
    if (!isWord(word)) return;
    put(bag, `s ${stemOf(word)}`, 0.7);
    const { noun, verb } = classesOf(word);
    if (noun !== null) put(bag, `n ${noun}`, 0.5);
    if (verb !== null) put(bag, `v ${verb}`, 0.5);
    if (goods.has(singular(word))) put(bag, 'names goods');
  });
  ofSubject(bag, words, goods);
  put(bag, `b ${words.at(-1) ?? '^'} $`);
  put(bag, `first ${words[0] ?? ''}`);
  put(bag, `first two ${words.slice(0, 2).join(' ')}`);
  const [first = ''] = words;
  if (isWord(first) && isVerb(first) && !subjects.has(first)) put(bag, isNoun(first) ? 'maybe says do' : 'says do');
  const at = words.findIndex((word) => subjects.has(word.split("'")[0] ?? ''));
  if (at < 0) put(bag, 'no subject');
  else {
    put(bag, `subject ${words[at]?.split("'")[0] ?? ''}`);
    put(bag, `subject does ${words[at] ?? ''} ${words[at + 1] ?? ''}`);
  }
}

const numberWords = new Set(
  'two three four five six seven eight nine ten eleven twelve twenty thirty forty fifty hundred thousand twice another'.split(
    ' ',
  ),
);
/** The class of nouns of time: days, months, years (lexnames of WordNet). */
const timeClass = 28;
const isFigure = (word: string): boolean =>
  word === '@number' || word === '@year' || numberWords.has(word) || (isWord(word) && classesOf(word).noun === timeClass);

/** How a text looks, whatever it says. */
function ofShape(bag: Bag, { text, bullet, ownLine, label }: Said, words: readonly string[]): void {
  const all = words.filter(isWord);
  put(bag, `length ${lengths.find(([most]) => all.length <= most)?.[1] ?? ''}`);
  put(bag, `ends ${/[.!?,:…]/.exec(text.at(-1) ?? '')?.[0] ?? 'without a mark'}`);
  put(bag, `${bullet ? 'bullet' : 'no bullet'} ${ownLine ? 'own line' : 'among others'}`);
  if (words.filter(isFigure).length > 1) put(bag, all.length <= 12 ? 'two figures in few words' : 'two figures');
  if (/[“"”„]/.test(text)) put(bag, 'quotes');
  // After "What we do:" everything does.
  if (/^\p{Ll}/u.test(text) && !label) put(bag, 'begins small');
  if (/\p{Lu}\p{L}/u.test(text.slice(1))) put(bag, 'names somebody');
  if (/\p{Lu}{3}/u.test(text)) put(bag, 'capitals');
  if (namesColour(text)) put(bag, 'a colour');
  if (isColourList(text)) put(bag, 'colours alone');
  if (isMoodList(text)) put(bag, 'moods alone');
  const english = all.filter(isEnglish).length / Math.max(1, all.length);
  if (all.length >= 3) put(bag, `english ${english < 0.35 ? 'no' : english < 0.7 ? 'partly' : 'yes'}`);
}

/** What stands around it: label, heading, question, speaker, the sentences beside it. */
function ofPlace(bag: Bag, said: Said, before: Said | undefined, share: number | null): void {
  put(bag, `stands ${said.standing}`);
  for (const [name, over] of [
    ['l', said.label],
    ['h', said.heading],
    ['q', said.question],
  ] as const) {
    for (const word of wordsIn(over)) {
      put(bag, `${name} ${stemOf(word)}`);
      put(bag, `over ${stemOf(word)}`, 0.7);
    }
    if (over) put(bag, `under ${name}`);
  }
  if (said.speaker) put(bag, 'spoken');
  if (said.nth === 0) put(bag, 'opens paragraph');
  if (share !== null) put(bag, `at ${Math.min(3, Math.floor(share * 4))}`);
  const near = before && before.paragraph === said.paragraph ? before : undefined;
  for (const word of near ? wordsIn(near.text).slice(0, 12) : []) if (isWord(word)) put(bag, `p ${stemOf(word)}`, 0.4);
}

/** In a document of so many sentences it says something where one stands. */
const longEnough = 8;

/** All that speaks for what each sentence of a document does in it. */
export function featuresOf({ said }: Document, goods: ReadonlySet<string>): Features[] {
  return said.map((one, i) => {
    const bag: Bag = { bias: 1 };
    const words = wordsIn(one.text);
    ofWords(bag, words, goods);
    ofShape(bag, one, words);
    ofPlace(bag, one, said[i - 1], said.length >= longEnough ? i / said.length : null);
    return bag;
  });
}
