import { isNoun, isThing, isVerb, sensesOf, singular, verbClass } from '../../lexicon';
import { isGrammar } from '../facts/tokens';

/** Lexnames of WordNet: verbs of thinking and telling; what is told in, and whom. */
const telling = new Set([31, 32]);
const told = new Set([3, 10, 14, 18]);
/** So many words may stand before the "that" of what is to be said. */
const mostBefore = 6;
/** A clause that says something has so many words at least. */
const leastSaid = 4;

const articles = new Set(['a', 'an', 'the', 'any', 'some', 'every', 'each', 'our', 'your', 'my', 'one', 'no']);

const classOf = (word: string): number | undefined => sensesOf(word)[0]?.kind;

/** Whether a word before "that" is what the clause after it tells of: "a cushion that …", "bowls that …". */
function isToldOf(word: string, before: string | undefined): boolean {
  if (isGrammar(word) || !isNoun(word) || told.has(classOf(word) ?? -1)) return false;
  return articles.has(before ?? '') || singular(word) !== word || isThing(word);
}

/**
 * What a sentence bids its reader to say: "Put in that every pan has been used" → where "every pan has been used" begins in it. It begins with a
 * verb, has no subject, and what it bids is a clause after "that". Null where it says something by itself: "Bring a pan that fits" bids too,
 * and what follows "that" there tells of the pan.
 */
export function toSay(text: string): number | null {
  const words = [...text.matchAll(/\p{L}[\p{L}'’-]*|[,;:.!?()–—]/gu)].map(({ 0: word, index }) => ({
    word: word.toLowerCase(),
    index,
  }));
  const at = words.findIndex(({ word }) => word === 'that');
  const [first] = words;
  const before = words[at - 1];
  const after = words[at + 1];
  if (!first || !before || !after || at > mostBefore || words.length - at - 1 < leastSaid) return null;
  if (isGrammar(first.word) || !isVerb(first.word)) return null;
  if (words.slice(0, at).some(({ word }) => !/^\p{L}/u.test(word))) return null;
  // "Paint that we mix": of a thing something is told, unless the word is first of all a verb of telling.
  if (at === 1 ? isThing(first.word) && !telling.has(verbClass(first.word) ?? -1) : isToldOf(before.word, words[at - 2]?.word))
    return null;
  // "… that fits": the clause has no subject of its own.
  if (isVerb(after.word) && !isNoun(after.word) && !isGrammar(after.word)) return null;
  return after.index;
}
