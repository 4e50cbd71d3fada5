import { converter, formatHex } from 'culori';
import { chance } from '../chance';

/** A picture as rows of red, green, blue and opacity, a byte each. */
export interface Pixels {
  width: number;
  height: number;
  data: Uint8ClampedArray;
}

/** A place or a box in a picture, as shares of its width and height. */
export interface Spot {
  x: number;
  y: number;
}
export interface Box extends Spot {
  width: number;
  height: number;
}

type Rgb = [number, number, number];

const at = ({ data, width }: Pixels, x: number, y: number): Rgb => {
  const i = (y * width + x) * 4;
  return [data[i] ?? 0, data[i + 1] ?? 0, data[i + 2] ?? 0];
};
const opacity = ({ data, width }: Pixels, x: number, y: number): number => data[(y * width + x) * 4 + 3] ?? 255;

/** Length of a step between two colours, weighted towards green as the eye is. */
const step = (r: number, g: number, b: number): number => Math.sqrt(2 * r * r + 4 * g * g + 3 * b * b) / 3;
const far = (a: Rgb, b: Rgb): number => step(a[0] - b[0], a[1] - b[1], a[2] - b[2]);

function border(pixels: Pixels): Rgb[] {
  const { width, height } = pixels;
  const found: Rgb[] = [];
  for (let x = 0; x < width; x++) found.push(at(pixels, x, 0), at(pixels, x, height - 1));
  for (let y = 0; y < height; y++) found.push(at(pixels, 0, y), at(pixels, width - 1, y));
  return found;
}

/** Whether a tenth or more of a picture's edge is see-through: it has no ground of its own. */
function clearEdge(pixels: Pixels): boolean {
  const { width, height } = pixels;
  let clear = 0;
  for (let x = 0; x < width; x++) clear += Number(opacity(pixels, x, 0) < 128) + Number(opacity(pixels, x, height - 1) < 128);
  for (let y = 0; y < height; y++) clear += Number(opacity(pixels, 0, y) < 128) + Number(opacity(pixels, width - 1, y) < 128);
  return clear >= (width + height) * 0.2;
}

const median = (bytes: number[]): number => Uint8Array.from(bytes).sort()[Math.floor(bytes.length / 2)] ?? 0;

/** The colour that goes all round a picture, where nine tenths of its edge have it; null where its edge is busy or see-through. */
export function plainGround(pixels: Pixels): Rgb | null {
  if (clearEdge(pixels)) return null;
  const edge = border(pixels);
  const middle: Rgb = [0, 1, 2].map((i) => median(edge.map((one) => one[i] ?? 0))) as Rgb;
  const like = edge.filter((one) => far(one, middle) < 26).length;
  return like >= edge.length * 0.9 ? middle : null;
}

/**
 * What stands out, as a box and its centre of weight: pixels unlike the edge of the picture, and edges within it. Without anything of the
 * kind, the middle.
 */
export function subjectOf(pixels: Pixels): { box: Box; focus: Spot } {
  const { width, height, data } = pixels;
  const edge = border(pixels);
  const [r, g, b]: Rgb = [0, 1, 2].map((i) => median(edge.map((one) => one[i] ?? 0))) as Rgb;
  // Fifty thousand pixels of each picture: no object is made for any of them.
  const byte = (i: number): number => data[i] ?? 0;
  const between = (i: number, j: number): number => step(byte(i) - byte(j), byte(i + 1) - byte(j + 1), byte(i + 2) - byte(j + 2));
  const weights = new Float32Array(width * height);
  let most = 0;
  for (let y = 0; y < height; y++)
    for (let x = 0; x < width; x++) {
      const i = (y * width + x) * 4;
      const right = x + 1 < width ? i + 4 : i;
      const below = y + 1 < height ? i + width * 4 : i;
      const unlike = step(byte(i) - r, byte(i + 1) - g, byte(i + 2) - b);
      const weight = (byte(i + 3) / 255) * (unlike + 1.5 * (between(i, right) + between(i, below)));
      weights[y * width + x] = weight;
      most = Math.max(most, weight);
    }
  const least = Math.max(18, most * 0.22);
  const columns = new Float32Array(width);
  const rows = new Float32Array(height);
  let [sum, sx, sy] = [0, 0, 0];
  for (let y = 0; y < height; y++)
    for (let x = 0; x < width; x++) {
      const weight = weights[y * width + x] ?? 0;
      if (weight < least) continue;
      columns[x] = (columns[x] ?? 0) + 1;
      rows[y] = (rows[y] ?? 0) + 1;
      sum += weight;
      sx += weight * x;
      sy += weight * y;
    }
  if (!sum) return { box: { x: 0.25, y: 0.25, width: 0.5, height: 0.5 }, focus: { x: 0.5, y: 0.5 } };
  // A few stray pixels don't widen the box.
  const span = (counts: Float32Array, across: number): [number, number] => {
    const enough = across * 0.03;
    const first = counts.findIndex((count) => count >= enough);
    const last = counts.length - 1 - [...counts].reverse().findIndex((count) => count >= enough);
    return first < 0 ? [0, counts.length - 1] : [first, last];
  };
  const [left, right] = span(columns, height);
  const [top, bottom] = span(rows, width);
  return {
    box: { x: left / width, y: top / height, width: (right - left + 1) / width, height: (bottom - top + 1) / height },
    focus: { x: sx / sum / width, y: sy / sum / height },
  };
}

