import { isNoun, moodWordsLike } from '../lexicon';
import { sourceAt, type Fact } from './fact';
import { colourOf } from './colours';
import listed from './moods.json';
import { type Sentence } from './sentences';

/** How a tone word bends the look and the words. Each axis runs from −1 to 1. */
export interface Mood {
  /** Quiet … loud. */
  loud: number;
  /** Cool … warm. */
  warm: number;
  /** Free … exact. */
  exact: number;
  /** Plain … ornate. */
  ornate: number;
}

/** How each word bends each axis that it speaks on (common practice; the values are ours). */
const moods: Readonly<Record<string, Partial<Mood>>> = listed;

/** Words of a text, listed ones with a hyphen whole. */
const words = new RegExp(
  `\\b(?:${Object.keys(moods)
    .filter((word) => word.includes('-'))
    .join('|')})\\b|[a-z]+`,
  'gi',
);

/** What a word says on each axis; what is not listed says what the listed words say that mean nearly the same (by WordNet). */
function moodOfWord(word: string): Partial<Mood> | null {
  if (Object.hasOwn(moods, word)) return moods[word] ?? null;
  const like = moodWordsLike(word);
  const weights = like.reduce((sum, { weight }) => sum + weight, 0);
  if (!weights) return null;
  const mood: Partial<Mood> = {};
  for (const { word: known, weight } of like)
    for (const [axis, value] of Object.entries(moods[known] ?? {}) as [keyof Mood, number][])
      mood[axis] = (mood[axis] ?? 0) + (value * weight) / weights;
  return mood;
}

const refusal = /\b(?:no|not|never|avoid|without|nothing|isn't|don't|anything but|rather than|instead of|less|hate)\b[^.;,]*$/i;

/** Tone words that name a manner of design rather than a temper. */
const styles = new Set(
  'minimal minimalist rustic vintage classic handmade modern retro industrial scandinavian japanese nautical bohemian brutalist folk gothic editorial geometric traditional romantic old-fashioned homemade punk'.split(
    ' ',
  ),
);

/** "Loud, sunny, a bit funny." says nothing but how a shop should feel. */
export function isMoodList(sentence: string): boolean {
  const parts = sentence
    .toLowerCase()
    .replace(/[.!]+$/, '')
    .split(/\s*,\s*(?:and\s+|but\s+)?|\s+(?:and|but|&)\s+/)
    .map((part) => part.replace(/^(?:a (?:bit|little)|very|quite|rather|slightly|really)\s+/, ''));
  return parts.length > 1 && parts.every((part) => Object.hasOwn(moods, part));
}

/** What a feeling is asked for with: the words after it are tone words even where nobody has listed them. */
const feeling = /\b(?:feel|look|sound|be|tone|mood|feeling|style)\b:?\s+(?:as |very |a bit |quite |rather |a little |like )*/i;

/** Tone words that the brief asks for in its wishes about the site. */
export function readTone(brief: string, sentences: readonly Sentence[], wishes: ReadonlySet<Sentence>): Fact<string>[] {
  const found: Fact<string>[] = [];
  for (const sentence of sentences) {
    const labelled = sentence.label === 'look';
    const ofColours = sentence.label === 'colours' || sentence.label === 'avoid' || sentence.label === 'features';
    if (sentence.asks || ofColours || sentence.label === 'goal') continue;
    const certain = wishes.has(sentence);
    if (!certain && !/\b(?:tone|mood|feel|style)\b/i.test(sentence.text)) continue;
    const raw = sentence.source.text;
    for (const match of raw.matchAll(words)) {
      const word = match[0].toLowerCase();
      if (
        !Object.hasOwn(moods, word) ||
        ofAnother(raw, match.index + word.length, labelled) ||
        found.some((known) => known.value === word)
      )
        continue;
      if (refusal.test(raw.slice(0, match.index))) continue;
      const start = sentence.source.start + match.index;
      found.push({ value: word, confidence: certain ? 0.9 : 0.5, source: sourceAt(brief, start, start + word.length) });
    }
    for (const { word, at } of unlisted(raw, labelled))
      if (!found.some((known) => known.value === word))
        found.push({
          value: word,
          confidence: 0.55,
          source: sourceAt(brief, sentence.source.start + at, sentence.source.start + at + word.length),
        });
  }
  return found;
}

