import {
  allSentences,
  featuresOf,
  knower,
  outcomes,
  packSparse,
  readSentence,
  seenIn,
  seenInWords,
  type StoredJudge,
} from '@/core/sentences';
import { type Features } from '@/core/softmax';
import { thingOf, type ThingKind } from '@/core/things/about';
import { train } from '../regression';
import { likeWords } from './like';
import { practice, saidOn, shopNamed, type Batch } from './marked';

type Seen = ReturnType<typeof seenIn>;

/** What is learned from: what was seen, where it was said, and what it was. */
interface Lesson {
  seen: Seen;
  at: ThingKind;
  outcome: number;
  weight: number;
}

const outcomeOf = (kind: string) => outcomes.indexOf((kind === 'refuse' ? 'nothing' : kind) as (typeof outcomes)[number]);

/** The words of each definition, at each kind of thing that they may be said at. */
const fromDefinitions = (): Lesson[] =>
  allSentences.flatMap(({ kind, at, words }) =>
    words.flatMap((one) => {
      const seen = seenInWords(one);
      return at.map((thing) => ({ seen, at: thing, outcome: outcomeOf(kind), weight: 1 / at.length }));
    }),
  );

/** More ways to say each kind, written for training alone. */
const fromPractice = (): Lesson[] =>
  practice().flatMap(({ kind, at, words }) => {
    const seen = seenInWords(words);
    return at.map((thing) => ({ seen, at: thing, outcome: outcomeOf(kind), weight: 1.2 / at.length }));
  });

const fromBatch = ({ marked, shop }: Batch): Lesson[] =>
  marked.map(({ at, text, kind }) => ({
    seen: seenIn(readSentence(text, shop, saidOn).parts),
    at: thingOf(at)?.kind ?? 'page',
    outcome: outcomeOf(kind),
    weight: 1.5,
  }));

/** Sentences that are no wish, at every kind of thing in turn. */
const fromNothing = (sentences: readonly string[]): Lesson[] => {
  const things: readonly ThingKind[] = [
    'page',
    'section',
    'heading',
    'card',
    'page',
    'text',
    'button',
    'page',
    'logo',
    'picture',
  ];
  const { shop } = shopNamed('clubs');
  return sentences.map((text, i) => ({
    seen: seenIn(readSentence(text, shop, saidOn).parts),
    at: things[i % things.length] ?? 'page',
    outcome: outcomeOf('nothing'),
    weight: 1,
  }));
};

/** A word is known from so many sentences on. */
const least = 2;
const leastWeight = 0.2;
/** How strongly weights are held back, for each sentence; chosen on batches 10 to 19, not shown, by a library of its own. */
const restraint = 0.00002;

/** Trains the judge of sentences: the same bytes each time. */
export function trainSentences(batches: readonly Batch[], nothing: readonly string[], rounds = 450): StoredJudge {
  const lessons = [...fromDefinitions(), ...fromPractice(), ...batches.flatMap(fromBatch), ...fromNothing(nothing)];
  // A word is known from two sentences on: of others it is only counted that they are there.
  const seen = new Map<string, Set<number>>();
  for (const lesson of lessons.filter(({ outcome }) => outcome !== outcomes.length - 1))
    for (const one of lesson.seen) {
      if (!('word' in one)) continue;
      const of = seen.get(one.word) ?? new Set();
      seen.set(one.word, of.add(lesson.seen.length * 1000 + lessons.indexOf(lesson)));
    }
  const known = new Set([...seen].filter(([, of]) => of.size >= least).map(([word]) => word));
  const knows = knower([...known].sort());
  const like = likeWords(known);
  const examples = lessons.map(({ seen: what, at, outcome, weight }) => {
    const features: Features = featuresOf(what, at, { known: knows, like: (word) => like.get(word) ?? [] });
    return { features, outcome, weight };
  });
  const rows = train(examples, { outcomes: outcomes.length, rounds, restraint, least: 1 });
  const features: Record<string, string> = {};
  for (const [name, row] of rows) {
    const packed = packSparse(row, leastWeight);
    if (packed) features[name] = packed;
  }
  return {
    features,
    words: [...known].sort().join(' '),
    like: [...like].map(([word, others]) => `${word} ${others.join(' ')}`).join(';'),
  };
}
