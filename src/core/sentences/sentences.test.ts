import { decisionsOf } from '../../../tests/decisions';
import { importGoods } from '../goods';
import { hintsOf } from '../brief';
import { set, lookPlaces, tillPlaces } from '../places';
import { change, newProject, pictureSchema, startStory, undo, withWishes, type Project, type Story } from '../project';
import { makeShop, namesIn, type Shop } from '../site';
import {
  fulfil,
  learnedJudge,
  longestSentence,
  pastOf,
  readSentence,
  understand,
  type Reading,
  type SentenceKind,
} from './index';
import { noPast } from './about';

/** A shop of this test's own: invented. */
const brief = `Aldo's Kites, Trieste. We sew kites from ripstop nylon on the third floor above the harbour. Each one is flown before it is sold. If the bora tears it in the first year, we mend it free.

Does it need two people? No, one is enough. Can I wash it? Yes, by hand.

The website should be cheerful, sky blue and red. Prices in euros. Write to aldo@kites.example, +39 040 555 0110.`;
const list = `Title;Price;Category;SKU;Stock;Weight g
Harbour kite;48,00;Kites;K-1;9;300
Night kite;62,50;Kites;K-2;4;340
Thin line;9,00;Lines;L-1;50;80
Strong line;15,00;Lines;L-2;30;150
Reel;12,00;Parts;P-1;25;120
`;

function projectOf(): Project {
  const goods = importGoods(new TextEncoder().encode(list), hintsOf(brief));
  if (!goods.ok) throw new Error(goods.say);
  return { ...newProject('kites', 'Kites'), brief, goods: { ...goods.value, file: 'kites.csv' } };
}

const project = projectOf();
const shop = makeShop(project);
// A Saturday.
const today = new Date(2026, 10, 28, 12);

const says = (text: string, at?: string, of: { shop: Shop; project: Project; story?: Story } = { shop, project }) =>
  understand(of.shop, of.project, text, {
    at,
    today,
    ...(of.story ? { past: pastOf(of.story, namesIn(of.shop)) } : {}),
  });

function sure(text: string, at?: string): Reading {
  const { readings, refused } = says(text, at);
  const [reading] = readings.filter((one) => one.sure);
  if (!reading) throw new Error(`“${text}”: ${refused?.says ?? JSON.stringify(readings.map(({ kind, of }) => [kind, of]))}`);
  return reading;
}

const section = (id: string) => `section/home/${id}`;
const lead = `text/${encodeURIComponent('words/home/opening/lead')}`;

describe('names and values', () => {
  const slotsOf = (text: string) =>
    readSentence(text, shop, today).slots.map(
      ({ page, product, category, section: kind, colour, number, date, quote, address }) =>
        page
          ? `page ${page.name}`
          : product
            ? `product ${product.title}`
            : category
              ? `category ${category.name}`
              : kind
                ? `section ${kind}`
                : colour
                  ? `colour ${colour.name}`
                  : number
                    ? `${number.value} ${number.of}`
                    : (date ?? quote ?? address ?? ''),
    );
  test.each([
    ['the Harbour kite costs €50', ['product Harbour kite', '50 money']],
    ['put the harbor kite first', ['product Harbour kite']],
    ['the price of the strong lin is 16,50 euros', ['product Strong line', '16.5 money']],
    ['the price of strong line is 16,50 euros', ['product Strong line', '16.5 money']],
    ['10 % off all lines until Friday', ['10 percent', 'category Lines', '2026-12-04']],
    // Cents without their word; and what only whoever looks for seconds takes for a time.
    ['the Harbour kite costs 50 euros 50', ['product Harbour kite', '50.5 money']],
    ['only half as wide', []],
    ['returns in thirty days', ['30 days']],
    ['it weighs 1.2 kg', ['1200 grams']],
    ['returns in thirty two days', ['32 days']],
    ['the Harbour kite costs a hundred and fifty euros', ['product Harbour kite', '150 money']],
    ['in twos', ['2 plain']],
    // What goes on is another number than its first word.
    ['the Harbour kite costs two and a half euros', ['product Harbour kite']],
    ['it costs 2 million', []],
    ['it costs 5k', []],
    ['it costs 5 hundred euros', []],
    ['a darker sky blue', ['colour sky blue']],
    ['call it “Wind”', ['Wind']],
    ['link to https://wind.example/a', ['https://wind.example/a']],
    ['move the featured goods under the questions', ['section featured', 'section questions']],
    ['the About page', ['page About']],
    // A word of its own in any sentence names no page.
    ['a page about the shop', []],
  ])('%s', (text, found) => expect(slotsOf(text)).toEqual(found));

  test('a day is the next of its name, and of a week its last', () => {
    const dateOf = (text: string) => readSentence(text, shop, today).slots.find(({ date }) => date)?.date;
    expect(dateOf('until Friday')).toBe('2026-12-04');
    expect(dateOf('until Friday week')).toBe('2026-12-11');
    expect(dateOf('until Sunday fortnight')).toBe('2026-12-13');
    expect(dateOf('until 24 December')).toBe('2026-12-24');
    expect(dateOf('only this week')).toBe('2026-11-29');
    expect(dateOf('until January 6')).toBe('2027-01-06');
    expect(dateOf('may it be red')).toBeUndefined();
  });
});

