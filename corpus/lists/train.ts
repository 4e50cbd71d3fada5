import { writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { chance } from '@/core/chance';
import { type Weights } from '@/core/goods/columns/judge';
import { batches } from './batches';
import { examplesOf, rightOf, train, type Example } from './learn';

/** Weights smaller than this, in thousandths, weigh nothing. */
const least = 20;
const random = chance(20261127);
const learned = batches.filter(({ name }) => name !== 'frozen');
const shown = [];
for (const { name, lists } of learned) {
  const examples: Example[][] = [];
  for (const list of lists) examples.push(await examplesOf(list, random));
  shown.push({ name, lists: examples, plain: examples.map((all, i) => all.slice(0, lists[i]?.columns.split(' ').length)) });
}

if (process.argv.includes('--held-out'))
  for (const held of shown) {
    const weights = train(shown.filter((one) => one !== held).flatMap(({ lists }) => lists.flat()));
    const columns = held.plain.flat();
    console.log(
      `batch ${held.name}, not shown: ${(rightOf(columns, weights) / columns.length).toFixed(3)} of ${columns.length} columns`,
    );
  }
else {
  const weights = train(shown.flatMap(({ lists }) => lists.flat()));
  const kept: Weights = Object.fromEntries([...weights].filter(([, row]) => row.some((weight) => Math.abs(weight) >= least)));
  const path = join(process.cwd(), 'src/core/goods/columns/weights.json');
  writeFileSync(
    path,
    `{\n${Object.entries(kept)
      .map(([name, row]) => `  ${JSON.stringify(name)}: [${row.join(', ')}]`)
      .join(',\n')}\n}\n`,
  );
  const columns = shown.flatMap(({ plain }) => plain.flat());
  console.log(
    `${Object.keys(kept).length} features; ${(rightOf(columns, new Map(Object.entries(kept))) / columns.length).toFixed(3)} of ${columns.length} columns that it was shown`,
  );
}
