import { sourceAt, type Fact } from './fact';
import { wishesOf } from './statements';
import { type Sentence } from './sentences';

/** How a tone word bends the look and the words. Each axis runs from −1 to 1; a definition a line. */
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

const moods: Record<string, Partial<Mood>> = {
  calm: { loud: -0.8 },
  quiet: { loud: -1 },
  peaceful: { loud: -0.9 },
  gentle: { loud: -0.6, warm: 0.3 },
  soft: { loud: -0.5, warm: 0.3 },
  minimal: { loud: -0.6, ornate: -0.8 },
  simple: { loud: -0.4, ornate: -0.6 },
  clean: { loud: -0.3, exact: 0.4, ornate: -0.6 },
  airy: { loud: -0.6, ornate: -0.4 },
  unhurried: { loud: -0.7 },
  slow: { loud: -0.7 },
  loud: { loud: 1 },
  bold: { loud: 0.9 },
  bright: { loud: 0.6, warm: 0.2 },
  cheeky: { loud: 0.8, warm: 0.2 },
  funny: { loud: 0.7, warm: 0.3 },
  fun: { loud: 0.7, warm: 0.3 },
  playful: { loud: 0.7, warm: 0.4 },
  lively: { loud: 0.6 },
  cheerful: { loud: 0.5, warm: 0.5 },
  energetic: { loud: 0.8 },
  punchy: { loud: 1 },
  brash: { loud: 1 },
  rebellious: { loud: 0.9 },
  young: { loud: 0.5 },
  warm: { warm: 1 },
  friendly: { warm: 0.7, loud: 0.1 },
  cosy: { warm: 0.9, loud: -0.3 },
  cozy: { warm: 0.9, loud: -0.3 },
  homely: { warm: 0.8 },
  rustic: { warm: 0.8, exact: -0.3 },
  earthy: { warm: 0.8 },
  welcoming: { warm: 0.7 },
  handmade: { warm: 0.5, exact: -0.2 },
  nostalgic: { warm: 0.6, ornate: 0.4 },
  honest: { exact: 0.6, ornate: -0.4 },
  plain: { exact: 0.5, ornate: -0.8 },
  trustworthy: { exact: 0.6 },
  serious: { exact: 0.7, loud: -0.2 },
  exact: { exact: 1 },
  precise: { exact: 1 },
  technical: { exact: 0.9, warm: -0.4 },
  sober: { exact: 0.7, loud: -0.4 },
  practical: { exact: 0.7 },
  professional: { exact: 0.6 },
  orderly: { exact: 0.8 },
  modern: { exact: 0.4, warm: -0.3, ornate: -0.4 },
  cool: { warm: -0.7 },
  crisp: { exact: 0.6, warm: -0.4 },
  elegant: { loud: -0.4, ornate: 0.5 },
  refined: { loud: -0.5, ornate: 0.3 },
  luxurious: { loud: -0.3, ornate: 0.7 },
  romantic: { warm: 0.5, ornate: 0.6 },
  quirky: { loud: 0.5, ornate: 0.3 },
  traditional: { ornate: 0.5, exact: 0.2 },
  classic: { ornate: 0.3, exact: 0.2 },
  vintage: { ornate: 0.5, warm: 0.4 },
  moody: { loud: 0.2, warm: -0.2 },
  bookish: { exact: 0.3, warm: 0.3 },
  straightforward: { exact: 0.5, ornate: -0.4 },
  colourful: { loud: 0.6 },
  colorful: { loud: 0.6 },
};

const refusal = /\b(?:no|not|never|avoid|without|nothing|isn't|don't|anything but|rather than|instead of|less|hate)\b[^.;,]*$/i;

/** Tone words that the brief asks for in its wishes about the site. */
export function readTone(brief: string, sentences: readonly Sentence[]): Fact<string>[] {
  const found: Fact<string>[] = [];
  const wishes = wishesOf(sentences);
  for (const sentence of sentences) {
    const certain = wishes.has(sentence);
    if (!certain && !/\b(?:tone|mood|feel|style|we are|we're)\b/i.test(sentence.text)) continue;
    for (const match of sentence.source.text.matchAll(/[a-z]+/gi)) {
      const word = match[0].toLowerCase();
      if (!(word in moods) || found.some((known) => known.value === word)) continue;
      if (refusal.test(sentence.source.text.slice(0, match.index))) continue;
      const start = sentence.source.start + match.index;
      found.push({ value: word, confidence: certain ? 0.9 : 0.5, source: sourceAt(brief, start, start + word.length) });
    }
  }
  return found;
}

/** The mood that tone words add up to: the mean of those that speak on an axis. */
export function moodOf(tone: readonly string[]): Mood {
  const mood: Mood = { loud: 0, warm: 0, exact: 0, ornate: 0 };
  for (const axis of Object.keys(mood) as (keyof Mood)[]) {
    const votes = tone.map((word) => moods[word.toLowerCase()]?.[axis]).filter((vote) => vote !== undefined);
    if (votes.length) mood[axis] = votes.reduce((a, b) => a + b, 0) / votes.length;
  }
  return mood;
}

export const toneWords = (): string[] => Object.keys(moods);
