import { decimal, formatMoney, mulDiv, shareOut } from './money';
import { allCurrencies, minorDigits } from './currencies';

const gbp = { currency: 'GBP', digits: 2, locale: 'en-GB' };

describe('money', () => {
  test('is written with the digits of its currency', () => {
    expect(formatMoney(1234, gbp)).toBe('£12.34');
    expect(formatMoney(1250000, { currency: 'KWD', digits: 3, locale: 'en-KW' })).toMatch(/1,250\.000/);
    expect(formatMoney(1200, { currency: 'JPY', digits: 0, locale: 'en-JP' })).toMatch(/1,200$/);
  });

  test('is a plain decimal in structured data', () => {
    expect(decimal(5, 2)).toBe('0.05');
    expect(decimal(1234, 0)).toBe('1234');
    expect(decimal(1234567, 3)).toBe('1234.567');
    expect(decimal(-1, 2)).toBe('-0.01');
  });

  test('is multiplied and divided without floating point', () => {
    expect(mulDiv(1, 1, 2)).toBe(1);
    expect(mulDiv(-1, 1, 2)).toBe(-1);
    expect(mulDiv(9_007_199_254_740_991, 9999, 10_000)).toBe(9_006_298_534_815_517);
  });

  test('nothing is lost when a sum is shared out', () => {
    // The largest-remainder method on its usual textbook case: 100 seats by 47, 16, 15.8, 12, 6.1 and 3.1 per cent of votes
    // (worked example “Hare quota” in the encyclopaedic literature, from memory) gives 47, 16, 16, 12, 6, 3.
    expect(shareOut(100, [47000, 16000, 15800, 12000, 6100, 3100])).toEqual([47, 16, 16, 12, 6, 3]);
    let seed = 7;
    const next = () => (seed = (seed * 48271) % 2147483647);
    for (let i = 0; i < 500; i++) {
      const weights = Array.from({ length: 1 + (next() % 9) }, () => next() % 5000);
      const sum = next() % 100_000;
      const parts = shareOut(sum, weights);
      expect(parts.reduce((a, b) => a + b, 0)).toBe(sum);
    }
  });
});

describe('currencies', () => {
  test('have the minor units of ISO 4217', () => {
    // ISO 4217:2015 list one, as published by its maintenance agency: codes that are not of two digits.
    const published: Record<string, number> = {
      BHD: 3,
      IQD: 3,
      JOD: 3,
      KWD: 3,
      LYD: 3,
      OMR: 3,
      TND: 3,
      BIF: 0,
      CLP: 0,
      DJF: 0,
      GNF: 0,
      ISK: 0,
      JPY: 0,
      KMF: 0,
      KRW: 0,
      PYG: 0,
      RWF: 0,
      UGX: 0,
      VND: 0,
      VUV: 0,
      XAF: 0,
      XOF: 0,
      XPF: 0,
      CLF: 4,
      UYW: 4,
    };
    for (const [code, digits] of Object.entries(published)) expect([code, minorDigits(code)]).toEqual([code, digits]);
    const others = allCurrencies().filter((code) => !(code in published) && !/^(X|UYI)/.test(code));
    expect(others.length).toBeGreaterThan(130);
    for (const code of others) expect([code, minorDigits(code)]).toEqual([code, 2]);
  });

  test('agree with the Unicode locale data wherever that follows the standard', () => {
    // CLDR drops fractions that are out of daily use (note in its supplemental data); where it keeps them the two must agree.
    let agreed = 0;
    for (const code of allCurrencies()) {
      const cldr =
        new Intl.NumberFormat('en', { style: 'currency', currency: code }).resolvedOptions().maximumFractionDigits ?? 2;
      if (cldr >= 2 && !/^(X|CLF|UYW)/.test(code)) {
        expect([code, minorDigits(code)]).toEqual([code, cldr]);
        agreed++;
      }
    }
    expect(agreed).toBeGreaterThan(100);
  });
});
