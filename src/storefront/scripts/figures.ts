import { fill, type ScriptPhrases } from '@/core/phrases';
import { type Bill, type BillLine, type TillRules } from '@/core/till';
import { make, money } from './ports';

/** One figure of a bill. */
export const row = (label: string | Node, amount: string, className = ''): HTMLElement =>
  make('div', className ? { class: className } : {}, make('dt', {}, label), make('dd', {}, amount));

/** How often something comes, within a sentence. */
export const rhythmIn = ({ every, unit }: NonNullable<BillLine['rhythm']>, phrases: ScriptPhrases): string => {
  const one = unit === 'week' ? phrases.everyWeek : phrases.everyMonth;
  return every === 1 ? one : fill(unit === 'week' ? phrases.everyWeeks : phrases.everyMonths, { n: every });
};

/** Basis points as per cent, with the decimal sign of the shop. */
const percent = (basisPoints: number, { locale }: TillRules): string =>
  new Intl.NumberFormat(locale, { maximumFractionDigits: 2 }).format(basisPoints / 100);

/** The taxes of a bill or an order: what is added, or what is contained in small print. */
export const taxRows = (
  { taxes, taxIncluded }: Pick<Bill, 'taxes' | 'taxIncluded'>,
  rules: TillRules,
  phrases: ScriptPhrases,
): HTMLElement[] =>
  taxes
    .filter(({ tax, rate }) => (taxIncluded ? rate : tax))
    .map(({ rate, tax }) => {
      const said = fill(taxIncluded ? phrases.ofWhichTax : phrases.tax, { percent: percent(rate, rules) });
      return row(taxIncluded ? make('small', {}, said) : said, money(tax, rules));
    });
