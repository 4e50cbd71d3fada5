import { addMonths, addWeeks } from 'date-fns';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { germanTill } from '../../tests/till';
import { invoices } from '../../tests/orders';
import { chance } from '@/core/chance';
import { fail, ok } from '@/core/result';
import { dateOfTurn, turnBy, type HostData, type OrderRequest } from '@/core/till';
import { HostTill, Outbox, type PaymentMessage, type Provider } from './index';

const folder = mkdtempSync(join(tmpdir(), 'arcatum-repeats-'));
afterAll(() => rmSync(folder, { recursive: true, force: true }));

const shop = (price = 1200, stock: number | null = null): HostData => ({
  shop: 'p',
  name: 'Brot & Korb',
  rules: { ...germanTill, payments: { card: true, bank: 'DE02 …', bankDays: 7, cardMinutes: 30, cash: true }, invoices },
  prices: [
    { id: 'box', title: 'Bread box', price, weight: 900, taxClass: 'reduced', physical: true, kind: 'repeat', rhythm: { every: 1, unit: 'month' }, stock, product: 'box', shelves: [] }, // prettier-ignore
    { id: 'bowl', title: 'Bowl', price: 1000, weight: 500, taxClass: 'standard', physical: true, kind: 'physical', stock: 9, product: 'bowl', shelves: [] }, // prettier-ignore
  ],
  files: {},
});

/** A provider that collects again, or refuses, or is away; it remembers what it collected. */
function provider() {
  const messages = new Map<string, PaymentMessage>();
  const way = { now: 'yes' as 'yes' | 'no' | 'away' };
  const told = (order: string, amount: number, state: PaymentMessage['state']) =>
    messages.set(order, { id: `m-${order}`, payment: `p-${order}`, order, address: 'a', amount, currency: 'EUR', state });
  const port: Provider = {
    ask: (order) => [messages.get(order)].flatMap((message) => message ?? []),
    letGo: () => undefined,
    again: (before, order, amount) => {
      if (way.now === 'away') throw new Error('The provider is away.');
      if (!before.some((one) => messages.get(one)?.state === 'accepted')) return fail('No card is known.');
      if (!messages.has(order)) told(order, amount, way.now === 'yes' ? 'accepted' : 'refused');
      return ok(null);
    },
    giveBack: () => ok(null),
  };
  return { port, way, told, messages };
}

let n = 0;
function open(data: { now: HostData } = { now: shop() }) {
  const path = join(folder, `${n++}`, 'orders.jsonl');
  const outbox = new Outbox(join(path, '..', 'outbox.jsonl'));
  const pay = provider();
  const office = { data: () => data.now, address: () => 'https://brot.example/', outbox };
  const wake = () => new HostTill(path, pay.port, office);
  return { till: wake(), wake, outbox, data, ...pay };
}
const on = (date: string) => `${date}T12:00:00.000Z`;

const request = (part: Partial<OrderRequest> = {}): OrderRequest => ({
  key: 'attempt-1',
  lines: [{ variant: 'box', quantity: 2 }],
  ...{ country: 'DE', rate: 'r', code: '', payment: 'card', consent: true },
  buyer: { name: 'Ada', email: 'ada@post.example', phone: '', street: 'Weg 1', place: 'Linz', postcode: '4020', note: 'Ring!' },
  ...part,
});
type Opened = ReturnType<typeof open>;
function begin({ till, told, data }: Opened, date: string, part: Partial<OrderRequest> = {}) {
  const placed = till.place(data.now, request(part), 'r', on(date));
  if (!placed.ok) throw new Error(placed.say);
  const { number, total, payment } = placed.value.order;
  if (payment === 'card') {
    told(number, total, 'accepted');
    till.find(number, 'r', on(date));
  } else till.pay(number, on(date));
}
const numbers = (till: HostTill, date: string) => till.all(on(date)).map(({ number, state }) => `${number} ${state}`);
const repeatOf = (till: HostTill, number = '1001') => till.one(number)?.books.repeats[0];
const subjects = ({ till, outbox }: Opened, number: string) =>
  (till.one(number)?.books.letters ?? []).map(({ id }) => outbox.find(id)?.subject);

