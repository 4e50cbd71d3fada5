import { phrasesOf } from '../phrases';
import { plainProse } from '../prose';
import { isForSale, priceListOf, priceRange, shelfOf } from '../goods';
import { type Page } from '../plan';
import { type GivenFile } from '../goods/about';
import { type Picture } from '../pictures/about';
import { slugify } from '../slug';
import { type HostData, type PriceListEntry } from '../till';
import { type WrittenPage } from '../writing';
import { brandFiles, type Raster } from './brand';
import { type Shop } from './shop';
import { firstView, viewPath, viewsOf, type View } from './views';

/** Where a site will stand and how it takes orders. */
export interface Target {
  /** "host" sends orders to the host beside the site; "archive" makes an order file; "preview" takes none. */
  kind: 'host' | 'archive' | 'preview';
  /** The site's absolute address, with a slash at its end. */
  address: string;
}

/** A picture as a page calls it: its largest file, the smaller ones for narrower screens, and how it stands in a place of another shape. */
export interface PictureAt {
  src: string;
  width: number;
  height: number;
  /** "pictures/a.webp 480w, …", or empty. */
  srcset: string;
  fit: Picture['fit'];
  cuts: Picture['cuts'];
  focus: Picture['focus'];
  /** The colour that goes all round it, where one does. */
  ground: string | null;
  /** What it shows, in the seller's words, or empty. */
  says: string;
}

/** How one page calls others: its links, pictures and assets. */
export interface Addresses {
  page: (path: string, view?: View) => string;
  picture: (name: string) => PictureAt | null;
  asset: (path: string) => string;
  canonical: (path: string) => string;
}

/** What turns a shop into markup and styles: the storefront. The core only knows its form. */
export interface Draw {
  page: (shop: Shop, page: WrittenPage, view: View, addresses: Addresses, target: Target) => string;
  styles: (shop: Shop, addresses: Addresses) => string;
  icon: (shop: Shop) => string;
  scripts: Record<string, string>;
  /** Font files and licences that the look needs: path in the site → path among the assets that ship with Arcatum. */
  assets: (shop: Shop) => { path: string; from: string }[];
}

/** A file of a site: text made here, a drawing to raster, or bytes to be fetched from where they are kept. */
export type SiteFile =
  | { path: string; text: string }
  | { path: string; picture: string }
  | { path: string; asset: string }
  /** A drawing that is to be turned into a PNG of a width. */
  | Raster;

/** Where the made picture of the opening stands. */
export const artFile = 'pictures/opening.svg';

const extension: Record<Picture['type'], string> = {
  'image/webp': 'webp',
  'image/png': 'png',
  'image/jpeg': 'jpg',
  'image/gif': 'gif',
  'image/avif': 'avif',
  'image/svg+xml': 'svg',
};

export const pictureFile = (picture: Picture): string => `pictures/${picture.hash.slice(0, 20)}.${extension[picture.type]}`;

/** Where a file that is given away stands in a site: under its own name, in a folder that is its alone. */
export const filePath = ({ hash, name }: GivenFile): string => {
  const [, stem = name, ending = ''] = /^(.*?)(\.[a-z0-9]{1,8})?$/is.exec(name) ?? [];
  return `files/${hash.slice(0, 12)}/${slugify(stem, 'file')}${ending.toLowerCase()}`;
};

const sizeFile = (hash: string): string => `pictures/${hash.slice(0, 20)}.webp`;

/** How a picture stands on a page: its address, size and manner. */
export function pictureAt(picture: Picture, address: (file: string) => string): PictureAt {
  const { width, height, sizes, fit, cuts, focus, ground, says } = picture;
  const src = address(pictureFile(picture));
  const all = sizes.map((size) => `${address(sizeFile(size.hash))} ${size.width}w`);
  return {
    src,
    width,
    height,
    fit,
    cuts,
    focus,
    ground,
    says,
    srcset: all.length ? [...all, `${src} ${width}w`].join(', ') : '',
  };
}

/** Addresses as a published page writes them: relative, so that the site stands in any folder of any host. */
export function relativeAddresses(shop: Shop, from: string, target: Target): Addresses {
  // The not-found page is shown at any depth, so it alone counts from the root.
  const root = from === '404.html' ? new URL(target.address).pathname : '../'.repeat(from.split('/').length - 1) || './';
  return {
    page: (path, view = firstView) => root + viewPath({ path }, view),
    asset: (path) => root + path,
    canonical: (path) => target.address + path,
    picture: (name) => {
      const picture = shop.pictures.get(name.toLowerCase());
      return picture ? pictureAt(picture, (file) => root + file) : null;
    },
  };
}

/** What the cart asks for a product that is in it. */
export interface Offer {
  product: string;
  path: string;
  picture: string | null;
  variants: PriceListEntry[];
}

export function offerOf(shop: Pick<Shop, 'pictures'>, page: Pick<Page, 'product' | 'path'>): Offer | null {
  const { product } = page;
  if (!product?.variants.some(isForSale)) return null;
  const first = product.pictures.map((name) => shop.pictures.get(name.toLowerCase())).find((picture) => picture !== undefined);
  return {
    product: product.id,
    path: page.path,
    picture: first ? pictureFile(first) : null,
    variants: [...priceListOf([product]).values()],
  };
}

