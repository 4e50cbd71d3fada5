import { readDocument } from '../../document';
import { judge } from '../judge/judge';
import { groundOf, type Ground } from './about';
import { countryFeatures } from './country';
import { spanFacts, type SpanFactName } from './definitions';
import { featureIdOf, isMade } from './features';
import { allOptionFeatures } from './options';
import { readFacts } from './read';
import { isDenied, isDeniedBehind, isOrderedAway } from './denial';
import { featuresOf } from './spans';
import { knownOf, tokensIn } from './tokens';
import { factWeights, Scales, sharesOf, usualWeights } from './weigh';

const ground = (text: string, goods: string[] = []): Ground => {
  const document = readDocument(text);
  return groundOf(document, judge(document, goods), goods);
};

const proposed = (fact: SpanFactName, text: string, goods: string[] = []): string[] => {
  const on = ground(text, goods);
  return on.lines.flatMap((line) => spanFacts[fact].propose(line, on).map((span) => span.text));
};

const seen = (fact: SpanFactName, text: string, words: string, goods: string[] = []) => {
  const on = ground(text, goods);
  const span = on.lines.flatMap((line) => spanFacts[fact].propose(line, on)).find((one) => one.text === words);
  if (!span) throw new Error(`“${words}” is not proposed`);
  return featuresOf(span, on);
};

describe('a phrase names a thing, and says nothing of it', () => {
  test.each([
    ['Aino draws cave maps and prints maps of mines.', 'prints maps'],
    ['My sisters sew straps for watches.', 'sew straps'],
    ['The yoga covers come in three colours.', 'yoga covers come'],
  ])('of “%s” “%s” is nothing that is sold', (text, words) => {
    const all = proposed('sells', text);
    expect(all.length).toBeGreaterThan(0);
    expect(all).not.toContain(words);
  });
  test('what can be either stays: a watch is a thing, dried and knitted things are sold', () => {
    expect(proposed('sells', 'We make watch straps, dried figs and sports bags.')).toEqual(
      expect.arrayContaining(['watch straps', 'dried figs', 'sports bags']),
    );
  });
  test('a thing with what is said more closely of it counts together with the thing, and not with what it is made of', () => {
    const [bowls] = readFacts(ground('Hay Barn is a turner in Bath. We make bowls of green oak by hand.')).sells;
    expect(['bowls', 'bowls of green oak']).toContain(bowls?.value);
    // From here on what is sold is told to shoppers.
    expect(bowls?.confidence).toBeGreaterThan(0.4);
  });
  test('what another shop sells is not sold here', () => {
    const text = 'Sans Rien makes soap.\nThere is a Sans Rien in Lyon that sells furniture, we have nothing to do with it.\n';
    expect(readFacts(ground(text)).sells.map(({ value }) => value)).toEqual(['soap']);
    const inside = 'Pinggir cuts stencils in Jakarta (there is a Pinggir in Bandung that sells noodles, we are not that).';
    expect(readFacts(ground(inside)).sells.map(({ value }) => value)).toEqual(['stencils']);
    const kiln = 'We are Tide, and behind the house there is a kiln that fires stoneware, the only thing that we sell.';
    expect(readFacts(ground(kiln)).sells.map(({ value }) => value)).toContain('stoneware');
    const after = 'There is one shop that mends them, and it is ours. We sell lamps.';
    expect(readFacts(ground(after)).sells.map(({ value }) => value)).toContain('lamps');
  });
});

