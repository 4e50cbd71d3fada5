import { understandMoney, type Money } from '../cells/money';
import { numberFormOf, valueUnder, type DecimalMark } from '../cells/number';
import { minorDigits } from '../../till';
import { textOf, type Cell } from '../source/grid';
import { foreignTo } from './currency';
import { type Asker } from './questions';

/** How the prices of a column are read. */
export interface Pricing {
  currency: string;
  digits: number;
  mark: DecimalMark;
  sure: boolean;
}

/** The form of numbers of a column of prices, decided from all of its cells. */
export function pricingOf(cells: readonly Cell[], currency: string, given?: DecimalMark): Pricing {
  const digits = minorDigits(currency);
  const said = cells.map(understandMoney);
  // What is in other money is often written in its manner, too.
  const own = said.filter((money) => !currency || !foreignTo(money, currency)).flatMap(numbersIn);
  const numbers = own.length ? own : said.flatMap(numbersIn);
  const form = numberFormOf(numbers, digits, given);
  // Three digits after a mark are a fraction in some money and thousands in other.
  const open = !currency && numbers.some((number) => /[.,]\d{3}$/.test(number));
  return { currency, digits, mark: form.mark, sure: form.sure && !open };
}

function numbersIn(money: Money): string[] {
  if (money.kind === 'range') return [money.low, money.high];
  return 'number' in money && typeof money.number === 'string' ? [money.number] : [];
}

/** An amount in the manner of the list's own numbers: "140.000,00 IDR" where it writes "140.000". */
const shown = (minor: number, { currency, digits, mark }: Pricing): string => {
  const manner = new Intl.NumberFormat(mark === ',' ? 'de' : 'en', {
    minimumFractionDigits: digits,
    maximumFractionDigits: digits,
  });
  return `${manner.format(minor / 10 ** digits)} ${currency}`.trim();
};

/** Minor units of a number under the column's form; null where it does not fit. */
export function minorOf(number: string | number, { digits, mark }: Pricing): number | null {
  if (typeof number === 'string') return valueUnder(number, mark, digits);
  const scaled = number * 10 ** digits;
  const minor = Math.round(scaled);
  return Math.abs(scaled - minor) < 1e-6 * Math.max(1, scaled) && Number.isSafeInteger(minor) ? minor : null;
}

/** The price that a cell states; null where it states none that can be sold at. What is in doubt is asked. */
export function priceIn(cell: Cell, pricing: Pricing, ask: Asker): number | null {
  const money = understandMoney(cell);
  const said = textOf(cell).trim();
  const { currency } = pricing;
  const show = (minor: number) => shown(minor, pricing);
  const numeric = (number: string | number): { minor: number | null } => ({ minor: minorOf(number, pricing) });
  const foreign = currency ? foreignTo(money, currency) : null;
  if (foreign && 'number' in money) {
    // What is in other money is often written in its manner too.
    const minor = numeric(money.number).minor ?? minorOf(money.number, { ...pricing, mark: pricing.mark === '.' ? ',' : '.' });
    return ask({
      about: 'price',
      alike: `foreign ${foreign}`,
      found: said,
      say: `“${said}” is in another currency (${foreign}) than the list (${currency}). What does it cost?`,
      choices: [
        { value: 'unsold', say: 'Show it, don’t sell it yet' },
        ...(minor === null ? [] : [{ value: 'number', say: `The number is right, the sign is not: ${show(minor)}`, minor }]),
      ],
    });
  }
  switch (money.kind) {
    case 'blank':
      return ask({ about: 'price', alike: 'missing', found: '', say: 'No price is given.', choices: [unsold] });
    case 'request':
      return ask({
        about: 'price',
        alike: 'request',
        found: said,
        say: `“${said}”: the price is on request.`,
        choices: [unsold],
      });
    case 'free':
      return 0;
    case 'unknown':
      return ask({
        about: 'price',
        alike: `as “${said}”`,
        found: said,
        say: `“${said}” was not understood as one price.`,
        choices: [unsold],
      });
    case 'range': {
      const [low, high] = [minorOf(money.low, pricing), minorOf(money.high, pricing)];
      const choices = [
        unsold,
        ...(low === null ? [] : [{ value: 'lowest', say: `The lower: ${show(low)}`, minor: low }]),
        ...(high === null ? [] : [{ value: 'highest', say: `The higher: ${show(high)}`, minor: high }]),
      ];
      return ask({ about: 'price', alike: 'range', found: said, say: `“${said}” is a range. Which price is charged?`, choices });
    }
    case 'from':
    case 'about': {
      const { minor } = numeric(money.number);
      const choices = [unsold, ...(minor === null ? [] : [{ value: 'number', say: `It costs ${show(minor)}`, minor }])];
      return ask({ about: 'price', alike: money.kind, found: said, say: `“${said}” gives no exact price.`, choices });
    }
    case 'several': {
      const { minor } = numeric(money.number);
      const choices = [
        unsold,
        ...(minor === null ? [] : [{ value: 'number', say: `Sold only ${money.count} together, for ${show(minor)}`, minor }]),
      ];
      return ask({ about: 'price', alike: 'several', found: said, say: `“${said}” is a price for several at once.`, choices });
    }
    case 'per': {
      const { minor } = numeric(money.number);
      const choices = [
        unsold,
        ...(minor === null ? [] : [{ value: 'number', say: `One piece is one ${money.unit}: ${show(minor)}`, minor }]),
      ];
      return ask({ about: 'price', alike: `per ${money.unit}`, found: said, say: `“${said}” is a price by measure.`, choices });
    }
    case 'amount':
      return amountIn(money, said, pricing, ask);
  }
}

