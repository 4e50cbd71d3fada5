import { ratesFor } from './delivery';
import { codeKey, codesIn, combinations, discountsFor, taken, type DiscountRefusal, type Used } from './discounts';
import type { Rhythm } from '../goods/about';
import type { GoodsKind } from './following';
import type { DeliveryRate, DiscountCode, TaxClassName, TillRules } from './rules';
import { taxed, type TaxLine, type Taxing } from './tax';

/** One line of a cart with what the shop, not the browser, says that it costs. */
export interface BillLine {
  variant: string;
  /** The product that it is a variant of, and the shelves that this stands on: what discounts go by. */
  product?: string | undefined;
  shelves?: string[] | undefined;
  title: string;
  quantity: number;
  /** Minor units for one piece. */
  price: number;
  /** Grams for one piece. */
  weight: number;
  taxClass: TaxClassName;
  /** Whether it travels in a parcel. */
  physical: boolean;
  /** What follows it once it is paid. */
  kind?: GoodsKind | undefined;
  /** How often it comes again. */
  rhythm?: Rhythm | undefined;
}

export interface Purchase {
  lines: BillLine[];
  /** Where it goes; empty while the buyer hasn't said. */
  country: string;
  /** ISO 3166-2 without the country. */
  region?: string;
  postalCode?: string;
  /** The chosen delivery rate; where none is chosen, the cheapest of those that fit and are brought. */
  rate: string;
  /** Codes as they were typed, parted by commas. */
  code: string;
  /** Country of the buyer's tax number, where it is a right one. */
  business?: string | null;
  /** ISO date. */
  today: string;
  /** How often discounts were used; a browser doesn't know, the host does. */
  used?: Used;
}

export interface Bill {
  /** `paid` is what is paid for a line in all, with its tax and without what is not charged. */
  lines: (BillLine & { sum: number; discount: number; paid: number })[];
  /** Goods before any discount. */
  goods: number;
  discount: number;
  /** What was taken off, in the order in which it was; free delivery is no sum here. */
  discounts: { code: string; automatic: boolean; amount: number }[];
  /** Why the first code that does not hold does not, or empty. */
  codeRefused: DiscountRefusal;
  /** Each code that was typed, with why it does not hold, or empty. */
  codes: { code: string; refused: DiscountRefusal }[];
  /** null while the buyer hasn't said where it goes, or where nothing can be brought there. */
  delivery: { rate: DeliveryRate; price: number; free: '' | 'sum' | 'code'; paid: number } | null;
  /** "none-needed" for downloads alone; "nowhere" where no rate of the shop fits. */
  deliveryState: 'none-needed' | 'ask-country' | 'nowhere' | 'chosen';
  /** The rates that fit, with what each costs this buyer. */
  rates: (DeliveryRate & { costs: number })[];
  taxing: Taxing['kind'];
  taxes: TaxLine[];
  tax: number;
  /** Tax that the prices contain and this buyer does not pay. */
  relief: number;
  taxIncluded: boolean;
  total: number;
}

/**
 * What a purchase costs. The one place where totals are made: preview, published cart and host all call it.
 *
 * Order of working: goods → discounts, in the seller's order (each shared over its lines) → delivery (on what the goods cost after them) →
 * tax. Of the discounts that hold and may be combined, those are taken that make the purchase cheapest.
 */
export function makeBill(rules: TillRules, purchase: Purchase): Bill {
  const lines = purchase.lines.map((line) => ({ ...line, sum: line.price * line.quantity }));
  const typed = codesIn(purchase.code);
  const { held, refused } = discountsFor(rules, typed, lines, purchase.today, purchase.used);
  const [first, ...others] = combinations(held).map((set) => reckon(rules, purchase, lines, set));
  if (!first) throw new Error('There is always the way without discounts.');
  const best = others.reduce((cheapest, bill) => (bill.total < cheapest.total ? bill : cheapest), first);
  const used = new Set(best.discounts.map(({ code }) => codeKey(code)));
  const codes = typed.map((code) => ({
    code,
    refused: refused.get(code) ?? (used.has(code) ? ('' as const) : ('less' as const)),
  }));
  return { ...best, codes, codeRefused: codes.find(({ refused: why }) => why !== '' && why !== 'less')?.refused ?? '' };
}

type Reckoned = Omit<Bill, 'codes' | 'codeRefused'>;

/** A purchase with certain discounts. */
function reckon(
  rules: TillRules,
  purchase: Purchase,
  priced: readonly (BillLine & { sum: number })[],
  discounts: readonly DiscountCode[],
): Reckoned {
  const { country, region = '', postalCode = '', business = null, today } = purchase;
  const goods = priced.reduce((sum, line) => sum + line.sum, 0);
  const off = taken(discounts, priced);
  const lines = priced.map((line, i) => ({ ...line, discount: off.lines[i] ?? 0 }));
  const discount = off.amounts.reduce((a, b) => a + b, 0);
  const due = goods - discount;

  const travels = lines.filter((line) => line.physical);
  const needsParcel = travels.length > 0;
  const parcel = {
    grams: travels.reduce((sum, line) => sum + line.weight * line.quantity, 0),
    pieces: travels.reduce((sum, line) => sum + line.quantity, 0),
    goods: due,
  };
  const rates = needsParcel && country ? ratesFor(rules, { country, region, postalCode }, parcel) : [];
  const byCode = discounts.some(({ kind }) => kind === 'free-delivery');
  // Nobody is sent to fetch a thing who hasn't chosen to.
  const brought = rates.filter(({ rate }) => !rate.collection);
  const cheapest = [...(brought.length ? brought : rates)].sort((a, b) => a.price - b.price)[0];
  const chosen = rates.find(({ rate }) => rate.id === purchase.rate) ?? cheapest;
  // A rate that costs nothing anyhow is not free for the sake of the sum.
  const isPriced = chosen !== undefined && (chosen.rate.price > 0 || chosen.rate.steps !== null);
  const isFreeBySum = isPriced && chosen.rate.freeFrom !== null && due >= chosen.rate.freeFrom;
  const delivery: Omit<NonNullable<Bill['delivery']>, 'paid'> | null = chosen
    ? { rate: chosen.rate, price: byCode ? 0 : chosen.price, free: byCode ? 'code' : isFreeBySum ? 'sum' : '' }
    : null;
  const deliveryState = !needsParcel ? 'none-needed' : !country ? 'ask-country' : delivery ? 'chosen' : 'nowhere';

  const { kind, taxes, tax, relief, included, paid } = taxed(
    rules,
    lines.map((line) => ({ ...line, amount: line.sum - line.discount })),
    delivery?.price ?? 0,
    { country, region, business, today },
  );
  return {
    lines: lines.map((line, i) => ({ ...line, paid: paid.lines[i] ?? 0 })),
    goods,
    discount,
    discounts: discounts.map(({ code, automatic }, i) => ({ code, automatic, amount: off.amounts[i] ?? 0 })),
    delivery: delivery && { ...delivery, paid: paid.delivery },
    deliveryState,
    rates: rates.map(({ rate, price }) => ({ ...rate, costs: byCode ? 0 : price })),
    taxing: kind,
    taxes,
    tax,
    relief,
    taxIncluded: included,
    total: due + (delivery?.price ?? 0) - relief + (included ? 0 : tax),
  };
}
