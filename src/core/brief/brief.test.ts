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
  ])('%s', (text, wanted, avoided) => expect(colours(text)).toEqual([wanted, avoided]));

  test('named by CSS mean what CSS Color Module Level 4 says', () => {
    // Section 6.1 of the module, through a registry package that carries its table.
    for (const [name, hex] of Object.entries(cssColours)) expect([name, namedByCss.formatHex(name)]).toEqual([name, hex]);
    expect(colourOf('steel blue')).toBe('#4682b4');
    expect(colourOf('not a colour')).toBeUndefined();
  });
});

describe('what may be printed', () => {
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
