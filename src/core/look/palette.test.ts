import { chance } from '../chance';
import {
  coloursOf,
  contrastPairs,
  contrastRatio,
  difference,
  differenceToAll,
  harmonies,
  hasThird,
  hueDistance,
  isLike,
  lchOf,
  leastApart,
  makePalette,
  neutralOf,
  schemes,
  type Palette,
  type PaletteWish,
} from './index';

const neutral = { loud: 0, warm: 0, exact: 0, ornate: 0 };
const wish = (part: Partial<PaletteWish> = {}): PaletteWish => ({
  wanted: [],
  avoided: [],
  mood: neutral,
  scheme: 'paper',
  seed: 1,
  ...part,
});

const random = chance(42);
const colour = () =>
  `#${Array.from({ length: 3 }, () =>
    Math.floor(random() * 256)
      .toString(16)
      .padStart(2, '0'),
  ).join('')}`;
const one = <T>(of: readonly T[]): T => of[Math.floor(random() * of.length)] as T;
const some = (most: number) => Array.from({ length: Math.floor(random() * (most + 1)) }, colour);
const anyWish = (seed: number): PaletteWish =>
  wish({
    wanted: some(5),
    avoided: some(2),
    mood: { loud: random() * 2 - 1, warm: random() * 2 - 1, exact: random() * 2 - 1, ornate: random() * 2 - 1 },
    scheme: one(schemes).id,
    harmony: random() < 0.5 ? one(harmonies).id : undefined,
    seed,
    accent: random() < 0.3 ? colour() : undefined,
    second: random() < 0.3 ? colour() : undefined,
    ground: random() < 0.3 ? colour() : undefined,
  });

const fail = (say: string, from: PaletteWish, palette: Palette) => {
  throw new Error(`${say}\n${JSON.stringify(from)}\n${JSON.stringify(palette)}`);
};

test('every text reaches 4.5:1 and every edge 3:1, for thousands of wishes', () => {
  for (let i = 0; i < 2000; i++) {
    const from = anyWish(i);
    const palette = makePalette(from);
    for (const pair of contrastPairs(palette))
      if (pair.ratio < pair.least) fail(`${pair.text} on ${pair.on}: ${pair.ratio}`, from, palette);
  }
});

test('colours that were asked for are there as they were asked for, and prominent', () => {
  expect(makePalette(wish({ wanted: ['#1f4fa8', '#c8202b'] }))).toMatchObject({ accent: '#1f4fa8', second: '#c8202b' });
  for (let i = 0; i < 400; i++) {
    const wanted = [colour(), colour()];
    const palette = makePalette(wish({ wanted, scheme: one(schemes).id, seed: i }));
    const prominent = [palette.ground, palette.accent, palette.second, palette.text];
    for (const hex of wanted)
      // Of two pale colours one is the ground; a shop can't stand on both.
      if (!prominent.includes(hex) && lchOf(hex).l <= 0.86) fail(`${hex} is missing`, wish({ wanted }), palette);
  }
});

test('three colours that were asked for are all there, and what is written on each can be read', () => {
  expect(makePalette(wish({ wanted: ['#87ceeb', '#c8202b', '#f3de5b'] }))).toMatchObject({
    accent: '#87ceeb',
    second: '#c8202b',
    third: '#f3de5b',
  });
  for (let i = 0; i < 400; i++) {
    const wanted = [colour(), colour(), colour()].filter((hex) => lchOf(hex).l <= 0.86);
    const palette = makePalette(wish({ wanted, scheme: one(schemes).id, seed: i }));
    const roles = [palette.ground, palette.accent, palette.second, palette.third, palette.text];
    for (const hex of wanted) if (!roles.includes(hex)) fail(`${hex} is missing`, wish({ wanted }), palette);
    for (const [on, text] of [
      ['second', 'onSecond'],
      ['third', 'onThird'],
    ] as const)
      expect(contrastRatio(palette[text], palette[on])).toBeGreaterThanOrEqual(4.5);
  }
});

test('where no third colour is asked for, the second stands in its place and nothing tells of a third', () => {
  const palette = makePalette(wish({ wanted: ['#1f4fa8', '#c8202b'] }));
  expect([palette.third, palette.onThird]).toEqual([palette.second, palette.onSecond]);
  expect(hasThird(palette)).toBe(false);
  expect(coloursOf(palette).map(([role]) => role)).not.toContain('third');
  expect(contrastPairs(palette).map(({ on }) => on)).not.toContain('third');
  const picked = makePalette(wish({ wanted: ['#1f4fa8'], third: '#f3de5b' }));
  expect([hasThird(picked), picked.third]).toEqual([true, '#f3de5b']);
});

test('keeps clear of hues that were refused, in every role that has a hue', () => {
  const roles = ['ground', 'accent', 'second', 'good', 'sale', 'bad'] as const;
  for (const avoided of ['#2c7a45', '#c8202b', '#e58aa6', '#1f4fa8', '#f0c419'])
    for (let seed = 1; seed < 60; seed++) {
      const from = wish({ avoided: [avoided], seed, scheme: one(schemes).id });
      const palette = makePalette(from);
      for (const role of roles) {
        const { l, c, h } = lchOf(palette[role]);
        const a = lchOf(avoided);
        const near = c > 0.05 && hueDistance(h, a.h) < 20 && Math.abs(l - a.l) < 0.22;
        if (near) fail(`${role} ${palette[role]} is near ${avoided}`, from, palette);
      }
    }
});