describe('what is understood', () => {
  test.each<[string, string | undefined, SentenceKind, Record<string, string>]>([
    ['three columns', undefined, 'columns', { n: '3' }],
    ['three columns instead of five', undefined, 'columns', { n: '3' }],
    ['the Reel now costs a hundred and twenty', undefined, 'price', { product: 'Reel', money: '120' }],
    ['save it as it is and call it first draft', undefined, 'version', { text: 'first draft' }],
    ['move this above the featured goods', section('why'), 'move', { section: 'why', before: 'featured' }],
    ['hide this on phones', section('why'), 'phone-hide', { section: 'why' }],
    ['the Reel now costs 13.50', undefined, 'price', { product: 'Reel', money: '13.5' }],
    ['10 % off all lines until Friday', undefined, 'discount', { percent: '10', of: 'Lines', until: '2026-12-04' }],
    ['put the Night kite first', undefined, 'first', { product: 'Night kite' }],
    ['a page about how we test our kites', undefined, 'page', { text: 'how we test our kites' }],
    ['call it “Why fly”', `heading/${encodeURIComponent('words/home/opening/headline')}`, 'text', { text: 'Why fly' }],
    ['less red', undefined, 'shift', { by: 'softer' }],
    ['dark background', section('why'), 'ground', { tone: 'inverse' }],
    ['only the left half', section('why'), 'stand-width', { section: 'why', to: 'the left half' }],
    ['only the right half of the page', section('why'), 'stand-width', { section: 'why', to: 'the right half' }],
    ['centre this', section('why'), 'stand-align', { section: 'why', to: 'middle' }],
    ['larger letters in this section', section('why'), 'stand-size', { section: 'why', by: 'bigger' }],
    ['more space above this', section('why'), 'stand-room', { section: 'why', by: 'more' }],
    ['no space above this', section('why'), 'stand-room', { section: 'why', by: 'none' }],
    ['leave this as it is', section('why'), 'keep-this', { section: 'why', on: 'yes' }],
  ])('%s', (text, at, kind, of) => expect(sure(text, at)).toMatchObject({ kind, of }));

  test('a picture of the seller’s is known by its name, and stands where it is said', () => {
    const picture = (name: string) =>
      pictureSchema.parse({ name, hash: 'a'.repeat(64), type: 'image/webp', width: 1600, height: 900 });
    const of: Project = { ...project, pictures: [picture('hill-at-dawn.jpg'), picture('shed.jpg')] };
    const shown = { project: of, shop: makeShop(of) };
    const first = (text: string, at?: string) => says(text, at, shown).readings[0];
    expect(first('use hill-at-dawn.jpg here', section('opening'))).toMatchObject({
      kind: 'show-picture',
      wishes: [{ place: 'look/openingShows', value: 'hill-at-dawn.jpg' }],
    });
    // Several words of a name are enough; one word may be any word.
    expect(first('show lines with the hill at dawn')).toMatchObject({
      kind: 'show-picture',
      wishes: [{ place: 'plan/category-lines/picture', value: 'hill-at-dawn.jpg' }],
    });
    expect(readSentence('the shed is open', shown.shop, today).slots.some((slot) => slot.picture !== undefined)).toBe(false);
    expect(readSentence('the shed.jpg', shown.shop, today).slots).toMatchObject([{ picture: 'shed.jpg' }]);
    expect(says('use hill-at-dawn.jpg here', section('contact'), shown).readings).toEqual([]);
  });

  test.each<[string, SentenceKind]>([
    ['redo', 'redo'],
    ['Make it darker.', 'scheme'],
    ['dark mode', 'scheme'],
  ])('“%s” stands among the words of one kind, and is sure', (text, kind) => {
    const { readings } = understand(shop, project, text, { today, past: { ...noPast, undone: 'Step 7' } });
    expect(readings.map((one) => [one.kind, one.sure])).toEqual([[kind, true]]);
  });

  test('a wish beside a reason is offered, and one that is taken back or put off is not', () => {
    const [only, ...more] = says('make it darker, my dentist has the same').readings;
    expect([only?.kind, only?.sure, more]).toEqual(['scheme', false, []]);
    for (const text of ['make it darker, but not yet', 'make it darker, if my sister agrees'])
      expect(says(text).readings.some(({ sure }) => sure)).toBe(false);
  });

  test.each<[string, string | undefined, SentenceKind, Record<string, string>]>([
    ['a page with our prices for schools', undefined, 'page', { text: 'our prices for schools' }],
    ['make the page less crowded', undefined, 'room', { by: 'more' }],
    ['things stand too close together', undefined, 'room', { by: 'more' }],
    ['packed tighter', undefined, 'room', { by: 'less' }],
    ['make the page darker', undefined, 'scheme', {}],
    ['replace kites by gliders', undefined, 'replace', { from: 'kites', to: 'gliders' }],
  ])('%s', (text, at, kind, of) => expect(says(text, at).readings[0] ?? {}).toMatchObject({ kind, of }));

  test('a picture is made larger as far as its words leave room, and is its usual size again', () => {
    const at = 'picture/home/opening';
    const sized = (size?: string) => {
      const of: Project = {
        ...project,
        decisions: decisionsOf({
          'look/opening': 'made',
          'plan/home/opening/arrangement': 'pictured',
          ...(size ? { 'look/pictures/home/opening': size } : {}),
        }),
      };
      return { project: of, shop: makeShop(of) };
    };
    const value = (text: string, size?: string) => says(text, at, sized(size)).readings[0]?.wishes[0]?.value;
    expect(value('bigger picture')).toBe('larger');
    expect(value('bigger picture', 'larger')).toBe('large');
    expect(value('the picture is too big', 'smaller')).toBe('small');
    expect(says('the picture at its usual size again', at, sized('small')).readings[0]).toMatchObject({
      kind: 'picture-size',
      wishes: [{ place: 'look/pictures/home/opening', value: undefined }],
    });
    expect(says('bigger picture', at, sized('large'))).toMatchObject({
      readings: [],
      refused: { says: 'It has all the room that its words leave to it.' },
    });
  });

  test('sections beside each other are two halves in one row', () => {
    const [reading] = says('this and the contact section side by side', section('why')).readings;
    const wishes = reading?.kind === 'stand-width' ? reading.wishes : [];
    const spans = wishes.filter(({ place }) => place.startsWith('look/span/'));
    expect(spans).toEqual([
      { place: 'look/span/home/why', value: { from: 0, to: 6 } },
      { place: 'look/span/home/contact', value: { from: 6, to: 12 } },
    ]);
    const order = wishes.find(({ place }) => place === 'plan/home/order')?.value as string[] | undefined;
    if (order) expect(order.indexOf('contact')).toBe(order.indexOf('why') + 1);
  });

  test('a section is made no narrower than it can be read in, and it is said why', () => {
    const { refused } = says('a third of the page is enough', section('why'));
    expect(refused?.says).toBe('“Why us” can’t be read in less than 6 of the 12 parts of a page.');
  });

  test('each reading is a sentence, with what stood there before and what will', () => {
    const { says: said, sets } = sure('the Reel now costs 13.50');
    expect(said).toBe('Reel: €12.00 → €13.50.');
    expect(sets).toEqual([{ place: expect.stringMatching(/^goods\/.+\/price$/) as string, before: 1200, after: 1350 }]);
  });

  test('several meanings are several readings, none of which is sure', () => {
    const { readings } = says('another headline', `heading/${encodeURIComponent('words/home/opening/headline')}`);
    expect(readings.length).toBeGreaterThan(1);
    expect(readings.every((reading) => !reading.sure && reading.kind === 'other-text')).toBe(true);
  });

  test('what would be done is one step, and undo gives the same project', () => {
    const story = startStory(project, '2026-11-28T08:00:00.000Z');
    let n = 0;
    const stamp = () => ({ id: `s${n++}`, at: `2026-11-28T09:00:0${n}.000Z` });
    for (const [text, at] of [
      ['three columns', undefined],
      ['10 % off all lines until Friday', undefined],
      ['move this above the featured goods', section('why')],
      ['put the Night kite first', undefined],
    ] as const) {
      const done = fulfil(story, sure(text, at), stamp, namesIn(shop));
      if (!done.ok) throw new Error(done.say);
      expect(done.value.log.changes).toHaveLength(1);
      expect(done.value.project).not.toEqual(project);
      expect(undo(done.value, stamp()).project).toEqual(project);
    }
  });

  test('a discount of a category is taken off unasked; one with a code is typed', () => {
    const [one] = withWishes(project, sure('10 % off all lines until Friday').wishes).decisions.get('till/codes') as Record<
      string,
      unknown
    >[];
    expect(one).toMatchObject({
      kind: 'percent',
      amount: 1000,
      automatic: true,
      until: '2026-12-04',
      of: { kind: 'shelves', names: ['Lines'] },
    });
    const [two] = withWishes(project, sure('code BORA for 15 %').wishes).decisions.get('till/codes') as Record<string, unknown>[];
    expect(two).toMatchObject({ code: 'BORA', amount: 1500, automatic: false });
  });

  test('a colour keeps its hue when it is made darker', () => {
    const { sets } = sure('a darker red');
    expect(sets[0]?.before).not.toBe(sets[0]?.after);
    expect(sets[0]?.place).toMatch(/^look\/(accent|second|third)$/);
  });
});