/** "Dark brown", "fresh bread": before a noun or a colour a word says something of that. */
function ofAnother(raw: string, end: number, labelled = false): boolean {
  const next = /^\s+([a-z]+)/i.exec(raw.slice(end))?.[1] ?? '';
  if (colourOf(next) !== undefined) return true;
  return (
    !labelled &&
    isNoun(next) &&
    !moodOfWord(next.toLowerCase()) &&
    !/^(?:and|but|like|or|please|too|as|tone|look|feel|mood|style|type|lettering|typography|website|site|page|shop|design|brand|voice)$/i.test(
      next,
    )
  );
}

/** Words that nobody has listed, where a feeling is asked for: by their ending, or by what they mean. */
function unlisted(raw: string, labelled: boolean): { word: string; at: number }[] {
  const opens = labelled ? { index: 0, 0: '' } : feeling.exec(raw);
  if (!opens) return [];
  const from = opens.index + opens[0].length;
  return [...byEnding(raw, from), ...byMeaning(raw, from)];
}

/** "It should feel weightless and grandfatherly". */
function byEnding(raw: string, from: number): { word: string; at: number }[] {
  return [...raw.slice(from).matchAll(/\b[a-z]+(?:less|ful|ish|ous|like|ly)\b/gi)].flatMap((match) => {
    const word = match[0].toLowerCase();
    const known = Object.hasOwn(moods, word) || refusal.test(raw.slice(0, from + match.index)) || colourOf(word) !== undefined;
    return known ||
      ofAnother(raw, from + match.index + word.length) ||
      /^(?:only|really|mostly|mainly|easily|quickly|like|family|early|daily|simply|clearly|exactly|slightly|definitely|absolutely|useful|helpful|careful|beautiful|wonderful|successful|various|previous|obvious|serious|delicious)$/.test(
        word,
      ) ||
      word.length < 6
      ? []
      : [{ word, at: from + match.index }];
  });
}

/** "Sumptuous, warm and a bit gaudy": words of mood in one breath, up to the first that is none. */
function byMeaning(raw: string, from: number): { word: string; at: number }[] {
  const next = /[\s,]*(?:(?:and|but|or|yet|also|a|bit|little|very|quite|rather|more|slightly) )*([a-z]+(?:-[a-z]+)*)/iy;
  next.lastIndex = from;
  const found: { word: string; at: number }[] = [];
  for (let match = next.exec(raw); match; match = next.exec(raw)) {
    const word = (match[1] ?? '').toLowerCase();
    if (!moodOfWord(word)) break;
    if (ofAnother(raw, next.lastIndex)) break;
    if (!Object.hasOwn(moods, word)) found.push({ word, at: next.lastIndex - word.length });
  }
  return found;
}

/** The tone words that name a manner of design. */
export const styleOf = (tone: readonly Fact<string>[]): Fact<string>[] => tone.filter((fact) => styles.has(fact.value));

/** The mood that tone words add up to: the mean of those that speak on an axis. */
export function moodOf(tone: readonly string[]): Mood {
  const mood: Mood = { loud: 0, warm: 0, exact: 0, ornate: 0 };
  const spoken = tone.map((word) => moodOfWord(word.toLowerCase()));
  for (const axis of Object.keys(mood) as (keyof Mood)[]) {
    const votes = spoken.map((one) => one?.[axis]).filter((vote) => vote !== undefined);
    if (votes.length) mood[axis] = votes.reduce((a, b) => a + b, 0) / votes.length;
  }
  return mood;
}

export const toneWords = (): string[] => Object.keys(moods);
