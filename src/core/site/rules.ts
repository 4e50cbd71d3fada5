import { isSureCountry, shopLanguage, type Reading } from '../brief';
import { countryOf } from '../lexicon';
import { tillPlaces, type Decided } from '../places';
import {
  codeKey,
  doZonesMeet,
  isCurrency,
  minorDigits,
  plainTax,
  usualBankDays,
  type DeliveryZone,
  type DiscountCode,
  type TillRules,
} from '../till';

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

/** Of two zones that name one place as closely the first is the place's. */
function placesOnce(zones: readonly DeliveryZone[]): DeliveryZone[] {
  return zones.map((zone, i) => {
    const before = zones.slice(0, i).filter((other) => doZonesMeet(zone, other));
    const taken = new Set(before.flatMap(({ countries }) => countries));
    return before.length ? { ...zone, countries: zone.countries.filter((country) => !taken.has(country)) } : zone;
  });
}

/** Of two discounts by one code the first holds. */
const codesOnce = (codes: readonly DiscountCode[]): DiscountCode[] =>
  codes.filter(({ code }, i) => codes.findIndex((other) => codeKey(other.code) === codeKey(code)) === i);

/** The till's rules: what the seller set, and what the brief says. Tax and delivery are never guessed. */
export function makeRules(reading: Reading, decided: Decided, listCurrency: string): TillRules {
  // What only follows from the country gives way to what the list says.
  const wanted = (reading.currency?.implied ? '' : reading.currency?.value) || listCurrency;
  const country = countryFor(reading, decided);
  const language = shopLanguage(reading.language);
  const [own] = ownCurrencies(reading, decided);
  const currency = isCurrency(wanted) ? wanted : listCurrency || own || 'EUR';
  return {
    currency,
    digits: minorDigits(currency),
    locale: country ? `${language}-${country}` : language,
    country,
    pricesIncludeTax: decided.get(tillPlaces.pricesIncludeTax) ?? true,
    taxes: decided.get(tillPlaces.taxes) ?? null,
    tax: decided.get(tillPlaces.tax) ?? plainTax,
    zones: placesOnce(decided.get(tillPlaces.zones) ?? []),
    codes: codesOnce(decided.get(tillPlaces.codes) ?? []),
    payments: decided.get(tillPlaces.payments) ?? { card: true, bank: '', bankDays: usualBankDays, cash: false },
    returnsDays: decided.get(tillPlaces.returnsDays) ?? null,
    invoices: decided.get(tillPlaces.invoices) ?? null,
    letters: decided.get(tillPlaces.letters) ?? {},
    questions: decided.get(tillPlaces.questions) ?? [],
    presents: decided.get(tillPlaces.presents) ?? false,
  };
}
