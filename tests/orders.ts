import { chance } from '@/core/chance';
import { makeOrder, orderRequestSchema, tillRulesSchema, type Order, type PriceList, type TillRules } from '@/core/till';
import { tillWith } from './till';

export const invoices = {
  name: 'Glas & Ofen GmbH',
  address: 'Innstraße 4\n94032 Passau',
  email: 'post@glas.example',
  taxNumber: 'DE136695976',
  prefix: 'R-2026-',
  creditPrefix: 'G-2026-',
  first: 1,
  note: 'Danke.',
};

const pick = <T>(random: () => number, from: readonly T[]): T => from[Math.floor(random() * from.length)] as T;

/** A till and an order of it, by chance: every kind of goods, rates, reliefs, discounts, roundings, moneys of 0, 2 and 3 decimals. */
export function chanceOrder(seed: number): { order: Order; rules: TillRules } {
  const random = chance(seed);
  const [currency, digits] = pick(random, [['EUR', 2], ['EUR', 2], ['JPY', 0], ['KWD', 3]] as const); // prettier-ignore
  const rules = tillRulesSchema.parse({
    ...tillWith({ locale: pick(random, ['de-DE', 'en-DE']), country: 'DE' }),
    currency,
    digits,
    pricesIncludeTax: random() < 0.6,
    taxes: { standard: pick(random, [1900, 2000, 997.5]), reduced: 700, zero: 0 },
    tax: {
      small: random() < 0.1,
      places: [{ country: 'AT', region: '', from: '', standard: 2000, reduced: 1000, zero: 0 }],
      within: pick(random, ['home', 'there']),
      outside: pick(random, ['home', 'none']),
      prices: pick(random, ['same', 'net']),
      delivery: pick(random, ['goods', 'standard']),
      business: true,
      rounding: { mode: pick(random, ['half-up', 'half-even']), per: pick(random, ['line', 'rate', 'order']) },
    },
    zones: [{ id: 'z', label: 'All', countries: ['*'], rates: [{ id: 'r', label: 'Post', price: pick(random, [0, 490, 1299]), freeFrom: null, upTo: null }] }], // prettier-ignore
    codes: random() < 0.4 ? [{ code: 'LESS', kind: 'percent', amount: 1250, least: 0, until: '', automatic: true }] : [],
    invoices,
  });
  const count = 1 + Math.floor(random() * 4);
  const list: PriceList = new Map(
    Array.from({ length: count }, (_, i) => {
      const kind = pick(random, ['physical', 'physical', 'download', 'gift-card', 'appointment'] as const);
      const taxClass = kind === 'gift-card' ? ('zero' as const) : pick(random, ['standard', 'reduced', 'zero'] as const);
      const price = 1 + Math.floor(random() * 5000);
      return [`v${i}`, { id: `v${i}`, title: `Ware ${i}`, price, weight: 10, taxClass, physical: kind === 'physical', kind, stock: null }]; // prettier-ignore
    }),
  );
  const country = pick(random, ['DE', 'DE', 'AT', 'US']);
  const request = orderRequestSchema.parse({
    key: 'attempt-1',
    lines: [...list.keys()].map((variant) => ({ variant, quantity: 1 + Math.floor(random() * 6) })),
    ...{ country, rate: '', code: '', payment: 'card', consent: true },
    // The Austrian tax office's example of its number's check digit (BMF, "UID-Nummer").
    ...(country === 'AT' && random() < 0.5 ? { taxNumber: 'ATU13585627' } : {}),
    buyer: { name: 'Ünal Şahin', email: 'u@post.example', phone: '', street: 'Ringstraße 1', place: 'Linz', postcode: '4020', note: '' }, // prettier-ignore
  });
  const made = makeOrder(rules, list, request, '1001', '2026-11-28T08:00:00.000Z');
  if (!made.ok) throw new Error(made.say);
  return { order: { ...made.value.order, state: 'paid' }, rules };
}
