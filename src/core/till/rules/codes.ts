import { z } from 'zod';
import { minorSchema } from '../../goods/about';
import { codeKey } from '../discounts';
import { formatMoney } from '../money';
import { allDiffer, longestName, nameSchema } from './names';
import { defineRule, percent } from './rule';

export const discountCodeSchema = z
  .object({
    /** What a buyer types; of one that is taken off unasked, what it is called. */
    code: nameSchema.regex(/^[^,]*$/, 'A code has no comma.'),
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

export type DiscountCode = z.infer<typeof discountCodeSchema>;

function codeSays(
  { code, kind, amount, least, from, until, automatic }: DiscountCode,
  money: (amount: number) => string,
): string {
  const takes = { percent: `${percent(amount)} off`, sum: `${money(amount)} off`, 'free-delivery': 'delivery off' }[kind];
  const more = [
    ...(automatic ? ['unasked'] : []),
    ...(least ? [`from ${money(least)}`] : []),
    ...(from ? [`as of ${from}`] : []),
    ...(until ? [`until ${until}`] : []),
  ];
  return `${code} takes ${[takes, ...more].join(', ')}`;
}

/** What is taken off, by a code or unasked. */
export const codes = defineRule({
  schema: z
    .array(discountCodeSchema)
    .max(2000)
    .refine((list) => allDiffer(list.map(({ code }) => codeKey(code))), 'One code stands for two discounts.'),
  unset: [],
  says: (list, money) => {
    if (!list.length) return 'There are no discounts.';
    const some = list.slice(0, 12);
    const more = list.length > some.length ? ` and ${list.length - some.length} more` : '';
    return money
      ? `${some.map((one) => codeSays(one, money)).join('. ')}${more}.`
      : `Discounts: ${some.map(({ code }) => code).join(', ')}${more}.`;
  },
  steps: (bill, rules) => {
    const money = (amount: number) => formatMoney(amount, rules);
    const taken = bill.discounts.flatMap(({ code, automatic, amount }) => {
      if (!amount) return [];
      const discount = rules.codes.find((one) => one.code === code);
      const share = discount?.kind === 'percent' ? `${percent(discount.amount, rules.locale)} of what it covers` : 'a sum';
      const rule = `${share}${automatic ? ', taken off unasked' : ''}; shared over its lines in proportion`;
      return [{ what: `Discount ${code}`, amount: -amount, rule }];
    });
    const isLess = bill.discounts.length > 1 || (bill.discounts.length === 1 && bill.discount !== 0);
    const left = {
      what: 'Goods after discount',
      amount: bill.goods - bill.discount,
      rule: bill.lines.map((line) => money(line.sum - line.discount)).join(' + '),
    };
    return isLess ? [...taken, left] : taken;
  },
});
