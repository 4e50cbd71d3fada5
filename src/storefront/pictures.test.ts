import { findingsOf } from '@/core/proof';
import { lookPlaces, parseAt, planPlaces, set } from '@/core/places';
import { slipOf, type Group } from '@/core/requests';
import { withWishes, type Project } from '@/core/project';
import { sectionAbout, sectionKinds } from '@/core/sections';
import { firstView, relativeAddresses, siteFiles, type Target } from '@/core/site';
import { everything } from '../../tests/sites/everything';
import { nextShop } from '../../tests/workshop';
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
  nextShop(withWishes(project, [set(planPlaces.sectionPictures(page, section), names)]));
const draw = (shop: ReturnType<typeof nextShop>, id: string) => {
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
    findingsOf(nextShop(project), [])
      .filter(({ check }) => check === 'shown-pictures')
      .map(({ level }) => level),
  ).toEqual(['fine']);
});

test.each([
  ['home', 'people', 'people'],
  ['journal', 'posts', 'entries'],
] as const)('a picture stands with an item of %s/%s, is offered there, and a lost one is a finding', (page, section, list) => {
  const first = nextShop(project);
  const thing = { kind: 'item', page, section, list, key: 'own-1' } as const;
  const group = slipOf(first, project, thing)?.groups.find(({ kind }) => kind === 'item-picture');
  const offer = group?.as === 'choice' ? group.offers.find(({ picture }) => picture === own.name) : undefined;
  const after = withWishes(project, offer?.wishes ?? []);
  const html = draw(nextShop(after), page);
  const from = html.indexOf(`id="${section}"`);
  expect(html.slice(from, html.indexOf('</section>', from))).toMatch(/<img [^>]*cdcdcdcd[^>]* alt="The shed in snow"/);
  const same = slipOf(nextShop(after), after, thing)?.groups.find(({ kind }) => kind === 'item-picture');
  expect(same?.as === 'choice' && same.offers.find(({ stands }) => stands)?.picture).toBe(own.name);
  const lost = nextShop({ ...after, pictures: project.pictures.filter(({ name }) => name !== own.name) });
  expect(findingsOf(lost, []).filter(({ check, level }) => check === 'shown-pictures' && level === 'mend')).toHaveLength(1);
});

test('of lists whose items stand for themselves, none takes a picture', () => {
  const slip = slipOf(nextShop(project), project, { kind: 'item', page: 'home', section: 'steps', list: 'steps', key: 'own-1' });
  expect(slip?.groups.map(({ kind }) => kind) ?? []).not.toContain('item-picture');
  expect(parseAt('plan/home/steps/steps/own-1/picture', own.name).ok).toBe(false);
  expect(parseAt('plan/home/people/people/own-1/picture', own.name).ok).toBe(true);
});

test('the logo is brought at the thing itself; it stands there then, and a drawn one puts it away', () => {
  const group = (of: Project) =>
    slipOf(nextShop(of), of, { kind: 'logo' })?.groups.find(({ kind }) => kind === 'mark') as Extract<Group, { as: 'choice' }>;
  expect(group(project).brings).toEqual({ as: 'picture', place: lookPlaces.logo.address, beside: null });
  const after = withWishes(project, [set(lookPlaces.logo, own.name)]);
  expect(group(after).offers.filter(({ stands }) => stands)).toEqual([expect.objectContaining({ id: 'own', picture: own.name })]);
  expect(draw(nextShop(after), 'home')).toMatch(/<header[^]*?<img[^>]*class="mark [^"]*"[^>]*cdcdcdcd/);
  const text = group(after).offers.find(({ id }) => id === 'text');
  expect(draw(nextShop(withWishes(after, text?.wishes ?? [])), 'home')).toBe(
    draw(nextShop(withWishes(project, [set(lookPlaces.mark, 'text')])), 'home'),
  );
});
