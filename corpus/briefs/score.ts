import { type Reading } from '@/core/brief';
import { featureIdOf } from '@/core/brief/facts/features';
import { factNames, type FactName, type Mark, type MarkedBrief } from './marked';

/** What a reading says of a fact, as words to compare. */
function readValues(reading: Reading, fact: FactName): string[][] {
  const one = (found: { value: string } | null) => (found ? [[found.value]] : []);
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
      // To sell is what a shop does where nothing else is said; it is marked so, too.
      return [[reading.goal.value]];
    case 'language':
      return reading.language && reading.language.value !== 'en' ? [[reading.language.value]] : [];
    case 'trade':
      return reading.trade ? [[reading.trade.value.label]] : [];
    case 'wanted':
      return reading.coloursWanted.map(({ value }) => [value.name]);
    case 'avoided':
      return reading.coloursAvoided.map(({ value }) => [value.name]);
    case 'reviews':
      // Printed with the seller's yes; what is read is what is quoted.
      return reading.praise.map(({ fact: { value } }) => [value.text]);
    case 'features':
      return reading.features.map(({ value, source }) => [value, source?.text ?? '']);
    case 'sells':
    case 'audience':
      return reading[fact].map(({ value }) => [value]);
    case 'tone':
      // Marks name what a site is likened to alone.
      return reading.tone.map(({ value }) => [value, value.replace(/^like an? /, '')]);
  }
}

/** Facts whose words may be more or fewer than a reader's, as long as most of them are the same. */
const loose: ReadonlySet<string> = new Set<FactName>([
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

export const isLoose = (fact: string): boolean => loose.has(fact);

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

/** Whether two numbers call the same telephone: one may be written without its country or with a 0 before its area. */
export function sameNumber(a: string, b: string): boolean {
  const [one = '', other = ''] = [a, b]
    .map((text) => text.replace(/\(0\)/g, '').replace(/\D/g, '').replace(/^0+/, ''))
    .sort((x, y) => y.length - x.length);
  return other.length >= leastDigits && one.endsWith(other);
}
const leastDigits = 6;

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

/** What is asked for may be marked as a page that Arcatum makes or in the seller's words. */
function isSame(fact: FactName, marked: string, read: string): boolean {
  if (fact === 'phone') return sameNumber(marked, read);
  if (samePhrase(marked, read, isLoose(fact))) return true;
  const id = fact === 'features' ? featureIdOf(read) : null;
  return id !== null && (marked === id || featureIdOf(marked) === id);
}

/** Right, wrong and missed values of each fact. */
export function factsOf(briefs: readonly { brief: MarkedBrief; reading: Reading }[]): Record<FactName, Count> {
  const count = (fact: FactName): Count => {
    const sum: Count = { right: 0, wrong: [], missed: [] };
    for (const { brief, reading } of briefs) {
      const left = [...(brief.facts[fact] ?? [])];
      for (const values of readValues(reading, fact)) {
        const at = left.findIndex((one) => values.some((value) => isSame(fact, one, value)));
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
