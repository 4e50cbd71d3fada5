import { germanTill } from '../../tests/till';
import { appendFileSync, mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { zipSync, strToU8 } from 'fflate';
import { type HostData } from '@/core/site';
import { type OrderRequest } from '@/core/till';
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
    till.settle('1001', 'refused', at(2));
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
    expect(till.settle('1001', 'paid', at(52)).ok).toBe(false);
    till.settle('1002', 'paid', at(52));
    till.settle('1002', 'paid', at(52));
    expect(till.all(at(53)).map((order) => order.state)).toEqual(['paid', 'expired']);
  });

  test('remembers everything after a crash that cut a line short', () => {
    const { till, path } = open();
    till.place(data(3), request('attempt-a'), 'r', at(1));
    till.settle('1001', 'paid', at(2));
    appendFileSync(path, '{"type":"order","at":"2026');
    const woken = new HostTill(path);
    expect(woken.all(at(3))).toEqual(till.all(at(3)));
    expect(woken.stock(['v'], at(3))).toEqual({ v: 2 });
  });

  test('a release with the same number of pieces does not bring sold ones back; a new count does', () => {
    const { till } = open(3);
    till.place(data(3), request('attempt-a'), 'r', at(1));
    till.count(data(3).prices, at(2));
    expect(till.stock(['v'], at(2))).toEqual({ v: 2 });
    till.count(data(10).prices, at(3));
    // One of the ten waits to be paid.
    expect(till.stock(['v'], at(3))).toEqual({ v: 9 });
    till.settle('1001', 'refused', at(4));
    expect(till.stock(['v'], at(4))).toEqual({ v: 10 });
  });

  test('shows an order to whoever holds its receipt', () => {
    const { till } = open();
    till.place(data(3), request('attempt-a'), 'secret', at(1));
    expect(till.find('1001', 'secret')?.total).toBe(1490);
    expect(till.find('1001', 'guess')).toBeNull();
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
  const ask = () =>
    askFor({ amount: 100, currency: 'EUR', locale: 'en-GB', digits: 2, shop: 'Shop', order: '1', address: 'a', back: '/' });

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
