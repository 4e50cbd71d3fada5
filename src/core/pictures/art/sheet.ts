import { difference, hasThird, isBright, hexOf, isLike, lchOf, type Palette } from '../../look';
import { type Outlines } from '../outlines';
import { type Motif, type Piece } from './motif';

/** What a picture is composed from. */
export interface Brush {
  width: number;
  height: number;
  random: () => number;
  palette: Palette;
  motifs: readonly Motif[];
  name: string;
  outlines: Outlines | null;
  /** Hues that the seller refused: no tint of a picture may come near them. */
  avoided: readonly string[];
}

export const round = (n: number): string => String(Math.round(n * 10) / 10);

/** A colour moved in lightness, and in chroma where told; its hue stays. */
export function tone(hex: string, lightness: number, chroma = 1): string {
  const { l, c, h } = lchOf(hex);
  return hexOf({ l: Math.min(0.985, Math.max(0.06, l + lightness)), c: c * chroma, h });
}

/** Between two colours, in OKLCH along the shorter way of lightness and chroma; the hue is that of whichever has more of it. */
export function blend(a: string, b: string, at: number): string {
  const [x, y] = [lchOf(a), lchOf(b)];
  const mix = (from: number, to: number) => from + (to - from) * at;
  return hexOf({ l: mix(x.l, y.l), c: mix(x.c, y.c), h: x.c * (1 - at) > y.c * at ? x.h : y.h });
}

/** The ground with some of a colour in it; where that would be a hue that was refused, some of the text's grey instead. */
export function wash({ palette, avoided }: Pick<Brush, 'palette' | 'avoided'>, hex: string, share: number): string {
  const tinted = blend(palette.ground, hex, share);
  const { l, c, h } = lchOf(tinted);
  return isLike({ l, c: Math.max(c, 0.06), h }, avoided) ? blend(palette.ground, palette.text, share * 0.3) : tinted;
}

/** Colours that things of a shop are drawn in: its own, light and dark, never nearer to the ground than the eye can tell. */
export function inksOf(brush: Pick<Brush, 'palette' | 'avoided'>): string[] {
  const { accent, second, third, text, ground } = brush.palette;
  const light = lchOf(ground).l;
  // A strong light colour is told from a light ground by its hue; darkened it would be another colour.
  const clear = (hex: string) => (difference(hex, ground) < 16 ? tone(hex, light > 0.6 ? -0.22 : 0.25) : hex);
  // Shades of yellow are olive, so a light strong accent stands as it is, among shades of the second colour.
  const shaded = isBright(lchOf(accent)) ? second : accent;
  return [
    accent,
    second,
    hasThird(brush.palette) ? third : wash(brush, shaded, 0.55),
    wash(brush, second, 0.65),
    blend(text, shaded, 0.3),
  ].map(clear);
}

const pieces = (inner: readonly Piece[], fills: Record<Piece[1], string>): string =>
  inner.map(([d, part]) => `<path d="${d}" fill="${fills[part]}"/>`).join('');

export interface Placed {
  motif: Motif;
  /** Where it stands: the middle of its foot. */
  x: number;
  y: number;
  size: number;
  ink: string;
  trim: string;
  turn?: number;
  flip?: boolean;
}

/** A thing drawn where it stands, lit from the left. Lines of a motif are drawn as strokes. */
export function drawMotif({ motif, x, y, size, ink, trim, turn = 0, flip = false }: Placed): string {
  const scale = (size * motif.height) / 100;
  const strokes = motif.pieces.filter(([d]) => !/z/i.test(d));
  const solid = motif.pieces.filter(([d]) => /z/i.test(d));
  const fills = { body: ink, dark: tone(ink, -0.085, 1.02), light: tone(ink, 0.13, 0.75), trim };
  const lines = strokes
    .map(([d, part]) => `<path d="${d}" fill="none" stroke="${fills[part]}" stroke-width="5" stroke-linecap="round"/>`)
    .join('');
  return `<g transform="translate(${round(x)} ${round(y)}) rotate(${round(turn)}) scale(${(flip ? -scale : scale).toFixed(3)} ${scale.toFixed(3)}) translate(-50 -100)">${pieces(solid, fills)}${lines}</g>`;
}

/** Fine dots, denser where `density` (0–1) is high: the grain of a print, and depth where a shadow falls off. */
export function stipple(
  { random }: Pick<Brush, 'random'>,
  box: [x: number, y: number, width: number, height: number],
  count: number,
  density: (u: number, v: number) => number,
): string {
  const [x, y, width, height] = box;
  const dots: string[] = [];
  for (let i = 0; i < count; i++) {
    const [u, v, keep] = [random(), random(), random()];
    if (keep < density(u, v)) dots.push(`M${Math.round(x + u * width)} ${Math.round(y + v * height)}h0`);
  }
  return dots.join('');
}

export const dots = (d: string, ink: string, size: number, opacity: number, clip = ''): string =>
  d
    ? `<path d="${d}" fill="none" stroke="${ink}" stroke-width="${size}" stroke-linecap="round" opacity="${opacity}"${clip ? ` clip-path="url(#${clip})"` : ''}/>`
    : '';

export const rect = (x: number, y: number, width: number, height: number, fill: string): string =>
  `<path d="M${round(x)} ${round(y)}h${round(width)}v${round(height)}h${round(-width)}z" fill="${fill}"/>`;

export const disc = (x: number, y: number, radius: number, fill: string): string =>
  `<circle cx="${round(x)}" cy="${round(y)}" r="${round(radius)}" fill="${fill}"/>`;

/** One of a list, by chance. */
export const one = <T>(random: () => number, of: readonly T[]): T => of[Math.floor(random() * of.length)] as T;
