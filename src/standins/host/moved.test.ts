import { ledOn, movedBy, type Moved } from './moved';

const first = {
  paths: { about: 'about/', 'p-bowl': 'goods/bowl/', 'category-oak': 'shop/oak/' },
  shelfOf: { 'p-bowl': 'category-oak' },
};
const renamed = { paths: { about: 'about/', 'p-bowl': 'goods/oak-bowl/', 'category-oak': 'shop/oak/' }, shelfOf: first.shelfOf };

test('a page that stands elsewhere is found by its old address, with what followed it', () => {
  const moved = movedBy({}, first, renamed);
  expect(moved).toEqual({ 'goods/bowl/': 'p-bowl' });
  expect(ledOn('goods/bowl/', moved, renamed)).toBe('goods/oak-bowl/');
  expect(ledOn('goods/bowl/offer.json', moved, renamed)).toBe('goods/oak-bowl/offer.json');
  for (const path of ['goods/oak-bowl/', 'goods/', 'goods/bowls/', 'about/', '', 'constructor/'])
    expect(ledOn(path, moved, renamed)).toBeNull();
});

test('it is followed through every name that it had, and home again', () => {
  const third = { ...first, paths: { ...first.paths, 'p-bowl': 'goods/bowl-of-oak/' } };
  const moved = [renamed, third, first].reduce<{ moved: Moved; was: typeof first }>(
    ({ moved: before, was }, is) => ({ moved: movedBy(before, was, is), was: is }),
    { moved: {}, was: first },
  ).moved;
  expect(ledOn('goods/oak-bowl/', moved, first)).toBe('goods/bowl/');
  expect(ledOn('goods/bowl-of-oak/', moved, first)).toBe('goods/bowl/');
  // Where it stands now it is not led away from.
  expect(ledOn('goods/bowl/', moved, first)).toBeNull();
});

test('what is gone leads nowhere, and is led to again when it comes back', () => {
  const gone = { paths: { about: 'about/' }, shelfOf: {} };
  const moved = movedBy(movedBy({}, first, gone), gone, renamed);
  expect(ledOn('goods/bowl/', movedBy({}, first, gone), gone)).toBeNull();
  expect(ledOn('goods/bowl/', moved, renamed)).toBe('goods/oak-bowl/');
});

test('a shelf under another name is the one that holds most of its goods; where they are scattered, none is', () => {
  const goods = (...shelves: string[]) => Object.fromEntries(shelves.map((shelf, i) => [`p-${i}`, shelf]));
  const was = { paths: { 'category-oak': 'shop/oak/' }, shelfOf: goods('category-oak', 'category-oak', 'category-oak') };
  const now = { paths: { 'category-bowls': 'shop/bowls/', 'category-cups': 'shop/cups/' } };
  const most = { ...now, shelfOf: goods('category-bowls', 'category-cups', 'category-bowls') };
  expect(ledOn('shop/oak/', movedBy({}, was, most), most)).toBe('shop/bowls/');
  const even = { ...now, shelfOf: goods('category-bowls', 'category-cups') };
  expect(ledOn('shop/oak/', movedBy({}, was, even), even)).toBeNull();
});

test('a release of before addresses were told moves nothing', () => {
  expect(movedBy({}, null, first)).toEqual({});
  expect(movedBy({}, {}, first)).toEqual({});
  expect(ledOn('about/', { 'about/': 'about' }, {})).toBeNull();
});
