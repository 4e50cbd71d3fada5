import { broaderSenses, chooseSenses, headNoun, plural, sensesOf, wordOf } from './nouns';

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

/** Shelves for things that have none: things whose nouns share a near broader term stand together. Gives a name for each title, or null. */
export function suggestShelves(titles: readonly string[]): (string | null)[] {
  const heads = titles.map(headNoun);
  const nouns = [...new Set(heads.filter((head) => head !== null))];
  const chosen = chooseSenses(nouns);
  const chains = new Map(
    nouns.map((noun, i) => {
      const sense = chosen[i];
      return [noun, sense ? [sense.id, ...broaderSenses(sense.id).slice(0, 3)] : []];
    }),
  );
  const members = new Map<number, number>();
  for (const head of heads) for (const id of (head && chains.get(head)) || []) members.set(id, (members.get(id) ?? 0) + 1);
  const whole = heads.filter(Boolean).length;
  return heads.map((head) => {
    const fitting = ((head && chains.get(head)) || []).filter((id) => {
      const count = members.get(id) ?? 0;
      return count >= 2 && (count < whole || whole < 4) && broaderSenses(id).length >= 5;
    });
    const id = fitting[0];
    if (id === undefined) return null;
    const word = head && sensesOf(head).some((sense) => sense.id === id) ? head : wordOf(id);
    const many = plural(word);
    return many.charAt(0).toUpperCase() + many.slice(1);
  });
}
