import {
  austria,
  belgium,
  bulgaria,
  checkVAT,
  croatia,
  cyprus,
  czechRepublic,
  denmark,
  estonia,
  finland,
  france,
  germany,
  greece,
  hungary,
  ireland,
  italy,
  latvia,
  lithuania,
  luxembourg,
  malta,
  netherlands,
  poland,
  portugal,
  romania,
  slovakiaRepublic,
  slovenia,
  spain,
  sweden,
} from 'jsvat';

// Those of the European Union's value-added tax area, by name: what a checkout loads holds no others.
const known = [
  austria, belgium, bulgaria, croatia, cyprus, czechRepublic, denmark, estonia, finland, france, germany, greece, hungary, ireland, italy,
  latvia, lithuania, luxembourg, malta, netherlands, poland, portugal, romania, slovakiaRepublic, slovenia, spain, sweden,
]; // prettier-ignore

/**
 * The country (ISO 3166-1 alpha-2) of the European Union whose value-added tax number a text is, by its structure and check digit; null where
 * it is none. Whether the number was given to somebody, only the tax offices know.
 */
export function countryOfTaxNumber(text: string): string | null {
  const { isValid, country } = checkVAT(text.trim(), known);
  const code = country?.isoCode.short;
  return isValid && code ? code : null;
}
