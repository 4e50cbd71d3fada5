import { families } from '@/core/look';
import { lookPlaces, set, clear, whyNot, sayNow } from '@/core/places';
import { slipOf, spotOf, standingWishes } from '@/core/requests';
import { narrowestOf, sectionLibrary } from '@/core/sections';
import { firstView, makeShop, relativeAddresses, type Target } from '@/core/site';
import { fittingSpan, pageParts, saySpan, type Span } from '@/core/span';
import { type Project } from '@/core/project';
import { everything } from '../../tests/sites/everything';
import { decisionsOf } from '../../tests/decisions';
import { storefront } from './index';

const preview: Target = { kind: 'preview', address: 'https://shop.example/' };
const host: Target = { kind: 'host', address: 'https://shop.example/' };
const first = everything('quiet', 0);
const withDecisions = (decided: Record<string, unknown>): Project => ({
  ...first,
  decisions: new Map([...first.decisions, ...decisionsOf(decided)]),
});

function home(project: Project, target: Target = host) {
  const shop = makeShop(project);
  const page = shop.pages.find(({ path }) => path === '');
  if (!page) throw new Error('There is no home page.');
  const addresses = relativeAddresses(shop, '', target);
  return {
    shop,
    html: storefront.page(shop, shop.writer.write(page), firstView, addresses, target),
    css: storefront.styles(shop, addresses),
  };
}

const classesOf = (html: string, id: string) =>
  new RegExp(`<section class="([^"]*)" id="${id}"`).exec(html)?.[1]?.split(' ') ?? [];

describe('a span of a page', () => {
  test.each<[Span, string]>([
    [{ from: 0, to: 12 }, 'the whole width'],
    [{ from: 0, to: 6 }, 'the left half'],
    [{ from: 4, to: 8 }, 'the middle third'],
    [{ from: 4, to: 12 }, 'the right two thirds'],
    [{ from: 1, to: 6 }, 'parts 2 to 6 of 12'],
    [{ from: 1, to: 7 }, 'parts 2 to 7 of 12'],
  ])('%j is %s', (span, says) => expect(saySpan(span)).toBe(says));

  test('is kept in the page and as wide as its section must be', () => {
    for (let from = -14; from < 14; from++)
      for (let to = from - 4; to < 26; to++)
        for (const least of [4, 8]) {
          const fits = fittingSpan({ from, to }, least);
          expect([fits.from >= 0, fits.to <= pageParts, fits.to - fits.from >= least]).toEqual([true, true, true]);
        }
  });
});

describe('a section that stands otherwise', () => {
  const plain = home(first);

  test('leaves a page on which nothing was said as it was', () => {
    expect(plain.html).not.toMatch(/class="spans"|span-\d|data-stands/);
    expect(plain.css).not.toMatch(/main\.spans|--rest-0/);
  });

  test('has the parts of the page that it was given, and a rule for it', () => {
    const { html, css } = home(
      withDecisions({ 'look/span/home/story': { from: 0, to: 6 }, 'look/span/home/why': { from: 3, to: 12 } }),
    );
    expect(html).toContain('<main id="main" class="spans">');
    expect(classesOf(html, 'story')).toEqual(expect.arrayContaining(['span-0-6']));
    expect(classesOf(html, 'why')).toContain('span-3-12');
    // Wide screens alone have room beside: on the others each takes the page.
    const beside = /@media \(min-width:1000px\)\{main\.spans\{.*?\}\}/.exec(css)?.[0] ?? '';
    expect(beside).toContain('.span-0-6{grid-column:calc(2 + var(--shift,0))/calc(8 + var(--shift,0))!important');
    expect(css.replace(beside, '')).not.toContain('span-0-6');
  });

  test('has its room, its size and the place of its words, and phones have theirs', () => {
    const { html, css } = home(
      withDecisions({
        'look/room/home/story': 1.5,
        'look/size/home/story': 1.15,
        'look/align/home/story': 'middle',
        'look/phone-room/home/story': 0.5,
        'look/phone-align/home/why': 'end',
      }),
    );
    expect(classesOf(html, 'story')).toEqual(expect.arrayContaining(['room-150', 'words-middle', 'size-115', 'phone-room-50']));
    expect(classesOf(html, 'why')).toContain('phone-words-end');
    expect(css).toContain('.room-150{--rest:calc(var(--rest-0)*1.5)');
    const phones = css.slice(css.lastIndexOf('@media (max-width:600px){.phone-'));
    expect(phones).toContain('.phone-room-50{');
    expect(phones).toContain('.phone-words-end{');
    expect(html).not.toContain('class="spans"');
  });

  test('says in the studio’s window how it stands, and nowhere else', () => {
    const moved = withDecisions({ 'look/span/home/story': { from: 0, to: 6 }, 'look/room/home/story': 2 });
    expect(home(moved, preview).html).toMatch(/id="story"[^>]* data-stands="0 6 4 2"/);
    expect(home(moved).html).not.toContain('data-stands');
    // What takes all of its page has no grips.
    expect(home(moved, preview).html).not.toMatch(/id="opening"[^>]* data-stands/);
  });

  test('that is gone keeps what was said of it aside', () => {
    const { shop } = home(withDecisions({ 'look/span/home/story-7': { from: 0, to: 6 }, 'look/phone-size/home/story-7': 1.15 }));
    expect(shop.setAside.map(({ place }) => place)).toEqual(
      expect.arrayContaining(['look/span/home/story-7', 'look/phone-size/home/story-7']),
    );
  });
});

