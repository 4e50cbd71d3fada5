import { isNoun, singular } from '../lexicon';

export { capitalised } from '../capitalised';
export { numberWords } from '../numberWords';
export { inSentence, listed, pluralOf } from '../phrases';

/** Shortens to whole words within a number of characters, closing with a full stop where a sentence fits, else an ellipsis. */
export function fit(text: string, most: number): string {
  if (text.length <= most) return text;
  const sentence = text.slice(0, most + 1).match(/^.*[.!?](?=\s)/s)?.[0];
  if (sentence && sentence.length >= most * 0.5) return sentence;
  return `${text.slice(0, most - 1).replace(/[\s,;:–-]+\S*$/, '')}…`;
}

/** Whether a title names several things: "Birch needles", but not "Brass" or "Moss". */
export function pluralTitle(title: string): boolean {
  const last =
    title
      .replace(/\s(?:for|of|with|in|from|by)\s.*$/i, '')
      .replace(/[,(].*$/, '')
      .trim()
      .split(/\s+/)
      .at(-1)
      ?.toLowerCase() ?? '';
  return last.length > 3 && /[^s]s$/.test(last) && singular(last) !== last && isNoun(singular(last));
}

/** Whether a name ends in a noun, one or several of it: “lettering”, “yarn weights”, but not “wt oz” or “which one”. */
export function endsInNoun(name: string): boolean {
  const last =
    name
      .toLowerCase()
      .match(/\p{L}+/gu)
      ?.at(-1) ?? '';
  return last.length > 2 && last !== 'one' && (isNoun(last) || isNoun(singular(last)));
}

/** "a" or "an" before a word, by how it sounds. */
export function article(word: string): 'a' | 'an' {
  const lower = word.toLowerCase();
  if (/^(?:hour|honest|heir|honou?r)/.test(lower)) return 'an';
  if (/^(?:uni(?!n|m)|use|usu|eu|one\b|once|u[krt][aeio])/.test(lower)) return 'a';
  if (/^[A-Z]{2,}(?![a-z])/.test(word)) return /^[AEFHILMNORSX]/.test(word) ? 'an' : 'a';
  if (/^(?:8|11\b|18\b)/.test(lower)) return 'an';
  return /^[aeiou]/.test(lower) ? 'an' : 'a';
}

/** "Mill’s", "Hives’": the possessive of a name. */
export const possessive = (name: string): string => (/s$/i.test(name) ? `${name}’` : `${name}’s`);
