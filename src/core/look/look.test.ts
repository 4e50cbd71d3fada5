import { chance } from '../chance';
import {
  contrastPairs,
  contrastRatio,
  difference,
  faces,
  families,
  familiesFor,
  familyDistance,
  fallbackOf,
  fluid,
  hueDistance,
  lchOf,
  lineHeightAt,
  makePalette,
  makeScale,
  readable,
  type PaletteWish,
} from './index';

const calm = { loud: 0, warm: 0, exact: 0, ornate: 0 };
const wish = (part: Partial<PaletteWish> = {}): PaletteWish => ({
  wanted: [],
  avoided: [],
  mood: calm,
  groundLightness: 0.97,
  groundTint: 0.012,
  seed: 1,
  ...part,
});

describe('colour', () => {
  test.each([
    // W3C, Understanding WCAG 2.2, success criterion 1.4.3 and technique G18: published pairs and their ratios.
    ['#000000', '#ffffff', 21],
    ['#777777', '#ffffff', 4.48],
    ['#767676', '#ffffff', 4.54],
    ['#949494', '#ffffff', 3.03],
    ['#ff0000', '#ffffff', 4.0],
    ['#0000ff', '#ffffff', 8.59],
  ])('contrast of %s on %s is as published', (text, ground, ratio) => expect(contrastRatio(text, ground)).toBeCloseTo(ratio, 1));

  test('is turned into OKLCH with the published reference values', () => {
    // CSS Color Module Level 4, section 9.4, example colours; red in OKLCH is 0.628 0.2577 29.23.
    const red = lchOf('#ff0000');
    expect([red.l, red.c, red.h].map((n) => Number(n.toFixed(3)))).toEqual([0.628, 0.258, 29.234]);
    expect(lchOf('#ffffff').l).toBeCloseTo(1, 3);
  });

  test('the nearest readable colour keeps its hue', () => {
    const text = readable('#e8761a', ['#ffffff']);
    expect(contrastRatio(text, '#ffffff')).toBeGreaterThanOrEqual(4.5);
    expect(hueDistance(lchOf(text).h, lchOf('#e8761a').h)).toBeLessThan(6);
  });
});

describe('a palette', () => {
  test('reaches 4.5:1 on every pair of text and ground, for thousands of inputs', () => {
    const random = chance(42);
    const colour = () =>
      `#${Array.from({ length: 3 }, () =>
        Math.floor(random() * 256)
          .toString(16)
          .padStart(2, '0'),
      ).join('')}`;
    for (let i = 0; i < 2500; i++) {
      const some = (most: number) => Array.from({ length: Math.floor(random() * (most + 1)) }, colour);
      const palette = makePalette(
        wish({
          wanted: some(3),
          avoided: some(2),
          mood: { loud: random() * 2 - 1, warm: random() * 2 - 1, exact: 0, ornate: 0 },
          seed: i,
          accent: random() < 0.3 ? colour() : undefined,
          second: random() < 0.3 ? colour() : undefined,
          ground: random() < 0.3 ? colour() : undefined,
        }),
      );
      for (const pair of contrastPairs(palette))
        if (pair.ratio < 4.5) throw new Error(`${i}: ${pair.text} on ${pair.on} ${pair.ratio} ${JSON.stringify(palette)}`);
    }
  });

  test('has the colours that were asked for, as they were asked for', () => {
    const palette = makePalette(wish({ wanted: ['#1f4fa8', '#c8202b'] }));
    expect([palette.accent, palette.second]).toEqual(['#1f4fa8', '#c8202b']);
  });

  test('keeps clear of a hue that was refused', () => {
    for (let seed = 1; seed < 60; seed++) {
      const { accent, second } = makePalette(wish({ avoided: ['#2c7a45'], seed }));
      for (const hex of [accent, second]) {
        const near =
          hueDistance(lchOf(hex).h, lchOf('#2c7a45').h) < 20 &&
          Math.abs(lchOf(hex).l - lchOf('#2c7a45').l) < 0.25 &&
          lchOf(hex).c > 0.04;
        expect([seed, hex, near]).toEqual([seed, hex, false]);
      }
    }
  });

  test('has an accent that can be told from its ground', () => {
    for (let seed = 1; seed < 40; seed++)
      expect(difference(makePalette(wish({ seed })).accent, makePalette(wish({ seed })).ground)).toBeGreaterThan(20);
  });

  test('is the same for the same seed', () => expect(makePalette(wish({ seed: 9 }))).toEqual(makePalette(wish({ seed: 9 }))));
});

describe('type', () => {
  test('line height falls as size grows, from about 1.5 to about 1.0', () => {
    expect(lineHeightAt(16)).toBeCloseTo(1.5);
    expect(lineHeightAt(96)).toBeCloseTo(1.02);
    expect(lineHeightAt(24)).toBeGreaterThan(lineHeightAt(48));
  });

  test('text is at least 16 px and 50–75 characters a line, measured with the face’s own widths', () => {
    for (const text of faces) {
      for (const family of families) {
        const { body, measure } = makeScale(text, text, family.ratio);
        expect(body.small * 16).toBeGreaterThanOrEqual(16);
        const characters = measure / (body.large * (text.metrics.xWidthAvg / text.metrics.unitsPerEm));
        expect(characters).toBeGreaterThanOrEqual(50);
        expect(characters).toBeLessThanOrEqual(75);
      }
    }
  });

  test('the stand-in for a face takes the room that the face takes', () => {
    for (const face of faces) {
      const stand = fallbackOf(face);
      expect(stand.sizeAdjust * stand.ascent).toBeCloseTo(face.metrics.ascent / face.metrics.unitsPerEm, 5);
    }
  });

  test('sizes flow between two widths', () =>
    expect(fluid({ small: 1, large: 2, lineHeight: 1, tracking: 0 })).toBe('clamp(1rem, 0.609rem + 1.739vw, 2rem)'));
});

describe('families', () => {
  test('are apart by their structure, and each is chosen for its mood', () => {
    families.forEach((a, i) => families.slice(i + 1).forEach((b) => expect(familyDistance(a, b)).toBeGreaterThan(0.3)));
    expect(familiesFor({ ...calm, loud: 1 })[0]?.id).toBe('poster');
    expect(familiesFor({ ...calm, exact: 1 })[0]?.id).toBe('ledger');
    expect(familiesFor({ ...calm, loud: -1 })[0]?.id).toBe('quiet');
  });
});
