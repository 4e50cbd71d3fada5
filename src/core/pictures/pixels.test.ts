import { differenceCiede2000 } from 'culori';
import { coloursOf, cropKeeps, cutOut, plainGround, rimOf, subjectOf, type Pixels } from './pixels';

type Rgba = readonly [number, number, number, number?];

/** A picture drawn by a rule: the colour at each place. */
function drawn(width: number, height: number, colour: (x: number, y: number) => Rgba): Pixels {
  const data = new Uint8ClampedArray(width * height * 4);
  for (let y = 0; y < height; y++)
    for (let x = 0; x < width; x++) {
      const [r, g, b, a = 255] = colour(x, y);
      data.set([r, g, b, a], (y * width + x) * 4);
    }
  return { width, height, data };
}

const white: Rgba = [250, 250, 248];
const red: Rgba = [190, 40, 30];
const disc = (cx: number, cy: number, r: number) => (x: number, y: number) => Math.hypot(x - cx, y - cy) <= r;
/** A disc with a soft rim, as a camera sees it. */
const soft =
  (cx: number, cy: number, r: number) =>
  (x: number, y: number): Rgba => {
    const share = Math.min(1, Math.max(0, r + 1 - Math.hypot(x - cx, y - cy)));
    return [0, 1, 2].map((i) => share * (red[i] ?? 0) + (1 - share) * (white[i] ?? 0)) as unknown as Rgba;
  };
const pixel = ({ width, data }: Pixels, x: number, y: number) => [...data.subarray((y * width + x) * 4, (y * width + x) * 4 + 4)];

describe('what a picture shows', () => {
  test.each([
    [30, 30],
    [90, 40],
    [60, 80],
  ])('a thing at %i, %i is found there, and so is its box', (cx, cy) => {
    const { box, focus } = subjectOf(drawn(120, 100, (x, y) => (disc(cx, cy, 15)(x, y) ? red : white)));
    expect(focus.x).toBeCloseTo(cx / 120, 1);
    expect(focus.y).toBeCloseTo(cy / 100, 1);
    expect(box.x * 120).toBeCloseTo(cx - 15, -0.7);
    expect((box.x + box.width) * 120).toBeCloseTo(cx + 15, -0.7);
    expect((box.y + box.height) * 100).toBeCloseTo(cy + 15, -0.7);
  });

  test('an even picture has its focus in the middle', () => {
    expect(subjectOf(drawn(40, 40, () => white)).focus).toEqual({ x: 0.5, y: 0.5 });
  });

  test('dust at the edge does not widen the box', () => {
    const { box } = subjectOf(drawn(120, 100, (x, y) => (disc(60, 50, 20)(x, y) || (x === 3 && y === 90) ? red : white)));
    expect(box.x * 120).toBeGreaterThan(35);
  });

  test('a crop keeps a thing where it fits, and is told where it does not', () => {
    const tall = { width: 600, height: 1200 };
    const bottle = { x: 0.3, y: 0.1, width: 0.4, height: 0.8 };
    expect(cropKeeps(tall, bottle, { x: 0.5, y: 0.5 }, 1)).toBe(false);
    expect(cropKeeps(tall, { ...bottle, y: 0.55, height: 0.4 }, { x: 0.5, y: 0.75 }, 1)).toBe(true);
    // The focus decides: the same thing is lost where the crop looks elsewhere.
    expect(cropKeeps(tall, { ...bottle, y: 0.55, height: 0.4 }, { x: 0.5, y: 0.2 }, 1)).toBe(false);
  });
});

