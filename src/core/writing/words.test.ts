import { Decided } from '../places';
import { decisionsOf } from '../../../tests/decisions';
import { tillWith } from '../../../tests/till';
import { readSaid } from '../../../tests/said';
import { readBrief } from '../brief';
import { importText } from '../goods';
import { planShop, type Known } from '../plan';
import { type DiscountCode } from '../till';

import { makeCatalogue } from '../goods';
import { numbered } from '../../../tests/written';
import { headingOf, headingsOf } from '../sections';
import { capitalised, fit, harvest, inSentence, listed, numberWords, Vocabulary, type Text } from '../words';
import { isFilled } from './asks';
import { Writer, vocabularyOf } from './index';

const brief = `Ash & Oil is a turnery near Galway. We turn bowls, lamps and stools by hand from ash that the wind brought down. Every piece is oiled three times. If it cracks in ten years we mend it. We started in 2003 in a horsebox. My father cut the first tree. The site should be calm. Parcels leave on Mondays. Send it back within 14 days. Call us on 01632 960555 after four. post@ash.example`;

function known(
  text = brief,
  list = 'title,price,category\nOak Bowl,40,Bowls\nAsh Bowl,55,Bowls\nLamp,90,Lamps\n',
  part: Parameters<typeof tillWith>[0] = {},
): Known {
  const goods = importText(list);
  if (!goods.ok) throw new Error(goods.say);
  return {
    reading: readSaid(text),
    catalogue: makeCatalogue(goods.value.products, new Decided(new Map()), 2, 2),
    rules: tillWith(part),
  };
}

function words(of: Known, pageId: string, section: string, decisions: Record<string, unknown> = {}) {
  const decided = new Decided(decisionsOf(decisions));
  const page = planShop(of, decided).find((candidate) => candidate.id === pageId);
  const found = page?.sections.find((candidate) => candidate.id === section);
  if (!page || !found) return null;
  const written = new Writer(of, decided).words(page, found);
  return written && numbered(written);
}

describe('grammar', () => {
  test.each([
    [0, 'no'],
    [1, 'one'],
    [12, 'twelve'],
    [20, 'twenty'],
    [36, 'thirty-six'],
    [99, 'ninety-nine'],
    [100, '100'],
  ])('%i in words', (n, text) => expect(numberWords(n)).toBe(text));

  test('lists join with commas and “and”', () => {
    expect(listed([])).toBe('');
    expect(listed(['a'])).toBe('a');
    expect(listed(['a', 'b'])).toBe('a and b');
    expect(listed(['a', 'b', 'c'])).toBe('a, b and c');
  });

  test('a category is small inside a sentence unless it is a name', () => {
    expect(inSentence('Yarn')).toBe('yarn');
    expect(inSentence('Gifts and lessons')).toBe('gifts and lessons');
    expect(inSentence('Fell Sock')).toBe('Fell Sock');
    expect(inSentence('DK')).toBe('DK');
    expect(inSentence('éclairs')).toBe('éclairs');
  });

  test('a text is cut at a sentence where one fits, else at a word', () => {
    expect(fit('Short.', 20)).toBe('Short.');
    expect(fit('One sentence. Another sentence that is long.', 20)).toBe('One sentence.');
    expect(fit('A single very long sentence without any stop', 20)).toBe('A single very long…');
    for (let most = 10; most < 60; most++)
      expect(fit('Words of several lengths, commas, and a full stop at the end.', most).length).toBeLessThanOrEqual(most);
  });

  test('a capital is set once', () => expect(capitalised('ash & oil')).toBe('Ash & oil'));
});

