import {
  ownProduct,
  goodsFirst,
  productHidden,
  productPlaces,
  variantPlaces,
  type Address,
  type Decided,
  type Place,
  type Value,
} from '../places';
import { type Product, type Variant } from './about';
import { shelfParts } from './shelves';
import { uniqueSlugs } from '../slug';
import { followings, type PriceList } from '../till';

export interface Category {
  id: string;
  name: string;
  slug: string;
  /** The one that it stands in, or null. */
  parent: Category | null;
  /** Its goods, with those of the shelves in it. */
  products: Product[];
}

/** The goods as the shop sells them: the list with the seller's decisions laid over it. */
export interface Catalogue {
  products: Product[];
  /** How many of them the seller wants before the others: the first so many. */
  first: number;
  /** Those that stand in another come right after it. */
  categories: Category[];
  /** By the name that products call it with, in small letters. */
  byShelf: ReadonlyMap<string, Category>;
  byId: ReadonlyMap<string, Product>;
  /** The place of each among them, from 1. */
  numbers: ReadonlyMap<string, number>;
  /** Places of decisions whose product or variant is gone. */
  setAside: Address[];
}

/** The goods as the shop sells them, with all that is found out about them. */
export function makeCatalogue(
  list: readonly Product[],
  decided: Decided,
  listDigits: number,
  digits: number,
  isMoneyKnown = true,
): Catalogue {
  const decidedOn = decidedGoods(list, decided, listDigits, digits, isMoneyKnown);
  const { products, first } = withFirst(decidedOn.products, decided.get(goodsFirst) ?? []);
  const setAside = decided.has(goodsFirst) && !first ? [...decidedOn.setAside, goodsFirst.address] : decidedOn.setAside;
  const byShelf = categoriesOf(products);
  const all = [...byShelf.values()];
  return {
    products,
    first,
    categories: topOf(all).flatMap((category) => [category, ...inside(all, category)]),
    byShelf,
    byId: new Map(products.map((product) => [product.id, product])),
    numbers: new Map(products.map(({ id }, i) => [id, i + 1])),
    setAside,
  };
}

/** Goods in the order of the list, those that the seller wants before the others in front; and how many these are. */
function withFirst(products: readonly Product[], wanted: readonly string[]): Pick<Catalogue, 'products' | 'first'> {
  const front = wanted.flatMap((id) => products.find((product) => product.id === id) ?? []);
  return front.length
    ? { products: [...front, ...products.filter((product) => !front.includes(product))], first: front.length }
    : { products: [...products], first: 0 };
}

/**
 * Lays decisions over the list of goods.
 * @param digits decimals of the shop's currency; prices that were read with other decimals are brought to it
 * @param isMoneyKnown whether it is known what money the prices are in
 */
export function decidedGoods(
  list: readonly Product[],
  decided: Decided,
  listDigits: number,
  digits: number,
  isMoneyKnown = true,
): Pick<Catalogue, 'products' | 'setAside'> {
  const setAside: Address[] = [];
  const products: Product[] = [];
  const changed = placesByProduct(decided);
  const scale = 10 ** (digits - listDigits);
  for (const { given, isOwn } of withOwn(list, decided)) {
    const known = isMoneyKnown ? withMoney(given) : given;
    const scaled = scale === 1 || isOwn ? known : { ...known, variants: known.variants.map((v) => rescale(v, scale)) };
    const mine = changed.get(given.id);
    changed.delete(given.id);
    if (!mine) {
      products.push(withWants(scaled));
      continue;
    }
    const ids = new Set(given.variants.map((variant) => variant.id));
    for (const { address, variant } of mine) if (variant !== null && !ids.has(variant)) setAside.push(address);
    if (decided.get(productHidden(given.id))) continue;
    const variants = scaled.variants.map((variant) => answered(variant, decided, [given.id, variant.id]));
    products.push(withWants({ ...overlay(scaled, productPlaces, decided, [given.id]), variants }));
  }
  for (const orphans of changed.values()) setAside.push(...orphans.map(({ address }) => address));
  return { products, setAside };
}

/** What the seller has put in by hand. */
export const ownProducts = (decided: Decided): Product[] => decided.all<[string], Product>(ownProduct).map(({ value }) => value);

/** The goods of the list, and after them what the seller has put in by hand. Where a list has it too, the list's is the one. */
function withOwn(list: readonly Product[], decided: Decided): { given: Product; isOwn: boolean }[] {
  const listed = list.map((given) => ({ given, isOwn: false }));
  const own = ownProducts(decided);
  if (!own.length) return listed;
  const ids = new Set(list.map(({ id }) => id));
  const slugs = uniqueSlugs(list.map(({ slug }) => slug));
  const added = own.filter(({ id }) => !ids.has(id));
  return [...listed, ...added.map((product) => ({ given: { ...product, slug: slugs(product.slug) }, isOwn: true }))];
}

