import { inDigits, isForSale, matchPictures, newProduct, priceListOf, priceRange, stockOf, variantTitle } from '@/core/goods';
import { type Product } from '@/core/goods/about';
import { proposeShelves } from '@/core/lexicon';
import { Decided, lookPlaces, productHidden, productPlaces, set, type Wish } from '@/core/places';
import { type Project } from '@/core/project';
import { type Shop } from '@/core/site';
import { formatMoney, typicalBuyers } from '@/core/till';
import { type GoodsOrder, type GoodsRow, type Jobs, type Sold } from './protocol';

/** As many goods are offered by name where one of them is chosen. */
const mostOffered = 2000;

const lowest = (product: Product): number => priceRange(product)?.low ?? Infinity;
const left = (product: Product): number => stockOf(product) ?? Infinity;

const orders: Record<GoodsOrder, ((a: Product, b: Product) => number) | null> = {
  list: null,
  title: (a, b) => a.title.localeCompare(b.title),
  price: (a, b) => lowest(a) - lowest(b),
  stock: (a, b) => left(a) - left(b),
  variants: (a, b) => a.variants.length - b.variants.length,
};

const hasIn = (product: Product, words: string): boolean =>
  `${product.title} ${product.categories.join(' ')} ${product.variants.map(({ sku }) => sku).join(' ')}`
    .toLowerCase()
    .includes(words);

/** The goods as the studio looks at them: the page has a few of them at a time, however many there are. */
export class ShownGoods {
  /** What was found last: the table asks for more of it. */
  private last: { key: string; products: readonly Product[]; found: readonly Product[] } | null = null;

  rows(shop: Shop, { find, order, isDown, count }: Jobs['goods']['give']): Jobs['goods']['get'] {
    const found = this.find(shop, find.trim().toLowerCase(), order, isDown);
    return { found: found.length, rows: found.slice(0, count).map((product) => rowOf(product, shop)) };
  }

  private find({ catalogue: { products } }: Shop, words: string, order: GoodsOrder, isDown: boolean): readonly Product[] {
    const key = JSON.stringify([words, order, isDown]);
    if (this.last?.key === key && this.last.products === products) return this.last.found;
    const among = words ? products.filter((product) => hasIn(product, words)) : products;
    const compare = orders[order];
    const found = compare ? [...among].sort((a, b) => (isDown ? compare(b, a) : compare(a, b))) : among;
    this.last = { key, products, found };
    return found;
  }
}

function rowOf(product: Product, { pictures, rules }: Shop): GoodsRow {
  const { id, title, categories, variants } = product;
  const range = variants.some(isForSale) ? priceRange(product) : null;
  return {
    id,
    title,
    categories,
    variants: variants.length,
    price: range && { low: formatMoney(range.low, rules), high: formatMoney(range.high, rules) },
    stock: stockOf(product),
    asksStock: variants.some(({ asks }) => asks.includes('stock')),
    hasPicture: product.pictures.some((name) => pictures.has(name.toLowerCase())),
  };
}

/** One of the goods as the list has it, and as an earlier one had it, in the shop's own money. */
export function listedIn({ goods }: Project, { rules }: Shop, id: string): Jobs['listed']['get'] {
  const named = (products: readonly Product[]) => products.find((product) => product.id === id) ?? null;
  const [product, old] = [named(goods.products), named(goods.former)];
  return { id, product, former: old && (inDigits([old], goods.digits, rules.digits)[0] ?? null) };
}

/** How things are called, those too that are in the shop no more. */
export function titlesIn({ goods }: Project, { catalogue }: Shop, asked: Jobs['titles']['give']): Jobs['titles']['get'] {
  const [products, variants] = [new Set(asked.products), new Set(asked.variants)];
  const titles = { products: new Map<string, string>(), variants: new Map<string, string>() };
  for (const product of [...goods.former, ...goods.products, ...catalogue.products]) {
    if (products.has(product.id)) titles.products.set(product.id, product.title);
    if (!variants.size) continue;
    for (const variant of product.variants)
      if (variants.has(variant.id)) titles.variants.set(variant.id, variantTitle(product, variant));
  }
  return { products: [...titles.products], variants: [...titles.variants] };
}

