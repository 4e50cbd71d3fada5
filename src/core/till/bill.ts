import { mulDiv, shareOut } from './money';
import type { DeliveryRate, DeliveryZone, DiscountCode, TaxClassName, TillRules } from './rules';

/** One line of a cart with what the shop, not the browser, says that it costs. */
export interface BillLine {
  variant: string;
  title: string;
  quantity: number;
  /** Minor units for one piece. */
  price: number;
  /** Grams for one piece. */
  weight: number;
  taxClass: TaxClassName;
  /** Whether it travels in a parcel. */
  physical: boolean;
}

export interface Purchase {
  lines: BillLine[];
  /** Where it goes; empty while the buyer hasn't said. */
  country: string;
  /** The chosen delivery rate; the cheapest that fits where none is chosen. */
  rate: string;
  code: string;
  /** ISO date. */
  today: string;
}

export interface TaxLine {
  taxClass: TaxClassName;
  /** Basis points. */
  rate: number;
  net: number;
  tax: number;
}

export interface Bill {
  lines: (BillLine & { sum: number; discount: number })[];
  /** Goods before any discount. */
  goods: number;
  discount: number;
  /** Why the code does not hold, or empty. */
  codeRefused: '' | 'unknown' | 'ended' | 'least' | 'nothing-to-deliver';
  /** null while the buyer hasn't said where it goes, or where nothing can be brought there. */
  delivery: { rate: DeliveryRate; price: number; free: '' | 'sum' | 'code' } | null;
  /** "none-needed" for downloads alone; "nowhere" where no rate of the shop fits. */
  deliveryState: 'none-needed' | 'ask-country' | 'nowhere' | 'chosen';
  rates: DeliveryRate[];
  taxes: TaxLine[];
  tax: number;
  taxIncluded: boolean;
  total: number;
}

const ratesFor = (rules: TillRules, country: string, grams: number): DeliveryRate[] =>
  zoneFor(rules, country)?.rates.filter((rate) => rate.upTo === null || grams <= rate.upTo) ?? [];

/** The zone that names a country, else the one for the rest of the world. */
export function zoneFor(rules: TillRules, country: string): DeliveryZone | undefined {
  return rules.zones.find((zone) => zone.countries.includes(country)) ?? rules.zones.find((zone) => zone.countries.includes('*'));
}

const ratePrice = (rate: DeliveryRate, goods: number): number =>
  rate.freeFrom !== null && goods >= rate.freeFrom ? 0 : rate.price;

function judgeCode(
  rules: TillRules,
  purchase: Purchase,
  goods: number,
  needsParcel: boolean,
): { code: DiscountCode | null; refused: Bill['codeRefused'] } {
  const typed = purchase.code.trim().toUpperCase();
  if (!typed) return { code: null, refused: '' };
  const code = rules.codes.find((candidate) => candidate.code.toUpperCase() === typed);
  if (!code) return { code: null, refused: 'unknown' };
  if (code.until && purchase.today > code.until) return { code: null, refused: 'ended' };
  if (goods < code.least) return { code: null, refused: 'least' };
  if (code.kind === 'free-delivery' && !needsParcel) return { code: null, refused: 'nothing-to-deliver' };
  return { code, refused: '' };
}

/**
 * What a purchase costs. The one place where totals are made: preview, published cart and host all call it.
 *
 * Order of working: goods → discount (shared over the lines) → delivery (on what the goods cost after it) → tax per class,
 * delivery's tax following the goods it travels with, rounded once per class.
 */
export function makeBill(rules: TillRules, purchase: Purchase): Bill {
  const sums = purchase.lines.map((line) => line.price * line.quantity);
  const goods = sums.reduce((a, b) => a + b, 0);
  const needsParcel = purchase.lines.some((line) => line.physical);
  const { code, refused } = judgeCode(rules, purchase, goods, needsParcel);

  let discount = 0;
  if (code?.kind === 'percent') discount = mulDiv(goods, code.amount, 10_000);
  if (code?.kind === 'sum') discount = Math.min(goods, code.amount);
  const discounts = shareOut(discount, sums);
  const due = goods - discount;

  const grams = purchase.lines.reduce((a, line) => a + (line.physical ? line.weight * line.quantity : 0), 0);
  const rates = needsParcel && purchase.country ? ratesFor(rules, purchase.country, grams) : [];
  const cheapest = [...rates].sort((a, b) => ratePrice(a, due) - ratePrice(b, due))[0];
  const rate = rates.find((candidate) => candidate.id === purchase.rate) ?? cheapest;
  let delivery: Bill['delivery'] = null;
  if (rate) {
    const bySum = ratePrice(rate, due) === 0 && rate.price > 0;
    const byCode = code?.kind === 'free-delivery';
    delivery = { rate, price: byCode ? 0 : ratePrice(rate, due), free: byCode ? 'code' : bySum ? 'sum' : '' };
  }
  const deliveryState = !needsParcel ? 'none-needed' : !purchase.country ? 'ask-country' : delivery ? 'chosen' : 'nowhere';

  const lines = purchase.lines.map((line, i) => ({ ...line, sum: sums[i] ?? 0, discount: discounts[i] ?? 0 }));
  const taxes = taxLines(rules, lines, delivery?.price ?? 0);
  const tax = taxes.reduce((a, line) => a + line.tax, 0);
  const total = due + (delivery?.price ?? 0) + (rules.pricesIncludeTax ? 0 : tax);
  return {
    lines,
    goods,
    discount,
    codeRefused: refused,
    delivery,
    deliveryState,
    rates,
    taxes,
    tax,
    taxIncluded: rules.pricesIncludeTax,
    total,
  };
}

function taxLines(rules: TillRules, lines: Bill['lines'], delivery: number): TaxLine[] {
  const { taxes } = rules;
  if (!taxes) return [];
  const classes = (['standard', 'reduced', 'zero'] as const).filter((name) => lines.some((line) => line.taxClass === name));
  const goodsByClass = classes.map((name) =>
    lines.filter((line) => line.taxClass === name).reduce((a, line) => a + line.sum - line.discount, 0),
  );
  const travels = classes.map((name) =>
    lines.filter((line) => line.taxClass === name && line.physical).reduce((a, line) => a + line.sum - line.discount, 0),
  );
  const deliveryByClass = shareOut(delivery, travels);
  return classes.map((taxClass, i) => {
    const amount = (goodsByClass[i] ?? 0) + (deliveryByClass[i] ?? 0);
    const rate = taxes[taxClass];
    const tax = rules.pricesIncludeTax ? mulDiv(amount, rate, 10_000 + rate) : mulDiv(amount, rate, 10_000);
    return { taxClass, rate, net: rules.pricesIncludeTax ? amount - tax : amount, tax };
  });
}
