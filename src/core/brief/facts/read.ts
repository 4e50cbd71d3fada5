import { singular } from '../../lexicon';
import { type Goal, type Origin, type Reach } from '../about';
import { isAddressForm } from '../contact';
import { factAt, type Fact } from '../fact';
import { locate } from '../where';
import { isCapital, isGrammar, isVerbOnly, knownOf, person, type Token } from './tokens';
import { inFigures } from '../../numberWords';
import { toTheMaker } from '../judge/judge';
import { lineShare, spelled, type Ground } from './about';
import { countryFeatures } from './country';
import { type SpanFactName } from './definitions';
import { allOptionFeatures, bearing, optionFeatures, optionsOf, worthReading, type OptionFact } from './options';
import { likenesses } from './likeness';
import {
  isDenied,
  isDeniedBehind,
  isMadeFrom,
  isWhatItIsFor,
  isOfAnother,
  isOfNamesake,
  isOfOthers,
  isOfSomebody,
  isOrderedAway,
  isUnderRefusal,
} from './denial';
import { type Span } from './spans';
import { learnedFacts, learnedOptions, Scales, scoreOf, sharesOf, usualWeights, type FactWeights, type Weighed } from './weigh';

/** Facts of a brief and its list, each with how likely it is right. */
export interface Facts {
  name: Fact<string> | null;
  sells: Fact<string>[];
  trade: Fact<string> | null;
  audience: Fact<string>[];
  place: Fact<string> | null;
  address: Fact<string> | null;
  country: Fact<string> | null;
  tone: Fact<string>[];
  features: Fact<string>[];
  wanted: Fact<string>[];
  avoided: Fact<string>[];
  reach: Fact<Reach> | null;
  origin: Fact<Origin> | null;
  goal: Fact<Goal> | null;
}

/** From here on something is taken; how sure it is stands beside it. */
const least: Record<SpanFactName | OptionFact | 'country', number> = {
  name: 0.25,
  sells: 0.25,
  trade: 0.25,
  audience: 0.25,
  place: 0.3,
  address: 0.35,
  country: 0.3,
  tone: 0.32,
  features: 0.25,
  wanted: 0.5,
  avoided: 0.5,
  reach: 0.35,
  origin: 0.55,
  goal: 0.4,
};

const most = { sells: 6, tone: 8, features: 8, wanted: 8, avoided: 8 };

/** How sure a fact is that is so likely: to the hundredth, and never certain. */
const sureness = (share: number): number => Math.round(Math.min(0.99, share) * 100) / 100;

/** A fact in the words of the brief; one in those of the list has no source there. */
function factOf(ground: Ground, { text, start, end, line }: Span, share: number): Fact<string> {
  const confidence = sureness(share);
  return line.stands !== 'title'
    ? factAt(ground.document.text, text, confidence, start, end)
    : { value: text, confidence, source: null };
}

/** Goods as they are called inside a sentence: their first letter is small, unless it is a name's. */
const inside = (fact: Fact<string>): Fact<string> => ({
  ...fact,
  value: fact.value.replace(/^\p{Lu}(?=\p{Ll}+(?!.*\p{Lu}))/u, (letter) => letter.toLowerCase()),
});

const plain = (text: string): string => text.toLowerCase();

/** The same words in several places count together; the first place where they are likeliest stands for them. */
function together(weighed: readonly Weighed[]): Weighed[] {
  const by = new Map<string, Weighed>();
  for (const { span, share } of weighed) {
    const key = plain(span.text);
    const known = by.get(key);
    by.set(key, known ? { span: known.span, share: known.share + share } : { span, share });
  }
  return [...by.values()].sort((a, b) => b.share - a.share);
}

const overlap = (a: Span, b: Span): boolean => a.line === b.line && a.from < b.to && b.from < a.to;

/** What is at most so many times less likely is about as likely. */
const nearly = 2;
const wordsIn = ({ span }: Weighed): number => span.text.split(/[ -]/).length;

