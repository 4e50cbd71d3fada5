import { broaderTerms, countryOf, isWorldPart, placesNamed } from '../../lexicon';
import { inFigures } from '../../numberWords';
import { type Reach } from '../about';
import { type Line } from './about';
import { isWord, knownOf, type Token } from './tokens';

/** A stretch between two marks, or the whole of a sentence without any. */
interface Part {
  tokens: Token[];
  /** What stands before it. */
  mark: string;
}

const parting = /^[.,;:!?()–—|>]$|^but$/;

function partsOf({ tokens }: Line): Part[] {
  const parts: Part[] = [{ tokens: [], mark: '' }];
  for (const token of tokens)
    if (parting.test(token.low)) parts.push({ tokens: [], mark: token.low });
    else parts.at(-1)?.tokens.push(token);
  return parts.filter(({ tokens: own }) => own.length > 0);
}

/** The longest name is of so many words. */
const mostWords = 4;

interface Named {
  what: Reach | 'town';
  /** The country that it is, where it is one. */
  country: string | null;
  from: number;
  to: number;
}

/** Parts of the world, countries and towns that are named, each by its longest name. */
function namedIn(tokens: readonly Token[], country: string, cased: boolean): Named[] {
  const found: Named[] = [];
  const words = tokens.filter(({ low }) => isWord(low));
  const areCodes = words.length > 0 && words.every(({ text }) => isCode(text));
  for (let from = 0; from < tokens.length; from++) {
    for (let to = Math.min(tokens.length, from + mostWords); to > from; to--) {
      const own = tokens.slice(from, to);
      const name = own.map(({ text }) => text).join(' ');
      if (!own.every(({ low }) => isWord(low) || /^['.-]$/.test(low))) continue;
      const tellsCodes = cased || areCodes;
      const what = isWorldPart(name) ? 'region' : whereIs(name, country, tellsCodes);
      if (!what) continue;
      found.push({ what, country: what === 'region' ? null : countryNamed(name, tellsCodes), from, to });
      from = to - 1;
      break;
    }
  }
  return found;
}

const isCode = (text: string): boolean => /^\p{Lu}{2}$/u.test(text) && countryOf(text) !== undefined;

/** The size of what is a country by itself; its parts that have no people counted, as Bavaria, are smaller. */
const wholeCountry = 8;
/** Countries within a country. */
const nations: ReadonlySet<string> = new Set(['england', 'scotland', 'wales']);

/** The country that is named whole: "not to Hawaii" says nothing of the United States. */
function countryNamed(name: string, tellsCodes: boolean): string | null {
  if (tellsCodes && isCode(name)) return name;
  const [place] = placesNamed(name);
  const isWhole = place?.longitude === null && place.size >= wholeCountry && !nations.has(name.toLowerCase());
  return isWhole ? place.country : null;
}

/** @param tellsCodes whether two capitals are a code, as in "FR, BE, LU"; in a text in capitals they may be any word */
function whereIs(name: string, country: string, tellsCodes: boolean): Named['what'] | null {
  if (tellsCodes && isCode(name)) return name === country ? 'country' : 'abroad';
  const [place] = placesNamed(name);
  if (!place) return null;
  const isTown = place.longitude !== null;
  // Without its capital a name is any word, unless it is that of a country.
  const isPlain = !/\p{Lu}/u.test(name);
  if (isPlain && (isTown || place.size < 8 || knownOf(name).verb !== null || name.length < 4)) return null;
  if (isTown && (place.size < 5 || knownOf(name.toLowerCase()).base !== null)) return null;
  if (place.country !== country) return 'abroad';
  return isTown ? 'town' : 'country';
}

const shipping = /^(?:ship|send|post|deliver|mail|dispatch)$/;
/** Words for all places there are, and those that only mean so by themselves: "everywhere in Ecuador" names one. */
const world = /^(?:worldwide|world-wide|globally|internationally|globe)$/;
const anywhere = /^(?:everywhere|anywhere|wherever)$/;
const each = /^(?:every|all|any|each)$/;

/** All places there are, or those abroad, or at home, in words that are no names. */
function wordsOf(tokens: readonly Token[], hasHome: boolean): Set<Reach> {
  const found = new Set<Reach>();
  tokens.forEach(({ low }, i) => {
    const [before, after] = [tokens[i - 1]?.low ?? '', tokens[i + 1]?.low ?? ''];
    if (world.test(low) || (low === 'earth' && before === 'on')) found.add('world');
    if (low === 'world' && (i === 0 || /^(?:the|whole|entire)$/.test(before))) found.add('world');
    if (anywhere.test(low) && after !== 'else' && !hasHome && !inside.test(after)) found.add('world');
    if (/^countr(?:y|ies)$/.test(low)) {
      const isEach = each.test(before) || (before === 'the' && each.test(tokens[i - 2]?.low ?? ''));
      if (isEach) found.add('world');
      else if (/^(?:the|whole)$/.test(before)) found.add('country');
      else if (before === '@number' || Number(inFigures(before) ?? 0) > 1) found.add('abroad');
    }
    if (each.test(before) && isPartOfCountry(low)) found.add('country');
    if (low === 'abroad' || low === 'overseas') found.add('abroad');
    if (/^(?:nationwide|domestic|mainland|inland)$/.test(low)) found.add('country');
  });
  return found;
}

/** "All provinces", "every canton": by WordNet a country is an administrative district as well, and is named above. */
const isPartOfCountry = (low: string): boolean => !/^countr/.test(low) && broaderTerms(low).includes('administrative district');

const inside = /^(?:in|within|on|across|inside)$/;

const denial = /^(?:no|not|never|nor|without|except|excluding|dont)$|n't$/;
const others = /^(?:they|others|competitors?)$/;

/** Whether somebody else is said to send: "they ship worldwide". Goods go somewhere, they send nothing. */
const isOfOthers = ({ tokens }: Part): boolean =>
  tokens.some(({ low }) => others.test(low)) && tokens.some(({ low }) => shipping.test(knownOf(low).base ?? ''));

/**
 * How far a sentence on delivery says that parcels go: what it names, but for what it denies. A denial reaches over the names that are listed
 * behind it, and back over its own clause: "not to Peru or Chile", "to Italy we are not going".
 */
export function reachesIn(line: Line, country: string): Set<Reach> {
  const found = new Set<Reach>();
  const parts = deniedParts(line, country);
  const hasHome = parts.some(({ names }) => names.some(({ what }) => what === 'country'));
  for (const { part, names, denied } of parts) {
    if (denied || isOfOthers(part)) continue;
    for (const { what } of names) if (what !== 'town') found.add(what);
    for (const one of wordsOf(part.tokens, hasHome)) found.add(one);
    if (names.some(({ what }) => what === 'town')) found.add('local');
  }
  return found;
}

/** The parts of a sentence, with what each names and whether it is denied. */
function deniedParts(line: Line, country: string): { part: Part; names: Named[]; denied: boolean }[] {
  let denied = false;
  return partsOf(line).map((part) => {
    const { tokens, mark } = part;
    const names = namedIn(tokens, country, line.cased);
    const denies = tokens.some(({ low }) => denial.test(low));
    const only = tokens.some(({ low }) => low === 'only' || low === 'just');
    const [first] = names;
    const goesOn = mark === ',' && first !== undefined && first.from <= 1;
    denied = (denies || (denied && goesOn)) && !only;
    return { part, names, denied };
  });
}

/** What may stand between a denial and the "to" that it denies. Of anything else it is not sure that nothing goes: "no charge to Ireland". */
const going: ReadonlySet<string> = new Set(
  'we i they it do does can could will is are be am able any more anything yet all our parcel parcels order orders goods delivery deliveries delivering shipping shipment shipments export exporting go going goes'.split(
    ' ',
  ),
);
const isGoing = ({ low }: Token): boolean => going.has(low) || shipping.test(knownOf(low).base ?? low);

/** Whether a part of a sentence says that nothing goes to what it names: "we don't send to …", "to … we are not sending". */
function refusesTo({ tokens }: Part): boolean {
  const no = tokens.findIndex(({ low }) => denial.test(low));
  const to = tokens.findIndex(({ low }, i) => low === 'to' && (i > no || i === 0));
  if (no < 0 || to < 0) return false;
  return (to > no ? tokens.slice(no + 1, to) : tokens.slice(no + 1)).every(isGoing);
}

/** Countries that a sentence says nothing goes to: "not to Australia". No shop is at home where it doesn't send. */
export function refusedBy(line: Line): string[] {
  let refuses = false;
  return deniedParts(line, '').flatMap(({ part, names, denied }) => {
    refuses = denied && (refuses || refusesTo(part));
    return refuses ? names.flatMap(({ country }) => country ?? []) : [];
  });
}

/** Of several that are said the farthest holds. */
export const farthest = (reaches: ReadonlySet<Reach>): Reach | null => byDistance.find((one) => reaches.has(one)) ?? null;
const byDistance = ['world', 'region', 'abroad', 'country', 'local'] as const satisfies readonly Reach[];
