import { z } from 'zod';

/** Money is always a whole number of the currency's minor units (pence, cents, fils). */
const minor = z.number().int().nonnegative().max(Number.MAX_SAFE_INTEGER);

export const taxClassSchema = z.enum(['standard', 'reduced', 'zero']);
export const productKindSchema = z.enum(['physical', 'download', 'appointment', 'gift-card']);

export const variantSchema = z.object({
  id: z.string(),
  /** One value per option of the product, in the product's order of options. */
  values: z.array(z.string()),
  sku: z.string().default(''),
  price: minor,
  earlierPrice: minor.nullable().default(null),
  /** Pieces left; null where the seller doesn't count. */
  stock: z.number().int().nonnegative().nullable().default(null),
  /** Grams. */
  weight: z.number().nonnegative().default(0),
  picture: z.string().nullable().default(null),
});

export const productSchema = z.object({
  id: z.string(),
  slug: z.string(),
  title: z.string().min(1),
  description: z.string().default(''),
  kind: productKindSchema.default('physical'),
  taxClass: taxClassSchema.default('standard'),
  categories: z.array(z.string()).default([]),
  options: z.array(z.string()).default([]),
  pictures: z.array(z.string()).default([]),
  variants: z.array(variantSchema).min(1),
});

export const problemSchema = z.object({
  /** The line of the list, counted from 1, the header included. */
  row: z.number().int(),
  column: z.string(),
  /** "left-out": the row is not in the shop; "mended": it is, with a repaired value; "look": it is as given, but odd. */
  kind: z.enum(['left-out', 'mended', 'look']),
  say: z.string(),
});

export const pictureSchema = z.object({
  /** The name by which the list of goods calls it. */
  name: z.string(),
  /** SHA-256 of the bytes, in hex: the key under which the bytes are kept. */
  hash: z.string().regex(/^[0-9a-f]{64}$/),
  type: z.enum(['image/webp', 'image/png', 'image/jpeg', 'image/gif', 'image/avif', 'image/svg+xml']),
  width: z.number().int().positive(),
  height: z.number().int().positive(),
  /** Weight of the file. */
  bytes: z.number().int().nonnegative().default(0),
  /** Smaller sizes of it, narrowest first. */
  sizes: z.array(z.object({ hash: z.string(), width: z.number().int().positive(), bytes: z.number().int() })).default([]),
  /** Where to look, as shares of width and height: crops keep it in sight. */
  focus: z.object({ x: z.number(), y: z.number() }).default({ x: 0.5, y: 0.5 }),
  /** "fill" crops it to its place; "whole" shows all of it, with the ground beside. */
  fit: z.enum(['fill', 'whole']).default('fill'),
  /** Shapes of places in which filling would cut the thing off: there it is shown whole all the same. */
  cuts: z.array(z.enum(['upright', 'lying'])).default([]),
  /** The plain colour round it, or null. */
  ground: z.string().nullable().default(null),
  /** The colours that it is remembered by. */
  colours: z.array(z.string()).default([]),
  /** The colours that it meets its ground with: those along the outline of what is cut out; none where it fills its box. */
  rim: z.array(z.string()).default([]),
});

export const decisionSchema = z.object({
  place: z.string(),
  value: z.json(),
  /** When it was made, ISO 8601. */
  at: z.string(),
});

export const projectSchema = z.object({
  format: z.literal('arcatum-project'),
  version: z.literal(2),
  id: z.string(),
  name: z.string(),
  created: z.string(),
  changed: z.string(),
  seed: z.number().int().nonnegative(),
  brief: z.string(),
  goods: z.object({
    file: z.string(),
    /** The currency that the list's own signs name, or empty; and the digits that its prices were read with. */
    currency: z.string().default(''),
    digits: z.number().int().min(0).max(4).default(2),
    products: z.array(productSchema),
    problems: z.array(problemSchema),
  }),
  pictures: z.array(pictureSchema),
  decisions: z.array(decisionSchema),
});

export type TaxClass = z.infer<typeof taxClassSchema>;
export type ProductKind = z.infer<typeof productKindSchema>;
export type Variant = z.infer<typeof variantSchema>;
export type Product = z.infer<typeof productSchema>;
export type Problem = z.infer<typeof problemSchema>;
export type Picture = z.infer<typeof pictureSchema>;
export type Decision = z.infer<typeof decisionSchema>;
export type DecisionValue = Decision['value'];
/** What the seller gave and decided. Nothing generated is ever in it. */
export type Project = z.infer<typeof projectSchema>;

export function newProject(id: string, name: string, now: string): Project {
  return {
    format: 'arcatum-project',
    version: 2,
    id,
    name,
    created: now,
    changed: now,
    seed: 1,
    brief: '',
    goods: { file: '', currency: '', digits: 2, products: [], problems: [] },
    pictures: [],
    decisions: [],
  };
}
