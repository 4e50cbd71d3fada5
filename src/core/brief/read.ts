import { z } from 'zod';
import { placesNamed } from '../lexicon';
import { type Decided } from '../project';
import { readFeatures, readGoal, type Goal } from './asked';
import { readAudience } from './audience';
import { colourOf, coloursIn, type NamedColour } from './colours';
import { phoneCountry, readAddress, readEmail, readLinks, readPhone } from './contact';
import { readCurrency } from './currency';
import { doubtsOf, type Doubt } from './doubts';
import { type Fact, type Source } from './fact';
import { readLanguage } from './language';
import { readName } from './names';
import { readSells } from './sells';
import { sentencesOf } from './sentences';
import { readDifference, readOrigin, type Origin } from './stance';
import { statementsOf, wishesOf, type Statement } from './statements';
import { readFigures, readOpenings, readPeople, readReviews, readSteps, type Figure, type Opening, type Review } from './told';
import { readTone, styleOf } from './tone';
import { readTrade, type Trade } from './trade';
import { readCountry, readPlace, readReach, type Reach } from './where';

/** What Arcatum understood of a brief. Every fact keeps its words. */
export interface Reading {
  name: Fact<string> | null;
  sells: Fact<string>[];
  trade: Fact<Trade> | null;
  audience: Fact<string>[];
  tone: Fact<string>[];
  /** The tone words that name a manner of design. */
  style: Fact<string>[];
  coloursWanted: Fact<NamedColour>[];
  coloursAvoided: Fact<NamedColour>[];
  /** Pages and functions that are asked for, by the plan's names. */
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
  language: Fact<string> | null;
  /** Numbers that the brief gives, with what they count. */
  figures: Fact<Figure>[];
  people: Fact<string>[];
  reviews: Fact<Review>[];
  openings: Fact<Opening>[];
  steps: Fact<string>[];
  /** What copy may use. */
  statements: Statement[];
  /** Wishes about the site, which are never printed. */
  wishes: Source[];
  /** Where the brief says two things that can't both be. */
  doubts: Doubt[];
  /** "I" or "we", as the brief speaks. */
  person: 'I' | 'we';
}

/** A brief in capitals is read as if it had been written in small letters. */
function calmCapitals(brief: string): string {
  const letters = brief.replace(/[^\p{L}]/gu, '');
  const capitals = letters.replace(/[^\p{Lu}]/gu, '');
  if (letters.length < 20 || capitals.length / letters.length < 0.7) return brief;
  return brief
    .toLowerCase()
    .replace(/\bthe (us|uk|usa|eu)\b/g, (_, name: string) => `the ${name.toUpperCase()}`)
    .replace(
      /(^|[.!?]\s+|\n\s*|\b(?:in|near|from) )(?!the\b)(\p{Ll})/gu,
      (_, before: string, letter: string) => before + letter.toUpperCase(),
    )
    .replace(/, (\p{Ll}+)(?=[.,\n]|$)/gu, (whole, word: string) =>
      placesNamed(word).some((place) => place.size >= 5) ? `, ${word.charAt(0).toUpperCase()}${word.slice(1)}` : whole,
    )
    .replace(
      /(\b(?:we are|i am|called|named) )([^.,\n]+?)(?=[.,\n]| and (?:we|i) | (?:in|from|we) )/gi,
      (_, before: string, name: string) => before + name.replace(/(^|\s)(\p{Ll})(?=\p{L}{2})/gu, (match) => match.toUpperCase()),
    );
}

let last: { brief: string; reading: Reading } | null = null;

/** Reads a brief. Same text, same reading; the last one is kept, since decisions come much oftener than a new brief. */
export function readBrief(brief: string): Reading {
  if (last?.brief !== brief) last = { brief, reading: readAnew(brief) };
  return last.reading;
}

