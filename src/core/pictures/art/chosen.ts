import { broaderTerms, headNoun } from '../../lexicon';
import { type Motif } from './motif';
import { motifs } from './motifs';

const byWord = new Map(
  motifs.flatMap((motif) => motif.words.split(' ').map((word) => [word.replaceAll('_', ' '), motif] as const)),
);

const ofWord = (word: string): Motif | undefined => byWord.get(word) ?? byWord.get(word.replace(/s$/, ''));
const wordsOf = (text: string): string[] => text.toLowerCase().split(/[^a-z]+/);
const firstOf = (words: readonly string[]): Motif | null => {
  for (const word of words) {
    const found = ofWord(word);
    if (found) return found;
  }
  return null;
};

/** The thing that a noun is drawn as: its own drawing, or that of what it is a kind of. What only describes it is not drawn: a fish-market border is no fish. */
function motifOfHead(name: string): Motif | null {
  const noun = (headNoun(name) ?? name).toLowerCase();
  const own = firstOf(wordsOf(noun).reverse());
  if (own) return own;
  for (const term of broaderTerms(noun)) {
    const found = byWord.get(term.toLowerCase());
    if (found) return found;
  }
  return null;
}

/** What a shop says that it sells: where the thing itself has no drawing, what describes it may have one ("dog leads"). */
export const motifOf = (name: string): Motif | null => motifOfHead(name) ?? firstOf(wordsOf(name));

/** The names of a shop's goods by who speaks: the brief, the shelves, the single things, whose names are often fancies. */
export interface Named {
  told: readonly string[];
  shelves: readonly string[];
  titles: readonly string[];
}

/** How loud each speaks; below this share of the loudest, a thing is chance (found by looking at shops). */
const voices = { told: 8, shelf: 3, title: 0.5 };
const leastShare = 0.5;

/** "Candles and soap" are two. */
const apart = (name: string): string[] => name.split(/,|&|\band\b/);

/** The things that a shop is pictured with, loudest first; a parcel where none is known. */
export function motifsFor({ told, shelves, titles }: Named, most = 4): Motif[] {
  const votes = new Map<Motif, number>();
  const vote = (motif: Motif | null, voice: number) => motif && votes.set(motif, (votes.get(motif) ?? 0) + voice);
  for (const name of told.flatMap(apart)) vote(motifOf(name), voices.told);
  for (const name of shelves.flatMap(apart)) vote(motifOf(name), voices.shelf);
  for (const name of titles.slice(0, 80)) vote(motifOfHead(name), voices.title);
  const ranked = [...votes].sort((a, b) => b[1] - a[1]);
  const loudest = ranked[0]?.[1] ?? 0;
  const heard = ranked.filter(([, voice]) => voice >= loudest * leastShare).map(([motif]) => motif);
  const parcel = motifs.find((motif) => motif.id === 'parcel');
  return heard.length ? heard.slice(0, most) : parcel ? [parcel] : [];
}