test('black, white and grey that were refused are in no role that has a choice', () => {
  const roles = ['ground', 'raised', 'text', 'soft', 'line', 'accent', 'onAccent', 'second', 'onSecond', 'good'] as const;
  for (const avoided of ['#000000', '#ffffff', '#808080'])
    for (let seed = 1; seed < 120; seed++) {
      const from = wish({
        wanted: seed % 3 ? [one(['#1f4fa8', '#c8202b', '#f0a80a', '#2c7a45', '#7d4bb0'])] : [],
        avoided: [avoided],
        mood: { ...neutral, warm: random() * 2 - 1, loud: random() * 2 - 1 },
        scheme: one(schemes).id,
        seed,
      });
      const palette = makePalette(from);
      for (const role of roles)
        if (neutralOf(lchOf(palette[role])) === neutralOf(lchOf(avoided))) fail(`${role} is ${avoided}`, from, palette);
    }
});

test('what has hardly a hue is called black, grey or white as people call it', () => {
  // Named colours of CSS Color 4, section 6.1.
  for (const hex of ['#000000', '#0a0a0a']) expect(neutralOf(lchOf(hex))).toBe('black');
  for (const hex of ['#808080', '#a9a9a9', '#d3d3d3', '#696969', '#708090']) expect(neutralOf(lchOf(hex))).toBe('grey');
  for (const hex of ['#ffffff', '#fffafa']) expect(neutralOf(lchOf(hex))).toBe('white');
  for (const hex of ['#000080', '#fffff0', '#f5f5dc', '#800000', '#006400', '#faebd7']) expect(neutralOf(lchOf(hex))).toBeNull();
});

test('roles that mean different things can be told apart by eyes of all kinds', () => {
  for (let seed = 1; seed < 250; seed++) {
    const from = wish({
      seed,
      scheme: one(schemes).id,
      harmony: one(harmonies).id,
      mood: { ...neutral, warm: random() * 2 - 1, loud: random() },
    });
    const palette = makePalette(from);
    for (const [a, b] of [
      ['good', 'bad'],
      ['sale', 'text'],
      ['bad', 'text'],
      ['accent', 'ground'],
      ['second', 'ground'],
      ['accent', 'second'],
    ] as const) {
      const apart = differenceToAll(palette[a], palette[b]);
      if (apart < leastApart - 0.5) fail(`${a} and ${b}: ${apart}`, from, palette);
    }
  }
});

test('a hue that is named is that hue', () => {
  for (const [hex, hue] of [
    ['#1f4fa8', 262],
    ['#c8202b', 25],
    ['#2c7a45', 151],
  ] as const) {
    const { accent } = makePalette(wish({ wanted: [hex] }));
    expect(hueDistance(lchOf(accent).h, hue)).toBeLessThan(8);
  }
});

test('yellow is not darkened to olive where it can’t be read: another colour does its work', () => {
  for (const scheme of ['paper', 'white', 'tinted'])
    for (const wanted of [['#f0c419'], ['#f0c419', '#e58aa6'], ['#f2cf1d', '#1d4f92']]) {
      const palette = makePalette({ wanted, avoided: [], mood: neutral, scheme, seed: 2 });
      for (const ink of [palette.link, palette.rim]) {
        const { c, h } = lchOf(ink);
        expect([scheme, wanted, c > 0.045 && h > 70 && h < 130]).toEqual([scheme, wanted, false]);
      }
      expect(palette.accent).toBe(wanted[0]);
    }
});

test('what stands on a light accent is dark on dark grounds too', () => {
  const palette = makePalette({ wanted: ['#f0c419'], avoided: [], mood: neutral, scheme: 'night', seed: 2 });
  expect(contrastRatio(palette.onAccent, palette.accent)).toBeGreaterThan(7);
});

test('a harmony turns the second hue by as much as it says', () => {
  for (const { id, turn } of harmonies.filter((harmony) => harmony.turn > 0))
    for (const accent of ['#1f4fa8', '#8a3b2b', '#2c7a45']) {
      const { second } = makePalette(wish({ accent, harmony: id }));
      expect([id, accent, hueDistance(lchOf(second).h, lchOf(accent).h + turn) < 30]).toEqual([id, accent, true]);
    }
});

test('schemes make grounds of their kind', () => {
  const ground = (scheme: string) => lchOf(makePalette(wish({ scheme, seed: 4 })).ground);
  expect(ground('white').l).toBeCloseTo(1, 2);
  expect(ground('night').l).toBeLessThan(0.3);
  expect(ground('field').c).toBeGreaterThan(0.04);
  expect(ground('paper').c).toBeLessThan(0.025);
  expect(ground('tinted').l).toBeLessThan(ground('paper').l);
});

test('five near-whites still make a shop that can be read and told from paper', () => {
  const palette = makePalette(wish({ wanted: ['#fefefe', '#fdfcfa', '#fbfbf7', '#f7f7f2', '#f9fafb'] }));
  expect(difference(palette.accent, palette.ground)).toBeGreaterThan(20);
  expect(contrastRatio(palette.text, palette.ground)).toBeGreaterThan(7);
});

test('something that is refused entirely leaves greys', () => {
  const wheel = Array.from(
    { length: 12 },
    (_, i) =>
      [
        '#b3261e',
        '#b3661e',
        '#a6a61e',
        '#66b31e',
        '#1eb326',
        '#1eb366',
        '#1ea6a6',
        '#1e66b3',
        '#261eb3',
        '#661eb3',
        '#a61ea6',
        '#b31e66',
      ][i] ?? '#000000',
  );
  const palette = makePalette(wish({ avoided: wheel }));
  expect(lchOf(palette.accent).c < 0.05 || !isLike(lchOf(palette.accent), wheel)).toBe(true);
});

test('the same wish gives the same palette', () =>
  expect(makePalette(wish({ seed: 9 }))).toEqual(makePalette(wish({ seed: 9 }))));