test('dates go on by weeks and months as date-fns counts them, from the last days of months too', () => {
  const random = chance(5);
  for (let i = 0; i < 400; i++) {
    const from = new Date(2024, Math.floor(random() * 30), 26 + Math.floor(random() * 6), 12);
    const iso = (date: Date) => [date.getFullYear(), date.getMonth() + 1, date.getDate()].map((part) => String(part).padStart(2, '0')).join('-'); // prettier-ignore
    const [every, turn] = [1 + Math.floor(random() * 8), Math.floor(random() * 30)];
    expect(dateOfTurn(iso(from), { every, unit: 'month' }, turn)).toBe(iso(addMonths(from, every * turn)));
    expect(dateOfTurn(iso(from), { every, unit: 'week' }, turn)).toBe(iso(addWeeks(from, every * turn)));
    for (const unit of ['week', 'month'] as const) {
      const date = dateOfTurn(iso(from), { every, unit }, turn);
      expect(turnBy(iso(from), { every, unit }, date)).toBe(turn);
    }
  }
  expect(dateOfTurn('2026-01-31', { every: 1, unit: 'month' }, 1)).toBe('2026-02-28');
});

test('each turn is an order of its own, paid as the first, at its sum, with its invoice and letters', () => {
  const opened = open();
  const { till, wake, messages } = opened;
  begin(opened, '2026-01-31', { lines: [{ variant: 'box', quantity: 2 }, { variant: 'bowl', quantity: 1 }] }); // prettier-ignore
  // Two boxes and the post: the bowl does not come again.
  expect(repeatOf(till)).toMatchObject({ state: 'running', agreed: 2890, next: ['2026-02-28', '2026-03-31', '2026-04-30'] });
  expect(numbers(till, '2026-02-24')).toEqual(['1001 paid']);
  expect(numbers(till, '2026-02-25')).toEqual(['1001 paid']);
  expect(subjects(opened, '1001').at(-1)).toContain('28 February 2026');
  expect(numbers(till, '2026-02-28')).toEqual(['1002 paid', '1001 paid']);
  const turn = till.one('1002');
  expect(turn).toMatchObject({ total: 2890, payment: 'card', buyer: { name: 'Ada', note: '' }, lines: [{ variant: 'box', quantity: 2 }] }); // prettier-ignore
  expect(turn?.books).toMatchObject({ received: 2890, papers: [{ kind: 'invoice', number: 'R-2026-0002' }], repeats: [{ order: '1001', orders: ['1002'] }] }); // prettier-ignore
  expect(messages.get('1002')?.amount).toBe(2890);
  expect(subjects(opened, '1002')).toEqual(['Order 1002 at Brot & Korb is paid']);
  expect(numbers(till, '2026-03-30')).toHaveLength(2);
  // A host that slept through two turns makes up for the last one alone.
  expect(numbers(wake(), '2026-05-02')).toEqual(['1003 paid', '1002 paid', '1001 paid']);
  expect(repeatOf(wake())?.next[0]).toBe('2026-05-31');
  expect(wake().all(on('2026-05-03'))).toEqual(wake().all(on('2026-05-03')));
});

test('its buyer and the seller let it rest, go on and stop; what was missed meanwhile is not sent', () => {
  const opened = open();
  const { till } = opened;
  begin(opened, '2026-01-10');
  expect(till.repeat('1001', 'box', 'paused', 'buyer', on('2026-01-12'))).toMatchObject({ ok: true });
  expect(till.find('1001', 'r', on('2026-01-12'))?.follows.repeats).toMatchObject([{ state: 'paused', next: [], costs: 0 }]);
  expect(numbers(till, '2026-03-20')).toEqual(['1001 paid']);
  expect(till.repeat('1001', 'box', 'running', 'seller', on('2026-03-20'))).toMatchObject({ ok: true });
  expect(repeatOf(till)?.next[0]).toBe('2026-04-10');
  numbers(till, '2026-04-08');
  expect(numbers(till, '2026-04-10')).toHaveLength(2);
  // From the order of a turn, too; and what was stopped does not go on.
  expect(till.repeat('1002', 'box', 'stopped', 'buyer', on('2026-04-11'))).toMatchObject({ ok: true });
  expect(till.repeat('1001', 'box', 'running', 'buyer', on('2026-04-12'))).toMatchObject({ ok: false });
  expect(till.repeat('1001', 'bowl', 'paused', 'buyer', on('2026-04-12'))).toMatchObject({ ok: false });
  expect(numbers(till, '2027-04-10')).toHaveLength(2);
  expect(subjects(opened, '1001').slice(-3)).toEqual(['Bread box goes on', 'Bread box comes again on 10 April 2026', 'Bread box is stopped']); // prettier-ignore
});

