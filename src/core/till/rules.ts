import { z } from 'zod';
import { minorSchema } from '../goods/about';
import type { MoneyForm } from './money';

export type TaxClassName = 'standard' | 'reduced' | 'zero';

/** Characters that a label or an id of the till may have. */
export const longestName = 200;
const name = z.string().min(1).max(longestName);

const stepsSchema = z.object({
  by: z.enum(['weight', 'sum', 'pieces']),
  /** From so many grams, minor units or pieces on, this is the price: from nothing up, so that the table has no hole. */
  at: z
    .array(z.object({ from: z.number().int().nonnegative(), price: minorSchema }))
    .min(1)
    .max(100)
    .refine(([first]) => first?.from === 0, 'The first step begins at 0.')
    .refine((at) => at.every(({ from }, i) => i === 0 || from > (at[i - 1]?.from ?? 0)), 'The steps go up.'),
});

const rateSchema = z.object({
  id: name,
  label: name,
  /** Minor units; where there are steps, these say it. */
  price: minorSchema,
  /** From this sum of goods, after discount, the rate is free; null never. */
  freeFrom: minorSchema.nullable(),
  /** Heaviest parcel, grams; null carries anything. */
  upTo: z.number().positive().nullable(),
  steps: stepsSchema.nullable().default(null),
  /** For each piece after the first, minor units. */
  perPiece: minorSchema.default(0),
  /** The buyer comes for it: no address is asked for. */
  collection: z.boolean().default(false),
});

export const zoneSchema = z.object({
  id: name,
  label: name,
  /** ISO 3166-1 alpha-2 codes; "*" is the rest of the world. */
  countries: z.array(z.string().regex(/^([A-Z]{2}|\*)$/)).max(300),
  /** Parts of its countries, ISO 3166-2 without the country; none is all of them. */
  regions: z
    .array(z.string().regex(/^[A-Z0-9]{1,3}$/))
    .max(300)
    .default([]),
  /** Beginnings of postal codes, or stretches of them ("7000–7999"); none is all of them. */
  postal: z
    .array(z.string().regex(/^[\w –-]{1,21}$/))
    .max(500)
    .default([]),
  /** Added to each of its rates, minor units. */
  surcharge: minorSchema.default(0),
  /** Nothing is sent there. */
  closed: z.boolean().default(false),
  rates: z.array(rateSchema).max(100),
});

export const discountCodeSchema = z
  .object({
    /** What a buyer types; of one that is taken off unasked, what it is called. */
    code: name.regex(/^[^,]*$/, 'A code has no comma.'),
    kind: z.enum(['percent', 'sum', 'free-delivery']),
    /** Basis points for percent (1000 is 10 %), minor units for sum, unused for free delivery. */
    amount: minorSchema,
    /** Least sum of goods, minor units. */
    least: minorSchema,
    /** ISO date of the last day, or empty. */
    until: z.union([z.literal(''), z.iso.date()]),
    /** ISO date of the first day, or empty. */
    from: z.union([z.literal(''), z.iso.date()]).default(''),
    /** What it is taken off. */
    of: z
      .discriminatedUnion('kind', [
        z.object({ kind: z.literal('all') }),
        z.object({ kind: z.literal('products'), ids: z.array(z.string().max(longestName)).min(1).max(1000) }),
        z.object({ kind: z.literal('shelves'), names: z.array(z.string().max(longestName)).min(1).max(200) }),
      ])
      .default({ kind: 'all' }),
    /** How often in all, and for one buyer (by e-mail address); null without end. */
    uses: z.number().int().positive().max(1_000_000).nullable().default(null),
    perBuyer: z.number().int().positive().max(1_000_000).nullable().default(null),
    /** Taken off unasked. */
    automatic: z.boolean().default(false),
    /** Whether others that may be combined are taken off beside it. */
    combines: z.boolean().default(false),
  })
  .refine(({ kind, amount }) => kind !== 'percent' || amount <= 10_000, 'A code takes at most 100 % off.')
  .refine(({ from, until }) => !from || !until || from <= until, 'A code ends before it begins.');

/** A rate of tax in basis points, with up to two decimals: 2000 is 20 %, 997.5 is 9.975 %. */
export const taxRateSchema = z
  .number()
  .min(0)
  .max(10_000)
  .refine((rate) => Math.abs(rate * 100 - Math.round(rate * 100)) < 1e-6, 'A rate has at most four decimals of a per cent.');
export const taxRatesSchema = z.object({ standard: taxRateSchema, reduced: taxRateSchema, zero: z.literal(0) });
export type TaxRates = z.infer<typeof taxRatesSchema>;

const taxPlaceSchema = taxRatesSchema.extend({
  country: z.string().regex(/^[A-Z]{2}$/),
  /** ISO 3166-2 without the country; empty is all of it. */
  region: z.string().regex(/^[A-Z0-9]{0,3}$/),
  /** ISO date of the first day, or empty: always. */
  from: z.union([z.literal(''), z.iso.date()]),
});
export type TaxPlace = z.infer<typeof taxPlaceSchema>;

