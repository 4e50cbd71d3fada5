import { z } from 'zod';
import { minorSchema, productKindSchema, rhythmSchema, taxClassSchema } from '../goods/about';
import { isCurrency, minorDigits } from './currencies';
import { doZonesMeet } from './delivery';
import { codeKey } from './discounts';
import {
  discountCodeSchema,
  invoicesSchema,
  lettersSchema,
  longestName,
  paymentsSchema,
  questionsSchema,
  plainTax,
  taxRatesSchema,
  taxRulesSchema,
  zoneSchema,
  type DeliveryZone,
} from './rules';

const isLocale = (tag: string): boolean => {
  try {
    return Intl.getCanonicalLocales(tag).length === 1;
  } catch {
    return false;
  }
};

/** Whether each place is in one zone at most. */
const doNoZonesMeet = (zones: readonly DeliveryZone[]) =>
  zones.every((zone, i) => !zones.slice(0, i).some((other) => doZonesMeet(zone, other)));

const allDiffer = (names: readonly string[]) => new Set(names).size === names.length;

/** What a seller sets at a till. What can't be set in the studio can't be written in a file either. */
const setFields = {
  country: z.string().regex(/^([A-Z]{2})?$/),
  pricesIncludeTax: z.boolean(),
  taxes: taxRatesSchema.nullable(),
  zones: z
    .array(zoneSchema)
    .max(200)
    .refine((zones) => allDiffer(zones.map(({ id }) => id)), 'Two zones have one name.')
    .refine(doNoZonesMeet, 'One place is in two zones.'),
  codes: z
    .array(discountCodeSchema)
    .max(2000)
    .refine((codes) => allDiffer(codes.map(({ code }) => codeKey(code))), 'One code stands for two discounts.'),
  payments: paymentsSchema,
  returnsDays: z.number().int().min(0).max(3650).nullable(),
};

/** The rules of a till as they are published. */
export const tillRulesSchema = z
  .object({
    currency: z.string().refine(isCurrency, 'This is no currency of ISO 4217.'),
    digits: z.number().int(),
    locale: z.string().refine(isLocale, 'This is no language tag of BCP 47.'),
    ...setFields,
    tax: taxRulesSchema.default(plainTax),
    invoices: invoicesSchema.nullable().default(null),
    letters: lettersSchema.default({}),
    questions: questionsSchema.default([]),
    presents: z.boolean().default(false),
  })
  .refine(({ currency, digits }) => digits === minorDigits(currency), {
    path: ['digits'],
    message: 'The currency is written with another number of digits.',
  });

/** A file of rules: any of what can be set; of how tax is worked out, what differs from the usual. */
export const ruleFileSchema = z
  .strictObject({
    ...setFields,
    invoices: invoicesSchema,
    letters: lettersSchema,
    questions: questionsSchema,
    presents: z.boolean(),
    tax: taxRulesSchema.partial().transform((part) => ({ ...plainTax, ...part })),
  })
  .partial();

const colour = z.string().regex(/^#[0-9a-f]{6}$/i);

const entrySchema = z.object({
  id: z.string().min(1).max(longestName),
  title: z.string().max(1000),
  price: minorSchema,
  weight: z.number().nonnegative(),
  taxClass: taxClassSchema,
  physical: z.boolean(),
  /** What follows it; shops of before it was told have none, and sell what travels alone. */
  kind: productKindSchema.optional(),
  rhythm: rhythmSchema.optional(),
  stock: z.number().int().nonnegative().nullable(),
  sku: z.string().max(longestName).optional(),
  product: z.string().max(longestName).optional(),
  shelves: z.array(z.string().max(longestName)).max(100).optional(),
});

/** What a host needs to compute the orders of a shop again. It is published with the shop and read by this, whoever wrote it. */
export const hostDataSchema = z.object({
  shop: z.string().min(1).max(longestName),
  name: z.string().max(1000),
  rules: tillRulesSchema,
  prices: z
    .array(entrySchema)
    .max(1_000_000)
    .refine((prices) => allDiffer(prices.map(({ id }) => id)), 'Two things have one name.'),
  /** Files that are sold, by product: what they are called, and where they lie in the release, where nobody may fetch them. */
  files: z
    .record(
      z.string(),
      z.object({ name: z.string().min(1).max(longestName), at: z.string().regex(/^data\/files\/[0-9a-f]{64}$/) }),
    )
    .default({}),
  /** Colours of letters, as CSS writes them. */
  look: z.object({ ground: colour, ink: colour, accent: colour }).optional(),
});

export type HostData = z.infer<typeof hostDataSchema>;
