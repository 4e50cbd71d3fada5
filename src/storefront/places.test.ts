import { fieldOfText, parseAt } from '@/core/places';
import { withWishes, type Project } from '@/core/project';
import { contentTexts } from '@/core/sections';
import { firstView, makeShop, relativeAddresses, type Shop, type Target } from '@/core/site';
import { placeOfText } from '@/core/writing';
import { everything } from '../../tests/sites/everything';
import { storefront } from './index';

const target: Target = { kind: 'host', address: 'https://shop.example/' };

/** Pages of which each is one of its kind: what holds of them holds of the others. */
const pagesOf = (shop: Shop) => {
  const kinds = new Set<string>();
  return shop.pages.filter((page) => !kinds.has(page.kind) && kinds.add(page.kind));
};
const drawn = (shop: Shop) =>
  new Map(
    pagesOf(shop).map((page) => [
      page.id,
      storefront.page(shop, shop.writer.write(page), firstView, relativeAddresses(shop, page.path, target), target),
    ]),
  );

/** Every place of the shop at which a text stands. Addresses, figures and markup have forms of their own. */
const placesOf = (shop: Shop) =>
  pagesOf(shop).flatMap((page) =>
    shop.writer.write(page).sections.flatMap((section) =>
      contentTexts(section.words)
        .filter(({ at }) => !['address', 'markup'].includes(at.field))
        .map(({ at }) => ({ page: page.id, place: placeOfText(page, section, at).address })),
    ),
  );

const withTexts = (project: Project, texts: ReadonlyMap<string, string>): Project =>
  withWishes(
    project,
    [...texts].map(([place, value]) => ({ place, value })),
  );
const escaped = (text: string) => text.replace(/&/g, '&amp;').replace(/</g, '&lt;').replace(/>/g, '&gt;');

/** What sellers write, each told from every other by its number. */
const manners: [string, (n: number) => string][] = [
  ['plain words', (n) => `Words of mine, number ${n}.`],
  ['markup', (n) => `<b>Bold</b> & <script>own(${n})</script>`],
  ['another script', (n) => `こんにちは ${n} 番`],
  ['from right to left', (n) => `أهلا ${n}`],
  ['signs that programs read', (n) => `\${x} {{y}} %s $1 $& \\n ${n};`],
  ['a very long word', (n) => `${'Donaudampfschiff'.repeat(12)}${n}`],
];

describe.each([0, 1] as const)('a shop with every section, in arrangement %i', (arrangement) => {
  const project = everything('ledger', arrangement);
  const shop = makeShop(project);
  const places = placesOf(shop);

  test('has texts of the seller’s own at every place that takes them', () => {
    expect(places.length).toBeGreaterThan(120);
    expect(new Set(places.map(({ place }) => place)).size).toBe(places.length);
    for (const { place } of places) expect([place, parseAt(place, 'A text.').ok]).toEqual([place, true]);
  });

  test.each(manners)('shows %s as written, where it belongs', (_, manner) => {
    // What is too long for its place never gets in.
    const fitting = (place: string, text: string) => text.slice(-(fieldOfText(place)?.most ?? 0));
    const texts = new Map(places.map(({ place }, n) => [place, fitting(place, manner(n + 1000))]));
    const changed = makeShop(withTexts(project, texts));
    const pages = drawn(changed);
    const lost: string[] = [];
    for (const { page, place } of places) {
      const text = texts.get(place) ?? '';
      const html = pages.get(page) ?? '';
      // Some places are for arrangements that this one is not; what is drawn is drawn as it was written.
      if (!html.includes(escaped(text))) lost.push(place);
    }
    expect(lost.length / places.length).toBeLessThan(0.12);
    for (const html of pages.values()) {
      expect(html).not.toMatch(/<script>own/);
      expect(html).not.toMatch(/undefined|\[object/);
    }
  });

  test('is as it was where the texts are taken back', () => {
    const texts = new Map(places.map(({ place }) => [place, 'Something else.']));
    const changed = withTexts(project, texts);
    const back = withWishes(
      changed,
      [...texts.keys()].map((place) => ({ place, value: project.decisions.get(place) })),
    );
    expect(drawn(makeShop(back))).toEqual(drawn(shop));
  });
});
