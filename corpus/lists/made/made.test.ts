import { scoreOf, type Score } from '../score';
import { madeList } from './made';

/** Not those that the reader was mended with. */
const first = 20_000;
const count = 150;

test('a number makes the same list each time, and another number another', () => {
  expect(madeList(7)).toEqual(madeList(7));
  expect(madeList(7).list.want).not.toBe(madeList(8).list.want);
});

describe('lists that chance makes, in every form', () => {
  const scores: Score[] = [];
  beforeAll(async () => {
    for (let seed = first; seed < first + count; seed++) scores.push(await scoreOf(madeList(seed).list));
  }, 300_000);

  test('none is refused, and no price is taken that is another than the one meant', () => {
    expect(scores.map(({ refused }) => refused).filter(Boolean)).toEqual([]);
    const priceOf = (line: string) => line.split(' | ')[2];
    const wrong = scores.flatMap(({ drawn, silent }) =>
      silent
        .map((line) => line.split(', wanted ') as [string, string])
        .filter(([is, should]) => priceOf(is) !== '?' && priceOf(is) !== priceOf(should))
        .map((pair) => `${drawn}: ${pair.join(', wanted ')}`),
    );
    expect(wrong).toEqual([]);
  });

  test('four in five are wholly right, with nothing asked that the list says', () =>
    expect(scores.filter(({ whole }) => whole).length).toBeGreaterThan(count * 0.8));
});
