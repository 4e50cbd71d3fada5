import { isNoun, singular } from '../lexicon';

export { numberWords } from '../numberWords';

export const capitalised = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);

/** "a, b and c" */
export function listed(items: readonly string[]): string {
  if (items.length < 2) return items[0] ?? '';
  return `${items.slice(0, -1).join(', ')} and ${items.at(-1)}`;
}

/** A category's name inside a sentence: "Yarn" → "yarn", but "Fell Sock" and "DK" stay. */
export function inSentence(name: string): string {
  const words = name.split(' ');
  const ordinary = /^\p{Lu}\p{Ll}+$/u.test(words[0] ?? '') && words.slice(1).every((word) => !/^\p{Lu}/u.test(word));
  return ordinary ? name.charAt(0).toLowerCase() + name.slice(1) : name;
}

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

/** The form of a verb for one subject by its title, or for several where there is none. */
export const verbFor = (title: string | null, one: string, several: string): string =>
  title === null || pluralTitle(title) ? several : one;

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

/** Several of what a noun names: “weight” → “weights”, of more than one. */
export const pluralOf = (noun: string, count = 2): string =>
  count === 1
    ? noun
    : /(?:s|x|ch|sh)$/.test(noun)
      ? noun.endsWith('s')
        ? noun
        : `${noun}es`
      : /[^aeiou]y$/.test(noun)
        ? `${noun.slice(0, -1)}ies`
        : `${noun}s`;
