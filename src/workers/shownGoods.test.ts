import { importText } from '@/core/goods';
import { type Goods } from '@/core/goods/about';
import { Decided, given, lookPlaces, ownProduct, productHidden, productPlaces, set, type Wish } from '@/core/places';
import { newProject, withWishes, type Picture, type Project } from '@/core/project';
import { makeShop, type Shop } from '@/core/site';
import {
  asideOf,
  filedUnder,
  freshProduct,
  listedIn,
  matchedTo,
  shelvesFor,
  ShownGoods,
  soldIn,
  titlesIn,
  unplacedIn,
} from './shownGoods';

const goodsOf = (text: string): Goods => {
  const read = importText(text, { brief: 'GBP' });
  if (!read.ok) throw new Error(read.say);
  return { file: 'goods.csv', ...read.value };
};
const list = goodsOf(
  'title,price,size,code,stock,category\nBowl,12.00,small,B1,4,Kitchen\nBowl,18.00,large,B2,2,Kitchen\nApple corer,7.50,,A1,9,Kitchen\nLadle,9.00,,L1,0,Kitchen\nDoorstop,5.00,,D1,30,Hall\n',
);
const brief = 'Turned Things in Leeds, England turns bowls and ladles. Prices in pounds.';
const picture = (name: string): Picture =>
  ({
    ...{ name, hash: name, type: 'image/webp', width: 900, height: 900, bytes: 1000, sizes: [], focus: { x: 0.5, y: 0.5 } },
    ...{ fit: 'fill', ground: null, colours: [], rim: [], alt: '' },
  }) as unknown as Picture;
function made(wishes: Wish[] = [], goods = list): { project: Project; shop: Shop } {
  const project = withWishes({ ...newProject('p', 'Shop'), brief, goods }, wishes);
  return { project, shop: makeShop(project) };
}
const idOf = (title: string): string => list.products.find((product) => product.title === title)?.id ?? '';
const titles = (rows: readonly { title: string }[]) => rows.map(({ title }) => title);

describe('the table of goods', () => {
  const { shop } = made();
  const shown = new ShownGoods();
  const rows = (wanted: Partial<Parameters<ShownGoods['rows']>[1]>) =>
    shown.rows(shop, { find: '', order: 'list', isDown: false, count: 20, ...wanted });

  test('gives as many as are asked for, and says how many there are', () => {
    const { found, rows: first } = rows({ count: 2 });
    expect([found, titles(first)]).toEqual([4, ['Bowl', 'Apple corer']]);
    expect(first[0]).toMatchObject({ variants: 2, price: { low: '£12.00', high: '£18.00' }, stock: 6, categories: ['Kitchen'] });
  });

  test.each([
    ['title', false, ['Apple corer', 'Bowl', 'Doorstop', 'Ladle']],
    ['title', true, ['Ladle', 'Doorstop', 'Bowl', 'Apple corer']],
    ['price', false, ['Doorstop', 'Apple corer', 'Ladle', 'Bowl']],
    ['stock', false, ['Ladle', 'Bowl', 'Apple corer', 'Doorstop']],
    ['variants', true, ['Bowl', 'Apple corer', 'Ladle', 'Doorstop']],
  ] as const)('is sorted by %s, down: %s', (order, isDown, wanted) =>
    expect(titles(rows({ order, isDown }).rows)).toEqual(wanted),
  );

  test.each([
    ['bowl', ['Bowl']],
    ['hall', ['Doorstop']],
    ['L1', ['Ladle']],
    ['nothing like it', []],
  ])('finds “%s” in titles, categories and codes', (find, wanted) => expect(titles(rows({ find }).rows)).toEqual(wanted));

  test('another shop has other rows', () => {
    const other = made([set(productPlaces.title(idOf('Bowl')), 'Basin')]).shop;
    expect(titles(shown.rows(other, { find: '', order: 'list', isDown: false, count: 1 }).rows)).toEqual(['Basin']);
  });
});

