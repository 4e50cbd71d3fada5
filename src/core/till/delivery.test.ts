import { tillWith } from '../../../tests/till';
import { chance } from '../chance';
import { doPatternsMeet, doZonesMeet, isPostalCodeIn, ratesFor, zoneFor } from './delivery';
import { tillRulesSchema } from './published';
import { zoneSchema, type DeliveryZone } from './rules';
import { type z } from 'zod';

const rate = { id: 'r', label: 'Post', price: 500, freeFrom: null, upTo: null };
const zone = (part: Partial<z.input<typeof zoneSchema>>): DeliveryZone =>
  zoneSchema.parse({ id: 'z', label: 'Zone', countries: ['GB'], rates: [rate], ...part });
const parcel = { grams: 800, pieces: 3, goods: 4000 };

test('a place has the zone that names it most closely', () => {
  const rules = {
    zones: [
      zone({ id: 'world', countries: ['*'] }),
      zone({ id: 'gb' }),
      zone({ id: 'islands', postal: ['IM', 'JE', 'GY', 'BT', 'HS1–HS9'] }),
      zone({ id: 'scotland', regions: ['SCT'] }),
    ],
  };
  const at = (country: string, postalCode = '', region = '') => zoneFor(rules, { country, postalCode, region })?.id;
  expect([at('JP'), at('GB'), at('GB', 'YO1 7HH'), at('GB', 'bt1 5gs'), at('GB', 'HS2 0XJ'), at('GB', 'EH1 1AA', 'SCT')]).toEqual([
    'world', 'gb', 'gb', 'islands', 'islands', 'scotland',
  ]); // prettier-ignore
});

test.each([
  // Forms of postal codes as the Universal Postal Union prints them for these countries.
  ['97400', '97', true],
  ['75001', '97', false],
  ['7465', '7000–7999', true],
  ['8001', '7000-7999', false],
  ['D02 X285', 'D02', true],
  ['K1A 0B1', 'k1a', true],
  ['', 'BT', false],
  ['100-0001', '100', true],
])('“%s” among “%s” is %s', (code, pattern, is) => expect(isPostalCodeIn(code, pattern)).toBe(is));

test('a price that goes in steps is that of the last step that is reached', () => {
  const at = [{ from: 0, price: 300 }, { from: 1000, price: 600 }, { from: 5000, price: 1100 }]; // prettier-ignore
  const costs = (by: 'weight' | 'sum' | 'pieces', part: Partial<typeof parcel>) =>
    ratesFor({ zones: [zone({ rates: [{ ...rate, steps: { by, at } }] })] }, { country: 'GB' }, { ...parcel, ...part })[0]?.price;
  expect([0, 999, 1000, 4999, 5000, 90_000].map((grams) => costs('weight', { grams }))).toEqual([300, 300, 600, 600, 1100, 1100]);
  expect([costs('sum', { goods: 1500 }), costs('pieces', { pieces: 3 })]).toEqual([600, 300]);
});

test('what is beside the price: each further piece, the zone’s surcharge, free from, too heavy, nothing sent there', () => {
  const first = (part: Partial<z.input<typeof zoneSchema>>, of = parcel) =>
    ratesFor({ zones: [zone(part)] }, { country: 'GB' }, of)[0]?.price;
  expect(first({ rates: [{ ...rate, perPiece: 100 }] })).toBe(700);
  expect(first({ surcharge: 250 })).toBe(750);
  expect(first({ surcharge: 250, rates: [{ ...rate, freeFrom: 4000 }] })).toBe(0);
  expect(first({ rates: [{ ...rate, upTo: 799 }] })).toBeUndefined();
  expect(first({ closed: true })).toBeUndefined();
});

test('two patterns meet where a code is in both, and two zones where a place is', () => {
  const random = chance(3);
  const below = (n: number) => Math.floor(random() * n);
  for (let n = 0; n < 2000; n++) {
    const pattern = () => {
      const digits = 1 + below(3);
      const ends = [below(10 ** digits), below(10 ** digits)]
        .sort((a, b) => a - b)
        .map((end) => String(end).padStart(digits, '0'));
      return random() < 0.5 ? (ends[0] ?? '') : `${ends[0]}–${ends[1]}`;
    };
    const [one, other] = [pattern(), pattern()];
    const all = Array.from({ length: 1000 }, (_, code) => String(code).padStart(3, '0'));
    const meet = all.some((code) => isPostalCodeIn(code, one) && isPostalCodeIn(code, other));
    expect([one, other, doPatternsMeet(one, other)]).toEqual([one, other, meet]);
  }
  expect(doZonesMeet(zone({}), zone({}))).toBe(true);
  expect(doZonesMeet(zone({}), zone({ postal: ['BT'] }))).toBe(false);
  expect(doZonesMeet(zone({ postal: ['BT1'] }), zone({ postal: ['BT'] }))).toBe(true);
  expect(doZonesMeet(zone({ regions: ['SCT'] }), zone({ regions: ['WLS'] }))).toBe(false);
  expect(doZonesMeet(zone({}), zone({ countries: ['FR'] }))).toBe(false);
});

test('zones over each other, and a table with a hole, are no rules', () => {
  const base = tillWith({});
  const may = (zones: unknown[]) => tillRulesSchema.safeParse({ ...base, zones }).success;
  const steps = (at: unknown[]) => may([{ ...zone({}), rates: [{ ...rate, steps: { by: 'weight', at } }] }]);
  expect(may([zone({}), zone({ id: 'y', postal: ['BT'] })])).toBe(true);
  expect(may([zone({}), zone({ id: 'y' })])).toBe(false);
  expect([steps([{ from: 0, price: 1 }]), steps([{ from: 100, price: 1 }]), steps([]), steps([{ from: 0, price: 1 }, { from: 0, price: 2 }])]).toEqual([true, false, false, false]); // prettier-ignore
});
