/** "Yarn" → "yarn" inside a sentence, but "Fell Sock" and "DK" stay. */
export function inSentence(name: string): string {
  const words = name.split(' ');
  const ordinary = /^\p{Lu}\p{Ll}+$/u.test(words[0] ?? '') && words.slice(1).every((word) => !/^\p{Lu}/u.test(word));
  return ordinary ? name.charAt(0).toLowerCase() + name.slice(1) : name;
}

/** Several of what a noun names: “weight” → “weights”, of more than one. */
export const pluralOf = (noun: string, count = 2): string =>
  count === 1
    ? noun
    : /(?:ss|x|ch|sh)$/.test(noun)
      ? `${noun}es`
      : noun.endsWith('s')
        ? noun
        : /[^aeiou]y$/.test(noun)
          ? `${noun.slice(0, -1)}ies`
          : `${noun}s`;

/** "a, b and c" */
export function listed(items: readonly string[], and = 'and'): string {
  if (items.length < 2) return items[0] ?? '';
  return `${items.slice(0, -1).join(', ')} ${and} ${items.at(-1)}`;
}