test('what was taken out and what the list has no more are set aside, found by name, and had for putting back', () => {
  const [gone] = goodsOf('title,price\nTrivet,4.00\n').products;
  const goods = { ...list, former: gone ? [gone] : [] };
  const { project, shop } = made([set(productHidden(idOf('Ladle')), true)], goods);
  expect(asideOf(project, shop, { find: '', count: 9 })).toEqual({
    former: 1,
    hidden: 1,
    found: 2,
    rows: [
      { id: idOf('Ladle'), title: 'Ladle', isHidden: true },
      { id: gone?.id, title: 'Trivet', isHidden: false },
    ],
  });
  expect(asideOf(project, shop, { find: 'triv', count: 9 }).rows).toHaveLength(1);
  expect(listedIn(project, shop, gone?.id ?? '')).toMatchObject({ product: null, former: { title: 'Trivet' } });
  expect(listedIn(project, shop, idOf('Ladle'))).toMatchObject({ product: { title: 'Ladle' }, former: null });
  expect(listedIn(project, shop, 'nobody')).toEqual({ id: 'nobody', product: null, former: null });
});

test('things are called as the shop calls them, also those that it has no more', () => {
  const { project, shop } = made([set(productPlaces.title(idOf('Bowl')), 'Basin'), set(productHidden(idOf('Ladle')), true)]);
  const large = list.products[0]?.variants[1]?.id ?? '';
  const told = titlesIn(project, shop, { products: [idOf('Bowl'), idOf('Ladle'), 'nobody'], variants: [large] });
  expect(Object.fromEntries(told.products)).toEqual({ [idOf('Bowl')]: 'Basin', [idOf('Ladle')]: 'Ladle' });
  expect(told.variants).toEqual([[large, 'Basin, large']]);
});

test('pictures that are on no thing, and not the logo, belong to nothing yet; names tell where others go', () => {
  const pictures = ['bowl.jpg', 'mark.svg', 'beach.jpg'].map((name) => set(given.picture(name), picture(name)));
  const { project, shop } = made([
    ...pictures,
    set(productPlaces.pictures(idOf('Bowl')), ['bowl.jpg']),
    set(lookPlaces.logo, 'mark.svg'),
  ]);
  expect(unplacedIn(project, shop)).toEqual(['beach.jpg']);
  const { wishes, alone } = matchedTo(shop.catalogue.products, project, ['ladle.jpg', 'beach.jpg']);
  expect(wishes).toEqual([set(productPlaces.pictures(idOf('Ladle')), ['ladle.jpg'])]);
  expect(alone).toBe(1);
});

test('goods without a shelf are offered one, and filed under the name that it is given', () => {
  const bare = goodsOf('title,price\nOak bowl,9\nAsh bowl,8\nElm bowl,7\nBeech bowl,6\nOak spoon,5\nAsh spoon,4\nElm spoon,4\n');
  const { shop } = made([], bare);
  const { bare: count, ideas } = shelvesFor(shop);
  expect(count).toBe(7);
  const [first] = ideas;
  if (!first) throw new Error('no shelf is offered');
  const wishes = filedUnder(shop, first.shelf, 'Turned');
  expect(wishes).toHaveLength(first.count);
  expect(wishes.every(({ value }) => JSON.stringify(value) === '["Turned"]')).toBe(true);
  expect(filedUnder(shop, 'No such shelf', 'Turned')).toEqual([]);
});

test('a product by hand has a name that nothing else has', () => {
  const typed = { title: 'Rack', description: '', categories: [], option: '', choices: [], price: 500 };
  const first = made();
  const rack = freshProduct(first.project, first.shop, typed);
  const second = made([set(ownProduct(rack.id), rack)]);
  expect(freshProduct(second.project, second.shop, typed).id).not.toBe(rack.id);
  expect(new Decided(second.project.decisions).get(ownProduct(rack.id))?.title).toBe('Rack');
});

test('the till is tried with what is sold, and with the rules that it is sold by', () => {
  const { shop } = made();
  const sold = soldIn(shop, '2026-11-29');
  expect(sold.rules).toBe(shop.rules);
  expect(sold.entries.map(({ title }) => title)).toContain('Bowl, large');
  expect(sold.shelves).toEqual([
    { id: 'Kitchen', name: 'Kitchen' },
    { id: 'Hall', name: 'Hall' },
  ]);
  expect(sold.buyers.length).toBeGreaterThan(0);
});
