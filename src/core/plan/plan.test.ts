import { Decided } from '../places';
import { decisionsOf } from '../../../tests/decisions';
import { readSaid } from '../../../tests/said';
import { bareTill } from '../../../tests/till';
import { importText, makeCatalogue } from '../goods';

import { type TillRules } from '../till';
import { sectionAbout, sectionKinds, sectionLibrary } from '../sections';
import { freshId, pageDefinitions, planShop, type Page } from './index';

const rules = bareTill;

function plan(
  brief: string,
  { list = 'title,price\nA,1\nB,2\n', decisions = {} as Record<string, unknown>, till = {} as Partial<TillRules> } = {},
): Page[] {
  const goods = importText(list);
  if (!goods.ok) throw new Error(goods.say);
  const decided = new Decided(decisionsOf(decisions));
  return planShop(
    { reading: readSaid(brief), catalogue: makeCatalogue(goods.value.products, decided, 2, 2), rules: { ...rules, ...till } },
    decided,
  );
}

const page = (pages: Page[], id: string) => pages.find((one) => one.id === id);
const sections = (pages: Page[], id = 'home') => page(pages, id)?.sections.map((section) => section.id) ?? [];

describe('every section of the trade', () => {
  // The kinds that sellers ask for: common practice.
  const wanted = [
    'opening',
    'featured',
    'categories',
    'why',
    'story',
    'numbers',
    'people',
    'reviews',
    'questions',
    'gallery',
    'offer',
    'newsletter',
    'form',
    'map',
    'video',
    'price-table',
    'steps',
    'extracts',
    'hours',
    'buy-one',
    'posted',
    'free-text',
    'markup',
  ];
  test.each(wanted)('%s exists, in two arrangements', (kind) => {
    const found = sectionKinds.map(sectionAbout).find((one) => one.kind === kind);
    expect(found?.arrangements.length).toBeGreaterThanOrEqual(2);
    expect(new Set(found?.arrangements.map((one) => one.id)).size).toBe(found?.arrangements.length);
  });
  test('says what visitors get and what to do next', () => {
    for (const one of sectionKinds.map(sectionAbout))
      expect([one.kind, one.visitorGets.length > 10, one.doNext.length > 5]).toEqual([one.kind, true, true]);
  });
});

test.each([
  'home',
  'shop',
  'about',
  'contact',
  'questions',
  'gallery',
  'journal',
  'appointments',
  'gift-cards',
  'delivery',
  'privacy',
  'refunds',
  'terms',
  'campaign',
  'missing',
])('the page %s exists', (kind) => expect(pageDefinitions.some((one) => one.kind === kind)).toBe(true));

describe('nothing is planned without what fills it', () => {
  test('reviews only where reviews were given', () => {
    expect(sections(plan('We mend clocks in Bray.'))).not.toContain('reviews');
    expect(sections(plan('We mend clocks in Bray.\n“It strikes again, after forty years.” – Ann'))).toContain('reviews');
  });
  test('numbers only where numbers were given', () => {
    expect(sections(plan('We mend clocks in Bray.'))).not.toContain('numbers');
    expect(sections(plan('We mended 900 clocks. We have three benches and forty chairs.'))).toContain('numbers');
  });
  test('what the brief asks for is planned as asked, and waits', () => {
    const video = page(plan('We mend clocks. I want a video on the site.'), 'home')?.sections.find(
      (section) => section.id === 'video',
    );
    expect(video).toMatchObject({ from: 'asked', because: { say: 'Your brief asks for a video.' } });
    expect(video?.because.brief).toHaveLength(1);
  });
  test('one thing has the front page; several have a shelf', () => {
    expect(sections(plan('We sell a lamp.', { list: 'title,price\nLamp,9\n' }))).toContain('buy-one');
    expect(sections(plan('We sell lamps.'))).toContain('featured');
  });
  test('the goal lifts what serves it', () => {
    const order = sections(
      plan(
        'We bake bread in Ghent. Open: Monday to Friday, 9 to 17. Goal: get people to visit the shop. There are thirty-six loaves on the shelf and two ovens in the cellar. There are nine tables.',
      ),
    );
    expect(order.indexOf('hours')).toBeLessThan(order.indexOf('numbers'));
    expect(order.indexOf('map')).toBeLessThan(order.indexOf('numbers'));
  });
  test('a page that answers questions takes them off the home page', () => {
    const pages = plan('We bake bread in Bray. The website needs a page with answers to the usual questions.', {
      till: { returnsDays: 14 },
    });
    expect(sections(pages)).not.toContain('questions');
    expect(sections(pages, 'questions')).toContain('questions');
  });
});

describe('the seller’s hand', () => {
  test('adds, orders, hides and arranges sections', () => {
    const pages = plan('We mend clocks in Bray.', {
      decisions: {
        'plan/home/added': [
          { id: 'free-text', kind: 'free-text' },
          { id: 'free-text-2', kind: 'free-text' },
        ],
        'plan/home/order': ['free-text-2', 'opening'],
        'plan/home/featured/hidden': true,
        'plan/home/free-text/arrangement': 'set-off',
      },
    });
    expect(sections(pages).slice(0, 2)).toEqual(['free-text-2', 'opening']);
    const home = page(pages, 'home');
    expect(home?.sections.find((section) => section.id === 'featured')?.hidden).toBe(true);
    expect(home?.sections.find((section) => section.id === 'free-text')).toMatchObject({
      arrangement: 'set-off',
      from: 'added',
      because: { say: 'You added it.' },
    });
  });
  test('adds, renames, moves and takes out pages', () => {
    const pages = plan('We mend clocks in Bray.', {
      decisions: {
        'plan/pages': [
          { id: 'page', kind: 'page', name: 'Wholesale' },
          { id: 'page-2', kind: 'page', name: 'Wholesale' },
          { id: 'journal', kind: 'journal', name: 'Diary' },
        ],
        'plan/about/name': 'The bench',
        'plan/about/menu': false,
        'plan/page/footer': false,
        'plan/gift-cards/hidden': true,
      },
    });
    expect([page(pages, 'page')?.path, page(pages, 'page-2')?.path]).toEqual(['wholesale/', 'wholesale-2/']);
    expect(page(pages, 'journal')).toMatchObject({ name: 'Diary', added: true, kind: 'journal' });
    expect(page(pages, 'about')).toMatchObject({ name: 'The bench', inMenu: false });
    expect(page(pages, 'page')?.inFooter).toBe(false);
    expect(new Set(pages.map((one) => one.path)).size).toBe(pages.length);
  });
  test('an essential page can’t be lost', () => {
    const pages = plan('We mend clocks.', {
      decisions: { 'plan/checkout/hidden': true, 'plan/home/hidden': true, 'plan/terms/hidden': true },
    });
    for (const id of ['home', 'checkout', 'terms']) expect(page(pages, id)).toBeDefined();
  });
  test('a kind that is unknown is passed over', () =>
    expect(
      sections(plan('We mend clocks.', { decisions: { 'plan/home/added': [{ id: 'x', kind: 'hologram' }] } })),
    ).not.toContain('x'));
});

test('ids of further sections are free', () => {
  expect(freshId('free-text', [])).toBe('free-text');
  expect(freshId('free-text', ['free-text', 'free-text-2'])).toBe('free-text-3');
  expect(sectionLibrary.length).toBeGreaterThan(20);
});
