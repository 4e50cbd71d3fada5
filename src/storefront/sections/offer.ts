import { type Product } from '@/core/project';
import { type Offer } from '@/core/site';
import { type Context } from '../context';

/** Offer as a page's script reads it: options beside what the cart needs. */
export type PageOffer = Offer & { options: string[]; values: Record<string, string[]>; pictures: Record<string, string> };

export function pageOffer({ addresses }: Pick<Context, 'addresses'>, item: Product, offer: Offer): PageOffer {
  const pictures: Record<string, string> = {};
  for (const variant of item.variants) {
    const src = variant.picture ? addresses.picture(variant.picture)?.src : undefined;
    if (src) pictures[variant.id] = src;
  }
  const values = Object.fromEntries(item.variants.map((variant) => [variant.id, variant.values]));
  return { ...offer, options: item.options, values, pictures };
}
