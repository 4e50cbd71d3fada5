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
  /** Tracking of small capitals, em. */
  capsTracking: number;
}

/** Characters a line that reads best; 50–75 is the range (Bringhurst, The Elements of Typographic Style, 2.1.2: 66). */
export const bestLine = 66;

/** Line height falls as size grows: 1.5 at 16 px towards 1.02 at 96 px. Tall small letters need a little more (common practice). */
export const lineHeightAt = (px: number, xHeight = 0.5): number =>
  Math.max(1.02, Math.min(1.6, 1.5 - 0.48 * (Math.log2(px / 16) / Math.log2(96 / 16)) + (px < 24 ? (xHeight - 0.48) * 0.8 : 0)));

/** Large type is set tighter, in em (common practice). Narrow faces have less to give. */
export const trackingAt = (px: number, width = 0.45): number =>
  px <= 18 ? 0 : -Math.min(0.03, (px - 18) * 0.0005) * Math.min(1, width / 0.42);

/**
 * A scale by a ratio from 17 px text.
 * @param ratio of one step to the next on a wide page; phones use a gentler one
 */
export function makeScale(text: Face, heading: Face, ratio: number): TypeScale {
  // A face with a small x-height is set larger so that all faces look the same size; half an em is the mark.
  const body = 1.0625 * Math.min(1.2, Math.max(1, 0.5 / text.measures.xHeight));
  const { headAdvance, xHeight } = heading.measures;
  const lift = Math.min(1.4, Math.max(0.86, 0.47 / headAdvance));
  const gentle = 1 + (ratio - 1) * 0.62;
  const step = (n: number): TypeStep => {
    const width = n > 0 ? lift ** Math.min(1, n / 3) : 1;
    const small = Math.max(n < 0 ? 0.875 : 1, body * gentle ** n * width);
    const large = Math.max(n < 0 ? 0.9 : 1, body * ratio ** n * width);
    const face = n > 0 ? { x: xHeight, width: headAdvance } : { x: text.measures.xHeight, width: advance(text) };
    return { small, large, lineHeight: lineHeightAt(large * 16, face.x), tracking: trackingAt(large * 16, face.width) };
  };
  return {
    body: step(0),
    small: step(-0.6),
    h3: step(1),
    h2: step(2),
    h1: step(3),
    display: step(4.2),
    measure: bestLine * advance(text) * body,
    capsTracking: Math.max(0.03, 0.1 - headAdvance * 0.08),
  };
}

/** A size that flows from phone to wide. */
export function fluid({ small, large }: Pick<TypeStep, 'small' | 'large'>): string {
  if (Math.abs(large - small) < 0.01) return `${round(large)}rem`;
  const slope = ((large - small) * 16) / (1280 - 360);
  const start = small - (slope * 360) / 16;
  return `clamp(${round(small)}rem, ${round(start)}rem + ${round(slope * 100)}vw, ${round(large)}rem)`;
}

const round = (n: number) => Math.round(n * 1000) / 1000;
