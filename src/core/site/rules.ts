import { isSureCountry, shopLanguage, type Reading } from '../brief';
import { countryOf } from '../lexicon';
import { tillPlaces, type Decided } from '../places';
import { isCurrency, minorDigits, ruleIds, tillRules, type RuleId, type TillRules } from '../till';

/** Whether anything says what money the prices are in: the brief, the list, the seller, or the country. */
export const isMoneyKnown = (reading: Reading, decided: Decided, listCurrency: string): boolean =>
  [reading.currency?.value ?? '', listCurrency, ...ownCurrencies(reading, decided)].some(isCurrency);

const countryFor = (reading: Reading, decided: Decided): string =>
  decided.get(tillPlaces.country) ?? reading.country?.value ?? '';
/** What the seller's country pays with; nothing where the country is a guess, for prices are never in a guessed currency. */
const ownCurrencies = (reading: Reading, decided: Decided): string[] =>
  decided.has(tillPlaces.country) || isSureCountry(reading.country)
    ? (countryOf(countryFor(reading, decided))?.currencies ?? []).map(({ code }) => code).filter(isCurrency)
    : [];

/** The till's rules: what the seller set, and what the brief says. Tax and delivery are never guessed. */
export function makeRules(reading: Reading, decided: Decided, listCurrency: string): TillRules {
  // What only follows from the country gives way to what the list says.
  const wanted = (reading.currency?.implied ? '' : reading.currency?.value) || listCurrency;
  const country = countryFor(reading, decided);
  const language = shopLanguage(reading.language);
  const [own] = ownCurrencies(reading, decided);
  const currency = isCurrency(wanted) ? wanted : listCurrency || own || 'EUR';
  const held = Object.fromEntries(
    ruleIds.map((id) => [id, decided.get<unknown>(tillPlaces.ofRules[id]) ?? tillRules[id].unset]),
  ) as Pick<TillRules, RuleId>;
  return {
    currency,
    digits: minorDigits(currency),
    locale: country ? `${language}-${country}` : language,
    ...held,
    country,
  };
}
