import { chance } from '../chance';
import { bands, contrastRatio, makePalette, schemes, type Palette } from '../look';
import { fieldFor, isCompact, logoGround, seenOn } from './logo';

const mood = { loud: 0, warm: 0, exact: 0, ornate: 0 };
const paletteOf = (scheme: string, wanted: string, seed = 1): Palette =>
  makePalette({ wanted: [wanted], avoided: [], mood, scheme, seed });
const logo = (rim: string[], more: { ground?: string | null; width?: number; height?: number } = {}) => ({
  width: 400,
  height: 400,
  type: 'image/webp' as const,
  hash: '',
  colours: rim,
  rim,
  ground: null,
  ...more,
});

describe('a logo on a ground', () => {
  // WCAG 2.2, 1.4.11: graphics that are needed to understand stand out by 3 : 1.
  test.each([
    ['dark on dark', ['#14213d'], '#111111', false],
    ['dark on light', ['#14213d'], '#ffffff', true],
    ['pale on white', ['#f4e9b0'], '#ffffff', false],
    ['one part of two lost', ['#f2c230', '#14181c'], '#101418', false],
    ['two parts, both seen', ['#c0392b', '#14213d'], '#ffffff', true],
    ['a picture that fills its box', [], '#101010', true],
  ])('%s', (_, rim, ground, seen) => {
    expect(seenOn(logo(rim), ground)).toBe(seen);
  });

  test('keeps its place where it is seen, and has a field of the palette where it is not', () => {
    const night = paletteOf('night', '#3a6ea5');
    expect(fieldFor(logo(['#f6f3ea']), 'ground', night)).toBeNull();
    const field = fieldFor(logo(['#14213d']), 'ground', night);
    expect(field && contrastRatio('#14213d', night[field])).toBeGreaterThanOrEqual(3);
  });

  test('is seen in every palette that has a ground which shows it, and never worse off on its field than without', () => {
    const random = chance(41);
    const hex = () =>
      `#${Math.floor(random() * 0xffffff)
        .toString(16)
        .padStart(6, '0')}`;
    let fields = 0;
    for (let n = 0; n < 400; n++) {
      const palette = paletteOf(schemes[n % schemes.length]?.id ?? '', hex(), n);
      const mark = logo(Array.from({ length: 1 + (n % 3) }, hex));
      const least = (ground: string) => Math.min(...mark.rim.map((colour) => contrastRatio(colour, ground)));
      for (const on of bands) {
        const field = fieldFor(mark, on, palette);
        const shown = bands.some((band) => seenOn(mark, palette[band]));
        expect(seenOn(mark, palette[field ?? on])).toBe(shown);
        if (!field) continue;
        fields++;
        expect(seenOn(mark, palette[on])).toBe(false);
        if (!shown) expect(least(palette[field])).toBeGreaterThan(least(palette[on]));
      }
    }
    expect(fields).toBeGreaterThan(50);
  });

  test('stands on its own plain ground in icons, else on one that shows it', () => {
    const night = paletteOf('night', '#3a6ea5');
    expect(logoGround(logo([], { ground: '#fde8c8' }), night)).toBe('#fde8c8');
    expect(logoGround(logo(['#f6f3ea']), night)).toBe(night.ground);
    expect(contrastRatio(logoGround(logo(['#14213d']), night), '#14213d')).toBeGreaterThanOrEqual(3);
  });
});

test.each([
  [100, 100, true],
  [170, 100, true],
  [100, 170, true],
  [400, 90, false],
  [90, 400, false],
])('%i × %i fills a square: %s', (width, height, compact) => {
  expect(isCompact({ width, height })).toBe(compact);
});