describe('what may be said of how a section stands', () => {
  const place = lookPlaces.standing;

  test('no section is narrower than it can be read in, and what makes a page takes all of it', () => {
    for (const { kind } of sectionLibrary) {
      const least = narrowestOf(kind);
      if (least === pageParts) {
        expect(whyNot(place.span('home', kind), { from: 0, to: 12 })).not.toBe('');
        continue;
      }
      expect([kind, whyNot(place.span('home', kind), { from: 0, to: least })]).toEqual([kind, '']);
      expect([kind, whyNot(place.span('home', kind), { from: 0, to: least - 1 })]).not.toEqual([kind, '']);
    }
    expect(whyNot(place.span('shop', 'listing'), { from: 0, to: 6 })).toMatch(/no such place/);
  });

  test.each([[{ from: -1, to: 6 }], [{ from: 6, to: 2 }], [{ from: 0, to: 13 }], [{ from: 0.5, to: 6 }], ['left'], [null]])(
    '%j is refused',
    (value) => expect(whyNot(place.span('home', 'story'), value)).not.toBe(''),
  );

  test('sizes and rooms go in steps', () => {
    expect(whyNot(place.room('home', 'story'), 1.5)).toBe('');
    expect(whyNot(place.room('home', 'story'), 1.37)).toMatch(/steps/);
    expect(whyNot(place.size('home', 'story'), 9)).toMatch(/steps/);
    expect(sayNow(place.span('home', 'story').address, { from: 0, to: 6 })).toBe('Story on Home stands on the left half');
  });

  test('its slip offers what is there, names what else stands there, and is one step back to as it was', () => {
    const project = withDecisions({ 'look/span/home/story': { from: 1, to: 8 }, 'look/room/home/story': 1.25 });
    const shop = makeShop(project);
    const slip = slipOf(shop, project, { kind: 'section', page: 'home', section: 'story' });
    const width = slip?.groups.find(({ kind }) => kind === 'section-width');
    const room = slip?.groups.find(({ kind }) => kind === 'section-room');
    const stands = (group: typeof width) => (group?.as === 'choice' ? group.offers.find((offer) => offer.stands) : undefined);
    expect(stands(width)?.label).toBe('Parts 2 to 8 of 12');
    expect(stands(room)?.label).toBe('125 %');
    const back = width?.as === 'choice' ? width.offers.find(({ usual }) => usual)?.wishes : [];
    expect(back).toEqual([clear(lookPlaces.standing.span('home', 'story'))]);
    // The opening and what a page is made of have no width to choose.
    const opening = slipOf(shop, project, { kind: 'section', page: 'home', section: 'opening' });
    expect(opening?.groups.some(({ kind }) => kind === 'section-width')).toBe(false);
    expect(opening?.groups.some(({ kind }) => kind === 'section-size')).toBe(true);
  });

  test('its grips ask for what fits, and where nothing does it is said why', () => {
    const shop = makeShop(first);
    const at = (section: string) => {
      const spot = spotOf(shop, first, { kind: 'section', page: 'home', section });
      if (!spot) throw new Error(`No ${section}.`);
      return spot;
    };
    const { span, room } = lookPlaces.standing;
    expect(standingWishes(at('story'), { span: { from: 9, to: 11 } })).toEqual({
      ok: true,
      value: [set(span('home', 'story'), { from: 8, to: 12 })],
    });
    expect(standingWishes(at('story'), { span: { from: 0, to: 12 } })).toEqual({
      ok: true,
      value: [clear(span('home', 'story'))],
    });
    expect(standingWishes(at('story'), { room: 1 })).toEqual({ ok: true, value: [clear(room('home', 'story'))] });
    expect(standingWishes(at('opening'), { span: { from: 0, to: 6 } })).toEqual({
      ok: false,
      say: 'It takes the whole width of its page.',
    });
  });
});

describe('the size of a picture beside words', () => {
  const place = lookPlaces.standing.pictures;
  const made = { 'look/opening': 'made', 'plan/home/opening/arrangement': 'pictured' };

  test('goes in steps where a picture stands alone, and never beyond the words that it stands among', () => {
    expect(whyNot(place('home', 'opening'), 'large')).toBe('');
    expect(whyNot(place('home', 'story'), 'small')).toBe('');
    expect(whyNot(place('home', 'story'), 'large')).toMatch(/all the width/);
    expect(whyNot(place('home', 'opening'), 'huge')).not.toBe('');
    expect(whyNot(place('home', 'questions'), 'small')).toMatch(/no such place/);
    expect(sayNow(place('home', 'opening').address, 'large')).toBe('Picture in Opening on Home: large');
  });

  test.each(families.map(({ id }) => id))('%s says what it is by', (id) => {
    const { html, css } = home(withDecisions({ ...made, 'look/family': id, 'look/pictures/home/opening': 'larger' }));
    expect(classesOf(html, 'opening')).toContain('pictures-larger');
    expect(css).toContain('.pictures-larger{--more:.5}');
    // Each of the two is asked for where the family sets its opening.
    expect(css).toContain('var(--more,0)');
    expect(css).toMatch(/opening[^{}]*\{[^}]*var\(--less,0\)/);
  });

  test('is offered at a picture that is there, and at no other', () => {
    const offered = (decided: Record<string, unknown>) => {
      const project = withDecisions(decided);
      const slip = slipOf(makeShop(project), project, { kind: 'picture', page: 'home', section: 'opening' });
      const group = slip?.groups.find(({ kind }) => kind === 'picture-size');
      return group?.as === 'choice' ? group.offers.map(({ label, stands }) => (stands ? `*${label}` : label)) : null;
    };
    expect(offered({ ...made, 'look/pictures/home/opening': 'small' })).toEqual([
      '*Small',
      'Smaller',
      'Usual',
      'Larger',
      'Large',
    ]);
    expect(offered({ ...made, 'plan/home/opening/arrangement': 'spoken' })).toBeNull();
  });
});
