import { parseAt, type Value, type Wish } from '@/core/places';
import { withWishes, type Project } from '@/core/project';
import { slipOf, type FieldOffer, type Group, type Offer } from '@/core/requests';
import { findingsOf } from '@/core/proof';
import { firstView, relativeAddresses, siteFiles, type Shop, type Target } from '@/core/site';
import { textThing, thingId, thingKinds, thingOf, type Thing } from '@/core/things/about';
import { withDecisions } from '../../tests/decisions';
import { everything } from '../../tests/sites/everything';
import { nextShop } from '../../tests/workshop';
import { storefront } from './index';

const preview: Target = { kind: 'preview', address: 'https://shop.example/' };
const host: Target = { kind: 'host', address: 'https://shop.example/' };

/** Pages of which each is one of its kind. */
const pagesOf = (shop: Shop) => {
  const kinds = new Set<string>();
  return shop.pages.filter((page) => !kinds.has(page.kind) && kinds.add(page.kind));
};
const drawn = (shop: Shop, target: Target) =>
  pagesOf(shop)
    .map((page) => storefront.page(shop, shop.writer.write(page), firstView, relativeAddresses(shop, page.path, target), target))
    .join('\n');
const bytesOf = (project: Project) => {
  const shop = nextShop(project);
  return drawn(shop, preview) + storefront.styles(shop, relativeAddresses(shop, '', preview));
};

/** Every thing that the preview of a shop names, each once. */
function thingsIn(shop: Shop): Map<string, Thing> {
  const html = drawn(shop, preview);
  const things = new Map<string, Thing>();
  for (const [, name = ''] of html.matchAll(/ data-thing="([^"]*)"/g)) {
    const thing = thingOf(name);
    if (!thing) throw new Error(`“${name}” is drawn and names no thing.`);
    things.set(name, thing);
  }
  for (const [, place = ''] of html.matchAll(/ data-place="([^"]*)"/g)) {
    const thing = textThing(place);
    if (!thing) throw new Error(`“${place}” is drawn and no text stands there.`);
    things.set(thingId(thing), thing);
  }
  return things;
}

const offersOf = (group: Group): readonly Offer[] => (group.as === 'fields' ? [] : group.offers);
const typedInto = (value: string | number | null, as: FieldOffer['as']): Value =>
  as === 'address'
    ? 'https://mill.example/'
    : as === 'position'
      ? { latitude: 58.97, longitude: -3.3 }
      : typeof value === 'number'
        ? value + 1
        : `${value ?? ''} more`;
const wishesOf = (group: Group): Wish[] =>
  group.as === 'fields'
    ? group.fields.map(({ place, value, as }) => ({ place, value: typedInto(value, as) }))
    : group.offers.flatMap(({ wishes }) => wishes);