describe('what is of somebody or something else', () => {
  test('where somebody of the same name is, is not where the shop is', () => {
    const place = (text: string) => readFacts(ground(text)).place?.value;
    const dundee =
      'Legs Eleven turns stilts in Perth. There is a bingo hall of the same name in Dundee. We post all over Britain.';
    expect(place(dundee)).toBe('Perth');
    const patras =
      'I wind ribbons above the bakery in Thessaloniki, it is called Melaní. There is a Melaní in Patras too, a hairdresser.';
    expect(place(patras)).toBe('Thessaloniki');
    // Where there is no other, it is the shop’s own name that an article stands before.
    expect(place('The Bead Shop in Leeds sells beads by the metre.')).toBe('Leeds');
    expect(place('Kami is a shop on the Nieuwe Binnenweg in Rotterdam. We ship to Paris.')).toBe('Rotterdam');
  });
  test('what something is made from is not sold', () => {
    const sells = (text: string) => readFacts(ground(text)).sells.map(({ value }) => value);
    expect(sells('Sift weaves sieves in Accra, from fence wire and old bed frames.')).toEqual(['sieves']);
    expect(sells('From Damascus we sell scarves. We weave them ourselves.').join()).toContain('scarves');
  });
  test('a place is known by the first part of its name, and a part of the world is no town', () => {
    const { country } = readFacts(ground('Anghila tans eel leather in Cluj. Parcels go to the whole European Union.'));
    expect(country?.value).toBe('RO');
  });
  test('an address is no name', () => {
    const { name } = readFacts(
      ground('We forge oyster knives under the name Pearl.\nThe workshop is at 4 Harbour Lane, Muscat.'),
    );
    expect(name?.value).toBe('Pearl');
  });
  test('what buyers do is no part of who they are', () => {
    const [who] = readFacts(
      ground('We forge knives in Muscat.\n\nCooks buy them, and fishermen who are tired of screwdrivers.'),
    ).audience;
    expect(who?.value).toBe('Cooks, and fishermen who are tired of screwdrivers');
    expect(who?.source?.text).toContain('Cooks buy them');
    const [swimmers] = readFacts(ground('We mix bath salts in Tbilisi.\n\nSwimmers buy it.')).audience;
    expect(swimmers?.value).toBe('Swimmers');
  });
  test.each([
    ['Our customers are players of early music, most of them older than their lutes.', 'players of early music'],
    ['Our customers are bag makers in the city.', 'bag makers'],
    ['Our customers are people in wheelchairs.', 'people in wheelchairs'],
    ['Churches buy the large figures from us.', 'Churches'],
    ['We sell to framers and bookbinders, two hundred of them.', 'framers and bookbinders'],
  ])('buyers are those that are named, not what is told of them: “%s”', (text, who) =>
    expect(readFacts(ground(`We carve figures in Muscat.\n\n${text}`)).audience.map(({ value }) => value)).toEqual([who]),
  );
  test.each([
    ['I am Meg Hollis and I stamp labels for orchids in Dunedin, New Zealand.', 'labels'],
    ['We make covers for hot-water bottles in Durban and knit them by hand.', 'covers'],
  ])('what a thing is for is not sold: “%s”', (text, sold) => {
    const { sells, trade } = readFacts(ground(text));
    expect(sells.map(({ value }) => value.split(' ')[0])).toEqual([sold]);
    expect(trade?.value.split(' ')[0]).toBe(sold);
  });
  test('where buyers are is not where the shop is', () => {
    const { place } = readFacts(
      ground(
        'When Aldous died he left a workshop with clock parts in tins. I am selling them under the name Tin and Tooth.\n\nThe buyers are repairers, mostly in America. I pack on Thursdays in Whitby, North Yorkshire, and send anywhere.',
      ),
    );
    expect(place?.value ?? '').not.toContain('America');
  });
  test('whom a letter greets is not what the shop is called', () => {
    const { name } = readFacts(ground('Dear Jón,\n\nI carve figures from driftwood. The shop is called Fjara.\n\nYours,\nSalka'));
    expect(name?.value).toBe('Fjara');
  });
  test('how something looks is not how it should look', () => {
    const tone = (text: string) => readFacts(ground(text)).tone.map(({ value }) => value);
    expect(tone('We sell urns. The site: no white, it looks like a hospital.')).not.toContain('like a hospital');
    expect(tone('We sell urns. The site should look like a hospital.')).toContain('like a hospital');
  });
});

