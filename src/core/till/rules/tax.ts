import { z } from 'zod';
import { countryName, defineRule, listed } from './rule';
import { roundingSays, roundingSchema } from './rounding';
import { taxRatesSchema } from './taxes';

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
  rounding: roundingSchema,
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

const whereSays = ({ places, within, outside, prices }: TaxRules): string[] => {
  const countries = [...new Set(places.map(({ country }) => country))];
  const some = countries.length > 4 ? `${countries.length} countries` : listed(countries.map(countryName));
  return [
    ...(countries.length ? [`In ${some} it is ${within === 'there' ? 'by the rates there' : 'by your own rates'}.`] : []),
    ...(outside === 'none' ? ['What leaves the area is free of tax.'] : []),
    ...(within === 'there' && prices === 'net' ? ['Where rates differ, the price without tax is the same.'] : []),
  ];
};

/** How tax is worked out, beside the seller's own rates. */
export const tax = defineRule({
  schema: taxRulesSchema,
  unset: plainTax,
  says: (rules) =>
    rules.small
      ? 'You are a small seller, who charges no tax.'
      : [
          ...whereSays(rules),
          `Delivery is taxed ${rules.delivery === 'goods' ? 'as what is in the parcel' : 'at the standard rate'}.`,
          ...(rules.business ? ['Businesses abroad owe the tax themselves.'] : []),
          `Tax is rounded ${roundingSays(rules.rounding)}.`,
        ].join(' '),
  steps: (bill, { tax: { rounding } }) =>
    bill.relief
      ? [
          {
            what: 'Tax not charged',
            amount: -bill.relief,
            rule:
              bill.taxing === 'business'
                ? 'the prices’ own tax comes off: the business owes tax at its place (reverse charge)'
                : bill.taxing === 'outside'
                  ? 'the prices’ own tax comes off: none is due where it goes'
                  : 'the prices’ own tax comes off: that of the buyer’s place is added',
            rounding: roundingSays(rounding),
          },
        ]
      : [],
});
