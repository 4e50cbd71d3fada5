import { openSource, readList } from '@/core/goods';
import { batches } from '../corpus/lists/batches';
import { figuresOf, scoreOf } from '../corpus/lists/score';
import { median } from './core';
import { listOf } from './goods';

/** Milliseconds from the bytes of a list to its proposal, median of 9. */
export function proposalTime(rows: number): number {
  const bytes = new TextEncoder().encode(listOf(rows, 1));
  return median(
    Array.from({ length: 9 }, () => {
      const start = performance.now();
      const source = openSource(bytes);
      if (source.ok) readList(source.value, { brief: 'GBP' });
      return performance.now() - start;
    }),
  );
}

/** How the lists of the corpus are read, batch by batch. Those that the reader was mended with say nothing of first sight. */
export async function corpusLines(): Promise<string[]> {
  const lines = [];
  for (const { name, lists } of batches) {
    const scores = [];
    for (const list of lists) scores.push(await scoreOf(list));
    const { lists: n, whole, refused, columns, variants, silent } = figuresOf(scores);
    lines.push(
      `batch ${name}: ${whole} of ${n} wholly right, ${refused} refused, columns ${columns.toFixed(2)}, variants ${variants.toFixed(2)}, wrong without a word ${silent}`,
    );
  }
  return lines;
}