describe('words of a brief', () => {
  test('are cut where they stand, without markup', () => {
    const text = 'Say: **hand-dyed** yarn, £4 since 1998, o’neil@mill.example #2f6f68';
    const tokens = tokensIn(text, 5, text.length);
    expect(tokens.map(({ text: word }) => word)).toEqual([
      'hand-dyed',
      'yarn',
      ',',
      '£',
      '4',
      'since',
      '1998',
      ',',
      'o’neil',
      '@',
      'mill.example',
      '#2f6f68',
    ]);
    for (const { text: word, start, end } of tokens) expect(text.slice(start, end)).toBe(word);
    expect(tokens.map(({ low }) => low)).toContain('@year');
  });

  test('an initial has its full stop, the end of a sentence is none', () => {
    const words = (text: string) => tokensIn(text, 0, text.length).map(({ text: word }) => word);
    expect(words('R. A. Perera sews.')).toEqual(['R.', 'A.', 'Perera', 'sews', '.']);
    expect(words('We make plan B. Ask.')).toEqual(['We', 'make', 'plan', 'B.', 'Ask', '.']);
    expect(words('We make plan B.')).toEqual(['We', 'make', 'plan', 'B', '.']);
  });

  test('are known by what dictionaries say of them', () => {
    expect(knownOf('makes').base).toBe('make');
    expect(knownOf('teal').colour).toBe(true);
    expect(knownOf('cosy').mood || knownOf('cosy').likeMood).toBe(true);
    expect(knownOf('@number')).toMatchObject({ noun: null, verb: null, place: 0 });
  });
});

describe('what may be a fact', () => {
  test('a name is taken whole, with the small words inside it', () => {
    const names = proposed('name', 'Mudlark Bags sews panniers. The firm is Tachuelas del Plata.');
    expect(names).toContain('Mudlark Bags');
    expect(names).toContain('Tachuelas del Plata');
    expect(names).not.toContain('Mudlark');
    expect(names).not.toContain('Tachuelas');
    expect(proposed('name', 'Shop name: R. A. Perera')).toContain('R. A. Perera');
    expect(proposed('name', "It's Siedzisko, in Poland. Aldo's Kites is next door.")).toEqual(
      expect.arrayContaining(['Siedzisko', "Aldo's Kites"]),
    );
    expect(proposed('name', "It's Siedzisko, in Poland.")).not.toContain("It's Siedzisko");
  });

  test('a name may be followed by where it is, stand before a colon, or be written without a capital or in nothing else', () => {
    expect(proposed('name', 'Hachi Woodworks of Kyoto makes racks for pipes.')).toContain('Hachi Woodworks');
    expect(proposed('name', 'Cintura: leather belts from one workshop in Florence.')).toContain('Cintura');
    expect(proposed('name', 'SCARF ACE SELLS HEADSCARVES!')).toContain('SCARF ACE');
    expect(proposed('name', 'sari y sal in medellín, sarees to hire')).toContain('sari y sal');
  });

  test('no small word is a name by itself', () => {
    const names = proposed('name', 'We sew. They buy.');
    expect(names).not.toContain('We');
    expect(names).not.toContain('They');
  });

  test('what is sold does not end inside a compound', () => {
    const things = proposed('sells', 'We turn pipe racks and bowls.');
    expect(things).toContain('pipe racks');
    expect(things).toContain('bowls');
    expect(things).not.toContain('pipe');
  });

  test('a sentence is no thing, nor is how many there are, nor which one of them it is', () => {
    const things = proposed('sells', 'Ninepin Lane turns skittles, thirty-six balls a day.', ['Skittle, round']);
    expect(things).toContain('skittles');
    expect(things).toContain('Skittle');
    for (const none of ['Ninepin Lane turns skittles', 'turns skittles', 'thirty-six balls', 'round'])
      expect(things).not.toContain(none);
  });

  test('titles of the list may say it as well', () =>
    expect(proposed('sells', 'We are Tine & Co.', ['Birch needle', 'Birch hook'])).toContain('Birch needle'));

  test('what is asked for goes as far as it is spoken of, and no further', () => {
    const asked = proposed('features', 'Please add a size chart, that is important. We need a calculator for bags, please.');
    expect(asked).toContain('size chart');
    expect(asked).toContain('calculator for bags');
  });

  test('a place may have its country behind it', () => {
    const places = proposed('place', 'The workshop is in Kendal, Cumbria.');
    expect(places).toContain('Kendal, Cumbria');
    expect(places).toContain('Kendal');
  });
});

