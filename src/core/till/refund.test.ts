import { tillWith } from '../../../tests/till';
import { chance } from '../chance';
import { makeBill, type BillLine } from './bill';
import { orderSchema, type Order } from './order';
import { refundOf, type Refunded } from './refund';
import { plainTax } from './rules';

const pick = <T>(random: () => number, list: readonly T[]): T => list[Math.floor(random() * list.length)] as T;

/** An order under rules at random. */
function orderOf(random: () => number): Order {
  const rules = tillWith({
    country: 'DE',
    pricesIncludeTax: random() < 0.5,
    taxes: { standard: 1900, reduced: 700, zero: 0 },
    tax: {
      ...plainTax,
      outside: pick(random, ['home', 'none']),
      delivery: pick(random, ['goods', 'standard']),
      rounding: { mode: 'half-up', per: pick(random, ['line', 'rate', 'order']) },
    },
    codes: [{ code: 'SHARE', kind: 'percent', amount: Math.floor(random() * 9000), least: 0, until: '' }],
    zones: [{ id: 'z', label: 'All', countries: ['*'], rates: [{ id: 'r', label: 'Post', price: Math.floor(random() * 1500), freeFrom: null, upTo: null }] }], // prettier-ignore
  });
  const lines: BillLine[] = Array.from({ length: 1 + Math.floor(random() * 4) }, (_, i) => ({
    variant: `v${i}`,
    title: `v${i}`,
    quantity: 1 + Math.floor(random() * 7),
    price: Math.floor(random() * 5000),
    weight: 10,
    taxClass: pick(random, ['standard', 'reduced', 'zero']),
    physical: random() < 0.8,
  }));
  const bill = makeBill(rules, {
    lines,
    country: pick(random, ['DE', 'US']),
    rate: '',
    code: pick(random, ['', 'SHARE']),
    today: '2026-11-28',
  });
  return orderSchema.parse({
    number: '1', placed: '', state: 'paid', currency: 'EUR', payment: 'card',
    buyer: { name: 'Ada', email: 'ada@post.example', phone: '', street: '', place: '', postcode: '', note: '', country: 'DE' },
    lines: bill.lines, goods: bill.goods, discount: bill.discount, code: '', discounts: [], taxNumber: '', tracking: '', relief: bill.relief,
    delivery: bill.delivery && { label: 'Post', price: bill.delivery.price, paid: bill.delivery.paid },
    taxes: bill.taxes, tax: bill.tax, taxIncluded: bill.taxIncluded, total: bill.total,
  }); // prettier-ignore
}

test('what is paid for the parts is what is paid in all, and the refund of all of them, in any portions, is the sum paid', () => {
  const random = chance(41);
  for (let n = 0; n < 2000; n++) {
    const order = orderOf(random);
    const parts = order.lines.reduce((sum, { paid = 0 }) => sum + paid, 0) + (order.delivery?.paid ?? 0);
    expect([n, parts]).toEqual([n, order.total]);
    for (const { paid = 0 } of order.lines) expect([n, paid >= 0]).toEqual([n, true]);
    // As an order of before its parts were kept: shared out, and still all of it.
    const from = random() < 0.3 ? { ...order, lines: order.lines.map((line) => ({ ...line, paid: undefined })) } : order;
    const pieces = new Map<string, number>();
    let before: Refunded = { pieces, delivery: false, amount: 0 };
    for (let step = 0; step < 60 && before.amount < from.total; step++) {
      const line = pick(random, from.lines);
      const left = line.quantity - (pieces.get(line.variant) ?? 0);
      const quantity = Math.min(left, 1 + Math.floor(random() * 3));
      const delivery = !before.delivery && from.delivery !== null && (random() < 0.2 || step > 50);
      const lines = quantity > 0 ? [{ variant: line.variant, quantity }] : [];
      const refund = refundOf(from, { lines, delivery, sum: 0 }, before);
      if (!refund.ok) {
        // Only what comes to nothing is refused here: a free thing, or no piece at all.
        expect([n, refund.say]).toEqual([n, 'Say what is to be refunded.']);
        if (quantity > 0) pieces.set(line.variant, (pieces.get(line.variant) ?? 0) + quantity);
        continue;
      }
      expect([n, refund.value > 0]).toEqual([n, true]);
      if (quantity > 0) pieces.set(line.variant, (pieces.get(line.variant) ?? 0) + quantity);
      before = { pieces, delivery: before.delivery || delivery, amount: before.amount + refund.value };
    }
    const rest = from.lines.flatMap(({ variant, quantity }) => {
      const left = quantity - (pieces.get(variant) ?? 0);
      return left > 0 ? [{ variant, quantity: left }] : [];
    });
    const last = refundOf(from, { lines: rest, delivery: !before.delivery && from.delivery !== null, sum: 0 }, before);
    expect([n, before.amount + (last.ok ? last.value : 0)]).toEqual([n, from.total]);
  }
});

test('more pieces, another delivery or a greater sum than was paid is refused', () => {
  const order = { ...orderOf(chance(2)), lines: [{ variant: 'v', title: 'V', quantity: 2, price: 500, sum: 1000, discount: 0, paid: 1000, kind: 'physical' as const }], delivery: { label: 'Post', price: 300, paid: 300, collection: false }, total: 1300 }; // prettier-ignore
  const none: Refunded = { pieces: new Map(), delivery: false, amount: 0 };
  const say = (part: object, before = none) => {
    const refund = refundOf(order, { lines: [], delivery: false, sum: 0, ...part }, before);
    return refund.ok ? refund.value : refund.say;
  };
  expect(say({ lines: [{ variant: 'v', quantity: 1 }], delivery: true, sum: 100 })).toBe(900);
  expect(say({ lines: [{ variant: 'v', quantity: 3 }] })).toContain('More pieces');
  expect(say({ lines: [{ variant: 'w', quantity: 1 }] })).toContain('More pieces');
  expect(say({ lines: [{ variant: 'v', quantity: 1 }, { variant: 'v', quantity: 2 }] })).toContain('More pieces'); // prettier-ignore
  expect(say({ delivery: true }, { ...none, delivery: true })).toContain('refunded before');
  expect(say({ sum: 1301 })).toContain('More can’t be refunded');
  expect(say({ sum: 400 }, { ...none, amount: 1000 })).toContain('More can’t be refunded');
  expect(say({})).toContain('Say what');
});
