import { distance } from 'fastest-levenshtein';
import { softmax, type Features, type Weights } from '../softmax';
import { type ThingKind } from '../things/about';
import { sentenceKinds, type SentenceKind } from './about';
import { featuresOf, seenIn } from './features';
import { type Part } from './sentence';
import stored from './weights.json';

/** What a sentence can be: one of the kinds, or nothing that is done here. */
export const outcomes = [...sentenceKinds, 'nothing'] as const;
export type Outcome = SentenceKind | 'nothing';

export interface JudgeWeights {
  weights: Weights;
  /** A word as training has seen it, or null. */
  known: (word: string) => string | null;
  /** Of a word that training has not seen, those that it has and that mean the same, the likeliest first. */
  like: (word: string) => readonly string[];
}

/** The outcomes as one character each, as weights are stored: those that matter of a feature, with their letter. */
const firstLetter = 0x21;
const letterOf = (outcome: number): string =>
  String.fromCharCode(firstLetter + outcome + (outcome + firstLetter >= 0x5c ? 1 : 0));
const outcomeOf = (letter: string): number => {
  const code = letter.charCodeAt(0);
  return code - firstLetter - (code > 0x5c ? 1 : 0);
};
const step = 0.1;
const middle = 45;

/** Weights of a feature as pairs of characters: which outcome, and how much. What weighs next to nothing is left out. */
export const packSparse = (row: readonly number[], least: number): string =>
  row
    .flatMap((weight, outcome) => {
      const steps = Math.max(-middle, Math.min(middle, Math.round(weight / step)));
      const code = firstLetter + steps + middle;
      return Math.abs(weight) < least || !steps ? [] : [letterOf(outcome) + String.fromCharCode(code >= 0x5c ? code + 1 : code)];
    })
    .join('');

function unpackSparse(text: string): Float64Array {
  const row = new Float64Array(outcomes.length);
  for (let i = 0; i + 1 < text.length; i += 2) {
    const code = text.charCodeAt(i + 1);
    row[outcomeOf(text[i] ?? '')] = (code - (code > 0x5c ? 1 : 0) - firstLetter - middle) * step;
  }
  return row;
}

export interface StoredJudge {
  features: Readonly<Record<string, string>>;
  words: string;
  /** Words that mean the same as some that were seen: "tighten trim;…". */
  like: string;
}

/** Words that were seen, and those that are a typing slip away from one that is long enough to tell. */
export function knower(words: readonly string[]): (word: string) => string | null {
  const all = new Set(words);
  const long = words.filter((word) => word.length >= 5);
  const met = new Map<string, string | null>();
  return (word) => {
    if (all.has(word)) return word;
    if (word.length < 5) return null;
    let found = met.get(word);
    if (found === undefined) {
      found =
        long.find((one) => Math.abs(one.length - word.length) <= 1 && one[0] === word[0] && distance(one, word) === 1) ?? null;
      met.set(word, found);
    }
    return found;
  };
}

export function judgeOf({ features, words, like }: StoredJudge): JudgeWeights {
  const known = knower(words.split(' '));
  const alike = new Map(like.split(';').map((line) => [line.slice(0, line.indexOf(' ')), line.split(' ').slice(1)]));
  return {
    weights: new Map(Object.entries(features).map(([name, row]) => [name, unpackSparse(row)])),
    known,
    like: (word) => alike.get(word) ?? [],
  };
}

let learned: JudgeWeights | null = null;
export const learnedJudge = (): JudgeWeights => (learned ??= judgeOf(stored));

/** How likely a sentence is each of the outcomes, in their order. */
export function judge(parts: readonly Part[], at: ThingKind, by = learnedJudge()): number[] {
  const features: Features = featuresOf(seenIn(parts), at, by);
  return softmax(features, by.weights, outcomes.length);
}
