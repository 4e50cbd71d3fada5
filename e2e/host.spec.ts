import { readFileSync } from 'node:fs';
import { expect, test, type APIRequestContext } from '@playwright/test';
import { strToU8, zipSync } from 'fflate';
import { asking, newShop, shopAt } from './support';
import { hostDataSchema, type OrderRequest } from '../src/core/till';

/** The host's interface, as docs/order-host.openapi.json describes it and a shop in another program would use it. */

const key = 'a-key-of-good-length';
const data = hostDataSchema.parse({
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
});

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
  return shopAt(address);
}

test('every path of the description answers, with the words that it promises', async ({ request }) => {
  const shop = await open(request, 'host-paths');
  const described = JSON.parse(readFileSync('docs/order-host.openapi.json', 'utf8')) as {
    openapi: string;
    paths: Record<string, object>;
  };
  expect(described.openapi).toMatch(/^3\.1/);
  expect(Object.keys(described.paths).sort()).toEqual([
    '/api/files/{token}',
    '/api/gift-card',
    '/api/orders',
    '/api/orders/{number}',
    '/api/orders/{number}/cards/{code}',
    '/api/orders/{number}/papers/{paper}',
    '/api/orders/{number}/pay',
    '/api/orders/{number}/repeats',
    '/api/stock',
    '/standin/host/{address}',
    '/standin/host/{address}/orders',
    '/standin/host/{address}/papers',
    '/standin/host/{address}/payments',
    '/standin/host/{address}/recover',
  ]);

  const placed = await asking(request).post(`${shop}api/orders`, order());
  expect(placed.status()).toBe(201);
  const { number, receipt, pay } = await placed.json();
  expect(pay).toBeNull();
  const seen = await asking(request).get(`${shop}api/orders/${number}?receipt=${receipt}`);
  // 18,000 and 800 for post, and 10 % on both: 18,800 + 1,880.
  expect(await seen.json()).toMatchObject({ number, total: 20680, tax: 1880, currency: 'JPY', state: 'awaiting-payment' });
  expect((await asking(request).get(`${shop}api/orders/${number}?receipt=guess`)).status()).toBe(404);
  // Nothing of it comes again, and it is paid by bank.
  const turn = { receipt, variant: 'scoop', state: 'paused' };
  expect((await asking(request).post(`${shop}api/orders/${number}/repeats`, turn)).status()).toBe(409);
  for (const receipt of ['guess', 7])
    expect((await asking(request).post(`${shop}api/orders/${number}/repeats`, { ...turn, receipt })).status()).toBe(404);
  expect((await asking(request).post(`${shop}api/orders/${number}/pay`, { receipt })).status()).toBe(404);
  expect(await (await asking(request).get(`${shop}api/stock?ids=scoop,nothing`)).json()).toEqual({ scoop: 1 });

  const mine = await request.get('/standin/host/host-paths/orders', { headers: { 'x-owner-key': key } });
  expect((await mine.json()).orders).toHaveLength(1);
  const paid = await request.patch('/standin/host/host-paths/orders', {
    headers: { 'x-owner-key': key },
    data: { number, state: 'paid' },
  });
  expect((await paid.json()).state).toBe('paid');

  // What this shop has none of: each is said, and nothing is told to whoever has no receipt or key.
  expect((await asking(request).get(`${shop}api/files/guess`)).status()).toBe(410);
  expect((await asking(request).post(`${shop}api/gift-card`, { code: 'AAAA-BBBB-CCCC-DDDD' })).status()).toBe(404);
  for (const path of ['papers/INV-0001', 'cards/AAAABBBBCCCCDDDD'])
    for (const held of [receipt, 'guess'])
      expect((await asking(request).get(`${shop}api/orders/${number}/${path}?receipt=${held}`)).status()).toBe(404);
  const papers = (asked: string, headers = { 'x-owner-key': key }) =>
    request.get(`/standin/host/host-paths/papers?order=${number}&${asked}`, { headers });
  const slip = await papers('slip');
  expect([slip.status(), slip.headers()['content-type']]).toEqual([200, 'application/pdf']);
  expect((await papers('paper=INV-0001')).status()).toBe(404);
  expect((await papers('letter=none')).status()).toBe(404);
  expect((await papers('slip', { 'x-owner-key': 'guessed-key-of-someone' })).status()).toBe(403);
  expect((await asking(request).get(`${shop}standin/host/host-paths/papers?order=${number}&slip`)).status()).toBe(421);
  // The files of a release that are sold, and its rules, are nobody's to fetch.
  for (const path of ['data/host.json', `data/files/${'0'.repeat(64)}`])
    expect((await asking(request).get(`${shop}${path}`)).status()).toBe(404);
});