describe('what was not wholly understood is not done', () => {
  test('a number that goes on is not its first word', () => {
    for (const text of [
      'the Reel costs two and a half euros',
      'the Reel costs 2 million',
      'the price of the Reel is 5k',
      'five columns are too many',
    ])
      expect([text, says(text).readings]).toEqual([text, []]);
  });

  test('the figure that is too many is not the one that is wanted', () => {
    for (const text of ['five columns are too many, three', 'not five columns but three'])
      expect([text, says(text).readings.map(({ of }) => of)]).toEqual([text, [{ n: '3' }]]);
  });

  test('out of the menu is not out of the shop', () => {
    for (const text of ['kick the About page out of the menu', 'delete the About page from the navigation'])
      for (const { kind } of says(text).readings) expect([text, kind]).not.toEqual([text, 'page-out']);
  });

  test('a page that there is not is not the one that is looked at', () => {
    expect(says('we don’t need the Recipes page any more')).toMatchObject({ readings: [], refused: {} });
    expect(says('delete the Recipes page')).toMatchObject({ readings: [], refused: {} });
    expect(sure('we don’t need the About page any more').of).toEqual({ page: 'About' });
  });

  test('a day that is not known ends nothing: it is asked for', () => {
    expect(says('20 % off kites until new year’s eve').refused?.says).toContain('Until when?');
    expect(sure('20 % off kites until 31 December').of).toEqual({ percent: '20', of: 'Kites', until: '2026-12-31' });
    expect(sure('20 % off kites this weekend').of).toMatchObject({ until: '2026-11-29' });
  });

  test('what is taken off something that is not known here is not taken off everything', () => {
    expect(says('posts half price until 20 December').refused?.says).toContain('On which goods?');
    for (const posts of [
      'all posts 10 % off until Friday',
      'posts in the shop 10 % off until Friday',
      'raise the price of the posts by 10 %',
    ])
      expect([posts, says(posts).readings]).toEqual([posts, []]);
    expect(sure('10 % off the whole shop until Friday').of).toEqual({ percent: '10', until: '2026-12-04' });
    expect(sure('raise all prices by 10 %').of).toEqual({ of: 'all', by: '10%' });
    expect(sure('10 % off until Friday').of).toEqual({ percent: '10', until: '2026-12-04' });
    // Everything of a kind that is not known is not everything.
    expect(says('everything for care 20 % off until Friday').refused?.says).toContain('On which goods?');
    expect(says('everything made of oak 5 % dearer').refused?.says).toContain('Which goods?');
    expect(sure('everything 5 % dearer').of).toMatchObject({ of: 'all' });
    expect(sure('10 % off everything until Friday').of).toEqual({ percent: '10', until: '2026-12-04' });
  });

  test('a part of a price is a share; a code with figures is one word', () => {
    expect(sure('half price on all lines until Friday').of).toMatchObject({ percent: '50', until: '2026-12-04' });
    expect(sure('a quarter off kites until Friday').of).toMatchObject({ percent: '25', of: 'Kites' });
    expect(sure('the code BORA26 takes 15 % off').of).toEqual({ percent: '15', code: 'BORA26' });
  });

  test('a reading that leaves aside what is named gives way to one that has a use for it', () => {
    // Two sections are named: hiding one of them would leave the other aside.
    expect(says('the questions after the why us').readings.map(({ kind }) => kind)).not.toContain('hide');
  });

  test('a word that is new is heard as one that means the same', () => {
    const { like, known } = learnedJudge();
    // WordNet 3.1 has "abbreviate" in one synset with "shorten" and "cut".
    expect(known('abbreviat')).toBeNull();
    expect(like('abbreviat')).toContain('shorten');
    const { readings, refused } = says('abbreviate', lead);
    expect(refused?.kind ?? readings[0]?.kind).toBe('rework');
  });

  test('what is named beside a thing that is pointed at is not what is spoken of', () => {
    const at = `card/${shop.catalogue.products[0]?.id ?? ''}`;
    expect(sure('with its reel it weighs 420 g', at).of).toMatchObject({ product: 'Harbour kite', g: '420' });
    expect(sure('the reel weighs 160 g', at).of).toMatchObject({ product: 'Reel', g: '160' });
  });

  test('colours of pictures are not those of the shop, and the logo is no picture', () => {
    expect(says('have the photographs in black and white').readings.map(({ kind }) => kind)).not.toContain('colours');
    for (const text of ['the logo is tiny, make it bigger', 'the mark should be twice as big']) {
      const { readings, refused } = says(text);
      expect(refused?.kind ?? readings[0]?.kind).toBe('mark-size');
    }
  });

  test('what complains of corners asks for the other way, and no clause of what is so already does another thing', () => {
    const round = { ...project, decisions: decisionsOf({ [lookPlaces.corner.address]: 12 }) };
    const readings = (text: string) =>
      understand(makeShop(round), round, text, { today }).readings.map(({ kind, of }) => [kind, of.by ?? of.to]);
    expect(readings('these edges are too soft, I want them sharp')).toEqual([['corners', 'sharper']]);
    expect(readings('the corners are too sharp')).toEqual([['corners', 'rounder']]);
    const square = { ...project, decisions: decisionsOf({ [lookPlaces.corner.address]: 0 }) };
    const { refused } = understand(makeShop(square), square, 'these edges are too soft, I want them sharp', { today });
    expect(refused?.says).toBe('It is so already.');
  });

  test('of what is last and sold none is left', () => {
    const at = `card/${shop.catalogue.products[4]?.id ?? ''}`;
    expect(says('sold the last one this morning', at).readings[0]?.of).toEqual({ product: 'Reel', n: '0' });
    expect(sure('only one left', at).of).toEqual({ product: 'Reel', n: '1' });
  });

  test('words in the middle of a sentence that a capital sets apart are what a text should be; others lead up to them', () => {
    const headline = `heading/${encodeURIComponent('words/home/opening/headline')}`;
    expect(says('I’d rather have Sewn above the harbour', headline).readings[0]?.of).toMatchObject({
      text: 'Sewn above the harbour',
    });
    const at = `card/${shop.catalogue.products[4]?.id ?? ''}`;
    expect(sure('call these Large reels', at).of).toMatchObject({ text: 'Large reels' });
    expect(sure('keep this as the version harbour').of).toMatchObject({ text: 'harbour' });
    expect(sure('save it as it is now under the name red and yellow').of).toMatchObject({ text: 'red and yellow' });
  });

  test('two texts in quotes are one for the other, never the whole', () =>
    expect(says('write "mend" where it says "sew"', lead).readings.map(({ kind }) => kind)).not.toContain('text'));
});

