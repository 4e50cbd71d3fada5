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
export const choiceLine = ({ values }: PageOffer, picked: readonly unknown[]): string =>
  Object.values(values).some((one) => one.every((value, at) => value === picked[at]))
    ? 'This one can’t be ordered here yet.'
    : 'This combination is not made.';

/** What a page says of the pieces that are left; nothing where they are not counted. */
export const stockLine = (stock: number | null): string =>
  stock === null ? '' : stock === 0 ? 'Sold out for now.' : stock <= 3 ? `Only ${stock} left.` : 'In stock.';
