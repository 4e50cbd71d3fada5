import { type Band, type Palette } from '../look';
import { bands, contrastRatio } from '../look/page';
import { type Picture } from '../project';
import { type Codec } from './keep';
import { type Drawn } from './marks';

type Logo = Pick<Picture, 'width' | 'height' | 'type' | 'hash' | 'rim' | 'ground' | 'colours'>;

/** Below this, what shows a shape is lost (WCAG 2.2, 1.4.11: 3 : 1 for what is needed to understand a graphic). */
const clear = 3;
/** A colour of the outline that is nearer to the ground than this leaves a hole in the shape (common practice). */
const hole = 1.5;

const onGround = ({ rim }: Pick<Logo, 'rim'>, ground: string) => rim.map((colour) => contrastRatio(colour, ground));

/** Whether the outline of a cut-out is seen on a ground: most of it clearly, none of it lost. A picture that fills its box always is. */
export function seenOn(logo: Pick<Logo, 'rim'>, ground: string): boolean {
  const found = onGround(logo, ground);
  return found.length === 0 || (Math.max(...found) >= clear && Math.min(...found) >= hole);
}

/** The ground that a logo needs beneath it where the one that is there hides it; null where it is seen, or where no other is better. */
export function fieldFor(logo: Pick<Logo, 'rim'>, on: Band, palette: Palette): Band | null {
  if (seenOn(logo, palette[on])) return null;
  const least = (band: Band) => Math.min(...onGround(logo, palette[band]));
  const seen = bands.filter((band) => seenOn(logo, palette[band]));
  const best = (seen.length ? seen : bands).reduce((a, b) => (least(b) > least(a) ? b : a));
  return seen.length || least(best) > least(on) ? best : null;
}

/** The colour that a logo stands on by itself: its own plain ground, or the one of the palette that shows it. */
export const logoGround = (logo: Logo, palette: Palette): string =>
  logo.ground ?? palette[fieldFor(logo, 'ground', palette) ?? 'ground'];

/** Whether a logo is compact enough to fill a square: wider ones can't be read at the size of a browser's tab. */
export const isCompact = ({ width, height }: Pick<Logo, 'width' | 'height'>): boolean =>
  width / height <= 1.8 && height / width <= 1.8;

/** Where the logo's own bytes come in: drawings are composed before they are at hand. */
const place = 'href="#logo"';

/** A logo as a mark among others. */
export const logoDrawn = ({ width, height }: Pick<Logo, 'width' | 'height'>): Drawn => ({
  body: `<image ${place} width="${width}" height="${height}"/>`,
  width,
  height,
  letters: 0,
});

/** Widest that a logo stands in what is drawn from it, px: the card for shared links. */
const widest = 1200;

/** Bytes as an address that holds them (RFC 2397). */
export function dataUri(type: string, bytes: Uint8Array): string {
  let text = '';
  for (let i = 0; i < bytes.length; i += 8192) text += String.fromCharCode(...bytes.subarray(i, i + 8192));
  return `data:${type};base64,${btoa(text)}`;
}

/** A drawing with the logo that stands in it. */
export async function embedLogo(svg: string, { type }: Pick<Logo, 'type'>, bytes: Uint8Array, codec: Codec): Promise<string> {
  const uri = type === 'image/svg+xml' ? dataUri(type, bytes) : dataUri('image/png', await codec.png(bytes, widest));
  return svg.replace(place, `href="${uri}"`);
}