test('a refused payment lets it rest, is told, and once it is paid it goes on', () => {
  const opened = open();
  const { till, way, told, wake } = opened;
  begin(opened, '2026-01-10');
  way.now = 'no';
  expect(numbers(till, '2026-02-10')).toEqual(['1002 refused', '1001 paid']);
  expect(repeatOf(till)).toMatchObject({ state: 'paused', why: 'Order 1002 was not paid.' });
  expect(subjects(opened, '1002')).toEqual(['The payment for Bread box did not go through']);
  expect(numbers(wake(), '2026-03-20')).toEqual(['1002 refused', '1001 paid']);
  expect(till.payable('1002', 'wrong', on('2026-03-20'))).toBeNull();
  const receipt =
    /receipt=([\w-]+)/.exec(opened.outbox.find(till.one('1002')?.books.letters[0]?.id ?? '')?.text ?? '')?.[1] ?? '';
  expect(till.payable('1002', receipt, on('2026-03-20'))?.number).toBe('1002');
  told('1002', 2890, 'accepted');
  // The provider's word was lost on the way: it is asked when the buyer comes back.
  expect(till.find('1002', receipt, on('2026-03-21'))?.state).toBe('paid');
  expect(repeatOf(till)?.state).toBe('running');
  expect(till.payable('1002', receipt, on('2026-03-21'))).toBeNull();
});

test('a provider that is away is asked again, and collects once; killed between order and payment, the payment follows', () => {
  const opened = open();
  const { till, way, wake, messages } = opened;
  begin(opened, '2026-01-10');
  way.now = 'away';
  expect(numbers(till, '2026-02-10')[0]).toBe('1002 awaiting-payment');
  way.now = 'yes';
  const woken = wake();
  woken.catchUp(on('2026-02-10'));
  expect(numbers(woken, '2026-02-10')).toEqual(['1002 paid', '1001 paid']);
  expect([...messages.keys()]).toEqual(['1001', '1002']);
});

test('it never costs more than was agreed: at a higher price it rests until its buyer agrees to that', () => {
  const opened = open();
  const { till, data } = opened;
  begin(opened, '2026-01-10');
  data.now = shop(1500);
  expect(numbers(till, '2026-02-10')).toEqual(['1001 paid']);
  expect(repeatOf(till)?.why).toContain('€34.90');
  expect(till.find('1001', 'r', on('2026-02-11'))?.follows.repeats[0]?.costs).toBe(3490);
  expect(till.repeat('1001', 'box', 'running', 'seller', on('2026-02-11'))).toMatchObject({ ok: false });
  expect(till.repeat('1001', 'box', 'running', 'buyer', on('2026-02-11'), 2890)).toMatchObject({ ok: false });
  expect(till.repeat('1001', 'box', 'running', 'buyer', on('2026-02-11'), 3490)).toMatchObject({ ok: true });
  expect(numbers(till, '2026-03-10')[0]).toBe('1002 paid');
  expect(till.one('1002')?.total).toBe(3490);
  // Cheaper needs nobody's word.
  data.now = shop(900);
  numbers(till, '2026-04-10');
  expect(till.one('1003')?.total).toBe(2290);
});

