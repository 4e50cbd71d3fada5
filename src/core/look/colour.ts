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
  type Oklch,
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
  formatHex(clampChroma({ mode: 'oklch', l: Math.min(1, Math.max(0, l)), c: Math.max(0, c), h }, 'oklch'));

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

const sight = [filterDeficiencyProt(1), filterDeficiencyDeuter(1), filterDeficiencyTrit(1)];

/** A colour as it is seen without one kind of cone (Machado, Oliveira and Fernandes 2009, at full severity). */
export const seenWithout = (kind: 'long' | 'middle' | 'short', hex: string): string => {
  const filter = sight[{ long: 0, middle: 1, short: 2 }[kind]];
  const colour = parse(hex);
  return filter && colour ? (formatHex(filter(colour)) ?? hex) : hex;
};

/** How unlike two colours look to the eye that tells them apart least: normal, or without one kind of cone. */
export function differenceToAll(a: string, b: string): number {
  let least = difference(a, b);
  for (const kind of ['long', 'middle', 'short'] as const)
    least = Math.min(least, difference(seenWithout(kind, a), seenWithout(kind, b)));
  return least;
}
