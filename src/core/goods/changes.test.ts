import fc from 'fast-check';
import { Decided, ownProduct, productPlaces, set, variantPlaces, type Wish } from '../places';
import { type Goods } from './about';
import { newProduct } from './byHand';
import { changesOf, continueGoods, continueList, decidedGoods, importText, inDigits, ownProducts } from './index';

const goodsOf = (list: string): Goods => {
  const read = importText(list, { brief: 'EUR' });
  if (!read.ok) throw new Error(read.say);
  return { file: 'list.csv', ...read.value };
};
const decidedBy = (...wishes: Wish[]) =>
  new Decided(new Map(wishes.flatMap(({ place, value }) => (value === undefined ? [] : [[place, value]]))));
const next = (before: Goods, list: string, said = {}) => {
  const listed = goodsOf(list);
  const continued = continueList(before, [], listed, said);
  return { goods: { ...listed, ...continued }, continued, digits: listed.digits };
};
const titles = (products: readonly { id: string; title: string }[]) => products.map(({ id, title }) => [id, title]);

describe('goods of a further list are known again', () => {
  const before = goodsOf('title,price,sku,barcode\nOak bowl,40,B1,5012345678900\nAsh bowl,55,,5449000000996\nTall lamp,90,,\n');

  test('by code, by barcode, by title', () => {
    const { goods } = next(
      before,
      'title,price,sku,barcode\nBowl of oak,40,B1,\nBowl of ash,55,,5449000000996\nTALL  LAMP,95,,\n',
    );
    expect(titles(goods.products)).toEqual([
      ['p-oak-bowl', 'Bowl of oak'],
      ['p-ash-bowl', 'Bowl of ash'],
      ['p-tall-lamp', 'TALL LAMP'],
    ]);
  });

  test('by a title that is written nearly the same, where all else agrees', () => {
    const old = goodsOf('title,price\nWalnut serving board,40\nCherry salad servers,22\n');
    const { goods, continued } = next(old, 'title,price\nWallnut serving-board,40\nCherry salad servers pair,24\n');
    expect(titles(goods.products)[0]).toEqual(['p-walnut-serving-board', 'Wallnut serving-board']);
    // The second has another price as well: that only the seller knows.
    expect(continued.unsure.map(({ fresh, old: was }) => [fresh.title, was.title])).toEqual([
      ['Cherry salad servers pair', 'Cherry salad servers'],
    ]);
    expect(titles(continued.former)).toEqual([['p-cherry-salad-servers', 'Cherry salad servers']]);
  });

  test('what the seller says of an unsure pair is done', () => {
    const old = goodsOf('title,price\nCherry salad servers,22\n');
    const list = 'title,price\nCherry salad servers pair,24\n';
    const fresh = 'p-cherry-salad-servers-pair';
    const same = next(old, list, { [fresh]: 'p-cherry-salad-servers' });
    expect([titles(same.goods.products), same.continued.unsure, same.continued.former]).toEqual([
      [['p-cherry-salad-servers', 'Cherry salad servers pair']],
      [],
      [],
    ]);
    const other = next(old, list, { [fresh]: null });
    expect([titles(other.goods.products), other.continued.unsure]).toEqual([[[fresh, 'Cherry salad servers pair']], []]);
  });

  test('a number in the title makes two things of it', () => {
    const { continued } = next(goodsOf('title,price\nWall calendar 2026,12\n'), 'title,price\nWall calendar 2027,12\n');
    expect(continued.unsure).toHaveLength(1);
    expect(titles(continued.former)).toEqual([['p-wall-calendar-2026', 'Wall calendar 2026']]);
  });

  test('two that could both be it are neither of them', () => {
    const { continued } = next(
      goodsOf('title,price\nOak tray small,12\nOak tray smalls,12\n'),
      'title,price\nOak tray smal,12\n',
    );
    expect(continued.former).toHaveLength(2);
  });

  test('what went comes back under its name, with another list', () => {
    const gone = next(before, 'title,price,sku,barcode\nOak bowl,40,B1,5012345678900\n').goods;
    expect(titles(gone.former).map(([id]) => id)).toEqual(['p-ash-bowl', 'p-tall-lamp']);
    const back = next(gone, 'title,price,sku,barcode\nTall lamp,91,,\nOak bowl,40,B1,\n');
    expect(titles(back.goods.products).map(([id]) => id)).toEqual(['p-tall-lamp', 'p-oak-bowl']);
    expect(titles(back.goods.former).map(([id]) => id)).toEqual(['p-ash-bowl']);
    expect(changesOf(gone, { ...back.continued, digits: 2 }, decidedBy()).back).toEqual([
      { id: 'p-tall-lamp', title: 'Tall lamp' },
    ]);
  });

  test('a product by hand is not set aside, and is taken over by a list that has it', () => {
    const own = newProduct(
      { title: 'Stool', description: '', categories: [], option: '', choices: [], price: 7000 },
      new Set(before.products.map(({ id }) => id)),
    );
    const decided = decidedBy(set(ownProduct(own.id), own));
    const list = 'title,price,sku,barcode\nOak bowl,40,B1,\n';
    expect(continueList(before, ownProducts(decided), goodsOf(list)).former.map(({ id }) => id)).toEqual([
      'p-ash-bowl',
      'p-tall-lamp',
    ]);
    const taken = continueList(before, ownProducts(decided), goodsOf(`${list}Stool,70,,\n`));
    expect(taken.products.map(({ id }) => id)).toEqual(['p-oak-bowl', 'own-stool']);
    expect(decidedGoods(taken.products, decided, 2, 2).products).toHaveLength(2);
  });
});

