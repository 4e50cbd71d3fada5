import { z } from 'zod';
import { type Reading } from '../brief';
import { countryOf } from '../lexicon';
import { discountCodeSchema, zoneSchema, type Decided } from '../project';
import { isCurrency, minorDigits, type TillRules } from '../till';

const taxesSchema = z.object({ standard: z.number(), reduced: z.number(), zero: z.number() });

/** The till's rules: what the seller set, and what the brief says. Tax and delivery are never guessed. */
export function makeRules(reading: Reading, decided: Decided, listCurrency: string): TillRules {
  const wanted = reading.currency?.value ?? listCurrency;
  const country = decided.at('till/country', z.string()) ?? reading.country?.value ?? '';
  const [own] = (countryOf(country)?.currencies ?? []).filter(({ code }) => isCurrency(code));
  const currency = isCurrency(wanted) ? wanted : listCurrency || own?.code || 'EUR';
  return {
    currency,
    digits: minorDigits(currency),
    locale: country ? `en-${country}` : 'en',
    country,
    pricesIncludeTax: decided.at('till/pricesIncludeTax', z.boolean()) ?? true,
    taxes: decided.at('till/taxes', taxesSchema) ?? null,
    zones: decided.at('till/zones', z.array(zoneSchema)) ?? [],
    codes: decided.at('till/codes', z.array(discountCodeSchema)) ?? [],
    payments: decided.at('till/payments', z.object({ card: z.boolean(), bank: z.string() })) ?? { card: true, bank: '' },
    returnsDays: decided.at('till/returnsDays', z.number()) ?? null,
  };
}
