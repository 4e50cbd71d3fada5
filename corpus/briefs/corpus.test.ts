import { readBrief } from '@/core/brief';
import { batchNames, learnedNames, readBatchNamed, readFrozen } from './marked';
import { factsOf, precision, recall, sentencesOf, sumOf } from './score';

// What the reader was trained on and mended with: these hold what was gained, and say nothing of first sight (see the README).
const floors: Record<(typeof batchNames)[number], { never: number; lost: number; precision: number; recall: number }> = {
  '0': { never: 0, lost: 0.05, precision: 0.85, recall: 0.86 },
  '1': { never: 1, lost: 0.05, precision: 0.84, recall: 0.76 },
  '2': { never: 1, lost: 0.05, precision: 0.82, recall: 0.74 },
  '3': { never: 2, lost: 0.05, precision: 0.82, recall: 0.76 },
  '4': { never: 2, lost: 0.05, precision: 0.84, recall: 0.76 },
  '5': { never: 1, lost: 0.05, precision: 0.84, recall: 0.76 },
  '6': { never: 2, lost: 0.05, precision: 0.82, recall: 0.76 },
  '7': { never: 1, lost: 0.05, precision: 0.82, recall: 0.76 },
  '8': { never: 2, lost: 0.05, precision: 0.86, recall: 0.86 },
  '9': { never: 1, lost: 0.06, precision: 0.82, recall: 0.78 },
  '10': { never: 1, lost: 0.08, precision: 0.82, recall: 0.78 },
  '11': { never: 1, lost: 0.05, precision: 0.86, recall: 0.8 },
  '12': { never: 1, lost: 0.05, precision: 0.86, recall: 0.84 },
  '13': { never: 2, lost: 0.08, precision: 0.8, recall: 0.68 },
  '14': { never: 1, lost: 0.08, precision: 0.8, recall: 0.78 },
  '15': { never: 3, lost: 0.08, precision: 0.8, recall: 0.74 },
  '16': { never: 3, lost: 0.08, precision: 0.8, recall: 0.74 },
  '17': { never: 3, lost: 0.08, precision: 0.8, recall: 0.74 },
  '18': { never: 2, lost: 0.05, precision: 0.82, recall: 0.8 },
  '19': { never: 1, lost: 0.08, precision: 0.8, recall: 0.78 },
  '20': { never: 1, lost: 0.1, precision: 0.75, recall: 0.73 },
  '21': { never: 1, lost: 0.06, precision: 0.9, recall: 0.87 },
  '22': { never: 0, lost: 0.13, precision: 0.89, recall: 0.89 },
  '23': { never: 0, lost: 0.1, precision: 0.9, recall: 0.85 },
  '24': { never: 1, lost: 0.05, precision: 0.88, recall: 0.87 },
  '25': { never: 1, lost: 0.05, precision: 0.87, recall: 0.85 },
  '26': { never: 2, lost: 0.05, precision: 0.87, recall: 0.87 },
};

test.each(batchNames)(
  'batch %s: next to nothing is let through that may never be printed, and next to nothing is lost',
  (name) => {
    const floor = floors[name];
    const read = readBatchNamed(name).map((brief) => ({ brief, reading: readBrief(brief.text, brief.goods) }));
    const sentences = read.map(({ brief, reading }) =>
      sentencesOf(
        brief,
        reading.statements.map(({ source }) => source),
        reading.unsure.map(({ source }) => source),
      ),
    );
    const own = sentences.reduce((sum, one) => sum + one.own, 0);
    expect(own).toBeGreaterThanOrEqual(3 * read.length);
    expect(sentences.flatMap(({ shaming }) => shaming).length).toBeLessThanOrEqual(floor.never);
    expect(sentences.flatMap(({ lost }) => lost).length / own).toBeLessThanOrEqual(floor.lost);
    const facts = sumOf(Object.values(factsOf(read)));
    expect(precision(facts)).toBeGreaterThanOrEqual(floor.precision);
    expect(recall(facts)).toBeGreaterThanOrEqual(floor.recall);
  },
);

test('the frozen forty are none of those that anything is trained on', () => {
  const frozen = readFrozen();
  expect(frozen).toHaveLength(40);
  expect(new Set(frozen.map(({ what }) => what)).size).toBe(40);
  const taught = new Set(learnedNames.flatMap(readBatchNamed).map(({ text }) => text));
  expect(frozen.filter(({ text }) => taught.has(text))).toEqual([]);
  for (const { marks, facts } of frozen) {
    expect(marks.length).toBeGreaterThan(0);
    expect(Object.keys(facts).length).toBeGreaterThan(3);
  }
});
