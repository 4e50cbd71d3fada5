import { z } from 'zod';
import { defineRule, listed } from './rule';

/** Days that a bank transfer may take before the goods go back on the shelf, where the seller says nothing: common practice. */
export const usualBankDays = 14;

/** Minutes that a card payment may take, where the seller says nothing: common practice. */
export const usualCardMinutes = 30;

/** How a shop is paid. */
export const paymentsSchema = z.object({
  card: z.boolean(),
  /** The account, in the seller's words; empty where none is taken. */
  bank: z.string().max(2000),
  bankDays: z.number().int().min(1).max(90).default(usualBankDays),
  /** Minutes that goods are kept while a card is asked for, before they go back on the shelf. */
  cardMinutes: z.number().int().min(10).max(1440).default(usualCardMinutes),
  /** In cash, when it is delivered or fetched: where something is handed over. */
  cash: z.boolean().default(false),
});
export type Payments = z.infer<typeof paymentsSchema>;

export const payments = defineRule({
  schema: paymentsSchema,
  unset: { card: true, bank: '', bankDays: usualBankDays, cardMinutes: usualCardMinutes, cash: false },
  says: ({ card, bank, bankDays, cash }) => {
    const ways = [
      ...(card ? ['by card'] : []),
      ...(bank ? [`by bank transfer within ${bankDays} ${bankDays === 1 ? 'day' : 'days'}`] : []),
      ...(cash ? ['in cash when it is handed over'] : []),
    ];
    return ways.length ? `Buyers pay ${listed(ways)}.` : 'Buyers can’t pay: no way is set, so each order is by arrangement.';
  },
});
