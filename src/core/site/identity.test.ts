import { sets } from '../../../tests/briefs';
import { chance } from '../chance';
import { continueList, importText } from '../goods';
import {
  Decided,
  given,
  leadsTo,
  planPlaces,
  productPlaces,
  set,
  textPlace,
  variantPlaces,
  writtenTexts,
  type Wish,
} from '../places';
import { newProject, withWishes, type Project } from '../project';
import { isOwnKey, itemsIn, listsOf, textIn, type Item } from '../sections';
import { makeShop, withMoves, type Shop } from './index';

const goodsOf = (list: string) => {
  const goods = importText(list);
  if (!goods.ok) throw new Error(goods.say);
  return { file: 'list.csv', ...goods.value };
};
const list =
  'title,price,category,sku\nOak Bowl,40,Bowls,B1\nAsh Bowl,55,Bowls,B2\nLow Lamp,90,Lamps,L1\nTall Lamp,120,Lamps,L2\n';
const projectOf = (brief: string, goods = list): Project => ({ ...newProject('p', 'Shop'), brief, goods: goodsOf(goods) });

/** A brief or list that comes later, with all that moves with it. */
const later = (project: Project, wishes: Wish[]): Project => withWishes(project, withMoves(project, wishes));

interface Listed {
  owner: string;
  section: string;
  list: string;
  item: Item;
}

/** Every item of every list of a shop. Products stand for one another. */
function itemsOf(shop: Shop): Listed[] {
  const kinds = new Set<string>();
  return shop.pages
    .filter((page) => page.kind !== 'product' || (!kinds.has('product') && kinds.add('product')))
    .flatMap((page) =>
      page.sections.flatMap((section) =>
        listsOf(section.kind).flatMap(([field]) =>
          itemsIn(shop.writer.made(page, section) ?? {}, field).map((item) => ({
            owner: page.kind === 'product' ? 'product' : page.id,
            section: section.id,
            list: field,
            item,
          })),
        ),
      ),
    );
}

/** The item that shows a text of the seller's now, as it was made. */
function shownOn(shop: Shop, text: string): Listed[] {
  const shown = new Set<string>();
  for (const page of shop.pages)
    for (const section of shop.writer.write(page).sections)
      for (const [field] of listsOf(section.kind))
        for (const item of itemsIn(section.words, field))
          if (Object.values(item.texts).some((one) => one?.text === text))
            shown.add(`${page.kind === 'product' ? 'product' : page.id}/${section.id}/${field}/${item.key}`);
  return itemsOf(shop).filter(({ owner, section, list: field, item }) => shown.has(`${owner}/${section}/${field}/${item.key}`));
}

const praised = (reviews: string) =>
  `Hay Barn is a hatter in Bath. We make straw hats by hand. We want reviews on the site. Prices in pounds. a@b.example\n\nReviews:\n${reviews}`;
const ada = '“It has outlived two husbands.” – Ada from Wick';
const bo = '“The brim is perfect.” – Bo from Hull';
const cy = '“My horse tried to eat it.” – Cy from York';

