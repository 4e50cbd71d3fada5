import { capitalised } from '../capitalised';
import { placesNamed } from '../lexicon';
import { isCommon, isGrammar } from './facts/tokens';

/** Of so many letters it is known how somebody writes, and so large a share of capitals is shouting. */
const [fewest, shouting] = [20, 0.7];
/** Power of ten of the people of a place that a word may name by itself. */
const town = 5;

const isTown = (words: string): boolean => (placesNamed(words)[0]?.size ?? 0) >= town;

const word = String.raw`\p{Ll}[\p{L}\p{M}’-]*`;
const twoWords = new RegExp(String.raw`(?<![\p{L}’'-])(${word}) (${word})(?![\p{L}’'-])`, 'gu');
const oneWord = new RegExp(String.raw`(?<![\p{L}’'-])${word}(?![\p{L}’'-])`, 'gu');

/** Names of places, of two words and of one, wherever they stand. */
const withPlaces = (text: string): string =>
  text
    .replace(twoWords, (whole, first: string, second: string) =>
      !isCommon(second) && isTown(whole) ? `${capitalised(first)} ${capitalised(second)}` : whole,
    )
    .replace(oneWord, (whole) => (!isCommon(whole) && isTown(whole) ? capitalised(whole) : whole));

/** "We are not doctors and the office wrote" names nobody. */
const longestName = 5;
const isNamed = (name: string): boolean => {
  const words = name.split(' ');
  return words.length <= longestName && !isGrammar(words[0] ?? '');
};

/**
 * A brief in capitals, read as if it had been written in small letters and said calmly; any other as it is. Every letter stays where it is. What no
 * dictionary has after "in", "near" or "from" is a name, as are places, what begins a sentence, and what a shop is called.
 */
export function calmed(brief: string): string {
  const letters = brief.replace(/[^\p{L}]/gu, '');
  const capitals = letters.replace(/[^\p{Lu}]/gu, '');
  if (letters.length < fewest || capitals.length / letters.length < shouting) return brief;
  const small = brief.replace(/\p{Lu}/gu, (letter) => {
    const low = letter.toLowerCase();
    return low.length === letter.length ? low : letter;
  });
  return (
    withPlaces(small)
      .replace(/\bthe (us|uk|usa|eu)\b/g, (_, name: string) => `the ${name.toUpperCase()}`)
      .replace(/\b(in|near|from) (\p{Ll}[\p{L}\p{M}’-]+)/gu, (whole, before: string, word: string) =>
        isCommon(word) ? whole : `${before} ${capitalised(word)}`,
      )
      .replace(/(^|[.!?]\s+|\n\s*)(\p{Ll})/gu, (_, before: string, letter: string) => before + letter.toUpperCase())
      .replace(
        /(\b(?:we are|i am|called|named) )([^.,\n]+?)(?=[.,\n]| and (?:we|i) | (?:in|from|we) )/gi,
        (whole, before: string, name: string) => (isNamed(name) ? before + nameCalmed(name) : whole),
      )
      // Who is read in small letters doesn't shout either.
      .replace(/!+/g, (marks) => `.${' '.repeat(marks.length - 1)}`)
  );
}

/** A name out of a brief in capitals: "Scarf Ace". */
export const nameCalmed = (name: string): string =>
  name
    .split(' ')
    .map((part, i) => (i > 0 && isGrammar(part.toLowerCase()) ? part : capitalised(part)))
    .join(' ');
