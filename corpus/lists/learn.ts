import { briefCurrency } from '@/core/brief';
import { openSource } from '@/core/goods';
import { featuresOf, judged, toldIn, type Features } from '@/core/goods/columns/features';
import headings from '@/core/goods/columns/headings.json';
import { readHeading, type HeadingTopic } from '@/core/goods/columns/heading';
import { judge, thousandth, weightsOf } from '@/core/goods/columns/judge';
import { type Meaning } from '@/core/goods/columns/meaning';
import { namesAmong, seenIn } from '@/core/goods/columns/seen';
import { layOut } from '@/core/goods/columns/head';
import { type Cell } from '@/core/goods/source/grid';
import { train as regress } from '../regression';
import { columnsMeant, type ListCase } from './case';
import { bytesOf } from './file';

/** A column as it is judged, with what its writer meant it to be. */
export interface Example {
  features: Features;
  meant: number;
}

/** Each list is also shown as it could have come: without some of its headings, in another language, in another order. */
const disguises = 9;
/** Of these as a short list under clear headings: what is said plainly is what it is, whatever stands under it. */
const clearOnes = 3;
const fewRows = 6;
/** How strongly weights are held back, for each example. */
const restraint = 0.0005;
const usualRounds = 400;

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

const topicOf: Partial<Record<Meaning, HeadingTopic>> = {
  title: 'title',
  description: 'description',
  price: 'price',
  cost: 'cost',
  currency: 'currency',
  category: 'category',
  option: 'option',
  optionName: 'optionName',
  optionValue: 'optionValue',
  sku: 'sku',
  gtin: 'gtin',
  group: 'group',
  stock: 'stock',
  weight: 'weight',
  picture: 'picture',
  kind: 'kind',
  taxClass: 'taxClass',
};

/** A heading that says what a column is, in English or, half of the time, in another language. */
function plainly(meaning: Meaning, own: string, random: () => number): string {
  const word = (topic: HeadingTopic): string => {
    const languages: readonly string[] = Object.values(headings[topic]);
    const words = (random() < 0.5 ? languages[0] : languages[Math.floor(random() * languages.length)])?.split(', ') ?? [];
    return words[Math.floor(random() * words.length)] ?? own;
  };
  if (meaning === 'earlierPrice') return `${word('old')} ${random() < 0.5 ? word('price') : ''}`.trim();
  const topic = topicOf[meaning];
  return topic ? word(topic) : own;
}

/** What lists seldom have, as our own files and others write it. */
const rareColumns: readonly { as: Meaning; cell: (random: () => number) => Cell }[] = [
  {
    as: 'picture',
    cell: (random) =>
      `${random() < 0.5 ? 'https://example.org/pictures/' : ''}IMG_${Math.floor(random() * 900)}.${random() < 0.7 ? 'jpg' : 'png'}`,
  },
  { as: 'picture', cell: (random) => `thing ${Math.floor(random() * 90)}.jpeg|back.webp` },
  { as: 'kind', cell: (random) => (random() < 0.7 ? 'physical' : random() < 0.5 ? 'digital' : 'service') },
  { as: 'taxClass', cell: (random) => (random() < 0.7 ? 'standard' : random() < 0.5 ? 'reduced' : 'zero') },
  { as: 'taxClass', cell: (random) => (random() < 0.6 ? '19 %' : '7 %') },
  { as: 'cost', cell: (random) => (2 + random() * 40).toFixed(2) },
  { as: 'earlierPrice', cell: (random) => (random() < 0.5 ? '' : (20 + random() * 90).toFixed(2)) },
  {
    as: 'category',
    cell: (random) => ['Hats', 'Bags', 'Hats | Sale', 'Home > Kitchen', 'Garden'][Math.floor(random() * 5)] ?? '',
  },
  { as: 'weight', cell: (random) => Math.floor(40 + random() * 900) },
  { as: 'group', cell: (random) => `p-${Math.floor(random() * 30)}` },
  { as: 'currency', cell: () => 'EUR' },
];

/** The columns of a list, as it came and in its disguises; those as it came are first. */
export async function examplesOf(list: ListCase, random: () => number): Promise<Example[]> {
  const source = openSource(await bytesOf(list), list.file);
  if (!source.ok) return [];
  const grid = source.value.grids.map((one) => layOut(one)).sort((a, b) => b.body.length - a.body.length)[0];
  const meant = columnsMeant(list);
  if (!grid || !grid.body.length) return [];
  const rows = grid.body.map(({ cells }) => cells).slice(0, 400);
  const currency = list.brief ? briefCurrency(list.brief) : '';
  const told = list.brief ? toldIn(list.brief) : [];
  const look = (
    given: readonly { heading: string; meant: Meaning; cells: readonly Cell[] }[],
    count = rows.length,
  ): Example[] => {
    const seen = seenIn(
      given.map(({ heading }) => heading),
      rows.slice(0, count).map((_, r) => given.map(({ cells }) => cells[r] ?? '')),
      currency,
    );
    return featuresOf(seen, namesAmong(seen), told).map((features, at) => ({
      features,
      meant: judged.indexOf(given[at]?.meant ?? 'ignored'),
    }));
  };
  const columns = meant.map(({ heading, as: [as] }, place) => {
    const i = heading === undefined ? place : grid.headings.indexOf(heading);
    return { heading: grid.headings[i] ?? '', meant: as as Meaning, cells: rows.map((row) => row[i] ?? '') };
  });
  const asItCame = look(columns);
  const made = [...asItCame, ...asItCame];
  for (let n = 0; n < disguises; n++) {
    if (n < clearOnes) {
      const kept = columns.filter((column) => column.meant === 'title' || random() < 0.75);
      const added = rareColumns
        .filter(() => random() < 0.3)
        .map(({ as, cell }) => ({ heading: '', meant: as, cells: rows.map(() => cell(random)) }));
      const clear = [...kept, ...added].map((column) => ({ ...column, heading: plainly(column.meant, column.heading, random) }));
      made.push(...look(clear, 1 + Math.floor(random() * fewRows)));
      continue;
    }
    const hides = n % 3 === 0 ? 0.3 : 0;
    const other = columns.map((column) => ({
      ...column,
      heading: random() < hides ? '' : n % 3 === 1 || random() < 0.3 ? translated(column.heading, random) : column.heading,
    }));
    // The name of a thing stands early; further columns stand anywhere.
    const places = new Map(other.map((column, i) => [column, i * 0.6 + random() * 2]));
    const moved = n % 3 === 2 ? [...other].sort((a, b) => (places.get(a) ?? 0) - (places.get(b) ?? 0)) : other;
    made.push(...look(moved));
  }
  return made.filter(({ meant: index }) => index >= 0);
}

/** The weights of what judges columns, in thousandths. */
export function train(examples: readonly Example[], rounds = usualRounds): Map<string, number[]> {
  const weights = regress(
    examples.map(({ features, meant }) => ({ features, outcome: meant })),
    { outcomes: judged.length, rounds, restraint, least: 1 },
  );
  return new Map([...weights].map(([name, row]) => [name, row.map((weight) => Math.round(weight * thousandth))]));
}

/** How many columns of a batch are judged as meant by weights that were trained without it. */
export function rightOf(examples: readonly Example[], trained: ReadonlyMap<string, readonly number[]>): number {
  const weights = weightsOf(trained);
  return examples.filter(({ features, meant }) => {
    const shares = [...judge(features, weights).values()];
    return shares.indexOf(Math.max(...shares)) === meant;
  }).length;
}
