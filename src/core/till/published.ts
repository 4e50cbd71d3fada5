import { z } from 'zod';
import { minorSchema, productKindSchema, rhythmSchema, taxClassSchema } from '../goods/about';
import { isCurrency, minorDigits } from './currencies';
import { longestName, ruleIds, taxRulesSchema, tillRules, type RuleId } from './rules';
import { allDiffer } from './rules/names';

const isLocale = (tag: string): boolean => {
  try {
    return Intl.getCanonicalLocales(tag).length === 1;
  } catch {
    return false;
  }
};

/** The rules of a till as they are published. What can't be set in the studio can't be written in a file either. */
export const tillRulesSchema = z
  .object({
    currency: z.string().refine(isCurrency, 'This is no currency of ISO 4217.'),
    digits: z.number().int(),
    locale: z.string().refine(isLocale, 'This is no language tag of BCP 47.'),
    country: tillRules.country.schema,
    pricesIncludeTax: tillRules.pricesIncludeTax.schema,
    taxes: tillRules.taxes.schema,
    zones: tillRules.zones.schema,
    codes: tillRules.codes.schema,
    payments: tillRules.payments.schema,
    returnsDays: tillRules.returnsDays.schema,
    // Shops of before these were set have none of them.
    tax: tillRules.tax.schema.default(tillRules.tax.unset),
    invoices: tillRules.invoices.schema.default(null),
    letters: tillRules.letters.schema.default({}),
    questions: tillRules.questions.schema.default([]),
    presents: tillRules.presents.schema.default(false),
  })
  .refine(({ currency, digits }) => digits === minorDigits(currency), {
    path: ['digits'],
    message: 'The currency is written with another number of digits.',
  });

type Schemas = { [Id in RuleId]: (typeof tillRules)[Id]['schema'] };
const schemas = Object.fromEntries(ruleIds.map((id) => [id, tillRules[id].schema])) as Schemas;

/** A file of rules: any of what can be set; of how tax is worked out, what differs from the usual. */
export const ruleFileSchema = z
  .strictObject({ ...schemas, tax: taxRulesSchema.partial().transform((part) => ({ ...tillRules.tax.unset, ...part })) })
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
  /** Where each page stands by its id, so that who comes by an address of before is led on. Shops of before it was told have none. */
  paths: z.record(z.string(), z.string().max(400)).optional(),
  /** The page of the shelf on which each product stands, by their ids. */
  shelfOf: z.record(z.string(), z.string().max(longestName)).optional(),
  /** Origins whose frames a page may show once a visitor asks for one. */
  frames: z
    .array(z.string().regex(/^https:\/\/[a-z0-9.-]+(?::\d{1,5})?$/))
    .max(40)
    .optional(),
  /** Colours of letters, as CSS writes them. */
  look: z.object({ ground: colour, ink: colour, accent: colour }).optional(),
});

export type HostData = z.infer<typeof hostDataSchema>;
