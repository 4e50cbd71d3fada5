import {
  clampChroma,
  converter,
  differenceCiede2000,
  filterDeficiencyDeuter,
  filterDeficiencyProt,
  filterDeficiencyTrit,
  formatHex,
  parse,
  wcagContrast,
  type Lab65,
  type Oklch,
  type Rgb,
} from 'culori';

const toOklch = converter('oklch');

/** A colour in OKLCH (CSS Color Module Level 4, section 9): lightness 0–1, chroma, hue in degrees. */
export interface Lch {
  l: number;
  c: number;
  h: number;
}

export function lchOf(hex: string): Lch {
  const { l, c, h } = toOklch(parse(hex) ?? { mode: 'rgb', r: 0, g: 0, b: 0 }) as Oklch;
  return { l, c, h: h ?? 0 };
}

/** The nearest colour that a screen of sRGB can show, as #rrggbb. */
export const hexOf = ({ l, c, h }: Lch): string =>
  l <= 0 ? '#000000' : l >= 1 ? '#ffffff' : formatHex(clampChroma({ mode: 'oklch', l, c: Math.max(0, c), h }, 'oklch'));

/** Contrast ratio of two colours, 1 to 21 (WCAG 2.2, "contrast ratio"). */
export const contrastRatio = (a: string, b: string): number => wcagContrast(a, b);

/** How unlike two colours look, CIEDE2000; about 2 is a just noticeable difference. */
export const difference: (a: string, b: string) => number = differenceCiede2000();

/** Least contrast that this project allows itself: a little over WCAG's 4.5, so that rounding never falls below. */
export const textContrast = 4.6;

/**
 * The colour nearest to `hex` in lightness that reaches a contrast on every one of the grounds.
 * Hue stays; chroma falls only where the screen can't show it. Falls back to black or white, whichever does better.
 */
export function readable(hex: string, grounds: readonly string[], ratio = textContrast): string {
  const enough = (candidate: string) => grounds.every((ground) => contrastRatio(candidate, ground) >= ratio);
  if (enough(hex)) return hex;
  const { l, c, h } = lchOf(hex);
  // Contrast with a ground only grows towards either end of lightness, so the nearest lightness is found by halving.
  const towards = (end: 0 | 1): { hex: string; far: number } | null => {
    let [near, far] = [l, end as number];
    if (!enough(hexOf({ l: far, c, h }))) return null;
    for (let i = 0; i < 9; i++) {
      const middle = (near + far) / 2;
      if (enough(hexOf({ l: middle, c, h }))) far = middle;
      else near = middle;
    }
    return { hex: hexOf({ l: far, c, h }), far: Math.abs(far - l) };
  };
  const found = [towards(0), towards(1)].filter((candidate) => candidate !== null).sort((one, other) => one.far - other.far)[0];
  if (found) return found.hex;
  const least = (candidate: string) => Math.min(...grounds.map((ground) => contrastRatio(candidate, ground)));
  return least('#000000') >= least('#ffffff') ? '#000000' : '#ffffff';
}

/** Distance between hues, 0–180 degrees. */
export const hueDistance = (a: number, b: number): number => Math.abs(((a - b + 540) % 360) - 180);

const toLinear = converter('lrgb');
const sight = { long: filterDeficiencyProt(1), middle: filterDeficiencyDeuter(1), short: filterDeficiencyTrit(1) };

/**
 * A colour as it is seen without one kind of cone: the matrices of Machado, Oliveira and Fernandes 2009 at full severity, applied to
 * linear light.
 */
export function seenWithout(kind: keyof typeof sight, hex: string): string {
  const light = toLinear(parse(hex) ?? { mode: 'rgb', r: 0, g: 0, b: 0 });
  const { r, g, b } = sight[kind]({ mode: 'rgb', r: light.r, g: light.g, b: light.b }) as Rgb;
  return formatHex({ mode: 'lrgb', r, g, b });
}

const toLab = converter('lab65');
const labs = new Map<string, Lab65[]>();

/** A colour in Lab as each kind of eye has it. Palettes compare the same few colours over and over, so the last ones are remembered. */
function toEachEye(hex: string): Lab65[] {
  const known = labs.get(hex);
  if (known) return known;
  if (labs.size > 2000) labs.clear();
  const seen = [hex, seenWithout('long', hex), seenWithout('middle', hex), seenWithout('short', hex)].map(
    (one) => toLab(parse(one)) as Lab65,
  );
  labs.set(hex, seen);
  return seen;
}

const ciede2000 = differenceCiede2000();

/** How unlike two colours look to the eye that tells them apart least: normal, or without one kind of cone. */
export function differenceToAll(a: string, b: string): number {
  const [one, other] = [toEachEye(a), toEachEye(b)];
  let least = Infinity;
  for (let i = 0; i < one.length; i++) {
    const [x, y] = [one[i], other[i]];
    if (x && y) least = Math.min(least, ciede2000(x, y));
  }
  return least;
}