test('what is put back costs the same in a money of other decimals, and is sold as soon as the money is known', () => {
  const [lamp] = inDigits(goodsOf('title,price\nLamp,1500.00\n').products, 2, 0);
  if (!lamp) throw new Error('There is a lamp.');
  const asked = { ...lamp, variants: lamp.variants.map((variant) => ({ ...variant, asks: ['money' as const] })) };
  const [back] = decidedGoods([], decidedBy(set(ownProduct(lamp.id), asked)), 2, 0).products;
  expect(back?.variants.map(({ price, asks }) => [price, asks])).toEqual([[1500, []]]);
});

describe('what a further list changes', () => {
  const before = goodsOf('title,price,size,stock\nShirt,20,S,4\nShirt,22,M,5\nCap,9,,3\nScarf,15,,2\n');

  test('is told cell by cell, with what the seller changed of the same', () => {
    const decided = decidedBy(
      set(variantPlaces.price('p-shirt', 'p-shirt.s'), 1900),
      set(productPlaces.title('p-cap'), 'Flat cap'),
    );
    const { continued } = next(before, 'title,price,size,stock\nShirt,21,S,4\nShirt,22,M,6\nCap,9,,3\nHat,30,,1\n');
    const changes = changesOf(before, { ...continued, digits: 2 }, decided);
    expect(changes).toMatchObject({
      added: [{ title: 'Hat' }],
      gone: [{ title: 'Scarf' }],
      back: [],
      same: 1,
      unsure: [],
      changed: [
        {
          title: 'Shirt',
          cells: [
            { variant: 'S', field: 'price', was: 2000, becomes: 2100, yours: { value: 1900 } },
            { variant: 'M', field: 'stock', was: 5, becomes: 6, yours: null },
          ],
        },
      ],
    });
  });

  test('a choice that came and one that went', () => {
    const { continued } = next(before, 'title,price,size,stock\nShirt,20,S,4\nShirt,24,L,5\nCap,9,,3\nScarf,15,,2\n');
    const [shirt] = changesOf(before, { ...continued, digits: 2 }, decidedBy()).changed;
    expect(shirt?.cells).toEqual([
      { variant: 'L', field: 'variant', was: null, becomes: 2400, yours: null },
      { variant: 'M', field: 'variant', was: 2200, becomes: null, yours: null },
    ]);
  });

  test('the same list changes nothing', () => {
    const changes = changesOf(before, { ...continueList(before, [], before), digits: 2 }, decidedBy());
    expect(changes).toEqual({ added: [], back: [], gone: [], changed: [], same: 3, unsure: [] });
  });

  test('amounts that were read with other decimals are compared as money', () => {
    const yen = {
      ...before,
      digits: 0,
      products: before.products.map((p) => ({ ...p, variants: p.variants.map((v) => ({ ...v, price: (v.price ?? 0) / 100 })) })),
    };
    const changes = changesOf(yen, { ...continueList(yen, [], before), digits: 2 }, decidedBy());
    expect(changes.changed).toEqual([]);
  });
});

test('any list and its changed copy: re-sorted, renamed with a code, re-spelt, with goods that came and went, hand edits stay on their things', () => {
  const word = fc.constantFrom('oak', 'ash', 'elm', 'bowl', 'tray', 'lamp', 'stool', 'board', 'spoon', 'ladle', 'round', 'tall');
  const thing = fc.record({
    words: fc.uniqueArray(word, { minLength: 2, maxLength: 4 }),
    price: fc.integer({ min: 1, max: 500 }),
    coded: fc.boolean(),
    change: fc.constantFrom('stays', 'case', 'dearer', 'renamed', 'gone'),
  });
  fc.assert(
    fc.property(
      fc.uniqueArray(thing, { minLength: 1, maxLength: 14, selector: ({ words }) => words.join(' ') }),
      fc.nat(),
      (things, turn) => {
        const rows = things.map(({ words, price, coded, change }, i) => ({
          title: words.join(' '),
          price,
          sku: coded ? `K-${i}00` : '',
          change,
        }));
        const csv = (list: { title: string; price: number; sku: string }[]) =>
          `title,price,sku\n${list.map(({ title, price, sku }) => `${title},${price},${sku}`).join('\n')}\n`;
        const before = goodsOf(csv(rows));
        // A renamed thing without a code is a new one; the test knows by its code which are still the same.
        const after = rows
          .filter(({ change }) => change !== 'gone')
          .map((row) => ({
            ...row,
            title:
              row.change === 'case'
                ? row.title.toUpperCase()
                : row.change === 'renamed' && row.sku
                  ? `Anything else ${row.sku}`
                  : row.title,
            price: row.change === 'dearer' ? row.price + 1 : row.price,
          }));
        if (!after.length) return;
        const turned = [...after.slice(turn % after.length), ...after.slice(0, turn % after.length)];
        const { products, former } = continueGoods(before.products, goodsOf(csv(turned)).products);
        const idOf = new Map(rows.map((row, i) => [row, before.products[i]?.id]));
        turned.forEach((row, i) => {
          const origin = rows[after.indexOf(row)] && rows.filter(({ change }) => change !== 'gone')[after.indexOf(row)];
          expect(products[i]?.id).toBe(origin && idOf.get(origin));
        });
        expect(former).toHaveLength(rows.length - after.length);
      },
    ),
    { numRuns: 120 },
  );
});