test('what is sold out or sold no more rests; with its order cancelled it is stopped', () => {
  const opened = open({ now: shop(1200, 3) });
  const { till } = opened;
  till.count(opened.data.now.prices, on('2026-01-01'));
  begin(opened, '2026-01-10');
  numbers(till, '2026-02-10');
  expect(repeatOf(till)).toMatchObject({ state: 'paused', why: expect.stringContaining('1') as string });
  expect(till.repeat('1001', 'box', 'running', 'buyer', on('2026-02-11'))).toMatchObject({ ok: false });
  expect(till.cancel('1001', '', on('2026-02-12'))).toMatchObject({ ok: true });
  expect(repeatOf(till)?.state).toBe('stopped');
});

test('what is refunded as a whole rests; a part of it does not', () => {
  const opened = open();
  const { till } = opened;
  begin(opened, '2026-01-10');
  const refund = { delivery: false, sum: 0, restock: false, why: '' };
  till.refund('1001', { ...refund, lines: [{ variant: 'box', quantity: 1 }] }, on('2026-01-12'));
  expect(repeatOf(till)?.state).toBe('running');
  till.refund('1001', { ...refund, lines: [{ variant: 'box', quantity: 1 }] }, on('2026-01-13'));
  expect(repeatOf(till)).toMatchObject({ state: 'paused', why: 'It was refunded in order 1001.' });
  // It goes on where somebody wants it to.
  expect(till.repeat('1001', 'box', 'running', 'buyer', on('2026-01-14'))).toMatchObject({ ok: true });
  expect(repeatOf(till)?.next[0]).toBe('2026-02-10');
});

test('resting for another cause tells of no payment, although one is still awaited', () => {
  const opened = open();
  const { till, data } = opened;
  begin(opened, '2026-01-10', { payment: 'cash' });
  expect(numbers(till, '2026-02-10')[0]).toBe('1002 awaiting-payment');
  data.now = shop(1500);
  numbers(till, '2026-03-10');
  expect(repeatOf(till)?.state).toBe('paused');
  expect(subjects(opened, '1001').at(-1)).toBe('Bread box is paused');
  expect(subjects(opened, '1002')).toEqual(['Your order 1002 at Brot & Korb']);
  till.pay('1002', on('2026-03-11'));
  expect(repeatOf(till)?.state).toBe('paused');
});

test('by bank and in cash each turn waits for its payment, and one that is not paid lets it rest', () => {
  for (const payment of ['bank', 'cash'] as const) {
    const opened = open();
    begin(opened, '2026-01-10', { payment });
    expect(numbers(opened.till, '2026-02-10')[0]).toBe('1002 awaiting-payment');
    expect(numbers(opened.till, '2026-02-20')[0]).toBe(payment === 'bank' ? '1002 expired' : '1002 awaiting-payment');
    expect(repeatOf(opened.till)?.state).toBe(payment === 'bank' ? 'paused' : 'running');
  }
});

test('money, orders and dates hold whatever happens, and are the same after each start', () => {
  for (let seed = 1; seed <= 12; seed++) {
    const random = chance(seed);
    const opened = open();
    const { way, data } = opened;
    begin(opened, '2026-01-30');
    let { till } = opened;
    let day = Date.UTC(2026, 0, 31, 9);
    for (let i = 0; i < 60; i++) {
      day += Math.floor(random() * 20) * 86_400_000;
      const now = new Date(day).toISOString();
      way.now = random() < 0.7 ? 'yes' : random() < 0.5 ? 'no' : 'away';
      data.now = shop(random() < 0.8 ? 1200 : 1300);
      if (random() < 0.2) till.repeat('1001', 'box', 'paused', 'buyer', now);
      else if (random() < 0.3) till.repeat('1001', 'box', 'running', 'seller', now);
      if (random() < 0.2) (till = opened.wake()).catchUp(now);
      const all = till.all(now);
      const turns = all.filter(({ number }) => number !== '1001');
      // One order at most for each date, and nobody pays more than was agreed or twice.
      expect(new Set(turns.map(({ placed }) => placed.slice(0, 10))).size).toBe(turns.length);
      for (const { total, books, state } of all) {
        expect(books.received).toBe(state === 'paid' ? total : 0);
        expect(total).toBe(2890);
      }
      expect(opened.wake().all(now)).toEqual(till.all(now));
    }
  }
});
