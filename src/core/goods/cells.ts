import { type ProductKind, type TaxClass } from '../project';
import { fail, ok, type Result } from '../result';

/** Grams from "100 g", "0,1 kg", "3.5 oz", "2 lb" or a bare number, which is grams unless the heading says kg. */
export function parseWeight(text: string, heading: string): Result<number> {
  const given = text.trim().toLowerCase();
  if (!given) return ok(0);
  const match = /^(\d+(?:[.,]\d+)?)\s*(kg|kilos?|g|grams?|gr|oz|lbs?)?$/.exec(given);
  if (!match?.[1]) return fail(`“${text.trim()}” is not a weight. Write grams, such as 100.`);
  const unit = match[2] ?? (/\bkg\b|kilo/i.test(heading) ? 'kg' : 'g');
  // International avoirdupois pound: 0.45359237 kg exactly (1959 agreement).
  const grams = unit.startsWith('k') ? 1000 : unit === 'oz' ? 28.349523125 : unit.startsWith('lb') ? 453.59237 : 1;
  return ok(Math.round(Number(match[1].replace(',', '.')) * grams));
}

/** Pieces in stock; null where they aren't counted. */
export function parseStock(text: string): Result<number | null> {
  const given = text.trim().toLowerCase();
  if (!given || /^(in stock|yes|y|many|unlimited|∞|always|true)$/.test(given)) return ok(null);
  if (/^(out|out of stock|sold out|sold|none|no|gone|false)$/.test(given)) return ok(0);
  if (/^\d{1,9}([.,]0+)?$/.test(given)) return ok(Number.parseInt(given, 10));
  if (/^-\d/.test(given)) return fail(`“${text.trim()}” is below zero, so it counts as sold out.`);
  return fail(`“${text.trim()}” is not a number of pieces. Write a whole number, or leave it empty where you don't count.`);
}

export function parseKind(text: string): Result<ProductKind> {
  const given = text.trim().toLowerCase();
  if (!given || /physical|parcel|goods|thing|simple/.test(given)) return ok('physical');
  if (/download|digital|pdf|file|e-?book/.test(given)) return ok('download');
  if (/appoint|lesson|class|course|workshop|session|booking/.test(given)) return ok('appointment');
  if (/gift ?(card|voucher)|voucher/.test(given)) return ok('gift-card');
  return fail(
    `“${text.trim()}” is not a kind that Arcatum knows (physical, download, appointment, gift card), so it counts as physical.`,
  );
}

export function parseTaxClass(text: string): Result<TaxClass> {
  const given = text.trim().toLowerCase();
  if (!given || /^(standard|normal|full|s|yes|taxable)/.test(given)) return ok('standard');
  if (/^(zero|exempt|none|no|z)/.test(given) || /^0([.,]0+)?\s*%?$/.test(given)) return ok('zero');
  if (/^(reduced|low|r\b|half)/.test(given)) return ok('reduced');
  const rate = /^(\d+(?:[.,]\d+)?)\s*%?$/.exec(given)?.[1];
  if (rate) return ok(Number(rate.replace(',', '.')) >= 15 ? 'standard' : 'reduced');
  return fail(`“${text.trim()}” is not a tax class (standard, reduced, zero), so it counts as standard.`);
}

/** "Yarn | Merino; Sale" → three names. */
export const parseList = (text: string): string[] => [
  ...new Set(
    text
      .split(/[|;,\n]/)
      .map((part) => part.trim().replace(/\s+/g, ' '))
      .filter(Boolean),
  ),
];