describe('the reviews of a brief', () => {
  const before = projectOf(praised(`${ada}\n\n${bo}`));
  const [first] = itemsOf(makeShop(before)).filter(({ list: field }) => field === 'praise');
  const at = (project: Project) =>
    textPlace('home', 'reviews', { field: 'praise', key: first?.item.key ?? '', part: 'text' }) && project;
  const edited = withWishes(at(before), [
    set(textPlace('home', 'reviews', { field: 'praise', key: first?.item.key ?? '', part: 'text' }), 'It outlived two husbands!'),
  ]);
  const praise = (project: Project) => {
    const shop = makeShop(project);
    const [home] = shop.pages;
    const section = home && shop.writer.write(home).sections.find(({ id }) => id === 'reviews');
    return itemsIn(section?.words ?? {}, 'praise').map(({ texts }) => `${texts.text?.text ?? ''} / ${texts.by?.text ?? ''}`);
  };

  test('keep an edited one over its own name when another comes before it', () => {
    expect(praise(edited)).toEqual(['It outlived two husbands! / Ada from Wick', 'The brim is perfect. / Bo from Hull']);
    const after = later(edited, [set(given.brief, praised(`${cy}\n\n${ada}\n\n${bo}`))]);
    expect(praise(after)).toEqual([
      'My horse tried to eat it. / Cy from York',
      'It outlived two husbands! / Ada from Wick',
      'The brim is perfect. / Bo from Hull',
    ]);
    expect(makeShop(after).setAside).toEqual([]);
  });

  test('keep it when its words are lightly changed, and set it aside when it goes', () => {
    const light = later(edited, [set(given.brief, praised(`${bo}\n\n${ada.replace('has outlived', 'outlived')}`))]);
    expect(praise(light)).toEqual(['The brim is perfect. / Bo from Hull', 'It outlived two husbands! / Ada from Wick']);
    const gone = later(edited, [set(given.brief, praised(`${bo}\n\n${cy}`))]);
    expect(praise(gone)).toEqual(['The brim is perfect. / Bo from Hull', 'My horse tried to eat it. / Cy from York']);
    expect(makeShop(gone).setAside).toMatchObject([
      { value: 'It outlived two husbands!', because: 'What it was written on is no longer said.', could: [{}, {}] },
    ]);
    // It comes back with what it was written on.
    expect(praise(later(gone, [set(given.brief, praised(`${cy}\n\n${ada}`))]))).toContain(
      'It outlived two husbands! / Ada from Wick',
    );
  });
});

/** A brief with its lines turned about: moved, lightly edited, left out, with new ones before. */
function rewritten(brief: string, random: () => number): string {
  const lines = brief.split(/(?<=[.!?])\s+|\n+/).filter((line) => line.trim());
  const fresh = [
    'The kettle is always on.',
    'We never open on a Wednesday.',
    'Our cat is called Bishop and sleeps on the ledger.',
  ];
  const changed = lines.flatMap((line) => {
    const what = random();
    if (what < 0.12) return [];
    if (what < 0.3) return [line.replace(/\b(?:the|a|and|very|really)\b\s?/i, '')];
    return [line];
  });
  if (random() < 0.5) changed.sort(() => random() - 0.5);
  return [...(random() < 0.6 ? fresh.slice(0, 1 + Math.floor(random() * 3)) : []), ...changed].join(random() < 0.5 ? '\n' : ' ');
}

/** Words that two texts share, 0–1 of the shorter one: what makes one the same as the other. */
function shared(a: string, b: string): number {
  const words = (text: string) => new Set(text.toLowerCase().match(/[\p{L}\p{N}]+/gu) ?? []);
  const [one, other] = [words(a), words(b)];
  return [...one].filter((word) => other.has(word)).length / Math.max(1, Math.min(one.size, other.size));
}

/** How many edits were in effect after each turn, and how many had a thing that is still said. */
const kept = { inEffect: 0, all: 0 };

