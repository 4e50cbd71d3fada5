import { allCurrencies, minorDigits } from '../../till';
import { currencyOf } from '../rows/currency';
import { farOff, priceIn, pricingOf } from '../rows/pricing';
import { understandMoney } from './money';
import { numberFormOf, valueUnder } from './number';
import { currenciesOf } from '../../till';

describe('a cell that should hold a price', () => {
  test.each([
    ['12.50', 'amount'],
    ['£12', 'amount'],
    ['12,50 €', 'amount'],
    ['CHF 15.-', 'amount'],
    ['15,--', 'amount'],
    ['645:-', 'amount'],
    ['85,000/-', 'amount'],
    ['Rs 1,500/=', 'amount'],
    ['from 500/-', 'from'],
    ['18/- / 20/-', 'unknown'],
    ['80p', 'amount'],
    ['99¢', 'amount'],
    ['1 234,50 zł', 'amount'],
    ['1’234.50', 'amount'],
    ['₹1,23,456.00', 'amount'],
    ['٢٥٫٥٠ د.إ', 'amount'],
    ['１２００円', 'amount'],
    ['4.20 each', 'amount'],
    ['7 €/Stück', 'amount'],
    ['-3', 'amount'],
    ['(3.00)', 'amount'],
    ['7.50–12.80', 'range'],
    ['7 to 12', 'range'],
    ['€ 5 - € 9', 'range'],
    ['from 8', 'from'],
    ['ab 8,00 €', 'from'],
    ['ab CHF 148.–', 'from'],
    ['149.– bis 169.–', 'range'],
    ['12.-–15.-', 'range'],
    ['3 für 20.–', 'several'],
    ['18.- / 20.-', 'unknown'],
    ['148.– pro m', 'per'],
    ['à partir de 8 €', 'from'],
    ['8+', 'from'],
    ['4 for 9.00', 'several'],
    ['3/€5', 'several'],
    ['2 x 5', 'several'],
    ['12 €/kg', 'per'],
    ['5 per metre', 'per'],
    ['ca. 40', 'about'],
    ['~40', 'about'],
    ['on request', 'request'],
    ['auf Anfrage', 'request'],
    ['по запросу', 'request'],
    ['応相談', 'request'],
    ['gratis', 'free'],
    ['', 'blank'],
    ['–', 'blank'],
    ['12.50 or so, ask Jim', 'unknown'],
    ['12.50 15.00', 'unknown'],
    ['see 4.20 below', 'unknown'],
    ['4 € $5', 'unknown'],
    ['4m', 'unknown'],
    ['cheap', 'unknown'],
  ])('“%s” is %s', (cell, kind) => expect(understandMoney(cell).kind).toBe(kind));
});

describe('the form of numbers', () => {
  test('is that under which all of a column are numbers', () => {
    expect(numberFormOf(['1.234', '12,50'], 2)).toEqual({ mark: ',', sure: true });
    expect(numberFormOf(['1,234', '12.50'], 2)).toEqual({ mark: '.', sure: true });
    // Three digits after the only mark: a fraction where the money has three, thousands where it has fewer.
    expect(numberFormOf(['4.250', '12.500'], 3)).toEqual({ mark: '.', sure: true });
    expect(numberFormOf(['4.250', '12.500'], 2)).toEqual({ mark: ',', sure: true });
  });
  test('joins no digits over what is no grouping', () => {
    for (const text of ['1.23.456', '12,34,56', '1.2345', '1,2,3'])
      expect(valueUnder(text, ',', 2) ?? valueUnder(text, '.', 2)).toBeNull();
    expect(valueUnder('1,23,456.00', '.', 2)).toBe(12345600);
  });

  // Intl's own writing is the reference for how a country's people write a price (Unicode CLDR).
  test.each([
    ['en-GB', 'GBP'],
    ['de-DE', 'EUR'],
    ['fr-FR', 'EUR'],
    ['de-CH', 'CHF'],
    ['sv-SE', 'SEK'],
    ['en-IN', 'INR'],
    ['pl-PL', 'PLN'],
    ['ja-JP', 'JPY'],
    ['pt-BR', 'BRL'],
    ['cs-CZ', 'CZK'],
    ['tr-TR', 'TRY'],
    ['ru-RU', 'RUB'],
    ['ar-KW', 'KWD'],
    ['da-DK', 'DKK'],
  ])('prices as CLDR writes them in %s come in to the last unit', (locale, currency) => {
    const digits = minorDigits(currency);
    const amounts = [5, 99, 100, 1250, 99999, 123456, 98765432].map((n) => n * (digits === 0 ? 1 : 1));
    const form = new Intl.NumberFormat(locale, { style: 'currency', currency, minimumFractionDigits: digits });
    const cells = amounts.map((minor) => form.format(minor / 10 ** digits).replace(/[\u200e\u200f\u061c]/g, ''));
    const code = currencyOf(
      { cells, named: [], headings: [], units: [], above: [], formats: [], names: [] },
      { brief: currency },
    ).code;
    const pricing = pricingOf(cells, currency);
    const asked: string[] = [];
    const read = cells.map((cell) =>
      priceIn(cell, pricing, ({ say }) => {
        asked.push(say);
        return null;
      }),
    );
    expect([code, read, asked]).toEqual([currency, amounts, []]);
  });
});

describe('currencies', () => {
  test('every sign means currencies of ISO 4217', () => {
    const known = new Set(allCurrencies());
    for (const sign of ['€', '£', '$', '¥', 'kr', 'zł', 'Rs', 'KSh', '₾', 'dinars', 'FCFA'])
      for (const code of currenciesOf(sign)) expect([sign, code, known.has(code)]).toEqual([sign, code, true]);
  });
  const of = (cells: string[], hints = {}, more = {}) =>
    currencyOf({ cells, named: [], headings: [], units: [], above: [], formats: [], names: [], ...more }, hints);
  test('a sign that several share takes the one that something else names, else it is asked', () => {
    expect(of(['$4', '$5']).code).toBeNull();
    expect(of(['$4', '$5']).choices[0]).toBe('USD');
    expect(of(['$4', '$5'], { brief: 'NZD' }).code).toBe('NZD');
    expect(of(['4 kr'], { brief: 'ISK' }).code).toBe('ISK');
    expect(of(['$4'], { brief: 'EUR' }).code).toBeNull();
  });
  test('headings, notes above and the brief can say it; nothing is ever assumed', () => {
    expect(of(['4'], {}, { units: ['TZS'] }).code).toBe('TZS');
    expect(of(['4'], {}, { above: ['Prices in Ghana cedis'] }).code).toBe('GHS');
    expect(of(['4'], { brief: 'KWD' }).code).toBe('KWD');
    expect(of(['4']).code).toBeNull();
  });
});

test('a price is far off only where it stands alone, a hundred times from the middle', () => {
  const usual = [900, 1200, 1500, 1800, 2100];
  const far = (...prices: number[]) => [...farOff(prices)];
  expect(far(...usual, 210_000)).toEqual([210_000]);
  expect(far(9, ...usual)).toEqual([9]);
  expect(far(...usual, 90_000)).toEqual([]);
  expect(far(900, 210_000)).toEqual([]);
});
