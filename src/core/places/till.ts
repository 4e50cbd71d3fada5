import { z } from 'zod';
import { countryOf } from '../lexicon/about';
import {
  discountCodeSchema,
  invoicesSchema,
  lettersSchema,
  paymentsSchema,
  questionsSchema,
  taxRatesSchema,
  taxRulesSchema,
  zoneSchema,
} from '../till/about';
import { definePlace } from './place';
import { shown, turns } from './says';

export const country = definePlace({
  address: ['till', 'country'],
  value: z.string().refine((code) => countryOf(code) !== undefined, 'This is no country’s code (ISO 3166-1 alpha-2).'),
  says: (before, after) => {
    const named = (code: string | undefined) => (code ? (countryOf(code)?.name ?? code) : undefined);
    return `Country of the shop: ${shown(named(before))} → ${shown(named(after))}`;
  },
});
export const pricesIncludeTax = definePlace({
  address: ['till', 'pricesIncludeTax'],
  value: z.boolean(),
  says: turns('Prices hold tax'),
});
export const taxes = definePlace({
  address: ['till', 'taxes'],
  value: taxRatesSchema,
  says: (_, after) => (after ? `Tax: ${after.standard / 100} %, reduced ${after.reduced / 100} %` : 'Tax rates: none are set'),
});
export const tax = definePlace({
  address: ['till', 'tax'],
  value: taxRulesSchema,
  says: (_, after) => (after ? 'How tax is worked out' : 'How tax is worked out: as at first'),
});
export const zones = definePlace({
  address: ['till', 'zones'],
  value: z.array(zoneSchema).max(200),
  says: (_, after) => `Delivery: ${after?.length ? after.map((zone) => zone.label).join(', ') : 'no zones'}`,
});
export const codes = definePlace({
  address: ['till', 'codes'],
  value: z.array(discountCodeSchema).max(2000),
  says: (_, after) => `Discount codes: ${after?.length ? shown(after.map((code) => code.code)) : 'none'}`,
});
export const payments = definePlace({
  address: ['till', 'payments'],
  value: paymentsSchema,
  says: (_, after) =>
    `Payment: ${after ? [after.card ? 'card' : '', after.bank ? 'bank transfer' : ''].filter(Boolean).join(', ') || 'none' : 'card'}`,
});
export const returnsDays = definePlace({
  address: ['till', 'returnsDays'],
  value: z.number().int().min(0).max(3650),
  says: turns('Days to send things back'),
});
export const invoices = definePlace({
  address: ['till', 'invoices'],
  value: invoicesSchema,
  says: (_, after) => (after ? `Invoices are issued by ${after.name}` : 'Invoices: none are issued'),
});
export const questions = definePlace({
  address: ['till', 'questions'],
  value: questionsSchema,
  says: (_, after) => `Questions at the checkout: ${after?.length ? shown(after.map(({ label }) => label)) : 'none'}`,
});
export const presents = definePlace({
  address: ['till', 'presents'],
  value: z.boolean(),
  says: (_, after) => (after ? 'Buyers may write a line for a present' : 'No line for a present is asked for'),
});
export const letters = definePlace({
  address: ['till', 'letters'],
  value: lettersSchema,
  says: () => 'Words of letters to buyers',
});

export const publishedAt = definePlace({
  address: ['publish', 'address'],
  value: z.string().regex(/^[a-z0-9-]{3,60}$/),
  says: turns('Address of the shop'),
});
