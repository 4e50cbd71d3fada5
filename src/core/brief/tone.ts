import { moodWordsLike } from '../lexicon';
import { type Fact } from './fact';
import likenesses from './likenesses.json';
import listed from './moods.json';

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

/** How each axis is bent by what a shop should be like: “like a pharmacy” (common practice; the values are ours). */
const likened: Readonly<Record<string, Partial<Mood>>> = likenesses;

/** Whether it is known how something feels that a site is likened to. */
export const isLikened = (thing: string): boolean => Object.hasOwn(likened, thing);

/** What a word says on each axis; what is not listed says what the listed words say that mean nearly the same (by WordNet). */
function moodOfWord(word: string): Partial<Mood> | null {
  if (Object.hasOwn(moods, word)) return moods[word] ?? null;
  const thing = word.replace(/^like an? /, '');
  if (Object.hasOwn(likened, thing)) return likened[thing] ?? null;
  const like = moodWordsLike(word);
  const weights = like.reduce((sum, { weight }) => sum + weight, 0);
  if (!weights) return null;
  const mood: Partial<Mood> = {};
  for (const { word: known, weight } of like)
    for (const [axis, value] of Object.entries(moods[known] ?? {}) as [keyof Mood, number][])
      mood[axis] = (mood[axis] ?? 0) + (value * weight) / weights;
  return mood;
}

/** Tone words that name a manner of design rather than a temper. */
const styles = new Set(
  'minimal minimalist rustic vintage classic handmade modern retro industrial scandinavian japanese nautical bohemian brutalist folk gothic editorial geometric traditional romantic old-fashioned homemade punk'.split(
    ' ',
  ),
);

/** Whether a word is listed as one of mood. */
export const isMoodWord = (word: string): boolean => Object.hasOwn(moods, word);

/** "Loud, sunny, a bit funny." says nothing but how a shop should feel. */
export function isMoodList(sentence: string): boolean {
  const parts = sentence
    .toLowerCase()
    .replace(/[.!]+$/, '')
    .split(/\s*,\s*(?:and\s+|but\s+)?|\s+(?:and|but|&)\s+/)
    .map((part) => part.replace(/^(?:a (?:bit|little)|very|quite|rather|slightly|really)\s+/, ''));
  return parts.length > 1 && parts.every((part) => Object.hasOwn(moods, part));
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
