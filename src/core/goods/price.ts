import { fail, ok, type Result } from '../result';
import { understandMoney } from './cells/money';
import { valueUnder } from './cells/number';

/**
 * A single price as people type it → minor units. It is taken only where all of it was understood.
 * @param digits digits after the decimal point of the currency, ISO 4217
 */
export function parsePrice(text: string, digits: number): Result<number> {
  const given = text.trim();
  const money = understandMoney(given);
  switch (money.kind) {
    case 'blank':
      return fail('The price is missing. Write a number, such as 12.50.');
    case 'free':
      return fail(`“${given}” is not a number. Write 0 to give it away.`);
    case 'range':
    case 'several':
      return fail(`“${given}” holds more than one number. Write one price.`);
    case 'amount':
      break;
    default:
      return fail(`“${given}” is not a price. Write a number, such as 12.50.`);
  }
  if (money.negative) return fail(`“${given}” is below zero. Write the price without a minus.`);
  const number = String(money.number);
  if (number.replace(/\D/g, '').length > mostDigits) return fail(`“${given}” is too large to be a price.`);
  if (money.inMinor) return whole(valueUnder(number, '.', 0), given, digits);
  // Three digits after a lone mark are thousands, unless the currency has three decimals.
  const usual = number.includes(',') && !number.includes('.') && digits === 3 ? ',' : '.';
  return whole(valueUnder(number, usual, digits) ?? valueUnder(number, usual === '.' ? ',' : '.', digits), given, digits);
}

/** Beyond these no whole number is exact. */
const mostDigits = 15;

const whole = (minor: number | null, given: string, digits: number): Result<number> =>
  minor === null
    ? fail(`“${given}” has more decimals than the currency (${digits}), or marks where none belong. Write it like 12.50.`)
    : ok(minor);