test.each([...sets.before, ...sets.after].map((one, i) => [one.what, one.brief, i] as const))(
  '%s: whatever becomes of the brief, each edit is on the same thing or set aside',
  (_, brief, seed) => {
    const random = chance(seed * 17 + 3);
    let project = projectOf(brief);
    const written = new Map<string, Listed>();
    for (const listed of itemsOf(makeShop(project))) {
      const parts = Object.keys(listed.item.texts);
      const part = parts[Math.floor(random() * parts.length)];
      if (part === undefined || random() < 0.4) continue;
      const text = `Own ${written.size} here.`;
      const place = textPlace(listed.owner, listed.section, { field: listed.list, key: listed.item.key, part });
      project = withWishes(project, [set(place, text.slice(0, 24))]);
      written.set(text, listed);
    }
    for (let turn = 0; turn < 3; turn++) {
      project = later(project, [set(given.brief, rewritten(project.brief, random)), set(given.seed, turn + 2)]);
      const shop = makeShop(project);
      const aside = new Set(shop.setAside.map(({ value }) => value));
      for (const [text, listed] of written) {
        const now = shownOn(shop, text);
        // In effect on one thing of the same list, or set aside; a section that isn't there shows nothing.
        expect([text, now.length <= 1]).toEqual([text, true]);
        const [on] = now;
        kept.all++;
        if (on) kept.inEffect++;
        if (!on) {
          const there = itemsOf(shop).some(
            ({ section, list: field, item }) =>
              section === listed.section && field === listed.list && item.key === listed.item.key,
          );
          expect([text, aside.has(text) || there]).toEqual([text, true]);
          continue;
        }
        expect([text, on.section, on.list]).toEqual([text, listed.section, listed.list]);
        // The thing that it stands on says what it said when it was written on.
        expect([listed.item.says, on.item.says, shared(listed.item.says, on.item.says) >= 0.5]).toEqual([
          listed.item.says,
          on.item.says,
          true,
        ]);
        listed.item = on.item;
      }
    }
  },
);

test('most edits stay in effect, though three lines in ten were taken out or changed each time', () =>
  expect(kept.inEffect / kept.all).toBeGreaterThan(0.6));

describe('the goods of a list that comes later', () => {
  const price = (project: Project, title: string) =>
    makeShop(project).catalogue.products.find((product) => product.title === title)?.variants[0]?.price;
  const withList = (project: Project, text: string): Project => {
    const goods = goodsOf(text);
    return later(project, [set(given.goods, { ...goods, ...continueList(project.goods, [], goods) })]);
  };
  const idOf = (project: Project, title: string) => project.goods.products.find((product) => product.title === title)?.id ?? '';

  test('keep prices that were set by hand when two titles change places: the code is the thing', () => {
    const before = projectOf('We turn bowls.');
    const id = idOf(before, 'Oak Bowl');
    const edited = withWishes(before, [set(variantPlaces.price(id, `${id}.one`), 4400)]);
    const after = withList(
      edited,
      list.replace('Oak Bowl,40,Bowls,B1\nAsh Bowl,55,Bowls,B2', 'Ash Bowl,40,Bowls,B1\nOak Bowl,55,Bowls,B2'),
    );
    expect([price(after, 'Ash Bowl'), price(after, 'Oak Bowl')]).toEqual([4400, 5500]);
  });

  test('keep what was decided of a product whose title is changed, and set aside what has no product any more', () => {
    const before = projectOf('We turn bowls.');
    const [bowl, lamp] = [idOf(before, 'Oak Bowl'), idOf(before, 'Low Lamp')];
    const edited = withWishes(before, [
      set(productPlaces.description(bowl), 'Oiled three times.'),
      set(productPlaces.description(lamp), 'For reading.'),
    ]);
    const after = withList(
      edited,
      'title,price,category,sku\nOak bowl, large,1,Bowls,B1\n'.replace('Oak bowl, large', '"Oak bowl, large"'),
    );
    const shop = makeShop(after);
    expect(shop.catalogue.products.map(({ title, description }) => [title, description])).toEqual([
      ['Oak bowl, large', 'Oiled three times.'],
    ]);
    expect(shop.setAside.map(({ value }) => value)).toEqual(['For reading.']);
  });

  test('never give a new thing the name of an old one', () => {
    const before = projectOf('We turn bowls.', 'title,price,sku\nBowl,40,B1\nLamp,55,L1\n');
    const after = withList(before, 'title,price,sku\nPlate,12,P1\nBowl,70,L1\n');
    // By its code the bowl of the new list is what was the lamp; the plate is new.
    expect(after.goods.products.map(({ title, id }) => [title, id])).toEqual([
      ['Plate', 'p-plate'],
      ['Bowl', 'p-lamp'],
    ]);
  });

  test('without codes, titles are the things, in whatever order they stand', () => {
    const plain = 'title,price\nOak Bowl,40\nAsh Bowl,55\n';
    const before = projectOf('We turn bowls.', plain);
    const id = idOf(before, 'Ash Bowl');
    const edited = withWishes(before, [set(variantPlaces.price(id, `${id}.one`), 4400)]);
    expect(price(withList(edited, 'title,price\nElm Bowl,1\nAsh Bowl,55\nOak Bowl,40\n'), 'Ash Bowl')).toBe(4400);
  });

  test('a category that is called otherwise keeps what was decided of its page', () => {
    const before = projectOf('We turn bowls.');
    const edited = withWishes(before, [
      set(textPlace('category-lamps', 'listing', { field: 'heading' }), 'Light'),
      set(planPlaces.inMenu('category-lamps'), true),
    ]);
    const shop = makeShop(withList(edited, list.replaceAll(',Lamps,', ',Lights,')));
    const page = shop.pages.find(({ id }) => id === 'category-lights');
    expect(page?.inMenu).toBe(true);
    expect(page && textIn(shop.writer.write(page).sections[0]?.words ?? {}, 'heading')?.text).toBe('Light');
    expect(shop.setAside).toEqual([]);
  });
});

