import { differenceCiede2000, converter, parse } from 'culori';
import { contrastRatio, difference, hexOf, hueDistance, lchOf, readable, seenWithout } from './index';

test.each([
  // W3C, Understanding WCAG 2.2, success criterion 1.4.3 and technique G18: published pairs and their ratios.
  ['#000000', '#ffffff', 21],
  ['#777777', '#ffffff', 4.48],
  ['#767676', '#ffffff', 4.54],
  ['#949494', '#ffffff', 3.03],
  ['#ff0000', '#ffffff', 4.0],
  ['#0000ff', '#ffffff', 8.59],
])('contrast of %s on %s is as published', (text, ground, ratio) => expect(contrastRatio(text, ground)).toBeCloseTo(ratio, 1));

// Sharma, Wu and Dalal, “The CIEDE2000 Color-Difference Formula”, 2005, table 1: all 34 pairs (typed from memory of the table).
const sharma: [number, number, number, number, number, number, number][] = [
  [50, 2.6772, -79.7751, 50, 0, -82.7485, 2.0425],
  [50, 3.1571, -77.2803, 50, 0, -82.7485, 2.8615],
  [50, 2.8361, -74.02, 50, 0, -82.7485, 3.4412],
  [50, -1.3802, -84.2814, 50, 0, -82.7485, 1],
  [50, -1.1848, -84.8006, 50, 0, -82.7485, 1],
  [50, -0.9009, -85.5211, 50, 0, -82.7485, 1],
  [50, 0, 0, 50, -1, 2, 2.3669],
  [50, -1, 2, 50, 0, 0, 2.3669],
  [50, 2.49, -0.001, 50, -2.49, 0.0009, 7.1792],
  [50, 2.49, -0.001, 50, -2.49, 0.001, 7.1792],
  [50, 2.49, -0.001, 50, -2.49, 0.0011, 7.2195],
  [50, 2.49, -0.001, 50, -2.49, 0.0012, 7.2195],
  [50, -0.001, 2.49, 50, 0.0009, -2.49, 4.8045],
  [50, -0.001, 2.49, 50, 0.001, -2.49, 4.8045],
  [50, -0.001, 2.49, 50, 0.0011, -2.49, 4.7461],
  [50, 2.5, 0, 50, 0, -2.5, 4.3065],
  [50, 2.5, 0, 73, 25, -18, 27.1492],
  [50, 2.5, 0, 61, -5, 29, 22.8977],
  [50, 2.5, 0, 56, -27, -3, 31.903],
  [50, 2.5, 0, 58, 24, 15, 19.4535],
  [50, 2.5, 0, 50, 3.1736, 0.5854, 1],
  [50, 2.5, 0, 50, 3.2972, 0, 1],
  [50, 2.5, 0, 50, 1.8634, 0.5757, 1],
  [50, 2.5, 0, 50, 3.2592, 0.335, 1],
  [60.2574, -34.0099, 36.2677, 60.4626, -34.1751, 39.4387, 1.2644],
  [63.0109, -31.0961, -5.8663, 62.8187, -29.7946, -4.0864, 1.263],
  [61.2901, 3.7196, -5.3901, 61.4292, 2.248, -4.962, 1.8731],
  [35.0831, -44.1164, 3.7933, 35.0232, -40.0716, 1.5901, 1.8645],
  [22.7233, 20.0904, -46.694, 23.0331, 14.973, -42.5619, 2.0373],
  [36.4612, 47.858, 18.3852, 36.2715, 50.5065, 21.2231, 1.4146],
  [90.8027, -2.0831, 1.441, 91.1528, -1.6435, 0.0447, 1.4441],
  [90.9257, -0.5406, -0.9208, 88.6381, -0.8985, -0.7239, 1.5381],
  [6.7747, -0.2908, -2.4247, 5.8714, -0.0985, -2.2286, 0.6377],
  [2.0776, 0.0795, -1.135, 0.9033, -0.0636, -0.5514, 0.9082],
];

