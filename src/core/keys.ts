import { slugify } from './slug';

/** 32-bit FNV-1a (Fowler, Noll, Vo). Recalled from memory; it only has to be the same each time. */
export function hashOf(text: string): number {
  let hash = 0x811c9dc5;
  for (let i = 0; i < text.length; i++) hash = Math.imul(hash ^ text.charCodeAt(i), 0x01000193);
  return hash >>> 0;
}

/** The words of a text, without case and marks: what stays when only the writing changes. */
export const plainWords = (text: string): string[] =>
  text
    .normalize('NFKC')
    .toLowerCase()
    .match(/[\p{L}\p{N}]+/gu) ?? [];

/** A key from words: the first of them, to be read by people, and a fingerprint of all. */
export function keyFrom(words: string): string {
  const plain = plainWords(words);
  const first = slugify(plain.slice(0, 4).join(' '), 'item').slice(0, 28).replace(/-$/, '');
  return `${first}-${hashOf(plain.join(' ')).toString(36)}`;
}
