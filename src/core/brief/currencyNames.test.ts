import { briefCurrency } from './index';
import { currencyNamed } from './currencyNames';

// Names of money as Unicode CLDR has them, in sentences of our own.
test.each([
  ['Papel Volador corta papel picado y banderas en Oaxaca. Los precios son en pesos mexicanos.', 'MXN'],
  ['Nous remettons à neuf des machines à calculer à Marrakech. Les prix sont en dirhams marocains.', 'MAD'],
  ['Wir schnitzen Masken in Winterthur und verkaufen sie überall. Die Preise sind in Schweizer Franken.', 'CHF'],
  ['Vi väver mattor i Malmö och säljer dem på nätet. Priser i svenska kronor.', 'SEK'],
  ['Robimy dzwonki w Krakowie i sprzedajemy je w całym kraju. Ceny w złotych polskich, bez wyjątków.', 'PLN'],
])('%s', (brief, code) => expect(briefCurrency(brief)).toBe(code));

test('a sign with letters is that of its country, whatever else has a dollar', () => {
  expect(briefCurrency('Pipe Dream, lamps from organ pipes, Taipei. NT$.')).toBe('TWD');
  expect(briefCurrency('We sell kites. Prices in NZ$, please.')).toBe('NZD');
});

test('one word alone names money only where it is that of the country', () => {
  expect(currencyNamed('Az árak forintban értendők.', 'hu', 'HU')?.value).toBe('HUF');
  expect(currencyNamed('Der Teller hat einen breiten Rand.', 'de', '')).toBeNull();
});

test('a name that two countries share is that of the seller’s own, or none', () => {
  const brief = 'Les prix sont en francs CFA.';
  expect(currencyNamed(brief, 'fr', '')).toBeNull();
  expect(currencyNamed(brief, 'fr', 'SN')?.value).toBe('XOF');
});

describe('pounds of a scale are no money', () => {
  test.each([
    ['We beat gold leaf in Montevideo. Three people, one hammer that weighs sixteen pounds.', 'UYU'],
    ['We sell anvils in Oaxaca, the smallest has 12 pounds.', 'MXN'],
    ['We roast coffee in Split; sacks of a hundred pounds come up the hill by hand.', 'EUR'],
    // Where money is spoken of, or nothing is counted, they are.
    ['We beat gold leaf in Montevideo. A book costs sixteen pounds.', 'GBP'],
    ['We beat gold leaf in Montevideo. Prices in pounds.', 'GBP'],
    ['We forge knives in Leeds. Our hammer weighs nine pounds.', 'GBP'],
  ])('%s', (brief, code) => expect(briefCurrency(brief)).toBe(code));
});