describe('harvest', () => {
  const taken = harvest(readSaid(brief));
  const all = [
    taken.headline,
    taken.lead,
    ...taken.why.flatMap((why) => [why.title, why.text]),
    ...taken.story,
    ...taken.about,
    ...taken.delivery,
    ...taken.contact,
  ].flatMap((text) => (text ? [text.text] : []));

  test('puts what is done and where into the lead', () =>
    expect(
      harvest(
        readSaid('We turn bowls, lamps and stools in Galway from ash that the wind brought down. My father cut the first tree.'),
      ).lead?.text,
    ).toBe('We turn bowls, lamps and stools in Galway from ash that the wind brought down.'));
  test('puts parcels and returns where delivery is told', () =>
    expect(taken.delivery.map((t) => t.text)).toContain('Parcels leave on Mondays.'));
  test('puts ways to call where contact is told', () =>
    expect(taken.contact.map((t) => t.text)).toEqual(['Call us on 01632 960555 after four.']));
  test('prints a short and particular sentence as the headline', () =>
    expect(['Every piece is oiled three times.', 'If it cracks in ten years we mend it.']).toContain(taken.headline?.text));
  test('uses no sentence twice', () => expect(new Set(all).size).toBe(all.length));
  test('prints no wish about the site', () => expect(all.join(' ')).not.toMatch(/calm/));
  test('has nothing to give where the brief says nothing', () => {
    expect(harvest(readBrief(''))).toEqual({
      headline: null,
      headlineChoices: [],
      lead: null,
      leadChoices: [],
      why: [],
      whyHeading: null,
      story: [],
      promises: [],
      about: [],
      delivery: [],
      contact: [],
    });
  });

  test('does not put a sentence first that means nothing without the one before', () => {
    const { headline } = harvest(
      readSaid('I carve scoops from bamboo. They do this by themselves. Each one is signed underneath.'),
    );
    expect(headline?.text ?? '').not.toMatch(/do this/);
  });
});

describe('sections', () => {
  test('the button names the largest shelf and how much is on it', () =>
    expect(words(known(), 'home', 'opening')?.button).toBe('See the bowls (2)'));
  test('a shop without categories leads to everything', () =>
    expect(words(known(brief, 'title,price\nA,1\nB,2\n'), 'home', 'opening')?.button).toBe('See everything (2)'));
  test('where nothing is sure to be sold, the goods are headed by their number and prices', () =>
    expect(words(known(), 'home', 'featured')).toMatchObject({ heading: 'Three products, €40.00 to €90.00' }));
  test('single pieces are said to be the only ones', () =>
    expect(words(known(brief, 'title,price,stock\nA,1,1\nB,2,1\n'), 'home', 'featured')?.intro).toBe(
      'Two products, €1.00 to €2.00. Each is the only one.',
    ));
  test('one product is one product', () =>
    expect(words(known(brief, 'title,price\nA,1\n'), 'shop', 'listing')?.intro).toBe('One product, €1.00.'));
  test('one price is said once', () =>
    expect(words(known(brief, 'title,price\nA,3\nB,3\n'), 'home', 'featured')?.heading).toBe('Two products, each €3.00'));

  test('questions are answered from the till, and left out while it knows nothing', () => {
    expect(words(known(), 'home', 'questions')).toBeNull();
    const zones = [
      {
        id: 'ie',
        label: 'Ireland',
        countries: ['IE'],
        rates: [{ id: 'p', label: 'Post', price: 650, freeFrom: 8000, upTo: null }],
      },
      {
        id: 'eu',
        label: 'Elsewhere',
        countries: ['*'],
        rates: [{ id: 'q', label: 'Post', price: 0, freeFrom: null, upTo: null }],
      },
    ];
    const answers = words(
      known(brief, undefined, {
        zones,
        returnsDays: 14,
        payments: { card: true, bank: 'IBAN', bankDays: 14 },
        taxes: { standard: 2300, reduced: 1350, zero: 0 },
      }),
      'home',
      'questions',
    );
    expect(answers).toMatchObject({
      'answer-1': 'Ireland: from €6.50, free from €80.00. Elsewhere: free.',
      'answer-2': 'Yes, within 14 days of its arrival.',
      'answer-3': 'By card or by bank transfer, in EUR.',
      'answer-4': 'Yes. The checkout shows how much.',
    });
  });

  test('without a line of its own, the headline is what is sold and where', () => {
    const headline = words(known('We sell candles. We are based in Cork.'), 'home', 'opening')?.headline;
    expect(headline).toMatch(/^(?:Candles from Cork|We sell candles\.)$/);
  });

  test('a seller’s own text stands in place of the written one', () => {
    expect(words(known(), 'home', 'opening', { 'words/home/opening/headline': 'Turned, oiled, kept.' })?.headline).toBe(
      'Turned, oiled, kept.',
    );
  });

  test('speaks as the seller speaks', () => {
    expect(headingsOf({ kind: 'why' }, known())[0]).toBe('How we work');
    const alone = known(
      'I turn bowls by hand in Galway. Every bowl is oiled three times before it leaves. If a bowl cracks within ten years I mend it for nothing. The wood dries for two years in my barn before I cut it.',
    );
    expect(headingsOf({ kind: 'why' }, alone)[0]).toBe('How I work');
    expect(headingsOf({ kind: 'why' }, alone)).toContain(words(alone, 'home', 'why')?.heading);
  });

  test('a heading of ours is the same each time for one shop, and stands on few others', () => {
    const at = (name: string) => {
      const shop = known();
      const reading = { ...shop.reading, name: { value: name, confidence: 0.1, source: null } };
      return headingOf({ kind: 'why' }, { ...shop, reading }).text;
    };
    const names = Array.from({ length: 300 }, (_, n) => `Shop number ${n}`);
    const counts = new Map<string, number>();
    for (const name of names) counts.set(at(name), (counts.get(at(name)) ?? 0) + 1);
    expect(counts.size).toBe(6);
    for (const count of counts.values()) expect(count / names.length).toBeLessThan(0.25);
  });
});

