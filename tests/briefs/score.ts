import { type Reading } from '@/core/brief';
import { type Expected, type MarkedBrief } from './brief';

export type ScoredFact = keyof Expected;

export const scoredFacts: readonly ScoredFact[] = [
  'name',
  'sells',
  'trade',
  'audience',
  'tone',
  'style',
  'coloursWanted',
  'coloursAvoided',
  'features',
  'goal',
  'difference',
  'place',
  'country',
  'reach',
  'origin',
  'email',
  'phone',
  'address',
  'links',
  'currency',
  'language',
];

/** Facts whose words may be longer or shorter than a reader's, as long as most of them are the same. */
const loose: ReadonlySet<ScoredFact> = new Set([
  'sells',
  'audience',
  'difference',
  'trade',
  'address',
  'place',
  'coloursWanted',
  'coloursAvoided',
]);

/** What a reading says of a fact. Guesses that stand in no words, such as the goal of a brief that gives none, don't count. */
function readValues(reading: Reading, fact: ScoredFact): string[] {
  if (fact === 'goal') return reading.goal.source ? [reading.goal.value] : [];
  if (fact === 'trade') return reading.trade ? [reading.trade.value.label] : [];
  if (fact === 'coloursWanted' || fact === 'coloursAvoided') return reading[fact].map((colour) => colour.value.name);
  const found = reading[fact];
  if (!found) return [];
  if (Array.isArray(found)) return found.map((one) => one.value);
  // A fact without a source is derived, as the currency of a country is; a careful reader derives it too, but isn't asked here.
  return found.source || fact === 'language' ? [found.value] : [];
}

const wordsOf = (text: string): string[] =>
  text
    .toLowerCase()
    .replace(/[’]/g, "'")
    .match(/[\p{L}\p{N}']+/gu)
    ?.map((word) => word.replace(/(?<=\p{L}{2})s$/u, '')) ?? [];

/** Whether two phrases say the same: equal, or sharing at least six of ten words of the shorter and half of the longer. */
export function sameFact(fact: ScoredFact, a: string, b: string): boolean {
  const [first, second] = [wordsOf(a), wordsOf(b)];
  if (first.join(' ') === second.join(' ')) return true;
  if (!loose.has(fact)) return false;
  const shared = first.filter((word) => second.includes(word)).length;
  const [shorter, longer] = [Math.min(first.length, second.length), Math.max(first.length, second.length)];
  return shared >= shorter * 0.6 && shared * 2 >= longer;
}

export interface Tally {
  right: number;
  /** Read, but not in the brief. */
  wrong: string[];
  /** In the brief, but not read. */
  missed: string[];
}

/** Counts right, wrong and missed values for each fact over several briefs. */
export function tally(briefs: readonly MarkedBrief[], read: (brief: string) => Reading): Record<ScoredFact, Tally> {
  const counts = Object.fromEntries(scoredFacts.map((fact) => [fact, { right: 0, wrong: [], missed: [] }])) as unknown as Record<
    ScoredFact,
    Tally
  >;
  for (const { what, brief, expected } of briefs) {
    const reading = read(brief);
    for (const fact of scoredFacts) {
      const wanted = expected[fact];
      const left = wanted === undefined ? [] : Array.isArray(wanted) ? [...wanted] : [wanted];
      for (const value of readValues(reading, fact)) {
        const at = left.findIndex((one) => sameFact(fact, one, value));
        if (at >= 0) {
          left.splice(at, 1);
          counts[fact].right++;
        } else counts[fact].wrong.push(`${what}: ${value}`);
      }
      counts[fact].missed.push(...left.map((value) => `${what}: ${value}`));
    }
  }
  return counts;
}

export const precision = ({ right, wrong }: Tally): number => (right + wrong.length ? right / (right + wrong.length) : 1);
export const recall = ({ right, missed }: Tally): number => (right + missed.length ? right / (right + missed.length) : 1);

/** All facts taken together. */
export function overall(counts: Record<ScoredFact, Tally>): Tally {
  const all = Object.values(counts);
  return {
    right: all.reduce((sum, one) => sum + one.right, 0),
    wrong: all.flatMap((one) => one.wrong),
    missed: all.flatMap((one) => one.missed),
  };
}
