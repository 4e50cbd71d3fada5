import { chance } from '@/core/chance';
import { importText } from '@/core/goods';
import { given, lookPlaces, planPlaces, productPlaces, set, textPlace, tillPlaces, type Wish } from '@/core/places';
import { newProject, withWishes, type Project } from '@/core/project';
import { firstView, makeShop, relativeAddresses, Workshop, type Shop, type Target } from '@/core/site';
import { storefront } from './index';

const goods = importText('title,price,category\nOak Bowl,40,Bowls\nAsh Bowl,55,Bowls\nLow Lamp,90,Lamps\n');
if (!goods.ok) throw new Error(goods.say);
const project: Project = {
  ...newProject('p', 'Shop'),
  brief:
    'Ash & Oil is a turnery near Galway. We turn bowls and lamps by hand from ash that the wind brought down. I am Aoife, and my father cut the first tree in 2003. post@ash.example',
  goods: { file: '', ...goods.value },
};
const target: Target = { kind: 'host', address: 'https://shop.example/' };
const bytes = (shop: Shop) =>
  shop.pages
    .map((page) => storefront.page(shop, shop.writer.write(page), firstView, relativeAddresses(shop, page.path, target), target))
    .join('') +
  storefront.styles(shop, relativeAddresses(shop, '', target)) +
  JSON.stringify(shop.setAside);

const wishes: ((n: number) => Wish)[] = [
  (n) => set(textPlace('home', 'opening', { field: 'headline' }), `Line ${n}`),
  (n) => set(textPlace('home', 'story', { field: 'passages', key: `own-${1 + (n % 2)}`, part: 'text' }), `Told ${n}.`),
  (n) => set(lookPlaces.corner, n % 20),
  (n) => set(lookPlaces.family, n % 2 ? 'poster' : 'letter'),
  (n) => set(lookPlaces.toneOf('home', 'story'), n % 2 ? 'raised' : 'accent'),
  (n) => set(planPlaces.sectionHidden('home', 'story'), n % 2 === 0),
  (n) => set(planPlaces.addedSection('home', `free-text-${n % 3}`), { kind: 'free-text' }),
  (n) => set(productPlaces.title('p-oak-bowl'), `Bowl ${n}`),
  (n) => set(tillPlaces.returnsDays, n),
  (n) => set(given.brief, `${project.brief} There are ${n + 2} lathes.`),
  (n) => set(given.seed, n),
];

test('what is made in stages is what is made at once, whatever was decided before', () => {
  const workshop = new Workshop();
  const random = chance(8);
  let now = project;
  const before: Project[] = [];
  for (let i = 0; i < 70; i++) {
    const wish = wishes[Math.floor(random() * wishes.length)];
    // Now and then an earlier state comes back, as undo and candidates bring it.
    now =
      before.length && random() < 0.25
        ? (before[Math.floor(random() * before.length)] ?? now)
        : wish
          ? withWishes(now, [wish(i)])
          : now;
    before.push(now);
    expect([i, bytes(workshop.make(now)) === bytes(makeShop(now))]).toEqual([i, true]);
  }
  expect(workshop.runs.look).toBeLessThan(70);
});

test('a stage runs again only where something that it read has changed', () => {
  const workshop = new Workshop();
  workshop.make(project);
  const after = (wish: Wish, from = project) => {
    const before = { ...workshop.runs };
    workshop.make(withWishes(from, [wish]));
    return Object.entries(workshop.runs).flatMap(([name, runs]) => (runs !== before[name] ? [name] : []));
  };
  // A text decision makes nothing but the text.
  expect(after(set(textPlace('home', 'opening', { field: 'headline' }), 'Oiled.'))).toEqual([]);
  expect(after(set(lookPlaces.corner, 9))).toEqual(['look', 'plan']);
  expect(after(set(planPlaces.sectionHidden('home', 'featured'), true))).toEqual(['plan']);
  expect(after(set(lookPlaces.toneOf('home', 'story'), 'raised'))).toEqual([]);
  expect(after(set(tillPlaces.returnsDays, 9))).toEqual(expect.arrayContaining(['rules', 'plan', 'vocabulary']));
  expect(after(set(tillPlaces.returnsDays, 9))).not.toContain('reading');
});