describe('legal pages', () => {
  test('claim only what the shop does and the till knows', () => {
    const bare = Object.values(words(known(), 'terms', 'clauses') ?? {}).join(' ');
    expect(bare).toContain('Prices are in EUR.');
    expect(bare).not.toMatch(/tax|sent back|Delivery is charged/);
    const full = Object.values(
      words(known(brief, undefined, { returnsDays: 30, taxes: { standard: 2300, reduced: 0, zero: 0 } }), 'terms', 'clauses') ??
        {},
    ).join(' ');
    expect(full).toContain('contain the tax');
    expect(full).toContain('within 30 days');
  });

  test('say whom to write to about one’s data', () =>
    expect(Object.values(words(known(), 'privacy', 'clauses') ?? {}).join(' ')).toContain('post@ash.example'));
});

describe('the plan', () => {
  const plan = (decisions: Record<string, unknown> = {}, of = known()) => planShop(of, new Decided(decisionsOf(decisions)));
  const home = (pages: ReturnType<typeof plan>) =>
    pages.find((page) => page.id === 'home')?.sections.map((section) => section.id);

  test('gives every page and section a reason, what visitors get, and what to do next', () => {
    for (const page of plan()) {
      expect(page.because.say).toMatch(/\.$/);
      for (const section of page.sections)
        for (const text of [section.because.say, section.visitorGets, section.doNext]) expect(text).toMatch(/\.$/);
    }
  });

  test('points at the words of the brief that a section follows from', () => {
    const why = plan()[0]?.sections.find((section) => section.id === 'why');
    expect(why?.because.brief.map(({ start, end }) => brief.slice(start, end))).toContain('Every piece is oiled three times.');
  });

  test('plans no section that nothing would fill', () => {
    expect(home(plan({}, known('We sell soap.', 'title,price\nSoap,4\n')))).toEqual(['opening', 'buy-one']);
  });

  test('keeps an order that the seller set, and puts newcomers after it', () => {
    expect(home(plan({ 'plan/home/order': ['why', 'opening'] }))?.slice(0, 3)).toEqual(['why', 'opening', 'featured']);
  });

  test('names and hides as the seller decided', () => {
    const pages = plan({ 'plan/about/name': 'Who we are', 'plan/contact/menu': false, 'plan/home/why/hidden': true });
    expect(pages.find((page) => page.id === 'about')?.name).toBe('Who we are');
    expect(pages.find((page) => page.id === 'contact')?.inMenu).toBe(false);
    expect(pages[0]?.sections.find((section) => section.id === 'why')?.hidden).toBe(true);
  });
});

