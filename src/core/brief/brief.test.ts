import { readSaid } from '../../../tests/said';
import { cssColours } from './cssColours';
import { colourOf, readBrief, type Reading } from './index';
import * as namedByCss from 'culori';

const facts = ({ name, sells, place, currency, email, country }: Reading) => ({
  name: name?.value,
  sells: sells[0]?.value,
  place: place?.value,
  currency: currency?.value,
  email: email?.value,
  country: country?.value,
});

describe('a brief', () => {
  test.each([
    [
      'of a restorer',
      `Saddler's Rest. I restore old leather bags, the sort your grandfather had, and sell them. I find them at house clearances around Ghent. Prices in euros. Mail me: lode@saddler.example`,
      {
        name: 'Saddler’s Rest'.replace('’', "'"),
        sells: 'old leather bags',
        place: 'Ghent',
        currency: 'EUR',
        email: 'lode@saddler.example',
        country: 'BE',
      },
    ],
    [
      'in capitals without punctuation',
      'WE ARE HOT GOSPEL SAUCES AND WE MAKE CHILLI SAUCE IN LEIPZIG WE WANT IT LOUD AND FUNNY ORANGE AND BLACK NO GREEN EUROS',
      { name: 'Hot Gospel Sauces', sells: 'chilli sauce', place: 'Leipzig', currency: 'EUR', email: undefined, country: 'DE' },
    ],
    [
      'in bullets',
      '- Name: Marsh & Daughter\n- We sell garden seeds and bulbs\n- based in Cork, Ireland\n- €\n- hello@marsh.example',
      {
        name: 'Marsh & Daughter',
        sells: 'garden seeds',
        place: 'Cork, Ireland',
        currency: 'EUR',
        email: 'hello@marsh.example',
        country: 'IE',
      },
    ],
    [
      'of one line',
      'Pinhole cameras from Kyoto, prices in yen.',
      { name: undefined, sells: 'pinhole cameras', place: 'Kyoto', currency: 'JPY', email: undefined, country: 'JP' },
    ],
  ])('%s', (_, brief, wanted) => expect(facts(readBrief(brief))).toEqual(wanted));

  test.each([
    ['We bake rye bread in Turku.', true],
    ['We make biscuit tins near Porto.', true],
    // Notes and bids are the seller's to allow, whatever they say of the goods.
    ['We make biscuit tins w/ lids + hinges near Porto.', false],
    ['Put in that we make biscuit tins near Porto.', false],
  ])('prints what says in a whole sentence of ours what is sold: “%s” %s', (sentence, is) => {
    const { statements, unsure } = readBrief(`${sentence} Write to a@b.example.`);
    expect(statements.some(({ source }) => source.text.startsWith(sentence.slice(0, 12)))).toBe(is);
    if (!is) expect(unsure.length).toBeGreaterThan(0);
  });

  test('keeps the very words that each fact came from', () => {
    const text =
      'We are Old Tin. We make biscuit tins near Porto.\nNo pink, please. Navy and cream are our colours. Call +351 21 000 0000.';
    const reading = readBrief(text);
    const all = [
      reading.name,
      reading.place,
      ...reading.sells,
      ...reading.coloursWanted,
      ...reading.coloursAvoided,
      reading.phone,
      ...reading.statements,
    ];
    expect(all.filter(Boolean).length).toBeGreaterThan(6);
    for (const fact of all) if (fact?.source) expect(text.slice(fact.source.start, fact.source.end)).toBe(fact.source.text);
  });

  test('may say who the business is by whose it is, and that it is a shop online', () => {
    expect(readBrief('My Name is Wanda. I cast bells.').name?.value).not.toBe('My Name');
    const shop = readBrief(
      'We are Dos Hermanas Tackle, a tiny online store in Tampa selling surfboards, skateboards and beach tents to kids and their tired parents. Loud, sunny, a bit funny. US dollars.',
    );
    expect(shop.name?.value).toBe('Dos Hermanas Tackle');
    expect(shop.sells.map(({ value }) => value)).toEqual(['surfboards', 'skateboards', 'beach tents']);
    expect(shop.currency?.value).toBe('USD');
    expect(shop.tone.map(({ value }) => value)).toEqual(expect.arrayContaining(['loud', 'sunny']));
    // What somebody wants their shop to be is still a wish.
    expect(readBrief('I sell kelp in Bray. What I want is an online shop with big pictures.').wishes.at(-1)?.text).toMatch(
      /^What I want/,
    );
  });

  test('empty or without sense is read without complaint', () => {
    for (const text of ['', '   \n', '?!…', '😀 😀', '<script>alert(1)</script>', 'x'.repeat(5000)])
      expect(readBrief(text).statements.length).toBeLessThan(2);
  });

  test('is read the same every time', () =>
    expect(readBrief('We are Old Tin. We make tins.')).toEqual(readBrief('We are Old Tin. We make tins.')));
});

