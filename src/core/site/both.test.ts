import { decisionsOf } from '../../../tests/decisions';
import { importText } from '../goods';
import { given, lookPlaces, planPlaces, set, textPlace, type Wish } from '../places';
import { newProject, withWishes, type Project } from '../project';
import { bothChanged, lookSearch, makeShop, withMoves } from './index';

const goods = (() => {
  const read = importText('title,price,category\nOak bowl,40,Bowls\nAsh bowl,55,Bowls\nLow lamp,90,Lamps\nTall lamp,120,Lamps\n');
  if (!read.ok) throw new Error(read.say);
  return { file: 'list.csv', ...read.value };
})();
const brief =
  'Hay Barn is a turner in Bath. We make bowls of green oak by hand. Every bowl is turned twice, the second time after a year. We want a quiet site in dark green. Prices in pounds. a@b.example';
const project = (decisions: Record<string, unknown> = {}): Project => ({
  ...newProject('p', 'Shop'),
  brief,
  goods,
  decisions: decisionsOf(decisions),
});

const made = (of: Project) => ({ project: of, shop: makeShop(of), source: lookSearch(of).source });
const both = (of: Project, wishes: Wish[]) => {
  const moves = withMoves(of, wishes);
  return bothChanged(made(of), made(withWishes(of, moves)), moves);
};

const lead = textPlace('home', 'opening', { field: 'headline' });
const another = set(
  given.brief,
  brief.replace('Bath', 'Leeds').replace('We make bowls of green oak by hand', 'We turn bowls of wet ash by hand'),
);

test('a text of the seller’s is named where it would be made otherwise now, with theirs, the old and the new one', () => {
  const of = withWishes(project(), [set(lead, 'Bowls that warp a little.')]);
  const found = both(of, [another]).filter(({ place }) => place === lead.address);
  expect(found).toEqual([
    {
      place: lead.address,
      where: 'Headline of Opening on Home',
      yours: 'Bowls that warp a little.',
      before: expect.any(String),
      after: expect.any(String),
    },
  ]);
  const [one] = found;
  expect(one?.before).not.toBe(one?.after);
  expect(makeShop(withWishes(of, [another])).writer).toBeDefined();
  // Taken back, the new one stands.
  const taken = makeShop(withWishes(of, [another, { place: lead.address, value: undefined }]));
  const [home] = taken.pages;
  expect(JSON.stringify(home && taken.writer.write(home))).toContain(JSON.stringify(one?.after ?? '').slice(1, -1));
});

test('what only one of both changed is no choice', () => {
  expect(both(project(), [another])).toEqual([]);
  const of = withWishes(project(), [set(lead, 'Bowls that warp a little.'), set(planPlaces.pageName('about'), 'Who we are')]);
  expect(
    both(of, [set(given.brief, `${brief} We also sell on Saturdays.`)]).filter(({ place }) => place === lead.address),
  ).toEqual([]);
});

test('of the look: a colour that was picked, where the brief asks for another now', () => {
  const of = withWishes(project(), [set(lookPlaces.picked.accent, '#884422'), set(lookPlaces.corner, 9)]);
  const found = both(of, [set(given.brief, brief.replace('dark green', 'cobalt blue'))]);
  expect(found.map(({ place }) => place)).toEqual([lookPlaces.picked.accent.address]);
  expect(found[0]).toMatchObject({ where: 'Accent', yours: '#884422' });
  expect(found[0]?.before).toMatch(/^#[0-9a-f]{6}$/);
  expect(found[0]?.after).not.toBe(found[0]?.before);
});

test('where the new one is what the seller wrote, nothing is asked', () => {
  const then = makeShop(withWishes(project(), [another]));
  const [home] = then.pages;
  const section = home?.sections.find(({ kind }) => kind === 'opening');
  const words = home && section ? then.writer.made(home, section) : null;
  const headline = words && 'headline' in words ? (words.headline as { text: string }).text : '';
  expect(headline).not.toBe('');
  expect(both(withWishes(project(), [set(lead, headline)]), [another]).filter(({ place }) => place === lead.address)).toEqual([]);
});

test('a fact that was put right is a choice where another brief says something else, and none where it says the same', () => {
  const of = project({ 'reading/place': 'Bristol', 'reading/phone': '0117 496 0000' });
  const found = both(of, [another]);
  expect(found.filter(({ place }) => place.startsWith('reading/'))).toEqual([
    { place: 'reading/place', where: 'Place', yours: 'Bristol', before: 'Bath', after: 'Leeds' },
  ]);
  // Taken back, the new brief speaks.
  const taken = makeShop(withWishes(of, [another, { place: 'reading/place', value: undefined }]));
  expect(taken.reading.place?.value).toBe('Leeds');
  expect(
    both(of, [set(given.brief, `${brief} We are open on Saturdays.`)]).filter(({ place }) => place.startsWith('reading/')),
  ).toEqual([]);
  // What the new one says as well is no choice.
  expect(both(project({ 'reading/place': 'Leeds' }), [another]).filter(({ place }) => place.startsWith('reading/'))).toEqual([]);
});

test('another list is a choice too, where it would have a text of the seller’s made otherwise', () => {
  const heading = textPlace('home', 'categories', { field: 'heading' });
  const of = withWishes(project(), [set(heading, 'What we turn')]);
  const read = importText(
    'title,price,category\nOak bowl,40,Bowls\nAsh spoon,12,Spoons\nLow lamp,90,Lamps\nElm stool,140,Stools\n',
  );
  if (!read.ok) throw new Error(read.say);
  const found = both(of, [set(given.goods, { file: 'later.csv', ...read.value })]);
  expect(found.filter(({ place }) => place === heading.address)).toEqual([
    {
      place: heading.address,
      where: 'Heading of Categories on Home',
      yours: 'What we turn',
      before: 'Bowls and lamps',
      after: expect.stringContaining('spoons'),
    },
  ]);
});