/** Offsets are those of the given text. */
function readAnew(given: string): Reading {
  const brief = calmCapitals(given);
  const sentences = sentencesOf(brief);
  const wishes = wishesOf(sentences);
  const statements = statementsOf(sentences);
  const colours = sentences
    .filter((sentence) => !sentence.asks)
    .map((sentence) =>
      coloursIn(sentence.source.text, sentence.source.start, brief, {
        wish: wishes.has(sentence),
        ofColours: sentence.label === 'colours' || sentence.label === 'look',
        refused: sentence.label === 'avoid',
      }),
    );
  const byName = (colour: NamedColour) => colour.name;
  const coloursWanted = firstOfEach(
    colours.flatMap((c) => c.wanted),
    byName,
  );
  const coloursAvoided = firstOfEach(
    colours.flatMap((c) => c.avoided),
    byName,
  );
  const name = readName(brief, sentences);
  const sells = readSells(brief, sentences, wishes);
  const place = readPlace(brief, sentences, name?.source ?? null);
  const dialled = phoneCountry(brief);
  const abouts = readCountry(brief, place, readCurrency(brief, '')?.value ?? '', dialled);
  const currency = readCurrency(brief, abouts?.value ?? '');
  const country = readCountry(brief, place, currency?.value ?? '', dialled);
  const tone = readTone(brief, sentences, wishes);
  const reading = {
    name,
    sells,
    trade: readTrade(brief, sentences, wishes, sells, name),
    audience: readAudience(brief, sentences, wishes),
    tone,
    style: styleOf(tone),
    coloursWanted,
    coloursAvoided,
    features: readFeatures(brief, sentences, wishes),
    goal: readGoal(brief, sentences),
    difference: readDifference(sentences, statements),
    place,
    country,
    reach: readReach(brief, sentences, place, country?.value ?? ''),
    origin: readOrigin(brief, sentences),
    email: readEmail(brief),
    phone: readPhone(brief, country?.value ?? ''),
    address: readAddress(brief, sentences),
    links: readLinks(brief),
    currency,
    language: readLanguage(brief),
    figures: readFigures(brief, statements),
    people: readPeople(brief, name && name.confidence >= 0.6 ? name.value : ''),
    reviews: readReviews(brief, sentences),
    openings: readOpenings(brief),
    steps: readSteps(brief, statements),
    statements,
    wishes: [...wishes].map((sentence) => sentence.source),
    person: personOf(brief),
  };
  // Asked for and refused: both stand in the reading, unsure, until the seller says which.
  const refused = new Set(coloursAvoided.map((colour) => colour.value.name));
  const unsure = coloursWanted.map((colour) => (refused.has(colour.value.name) ? { ...colour, confidence: 0.3 } : colour));
  return { ...reading, doubts: doubtsOf(reading), coloursWanted: unsure };
}

function personOf(brief: string): 'I' | 'we' {
  const single = brief.match(/\b(?:I|my)\b|\bi(?='m| )/gi)?.length ?? 0;
  const several = brief.match(/\b(?:we|our)\b/gi)?.length ?? 0;
  return single > several ? 'I' : 'we';
}

function firstOfEach<T>(facts: Fact<T>[], key: (value: T) => string): Fact<T>[] {
  const seen = new Set<string>();
  return facts.filter((fact) => !seen.has(key(fact.value)) && seen.add(key(fact.value)));
}

const goalIds: readonly Goal[] = ['sell', 'bookings', 'enquiries', 'visits', 'subscribers', 'known'];
const reachIds: readonly Reach[] = ['local', 'country', 'abroad', 'region', 'world'];
const originIds: readonly Origin[] = ['own', 'resold', 'both'];

/** Lays the seller's corrections over a reading. */
export function correct(reading: Reading, decided: Decided): Reading {
  const one = (fact: Fact<string> | null, name: string): Fact<string> | null => {
    const value = decided.at(`reading/${name}`, z.string());
    if (value === undefined) return fact;
    return value === '' ? null : { value, confidence: 1, source: fact?.source ?? null, corrected: true };
  };
  const many = (facts: Fact<string>[], name: string): Fact<string>[] =>
    decided.at(`reading/${name}`, z.array(z.string()))?.map((value) => ({
      value,
      confidence: 1,
      source: facts.find((f) => f.value === value)?.source ?? null,
      corrected: true,
    })) ?? facts;
  const chosen = <T extends string>(fact: Fact<T> | null, name: string, ids: readonly T[]): Fact<T> | null => {
    const value = decided.at(`reading/${name}`, z.string());
    const known = ids.find((id) => id === value);
    return known ? { value: known, confidence: 1, source: fact?.source ?? null, corrected: true } : fact;
  };
  const colours = (facts: Fact<NamedColour>[], name: string): Fact<NamedColour>[] =>
    decided.at(`reading/${name}`, z.array(z.string()))?.flatMap((word) => {
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
  return {
    ...reading,
    doubts: reading.doubts.filter((doubt) => !decided.has(`reading/${doubt.about}`)),
    address: one(reading.address, 'address'),
    name: one(reading.name, 'name'),
    place: one(reading.place, 'place'),
    email: one(reading.email, 'email'),
    phone: one(reading.phone, 'phone'),
    currency: one(reading.currency, 'currency'),
    sells: many(reading.sells, 'sells'),
    audience: many(reading.audience, 'audience'),
    tone: many(reading.tone, 'tone'),
    features: many(reading.features, 'features'),
    difference: many(reading.difference, 'difference'),
    goal: chosen(reading.goal, 'goal', goalIds) ?? reading.goal,
    reach: chosen(reading.reach, 'reach', reachIds),
    origin: chosen(reading.origin, 'origin', originIds),
    coloursWanted: colours(reading.coloursWanted, 'coloursWanted'),
    coloursAvoided: colours(reading.coloursAvoided, 'coloursAvoided'),
  };
}
