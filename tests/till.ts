import { type z } from 'zod';
import { tillRulesSchema, type TillRules } from '@/core/till';

/** A till with the rules that a test speaks of, and otherwise as one that nobody has set anything at. */
export const tillWith = (part: Partial<z.input<typeof tillRulesSchema>>): TillRules =>
  tillRulesSchema.parse({
    currency: 'EUR',
    digits: 2,
    locale: 'en-IE',
    country: 'IE',
    pricesIncludeTax: true,
    taxes: null,
    zones: [],
    codes: [],
    payments: { card: true, bank: '' },
    returnsDays: null,
    ...part,
  });

/** A till that nothing was set at yet. */
export const bareTill: TillRules = tillWith({});

/** A till in Germany that sends everything everywhere for 4.90. */
export const germanTill: TillRules = tillWith({
  locale: 'en-DE',
  country: 'DE',
  taxes: { standard: 1900, reduced: 700, zero: 0 },
  zones: [
    { id: 'z', label: 'All', countries: ['*'], rates: [{ id: 'r', label: 'Post', price: 490, freeFrom: null, upTo: null }] },
  ],
});
