import { numberWords } from './grammar';
import { type Text } from './text';

/** Words that carry no claim: grammar, and what patterns of facts are built with. */
const grammar = new Set(
  'a an the and or but so of in on at by to for from with without about as is are was were be been it its they them their there this that these those we us our i me my you your not no one all each every more most than then also only which who what when where how if into out up over under do does did has have had will would can could may before after since until while because here'.split(
    ' ',
  ),
);

export const isSmallWord = (word: string): boolean => grammar.has(word.toLowerCase());

const superlative =
  /\b(?:best|finest|greatest|largest|biggest|oldest|leading|number one|unique|ultimate|unrivalled|perfect|(?:most|least) \p{L}+)\b/iu;

const stem = (word: string): string =>
  word
    .toLowerCase()
    .replace(/[’']s?$/u, '')
    .replace(/[’']/g, '')
    .replace(/(?:ies)$/u, 'y')
    .replace(/(?:ing|ed|es|s|er|ly|d)$/u, '')
    // "Figure" is what "figures" leaves.
    .replace(/(?<=\p{L}{4})e$/u, '')
    .replace(/(.)\1$/u, '$1');

const tokens = (text: string): string[] => text.match(/[\p{L}\p{N}]+(?:[’'][\p{L}]+)?/gu) ?? [];

const numbersBelow100 = new Map(Array.from({ length: 100 }, (_, n) => [numberWords(n), String(n)] as const));

/** Stems of the words of a text, and its numbers in figures and words. */
export function stemsIn(text: string): string[] {
  const found: string[] = [];
  for (const token of tokens(text)) {
    found.push(stem(token));
    const figure = numbersBelow100.get(token.toLowerCase());
    if (figure) found.push(figure);
    if (/^\d+$/.test(token) && Number(token) < 100) for (const part of tokens(numberWords(Number(token)))) found.push(stem(part));
  }
  for (const hyphened of text.toLowerCase().match(/\p{L}+-\p{L}+/gu) ?? []) {
    const figure = numbersBelow100.get(hyphened);
    if (figure) found.push(figure);
  }
  // "4,100" stands for itself.
  for (const figure of text.match(/\d[\d.,]*\d/g) ?? []) found.push(...figure.split(/[.,]/));
  return found;
}

/** What stands in a source. */
export class Vocabulary {
  private readonly known = new Set<string>();

  /** @param namesHaveCapitals whether a capital inside a sentence makes a name of a word; in German all nouns have it */
  constructor(
    texts: Iterable<string | readonly string[]>,
    readonly namesHaveCapitals = true,
  ) {
    for (const text of texts) for (const one of typeof text === 'string' ? stemsIn(text) : text) this.known.add(one);
  }

  has(word: string): boolean {
    return grammar.has(word.toLowerCase()) || this.known.has(stem(word));
  }
}

/** Words of a text that its sources don't hold, though they claim something: nouns and names, numbers, superlatives. */
export function untraced({ text, rank, sources }: Text, everywhere: Vocabulary): string[] {
  if (sources.some((source) => source.kind === 'seller' || source.kind === 'ask')) return [];
  const spans = sources.flatMap((source) => (source.kind === 'brief' ? [source.source.text] : []));
  if (rank === 1 && spans.length) {
    const own = new Vocabulary(spans);
    // A pronoun may have been given its noun: that noun stands elsewhere in the brief.
    const foreign = tokens(text).filter((token) => !own.has(token));
    const claims = foreign.filter((token) => !everywhere.has(token));
    return foreign.length > 4 ? foreign : claims;
  }
  const isName = (token: string, i: number) =>
    everywhere.namesHaveCapitals && i > 0 && /^\p{Lu}/u.test(token) && !everywhere.has(token) && !/^[IK]$/.test(token);
  const found = tokens(text).filter((token, i) => (/\d/.test(token) && rank === 3) || isName(token, i));
  const praise = superlative.exec(text)?.[0];
  const claimed = praise && !tokens(praise).every((word) => everywhere.has(word)) ? [praise] : [];
  const figures =
    spans.length && rank === 2 && sources.every((source) => source.kind === 'brief')
      ? tokens(text).filter((token) => /\d/.test(token) && !everywhere.has(token))
      : [];
  return [...found, ...claimed, ...figures];
}
