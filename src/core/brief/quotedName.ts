import { factAt, type Fact } from './fact';

/** Pairs of quotation marks (CLDR, delimiters of languages), those of English last: they are about other things as often. */
const marks: readonly (readonly [open: string, close: string])[] = [
  ['«', '»'],
  ['»', '«'],
  ['„', '“'],
  ['„', '”'],
  ['「', '」'],
  ['『', '』'],
  ['“', '”'],
  ['"', '"'],
];

const begins = /^[\p{L}\p{M}\p{N}’' -]*$/u;
const [mostBefore, mostWithin, longest] = [3, 6, 60];
const sure = 0.66;
const words = (text: string): number => text.match(/[\p{L}\p{M}\p{N}’']+/gu)?.length ?? 0;

/**
 * A name that the first line of a brief has between quotation marks, after no more than what it is the name of: "Мастерская «Глина и дым»,
 * Томск". What follows is not its verb, so that nobody is quoted.
 */
export function quotedName(brief: string): Fact<string> | null {
  const start = brief.length - brief.trimStart().length;
  const [line = ''] = brief.slice(start).split(/\r?\n/);
  for (const [open, close] of marks) {
    const from = line.indexOf(open);
    const to = from < 0 ? -1 : line.indexOf(close, from + 1);
    if (to < 0) continue;
    const [before, name, after] = [line.slice(0, from), line.slice(from + 1, to).trim(), line.slice(to + 1)];
    const isNamed = begins.test(before) && words(before) <= mostBefore && /^\s*(?:[,.:;–—(、。·|-]|$)/.test(after);
    const isName = name.length > 1 && name.length <= longest && words(name) <= mostWithin && !/[.!?。]$/.test(name);
    if (isNamed && isName) return factAt(brief, name, sure, start + from + 1, start + to);
  }
  return null;
}
