import { germanTill, tillWith } from '../../tests/till';
import { createHash } from 'node:crypto';
import fs from 'node:fs';
import { appendFileSync, existsSync, mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { zipSync, strToU8 } from 'fflate';
import { type HostData, type OrderRequest } from '@/core/till';
import {
  bringBack,
  giveBack,
  hasRightCheckDigit,
  letGo,
  messagesOn,
  HostTill,
  minutesToPay,
  payWith,
  secondsLater,
  askFor,
  confirm,
  findIntent,
  publish,
  serve,
  status,
  testCards,
  type PaymentMessage,
  type Provider,
} from './index';

const folder = mkdtempSync(join(tmpdir(), 'arcatum-'));
beforeAll(() => {
  process.env.ARCATUM_DATA = folder;
});
afterAll(() => rmSync(folder, { recursive: true, force: true }));

const rules = germanTill;
const data = (stock: number | null): HostData => ({
  shop: 'p',
  name: 'Shop',
  rules,
  prices: [{ id: 'v', title: 'Thing', price: 1000, weight: 1, taxClass: 'standard', physical: true, stock }],
  files: {},
});
const request = (key: string, quantity = 1): OrderRequest => ({
  key,
  lines: [{ variant: 'v', quantity }],
  country: 'DE',
  rate: 'r',
  code: '',
  payment: 'card',
  consent: true,
  buyer: { name: 'A', email: 'a@post.example', phone: '', street: '', place: '', postcode: '', note: '' },
});
const at = (minute: number) => new Date(Date.UTC(2026, 0, 1, 12, minute)).toISOString();

/** What the provider tells of an order: of the payment that is the order's, if no other is named. */
const tell = (
  till: HostTill,
  order: string,
  state: PaymentMessage['state'],
  now: string,
  { payment = `p-${order}`, amount = till.all(now).find(({ number }) => number === order)?.total ?? 0, currency = 'EUR' } = {},
) => till.receive({ id: `${payment}-${state}`, payment, order, address: 'a', amount, currency, state }, now);

let n = 0;
const open = (stock: number | null = 3) => {
  const path = join(folder, `till-${n++}.jsonl`);
  const till = new HostTill(path);
  till.count(data(stock).prices, at(0));
  return { till, path };
};

describe('the host’s till', () => {
  test('never sells the last piece twice', () => {
    const { till } = open(1);
    expect(till.place(data(1), request('attempt-a'), 'r1', at(1)).ok).toBe(true);
    const second = till.place(data(1), request('attempt-b'), 'r2', at(1));
    expect(second.ok ? '' : second.say).toContain('just sold out');
  });

  test('takes the same attempt once', () => {
    const { till } = open();
    till.place(data(3), request('attempt-a'), 'r1', at(1));
    const again = till.place(data(3), request('attempt-a'), 'r2', at(1));
    expect(again.ok && again.value).toMatchObject({ receipt: 'r1', order: { number: '1001' } });
    expect(till.stock(['v'], at(1))).toEqual({ v: 2 });
  });

  test('puts the goods back when a payment is refused, and when it does not come', () => {
    const { till } = open();
    till.place(data(3), request('attempt-a', 2), 'r', at(1));
    tell(till, '1001', 'refused', at(2));
    expect(till.stock(['v'], at(2))).toEqual({ v: 3 });
    till.place(data(3), request('attempt-b', 3), 'r', at(3));
    expect(till.stock(['v'], at(4))).toEqual({ v: 0 });
    expect(till.stock(['v'], at(4 + minutesToPay))).toEqual({ v: 3 });
  });

  test('a payment told twice is counted once; one that comes late keeps only what is there', () => {
    const { till } = open(2);
    till.place(data(2), request('attempt-a', 2), 'r', at(1));
    expect(till.stock(['v'], at(50))).toEqual({ v: 2 });
    till.place(data(2), request('attempt-b', 1), 'r', at(51));
    tell(till, '1001', 'accepted', at(52));
    tell(till, '1002', 'accepted', at(52));
    tell(till, '1002', 'accepted', at(52));
    expect(till.all(at(53)).map(({ state, books: { received, toGiveBack } }) => [state, received, toGiveBack])).toEqual([
      ['paid', 1490, 0],
      ['expired', 2490, 2490],
    ]);
  });

  test('cut at any byte, then used on, then woken again: what was acknowledged is there', () => {
    const { till, path } = open(9);
    till.place(data(9), request('attempt-a'), 'r', at(1));
    tell(till, '1001', 'accepted', at(2));
    till.place(data(9), { ...request('attempt-b'), buyer: { ...request('b').buyer, name: 'Ünal' } }, 'r', at(3));
    const whole = readFileSync(path);
    const ends = [...whole.keys()].filter((i) => whole[i] === 0x0a);
    for (let cut = 0; cut <= whole.length; cut++) {
      const torn = `${path}-${cut}`;
      writeFileSync(torn, whole.subarray(0, cut));
      const kept = ends.filter((end) => end < cut).length;
      const woken = new HostTill(torn);
      woken.count(data(9).prices, at(4));
      const placed = woken.place(data(9), request('attempt-c'), 'r', at(4));
      const paid = placed.ok && tell(woken, placed.value.order.number, 'accepted', at(5));
      expect([cut, paid && paid.ok]).toEqual([cut, true]);
      const again = new HostTill(torn);
      expect([cut, again.all(at(6)), again.stock(['v'], at(6))]).toEqual([cut, woken.all(at(6)), woken.stock(['v'], at(6))]);
      // Records are a count, an order, its payment, a second order.
      const before = ['1001', '1002'].slice(0, kept >= 4 ? 2 : kept >= 2 ? 1 : 0);
      expect([cut, again.all(at(6)).map(({ number }) => number)]).toEqual([
        cut,
        [...before, String(1001 + before.length)].reverse(),
      ]);
      expect([cut, again.find('1001', 'r', at(6))?.state]).toEqual([cut, kept === 2 ? 'awaiting-payment' : 'paid']);
      expect([cut, again.damage]).toEqual([cut, []]);
      const isTorn = cut > (ends[kept - 1] ?? -1) + 1;
      expect([cut, existsSync(`${torn}.torn`)]).toEqual([cut, isTorn]);
    }
  });

  test('says which records it can’t read, gives their numbers to nobody, and reads what was kept before there were checksums', () => {
    const { till, path } = open(9);
    for (const key of ['attempt-a', 'attempt-b', 'attempt-c']) till.place(data(9), request(key), 'r', at(1));
    const lines = readFileSync(path, 'utf8').split('\n');
    const changed = lines.with(2, (lines[2] ?? '').replace('"quantity":1', '"quantity":7')).with(3, 'nothing of the kind');
    writeFileSync(path, changed.map((line, i) => (i === 1 ? line.replace(/^([0-9a-f]{16} )+/, '') : line)).join('\n'));
    const woken = new HostTill(path);
    expect(woken.damage).toEqual([
      { line: 3, because: 'its checksum does not fit' },
      { line: 4, because: 'it is no record' },
    ]);
    expect(woken.all(at(2)).map(({ number }) => number)).toEqual(['1001']);
    const next = woken.place(data(9), request('attempt-d'), 'r', at(2));
    expect(next.ok && next.value.order.number).toBe('1004');
    expect(readFileSync(path, 'utf8').split('\n').slice(0, 4)).toEqual(
      changed.map((line, i) => (i === 1 ? line.replace(/^([0-9a-f]{16} )+/, '') : line)).slice(0, 4),
    );
  });

  test('misses a line that is gone, whichever it is, and gives the number of none of the orders anew', () => {
    const { till, path } = open(9);
    for (const key of ['attempt-a', 'attempt-b', 'attempt-c']) {
      const placed = till.place(data(9), request(key), 'r', at(1));
      if (placed.ok) tell(till, placed.value.order.number, 'accepted', at(2));
    }
    const lines = readFileSync(path, 'utf8').trimEnd().split('\n');
    for (let gone = 0; gone < lines.length - 1; gone++) {
      const holed = `${path}-hole-${gone}`;
      writeFileSync(holed, `${lines.filter((_, i) => i !== gone).join('\n')}\n`);
      const woken = new HostTill(holed);
      const because = 'what stood before it is gone';
      expect([gone, woken.damage]).toEqual([gone, [{ line: gone + 1, because }]]);
      const next = woken.place(data(9), request('attempt-d'), 'r', at(3));
      expect(Number(next.ok && next.value.order.number)).toBeGreaterThan(1003);
      expect(new HostTill(holed).damage).toEqual(woken.damage);
    }
  });

  test('a journal of a later version: what is not known is said and left where it is, what is known holds', () => {
    const { till, path } = open(9);
    till.place(data(9), request('attempt-a'), 'r', at(1));
    const later = JSON.stringify({ type: 'loyalty', at: at(2), number: '1001', points: 7 });
    const sum = createHash('sha256').update(later).digest('hex').slice(0, 16);
    appendFileSync(path, `${sum} ${later}\n`);
    const woken = new HostTill(path);
    expect(woken.damage).toEqual([{ line: 3, because: 'it is of another form than is known here' }]);
    expect(tell(woken, '1001', 'accepted', at(3)).ok).toBe(true);
    expect(new HostTill(path).find('1001', 'r', at(4))?.state).toBe('paid');
    expect(readFileSync(path, 'utf8')).toContain('loyalty');
  });

  test('goods are kept for the minutes that the seller gives a card payment', () => {
    const { till, path } = open(3);
    const patient = { ...data(3), rules: { ...rules, payments: { ...rules.payments, cardMinutes: 120 } } };
    till.place(patient, request('attempt-a'), 'r', at(0));
    expect(till.stock(['v'], at(119))).toEqual({ v: 2 });
    // The order keeps what held when it was placed.
    expect(new HostTill(path).stock(['v'], at(119))).toEqual({ v: 2 });
    expect(till.stock(['v'], at(121))).toEqual({ v: 3 });
  });

  test('a disk that is full in the middle of a record: nothing of it stays, nobody is told, and the next one is whole', () => {
    const { till, path } = open(9);
    const first = till.place(data(9), request('attempt-a'), 'r', at(1));
    const before = readFileSync(path, 'utf8');
    const write = fs.writeSync;
    for (const taken of [0, 1, 40]) {
      const full = jest.spyOn(fs, 'writeSync').mockImplementation(((file: number, bytes: Buffer) => {
        write(file, bytes.subarray(0, taken));
        throw Object.assign(new Error('ENOSPC: no space left on device'), { code: 'ENOSPC' });
      }) as unknown as typeof fs.writeSync);
      expect(() => till.place(data(9), request(`attempt-full-${taken}`), 'r', at(2))).toThrow('ENOSPC');
      full.mockRestore();
      expect(readFileSync(path, 'utf8')).toBe(before);
    }
    expect(till.stock(['v'], at(2))).toEqual({ v: 8 });
    const next = till.place(data(9), request('attempt-b'), 'r', at(3));
    const woken = new HostTill(path);
    expect(woken.damage).toEqual([]);
    expect(woken.all(at(4)).map(({ number }) => number)).toEqual([first, next].map((one) => (one.ok ? one.value.order.number : '')).reverse()); // prettier-ignore
  });

  test('a code that ends while it is used: what was seen is not charged, the order is refused with a word, and nothing is taken', () => {
    const { till } = open(9);
    const rules = tillWith({ ...germanTill, codes: [{ code: 'MAY', kind: 'percent', amount: 1000, least: 0, until: '2026-01-01' }] }); // prettier-ignore
    const wanted = { ...request('attempt-a'), code: 'may' };
    expect(till.place({ ...data(9), rules }, wanted, 'r', '2026-01-02T00:00:01.000Z')).toMatchObject({ ok: false });
    expect(till.stock(['v'], '2026-01-02T00:00:02.000Z')).toEqual({ v: 9 });
    expect(till.place({ ...data(9), rules }, wanted, 'r', '2026-01-01T23:59:59.000Z')).toMatchObject({ ok: true });
  });

  test('a clock that is wrong: back, nothing runs out and nothing is dated before what came before it; ahead, money that came is kept', () => {
    const { till } = open(9);
    till.place(data(9), request('attempt-a'), 'r', at(60));
    // An hour back: the order waits on, and is paid.
    expect(till.find('1001', 'r', at(0))?.state).toBe('awaiting-payment');
    expect(tell(till, '1001', 'accepted', at(1)).ok).toBe(true);
    expect(till.find('1001', 'r', at(0))?.state).toBe('paid');
    // A year ahead: the second order runs out, and is paid all the same once its payment comes and the goods are there.
    till.place(data(9), request('attempt-b'), 'r', at(62));
    expect(till.find('1002', 'r', at(600_000))?.state).toBe('expired');
    expect(tell(till, '1002', 'accepted', at(63)).ok).toBe(true);
    expect(till.find('1002', 'r', at(64))?.state).toBe('paid');
    expect(till.all(at(64)).every(({ books }) => books.toGiveBack === 0)).toBe(true);
  });

  test('a key stands for what was asked for under it: another cart or street is another order, and the old one is let go', () => {
    const { till } = open(3);
    till.place(data(3), request('attempt-a', 3), 'r1', at(1));
    const other = till.place(data(3), request('attempt-a', 2), 'r2', at(2));
    expect(other.ok && other.value).toMatchObject({ receipt: 'r2', order: { number: '1002', goods: 2000 } });
    expect(till.all(at(2)).map(({ state }) => state)).toEqual(['awaiting-payment', 'expired']);
    expect(till.stock(['v'], at(2))).toEqual({ v: 1 });
    tell(till, '1002', 'accepted', at(3));
    const street = { ...request('attempt-a', 2), buyer: { ...request('a').buyer, street: 'Elsewhere 2' } };
    expect(till.place(data(3), street, 'r3', at(4))).toMatchObject({ ok: false });
    expect(till.all(at(4)).map(({ state }) => state)).toEqual(['paid', 'expired']);
  });

  test('a release with the same number of pieces does not bring sold ones back; a new count does', () => {
    const { till } = open(3);
    till.place(data(3), request('attempt-a'), 'r', at(1));
    till.count(data(3).prices, at(2));
    expect(till.stock(['v'], at(2))).toEqual({ v: 2 });
    till.count(data(10).prices, at(3));
    // One of the ten waits to be paid.
    expect(till.stock(['v'], at(3))).toEqual({ v: 9 });
    tell(till, '1001', 'refused', at(4));
    expect(till.stock(['v'], at(4))).toEqual({ v: 10 });
  });

  test('shows an order to whoever holds its receipt', () => {
    const { till } = open();
    till.place(data(3), request('attempt-a'), 'secret', at(1));
    expect(till.find('1001', 'secret', at(2))?.total).toBe(1490);
    expect(till.find('1001', 'guess', at(2))).toBeNull();
  });
});

describe('money that comes late, double, wrong or unheard', () => {
  const books = (till: HostTill, number: string, now: string) => till.all(now).find((order) => order.number === number)?.books;
  const states = (till: HostTill, now: string) => till.all(now).map(({ state }) => state);

  test('a second payment of one order is to be given back, and so is one that is not the sum', () => {
    const { till } = open();
    till.place(data(3), request('attempt-a'), 'r', at(1));
    tell(till, '1001', 'accepted', at(2));
    tell(till, '1001', 'accepted', at(3), { payment: 'another' });
    expect(books(till, '1001', at(4))).toMatchObject({ received: 2980, toGiveBack: 1490 });
    till.place(data(3), request('attempt-b'), 'r', at(5));
    tell(till, '1002', 'accepted', at(6), { amount: 1000 });
    expect([states(till, at(7)), books(till, '1002', at(7))?.toGiveBack]).toEqual([['awaiting-payment', 'paid'], 1000]);
    expect(tell(till, '1002', 'accepted', at(8), { currency: 'USD' })).toMatchObject({ ok: false });
    expect(tell(till, '4711', 'accepted', at(8))).toMatchObject({ ok: false });
  });

  test('told in any order: refused after accepted changes nothing, accepted after refused pays while the goods are there', () => {
    const { till } = open(1);
    till.place(data(1), request('attempt-a'), 'r', at(1));
    tell(till, '1001', 'accepted', at(2));
    tell(till, '1001', 'refused', at(3));
    expect(states(till, at(4))).toEqual(['paid']);
    const other = open(1).till;
    other.place(data(1), request('attempt-a'), 'r', at(1));
    tell(other, '1001', 'refused', at(2));
    tell(other, '1001', 'accepted', at(3));
    expect([states(other, at(4)), other.stock(['v'], at(4))]).toEqual([['paid'], { v: 0 }]);
  });

  /** A till whose provider knows more than it told. */
  const asking = (stock: number, known: () => PaymentMessage[]) => {
    const gone: string[] = [];
    const back: [string, number, string][] = [];
    const path = join(folder, `till-${n++}.jsonl`);
    const provider: Provider = {
      ask: (order) => known().filter((message) => message.order === order),
      letGo: (order) => void gone.push(order),
      again: () => ({ ok: true, value: null }),
      giveBack: (payment, amount, name) => {
        back.push([payment, amount, name]);
        return { ok: true, value: null };
      },
    };
    const till = new HostTill(path, provider);
    till.count(data(stock).prices, at(0));
    return { till, gone, back, path, provider };
  };
  const paid = (order: string): PaymentMessage => ({ id: `m-${order}`, payment: `p-${order}`, order, address: 'a', amount: 1490, currency: 'EUR', state: 'accepted' }); // prettier-ignore

  test('what was told while nobody listened is heard at the start, when the buyer comes back, and before goods go back on the shelf', () => {
    let known: PaymentMessage[] = [];
    const { till, path, provider, gone } = asking(3, () => known);
    for (const key of ['attempt-a', 'attempt-b', 'attempt-c']) till.place(data(3), request(key), 'r', at(1));
    known = [paid('1001')];
    expect(till.find('1001', 'r', at(2))?.state).toBe('paid');
    known = [paid('1001'), paid('1002')];
    const woken = new HostTill(path, provider);
    woken.catchUp(at(3));
    expect(states(woken, at(3))).toEqual(['awaiting-payment', 'paid', 'paid']);
    known = [...known, paid('1003')];
    expect(woken.stock(['v'], at(2 + minutesToPay))).toEqual({ v: 0 });
    expect(states(woken, at(3 + minutesToPay))).toEqual(['paid', 'paid', 'paid']);
    expect(gone).toEqual([]);
  });

  test('what ran out, was changed or was cancelled is not to be paid any more', () => {
    const { till, gone } = asking(9, () => []);
    till.place(data(9), request('attempt-a'), 'r', at(1));
    till.place(data(9), request('attempt-a', 2), 'r', at(2));
    till.place(data(9), request('attempt-b'), 'r', at(3));
    till.cancel('1003', 'No glass left', at(4));
    till.stock([], at(3 + minutesToPay));
    expect(gone).toEqual(['1001', '1003', '1002']);
  });

  test('a bank’s transfer may take the days that the seller gives it', () => {
    const { till } = open(1);
    const days = {
      ...data(1),
      rules: { ...rules, payments: { card: true, bank: 'IBAN', bankDays: 3, cardMinutes: 30, cash: false } },
    };
    till.place(days, { ...request('attempt-a'), payment: 'bank' }, 'r', at(0));
    const day = (many: number) => at(many * 24 * 60);
    expect(till.stock(['v'], day(3))).toEqual({ v: 0 });
    expect(till.stock(['v'], at(3 * 24 * 60 + 1))).toEqual({ v: 1 });
    // It came after all, and the thing was still there.
    expect(till.pay('1001', day(4))).toMatchObject({ ok: true, value: { state: 'paid' } });
    expect(books(till, '1001', day(4))?.history.at(-1)).toMatchObject({ by: 'seller', money: 1490, why: 'It came late; the goods were still there.' }); // prettier-ignore
  });

  test('a cancelled order puts its goods back and its money is given back once, in parts as it came', () => {
    const { till, back } = asking(3, () => []);
    till.place(data(3), request('attempt-a'), 'r', at(1));
    tell(till, '1001', 'accepted', at(2));
    tell(till, '1001', 'accepted', at(2), { payment: 'second', amount: 400 });
    expect(till.cancel('1001', 'The kiln broke', at(3))).toMatchObject({ ok: true });
    expect(till.stock(['v'], at(3))).toEqual({ v: 3 });
    expect(till.giveBack('1001', at(4)).ok).toBe(true);
    expect(back.map(([payment, amount]) => [payment, amount])).toEqual([['second', 400], ['p-1001', 1490]]); // prettier-ignore
    expect(books(till, '1001', at(5))).toMatchObject({ received: 1890, givenBack: 1890, toGiveBack: 0 });
    expect(till.giveBack('1001', at(6))).toMatchObject({ ok: false });
    expect(till.pay('1001', at(6))).toMatchObject({ ok: false });
    expect(till.cancel('1001', '', at(6))).toMatchObject({ ok: true });
  });

  test('a part is refunded: its pieces go back on the shelf or not, its money is to be given back, and a later cancelling takes the rest', () => {
    const { till, path } = open(5);
    till.place(data(5), request('attempt-a', 3), 'r', at(1));
    const part = { lines: [{ variant: 'v', quantity: 1 }], delivery: false, sum: 0, restock: true, why: 'Chipped' };
    expect(till.refund('1001', part, at(2))).toMatchObject({ ok: false, say: expect.stringContaining('not paid') });
    tell(till, '1001', 'accepted', at(2));
    expect(till.refund('1001', part, at(3)).ok).toBe(true);
    expect([till.stock(['v'], at(3)), books(till, '1001', at(3))]).toMatchObject([
      { v: 3 },
      { refunded: 1000, toGiveBack: 1000 },
    ]);
    expect(till.refund('1001', { ...part, restock: false }, at(4)).ok).toBe(true);
    expect(till.stock(['v'], at(4))).toEqual({ v: 3 });
    expect(till.refund('1001', { ...part, lines: [{ variant: 'v', quantity: 2 }] }, at(5)).ok).toBe(false);
    expect(till.giveBack('1001', at(6)).ok).toBe(true);
    till.cancel('1001', '', at(7));
    // Three were bought, one is on the shelf again: two come back.
    expect([till.stock(['v'], at(8)), books(till, '1001', at(8))]).toMatchObject([
      { v: 5 },
      { givenBack: 2000, toGiveBack: 1490 },
    ]);
    const woken = new HostTill(path);
    expect([woken.all(at(9)), woken.stock(['v'], at(9))]).toEqual([till.all(at(9)), till.stock(['v'], at(9))]);
  });

  test('only what is allowed: nothing is sent before it is paid, nor cancelled after it was sent', () => {
    const { till } = open();
    till.place(data(3), request('attempt-a'), 'r', at(1));
    expect(till.send('1001', [], at(2))).toMatchObject({ ok: false, say: expect.stringContaining('not paid yet') });
    tell(till, '1001', 'accepted', at(3));
    expect(till.send('1001', [], at(4), 'Post 00 340')).toMatchObject({ ok: true, value: { tracking: 'Post 00 340' } });
    expect(till.find('1001', 'r', at(5))?.tracking).toBe('Post 00 340');
    expect(till.cancel('1001', '', at(5))).toMatchObject({ ok: false });
    expect(books(till, '1001', at(6))?.history.map(({ by, did, state }) => `${by} ${did || state}`)).toEqual([
      'buyer awaiting-payment',
      'provider paid',
      'seller parcel',
      'seller sent',
    ]);
  });

  test('a discount’s uses are counted over the orders that stand', () => {
    const { till } = open(9);
    const once = tillWith({ ...rules, codes: [{ code: 'ONCE', kind: 'sum', amount: 100, least: 0, until: '', uses: 1 }] });
    const buy = (key: string) => till.place({ ...data(9), rules: once }, { ...request(key), code: 'once' }, 'r', at(1));
    expect(buy('attempt-a').ok).toBe(true);
    expect(buy('attempt-b')).toMatchObject({ ok: false, say: expect.stringContaining('code does not hold') });
    tell(till, '1001', 'refused', at(2));
    expect(buy('attempt-c').ok).toBe(true);
  });
});

describe('the host', () => {
  const archive = (text: string) =>
    zipSync({ 'index.html': strToU8(text), '404.html': strToU8('gone'), 'data/host.json': strToU8(JSON.stringify(data(1))) });
  const key = 'a-long-enough-key';

  test('shows the newest release, keeps every one, and brings any back', () => {
    const first = publish('host-test', key, archive('one'), at(1));
    publish('host-test', key, archive('two'), at(2));
    const body = () => new TextDecoder().decode(serve('host-test', '')?.body);
    expect(body()).toBe('two');
    expect(first.ok && bringBack('host-test', key, first.value.id).ok).toBe(true);
    expect(body()).toBe('one');
    const log = status('host-test', key);
    expect(log.ok && log.value.releases).toHaveLength(2);
  });

  test('gives an address to the first who publishes there', () => {
    publish('mine-alone', key, archive('mine'), at(1));
    const other = publish('mine-alone', 'another-long-key', archive('theirs'), at(2));
    expect(other.ok ? '' : other.say).toContain('belongs to another shop');
  });

  test('serves its own files and nothing beside them', () => {
    publish('walls', key, archive('in'), at(1));
    for (const path of ['../site.json', '../../orders.jsonl', 'data/host.json', '..\\site.json', '/etc/passwd'])
      expect(new TextDecoder().decode(serve('walls', path)?.body)).toBe('gone');
    expect(serve('nobody', '')).toBeNull();
  });

  test.each([
    ['an archive that climbs out', zipSync({ '../x': strToU8('x') }), 'points outside'],
    ['one that is no shop', zipSync({ 'a.txt': strToU8('x') }), 'not a shop'],
    ['no archive', Uint8Array.from([9, 9]), 'not a readable zip'],
  ])('%s is refused with a sentence', (_, bytes, say) => {
    const result = publish('refusals', key, bytes, at(1));
    expect(result.ok ? '' : result.say).toContain(say);
  });
});

describe('the payment provider', () => {
  let asked = 0;
  const noon = '2026-03-02T12:00:00.000Z';
  const ask = (order = String(++asked), amount = 100) =>
    askFor({ amount, currency: 'EUR', locale: 'en-GB', digits: 2, shop: 'Shop', order, address: 'a', back: '/' });

  test('of one order there is one payment at a time, also after it was made; another sum is another payment', () => {
    const first = ask('one');
    expect(ask('one').id).toBe(first.id);
    payWith(first.id, testCards[0].number, noon);
    expect(ask('one')).toMatchObject({ id: first.id, state: 'accepted' });
    expect(ask('one', 200).id).not.toBe(first.id);
    const refused = ask('two');
    payWith(refused.id, testCards[1].number, noon);
    expect(ask('two').id).not.toBe(refused.id);
  });

  test('knows a right check digit', () => {
    // ISO/IEC 7812-1, Annex B, through the example that most texts on the formula print: 7992739871 has the check digit 3.
    expect(hasRightCheckDigit('0 7992739871 3')).toBe(true);
    expect(hasRightCheckDigit('0 7992739871 4')).toBe(false);
    for (const { number } of testCards) expect(hasRightCheckDigit(number)).toBe(true);
  });

  test.each([
    [0, 'accepted'],
    [1, 'refused'],
    [2, 'confirm'],
    [3, 'accepted'],
    [4, 'ended'],
    [5, 'accepted'],
    [6, 'working'],
    [7, 'ended'],
  ])('card %i is %s', (card, state) => {
    const paid = payWith(ask().id, testCards[card]?.number ?? '', noon);
    expect(paid.ok && paid.value.state).toBe(state);
  });

  test('asks once more, and takes either answer', () => {
    for (const [yes, state] of [
      [true, 'accepted'],
      [false, 'refused'],
    ] as const) {
      const { id } = ask();
      payWith(id, testCards[2].number, noon);
      const answered = confirm(id, yes);
      expect(answered.ok && answered.value.state).toBe(state);
    }
  });

  test('what is decided stays: a paid payment is not paid again nor refused, a refused one is not paid', () => {
    const intents = () => readFileSync(join(folder, 'payment', 'intents.jsonl'), 'utf8');
    for (const [card, state] of [
      [0, 'accepted'],
      [1, 'refused'],
    ] as const) {
      const { id } = ask();
      payWith(id, testCards[card].number, noon);
      const written = intents();
      const answers = [...testCards.map(({ number }) => payWith(id, number, noon)), confirm(id, true), confirm(id, false)];
      expect(answers.map((answer) => answer.ok && answer.value.state)).toEqual(answers.map(() => state));
      expect(intents()).toBe(written);
    }
  });

  test('ends what is let go or takes too long, and tells of it; what was made can’t be let go', () => {
    const [one, two] = [ask('let-go'), ask('made')];
    payWith(two.id, testCards[0].number, noon);
    letGo('a', 'let-go');
    letGo('a', 'made');
    expect(messagesOn('a', 'let-go', noon).map(({ state }) => state)).toEqual(['ended']);
    expect(messagesOn('a', 'made', noon).map(({ state }) => state)).toEqual(['accepted']);
    const late = payWith(one.id, testCards[0].number, noon);
    expect(late.ok && late.value.state).toBe('ended');
  });

  test('a bank that answers slowly or late has said yes once its time has come, whoever asks then, and once', () => {
    for (const [card, before] of [
      [6, []],
      [7, ['ended']],
    ] as const) {
      const order = `late-${card}`;
      const { id } = ask(order);
      payWith(id, testCards[card].number, noon);
      const told = (seconds: number) =>
        messagesOn('a', order, new Date(Date.parse(noon) + seconds * 1000).toISOString()).map(({ state }) => state);
      letGo('a', order);
      expect(told(secondsLater - 1)).toEqual(before);
      expect(told(secondsLater)).toEqual(['accepted']);
      expect(told(secondsLater + 60)).toEqual(['accepted']);
      expect(findIntent(id)).toMatchObject({ state: 'accepted', later: null });
    }
  });

  test('gives back what was paid, in parts, once each, and never more', () => {
    const { id } = ask('back', 100);
    expect(giveBack(id, 10, 'early').ok).toBe(false);
    payWith(id, testCards[0].number, noon);
    expect(giveBack(id, 60, 'first').ok).toBe(true);
    expect(giveBack(id, 60, 'first').ok).toBe(true);
    expect(giveBack(id, 60, 'second')).toMatchObject({ ok: false });
    expect(giveBack(id, 40, 'third').ok).toBe(true);
    expect(giveBack(id, 0, 'none').ok).toBe(false);
  });

  test('refuses a mistyped card with a sentence', () => {
    const slip = payWith(ask().id, '9000 0000 0000 0002', noon);
    expect(slip.ok ? '' : slip.say).toContain('slip');
  });
});