describe('colours', () => {
  const colours = (text: string) => {
    const { coloursWanted, coloursAvoided } = readBrief(text);
    return [coloursWanted.map((c) => c.value.name), coloursAvoided.map((c) => c.value.name)];
  };
  test.each([
    ['The site should be dark green, no pink.', ['dark green'], ['pink']],
    ['We want it brown but not beige.', ['brown'], ['beige']],
    ['We sell blue mugs and red plates.', [], []],
    ['Anything but purple. Our colours: mustard and teal.', ['mustard', 'teal'], ['purple']],
    ['Please use #1a2b3c for the brand.', ['#1a2b3c'], []],
    [
      'Look: moss and grey. Not purple. Purple is the colour of bad advice, cheap chocolate and my first wedding.',
      ['moss', 'grey'],
      ['purple'],
    ],
    ['The website should be calm, green and cream, no red. Green is the colour of our oxide.', ['green', 'cream'], ['red']],
  ])('%s', (text, wanted, avoided) => expect(colours(text)).toEqual([wanted, avoided]));

  test('named by CSS mean what CSS Color Module Level 4 says', () => {
    // Section 6.1 of the module, through a registry package that carries its table.
    for (const [name, hex] of Object.entries(cssColours)) expect([name, namedByCss.formatHex(name)]).toEqual([name, hex]);
    expect(colourOf('steel blue')).toBe('#4682b4');
    expect(colourOf('not a colour')).toBeUndefined();
  });
});

describe('what may be printed', () => {
  test('what only says of its label how it is keeps its label; what names something needs none', () => {
    const { told } = readBrief(
      'Shop name: Perera\nReturns: Unworn within 14 days. Cut to measure: no returns.\nRepairs: Ends re-stitched free of charge for five years.\nE-mail: cutter@perera-braces.example',
    );
    expect(told.map(({ text }) => text)).toContain('Returns: Unworn within 14 days.');
    expect(told.map(({ text }) => text)).toContain('Ends re-stitched free of charge for five years.');
  });

  test('what was spoken is written without its pauses and fresh starts', () => {
    const texts = (brief: string) => readSaid(brief).statements.map((s) => s.text);
    expect(texts('We pour the figures and his aunt paints the hats, and she doesn’t take, er, instructions.')).toEqual([
      'We pour the figures and his aunt paints the hats, and she doesn’t take instructions.',
    ]);
    expect(texts('One sol of each figure goes to the, the dog home at Cayma.')).toEqual([
      'One sol of each figure goes to the dog home at Cayma.',
    ]);
    expect(texts('Slowly, slowly the glue dries, and every joint is held for a week.')).toEqual([
      'Slowly, slowly the glue dries, and every joint is held for a week.',
    ]);
  });

  test('wishes about the site are told from statements about the business', () => {
    const { statements, wishes } = readSaid(
      'We sew tents in Leeds. The website should feel calm. No luxury talk. Every tent lasts thirty years. I want a newsletter. Make it green.',
    );
    expect(statements.map((s) => s.text)).toEqual(['We sew tents in Leeds.', 'Every tent lasts thirty years.']);
    expect(wishes.map((w) => w.text)).toEqual(
      expect.arrayContaining(['The website should feel calm.', 'No luxury talk.', 'I want a newsletter.', 'Make it green.']),
    );
  });

  test('is repaired lightly', () => {
    expect(
      readSaid(
        "We sew tents in Leeds and every tent lasts thirty years.\nand we dont sell a tent that can't be mended",
      ).statements.at(-1)?.text,
    ).toBe("We don’t sell a tent that can't be mended.");
  });

  test('a year or a price is not a number to call', () =>
    expect(readBrief('Since 1998 we sell bells for £1,250.00 and 2024 more.').phone).toBeNull());
});

