import { germanTill } from '../../tests/till';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { chance } from '@/core/chance';
import { type BookedOrder, type HostData, type Order, type OrderRequest } from '@/core/till';
import { HostTill, minutesToPay } from './index';

const folder = mkdtempSync(join(tmpdir(), 'arcatum-rush-'));
afterAll(() => rmSync(folder, { recursive: true, force: true }));

const rules = { ...germanTill, payments: { card: true, bank: 'IBAN', bankDays: 14, cardMinutes: 30, cash: false } };
const variants = ['a', 'b', 'c'] as const;
type Counts = Record<(typeof variants)[number], number>;
const data = (counts: Counts): HostData => ({
  shop: 'p',
  name: 'Shop',
  rules,
  prices: variants.map((id) => ({
    id,
    title: id,
    price: 1000,
    weight: 1,
    taxClass: 'standard',
    physical: true,
    stock: counts[id],
  })),
  files: {},
});
const piecesOf = (orders: readonly Order[], variant: string, states: readonly Order['state'][]) =>
  orders
    .filter((order) => states.includes(order.state))
    .flatMap((order) => order.lines)
    .filter((line) => line.variant === variant)
    .reduce((sum, line) => sum + line.quantity, 0);

/**
 * A day of a shop that everybody wants something of: buyers come, pay, fail to pay, pay late, press twice; the seller counts anew and
 * publishes. What was sold since the last count and what lies there come to the count, at every minute.
 */
test.each([1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12])('rush %i: no piece is sold twice and none is lost', (seed) => {
  const random = chance(seed * 101);
  const below = (n: number) => Math.floor(random() * n);
  const path = join(folder, `${seed}.jsonl`);
  let till = new HostTill(path);
  let counts: Counts = { a: 4, b: 1, c: 9 };
  let minute = 0;
  const now = () => new Date(Date.UTC(2026, 0, 1, 8, minute)).toISOString();
  till.count(data(counts).prices, now());
  /** What was sold before the last count of each thing: it is not on the shelf that was counted. */
  const gone: Counts = { a: 0, b: 0, c: 0 };
  const requests: OrderRequest[] = [];
  let refused = 0;

  for (let step = 0; step < 300; step++) {
    minute += below(6);
    const what = below(10);
    const orders = till.all(now());
    if (what < 4 || orders.length === 0) {
      const fresh: OrderRequest = {
        key: `attempt-${step}`,
        lines: [{ variant: variants[below(3)] ?? 'a', quantity: 1 + below(2) }],
        country: 'DE',
        rate: 'r',
        code: '',
        payment: random() < 0.8 ? 'card' : 'bank',
        consent: true,
        buyer: { name: 'A', email: 'a@post.example', phone: '', street: 'S', place: 'P', postcode: '1', note: '' },
      };
      // Some press twice.
      const request = requests.length && random() < 0.2 ? (requests[below(requests.length)] ?? fresh) : fresh;
      requests.push(request);
      const held = orders.length;
      const placed = till.place(data(counts), request, 'r', now());
      if (!placed.ok) {
        refused++;
        expect(placed.say).toMatch(/^[\p{Lu}“].*\.$/u);
        expect(till.all(now())).toHaveLength(held);
      }
    } else if (what < 8) {
      const { number, payment, total } = orders[below(orders.length)] as BookedOrder;
      // The provider tells of cards alone; what comes late, or twice, is told as well.
      if (payment === 'card')
        till.receive(
          {
            id: `m-${step}`,
            payment: random() < 0.9 ? `p-${number}` : `q-${number}`,
            order: number,
            address: 'a',
            amount: total,
            currency: 'EUR',
            state: random() < 0.6 ? 'accepted' : 'refused',
          },
          now(),
        );
      else if (random() < 0.2) till.cancel(number, '', now());
      else if (random() < 0.2) till.giveBack(number, now());
      else till.pay(number, now());
    } else if (what < 9) {
      minute += minutesToPay * below(2);
    } else if (random() < 0.5) {
      const id = variants[below(3)] ?? 'a';
      counts = { ...counts, [id]: counts[id] + 1 + below(5) };
      till.count(data(counts).prices, now());
      gone[id] = piecesOf(till.all(now()), id, ['paid', 'sent']);
    } else {
      // The host falls over and wakes: all is as it was.
      const before = [till.all(now()), till.stock(variants, now())];
      till = new HostTill(path);
      expect([till.all(now()), till.stock(variants, now())]).toEqual(before);
    }
    const left = till.stock(variants, now());
    const all = till.all(now());
    // What came in is the shop's, or went back, or is to go back: to the last cent, at every minute.
    for (const { state, total, books, number } of all) {
      const owed = state === 'paid' || state === 'sent' ? total : 0;
      expect([number, books.received - books.givenBack - books.toGiveBack]).toEqual([number, owed]);
    }
    for (const id of variants) {
      const taken = piecesOf(all, id, ['awaiting-payment', 'paid', 'sent']) - gone[id];
      expect([step, id, left[id], (left[id] ?? 0) >= 0]).toEqual([step, id, counts[id] - taken, true]);
    }
  }
  expect(refused).toBeGreaterThan(5);
});