describe('steps', () => {
  const stamps = (i: number) => ({ id: `c${i}`, at: `2026-11-2${i}T10:00:00.000Z` });
  let story = startStory(project, '2026-11-20T10:00:00.000Z');
  [3, 4, 5].forEach((count, i) => {
    story = change(story, '', [set(lookPlaces.goodsColumns, count)], stamps(i + 1));
  });
  const of = { shop: makeShop(story.project), project: story.project, story };
  const act = (text: string) => says(text, undefined, of).readings[0]?.act;

  test('are taken back by their number, done again, named, and compared with', () => {
    expect(act('undo the last two')).toEqual({ do: 'undo', steps: 2 });
    expect(act('undo')).toEqual({ do: 'undo', steps: 1 });
    expect(act('take back the last change but one')).toEqual({ do: 'take-out', change: 'c2' });
    expect(act('save this as “windy”')).toEqual({ do: 'name', version: 'windy' });
    expect(act('what changed since 23 November 2026?')).toEqual({ do: 'compare', change: 'c2' });
    expect(says('undo the last nine', undefined, of).refused?.says).toBe('Only 3 steps can be taken back.');
    expect(says('redo', undefined, of).refused?.says).toMatch(/nothing to do again/);
  });

  test('one with others after it is taken out alone, and is the one thing that is meant', () => {
    for (const text of ['take back the last change but one', 'take out the one before the last'])
      expect([text, says(text, undefined, of).readings.map(({ act, sure }) => [act, sure])]).toEqual([
        text,
        [[{ do: 'take-out', change: 'c2' }, true]],
      ]);
  });

  test('a step in the middle is not the last ones', () => {
    expect(act('undo the second last step')).toEqual({ do: 'take-out', change: 'c2' });
  });

  test('do what they say', () => {
    const reading = says('undo the last two', undefined, of).readings[0];
    const done = reading && fulfil(story, reading, () => ({ id: `u${Math.abs(n++)}`, at: '2026-11-28T10:00:00.000Z' }), {});
    expect(done?.ok && done.value.project.decisions.get('look/columns')).toBe(3);
  });
  let n = 0;
});

