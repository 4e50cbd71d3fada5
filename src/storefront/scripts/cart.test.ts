/** The cart as a visitor's browser keeps it, with as little of a browser as it asks for. */
const kept = new Map<string, string>();
let shut = false;
const counts: { textContent: string }[] = [{ textContent: '' }, { textContent: '' }];
const dataset: Record<string, string> = { orders: 'host', shop: 'p1' };

const globals = {
  document: { documentElement: { dataset }, querySelectorAll: () => counts },
  localStorage: {
    getItem: (key: string) => {
      if (shut) throw new Error('shut');
      return kept.get(key) ?? null;
    },
    setItem: (key: string, value: string) => {
      if (shut) throw new Error('shut');
      kept.set(key, value);
    },
  },
};
Object.assign(globalThis, globals);

// Imported after the browser is there.
const cart = () => import('./cart');

beforeEach(async () => {
  shut = false;
  kept.clear();
  dataset.shop = 'p1';
  (await cart()).writeCart([]);
  kept.clear();
});

test('the same thing twice is one line, and never more than there are', async () => {
  const { addToCart, readCart } = await cart();
  expect(addToCart('a', 'goods/a/', 2, 5)).toBe(2);
  expect(addToCart('a', 'goods/a/', 2, 5)).toBe(4);
  expect(addToCart('a', 'goods/a/', 2, 5)).toBe(5);
  expect(addToCart('b', 'goods/b/', 40, null)).toBe(40);
  expect(readCart()).toEqual([
    { variant: 'a', path: 'goods/a/', quantity: 5 },
    { variant: 'b', path: 'goods/b/', quantity: 40 },
  ]);
  expect(counts.map(({ textContent }) => textContent)).toEqual([' (45)', ' (45)']);
});

test('a line of nothing goes, and an empty cart says no number', async () => {
  const { addToCart, readCart, writeCart } = await cart();
  addToCart('a', 'goods/a/', 1, null);
  writeCart(readCart().map((line) => ({ ...line, quantity: 0 })));
  expect(readCart()).toEqual([]);
  expect(counts[0]?.textContent).toBe('');
});

test('two shops on one host have a cart each', async () => {
  const { addToCart, readCart } = await cart();
  addToCart('a', 'goods/a/', 1, null);
  dataset.shop = 'p2';
  expect(readCart()).toEqual([]);
  addToCart('z', 'goods/z/', 3, null);
  dataset.shop = 'p1';
  expect(readCart().map(({ variant }) => variant)).toEqual(['a']);
});

test.each([
  ['cut off', '[{"variant":"a","pa'],
  ['another thing', '{"a":1}'],
  ['a number', '7'],
])('what is kept and is %s is an empty cart, not a broken page', async (_, text) => {
  const { readCart } = await cart();
  kept.set('arcatum-cart:host:p1', text);
  expect(readCart()).toEqual([]);
});

test('lines that are none are passed over, the others stay', async () => {
  const { readCart } = await cart();
  kept.set(
    'arcatum-cart:host:p1',
    JSON.stringify([null, { variant: 'a' }, { variant: 'b', path: 'goods/b/', quantity: '2' }, { variant: 'c', path: 'goods/c/', quantity: 1.5 }, { variant: 'e', path: 'goods/e/', quantity: -3 }, { variant: 'd', path: 'goods/d/', quantity: 2 }]), // prettier-ignore
  );
  expect(readCart()).toEqual([{ variant: 'd', path: 'goods/d/', quantity: 2 }]);
});

test('where storage is shut, the cart lasts as long as the page', async () => {
  const { addToCart, readCart } = await cart();
  shut = true;
  addToCart('a', 'goods/a/', 2, null);
  addToCart('b', 'goods/b/', 1, null);
  expect(readCart().map(({ variant, quantity }) => [variant, quantity])).toEqual([
    ['a', 2],
    ['b', 1],
  ]);
});

export {};

describe('a line of the cart', () => {
  const offer = (stock: number | null) => ({
    picture: null,
    variants: [{ id: 'a', title: 'Bowl', price: 4000, weight: 300, taxClass: 'standard', physical: true, stock }],
  });
  const line = { variant: 'a', path: 'goods/a/', quantity: 5 };
  const priced = async (published: number | null, live: number | null | undefined) =>
    (await cart()).priceLine(line, offer(published) as never, live)?.quantity;

  test('is never more than there are: as the host counts them, else as they were published', async () => {
    expect(await priced(9, 2)).toBe(2);
    expect(await priced(2, 9)).toBe(5);
    expect(await priced(3, undefined)).toBe(3);
    expect(await priced(null, undefined)).toBe(5);
    expect(await priced(3, null)).toBe(5);
  });

  test('goes when none is left, and when the thing is not sold any more', async () => {
    const { priceLine } = await cart();
    expect(await priced(9, 0)).toBeUndefined();
    expect(await priced(9, -1)).toBeUndefined();
    expect(priceLine({ ...line, variant: 'gone' }, offer(9) as never, 9)).toBeNull();
    expect(priceLine(line, null, 9)).toBeNull();
  });
});

describe('what changed since a thing was put in', () => {
  const line = { variant: 'a', path: 'goods/a/', quantity: 5, title: 'Bowl', price: 3500, currency: 'EUR' };
  const offer = (stock: number | null, price = 4000) => ({
    picture: null,
    variants: [{ id: 'a', title: 'Ash bowl', price, weight: 300, taxClass: 'standard', physical: true, stock }],
  });
  const changes = async (now: ReturnType<typeof offer> | null, of: object = line, currency = 'EUR') => {
    const { changesOf, priceLine } = await cart();
    return changesOf(of as never, now as never, priceLine(of as never, now as never, undefined), currency);
  };

  test('it went, sold out, is fewer, costs something else', async () => {
    expect(await changes(null)).toEqual([{ kind: 'gone', title: 'Bowl' }]);
    expect(await changes(offer(0))).toEqual([{ kind: 'sold-out', title: 'Ash bowl' }]);
    expect(await changes(offer(2))).toEqual([
      { kind: 'fewer', title: 'Ash bowl', left: 2 },
      { kind: 'price', title: 'Ash bowl', before: 3500, now: 4000 },
    ]);
    expect(await changes(offer(9, 3500))).toEqual([]);
  });

  test('prices in another money, and carts of before they were kept, tell nothing of it', async () => {
    expect(await changes(offer(9), line, 'USD')).toEqual([]);
    expect(await changes(offer(9), { variant: 'a', path: 'goods/a/', quantity: 5 })).toEqual([]);
    expect(await changes(null, { variant: 'a', path: 'goods/a/', quantity: 5 })).toEqual([{ kind: 'gone', title: '' }]);
  });
});
