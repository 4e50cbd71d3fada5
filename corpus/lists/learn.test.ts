import { chance } from '@/core/chance';
import { batch1 } from './batch1';
import { batch2 } from './batch2';
import { batch4 } from './batch4';
import { examplesOf, rightOf, train, type Example } from './learn';
import { type ListCase } from './case';

const shown = async (lists: readonly ListCase[], seed: number): Promise<Example[][]> => {
  const random = chance(seed);
  const made: Example[][] = [];
  for (const list of lists) made.push(await examplesOf(list, random));
  return made;
};

test('trained on a part, it judges columns that it has not seen; and the same part gives the same weights', async () => {
  const part = [...batch1.slice(0, 20), ...batch2.slice(0, 12)];
  const examples = (await shown(part, 5)).flat();
  const weights = train(examples, 80);
  const unseen = (await shown(batch4, 5)).flatMap((all, i) => all.slice(0, batch4[i]?.columns.split(' ').length));
  expect(unseen.length).toBeGreaterThan(40);
  expect(rightOf(unseen, weights) / unseen.length).toBeGreaterThan(0.8);
  const again = train((await shown(part, 5)).flat(), 80);
  expect([...again]).toEqual([...weights]);
}, 600_000);
