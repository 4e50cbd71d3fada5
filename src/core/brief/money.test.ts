import { currencyFor, readCurrency } from './currency';
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

test('a character that is the sign of a currency names it where it stands alone', () => {
  expect(readCurrency('札幌でジンジャービアの株を育てています。価格は円です。', '')?.value).toBe('JPY');
  expect(readCurrency('木の円盤を作っています。', '')).toBeNull();
});

describe('of several moneys that are named', () => {
  test.each([
    [
      'that of the country, and not the one that is asked for beside it',
      'Prices in yen; could you show dollars beside them?',
      'JP',
      'JPY',
    ],
    [
      'that of the prices, and not what something once cost',
      'I bought the lathe for $400 in Ohio. Prices are in pounds.',
      'GB',
      'GBP',
    ],
    ['that of the prices, though it is another country’s', 'All our prices are in euros. From €20 to €90.', 'AR', 'EUR'],
    ['the one that stands in prices', 'Mugs £12, bowls £18. A € coin is in the first.', '', 'GBP'],
  ])('it is %s', (_, brief, country, code) => {
    const read = readCurrency(brief, country);
    expect(read?.value).toBe(code);
    expect(currencyFor(read, null)).toBe(code);
  });

  test('none is taken where two are as likely: that is asked', () => {
    const peso = readCurrency('Nobody here trusts the peso, so all our prices are in euros. From €20.', 'AR');
    expect(currencyFor(peso, { value: 'AR', confidence: 0.9, source: null })).toBe('');
    const read = readCurrency('Some pay in euros, some in sterling.', '');
    expect(read?.confidence).toBeLessThan(0.5);
    expect(currencyFor(read, { value: 'IE', confidence: 0.9, source: null })).toBe('');
    expect(currencyFor(read && { ...read, corrected: true }, null)).toBe(read?.value);
  });
});
