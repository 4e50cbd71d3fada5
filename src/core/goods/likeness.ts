import { plainWords } from '../keys';

/** Below this a pair of titles is not even asked about, 0–1; from the higher one on it is one thing if all else agrees. */
const leastLike = 0.62;
const clearlyLike = 0.7;
/** By so much a pair must be ahead of every other with one of its ends to be clear. */
const leastLead = 0.08;
/** Pieces that titles share at least before they are compared letter by letter, and how like those must be to be a slip of the pen. */
const leastShared = 0.4;
const slip = 0.85;
/** A piece of three letters that stands in more titles than this tells nothing apart. */
const mostShared = 400;

/** Titles by the pieces of three letters that they are made of, to find those that are written nearly the same. */
export class Titles<T> {
  private readonly pieces: ReadonlyMap<T, ReadonlySet<string>>;
  private readonly where = new Map<string, T[]>();

  constructor(
    things: readonly T[],
    private readonly titleOf: (thing: T) => string,
  ) {
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
    return [...shared]
      .filter(([thing, count]) => dice(count, mine.size, this.pieces.get(thing)?.size ?? 0) >= leastShared)
      .map(([thing]) => ({ thing, like: likeness(text, this.titleOf(thing)) }))
      .filter(({ like }) => like >= leastLike)
      .sort((a, b) => b.like - a.like);
  }
}

/** Dice's coefficient (L. R. Dice, Ecology 26, 1945). */
const dice = (shared: number, one: number, other: number): number => (one + other ? (2 * shared) / (one + other) : 0);

/** How like two texts are written, 0–1: by the pieces that they share, or letter by letter where one is a slip of the other. */
export function likeness(a: string, b: string): number {
  const [one, other] = [piecesOf(a), piecesOf(b)];
  const shared = dice([...one].filter((piece) => other.has(piece)).length, one.size, other.size);
  const [first, second] = [plainWords(a).join(' '), plainWords(b).join(' ')];
  const apart = 1 - slips(first, second) / Math.max(1, first.length, second.length);
  return apart >= slip ? Math.max(apart, shared) : shared;
}

/** Letters put in, left out, exchanged or swapped (F. J. Damerau, Communications of the ACM 7, 1964; in its restricted form). */
function slips(a: string, b: string): number {
  let before: number[] = [];
  let last = Array.from({ length: b.length + 1 }, (_, j) => j);
  for (let i = 1; i <= a.length; i++) {
    const row = [i];
    for (let j = 1; j <= b.length; j++) {
      const same = a[i - 1] === b[j - 1] ? 0 : 1;
      let least = Math.min((last[j] ?? 0) + 1, (row[j - 1] ?? 0) + 1, (last[j - 1] ?? 0) + same);
      if (i > 1 && j > 1 && a[i - 1] === b[j - 2] && a[i - 2] === b[j - 1]) least = Math.min(least, (before[j - 2] ?? 0) + 1);
      row.push(least);
    }
    before = last;
    last = row;
  }
  return last[b.length] ?? 0;
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
