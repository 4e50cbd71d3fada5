import { z } from 'zod';
import { type Decided } from '../project';
import { colourOf, coloursIn, type NamedColour } from './colours';
import { type Fact, type Source } from './fact';
import { readAudience, readCountry, readCurrency, readEmail, readName, readPhone, readPlace, readSells } from './facts';
import { sentencesOf } from './sentences';
import { statementsOf, wishesOf, type Statement } from './statements';
import { readTone } from './tone';

/** What Arcatum understood of a brief. Every fact keeps its words. */
export interface Reading {
  name: Fact<string> | null;
  sells: Fact<string>[];
  audience: Fact<string>[];
  tone: Fact<string>[];
  coloursWanted: Fact<NamedColour>[];
  coloursAvoided: Fact<NamedColour>[];
  place: Fact<string> | null;
  country: Fact<string> | null;
  email: Fact<string> | null;
  phone: Fact<string> | null;
  currency: Fact<string> | null;
  /** What copy may use. */
  statements: Statement[];
  /** Wishes about the site, which are never printed. */
  wishes: Source[];
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
    .replace(
      /(^|[.!?]\s+|\n\s*|\b(?:in|near|from) )(\p{Ll})/gu,
      (_, before: string, letter: string) => before + letter.toUpperCase(),
    )
    .replace(
      /(\b(?:we are|i am|called|named) )([^.,\n]+?)(?=[.,\n]| and (?:we|i) | (?:in|from|we) )/gi,
      (_, before: string, name: string) => before + name.replace(/(^|\s)(\p{Ll})(?=\p{L}{2})/gu, (match) => match.toUpperCase()),
    );
}

/** Reads a brief. Same text, same reading. Offsets are those of the given text. */
export function readBrief(given: string): Reading {
  const brief = calmCapitals(given);
  const sentences = sentencesOf(brief);
  const colours = sentences.map((sentence) => coloursIn(sentence.source.text, sentence.source.start, brief));
  const place = readPlace(brief);
  const currency = readCurrency(brief);
  const country = readCountry(brief, place, currency?.value ?? '');
  const email = readEmail(brief);
  const first = brief.search(/\b(?:we|our|us)\b/i);
  const single = brief.search(/\bI\b|\bi(?='m| )|\b[Mm]y\b/);
  const avoided = firstOfEach(
    colours.flatMap((c) => c.avoided),
    (c) => c.name,
  );
  return {
    name: readName(brief, sentences),
    sells: readSells(brief, sentences),
    audience: readAudience(brief, sentences),
    tone: readTone(brief, sentences),
    coloursWanted: firstOfEach(
      colours.flatMap((c) => c.wanted),
      (c) => c.name,
    ).filter((c) => !avoided.some((a) => a.value.name === c.value.name)),
    coloursAvoided: avoided,
    place,
    country,
    email,
    phone: readPhone(brief, country?.value ?? ''),
    currency,
    statements: statementsOf(sentences),
    wishes: [...wishesOf(sentences)].map((sentence) => sentence.source),
    person:
      single >= 0 && (first < 0 || (brief.match(/\b(?:I|my)\b/gi)?.length ?? 0) > (brief.match(/\b(?:we|our)\b/gi)?.length ?? 0))
        ? 'I'
        : 'we',
  };
}

function firstOfEach<T>(facts: Fact<T>[], key: (value: T) => string): Fact<T>[] {
  const seen = new Set<string>();
  return facts.filter((fact) => !seen.has(key(fact.value)) && seen.add(key(fact.value)));
}

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
    name: one(reading.name, 'name'),
    place: one(reading.place, 'place'),
    email: one(reading.email, 'email'),
    phone: one(reading.phone, 'phone'),
    currency: one(reading.currency, 'currency'),
    sells: many(reading.sells, 'sells'),
    audience: many(reading.audience, 'audience'),
    tone: many(reading.tone, 'tone'),
    coloursWanted: colours(reading.coloursWanted, 'coloursWanted'),
    coloursAvoided: colours(reading.coloursAvoided, 'coloursAvoided'),
  };
}