/** Phrases that are one guess count together, and of those that are about as likely the longest says most. */
function longest(
  weighed: readonly Weighed[],
  keyOf: (one: Weighed) => string,
  among: (all: readonly Weighed[]) => readonly Weighed[] = (all) => all,
): Weighed[] {
  const guesses = new Map<string, Weighed[]>();
  for (const one of together(weighed)) guesses.set(keyOf(one), [...(guesses.get(keyOf(one)) ?? []), one]);
  return [...guesses.values()]
    .flatMap((all) => {
      const pool = among(all);
      const likely = Math.max(...pool.map(({ share }) => share));
      const [best] = pool
        .filter(({ share }) => share * nearly >= likely)
        .sort((a, b) => wordsIn(b) - wordsIn(a) || b.share - a.share);
      return best ? [{ span: best.span, share: all.reduce((sum, { share }) => sum + share, 0) }] : [];
    })
    .sort((a, b) => b.share - a.share);
}

/** What begins with the same word is the same phrase with another end. */
const phrases = (weighed: readonly Weighed[]): Weighed[] =>
  longest(weighed, ({ span }) => `${span.start} ${span.line.stands === 'title' ? span.line.text : ''}`);

/** What is said more closely begins here: "bowls of green oak" are bowls. */
const saysMore = /(?<=\S) (?:of|for|with|de) .*$/;

/** The noun that a phrase names a thing by. */
const nounOf = ({ span }: Weighed): string => singular(plain(span.text).replace(saysMore, '').split(/[ -]/).at(-1) ?? '');

/** So many times likelier may a title be than the same noun in the brief. */
const titleShare = 20;

/** What is called by the same noun is the same thing. A title names one of them, the brief all: "Pillow, soft" is one of the goose down pillows. */
const things = (weighed: readonly Weighed[]): Weighed[] =>
  longest(weighed, nounOf, (all) => {
    const told = all.filter(({ span }) => span.line.stands !== 'title');
    const most = Math.max(...all.map(({ share }) => share));
    return told.some(({ share }) => share * titleShare >= most) ? told : all;
  });

const inOrder = (a: Fact<string>, b: Fact<string>): number => (a.source?.start ?? Infinity) - (b.source?.start ?? Infinity);

const joins = /^(?:,|and|&|\+|\/|or)$/;
/** Whether two phrases stand in one list, with nothing but its marks between them. */
function isBeside(a: Span, b: Span): boolean {
  const [left, right] = a.from < b.from ? [a, b] : [b, a];
  const between = left.line.tokens.slice(left.to, right.from);
  return left.line === right.line && between.length > 0 && between.length < 3 && between.every(({ low }) => joins.test(low));
}

/** How likely what stands in a list with what is sold has to be: by itself, and where nothing is sure enough without the whole list. */
interface Leasts {
  /** In a sentence of three parts and more. */
  listed: number;
  /** Right beside it. */
  beside: number;
}
const strictly: Leasts = { listed: 0.1, beside: 0.05 };
const loosely: Leasts = { listed: 0.01, beside: 0.002 };

/** What is sold: the likeliest things, with all that is listed beside them. What stands in one list is as likely as all of it together. */
function readSells(weighed: readonly Weighed[]): Weighed[] {
  const heads = things(weighed);
  const taken: Weighed[] = [];
  const take = (list: readonly Weighed[]): void => {
    for (const one of list)
      if (!taken.some(({ span }) => overlap(span, one.span) || plain(span.text) === plain(one.span.text))) taken.push(one);
  };
  const takeLists = (leasts: Leasts): void => {
    for (const main of heads) {
      const list = listOf(main, heads, weighed, leasts);
      const share = list.reduce((sum, one) => sum + one.share, 0);
      if (share >= least.sells) take(list.map((one) => ({ span: one.span, share: Math.max(one.share, share * 0.8) })));
    }
  };
  takeLists(strictly);
  if (!taken.length) takeLists(loosely);
  const [main] = taken;
  const beside = taken.filter(({ span }) => span.line === main?.span.line).sort((a, b) => a.span.from - b.span.from);
  return [...beside, ...taken.filter(({ span }) => span.line !== main?.span.line)].slice(0, most.sells);
}

