import { germanTill } from '../../tests/till';
import { existsSync, mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { zipSync, strToU8 } from 'fflate';
import { type HostData, type OrderRequest } from '@/core/till';
import {
  bringBack,
  hasRightCheckDigit,
  HostTill,
  minutesToPay,
  payWith,
  askFor,
  confirm,
  publish,
  serve,
  status,
  testCards,
  type PaymentMessage,
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
    writeFileSync(path, changed.map((line, i) => (i === 1 ? line.slice(17) : line)).join('\n'));
    const woken = new HostTill(path);
    expect(woken.damage).toEqual([
      { line: 3, because: 'its checksum does not fit' },
      { line: 4, because: 'it is no record' },
    ]);
    expect(woken.all(at(2)).map(({ number }) => number)).toEqual(['1001']);
    const next = woken.place(data(9), request('attempt-d'), 'r', at(2));
    expect(next.ok && next.value.order.number).toBe('1004');
    expect(readFileSync(path, 'utf8').split('\n').slice(0, 4)).toEqual(
      changed.map((line, i) => (i === 1 ? line.slice(17) : line)).slice(0, 4),
    );
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
  const ask = (order = String(++asked), amount = 100) =>
    askFor({ amount, currency: 'EUR', locale: 'en-GB', digits: 2, shop: 'Shop', order, address: 'a', back: '/' });

  test('of one order there is one payment at a time, also after it was made; another sum is another payment', () => {
    const first = ask('one');
    expect(ask('one').id).toBe(first.id);
    payWith(first.id, testCards[0].number);
    expect(ask('one')).toMatchObject({ id: first.id, state: 'accepted' });
    expect(ask('one', 200).id).not.toBe(first.id);
    const refused = ask('two');
    payWith(refused.id, testCards[1].number);
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
  ])('card %i is %s', (card, state) => {
    const paid = payWith(ask().id, testCards[card]?.number ?? '');
    expect(paid.ok && paid.value.state).toBe(state);
  });

  test('asks once more, and takes either answer', () => {
    for (const [yes, state] of [
      [true, 'accepted'],
      [false, 'refused'],
    ] as const) {
      const { id } = ask();
      payWith(id, testCards[2].number);
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
      payWith(id, testCards[card].number);
      const written = intents();
      const answers = [...testCards.map(({ number }) => payWith(id, number)), confirm(id, true), confirm(id, false)];
      expect(answers.map((answer) => answer.ok && answer.value.state)).toEqual(answers.map(() => state));
      expect(intents()).toBe(written);
    }
  });

  test('refuses a mistyped card with a sentence', () => {
    const slip = payWith(ask().id, '9000 0000 0000 0002');
    expect(slip.ok ? '' : slip.say).toContain('slip');
  });
});