/** Whether a crop to a shape, centred as near the focus as the picture allows, keeps all of the subject. */
export function cropKeeps(size: { width: number; height: number }, box: Box, focus: Spot, shape: number): boolean {
  const ratio = size.width / size.height;
  const [w, h] = ratio > shape ? [shape / ratio, 1] : [1, ratio / shape];
  const start = (centre: number, share: number) => Math.min(1 - share, Math.max(0, centre - share / 2));
  const [x, y] = [start(focus.x, w), start(focus.y, h)];
  // Where something is cut away, the thing keeps a little air before the cut.
  const air = (cut: boolean) => (cut ? 0.03 : -0.02);
  const within = (start: number, end: number, from: number, to: number) =>
    start >= from + air(from > 0.001) && end <= to - air(to < 0.999);
  return within(box.x, box.x + box.width, x, x + w) && within(box.y, box.y + box.height, y, y + h);
}

const toOklab = converter('oklab');
const toRgb = converter('rgb');

/** A colour in OKLab, and how many pixels have it. */
interface Centre {
  n: number;
  l: number;
  a: number;
  b: number;
}

/** How far two colours are apart, squared; hue counts for more than lightness. */
const apart = (l: number, a: number, b: number): number => l * l + 4 * a * a + 4 * b * b;
const distance = (p: { l: number; a: number; b: number }, q: { l: number; a: number; b: number }): number =>
  apart(p.l - q.l, p.a - q.a, p.b - q.b);

/** Levels of each part of a colour that pixels are counted by. */
const levels = 32;

/** The colours of a picture in 32 steps each way, in the order in which they are met: the mean of their pixels in OKLab, a column a part. */
function binsOf({ data }: Pixels): { n: number[]; l: number[]; a: number[]; b: number[] } {
  const binOf = new Int16Array(levels ** 3).fill(-1);
  const [n, red, green, blue]: [number[], number[], number[], number[]] = [[], [], [], []];
  for (let i = 0; i < data.length; i += 4) {
    if ((data[i + 3] ?? 0) < 128) continue;
    const [r, g, b] = [data[i] ?? 0, data[i + 1] ?? 0, data[i + 2] ?? 0];
    const key = ((r >> 3) << 10) | ((g >> 3) << 5) | (b >> 3);
    let bin = binOf[key] ?? -1;
    if (bin < 0) {
      bin = binOf[key] = n.length;
      n.push(0);
      red.push(0);
      green.push(0);
      blue.push(0);
    }
    n[bin] = (n[bin] ?? 0) + 1;
    red[bin] = (red[bin] ?? 0) + r;
    green[bin] = (green[bin] ?? 0) + g;
    blue[bin] = (blue[bin] ?? 0) + b;
  }
  const labs = n.map((count, i) =>
    toOklab({
      mode: 'rgb',
      r: (red[i] ?? 0) / count / 255,
      g: (green[i] ?? 0) / count / 255,
      b: (blue[i] ?? 0) / count / 255,
    }),
  );
  return { n, l: labs.map(({ l }) => l), a: labs.map(({ a }) => a), b: labs.map(({ b }) => b) };
}

/**
 * The colours that a picture is remembered by: clusters in OKLab, the large and the vivid first. What is see-through does not count, and
 * the plain ground comes last.
 */
