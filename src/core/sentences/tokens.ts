/** A word of a sentence, or a figure, or a mark that means something. */
export interface Token {
  /** As it stands. */
  text: string;
  /** In lower case. */
  word: string;
  /** Without its ending, so that "columns" and "column" are one. */
  stem: string;
  start: number;
  end: number;
}

/** Words without their commonest endings. They are compared, never shown. */
export function stem(word: string): string {
  if (word.length < 4 || /\d/.test(word)) return word;
  return word
    .replace(/[’']s$/, '')
    .replace(/ies$/, 'y')
    .replace(/(?<=..)(?:sses)$/, 'ss')
    .replace(/(?<=[^su])s$/, '')
    .replace(/(?<=\p{L}{3})(?:ing|ed)$/u, '')
    .replace(/([^aeiouls])\1$/, '$1')
    .replace(/(?<=\p{L}{3})e$/u, '');
}

// A code such as SPRING26 is one word.
const shapes =
  /#[0-9a-f]{3,8}\b|\p{L}{2,}\d+[\p{L}\d]*|\d+(?:[.,’'\s]\d{3})*(?:[.,]\d+)?|\p{L}+(?:[’'-]\p{L}+)*|[%+→=:]|[€£$¥]/giu;

export function tokensOf(text: string): Token[] {
  return [...text.matchAll(shapes)].map(({ 0: found, index }) => {
    const word = found.toLowerCase().replace(/’/g, "'");
    return { text: found, word, stem: stem(word), start: index, end: index + found.length };
  });
}
