import { mayBeginNumber, spelledOut } from '../numberWords';

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

/** What leads up to words that a sentence gives: "call it …", "these should be …". They are no part of them. */
export const leadingUp = 'it this that these those them is as to be should must'.split(' ');

/** Whether a capital sets a word apart from those before it: "I" is always written with one. */
export const isSetApart = ({ text, word }: Pick<Token, 'text' | 'word'>): boolean =>
  /^\p{Lu}/u.test(text) && !/^i(?:'|$)/.test(word);

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
  const single = [...text.matchAll(shapes)].map(({ 0: found, index }): Token => {
    const word = found.toLowerCase().replace(/’/g, "'");
    return { text: found, word, stem: stem(word), start: index, end: index + found.length };
  });
  return inOne(text, single);
}

/** A number of several words is one figure: of "thirty two" neither the thirty is meant nor the two. */
function inOne(text: string, single: readonly Token[]): Token[] {
  /** Words from a place on that nothing stands between but spaces: what a comma parts is told one after another. */
  const runFrom = (from: number): string[] => {
    const end = single.findIndex(({ start }, n) => n > from && /\S/.test(text.slice(single[n - 1]?.end, start)));
    return single.slice(from, end < 0 ? undefined : end).map(({ word }) => word);
  };
  const tokens: Token[] = [];
  for (let i = 0; i < single.length; i++) {
    const token = single[i] as Token;
    const found = mayBeginNumber(token.word) ? spelledOut(runFrom(i)) : null;
    const last = found && single[i + found.length - 1];
    if (!found || !last) {
      tokens.push(token);
      continue;
    }
    const figure = String(found.value);
    tokens.push({ text: figure, word: figure, stem: figure, start: token.start, end: last.end });
    i += found.length - 1;
  }
  return tokens;
}
