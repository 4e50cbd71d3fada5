import { type Statement } from '../brief';
import { leansBack, nameThem } from './leaning';
import { fromBrief, type Text } from './text';

/** A sentence of the seller's with those after it that say nothing without it. */
export interface Unit {
  head: Statement;
  all: Statement[];
}

/**
 * Sentences with what leans on them. What leans on a sentence that isn't printed is not printed either.
 * @param apart keys of sentences that stand for themselves, since the seller has worked on them
 */
export function unitsOf(
  statements: readonly Statement[],
  goods: string | undefined,
  apart: ReadonlySet<string> = new Set(),
): Unit[] {
  const units: Unit[] = [];
  for (const statement of [...statements].sort((a, b) => a.source.start - b.source.start)) {
    const last = units.at(-1);
    if (apart.has(statement.key) || !leansBack(nameThem(statement.text, goods)))
      units.push({ head: statement, all: [statement] });
    else if (last && statement.after !== null && statement.after === last.all.at(-1)?.key) last.all.push(statement);
  }
  return units;
}

const wordsOf = (units: readonly Unit[]): number =>
  units.reduce((sum, { all }) => sum + all.reduce((words, one) => words + one.words, 0), 0);

/** A text of the seller's sentences, in their order. */
export function textOf(units: readonly Unit[], goods: string | undefined): Text {
  const all = units.flatMap((unit) => unit.all);
  const text = all.map((one, i) => (i === 0 || !leansBack(one.text) ? nameThem(one.text, goods) : one.text)).join(' ');
  return fromBrief(text, ...all.map((one) => one.source));
}

/** Longer paragraphs are parted. */
const longest = 60;

/**
 * Paragraphs as the brief has them, long ones parted.
 * @param apart keys of sentences that begin a paragraph of their own
 */
export function paragraphsOf(units: readonly Unit[], apart: ReadonlySet<string> = new Set()): Unit[][] {
  const found: Unit[][] = [];
  for (const unit of units) {
    const last = found.at(-1);
    const goesOn =
      last?.[0]?.head.paragraph === unit.head.paragraph && wordsOf([...last, unit]) <= longest && !apart.has(unit.head.key);
    if (last && goesOn && !apart.has(last[0]?.head.key ?? '')) last.push(unit);
    else found.push([unit]);
  }
  return found;
}

/** Who, since when, how, what is promised; the rest as it comes. */
const ranks: readonly ((unit: Unit) => boolean)[] = [
  ({ head }) => head.role === 'person' || head.fit.lead >= 0.3,
  ({ head }) => head.story >= 0.25,
  ({ head }) => head.role === 'process',
  ({ head }) => head.role === 'claim',
];

const rankOf = (paragraph: readonly Unit[]): number => {
  const found = ranks.findIndex((is) => paragraph.some(is));
  return found < 0 ? ranks.length : found;
};

/** Paragraphs in the order in which a stranger wants to be told: who it is, how it began, how things are made, what is promised. */
export const inOrderOfTelling = (paragraphs: readonly Unit[][]): Unit[][] =>
  paragraphs
    .map((paragraph, i) => ({ paragraph, i, rank: rankOf(paragraph) }))
    .sort((a, b) => a.rank - b.rank || a.i - b.i)
    .map(({ paragraph }) => paragraph);