describe('a plain ground', () => {
  test('is found though it is a little uneven, and a thing reaches the edge', () => {
    const noisy = drawn(80, 80, (x, y) => (disc(40, 78, 6)(x, y) ? red : [244 + ((x * 7 + y * 3) % 9), 246, 243 + (x % 5)]));
    expect(plainGround(noisy)?.every((part) => part > 240)).toBe(true);
  });

  test('is not found where the edge is busy', () => {
    expect(plainGround(drawn(80, 80, (x, y) => [(x * 37) % 256, (y * 91) % 256, ((x + y) * 53) % 256]))).toBeNull();
  });

  test('goes, the thing stays, and the same colour inside the thing stays', () => {
    const ring = drawn(100, 100, (x, y) => (disc(50, 50, 30)(x, y) && !disc(50, 50, 12)(x, y) ? red : white));
    const cut = cutOut(ring, [250, 250, 248]);
    expect(pixel(cut, 2, 2)[3]).toBe(0);
    expect(pixel(cut, 50, 50)).toEqual([250, 250, 248, 255]);
    expect(pixel(cut, 50, 28)).toEqual([190, 40, 30, 255]);
  });

  // Compositing after W3C, Compositing and Blending Level 1, "simple alpha compositing": co = cs·αs + cb·(1 − αs).
  test('leaves no fringe: on a dark ground no pixel of the rim is lighter than both the thing and the ground', () => {
    const cut = cutOut(drawn(100, 100, soft(50, 50, 30)), [250, 250, 248]);
    const dark = [20, 22, 40];
    const fringe: string[] = [];
    for (let y = 0; y < 100; y++)
      for (let x = 0; x < 100; x++) {
        const [r = 0, g = 0, b = 0, a = 0] = pixel(cut, x, y);
        const over = [r, g, b].map((part, i) => (part * a) / 255 + (dark[i] ?? 0) * (1 - a / 255));
        if ((over[1] ?? 0) > 40 + 30 || (over[2] ?? 0) > 40 + 30) fringe.push(`${x},${y} ${over.map(Math.round)}`);
      }
    expect(fringe).toEqual([]);
  });
});

describe('the rim of a cut-out', () => {
  const clear: Rgba = [0, 0, 0, 0];
  const near = (found: string | undefined, [r, g, b]: Rgba) =>
    expect(differenceCiede2000()(found ?? '#000', { mode: 'rgb', r: r / 255, g: g / 255, b: b / 255 })).toBeLessThan(3);

  test('is the colour along its outline, not the one inside', () => {
    const found = rimOf(drawn(80, 80, (x, y) => (disc(40, 40, 14)(x, y) ? white : disc(40, 40, 30)(x, y) ? red : clear)));
    expect(found).toHaveLength(1);
    near(found[0], red);
  });

  test('has every colour that is a good part of the outline, and none that is a speck', () => {
    const blue: Rgba = [20, 40, 160];
    const speck: Rgba = [30, 200, 60];
    const found = rimOf(
      drawn(80, 80, (x, y) => (!disc(40, 40, 30)(x, y) ? clear : y > 66 && x > 38 && x < 42 ? speck : x < 40 ? red : blue)),
    );
    expect(found).toHaveLength(2);
    for (const part of [red, blue])
      expect(found.some((hex) => differenceCiede2000()(hex, `rgb(${part.slice(0, 3).join(' ')})`) < 3)).toBe(true);
  });

  test('is none where the picture fills its box; holes in it count', () => {
    expect(rimOf(drawn(40, 40, () => red))).toEqual([]);
    near(rimOf(drawn(40, 40, (x, y) => (disc(20, 20, 8)(x, y) ? clear : red)))[0], red);
  });

  test('is there where the thing reaches the edge of its box', () => {
    near(rimOf(drawn(60, 60, (x) => (x < 45 ? red : clear)))[0], red);
  });

  test('leaves a see-through edge without a ground of its own', () => {
    expect(plainGround(drawn(60, 60, (x, y) => (disc(30, 30, 20)(x, y) ? red : clear)))).toBeNull();
  });
});

describe('the colours of a picture', () => {
  test('are those that it was made of; the plain ground comes last', () => {
    const parts: Rgba[] = [
      [200, 30, 40],
      [20, 60, 160],
      [240, 200, 60],
    ];
    const found = coloursOf(
      drawn(90, 90, (x, y) => (x < 9 || x > 80 || y < 9 || y > 80 ? white : (parts[Math.floor(x / 30)] ?? white))),
    );
    const unlike = differenceCiede2000();
    const near = (hex: string, [r, g, b]: Rgba) => unlike(hex, { mode: 'rgb', r: r / 255, g: g / 255, b: b / 255 }) < 3;
    for (const part of parts) expect(found.slice(0, 3).some((hex) => near(hex, part))).toBe(true);
    expect(near(found.at(-1) ?? '', white)).toBe(true);
  });

  test('do not count what is see-through', () => {
    const found = coloursOf(drawn(40, 40, (x) => (x < 20 ? [0, 255, 0, 0] : [30, 30, 200, 255])));
    expect(found).toHaveLength(1);
    expect(found[0]).toMatch(/^#1e1ec8$/i);
  });

  test('that the eye takes for one are named once', () => {
    expect(coloursOf(drawn(60, 60, (x) => (x < 20 ? [176, 42, 30] : x < 40 ? [178, 42, 34] : [20, 40, 120])))).toHaveLength(2);
  });

  test('are none for an empty picture', () => {
    expect(coloursOf(drawn(4, 4, () => [0, 0, 0, 0]))).toEqual([]);
  });
});