test('colour differences are those of the published table', () => {
  const formula = differenceCiede2000();
  for (const [l1, a1, b1, l2, a2, b2, published] of sharma) {
    const [one, other] = [
      { mode: 'lab65' as const, l: l1, a: a1, b: b1 },
      { mode: 'lab65' as const, l: l2, a: a2, b: b2 },
    ];
    expect(formula(one, other)).toBeCloseTo(published, 4);
  }
  expect(difference('#ff0000', '#00ff00')).toBeCloseTo(formula('#ff0000', '#00ff00'), 6);
});

test('OKLab has its published reference values', () => {
  // Ottosson, “A perceptual color space for image processing”, 2020: table of XYZ values and their OKLab.
  const oklab = converter('oklab');
  for (const [xyz, lab] of [
    [
      [0.95, 1, 1.089],
      [1, 0, 0],
    ],
    [
      [1, 0, 0],
      [0.45, 1.236, -0.019],
    ],
    [
      [0, 1, 0],
      [0.922, -0.671, 0.263],
    ],
    [
      [0, 0, 1],
      [0.153, -1.415, -0.449],
    ],
  ] as const) {
    const found = oklab({ mode: 'xyz65', x: xyz[0], y: xyz[1], z: xyz[2] });
    [found.l, found.a, found.b].forEach((value, i) => expect(Math.abs(value - (lab[i] ?? 0))).toBeLessThan(0.006));
  }
  // CSS Color Module Level 4, section 9.4: red in OKLCH is 0.628 0.2577 29.23.
  const red = lchOf('#ff0000');
  expect([red.l, red.c, red.h].map((n) => Number(n.toFixed(3)))).toEqual([0.628, 0.258, 29.234]);
});

test('colours are seen without a kind of cone as the published matrices say', () => {
  // Machado, Oliveira and Fernandes 2009, supplementary table, severity 1.0; rows give red, green and blue.
  const matrices = {
    long: [
      [0.152286, 1.052583, -0.204868],
      [0.114503, 0.786281, 0.099216],
      [-0.003882, -0.048116, 1.051998],
    ],
    middle: [
      [0.367322, 0.860646, -0.227968],
      [0.280085, 0.672501, 0.047413],
      [-0.01182, 0.04294, 0.968881],
    ],
    short: [
      [1.255528, -0.076749, -0.178779],
      [-0.078411, 0.930809, 0.147602],
      [0.004733, 0.691367, 0.3039],
    ],
  };
  const linear = converter('lrgb');
  for (const kind of ['long', 'middle', 'short'] as const)
    for (const hex of ['#c8202b', '#2c7a45', '#1f4fa8', '#c9972b', '#888888']) {
      const [from, seen] = [linear(parse(hex)), linear(parse(seenWithout(kind, hex)))];
      if (!from || !seen) throw new Error(`${hex} is no colour.`);
      matrices[kind].forEach((row, i) => {
        const value = (row[0] ?? 0) * from.r + (row[1] ?? 0) * from.g + (row[2] ?? 0) * from.b;
        const got = [seen.r, seen.g, seen.b][i] ?? 0;
        expect(Math.abs(Math.min(1, Math.max(0, value)) - got)).toBeLessThan(0.006);
      });
    }
});

test('greys look alike to every eye', () => {
  for (const kind of ['long', 'middle', 'short'] as const)
    expect(difference(seenWithout(kind, '#808080'), '#808080')).toBeLessThan(1);
});

test('the nearest readable colour keeps its hue', () => {
  const text = readable('#e8761a', ['#ffffff']);
  expect(contrastRatio(text, '#ffffff')).toBeGreaterThanOrEqual(4.5);
  expect(hueDistance(lchOf(text).h, lchOf('#e8761a').h)).toBeLessThan(6);
});

test('a colour that no screen shows comes back as the nearest of its hue', () => {
  const shown = lchOf(hexOf({ l: 0.6, c: 0.4, h: 150 }));
  expect(hueDistance(shown.h, 150)).toBeLessThan(3);
});
