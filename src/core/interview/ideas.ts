import dullNouns from './dullNouns.json';
import { syllable } from 'syllable';
import { isNoun, plural, singular } from '../lexicon';
import { type Shop } from '../site';

/** An idea for a name, with what it is made from and how it does. */
export interface NameIdea {
  name: string;
  /** What its parts come from. */
  from: string;
  /** 0–1 each: short; easy to say; easy to spell; unlike the other ideas. */
  marks: { length: number; sound: number; spelling: number; apart: number };
  score: number;
}

const title = (text: string): string =>
  text
    .replace(/(^|[\s-])(\p{Ll})/gu, (_, before: string, letter: string) => before + letter.toUpperCase())
    .replace(/ (And|The|Of) /g, (small) => small.toLowerCase());
const noun = (phrase: string): string => phrase.trim().split(/\s+/).at(-1)?.toLowerCase() ?? '';

/** Nouns of the brief that are no goods: what the work is done with, at, and from. They make names that no other shop has. */
function materials({ reading, brief }: Shop): string[] {
  const goods = new Set(reading.sells.flatMap((fact) => fact.value.toLowerCase().split(/\s+/).map(singular)));
  const skip = new Set(
    [
      ...reading.wishes
        .map((wish) => wish.text)
        .join(' ')
        .toLowerCase()
        .matchAll(/\p{L}+/gu),
    ].map(([word]) => word),
  );
  const candidates = [
    ...brief.matchAll(/\b(?:an? |the |old |from |with |of |in (?:a|an|the) )+(?:\p{L}+ )?(\p{Ll}{3,9})(?=[\s,.;])/gu),
  ].map((match) => match[1] ?? '');
  const plain = candidates
    .map((word) => singular(word))
    .filter((word) => isNoun(word) && !goods.has(word) && !skip.has(word) && !dull.has(word));
  return [...new Set(plain)].slice(0, 8);
}

/** Nouns that say nothing of a shop. */
const dull = new Set(dullNouns);

/** Ideas for the shop's name, out of its goods, place, people and materials; the best first. The seed shuffles what is equal. */
export function nameIdeas(shop: Shop, seed: number): NameIdea[] {
  const { reading } = shop;
  const goods = [
    ...new Set(
      reading.sells
        .slice(0, 3)
        .map((fact) => noun(fact.value))
        .filter((word) => word.length > 2),
    ),
  ];
  const place = reading.place?.value.split(/[,\s]/)[0] ?? '';
  const people = reading.people.map((fact) => fact.value.split(' ')[0] ?? '');
  const made = materials(shop);
  const found: { name: string; from: string }[] = [];
  const add = (name: string, from: string) => {
    if (!found.some((one) => one.name.toLowerCase() === name.toLowerCase())) found.push({ name: title(name), from });
  };
  for (const thing of goods) {
    if (place) add(`${place} ${plural(singular(thing))}`, 'your place and your goods');
    for (const person of people) add(`${person}’s ${plural(singular(thing))}`, 'your name and your goods');
    for (const material of made) {
      add(`${material} and ${singular(thing)}`, `“${material}” in your brief, and your goods`);
      add(`${material} ${plural(singular(thing))}`, `“${material}” in your brief, and your goods`);
    }
    add(`The ${singular(thing)} room`, 'your goods');
  }
  const [first = '', second = ''] = people;
  if (first && second) add(`${first} and ${second}`, 'your names');
  for (const [i, material] of made.entries()) {
    const other = made[i + 1];
    if (other) add(`${material} and ${other}`, `“${material}” and “${other}” in your brief`);
    if (place) add(`${place} ${material}`, `your place, and “${material}” in your brief`);
  }
  const scored = found.map((idea, i) => judge(idea, found, (i * 7919 + seed * 104_729) % 97));
  return scored.sort((a, b) => b.score - a.score).slice(0, 12);
}

function judge(idea: { name: string; from: string }, all: readonly { name: string }[], shuffle: number): NameIdea {
  const letters = idea.name.replace(/[^\p{L}]/gu, '');
  const length = clamp(1 - Math.max(0, letters.length - 9) / 14);
  const beats = idea.name.split(/\s+/).reduce((sum, word) => sum + syllable(word), 0);
  const initials = idea.name
    .split(/\s+/)
    .filter((word) => !/^(?:and|the)$/i.test(word))
    .map((word) => word.charAt(0).toLowerCase());
  const rhymes = new Set(initials).size < initials.length ? 0.15 : 0;
  const sound = clamp(1 - Math.abs(beats - 4) / 6 + rhymes);
  // Runs of consonants, and letters that are said in several ways, are misspelt after being heard.
  const hard =
    (letters.match(/[^aeiouyäöü]{4,}|ough|eau|(?:ph|kn|wr|gn)(?=\p{L})|[qx]/giu)?.length ?? 0) +
    (letters.match(/(\p{L})\1\1/gu)?.length ?? 0);
  const spelling = clamp(1 - hard * 0.35);
  const near = all.filter((other) => other.name !== idea.name && sharesWord(other.name, idea.name)).length;
  const apart = clamp(1 - near / Math.max(4, all.length));
  const score = length * 0.3 + sound * 0.25 + spelling * 0.25 + apart * 0.2 + shuffle / 2000;
  return { ...idea, marks: { length, sound, spelling, apart }, score };
}

const clamp = (n: number): number => Math.max(0, Math.min(1, n));

const sharesWord = (a: string, b: string): boolean => {
  const words = new Set(a.toLowerCase().split(/\s+/));
  return b
    .toLowerCase()
    .split(/\s+/)
    .some((word) => word.length > 3 && words.has(word));
};

/** Short lines of the seller's own that could stand under the name. */
export function sloganIdeas(shop: Shop): { text: string; from: string }[] {
  const { harvest } = shop.writer;
  return [...(harvest.headline ? [harvest.headline] : []), ...harvest.headlineChoices]
    .filter((text) => text.text.split(/\s+/).length <= 9)
    .slice(0, 6)
    .map((text) => {
      const [source] = text.sources;
      return { text: text.text.replace(/\.$/, ''), from: source?.kind === 'brief' ? source.source.text : '' };
    });
}
