import { given, planPlaces, set, type Wish } from '@/core/places';
import { movedTo, reseated } from '@/core/order';
import { withWishes, type Project } from '@/core/project';
import { reorder, slipOf, spotOf } from '@/core/requests';
import { firstView, relativeAddresses, withMoves, type Shop, type Target } from '@/core/site';
import { inRow, thingOf, type Thing } from '@/core/things/about';
import { chance } from '@/core/chance';
import { everything } from '../../tests/sites/everything';
import { nextShop } from '../../tests/workshop';
import { storefront } from './index';

const preview: Target = { kind: 'preview', address: 'https://shop.example/' };
const draw = (shop: Shop, id: string) => {
  const page = shop.pages.find((one) => one.id === id);
  if (!page) throw new Error(`no page ${id}`);
  return storefront.page(shop, shop.writer.write(page), firstView, relativeAddresses(shop, page.path, preview), preview);
};

interface Row {
  among: Thing;
  things: Thing[];
  keys: string[];
}

/** The rows of a page as they are drawn: things of a kind that stand in the same part of it. */
function rowsOf(page: string): Map<string, Row> {
  const rows = new Map<string, Row>();
  let among: Thing = { kind: 'page', page: 'home' };
  for (const [, name = ''] of page.matchAll(/ data-thing="([^"]*)"/g)) {
    const thing = thingOf(name);
    const mine = thing && inRow(thing);
    if (!thing || !mine) {
      if (thing?.kind === 'menu' || thing?.kind === 'footer') among = thing;
      continue;
    }
    const of = thing.kind === 'section' ? mine.row : `${mine.row} in ${JSON.stringify(among)}`;
    const row = rows.get(of) ?? { among, things: [], keys: [] };
    row.things.push(thing);
    row.keys.push(mine.key);
    rows.set(of, row);
    if (thing.kind === 'section') among = thing;
  }
  return rows;
}

const project: Project = everything('ledger', 0);
const many: Wish[] = [
  set(
    planPlaces.sectionPictures('home', 'gallery'),
    project.pictures.slice(0, 4).map(({ name }) => name),
  ),
];
const filled = withWishes(project, many);
const shop = nextShop(filled);
const done = (row: Row, at: number, to: number) => {
  const [thing, among] = [row.things[at], row.among];
  const spot = thing && spotOf(shop, filled, thing);
  if (!spot) throw new Error('no such thing');
  return { wanted: movedTo(row.keys, at, to), asked: reorder(spot, movedTo(row.keys, at, to), spotOf(shop, filled, among)) };
};

describe('a row of things', () => {
  const shelf = shop.pages.find(({ kind, category }) => kind === 'category' && (category?.products.length ?? 0) > 4)?.id ?? '';
  const pages = ['home', 'about', 'delivery', 'contact', 'shop', shelf];

  test.each(pages)('is in the order that the seller gave it, and that of the others stays (%s)', (id) => {
    const random = chance(id.length);
    const rows = [...rowsOf(draw(shop, id))].filter(([, { keys }]) => keys.length > 1);
    expect(rows.length).toBeGreaterThan(1);
    for (const [name, row] of rows) {
      const at = Math.floor(random() * row.keys.length);
      const to = (at + 1 + Math.floor(random() * (row.keys.length - 1))) % row.keys.length;
      const { wanted, asked } = done(row, at, to);
      if (!asked.ok) throw new Error(`${name}: ${asked.say}`);
      const after = rowsOf(draw(nextShop(withWishes(filled, asked.value)), id));
      expect([name, after.get(name)?.keys]).toEqual([name, wanted]);
      // Menu and footer name the same pages, in one order.
      const linked = (one: Row) => one.things[0]?.kind.endsWith('entry');
      for (const [other, { keys, things }] of rows)
        if (other !== name && things[0]?.kind !== row.things[0]?.kind && !linked(row))
          expect([other, after.get(other)?.keys]).toEqual([other, keys]);
    }
  });

  test('kinds of all rows are tried above', () => {
    const kinds = new Set(pages.flatMap((id) => [...rowsOf(draw(shop, id)).values()].map(({ things: [first] }) => first?.kind)));
    expect([...kinds].sort()).toEqual(['card', 'entry', 'footer-entry', 'item', 'own-picture', 'section']);
  });

  test('goods beside a product keep an order of their own', () => {
    const product = shop.catalogue.products[0]?.id ?? '';
    const [, row] =
      [...rowsOf(draw(shop, product))].find(([, { things, keys }]) => things[0]?.kind === 'card' && keys.length > 1) ?? [];
    if (!row) throw new Error('nothing stands beside it');
    expect(done(row, 0, 1).asked).toEqual({ ok: false, say: 'These stand in an order of their own, not in that of your goods.' });
  });

  test('is ordered from the slip too, by acts that do the same', () => {
    const [, row] = [...rowsOf(draw(shop, 'home'))].find(([name]) => name.startsWith('item/home/why')) ?? [];
    const thing = row?.things[0];
    const group = thing && slipOf(shop, filled, thing)?.groups.find(({ kind }) => kind === 'item-order');
    const later = group?.as === 'acts' ? group.offers.find(({ id }) => id === 'later') : undefined;
    expect(row && later?.wishes).toEqual(row && done(row, 0, 1).asked.ok && (done(row, 0, 1).asked as { value: Wish[] }).value);
  });

  test('goes along with a sentence that is written anew in the brief', () => {
    const before = rowsOf(draw(shop, 'home')).get(
      [...rowsOf(draw(shop, 'home')).keys()].find((name) => name.startsWith('item/home/why')) ?? '',
    );
    if (!before) throw new Error('no reasons');
    const last = before.keys.length - 1;
    const { asked } = done(before, last, 0);
    if (!asked.ok) throw new Error(asked.say);
    const moved = withWishes(filled, asked.value);
    const says = (of: Project) => {
      const made = nextShop(of);
      const page = made.pages.find(({ id }) => id === 'home');
      const section = page?.sections.find(({ id }) => id === 'why');
      const found = page && section ? made.writer.words(page, section)?.reasons : undefined;
      return Array.isArray(found) ? (found as { says: string }[]).map((item) => item.says) : [];
    };
    const [first = ''] = says(moved);
    const written = first.replace(/^(\w+)/, '$1, as ever,');
    const brief = moved.brief.replace(first.slice(0, 24), written.slice(0, 24 + written.length - first.length));
    if (brief === moved.brief) throw new Error(`“${first}” is not in the brief as it stands`);
    const after = says(withWishes(moved, withMoves(moved, [set(given.brief, brief)])));
    expect(after[0]).toContain('as ever');
  });
});

test('those of a list that are not named keep their seats', () => {
  const id = (one: string) => one;
  expect(reseated(['a', 'b', 'c', 'd'], ['d', 'a', 'b'], id)).toEqual(['d', 'a', 'c', 'b']);
  expect(reseated(['a', 'b', 'c', 'd'], ['d', 'gone', 'a', 'b', 'a'], id)).toEqual(['d', 'a', 'c', 'b']);
  expect(reseated(['a', 'b'], [], id)).toEqual(['a', 'b']);
});
