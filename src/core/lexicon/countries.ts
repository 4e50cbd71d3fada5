import { countryList } from './countries.generated';

export interface CountryEntry {
  /** ISO 3166-1 alpha-2. */
  code: string;
  name: string;
  others: readonly string[];
  /** What those who live there call it, in each of their languages, where that is no English name. */
  own: readonly string[];
  /** What its people, and things from it, are called: "Swiss". */
  people: string;
  region: string;
  currencies: readonly { code: string; name: string }[];
}

export const countries: readonly CountryEntry[] = countryList;

const byCode = new Map(countryList.map((country) => [country.code, country]));

export const countryOf = (code: string): CountryEntry | undefined => byCode.get(code);

/** Whether several countries pay with it, so that it says little of where a seller is. */
export const sharedCurrency = (code: string): boolean =>
  countries.filter((country) => country.currencies.some((currency) => currency.code === code)).length > 1;