describe('what is not done', () => {
  test('what a sentence says it should not be is not done', () => {
    for (const text of ['not so much red', 'the background not in red', 'do not put the Reel first', 'no page about wind'])
      expect([
        text,
        says(text).readings.filter(({ kind }) => ['ground-colour', 'accent', 'first', 'page'].includes(kind)),
      ]).toEqual([text, []]);
  });

  test('what is not on this page is not turned into something else', () => {
    const { readings, refused } = understand(shop, project, 'move the reviews up', { page: 'contact', today });
    expect(readings).toEqual([]);
    expect(refused).not.toBeNull();
  });

  test.each([
    ['', 'Say what should be different.'],
    ['x'.repeat(longestSentence + 1), `This is ${longestSentence + 1} characters long.`],
    ['the price of the Reel is 12', 'It is so already.'],
    ['nine columns', 'One to six goods can stand beside each other.'],
    ['delete the Terms page', 'A shop needs the page “Terms”.'],
    ['the code FOG is over', 'There is no discount to end.'],
    ['free delivery from 50', 'No delivery is set yet.'],
    ['no card payments', 'Then nobody could pay.'],
  ])('%s', (text, because) => {
    const { readings, refused } = says(text);
    expect(readings).toEqual([]);
    expect(refused?.says).toContain(because);
  });

  test.each([
    'make it pop',
    'delete everything',
    'mach es bitte größer',
    'اجعلها أكبر',
    '🙂🙂🙂',
    '\u202Eeverything reversed\u202C',
    '<script>alert(1)</script>',
    'what is the weather',
    'a chatbot in the corner',
  ])('%s', (text) => {
    const { readings, refused } = says(text);
    expect(readings.filter((reading) => reading.sure)).toEqual([]);
    if (refused) expect(refused.says).toMatch(/[.?]$/);
  });

  test('what is not understood comes with what can be said', () => {
    const { refused } = says('make it pop');
    expect(refused?.nearest).toHaveLength(3);
    for (const near of refused?.nearest ?? []) expect(near).toMatch(/“.+”/);
  });

  test('a thing that is not there any more is said', () => {
    expect(says('bigger', 'section/home/gone').refused?.says).toMatch(/not in the shop any more/);
    expect(says('bigger', 'nonsense').refused?.says).toMatch(/not in the shop any more/);
  });

  test('nobody is left without a way to pay, and the one section of a page stays', () => {
    const cash = withWishes(project, [set(tillPlaces.payments, { ...shop.rules.payments, card: false, cash: true })]);
    expect(says('no cash', undefined, { shop: makeShop(cash), project: cash }).refused?.says).toMatch(/nobody could pay/);
    expect(says('hide this', 'section/shop/listing').refused?.says).toMatch(/for nothing|all that this page has/);
  });

  test('a text longer than its place holds is not taken', () => {
    const { refused } = says(`write “${'wind '.repeat(110)}”`, `button/${encodeURIComponent('words/home/opening/button')}`);
    expect(refused?.says).toMatch(/characters long/);
  });
});

test('a wish said at a text reaches that text alone', () => {
  const { readings } = says('write “Sewn above the harbour”', lead);
  expect(readings.flatMap(({ sets }) => sets).map(({ place }) => place)).toEqual(['words/home/opening/lead']);
});