test('what is said not to be there is not sold', () => {
  const { sells } = readBrief('We sell maps of caves. No stock photos of camels.');
  expect(sells.map(({ value }) => value).join()).not.toMatch(/photo|camel/);
});

test('what others do, and where it is said not to be, is neither sold nor its place', () => {
  const { sells, place } = readBrief(
    'They all print dolphins. We weave. Vorhangstube Zoller, Winterthur. Not Winterthur Street in Zürich.',
  );
  expect(sells.map(({ value }) => value).join()).not.toMatch(/dolphin/);
  expect(place?.value).not.toBe('Zürich');
});

test('a price is no name', () => {
  const { name } = readBrief(
    'Stitch Drive, Durban, makes belts for sewing machines: 5 mm at R85, 6 mm at R95, lug type at R140.',
  );
  expect(name?.value).toBe('Stitch Drive');
});

test('a country that nobody names pays with the money that is named, or is not known', () => {
  const brief = 'Big photos of frost. We send cuttings of willow from Cluj, prices in lei. A list that can be sorted.';
  expect(readBrief(brief)).toMatchObject({ currency: { value: 'RON' } });
  expect(readBrief(brief).country?.value ?? 'RO').toBe('RO');
  const { country, currency } = readBrief(brief.replace('lei', 'euros'));
  expect(currency?.value).toBe('EUR');
  expect(country?.value).not.toBe('US');
});

test('a colour between two is neither of them', () => {
  // The survey of colour names by R. Munroe (xkcd, 2010), as it ships.
  const { coloursWanted } = readBrief('Old records. Grey blue and blue green, please.');
  expect(coloursWanted.map(({ value }) => value.hex)).toEqual(['#6b8ba4', '#137e6d']);
});

test('the end of an address for mail is no address on the web', () => {
  expect(readBrief('Write to cutter@perera-braces.example').links).toEqual([]);
  expect(readBrief('We are at perera-braces.example').links).toMatchObject([{ value: 'perera-braces.example' }]);
});

test('in a language that nobody taught it, a reader takes nothing that is unlikely for what is sold', () => {
  const { sells, language } = readBrief(
    'Wir graben, bürsten und wässern Hölzer und Steine, bis sie ein Aquarium nicht mehr trüben. Jedes Stück liegt vierzig Tage im Becken, bevor es verpackt wird.',
  );
  expect(language?.value).toBe('de');
  expect(sells).toEqual([]);
});

describe('a name between quotation marks', () => {
  test.each([
    ['Мастерская «Глина и дым», Томск, Россия. Мы лепим посуду из местной глины.', 'Глина и дым'],
    ['Töpferei „Lehm und Rauch“, Graz, Österreich. Wir drehen Geschirr aus hiesigem Ton.', 'Lehm und Rauch'],
    ['Taller «Barro y humo», Zaragoza, España. Hacemos vajilla de barro local.', 'Barro y humo'],
    ['窯元「土と煙」、京都、日本。地元の土で器を作っています。', '土と煙'],
  ])('%s', (brief, name) => {
    const found = readBrief(brief).name;
    expect(found?.value).toBe(name);
    expect(brief.slice(found?.source?.start, found?.source?.end)).toBe(name);
  });

  test.each([
    'People say “lovely pots” when they see our pots from Leeds, and then they ask for the price.',
    'We sell what the magazine called “the best jam in Kent”. Jars from Whitstable.',
    '“Never again!”, said my husband. I make quilts in Oslo.',
  ])('%s', (brief) => expect(readBrief(brief).name?.value ?? '').not.toMatch(/lovely|best jam|Never/));
});
