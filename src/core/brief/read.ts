import { readDocument } from '../document';
import { correctionOf, corrections, isCorrectable, mayPrint, type Decided, type Place } from '../places';
import { type Goal, type Origin, type Reach } from './about';
import { calmed, nameCalmed } from './calm';
import { quotedName } from './quotedName';
import { colourOf, hexOf, type NamedColour } from './colours';
import { readAddress, readEmail, readLinks, readPhone } from './contact';
import { countries } from '../lexicon';
import { currencyFor, readCurrency } from './currency';
import { doubtsOf, type Doubt } from './doubts';
import { sureWhere, type Fact, type Source } from './fact';
import { groundOf } from './facts/about';
import { featureIdOf } from './facts/features';
import { readFacts, type Facts } from './facts/read';
import { moneySpokenOf } from './money';
import { currencyNamed } from './currencyNames';
import { languagesOfScripts, personOf, readLanguage } from './language';
import { isJudged, shopLanguage, spokenIn } from './spoken';
import { judge, toTheMaker, type Judgement } from './judge/judge';
import { isNotes, surelyPrinted } from './judge/notes';
import { toSay } from './judge/toSay';
import { sentencesOf } from './sentences';
import { readDifference } from './stance';
import { readBans, underBans, type CopyBan } from './bans';
import { sorted, statementsOf, type Sorted, type Statement } from './statements';
import { readFigures, type Figure } from './figures';
import { readReturns } from './returns';
import { readOpenings, readPeople, readPraise, readSteps, type Opening, type Praise } from './told';
import { styleOf } from './tone';
import { tradeOf, type Trade } from './trade';

/** What Arcatum understood of a brief. Every fact keeps its words. */
export interface Reading extends Sorted {
  name: Fact<string> | null;
  sells: Fact<string>[];
  trade: Fact<Trade> | null;
  audience: Fact<string>[];
  tone: Fact<string>[];
  /** The tone words that name a manner of design. */
  style: Fact<string>[];
  coloursWanted: Fact<NamedColour>[];
  coloursAvoided: Fact<NamedColour>[];
  /** Pages and functions that are asked for: those that Arcatum makes by the plan's names, others in the seller's words. */
  features: Fact<string>[];
  goal: Fact<Goal>;
  difference: Fact<string>[];
  place: Fact<string> | null;
  country: Fact<string> | null;
  reach: Fact<Reach> | null;
  origin: Fact<Origin> | null;
  email: Fact<string> | null;
  phone: Fact<string> | null;
  address: Fact<string> | null;
  links: Fact<string>[];
  currency: Fact<string> | null;
  /** The language of the brief, or what the seller says that the shop is to be in. */
  language: Fact<string> | null;
  /** The language of the brief, where it is clear; its sentences are judged where that is English. */
  spoken: string;
  /** Numbers that the brief gives, with what they count. */
  figures: Fact<Figure>[];
  people: Fact<string>[];
  openings: Fact<Opening>[];
  steps: Fact<string>[];
  /** All that could stand on a page, in order. */
  told: Statement[];
  /** All that buyers are quoted with. */
  praise: Praise[];
  /** All that is said in the brief, with what the judge makes of it. */
  judged: Judgement[];
  /** Within how many days something may be given back, as the brief has it. */
  returns: Fact<number> | null;
  /** Wishes about the site, which are never printed. */
  wishes: Source[];
  /** What the seller doesn't want to be said. */
  bans: CopyBan[];
  /** Where the brief says two things that can't both be. */
  doubts: Doubt[];
  /** "I" or "we", as the brief speaks. */
  person: 'I' | 'we';
}

let last: { brief: string; goods: string; reading: Reading } | null = null;

/**
 * Reads a brief beside the titles of its goods. Same texts, same reading; the last one is kept, since decisions come much oftener than a new
 * brief.
 */
export function readBrief(brief: string, titles: readonly string[] = []): Reading {
  const goods = titles.slice(0, mostTitles).join('\n');
  if (last?.brief !== brief || last.goods !== goods)
    last = { brief, goods, reading: readAnew(brief, titles.slice(0, mostTitles)) };
  return last.reading;
}

/** So many goods say what a shop sells. */
const mostTitles = 200;