export function coloursOf(pixels: Pixels, count = 5): string[] {
  const points = binsOf(pixels);
  const { length } = points.n;
  if (!length) return [];
  const pointAt = (i: number): Centre => ({ n: points.n[i] ?? 0, l: points.l[i] ?? 0, a: points.a[i] ?? 0, b: points.b[i] ?? 0 });
  const awayFrom = ({ l, a, b }: Centre, i: number): number =>
    apart((points.l[i] ?? 0) - l, (points.a[i] ?? 0) - a, (points.b[i] ?? 0) - b);
  // The first centre is the fullest bin; each next one is the point that is far and full (k-means++, without chance beyond ties).
  const random = chance(length);
  let fullest = 0;
  for (let i = 1; i < length; i++) if ((points.n[i] ?? 0) > (points.n[fullest] ?? 0)) fullest = i;
  let centres = [pointAt(fullest)];
  const nearest = new Float64Array(length).fill(Infinity);
  while (centres.length < Math.min(count + 2, length)) {
    const last = centres.at(-1) as Centre;
    let [best, most] = [0, -1];
    for (let i = 0; i < length; i++) {
      const away = Math.min(nearest[i] ?? Infinity, awayFrom(last, i));
      nearest[i] = away;
      const value = Math.sqrt(points.n[i] ?? 0) * away * (1 + random() * 1e-6);
      if (value > most) [best, most] = [i, value];
    }
    centres.push(pointAt(best));
  }
  for (let round = 0; round < 12; round++) {
    const sums = centres.map((): Centre => ({ n: 0, l: 0, a: 0, b: 0 }));
    for (let i = 0; i < length; i++) {
      let [mine, least] = [0, Infinity];
      for (let c = 0; c < centres.length; c++) {
        const away = awayFrom(centres[c] as Centre, i);
        if (away < least) [mine, least] = [c, away];
      }
      const n = points.n[i] ?? 0;
      const sum = sums[mine] as Centre;
      sum.n += n;
      sum.l += (points.l[i] ?? 0) * n;
      sum.a += (points.a[i] ?? 0) * n;
      sum.b += (points.b[i] ?? 0) * n;
    }
    centres = sums.filter((sum) => sum.n > 0).map(({ n, l, a, b }) => ({ n, l: l / n, a: a / n, b: b / n }));
  }
  const whole = centres.reduce((sum, centre) => sum + centre.n, 0);
  const ground = plainGround(pixels);
  const vivid = ({ n, a, b }: (typeof centres)[number]) => Math.sqrt(n / whole) * (0.25 + Math.hypot(a, b) * 8);
  const hex = ({ l, a, b }: (typeof centres)[number]) => formatHex({ mode: 'oklab', l, a, b }) ?? '#000000';
  const isGround = (centre: (typeof centres)[number]) => {
    if (!ground) return false;
    const lab = toOklab({ mode: 'rgb', r: ground[0] / 255, g: ground[1] / 255, b: ground[2] / 255 });
    return distance(centre, lab) < 0.004;
  };
  const kept: typeof centres = [];
  // Two that the eye takes for one are one.
  for (const centre of centres.sort((a, b) => Number(isGround(a)) - Number(isGround(b)) || vivid(b) - vivid(a)))
    if (kept.every((one) => distance(one, centre) > 0.003)) kept.push(centre);
  return kept.slice(0, count).map(hex);
}

function isClearSomewhere({ data }: Pixels): boolean {
  for (let i = 3; i < data.length; i += 4) if ((data[i] ?? 255) < 128) return true;
  return false;
}

/** Colours that cover a tenth of an outline or more are part of how it is seen. */
const seenShare = 0.1;

/**
 * The colours that a cut-out meets its ground with: those along the outline of what is not see-through. None where the picture fills its box.
 */
export function rimOf(pixels: Pixels): string[] {
  const { width, height } = pixels;
  if (!isClearSomewhere(pixels)) return [];
  const rim: Rgb[] = [];
  // What is cut out goes on beyond the box where its edge is clear.
  const beyond = clearEdge(pixels);
  const clear = (x: number, y: number) => (x >= 0 && y >= 0 && x < width && y < height ? opacity(pixels, x, y) < 128 : beyond);
  for (let y = 0; y < height; y++)
    for (let x = 0; x < width; x++)
      if (opacity(pixels, x, y) >= 128 && (clear(x - 1, y) || clear(x + 1, y) || clear(x, y - 1) || clear(x, y + 1)))
        rim.push(at(pixels, x, y));
  const line = { width: rim.length, height: 1, data: new Uint8ClampedArray(rim.flatMap((one) => [...one, 255])) };
  const colours = coloursOf(line);
  const places = colours.map((hex) => {
    const { r, g, b } = toRgb(hex) ?? { r: 0, g: 0, b: 0 };
    return [r * 255, g * 255, b * 255] as Rgb;
  });
  const counts = new Map<number, number>();
  for (const one of rim) {
    const nearest = places.reduce((best, place, i) => (far(one, place) < far(one, places[best] ?? place) ? i : best), 0);
    counts.set(nearest, (counts.get(nearest) ?? 0) + 1);
  }
  return colours.filter((_, i) => (counts.get(i) ?? 0) >= rim.length * seenShare);
}

