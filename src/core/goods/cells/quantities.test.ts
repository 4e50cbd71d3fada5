import { isDimensions, isGtin, understandMeasure, understandStock } from './quantities';

describe('check digits of GTINs', () => {
  // The worked example of GS1's check digit calculator: 629104150021, check digit 3.
  test('as in the example of GS1', () => expect(isGtin('6291041500213')).toBe(true));
  test('any other last digit is none', () => {
    for (let digit = 0; digit < 10; digit++) expect(isGtin(`629104150021${digit}`)).toBe(digit === 3);
  });
  test.each(['96385074', '036000291452', '4006381333931', '10614141000415'])('of every length: %s', (code) =>
    expect(isGtin(code)).toBe(true),
  );
  test.each(['', '123', 'abcdefgh', '40063813339311'])('“%s” is none', (code) => expect(isGtin(code)).toBe(false));
});

describe('stock', () => {
  test.each([
    ['12', { kind: 'count', pieces: 12 }],
    ['12.0', { kind: 'count', pieces: 12 }],
    ['1,200', { kind: 'count', pieces: 1200 }],
    ['3 left', { kind: 'count', pieces: 3 }],
    ['7 Stück', { kind: 'count', pieces: 7 }],
    ['sold out', { kind: 'count', pieces: 0 }],
    ['vergriffen', { kind: 'count', pieces: 0 }],
    ['нет в наличии', { kind: 'count', pieces: 0 }],
    ['品切れ', { kind: 'count', pieces: 0 }],
    ['in stock', { kind: 'uncounted' }],
    ['på lager', { kind: 'uncounted' }],
    ['InStock', { kind: 'uncounted' }],
    ['one', { kind: 'count', pieces: 1 }],
    ['last one', { kind: 'count', pieces: 1 }],
    ['nur noch 2 Stück', { kind: 'count', pieces: 2 }],
    ['two left', { kind: 'count', pieces: 2 }],
    ['none left', { kind: 'count', pieces: 0 }],
    ['none until March', { kind: 'count', pieces: 0 }],
    ['ausverkauft, wieder im Mai', { kind: 'count', pieces: 0 }],
    ['no limit', { kind: 'unsure', likeliest: null }],
    ['les deux derniers', { kind: 'count', pieces: 2 }],
    ['derniers deux', { kind: 'count', pieces: 2 }],
    ['letzten 3', { kind: 'count', pieces: 3 }],
    ['last 3 months', { kind: 'unsure', likeliest: 3 }],
    ['last 2 of 10', { kind: 'unsure', likeliest: 2 }],
    ['drei Stück', { kind: 'count', pieces: 3 }],
    ['un', { kind: 'count', pieces: 1 }],
    // Ten in Turkish, and that something is on sale in English.
    ['on', { kind: 'unsure', likeliest: null }],
    ['', { kind: 'blank' }],
    ['a dozen', { kind: 'unsure', likeliest: 12 }],
    ['-2', { kind: 'unsure', likeliest: 0 }],
    ['5+', { kind: 'unsure', likeliest: 5 }],
    ['a few', { kind: 'unsure', likeliest: null }],
    ['1.5', { kind: 'unsure', likeliest: null }],
    ['in_stock', { kind: 'uncounted' }],
    ['out-of-stock', { kind: 'count', pieces: 0 }],
    ['3_left', { kind: 'count', pieces: 3 }],
  ])('“%s”', (cell, meant) => expect(understandStock(cell)).toEqual(meant));
});

// The members of ItemAvailability (schema.org), by their addresses; what is sold before it is there is asked about.
test.each([
  ['InStock', 'uncounted'],
  ['InStoreOnly', 'uncounted'],
  ['LimitedAvailability', 'uncounted'],
  ['MadeToOrder', 'uncounted'],
  ['OnlineOnly', 'uncounted'],
  ['Discontinued', 'count'],
  ['OutOfStock', 'count'],
  ['SoldOut', 'count'],
  ['BackOrder', 'unsure'],
  ['PreOrder', 'unsure'],
  ['PreSale', 'unsure'],
])('availability “%s”', (member, kind) =>
  expect([understandStock(`https://schema.org/${member}`).kind, understandStock(member).kind]).toEqual([kind, kind]),
);

test('measures are a number and a unit, and nothing else', () => {
  expect(understandMeasure('0,5 kg')).toEqual({ kind: 'mass', number: '0,5', unit: 'kg' });
  expect(understandMeasure('15 1/8"')).toMatchObject({ kind: 'length' });
  expect(understandMeasure('250 ml')).toMatchObject({ kind: 'volume' });
  expect(understandMeasure('1½ m')).toEqual({ kind: 'length', number: '1½', unit: 'm' });
  expect(understandMeasure('½ lb')).toMatchObject({ kind: 'mass', number: '½' });
  expect(understandMeasure('heavy')).toBeNull();
  expect(['30 x 40', '30×40 cm', '2 x 3 x 4 m'].every(isDimensions)).toBe(true);
  expect(['30', 'x', 'box 3 x'].some(isDimensions)).toBe(false);
});
