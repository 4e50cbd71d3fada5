import alegreya from '@capsizecss/metrics/alegreya';
import bodoniModa from '@capsizecss/metrics/bodoniModa';
import cabin from '@capsizecss/metrics/cabin';
import jost from '@capsizecss/metrics/jost';
import leagueGothic from '@capsizecss/metrics/leagueGothic';
import literata from '@capsizecss/metrics/literata';
import sourceSans from '@capsizecss/metrics/sourceSans3';
import unbounded from '@capsizecss/metrics/unbounded';
import workSans from '@capsizecss/metrics/workSans';
import {
  bestLine,
  faceById,
  faceDistance,
  faces,
  families,
  fluid,
  lineHeightAt,
  makeScale,
  runLength,
  scorePair,
  standInFor,
  subsetsFor,
  suggestPairs,
  trackingAt,
  type Face,
} from './index';

const neutral = { loud: 0, warm: 0, exact: 0, ornate: 0 };
const face = (id: string): Face => {
  const found = faceById(id);
  if (!found) throw new Error(`There is no face ${id}.`);
  return found;
};

test('there are faces enough, and each has what every family asks of it', () => {
  expect(faces.length).toBeGreaterThanOrEqual(24);
  for (const family of families) for (const id of [...family.headings, ...family.texts]) face(id);
  for (const family of families)
    for (const id of family.texts) expect([id, face(id).roles]).toEqual([id, expect.arrayContaining(['text'])]);
});

// @capsizecss/metrics measures the same faces with a tool of its own.
test.each([
  ['alegreya', alegreya],
  ['bodoni-moda', bodoniModa],
  ['cabin', cabin],
  ['jost', jost],
  ['league-gothic', leagueGothic],
  ['literata', literata],
  ['source-sans', sourceSans],
  ['unbounded', unbounded],
  ['work-sans', workSans],
])('%s measures as an open package of metrics says', (id, outside) => {
  const { ascent, descent, capHeight, xHeight, advance } = face(id).measures;
  const em = outside.unitsPerEm;
  expect(ascent).toBeCloseTo(outside.ascent / em, 2);
  expect(descent).toBeCloseTo(Math.abs(outside.descent) / em, 2);
  expect(capHeight).toBeCloseTo(outside.capHeight / em, 1);
  expect(Math.abs(xHeight - outside.xHeight / em)).toBeLessThan(0.02);
  expect(Math.abs(advance / (outside.xWidthAvg / em) - 1)).toBeLessThan(0.06);
});

test('what was measured tells faces apart as a type book would', () => {
  // Common practice: a modern serif swells most, an old-style one less, a grotesque hardly; a fixed pitch is 0.6 em.
  expect(face('bodoni-moda').measures.contrast).toBeGreaterThan(3);
  expect(face('alegreya').measures.contrast).toBeGreaterThan(1.4);
  expect(face('jost').measures.contrast).toBeLessThan(1.25);
  expect(face('spline-sans-mono').measures.advance).toBeCloseTo(0.6, 2);
  expect(face('league-gothic').measures.advance).toBeLessThan(0.3);
  expect(face('unbounded').measures.advance).toBeGreaterThan(0.55);
});

test('a word runs as long as its letters, and capitals longer', () => {
  expect(runLength(face('spline-sans-mono'), 'abcd')).toBeCloseTo(2.4, 1);
  expect(runLength(face('work-sans'), 'madder', true)).toBeGreaterThan(runLength(face('work-sans'), 'madder'));
});

test('line height falls as size grows, from about 1.5 to about 1.0', () => {
  expect(lineHeightAt(16)).toBeGreaterThan(1.45);
  expect(lineHeightAt(16)).toBeLessThan(1.6);
  expect(lineHeightAt(96)).toBeCloseTo(1.02);
  expect(lineHeightAt(24)).toBeGreaterThan(lineHeightAt(48));
  expect(trackingAt(60)).toBeLessThan(0);
  expect(trackingAt(16)).toBe(0);
});

test('text is at least 16 px and 50–75 characters a line, measured with the face’s own widths', () => {
  for (const text of faces)
    for (const family of families) {
      const { body, measure, small } = makeScale(text, text, family.ratio);
      expect(body.small * 16).toBeGreaterThanOrEqual(16);
      expect(small.small * 16).toBeGreaterThanOrEqual(14);
      const characters = measure / (body.large * text.measures.advance);
      expect(Math.round(characters)).toBeGreaterThanOrEqual(50);
      expect(Math.round(characters)).toBeLessThanOrEqual(75);
      expect(Math.abs(characters - bestLine)).toBeLessThan(1);
    }
});

test('the stand-in for a face takes the room that the face takes', () => {
  for (const one of faces) {
    const stand = standInFor(one, 'text');
    expect(stand.sizeAdjust * stand.ascent).toBeCloseTo(one.measures.ascent, 5);
  }
});

test('sizes flow between two widths', () => expect(fluid({ small: 1, large: 2 })).toBe('clamp(1rem, 0.609rem + 1.739vw, 2rem)'));

test('only the parts of a face that a text needs are sent', () => {
  const parts = (text: string) =>
    subsetsFor(face('literata'), new Set([...text].map((character) => character.codePointAt(0) ?? 0))).map(
      ({ subset }) => subset,
    );
  expect(parts('Crème brûlée')).toEqual(['latin']);
  expect(parts('Żółć')).toEqual(['latin-ext', 'latin']);
  expect(parts('Кофе')).toEqual(['cyrillic', 'latin']);
});

test('pairs are one voice or a contrast that is meant, never nearly the same', () => {
  const close = scorePair(face('source-sans'), face('hanken-grotesk'), neutral).score;
  const far = scorePair(face('bodoni-moda'), face('source-sans'), neutral).score;
  const one = scorePair(face('source-sans'), face('source-sans'), neutral).score;
  expect(far).toBeGreaterThan(close);
  expect(one).toBeGreaterThan(close);
  expect(faceDistance(face('source-sans'), face('source-sans'))).toBe(0);
  expect(faceDistance(face('bodoni-moda'), face('jost'))).toBeGreaterThan(faceDistance(face('jost'), face('source-sans')));
});

test('twenty pairs are suggested for any mood, each with its reason, and moods change them', () => {
  const calm = suggestPairs({ ...neutral, loud: -0.9 }, 20);
  const loud = suggestPairs({ ...neutral, loud: 0.9 }, 20);
  expect(calm).toHaveLength(20);
  for (const pair of calm) expect(pair.because.length).toBeGreaterThan(20);
  const shared = calm.slice(0, 6).filter((a) => loud.slice(0, 6).some((b) => b.heading.id === a.heading.id));
  expect(shared.length).toBeLessThan(2);
});