/** Amounts that only lacked the name of their money are prices as soon as it is known. */
function withMoney(product: Product): Product {
  if (!product.variants.some(({ asks }) => asks.includes('money'))) return product;
  return {
    ...product,
    variants: product.variants.map((variant) => ({ ...variant, asks: variant.asks.filter((ask) => ask !== 'money') })),
  };
}

/** What wants a file, or a rhythm, is not sold without it. */
function withWants(product: Product): Product {
  const { wants } = followings[product.kind];
  if (!wants || product[wants]) return product;
  return { ...product, variants: product.variants.map((variant) => ({ ...variant, asks: [...variant.asks, wants] })) };
}

/** Where something was decided of a product, or of one of its variants. */
function placesByProduct(decided: Decided): Map<string, { address: Address; variant: string | null }[]> {
  const found = new Map<string, { address: Address; variant: string | null }[]>();
  const note = (address: Address, product: string, variant: string | null) =>
    void found.set(product, [...(found.get(product) ?? []), { address, variant }]);
  for (const place of [productHidden, ...Object.values(productPlaces)])
    for (const { address, parts } of decided.all<[string], Value>(place)) note(address, parts[0], null);
  for (const place of Object.values(variantPlaces))
    for (const { address, parts } of decided.all<[string, string], Value | null>(place)) note(address, parts[0], parts[1]);
  return found;
}

/** Goods whose amounts were read with other decimals, brought to those wanted. */
export const inDigits = (products: readonly Product[], from: number, to: number): readonly Product[] =>
  from === to
    ? products
    : products.map((product) => ({
        ...product,
        variants: product.variants.map((variant) => rescale(variant, 10 ** (to - from))),
      }));

const rescale = (variant: Variant, scale: number): Variant => ({
  ...variant,
  price: variant.price === null ? null : Math.round(variant.price * scale),
  cost: variant.cost === null ? null : Math.round(variant.cost * scale),
  earlierPrice: variant.earlierPrice === null ? null : Math.round(variant.earlierPrice * scale),
});

/** A variant with what was decided of it; what was decided is no longer asked. */
function answered(variant: Variant, decided: Decided, parts: [string, string]): Variant {
  const laid = overlay(variant, variantPlaces, decided, parts);
  if (!laid.asks.length) return laid;
  const has = {
    price: decided.get(variantPlaces.price(...parts)) !== undefined,
    stock: decided.get(variantPlaces.stock(...parts)) !== undefined,
    file: false,
    rhythm: false,
  };
  return { ...laid, asks: laid.asks.filter((ask) => !(ask === 'money' ? has.price : has[ask])) };
}

/** What was decided of a thing, laid over what the list says of it. */
function overlay<T extends object, Parts extends string[]>(
  given: T,
  places: Readonly<Record<string, (...parts: Parts) => Place>>,
  decided: Decided,
  parts: Parts,
): T {
  const changes = Object.entries(places).flatMap(([field, place]) => {
    const value = decided.get(place(...parts));
    return value === undefined ? [] : [[field, value] as const];
  });
  return changes.length ? { ...given, ...Object.fromEntries(changes) } : given;
}

/** Categories that stand in no other. */
export const topOf = (categories: readonly Category[]): Category[] => categories.filter(({ parent }) => parent === null);

/** Categories that stand in another. */
export const inside = (categories: readonly Category[], parent: Category): Category[] =>
  categories.filter((category) => category.parent === parent);

/** The category that a product is filed under first. */
export const shelfOf = (
  { byShelf }: Pick<Catalogue, 'byShelf'>,
  product: Pick<Product, 'categories'> | undefined,
): Category | undefined =>
  product?.categories.map((name) => byShelf.get(name.toLowerCase())).find((found) => found !== undefined);

/** The shelf that a product stands on with others, the least crowded one; null where it stands alone. */
export function shelfBeside(
  { byShelf }: Pick<Catalogue, 'byShelf'>,
  { categories }: Pick<Product, 'categories'>,
): Category | null {
  const [shelf = null] = categories
    .map((name) => byShelf.get(name.toLowerCase()))
    .flatMap((found) => [found, found?.parent])
    .filter((found) => found !== undefined && found !== null)
    .filter((found) => found.products.length > 1)
    .sort((a, b) => a.products.length - b.products.length);
  return shelf;
}

