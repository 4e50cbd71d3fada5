import { broaderSenses, chooseSenses, headNoun, plural, sensesOf, singular, wordOf } from './nouns';
import shelfWords from './shelfWords.json';

/** The nearest term that covers several nouns, and how deep it stands below the top (deeper is more telling). */
export interface SharedTerm {
  word: string;
  depth: number;
  covers: number[];
}

/** The broader terms that cover at least half of the nouns, the most telling first. */
export function sharedTerms(nouns: readonly string[]): SharedTerm[] {
  const chosen = chooseSenses(nouns);
  const covered = new Map<number, number[]>();
  chosen.forEach((sense, i) => {
    if (sense) for (const id of [sense.id, ...broaderSenses(sense.id)]) covered.set(id, [...(covered.get(id) ?? []), i]);
  });
  return [...covered]
    .map(([id, covers]) => ({ word: wordOf(id), depth: broaderSenses(id).length, covers }))
    .filter((term) => term.covers.length * 2 >= nouns.length && term.depth >= 5)
    .sort((a, b) => b.covers.length * b.depth - a.covers.length * a.depth);
}

/** "jack plane" → "plane": what shops call it. */
const lastWord = (noun: string): string => singular(noun.split(/[\s-]+/).at(-1) ?? noun);
const isKnownNoun = (word: string): boolean => sensesOf(word).length > 0;

/** A shelf that things suggest, and why. */
export interface ShelfIdea {
  shelf: string;
  because: string;
  /** Which of the things would stand on it. */
  members: number[];
}

/** Smallest number of things that make a shelf. */
const fewest = 2;

/** What a shop would write over a term, or null where it would never write that. */
const plainWord = (id: number): string | null => {
  const words: Readonly<Record<string, string>> = shelfWords.words;
  const word = wordOf(id).toLowerCase();
  return Object.hasOwn(words, word) ? (words[word] ?? null) : null;
};

const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);

/**
 * Shelves for things that have none: things that are called by one noun stand together, and those whose nouns share a near broader term
 * that shops have a plain word for.
 */
export function proposeShelves(titles: readonly string[]): ShelfIdea[] {
  const heads = titles.map(headNoun);
  const nouns = [...new Set(heads.filter((head) => head !== null))];
  const chosen = chooseSenses(nouns);
  const chains = new Map(
    nouns.map((noun, i) => {
      const sense = chosen[i];
      return [noun, sense ? [sense.id, ...broaderSenses(sense.id).slice(0, 4)] : []];
    }),
  );
  const named = new Map<string, number>();
  const under = new Map<number, number>();
  for (const head of heads) {
    if (!head) continue;
    named.set(lastWord(head), (named.get(lastWord(head)) ?? 0) + 1);
    for (const id of chains.get(head) ?? []) under.set(id, (under.get(id) ?? 0) + 1);
  }
  const whole = heads.filter(Boolean).length;
  const isShelf = (count: number) => count >= fewest && (count < whole || whole < 4);
  const shelves = new Map<string, { members: number[]; nouns: Set<string>; isNoun: boolean }>();
  heads.forEach((head, i) => {
    if (!head) return;
    const noun = lastWord(head);
    const isNoun = isShelf(named.get(noun) ?? 0) && isKnownNoun(noun);
    const term = (chains.get(head) ?? []).find((id) => isShelf(under.get(id) ?? 0) && plainWord(id) !== null);
    const shelf = isNoun ? capital(plural(noun)) : term === undefined ? null : plainWord(term);
    if (shelf === null) return;
    const known = shelves.get(shelf) ?? { members: [], nouns: new Set(), isNoun };
    known.members.push(i);
    known.nouns.add(head);
    shelves.set(shelf, known);
  });
  return [...shelves]
    .filter(([, { members }]) => members.length >= fewest)
    .map(([shelf, { members, nouns: of, isNoun }]) => ({
      shelf,
      because: isNoun
        ? `${members.length} of them are called so.`
        : `By what they are: ${[...of].slice(0, 3).join(', ')}${of.size > 3 ? ' …' : ''}.`,
      members,
    }))
    .sort((a, b) => b.members.length - a.members.length);
}

/** The shelf that each of some things would stand on, or null. */
export function suggestShelves(titles: readonly string[]): (string | null)[] {
  const found: (string | null)[] = titles.map(() => null);
  for (const { shelf, members } of proposeShelves(titles)) for (const i of members) found[i] = shelf;
  return found;
}
