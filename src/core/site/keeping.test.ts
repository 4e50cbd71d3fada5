import { withDecisions } from '../../../tests/decisions';
import { importText } from '../goods';
import { given, locate, lookPlaces, planPlaces, set, type Wish } from '../places';
import { newProject, withWishes, type Project } from '../project';
import { slipOf } from '../requests';
import { sectionAbout } from '../sections';
import { textThing, type Thing } from '../things/about';
import { looksFor, makeShop } from './index';

const list = importText('title,price,category\nOak bowl,40,Bowls\nAsh bowl,55,Bowls\nLow lamp,90,Lamps\nTall lamp,120,Lamps\n');
if (!list.ok) throw new Error(list.say);
const brief =
  'Hollis Turning turns bowls and lamps in Leeds. Every bowl is oiled twice. We began in 1998 with one lathe. The shop should be quiet and warm, green. Prices in pounds. ann@hollis.example';
const first: Project = { ...newProject('p', 'Shop'), brief, goods: { file: '', ...list.value } };
const wish = { kind: 'vary', turn: 0, seen: [], base: [], locks: [] } as const;

const offersAt = (project: Project, thing: Thing) => {
  const group = slipOf(makeShop(project), project, thing)?.groups.find(({ kind }) => kind === 'keep-it');
  return group?.as === 'choice' ? group.offers : [];
};
function taken(project: Project, thing: Thing, id: string): Project {
  const offer = offersAt(project, thing).find((one) => one.id === id);
  if (!offer) throw new Error(`Nothing is offered as “${id}”.`);
  return withWishes(project, offer.wishes);
}
const locksIn = (project: Project) => (project.decisions.get(lookPlaces.locks.address) ?? []) as string[];
/** A section of the front page that can be arranged otherwise. */
const arranged = makeShop(first).pages[0]?.sections.find(
  ({ kind }) => kind !== 'opening' && sectionAbout(kind).arrangements.length > 1,
)?.id;
if (!arranged) throw new Error('Nothing can be arranged.');
const headline = textThing('words/home/opening/headline');
if (!headline) throw new Error('There is no headline.');

test('words that are kept stay with another brief; those that are not are made anew', () => {
  const now = makeShop(first);
  const kept = taken(first, headline, 'kept');
  expect(locksIn(kept)).toEqual([lookPlaces.lockOf('words/home/opening/headline')]);
  expect(kept.decisions.get('words/home/opening/headline')).toEqual(expect.any(String));
  const other = set(given.brief, 'Kobold Cycles builds wheels in Leipzig. Every wheel is trued by hand. Euros.');
  const headlineOf = (project: Project) => {
    const shop = makeShop(project);
    const home = shop.pages[0];
    const opening = home?.sections.find(({ kind }) => kind === 'opening');
    const words = home && opening ? shop.writer.words(home, opening) : null;
    return (words as Record<string, { text: string }> | null)?.headline?.text;
  };
  expect(headlineOf(withWishes(first, [other]))).not.toBe(headlineOf(first));
  expect(headlineOf(withWishes(kept, [other]))).toBe(headlineOf(first));
  expect(now.name).toBe('Hollis Turning');
});

test('what is let go stands on, and may change again', () => {
  const kept = taken(first, headline, 'kept');
  expect(offersAt(kept, headline).find(({ stands }) => stands)?.id).toBe('kept');
  const free = taken(kept, headline, 'free');
  expect(locksIn(free)).toEqual([]);
  expect(free.decisions.get('words/home/opening/headline')).toBe(kept.decisions.get('words/home/opening/headline'));
  // The seller's own words stay by themselves: there is nothing to keep.
  expect(offersAt(free, headline)).toEqual([]);
});

test('a section that is kept has its arrangement through every turn, whatever family comes', () => {
  const thing: Thing = { kind: 'section', page: 'home', section: arranged };
  const kept = taken(first, thing, 'kept');
  const place = planPlaces.arrangement('home', arranged).address;
  expect(kept.decisions.has(place)).toBe(true);
  const changes = (project: Project, locks: string[]) =>
    [0, 1, 2, 3, 4, 5, 6, 7].flatMap((turn) => looksFor(project, { ...wish, turn, locks }).flatMap(({ wishes }) => wishes));
  const touched = (wishes: readonly Wish[]) => wishes.some((one) => one.place === place);
  expect(touched(changes(first, []))).toBe(true);
  expect(touched(changes(kept, locksIn(kept)))).toBe(false);
});

test.each(['candidates', 'vary', 'again'] as const)('single parts of a look that are kept are in no look of “%s”', (kind) => {
  const { genes } = makeShop(first).look;
  for (const gene of ['corner', 'heading', 'art'] as const) {
    const place = lookPlaces.genePlaces[gene].address;
    const looks = looksFor(first, { ...wish, kind, turn: 1, locks: [lookPlaces.lockOf(place)] });
    expect(looks.length).toBeGreaterThan(0);
    for (const look of looks) {
      expect([gene, look.genes[gene]]).toEqual([gene, genes[gene]]);
      expect(look.wishes.some((one) => one.place === place)).toBe(false);
    }
  }
});

test('prices that are kept outlive a list with others', () => {
  const product = makeShop(first).catalogue.products[0];
  if (!product) throw new Error('Nothing is sold.');
  const kept = taken(first, { kind: 'price', product: product.id }, 'kept');
  const dearer = importText(
    'title,price,category\nOak bowl,99,Bowls\nAsh bowl,99,Bowls\nLow lamp,99,Lamps\nTall lamp,99,Lamps\n',
  );
  if (!dearer.ok) throw new Error(dearer.say);
  const prices = (project: Project) => makeShop(project).catalogue.products.map(({ variants }) => variants[0]?.price);
  expect(prices(withWishes(kept, [set(given.goods, { file: '', ...dearer.value })]))).toEqual([4000, 9900, 9900, 9900]);
});

test('locks are refused where they are not locks, and every locked place is one that can be decided', () => {
  const kept = taken(taken(first, headline, 'kept'), { kind: 'section', page: 'home', section: arranged }, 'kept');
  for (const place of lookPlaces.lockedPlaces(locksIn(kept))) expect(locate(place)).not.toBeNull();
  expect(lookPlaces.lockedPlaces(['palette', 'order', 'section:story', lookPlaces.lockOf('look/corner')])).toEqual([
    'look/corner',
  ]);
  expect(makeShop(withDecisions(first, { 'look/locks': ['palette'] })).setAside).toEqual([]);
});

test('a header that is kept stays through every turn, whatever family comes; one that is laid out with its pages can’t be', () => {
  const header: Thing = { kind: 'header' };
  const of = (project: Project, wishes: readonly Wish[]) => makeShop(withWishes(project, wishes)).look;
  const now = makeShop(first).look;
  const kept = taken(first, header, 'kept');
  expect(makeShop(kept).look.head.id).toBe(now.family.id);
  const looks = [1, 2, 3].flatMap((turn) =>
    looksFor(kept, { ...wish, kind: 'again', turn, seen: [now.genes], locks: locksIn(kept) }).map(({ wishes }) =>
      of(kept, wishes),
    ),
  );
  expect(new Set(looks.map(({ family }) => family.id)).size).toBeGreaterThan(2);
  expect(new Set(looks.map(({ head }) => head.id))).toEqual(new Set([now.family.id]));
  expect(looks.some(({ foot, family }) => foot.id === family.id && family.id !== now.family.id)).toBe(true);
  expect(offersAt(withDecisions(first, { 'look/family': 'almanac' }), header)).toEqual([]);
});
