import { type Reading } from '@/core/brief';
import { samePhrase, sumOf, type Count } from '../../corpus/briefs/score';
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

/** Counts right, wrong and missed values for each fact over several briefs. */
export function tally(briefs: readonly MarkedBrief[], read: (brief: string) => Reading): Record<ScoredFact, Count> {
  const counts = Object.fromEntries(scoredFacts.map((fact) => [fact, { right: 0, wrong: [], missed: [] }])) as unknown as Record<
    ScoredFact,
    Count
  >;
  for (const { what, brief, expected } of briefs) {
    const reading = read(brief);
    for (const fact of scoredFacts) {
      const wanted = expected[fact];
      const left = wanted === undefined ? [] : Array.isArray(wanted) ? [...wanted] : [wanted];
      for (const value of readValues(reading, fact)) {
        const at = left.findIndex((one) => samePhrase(one, value, loose.has(fact)));
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

/** All facts taken together. */
export const overall = (counts: Record<ScoredFact, Count>): Count => sumOf(Object.values(counts));
