import { isNoun, sensesOf, singular, verbClass } from '../lexicon';
import { factAt, type Fact } from './fact';
import { isGrammar } from './facts/tokens';
import { inFigures } from '../numberWords';
import { once } from '../once';
import { type Statement } from './statements';

/** A number that the brief gives, with what it counts: "4,100", "wheels since 1998". */
export interface Figure {
  figure: string;
  what: string;
}

/** Classes of nouns that measure: quantities and times (lexnames of WordNet). A number of them says nothing by itself. */
const measures = new Set([23, 28]);
/** Units of measure of CLDR, each by its last word: "degree", "meter", "percent". */
const units = once(() => new Set(Intl.supportedValuesOf('unit').map((unit) => unit.split('-').at(-1) ?? unit)));
const isMeasure = (word: string): boolean => units().has(word) || measures.has(sensesOf(word)[0]?.kind ?? 0);

/** What is told of further on is not what there is: "two hands that were pressed". */
const toldOf = /^\s+(?:that|which|who)\s/i;

const clauseEnd = /[,;:.!?()–—]+\s*|\s+(?:and|but|so|or|which|who|that|until|because|when|where|if)\s+/gi;
const fewWords = 6;

/** Single words of a clause, with where they begin. */
const wordsIn = (clause: string): { word: string; at: number }[] =>
  [...clause.matchAll(/[\p{L}\d][\p{L}\p{M}\d,’'-]*/gu)].map(({ 0: word, index }) => ({ word, at: index }));

/** "No two batches match" counts none, "each has two holes" what one has. */
const isNone = /^(?:no|not|never|any|every|each)$/;

/** What stands before a figure that counts what the shop has: "we have", "there are now", "the yarn comes in". */
function opens(words: readonly string[], goods: ReadonlySet<string>): boolean {
  if (words.length >= fewWords || words.some((word) => isNone.test(word))) return false;
  const others = words.filter((word) => !isGrammar(word) && !word.endsWith('ed') && !goods.has(singular(word)));
  return others.length === 0 || (others.length === 1 && others[0] !== words[0] && verbClass(others[0] ?? '') !== null);
}

/** Several of something; a word of the trade may be in no dictionary. */
const isThings = (word: string): boolean => {
  const one = singular(word);
  return (
    one !== word && word !== 'times' && (isNoun(one) || (word.endsWith('s') && verbClass(word) === null && !isGrammar(word)))
  );
};

const isOnlyVerb = (word: string): boolean => verbClass(word) !== null && !isNoun(word) && !word.endsWith('ed');

/** How much of a clause says what is counted: a thing or things, and where or since when. */
function countedIn(words: readonly { word: string; at: number }[]): number {
  const first = words[0]?.word ?? '';
  const things = words.findIndex(({ word }) => isThings(word));
  if (
    things < 0 ||
    things > 2 ||
    words.slice(0, things + 1).some(({ word }) => /^\p{Lu}/u.test(word) || isOnlyVerb(word)) ||
    isGrammar(first.toLowerCase()) ||
    isMeasure(singular(first.toLowerCase()))
  )
    return 0;
  const next = words[things + 1]?.word.toLowerCase() ?? '';
  if (/^(?:since|in|from|of|at)$/.test(next) && words.length <= fewWords) return words.length;
  return things + 1;
}

/** Numbers that count what a shop has or has done, each the point of its clause; not prices, terms of delivery or numbers to call. */
export function readFigures(brief: string, statements: readonly Statement[], sells: readonly string[]): Fact<Figure>[] {
  const goods = new Set(
    sells.flatMap((one) =>
      one
        .toLowerCase()
        .split(/[\s-]+/)
        .map(singular),
    ),
  );
  const found: Fact<Figure>[] = [];
  for (const { source, topics } of statements) {
    if (topics.some((topic) => topic === 'delivery' || topic === 'returns' || topic === 'contact')) continue;
    for (const { clause, start } of clausesOf(source.text)) {
      if (toldOf.test(source.text.slice(start + clause.length))) continue;
      const words = wordsIn(clause);
      // "Of 100 blanks 62 become sticks" compares.
      if (words.filter(({ word }) => inFigures(word) !== null).length > 1) continue;
      const at = words.findIndex(({ word }) => inFigures(word) !== null);
      const [number, ...rest] = at < 0 ? [] : words.slice(at);
      if (
        !number ||
        !opens(
          words.slice(0, at).map(({ word }) => word.toLowerCase()),
          goods,
        )
      )
        continue;
      if (/\p{Sc}\s*$/u.test(clause.slice(0, number.at))) continue;
      const told = rest.slice(0, countedIn(rest));
      const last = told.at(-1);
      if (!last) continue;
      const what = clause.slice(told[0]?.at ?? 0, last.at + last.word.length);
      if (found.some((known) => known.value.what === what)) continue;
      const end = last.at + last.word.length;
      found.push(
        factAt(
          brief,
          { figure: inFigures(number.word) ?? '', what },
          0.8,
          source.start + start + number.at,
          source.start + start + end,
        ),
      );
    }
  }
  return found.slice(0, 6);
}

function clausesOf(text: string): { clause: string; start: number }[] {
  const found: { clause: string; start: number }[] = [];
  let start = 0;
  for (const { 0: mark, index } of text.matchAll(clauseEnd)) {
    // A mark within a number is none.
    if (mark === ',' && /\d$/.test(text.slice(0, index)) && /^\d/.test(text.slice(index + 1))) continue;
    found.push({ clause: text.slice(start, index), start });
    start = index + mark.length;
  }
  return [...found, { clause: text.slice(start), start }];
}
