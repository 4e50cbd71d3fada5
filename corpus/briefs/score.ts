import { type Reading } from '@/core/brief';
import { factNames, type FactName, type Mark, type MarkedBrief } from './marked';

/** What a reading says of a fact, as words to compare. What stands in no words of the brief, as a guessed goal, doesn't count. */
function readValues(reading: Reading, fact: FactName): string[][] {
  const one = (found: { value: string; source: unknown } | null) => (found?.source ? [[found.value]] : []);
  switch (fact) {
    case 'name':
    case 'place':
    case 'country':
    case 'reach':
    case 'origin':
    case 'email':
    case 'phone':
    case 'address':
    case 'currency':
      return one(reading[fact]);
    case 'goal':
      return one(reading.goal);
    case 'language':
      return reading.language && reading.language.value !== 'en' ? [[reading.language.value]] : [];
    case 'trade':
      return reading.trade ? [[reading.trade.value.label]] : [];
    case 'wanted':
      return reading.coloursWanted.map(({ value }) => [value.name]);
    case 'avoided':
      return reading.coloursAvoided.map(({ value }) => [value.name]);
    case 'reviews':
      return reading.reviews.map(({ value }) => [value.text]);
    case 'features':
      return reading.features.map(({ value, source }) => [value, source?.text ?? '']);
    case 'sells':
    case 'audience':
    case 'tone':
      return reading[fact].map(({ value }) => [value]);
  }
}

/** Facts whose words may be more or fewer than a reader's, as long as most of them are the same. */
const loose: ReadonlySet<FactName> = new Set([
  'sells',
  'trade',
  'audience',
  'wanted',
  'avoided',
  'features',
  'place',
  'address',
  'reviews',
]);

const wordsOf = (text: string): string[] =>
  text
    .toLowerCase()
    .replace(/[’]/g, "'")
    .match(/[\p{L}\p{N}']+/gu)
    ?.map((word) => word.replace(/(?<=\p{L}{2})s$/u, '')) ?? [];

/** Whether two phrases say the same: equal, or sharing six words of ten of the shorter and half of the longer. */
export function samePhrase(a: string, b: string, isLoose: boolean): boolean {
  const [first, second] = [wordsOf(a), wordsOf(b)];
  if (first.join(' ') === second.join(' ')) return true;
  if (!isLoose) return false;
  const shared = first.filter((word) => second.includes(word)).length;
  return shared >= Math.min(first.length, second.length) * 0.6 && shared * 2 >= Math.max(first.length, second.length);
}

export interface Count {
  right: number;
  wrong: string[];
  missed: string[];
}

export const precision = ({ right, wrong }: Count): number => (right + wrong.length ? right / (right + wrong.length) : 1);
export const recall = ({ right, missed }: Count): number => (right + missed.length ? right / (right + missed.length) : 1);

export const sumOf = (counts: readonly Count[]): Count => ({
  right: counts.reduce((sum, { right }) => sum + right, 0),
  wrong: counts.flatMap(({ wrong }) => wrong),
  missed: counts.flatMap(({ missed }) => missed),
});

/** Right, wrong and missed values of each fact. */
export function factsOf(briefs: readonly { brief: MarkedBrief; reading: Reading }[]): Record<FactName, Count> {
  const count = (fact: FactName): Count => {
    const sum: Count = { right: 0, wrong: [], missed: [] };
    for (const { brief, reading } of briefs) {
      const left = [...(brief.facts[fact] ?? [])];
      for (const values of readValues(reading, fact)) {
        const at = left.findIndex((one) => values.some((value) => samePhrase(one, value, loose.has(fact))));
        if (at >= 0) {
          left.splice(at, 1);
          sum.right++;
        } else sum.wrong.push(`${brief.what}: ${values.join(' / ')}`);
      }
      sum.missed.push(...left.map((value) => `${brief.what}: ${value}`));
    }
    return sum;
  };
  return Object.fromEntries(factNames.map((fact) => [fact, count(fact)])) as Record<FactName, Count>;
}

/** A stretch of a brief that may be printed. */
export interface Printable {
  start: number;
  end: number;
}

/** Whether most of what a mark stands over is among what may be printed. */
export function isPrinted({ start, end }: Mark, printable: readonly Printable[]): boolean {
  const covered = printable.reduce((sum, one) => sum + Math.max(0, Math.min(end, one.end) - Math.max(start, one.start)), 0);
  return covered * 2 > end - start;
}

export interface Sentences {
  /** Marked never, and let through. */
  shaming: string[];
  /** Marked print, and neither let through nor asked about. */
  lost: string[];
  /** All that is marked print. */
  own: number;
  /** All that was let through. */
  printed: number;
  never: number;
  asked: number;
}

/** What of a brief is let through that may not be, and what is held back that should be. */
export function sentencesOf(brief: MarkedBrief, printable: readonly Printable[], asked: readonly Printable[] = []): Sentences {
  const words = ({ start, end }: Mark) => brief.text.slice(start, end);
  const printed = brief.marks.filter((mark) => isPrinted(mark, printable));
  const own = brief.marks.filter(({ verdict }) => verdict === 'print');
  return {
    shaming: printed.filter(({ verdict }) => verdict === 'never').map(words),
    lost: own.filter((mark) => !printed.includes(mark) && !isPrinted(mark, asked)).map(words),
    own: own.length,
    printed: printed.length,
    never: brief.marks.filter(({ verdict }) => verdict === 'never').length,
    asked: brief.marks.filter((mark) => isPrinted(mark, asked)).length,
  };
}
