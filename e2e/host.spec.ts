import { readFileSync } from 'node:fs';
import { expect, test, type APIRequestContext } from '@playwright/test';
import { strToU8, zipSync } from 'fflate';
import { type HostData, type OrderRequest } from '../src/core/till';

/** The host's interface, as docs/order-host.openapi.json describes it and a shop in another program would use it. */

const key = 'a-key-of-good-length';
const data: HostData = {
  shop: 'host-spec',
  name: 'Host & Co',
  rules: {
    currency: 'JPY',
    digits: 0,
    locale: 'en-JP',
    country: 'JP',
    pricesIncludeTax: false,
    taxes: { standard: 1000, reduced: 800, zero: 0 },
    zones: [
      {
        id: 'jp',
        label: 'Japan',
        countries: ['JP'],
        rates: [{ id: 'post', label: 'Post', price: 800, freeFrom: null, upTo: 5000 }],
      },
    ],
    codes: [],
    payments: { card: true, bank: 'A bank', bankDays: 14 },
    returnsDays: null,
  },
  prices: [{ id: 'scoop', title: 'Scoop', price: 18000, weight: 20, taxClass: 'standard', physical: true, stock: 2 }],
};

const order = (part: Partial<OrderRequest> = {}): OrderRequest => ({
  key: crypto.randomUUID(),
  lines: [{ variant: 'scoop', quantity: 1 }],
  country: 'JP',
  rate: 'post',
  code: '',
  payment: 'bank',
  consent: true,
  buyer: { name: 'Ada', email: 'ada@post.example', phone: '', street: 'S', place: 'P', postcode: '1', note: '' },
  ...part,
});

async function open(request: APIRequestContext, address: string): Promise<string> {
  const archive = zipSync({
    'index.html': strToU8('<!doctype html><title>x</title>'),
    'data/host.json': strToU8(JSON.stringify(data)),
  });
  const answer = await request.put(`/standin/host/${address}`, { data: Buffer.from(archive), headers: { 'x-owner-key': key } });
  expect(answer.status()).toBe(200);
  return `/s/${address}`;
}

test('every path of the description answers, with the words that it promises', async ({ request }) => {
  const shop = await open(request, 'host-paths');
  const described = JSON.parse(readFileSync('docs/order-host.openapi.json', 'utf8')) as {
    openapi: string;
    paths: Record<string, object>;
  };
  expect(described.openapi).toMatch(/^3\.1/);
  expect(Object.keys(described.paths).sort()).toEqual([
    '/s/{address}/api/orders',
    '/s/{address}/api/orders/{number}',
    '/s/{address}/api/stock',
    '/standin/host/{address}',
    '/standin/host/{address}/orders',
  ]);

  const placed = await request.post(`${shop}/api/orders`, { data: order() });
  expect(placed.status()).toBe(201);
  const { number, receipt, pay } = await placed.json();
  expect(pay).toBeNull();
  const seen = await request.get(`${shop}/api/orders/${number}?receipt=${receipt}`);
  // 18,000 and 800 for post, and 10 % on both: 18,800 + 1,880.
  expect(await seen.json()).toMatchObject({ number, total: 20680, tax: 1880, currency: 'JPY', state: 'awaiting-payment' });
  expect((await request.get(`${shop}/api/orders/${number}?receipt=guess`)).status()).toBe(404);
  expect(await (await request.get(`${shop}/api/stock?ids=scoop,nothing`)).json()).toEqual({ scoop: 1 });

  const mine = await request.get('/standin/host/host-paths/orders', { headers: { 'x-owner-key': key } });
  expect((await mine.json()).orders).toHaveLength(1);
  const paid = await request.patch('/standin/host/host-paths/orders', {
    headers: { 'x-owner-key': key },
    data: { number, state: 'paid' },
  });
  expect((await paid.json()).state).toBe('paid');
});

test('two who press at the same moment never share the last pieces', async ({ request }) => {
  const shop = await open(request, 'host-rush');
  const answers = await Promise.all(Array.from({ length: 12 }, () => request.post(`${shop}/api/orders`, { data: order() })));
  expect(answers.filter((answer) => answer.status() === 201)).toHaveLength(2);
  expect(answers.filter((answer) => answer.status() === 409)).toHaveLength(10);
  expect(await (await request.get(`${shop}/api/stock?ids=scoop`)).json()).toEqual({ scoop: 0 });
});

test('what can’t be taken is refused with a sentence', async ({ request }) => {
  const shop = await open(request, 'host-refuses');
  const refusals: [unknown, number, RegExp][] = [
    ['not an order', 400, /not complete/],
    [{ ...order(), consent: false }, 400, /consent/],
    [{ ...order(), lines: [] }, 400, /lines/],
    [{ ...order(), lines: [{ variant: 'scoop', quantity: -1 }] }, 400, /quantity/],
    [order({ lines: [{ variant: 'scoop', quantity: 3 }] }), 409, /Only 2 of “Scoop” are left/],
    [order({ lines: [{ variant: 'spoon', quantity: 1 }] }), 409, /no longer sold/],
    [order({ country: 'NZ' }), 409, /no delivery to this country/],
    [order({ code: 'WISH' }), 409, /discount code does not hold/],
    [order({ rate: 'balloon' }), 409, /no longer offered/],
    [order({ seen: 1 }), 409, /The sum has changed to/],
  ];
  for (const [body, status, say] of refusals) {
    const answer = await request.post(`${shop}/api/orders`, { data: body });
    expect([answer.status(), (await answer.json()).say]).toEqual([status, expect.stringMatching(say)]);
  }
  expect(await (await request.get(`${shop}/api/stock?ids=scoop`)).json()).toEqual({ scoop: 2 });
  expect((await request.post('/s/no-such-shop/api/orders', { data: order() })).status()).toBe(404);
});

test('what is the seller’s is the seller’s alone', async ({ request }) => {
  await open(request, 'host-private');
  for (const headers of [{}, { 'x-owner-key': 'somebody-elses-key' }] as Record<string, string>[]) {
    expect((await request.get('/standin/host/host-private/orders', { headers })).status()).toBe(403);
    expect((await request.get('/standin/host/host-private', { headers })).status()).toBe(409);
    expect(
      (await request.patch('/standin/host/host-private/orders', { headers, data: { number: '1001', state: 'paid' } })).status(),
    ).toBe(403);
  }
  expect((await request.get('/s/host-private/data/host.json')).status()).toBe(404);
  expect((await request.get('/s/host-private/..%2F..%2Fsite.json')).status()).toBe(404);
});

test('a published page may run its own scripts and nothing else', async ({ request }) => {
  const shop = await open(request, 'host-policy');
  const { 'content-security-policy': policy = '', 'x-content-type-options': sniff } = (await request.get(`${shop}/`)).headers();
  expect(policy).toContain("script-src 'self'");
  expect(policy).not.toContain('unsafe');
  expect(sniff).toBe('nosniff');
});
