import {
  chooseSenses,
  countryOf,
  headNoun,
  isForSale,
  isNoun,
  isVerb,
  verbShare,
  placesNamed,
  plural,
  sharedTerms,
  singular,
  proposeShelves,
  suggestShelves,
  townsAround,
  wordOf,
} from './index';

describe('the noun of a phrase', () => {
  test.each([
    ['hand-dyed knitting yarn', 'knitting yarn'],
    ['Jack plane No. 5', 'jack plane'],
    ['Violin bow no. 212', 'violin bow'],
    ['Rim tape, 10 mm', 'tape'],
    ['a box of matches', 'box'],
    ['fountain pens', 'fountain pens'],
  ])('%s → %s', (phrase, noun) => {
    const head = headNoun(phrase);
    expect(head === noun || noun.endsWith(head ?? '#')).toBe(true);
  });
  test('there is none where no word is known', () => expect(headNoun('Blorp Zindle')).toBeNull());
  test('British spellings are found', () => {
    for (const word of ['jewellery', 'colours', 'axe', 'fibre']) expect([word, isNoun(word)]).toEqual([word, true]);
  });
  test.each([
    ['shelves', 'shelf'],
    ['boxes', 'box'],
    ['brushes', 'brush'],
    ['glass', 'glass'],
  ])('one of %s is %s', (many, one) => expect(singular(many)).toBe(one));
  test('many of a knife are knives', () => expect(plural('knife')).toBe('knives'));
  test('how often a word is a verb (tag_cnt of WordNet’s index.sense)', () => {
    expect(verbShare('goes')).toBeGreaterThan(0.99);
    // 13 of 17 in the tagged texts, and a tenth for each meaning that is in none of them.
    expect(verbShare('prints')).toBeCloseTo(0.74, 2);
    expect(verbShare('sports')).toBeLessThan(0.1);
    expect(verbShare('teapot')).toBe(0);
    expect(verbShare('clothes')).toBeLessThanOrEqual(0.5);
  });
  test('verbs are known by their base form', () =>
    expect(['soak', 'press', 'wash', 'purple'].map(isVerb)).toEqual([true, true, true, true]));
});

describe('of several meanings', () => {
  const broader = (nouns: string[]) => chooseSenses(nouns).map((sense) => (sense ? wordOf(sense.id) : null));
  test('the one is taken that fits what is sold with it', () => {
    expect(broader(['plane', 'chisel', 'saw'])[0]).toBe('plane');
    const [alone] = chooseSenses(['plane']);
    const [among] = chooseSenses(['plane', 'chisel', 'saw', 'rasp']);
    expect(among?.kind).toBe(6);
    expect(alone).toBeDefined();
  });
  test('things can be sold, feelings and days can’t', () => {
    for (const noun of ['soap', 'bread', 'fern', 'chair']) expect([noun, isForSale(noun)]).toEqual([noun, true]);
    for (const noun of ['sincerity', 'Tuesday', 'freedom']) expect([noun, isForSale(noun)]).toEqual([noun, false]);
  });
  test('the nearest term that covers several nouns is found', () => {
    const words = sharedTerms(['spoon', 'fork', 'knife']).map((term) => term.word);
    expect(words.slice(0, 4).some((word) => /cutlery|tableware|tool|ware/.test(word))).toBe(true);
    for (const term of sharedTerms(['spoon', 'fork', 'knife'])) expect(term.covers.length * 2).toBeGreaterThanOrEqual(3);
  });
});

describe('shelves for goods that have none', () => {
  test('things of one noun, or of a near broader term, stand together', () => {
    expect(suggestShelves(['Jack plane No. 5', 'Block plane', 'Dovetail saw', 'Tenon saw', 'Linen shirt', 'Wool coat'])).toEqual([
      'Planes',
      'Planes',
      'Saws',
      'Saws',
      'Clothes',
      'Clothes',
    ]);
  });
  test('what no shop would write over a shelf is written over none', () => {
    const titles = ['Fiddle', 'Mandolin', 'Tin whistle', 'Bodhrán', 'Anvil', 'Compass', 'Barometer', 'Oak bowl', 'Thimble'];
    for (const shelf of suggestShelves(titles))
      expect(shelf ?? '').not.toMatch(/instrumentalit|artifact|device|implement|entit|object/i);
  });
  test('a shelf says why, and how many it would hold', () => {
    expect(proposeShelves(['Linen shirt', 'Wool coat', 'Jack plane', 'Block plane'])).toEqual([
      { shelf: 'Clothes', because: 'By what they are: shirt, coat.', members: [0, 1] },
      { shelf: 'Planes', because: '2 of them are called so.', members: [2, 3] },
    ]);
  });
  test('what nobody knows is filed nowhere', () => expect(suggestShelves(['Blorp', 'Zindle'])).toEqual([null, null]));
  test('one shelf for everything is no shelf', () => {
    const found = suggestShelves(['Rye bread', 'Oat bread', 'White bread', 'Corn bread', 'Spelt bread']);
    expect(new Set(found).size).toBe(1);
  });
});

describe('places', () => {
  test('are found without accents, and with their country', () => {
    expect(placesNamed('Zurich')[0]?.country).toBe('CH');
    expect(placesNamed('kobenhavn').length + placesNamed('Copenhagen').length).toBeGreaterThan(0);
    expect(placesNamed('Lyonesse')).toEqual([]);
    expect(['San José', 'San Jose'].map((name) => placesNamed(name)[0]?.country)).toEqual(['CR', 'US']);
  });
  test('countries know their currency', () => {
    expect(countryOf('SE')?.currencies.map(({ code }) => code)).toEqual(['SEK']);
    expect(countryOf('XX')).toBeUndefined();
  });
  test('towns around one are near it, each once, and not the town itself', () => {
    const [ghent] = placesNamed('Ghent').filter((place) => place.longitude !== null);
    const own = { name: 'Ghent', longitude: ghent?.longitude ?? 0, latitude: ghent?.latitude ?? 0 };
    const towns = townsAround(own, 8);
    expect(towns.length).toBeGreaterThan(4);
    expect(new Set(towns.map((town) => town.name)).size).toBe(towns.length);
    for (const town of towns) {
      // The great-circle distance by the haversine formula (R. W. Sinnott, "Virtues of the haversine", 1984).
      const rad = Math.PI / 180;
      const a =
        Math.sin(((town.latitude - own.latitude) * rad) / 2) ** 2 +
        Math.cos(own.latitude * rad) *
          Math.cos(town.latitude * rad) *
          Math.sin(((town.longitude - own.longitude) * rad) / 2) ** 2;
      const km = 2 * 6371 * Math.asin(Math.sqrt(a));
      expect([town.name, km > 6.5 && km < 76]).toEqual([town.name, true]);
    }
  });
});
