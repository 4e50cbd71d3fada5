import { broaderTerms, headNoun, isNoun, sensesOf, singular, wordOf } from '../../lexicon';
import { type Motif } from './motif';
import { motifs } from './motifs';

const wordsIn = (list: string): string[] =>
  list
    .split(' ')
    .filter(Boolean)
    .map((word) => word.replaceAll('_', ' '));

/** Things by what they are called, and by words of the trades that they stand for. */
const byWord = new Map(motifs.flatMap((motif) => wordsIn(motif.words).map((word) => [word, motif] as const)));
const byTrade = new Map(motifs.flatMap((motif) => wordsIn(motif.trades ?? '').map((word) => [word, motif] as const)));

/** So far above a noun its kind still looks like it: a blazer is a jacket; further up everything is a device (found by reading chains). */
const alike = 3;

/**
 * The thing that a noun is drawn as: its own drawing, or that of the kind that it is. A word of two that the lexicon knows as one is that
 * one: an egg cup is no cup. What only describes it is not drawn: a fish-market border is no fish.
 */
function motifOfHead(name: string): Motif | null {
  const noun = headNoun(name) ?? name.toLowerCase().split(/\s+/).at(-1) ?? '';
  const one = singular(noun);
  const own = byWord.get(one) ?? byWord.get(noun);
  if (own) return own;
  const [sense] = sensesOf(noun);
  // Other words for the same thing first: a counterpane is a bedspread.
  for (const term of sense ? [wordOf(sense.id), ...broaderTerms(noun, sense).slice(0, alike)] : []) {
    const found = byWord.get(term.toLowerCase());
    if (found) return found;
  }
  // "Teacup" and "tea cup" are known as one word; "chef’s knife" is not.
  const last = one.split(/[\s’'-]+/).at(-1) ?? '';
  return isNoun(one) ? null : (byWord.get(last) ?? null);
}

/** A word of the trade, where the thing itself has no drawing: "dog leads". No boots for boot laces: they might be sold. */
function motifOfTrade(name: string): Motif | null {
  for (const word of name.toLowerCase().split(/[^\p{L}]+/u)) {
    const found = byTrade.get(word) ?? byTrade.get(singular(word));
    if (found) return found;
  }
  return null;
}

/** What a shop says that it sells: where the thing itself has no drawing, what describes it may have one ("dog leads"). */
export const motifOf = (name: string): Motif | null => motifOfHead(name) ?? motifOfTrade(name);

/** The names of a shop's goods by who speaks: the brief, the shelves, the single things, whose names are often fancies. */
export interface Named {
  told: readonly string[];
  shelves: readonly string[];
  titles: readonly string[];
}

/** How loud each speaks, all of its names together; below this share of the loudest, a thing is chance (found by looking at shops). */
const voices = { told: 8, shelves: 3, titles: 4 };
const leastShare = 0.5;
/** A picture shows what most of the shop is; what stands for less of it would be the wrong one. */
const leastOfAll = 0.5;

/** "Candles and soap" are two. */
const apart = (name: string): string[] => name.split(/,|&|\band\b/);

/** The things that a shop is pictured with, loudest first; none where what it sells mostly has no drawing. */
export function motifsFor({ told, shelves, titles }: Named, most = 4): Motif[] {
  const votes = new Map<Motif, number>();
  let heard = 0;
  const hear = (found: readonly (Motif | null)[], voice: number) => {
    if (found.length) heard += voice;
    for (const motif of found) if (motif) votes.set(motif, (votes.get(motif) ?? 0) + voice / found.length);
  };
  hear(told.flatMap(apart).map(motifOf), voices.told);
  hear(shelves.flatMap(apart).map(motifOf), voices.shelves);
  // A title without a noun is a fancy and says nothing, for or against.
  const things = titles.slice(0, 80).map((title) => ({ motif: motifOfHead(title), isThing: headNoun(title) !== null }));
  const known = things.filter(({ motif, isThing }) => motif || isThing);
  // Where titles alone speak, as many of them have to.
  const speak = heard || known.length * 2 >= things.length ? known : things;
  hear(
    speak.map(({ motif }) => motif),
    voices.titles,
  );
  const drawn = [...votes.values()].reduce((sum, voice) => sum + voice, 0);
  if (!heard || drawn < heard * leastOfAll) return [];
  const ranked = [...votes].sort((a, b) => b[1] - a[1]);
  const loudest = ranked[0]?.[1] ?? 0;
  return ranked
    .filter(([, voice]) => voice >= loudest * leastShare)
    .map(([motif]) => motif)
    .slice(0, most);
}
