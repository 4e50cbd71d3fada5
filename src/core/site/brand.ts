import { cardFile, drawMark, iconFile, motifOf, motifsFor, outlinesOf, smallMark, type Mark, type MarkSource } from '../pictures';
import { nounsOf } from './drawn';
import { type Shop } from './shop';

/** What the shop's marks are drawn from; null while the outlines of its face are not at hand. */
export function markSource({
  name,
  reading,
  catalogue,
  look,
}: Pick<Shop, 'name' | 'reading' | 'catalogue' | 'look'>): MarkSource | null {
  const outlines = outlinesOf(look.heading.id);
  if (!outlines) return null;
  const sold = reading.sells[0]?.value ?? '';
  // What the shop says that it sells speaks before what single goods are called.
  const told = reading.sells.map((fact) => motifOf(fact.value)).find((one) => one !== null);
  const motif = told ?? motifsFor(nounsOf({ reading, catalogue }), 1)[0] ?? null;
  const under = sold && sold.length <= 26 ? sold : (reading.place?.value ?? '');
  return { name, under, outlines, motif, caps: look.family.caps };
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
