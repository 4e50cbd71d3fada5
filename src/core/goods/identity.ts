import { plainWords } from '../keys';
import { type Goods, type Product, type Variant } from './about';
import { inDigits } from './catalogue';
import { alikeTitles } from './likeness';

/** What the seller has said of a new product, by its own id: the old one that it is, or null where it is new. */
export type SaidSame = Readonly<{ [fresh: string]: string | null }>;

/** A new list whose goods have the names that they had. */
export interface Continued {
  products: Product[];
  /** What stood on the old list, or was set aside before, and nothing on the new one continues. */
  former: Product[];
  /** New goods that may be old ones under another name. They are new until the seller says otherwise. */
  unsure: { fresh: Product; old: Product }[];
}

/**
 * Gives the goods of a new list the names of those of the old one that they continue: by code first, then by barcode, then by title and
 * what is told of them, then by a title that is nearly the same. What the seller decided of a product so stays with it when its title is
 * changed or changes places with another. New goods get names that nothing had.
 * @param before what is known: goods of the list before this one, and those that were set aside earlier
 */
export function continueGoods(before: readonly Product[], after: readonly Product[], said: SaidSame = {}): Continued {
  const { found, unsure } = match(before, after, said);
  const used = new Set(found.values());
  const taken = new Set(before.map((product) => product.id));
  const products = after.map((product) => {
    const old = found.get(product);
    if (old) return named(product, old.id, old.variants);
    let id = product.id;
    for (let n = 2; taken.has(id); n++) id = `${product.id}-${n}`;
    taken.add(id);
    return id === product.id ? product : named(product, id, []);
  });
  return { products, former: before.filter((product) => !used.has(product)), unsure };
}

/** Set aside at most: what went long ago is forgotten first. */
const mostFormer = 20_000;

/** The same for the list of a project: what is set aside and what the seller has put in by hand may be on the new list, too. */
export function continueList(
  known: Pick<Goods, 'products' | 'former' | 'digits'>,
  own: readonly Product[],
  { products: listed, digits, report = null }: Pick<Goods, 'products' | 'digits'> & Partial<Pick<Goods, 'report'>>,
  said: SaidSame = {},
): Continued {
  const products = inDigits(known.products, known.digits, digits);
  const former = inDigits(known.former, known.digits, digits);
  const here = new Set(products.map(({ id }) => id));
  const byHand = own.filter(({ id }) => !here.has(id));
  const apart = new Set([...here, ...byHand.map(({ id }) => id)]);
  const before = [...products, ...byHand, ...former.filter(({ id }) => !apart.has(id))];
  // A list that was taken out of a project and comes back says itself which is which.
  const ids = new Set(before.map(({ id }) => id));
  const itself = report?.namesIds ? Object.fromEntries(listed.flatMap(({ id }) => (ids.has(id) ? [[id, id]] : []))) : {};
  const continued = continueGoods(before, listed, { ...itself, ...said });
  const isByHand = new Set(byHand);
  return { ...continued, former: continued.former.filter((product) => !isByHand.has(product)).slice(0, mostFormer) };
}

const codesOf = (product: Product): string[] => product.variants.map(({ sku }) => sku.trim().toLowerCase()).filter(Boolean);
const barcodesOf = (product: Product): string[] => product.variants.map(({ gtin }) => gtin).filter(Boolean);
const titleOf = (product: Product): string => plainWords(product.title).join(' ');
const toldOf = (product: Product): string =>
  [titleOf(product), ...product.particulars.map(({ name, value }) => plainWords(`${name} ${value}`).join(' '))].join('\u0000');

/** The old product that each new one continues. No old one is continued twice. */
function match(
  before: readonly Product[],
  after: readonly Product[],
  said: SaidSame,
): { found: Map<Product, Product>; unsure: Continued['unsure'] } {
  const found = new Map<Product, Product>();
  const used = new Set<Product>();
  const take = (fresh: Product, old: Product) => {
    found.set(fresh, old);
    used.add(old);
  };
  const byId = new Map(before.map((product) => [product.id, product]));
  const isSaid = (fresh: Product) => Object.hasOwn(said, fresh.id);
  for (const fresh of after) {
    const old = isSaid(fresh) ? byId.get(said[fresh.id] ?? '') : undefined;
    if (old && !used.has(old)) take(fresh, old);
  }
  const open = () => after.filter((product) => !found.has(product) && !isSaid(product));
  const pair = (by: (product: Product) => readonly string[]) => {
    const index = new Map<string, Product | null>();
    for (const product of before)
      if (!used.has(product)) for (const key of new Set(by(product))) index.set(key, index.has(key) ? null : product);
    for (const fresh of open()) {
      const matches = new Set(by(fresh).flatMap((key) => index.get(key) ?? (index.has(key) ? [null] : [])));
      const [old] = matches;
      // What points at two old products at once says nothing.
      if (matches.size === 1 && old && !used.has(old)) take(fresh, old);
    }
  };
  pair(codesOf);
  pair(barcodesOf);
  pair((product) => [toldOf(product)]);
  pair((product) => [titleOf(product)]);

  const left = before.filter((product) => !used.has(product));
  const unsure: Continued['unsure'] = [];
  for (const { fresh, old, isClear } of alikeTitles(open(), left)) {
    if (isClear && agree(fresh, old)) take(fresh, old);
    else unsure.push({ fresh, old });
  }
  return { found, unsure };
}

/** Whether all else that is known of two things says that they are one. */
function agree(fresh: Product, old: Product): boolean {
  const prices = (product: Product) => product.variants.map(({ price }) => price).join(' ');
  const codes = [codesOf(fresh), codesOf(old)];
  // Where both have codes and none is shared, they are two things.
  if (codes.every((list) => list.length)) return false;
  return (
    prices(fresh) === prices(old) ||
    (fresh.pictures[0] !== undefined && fresh.pictures[0] === old.pictures[0]) ||
    (fresh.particulars.length > 0 && JSON.stringify(fresh.particulars) === JSON.stringify(old.particulars))
  );
}

const choice = (variant: Variant): string => variant.values.map((value) => plainWords(value).join(' ')).join('\u0000');

/** A product under another name, its variants under the names that they had: by code, by barcode, then by what is chosen. */
function named(product: Product, id: string, known: readonly Variant[]): Product {
  const left = new Set(known);
  const old = new Map<Variant, Variant>();
  for (const by of [
    ({ sku }: Variant) => sku.trim().toLowerCase(),
    ({ gtin }: Variant) => gtin,
    (variant: Variant) => `chosen ${choice(variant)}`,
  ])
    for (const variant of product.variants) {
      const key = by(variant);
      const match = key && !old.has(variant) ? [...left].find((one) => by(one) === key) : undefined;
      if (!match) continue;
      left.delete(match);
      old.set(variant, match);
    }
  const taken = new Set([...old.values()].map((variant) => variant.id));
  const variants = product.variants.map((variant) => {
    const match = old.get(variant);
    if (match) return { ...variant, id: match.id };
    const wanted = `${id}${variant.id.slice(product.id.length)}`;
    let free = wanted;
    for (let n = 2; taken.has(free); n++) free = `${wanted}-${n}`;
    taken.add(free);
    return { ...variant, id: free };
  });
  return { ...product, id, variants };
}