/** The goods that stand after a product on that shelf; among all goods where there is none. */
export function besideOf(
  catalogue: Pick<Catalogue, 'byShelf' | 'products'>,
  product: Pick<Product, 'id' | 'categories'>,
): Product[] {
  const all = shelfBeside(catalogue, product)?.products ?? catalogue.products;
  const at = all.findIndex((other) => other.id === product.id);
  const goods = Array.from({ length: Math.min(mostBeside, all.length - 1) }, (_, i) => all[(at + 1 + i) % all.length]);
  return goods.filter((other) => other !== undefined);
}

/** As many stand beside a product. */
const mostBeside = 4;

function categoriesOf(products: readonly Product[]): Map<string, Category> {
  const slugs = uniqueSlugs();
  const byShelf = new Map<string, Category>();
  const at = (name: string, parent: Category | null, path: string): Category => {
    const key = path.toLowerCase();
    const known = byShelf.get(key);
    if (known) return known;
    const slug = slugs(name);
    const category: Category = { id: `category-${slug}`, name, slug, parent, products: [] };
    byShelf.set(key, category);
    return category;
  };
  for (const product of products) {
    const filed = new Set<Category>();
    for (const path of product.categories) {
      const [first = path, second] = shelfParts(path);
      const top = at(first, null, first);
      filed.add(top);
      if (second !== undefined) filed.add(at(second, top, path));
    }
    for (const category of filed) category.products.push(product);
  }
  return byShelf;
}

/** What the till needs to know of the goods. */
export function priceListOf(products: readonly Product[]): PriceList {
  return new Map(
    products.flatMap((product) =>
      product.variants.filter(isForSale).map((variant) => [
        variant.id,
        {
          id: variant.id,
          title: variantTitle(product, variant),
          price: variant.price,
          weight: variant.weight,
          taxClass: followings[product.kind].taxed ? product.taxClass : 'zero',
          physical: followings[product.kind].travels,
          kind: product.kind,
          ...(product.kind === 'repeat' && product.rhythm ? { rhythm: product.rhythm } : {}),
          stock: variant.stock,
          ...(variant.sku ? { sku: variant.sku } : {}),
          product: product.id,
          shelves: product.categories,
        },
      ]),
    ),
  );
}

export const variantTitle = (product: Product, variant: Variant): string => [product.title, ...variant.values].join(', ');

/** Whether it can be bought: all that an order needs is known of it. */
export const isForSale = (variant: Variant): variant is Variant & { price: number } =>
  variant.price !== null && variant.asks.length === 0;

export interface PriceRange {
  low: number;
  high: number;
  /** What the cheapest cost before. */
  earlier: number | null;
}

/** Whether its price is known, though something else that an order needs may not be. */
const hasPrice = (variant: Variant): variant is Variant & { price: number } =>
  variant.price !== null && variant.asks.every((ask) => ask === 'stock');

/** Lowest and highest price, minor units: over what can be bought of a product, or else over what has a price; null where nothing has. */
export const priceRange = ({ variants }: Pick<Product, 'variants'>): PriceRange | null =>
  rangeOf(variants, isForSale) ?? rangeOf(variants, hasPrice);

function rangeOf(
  variants: readonly Variant[],
  counts: (variant: Variant) => variant is Variant & { price: number },
): PriceRange | null {
  let range: PriceRange | null = null;
  for (const variant of variants) {
    if (!counts(variant)) continue;
    const { price, earlierPrice } = variant;
    if (!range) range = { low: price, high: price, earlier: earlierPrice };
    else if (price < range.low) range = { low: price, high: range.high, earlier: earlierPrice };
    else range.high = Math.max(range.high, price);
  }
  return range;
}

/** The same over several products: from the lowest to the highest that any of them shows. */
export const pricesOf = (products: readonly Product[]): PriceRange | null =>
  products
    .flatMap((product) => priceRange(product) ?? [])
    .reduce<PriceRange | null>(
      (all, one) => (all ? { ...(one.low < all.low ? one : all), high: Math.max(all.high, one.high) } : one),
      null,
    );

/** Pieces left over all variants; null where any of them isn't counted. */
export function stockOf(product: Pick<Product, 'variants'>): number | null {
  let total = 0;
  for (const { stock } of product.variants) {
    if (stock === null) return null;
    total += stock;
  }
  return total;
}

/** The category with most goods; the first of those that are equal. */
export const largestCategory = (categories: readonly Category[]): Category | undefined =>
  categories.reduce<Category | undefined>((a, b) => (!a || b.products.length > a.products.length ? b : a), undefined);
