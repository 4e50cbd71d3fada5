import { shareOut } from './money';
import { nearest, roundTogether, type Ratio } from './rounding';
import type { TaxClassName, TaxPlace, TaxRates, TillRules } from './rules';

/** What is known of a buyer where tax is concerned. */
export interface BuyerPlace {
  /** ISO 3166-1 alpha-2; empty while the buyer hasn't said. */
  country: string;
  /** ISO 3166-2 without the country, or empty. */
  region?: string;
  /** Country of a tax number that is right; null where the buyer has none. */
  business?: string | null;
  /** ISO date. */
  today: string;
}

/**
 * How a purchase is taxed, and why: "unset" while the seller hasn't said, "small" sellers charge none, "home" by the seller's rates,
 * "place" by those of the buyer's place, "outside" the area none, "business" buyers owe it themselves (reverse charge).
 */
export interface Taxing {
  kind: 'unset' | 'small' | 'home' | 'place' | 'outside' | 'business';
  /** null where no tax is charged. */
  rates: TaxRates | null;
}

/** Rates of a place on a day: of its region before those of its country, and of those that have begun the last. */
function placeOn(places: readonly TaxPlace[], country: string, region: string, today: string): TaxPlace | undefined {
  const begun = places.filter((place) => place.country === country && place.from <= today);
  const last = (list: readonly TaxPlace[]) =>
    list.reduce<TaxPlace | undefined>((best, place) => (best && best.from > place.from ? best : place), undefined);
  return (
    last(begun.filter((place) => place.region !== '' && place.region === region)) ??
    last(begun.filter((place) => place.region === ''))
  );
}

export function taxingOf(rules: TillRules, { country, region = '', business = null, today }: BuyerPlace): Taxing {
  const { taxes, tax } = rules;
  if (!taxes) return { kind: 'unset', rates: null };
  if (tax.small) return { kind: 'small', rates: null };
  // A buyer who hasn't said is taken to be at home.
  const at = country || rules.country;
  const place = placeOn(tax.places, at, region, today);
  if (at === rules.country) return { kind: 'home', rates: place ?? taxes };
  const inArea = place !== undefined;
  if (inArea && tax.business && business === at) return { kind: 'business', rates: null };
  if (inArea && tax.within === 'there') return { kind: 'place', rates: place };
  if (!inArea && tax.outside === 'none') return { kind: 'outside', rates: null };
  return { kind: 'home', rates: taxes };
}

export interface TaxLine {
  taxClass: TaxClassName;
  /** Basis points. */
  rate: number;
  net: number;
  tax: number;
}

export interface Taxed {
  kind: Taxing['kind'];
  taxes: TaxLine[];
  tax: number;
  /** Tax of the seller's own rates that prices contain and this buyer does not pay. */
  relief: number;
  /** Whether the tax is a part of the amounts. */
  included: boolean;
  /** What is paid for each line and for the delivery, with its tax and without what is not charged: together all of it. */
  paid: { lines: number[]; delivery: number };
}

/** Something with a price, as far as tax is concerned. */
interface TaxedLine {
  taxClass: TaxClassName;
  physical: boolean;
  /** Minor units, after discount. */
  amount: number;
}

const classes = ['standard', 'reduced', 'zero'] as const;

/** A rate in millionths: basis points have up to two decimals (9.975 % is 997.5). */
const millionths = (rate: number) => BigInt(Math.round(rate * 100));
const million = 1_000_000n;

/** The tax in an amount that contains it, or on one that doesn't. */
const exactTax = (amount: number, rate: number, contained: boolean): Ratio => ({
  above: BigInt(amount) * millionths(rate),
  below: contained ? million + millionths(rate) : million,
});

/** Amounts of one class: those of its lines, by their places in the cart, and its part of the delivery (at -1). */
interface ClassAmounts {
  taxClass: TaxClassName;
  parts: number[];
  of: number[];
}