test('two who press at the same moment never share the last pieces', async ({ request }) => {
  const shop = await open(request, 'host-rush');
  const answers = await Promise.all(Array.from({ length: 12 }, () => asking(request).post(`${shop}api/orders`, order())));
  expect(answers.filter((answer) => answer.status() === 201)).toHaveLength(2);
  expect(answers.filter((answer) => answer.status() === 409)).toHaveLength(10);
  expect(await (await asking(request).get(`${shop}api/stock?ids=scoop`)).json()).toEqual({ scoop: 0 });
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
    const answer = await asking(request).post(`${shop}api/orders`, body);
    expect([answer.status(), (await answer.json()).say]).toEqual([status, expect.stringMatching(say)]);
  }
  expect(await (await asking(request).get(`${shop}api/stock?ids=scoop`)).json()).toEqual({ scoop: 2 });
  expect((await asking(request).post(`${shopAt('no-such-shop')}api/orders`, order())).status()).toBe(404);
});

test('what is the seller’s is the seller’s alone', async ({ request }) => {
  const shop = await open(request, 'host-private');
  for (const headers of [{}, { 'x-owner-key': 'somebody-elses-key' }] as Record<string, string>[]) {
    expect((await request.get('/standin/host/host-private/orders', { headers })).status()).toBe(403);
    expect((await request.get('/standin/host/host-private', { headers })).status()).toBe(409);
    expect(
      (await request.patch('/standin/host/host-private/orders', { headers, data: { number: '1001', state: 'paid' } })).status(),
    ).toBe(403);
  }
  expect((await asking(request).get(`${shop}data/host.json`)).status()).toBe(404);
  expect((await asking(request).get(`${shop}..%2F..%2Fsite.json`)).status()).toBe(404);
});

test('a published page may run its own scripts and nothing else', async ({ request }) => {
  const shop = await open(request, 'host-policy');
  const { 'content-security-policy': policy = '', 'x-content-type-options': sniff } = (
    await asking(request).get(`${shop}`)
  ).headers();
  expect(policy).toContain("script-src 'self'");
  expect(policy).not.toContain('unsafe');
  expect(sniff).toBe('nosniff');
});

test('a name that is nobody’s here is answered with that, and builds no address', async ({ request }) => {
  const forged = { host: 'evil.example' };
  for (const path of ['/', '/standin/host/host-forged', '/window/index.html']) {
    const answer = await request.get(path, { headers: forged });
    expect([path, answer.status(), await answer.text()]).toEqual([
      path,
      421,
      expect.stringContaining('nothing here at this name'),
    ]);
  }
  const shop = await open(request, 'host-forged');
  const placed = await asking(request).post(`${shop}api/orders`, order({ payment: 'card' }), {
    'x-forwarded-host': 'evil.example',
    'x-forwarded-proto': 'https',
  });
  const { pay } = await placed.json();
  expect(new URL(pay).host).toBe(new URL(shopAt('payments')).host);
  const page = await asking(request).get(pay);
  expect(page.headers()['content-security-policy']).toContain(`form-action 'self' ${new URL(shop).origin};`);
});