/** Where the part of a list that something stands in begins: behind the comma before it. */
function partOf({ line: { tokens }, from }: Span): number {
  let at = from;
  while (at > 0 && !/^[,;:]$/.test(tokens[at - 1]?.low ?? '')) at--;
  return at;
}

/** So many parts make a list of a sentence with commas. */
const leastParts = 3;

/** The first thing of each part of a sentence that lists: "yarn in six weights, needles, kits and a lesson" has four. */
function listedIn(main: Weighed, heads: readonly Weighed[], { listed }: Leasts): Weighed[] {
  const inLine = heads.filter(({ span, share }) => span.line === main.span.line && share >= listed);
  const first = new Map<number, Weighed>();
  for (const one of inLine) {
    const part = partOf(one.span);
    const known = first.get(part);
    if (!known || one.span.from < known.span.from) first.set(part, one);
  }
  const list = [...first.values()];
  return list.length >= leastParts && list.includes(main) ? [main, ...list.filter((one) => one !== main)] : [];
}

/** A thing and all that stands in one list with it. */
function listOf(main: Weighed, heads: readonly Weighed[], weighed: readonly Weighed[], leasts: Leasts): Weighed[] {
  const long = listedIn(main, heads, leasts);
  if (long.length) return long;
  const list = [main];
  for (const one of list)
    for (const next of weighed)
      if (
        next.share >= leasts.beside &&
        isBeside(one.span, next.span) &&
        !list.some(({ span }) => overlap(span, next.span) || plain(span.text) === plain(next.span.text))
      )
        list.push(next);
  return list;
}

/** A sentence is this likely one to whoever makes the site where a colour in it is one of the site. */
const ratherTold = 0.4;
/** And the colour this likely one of the site, wanted or not. */
const ofTheSite = 0.3;
const maybeOfTheSite = 0.1;

const isTold = ({ line: { judged } }: Span): boolean => judged !== null && toTheMaker(judged) >= ratherTold;

/**
 * Whether a colour is wanted or refused is a matter of grammar, once it is one of the site: what is denied is as likely refused as it
 * is either.
 */
function byGrammar(wanted: readonly Weighed[], avoided: readonly Weighed[]): { wanted: Weighed[]; avoided: Weighed[] } {
  const shareIn = (weighed: readonly Weighed[], { start, end }: Span) =>
    weighed.find(({ span }) => span.start === start && span.end === end)?.share ?? 0;
  const isSurely = (span: Span) => isUnderRefusal(span) || isDeniedBehind(span) || isOrderedAway(span);
  const isRefused = (span: Span) => isSurely(span) || (isTold(span) && isDenied(span));
  const leastOf = (span: Span) => (isOrderedAway(span) ? 0 : isSurely(span) ? maybeOfTheSite : ofTheSite);
  const either = ({ span }: Weighed) => shareIn(wanted, span) + shareIn(avoided, span);
  const mayBe = avoided.filter(({ span }) => span.line.judged !== null || isOrderedAway(span));
  const refused = mayBe.map((one) =>
    isRefused(one.span) && either(one) >= leastOf(one.span) ? { ...one, share: Math.max(least.avoided, either(one)) } : one,
  );
  const names = new Set(refused.flatMap(({ span, share }) => (share >= least.avoided ? [plain(span.text)] : [])));
  const isOthers = (span: Span) => names.has(plain(span.text)) && isOfSomebody(span);
  return { wanted: wanted.filter(({ span }) => !isRefused(span) && !isToldOf(names, span) && !isOthers(span)), avoided: refused };
}

