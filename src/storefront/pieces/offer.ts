import { fill, type ScriptPhrases } from '@/core/phrases';
import { type Product } from '@/core/project';
import { type Offer } from '@/core/site';
import { type Context } from '../context';

/** Offer as a page's script reads it: options, and what changes with them, beside what the cart needs. Keys are variants. */
export type PageOffer = Offer & {
  options: string[];
  values: Record<string, string[]>;
  pictures: Record<string, string>;
  /** Earlier prices of what is cheaper now. */
  before: Record<string, number>;
};

export function pageOffer({ addresses }: Pick<Context, 'addresses'>, item: Product, offer: Offer): PageOffer {
  const pictures: Record<string, string> = {};
  const before: Record<string, number> = {};
  for (const variant of item.variants) {
    if (variant.earlierPrice !== null) before[variant.id] = variant.earlierPrice;
    const src = variant.picture ? addresses.picture(variant.picture)?.src : undefined;
    if (src) pictures[variant.id] = src;
  }
  const values = Object.fromEntries(item.variants.map((variant) => [variant.id, variant.values]));
  return { ...offer, options: item.options, values, pictures, before };
}

/** What a page says of a choice that is not sold, or not yet. */
export const choiceLine = (phrases: ScriptPhrases, { values }: PageOffer, picked: readonly unknown[]): string =>
  Object.values(values).some((one) => one.every((value, at) => value === picked[at])) ? phrases.notThisOne : phrases.notMade;

/** What a page says of the pieces that are left; nothing where they are not counted. */
export function stockLine(phrases: ScriptPhrases, stock: number | null): string {
  if (stock === null) return '';
  if (stock === 0) return phrases.soldOut;
  return stock <= 3 ? fill(phrases.onlyLeft, { n: stock }) : phrases.inStock;
}
