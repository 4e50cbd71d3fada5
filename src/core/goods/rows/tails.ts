import { choiceKind, optionNames } from '../columns/values';

const marks = [' – ', ' — ', ' - ', ' | ', ' / ', ', ', ': '] as const;
type Mark = (typeof marks)[number] | 'bracket';

export interface Tail {
  head: string;
  values: { name: string; value: string }[];
}

interface Parting {
  head: string;
  tails: string[];
  mark: Mark;
  /** Whether each tail says by itself that it is a choice: a colour, a size, a measure. */
  isPlain: boolean;
}

/** Marks that people put between a thing and its kind, and seldom into the name of a thing. */
const parting: ReadonlySet<Mark> = new Set([' – ', ' — ', ' - ', ' | ', 'bracket']);
/** What stands in brackets is parted by these. */
const inBrackets = [',', '/', ';'] as const;
/** Longer than what one would choose by. */
const longestTail = 24;

/** A title in its parts: what stays the same, and what may be a choice after it. */
function partings(title: string): Parting[] {
  const found: Omit<Parting, 'isPlain'>[] = [];
  for (const mark of marks) {
    const parts = title.split(mark).map((part) => part.trim());
    for (let cut = parts.length - 1; cut > 0; cut--)
      found.push({ head: parts.slice(0, cut).join(mark), tails: parts.slice(cut), mark });
  }
  const [, before, within] = /^(.*\S)\s*[([]([^()[\]]{1,30})[)\]]$/.exec(title) ?? [];
  if (before && within) {
    found.push({ head: before, tails: [within], mark: 'bracket' });
    for (const mark of inBrackets) {
      const tails = within.split(mark).map((part) => part.trim());
      if (tails.length > 1) found.push({ head: before, tails, mark: 'bracket' });
    }
  }
  return found
    .filter(({ head, tails }) => /\p{L}/u.test(head) && tails.every(Boolean))
    .map((one) => ({ ...one, isPlain: one.tails.every((tail) => choiceKind(tail) !== null) }))
    .filter(({ isPlain, tails }) => isPlain || tails.every((tail) => tail.length <= longestTail));
}

const key = (text: string): string => text.toLowerCase().replace(/\s+/g, ' ').trim();

/** A word without the ending that it has beside another: "brązowe" and "brązowy" are one colour of two things. */
const stem = (word: string): string => (word.length > 4 ? word.slice(0, -2) : word);
const stems = (tail: string): string => tail.split(' ').map(stem).join(' ');

/** As many heads that have the same choices show how a list writes them. */
const enoughHeads = 2;

/** Titles by what they begin with, as long as they are parted in the same way. */
const headKey = ({ head, tails, mark }: Parting): string => `${key(head)}\u0000${tails.length}\u0000${mark}`;

/**
 * Titles that differ only in what stands behind a mark at their end are one product: "Mug – blue – large" and "Mug – red – small". A list
 * shows by those that say so plainly, or by what stands behind several heads, how it writes what can be chosen; then "Mug – for Ada" is
 * taken, too. Gives the parting of each title that has such company.
 */