/** Offsets are those of the given text. */
function readAnew(given: string, titles: readonly string[]): Reading {
  const brief = calmed(given);
  const document = readDocument(brief);
  const found = judge(document, titles);
  const bans = readBans(found);
  const judged = underBans(found, bans);
  const sentences = sentencesOf(document);
  const ends = new Set(judged.filter((one) => toTheMaker(one) >= likelyWish).map(({ said }) => said.end));
  const wishes = sentences.filter(({ source }) => ends.has(source.end));
  const language = readLanguage(brief);
  const praise = readPraise(brief, sentences);
  const spoken = spokenIn(language);
  const shouted = brief !== given;
  const facts = likelyIn(spoken, readFacts(groundOf(document, judged, titles, shouted)));
  const told = sayingWhat(
    statementsOf(sentences, judged, praise, { spoken, shop: shopLanguage(language) }),
    facts.sells[0]?.source ?? null,
  );
  const printed = sorted(told, praise);
  const { sells, place, tone } = facts;
  const called = facts.name && facts.name.confidence >= likelyName ? facts.name : (quotedName(brief) ?? facts.name);
  const name = shouted && called ? { ...called, value: nameCalmed(called.value) } : called;
  const moneyIn = (home: string) =>
    readCurrency(brief, home) ??
    currencyNamed(brief, language?.value ?? '', home) ??
    moneySpokenOf(brief, language?.value ?? '', home);
  const country = payingWith(moneyIn(facts.country?.value ?? ''), facts.country);
  const money = moneyIn(country?.value ?? '');
  const coloursWanted = coloursOf(facts.wanted);
  const coloursAvoided = coloursOf(facts.avoided);
  const reading = {
    name,
    sells,
    trade: tradeOf(facts.trade, sells, titles),
    audience: facts.audience,
    tone,
    style: styleOf(tone),
    coloursWanted,
    coloursAvoided,
    features: featuresOf(facts.features),
    goal: facts.goal ?? { value: 'sell' as const, confidence: 0.3, source: null },
    difference: readDifference(sentences, printed.statements),
    place,
    country,
    reach: facts.reach,
    origin: facts.origin,
    email: readEmail(brief),
    phone: readPhone(brief, country?.value ?? ''),
    address: readAddress(brief) ?? facts.address,
    links: readLinks(brief),
    currency: money ?? impliedCurrency(country),
    language,
    spoken,
    figures: readFigures(
      brief,
      told,
      sells.map(({ value }) => value),
    ),
    returns: readReturns(brief, judged),
    people: readPeople(brief, name && name.confidence >= 0.6 ? name.value : ''),
    openings: readOpenings(brief),
    steps: readSteps(brief, told),
    told,
    praise,
    ...printed,
    judged,
    bans,
    wishes: wishes.map((sentence) => sentence.source),
    person: personOf(brief, spoken),
  };
  // Asked for and refused: both stand in the reading, unsure, until the seller says which.
  const refused = new Set(coloursAvoided.map((colour) => colour.value.name));
  const unsure = coloursWanted.map((colour) => (refused.has(colour.value.name) ? { ...colour, confidence: 0.3 } : colour));
  return { ...reading, doubts: doubtsOf(reading), coloursWanted: unsure };
}

/** In a language that it has not learned, a reader is often wrong about words; what it is less sure of than this is not taken. */
const likelyAbroad = 0.35;

function likelyIn(spoken: string, facts: Facts): Facts {
  if (isJudged(spoken)) return facts;
  const sells = facts.sells.filter(({ confidence }) => confidence >= likelyAbroad);
  return { ...facts, sells, trade: facts.trade && facts.trade.confidence >= likelyAbroad ? facts.trade : null };
}

/** What we say of what is sold is for buyers (all of 11 so likely sentences, in eighteen batches and the frozen one). */
const likelySaid = 0.55;
const bySeller = /^(?:we|i|our)\b/i;

/** A sentence of ours that what is sold was read from says what this shop is: "We bake rye bread in Turku." It is sure, where it is likely. */
const sayingWhat = (told: readonly Statement[], sold: Source | null): Statement[] =>
  told.map((one) => {
    const isOfIt = sold !== null && one.source.start <= sold.start && sold.end <= one.source.end;
    const isPlain = bySeller.test(one.text) && !isNotes(one.source.text) && toSay(one.source.text) === null;
    return isOfIt && isPlain && one.print >= likelySaid && one.print < surelyPrinted ? { ...one, print: surelyPrinted } : one;
  });

/** How likely a sentence has to speak to whoever makes the site to be read for wishes. */
const likelyWish = 0.35;

/** What is less likely gives way to a name between quotation marks. */
const likelyName = 0.5;

/** A country that nothing names is not taken to be one that pays with other money than the brief names: then it is that which does. */
function payingWith(money: Fact<string> | null, country: Fact<string> | null): Fact<string> | null {
  if (!money || !country || country.source || country.confidence >= sureUnnamed) return country;
  const paying = countries.filter(({ currencies }) => currencies.some(({ code }) => code === money.value));
  if (paying.some(({ code }) => code === country.value)) return country;
  const [only, ...others] = paying;
  return only && !others.length ? { ...country, value: only.code, source: money.source } : null;
}
const sureUnnamed = 0.8;

/** What a country pays with follows from it, where no other money is named. */
function impliedCurrency(country: Fact<string> | null): Fact<string> | null {
  const value = currencyFor(null, country);
  return country && value ? { value, confidence: country.confidence, source: country.source, implied: true } : null;
}

/** Colours by the names that they were found under; what nobody could paint is none. */
const coloursOf = (facts: readonly Fact<string>[]): Fact<NamedColour>[] =>
  firstOfEach(
    facts.flatMap((fact) => {
      const name = fact.value.toLowerCase();
      const hex = hexOf(name);
      return hex ? [{ ...fact, value: { name, hex } }] : [];
    }),
    ({ name }) => name,
  );

