import { type Reach } from './about';
import { countries, countryOf, placesNamed, sharedCurrency, type Place } from '../lexicon';
import { factAt, type Fact, type Source } from './fact';
import { type Sentence } from './sentences';

const word = String.raw`\p{Lu}[\p{L}’'-]+`;
const placeName = String.raw`((?:the\s)?${word}(?:[ -](?:(?:upon|on|under|by|of|the|de|la|le|am|im|in)[ -])*${word}){0,3}(?:,\s+(?:the\s)?${word}(?:\s${word})?){0,2})`;
const before = 'in|near|outside|around|above|below|beside|behind|at|out of|at the edge of|on the edge of|at the foot of';
const seat = String.raw`based|workshop|studio|shop|store|bakery|bench|live|located|farm|garden|shed|mill|barn|kitchen|roastery|pottery|works?|we are|we're|I'm|family`;

const patterns: [RegExp, number][] = [
  [new RegExp(String.raw`\b(?:${seat})\b[^.\n]{0,40}?\b(?:${before})\s+${placeName}`, 'gu'), 0.85],
  [new RegExp(String.raw`\b(?:${before})\s+${placeName}`, 'gu'), 0.65],
  [new RegExp(String.raw`\b(?:from|of)\s+${placeName}`, 'gu'), 0.5],
  [new RegExp(String.raw`(?:[–—|,]\s+)${placeName}(?=\s*(?:[.\n]|$))`, 'gu'), 0.4],
];

const notPlaces =
  /^(?:January|February|March|April|May|June|July|August|September|October|November|December|Monday|Tuesday|Wednesday|Thursday|Friday|Saturday|Sunday|English|Christmas|Easter|I|We|The|He|She|It|My|Our|Everyone|Everything)\b/;

/** What a name is in the gazetteer: its first part, in the country that the other parts agree on. */
export function locate(name: string): Place | null {
  const parts = name.split(/,\s*/).map((part) => part.replace(/^the\s/i, ''));
  const known = parts.map((part) => placesNamed(part));
  const elsewhere = known.slice(1).flatMap((places) => places.map((place) => place.country));
  const first = known[0] ?? [];
  return first.find((place) => elsewhere.includes(place.country)) ?? known.slice(1).flat()[0] ?? first[0] ?? null;
}

/** Where the business is. A name that the gazetteer knows is surer; one that it doesn't know may be a village or a farm. */
export function readPlace(brief: string, sentences: readonly Sentence[], name: Source | null): Fact<string> | null {
  for (const sentence of sentences)
    if (sentence.label === 'place') {
      const match = new RegExp(placeName, 'u').exec(sentence.source.text);
      const start = sentence.source.start + (match?.index ?? 0);
      if (match && !notPlaces.test(match[0])) return factAt(brief, match[0], 0.95, start, start + match[0].length);
    }
  const found: { value: string; start: number; confidence: number }[] = [];
  const served = sentences.filter((sentence) => goesOut.test(sentence.text) || sentence.label === 'reach');
  for (const [pattern, certainty] of patterns)
    for (const match of brief.matchAll(pattern)) {
      const whole = match[1];
      const value = whole?.replace(/ (?:in|im) .*$/, '');
      if (!whole || !value || notPlaces.test(value)) continue;
      const start = match.index + match[0].length - whole.length;
      if (name && start >= name.start && start < name.end) continue;
      const known = locate(value) !== null;
      if (!known && certainty < 0.6) continue;
      // Where the suppliers are is not where the shop is.
      if (
        /\b(?:growers|makers|suppliers|producers|farms|factories|weavers|mills|shipped|import\w*|come|comes|bought)\s+(?:\p{L}+\s)?$/iu.test(
          brief.slice(0, match.index),
        )
      )
        continue;
      // Nor is where the buyers are.
      if (/\b(?:customers|buyers|clients|people who buy)\b[^.\n]*$/i.test(brief.slice(0, match.index))) continue;
      const parcels = served.some(({ source }) => source.start <= start && start < source.end);
      found.push({ value, start, confidence: Math.min(0.95, certainty + (known ? 0.2 : -0.1) - (parcels ? 0.45 : 0)) });
    }
  for (const { source } of sentences.slice(0, 6)) {
    const parts = source.text.replace(/[.!]+$/, '').split(', ');
    const at = parts.findIndex((part) => /^\p{Lu}/u.test(part) && placesNamed(part).some((place) => place.size >= 4));
    const alone = parts.slice(at).join(', ');
    if (at >= 0 && source.text.split(' ').length <= 7 && !/\b(?:we|i|is|are)\b/i.test(source.text))
      found.push({ value: alone, start: source.start + source.text.indexOf(alone), confidence: 0.75 });
  }
  const best = found.sort((a, b) => b.confidence - a.confidence || a.start - b.start)[0];
  if (best) return factAt(brief, best.value.replace(/\s+/g, ' '), best.confidence, best.start, best.start + best.value.length);
  return uncapitalised(brief);
}

/** "in hobart tasmania": where nobody wrote capitals, only names of places that many know count. */
function uncapitalised(brief: string): Fact<string> | null {
  for (const match of brief.matchAll(/\b(?:in|near|from)\s+((?:\p{Ll}+\s+){0,2}\p{Ll}{3,})/gu)) {
    const words = (match[1] ?? '').split(/\s+/);
    for (let count = words.length; count > 0; count--) {
      const name = words.slice(0, count).join(' ');
      const place = placesNamed(name)[0];
      const start = match.index + match[0].length - (match[1] ?? '').length;
      if (place && place.size >= 5) return factAt(brief, place.name, 0.7, start, start + name.length);
    }
  }
  return null;
}

