import { plainWords } from '../keys';
import { type Product, type Variant } from './about';

/**
 * Gives the goods of a new list the names of those of the old one that they continue: by code first, then by title. What the seller
 * decided of a product so stays with it when its title is changed or changes places with another. New goods get names that nothing had.
 */
export function withKnownIds(before: readonly Product[], after: readonly Product[]): Product[] {
  const taken = new Set(before.map((product) => product.id));
  const found = continued(before, after);
  return after.map((product) => {
    const old = found.get(product);
    if (old) return named(product, old.id, old.variants);
    let id = product.id;
    for (let n = 2; taken.has(id); n++) id = `${product.id}-${n}`;
    taken.add(id);
    return id === product.id ? product : named(product, id, []);
  });
}

/** The old product that each new one continues. No old one is continued twice. */
function continued(before: readonly Product[], after: readonly Product[]): Map<Product, Product> {
  const found = new Map<Product, Product>();
  const used = new Set<Product>();
  const pair = (by: (product: Product) => readonly string[]) => {
    const index = new Map<string, Product | null>();
    for (const product of before)
      if (!used.has(product)) for (const key of by(product)) index.set(key, index.has(key) ? null : product);
    for (const product of after) {
      if (found.has(product)) continue;
      const matches = new Set(by(product).flatMap((key) => index.get(key) ?? (index.has(key) ? [null] : [])));
      const [match] = matches;
      // Codes that point at two old products at once say nothing.
      if (matches.size !== 1 || !match || used.has(match)) continue;
      found.set(product, match);
      used.add(match);
    }
  };
  pair((product) => product.variants.map((variant) => variant.sku.trim().toLowerCase()).filter(Boolean));
  pair((product) => [plainWords(product.title).join(' ')]);
  return found;
}

const choice = (variant: Variant): string => variant.values.map((value) => plainWords(value).join(' ')).join('\u0000');

/** A product under another name, its variants under the names that they had: by code, then by what is chosen. */
function named(product: Product, id: string, known: readonly Variant[]): Product {
  const left = new Set(known);
  const take = (test: (old: Variant) => boolean): Variant | undefined => {
    const match = [...left].find(test);
    if (match) left.delete(match);
    return match;
  };
  const old = new Map<Variant, Variant>();
  for (const variant of product.variants) {
    const match = variant.sku ? take((one) => one.sku.toLowerCase() === variant.sku.toLowerCase()) : undefined;
    if (match) old.set(variant, match);
  }
  for (const variant of product.variants) {
    const match = old.has(variant) ? undefined : take((one) => choice(one) === choice(variant));
    if (match) old.set(variant, match);
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
