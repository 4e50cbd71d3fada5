import { readFileSync } from 'node:fs';
import sharp from 'sharp';
import { lchOf, makePalette, type Palette } from '../../look';
import { type Outlines } from '../outlines';
import { rasterize, provideRaster } from '../raster';
import { artKinds, artKindsFor, makePicture, motifs, motifsFor } from './index';

const outlines = JSON.parse(readFileSync('public/outlines/gloock.json', 'utf8')) as Outlines;
const mood = { loud: 0, warm: 0, exact: 0, ornate: 0 };
const paletteOf = (wanted: string[], scheme = 'paper', avoided: string[] = []): Palette =>
  makePalette({ wanted, avoided, mood, scheme, seed: 3 });
const titled = (...titles: string[]) => ({ told: [], shelves: [], titles });
const blue = paletteOf(['#1d4f92']);
const make = (kind: string, seed = 1, palette = blue, avoided: string[] = [], size: { width?: number; height?: number } = {}) =>
  makePicture({
    kind,
    palette,
    names: { told: ['Honey jar', 'Beeswax candle', 'Tea cup'], shelves: [], titles: [] },
    name: 'Old Tin',
    outlines,
    avoided,
    seed,
    ...size,
  });

async function pixelsOf(svg: string, width = 160): Promise<[number, number, number][]> {
  const { data } = await sharp(Buffer.from(await rasterize(svg, width)))
    .removeAlpha()
    .raw()
    .toBuffer({ resolveWithObject: true });
  return Array.from({ length: data.length / 3 }, (_, i) => [data[i * 3] ?? 0, data[i * 3 + 1] ?? 0, data[i * 3 + 2] ?? 0]);
}
const hex = (rgb: readonly number[]) => `#${rgb.map((part) => part.toString(16).padStart(2, '0')).join('')}`;

beforeAll(() => provideRaster(async () => new Uint8Array(readFileSync('public/raster/resvg.wasm'))));