/** What earlier lists had and this one has no more, and what is on the list and was taken out by hand. */
export function asideOf(project: Project, { catalogue }: Shop, { find, count }: Jobs['aside']['give']): Jobs['aside']['get'] {
  const { goods } = project;
  const out = new Set(new Decided(project.decisions).all(productHidden).flatMap(({ parts: [id], value }) => (value ? [id] : [])));
  const hidden = out.size ? goods.products.filter(({ id }) => out.has(id)) : [];
  const former = goods.former.filter(({ id }) => !catalogue.byId.has(id));
  const words = find.trim().toLowerCase();
  const named = (isHidden: boolean) => (product: Product) => ({ id: product.id, title: product.title, isHidden });
  const found = [...hidden.map(named(true)), ...former.map(named(false))].filter(({ title }) =>
    title.toLowerCase().includes(words),
  );
  return { former: former.length, hidden: hidden.length, found: found.length, rows: found.slice(0, count) };
}

/** Pictures that are on no thing, and are not the logo. */
export function unplacedIn({ pictures, decisions }: Project, { catalogue }: Shop): string[] {
  const placed = new Set<string>();
  for (const product of catalogue.products) {
    for (const name of product.pictures) placed.add(name.toLowerCase());
    for (const { picture } of product.variants) if (picture) placed.add(picture.toLowerCase());
  }
  const logo = new Decided(decisions).get(lookPlaces.logo);
  return pictures.flatMap(({ name }) => (placed.has(name.toLowerCase()) || name === logo ? [] : [name]));
}

/** What puts pictures on the things that their names tell. */
export function matchedTo(products: readonly Product[], { pictures }: Project, names: readonly string[]): Jobs['match']['get'] {
  const known = new Set(pictures.map(({ name }) => name.toLowerCase()));
  const { wishes, alone } = matchPictures(products, [...names], known);
  return { wishes, alone: alone.length };
}

const bareIn = ({ catalogue }: Shop): Product[] => catalogue.products.filter(({ categories }) => categories.length === 0);

/** Fewer goods without a shelf than these need none. */
const fewestBare = 4;
const mostTitles = 3;

/** Shelves for goods that have none. */
export function shelvesFor(shop: Shop): Jobs['shelves']['get'] {
  const bare = bareIn(shop);
  if (bare.length < fewestBare) return { bare: bare.length, ideas: [] };
  const ideas = proposeShelves(bare.map(({ title }) => title)).map(({ shelf, because, members }) => ({
    shelf,
    because,
    count: members.length,
    titles: members.slice(0, mostTitles).flatMap((i) => bare[i]?.title ?? []),
  }));
  return { bare: bare.length, ideas };
}

/** What it takes to file the goods that a shelf is for under a name. */
export function filedUnder(shop: Shop, shelf: string, name: string): Wish[] {
  const bare = bareIn(shop);
  const idea = proposeShelves(bare.map(({ title }) => title)).find((one) => one.shelf === shelf);
  return (idea?.members ?? []).flatMap((i) => {
    const product = bare[i];
    return product ? [set(productPlaces.categories(product.id), [name])] : [];
  });
}

/** A product by hand, under a name that nothing has. */
export function freshProduct({ goods }: Project, { catalogue }: Shop, typed: Jobs['newProduct']['give']['typed']): Product {
  const ids = [...catalogue.products, ...goods.products, ...goods.former].map(({ id }) => id);
  return newProduct(typed, new Set(ids));
}

/** What the till is tried with. */
export function soldIn({ rules, catalogue: { products } }: Shop, today: string): Sold {
  const entries = [...priceListOf(products).values()];
  return {
    rules,
    buyers: typicalBuyers(rules, entries, today),
    entries: entries.filter(({ price }) => price > 0).slice(0, mostOffered),
    products: products.slice(0, mostOffered).map(({ id, title }) => ({ id, name: title })),
    shelves: [...new Set(products.flatMap(({ categories }) => categories))]
      .slice(0, mostOffered)
      .map((name) => ({ id: name, name })),
  };
}
