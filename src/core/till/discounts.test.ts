import { tillWith } from '../../../tests/till';
import { chance } from '../chance';
import { makeBill, type BillLine } from './bill';
import { codeKey, judge, taken, type DiscountedLine } from './discounts';
import { tillRulesSchema } from './published';
import { discountCodeSchema, type DiscountCode } from './rules';

const discount = (part: Partial<DiscountCode>): DiscountCode =>
  discountCodeSchema.parse({ code: 'X', kind: 'percent', amount: 1000, least: 0, until: '', ...part });
const zones = [
  { id: 'z', label: 'All', countries: ['*'], rates: [{ id: 'r', label: 'Post', price: 500, freeFrom: 5000, upTo: null }] },
];
const line = (price: number, part: Partial<BillLine> = {}): BillLine => ({
  variant: `v${price}`,
  product: `p${price}`,
  shelves: ['Yarn'],
  title: 'Thing',
  quantity: 1,
  price,
  weight: 1,
  taxClass: 'standard',
  physical: true,
  ...part,
});
const buy = (codes: DiscountCode[], lines: BillLine[], code = '', part: object = {}) =>
  makeBill(tillWith({ codes, zones }), { lines, country: 'IE', rate: '', code, today: '2026-05-15', ...part });

test('each reason for which a discount does not hold', () => {
  const lines: DiscountedLine[] = [{ product: 'p1', shelves: ['Yarn'], sum: 3000, physical: false }];
  const why = (part: Partial<DiscountCode>, times = { all: 0, buyer: 0 }) =>
    judge(discount(part), lines, '2026-05-15', () => times);
  expect(why({})).toBe('');
  expect(why({ from: '2026-05-16' })).toBe('not-yet');
  expect(why({ from: '2026-05-15', until: '2026-05-15' })).toBe('');
  expect(why({ until: '2026-05-14' })).toBe('ended');
  expect(why({ least: 3001 })).toBe('least');
  expect(why({ kind: 'free-delivery' })).toBe('nothing-to-deliver');
  expect(why({ of: { kind: 'products', ids: ['p2'] } })).toBe('not-these');
  expect(why({ of: { kind: 'shelves', names: ['Yarn'] } })).toBe('');
  expect(why({ uses: 5 }, { all: 5, buyer: 0 })).toBe('used-up');
  expect(why({ perBuyer: 1 }, { all: 9, buyer: 1 })).toBe('used-by-you');
});

test('a discount is taken off what it is for, and of nothing beside', () => {
  const bill = buy(
    [discount({ code: 'YARN', amount: 5000, of: { kind: 'products', ids: ['p1000'] } })],
    [line(1000), line(2000)],
    'yarn',
  );
  expect(bill.lines.map(({ discount: off }) => off)).toEqual([500, 0]);
});

test('one after another, each off what is left, never below zero', () => {
  const lines = [line(1000), line(3000)];
  const both = [
    discount({ code: 'HALF', amount: 5000, combines: true }),
    discount({ code: 'SUM', kind: 'sum', amount: 9000, combines: true }),
  ];
  expect(
    taken(
      both,
      lines.map((one) => ({ ...one, sum: one.price })),
    ),
  ).toEqual({ amounts: [2000, 2000], lines: [1000, 3000] });
  expect(buy(both, lines, 'half, sum')).toMatchObject({ discount: 4000, total: 500 });
});

test('a discount that costs the buyer the free delivery is left off', () => {
  // 52.00 goes free; 5 % off it is 49.40 and 5.00 for the post.
  const bill = buy([discount({ code: 'FIVE', amount: 500 })], [line(5200)], 'FIVE');
  expect(bill).toMatchObject({ total: 5200, discount: 0, codeRefused: '', codes: [{ code: 'FIVE', refused: 'less' }] });
});

