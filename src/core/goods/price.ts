import { fail, ok, type Result } from '../result';

/** The mark between whole units and fractions. */
export type DecimalMark = '.' | ',';

const signs: Record<string, string> = {
  '£': 'GBP',
  '€': 'EUR',
  $: 'USD',
  '¥': 'JPY',
  '₹': 'INR',
  zł: 'PLN',
  kr: 'SEK',
  '₺': 'TRY',
  '₩': 'KRW',
  Fr: 'CHF',
  KD: 'KWD',
};

/** The currency that a price's own sign or code names, or empty. */
export function currencyInPrice(text: string): string {
  const code = /\b([A-Z]{3})\b/.exec(text)?.[1];
  if (code) return code;
  return Object.entries(signs).find(([sign]) => text.includes(sign))?.[1] ?? '';
}

const bare = (text: string) => text.replace(/[^\d.,'’\s\u00a0\u202f()-]/g, '').trim();

/** The mark that a single price proves, or undefined where it could be either ("1.234"). */
function provenMark(text: string): DecimalMark | undefined {
  const digits = bare(text).replace(/['’\s\u00a0\u202f]/g, '');
  const dot = digits.lastIndexOf('.');
  const comma = digits.lastIndexOf(',');
  if (dot >= 0 && comma >= 0) return dot > comma ? '.' : ',';
  const mark = dot >= 0 ? '.' : comma >= 0 ? ',' : undefined;
  if (!mark) return undefined;
  const other = mark === '.' ? ',' : '.';
  if (digits.split(mark).length > 2) return other;
  return /^\d{1,3}[.,]\d{3}$/.test(digits) && !digits.startsWith('0') ? undefined : mark;
}

/** The decimal mark of a whole column: what most of its unmistakable prices use. */
export function decimalMarkOf(column: readonly string[]): DecimalMark | undefined {
  let dots = 0;
  let commas = 0;
  for (const text of column) {
    const mark = provenMark(text);
    if (mark === '.') dots++;
    if (mark === ',') commas++;
  }
  return dots === commas ? undefined : dots > commas ? '.' : ',';
}

/**
 * A price as people write it → minor units. Any currency sign, thousands parted by comma, point, space or apostrophe.
 * @param digits digits after the decimal point of the currency, ISO 4217
 * @param columnMark what the rest of the column shows, for a price that could be read two ways
 */
export function parsePrice(text: string, digits: number, columnMark?: DecimalMark): Result<number> {
  const given = text.trim();
  if (!given) return fail('The price is missing. Write a number, such as 12.50.');
  const digitsOnly = bare(given).replace(/['’\s\u00a0\u202f]/g, '');
  if (!/\d/.test(digitsOnly)) {
    return fail(
      /^(free|gratis|gratuit|kostenlos)$/i.test(given)
        ? `“${given}” is not a number. Write 0 to give it away.`
        : `“${given}” is not a price. Write a number, such as 12.50.`,
    );
  }
  if (/^[-(]|-$/.test(digitsOnly)) return fail(`“${given}” is below zero. Write the price without a minus.`);
  if (!/^[.,]?\d[\d.,]*$/.test(digitsOnly)) return fail(`“${given}” holds more than one number. Write one price.`);
  // Three digits after a lone mark are thousands, unless the currency has three decimals or the column says otherwise.
  const mark =
    provenMark(given) ??
    columnMark ??
    (digits === 3 ? (digitsOnly.includes(',') ? ',' : '.') : digitsOnly.includes('.') ? ',' : '.');
  const thousands = mark === '.' ? ',' : '.';
  const [whole = '', fraction = ''] = digitsOnly.replaceAll(thousands, '').split(mark);
  if (fraction.length > digits && /[1-9]/.test(fraction.slice(digits))) {
    return fail(`“${given}” has more decimals than the currency (${digits}). Round it.`);
  }
  const minor = Number(`${whole || '0'}${fraction.slice(0, digits).padEnd(digits, '0')}`);
  return Number.isSafeInteger(minor) ? ok(minor) : fail(`“${given}” is too large to be a price.`);
}
