import { plainWords } from '../keys';

/** Below this a pair of titles is not even asked about, 0–1; from the higher one on it is one thing if all else agrees. */
const leastLike = 0.55;
const clearlyLike = 0.7;
/** By so much a pair must be ahead of every other with one of its ends to be clear. */
const leastLead = 0.08;
/** A piece of three letters that stands in more titles than this tells nothing apart. */
const mostShared = 400;

/** Titles by the pieces of three letters that they are made of, to find those that are written nearly the same. */
export class Titles<T> {
  private readonly pieces: ReadonlyMap<T, ReadonlySet<string>>;
  private readonly where = new Map<string, T[]>();

  constructor(things: readonly T[], titleOf: (thing: T) => string) {
    this.pieces = new Map(things.map((thing) => [thing, piecesOf(titleOf(thing))]));
    for (const [thing, pieces] of this.pieces)
      for (const piece of pieces) {
        const here = this.where.get(piece);
        if (here) here.push(thing);
        else this.where.set(piece, [thing]);
      }
  }

  /** Things whose titles are like a text, the likest first, with how like they are: 0–1. */
  near(text: string): { thing: T; like: number }[] {
    const mine = piecesOf(text);
    const shared = new Map<T, number>();
    for (const piece of mine) {
      const here = this.where.get(piece) ?? [];
      if (here.length <= mostShared) for (const thing of here) shared.set(thing, (shared.get(thing) ?? 0) + 1);
    }
    // Dice's coefficient (L. R. Dice, Ecology 26, 1945).
    const likeness = (thing: T, count: number) => (2 * count) / (mine.size + (this.pieces.get(thing)?.size ?? 0));
    return [...shared]
      .map(([thing, count]) => ({ thing, like: likeness(thing, count) }))
      .filter(({ like }) => like >= leastLike)
      .sort((a, b) => b.like - a.like);
  }
}

/** Things that are called nearly the same, each of them once, the likest first. */
export function alikeTitles<T extends { title: string }>(
  fresh: readonly T[],
  old: readonly T[],
): { fresh: T; old: T; isClear: boolean }[] {
  const titles = new Titles(old, ({ title }) => title);
  const pairs = fresh
    .flatMap((one) => titles.near(one.title).map(({ thing, like }) => ({ fresh: one, old: thing, like })))
    .sort((a, b) => b.like - a.like);
  const rivals = new Map<T, number[]>();
  for (const pair of pairs) for (const end of [pair.fresh, pair.old]) rivals.set(end, [...(rivals.get(end) ?? []), pair.like]);
  /** How like the next likest is that shares an end with a pair: the lists of likenesses fall. */
  const next = (end: T, like: number) => {
    const all = rivals.get(end) ?? [];
    return all[all.indexOf(like) + 1] ?? 0;
  };
  const used = new Set<T>();
  return pairs.flatMap(({ fresh: a, old: b, like }) => {
    if (used.has(a) || used.has(b)) return [];
    used.add(a).add(b);
    const isAhead = like - Math.max(next(a, like), next(b, like)) >= leastLead;
    return [{ fresh: a, old: b, isClear: like >= clearlyLike && isAhead && numbersOf(a.title) === numbersOf(b.title) }];
  });
}

/** The pieces of three letters that a title is made of, word by word, their edges marked. */
function piecesOf(title: string): Set<string> {
  const pieces = new Set<string>();
  for (const word of plainWords(title)) {
    const marked = `_${word.normalize('NFD').replace(/\p{M}/gu, '')}_`;
    for (let i = 0; i + 3 <= marked.length; i++) pieces.add(marked.slice(i, i + 3));
  }
  return pieces;
}

/** Things that are called the same but for a number are two sizes, two years, two models. */
export const numbersOf = (title: string): string =>
  plainWords(title)
    .filter((word) => /\p{N}/u.test(word))
    .sort()
    .join(' ');
