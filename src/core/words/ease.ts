import { syllable } from 'syllable';

export interface Ease {
  sentences: number;
  words: number;
  syllables: number;
  /** Flesch reading ease: 100 is very easy, 60–70 plain English, under 30 hard. */
  score: number;
}

/**
 * Flesch reading ease, 206.835 − 1.015 · words/sentence − 84.6 · syllables/word.
 * Rudolf Flesch, "A new readability yardstick", Journal of Applied Psychology 32 (1948), 221–233.
 */
export function readingEase(text: string): Ease {
  const sentences = Math.max(1, text.match(/[^.!?…]*[\p{L}\p{N}][^.!?…]*(?:[.!?…]+|$)/gu)?.length ?? 1);
  const words = text.match(/[\p{L}\p{N}]+(?:['’-][\p{L}\p{N}]+)*/gu) ?? [];
  const syllables = words.reduce((sum, word) => sum + Math.max(1, syllable(word)), 0);
  return { sentences, words: words.length, syllables, score: fleschScore(sentences, words.length, syllables) };
}

export const fleschScore = (sentences: number, words: number, syllables: number): number =>
  words === 0 ? 100 : 206.835 - 1.015 * (words / sentences) - 84.6 * (syllables / words);

/** Parts a block that is too long to be read at once: at sentences, into stretches of at most `most` words where sentences allow. */
export function splitBlock(text: string, most = 70): string[] {
  if (text.split(/\s+/).length <= most) return [text];
  const sentences = text.match(/[^.!?…]+[.!?…]+["”’)]*\s*|[^.!?…]+$/g) ?? [text];
  const blocks: string[] = [];
  let block = '';
  for (const sentence of sentences) {
    if (block && `${block}${sentence}`.trim().split(/\s+/).length > most) {
      blocks.push(block.trim());
      block = '';
    }
    block += sentence;
  }
  return block.trim() ? [...blocks, block.trim()] : blocks;
}
