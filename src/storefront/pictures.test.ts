import { findingsOf } from '@/core/proof';
import { planPlaces, set } from '@/core/places';
import { withWishes } from '@/core/project';
import { sectionAbout, sectionKinds } from '@/core/sections';
import { firstView, makeShop, relativeAddresses, siteFiles, type Target } from '@/core/site';
import { everything } from '../../tests/sites/everything';
import { storefront } from './index';

const host: Target = { kind: 'host', address: 'https://shop.example/' };
const own = { name: 'the shed.webp', hash: 'cd'.repeat(32), width: 900, height: 600 };

const project = (() => {
  const made = everything('quiet', 0);
  const [first] = made.pictures;
  if (!first) throw new Error('The shop has no picture.');
  return { ...made, pictures: [...made.pictures, { ...first, ...own, says: 'The shed in snow', focus: { x: 0.2, y: 0.8 } }] };
})();
const shopWith = (page: string, section: string, names: string[]) =>
  makeShop(withWishes(project, [set(planPlaces.sectionPictures(page, section), names)]));
const draw = (shop: ReturnType<typeof makeShop>, id: string) => {
  const page = shop.pages.find((one) => one.id === id);
  if (!page) throw new Error(`no page ${id}`);
  return storefront.page(shop, shop.writer.write(page), firstView, relativeAddresses(shop, page.path, host), host);
};

test.each([
  ['home', 'gallery'],
  ['home', 'story'],
  ['home', 'free-text'],
  ['home', 'posted'],
  ['home', 'video'],
  ['about', 'article'],
] as const)('a picture of the seller’s own stands in %s/%s, described, and is sent with the site', (page, section) => {
  const shop = shopWith(page, section, [own.name]);
  const piece = draw(shop, page);
  const from = piece.indexOf(`id="${section}"`);
  expect(piece.slice(from, piece.indexOf('</section>', from))).toMatch(
    /<img src="[^"]*pictures\/cdcdcdcdcdcdcdcdcdcd\.webp"[^>]* alt="The shed in snow" width="900" height="600"\s+loading="lazy"/,
  );
  expect([...siteFiles(shop, storefront, host)].some(({ path }) => path.startsWith('pictures/cdcd'))).toBe(true);
});

test('every kind of section that can show pictures is tried above', () =>
  expect(sectionKinds.filter((kind) => sectionAbout(kind).pictures)).toEqual([
    'gallery',
    'posted',
    'story',
    'video',
    'free-text',
    'article',
  ]));

test('one that is gone is a finding; the section goes on without it', () => {
  const shop = shopWith('home', 'story', ['gone.jpg']);
  expect(draw(shop, 'home')).not.toContain('gone.jpg');
  expect(findingsOf(shop, []).filter(({ check, level }) => check === 'shown-pictures' && level === 'mend')).toHaveLength(1);
  expect(
    findingsOf(makeShop(project), [])
      .filter(({ check }) => check === 'shown-pictures')
      .map(({ level }) => level),
  ).toEqual(['fine']);
});