/** All files of a site, one at a time, so that ten thousand pages never stand in memory together. */
export function* siteFiles(shop: Shop, draw: Draw, target: Target): Generator<SiteFile> {
  for (const page of shop.pages) {
    if (!shop.writer.hasContent(page)) continue;
    const written = shop.writer.write(page);
    for (const view of viewsOf(shop, page)) {
      const path = viewPath(page, view);
      const file = path === '404.html' ? path : `${path}index.html`;
      yield { path: file, text: draw.page(shop, written, view, relativeAddresses(shop, path, target), target) };
    }
    const offer = offerOf(shop, page);
    if (offer) yield { path: `${page.path}offer.json`, text: JSON.stringify(offer) };
  }
  yield { path: 'styles.css', text: draw.styles(shop, relativeAddresses(shop, '', target)) };
  for (const [name, text] of Object.entries(draw.scripts)) yield { path: `scripts/${name}.js`, text };
  const brand = brandFiles(shop);
  if (!brand || brand.icon) yield { path: 'icon.svg', text: brand?.icon ?? draw.icon(shop) };
  if (brand) {
    yield { path: 'site.webmanifest', text: brand.manifest };
    yield* brand.rasters;
  }
  if (shop.art) yield { path: artFile, text: shop.art.svg };
  for (const file of shop.files.values()) yield { path: filePath(file), picture: file.hash };
  yield { path: 'data/rules.json', text: JSON.stringify(shop.rules) };
  yield { path: 'data/phrases.json', text: JSON.stringify(phrasesOf(shop.rules).scripts) };
  yield { path: 'data/search.json', text: JSON.stringify(searchEntries(shop)) };
  // What is sold as a file goes with the shop to its host alone.
  const sold = target.kind === 'host' ? shop.catalogue.products.flatMap(({ id, file }) => (file ? [{ id, file }] : [])) : [];
  for (const hash of new Set(sold.map(({ file }) => file.hash))) yield { path: `data/files/${hash}`, picture: hash };
  const { palette } = shop.look;
  const host: HostData = {
    shop: shop.id,
    name: shop.name,
    rules: shop.rules,
    prices: [...priceListOf(shop.catalogue.products).values()],
    files: Object.fromEntries(sold.map(({ id, file }) => [id, { name: file.name, at: `data/files/${file.hash}` }])),
    paths: Object.fromEntries(
      shop.pages.flatMap((page) =>
        page.path !== '404.html' && shop.writer.hasContent(page) ? [[page.id, page.path] as const] : [],
      ),
    ),
    shelfOf: Object.fromEntries(
      shop.catalogue.products.flatMap((product) => {
        const shelf = shelfOf(shop.catalogue, product);
        return shelf ? [[product.id, shelf.id] as const] : [];
      }),
    ),
    ...(shop.frames.length ? { frames: [...shop.frames] } : {}),
    look: { ground: palette.ground, ink: palette.text, accent: palette.accent },
  };
  yield { path: 'data/host.json', text: JSON.stringify(host) };
  yield { path: 'sitemap.xml', text: siteMap(shop, target) };
  yield {
    path: 'robots.txt',
    text: `User-agent: *\nAllow: /\nDisallow: /cart/\nDisallow: /checkout/\nSitemap: ${target.address}sitemap.xml\n`,
  };
  const used = new Set(shop.catalogue.products.flatMap((product) => product.pictures.map((name) => name.toLowerCase())));
  for (const { kind, sections } of shop.pages)
    if (kind !== 'product')
      for (const { hidden, pictures } of sections) if (!hidden) for (const name of pictures) used.add(name.toLowerCase());
  if (shop.opening) used.add(shop.opening.name.toLowerCase());
  if (shop.mark.logo) used.add(shop.mark.logo.toLowerCase());
  const sent = new Set<string>();
  for (const name of used) {
    const picture = shop.pictures.get(name);
    if (!picture || sent.has(picture.hash)) continue;
    sent.add(picture.hash);
    yield { path: pictureFile(picture), picture: picture.hash };
    for (const { hash } of picture.sizes) yield { path: sizeFile(hash), picture: hash };
  }
  for (const { path, from } of draw.assets(shop)) yield { path, asset: from };
}

/** What the search page looks through. */
export interface SearchEntry {
  id: number;
  title: string;
  about: string;
  categories: string;
  path: string;
  /** Null where nothing of it can be bought yet. */
  price: number | null;
  picture: string | null;
}

function searchEntries(shop: Shop): SearchEntry[] {
  return shop.catalogue.products.map((product, id) => {
    const picture = product.pictures.map((name) => shop.pictures.get(name.toLowerCase())).find((found) => found !== undefined);
    return {
      id,
      title: product.title,
      about: plainProse(product.description),
      categories: product.categories.join(' '),
      path: `goods/${product.slug}/`,
      price: priceRange(product)?.low ?? null,
      picture: picture ? pictureFile(picture) : null,
    };
  });
}

const xml = (text: string) =>
  text.replace(/&/g, '&amp;').replace(/</g, '&lt;').replace(/>/g, '&gt;').replace(/"/g, '&quot;').replace(/'/g, '&apos;');

/** Site map after the protocol at sitemaps.org, version 0.9. */
export function siteMap(shop: Shop, target: Target): string {
  const urls = shop.pages
    .filter((page) => page.listed && shop.writer.hasContent(page))
    .map((page) => `  <url><loc>${xml(encodeURI(target.address + page.path))}</loc></url>`);
  return `<?xml version="1.0" encoding="UTF-8"?>\n<urlset xmlns="http://www.sitemaps.org/schemas/sitemap/0.9">\n${urls.join('\n')}\n</urlset>\n`;
}