test('what is taken off unasked needs no code, and gives way to a better one', () => {
  const codes = [discount({ code: 'Spring', amount: 1000, automatic: true }), discount({ code: 'TWENTY', amount: 2000 })];
  expect(buy(codes, [line(1000)])).toMatchObject({ discount: 100, discounts: [{ code: 'Spring', automatic: true }] });
  expect(buy(codes, [line(1000)], 'twenty')).toMatchObject({ discount: 200, discounts: [{ code: 'TWENTY' }] });
  // Its name is no code.
  expect(buy(codes, [line(1000)], 'spring').codeRefused).toBe('unknown');
});

test('uses are counted by whoever knows them', () => {
  const used = (code: string) => ({ all: code === 'ONCE' ? 1 : 0, buyer: 0 });
  expect(buy([discount({ code: 'once', uses: 1 })], [line(1000)], 'Once', { used })).toMatchObject({
    codeRefused: 'used-up',
    total: 1500,
  });
});

/** Every set of discounts that a seller could mean, reckoned with as the rules say and nothing else. */
test('no other way to take the discounts is cheaper: a thousand tills against every set of their discounts', () => {
  const random = chance(91);
  const pick = <T>(list: readonly T[]): T => list[Math.floor(random() * list.length)] as T;
  let better = 0;
  for (let n = 0; n < 1000; n++) {
    const codes = Array.from({ length: Math.floor(random() * 5) }, (_, i) =>
      discount({
        code: `C${i}`,
        kind: pick(['percent', 'sum', 'free-delivery']),
        amount: Math.floor(random() * 6000),
        least: pick([0, 0, 3000]),
        of: pick<DiscountCode['of']>([
          { kind: 'all' },
          { kind: 'products', ids: ['p0', 'p1'] },
          { kind: 'shelves', names: ['Wool'] },
        ]),
        automatic: random() < 0.4,
        combines: random() < 0.6,
      }),
    );
    const lines = Array.from({ length: 1 + Math.floor(random() * 3) }, (_, i) =>
      line(Math.floor(random() * 4000), { variant: `v${i}`, product: `p${i}`, shelves: [pick(['Yarn', 'Wool'])] }),
    );
    const typed = codes.filter(({ automatic }) => !automatic).map(({ code }) => code);
    const bill = buy(codes, lines, typed.join(','));
    const goods = lines.reduce((sum, one) => sum + one.price, 0);
    const priced = lines.map((one) => ({ ...one, sum: one.price }));
    const held = codes.filter((one) => judge(one, priced, '2026-05-15') === '');
    let cheapest = Infinity;
    for (let set = 0; set < 2 ** held.length; set++) {
      const chosen = held.filter((_, i) => (set >> i) & 1);
      if (chosen.length > 1 && chosen.some(({ combines }) => !combines)) continue;
      const due = goods - taken(chosen, priced).amounts.reduce((a, b) => a + b, 0);
      const post = due >= 5000 || chosen.some(({ kind }) => kind === 'free-delivery') ? 0 : 500;
      cheapest = Math.min(cheapest, due + post);
    }
    expect([n, bill.total]).toEqual([n, cheapest]);
    better += Number(bill.discounts.length > 1);
    for (const one of bill.discounts) expect(held.map(({ code }) => codeKey(code))).toContain(codeKey(one.code));
  }
  expect(better).toBeGreaterThan(100);
});

test('rules that can’t be are no rules', () => {
  const base = tillWith({});
  const wrong = (codes: unknown[]) => tillRulesSchema.safeParse({ ...base, codes }).success;
  const code = { code: 'A', kind: 'percent', amount: 1000, least: 0, until: '' };
  expect(wrong([code])).toBe(true);
  expect(wrong([{ ...code, amount: 20_000 }])).toBe(false);
  expect(wrong([code, { ...code, code: ' a ' }])).toBe(false);
  expect(wrong([{ ...code, from: '2026-02-01', until: '2026-01-01' }])).toBe(false);
  expect(wrong([{ ...code, code: 'A,B' }])).toBe(false);
  expect(wrong([{ ...code, uses: 0 }])).toBe(false);
});
