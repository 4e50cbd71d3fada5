import { broaderTerms, chooseSenses, headNoun } from '../lexicon';
import { type Fact } from './fact';

/** What a business deals in, placed in the lexical database. */
export interface Trade {
  /** In the seller's words where one word covers it: "honey", "tools". */
  label: string;
  /** Broader terms, nearest first. */
  broader: string[];
}

/** So many goods of a list tell which meaning of a word is meant. */
const mostTitles = 20;

/** What a business deals in: what it is said to, else the first of its goods; placed where its goods are. */
export function tradeOf(
  said: Fact<string> | null,
  sells: readonly Fact<string>[],
  titles: readonly string[],
): Fact<Trade> | null {
  const from = said ?? sells[0];
  if (!from) return null;
  const label = from.value.toLowerCase();
  const noun = headNoun(label) ?? label;
  const goods = [...sells.map((fact) => fact.value), ...titles.slice(0, mostTitles)];
  const heads = [...new Set(goods.map(headNoun).filter((head) => head !== null))];
  const [sense] = chooseSenses([noun, ...heads]);
  return { ...from, value: { label, broader: sense ? broaderTerms(noun, sense) : [] } };
}
