import { productPlaces, variantPlaces, type Address, type Decided, type Place } from '../places';
import { type Goods, type Product, type Variant } from './about';
import { inDigits } from './catalogue';
import { type Continued } from './identity';

/** A product by name. */
export interface Named {
  id: string;
  title: string;
}

export const changedFields = [
  'title',
  'description',
  'categories',
  'particulars',
  'options',
  'pictures',
  'kind',
  'taxClass',
  'variant',
  'price',
  'earlierPrice',
  'cost',
  'sku',
  'gtin',
  'stock',
  'weight',
] as const;
export type ChangedField = (typeof changedFields)[number];
export type Shown = string | number | null;

/** One cell that the new list has otherwise than the old one. Prices are minor units, weights grams. */
export interface CellChange {
  /** What is chosen, where it is of one variant of several; else empty. */
  variant: string;
  field: ChangedField;
  was: Shown;
  becomes: Shown;
  /** Where the seller had changed the same by hand: what stands in the shop, and stays unless it is given up for what the list says. */
  yours: { place: Address; value: Shown } | null;
}

/** What a new list changes, before anything is done. */
export interface ListChanges {
  added: Named[];
  /** Back from among what was set aside. */
  back: Named[];
  gone: Named[];
  changed: (Named & { cells: CellChange[] })[];
  /** Of how many nothing changes. */
  same: number;
  unsure: { fresh: Named; old: Named }[];
}

const named = ({ id, title }: Product): Named => ({ id, title });

/** Compares a list with the one that is there, product by product and cell by cell. */
export function changesOf(
  before: Pick<Goods, 'products' | 'former' | 'digits'>,
  after: Continued & { digits: number },
  decided: Decided,
): ListChanges {
  const byId = (products: readonly Product[]) =>
    new Map(inDigits(products, before.digits, after.digits).map((product) => [product.id, product]));
  const [old, aside] = [byId(before.products), byId(before.former)];
  const fresh = new Set(after.products.map(({ id }) => id));
  const changes: ListChanges = {
    added: [],
    back: [],
    gone: before.products.filter(({ id }) => !fresh.has(id)).map(named),
    changed: [],
    same: 0,
    unsure: after.unsure.map((pair) => ({ fresh: named(pair.fresh), old: named(pair.old) })),
  };
  for (const product of after.products) {
    const was = old.get(product.id) ?? aside.get(product.id);
    if (!was) changes.added.push(named(product));
    else if (!old.has(product.id)) changes.back.push(named(product));
    if (!was) continue;
    const cells = cellsOf(was, product, decided);
    if (cells.length) changes.changed.push({ ...named(product), cells });
    else if (old.has(product.id)) changes.same++;
  }
  return changes;
}

type Fields<T> = readonly {
  field: ChangedField;
  show: (of: T) => Shown;
  /** Where the seller may have decided it. */
  place?: (of: T) => Place;
}[];

const productFields: Fields<Product> = [
  { field: 'title', show: ({ title }) => title, place: ({ id }) => productPlaces.title(id) },
  { field: 'description', show: ({ description }) => description, place: ({ id }) => productPlaces.description(id) },
  { field: 'categories', show: ({ categories }) => categories.join(', '), place: ({ id }) => productPlaces.categories(id) },
  { field: 'taxClass', show: ({ taxClass }) => taxClass, place: ({ id }) => productPlaces.taxClass(id) },
  { field: 'pictures', show: ({ pictures }) => pictures.join(', '), place: ({ id }) => productPlaces.pictures(id) },
  { field: 'kind', show: ({ kind }) => kind, place: ({ id }) => productPlaces.kind(id) },
  { field: 'options', show: ({ options }) => options.join(', ') },
  { field: 'particulars', show: ({ particulars }) => particulars.map(({ name, value }) => `${name}: ${value}`).join('; ') },
];

/** What stands where a cell has to be asked about. */
const toBeSaid = 'to be said';

type Of = { product: string; variant: Variant };

const variantFields: Fields<Of> = [
  {
    field: 'price',
    show: ({ variant }) => (variant.price === null ? toBeSaid : variant.price),
    place: (of) => variantPlaces.price(of.product, of.variant.id),
  },
  {
    field: 'earlierPrice',
    show: ({ variant }) => variant.earlierPrice,
    place: (of) => variantPlaces.earlierPrice(of.product, of.variant.id),
  },
  {
    field: 'stock',
    show: ({ variant }) => (variant.asks.includes('stock') ? toBeSaid : variant.stock),
    place: (of) => variantPlaces.stock(of.product, of.variant.id),
  },
  { field: 'weight', show: ({ variant }) => variant.weight, place: (of) => variantPlaces.weight(of.product, of.variant.id) },
  { field: 'cost', show: ({ variant }) => variant.cost },
  { field: 'sku', show: ({ variant }) => variant.sku },
  { field: 'gtin', show: ({ variant }) => variant.gtin },
];

function cellsOf(was: Product, is: Product, decided: Decided): CellChange[] {
  const before = new Map(was.variants.map((variant) => [variant.id, variant]));
  const after = new Set(is.variants.map(({ id }) => id));
  const several = is.variants.length > 1 || was.variants.length > 1;
  const chosen = ({ values }: Variant) => (several ? values.join(', ') : '');
  const cells = different(productFields, was, is, '', decided);
  for (const variant of is.variants) {
    const old = before.get(variant.id);
    const of = (one: Variant): Of => ({ product: is.id, variant: one });
    if (old) cells.push(...different(variantFields, of(old), of(variant), chosen(variant), decided));
    else cells.push({ variant: chosen(variant), field: 'variant', was: null, becomes: variant.price, yours: null });
  }
  for (const variant of was.variants)
    if (!after.has(variant.id))
      cells.push({ variant: chosen(variant), field: 'variant', was: variant.price, becomes: null, yours: null });
  return cells;
}

const showDecided = (value: unknown): Shown =>
  Array.isArray(value) ? value.join(', ') : typeof value === 'string' || typeof value === 'number' ? value : null;

function different<T>(fields: Fields<T>, was: T, is: T, variant: string, decided: Decided): CellChange[] {
  return fields.flatMap(({ field, show, place }) => {
    const [old, fresh] = [show(was), show(is)];
    if (old === fresh) return [];
    const at = place?.(is);
    const mine = at && decided.get(at);
    const yours = at && mine !== undefined ? { place: at.address, value: showDecided(mine) } : null;
    return [{ variant, field, was: old, becomes: fresh, yours: yours && yours.value !== fresh ? yours : null }];
  });
}
