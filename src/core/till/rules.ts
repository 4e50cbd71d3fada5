import { z } from 'zod';
import { minorSchema } from '../goods/about';
import type { MoneyForm } from './money';

export type TaxClassName = 'standard' | 'reduced' | 'zero';

/** Characters that a label or an id of the till may have. */
export const longestName = 200;
const name = z.string().min(1).max(longestName);

const rateSchema = z.object({
  id: name,
  label: name,
  /** Minor units. */
  price: minorSchema,
  /** From this sum of goods, after discount, the rate is free; null never. */
  freeFrom: minorSchema.nullable(),
  /** Heaviest parcel, grams; null carries anything. */
  upTo: z.number().positive().nullable(),
});

export const zoneSchema = z.object({
  id: name,
  label: name,
  /** ISO 3166-1 alpha-2 codes; "*" is the rest of the world. */
  countries: z.array(z.string().regex(/^([A-Z]{2}|\*)$/)).max(300),
  rates: z.array(rateSchema).max(100),
});

export const discountCodeSchema = z
  .object({
    code: name,
    kind: z.enum(['percent', 'sum', 'free-delivery']),
    /** Basis points for percent (1000 is 10 %), minor units for sum, unused for free delivery. */
    amount: minorSchema,
    /** Least sum of goods, minor units. */
    least: minorSchema,
    /** ISO date of the last day, or empty. */
    until: z.union([z.literal(''), z.iso.date()]),
  })
  .refine(({ kind, amount }) => kind !== 'percent' || amount <= 10_000, 'A code takes at most 100 % off.');

/** Days that a bank transfer may take before the goods go back on the shelf, where the seller says nothing: common practice. */
export const usualBankDays = 14;

/** How a shop is paid. */
export const paymentsSchema = z.object({
  card: z.boolean(),
  /** The account, in the seller's words; empty where none is taken. */
  bank: z.string().max(2000),
  bankDays: z.number().int().min(1).max(90).default(usualBankDays),
});
export type Payments = z.infer<typeof paymentsSchema>;

/** A rate of tax in basis points: 2000 is 20 %. */
export const taxRateSchema = z.number().int().min(0).max(10_000);
export const taxRatesSchema = z.object({ standard: taxRateSchema, reduced: taxRateSchema, zero: z.literal(0) });
export type TaxRates = z.infer<typeof taxRatesSchema>;

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
  zones: DeliveryZone[];
  codes: DiscountCode[];
  payments: Payments;
  /** Days to send something back; null while the seller hasn't said. */
  returnsDays: number | null;
}