test('an item of the seller’s own takes no name that anything made could have', () => {
  const shop = makeShop(projectOf(praised(`${ada}\n\n${bo}`)));
  for (const { item } of itemsOf(shop)) expect(isOwnKey(item.key)).toBe(false);
  expect(new Decided(new Map()).all(writtenTexts.itemText)).toEqual([]);
});

test('what leads to a category that is called otherwise leads there still: buttons, and words of a text', () => {
  const brief = 'Hay Barn is a joiner in Bath. We make bowls and lamps. Prices in pounds. a@b.example';
  const button = leadsTo('home', 'opening', 'button');
  const text = textPlace('home', 'opening', { field: 'lead' });
  const project = withWishes(projectOf(brief), [
    set(button, 'page/category-lamps'),
    set(planPlaces.shelfPicture('category-lamps'), 'lamps.webp'),
    set(text, 'See [the lamps](page/category-lamps) and \\[not\\] [the bowls](page/category-bowls).'),
  ]);
  const after = later(project, [set(given.goods, goodsOf(list.replace(/Lamps/g, 'Lights')))]);
  const decided = new Decided(after.decisions);
  expect(decided.get(button)).toBe('page/category-lights');
  expect(decided.get(planPlaces.shelfPicture('category-lights'))).toBe('lamps.webp');
  expect(decided.get(text)).toBe('See [the lamps](page/category-lights) and \\[not\\] [the bowls](page/category-bowls).');
});

test('a picture that stands with a person goes where she goes, and is set aside with her', () => {
  const people = set(planPlaces.addedSection('home', 'people'), { kind: 'people' });
  const brief = 'We are Hay Barn, the two of us, Ada and Tom, and we make straw hats in Bath. Prices in pounds. a@b.example';
  const first = makeShop(withWishes(projectOf(brief), [people]));
  const home = first.pages.find(({ sections }) => sections.some(({ kind }) => kind === 'people'));
  const section = home?.sections.find(({ kind }) => kind === 'people');
  const [item] = home && section ? itemsIn(first.writer.made(home, section) ?? {}, 'people') : [];
  if (!home || !section || !item) throw new Error('Nobody is told of.');
  const place = planPlaces.itemPicture(home.id, section.id, 'people', item.key);
  const project = withWishes(projectOf(brief), [people, set(place, 'ada.webp')]);
  expect(makeShop(project).setAside).toEqual([]);
  const gone = later(project, [set(given.brief, 'Hay Barn is a hatter in Bath. Prices in pounds. a@b.example')]);
  expect(makeShop(gone).setAside.map(({ place: at }) => at)).toEqual([place.address]);
  const back = later(gone, [set(given.brief, brief)]);
  expect(makeShop(back).setAside).toEqual([]);
  expect(makeShop(back).itemPictures.size).toBe(1);
});
