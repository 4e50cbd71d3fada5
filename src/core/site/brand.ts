import {
  cardFile, drawMark, iconFile, motifsFor, outlinesOf, smallMark, makePicture, type Mark, type MadePicture, type MarkSource } from '../pictures';
import { type Look } from '../look';
import { type Reading } from '../brief';
import { type Catalogue } from '../goods';
import { type Project } from '../project';
import { type Shop } from './shop';

/** How the shop's name stands at its head: as text in its own face, as a drawn mark, or as a picture of the seller's. */
export interface MarkChoice {
  kind: string;
  /** Its size beside the usual, 1. */
  size: number;
  /** Whether it stands at the foot too. */
  foot: boolean;
  /** The seller's own logo: a picture's name. */
  logo: string | null;
}

const at = <T>(project: Pick<Project, 'decisions'>, place: string, fallback: T): T =>
  (project.decisions.find((decision) => decision.place === place)?.value as T | undefined) ?? fallback;

export const markChoice = (project: Pick<Project, 'decisions'>): MarkChoice => ({
  kind: at(project, 'look/mark', 'text'),
  size: at(project, 'look/markSize', 1),
  foot: at(project, 'look/markFoot', false),
  logo: at<string | null>(project, 'look/logo', null),
});

/** Nouns that stand for a shop in drawings. */
export function nounsOf({ reading, catalogue }: { reading: Reading; catalogue: Catalogue }): string[] {
  return [
    ...reading.sells.map((fact) => fact.value),
    ...catalogue.categories.map((category) => category.name),
    ...catalogue.products.slice(0, 60).map((product) => product.title),
  ];
}

/** What the shop's marks are drawn from; null while the outlines of its face are not at hand. */
export function markSource({ name, reading, catalogue, look }: Pick<Shop, 'name' | 'reading' | 'catalogue' | 'look'>): MarkSource | null {
  const outlines = outlinesOf(look.heading.id);
  if (!outlines) return null;
  const sold = reading.sells[0]?.value ?? '';
  const under = sold && sold.length <= 26 ? sold : (reading.place?.value ?? '');
  return { name, under, outlines, motif: motifsFor(nounsOf({ reading, catalogue }), 1)[0] ?? null, caps: look.family.caps };
}

/** What is drawn once for a shop and asked for on every page of it. */
function once<T>(make: (shop: Shop) => T): (shop: Shop) => T {
  const known = new WeakMap<Shop, { made: T }>();
  return (shop) => {
    const found = known.get(shop) ?? { made: make(shop) };
    known.set(shop, found);
    return found.made;
  };
}

export const markOf = once((shop): Mark | null => {
  const source = shop.mark.kind === 'text' ? null : markSource(shop);
  return source && drawMark(shop.mark.kind, source);
});

/** Pictures of the site that are rastered from a drawing. */
export interface Raster {
  path: string;
  svg: string;
  width: number;
}

/** Site icons in the sizes that browsers and home screens ask for, and the card for shared links. */
export const brandFiles = once((shop): { icon: string; rasters: Raster[]; manifest: string } | null => {
  const source = markSource(shop);
  const small = source && smallMark(source, shop.mark.kind);
  if (!source || !small) return null;
  const { palette } = shop.look;
  const icon = iconFile(small, palette);
  const large = markOf(shop) ?? drawMark('line', source) ?? small;
  const square = (size: number) => ({ src: `icon-${size}.png`, sizes: `${size}x${size}`, type: 'image/png' });
  return {
    icon,
    rasters: [
      ...[32, 180, 192, 512].map((width) => ({ path: `icon-${width}.png`, svg: icon, width })),
      { path: 'icon-mask.png', svg: iconFile(small, palette, 0.52), width: 512 },
      { path: 'card.png', svg: cardFile(large, palette), width: 1200 },
    ],
    manifest: JSON.stringify({
      name: shop.name,
      short_name: shop.name.slice(0, 12).trim(),
      start_url: './',
      display: 'browser',
      background_color: palette.ground,
      theme_color: palette.accent,
      icons: [square(192), square(512), { src: 'icon-mask.png', sizes: '512x512', type: 'image/png', purpose: 'maskable' }],
    }),
  };
});

const drawn = new Map<string, MadePicture>();

/** The picture that is made for the opening. The same one is asked for with every repaint, so the last few are kept. */
export function openingArt(known: { reading: Reading; catalogue: Catalogue }, name: string, look: Look, seed: number): MadePicture {
  const outlines = look.genes.art === 'lettering' ? outlinesOf(look.heading.id) : null;
  const wish = { kind: look.genes.art, palette: look.palette, names: nounsOf(known), name, seed: seed + look.genes.mix };
  const key = JSON.stringify([wish, look.heading.id, outlines !== null]);
  const found = drawn.get(key) ?? makePicture({ ...wish, outlines });
  if (drawn.size > 24) drawn.clear();
  drawn.set(key, found);
  return found;
}
