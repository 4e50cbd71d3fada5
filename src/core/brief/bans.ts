import { toTheMaker, type Judgement } from './judge/judge';
import { isGrammar, knownOf, tokensIn } from './facts/tokens';
import { type Source } from './fact';

/** Something that the seller doesn't want to be said: words that must not stand together in one sentence. */
export interface CopyBan {
  /** As the brief puts it. */
  text: string;
  stems: readonly string[];
  source: Source;
}

const negated = /\b(?:never|not|no|nor|without|avoid|forbid(?:den|s)?|cannot)\b|n['’]t\b/i;
const quoted = /["“‘«](\p{L}[^"”’»]{1,40})["”’»]/gu;
const saying = 'say|write|claim|claimed|mention|name|call (?:it|them|us|me)|said|print|use the words?';
const refusing =
  "never|do not|don['’]t|not|(?:must|may|shall|should|can) (?:not|never)|cannot|(?:must|should|can)n?['’]t|it is forbidden";
/** "Never say that …", "please don't write …", "it shall not be claimed that …". */
const order = new RegExp(
  `(?:^|[^\\p{L}])(?:([\\p{L}'’]+)\\s+)?(${refusing})(?:\\s+\\p{L}+){0,3}?\\s+(?:${saying})\\b(?: that)?(?: (?:it|they|we) (?:is|are))?(?:\\s+([^,;:.!?(–—]+))?`,
  'iu',
);
/** Those of whom "we don't say" only tells. */
const teller = /^(?:I|we|they|he|she|who|people)(?:['’]\p{L}+)?$/iu;
const must = /^(?:must|may|shall|should|can)/i;
/** "The recipe of the grandmother is not to be mentioned." */
const unsaid = /^(.+?)\s(?:is|are) (?:not|never) to be (?:mentioned|named|said|printed)\b/i;
/** Where it isn't to be said, which is no part of what isn't. */
const anywhere = /\s+(?:anywhere|please|(?:on|in) (?:the|my|our|this) (?:web ?site|site|pages?|shop|home ?page)).*$/i;
const fewestLetters = 3;

const stemsOf = (text: string): string[] => [
  ...new Set(
    tokensIn(text, 0, text.length)
      .filter(
        ({ low }) => !isGrammar(low) && low !== 'one' && (low === '@year' || low === '@number' || low.length >= fewestLetters),
      )
      .map(({ low, text: word }) => knownOf(low).stem || word.toLowerCase()),
  ),
];

/** A sentence has to be this likely to speak to whoever makes the site for its quotations to be words to avoid. */
const likely = 0.25;

/** What a sentence forbids to say. */
function forbiddenIn(judgement: Judgement): CopyBan[] {
  const { text, start, end } = judgement.said;
  if (judgement.print >= surelyTold || !negated.test(text.replace(quoted, ''))) return [];
  const ordered = order.exec(text);
  const isOrder = ordered !== null && (!teller.test(ordered[1] ?? '') || must.test(ordered[2] ?? ''));
  const words = isOrder || toTheMaker(judgement) >= likely ? [...text.matchAll(quoted)].map(([, inner = '']) => inner) : [];
  const clause = unsaid.exec(text)?.[1] ?? (isOrder && !words.length ? ordered[3] : undefined);
  return [
    ...words,
    ...(clause
      ?.trim()
      .replace(anywhere, '')
      .split(/\s+or\s+(?:that\s+)?/i) ?? []),
  ]
    .map((one) => ({ text: one, stems: stemsOf(one), source: { text, start, end } }))
    .filter(({ stems }) => stems.length > 0);
}

/** What is this likely to be for shoppers forbids nothing. */
const surelyTold = 0.7;

export const readBans = (judged: readonly Judgement[]): CopyBan[] => judged.flatMap(forbiddenIn);

/** The ban that a text breaks, if any: all its words stand in one of the text's sentences. */
export function brokenBan(text: string, bans: readonly CopyBan[]): CopyBan | undefined {
  if (!bans.length) return undefined;
  const sentences = text.split(/(?<=[.!?])\s+/).map((sentence) => new Set(stemsOf(sentence)));
  return bans.find(({ stems }) => sentences.some((words) => stems.every((stem) => words.has(stem))));
}

/** Sentences that say what the brief forbids to say are never printed. */
export const underBans = (judged: readonly Judgement[], bans: readonly CopyBan[]): Judgement[] =>
  judged.map((one) => (brokenBan(one.said.text, bans) ? { ...one, print: 0, mend: 0 } : one));
