import { nearest } from './rounding';

/** How amounts of one currency are written. */
export interface MoneyForm {
  /** ISO 4217 code. */
  currency: string;
  /** Digits after the decimal point: 0 for JPY, 2 for EUR, 3 for KWD. */
  digits: number;
  /** BCP 47 tag. */
  locale: string;
}

const formatters = new Map<string, Intl.NumberFormat>();

/** Minor units as the shop writes them: 1234, GBP → "£12.34". */
export function formatMoney(minorUnits: number, { currency, digits, locale }: MoneyForm): string {
  const key = `${locale} ${currency} ${digits}`;
  let formatter = formatters.get(key);
  if (!formatter) {
    formatter = new Intl.NumberFormat(locale, {
      style: 'currency',
      currency,
      currencyDisplay: 'narrowSymbol',
      minimumFractionDigits: digits,
      maximumFractionDigits: digits,
    });
    formatters.set(key, formatter);
  }
  return formatter.format(minorUnits / 10 ** digits);
}

/** The plain decimal that structured data and lists want: 1234 with two digits → "12.34". */
export function decimal(minorUnits: number, digits: number): string {
  const sign = minorUnits < 0 ? '-' : '';
  const all = String(Math.abs(minorUnits)).padStart(digits + 1, '0');
  return digits === 0 ? sign + all : `${sign}${all.slice(0, -digits)}.${all.slice(-digits)}`;
}

/** a × b ÷ c rounded half away from zero, in whole numbers throughout, so no cent is lost to floating point. */
export const mulDiv = (a: number, b: number, c: number): number =>
  Number(nearest({ above: BigInt(a) * BigInt(b), below: BigInt(c) }));

/**
 * Shares a sum out in proportion to weights so that the parts add up to it exactly: the largest-remainder method
 * (Hamilton's), as used for seats and for invoices. With all weights zero the first part takes everything.
 */
export function shareOut(sum: number, weights: readonly number[]): number[] {
  // What is taken back is shared as what was given: the parts of −10 are those of 10, with the other sign.
  if (sum < 0) return shareOut(-sum, weights).map((part) => (part === 0 ? 0 : -part));
  const whole = weights.reduce((a, b) => a + b, 0);
  if (whole === 0) return weights.map((_, i) => (i === 0 ? sum : 0));
  const exact = weights.map((weight) => {
    const product = BigInt(sum) * BigInt(weight);
    return { floor: Number(product / BigInt(whole)), rest: Number(product % BigInt(whole)) };
  });
  let left = sum - exact.reduce((a, part) => a + part.floor, 0);
  const byRest = exact.map((part, i) => ({ i, rest: part.rest })).sort((a, b) => b.rest - a.rest || a.i - b.i);
  const parts = exact.map((part) => part.floor);
  for (const { i } of byRest) {
    if (left <= 0) break;
    parts[i] = (parts[i] ?? 0) + 1;
    left--;
  }
  return parts;
}