export function readTails(titles: readonly string[]): Map<number, Tail> {
  const all = titles.map(partings);
  const heads = new Map<string, { rows: Set<number>; tails: Set<string>; one: Parting }>();
  all.forEach((found, i) => {
    for (const one of found) {
      const at = heads.get(headKey(one)) ?? { rows: new Set(), tails: new Set(), one };
      at.rows.add(i);
      at.tails.add(one.tails.map(key).join('\u0000'));
      heads.set(headKey(one), at);
    }
  });
  const several = [...heads.values()].filter(({ rows }) => rows.size > 1);
  const plain = new Set<Mark>();
  for (const { one, rows } of several)
    if ([...rows].every((i) => all[i]?.some((other) => headKey(other) === headKey(one) && other.isPlain))) plain.add(one.mark);
  const seen = countedBehind(several);
  const seenBehindAny = countedBehind([...heads.values()]);
  const seenBehind = (mark: Mark, at: number, value: string): number => seen.get(seenKey(mark, at, value)) ?? 0;
  /** Whether in each place behind a head stand several that say what they are or stand behind other heads as well, or none but such. */
  const othersTails = new Map<string, boolean>();
  const hasOthersTails = (one: Parting): boolean => {
    const known = othersTails.get(headKey(one));
    if (known !== undefined) return known;
    const has = standBehindOthers(one);
    othersTails.set(headKey(one), has);
    return has;
  };
  const standBehindOthers = (one: Parting): boolean => {
    const tails = heads.get(headKey(one))?.tails ?? new Set();
    const told = [...tails].map((tail) => tail.split('\u0000'));
    // Of what is chosen by in two ways each value comes again with others.
    const comesAgain = (value: string, at: number) =>
      one.tails.length > 1 && told.filter((tail) => tail[at] === value).length > 1;
    const places = placesOf(tails).map((values, at) => {
      const known = [...values].filter(
        (value) => choiceKind(value) || seenBehind(one.mark, at, value) > 1 || comesAgain(value, at),
      );
      // A mark that seldom stands in names parts one off already where what stands behind it stands behind another, too.
      const isShared =
        parting.has(one.mark) && [...values].some((value) => (seenBehindAny.get(seenKey(one.mark, at, value)) ?? 0) > 1);
      return { isShared, all: values.size, known: known.length };
    });
    return (
      places.some(({ known, isShared }) => known > 1 || isShared) &&
      places.every(({ known, isShared, all: count }) => known > 1 || isShared || known === count)
    );
  };
  const taught = several.map(({ one }) => one).filter(hasOthersTails);
  const ways = new Map<string, number>();
  for (const { mark, tails } of taught)
    for (const way of [mark, `${mark}\u0000${tails.length}`]) ways.set(way, (ways.get(way) ?? 0) + 1);
  for (const mark of parting) if ((ways.get(mark) ?? 0) >= enoughHeads) plain.add(mark);
  // A comma or a slash may be part of a name: what stands behind it has to stand behind others as well, or the list has shown of several
  // heads that it writes its choices so.
  const isWayOfMany = ({ mark, tails }: Parting): boolean => (ways.get(`${mark}\u0000${tails.length}`) ?? 0) >= enoughHeads;
  const isTaught = (one: Parting): boolean =>
    one.isPlain || (parting.has(one.mark) && plain.has(one.mark)) || hasOthersTails(one) || isWayOfMany(one);

  // As many rows of a head as are parted: one alone is not taken from those that stay whole.
  const parted = new Map<string, number>();
  for (const one of all.flat()) if (isTaught(one)) parted.set(headKey(one), (parted.get(headKey(one)) ?? 0) + 1);
  /** Whether a thing that comes in one way alone is written as the others are that come in several. */
  const isLikeOthers = (one: Parting): boolean =>
    heads.get(headKey(one))?.rows.size === 1 &&
    ((one.isPlain && plain.has(one.mark)) ||
      ((ways.get(`${one.mark}\u0000${one.tails.length}`) ?? 0) >= (parting.has(one.mark) ? 1 : enoughHeads) &&
        one.tails.every((value, at) => choiceKind(value) || seenBehind(one.mark, at, key(value)) > 0)));
  const hasCompany = (one: Parting): boolean => isLikeOthers(one) || (isTaught(one) && (parted.get(headKey(one)) ?? 0) > 1);

  const result = new Map<number, Tail>();
  all.forEach((found, i) => {
    // The parting that leaves most rows together; of equal ones the one with most tails.
    const [best] = found
      .filter(hasCompany)
      .map((one) => ({ ...one, together: parted.get(headKey(one)) ?? 0 }))
      .sort((a, b) => b.together - a.together || b.tails.length - a.tails.length);
    if (!best) return;
    const used = new Map<string, number>();
    const others = [...(heads.get(headKey(best))?.tails ?? [])].map((tails) => tails.split('\u0000'));
    const values = best.tails.map((value, at) => {
      const name = nameOf(others.map((tails) => tails[at] ?? ''));
      const n = (used.get(name) ?? 0) + 1;
      used.set(name, n);
      return { name: n === 1 ? name : `${name} ${n}`, value };
    });
    result.set(i, { head: best.head, values });
  });
  return result;
}

const seenKey = (mark: Mark, at: number, value: string): string => `${mark}\u0000${at}\u0000${stems(value)}`;

/** Behind how many heads each value stands. */
function countedBehind(heads: readonly { one: Parting; tails: ReadonlySet<string> }[]): Map<string, number> {
  const counted = new Map<string, number>();
  for (const { one, tails } of heads)
    for (const [at, values] of placesOf(tails).entries())
      for (const value of values) {
        const where = seenKey(one.mark, at, value);
        counted.set(where, (counted.get(where) ?? 0) + 1);
      }
  return counted;
}

/** What stands in each place behind a head. */
function placesOf(tails: ReadonlySet<string>): Set<string>[] {
  const places: Set<string>[] = [];
  for (const tail of tails) tail.split('\u0000').forEach((value, at) => (places[at] ??= new Set()).add(value));
  return places;
}

/** What is chosen by: one name for all that can be chosen in one place. */
export function nameOf(values: readonly string[]): string {
  const names = new Set(values.map(choiceKind).flatMap((kind) => (kind ? [optionNames[kind]] : [])));
  const [name = otherwise] = names;
  return names.size === 1 ? name : otherwise;
}

/** What is chosen by where the choices are no colours and no sizes. */
const otherwise = 'Kind';
