import { execFileSync, spawnSync } from 'node:child_process';
import { mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';

const folder = mkdtempSync(join(tmpdir(), 'arcatum-total-'));
afterAll(() => rmSync(folder, { recursive: true, force: true }));

const write = (name: string, value: unknown) => {
  const path = join(folder, name);
  writeFileSync(path, typeof value === 'string' ? value : JSON.stringify(value));
  return path;
};
const run = (...args: string[]) => spawnSync('node', ['bin/arcatum.mjs', ...args], { encoding: 'utf8' });
const release = join(folder, 'site');

beforeAll(() => {
  const brief = write(
    'brief.txt',
    'Korbwaren Lauth weaves baskets near Lichtenfels, Germany. Prices in euro. post@lauth.example',
  );
  const goods = write('goods.csv', 'title;sku;price;weight;stock\nLog basket;K1;89,00;2400;4\nBread basket;K2;24,50;300;20\n');
  execFileSync('node', [
    'bin/arcatum.mjs', 'build', '--brief', brief, '--goods', goods, '--out', release, '--rules', 'docs/rules.example.json',
  ]); // prettier-ignore
}, 60_000);

const total = (cart: object, day = '2026-11-28') => {
  const ran = run('total', '--release', release, '--cart', write('cart.json', cart), '--day', day);
  return { ...ran, value: ran.status === 0 ? (JSON.parse(ran.stdout) as Record<string, unknown>) : null };
};
const lines = [
  { sku: 'K1', quantity: 1 },
  { sku: 'K2', quantity: 2 },
];

test('a cart is worked out by the published rules, step by step', () => {
  // 89.00 + 2 × 24.50 = 138.00; 5.00 off unasked: 133.00, which goes free; 19 % in it: 133.00 × 19 ÷ 119 = 21.24.
  expect(total({ lines, country: 'DE' }).value).toEqual({
    currency: 'EUR',
    goods: 13_800,
    discount: 500,
    delivery: 0,
    tax: [{ rate: 1900, on: 11_176, amount: 2124 }],
    total: 13_300,
    steps: expect.arrayContaining([expect.objectContaining({ what: 'Goods', amount: 13_800 }), expect.objectContaining({ what: 'Delivery', amount: 0, rule: 'free, as the goods come to €90.00 or more' }), expect.objectContaining({ what: 'Total', amount: 13_300 })]), // prettier-ignore
  });
  // By weight: 3.0 kg is 6.90; to an island 9.90 and 3.00.
  const small = [{ sku: 'K2', quantity: 1 }];
  expect(total({ lines: small, country: 'DE' }).value).toMatchObject({ delivery: 490, total: 2940 });
  expect(total({ lines: small, country: 'DE', postalCode: '26757' }).value).toMatchObject({ delivery: 1290 });
  expect(total({ lines: small, country: 'DE', delivery: 'fetch' }).value).toMatchObject({ delivery: 0 });
});

test('the better of two discounts is taken, and tax goes by the place', () => {
  // WELCOME stands alone: 13.80 is more than the 5.00 unasked.
  expect(total({ lines, country: 'DE', codes: ['welcome'] }).value).toMatchObject({ discount: 1380, total: 12_420 });
  expect(total({ lines, country: 'AT' }).value).toMatchObject({ tax: [{ rate: 2000 }] });
  expect(total({ lines, country: 'AT', taxNumber: 'ATU13585627' }).value).toMatchObject({ tax: [] });
  expect(total({ lines, country: 'CH' }).value).toMatchObject({ tax: [] });
});

test('what can’t be bought so is said, in the words that a buyer reads', () => {
  const say = (part: object) => (total({ lines, country: 'DE', ...part }).value?.refused as { say: string } | undefined)?.say;
  expect(say({ lines: [{ sku: 'K9', quantity: 1 }] })).toContain('no longer sold');
  expect(say({ lines: [{ sku: 'K1', quantity: 9 }] })).toContain('Only 4');
  expect(say({ codes: ['NOPE'] })).toContain('code does not hold');
  expect(say({ delivery: 'balloon' })).toContain('no longer offered');
  expect(say({ taxNumber: 'ATU13585628' })).toContain('tax number has a slip');
  expect(
    say({
      lines: [
        { sku: 'K1', quantity: 4 },
        { sku: 'K2', quantity: 20 },
      ],
      country: 'CH',
      delivery: 'far',
    }),
  ).toBeUndefined();
});

test('files that can’t be used are refused with what is wrong in them', () => {
  const brief = join(folder, 'brief.txt');
  const goods = join(folder, 'goods.csv');
  const rules = JSON.parse(readFileSync('docs/rules.example.json', 'utf8')) as Record<string, unknown>;
  const built = (part: object) =>
    run(
      'build',
      '--brief',
      brief,
      '--goods',
      goods,
      '--out',
      join(folder, 'no'),
      '--rules',
      write('rules.json', { ...rules, ...part }),
    );
  const [zone] = rules.zones as object[];
  for (const [part, say] of [
    [{ codes: [{ code: 'A', kind: 'percent', amount: 20_000, least: 0, until: '' }] }, 'at most 100 %'],
    [{ zones: [zone, { ...zone, id: 'again' }] }, 'One place is in two zones.'],
    [{ taxes: { standard: 1900, reduced: 700 } }, 'taxes zero'],
    [{ delivery: [] }, 'delivery'],
  ] as const) {
    const ran = built(part);
    expect([ran.status, ran.stderr]).toEqual([2, expect.stringContaining(say)]);
  }
  expect(run('total', '--release', folder, '--cart', write('c.json', {})).status).toBe(2);
  const wrong = total({ lines: [{ sku: 'K1', quantity: 0 }], country: 'DE' });
  expect([wrong.status, wrong.stderr]).toEqual([2, expect.stringContaining('lines 0 quantity')]);
});
