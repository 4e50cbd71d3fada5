import { readSaid } from '../../../tests/said';
import { Decided, mayPrint } from '../places';
import { correct, readBrief } from './index';

const figures = (text: string) => readBrief(text).figures.map(({ value }) => `${value.figure} ${value.what}`);

describe('numbers that are told', () => {
  test.each([
    ['We build wheels in Leeds. I have built 4,100 wheels since 1998.', ['4,100 wheels since 1998']],
    ['We sell hand-dyed yarn. The yarn comes in thirty-six colourways and two sizes.', ['36 colourways', '2 sizes']],
    ['We are the two of us.', []],
    ['A bag costs £30.', []],
    ['No two are alike.', []],
    ['Send it back within 30 days.', []],
    ['100 year old bags.', []],
    // A unit of measure (CLDR) is nothing that is counted, and what one of them has is not what there is.
    ['We make pots in Split. We fire them at 1260 degrees.', []],
    ['We make pots in Split. Each pot has two drain holes.', []],
  ])('%s', (text, wanted) => expect(figures(text)).toEqual(wanted));
});

describe('people', () => {
  test.each([
    ['My name is Ines Caldeira and I make rings.', ['Ines Caldeira']],
    ['We are the two of us, Isolde and Bram.', ['Isolde', 'Bram']],
    ['We are Joss and Imani.', ['Joss', 'Imani']],
    ["I'm Edda, my brother Veit drives.", ['Edda', 'Veit']],
    ['We are open on Monday.', []],
  ])('%s', (text, wanted) => expect(readBrief(text).people.map((fact) => fact.value)).toEqual(wanted));
});

const quotedIn = (asked: readonly { text: string }[]) => asked.map(({ text }) => text).filter((text) => text.startsWith('“'));

describe('reviews', () => {
  test('are quoted with the name that follows', () => {
    const { praise, reviews, unsure, statements } = readBrief(
      'We mend clocks.\n\n“It strikes again, after forty years.” – Ann from Bray\n"Not a word too many, not a day late." – J. Holt',
    );
    expect(praise.map(({ fact }) => fact.value)).toEqual([
      { text: 'It strikes again, after forty years.', by: 'Ann from Bray' },
      { text: 'Not a word too many, not a day late.', by: 'J. Holt' },
    ]);
    expect(reviews).toEqual([]);
    expect(quotedIn(unsure)).toEqual([
      '“It strikes again, after forty years.” – Ann from Bray',
      '“Not a word too many, not a day late.” – J. Holt',
    ]);
    expect(statements.map((one) => one.text).join(' ')).not.toMatch(/strikes|Not a word/);
  });
  test('are none where nobody has said it yet', () => {
    const { praise } = readBrief('We press oil. In September there is none, the site has to say “in October again” then.');
    expect(praise).toEqual([]);
  });
  test('are printed with the seller’s yes, and never without', () => {
    const reading = readBrief('We mend clocks in Bray. “It strikes again, after forty years.” – Ann from Bray');
    const [praise] = reading.praise;
    const place = mayPrint(praise?.key ?? '').address;
    const said = (may?: boolean) => correct(reading, new Decided(new Map(may === undefined ? [] : [[place, may]])));
    expect(said().reviews).toEqual([]);
    expect(said(true).reviews.map(({ value }) => value.by)).toEqual(['Ann from Bray']);
    expect(quotedIn(said(true).unsure)).toEqual([]);
    expect(said(true).answered.yes).toHaveLength(1);
    expect(said(false).reviews).toEqual([]);
    expect(quotedIn(said(false).unsure)).toEqual([]);
  });
  test('that the seller has put under “reviews” are meant to be printed', () => {
    const { reviews, unsure } = readBrief('We mend clocks.\n\nReviews:\n“It strikes again, after forty years.” – Ann from Bray');
    expect(reviews.map(({ value }) => value.by)).toEqual(['Ann from Bray']);
    expect(quotedIn(unsure)).toEqual([]);
  });
  test.each([
    ['We dye ribbon. Dorothy Akers from Paducah: "It never frays, not even at Ascot."', 'Dorothy Akers from Paducah'],
    ['We dye ribbon. Captain Dale wrote "It never frays, not even at Ascot."', 'Captain Dale'],
    ['We dye ribbon. "It never frays, not even at Ascot" (J. T. Fenn, milliner).', 'J. T. Fenn'],
    ['We dye ribbon. "It never frays, not even at Ascot", said Mrs Holt.', 'Mrs Holt'],
    ['We dye ribbon. Mr Holt from Bath wrote me "It never frays, not even at Ascot."', 'Mr Holt from Bath'],
    ['We dye ribbon.\n\n"It never frays, not even at Ascot." Dorothy Akers\n\nWe post it.', 'Dorothy Akers'],
    ['They say\t"It never frays, not even at Ascot." – J. T. Fenn\nFeeling\tDark and rich', 'J. T. Fenn'],
  ])('name who spoke, before or behind what is quoted: %s', (brief, by) =>
    expect(readBrief(brief).praise.map(({ fact }) => fact.value.by)).toEqual([by]),
  );
  test.each([
    'We dye ribbon. "It never frays, not even at Ascot." And the colours stay.',
    'We dye ribbon. Somebody said "It never frays, not even at Ascot." Another client bought ten.',
  ])('are not made of what nobody has said: %s', (brief) => expect(readBrief(brief).praise).toEqual([]));
  test('are not made of a word in inverted commas', () =>
    expect(readBrief('We call it “the long soak”. It takes a week.').praise).toEqual([]));
});

