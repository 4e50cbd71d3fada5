import { mkdtempSync, rmSync, statSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { wrongAddress } from '@/core/address';
import { addressesFrom, bytesOf, hmac, jsonOf, minutesHeard, open, Rate, sign, type PaymentMessage } from './index';

const folder = mkdtempSync(join(tmpdir(), 'arcatum-gate-'));
beforeAll(() => {
  process.env.ARCATUM_DATA = folder;
});
afterAll(() => rmSync(folder, { recursive: true, force: true }));

describe('addresses', () => {
  test('unset they are names below “localhost” at the server’s port', () => {
    const { shop, payment, whose } = addressesFrom({ PORT: '4444' });
    expect([shop('ammer'), payment('x')]).toEqual(['http://ammer.localhost:4444/', 'http://payments.localhost:4444/x']);
    expect(whose('localhost:4444')).toEqual({ kind: 'studio' });
    expect(whose('127.0.0.1:4444')).toEqual({ kind: 'studio' });
    expect(whose('AMMER.localhost:4444')).toEqual({ kind: 'shop', name: 'ammer' });
    expect(whose('payments.localhost:4444')).toEqual({ kind: 'payments' });
  });

  test('set they are what is set, and the machine’s number is the studio’s no more', () => {
    const { shop, whose } = addressesFrom({
      ARCATUM_STUDIO: 'https://studio.example',
      ARCATUM_SHOPS: 'https://{name}.shops.example',
    });
    expect(shop('ammer')).toBe('https://ammer.shops.example/');
    expect(whose('studio.example')).toEqual({ kind: 'studio' });
    expect(whose('127.0.0.1:4310')).toBeNull();
    expect(whose('ammer.shops.example')).toEqual({ kind: 'shop', name: 'ammer' });
  });

  test.each(['evil.example', 'localhost.evil.example:4310', 'a.b.localhost:4310', '-a.localhost:4310', 'xn--80ak6aa92e.localhost:4310', '.localhost:4310', 'www.localhost:4310', 'localhost', '', null])(
    'a request to “%s” is nobody’s',
    (host) => expect(addressesFrom({ PORT: '4310' }).whose(host)).toBeNull(),
  ); // prettier-ignore

  test('settings that are no origins stop the server, whatever else is set', () => {
    for (const ARCATUM_SHOPS of ['https://shops.example', 'https://{name}', 'javascript:{name}.x', 'https://shop-{name}.example'])
      expect(() => addressesFrom({ ARCATUM_SHOPS })).toThrow();
    expect(() => addressesFrom({ ARCATUM_STUDIO: 'studio.example' })).toThrow();
  });

  test('a shop’s name is a label of the domain name system, and none that means somebody else', () => {
    expect(['dye-house', 'a1b'].map(wrongAddress)).toEqual(['', '']);
    for (const name of [
      'ab',
      'A-Shop',
      '-ab',
      'ab-',
      'xn--abc',
      'a_b',
      'a.b',
      'x'.repeat(61),
      'payments',
      'admin',
      'constructor/..',
    ])
      expect([name, wrongAddress(name) !== '']).toEqual([name, true]);
  });
});

describe('what is taken in', () => {
  const post = (body: BodyInit, headers: Record<string, string> = {}) =>
    new Request('http://a.example/', { method: 'POST', body, headers });

  test('is read to its limit and no further, whatever is said of its length', async () => {
    let sent = 0;
    const endless = new ReadableStream<Uint8Array>({
      pull: (controller) => {
        sent += 1024;
        controller.enqueue(new Uint8Array(1024));
      },
    });
    const request = new Request('http://a.example/', { method: 'POST', body: endless, duplex: 'half' } as RequestInit);
    expect(await bytesOf(request, 4096)).toEqual({ ok: false, say: 'This is more than the 4 KiB that are taken here.' });
    expect(sent).toBeLessThan(16_384);
    expect(await bytesOf(post('x'.repeat(4096)), 4096)).toMatchObject({ ok: true });
    expect(await bytesOf(post('x'.repeat(4097)), 4096)).toMatchObject({ ok: false });
  });

  test('what is no JSON is nothing', async () => {
    expect(await jsonOf(post('{"a":'), 100)).toEqual({ ok: true, value: null });
    expect(await jsonOf(post('{"a":1}'), 100)).toEqual({ ok: true, value: { a: 1 } });
  });

  test('so many at once, and then as time gives them back; each name by itself', () => {
    const rate = new Rate(3, 30_000);
    const takes = (name: string, at: number) => rate.take(name, at);
    expect([takes('a', 0), takes('a', 0), takes('a', 0), takes('a', 0), takes('b', 0)]).toEqual([true, true, true, false, true]);
    expect([takes('a', 9_999), takes('a', 10_000), takes('a', 10_001)]).toEqual([false, true, false]);
    // A clock that goes back gives nothing.
    expect(takes('a', 0)).toBe(false);
    expect([rate.has('a', 100_000), rate.has('c', 0)]).toEqual([true, true]);
  });
});

describe('messages of the provider', () => {
  const message: PaymentMessage = { id: 'm', payment: 'p', order: '1001', address: 'ammer', amount: 100, currency: 'EUR', state: 'accepted' }; // prettier-ignore
  const at = (minutes: number) => new Date(Date.UTC(2026, 10, 28, 12, minutes)).toISOString();

  test('are signed as RFC 4231 has it, test cases 1, 2 and 6', () => {
    // RFC 4231, sections 4.2, 4.3 and 4.7: HMAC-SHA-256.
    expect(hmac(Buffer.alloc(20, 0x0b), 'Hi There')).toBe('b0344c61d8db38535ca8afceaf0bf12b881dc200c9833da726e9376c2e32cff7');
    expect(hmac(Buffer.from('Jefe'), 'what do ya want for nothing?')).toBe(
      '5bdcc146bf60754e6a042426089575c75a003f089d2739839dec58b964ec3843',
    );
    expect(hmac(Buffer.alloc(131, 0xaa), 'Test Using Larger Than Block-Size Key - Hash Key First')).toBe(
      '60e431591ee0b67f0d8a26aacbf5b77f8e0bc6213728c5140546040f0ee37f54',
    );
  });

  test('are heard as they were signed, for a while, and not when anything of them changed', () => {
    const signed = sign(message, at(0));
    expect(open(signed, at(0))).toEqual({ ok: true, value: message });
    expect(open(signed, at(minutesHeard))).toMatchObject({ ok: true });
    expect(open(signed, at(minutesHeard + 1))).toMatchObject({ ok: false, say: 'This message is too old.' });
    expect(open(signed, at(-minutesHeard - 1))).toMatchObject({ ok: false });
    for (const changed of [
      { ...signed, text: signed.text.replace('"amount":100', '"amount":900') },
      { ...signed, at: String(Number(signed.at) + 1) },
      { ...signed, signature: signed.signature.slice(2) },
      { ...signed, signature: '' },
      { ...signed, at: 'soon' },
    ])
      expect(open(changed, at(0))).toMatchObject({ ok: false, say: 'The provider did not sign this message.' });
  });

  test('the secret between the two is readable for its owner alone', () => {
    sign(message, at(0));
    expect(statSync(join(folder, 'payment', 'secret')).mode & 0o077).toBe(0);
  });
});