test('the studio and the host’s interface are not seen at a shop’s name, nor shops at the studio’s', async ({ request }) => {
  const shop = await open(request, 'host-origins');
  for (const path of ['project/x/brief', 'standin/host/host-origins', 'standin/host/host-origins/orders', 'window/index.html'])
    expect([path, (await asking(request).get(`${shop}${path}`)).status()]).toEqual([
      path,
      path.startsWith('standin') ? 421 : 404,
    ]);
  const moved = await request.get('/s/host-origins/cart/?a=1', { maxRedirects: 0 });
  expect([moved.status(), moved.headers().location]).toEqual([308, `${shop}cart/?a=1`]);
  expect((await request.get('/s/a%20b/', { maxRedirects: 0 })).status()).toBe(404);
  expect((await request.get('/standin/pay/anything')).status()).toBe(404);
  const studio = await request.get('/');
  expect(studio.headers()['content-security-policy']).toContain("frame-ancestors 'none'");
  expect(studio.headers()['content-security-policy']).toMatch(
    /script-src 'self' 'nonce-[^']+' 'strict-dynamic' 'wasm-unsafe-eval';/,
  );
});

test('a script in a published shop reads nothing of the studio and calls nothing of it', async ({ page }) => {
  await newShop(page);
  const studioKeys = await page.evaluate(async () => (await indexedDB.databases()).map(({ name }) => name));
  expect(studioKeys.length).toBeGreaterThan(0);
  const shop = await open(page.request, 'host-walls');
  await page.goto(shop);
  const seen = await page.evaluate(async (studio) => {
    const called = await fetch(`${studio}/standin/host/host-walls/orders`, { headers: { 'x-owner-key': 'guess' } }).then(
      ({ status }) => status,
      () => 'refused',
    );
    const framed = document.createElement('iframe');
    framed.src = studio;
    document.body.append(framed);
    await new Promise((resolve) => (framed.onload = resolve));
    let inside: unknown = 'shut';
    try {
      inside = framed.contentWindow?.document?.title ?? 'shut';
    } catch {
      // Another origin: shut.
    }
    return { databases: (await indexedDB.databases()).length, kept: localStorage.length, called, inside };
  }, test.info().project.use.baseURL ?? '');
  expect(seen).toEqual({ databases: 0, kept: 0, called: 'refused', inside: 'shut' });
});

test('more than is taken is refused with the figure, and what is no address with a word', async ({ request }) => {
  const shop = await open(request, 'host-limits');
  const large = await asking(request).post(`${shop}api/orders`, { ...order(), filler: 'x'.repeat(400_000) });
  expect([large.status(), (await large.json()).say]).toEqual([413, 'This is more than the 256 KiB that are taken here.']);
  for (const address of [shop, `${test.info().project.use.baseURL}/s/host-limits/`]) {
    const answer = await asking(request).get(`${address}%E0%A4%A`);
    expect([answer.status(), await answer.text()]).toEqual([400, 'This address can’t be read.']);
  }
});

test('rules that can’t be are not published, and say what is wrong', async ({ request }) => {
  const send = async (part: object) => {
    const archive = zipSync({
      'index.html': strToU8('<!doctype html><title>x</title>'),
      'data/host.json': strToU8(JSON.stringify({ ...data, rules: { ...data.rules, ...part } })),
    });
    const answer = await request.put('/standin/host/host-rules', {
      data: Buffer.from(archive),
      headers: { 'x-owner-key': key },
    });
    return [answer.status(), (await answer.json()).say];
  };
  const code = { code: 'ALL', kind: 'percent', amount: 20_000, least: 0, until: '' };
  const [zone] = data.rules.zones;
  expect(await send({ codes: [code] })).toEqual([409, expect.stringContaining('rules codes 0: A code takes at most 100 % off.')]);
  expect(await send({ zones: [zone, { ...zone, id: 'again' }] })).toEqual([
    409,
    expect.stringContaining('One place is in two zones.'),
  ]);
  expect(await send({ digits: 2 })).toEqual([409, expect.stringContaining('another number of digits')]);
  expect(await send({ taxes: { standard: -100, reduced: 0, zero: 0 } })).toEqual([
    409,
    expect.stringContaining('rules taxes standard'),
  ]);
});

