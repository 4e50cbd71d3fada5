import { allSentences, judgeOf, outcomes, sentenceKinds, understand } from '@/core/sentences';
import { parseAt } from '@/core/places';
import { batchNames, learnedNames, nothings, practice, readBatch, saidOn, shopNamed } from './marked';
import { trainSentences } from './learn';
import { scoreOf } from './score';

test('at least four hundred sentences are marked, of every shop and nearly every kind', () => {
  const all = [...batchNames, 'frozen'].flatMap((name) => readBatch(name).marked);
  expect(all.length).toBeGreaterThanOrEqual(400);
  const kinds = new Set(all.map(({ kind }) => kind));
  expect(sentenceKinds.filter((kind) => !kinds.has(kind)).length).toBeLessThan(10);
  for (const { kind } of all) expect([...sentenceKinds, 'refuse']).toContain(kind);
  for (const { kind } of practice()) expect(sentenceKinds).toContain(kind);
});

test.each(learnedNames)('%s, which the judge was trained on, is understood, and nothing else is done for it', (name) => {
  const scored = scoreOf(readBatch(name));
  const wanted = scored.filter(({ marked }) => marked.kind !== 'refuse');
  expect(wanted.filter(({ as }) => as === 'right').length / wanted.length).toBeGreaterThan(0.92);
  expect(scored.filter(({ wrongAct }) => wrongAct).map(({ marked, got }) => `${marked.text}: ${got}`)).toEqual([]);
});

const notLearned: [string, number][] = [
  ['batch20', 0.84],
  ['batch21', 0.94],
  ['batch22', 0.91],
];

test('what was written after the last training has a floor of its own', () =>
  expect(notLearned.map(([name]) => name)).toEqual(batchNames.filter((name) => !learnedNames.includes(name))));

test.each(notLearned)(
  '%s, which it was not trained on: as many are understood as before, and nothing else is done for any',
  (name, least) => {
    const scored = scoreOf(readBatch(name));
    const wanted = scored.filter(({ marked }) => marked.kind !== 'refuse');
    expect(wanted.filter(({ as }) => as === 'right').length / wanted.length).toBeGreaterThan(least);
    expect(scored.filter(({ wrongAct }) => wrongAct).map(({ marked, got }) => `${marked.text}: ${got}`)).toEqual([]);
  },
);

test('what is no wish is never done by itself', () => {
  const { shop, project } = shopNamed('reed');
  const done = nothings().filter((text) => understand(shop, project, text, { today: saidOn }).readings.some(({ sure }) => sure));
  expect(done).toEqual([]);
});

test('whatever a sentence is understood as, it may stand at its place', () => {
  for (const name of [...batchNames, 'frozen']) {
    const { shop, project, marked } = readBatch(name);
    for (const { at, text } of marked)
      for (const { wishes } of understand(shop, project, text, { at, today: saidOn }).readings)
        for (const { place, value } of wishes)
          if (value !== undefined) expect([text, place, parseAt(place, value).ok]).toEqual([text, place, true]);
  }
});

test('trained on a part, the judge understands sentences that it has not seen; and the same part gives the same weights', () => {
  const part = [readBatch('batch1')];
  expect(trainSentences(part, nothings(), 8)).toEqual(trainSentences(part, nothings(), 8));
  const weights = trainSentences(part, nothings(), 60);
  const scored = scoreOf(readBatch('batch3'), judgeOf(weights));
  expect(scored.filter(({ as }) => as === 'right').length / scored.length).toBeGreaterThan(0.6);
}, 600_000);

test('each definition says what it offers with an example, and has words to be trained with', () => {
  expect(sentenceKinds.length).toBeGreaterThanOrEqual(80);
  expect(new Set(allSentences.map(({ kind }) => kind)).size).toBe(sentenceKinds.length);
  expect(outcomes.length).toBe(sentenceKinds.length + 1);
  for (const { kind, offers, words, at } of allSentences) {
    expect([kind, /“[^”]+”|“.*…”/.test(offers)]).toEqual([kind, true]);
    expect([kind, words.length >= 2, at.length > 0]).toEqual([kind, true, true]);
  }
});
