import { z } from 'zod';
import type { Bill } from './bill';
import { formatMoney } from './money';
import { ruleIds, tillRules, type TillRules } from './rules';

/** A figure of a bill with its working, in words that a seller can check by hand. */
export const stepSchema = z.object({
  what: z.string(),
  /** Minor units; below zero it is taken off. */
  amount: z.number(),
  /** How it was come by. */
  rule: z.string(),
  rounding: z.string().optional(),
});
export type Step = z.infer<typeof stepSchema>;

/** Unfolds every figure of a bill, in the order in which they are worked out: what each rule makes of it, between the goods and the total. */
export function stepsOf(bill: Bill, rules: TillRules): Step[] {
  const money = (amount: number) => formatMoney(amount, rules);
  const goods: Step = {
    what: 'Goods',
    amount: bill.goods,
    rule: bill.lines.map((line) => `${line.quantity} × ${money(line.price)} ${line.title}`).join(' + ') || 'nothing in the cart',
  };
  const parts = [
    'goods',
    bill.discount ? '− discount' : '',
    bill.delivery ? '+ delivery' : '',
    bill.relief ? '− tax not charged' : '',
  ];
  const added = bill.taxIncluded || !bill.taxes.length ? '' : '+ tax';
  const end = bill.taxes.length && bill.taxIncluded ? '; the tax is already in it' : '';
  const total: Step = { what: 'Total', amount: bill.total, rule: `${[...parts, added].filter(Boolean).join(' ')}${end}` };
  return [goods, ...ruleIds.flatMap((id) => tillRules[id].steps?.(bill, rules) ?? []), total];
}