const featuresOf = (facts: readonly Fact<string>[]): Fact<string>[] =>
  firstOfEach(
    facts.map((fact) => ({ ...fact, value: featureIdOf(fact.value) ?? fact.value })),
    (value) => value,
  );

function firstOfEach<T>(facts: Fact<T>[], key: (value: T) => string): Fact<T>[] {
  const seen = new Set<string>();
  return facts.filter((fact) => !seen.has(key(fact.value)) && seen.add(key(fact.value)));
}

/** Lays the seller's corrections over a reading. */
export function correct(reading: Reading, decided: Decided): Reading {
  const one = (fact: Fact<string> | null, place: Place<string>): Fact<string> | null => {
    const value = decided.get(place);
    if (value === undefined) return fact;
    return value === '' ? null : { value, confidence: 1, source: fact?.source ?? null, corrected: true };
  };
  const many = (facts: Fact<string>[], place: Place<string[]>): Fact<string>[] =>
    decided.get(place)?.map((value) => ({
      value,
      confidence: 1,
      source: facts.find((f) => f.value === value)?.source ?? null,
      corrected: true,
    })) ?? facts;
  const chosen = <T extends string>(fact: Fact<T> | null, place: Place<T>): Fact<T> | null => {
    const value = decided.get(place);
    return value ? { value, confidence: 1, source: fact?.source ?? null, corrected: true } : fact;
  };
  const colours = (facts: Fact<NamedColour>[], place: Place<string[]>): Fact<NamedColour>[] =>
    decided.get(place)?.flatMap((word) => {
      const hex = colourOf(word);
      return hex
        ? [
            {
              value: { name: word, hex },
              confidence: 1,
              source: facts.find((f) => f.value.name === word)?.source ?? null,
              corrected: true,
            },
          ]
        : [];
    }) ?? facts;
  const language = chosen(reading.language, corrections.language);
  // Nothing in another language than the shop's stands in it.
  const told = reading.spoken === shopLanguage(language) ? reading.told : reading.told.map((one) => ({ ...one, foreign: true }));
  const printed = sorted(told, reading.praise, (key) => decided.get(mayPrint(key)));
  const isPrinted = ({ source }: Fact<unknown>) =>
    printed.statements.some((one) => source && one.source.start <= source.start && source.end <= one.source.end);
  const settled = (about: string) => isCorrectable(about) && decided.has(correctionOf(about));
  return {
    ...reading,
    ...printed,
    figures: reading.figures.filter(isPrinted),
    steps: reading.steps.filter(isPrinted),
    doubts: reading.doubts.filter((doubt) => !settled(doubt.about)),
    address: one(reading.address, corrections.address),
    name: one(reading.name, corrections.name),
    place: one(reading.place, corrections.place),
    email: one(reading.email, corrections.email),
    phone: one(reading.phone, corrections.phone),
    language,
    told,
    currency: one(reading.currency, corrections.currency),
    sells: many(reading.sells, corrections.sells),
    audience: many(reading.audience, corrections.audience),
    tone: many(reading.tone, corrections.tone),
    features: many(reading.features, corrections.features),
    difference: many(reading.difference, corrections.difference),
    goal: chosen(reading.goal, corrections.goal) ?? reading.goal,
    reach: chosen(reading.reach, corrections.reach),
    origin: chosen(reading.origin, corrections.origin),
    coloursWanted: colours(reading.coloursWanted, corrections.coloursWanted),
    coloursAvoided: colours(reading.coloursAvoided, corrections.coloursAvoided),
  };
}

/** What a brief says of a list beside it: its money, and what it is likely of. */
export const hintsOf = (brief: string): { brief: string; told: string } => ({ brief: briefCurrency(brief), told: brief });

/** Languages that a seller may write a list in (ISO 639-1): that of the country, the likeliest by Unicode CLDR, and that of the brief. */
export function languagesAround(brief: string): string[] {
  if (!brief.trim()) return [];
  const { country, language } = readBrief(brief);
  const local = country ? new Intl.Locale(`und-${country.value}`).maximize().language : '';
  return [...new Set([local, language?.value ?? '', ...languagesOfScripts(brief)])].filter(Boolean);
}

/** The currency that prices beside a brief are in, where it or its country says so. */
export function briefCurrency(brief: string): string {
  if (!brief.trim()) return '';
  const { currency, country } = readBrief(brief);
  return currencyFor(currency, country);
}

/** What is sold is told to shoppers from here on: of what is less sure, more is wrong than right. */
const sureSold = 0.4;

/** What is sold, as far as that is sure enough to be told to shoppers; else the goods speak for themselves. */
export const toldSells = ({ sells }: Pick<Reading, 'sells'>): Reading['sells'] =>
  sells.filter(({ corrected, confidence }) => corrected === true || confidence >= sureSold);

/** Where the shop is, where that is sure enough to be told to shoppers. */
export const toldPlace = ({ place }: Pick<Reading, 'place'>): Reading['place'] =>
  place && (place.corrected === true || place.confidence >= sureWhere) ? place : null;