describe('opening hours', () => {
  test.each([
    ['We are open Thursday to Saturday, 9 to 13.', [['Thursday to Saturday', '09:00–13:00']]],
    [
      'Opening hours: Mon-Fri 9am-5pm, Sat 10:00-14:30',
      [
        ['Mon to Fri', '09:00–17:00'],
        ['Sat', '10:00–14:30'],
      ],
    ],
    ['The shop is open on Saturdays from 10 to 4.', [['Saturdays', '10:00–16:00']]],
    ['Parcels leave on Mondays, 2 to 3 in all.', []],
  ])('%s', (text, wanted) => expect(readBrief(text).openings.map(({ value }) => [value.days, value.hours])).toEqual(wanted));
});

describe('steps', () => {
  test('are the parts of a sentence that each begin with a verb', () =>
    expect(
      readBrief('I take out the lining, feed the leather for a month, and sew everything by hand.').steps.map(
        (fact) => fact.value,
      ),
    ).toEqual(['take out the lining', 'feed the leather for a month', 'sew everything by hand']));
  test('a list of goods has none', () =>
    expect(readBrief('We bake rye bread, cinnamon buns and lemon cakes.').steps).toEqual([]));
});

test('what is told of the goods keeps its name', () => {
  const { statements } = readBrief('We bake cakes.\n\nAllergens: milk, eggs.\n\nKeeping: cool and dry.');
  expect(statements.filter((one) => one.topics.includes('detail')).map((one) => one.text)).toEqual([
    'Allergens: milk, eggs.',
    'Keeping: cool and dry.',
  ]);
});

test('a gap that waits for the seller is read as nothing', () =>
  expect(readSaid('We bake cakes in a mill.\n\n[Where you are]\n\n[How it began]').statements.map((one) => one.text)).toEqual([
    'We bake cakes in a mill.',
  ]));

test('where the people live who are quoted is not where the shop is', () => {
  const quotes = '“We danced on it until four.” — Otieno from Kisumu\n“The blue did not run.” — Wanjiru, Nyeri';
  expect(
    readBrief(`Mkeka Moja is a weaving house run by two aunts. We plait mats.\n\n${quotes}`).place?.confidence ?? 0,
  ).toBeLessThan(0.5);
  expect(readBrief(`Mkeka Moja is a weaving house in Mombasa. We plait mats.\n\n${quotes}`).place?.value).toBe('Mombasa');
});