/** Whether a sentence tells of one of some colours: "purple is the colour of cheap chocolate" wishes for no chocolate. */
function isToldOf(names: ReadonlySet<string>, { line: { tokens }, from }: Span): boolean {
  const is = tokens.findIndex(({ low }) => knownOf(low).base === 'be');
  return (
    is > 0 &&
    is < from &&
    is <= 3 &&
    names.has(
      plain(
        tokens
          .slice(0, is)
          .map(({ text }) => text)
          .join(' '),
      ),
    )
  );
}

/** Colours that stand in one list are wanted or refused together: "navy and cream". */
function likeTheirList(weighed: readonly Weighed[]): Weighed[] {
  const inOrder = [...weighed].sort((a, b) => a.span.start - b.span.start);
  const lists: Weighed[][] = [];
  for (const one of inOrder) {
    const list = lists.at(-1);
    const last = list?.at(-1);
    if (list && last && isTold(one.span) && isBeside(last.span, one.span)) list.push(one);
    else lists.push([one]);
  }
  const share = new Map(lists.flatMap((list) => list.map((one) => [one, Math.max(...list.map((other) => other.share))])));
  return weighed.map((one) => ({ ...one, share: Math.max(one.share, (share.get(one) ?? 0) * nearlyAll) }));
}
const nearlyAll = 0.9;

/** The same words are wanted or refused, whichever is likelier. */
const likelier = (weighed: readonly Weighed[], others: readonly Weighed[]): Weighed[] =>
  weighed.filter((one) => !others.some((other) => overlap(one.span, other.span) && other.share > one.share));

/** A colour that is surely wanted is not refused by a sentence that refuses nothing: "green, please. Green is the colour of our oxide." */
const refused = (avoided: readonly Weighed[], wanted: readonly Weighed[]): Weighed[] =>
  likelier(avoided, wanted).filter(
    ({ span, share }) =>
      share > nearlyAll ||
      isDenied(span) ||
      !wanted.some((other) => other.share > nearlyAll && plain(other.span.text) === plain(span.text)),
  );

/** The class of nouns of time (lexnames of WordNet). */
const time = 28;
const leadsIn = (low: string): boolean => (isGrammar(low) && low !== 'the') || knownOf(low).noun === time;

/** What leads in to the name that the shop's address spells is no part of it: "Today Fence & Tide makes" at fenceandtide. */
function byAddress(weighed: readonly Weighed[], { domain }: Ground): Weighed[] {
  const own = domain.length > 3 ? weighed.filter(({ span }) => spelled(span.text).includes(domain)) : [];
  const holds = (a: Span, b: Span) =>
    a.line === b.line && a.from < b.from && a.to === b.to && a.line.tokens.slice(a.from, b.from).every(({ low }) => leadsIn(low));
  return weighed.map(({ span, share }) => {
    const inside = own.find((one) => holds(span, one.span));
    const around = own.some((one) => one.span === span) ? weighed.filter((one) => holds(one.span, span)) : [];
    return { span, share: inside ? 0 : around.reduce((sum, one) => sum + one.share, share) };
  });
}

/** What is left of some things of which others can't be it; what those had goes to the others, as far as they have anything. */
function among(weighed: readonly Weighed[], may: (one: Weighed) => boolean): Weighed[] {
  const left = weighed.filter(may);
  const lost = weighed.reduce((sum, one) => sum + one.share, 0) - left.reduce((sum, one) => sum + one.share, 0);
  return left.map(({ span, share }) => ({ span, share: share / (1 - Math.min(mostLost, lost)) }));
}
/** Where nearly all can't be it, nothing surely is. */
const mostLost = 0.7;

/** Where somebody else of that name is, is not where the shop is; if nothing else may be, it is its own name that stands there. */
function ofOneself(places: readonly Weighed[]): Weighed[] {
  const own = places.filter(({ span }) => !isOfNamesake(span));
  return own.some(({ share }) => share > maybeWhere) ? own : [...places];
}
const maybeWhere = 0.02;

