import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import headings from '@/core/goods/columns/headings.json';
import { type HeadingTopic } from '@/core/goods/columns/heading';
import { spokenOf, wholeMark, wordingOf, type Spoken } from '@/core/goods/columns/wording';
import { packRow } from '@/core/softmax';
import { train, type Example } from '../regression';

/** A heading, and what whoever wrote it meant to say. */
export interface Headed {
  heading: string;
  about: Spoken;
}

/** What the words of the trade are about, where it is called otherwise. */
const topics: Partial<Record<HeadingTopic, Spoken>> = {
  thing: 'title',
  now: 'price',
  kind: 'nothing',
  taxClass: 'nothing',
  aside: 'nothing',
  person: 'nothing',
};

/** Headings in sellers' own words. */
export const practised = (): Headed[] =>
  readFileSync(join(process.cwd(), 'corpus/headings/practice.txt'), 'utf8')
    .split('\n')
    .filter((line) => line && !line.startsWith('#'))
    .flatMap((line) => {
      const [topic = '', ...rest] = line.split(': ');
      const about = spokenOf.find((one) => one === topic);
      if (!about) throw new Error(`corpus/headings/practice.txt: no column holds “${topic}”.`);
      return rest
        .join(': ')
        .split('; ')
        .map((heading) => ({ heading: heading.trim(), about }));
    });

/** The words of the trade, in all their languages. */
const usual = (): Headed[] =>
  (Object.entries(headings) as [HeadingTopic, Record<string, string>][]).flatMap(([topic, languages]) =>
    Object.values(languages)
      .flatMap((list) => list.split(', '))
      .map((heading) => ({ heading, about: topics[topic] ?? (topic as Spoken) })),
  );

/** Words that everybody uses are known anyway. */
const usualWeight = 0.7;
/** What has no weight as strong as this says next to nothing. */
const weakest = 0.85;

const exampleOf = ({ heading, about }: Headed, weight: number): Example => ({
  features: wordingOf(heading),
  outcome: spokenOf.indexOf(about),
  weight,
});

/** What only one heading has says nothing of others, but for the heading itself. */
function shared(examples: readonly Example[]): Example[] {
  const seen = new Map<string, number>();
  for (const { features } of examples) for (const name of Object.keys(features)) seen.set(name, (seen.get(name) ?? 0) + 1);
  const says = ([name]: [string, number]) => (seen.get(name) ?? 0) > 1 || name.startsWith(wholeMark);
  return examples.map((one) => ({ ...one, features: Object.fromEntries(Object.entries(one.features).filter(says)) }));
}

/** Weights of what reads headings, as they are stored. */
export function trainWording(shown: readonly Headed[], rounds = 300): Record<string, string> {
  const examples = [...shown.map((one) => exampleOf(one, 1)), ...usual().map((one) => exampleOf(one, usualWeight))];
  const weights = train(shared(examples), { outcomes: spokenOf.length, rounds, restraint: 0.00002, least: 1 });
  return Object.fromEntries(
    [...weights]
      .filter(([, row]) => row.some((weight) => Math.abs(weight) >= weakest))
      .map(([name, row]) => [name, packRow(row)]),
  );
}
