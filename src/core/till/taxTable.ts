import type { TaxPlace, TaxRates } from './rules';
import { taxTable } from './taxes.generated';

/** The day on which the table of standard rates was last looked over. Every rate of it can be changed. */
export const taxTableAsOf: string = taxTable.asOf;

/** Countries of the European Union's value-added tax area, as the table has them. */
export const unionArea: readonly string[] = taxTable.area;

const rates = new Map<string, number>(taxTable.table.map(([country, rate]) => [country, rate]));

/** A country's standard rate in basis points, where the table knows one. Reduced rates are not in it. */
export const standardRateOf = (country: string): number | null => rates.get(country) ?? null;

/** A country's rates to begin with: what is reduced there, the seller has to say. */
export function ratesToBegin(country: string): TaxRates | null {
  const standard = standardRateOf(country);
  return standard === null ? null : { standard, reduced: standard, zero: 0 };
}

/** The other countries of the area that a country is in, with their rates to begin with. */
export const areaPlaces = (country: string): TaxPlace[] =>
  unionArea.includes(country)
    ? unionArea.flatMap((other) => {
        const begin = ratesToBegin(other);
        return other === country || !begin ? [] : [{ ...begin, country: other, region: '', from: '' }];
      })
    : [];
