import { type ProductKind, type TaxClass } from '../project';
import { fail, ok, type Result } from '../result';

export function parseKind(text: string): Result<ProductKind> {
  const given = text.trim().toLowerCase();
  if (!given || /physical|parcel|goods|thing|simple/.test(given)) return ok('physical');
  if (/download|digital|pdf|file|e-?book/.test(given)) return ok('download');
  if (/appoint|lesson|class|course|workshop|session|booking/.test(given)) return ok('appointment');
  if (/gift ?(card|voucher)|voucher/.test(given)) return ok('gift-card');
  if (/repeat|subscription|recurring/.test(given)) return ok('repeat');
  return fail(
    `“${text.trim()}” is not a kind that Arcatum knows (physical, download, appointment, gift card, repeat), so it counts as physical.`,
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
