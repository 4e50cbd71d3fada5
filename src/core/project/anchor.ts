import { plainWords } from '../keys';

/** A thing with a name, and the words that it is known by. */
export interface Anchor {
  key: string;
  says: string;
}

/** Where things went: the new key of each old one, or null where what it stood on is gone. */
export type Anchoring = (key: string) => string | null;

/** Least likeness, 0–1, at which a changed text is still the same thing. Found by editing sentences of the marked briefs. */
const leastLike = 0.6;
/** By so much the best must be better than the next best: in doubt, nothing is moved. */
const leastLead = 0.1;

/**
 * Follows things through a change of the texts that they come from: by the same words first, then by the words that they share. One old
 * thing goes to one new thing at most. Words that stand in many of them say little.
 */
export function reanchor(before: readonly Anchor[], after: readonly Anchor[]): Anchoring {
  const same = new Set(after.map(({ key }) => key));
  const taken = new Set(before.filter(({ key }) => same.has(key)).map(({ key }) => key));
  const left = before.filter(({ key }) => !same.has(key));
  const fresh = after.filter(({ key }) => !taken.has(key));
  const moved = matched(left, fresh);
  return (key) => (same.has(key) ? key : (moved.get(key) ?? null));
}

function matched(left: readonly Anchor[], fresh: readonly Anchor[]): Map<string, string> {
  const words = new Map([...left, ...fresh].map((one) => [one, new Set(plainWords(one.says))]));
  const counts = new Map<string, number>();
  for (const set of words.values()) for (const word of set) counts.set(word, (counts.get(word) ?? 0) + 1);
  const weight = (word: string) => 1 / (counts.get(word) ?? 1);
  const sum = (set: Iterable<string>) => [...set].reduce((total, word) => total + weight(word), 0);
  /** Dice's coefficient over weighted words (L. R. Dice, Ecology 26, 1945). */
  const likeness = (a: Anchor, b: Anchor) => {
    const [one, other] = [words.get(a) ?? new Set<string>(), words.get(b) ?? new Set<string>()];
    const all = sum(one) + sum(other);
    return all ? (2 * sum([...one].filter((word) => other.has(word)))) / all : 0;
  };
  const pairs = left.flatMap((a) => fresh.map((b) => ({ a, b, like: likeness(a, b) })).filter(({ like }) => like > 0));
  const rivals = new Map<Anchor, TopTwo>();
  for (const { a, b, like } of pairs) for (const end of [a, b]) rivals.set(end, withLike(rivals.get(end), like));
  /** How far a pair is ahead of every other that has one of its ends. */
  const lead = ({ a, b, like }: (typeof pairs)[number]) =>
    like - Math.max(otherThan(like, rivals.get(a)), otherThan(like, rivals.get(b)));
  return new Map(pairs.filter((pair) => pair.like >= leastLike && lead(pair) >= leastLead).map(({ a, b }) => [a.key, b.key]));
}

/** The two greatest likenesses that a thing has to others. */
type TopTwo = readonly [best: number, next: number];

const withLike = ([best, next]: TopTwo = [0, 0], like: number): TopTwo =>
  like > best ? [like, best] : [best, Math.max(next, like)];

/** The greatest of them but for one: that one is the best itself, or less than it. */
const otherThan = (like: number, [best, next]: TopTwo = [0, 0]): number => (like === best ? next : best);
