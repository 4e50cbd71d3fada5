import { batches } from './batches';
import { figuresOf, scoreOf } from './score';

// What the reader was mended with: these hold what was gained, and say nothing of what it does at first sight (see the README).
test.each([
  ['1', 28, 0.98],
  ['2', 19, 0.98],
  ['3', 13, 0.95],
  ['4', 7, 0.95],
  ['5', 9, 0.93],
  ['6', 8, 0.97],
  ['7', 18, 0.98],
  ['8', 17, 0.96],
  ['9', 14, 0.97],
  ['10', 16, 0.97],
  ['11', 14, 0.96],
  ['12', 13, 0.97],
  ['13', 17, 0.97],
  ['14', 18, 0.98],
  ['15', 18, 0.98],
  ['16', 14, 0.97],
  ['17', 17, 0.98],
  ['18', 17, 0.99],
  ['19', 15, 0.98],
  ['20', 13, 0.97],
  ['21', 15, 0.97],
  ['22', 6, 0.92],
  ['23', 5, 0.97],
  ['24', 3, 0.98],
  ['25', 10, 0.98],
  ['26', 10, 0.98],
  ['27', 13, 0.98],
  ['28', 8, 0.96],
  ['29', 16, 0.97],
  ['30', 11, 0.98],
  ['31', 11, 0.97],
  ['32', 17, 0.97],
  ['33', 17, 0.96],
  ['34', 16, 0.95],
  ['35', 19, 0.99],
  ['36', 16, 0.96],
  ['37', 16, 0.98],
  ['38', 17, 1],
  ['39', 17, 1],
  ['40', 19, 1],
  ['41', 20, 1],
  ['42', 17, 0.98],
  ['43', 18, 0.98],
  ['44', 14, 0.94],
  ['45', 15, 0.97],
  ['46', 19, 1],
  ['47', 15, 0.98],
  ['48', 16, 0.98],
  ['49', 17, 1],
  ['50', 18, 1],
  ['51', 16, 0.98],
  ['52', 17, 0.99],
  ['53', 17, 1],
  ['54', 18, 1],
  ['55', 18, 1],
] as const)(
  'batch %s: no value is taken wrong without a word, none is refused, and as many are wholly right as before',
  async (called, whole, columns) => {
    const lists = batches.find(({ name }) => name === called)?.lists ?? [];
    expect(lists.length).toBeGreaterThan(0);
    const scores = [];
    for (const list of lists) scores.push(await scoreOf(list));
    const figures = figuresOf(scores);
    expect(scores.flatMap(({ silent }) => silent)).toEqual([]);
    expect(scores.map(({ refused }) => refused).filter(Boolean)).toEqual([]);
    expect(figures.whole).toBeGreaterThanOrEqual(whole);
    expect(figures.columns).toBeGreaterThanOrEqual(columns);
  },
);
