import { Decided, parseAt } from '../places';
import { decisionsOf } from '../../../tests/decisions';
import { moodOf, readBrief, toneWords } from '../brief';

import { makeRules } from './rules';

const rules = (brief: string, decisions: Record<string, unknown> = {}, listCurrency = '') =>
  makeRules(readBrief(brief), new Decided(decisionsOf(decisions)), listCurrency);

describe('the till’s rules', () => {
  test('guess neither tax nor delivery', () =>
    expect(rules('We sell soap in Cork.')).toMatchObject({ taxes: null, zones: [], codes: [], returnsDays: null }));

  test.each([
    ['Prices in yen.', '', 'JPY', 0],
    ['Prices in Kuwaiti dinars.', '', 'KWD', 3],
    ['We sell soap.', 'GBP', 'GBP', 2],
    ['Prices in euros.', 'GBP', 'EUR', 2],
    ['We sell soap.', '', 'EUR', 2],
  ])('“%s” with a list in “%s” counts in %s', (brief, list, currency, digits) =>
    expect(rules(brief, {}, list)).toMatchObject({ currency, digits }),
  );

  test('write sums as the seller’s country does', () => {
    expect(rules('We sell soap in Cork, Ireland.').locale).toBe('en-IE');
    expect(rules('Soap.').locale).toBe('en');
    expect(rules('Soap.', { 'till/country': 'NZ' }).locale).toBe('en-NZ');
  });

  test('are those that the seller set, where the seller set them', () => {
    const zones = [{ id: 'z', label: 'All', countries: ['*'], rates: [] }];
    expect(rules('Soap.', { 'till/zones': zones, 'till/pricesIncludeTax': false, 'till/returnsDays': 14 })).toMatchObject({
      zones,
      pricesIncludeTax: false,
      returnsDays: 14,
    });
  });

  test.each([
    ['till/zones', 'everywhere'],
    ['till/taxes', 20],
    ['till/taxes', { standard: -1, reduced: 0, zero: 0 }],
    ['till/country', 'ZZZ'],
    ['till/codes', [{ code: 'ALL', kind: 'percent', amount: 20_000, least: 0, until: '' }]],
  ])('take no damaged setting at %s', (place, value) => expect(parseAt(place, value).ok).toBe(false));
});

describe('moods', () => {
  test('are the mean of the words that speak on an axis', () => {
    expect(moodOf(['calm', 'loud']).loud).toBeCloseTo(0.1);
    expect(moodOf(['warm']).loud).toBe(0);
    expect(moodOf([])).toEqual({ loud: 0, warm: 0, exact: 0, ornate: 0 });
  });
  test('stay within their bounds, whatever the words', () => {
    for (const word of toneWords())
      for (const value of Object.values(moodOf([word]))) expect(Math.abs(value)).toBeLessThanOrEqual(1);
  });
  test('have no opinion on unknown words', () => expect(moodOf(['purplish'])).toEqual(moodOf([])));
});