/** How tax is worked out, beside the seller's own rates. */
export const taxRulesSchema = z.object({
  /** A small seller charges no tax at all. */
  small: z.boolean(),
  /** Places with rates of their own. With the seller's country they are the area in which tax is due. */
  places: z
    .array(taxPlaceSchema)
    .max(2000)
    .refine(
      (places) => new Set(places.map(({ country, region, from }) => `${country}-${region} ${from}`)).size === places.length,
      'One place has two rates from one day.',
    ),
  /** In the area: by the seller's rates, or by those of the buyer's place. */
  within: z.enum(['home', 'there']),
  /** Outside of it: by the seller's rates, or none. */
  outside: z.enum(['home', 'none']),
  /** Where a place has other rates and prices contain tax: the buyer pays the same price, or the same without tax. */
  prices: z.enum(['same', 'net']),
  /** Delivery is taxed as the goods in the parcel are, in proportion, or always at the standard rate. */
  delivery: z.enum(['goods', 'standard']),
  /** Buyers with a tax number of another country of the area owe the tax themselves. */
  business: z.boolean(),
  rounding: z.object({ mode: z.enum(['half-up', 'half-even']), per: z.enum(['line', 'rate', 'order']) }),
});
export type TaxRules = z.infer<typeof taxRulesSchema>;

/** As nobody has said otherwise: one country's rates for everybody, rounded once for each rate. */
export const plainTax: TaxRules = {
  small: false,
  places: [],
  within: 'home',
  outside: 'home',
  prices: 'same',
  delivery: 'goods',
  business: false,
  rounding: { mode: 'half-up', per: 'rate' },
};

/** Days that a bank transfer may take before the goods go back on the shelf, where the seller says nothing: common practice. */
export const usualBankDays = 14;

/** How a shop is paid. */
export const paymentsSchema = z.object({
  card: z.boolean(),
  /** The account, in the seller's words; empty where none is taken. */
  bank: z.string().max(2000),
  bankDays: z.number().int().min(1).max(90).default(usualBankDays),
  /** In cash, when it is delivered or fetched: where something is handed over. */
  cash: z.boolean().default(false),
});
export type Payments = z.infer<typeof paymentsSchema>;

/** What numbers of a series begin with. It ends in no figure, so that numbers of two series are never the same. */
const prefixSchema = z
  .string()
  .max(20)
  .regex(/^([\w/. -]*[A-Za-z_/. -])?$/, 'A prefix is made of letters, figures and - / . _ and does not end in a figure.');

/** Who issues invoices, and under which numbers. */
export const invoicesSchema = z
  .object({
    /** The seller's name and address in law, the address in lines without the country. */
    name,
    address: z.string().min(1).max(1000),
    /** Where electronic invoices are answered, or empty. */
    email: z.union([z.literal(''), z.email().max(200)]).default(''),
    /** As it stands on invoices, or empty where the seller has none. */
    taxNumber: z.string().trim().max(40),
    /** What numbers begin with: each prefix is a series of its own, without gaps. */
    prefix: prefixSchema,
    creditPrefix: prefixSchema,
    /** The first number of a series. */
    first: z.number().int().min(1).max(1_000_000_000),
    /** At the foot of each, in the seller's words. */
    note: z.string().max(1000),
  })
  .refine(({ prefix, creditPrefix }) => prefix !== creditPrefix, 'Invoices and credit notes have series of their own.');
export type Invoices = z.infer<typeof invoicesSchema>;

/** What a seller asks of buyers at the checkout, in their own words. */
export const questionsSchema = z
  .array(z.object({ id: z.string().regex(/^q[0-9]{1,6}$/), label: z.string().trim().min(1).max(200), required: z.boolean() }))
  .max(12)
  .refine((questions) => new Set(questions.map(({ id }) => id)).size === questions.length, 'Two questions have one name.');
export type Question = z.infer<typeof questionsSchema>[number];

/** Kinds of letters that go to buyers, in the order in which things happen. */
export const letterKinds = [
  'placed',
  'taken',
  'paid',
  'expired',
  'files',
  'cards',
  'time',
  'ready',
  'sent',
  'cancelled',
  'refunded',
  'again',
  'unpaid',
  'paused',
  'resumed',
  'stopped',
] as const;
export type LetterKind = (typeof letterKinds)[number];

/** The seller's own words for letters; ours where there are none. */
export const lettersSchema = z.partialRecord(
  z.enum(letterKinds),
  z.object({ subject: z.string().min(1).max(200), words: z.string().min(1).max(5000) }),
);
export type Letters = z.infer<typeof lettersSchema>;

export type DeliveryZone = z.infer<typeof zoneSchema>;
export type DeliveryRate = DeliveryZone['rates'][number];
export type DiscountCode = z.infer<typeof discountCodeSchema>;

/** Everything that decides what a buyer pays, beside the goods' own prices. Published with the shop; the host reads the same. */
export interface TillRules extends MoneyForm {
  /** Where the seller is, ISO 3166-1 alpha-2, or empty where that is not known. */
  country: string;
  pricesIncludeTax: boolean;
  /** Basis points by class; null while the seller hasn't said: then no tax is shown or charged. */
  taxes: TaxRates | null;
  tax: TaxRules;
  zones: DeliveryZone[];
  codes: DiscountCode[];
  payments: Payments;
  /** Days to send something back; null while the seller hasn't said. */
  returnsDays: number | null;
  /** null while the seller hasn't said: then none are issued. */
  invoices: Invoices | null;
  letters: Letters;
  questions: Question[];
  /** Whether buyers may write a line to whoever gets it as a present. */
  presents: boolean;
}
