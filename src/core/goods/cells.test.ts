import { Decided, parseAt } from '../places';
import { decisionsOf } from '../../../tests/decisions';
import { newProject } from '../project';
import { parseKind, parseTaxClass } from './cells';
import { importText, largestCategory, makeCatalogue, priceListOf, priceRange, pricesOf, stockOf, variantTitle } from './index';

describe('kinds and tax classes', () => {
  test.each([
    ['PDF download', 'download'],
    ['Gift voucher', 'gift-card'],
    ['Workshop', 'appointment'],
    ['', 'physical'],
    ['parcel', 'physical'],
  ])('“%s” is %s', (text, kind) => expect(parseKind(text)).toEqual({ ok: true, value: kind }));
  test.each([
    ['', 'standard'],
    ['20%', 'standard'],
    ['5', 'reduced'],
    ['7,5 %', 'reduced'],
    ['0%', 'zero'],
    ['exempt', 'zero'],
    ['Reduced', 'reduced'],
  ])('“%s” is taxed as %s', (text, taxClass) => expect(parseTaxClass(text)).toEqual({ ok: true, value: taxClass }));
});

describe('the catalogue', () => {
  const list =
    'title,price,category,colour,stock\nCap,10,Hats|Sale,red,1\nCap,12,Hats|Sale,blue,0\nBag,20,bags,,\nScarf,9,HATS,,4\n';
  const made = (decisions: Record<string, unknown> = {}, digits = 2) => {
    const goods = importText(list);
    if (!goods.ok) throw new Error(goods.say);
    return makeCatalogue(goods.value.products, new Decided(decisionsOf(decisions)), 2, digits);
  };

  test('files products under their categories, whatever the case', () => {
    expect(made().categories.map(({ name, products }) => [name, products.length])).toEqual([
      ['Hats', 2],
      ['Sale', 1],
      ['bags', 1],
    ]);
    expect(largestCategory(made().categories)?.name).toBe('Hats');
    expect(largestCategory([])).toBeUndefined();
  });

  test('knows the lowest and highest price and what is left', () => {
    const cap = made().byId.get('p-cap');
    expect(cap && priceRange(cap)).toEqual({ low: 1000, high: 1200, earlier: null });
    // What is shown and not sold yet has a price all the same.
    const shown = importText('title,price,stock\nPot,£68.00,a few\nBait,£4.50,9\n');
    expect(shown.ok && pricesOf(shown.value.products)).toEqual({ low: 450, high: 6800, earlier: null });
    expect(cap && stockOf(cap)).toBe(1);
    const bag = made().byId.get('p-bag');
    expect(bag && stockOf(bag)).toBeNull();
  });

  test('takes out what the seller hid, and changes what the seller changed', () => {
    const changed = made({ 'goods/p-bag/hidden': true, 'goods/p-cap/categories': ['Caps'], 'goods/p-cap/p-cap.red/stock': null });
    expect(changed.products.map((product) => product.title)).toEqual(['Cap', 'Scarf']);
    expect(changed.categories.map((category) => category.name)).toEqual(['Caps', 'HATS']);
    expect(changed.byId.get('p-cap')?.variants[0]?.stock).toBeNull();
  });

  test('takes no value that does not fit', () => {
    expect(parseAt('goods/p-bag/title', '').ok).toBe(false);
    expect(parseAt('goods/p-bag/p-bag.one/price', -1).ok).toBe(false);
    expect(parseAt('goods/p-bag/slug', 'a&b').ok).toBe(false);
  });

  test('brings prices to the decimals of another currency', () => {
    expect(made({}, 0).byId.get('p-bag')?.variants[0]?.price).toBe(20);
    expect(made({}, 3).byId.get('p-bag')?.variants[0]?.price).toBe(20_000);
  });

  test('gives the till a price list of every variant', () => {
    const prices = priceListOf(made().products);
    expect([...prices.keys()]).toEqual(['p-cap.red', 'p-cap.blue', 'p-bag.one', 'p-scarf.one']);
    expect(prices.get('p-cap.blue')).toMatchObject({ title: 'Cap, blue', price: 1200, stock: 0, physical: true });
    const bag = made().byId.get('p-bag');
    expect(bag?.variants[0] && variantTitle(bag, bag.variants[0])).toBe('Bag');
  });
});

test('a new project has nothing in it', () =>
  expect(newProject('p', 'Shop')).toMatchObject({ brief: '', decisions: new Map(), pictures: [], goods: { products: [] } }));