/** The seller's country: of the place, of a country or region that is named, else the only one that uses the currency. */
export function readCountry(
  brief: string,
  place: Fact<string> | null,
  currency: string,
  phoneCountry: string,
): Fact<string> | null {
  const home = place && locate(place.value);
  const named = countriesNamed(brief);
  if (place && home) {
    const other = placesNamed(place.value.split(',')[0] ?? '').find(({ country }) => named.some((n) => n.value === country));
    const sure = home.size >= 5 || named.some((n) => n.value === home.country) || currencyFits(currency, home.country);
    const code =
      place.value.includes(',') || currencyFits(currency, home.country) ? home.country : (other?.country ?? home.country);
    return { value: code, confidence: sure || other ? 0.95 : 0.6, source: place.source };
  }
  const next = named.find((n) => currencyFits(currency, n.value)) ?? named[0];
  if (next) return next;
  if (phoneCountry) return { value: phoneCountry, confidence: 0.8, source: null };
  const users = countries.filter((country) => country.currencies.some(({ code }) => code === currency));
  const main = sharedCurrency(currency) ? currencyHome[currency] : users[0]?.code;
  return main ? { value: main, confidence: 0.5, source: null } : null;
}

/** Currencies that small neighbours share with the country that issues them. */
const currencyHome: Record<string, string> = {
  GBP: 'GB',
  CHF: 'CH',
  NOK: 'NO',
  DKK: 'DK',
  AUD: 'AU',
  NZD: 'NZ',
  USD: 'US',
  ZAR: 'ZA',
  INR: 'IN',
};

const currencyFits = (currency: string, country: string): boolean =>
  countryOf(country)?.currencies.some(({ code }) => code === currency) ?? false;

/** Countries and their well-known parts, by capitalised name. */
function countriesNamed(brief: string): Fact<string>[] {
  const found: Fact<string>[] = [];
  for (const match of brief.matchAll(
    new RegExp(
      String.raw`\b(?:in|near|from|of|across|over|to|around|at|within|outside|and|,|the)\s+(${word}(?:\s${word})?|UK|USA|US)`,
      'gu',
    ),
  )) {
    const name = match[1] ?? '';
    const start = match.index + match[0].length - name.length;
    const place = placesNamed(name)[0] ?? placesNamed(name.split(' ')[0] ?? '')[0];
    if (place && place.size >= 5 && !notPlaces.test(name))
      found.push(factAt(brief, place.country, place.size >= 8 ? 0.8 : 0.65, start, start + name.length));
  }
  return found.sort((a, b) => b.confidence - a.confidence);
}

const goesOut = /\b(?:deliver(?:y|s|ed|ing)?|ships?|shipping|shipped|post(?:ed|age)?|sends?|parcels?|courier)\b/i;

const regions =
  /\b(?:all of |throughout |across |to )?(?:the )?(?:Europe|EU|European Union|Scandinavia|Benelux|North America|Asia|Oceania|British Isles)\b/;

/** How far the parcels go: the town, the country, some other countries, a part of the world, or everywhere. */
export function readReach(
  brief: string,
  sentences: readonly Sentence[],
  place: Fact<string> | null,
  country: string,
): Fact<Reach> | null {
  const town = place?.value.split(',')[0] ?? '';
  const home = countryOf(country);
  for (const sentence of sentences) {
    const { source } = sentence;
    if (sentence.label !== 'reach' && !goesOut.test(source.text)) continue;
    const at = (match: RegExpExecArray | null, value: Reach, confidence: number) =>
      match && factAt(brief, value, confidence, source.start + match.index, source.start + match.index + match[0].length);
    const text = source.text;
    const wide = at(
      /\b(?:everywhere in the world|send (?:them )?anywhere(?! in)|world-?wide|whole world|all over the world|anywhere (?:in the world|on earth)|internationally|every country|globally)\b/i.exec(
        text,
      ),
      'world',
      0.95,
    );
    if (wide) return wide;
    const region = at(regions.exec(text), 'region', 0.9);
    if (region) return region;
    const only = town && new RegExp(String.raw`\b(?:in|within|around)\s+${town}(?![\p{L}])`, 'u').exec(text);
    if (only && /\bonly\b|bicycle|bike|by hand/i.test(text)) return at(only, 'local', 0.9);
    const near = at(
      /\bwithin (?:\d+|ten|twenty|thirty|fifty) (?:miles|km|kilomet(?:re|er)s)\b|\b(?:locally|local delivery|collection only)\b/i.exec(
        text,
      ),
      'local',
      0.85,
    );
    if (near) return near;
    const named = [...text.matchAll(/\b(?:the )?(UK|USA|US|United States|\p{Lu}\p{L}+(?:\s\p{Lu}\p{L}+)?)\b/gu)].flatMap(
      (match) => {
        const found = placesNamed(match[1] ?? '')[0];
        return found && found.size >= 8 ? [{ match, country: found.country }] : [];
      },
    );
    const abroad = named.filter((one) => one.country !== country);
    if (abroad[0] && home) return at(abroad[0].match as RegExpExecArray, 'abroad', 0.8);
    if (named[0]) return at(named[0].match as RegExpExecArray, 'country', 0.9);
    const inland = at(
      /\b(?:nation-?wide|country-?wide|anywhere in the country|the whole country|inland only)\b/i.exec(text),
      'country',
      0.9,
    );
    if (inland) return inland;
    if (home && sentence.source.text === sentence.source.text.toLowerCase()) {
      const lower = new RegExp(String.raw`\b${home.name}\b`, 'i').exec(text);
      if (lower) return at(lower, 'country', 0.8);
    }
  }
  return null;
}
