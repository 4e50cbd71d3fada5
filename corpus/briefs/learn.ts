import { featuresOf, namesIn } from '@/core/brief/judge/features';
import {
  fits,
  judge,
  learnedOf,
  nearOf,
  roles,
  verdicts,
  type JudgeWeights,
  type Judgement,
  type StoredWeights,
} from '@/core/brief/judge/judge';
import { calmed } from '@/core/brief/calm';
import { readDocument, type Document } from '@/core/document';
import { packRow, softmax, type Features } from '@/core/softmax';
import { rank, train, type Training } from '../regression';
import { type Mark, type MarkedBrief } from './marked';

interface Stretch {
  start: number;
  end: number;
}

const shared = (a: Stretch, b: Stretch): number => Math.max(0, Math.min(a.end, b.end) - Math.max(a.start, b.start));

/** The mark that most of a sentence stands under, where the reader parts a text otherwise than its writer. */
export function markOver(brief: MarkedBrief, said: Stretch): Mark | undefined {
  let best: Mark | undefined;
  for (const mark of brief.marks) if (shared(mark, said) > (best ? shared(best, said) : 0)) best = mark;
  return best;
}

/** A brief as the judge learns of it: its features, and what each of its sentences was marked. */
export interface Lesson {
  document: Document;
  features: Features[];
  marks: (Mark | undefined)[];
}

export function lessonOf(brief: MarkedBrief): Lesson {
  const document = readDocument(calmed(brief.text));
  return {
    document,
    features: featuresOf(document, namesIn(brief.goods)),
    marks: document.said.map((said) => markOver(brief, said)),
  };
}

export const usual = { rounds: 150, restraint: 0.0005, least: 2 };
/** Parts that the lessons are shown in, so that first guesses are known of sentences that were not shown. */
const folds = 4;
/** A feature of which no weight is as strong as this is left out. */
const leastWeight = 0.18;

type Rows = ReadonlyMap<string, readonly number[]>;
/** What a mark says that there is to learn; an editor may take one sentence for several places. */
type Outcomes = (mark: Mark) => number[];
const roleOf: Outcomes = ({ role }) => [roles.indexOf(role)];
const verdictOf: Outcomes = ({ verdict }) => [verdicts.indexOf(verdict)];

/** What a place is chosen by is plain: single words, their kinds, length and shape. Pairs of words and neighbours are too rare to be learned of. */
const tellsOfPlaces = (name: string): boolean => !/^(?:b|p|h|l|q|over|at|after|before|after that) /.test(name);
/** Choices are few, so weights are held back more. */
const ofChoices = { rounds: 150, restraint: 0.01, least: 3 };

/** For each place, what makes editors take one sentence of a brief rather than another, or none: of those that may be printed. */
function rankPlaces(lessons: readonly Shown[]): Rows {
  const columns = fits.map((place) =>
    rank(
      lessons.map(({ features, marks }) => ({
        candidates: features.flatMap((seen, i) => {
          const mark = marks[i];
          if (!mark || mark.verdict === 'never') return [];
          const plain = Object.fromEntries(Object.entries(seen).filter(([name]) => tellsOfPlaces(name)));
          return [{ features: plain, right: mark.choices.includes(place) }];
        }),
      })),
      ofChoices,
    ),
  );
  const names = new Set(columns.flatMap((column) => [...column.keys()]));
  return new Map([...names].map((name) => [name, columns.map((column) => column.get(name) ?? 0)]));
}

interface Shown {
  features: readonly Features[];
  marks: Lesson['marks'];
}

const learn = (lessons: readonly Shown[], of: Outcomes, training: Training): Rows =>
  train(
    lessons.flatMap(({ features, marks }) =>
      features.flatMap((seen, i) => {
        const mark = marks[i];
        const outcomes = mark ? of(mark) : [];
        return outcomes.map((outcome) => ({ features: seen, outcome, weight: 1 / outcomes.length }));
      }),
    ),
    training,
  );

/** Rows of several tables side by side, one for each feature; what weighs next to nothing in all of them is left out. */
function packed(tables: Record<keyof JudgeWeights, Rows>, of: keyof StoredWeights): Record<string, string> {
  const [[first]] = learnedOf[of];
  const rows: Record<string, string> = {};
  for (const name of tables[first].keys()) {
    const row = learnedOf[of].flatMap(([part, width]) => tables[part].get(name) ?? new Array<number>(width).fill(0));
    if (row.some((weight) => Math.abs(weight) >= leastWeight)) rows[name] = packRow(row);
  }
  return rows;
}

/** Trains the judge; its first guesses are learned on parts of the lessons and made on the rest. */
export function trainJudge(lessons: readonly Lesson[], how = usual): StoredWeights {
  const training = { ...how, outcomes: roles.length };
  const nearTo = ({ document, features }: Lesson, guess: Rows) =>
    nearOf(
      document,
      features.map((bag) => softmax(bag, guess, roles.length)),
    );
  const near = new Map<Lesson, Features[]>();
  for (let fold = 0; fold < folds; fold++) {
    const guess = learn(
      lessons.filter((_, i) => i % folds !== fold),
      roleOf,
      training,
    );
    for (const lesson of lessons.filter((_, i) => i % folds === fold)) near.set(lesson, nearTo(lesson, guess));
  }
  const beside = lessons.map((lesson) => ({ ...lesson, features: near.get(lesson) ?? [] }));
  const all = beside.map(({ features, ...lesson }, i) => ({
    ...lesson,
    features: features.map((bag, n) => ({ ...lessons[i]?.features[n], ...bag })),
  }));
  const tables = {
    alone: learn(lessons, roleOf, training),
    roles: learn(beside, roleOf, training),
    verdicts: learn(all, verdictOf, { ...training, outcomes: verdicts.length }),
    fits: rankPlaces(all),
  };
  return { words: packed(tables, 'words'), near: packed(tables, 'near') };
}

/** A sentence that was judged, with what it was marked. */
export interface Seen extends Judgement {
  mark: Mark;
}

export function judged(brief: MarkedBrief, by: JudgeWeights): Seen[] {
  return judge(readDocument(calmed(brief.text)), brief.goods, by).flatMap((one) => {
    const mark = markOver(brief, one.said);
    return mark ? [{ ...one, mark }] : [];
  });
}
