import { checkVAT, countries } from 'jsvat';

const known = Object.values(countries).filter((one) => typeof one === 'object' && 'codes' in one);

/**
 * The country (ISO 3166-1 alpha-2) whose value-added tax number a text is, by its structure and check digit; null where it is none. Whether
 * the number was given to somebody, only the tax offices know.
 */
export function countryOfTaxNumber(text: string): string | null {
  const { isValid, country } = checkVAT(text.trim(), known);
  const code = country?.isoCode.short;
  return isValid && code ? code : null;
}