describe('what is seen of it', () => {
  test('who does what to it, and whether that is denied', () => {
    expect(seen('sells', 'We sell tables.', 'tables')).toMatchObject({ 'verb sell': 1, 'subject we': 1, small: 1 });
    expect(seen('sells', "We don't sell tables.", 'tables')).toMatchObject({ denied: 1 });
    expect(seen('wanted', 'Dark green, but no pink.', 'pink')).toMatchObject({ 'denied right before': 1 });
    expect(seen('wanted', 'No pink, but dark green.', 'dark green').denied).toBeUndefined();
  });

  test('what the list has of it, and the address', () => {
    expect(seen('sells', 'We turn bowls.', 'bowls', ['Oak bowl', 'Ash bowl'])).toMatchObject({
      'goods head': 1,
      'goods most': 1,
    });
    expect(seen('name', 'Teme Valley. Mail: a@temevalley.example', 'Teme Valley')).toMatchObject({ 'is domain': 1 });
  });

  test('a name that no dictionary has, and that does something', () =>
    expect(seen('name', 'Lugas grows fruit trees.', 'Lugas')).toMatchObject({ 'strange and does': 1 }));
});

describe('one reading of all of it', () => {
  test('shares of things of which none may be right add up to less than one', () => {
    const shares = sharesOf([2, 1, -3]);
    expect(shares.reduce((sum, share) => sum + share, 0)).toBeLessThan(1);
    expect(shares[0]).toBeGreaterThan(shares[1] ?? 1);
    expect(sharesOf([])).toEqual([]);
    // Scores this large would be infinite if they were taken as they are.
    expect(sharesOf([1000, 999])[0]).toBeCloseTo(Math.E / (Math.E + 1), 6);
  });

  test('countries are pointed to by places, people, money and numbers to call', () => {
    const on = ground('A workshop in Leipzig. German lamps. Call +49 341 5550142. Prices in euro.');
    const bags = countryFeatures(on, new Scales(on, usualWeights()).weigh('place'));
    expect(bags.get('DE')).toMatchObject({ 'people of country': 1, 'dialled in country': 1, 'shared money of country': 1 });
    expect(bags.get('DE')?.['country of place']).toBeGreaterThan(0.3);
  });

  test('places abroad are told from places at home', () => {
    const text = 'We deliver to Sweden and Norway by post.';
    const abroad = allOptionFeatures(ground(text), 'reach', 'FI');
    const home = allOptionFeatures(ground(text), 'reach', 'SE');
    expect(Object.keys(abroad).some((name) => name.startsWith('own '))).toBe(false);
    expect(Object.keys(home).some((name) => name.startsWith('own '))).toBe(true);
  });

  test('without weights nothing is taken', () => {
    const none = factWeights({ facts: {}, options: {} });
    const facts = readFacts(ground('Old Tin makes biscuit tins near Porto.'), none);
    expect(facts.name).toBeNull();
    expect(facts.wanted).toEqual([]);
  });

  test('the same words twice are read as once', () => {
    const text = 'Old Tin makes biscuit tins near Porto. We ship worldwide. The site should be calm, in navy and cream.';
    const values = (of: string) => {
      const { name, sells, place, tone } = readFacts(ground(of));
      return [name?.value, sells[0]?.value, place?.value, tone.map(({ value }) => value)];
    };
    expect(values(text)).toEqual(['Old Tin', 'biscuit tins', 'Porto', ['calm']]);
    expect(values(`${text}\n\n${text}`)).toEqual(values(text));
  });

  test.each<[string, string[]]>([
    ['The site should look like a pharmacy.', ['like a pharmacy']],
    ['Mood: quiet, like a tea house', ['quiet', 'like a tea house']],
    ['The appearance of the site should be that of a workshop.', ['like a workshop']],
    ['It must not look like a bank.', []],
    ['The old website was too much like a funeral.', []],
    ['I would like a letter from you when the site is done.', []],
    ['The pages should look like a kitchen knife: sharp.', ['sharp']],
  ])('what a site is likened to is how it should feel: “%s” %j', (text, tone) =>
    expect(readFacts(ground(`We weave scarves in Bergen.\n\n${text}`)).tone.map(({ value }) => value)).toEqual(tone),
  );

  const inColours = (text: string) => {
    const { wanted, avoided } = readFacts(ground(`We weave scarves in Bergen.\n\n${text}`));
    return [wanted.map(({ value }) => value), avoided.map(({ value }) => value)];
  };
  test.each([
    ['No green on the site.', [], ['green']],
    ['Nothing green, please.', [], ['green']],
    ['The site can be anything but green.', [], ['green']],
    ['Green, without any gold.', ['Green'], ['gold']],
    ['Not: yellow. No lemon.', [], ['yellow', 'lemon']],
    ['Teal, please. Pink and silver are to be avoided.', ['Teal'], ['Pink', 'silver']],
    ['And no cyan: not in a button. My last designer loved cyan, and look where he is.', [], ['cyan']],
    ['Slate. Neither orange nor yellow.', ['Slate'], ['orange', 'yellow']],
    ['Colours we hate: teal and gold.', [], ['teal', 'gold']],
    ['What colours do you like or hate?\nCyan. Not purple.', ['Cyan'], ['purple']],
  ])('what is denied is refused: “%s”', (text, wanted, avoided) => expect(inColours(text)).toEqual([wanted, avoided]));
  test.each([
    ['Please no sepia, beige.', 'beige', true],
    ['Please no music, green walls.', 'green', false],
    ['Not only green but gold.', 'gold', false],
    ['Not only green.', 'green', false],
    ['Nothing that looks brown.', 'brown', true],
  ])('a denial ends where something else begins: “%s”', (text, colour, is) => {
    const on = ground(text);
    const span = on.lines.flatMap((line) => spanFacts.wanted.propose(line)).find((one) => one.text === colour);
    expect(span && isDenied(span)).toBe(is);
  });

  test.each([
    ['Pink and silver are to be avoided.', 'Pink', true],
    ['Pink is not to be avoided.', 'Pink', false],
    ['Pink is a colour, and lateness is to be avoided.', 'Pink', false],
  ])('what is said behind it turns it away: “%s”', (text, colour, is) => {
    const span = ground(text)
      .lines.flatMap((line) => spanFacts.wanted.propose(line))
      .find((one) => one.text === colour);
    expect(span && isDeniedBehind(span)).toBe(is);
  });
  test.each([
    ['And please, no pink.', true],
    ['There is no pink in the sea.', false],
  ])('an order to leave it away says nothing else: “%s”', (text, is) => {
    const span = ground(text)
      .lines.flatMap((line) => spanFacts.wanted.propose(line))
      .find((one) => one.text === 'pink');
    expect(span && isOrderedAway(span)).toBe(is);
  });

  test('the name is as its address spells it, without what leads in to it', () => {
    const name = (text: string) => readFacts(ground(text)).name?.value;
    expect(name('Today Fence & Tide makes belts in Adelaide. Write to us@fenceandtide.example')).toBe('Fence & Tide');
    expect(name('The Blue Kiln makes cups in Leeds. Write to us@bluekiln.example')).toMatch(/Blue Kiln$/);
  });

  test('what most of the goods are called is sold; what their titles add is a kind of it', () => {
    const goods = ['Bitters, birch', 'Bitters, yuzu', 'Bitters, kelp'];
    const { sells } = readFacts(ground('I make three bitters in Sapporo: birch, yuzu and kelp.', goods));
    expect(sells.map(({ value }) => value)).toEqual(['bitters']);
  });

  test('what is listed with what is sold is sold', () =>
    expect(readFacts(ground('We sew aprons, oven gloves and tea towels in Cork.')).sells.map(({ value }) => value)).toEqual(
      expect.arrayContaining(['aprons', 'oven gloves', 'tea towels']),
    ));
});

test.each([
  ['a newsletter before each season', 'newsletter'],
  ['an order form', 'form'],
  ['questions and answers', 'questions'],
  ['a page for custom orders', 'free-text'],
  ['the opening hours', 'hours'],
  ['a moon calendar', null],
])('%s is made as %s', (phrase, id) => {
  expect(featureIdOf(phrase)).toBe(id);
  expect(isMade(phrase)).toBe(false);
  if (id) expect(isMade(id)).toBe(true);
});
