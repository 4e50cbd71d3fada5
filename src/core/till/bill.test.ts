import { tillWith } from '../../../tests/till';
import { stepsOf } from './explain';
import { makeBill, type BillLine, type Purchase } from './bill';
import { makeOrder, type PriceListEntry } from './sell';
import { type OrderRequest } from './order';

const rules = tillWith({
  currency: 'GBP',
  digits: 2,
  locale: 'en-GB',
  country: 'GB',
  pricesIncludeTax: true,
  taxes: { standard: 2000, reduced: 500, zero: 0 },
  zones: [
    {
      id: 'uk',
      label: 'United Kingdom',
      countries: ['GB'],
      rates: [
        { id: 'post', label: 'Post', price: 395, freeFrom: 6000, upTo: 2000 },
        { id: 'van', label: 'Van', price: 1500, freeFrom: null, upTo: null },
      ],
    },
    {
      id: 'world',
      label: 'World',
      countries: ['*'],
      rates: [{ id: 'far', label: 'Tracked', price: 1690, freeFrom: null, upTo: 2000 }],
    },
  ],
  codes: [
    { code: 'TEN', kind: 'percent', amount: 1000, least: 2000, until: '' },
    { code: 'FIVER', kind: 'sum', amount: 500, least: 0, until: '2026-01-31' },
    { code: 'POST', kind: 'free-delivery', amount: 0, least: 0, until: '' },
  ],
  payments: { card: true, bank: '', bankDays: 14 },
  returnsDays: 30,
});

const line = (price: number, quantity = 1, part: Partial<BillLine> = {}): BillLine => ({
  variant: `v${price}`,
  title: 'Thing',
  price,
  quantity,
  weight: 100,
  taxClass: 'standard',
  physical: true,
  ...part,
});
const buy = (lines: BillLine[], part: Partial<Purchase> = {}) =>
  makeBill(rules, { lines, country: 'GB', rate: '', code: '', today: '2026-01-15', ...part });

describe('tax', () => {
  test('is taken out of a price that includes it by the VAT fraction', () => {
    // HMRC VAT guide (VAT Notice 700), section 7.3: the VAT fraction at 20 % is 1/6, at 5 % 1/21. £6.00 holds £1.00; £105.00 at 5 % holds £5.00.
    expect(
      makeBill(
        { ...rules, zones: [] },
        { lines: [line(600, 1, { physical: false })], country: 'GB', rate: '', code: '', today: '2026-01-01' },
      ).tax,
    ).toBe(100);
    expect(buy([line(10500, 1, { taxClass: 'reduced', physical: false })]).tax).toBe(500);
  });

  test('is added to a price without it', () => {
    const bill = makeBill(
      { ...rules, pricesIncludeTax: false },
      { lines: [line(10000, 1, { physical: false })], country: 'GB', rate: '', code: '', today: '2026-01-01' },
    );
    expect([bill.tax, bill.total]).toEqual([2000, 12000]);
  });

  test('on delivery follows the goods that travel', () => {
    // One parcel, half of its value zero-rated: half of the £3.95 carries tax. (1000 + 198) ÷ 6 = 199.67 → 200.
    const bill = buy([line(1000), line(1000, 1, { variant: 'book', taxClass: 'zero' })]);
    expect(bill.taxes.map(({ taxClass, tax }) => [taxClass, tax])).toEqual([
      ['standard', 200],
      ['zero', 0],
    ]);
  });

  test('is not shown while the seller has set none', () => {
    const bill = makeBill(
      { ...rules, taxes: null },
      { lines: [line(1000)], country: 'GB', rate: '', code: '', today: '2026-01-01' },
    );
    expect(bill.taxes).toEqual([]);
    expect(bill.total).toBe(1395);
  });

  test('net and tax of all classes add up to what is paid', () => {
    for (let price = 1; price < 400; price += 7) {
      const bill = buy([line(price, 3), line(price + 2, 2, { variant: 'r', taxClass: 'reduced' })]);
      expect(bill.taxes.reduce((sum, { net, tax }) => sum + net + tax, 0)).toBe(bill.total);
    }
  });
});

