import { newProject, Decided, type DecisionValue } from '../project';
import { parseKind, parseList, parseStock, parseTaxClass, parseWeight } from './cells';
import { readColumns } from './columns';
import { importText, largestCategory, makeCatalogue, priceListOf, priceRange, stockOf, variantTitle } from './index';

describe('weights', () => {
  test.each([
    ['100', '', 100],
    ['100 g', '', 100],
    ['0,5 kg', '', 500],
    ['1.25kg', '', 1250],
    ['2', 'Weight kg', 2000],
    // International avoirdupois ounce and pound: 28.349523125 g and 453.59237 g exactly (1959 agreement).
    ['8 oz', '', 227],
    ['2 lb', '', 907],
    ['', '', 0],
  ])('“%s” under “%s” is %i g', (text, heading, grams) => expect(parseWeight(text, heading)).toEqual({ ok: true, value: grams }));
  test('anything else is said', () => expect(parseWeight('heavy', '')).toMatchObject({ ok: false }));
});

describe('stock', () => {
  test.each([
    ['', null],
    ['in stock', null],
    ['∞', null],
    ['0', 0],
    ['sold out', 0],
    ['12', 12],
    ['12.0', 12],
  ])('“%s”', (text, value) => expect(parseStock(text)).toEqual({ ok: true, value }));
  test.each(['-2', 'a few', '1.5'])('“%s” is refused', (text) => expect(parseStock(text).ok).toBe(false));
});

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

test('several names in a cell are parted by any of the usual marks, each once', () => {
  expect(parseList('Yarn | Wool;  Sale, Wool')).toEqual(['Yarn', 'Wool', 'Sale']);
});

describe('columns', () => {
  const meanings = (...headings: string[]) =>
    readColumns(headings).map(({ meaning }) =>
      meaning === null ? null : 'field' in meaning ? meaning.field : `option ${meaning.option}`,
    );
  test('are known by many names, whatever their case and signs', () => {
    expect(meanings('PRODUCT_NAME', 'Our Price', 'Qty.', 'Item-Code', 'Photos')).toEqual([
      'title',
      'price',
      'stock',
      'sku',
      'picture',
    ]);
    expect(meanings('Name', 'Price GBP', 'was', 'VAT rate')).toEqual(['title', 'price', 'earlierPrice', 'taxClass']);
  });
  test('that buyers choose from are options', () =>
    expect(meanings('Colour', 'option Wood type', 'choice_size')).toEqual(['option Colour', 'option Wood type', 'option Size']));
  test('that stand twice are used once', () => expect(meanings('title', 'name')).toEqual(['title', null]));
});

describe('the catalogue', () => {
  const list =
    'title,price,category,colour,stock\nCap,10,Hats|Sale,red,1\nCap,12,Hats|Sale,blue,0\nBag,20,bags,,\nScarf,9,HATS,,4\n';
  const made = (decisions: Record<string, DecisionValue> = {}, digits = 2) => {
    const goods = importText(list);
    if (!goods.ok) throw new Error(goods.say);
    return makeCatalogue(
      goods.value.products,
      new Decided(Object.entries(decisions).map(([place, value]) => ({ place, value, at: '' }))),
      2,
      digits,
    );
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

  test('passes over a decision whose value does not fit', () =>
    expect(made({ 'goods/p-bag/title': '' }).byId.get('p-bag')?.title).toBe('Bag'));

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
  expect(newProject('p', 'Shop', '')).toMatchObject({ brief: '', decisions: [], pictures: [], goods: { products: [] } }));