/**
 * Takes a plain background out: from the edge inwards as far as it is plain, so that the same colour inside the thing stays. At the rim the
 * background's share is worked out of each pixel, so that no fringe of it shows on another ground.
 */
export function cutOut(pixels: Pixels, ground: Rgb, tolerance = 30): Pixels {
  const { width, height, data } = pixels;
  const out = new Uint8ClampedArray(data);
  const outside = new Uint8Array(width * height);
  const queue: number[] = [];
  const enter = (x: number, y: number) => {
    const i = y * width + x;
    if (outside[i] || far(at(pixels, x, y), ground) > tolerance) return;
    outside[i] = 1;
    queue.push(i);
  };
  for (let x = 0; x < width; x++) {
    enter(x, 0);
    enter(x, height - 1);
  }
  for (let y = 0; y < height; y++) {
    enter(0, y);
    enter(width - 1, y);
  }
  for (let i = queue.pop(); i !== undefined; i = queue.pop()) {
    const [x, y] = [i % width, Math.floor(i / width)];
    if (x > 0) enter(x - 1, y);
    if (x < width - 1) enter(x + 1, y);
    if (y > 0) enter(x, y - 1);
    if (y < height - 1) enter(x, y + 1);
  }
  const reach = 2;
  const rim = new Uint8Array(width * height);
  for (let i = 0; i < outside.length; i++) {
    if (!outside[i]) continue;
    const [x, y] = [i % width, Math.floor(i / width)];
    if (
      (x > 0 && !outside[i - 1]) ||
      (x < width - 1 && !outside[i + 1]) ||
      (y > 0 && !outside[i - width]) ||
      !(outside[i + width] ?? 1)
    )
      for (const k of around(width, height, x, y, reach)) rim[k] = Number(!outside[k]);
  }
  const colour = (i: number): Rgb => [data[i * 4] ?? 0, data[i * 4 + 1] ?? 0, data[i * 4 + 2] ?? 0];
  for (let i = 0; i < outside.length; i++) {
    if (outside[i]) out[i * 4 + 3] = 0;
    if (!rim[i]) continue;
    const [x, y] = [i % width, Math.floor(i / width)];
    // The thing's own colour is that of its nearest inside; where it is too thin to have one, what is least like the ground.
    const near = around(width, height, x, y, reach + 1).filter((k) => !outside[k]);
    const inside = near.filter((k) => !rim[k]);
    const own = inside.length
      ? mean(inside.map(colour))
      : near.map(colour).reduce((best, one) => (far(one, ground) > far(best, ground) ? one : best));
    const share = shareOf(colour(i), own, ground);
    if (share >= 1) continue;
    own.forEach((part, c) => (out[i * 4 + c] = part));
    out[i * 4 + 3] = Math.round((data[i * 4 + 3] ?? 255) * share);
  }
  return { width, height, data: out };
}

/** Places within a square round one, the one itself among them. */
function around(width: number, height: number, x: number, y: number, reach: number): number[] {
  const places: number[] = [];
  for (let v = Math.max(0, y - reach); v <= Math.min(height - 1, y + reach); v++)
    for (let u = Math.max(0, x - reach); u <= Math.min(width - 1, x + reach); u++) places.push(v * width + u);
  return places;
}

const mean = (colours: readonly Rgb[]): Rgb =>
  [0, 1, 2].map((c) => colours.reduce((sum, one) => sum + (one[c] ?? 0), 0) / colours.length) as Rgb;

/** How much of the thing is in a colour that is mixed of it and of the ground: where it lies on the way from one to the other. */
function shareOf(mixed: Rgb, own: Rgb, ground: Rgb): number {
  const way = own.map((part, c) => part - (ground[c] ?? 0));
  const length = way.reduce((sum, part) => sum + part ** 2, 0);
  const along = way.reduce((sum, part, c) => sum + part * ((mixed[c] ?? 0) - (ground[c] ?? 0)), 0);
  return length < 1 ? 1 : Math.min(1, Math.max(0, along / length));
}
