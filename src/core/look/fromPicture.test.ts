import { differenceCiede2000 } from 'culori';
import { parseAt, type Value } from '../places';
import { withWishes } from '../project';
import { makeShop } from '../site';
import { everything } from '../../../tests/sites/everything';
import { contrastPairs } from './palette';
import { styleOf, type Pixels } from '../pictures';
import { takingsFrom } from './fromPicture';

type Rgb = readonly [number, number, number];

/** A picture drawn by a rule, with the soft rims of a camera: each point is the middle of nine. */
function drawn(size: number, colour: (x: number, y: number) => Rgb): Pixels {
  const data = new Uint8ClampedArray(size * size * 4);
  for (let y = 0; y < size; y++)
    for (let x = 0; x < size; x++) {
      const near = [-1, 0, 1].flatMap((dx) => [-1, 0, 1].map((dy) => colour(x + dx / 3, y + dy / 3)));
      const mean = [0, 1, 2].map((part) => near.reduce((sum, one) => sum + (one[part] ?? 0), 0) / 9);
      data.set([...mean, 255], (y * size + x) * 4);
    }
  return { width: size, height: size, data };
}

const paper: Rgb = [246, 240, 228];
const ink: Rgb = [24, 28, 40];
const red: Rgb = [190, 40, 30];
const discs = (every: number, r: number) => (x: number, y: number) =>
  Math.hypot((x % every) - every / 2, (y % every) - every / 2) <= r;
const tiles = (every: number, size: number) => (x: number, y: number) => x % every < size && y % every < size;

const taken = (pixels: Pixels, avoided: string[] = []) =>
  new Map<string, Value | undefined>(
    takingsFrom(styleOf(pixels), avoided).flatMap(({ wishes }) => wishes.map(({ place, value }) => [place, value] as const)),
  );

test('of a print of squares: its colours, its light ground, sharp corners', () => {
  const look = taken(drawn(160, (x, y) => (tiles(80, 40)(x, y) ? red : paper)));
  expect(look.get('look/scheme')).toBe('paper');
  expect(look.get('look/corner')).toBe(0);
  const colours = look.get('look/colours') as string[];
  // The difference of CIEDE2000 under which two colours are called alike at a glance (common practice: 5).
  expect(Math.min(...colours.map((hex) => differenceCiede2000()(hex, '#be281e')))).toBeLessThan(5);
  expect(look.has('look/accent') && look.get('look/accent') === undefined).toBe(true);
  // The ground is that of the picture.
  expect(differenceCiede2000()(look.get('look/ground') as string, '#f6f0e4')).toBeLessThan(2);
});

test('what is round makes soft corners: of a disc a fifth of the edge runs straight', () => {
  const round = styleOf(drawn(200, (x, y) => (discs(100, 36)(x, y) ? ink : paper)));
  // 4 × 2 × 9 degrees of 360.
  expect(round.upright).toBeGreaterThan(0.12);
  expect(round.upright).toBeLessThan(0.3);
  const square = styleOf(drawn(200, (x, y) => (tiles(100, 60)(x, y) ? ink : paper)));
  expect(square.upright).toBeGreaterThan(0.85);
  expect(taken(drawn(200, (x, y) => (discs(100, 36)(x, y) ? ink : paper))).get('look/corner')).toBe(16);
});

test('the more there is on it the closer things stand, and the heavier its marks the stronger the lines', () => {
  const rooms = [200, 66, 20, 8].map((every) =>
    Number(taken(drawn(200, (x, y) => (tiles(every, every / 2)(x, y) ? ink : paper))).get('look/room')),
  );
  expect(rooms).toEqual([...rooms].sort((a, b) => b - a));
  expect(rooms[0]).toBeGreaterThan(rooms[3] ?? 0);
  const thin = taken(drawn(160, (x, y) => (tiles(80, 10)(x, y) ? ink : paper))).get('look/rule');
  const heavy = taken(drawn(160, (x, y) => (tiles(80, 62)(x, y) ? paper : ink))).get('look/rule');
  expect(Number(heavy)).toBeGreaterThan(Number(thin));
});

test.each([
  ['white', [255, 255, 255], red],
  ['night', [18, 20, 26], paper],
  ['flood', [150, 30, 40], paper],
  ['tinted', [214, 232, 210], ink],
] as const)('a picture on such a ground makes it %s', (scheme, ground, mark) =>
  expect(taken(drawn(120, (x, y) => (tiles(60, 14)(x, y) ? mark : (ground as Rgb)))).get('look/scheme')).toBe(scheme),
);

test('a plain field says nothing of corners, and a soft one has soft pictures', () => {
  const plain = drawn(80, () => paper);
  expect(styleOf(plain).upright).toBeNull();
  expect(taken(plain).has('look/corner')).toBe(false);
  expect(taken(plain).get('look/treatment')).toBe('settled');
  expect(taken(drawn(80, (x) => (x < 40 ? ink : paper))).get('look/treatment')).toBe('plain');
});

test('what the brief refuses is not taken, and that is said', () => {
  const pixels = drawn(120, (x, y) => (tiles(60, 30)(x, y) ? red : paper));
  const takings = takingsFrom(styleOf(pixels), ['#c0392b']);
  expect(takings[0]?.says).toContain('but not those that your brief refuses');
  const colours = takings[0]?.wishes[0]?.value as string[];
  expect(colours.filter((hex) => differenceCiede2000()(hex, '#be281e') < 8)).toEqual([]);
});

test.each([
  [ink, red, paper],
  [
    [18, 51, 63],
    [232, 176, 74],
    [243, 237, 224],
  ],
  [
    [128, 128, 128],
    [140, 140, 130],
    [110, 110, 120],
  ],
  [
    [255, 230, 0],
    [20, 20, 20],
    [255, 60, 120],
  ],
  [paper, [250, 250, 245], [240, 235, 220]],
  [[150, 30, 40], paper, ink],
] as [Rgb, Rgb, Rgb][])('whatever the picture, words can be read on every ground of the look (%j)', (ground, one, other) => {
  const pixels = drawn(120, (x, y) => (tiles(60, 20)(x, y) ? one : discs(40, 8)(x, y) ? other : ground));
  const wishes = takingsFrom(styleOf(pixels)).flatMap((taking) => taking.wishes);
  const shop = makeShop(withWishes(everything('ledger', 0), wishes));
  expect(contrastPairs(shop.look.palette).filter((pair) => pair.ratio < pair.least)).toEqual([]);
});

test('all that is taken may stand where it is to stand', () => {
  for (const pixels of [drawn(60, (x, y) => (discs(20, 8)(x, y) ? red : ink)), drawn(2, () => ink)])
    for (const { wishes } of takingsFrom(styleOf(pixels)))
      for (const { place, value } of wishes)
        expect([place, value === undefined || parseAt(place, value).ok]).toEqual([place, true]);
});
