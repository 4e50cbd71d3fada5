import { clampChroma, converter, differenceCiede2000, formatHex, parse, wcagContrast, type Oklch } from 'culori';

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
export const hexOf = ({ l, c, h }: Lch): string => formatHex(clampChroma({ mode: 'oklch', l: Math.min(1, Math.max(0, l)), c: Math.max(0, c), h }, 'oklch'));

/** Contrast ratio of two colours, 1 to 21 (WCAG 2.2, "contrast ratio"). */
export const contrastRatio = (a: string, b: string): number => wcagContrast(a, b);

/** How unlike two colours look, CIEDE2000; about 2 is a just noticeable difference. */
export const difference: (a: string, b: string) => number = differenceCiede2000();

/** Least contrast that this project allows itself: a little over WCAG's 4.5, so that rounding never falls below. */
export const textContrast = 4.6;
export const controlContrast = 3.1;

/**
 * The colour nearest to `hex` in lightness that reaches a contrast on every one of the grounds.
 * Hue stays; chroma falls only where the screen can't show it. Falls back to black or white, whichever does better.
 */
export function readable(hex: string, grounds: readonly string[], ratio = textContrast): string {
  const enough = (candidate: string) => grounds.every((ground) => contrastRatio(candidate, ground) >= ratio);
  if (enough(hex)) return hex;
  const { l, c, h } = lchOf(hex);
  for (let step = 1; step <= 100; step++) {
    for (const direction of [-1, 1]) {
      const candidate = hexOf({ l: l + (direction * step) / 100, c, h });
      if (enough(candidate)) return candidate;
    }
  }
  const least = (candidate: string) => Math.min(...grounds.map((ground) => contrastRatio(candidate, ground)));
  return least('#000000') >= least('#ffffff') ? '#000000' : '#ffffff';
}

/** Distance between hues, 0–180 degrees. */
export const hueDistance = (a: number, b: number): number => Math.abs(((a - b + 540) % 360) - 180);
