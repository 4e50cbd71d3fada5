import { currencyFor } from './currency';
import { moneySpokenOf } from './money';

// Names of money as Unicode CLDR has them; places as in the gazetteer; the sentences are our own.
test.each([
  ['Măști de carnaval făcute la Cluj. Prețuri în lei.', 'RON'],
  ['Primus Tbilisi gives old stoves a second life. We charge in lari, abroad too.', 'GEL'],
  ['Cedazos de alambre en Santiago de Chile. Pesos chilenos.', 'CLP'],
  ['Knopfgläser aus Winterthur, Preise in Franken.', 'CHF'],
  ['Poteries de Thiès. Les prix sont en francs CFA.', 'XOF'],
  ['Citery Olomouc. Prices in Czech crowns.', 'CZK'],
  ['Altars that fold, made in San José, Costa Rica. Colones.', 'CRC'],
  ['Saw blades from Reykjavík, and those of two smiths in Sweden. Krónur.', 'ISK'],
  ['Κορνίζες για ό,τι δεν χωράει πουθενά. Αθήνα. Τιμές σε ευρώ.', 'EUR'],
])('%s', (brief, code) => expect(moneySpokenOf(brief, '', '')?.value).toBe(code));

test.each([
  ['a word that several countries have, and no place', 'Prices in pesos.'],
  ['a place, and no word for money', 'Bells from Tbilisi.'],
  ['words that are none of money', 'We won a prize in Oslo, all of us.'],
])('nothing is said by %s', (_, brief) => expect(moneySpokenOf(brief, 'en', '')).toBeNull());

test('what is known of the country decides between two', () => {
  expect(moneySpokenOf('Prices in pesos.', 'en', 'UY')?.value).toBe('UYU');
  expect(moneySpokenOf('Priser i kronor.', 'sv', 'SE')?.value).toBe('SEK');
});

test('a country that is a guess says nothing of money; one that is sure or that the seller put right does', () => {
  const guess = { value: 'SE', confidence: 0.45, source: null };
  expect(currencyFor(null, guess)).toBe('');
  expect(currencyFor(null, { ...guess, confidence: 0.7 })).toBe('SEK');
  expect(currencyFor(null, { ...guess, corrected: true })).toBe('SEK');
  expect(currencyFor({ value: 'GBP', confidence: 0.95, source: null }, guess)).toBe('GBP');
});