describe.each(artKinds.map(({ id }) => id))('a made picture of the kind %s', (kind) => {
  test('is the same for the same wish, and another for another turn', () => {
    expect(make(kind).svg).toBe(make(kind).svg);
    const turns = new Set([1, 2, 3, 4, 5].map((seed) => make(kind, seed).svg));
    expect(turns.size).toBe(5);
  });

  test('holds drawn shapes only, and nothing from elsewhere', () => {
    const { svg } = make(kind);
    expect(svg).not.toMatch(/<(?:script|image|text|foreignObject|style|animate)|href="(?!#)|url\((?!#)/);
    expect(svg).not.toMatch(/NaN|undefined|Infinity/);
    // It has to reach a phone before its reader loses patience.
    expect(svg.length).toBeLessThan(120_000);
  });

  test('fills its frame, wide or tall', async () => {
    for (const size of [
      { width: 2400, height: 900 },
      { width: 900, height: 1200 },
    ]) {
      const { svg } = make(kind, 2, blue, [], size);
      const { data, info } = await sharp(Buffer.from(await rasterize(svg, 120))).ensureAlpha().raw().toBuffer({ resolveWithObject: true }); // prettier-ignore
      expect(info.width / info.height).toBeCloseTo(size.width / size.height, 1);
      expect(data.filter((part, i) => i % 4 === 3 && part < 255).length).toBe(0);
    }
  });

  test('has depth: several tones, no single one of them nearly everywhere', async () => {
    const pixels = await pixelsOf(make(kind).svg);
    const counts = new Map<string, number>();
    for (const [r, g, b] of pixels) {
      const tone = [r >> 4, g >> 4, b >> 4].join();
      counts.set(tone, (counts.get(tone) ?? 0) + 1);
    }
    const large = [...counts.values()].filter((count) => count > pixels.length * 0.01);
    expect(large.length).toBeGreaterThanOrEqual(3);
    expect(Math.max(...counts.values()) / pixels.length).toBeLessThan(0.85);
  });

  test('is in the palette of the shop: the accent’s hue is there', async () => {
    for (const wanted of ['#1d4f92', '#8a1c3b', '#2f6b3a']) {
      const palette = paletteOf([wanted], 'tinted');
      const accent = lchOf(palette.accent);
      const pixels = await pixelsOf(make(kind, 1, palette).svg);
      const near = pixels.filter((rgb) => {
        const { c, h } = lchOf(hex(rgb));
        return c > 0.03 && Math.abs(((h - accent.h + 540) % 360) - 180) < 25;
      });
      expect([wanted, near.length / pixels.length > 0.02]).toEqual([wanted, true]);
    }
  });

  test('has nothing of a hue that was refused', async () => {
    const avoided = ['#3fa34d'];
    const green = lchOf('#3fa34d').h;
    for (const wanted of ['#e3b505', '#1d4f92']) {
      const pixels = await pixelsOf(make(kind, 4, paletteOf([wanted], 'tinted', avoided), avoided).svg);
      const seen = pixels.filter((rgb) => {
        const { c, h } = lchOf(hex(rgb));
        return c > 0.06 && Math.abs(((h - green + 540) % 360) - 180) < 20;
      });
      expect([wanted, seen.length / pixels.length < 0.01]).toEqual([wanted, true]);
    }
  });
});

describe('the things in pictures', () => {
  test.each([
    ['Sourdough loaf', 'loaf'],
    ['Merino sock yarn', 'yarn'],
    ['Espresso cup', 'cup'],
    ['Oak chair', 'chair'],
    ['Chef’s knife', 'knife'],
    ['Silver ring', 'jewel'],
    ['Olive soap', 'soap'],
    ['Beeswax candle', 'candle'],
    ['Linen shirt', 'garment'],
    // Not named in any list: found by what WordNet files it under.
    ['Blazer', 'garment'],
    ['Armchair', 'chair'],
    ['Sneakers', 'shoe'],
    ['Mandolin', 'guitar'],
    ['Zither', 'guitar'],
    ['Sloop', 'boat'],
    ['Fedora', 'hat'],
    ['Counterpane', 'blanket'],
    ['Sunglasses', 'spectacles'],
    ['Paper kite', 'kite'],
    ['Reel of cotton', 'spool'],
    ['Bedside lamp', 'lamp'],
    ['Parasol', 'umbrella'],
    ['Dahlia', 'flower'],
    ['Gauntlet', 'mitten'],
    ['Bongo', 'drum'],
    ['Combination lock', 'padlock'],
    ['Trug', 'basket'],
    ['Cheesecake', 'cake'],
    ['Convertible', 'car'],
    ['Amethyst', 'crystal'],
    ['Zellige tile', 'tile'],
  ])('%s is drawn as %s', (name, motif) => {
    expect(motifsFor(titled(name), 1).map(({ id }) => id)).toEqual([motif]);
  });

  test('are ranked by how many goods they stand for', () => {
    expect(motifsFor(titled('Mug', 'Cup', 'Bowl', 'Teacup'), 2).map(({ id }) => id)).toEqual(['cup', 'bowl']);
  });

  test('follow what the shop says that it sells; a fancy name or a word that only describes is not drawn', () => {
    const drawn = (told: string[], shelves: string[], titles: string[]) =>
      motifsFor({ told, shelves, titles }).map(({ id }) => id);
    expect(
      drawn(
        ['hand-cut tiles'],
        ['Single tiles', 'Borders'],
        ['Fish market border', 'Carnation', 'Olive soap dish', 'Sample box', 'Tree of life'],
      ),
    ).toEqual(['tile']);
    expect(drawn(['knitting yarn'], ['Yarn', 'Needles'], ['Rowan Berry', 'Crab Apple', 'Peat Hag'])).toEqual(['yarn']);
    expect(drawn([], [], ['Fish market border'])).toEqual([]);
    expect(drawn(['dog leads'], [], [])).toEqual(['bone']);
    // A shop of two kinds is pictured with both.
    expect(drawn(['candles and soap'], [], []).sort()).toEqual(['candle', 'soap']);
    // What one shelf is called by chance does not stand beside what the shop says that it sells.
    expect(drawn(['kites'], ['Diamonds', 'Sails', 'Repair'], ['Stairs diamond', 'Cotton line'])).toEqual(['kite']);
  });

  test.each([
    ['no noun is known', titled('Zxqv')],
    // A rack is a framework, a tripod a device, a pan an implement: nothing that looks like any of ours.
    ['only something far above it is drawn', { told: ['toast racks', 'tripods', 'frying pans'], shelves: [], titles: [] }],
    ['a word of two is another thing than its last', titled('Egg cup', 'Watch strap', 'Trout fly', 'Book end')],
    [
      'less than half of what it sells is drawn',
      { told: ['toast racks', 'egg cups'], shelves: [], titles: ['Toast rack, brass', 'Toast rack, steel', 'Wire', 'Mug'] },
    ],
  ])('are none where %s, and then the picture is of another kind', (_, names) => {
    expect(motifsFor(names)).toEqual([]);
    const wish = { palette: blue, names, name: 'Old Tin', outlines, seed: 1 };
    expect(artKindsFor(names).map(({ id }) => id)).toEqual(['landscape', 'texture', 'lettering']);
    for (const { id } of artKinds)
      expect(['landscape', 'texture', 'lettering']).toContain(makePicture({ ...wish, kind: id }).kind);
  });

  test('are each the only one that a noun stands for', () => {
    const words = motifs.flatMap((motif) => motif.words.split(' '));
    expect(words.filter((word, i) => words.indexOf(word) !== i)).toEqual([]);
    expect(new Set(motifs.map(({ id }) => id)).size).toBe(motifs.length);
  });

  test('stand on the ground line, within their box', () => {
    for (const motif of motifs) {
      const numbers = motif.pieces.flatMap(([d]) =>
        (d.match(/^M-?[\d.]+[ ,]-?[\d.]+/) ?? []).map((start) => start.slice(1).split(/[ ,]/).map(Number)),
      );
      expect(numbers.length).toBeGreaterThan(0);
      for (const [x = 0, y = 0] of numbers)
        expect([motif.id, x >= -5 && x <= 105 && y >= -5 && y <= 105]).toEqual([motif.id, true]);
    }
  });
});
