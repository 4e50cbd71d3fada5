import { z } from 'zod';
import { type Decided, type Product, productSchema, taxClassSchema, type Variant, variantSchema } from '../project';
import { uniqueSlugs } from '../slug';
import { type PriceList } from '../till';

export interface Category {
  id: string;
  name: string;
  slug: string;
  products: Product[];
}

/** The goods as the shop sells them: the list with the seller's decisions laid over it. */
export interface Catalogue {
  products: Product[];
  categories: Category[];
  byId: ReadonlyMap<string, Product>;
  /** The place of each among them, from 1. */
  numbers: ReadonlyMap<string, number>;
  /** Places of decisions whose product or variant is gone. */
  setAside: string[];
}

const productFields = {
  title: z.string().min(1),
  description: z.string(),
  slug: z.string().min(1),
  categories: productSchema.shape.categories,
  taxClass: taxClassSchema,
};
const variantFields = {
  price: z.number().int(),
  earlierPrice: variantSchema.shape.earlierPrice,
  stock: variantSchema.shape.stock,
  weight: z.number(),
};

/** The goods as the shop sells them, with all that is found out about them. */
export function makeCatalogue(list: readonly Product[], decided: Decided, listDigits: number, digits: number): Catalogue {
  const { products, setAside } = decidedGoods(list, decided, listDigits, digits);
  return {
    products,
    categories: categoriesOf(products),
    byId: new Map(products.map((product) => [product.id, product])),
    numbers: new Map(products.map(({ id }, i) => [id, i + 1])),
    setAside,
  };
}

/**
 * Lays decisions over the list of goods.
 * @param digits decimals of the shop's currency; prices that were read with other decimals are brought to it
 */
export function decidedGoods(
  list: readonly Product[],
  decided: Decided,
  listDigits: number,
  digits: number,
): Pick<Catalogue, 'products' | 'setAside'> {
  const setAside: string[] = [];
  const products: Product[] = [];
  const places = new Map<string, string[]>();
  for (const [place] of decided.under('goods/')) {
    const id = place.split('/')[1] ?? '';
    places.set(id, [...(places.get(id) ?? []), place]);
  }
  const scale = 10 ** (digits - listDigits);
  for (const given of list) {
    const scaled = scale === 1 ? given : { ...given, variants: given.variants.map((v) => rescale(v, scale)) };
    const mine = places.get(given.id);
    places.delete(given.id);
    if (!mine) {
      products.push(scaled);
      continue;
    }
    if (decided.at(`goods/${given.id}/hidden`, z.boolean())) continue;
    const variants = scaled.variants.map((variant) =>
      overlay(variant, variantFields, `goods/${given.id}/${variant.id}`, decided),
    );
    const known = new Set(given.variants.map((variant) => variant.id));
    for (const place of mine) {
      const [, , third, fourth] = place.split('/');
      if (fourth && !known.has(third ?? '')) setAside.push(place);
    }
    products.push({ ...overlay(scaled, productFields, `goods/${given.id}`, decided), variants });
  }
  for (const orphans of places.values()) setAside.push(...orphans);
  return { products, setAside };
}

const rescale = (variant: Variant, scale: number): Variant => ({
  ...variant,
  price: Math.round(variant.price * scale),
  earlierPrice: variant.earlierPrice === null ? null : Math.round(variant.earlierPrice * scale),
});

function overlay<T extends object>(given: T, fields: Record<string, z.ZodType>, at: string, decided: Decided): T {
  const changes = Object.entries(fields).flatMap(([field, schema]) => {
    const value = decided.at(`${at}/${field}`, schema);
    return value === undefined ? [] : [[field, value] as const];
  });
  return changes.length ? { ...given, ...Object.fromEntries(changes) } : given;
}

function categoriesOf(products: readonly Product[]): Category[] {
  const slugs = uniqueSlugs();
  const byName = new Map<string, Category>();
  for (const product of products) {
    for (const name of product.categories) {
      const key = name.toLowerCase();
      let category = byName.get(key);
      if (!category) {
        const slug = slugs(name);
        category = { id: `category-${slug}`, name, slug, products: [] };
        byName.set(key, category);
      }
      category.products.push(product);
    }
  }
  return [...byName.values()];
}

/** What the till needs to know of the goods. */
export function priceListOf(products: readonly Product[]): PriceList {
  return new Map(
    products.flatMap((product) =>
      product.variants.map((variant) => [
        variant.id,
        {
          id: variant.id,
          title: variantTitle(product, variant),
          price: variant.price,
          weight: variant.weight,
          taxClass: product.taxClass,
          physical: product.kind === 'physical',
          stock: variant.stock,
        },
      ]),
    ),
  );
}

export const variantTitle = (product: Product, variant: Variant): string => [product.title, ...variant.values].join(', ');

/** Lowest and highest price over a product's variants, minor units. */
export function priceRange(product: Product): { low: number; high: number; earlier: number | null } {
  let low = Infinity;
  let high = 0;
  let earlier: number | null = null;
  for (const variant of product.variants) {
    if (variant.price < low) {
      low = variant.price;
      earlier = variant.earlierPrice;
    }
    high = Math.max(high, variant.price);
  }
  return { low, high, earlier };
}

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
