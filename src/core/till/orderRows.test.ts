import Papa from 'papaparse';
import { csvOf } from '../csv';
import { bookedOrderSchema, type BookedOrder } from './order';
import { orderRows } from './orderRows';

const order = (number: string, part: object = {}): BookedOrder => bookedOrderSchema.parse({
  number, placed: '2026-11-28T05:00:00.000Z', state: 'paid', currency: 'KWD', payment: 'card',
  buyer: { name: '=HYPERLINK("x")', email: 'a@post.example', phone: '+965 1', street: 'A "B", C', place: 'Kuwait', postcode: '13001', note: 'two\nlines', country: 'KW' },
  lines: [
    { variant: 'a', title: 'Bowl', quantity: 2, price: 1250, sum: 2500, discount: 250 },
    { variant: 'b', title: '-1 colours', quantity: 1, price: 4000, sum: 4000, discount: 0 },
  ],
  goods: 6500, discount: 250, code: '', discounts: [], taxNumber: '', tracking: '', relief: 0, delivery: { label: 'Post', price: 500 },
  taxes: [], tax: 0, taxIncluded: true, total: 6750,
  books: { history: [], received: 6750, refunded: 1125, refundedPieces: {}, refundedDelivery: false, givenBack: 1125, toGiveBack: 0, handed: {}, parcels: [], ready: false, files: [], cards: [], times: [], papers: [], letters: [] },
  ...part,
}); // prettier-ignore

test('comes back from another reader as it went, its columns add up, and no cell is run', () => {
  const orders = [order('1001'), order('1002', { delivery: null, state: 'cancelled' })];
  // Papa Parse reads RFC 4180; the byte-order mark is the file's, not a cell's.
  const { data, errors } = Papa.parse<Record<string, string>>(csvOf(orderRows(orders)).slice(1), {
    header: true,
    skipEmptyLines: true,
  });
  expect(errors).toEqual([]);
  expect(data).toHaveLength(4);
  expect(data[0]).toMatchObject({ order: '1001', number: '2', price: '1.250', total: '6.750', street: 'A "B", C', note: 'two\nlines', refunded: '1.125' }); // prettier-ignore
  expect(data.map((row) => Number(row.total || 0)).reduce((a, b) => a + b, 0)).toBeCloseTo(13.5, 9);
  expect(data.map((row) => Number(row.sum)).reduce((a, b) => a + b, 0)).toBeCloseTo(13, 9);
  expect([data[0]?.name, data[0]?.telephone, data[1]?.thing]).toEqual(['\'=HYPERLINK("x")', "'+965 1", "'-1 colours"]);
});
