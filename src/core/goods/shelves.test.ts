import { Decided } from '../places';
import { importText, makeCatalogue, shelfOf, topOf } from './index';
import { readShelves } from './shelves';

const catalogueOf = (list: string) => {
  const read = importText(list, { brief: 'EUR' });
  if (!read.ok) throw new Error(read.say);
  return { ...makeCatalogue(read.value.products, new Decided(new Map()), 2, 2), problems: read.value.problems };
};

test.each([
  ['one within another', ['Kitchen > Knives', 'Kitchen>Boards', 'Bath'], ['Kitchen > Knives', 'Kitchen > Boards', 'Bath']],
  ['marks of other hands', ['Küche » Messer', 'Küche › Bretter', 'A::B'], ['Küche > Messer', 'Küche > Bretter', 'A > B']],
  ['a stroke that comes again and again', ['Hats/Caps', 'Hats/Berets'], ['Hats > Caps', 'Hats > Berets']],
  ['a stroke in a name', ['Hats / Caps', 'Scarves'], ['Hats / Caps', 'Scarves']],
  ['a root that all share says nothing', ['Home > Kitchen > Knives', 'Home > Bath > Soap'], ['Kitchen > Knives', 'Bath > Soap']],
  ['deeper than two is folded', ['A > B > C', 'D'], ['A > B', 'D']],
])('%s', (_, names, shelves) => {
  const { shelf } = readShelves(names);
  expect(names.map(shelf)).toEqual(shelves);
});

test('a shelf has its own goods and those of the shelves in it; several in a cell are parted', () => {
  const { categories, products, byShelf } = catalogueOf(
    'title,price,category\nChef’s knife,90,Kitchen > Knives; Gifts\nOak board,40,Kitchen > Boards\nApron,30,Kitchen\nSoap,6,Bath\n',
  );
  expect(categories.map(({ name, parent, products: { length } }) => [parent?.name ?? '', name, length])).toEqual([
    ['', 'Kitchen', 3],
    ['Kitchen', 'Knives', 1],
    ['Kitchen', 'Boards', 1],
    ['', 'Gifts', 1],
    ['', 'Bath', 1],
  ]);
  expect(topOf(categories).map(({ slug }) => slug)).toEqual(['kitchen', 'gifts', 'bath']);
  expect(shelfOf({ byShelf }, products[0])?.name).toBe('Knives');
});

test('what was folded is said once, with its first row', () => {
  const { problems } = catalogueOf('title,price,category\nA,4,X > Y > Z\nB,5,Q\nC,6,X > Y > Z\n');
  expect(problems).toHaveLength(1);
  expect(problems).toMatchObject([{ row: 2, kind: 'mended', found: 'X > Y > Z' }]);
});