test('a lost key is given anew for the code, once; guesses are made to wait', async ({ request }) => {
  const archive = zipSync({
    'index.html': strToU8('<!doctype html><title>x</title>'),
    'data/host.json': strToU8(JSON.stringify(data)),
  });
  const first = await request.put('/standin/host/host-lost', { data: Buffer.from(archive), headers: { 'x-owner-key': key } });
  const { code } = await first.json();
  const recover = async (typed: string) => request.post('/standin/host/host-lost/recover', { data: { code: typed } });
  expect((await recover(code.replace(/^./, (sign: string) => (sign === 'A' ? 'B' : 'A')))).status()).toBe(403);
  const given = await (await recover(code.toLowerCase().replace(/(....)/g, '$1 '))).json();
  const reads = async (owner: string) =>
    (await request.get('/standin/host/host-lost/orders', { headers: { 'x-owner-key': owner } })).status();
  expect([await reads(key), await reads(given.key)]).toEqual([403, 200]);
  expect((await recover(code)).status()).toBe(403);
  let last = 0;
  for (let guess = 0; guess < 25 && last !== 429; guess++) last = await reads(`guess-number-${guess}-or-so`);
  expect(last).toBe(429);
});

test('messages that the provider did not sign, or signed long ago, are not heard', async ({ request }) => {
  const shop = await open(request, 'host-forgers');
  const placed = await asking(request).post(`${shop}api/orders`, order({ payment: 'card' }));
  const { number, receipt } = await placed.json();
  const message = {
    id: 'm',
    payment: 'p',
    order: number,
    address: 'host-forgers',
    amount: 20680,
    currency: 'JPY',
    state: 'accepted',
  };
  for (const [headers, say] of [
    [{}, 'did not sign'],
    [{ 'x-signed-at': String(Date.now()), 'x-signature': '00'.repeat(32) }, 'did not sign'],
    [{ 'x-signed-at': 'now', 'x-signature': 'not hexadecimal' }, 'did not sign'],
  ] as [Record<string, string>, string][]) {
    const answer = await request.post('/standin/host/host-forgers/payments', { headers, data: message });
    expect([answer.status(), (await answer.json()).say]).toEqual([409, expect.stringContaining(say)]);
  }
  const seen = await asking(request).get(`${shop}api/orders/${number}?receipt=${receipt}`);
  expect((await seen.json()).state).toBe('awaiting-payment');
});

test('who comes by an address of before is led to where the page stands now', async ({ request }) => {
  const release = (paths: Record<string, string>) => {
    const files = Object.values(paths).map(
      (path) => [`${path}index.html`, strToU8(`<!doctype html><title>${path}</title>`)] as const,
    );
    return Buffer.from(
      zipSync({
        'index.html': strToU8('<!doctype html><title>home</title>'),
        '404.html': strToU8('<!doctype html><title>gone</title>'),
        'data/host.json': strToU8(JSON.stringify({ ...data, paths })),
        ...Object.fromEntries(files),
        ...Object.fromEntries(Object.values(paths).map((path) => [`${path}offer.json`, strToU8('{}')])),
      }),
    );
  };
  const put = (paths: Record<string, string>) =>
    request.put('/standin/host/host-moved', { data: release(paths), headers: { 'x-owner-key': key } });
  expect((await put({ scoop: 'goods/scoop/', about: 'about/' })).status()).toBe(200);
  expect((await put({ scoop: 'goods/rice-scoop/', about: 'about/' })).status()).toBe(200);
  const shop = shopAt('host-moved');
  const { host } = new URL(shop);
  const ask = (path: string) =>
    request.get(`http://localhost:${new URL(shop).port}/${path}`, { headers: { host }, maxRedirects: 0 });
  for (const [path, to] of [
    ['goods/scoop/', 'goods/rice-scoop/'],
    ['goods/scoop/?from=letter', 'goods/rice-scoop/?from=letter'],
    // A cart that was filled before asks here what its thing costs now.
    ['goods/scoop/offer.json', 'goods/rice-scoop/offer.json'],
  ] as const) {
    const answer = await ask(path);
    expect([path, answer.status(), answer.headers().location]).toEqual([path, 308, shop + to]);
  }
  expect((await ask('goods/rice-scoop/')).status()).toBe(200);
  expect((await ask('goods/fork/')).status()).toBe(404);
  // Home again: what led away from it leads to it.
  expect((await put({ scoop: 'goods/scoop/', about: 'about/' })).status()).toBe(200);
  expect((await ask('goods/scoop/')).status()).toBe(200);
  expect((await ask('goods/rice-scoop/')).headers().location).toBe(`${shop}goods/scoop/`);
});
