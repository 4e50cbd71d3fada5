import pluralize from 'pluralize';
import { packedNouns } from './nouns.generated';
import { lineOf, unpack } from './packed';
import { once } from '../once';

/** One meaning of a noun. */
export interface Sense {
  id: number;
  /** 0 is the commonest meaning of the word that was looked up. */
  rank: number;
  /** The word class of the database: 6 artefact, 13 food, 20 plant, … (lexnames of WordNet). */
  kind: number;
}

const lexicon = once(() => {
  const [kinds = '', terms = '', lemmas = ''] = unpack(packedNouns).split('\f');
  return { kinds, terms: terms.split('\n'), lemmas: lemmas.split('\n') };
});

/** British spellings that the database has only in American, by ending: "jewellery", "colour", "grey". */
const american: [RegExp, string][] = [
  [/jewellery\b/, 'jewelry'],
  [/\bmould/, 'mold'],
  [/our(s?)\b/, 'or$1'],
  [/\bgrey/, 'gray'],
  [/\baxe\b/, 'ax'],
  [/fibre\b/, 'fiber'],
];

const spellings = (word: string): string[] => [
  word,
  ...american.flatMap(([british, us]) => (british.test(word) ? [word.replace(british, us)] : [])),
];

/** The meanings of a noun, singular or plural, British or American; the commonest first. */
export function sensesOf(noun: string): Sense[] {
  const { lemmas, kinds } = lexicon();
  const given = noun.toLowerCase().trim();
  const senses = new Map<number, Sense>();
  for (const form of new Set([...spellings(singular(given)), ...spellings(given)])) {
    const ids = lineOf(lemmas, form)?.split(',') ?? [];
    ids.forEach((packed, rank) => {
      const id = Number.parseInt(packed, 36);
      if (!senses.has(id)) senses.set(id, { id, rank, kind: Number.parseInt(kinds[id] ?? '0', 36) });
    });
  }
  return [...senses.values()].sort((a, b) => a.rank - b.rank);
}

/** Lexnames of WordNet for what is made, grown, eaten or worn: animals, artifacts, food, objects, plants, substances. */
const things = new Set([5, 6, 13, 17, 20, 27]);

/** Whether a word is first of all a thing. */
export const isThing = (noun: string): boolean => things.has(sensesOf(noun)[0]?.kind ?? -1);

/** Whether a word is a noun as it stands, and not only many of one: "clothes", "thanks". */
export const isNounItself = (word: string): boolean => lineOf(lexicon().lemmas, word.toLowerCase()) !== null;

export const isNoun = (word: string): boolean => sensesOf(word).length > 0;

export function singular(noun: string): string {
  const words = noun.split(' ');
  return [...words.slice(0, -1), pluralize.singular(words.at(-1) ?? '')].join(' ');
}

export const plural = (noun: string): string => pluralize.plural(noun);

/** Senses from the broader term of one up to the top: soap → cleansing agent → … → entity. */
export function broaderSenses(id: number): number[] {
  const { terms } = lexicon();
  const above = (at: number): number => Number.parseInt(terms[at]?.split('|')[0] || '-1', 36);
  const chain: number[] = [];
  for (let at = above(id); at >= 0; at = above(at)) chain.push(at);
  return chain;
}

/** The usual word of a sense. */
export const wordOf = (id: number): string => lexicon().terms[id]?.split('|')[1] ?? '';

/** The broader terms of a noun's sense (its commonest by default), nearest first. */
export function broaderTerms(noun: string, sense = sensesOf(noun)[0]): string[] {
  return sense ? broaderSenses(sense.id).map(wordOf) : [];
}

/** Word classes that something on sale belongs to. Animals, persons, acts and the like are what a phrase is seldom about. */
const onSale = new Map<number, number>([
  [6, 1],
  [13, 1],
  [20, 0.9],
  [27, 0.9],
  [10, 0.85],
  [3, 0.8],
  [5, 0.4],
  [17, 0.4],
]);

/** Artefacts that nobody orders by post. */
const notOnSale = new Set([
  'structure',
  'facility',
  'building complex',
  'controlled substance',
  'way',
  'speech act',
  'message',
  'leaf',
]);

/**
 * Of each noun the meaning that fits the others best: what is sold together is alike. "Planes, chisels and saws" are tools, "planes and
 * helicopters" aircraft. A meaning counts for being common, for being something on sale, and for each broader term it shares.
 */
export function chooseSenses(nouns: readonly string[]): (Sense | undefined)[] {
  const all = nouns.map(sensesOf);
  const chains = all.map((senses) => senses.map((sense) => [sense.id, ...broaderSenses(sense.id)]));
  const supporters = new Map<number, Set<number>>();
  chains.forEach((ofNoun, i) => ofNoun.flat().forEach((id) => supporters.set(id, (supporters.get(id) ?? new Set()).add(i))));
  return all.map((senses, i) => {
    const scored = senses.map((sense, s) => {
      const chain = chains[i]?.[s] ?? [];
      const agreement = chain.reduce((sum, id, up) => {
        const depth = chain.length - up;
        return depth > 4 ? sum + Math.min(3, (supporters.get(id)?.size ?? 1) - 1) * 0.12 : sum;
      }, 0);
      return { sense, score: 1 / (1 + sense.rank * 0.7) + 1.2 * saleable(sense.kind, chain) + agreement };
    });
    return scored.sort((a, b) => b.score - a.score)[0]?.sense;
  });
}

/** Whether a noun has a meaning that can stand in a parcel. */
export const isForSale = (noun: string): boolean =>
  sensesOf(noun)
    .slice(0, 6)
    .some((sense) => saleable(sense.kind, [sense.id, ...broaderSenses(sense.id)]) >= 0.8);

const saleable = (kind: number, chain: readonly number[]): number =>
  chain.some((id) => notOnSale.has(wordOf(id))) ? 0 : (onSale.get(kind) ?? 0);

/** The longest end of a phrase that is a noun of the database: "hand-dyed knitting yarn" → "knitting yarn" or "yarn". */
export function headNoun(phrase: string): string | null {
  const words = phrase
    .toLowerCase()
    .replace(/\b(?:with|for|of|in|from|by|on)\b.*$/, '')
    .replace(/[,(]\s.*$|\s\(.*$|,.*$/, '')
    // "Jack plane No. 5", "Bow 212": what numbers it is no part of the noun.
    .replace(/\s(?:(?:no|nr)\.?\s*)?[\d#][\w./-]*\s*$/, '')
    .replace(/[^\p{L}\p{N}’' -]/gu, ' ')
    .trim()
    .split(/\s+/);
  for (let from = Math.max(0, words.length - 3); from < words.length; from++) {
    const end = words.slice(from).join(' ');
    if (end.length > 2 && isNoun(end)) return end;
    const hyphened = words.slice(from).join('-');
    if (hyphened !== end && isNoun(hyphened)) return end;
  }
  return null;
}