describe('things', () => {
  const project = withDecisions(everything('ledger', 0), {
    'plan/about/article/pictures': ['madder-bed-skein.webp'],
    'links/link/address': 'https://pictures.example/tarnwick',
  });
  const shop = nextShop(project);
  const things = thingsIn(shop);

  test('are named one by one, and found again by their names', () => {
    for (const [name, thing] of things) expect(thingId(thing)).toBe(name);
    for (const wrong of [
      '',
      'section',
      'section/home',
      'section/home/',
      'nothing/here',
      'card/%',
      'constructor/x',
      'section/a/b/c',
    ])
      expect([wrong, thingOf(wrong)]).toEqual([wrong, null]);
    const odd: Thing = { kind: 'item', page: 'a/b', section: '100 %', list: 'ü', key: 'own-1' };
    expect(thingOf(thingId(odd))).toEqual(odd);
  });

  test('of every kind are in the preview, and published pages carry none', () => {
    const found = new Set([...things.values()].map(({ kind }) => kind));
    // Only a shop whose goods have no picture opens with a made one.
    const made = thingsIn(nextShop({ ...project, pictures: [] }));
    for (const { kind } of made.values()) found.add(kind);
    expect(thingKinds.filter((kind) => !found.has(kind))).toEqual([]);
    expect(drawn(shop, host)).not.toMatch(/data-(thing|place)/);
  });

  test('each has a slip; what is not there has none', () => {
    for (const [name, thing] of things) expect([name, slipOf(shop, project, thing)?.thing]).toEqual([name, name]);
    for (const gone of [
      'section/home/nothing',
      'own-picture/about/article/gone.webp',
      'section/nowhere/opening',
      'card/p-none',
      'heading/words%2Fhome%2Fnothing%2Fheading',
    ])
      expect([gone, thingOf(gone) && slipOf(shop, project, thingOf(gone) as Thing)]).toEqual([gone, null]);
  });

  test('whatever a slip offers may stand where it is to stand', () => {
    for (const [name, thing] of things)
      for (const group of slipOf(shop, project, thing)?.groups ?? [])
        for (const { place, value } of wishesOf(group))
          expect([name, group.kind, place, value === undefined || parseAt(place, value).ok]).toEqual([
            name,
            group.kind,
            place,
            true,
          ]);
  });

  /** One thing of each kind, and sections of each kind. */
  const one = [
    ...new Map([...things.values()].map((thing) => ['section' in thing ? thing.section : thing.kind, thing])).values(),
  ];

  test.each(one.map((thing) => [thingId(thing), thing] as const))('what is done to %s does what it says', (_, thing) => {
    for (const group of slipOf(shop, project, thing)?.groups ?? []) {
      const moves = offersOf(group).filter(({ stands }) => !stands);
      for (const offer of offersOf(group)) {
        const after = withWishes(project, offer.wishes);
        const same = slipOf(nextShop(after), after, thing)?.groups.find(({ kind }) => kind === group.kind);
        // What is chosen stands then, and it alone.
        if (group.as === 'choice' && same?.as === 'choice')
          expect([group.kind, same.offers.filter(({ stands }) => stands).map(({ id }) => id)]).toEqual([group.kind, [offer.id]]);
      }
      const idle = moves.filter((offer) => !changes(project, offer)).map(({ id }) => id);
      // What is kept, or let go, stands as it stood.
      if (group.kind === 'keep-it') {
        expect([group.kind, idle]).toEqual([group.kind, moves.map(({ id }) => id)]);
        continue;
      }
      // What the family likes, and where a link leads by itself, may be what is chosen.
      const mayStand = group.kind === 'arrangement' || group.kind === 'leads-to';
      expect([group.kind, mayStand ? idle.length < moves.length : idle]).toEqual([group.kind, mayStand ? true : []]);
    }
  });

  /** Whether anything is another in the shop. Motion, and what phones have, is seen in the styles. */
  const before = bytesOf(project);
  const changes = (from: Project, offer: Offer) => bytesOf(withWishes(from, offer.wishes)) !== before;

  test('a section goes where it is told, is left out, comes once more with its texts, and is taken out again', () => {
    const at = (of: Project) =>
      nextShop(of)
        .pages[0]?.sections.filter(({ hidden }) => !hidden)
        .map(({ id }) => id) ?? [];
    const take = (of: Project, thing: Thing, kind: Group['kind'], id: string): Project => {
      const group = slipOf(nextShop(of), of, thing)?.groups.find((one) => one.kind === kind);
      const offer = group && offersOf(group).find((one) => one.id === id);
      if (!offer) throw new Error(`${kind} ${id} is not offered.`);
      return withWishes(of, offer.wishes);
    };
    const why: Thing = { kind: 'section', page: 'home', section: 'why' };
    const [first, second] = at(project);
    const up = take(project, why, 'order', 'top');
    expect(at(up).slice(0, 2)).toEqual(['why', first]);
    expect(at(take(up, why, 'order', 'down')).slice(0, 3)).toEqual([first, 'why', second]);
    expect(at(take(up, why, 'hide', 'hide'))).not.toContain('why');

    const text: Thing = { kind: 'section', page: 'home', section: 'free-text' };
    const twice = take(project, text, 'duplicate', 'duplicate');
    const ids = at(twice);
    expect(ids[ids.indexOf('free-text') + 1]).toBe('free-text-2');
    const said = (id: string) => {
      const page = nextShop(twice).pages[0];
      const section = page?.sections.find((one) => one.id === id);
      const html = page && section ? drawnSection(twice, id) : '';
      return html
        .replace(/<[^>]*>/g, ' ')
        .replace(/\s+/g, ' ')
        .trim();
    };
    expect(said('free-text-2')).toBe(said('free-text'));
    expect(said('free-text')).not.toBe('');
    expect(at(take(twice, { ...text, section: 'free-text-2' }, 'remove-section', 'remove'))).toEqual(at(project));
  });

  const drawnSection = (of: Project, id: string): string => {
    const made = nextShop(of);
    const [home] = made.pages;
    const html = home ? storefront.page(made, made.writer.write(home), firstView, relativeAddresses(made, '', host), host) : '';
    return new RegExp(`<section[^>]*id="${id}".*?</section>`, 's').exec(html)?.[0] ?? '';
  };

  test('goods that are put first are first on shelves and where a few are shown, in the order in which that was said last', () => {
    const [, , third, fourth] = shop.catalogue.products;
    if (!third || !fourth) throw new Error('The sample has goods.');
    const first = (of: Project, id: string) => {
      const group = slipOf(nextShop(of), of, { kind: 'card', product: id })?.groups.find(({ kind }) => kind === 'goods-first');
      return withWishes(of, (group && offersOf(group)[0]?.wishes) ?? []);
    };
    const both = nextShop(first(first(project, third.id), fourth.id));
    expect(both.catalogue.products.slice(0, 3).map(({ id }) => id)).toEqual([
      fourth.id,
      third.id,
      shop.catalogue.products[0]?.id,
    ]);
    expect(both.catalogue.products).toHaveLength(shop.catalogue.products.length);
    const home = storefront.page(
      both,
      both.writer.write(both.pages[0] as never),
      firstView,
      relativeAddresses(both, '', host),
      host,
    );
    const featured = /id="featured".*?<\/section>/s.exec(home)?.[0] ?? '';
    expect([...featured.matchAll(/class="name">([^<]*)/g)].slice(0, 2).map(([, name]) => name)).toEqual([
      fourth.title,
      third.title,
    ]);
  });

  test('the shop opens with a picture of the seller’s own, which is published; one that is gone is set aside', () => {
    const own = {
      ...project.pictures[0],
      name: 'workshop.webp',
      hash: 'cd'.repeat(32),
      says: 'Six pans in a row',
    } as Project['pictures'][number];
    const brought = { ...project, pictures: [...project.pictures, own] };
    const thing: Thing = { kind: 'section', page: 'home', section: 'opening' };
    const offered = (of: Project) => slipOf(nextShop(of), of, thing)?.groups.find(({ kind }) => kind === 'opening-picture');
    const take = (of: Project, id: string) => {
      const group = offered(of);
      return withWishes(of, (group && offersOf(group).find((one) => one.id === id)?.wishes) ?? []);
    };
    const opens = take(brought, 'own workshop.webp');
    const home = (of: Project) => {
      const made = nextShop(of);
      const [page] = made.pages;
      return page ? storefront.page(made, made.writer.write(page), firstView, relativeAddresses(made, '', host), host) : '';
    };
    expect(home(opens)).toMatch(/opening-pictures own.*?alt="Six pans in a row"/s);
    expect([...siteFiles(nextShop(opens), storefront, host)].some((file) => 'picture' in file && file.picture === own.hash)).toBe(
      true,
    );
    expect(home(take(opens, 'made'))).toContain('opening-pictures made');
    expect(home(take(opens, 'goods'))).toBe(home(take(brought, 'goods')));
    const gone = { ...opens, pictures: project.pictures };
    expect(home(gone)).toBe(home(project));
    expect(nextShop(gone).setAside.map(({ place }) => place)).toEqual(['look/openingShows']);
  });

  test('buttons lead where they are told, and where they did while that is not there', () => {
    const button = (of: Project) => {
      const made = nextShop(of);
      const [page] = made.pages;
      const html = page ? storefront.page(made, made.writer.write(page), firstView, relativeAddresses(made, '', host), host) : '';
      return /<a class="button" ([^>]*?) *>/.exec(html)?.[1]?.trim();
    };
    const lead = (value: string, more: Wish[] = []) =>
      withWishes(project, [{ place: 'leads/home/opening/button', value }, ...more]);
    const itself = button(project);
    expect(button(lead('page/contact'))).toBe('href="./contact/"');
    expect(button(lead('section/home/why'))).toBe('href="./#why"');
    expect(button(lead('https://mill.example/'))).toBe('href="https://mill.example/" rel="noopener"');
    for (const [to, more, why] of [
      ['page/nothing', [], 'to a page that is not in the shop'],
      ['page/about', [{ place: 'plan/about/hidden', value: true }], 'to a page that is not in the shop'],
      ['section/home/why', [{ place: 'plan/home/why/hidden', value: true }], 'to a part of “Home” that is not shown'],
    ] as const) {
      const lost = lead(to, [...more]);
      expect([to, button(lost)]).toEqual([to, itself]);
      expect(
        findingsOf(nextShop(lost), [])
          .filter(({ check }) => check === 'leads')
          .map(({ level, say }) => [level, say.includes(why)]),
      ).toEqual([['mend', true]]);
    }
    for (const place of ['leads/home/opening/headline', 'leads/home/newsletter/button', 'leads/home/nothing/button'])
      expect([place, parseAt(place, 'page/contact').ok]).toEqual([place, false]);
  });
});
