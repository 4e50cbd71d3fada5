import type { Bill } from './bill';
import { formatMoney } from './money';
import type { TillRules } from './rules';

/** A figure of a bill with its working, in words that a seller can check by hand. */
export interface Step {
  what: string;
  /** Minor units; below zero it is taken off. */
  amount: number;
  /** How it was come by. */
  rule: string;
  rounding?: string;
}

const percent = (basisPoints: number, locale: string) =>
  new Intl.NumberFormat(locale, { style: 'percent', maximumFractionDigits: 4 }).format(basisPoints / 10_000);

const units = { line: 'each line by itself', rate: 'once for each rate', order: 'once for the order' } as const;
const modes = { 'half-up': 'halves up', 'half-even': 'halves to the even' } as const;

/** Unfolds every figure of a bill, in the order in which they are worked out. */
export function stepsOf(bill: Bill, rules: TillRules): Step[] {
  const money = (amount: number) => formatMoney(amount, rules);
  const { mode, per } = rules.tax.rounding;
  const rounding = `${units[per]}, ${modes[mode]}`;
  const steps: Step[] = [
    {
      what: 'Goods',
      amount: bill.goods,
      rule:
        bill.lines.map((line) => `${line.quantity} × ${money(line.price)} ${line.title}`).join(' + ') || 'nothing in the cart',
    },
  ];
  for (const { code, automatic, amount } of bill.discounts) {
    if (!amount) continue;
    const discount = rules.codes.find((one) => one.code === code);
    const share = discount?.kind === 'percent' ? `${percent(discount.amount, rules.locale)} of what it covers` : 'a sum';
    steps.push({
      what: `Discount ${code}`,
      amount: -amount,
      rule: `${share}${automatic ? ', taken off unasked' : ''}; shared over its lines in proportion`,
    });
  }
  if (bill.discounts.length > 1 || (bill.discounts.length === 1 && bill.discount))
    steps.push({
      what: 'Goods after discount',
      amount: bill.goods - bill.discount,
      rule: bill.lines.map((line) => money(line.sum - line.discount)).join(' + '),
    });
  if (bill.delivery) {
    const { rate, price, free } = bill.delivery;
    const rule = {
      sum: `free, as the goods come to ${money(rate.freeFrom ?? 0)} or more`,
      code: 'free by the discount',
      '': `the rate “${rate.label}”`,
    }[free];
    steps.push({ what: 'Delivery', amount: price, rule });
  }
  if (bill.relief) {
    const rule =
      bill.taxing === 'business'
        ? 'the prices’ own tax comes off: the business owes tax at its place (reverse charge)'
        : bill.taxing === 'outside'
          ? 'the prices’ own tax comes off: none is due where it goes'
          : 'the prices’ own tax comes off: that of the buyer’s place is added';
    steps.push({ what: 'Tax not charged', amount: -bill.relief, rule, rounding });
  }
  for (const line of bill.taxes) {
    const rate = percent(line.rate, rules.locale);
    const amount = money(line.net + line.tax);
    steps.push({
      what: `Tax at ${rate}`,
      amount: line.tax,
      rule: bill.taxIncluded
        ? `contained in ${amount}: ${amount} × ${line.rate / 100} ÷ ${100 + line.rate / 100}`
        : `${rate} of ${money(line.net)}, added`,
      rounding,
    });
  }
  const parts = [
    'goods',
    bill.discount ? '− discount' : '',
    bill.delivery ? '+ delivery' : '',
    bill.relief ? '− tax not charged' : '',
  ];
  const added = bill.taxIncluded || !bill.taxes.length ? '' : '+ tax';
  const end = bill.taxes.length && bill.taxIncluded ? '; the tax is already in it' : '';
  steps.push({ what: 'Total', amount: bill.total, rule: `${[...parts, added].filter(Boolean).join(' ')}${end}` });
  return steps;
}
