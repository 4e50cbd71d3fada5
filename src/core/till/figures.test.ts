import { chanceOrder } from '../../../tests/orders';
import { customersOf, figuresOf } from './figures';
import { bookedOrderSchema, type BookedOrder } from './order';

type Part = { at: string; state?: BookedOrder['state']; moves?: { at: string; money: number; card?: boolean }[]; email?: string; refunded?: number; pieces?: Record<string, number>; papers?: unknown[] }; // prettier-ignore

let number = 1000;
function booked({
  at,
  state = 'paid',
  moves,
  email = 'a@post.example',
  refunded = 0,
  pieces = {},
  papers = [],
}: Part): BookedOrder {
  const { order } = chanceOrder(4);
  const history = (moves ?? [{ at, money: order.total }]).map((move) => ({ ...move, by: 'provider', state: 'paid', why: '' }));
  return bookedOrderSchema.parse({
    ...order,
    ...{ number: String(number++), placed: at, state, buyer: { ...order.buyer, email } },
    discounts: [{ code: 'LESS', automatic: false, amount: 100 }],
    books: { history, received: 0, refunded, refundedPieces: pieces, refundedDelivery: false, givenBack: 0, toGiveBack: 0, handed: {}, parcels: [], ready: false, files: [], cards: [], times: [], papers, letters: [] }, // prettier-ignore
  });
}
const { order } = chanceOrder(4);
const [first] = order.lines;

test('takings are what came in and went back on a day; days without any are there; gift cards are no money that comes', () => {
  const orders = [
    booked({ at: '2026-02-27T23:50:00.000Z' }),
    booked({ at: '2026-03-02T08:00:00.000Z', moves: [{ at: '2026-03-02T08:00:00.000Z', money: 500 }, { at: '2026-03-02T08:00:00.000Z', money: 700, card: true }, { at: '2026-03-03T08:00:00.000Z', money: -200 }] }), // prettier-ignore
    booked({ at: '2026-03-01T08:00:00.000Z', state: 'cancelled', moves: [] }),
  ];
  const { periods } = figuresOf(orders, 'day');
  expect(periods.map(({ at, takings, orders: count }) => [at, takings, count])).toEqual([
    ['2026-02-27', order.total, 1],
    ['2026-02-28', 0, 0],
    ['2026-03-01', 0, 0],
    ['2026-03-02', 500, 1],
    ['2026-03-03', -200, 0],
  ]);
  expect(figuresOf(orders, 'month').periods.map(({ at, takings }) => [at, takings])).toEqual([
    ['2026-02', order.total],
    ['2026-03', 300],
  ]);
  expect(figuresOf([], 'day')).toEqual({ periods: [], goods: [], codes: [], taxes: [] });
});

test('goods are counted without what came back, discounts by orders, tax by month and rate as the papers say', () => {
  const rates = (tax: number) => [{ taxClass: 'standard', rate: 1900, net: tax * 5, tax }];
  const paper = (kind: string, date: string, tax: number) => ({
    ...{ kind, number: `x${tax}`, date, order: '1', of: '', ordered: date, locale: 'de-DE', currency: 'EUR' },
    ...{ seller: party, buyer: party, lines: [], taxes: rates(tax), net: tax * 5, tax, total: tax * 6 },
    ...{ taxIncluded: true, untaxed: '', paid: true, note: '' },
  });
  const party = { name: 'A', address: [], country: 'DE', taxNumber: '', email: '' };
  const variant = first?.variant ?? '';
  const { goods, codes, taxes } = figuresOf(
    [
      booked({ at: '2026-01-31T08:00:00.000Z', papers: [paper('invoice', '2026-01-31', 190), paper('credit-note', '2026-02-01', 40)] }), // prettier-ignore
      booked({ at: '2026-02-01T08:00:00.000Z', pieces: { [variant]: first?.quantity ?? 0 }, papers: [paper('invoice', '2026-02-01', 60)] }), // prettier-ignore
      booked({ at: '2026-02-01T08:00:00.000Z', state: 'expired', moves: [] }),
    ],
    'day',
  );
  expect(goods.find(({ title }) => title === first?.title)?.pieces).toBe(first?.quantity);
  expect(goods.map(({ sum }) => sum)).toEqual(goods.map(({ sum }) => sum).sort((a, b) => b - a));
  expect(codes).toEqual([{ code: 'LESS', orders: 2, off: 200 }]);
  expect(taxes).toEqual([
    { at: '2026-01', rate: 1900, net: 950, tax: 190 },
    { at: '2026-02', rate: 1900, net: 100, tax: 20 },
  ]);
});

test('buyers are known by their address, whatever its case, with what stands of their orders', () => {
  const customers = customersOf([
    booked({ at: '2026-01-01T08:00:00.000Z', email: 'Ada@post.example' }),
    booked({ at: '2026-01-05T08:00:00.000Z', email: 'ada@post.example', refunded: 300 }),
    booked({ at: '2026-01-06T08:00:00.000Z', email: 'bo@post.example' }),
    booked({ at: '2026-01-07T08:00:00.000Z', email: 'bo@post.example', state: 'refused', moves: [] }),
  ]);
  expect(customers.map(({ email, orders, spent, last }) => [email, orders, spent[order.currency], last.slice(0, 10)])).toEqual([
    ['ada@post.example', 2, 2 * order.total - 300, '2026-01-05'],
    ['bo@post.example', 1, order.total, '2026-01-06'],
  ]);
});