/** Nor is where buyers are, where anything else is named: "repairers, mostly in America". */
function withoutBuyers(places: readonly Weighed[]): Weighed[] {
  const isOwn = ({ span }: Weighed) => lineShare(span.line, 'buyer') < surelyOfBuyers;
  return places.some((one) => isOwn(one) && one.share > maybeWhere) ? among(places, isOwn) : [...places];
}
const surelyOfBuyers = 0.6;

/** Places in the country that all else points to are likelier, and others less so. */
function placesIn(weighed: readonly Weighed[], shares: ReadonlyMap<string, number>): Weighed[] {
  return weighed.map(({ span, share }) => {
    const country = locate(span.text)?.country;
    return { span, share: country === undefined ? share : share * (0.4 + 0.6 * (shares.get(country) ?? 0)) };
  });
}

/** So many titles have to be called alike to say what the shop sells. */
const fewestAlike = 3;

/**
 * What most of the goods are called is sold, where the brief says it at all; what titles only add to it is a kind of it: of "Bitters, birch"
 * and "Bitters, yuzu" the brief sells bitters.
 */
function withMostOf(taken: readonly Weighed[], weighed: readonly Weighed[], { heads, goods, titles }: Ground): Weighed[] {
  const [commonest] = [...heads].sort((a, b) => b[1] - a[1]);
  if (!commonest || commonest[1] < fewestAlike || commonest[1] * 2 <= titles) return [...taken];
  const [head] = commonest;
  if (taken.some((one) => nounOf(one) === head)) return [...taken];
  const [best] = longest(
    weighed.filter((one) => one.span.line.stands === 'said' && nounOf(one) === head),
    ({ span }) => `${span.line.tokens[0]?.start ?? 0} ${span.to}`,
  );
  if (!best) return [...taken];
  const isKind = (one: Weighed) => goods.has(nounOf(one)) && !heads.has(nounOf(one));
  return [{ ...best, share: Math.max(best.share, surelySold) }, ...taken.filter((one) => !isKind(one))].slice(0, most.sells);
}
const surelySold = 0.5;

/** Whom a letter greets is not who writes it: "Dear Jón". */
const isGreeted = ({ span }: Weighed, { lines }: Ground): boolean =>
  lines.some(
    ({ judged, text }) =>
      judged?.said.standing === 'greeting' &&
      plain(text)
        .split(/[\s,]+/)
        .includes(plain(span.text)),
  );

/** How many there are is not what is sold: "night lights, three of us". */
const isNumber = ({ span: { line, to } }: Weighed): boolean => inFigures(line.tokens[to - 1]?.low ?? '') !== null;

const surelyTraded = 0.8;

/** What is so surely sold says what trade it is, where nothing else does. */
const sureTrade = 0.5;

/** "Cooks buy it, and fishermen": what is done to what is spoken of is no part of who does it. */
function whoIn(fact: Fact<string>, span: Span): Fact<string> {
  const { line, from, to, start, end } = span;
  const { tokens, text } = line;
  // Up to the word behind it: "swimmers buy" goes on with "it".
  const at = tokens.findIndex(({ low }, i) => i > from && i <= to && /^(?:it|them)$/.test(low));
  const verb = tokens[at - 1];
  const isSaidOfThem = tokens.slice(from, at).some(({ low }) => ofThem.test(low));
  if (at < 0 || !verb || at - 1 <= from || isSaidOfThem || knownOf(verb.low).verb === null) {
    const until = from + endOfBuyers(tokens.slice(from, to));
    const last = tokens[until - 1];
    return until < to && last ? { ...fact, value: text.slice(start, last.end).replace(/\s+/g, ' ') } : fact;
  }
  const [before, behind] = [text.slice(start, verb.start).trim(), text.slice(tokens[at]?.end ?? end, end).replace(/\s+/g, ' ')];
  return { ...fact, value: `${before}${behind}` };
}