function amountsOf(lines: readonly TaxedLine[], delivery: number, by: 'goods' | 'standard'): ClassAmounts[] {
  const of = (taxClass: TaxClassName) => lines.filter((line) => line.taxClass === taxClass);
  // Delivery follows the goods that travel in it, or is a service of its own at the standard rate.
  const travels = classes.map((taxClass) => of(taxClass).reduce((sum, line) => sum + (line.physical ? line.amount : 0), 0));
  const carried = classes.map((taxClass) => of(taxClass).some(({ physical }) => physical));
  const shares =
    by === 'standard'
      ? classes.map((taxClass) => (taxClass === 'standard' ? delivery : 0))
      : travels.some((amount) => amount > 0)
        ? shareOut(delivery, travels)
        : shareOut(delivery, carried.map(Number));
  return classes.flatMap((taxClass, i) => {
    const at = lines.flatMap((line, j) => (line.taxClass === taxClass ? [j] : []));
    const parts = [...at.map((j) => lines[j]?.amount ?? 0), ...(shares[i] ? [shares[i]] : [])];
    return parts.length ? [{ taxClass, parts, of: shares[i] ? [...at, -1] : at }] : [];
  });
}

/** Tax of each class, rounded as the rules say. */
function taxOf(
  amounts: readonly ClassAmounts[],
  rates: TaxRates,
  contained: boolean,
  { mode, per }: TillRules['tax']['rounding'],
): number[] {
  const exact = (amount: number, taxClass: TaxClassName) => exactTax(amount, rates[taxClass], contained);
  const sum = (parts: readonly number[]) => parts.reduce((a, b) => a + b, 0);
  if (per === 'line')
    return amounts.map(({ taxClass, parts }) => sum(parts.map((part) => Number(nearest(exact(part, taxClass), mode)))));
  const whole = amounts.map(({ taxClass, parts }) => exact(sum(parts), taxClass));
  return per === 'order' ? roundTogether(whole, mode) : whole.map((ratio) => Number(nearest(ratio, mode)));
}

/** What is paid for the parts of each class, shared over them by what they cost. */
function paidOf(amounts: readonly ClassAmounts[], sums: readonly number[], lines: number): Taxed['paid'] {
  const paid = { lines: Array.from({ length: lines }, () => 0), delivery: 0 };
  amounts.forEach(({ parts, of }, i) =>
    shareOut(sums[i] ?? 0, parts).forEach((share, j) => {
      const at = of[j] ?? -1;
      if (at < 0) paid.delivery += share;
      else paid.lines[at] = (paid.lines[at] ?? 0) + share;
    }),
  );
  return paid;
}

/** The tax of a purchase. `delivery` is what is paid for it. */
export function taxed(rules: TillRules, lines: readonly TaxedLine[], delivery: number, buyer: BuyerPlace): Taxed {
  const { kind, rates } = taxingOf(rules, buyer);
  const { tax: how, pricesIncludeTax, taxes: home } = rules;
  const asPriced = { lines: lines.map(({ amount }) => amount), delivery };
  const none = { kind, taxes: [], tax: 0, relief: 0, included: pricesIncludeTax, paid: asPriced };
  if (!home || kind === 'small') return none;
  const amounts = amountsOf(lines, delivery, how.delivery);
  const sums = amounts.map(({ parts }) => parts.reduce((a, b) => a + b, 0));
  // Prices that contain the seller's own tax are freed of it where it isn't due.
  const freed = pricesIncludeTax && (rates === null || (kind === 'place' && how.prices === 'net'));
  const reliefs = freed ? taxOf(amounts, home, true, how.rounding) : amounts.map(() => 0);
  const relief = reliefs.reduce((a, b) => a + b, 0);
  const freedSums = sums.map((sum, i) => sum - (reliefs[i] ?? 0));
  if (!rates) return { ...none, relief, included: pricesIncludeTax && !freed, paid: paidOf(amounts, freedSums, lines.length) };
  const contained = pricesIncludeTax && !freed;
  // What was freed is taxed as what it is without: each class as one amount.
  const base = freed ? amounts.map((one, i) => ({ ...one, parts: [freedSums[i] ?? 0] })) : amounts;
  const figures = taxOf(base, rates, contained, how.rounding);
  const taxes = amounts.map(({ taxClass }, i) => {
    const amount = freedSums[i] ?? 0;
    const tax = figures[i] ?? 0;
    return { taxClass, rate: rates[taxClass], net: contained ? amount - tax : amount, tax };
  });
  const paid = paidOf(
    amounts,
    taxes.map(({ net, tax }) => net + tax),
    lines.length,
  );
  return { kind, taxes, tax: figures.reduce((a, b) => a + b, 0), relief, included: contained, paid };
}
