import { featuresOf, namesIn } from '@/core/brief/judge/features';
import { judge, roles, verdicts, withNeighbours, type JudgeWeights, type Judgement } from '@/core/brief/judge/judge';
import { readDocument, type Document } from '@/core/document';
import { packRow, softmax, unpackWeights, type Features, type Weights } from '@/core/softmax';
import { train, type Training } from '../regression';
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
  const document = readDocument(brief.text);
  return {
    document,
    features: featuresOf(document, namesIn(brief.goods)),
    marks: document.said.map((said) => markOver(brief, said)),
  };
}

export const usual = { rounds: 150, restraint: 0.0005, least: 2 };
/** Parts that the lessons are shown in, so that what a sentence alone says is known of sentences that were not shown. */
const parts = 4;

type Outcome = (mark: Mark) => number;
const roleOf: Outcome = ({ role }) => roles.indexOf(role);
const verdictOf: Outcome = ({ verdict }) => verdicts.indexOf(verdict);

function learn(lessons: readonly Pick<Lesson, 'features' | 'marks'>[], outcome: Outcome, training: Training): Map<string, number[]> {
  return train(
    lessons.flatMap(({ features, marks }) =>
      features.flatMap((seen, i) => {
        const mark = marks[i];
        return mark ? [{ features: seen, outcome: outcome(mark) }] : [];
      }),
    ),
    training,
  );
}

type Packed = Record<keyof JudgeWeights, Record<string, string>>;

const packed = (weights: ReadonlyMap<string, readonly number[]>): Record<string, string> =>
  Object.fromEntries([...weights].flatMap(([name, row]) => packRow(row)?.split('\n').map((text) => [name, text] as const) ?? []));

/** Trains the judge: the roles of sentences alone, then roles and verdicts with what the sentences beside them seem to do. */
export function trainJudge(lessons: readonly Lesson[], how = usual): Packed {
  const training = { ...how, outcomes: roles.length };
  const aloneOf = (shown: readonly Lesson[]): Record<string, string> => packed(learn(shown, roleOf, training));
  const guesses = new Map<Lesson, Features[]>();
  for (let part = 0; part < parts; part++) {
    const weights: Weights = unpackWeights(aloneOf(lessons.filter((_, i) => i % parts !== part)));
    for (const lesson of lessons.filter((_, i) => i % parts === part))
      guesses.set(
        lesson,
        withNeighbours(
          lesson.features,
          lesson.features.map((bag) => softmax(bag, weights, roles.length)),
        ),
      );
  }
  const beside = lessons.map((lesson) => ({ ...lesson, features: guesses.get(lesson) ?? [] }));
  return {
    alone: aloneOf(lessons),
    roles: packed(learn(beside, roleOf, training)),
    verdicts: packed(learn(beside, verdictOf, { ...training, outcomes: verdicts.length })),
  };
}

export const unpacked = (weights: Packed): JudgeWeights => ({
  alone: unpackWeights(weights.alone),
  roles: unpackWeights(weights.roles),
  verdicts: unpackWeights(weights.verdicts),
});

/** A sentence that was judged, with what it was marked. */
export interface Seen extends Judgement {
  mark: Mark;
}

export function judged(brief: MarkedBrief, by: JudgeWeights): Seen[] {
  return judge(readDocument(brief.text), brief.goods, by).flatMap((one) => {
    const mark = markOver(brief, one.said);
    return mark ? [{ ...one, mark }] : [];
  });
}