/** What is said of the ones before it: "people who sail". */
const ofThem = /^(?:who|that|whose)$/;
/** What tells more of all of them, or how many: "players, most of them older than their instruments". */
const ofThemAll = /^(?:most|some|all|many|half|each|none|both|few)$/;

/**
 * How many of the words that are taken for buyers name them: what they do ("churches buy the large ones"), what is told of them all, and where
 * those of a trade are ("bag makers in the city") is no part of it. "People in wheelchairs" are who they are by that.
 */
function endOfBuyers(own: readonly Token[]): number {
  for (const [i, { low }] of own.entries()) {
    const next = own[i + 1]?.low ?? '';
    if (i === 0 || ofThem.test(low)) {
      if (i > 0) break;
      continue;
    }
    if (low === ',' && (ofThemAll.test(next) || inFigures(next) !== null)) return i;
    if (isVerbOnly(low) && knownOf(own[i - 1]?.low ?? '').noun !== null) return i;
    const isHere = /^(?:in|near|around)$/.test(low) && (/^(?:the|our|this)$/.test(next) || isCapital(own[i + 1]));
    if (isHere && knownOf(own[i - 1]?.low ?? '').noun === person && !/^(?:people|those)$/.test(own[i - 1]?.low ?? '')) return i;
  }
  return own.length;
}

/** Words of mood, and what the site should be like, each once and in their order. */
function toneOf(words: readonly Fact<string>[], like: readonly Fact<string>[]): Fact<string>[] {
  const covers = (one: Fact<string>) =>
    like.some(({ source }) => source && one.source && one.source.start < source.end && source.start < one.source.end);
  return [...words.filter((word) => !covers(word)), ...like]
    .map((fact) => ({ ...fact, value: plain(fact.value) }))
    .filter(({ value }, i, all) => all.findIndex((other) => other.value === value) === i)
    .slice(0, most.tone)
    .sort((a, b) => (a.source?.start ?? 0) - (b.source?.start ?? 0));
}

