import type { Bill } from './bill';
import { formatMoney } from './money';
import type { TillRules } from './rules';

/** A figure of a bill with its working, in words that a seller can check by hand. */
export interface Working {
  figure: string;
  amount: string;
  how: string;
}

const percent = (basisPoints: number, locale: string) =>
  new Intl.NumberFormat(locale, { style: 'percent', maximumFractionDigits: 2 }).format(basisPoints / 10_000);

/** Unfolds every figure of a bill. */
export function explainBill(bill: Bill, rules: TillRules): Working[] {
  const money = (amount: number) => formatMoney(amount, rules);
  const working: Working[] = [
    {
      figure: 'Goods',
      amount: money(bill.goods),
      how: bill.lines.map((line) => `${line.quantity} × ${money(line.price)} ${line.title}`).join(' + ') || 'nothing in the cart',
    },
  ];
  if (bill.discount > 0) {
    working.push({
      figure: 'Discount',
      amount: `−${money(bill.discount)}`,
      how: `shared over the lines in proportion: ${bill.lines.map((line) => money(line.discount)).join(' + ')}`,
    });
  }
  if (bill.delivery) {
    const { rate, price, free } = bill.delivery;
    const why = {
      sum: `free, as the goods come to ${money(rate.freeFrom ?? 0)} or more`,
      code: 'free by the discount code',
      '': `the rate “${rate.label}”`,
    }[free];
    working.push({ figure: 'Delivery', amount: money(price), how: why });
  }
  for (const line of bill.taxes) {
    const rate = percent(line.rate, rules.locale);
    working.push({
      figure: `Tax at ${rate}`,
      amount: money(line.tax),
      how: bill.taxIncluded
        ? `contained in ${money(line.net + line.tax)}: ${money(line.net + line.tax)} × ${line.rate / 100} ÷ ${100 + line.rate / 100}`
        : `${rate} of ${money(line.net)}, added`,
    });
  }
  working.push({
    figure: 'Total',
    amount: money(bill.total),
    how: bill.taxIncluded ? 'goods − discount + delivery; the tax is already in it' : 'goods − discount + delivery + tax',
  });
  return working;
}
