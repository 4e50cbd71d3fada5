import worldCountries from 'world-countries';
import { tillWith } from '../../../tests/till';
import { tillRulesSchema, zoneStarts, taxStart } from './index';

describe('what a seller of a country may begin with', () => {
  test('is never a rule that could not be published, in no country', () => {
    for (const { cca2: country } of worldCountries) {
      const tax = taxStart(country);
      const starts = zoneStarts(country);
      expect(starts[0]?.zones).toEqual([{ kind: 'home', countries: [country] }]);
      for (const { zones } of starts) {
        const rates = [{ id: 'r', label: 'Post', price: 1, freeFrom: null, upTo: null }];
        const made = zones.map(({ countries }, i) => ({ id: `z${i}`, label: `Zone ${i}`, countries, rates }));
        const rules = { ...tillWith({}), country, ...tax, zones: made };
        expect(tillRulesSchema.safeParse(rules).error?.issues ?? []).toEqual([]);
      }
    }
  });

  test('tax is in prices, but where shops write them without (common practice in Canada)', () => {
    expect(taxStart('IE')).toEqual({ taxes: { standard: 2300, reduced: 2300, zero: 0 }, pricesIncludeTax: true });
    expect(taxStart('CA')?.pricesIncludeTax).toBe(false);
    expect(taxStart('')).toBeNull();
  });

  test('in the European Union the other countries of it are a zone of their own; elsewhere there is home and the world', () => {
    expect(zoneStarts('IE').map(({ id }) => id)).toEqual(['home', 'area', 'area-world']);
    expect(zoneStarts('IE')[2]?.zones[1]?.countries).toHaveLength(26);
    expect(zoneStarts('NZ').map(({ id }) => id)).toEqual(['home', 'world']);
    expect(zoneStarts('')).toEqual([]);
  });
});