/** Until something is known. */
export const unsold = { value: 'unsold', say: 'Show it, don’t sell it yet' };

function amountIn(money: Extract<Money, { kind: 'amount' }>, said: string, pricing: Pricing, ask: Asker): number | null {
  const { currency, digits } = pricing;
  const inMinor = money.inMinor && typeof money.number === 'string' ? valueUnder(money.number, '.', 0) : null;
  const minor = money.inMinor ? inMinor : minorOf(money.number, pricing);
  const show = (value: number) => shown(value, pricing);
  if (minor === null) {
    const other = typeof money.number === 'string' ? valueUnder(money.number, pricing.mark === '.' ? ',' : '.', digits) : null;
    return ask({
      about: 'price',
      alike: 'form',
      found: said,
      say: `“${said}” does not fit how the other prices are written, or is finer than ${currency} goes.`,
      choices: [unsold, ...(other === null ? [] : [{ value: 'number', say: `It is ${show(other)}`, minor: other }])],
    });
  }
  if (money.negative)
    return ask({
      about: 'price',
      alike: 'negative',
      found: said,
      say: `“${said}” is below zero.`,
      choices: [unsold, { value: 'number', say: `Without the minus: ${show(minor)}`, minor }],
    });
  if (minor === 0)
    return ask({
      about: 'price',
      alike: 'zero',
      found: said,
      say: 'The price is 0.',
      choices: [unsold, { value: 'number', say: 'It is free', minor: 0 }],
    });
  if (!pricing.sure && typeof money.number === 'string' && /[.,]/.test(money.number)) {
    const other = valueUnder(money.number, pricing.mark === '.' ? ',' : '.', digits);
    if (other !== null && other !== minor)
      return ask({
        about: 'price',
        alike: 'mark',
        found: said,
        say: `“${said}” can be read two ways, and nothing in the list says which.`,
        choices: [unsold, { value: 'number', say: show(minor), minor }, { value: 'other', say: show(other), minor: other }],
      });
  }
  return minor;
}

/**
 * Prices that stand alone, a hundred times from the middle of all and twenty from their neighbour: a mark in the wrong place, more often
 * than not.
 */
export function farOff(prices: readonly number[]): Set<number> {
  const found = new Set<number>();
  if (prices.length < fewest) return found;
  const sorted = [...prices].sort((a, b) => a - b);
  const middle = sorted[Math.floor(sorted.length / 2)] ?? 0;
  const apart = [...new Set(sorted)];
  apart.forEach((price, i) => {
    const [below, above] = [apart[i - 1], apart[i + 1]];
    if (price >= middle * 100 && below !== undefined && price >= below * 20) found.add(price);
    if (price * 100 <= middle && above !== undefined && price * 20 <= above) found.add(price);
  });
  return found;
}

/** Of fewer prices nothing can be said. */
const fewest = 5;
