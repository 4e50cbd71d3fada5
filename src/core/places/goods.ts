import { z } from 'zod';
import { givenFileSchema, minorSchema, productKindSchema, productSchema, rhythmSchema, taxClassSchema } from '../goods/about';
import { definePlace, type At } from './place';
import { turnsAt } from './says';

type OfProduct = At<[string]>;
type OfVariant = At<[string, string]>;

const ofProduct = (what: string) => turnsAt(({ parts: [id], names }: OfProduct) => `${what} of ${names.product(id)}`);
const ofVariant = (what: string) =>
  turnsAt(
    ({ parts: [id, variant], names }: OfVariant) =>
      `${what} of ${names.product(id)}${variant.endsWith('.one') ? '' : `, ${variant.split('.').at(-1) ?? ''}`}`,
  );

/** What the seller changed of a product, over what the list says. */
export const productPlaces = {
  title: definePlace({ address: ['goods', ':product', 'title'], value: z.string().min(1).max(200), says: ofProduct('Title') }),
  description: definePlace({
    address: ['goods', ':product', 'description'],
    value: z.string().max(20_000),
    says: ofProduct('Description'),
  }),
  slug: definePlace({
    address: ['goods', ':product', 'slug'],
    value: z
      .string()
      .regex(/^[a-z0-9]+(?:-[a-z0-9]+)*$/)
      .max(100),
    says: ofProduct('Address'),
  }),
  categories: definePlace({
    address: ['goods', ':product', 'categories'],
    value: z.array(z.string().min(1).max(120)).max(40),
    says: ofProduct('Categories'),
  }),
  taxClass: definePlace({ address: ['goods', ':product', 'taxClass'], value: taxClassSchema, says: ofProduct('Tax class') }),
  kind: definePlace({ address: ['goods', ':product', 'kind'], value: productKindSchema, says: ofProduct('Kind') }),
  pictures: definePlace({
    address: ['goods', ':product', 'pictures'],
    value: z.array(z.string().min(1).max(300)).max(60),
    says: ofProduct('Pictures'),
  }),
  rhythm: definePlace({
    address: ['goods', ':product', 'rhythm'],
    value: rhythmSchema,
    says: (_, after, { parts: [id], names }: OfProduct) =>
      after
        ? `${names.product(id)} comes again every ${after.every === 1 ? '' : `${after.every} `}${after.unit}${after.every === 1 ? '' : 's'}`
        : `How often ${names.product(id)} comes again is open`,
  }),
  file: definePlace({
    address: ['goods', ':product', 'file'],
    value: givenFileSchema,
    says: (before, after, { parts: [id], names }: OfProduct) =>
      after
        ? `File of ${names.product(id)}: “${after.name}”`
        : `File of ${names.product(id)}: “${before?.name ?? ''}” is taken off`,
  }),
} as const;

/** A product that no list has: made by hand, or kept although the list has it no more. Its amounts are in the shop's money. */
export const ownProduct = definePlace({
  address: ['goods', ':product', 'own'],
  value: productSchema,
  says: (before, after) =>
    after ? `${after.title} is in the shop by hand` : `${before?.title ?? 'A product'} is taken out again`,
});

/** A product that is on the list and not in the shop. */
export const productHidden = definePlace({
  address: ['goods', ':product', 'hidden'],
  value: z.boolean(),
  says: (_, after, { parts: [id], names }: OfProduct) => `${names.product(id)} is ${after ? 'out of' : 'in'} the shop`,
});

/** How many goods can stand before the others. */
export const mostFirst = 200;

/** Goods that stand before the others, in the seller's order. */
export const goodsFirst = definePlace({
  address: ['goods', 'first'],
  value: z.array(z.string().min(1).max(200)).min(1).max(mostFirst),
  says: (_, after) => (after ? `Before the other goods: ${after.length}` : 'Goods stand as the list has them'),
});

/** What the seller changed of a variant. Prices are minor units, weights grams. */
export const variantPlaces = {
  price: definePlace({ address: ['goods', ':product', ':variant', 'price'], value: minorSchema, says: ofVariant('Price') }),
  weight: definePlace({
    address: ['goods', ':product', ':variant', 'weight'],
    value: z.number().int().min(0).max(100_000_000),
    says: ofVariant('Weight'),
  }),
  stock: definePlace({
    address: ['goods', ':product', ':variant', 'stock'],
    value: minorSchema.nullable(),
    says: ofVariant('Stock'),
  }),
  earlierPrice: definePlace({
    address: ['goods', ':product', ':variant', 'earlierPrice'],
    value: minorSchema.nullable(),
    says: ofVariant('Earlier price'),
  }),
  picture: definePlace({
    address: ['goods', ':product', ':variant', 'picture'],
    value: z.string().max(300).nullable(),
    says: ofVariant('Picture'),
  }),
} as const;
