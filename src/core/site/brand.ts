import { toldSells } from '../brief';
import { contrastRatio } from '../look';
import {
  cardFile,
  drawMark,
  embedLogo,
  iconFile,
  isCompact,
  logoDrawn,
  logoGround,
  motifOf,
  motifsFor,
  outlinesOf,
  rasterize,
  smallMark,
  type Codec,
  type Drawn,
  type Mark,
  type MarkSource,
} from '../pictures';
import { type Picture } from '../project';
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
  const sells = toldSells(reading);
  const sold = sells[0]?.value ?? '';
  // What the shop says that it sells speaks before what single goods are called.
  const told = sells.map((fact) => motifOf(fact.value)).find((one) => one !== null);
  const motif = told ?? motifsFor(nounsOf({ reading: { ...reading, sells }, catalogue }), 1)[0] ?? null;
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
  /** The seller's logo where it stands in the drawing: its bytes are to be put in. */
  logo: Picture | null;
}

export interface BrandFiles {
  /** The icon as a drawing; null where the seller's own logo is the icon. */
  icon: string | null;
  rasters: Raster[];
  manifest: string;
}

/** What stands in icons and cards, and on which ground. */
interface Stand {
  mark: Drawn;
  ink: string;
  ground: string;
  logo: Picture | null;
}

/** The seller's own logo, where one is chosen and still there. */
export const logoOf = ({ mark, pictures }: Pick<Shop, 'mark' | 'pictures'>): Picture | null =>
  pictures.get(mark.logo?.toLowerCase() ?? '') ?? null;

/** What the site's icon is: a compact logo, or the initial; beside a wide logo, in that one's colour. */
function iconStand(shop: Shop, source: MarkSource | null, logo: Picture | null): Stand | null {
  const { palette } = shop.look;
  const whole: Stand | null = logo && { mark: logoDrawn(logo), ink: palette.text, ground: logoGround(logo, palette), logo };
  if (logo && isCompact(logo)) return whole;
  const mark = source && smallMark(source, logo ? '' : shop.mark.kind);
  if (!mark) return whole;
  const [colour] = logo?.colours ?? [];
  if (!colour) return { mark, ink: palette.onAccent, ground: palette.accent, logo: null };
  const [light, dark] = [palette.ground, palette.text];
  return { mark, ink: contrastRatio(light, colour) > contrastRatio(dark, colour) ? light : dark, ground: colour, logo: null };
}

function cardStand(shop: Shop, source: MarkSource | null, logo: Picture | null): Omit<Stand, 'ink'> | null {
  const { palette } = shop.look;
  if (logo) return { mark: logoDrawn(logo), ground: logoGround(logo, palette), logo };
  const mark = markOf(shop) ?? (source && (drawMark('line', source) ?? smallMark(source, shop.mark.kind)));
  return mark && { mark, ground: palette.ground, logo: null };
}

/** Site icons in the sizes that browsers and home screens ask for, and the card for shared links. */
export const brandFiles = once((shop): BrandFiles | null => {
  const source = markSource(shop);
  const logo = logoOf(shop);
  const [icon, card] = [iconStand(shop, source, logo), cardStand(shop, source, logo)];
  if (!icon || !card) return null;
  const { palette } = shop.look;
  // A logo that fills its square needs less air than an initial.
  const share = icon.logo ? (icon.logo.rim.length ? 0.82 : 1) : undefined;
  const svg = iconFile(icon.mark, icon.ink, icon.ground, share);
  const square = (size: number) => ({ src: `icon-${size}.png`, sizes: `${size}x${size}`, type: 'image/png' });
  return {
    icon: icon.logo ? null : svg,
    rasters: [
      ...[32, 180, 192, 512].map((width) => ({ path: `icon-${width}.png`, svg, width, logo: icon.logo })),
      { path: 'icon-mask.png', svg: iconFile(icon.mark, icon.ink, icon.ground, 0.52), width: 512, logo: icon.logo },
      { path: 'card.png', svg: cardFile(card.mark, palette, card.ground), width: 1200, logo: card.logo },
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

/** A drawing as PNG, with the logo in it where one stands there. */
export async function rasterBytes(
  { svg, width, logo }: Raster,
  read: (hash: string) => Promise<Uint8Array | null>,
  codec: Codec,
): Promise<Uint8Array> {
  const bytes = logo && (await read(logo.hash));
  return rasterize(logo && bytes ? await embedLogo(svg, logo, bytes, codec) : svg, width);
}
