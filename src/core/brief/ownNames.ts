import { countries, type CountryEntry } from '../lexicon';
import { once } from '../once';
import { isUnspaced } from '../unspaced';
import { languagesOfScripts, readLanguage } from './language';

interface CountryName {
  code: string;
  /** In small letters. */
  words: readonly string[];
  /** What English calls its people, in small letters: "Italian" is no Italia. */
  people: string;
}

const latin = /^\p{Script=Latin}+$/u;
const wordsIn = (text: string): string[] => text.toLowerCase().match(/[\p{L}\p{M}]+/gu) ?? [];

const begins = (word: string): string => word.slice(0, 2);

/** Names by how their first word begins, and those of scripts without spaces. */
interface Names {
  byStart: ReadonlyMap<string, readonly CountryName[]>;
  joined: readonly CountryName[];
}

function namesBy(called: (country: CountryEntry) => readonly string[]): Names {
  const byStart = new Map<string, CountryName[]>();
  const joined: CountryName[] = [];
  for (const country of countries)
    for (const name of called(country)) {
      const made = { code: country.code, words: wordsIn(name), people: country.people.toLowerCase() };
      const [first] = made.words;
      if (isUnspaced(name)) joined.push(made);
      else if (first) byStart.set(begins(first), [...(byStart.get(begins(first)) ?? []), made]);
    }
  return { byStart, joined };
}

const ownNames = once(() => namesBy(({ own }) => own));

/** Names of this many letters are words of other kinds too. */
const shortestName = 4;

const byLanguage = new Map<string, Names>();
/** What countries are called in a language (Unicode CLDR). */
function namesIn(language: string): Names {
  const known = byLanguage.get(language);
  if (known) return known;
  const names = new Intl.DisplayNames([language], { type: 'region', fallback: 'none' });
  const made = namesBy(({ code }) => [names.of(code) ?? ''].filter((name) => name.length >= shortestName || isUnspaced(name)));
  byLanguage.set(language, made);
  return made;
}

/** Names shorter than this are held against whole words. */
const fewLetters = 5;
/** Endings of a case: "России" of "Россия", "Eestis" of "Eesti". */
const longestEnding = 2;

/** Whether a word is a name with the ending of a case. Words of Latin letters have to have all of it: "Maroon" is not in Morocco. */
function isInflected(word: string, name: string): boolean {
  if (word === name) return true;
  if (name.length < fewLetters || Math.abs(word.length - name.length) > longestEnding) return false;
  return word.startsWith(latin.test(name) ? name : name.slice(0, -1));
}

const surelyEnglish = 0.7;

const isPeople = (word: string, people: string): boolean => word === people || word === `${people}s`;

/** Whether words, from one on, are those of a name. */
function namesIt(words: readonly string[], from: number, { words: name, people }: CountryName): boolean {
  const here = words.slice(from, from + name.length);
  return name.every((part, n) => isInflected(here[n] ?? '', part)) && !here.some((word) => isPeople(word, people));
}

/** ISO 3166-1 codes of the countries that a text names in its own language, or as those do who live there: "България", "日本", "Eestis". */
export function countriesCalled(text: string): string[] {
  const words = wordsIn(text);
  // In English, “Maurice” has a workshop and no beach.
  const language = readLanguage(text);
  const isEnglish = language?.value === 'en' && language.confidence >= surelyEnglish;
  const spoken = new Set([...languagesOfScripts(text), ...(language && language.value !== 'en' ? [language.value] : [])]);
  const mayBe = ({ words: name }: CountryName) => !isEnglish || !name.every((word) => latin.test(word));
  const called = [ownNames(), ...[...spoken].map(namesIn)].flatMap(({ byStart, joined }) => [
    ...joined.filter(({ words: name }) => text.includes(name.join(''))),
    ...words.flatMap((word, i) => (byStart.get(begins(word)) ?? []).filter((name) => mayBe(name) && namesIt(words, i, name))),
  ]);
  return [...new Set(called.map(({ code }) => code))];
}