describe('other texts for a place', () => {
  const text =
    'Ash & Oil is a turnery in Galway. We sell bowls and lamps. They are turned by hand from ash that the wind brought down.';
  const of = known(text);
  const decided = new Decided(new Map());
  const [home] = planShop(of, decided);
  const opening = home?.sections.find(({ kind }) => kind === 'opening');
  const others = (vocabulary: Vocabulary): string[] => {
    if (!home || !opening) throw new Error('There is no opening.');
    const prepared = { harvest: harvest(of.reading), vocabulary, meta: () => ({ title: '', description: '' }) };
    return new Writer(of, decided, prepared).alternatives(home, opening, { field: 'headline' }, '').map((other) => other.text);
  };

  test('name what brief and list name', () => expect(others(vocabularyOf(of)).join(' ')).toMatch(/from Galway/));

  test('are not offered where they name what stands in no input', () => {
    const without = others(
      new Vocabulary(['We sell bowls and lamps. They are turned by hand from ash that the wind brought down.']),
    );
    expect(without.length).toBeGreaterThan(0);
    expect(without.join(' ')).not.toMatch(/from Galway/);
  });
});

describe('a section counts as filled', () => {
  const own = (texts: Record<string, string>) =>
    Object.fromEntries(
      Object.entries(texts).map(([name, text]): [string, Text] => [name, { text, rank: 1, sources: [{ kind: 'seller' }] }]),
    );
  const item = (texts: Record<string, string>) => [{ key: 'a', says: '', texts: own(texts) }];

  test.each([
    ['with a heading alone', 'reviews', own({ heading: 'Said of us' }), false],
    ['with a review', 'reviews', { ...own({ heading: 'Said of us' }), praise: item({ text: 'A good bowl.' }) }, true],
    ['with the name of a reviewer, and no word of hers', 'reviews', { praise: item({ by: 'Ann' }) }, false],
    ['with a person’s line, and no name', 'people', { people: item({ text: 'Turns the bowls.' }) }, false],
    ['with the code of an offer, and no words', 'offer', own({ code: 'Five off with ASH' }), true],
    ['with an offer’s heading alone', 'offer', own({ heading: 'Now less' }), false],
    ['where nothing of it is the seller’s to say', 'featured', own({ heading: 'Some of it' }), true],
  ] as const)('%s', (_, kind, content, filled) => expect(isFilled(kind, content)).toBe(filled));
});

test('a discount is told as the till takes it: with its code, or unasked and with what it is taken off', () => {
  const base = {
    kind: 'percent',
    amount: 1000,
    least: 0,
    until: '2026-12-04',
    from: '',
    uses: null,
    perBuyer: null,
    combines: false,
  } as const;
  const told = (code: DiscountCode) => JSON.stringify(words(known(brief, undefined, { codes: [code] }), 'home', 'offer'));
  expect(told({ ...base, code: 'WIND', of: { kind: 'all' }, automatic: false })).toContain(
    '10 % off with the code WIND, until 4 December 2026.',
  );
  const unasked = told({ ...base, code: 'Winter', of: { kind: 'shelves', names: ['Bowls'] }, automatic: true });
  expect(unasked).toContain('10 % off Bowls, until 4 December 2026.');
  expect(unasked).not.toContain('the code');
});
