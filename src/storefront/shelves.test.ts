import { withDecisions } from '../../tests/decisions';
import { importText } from '@/core/goods';
import { planPlaces, sayNow } from '@/core/places';
import { newProject, pictureSchema, type Picture, type Project } from '@/core/project';
import { slipOf } from '@/core/requests';
import { firstView, makeShop, relativeAddresses } from '@/core/site';
import { thingId } from '@/core/things/about';
import { storefront } from './index';

const list = importText(
  'title,price,category,picture\nOak bowl,40,Bowls,oak.webp\nAsh bowl,55,Bowls,ash.webp\nLow lamp,90,Lamps,\n',
);
if (!list.ok) throw new Error(list.say);
const picture = (name: string, letter: string): Picture =>
  pictureSchema.parse({ name, hash: letter.repeat(64), type: 'image/webp', width: 1600, height: 900, says: `A ${name}` });
const pictures = [picture('oak.webp', 'a'), picture('ash.webp', 'b'), picture('shed.webp', 'c')];
const project = (decided: Record<string, unknown> = {}): Project =>
  withDecisions(
    {
      ...newProject('p', 'Shop'),
      brief: 'Hollis Turning sells bowls and lamps in Leeds. Pounds.',
      goods: { file: '', ...list.value },
      pictures,
    },
    { 'plan/home/categories/arrangement': 'pictures', ...decided },
  );

function drawn(of: Project, path = '', kind: 'host' | 'preview' = 'host'): string {
  const shop = makeShop(of);
  const target = { kind, address: 'https://shop.example/' };
  const page = shop.pages.find((one) => one.path === path);
  if (!page) throw new Error(`No page at “${path}”.`);
  return storefront.page(shop, shop.writer.write(page), firstView, relativeAddresses(shop, path, target), target);
}
const cardOf = (html: string, name: string) =>
  html.match(/<li[^>]*>(?:(?!<\/li>)[\s\S])*<\/li>/g)?.find((card) => card.includes(`<span class="name">${name}</span>`)) ?? '';
const shed = 'c'.repeat(12);

test('a category is shown with the picture that was chosen for it, beside its name and over its goods', () => {
  const by = { 'plan/category-lamps/picture': 'shed.webp' };
  expect(drawn(project())).not.toContain(shed);
  expect(drawn(project(), 'shop/lamps/')).not.toContain('over-shelf');
  expect(cardOf(drawn(project(by)), 'Lamps')).toMatch(new RegExp(`<img[^>]*${shed}`));
  // Beside its name it says nothing that the name does not; over the goods it stands for itself.
  expect(cardOf(drawn(project(by)), 'Lamps')).toContain('alt=""');
  expect(drawn(project(by), 'shop/lamps/')).toMatch(
    new RegExp(`<figure class="over-shelf"><img[^>]*${shed}[^>]*alt="A shed.webp"`),
  );
  expect(drawn(project(by), 'shop/bowls/')).not.toContain('over-shelf');
});

test('it is pointed at in the window where it stands, and there alone', () => {
  expect(drawn(project(), '', 'preview')).toContain(`data-thing="${thingId({ kind: 'shelf', page: 'category-lamps' })}"`);
  expect(drawn(project())).not.toContain('data-thing');
});

test('its slip offers pictures of its own goods first, one of the seller’s, and none of its own', () => {
  const of = project({ 'plan/category-bowls/picture': 'shed.webp' });
  const slip = slipOf(makeShop(of), of, { kind: 'shelf', page: 'category-bowls' });
  expect(slip?.name).toBe('Category: Bowls');
  const group = slip?.groups.find(({ kind }) => kind === 'shelf-picture');
  if (group?.as !== 'choice') throw new Error('It has no pictures to choose from.');
  expect(group.offers.map(({ id, stands }) => [id, stands])).toEqual([
    ['goods', false],
    ['own shed.webp', true],
    ['own oak.webp', false],
    ['own ash.webp', false],
  ]);
  expect(group.brings).toEqual({ as: 'picture', place: planPlaces.shelfPicture('category-bowls').address, beside: null });
  // The page of all goods is no category.
  expect(slipOf(makeShop(of), of, { kind: 'page', page: 'shop' })?.groups.some(({ kind }) => kind === 'shelf-picture')).toBe(
    false,
  );
});

test('a picture that is gone is told of, and the goods stand for the category meanwhile', () => {
  const shop = makeShop(project({ 'plan/category-bowls/picture': 'gone.webp' }));
  expect(shop.setAside.map(({ place, because }) => [place, because])).toEqual([
    ['plan/category-bowls/picture', 'The picture is gone.'],
  ]);
  const home = drawn(project({ 'plan/category-bowls/picture': 'gone.webp' }));
  expect(cardOf(home, 'Bowls')).toMatch(new RegExp(`<img[^>]*${'a'.repeat(12)}`));
  expect(sayNow('plan/category-bowls/picture', 'shed.webp', { page: () => 'Bowls' })).toBe('Bowls is shown with “shed.webp”');
});
