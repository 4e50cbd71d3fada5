import { Decided } from '../places';
import { decisionsOf } from '../../../tests/decisions';
import { readSaid } from '../../../tests/said';
import { bareTill } from '../../../tests/till';
import { importText, makeCatalogue } from '../goods';
import { canListShelves, holdersFor, menuOf, mostShelves, planShop, type Page } from './index';

const shelved = (count: number): string =>
  `title,price,category\n${Array.from({ length: count }, (_, i) => `Thing ${i},${i + 1},Shelf ${i} > Board\nOther ${i},${i + 1},Shelf ${i}`).join('\n')}\n`;

function pagesWith(decisions: Record<string, unknown>, list = shelved(3)): Page[] {
  const goods = importText(list);
  if (!goods.ok) throw new Error(goods.say);
  const decided = new Decided(
    decisionsOf({ 'plan/about/menu': false, 'plan/contact/menu': true, 'plan/delivery/menu': true, ...decisions }),
  );
  const catalogue = makeCatalogue(goods.value.products, decided, 2, 2);
  return planShop({ reading: readSaid('We sell things. Write to a@b.example.'), catalogue, rules: bareTill }, decided);
}
const shown = (pages: Page[], withShelves = false): string =>
  menuOf(pages, withShelves)
    .map(({ page, under }) => (under.length ? `${page.id} (${under.map(({ id }) => id).join(' ')})` : page.id))
    .join(', ');

test('a page stands under the one that it was put under, and moves with it', () => {
  expect(shown(pagesWith({}))).toBe('shop, contact, delivery');
  expect(shown(pagesWith({ 'plan/delivery/under': 'contact' }))).toBe('shop, contact (delivery)');
  expect(shown(pagesWith({ 'plan/delivery/under': 'contact', 'plan/order': ['contact', 'shop'] }))).toBe(
    'contact (delivery), shop',
  );
});

test.each([
  ['the page above it is out of the menu', { 'plan/delivery/under': 'contact', 'plan/contact/menu': false }, 'shop, delivery'],
  ['it is to stand under itself', { 'plan/delivery/under': 'delivery' }, 'shop, contact, delivery'],
  ['there is no such page', { 'plan/delivery/under': 'nowhere' }, 'shop, contact, delivery'],
  [
    'two are to stand under each other',
    { 'plan/delivery/under': 'contact', 'plan/contact/under': 'delivery' },
    'shop, contact, delivery',
  ],
])('it stands by itself where %s', (_, decisions, wanted) => expect(shown(pagesWith(decisions))).toBe(wanted));

test('nothing stands two steps down: what stands under another holds none, and what holds some stands under none', () => {
  const pages = pagesWith({ 'plan/delivery/under': 'contact' });
  const holders = (id: string) => holdersFor(pages, pages.find((page) => page.id === id) as Page).map((page) => page.id);
  expect(holders('delivery')).toEqual(['shop', 'contact']);
  expect(holders('contact')).toEqual([]);
});

test('shelves stand under the page with all goods, those of the first row alone, and never more than a menu holds', () => {
  expect(shown(pagesWith({}), true)).toBe('shop (category-shelf-0 category-shelf-1 category-shelf-2), contact, delivery');
  expect(menuOf(pagesWith({}, shelved(30)), true)[0]?.under).toHaveLength(mostShelves);
  expect(canListShelves(pagesWith({}))).toBe(true);
  // One shelf parts nothing; and where nothing leads to all goods, nothing leads to a shelf.
  expect(canListShelves(pagesWith({}, 'title,price,category\nA,1,One\n'))).toBe(false);
  expect(canListShelves(pagesWith({ 'plan/shop/menu': false }))).toBe(false);
});
