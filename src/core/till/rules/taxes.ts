import { z } from 'zod';
import { formatMoney } from '../money';
import { defineRule, percent } from './rule';
import { roundingSays } from './rounding';

export type TaxClassName = 'standard' | 'reduced' | 'zero';

/** A rate of tax in basis points, with up to two decimals: 2000 is 20 %, 997.5 is 9.975 %. */
export const taxRateSchema = z
  .number()
  .min(0)
  .max(10_000)
  .refine((rate) => Math.abs(rate * 100 - Math.round(rate * 100)) < 1e-6, 'A rate has at most four decimals of a per cent.');
export const taxRatesSchema = z.object({ standard: taxRateSchema, reduced: taxRateSchema, zero: z.literal(0) });
export type TaxRates = z.infer<typeof taxRatesSchema>;

/** Basis points by class; null while the seller hasn't said: then no tax is shown or charged. */
export const taxes = defineRule({
  schema: taxRatesSchema.nullable(),
  unset: null,
  says: (rates) =>
    rates
      ? `Tax is ${percent(rates.standard)}, ${percent(rates.reduced)} on what is reduced.`
      : 'No rates of tax are set, so none is shown.',
  steps: (bill, rules) => {
    const { locale, tax } = rules;
    const money = (amount: number) => formatMoney(amount, rules);
    return bill.taxes.map((line) => {
      const rate = percent(line.rate, locale);
      const amount = money(line.net + line.tax);
      return {
        what: `Tax at ${rate}`,
        amount: line.tax,
        rule: bill.taxIncluded
          ? `contained in ${amount}: ${amount} × ${line.rate / 100} ÷ ${100 + line.rate / 100}`
          : `${rate} of ${money(line.net)}, added`,
        rounding: roundingSays(tax.rounding),
      };
    });
  },
});
