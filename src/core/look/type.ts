import { advance, type Face } from './faces';

/** One size of a scale. */
export interface TypeStep {
  /** Size on a phone of 360 px and on a page of 1280 px, in rem; between them it flows. */
  small: number;
  large: number;
  lineHeight: number;
  /** em */
  tracking: number;
}

export interface TypeScale {
  body: TypeStep;
  small: TypeStep;
  h3: TypeStep;
  h2: TypeStep;
  h1: TypeStep;
  display: TypeStep;
  /** Widest column of running text, rem: 66 characters of the text face. */
  measure: number;
}

/** Characters a line that reads best; 50–75 is the range (Bringhurst, The Elements of Typographic Style, 2.1.2: 66). */
const bestLine = 66;

/** Line height falls as size grows: 1.5 at 16 px towards 1.02 at 96 px. */
export const lineHeightAt = (px: number): number =>
  Math.max(1.02, Math.min(1.5, 1.5 - 0.48 * (Math.log2(px / 16) / Math.log2(96 / 16))));

/** Large type is set tighter, in em (common practice). */
export const trackingAt = (px: number): number => (px <= 18 ? 0 : -Math.min(0.03, (px - 18) * 0.0005));

/**
 * A scale by a ratio from 17 px text.
 * @param ratio of one step to the next on a wide page; phones use a gentler one
 */
export function makeScale(text: Face, heading: Face, ratio: number): TypeScale {
  // A face with a small x-height is set larger so that all faces look the same size; Work Sans is the mark.
  const body = 1.0625 * Math.min(1.12, Math.max(1, 0.5 / (text.metrics.xHeight / text.metrics.unitsPerEm)));
  const narrow = Math.min(1.35, 0.5 / advance(heading));
  const gentle = 1 + (ratio - 1) * 0.62;
  const step = (n: number): TypeStep => {
    const lift = n > 0 ? Math.max(1, narrow ** Math.min(1, n / 3)) : 1;
    const small = Math.max(n < 0 ? 0.875 : 1, body * gentle ** n * lift);
    const large = Math.max(n < 0 ? 0.9 : 1, body * ratio ** n * lift);
    return { small, large, lineHeight: lineHeightAt(large * 16), tracking: trackingAt(large * 16) };
  };
  return {
    body: step(0),
    small: step(-0.6),
    h3: step(1),
    h2: step(2),
    h1: step(3),
    display: step(4.2),
    measure: bestLine * advance(text) * body,
  };
}

/** A size that flows from phone to wide. */
export function fluid({ small, large }: TypeStep): string {
  if (Math.abs(large - small) < 0.01) return `${round(large)}rem`;
  const slope = ((large - small) * 16) / (1280 - 360);
  const start = small - (slope * 360) / 16;
  return `clamp(${round(small)}rem, ${round(start)}rem + ${round(slope * 100)}vw, ${round(large)}rem)`;
}

const round = (n: number) => Math.round(n * 1000) / 1000;
