import { type TillRules } from '@/core/till';

/** A till that nothing was set at yet. */
export const bareTill: TillRules = {
  currency: 'EUR',
  digits: 2,
  locale: 'en-IE',
  country: 'IE',
  pricesIncludeTax: true,
  taxes: null,
  zones: [],
  codes: [],
  payments: { card: true, bank: '', bankDays: 14 },
  returnsDays: null,
};

/** A till in Germany that sends everything everywhere for 4.90. */
export const germanTill: TillRules = {
  ...bareTill,
  locale: 'en-DE',
  country: 'DE',
  taxes: { standard: 1900, reduced: 700, zero: 0 },
  zones: [
    { id: 'z', label: 'All', countries: ['*'], rates: [{ id: 'r', label: 'Post', price: 490, freeFrom: null, upTo: null }] },
  ],
};
