import { germanTill } from '../../tests/till';
import { invoices } from '../../tests/orders';
import { mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { chance } from '@/core/chance';
import { ok } from '@/core/result';
import { cardShown, linkDays, linkTimes, tillRulesSchema, type GoodsKind, type HostData, type OrderRequest } from '@/core/till';
import { HostTill, Outbox, type PaymentMessage, type Provider } from './index';

const folder = mkdtempSync(join(tmpdir(), 'arcatum-following-'));
afterAll(() => rmSync(folder, { recursive: true, force: true }));

const kinds: Record<string, [kind: GoodsKind, price: number]> = {
  bowl: ['physical', 1000],
  cup: ['physical', 400],
  pattern: ['download', 700],
  card: ['gift-card', 2500],
  lesson: ['appointment', 3000],
};
const data: HostData = {
  shop: 'p',
  name: 'Glas & Ofen',
  rules: { ...germanTill, payments: { card: true, bank: 'DE02 …', bankDays: 7, cardMinutes: 30, cash: true }, invoices },
  prices: Object.entries(kinds).map(([id, [kind, price]]) => ({
    ...{ id, title: id, price, weight: 1, stock: kind === 'physical' ? 9 : null },
    ...{ taxClass: kind === 'gift-card' ? ('zero' as const) : ('standard' as const), physical: kind === 'physical' },
    ...{ kind, product: `p-${id}`, shelves: [] },
  })),
  files: { 'p-pattern': { name: 'Pattern.pdf', at: `data/files/${'a'.repeat(64)}` } },
};

let n = 0;
function open(provider?: Provider) {
  const path = join(folder, `${n++}`, 'orders.jsonl');
  const outbox = new Outbox(join(path, '..', 'outbox.jsonl'));
  const office = { data: () => data, address: () => 'https://glas.example/', outbox };
  const wake = (from = path) => new HostTill(from, provider, office);
  return { till: wake(), wake, path, outbox };
}
const at = (day: number, minute = 0) => new Date(Date.UTC(2026, 0, 1 + day, 12, minute)).toISOString();

let keys = 0;
const request = (lines: Record<string, number>, part: Partial<OrderRequest> = {}): OrderRequest => ({
  key: `attempt-${keys++}`,
  lines: Object.entries(lines).map(([variant, quantity]) => ({ variant, quantity })),
  ...{ country: 'DE', rate: '', code: '', payment: 'card', consent: true },
  buyer: { name: 'Ada', email: 'ada@post.example', phone: '', street: 'Weg 1', place: 'Linz', postcode: '4020', note: '' },
  ...part,
});

function bought(till: HostTill, lines: Record<string, number>, now: string, part: Partial<OrderRequest> = {}) {
  const placed = till.place(data, request(lines, part), 'r', now);
  if (!placed.ok) throw new Error(placed.say);
  const { number, total, giftCard, state } = placed.value.order;
  if (state === 'awaiting-payment') paid(till, number, total - giftCard, now);
  const order = till.one(number);
  if (!order) throw new Error('It was not kept.');
  return order;
}
const paid = (till: HostTill, order: string, amount: number, now: string) =>
  till.receive({ id: `m-${order}`, payment: `p-${order}`, order, address: 'a', amount, currency: 'EUR', state: 'accepted' }, now);
const subjects = (outbox: Outbox, till: HostTill, number: string) =>
  (till.one(number)?.books.letters ?? []).map(({ id }) => outbox.find(id)?.subject);

describe('gift cards', () => {
  test('one that is bought pays in parts, never more than is on it, and what is left of a sum is paid by card', () => {
    const { till, wake, outbox } = open();
    const { books, state } = bought(till, { card: 1 }, at(0));
    const [card] = books.cards;
    expect([state, card?.amount, card?.left]).toEqual(['sent', 2500, 2500]);
    const code = card?.code ?? '';
    expect(outbox.find(till.one('1001')?.books.letters.at(-1)?.id ?? '')?.text).toContain(cardShown(code));
    // 10.00 and 4.90 for the post: nothing is left to pay by card.
    const first = bought(till, { bowl: 1 }, at(1), { giftCard: cardShown(code).toLowerCase() });
    expect(first).toMatchObject({ state: 'paid', total: 1490, giftCard: 1490 });
    expect(till.onCard(code, 'EUR')).toBe(1010);
    const second = till.place(data, request({ bowl: 2 }, { giftCard: code }), 'r', at(2));
    expect(second.ok && second.value.order).toMatchObject({ state: 'awaiting-payment', total: 2490, giftCard: 1010 });
    expect(till.onCard(code, 'EUR')).toBe(0);
    expect(till.place(data, request({ bowl: 1 }, { giftCard: code }), 'r', at(2))).toMatchObject({ ok: false });
    paid(till, '1003', 1480, at(2, 1));
    expect(till.one('1003')).toMatchObject({ state: 'paid', books: { received: 2490, toGiveBack: 0 } });
    expect(wake().all(at(3))).toEqual(till.all(at(3)));
    expect([till.onCard(code, 'USD'), till.onCard('nothing', 'EUR')]).toEqual([0, 0]);
  });

  test('what a card paid is on it again when the order comes to nothing, and is taken once more if its payment comes late', () => {
    const { till } = open();
    const code = bought(till, { card: 1 }, at(0)).books.cards[0]?.code ?? '';
    till.place(data, request({ bowl: 3 }, { giftCard: code }), 'r', at(1));
    expect(till.onCard(code, 'EUR')).toBe(0);
    expect(till.all(at(2))[0]).toMatchObject({ state: 'expired', books: { received: 2500, givenBack: 2500, toGiveBack: 0 } });
    expect(till.onCard(code, 'EUR')).toBe(2500);
    paid(till, '1002', 990, at(3));
    expect(till.one('1002')).toMatchObject({ state: 'paid', books: { toGiveBack: 0 } });
    expect(till.onCard(code, 'EUR')).toBe(0);
    // Another that ran out, whose card is spent meanwhile: its late payment pays nothing and is to be given back.
    const other = bought(till, { card: 1 }, at(3)).books.cards[0]?.code ?? '';
    till.place(data, request({ bowl: 3 }, { giftCard: other }), 'r', at(4));
    till.stock([], at(5));
    bought(till, { bowl: 2 }, at(5), { giftCard: other });
    paid(till, '1004', 990, at(6));
    expect(till.one('1004')).toMatchObject({ state: 'expired', books: { toGiveBack: 990 } });
  });

  test('a refund goes to the buyer’s own card first, and what a gift card paid onto it again', () => {
    const given: [string, number][] = [];
    const provider = { ask: () => [], letGo: () => undefined, again: () => ok(null), giveBack: (payment: string, amount: number) => (given.push([payment, amount]), { ok: true as const, value: null }) }; // prettier-ignore
    const { till } = open(provider);
    const code = bought(till, { card: 1 }, at(0)).books.cards[0]?.code ?? '';
    bought(till, { bowl: 3 }, at(1), { giftCard: code });
    till.refund('1002', { lines: [{ variant: 'bowl', quantity: 2 }], delivery: false, sum: 0, restock: true, why: '' }, at(2));
    till.giveBack('1002', at(2));
    expect(given).toEqual([['p-1002', 990]]);
    expect(till.onCard(code, 'EUR')).toBe(1010);
    expect(till.one('1002')?.books).toMatchObject({ refunded: 2000, givenBack: 2000, toGiveBack: 0 });
  });

  test('one that was spent can’t be given back; one that wasn’t ends', () => {
    const { till } = open();
    const { books } = bought(till, { card: 2 }, at(0));
    const [one, other] = books.cards.map(({ code }) => code);
    bought(till, { cup: 1 }, at(1), { giftCard: one ?? '' });
    const back = (quantity: number) =>
      till.refund('1001', { lines: [{ variant: 'card', quantity }], delivery: false, sum: 0, restock: false, why: '' }, at(2));
    expect(back(2)).toMatchObject({ ok: false, say: expect.stringContaining('spent') });
    expect(back(1)).toMatchObject({ ok: true });
    expect([till.onCard(one ?? '', 'EUR'), till.onCard(other ?? '', 'EUR')]).toEqual([1610, 0]);
    expect(back(1)).toMatchObject({ ok: false });
  });

  test('by chance: nothing on a card is ever below zero, and what was sold on cards is on them, spent, or given back', () => {
    for (let seed = 1; seed <= 12; seed++) {
      const random = chance(seed);
      const { till, wake } = open();
      const codes: string[] = [];
      for (let step = 0; step < 60; step++) {
        const now = at(step);
        const orders = till.all(now);
        const some = orders[Math.floor(random() * orders.length)];
        const roll = random();
        if (!codes.length || roll < 0.1) codes.push(...bought(till, { card: 1 }, now).books.cards.map(({ code }) => code));
        else if (roll < 0.5)
          till.place(data, request({ cup: 1 + Math.floor(random() * 3) }, { giftCard: codes[Math.floor(random() * codes.length)] ?? '' }), 'r', now); // prettier-ignore
        else if (some && roll < 0.7) paid(till, some.number, some.total - some.giftCard, now);
        else if (some && roll < 0.8) till.cancel(some.number, '', now);
        else if (some && roll < 0.9) till.giveBack(some.number, now);
        else if (some)
          till.refund(some.number, { lines: [], delivery: false, sum: 1 + Math.floor(random() * 300), restock: false, why: '' }, now); // prettier-ignore
      }
      const all = till.all(at(99));
      const cards = all.flatMap(({ books }) => books.cards);
      for (const { left, amount } of cards) expect([seed, left >= 0, left <= amount]).toEqual([seed, true, true]);
      const held = all.reduce((sum, { books }) => sum + books.received - books.givenBack, 0);
      const byCard = all.flatMap(({ books }) => books.history).filter(({ by, money }) => by === 'provider' && money > 0);
      const fromOutside = byCard.reduce((sum, { money }) => sum + money, 0);
      const spent = cards.reduce((sum, { amount, left }) => sum + amount - left, 0);
      // What orders hold came from outside or off a card; without a provider that gives back, nothing left but onto cards.
      expect([seed, held <= fromOutside + spent]).toEqual([seed, true]);
      expect([seed, wake().all(at(99))]).toEqual([seed, all]);
    }
  });
});

describe('files', () => {
  test('a link opens its file as often and as long as is said, and anew when the seller says so', () => {
    const { till, outbox } = open();
    const { state, books } = bought(till, { pattern: 1 }, at(0));
    const token = books.files[0]?.token ?? '';
    expect(state).toBe('sent');
    expect(subjects(outbox, till, '1001')).toEqual(['Order 1001 at Glas & Ofen is paid', 'Your files from Glas & Ofen']);
    expect(outbox.find('1001-2-files')?.html).toContain(`https://glas.example/api/files/${token}`);
    for (let time = 0; time < linkTimes; time++) {
      expect(till.fileBehind(token, at(1))).toBe('p-pattern');
      till.countFetch(token, at(1));
    }
    expect(till.fileBehind(token, at(1))).toBeNull();
    till.relink('1001', token, at(2));
    expect([till.fileBehind(token, at(3)), till.fileBehind(token, at(2 + linkDays + 1))]).toEqual(['p-pattern', null]);
    expect([till.fileBehind('guessed', at(3)), till.relink('1001', 'guessed', at(3)).ok]).toEqual([null, false]);
    till.refund(
      '1001',
      { lines: [{ variant: 'pattern', quantity: 1 }], delivery: false, sum: 0, restock: false, why: '' },
      at(4),
    );
    expect(till.fileBehind(token, at(4))).toBeNull();
  });
});

describe('parcels, collection and lessons', () => {
  test('an order is sent in parts, never more than was bought, and is sent when all of it is', () => {
    const { till, outbox } = open();
    bought(till, { bowl: 3, cup: 1 }, at(0));
    const send = (lines: Record<string, number>, tracking = '') =>
      till.send('1001', Object.entries(lines).map(([variant, quantity]) => ({ variant, quantity })), at(1), tracking); // prettier-ignore
    expect(send({ bowl: 4 })).toMatchObject({ ok: false });
    expect(send({ bowl: 1, pattern: 1 })).toMatchObject({ ok: false });
    expect(send({ bowl: 2 }, 'Post 1')).toMatchObject({ ok: true, value: { state: 'paid' } });
    expect(till.cancel('1001', '', at(1))).toMatchObject({
      ok: false,
      say: expect.stringContaining('A part of this order was sent'),
    });
    till.refund('1001', { lines: [{ variant: 'cup', quantity: 1 }], delivery: false, sum: 0, restock: true, why: '' }, at(2));
    expect(send({})).toMatchObject({ ok: true, value: { state: 'sent' } });
    expect(till.one('1001')?.books.parcels.map(({ lines }) => lines)).toEqual([[{ variant: 'bowl', quantity: 2 }], [{ variant: 'bowl', quantity: 1 }]]); // prettier-ignore
    expect(outbox.find(till.one('1001')?.books.letters[1]?.id ?? '')?.text).toContain('Post 1');
  });

  test('what is fetched lies ready, and is handed over without a letter', () => {
    const { till, outbox } = open();
    const fetched = { ...data, rules: { ...data.rules, zones: data.rules.zones.map((zone) => ({ ...zone, rates: zone.rates.map((rate) => ({ ...rate, collection: true })) })) } }; // prettier-ignore
    till.place(fetched, request({ bowl: 1 }), 'r', at(0));
    expect(till.ready('1001', at(0))).toMatchObject({ ok: false });
    paid(till, '1001', 1490, at(0));
    till.ready('1001', at(1));
    till.ready('1001', at(1));
    till.send('1001', [], at(2));
    expect(subjects(outbox, till, '1001')).toEqual(['Order 1001 at Glas & Ofen is paid', 'Order 1001 is ready for you']);
    expect(till.one('1001')?.state).toBe('sent');
  });

  test('a lesson waits for its time, which may change', () => {
    const { till, outbox } = open();
    expect(bought(till, { lesson: 1, pattern: 1 }, at(0)).state).toBe('paid');
    expect(till.find('1001', 'r', at(0))?.follows.times).toEqual([{ title: 'lesson', when: '' }]);
    expect(till.agree('1001', 'pattern', 'now', at(0))).toMatchObject({ ok: false });
    till.agree('1001', 'lesson', 'Tuesday at 10', at(1));
    expect(till.one('1001')?.state).toBe('sent');
    till.agree('1001', 'lesson', 'Wednesday at 10', at(1));
    expect(subjects(outbox, till, '1001').slice(-2)).toEqual(['lesson: Tuesday at 10', 'lesson: Wednesday at 10']);
  });

  test('what nothing would follow is not sold: a thing of an unknown kind that does not travel', () => {
    const { till } = open();
    const old = { ...data, prices: data.prices.map((entry) => ({ ...entry, kind: undefined })) };
    expect(till.place(old, request({ pattern: 1 }), 'r', at(0))).toMatchObject({ ok: false, say: expect.stringContaining('no longer sold') }); // prettier-ignore
    expect(till.place(old, request({ bowl: 1 }), 'r', at(0))).toMatchObject({ ok: true });
  });
});

describe('cash', () => {
  test('is taken where something is handed over; the order may leave unpaid, waits without end, and comes back if nobody takes it', () => {
    const { till, outbox } = open();
    till.count(data.prices, at(0));
    const cash = { payment: 'cash' as const };
    expect(till.place(data, request({ pattern: 1 }, cash), 'r', at(0))).toMatchObject({ ok: false, say: expect.stringContaining('no cash') }); // prettier-ignore
    const none = { ...data, rules: { ...data.rules, payments: { ...data.rules.payments, cash: false } } };
    expect(till.place(none, request({ bowl: 1 }, cash), 'r', at(0))).toMatchObject({ ok: false });
    till.place(data, request({ bowl: 1, pattern: 1 }, cash), 'r', at(0));
    expect(till.one('1001')).toMatchObject({ state: 'awaiting-payment', books: { files: [] } });
    expect(till.stock(['bowl'], at(90))).toEqual({ bowl: 8 });
    expect(till.send('1001', [], at(90))).toMatchObject({ ok: true, value: { state: 'awaiting-payment' } });
    till.pay('1001', at(91));
    // Its money has come: the file follows, and all of it is with the buyer.
    expect(till.one('1001')).toMatchObject({ state: 'sent', books: { received: 2190, toGiveBack: 0 } });
    expect(till.one('1001')?.books.files).toHaveLength(1);
    till.place(data, request({ bowl: 2 }, cash), 'r', at(92));
    till.send('1002', [], at(92));
    expect(till.cancel('1002', 'nobody was there', at(93))).toMatchObject({ ok: true });
    expect([till.stock(['bowl'], at(93)), till.one('1002')?.books.toGiveBack]).toEqual([{ bowl: 8 }, 0]);
    expect(subjects(outbox, till, '1001')[0]).toBe('Your order 1001 at Glas & Ofen');
  });
});

test('what has to be answered is; what was answered stays with the order, and other questions are none of it', () => {
  const { till } = open();
  const questions = [
    { id: 'q1', label: 'Which date?', required: true },
    { id: 'q2', label: 'A message?', required: false },
  ];
  const asking = { ...data, rules: { ...data.rules, questions } };
  const ask = (answers?: Record<string, string>) =>
    till.place(asking, request({ bowl: 1 }, answers ? { answers } : {}), 'r', at(0));
  expect(ask()).toMatchObject({ ok: false, say: expect.stringContaining('Which date?') });
  expect(ask({ q1: '', q2: 'Hello' })).toMatchObject({ ok: false });
  const placed = ask({ q1: '1 June', q2: '', q9: 'x' });
  expect(placed.ok && placed.value.order.answers).toEqual([{ label: 'Which date?', answer: '1 June' }]);
});

describe('a provider that is away', () => {
  test('keeps nobody from buying: what waits goes on waiting, and what it says later counts', () => {
    jest.spyOn(console, 'error').mockImplementation(() => undefined);
    let away = true;
    const messages: PaymentMessage[] = [];
    const answers = <T>(value: T): T => {
      if (away) throw new Error('no answer');
      return value;
    };
    const provider: Provider = {
      ask: () => answers(messages),
      letGo: () => answers(undefined),
      again: () => answers(ok(null)),
      giveBack: () => answers({ ok: true as const, value: null }),
    };
    const { till } = open(provider);
    till.count(data.prices, at(0));
    till.place(data, request({ bowl: 9 }), 'r', at(0));
    // Half an hour is long over, and nobody could be asked: the goods stay aside, and other things are sold.
    expect(till.stock(['bowl'], at(1))).toEqual({ bowl: 0 });
    expect(till.place(data, request({ cup: 1 }), 'r', at(1))).toMatchObject({ ok: true });
    till.catchUp(at(1));
    expect(till.find('1001', 'r', at(1))?.state).toBe('awaiting-payment');
    paid(till, '1002', 890, at(1));
    expect(till.cancel('1002', '', at(1))).toMatchObject({ ok: true });
    expect(till.giveBack('1002', at(1))).toMatchObject({ ok: false, say: expect.stringContaining('does not answer') });
    expect(till.one('1002')?.books).toMatchObject({ givenBack: 0, toGiveBack: 890 });
    away = false;
    messages.push({ id: 'm', payment: 'p-1', order: '1001', address: 'a', amount: 9490, currency: 'EUR', state: 'accepted' });
    expect(till.find('1001', 'r', at(2))?.state).toBe('paid');
    expect(till.giveBack('1002', at(2))).toMatchObject({ ok: true });
    expect(till.one('1002')?.books.toGiveBack).toBe(0);
  });
});

test('letters that can’t go out undo nothing, and go out later', () => {
  jest.spyOn(console, 'error').mockImplementation(() => undefined);
  const { till, wake, outbox } = open();
  const post = jest.spyOn(outbox, 'post').mockImplementation(() => {
    throw new Error('no space left');
  });
  expect(bought(till, { pattern: 1 }, at(0))).toMatchObject({ state: 'sent', books: { letters: [] } });
  post.mockRestore();
  const woken = wake();
  woken.catchUp(at(1));
  expect(subjects(outbox, woken, '1001')).toEqual(['Order 1001 at Glas & Ofen is paid', 'Your files from Glas & Ofen']);
});

describe('papers', () => {
  test('each paid order has one invoice, each refund its note, in series without gaps or doubles, whatever happens', () => {
    const random = chance(5);
    const { till, wake } = open();
    let now = 0;
    let woken = till;
    for (let step = 0; step < 80; step++) {
      now = step;
      if (random() < 0.1) woken = wake();
      const orders = woken.all(at(now));
      const some = orders[Math.floor(random() * orders.length)];
      const roll = random();
      if (!some || roll < 0.5) bought(woken, { pattern: 1 + Math.floor(random() * 2), lesson: 1 }, at(now));
      else if (roll < 0.7) woken.refund(some.number, { lines: [], delivery: false, sum: 100, restock: false, why: '' }, at(now));
      else if (roll < 0.85) woken.cancel(some.number, '', at(now));
      else woken.issuePapers(some.number, at(now));
    }
    const orders = wake().all(at(99));
    const numbers = (kind: string) => orders.flatMap(({ books }) => books.papers.filter((paper) => paper.kind === kind).map(({ number }) => Number(number.split('-').at(-1)))).sort((a, b) => a - b); // prettier-ignore
    for (const kind of ['invoice', 'credit-note']) {
      const found = numbers(kind);
      expect(found.length).toBeGreaterThan(8);
      expect(found).toEqual(found.map((_, i) => i + 1));
    }
    for (const { books, state, total } of orders) {
      const of = (kind: string) => books.papers.filter((paper) => paper.kind === kind);
      expect(of('invoice')).toHaveLength(1);
      const credited = of('credit-note').reduce((sum, paper) => sum + paper.total, 0);
      expect(credited).toBe(state === 'cancelled' ? total : books.refunded);
    }
  });

  test('torn at any byte, then woken: no paper, card or letter is made twice', () => {
    const { till, wake, path, outbox } = open();
    bought(till, { card: 1, pattern: 1 }, at(0));
    const whole = readFileSync(path);
    for (let cut = 0; cut <= whole.length; cut += 7) {
      const torn = `${path}-${cut}`;
      writeFileSync(torn, whole.subarray(0, cut));
      const woken = wake(torn);
      woken.catchUp(at(1));
      const [order] = wake(torn).all(at(1));
      if (!order) continue;
      const { papers, cards, files } = order.books;
      const isPaid = order.state === 'sent' || order.state === 'paid';
      expect([cut, papers.length, cards.length, files.length]).toEqual([cut, ...(isPaid ? [1, 1, 1] : [0, 0, 0])]);
    }
    expect(new Set(till.one('1001')?.books.letters.map(({ id }) => id)).size).toBe(3);
    expect(outbox.has('1001-4-paid')).toBe(false);
  });
});

test('a shop that counts in another money from now on leaves its orders, papers, cards and letters in theirs', () => {
  const path = join(folder, `${n++}`, 'orders.jsonl');
  const outbox = new Outbox(join(path, '..', 'outbox.jsonl'));
  let now: HostData = data;
  const office = { data: () => now, address: () => 'https://glas.example/', outbox };
  const till = new HostTill(path, undefined, office);
  const { books } = bought(till, { bowl: 2, card: 1 }, at(0));
  const yen = tillRulesSchema.parse({ ...data.rules, currency: 'JPY', digits: 0, zones: [{ id: 'z', label: 'All', countries: ['*'], rates: [{ id: 'r', label: 'Post', price: 800, freeFrom: null, upTo: null }] }] }); // prettier-ignore
  now = { ...data, rules: yen, prices: data.prices.map((entry) => ({ ...entry, price: entry.price * 2 })) };
  // The old order is refunded, credited, written about and seen in euro.
  expect(till.refund('1001', { lines: [{ variant: 'bowl', quantity: 1 }], delivery: false, sum: 0, restock: true, why: '' }, at(1))).toMatchObject({ ok: true }); // prettier-ignore
  const order = till.one('1001');
  expect(order).toMatchObject({ currency: 'EUR', total: 4990, books: { refunded: 1000, toGiveBack: 1000 } });
  expect(order?.books.papers.map(({ currency, total }) => [currency, total])).toEqual([['EUR', 4990], ['EUR', 1000]]); // prettier-ignore
  expect(outbox.find(order?.books.letters.at(-1)?.id ?? '')?.subject).toBe('€10.00 of order 1001 is given back');
  expect(till.find('1001', 'r', at(1))).toMatchObject({ currency: 'EUR', digits: 2 });
  // The new one is in yen, and a card in euro pays nothing of it.
  const code = books.cards[0]?.code ?? '';
  expect(till.place(now, request({ bowl: 1 }, { giftCard: code }), 'r', at(2))).toMatchObject({ ok: false });
  const placed = till.place(now, request({ bowl: 1 }, { payment: 'cash' }), 'r', at(2));
  expect(placed.ok && placed.value.order).toMatchObject({ currency: 'JPY', total: 2800 });
  expect(till.onCard(code, 'EUR')).toBe(2500);
});

test('papers of a series go on from their last day, where the clock goes back', () => {
  const { till } = open();
  bought(till, { bowl: 1 }, at(20));
  bought(till, { bowl: 1 }, at(3));
  const papers = ['1001', '1002'].flatMap((number) => till.one(number)?.books.papers ?? []);
  expect(papers.map(({ number, date }) => [number, date])).toEqual([['R-2026-0001', '2026-01-21'], ['R-2026-0002', '2026-01-21']]); // prettier-ignore
});

test('how each figure of an order was worked out is kept with it, and comes to its total, whatever the rules are by then', () => {
  const { till, wake } = open();
  bought(till, { bowl: 2, cup: 1 }, at(0));
  const working = till.workingOf('1001');
  expect(working.map(({ what, amount }) => [what, amount])).toEqual([['Goods', 2400], ['Delivery', 490], ['Tax at 19\u00a0%', 461], ['Total', 2890]]); // prettier-ignore
  expect(working.at(-1)?.amount).toBe(till.one('1001')?.total);
  expect(wake().workingOf('1001')).toEqual(working);
  expect(till.workingOf('1009')).toEqual([]);
});
