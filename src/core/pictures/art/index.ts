import { chance } from '../../chance';
import { type Palette } from '../../look';
import { artsOfThings, type ArtId } from '../about';
import { type Outlines } from '../outlines';
import { landscape } from './kinds/landscape';
import { lettering } from './kinds/lettering';
import { pattern } from './kinds/pattern';
import { room } from './kinds/room';
import { stillLife } from './kinds/stillLife';
import { texture } from './kinds/texture';
import { motifsFor, type Named } from './chosen';
import { type Brush } from './sheet';

export { motifOf, motifsFor, type Named } from './chosen';
export { type Motif } from './motif';
export { motifs } from './motifs';
export { drawMotif } from './sheet';

/** A picture that is drawn for a shop, as an SVG document. */
export interface MadePicture {
  kind: string;
  svg: string;
  width: number;
  height: number;
}

/** A kind of made picture. */
export interface ArtKind {
  id: ArtId;
  name: string;
  say: string;
  draw: (brush: Brush) => string;
}

export const artKinds: readonly ArtKind[] = [
  { id: 'still-life', name: 'Still life', say: 'things of your kind on a table', draw: stillLife },
  { id: 'landscape', name: 'Landscape', say: 'hills, a sun and fields', draw: landscape },
  { id: 'room', name: 'Room', say: 'a window, its light and a table', draw: room },
  { id: 'pattern', name: 'Pattern', say: 'your things in a repeat', draw: pattern },
  { id: 'texture', name: 'Cut paper', say: 'torn sheets over one another', draw: texture },
  { id: 'lettering', name: 'Lettering', say: 'the letters of your name, very large', draw: lettering },
];

/** The kinds of pictures that can be made for goods of these names: with things where they have a drawing. */
export const artKindsFor = (names: Named): readonly ArtKind[] => {
  const hasThings = motifsFor(names, 1).length > 0;
  return artKinds.filter(({ id }) => hasThings || !artsOfThings.has(id));
};

export interface ArtWish {
  kind: string;
  palette: Palette;
  /** Nouns of the goods and the trade. */
  names: Named;
  /** The shop's own name. */
  name: string;
  outlines: Outlines | null;
  avoided?: readonly string[];
  seed: number;
  width?: number;
  height?: number;
}

/** Draws a picture: same wish, same bytes. */
export function makePicture({
  kind,
  palette,
  names,
  name,
  outlines,
  avoided = [],
  seed,
  width = 1600,
  height = 1200,
}: ArtWish): MadePicture {
  const drawable = artKindsFor(names);
  const known = drawable.find((candidate) => candidate.id === kind) ?? drawable.find(({ id }) => id === 'texture');
  if (!known) throw new Error('The registry of pictures is empty.');
  const random = chance(seed * 6151 + known.id.length * 97);
  const body = known.draw({ width, height, random, palette, motifs: motifsFor(names), name, outlines, avoided });
  return {
    kind: known.id,
    width,
    height,
    svg: `<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 ${width} ${height}" width="${width}" height="${height}">${body}</svg>`,
  };
}
