import { writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { chance } from '@/core/chance';
import { briefCurrency } from '@/core/brief';
import { openSource } from '@/core/goods';
import { featuresOf, judged, toldIn, type Features, type Seen } from '@/core/goods/columns/features';
import headings from '@/core/goods/columns/headings.json';
import { readHeading, type HeadingTopic } from '@/core/goods/columns/heading';
import { judge, type Weights } from '@/core/goods/columns/judge';
import { type Meaning } from '@/core/goods/columns/meaning';
import { namesAmong, seenIn } from '@/core/goods/columns/propose';
import { layOut } from '@/core/goods/columns/head';
import { batches } from './batches';
import { type ListCase } from './case';
import { bytesOf } from './file';

/** A column as it is judged, with what its writer meant it to be. */
interface Example {
  features: Features;
  meant: number;
}

/** Each list is also shown as it could have come: without some of its headings, in another language, in another order. */
const disguises = 6;
/** How strongly weights are held back, for each example. */
const restraint = 0.004;
const rounds = 400;
const thousandth = 1000;

const topics = Object.keys(headings) as HeadingTopic[];

/** The same heading in another language, where it says something that is known. */
function translated(heading: string, random: () => number): string {
  const [best] = Object.entries(readHeading(heading)).sort((a, b) => b[1] - a[1]);
  const topic = topics.find((one) => one === best?.[0]);
  if (!topic) return heading;
  const languages: readonly string[] = Object.values(headings[topic]);
  const words = languages[Math.floor(random() * languages.length)]?.split(', ') ?? [];
  return words[Math.floor(random() * words.length)] ?? heading;
}

async function examplesOf(list: ListCase, random: () => number): Promise<Example[]> {
  const source = openSource(await bytesOf(list), list.file);
  if (!source.ok) return [];
  const grid = source.value.grids.map((one) => layOut(one)).sort((a, b) => b.body.length - a.body.length)[0];
  const meant = list.columns.split(' ');
  if (!grid || !grid.body.length) return [];
  const rows = grid.body.map(({ cells }) => cells).slice(0, 400);
  const currency = list.brief ? briefCurrency(list.brief) : '';
  const told = list.brief ? toldIn(list.brief) : [];
  const look = (given: readonly string[], order: readonly number[]): Example[] => {
    const seen: Seen[] = seenIn(
      order.map((i) => given[i] ?? ''),
      rows.map((row) => order.map((i) => row[i] ?? '')),
      currency,
    );
    return featuresOf(seen, namesAmong(seen), told).map((features, at) => ({
      features,
      meant: judged.indexOf(meant[order[at] ?? 0] as Meaning),
    }));
  };
  const order = meant.map((_, i) => i);
  const headed = order.map((i) => grid.headings[i] ?? '');
  const made = [...look(headed, order), ...look(headed, order)];
  for (let n = 0; n < disguises; n++) {
    const hides = n % 3 === 0 ? 0.3 : 0;
    const other = headed.map((heading) =>
      random() < hides ? '' : n % 3 === 1 || random() < 0.3 ? translated(heading, random) : heading,
    );
    // The name of a thing stands early; further columns stand anywhere.
    const moved = n % 3 === 2 ? [...order].sort((a, b) => a * 0.6 + random() * 2 - b * 0.6 - random() * 2) : order;
    made.push(...look(other, moved));
  }
  return made.filter(({ meant: index }) => index >= 0);
}

/** Multinomial logistic regression by gradient descent with moments (Kingma and Ba 2015), all examples at once: the same bytes each time. */
function train(examples: readonly Example[]): Map<string, number[]> {
  const names = [...new Set(examples.flatMap(({ features }) => Object.keys(features)))].sort();
  const at = new Map(names.map((name, i) => [name, i]));
  const n = judged.length;
  const sparse = examples.map(({ features, meant }) => ({
    meant,
    indexes: Object.keys(features).map((name) => at.get(name) ?? 0),
    values: Object.values(features),
  }));
  const weights = new Float64Array(names.length * n);
  const first = new Float64Array(weights.length);
  const second = new Float64Array(weights.length);
  for (let round = 1; round <= rounds; round++) {
    const gradient = new Float64Array(weights.length);
    for (const { meant, indexes, values } of sparse) {
      const scores = new Float64Array(n);
      indexes.forEach((i, f) => {
        for (let k = 0; k < n; k++) scores[k] = (scores[k] ?? 0) + (weights[i * n + k] ?? 0) * (values[f] ?? 0);
      });
      const most = Math.max(...scores);
      let sum = 0;
      for (let k = 0; k < n; k++) sum += scores[k] = Math.exp((scores[k] ?? 0) - most);
      indexes.forEach((i, f) => {
        for (let k = 0; k < n; k++)
          gradient[i * n + k] = (gradient[i * n + k] ?? 0) + ((scores[k] ?? 0) / sum - (k === meant ? 1 : 0)) * (values[f] ?? 0);
      });
    }
    const pace = 0.05 * Math.min(1, (rounds - round) / 100 + 0.05);
    for (let i = 0; i < weights.length; i++) {
      const slope = (gradient[i] ?? 0) / sparse.length + restraint * (weights[i] ?? 0);
      first[i] = 0.9 * (first[i] ?? 0) + 0.1 * slope;
      second[i] = 0.999 * (second[i] ?? 0) + 0.001 * slope * slope;
      weights[i] =
        (weights[i] ?? 0) -
        (pace * ((first[i] ?? 0) / (1 - 0.9 ** round))) / (Math.sqrt((second[i] ?? 0) / (1 - 0.999 ** round)) + 1e-8);
    }
  }
  return new Map(
    names.map((name, i) => [name, Array.from(weights.slice(i * n, i * n + n), (weight) => Math.round(weight * thousandth))]),
  );
}

/** How many columns of a batch are judged as meant by weights that were trained without it. */
function rightOf(examples: readonly Example[], weights: ReadonlyMap<string, readonly number[]>): number {
  return examples.filter(({ features, meant }) => {
    const shares = [...judge(features, weights).values()];
    return shares.indexOf(Math.max(...shares)) === meant;
  }).length;
}

const random = chance(20261127);
const left = process.argv.find((one) => one.startsWith('--without='))?.slice(10);
const learned = batches.filter(({ name }) => name !== 'frozen' && name !== left);
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
  const kept: Weights = Object.fromEntries([...weights].filter(([, row]) => row.some((weight) => Math.abs(weight) >= 20)));
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
