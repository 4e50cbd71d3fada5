import { sets } from '../../../tests/briefs';
import { chance } from '../chance';
import { readBrief, type Reading } from './index';

const briefs = [...sets.before, ...sets.after];

/** All that a reading took from its brief: what it says of where. */
const spansOf = (reading: Reading) =>
  Object.values(reading)
    .flatMap((value) => (Array.isArray(value) ? value : [value]))
    .flatMap((value: unknown) => (typeof value === 'object' && value !== null && 'source' in value ? [value.source] : []))
    .filter((source): source is { start: number; end: number; text: string } => typeof source === 'object' && source !== null && 'start' in source && 'end' in source); // prettier-ignore

/** What people do to a text between their head and a field. */
const roughened: [string, (brief: string, random: () => number) => string][] = [
  ['in small letters', (brief) => brief.toLowerCase()],
  ['in capitals', (brief) => brief.toUpperCase()],
  ['without stops', (brief) => brief.replace(/[.,;:!?]/g, '')],
  ['with line breaks anywhere', (brief, random) => brief.replace(/ /g, () => (random() < 0.15 ? '\n' : ' '))],
  ['with letters missing', (brief, random) => [...brief].filter(() => random() > 0.03).join('')],
  [
    'with words in another order',
    (brief, random) =>
      brief
        .split(' ')
        .sort(() => random() - 0.5)
        .join(' '),
  ],
  ['with pictures for words', (brief, random) => brief.replace(/ /g, () => (random() < 0.1 ? ' 🧶👍🏽 ' : ' '))],
  ['with marks of a word processor', (brief) => brief.replace(/'/g, '’').replace(/ - /g, ' — ').replace(/^/gm, '\u2022\u00a0')],
  ['twice over', (brief) => `${brief}\n\n${brief}`],
  ['cut off', (brief, random) => brief.slice(0, Math.floor(random() * brief.length))],
  ['as a page’s markup', (brief) => `<p class="x">${brief.replace(/\n+/g, '</p><p>')}</p><script>alert(1)</script>`],
  ['with numbers for letters', (brief, random) => [...brief].map((letter) => (random() < 0.05 ? String(Math.floor(random() * 10)) : letter)).join('')], // prettier-ignore
];

describe.each(roughened)('briefs %s', (_, rough) => {
  const found = briefs.map(({ brief }, i) => {
    const text = rough(brief, chance(i + 1));
    return { text, reading: readBrief(text) };
  });

  test('are read: every fact points into the brief, and none is of nothing', () => {
    expect(found.reduce((sum, { reading }) => sum + spansOf(reading).length, 0)).toBeGreaterThan(briefs.length * 3);
    for (const { text, reading } of found)
      for (const { start, end } of spansOf(reading)) {
        expect(start).toBeGreaterThanOrEqual(0);
        expect(end).toBeLessThanOrEqual(text.length);
        expect(text.slice(start, end).trim()).not.toBe('');
      }
  });

  test('give colours, addresses and confidence of the right form', () => {
    for (const { reading } of found) {
      for (const { value, confidence } of [...reading.coloursWanted, ...reading.coloursAvoided]) {
        expect(value.hex).toMatch(/^#[0-9a-f]{6}$/);
        expect(confidence > 0 && confidence <= 1).toBe(true);
      }
      if (reading.email) expect(reading.email.value).toMatch(/^[^\s@<>]+@[^\s@<>]+\.[^\s@<>]+$/);
      if (reading.country) expect(reading.country.value).toMatch(/^[A-Z]{2}$/);
      if (reading.currency) expect(reading.currency.value).toMatch(/^[A-Z]{3}$/);
      if (reading.name) expect(reading.name.value.trim().length).toBeGreaterThan(0);
      for (const { text } of reading.statements) expect(text.trim()).not.toBe('');
    }
  });

  test('are read the same again', () => {
    const [first, second] = [found[0], found[1]];
    readBrief(second?.text ?? '');
    expect(readBrief(first?.text ?? '')).toEqual(first?.reading);
  });
});

/** How sure a fact is that is said; what follows from another, as money from a country, is as that is. */
const sureness = (reading: Reading, key: 'name' | 'email' | 'phone' | 'country' | 'currency' | 'language'): number => {
  const fact = reading[key];
  return fact === null || ('implied' in fact && fact.implied === true) ? 0 : fact.confidence;
};

test('saying everything twice changes no sure fact that there is one of', () => {
  const changed: string[] = [];
  for (const { what, brief } of briefs) {
    const [once, twice] = [readBrief(brief), readBrief(`${brief}\n\n${brief}`)];
    for (const key of ['name', 'email', 'phone', 'country', 'currency', 'language'] as const)
      if (once[key]?.value !== twice[key]?.value && Math.max(sureness(once, key), sureness(twice, key)) > 0.6)
        changed.push(`${what}: ${key} ${String(once[key]?.value)} → ${String(twice[key]?.value)}`);
  }
  expect(changed).toEqual([]);
});