export function readFacts(ground: Ground, by: FactWeights = usualWeights()): Facts {
  const scales = new Scales(ground, by);
  const one = (fact: SpanFactName, weighed = scales.weigh(fact)): Fact<string> | null => {
    const [best] = together(weighed);
    return best && best.share >= least[fact] ? factOf(ground, best.span, best.share) : null;
  };
  const some = (fact: 'tone' | 'features' | 'wanted' | 'avoided', weighed = scales.weigh(fact)): Fact<string>[] => {
    const taken: Weighed[] = [];
    for (const found of weighed)
      if (
        found.share >= least[fact] &&
        !taken.some(({ span }) => overlap(span, found.span) || plain(span.text) === plain(found.span.text))
      )
        taken.push(found);
    return taken
      .slice(0, most[fact])
      .map(({ span, share }) => factOf(ground, span, share))
      .sort(inOrder);
  };
  const { wanted, avoided } = byGrammar(likeTheirList(scales.weigh('wanted')), scales.weigh('avoided'));
  const places = ofOneself(scales.weigh('place'));
  const bags = [...countryFeatures(ground, places)];
  const column = learnedFacts.indexOf('country');
  const shares = sharesOf(bags.map(([, bag]) => scoreOf(bag, by.facts, column)));
  const byCountry = new Map(bags.map(([code], i) => [code, shares[i] ?? 0]));
  const place = one(
    'place',
    // "Not the street of that name in Zürich."
    placesIn(
      withoutBuyers(places).filter(({ span }) => !isDenied(span)),
      byCountry,
    ),
  );
  const [country] = [...byCountry].sort((a, b) => b[1] - a[1]);
  // A shop is seldom called by its town alone, and what it is called is not what it sells.
  const isPlace = ({ span }: Weighed) => place !== null && plain(span.text) === plain(place.value);
  const name = one(
    'name',
    byAddress(scales.weigh('name'), ground).filter(
      (found) => !isPlace(found) && !isAddressForm(found.span.text) && !isGreeted(found, ground),
    ),
  );
  const isName = ({ span }: Weighed) => name !== null && name.confidence >= 0.5 && plain(name.value).includes(plain(span.text));
  // "Mastic, Chios": where it is from is not what it is.
  const isWhere = ({ span }: Weighed) =>
    place !== null &&
    plain(place.value)
      .split(/[ ,]+/)
      .some((part) => part.length > 2 && plain(span.text).split(' ').includes(part));
  const sold = among(
    scales.weigh('sells'),
    (found) =>
      !isName(found) &&
      !isWhere(found) &&
      !isNumber(found) &&
      !isDenied(found.span) &&
      !isOfOthers(found.span) &&
      !isOfAnother(found.span) &&
      !isMadeFrom(found.span) &&
      !isWhatItIsFor(found.span),
  );
  const trades = scales.weigh('trade').filter(({ span }) => !isWhatItIsFor(span));
  const [traded] = together(trades);
  const told = withMostOf(readSells(sold), sold, ground);
  // Where it is sure what trade it is and not what is sold, that is sold.
  const sells = told.length || !traded || traded.share < surelyTraded ? told : [traded];
  const [buyers] = phrases(scales.weigh('audience'));
  const audience =
    buyers && buyers.share >= least.audience ? whoIn(factOf(ground, buyers.span, buyers.share), buyers.span) : null;
  const home = country?.[0] ?? '';
  return {
    name,
    sells: sells.map(({ span, share }) => inside(factOf(ground, span, share))),
    trade:
      one('trade', trades) ?? (sells[0] && sells[0].share >= sureTrade ? factOf(ground, sells[0].span, sells[0].share) : null),
    audience: audience ? [audience] : [],
    place,
    address: one('address'),
    country:
      country && country[1] >= least.country
        ? { value: country[0], confidence: sureness(country[1]), source: place?.source ?? null }
        : null,
    tone: toneOf(some('tone'), likenesses(ground)),
    features: some('features'),
    wanted: some('wanted', likelier(wanted, avoided)),
    avoided: some('avoided', refused(avoided, wanted)),
    reach: readOption(ground, 'reach', home, by),
    origin: readOption(ground, 'origin', home, by),
    goal: readOption(ground, 'goal', home, by),
  };
}

/** A sentence says a fact where what speaks in it for it adds up to this; selling is in the air of every brief. */
const leastSaid: Record<OptionFact, number> = { reach: 0.3, origin: 0.3, goal: 1 };

/** What says it must be about it to some degree; how far parcels go is known by the places that are named. */
const leastBearing = 0.25;

/** One of a few things, and the sentence that says most for it. */
function readOption<Of extends OptionFact>(
  ground: Ground,
  fact: Of,
  country: string,
  { options }: FactWeights,
): Fact<(typeof optionsOf)[Of][number]> | null {
  const all = allOptionFeatures(ground, fact, country);
  const columnOf = (option: string) => learnedOptions.findIndex(([of, one]) => of === fact && one === option);
  const shares = sharesOf(optionsOf[fact].map((option: string) => scoreOf(all, options, columnOf(option))));
  const best = shares.indexOf(Math.max(...shares));
  const [option, share] = [optionsOf[fact][best] as (typeof optionsOf)[Of][number] | undefined, shares[best] ?? 0];
  if (option === undefined || share < least[fact]) return null;
  const [spoken] = ground.lines
    .filter((line) => bearing(line, fact) > (fact === 'reach' ? worthReading : leastBearing))
    .map((line) => ({ line, score: scoreOf(optionFeatures(line, fact, country), options, columnOf(option)) }))
    .sort((a, b) => b.score - a.score);
  const said = spoken && spoken.score > leastSaid[fact] ? spoken.line.judged?.said : undefined;
  const confidence = sureness(share);
  if (said) return factAt(ground.document.text, option, confidence, said.start, said.end);
  // To sell is what a shop does; all else is only taken where somebody says it.
  return fact === 'goal' ? { value: option, confidence, source: null } : null;
}