describe('delivery', () => {
  test('is the cheapest rate that fits, until another is chosen', () => {
    expect(buy([line(1000)]).delivery?.rate.id).toBe('post');
    expect(buy([line(1000)], { rate: 'van' }).total).toBe(2500);
  });
  test('is free from the sum that the rate names, after discount', () => {
    expect(buy([line(6000)]).delivery).toMatchObject({ price: 0, free: 'sum' });
    expect(buy([line(6500)], { code: 'TEN' }).delivery?.price).toBe(395);
  });
  test('leaves out rates that the parcel is too heavy for', () => {
    expect(buy([line(100, 30)]).rates.map((rate) => rate.id)).toEqual(['van']);
  });
  test('is refused, not given away, where nothing reaches', () => {
    expect(buy([line(100, 30)], { country: 'NZ' }).deliveryState).toBe('nowhere');
  });
  test('is not needed for what is not sent', () => {
    expect(buy([line(500, 1, { physical: false })]).deliveryState).toBe('none-needed');
  });
});

describe('discount codes', () => {
  test('take a percentage, shared over the lines without a penny lost', () => {
    const bill = buy([line(999), line(999, 1, { variant: 'b' }), line(999, 1, { variant: 'c' })], { code: 'ten' });
    expect(bill.discount).toBe(300);
    expect(bill.lines.map((l) => l.discount).reduce((a, b) => a + b)).toBe(300);
  });
  test('never take more than there is', () => expect(buy([line(300)], { code: 'FIVER' }).discount).toBe(300));
  test.each([
    ['nobody', 'unknown', '2026-01-15'],
    ['FIVER', 'ended', '2026-02-01'],
    ['TEN', 'least', '2026-01-15'],
  ])('%s is refused as %s', (code, why, today) =>
    expect(buy([line(1000)], { code, today })).toMatchObject({ codeRefused: why, discount: 0 }),
  );
  test('take off delivery', () =>
    expect(buy([line(1000)], { code: 'POST' })).toMatchObject({ total: 1000, delivery: { free: 'code' } }));
});

test('every figure of a bill can be unfolded into its working', () => {
  const working = stepsOf(buy([line(1000, 2)], { code: 'TEN' }), rules);
  expect(working.map(({ what, amount }) => [what, amount])).toEqual([
    ['Goods', 2000],
    ['Discount TEN', -200],
    ['Goods after discount', 1800],
    ['Delivery', 395],
    ['Tax at 20%', 366],
    ['Total', 2195],
  ]);
  expect(working[4]?.rule).toBe('contained in £21.95: £21.95 × 20 ÷ 120');
});

describe('an order', () => {
  const entry: PriceListEntry = {
    id: 'v',
    title: 'Thing',
    price: 1000,
    weight: 100,
    taxClass: 'standard',
    physical: true,
    stock: 2,
  };
  const request = (quantity: number, extra: object = {}): OrderRequest => ({
    key: 'attempt-1',
    lines: [{ variant: 'v', quantity }],
    country: 'GB',
    rate: 'post',
    code: '',
    payment: 'card',
    consent: true,
    buyer: { name: 'Ada', email: 'ada@post.example', phone: '', street: '', place: '', postcode: '', note: '' },
    ...extra,
  });
  const order = (wanted: OrderRequest) => makeOrder(rules, new Map([['v', entry]]), wanted, '1001', '2026-01-15T10:00:00.000Z');

  test('costs what the shop says, whatever a browser adds to it', () => {
    const made = order(request(2, { lines: [{ variant: 'v', quantity: 2, price: 1 }] }));
    expect(made.ok && made.value.order.total).toBe(2395);
  });
  test('is refused with a sentence when there is not enough', () => {
    expect(order(request(3))).toEqual({
      ok: false,
      say: 'Only 2 of “Thing” are left. Change the number in the cart and try again.',
    });
  });
  test('is refused when the sum is no longer the one that the buyer saw, or the delivery is gone', () => {
    expect(order(request(2, { seen: 2395 })).ok).toBe(true);
    expect(order(request(2, { seen: 2000 }))).toMatchObject({ ok: false, say: expect.stringContaining('£23.95') });
    expect(order(request(1, { rate: 'balloon' }))).toMatchObject({
      ok: false,
      say: expect.stringContaining('no longer offered'),
    });
  });
  test('counts the same thing on two lines together', () => {
    expect(
      order(
        request(1, {
          lines: [
            { variant: 'v', quantity: 2 },
            { variant: 'v', quantity: 1 },
          ],
        }),
      ).ok,
    ).toBe(false);
  });
});
