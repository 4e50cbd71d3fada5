import { countries, countryOf, placesCalled } from '../lexicon';
import { once } from '../once';
import { type Fact } from './fact';
import { currenciesOf, isCurrency, isFormOf, isShortForMoney, namesIn, namesOfMoney } from '../till';

/** What speaks for a currency, by weight; found out by nothing finer than what each kind of word can mean. */
const weights = {
  /** "pesos chilenos" */
  wholeName: 3,
  /** "in rand", "σε ευρώ" */
  unit: 2,
  /** The same word elsewhere, or one so short that it is often none of money: "won". */
  looseUnit: 0.7,
  /** "Chile", "Czech" */
  country: 1,
  place: 0.8,
  /** The country that the whole brief was read to be in. */
  home: 1.2,
} as const;

/** Below this nothing is said, and nearer than this to another neither. */
const enough = 1.2;
const apart = 0.5;

/** Words this short stand before what prices are in, in most languages. */
const smallWord = 3;

interface Word {
  text: string;
  /** In small letters. */
  plain: string;
  /** How much it says where it is a word for money. */
  asUnit: number;
}

/**
 * The currency that a brief speaks of, where its words and its places agree on one: a word that several countries have for their money is
 * that of the place. Null where no word names it, or two are as likely.
 *
 * @param home ISO 3166-1 alpha-2, where the country is known by other means
 */
export function moneySpokenOf(brief: string, language: string, home: string): Fact<string> | null {
  const votes = new Map<string, number>();
  const named = new Set<string>();
  const vote = (codes: Iterable<string>, weight: number) => {
    for (const code of codes) votes.set(code, (votes.get(code) ?? 0) + weight);
  };
  const words = wordsOf(brief);
  const moneyOf = (country: string) =>
    countryOf(country)
      ?.currencies.slice(0, 1)
      .map(({ code }) => code) ?? [];
  for (const codes of placesOf(brief).map((country) => moneyOf(country))) vote(codes, weights.place);
  for (const country of countriesSaid(brief)) vote(moneyOf(country), weights.country);
  vote(moneyOf(home), weights.home);
  const units = new Map<string, number>();
  const unit = (code: string, weight: number) => units.set(code, Math.max(units.get(code) ?? 0, weight));
  for (const { text, plain, asUnit } of words) {
    // A code stands in capitals: "all prices" are not in lek.
    const isCode = /^[A-Z]{3}$/.test(text);
    const isWord = text.length > 2 && !isCurrency(plain.toUpperCase());
    if (isCode || isWord) for (const code of currenciesOf(isCode ? text : plain)) unit(code, asUnit);
  }
  for (const { plain, asUnit } of words) for (const code of votes.keys()) if (isShortForMoney(plain, code)) unit(code, asUnit);
  const likely = [...new Set([...votes.keys(), ...units.keys()])];
  const own = language && language !== 'en' ? namesIn(language) : [];
  const whole = new Set<string>();
  for (const { code, words: name } of [...own, ...likely.flatMap(namesOfMoney)])
    for (let i = 0; i + name.length <= words.length; i++) {
      if (!name.every((part, n) => isFormOf(words[i + n]?.plain ?? '', part))) continue;
      if (name.length > 1) whole.add(code);
      else unit(code, words[i]?.asUnit ?? 0);
    }
  for (const [code, weight] of units) {
    vote([code], weight);
    named.add(code);
  }
  vote(whole, weights.wholeName);
  for (const code of whole) named.add(code);
  // Where money is named, it is one of those that are.
  const [first, second] = [...votes].filter(([code]) => named.has(code)).sort((a, b) => b[1] - a[1]);
  if (!first || first[1] < enough || (second && first[1] - second[1] < apart)) return null;
  return { value: first[0], confidence: 0.8, source: null };
}

const wordsOf = (brief: string): Word[] =>
  brief.split(/[.!?;\n]+/).flatMap((sentence) => {
    const parts = sentence.match(/[\p{L}\p{M}]+/gu) ?? [];
    return parts.map((text, i) => ({
      text,
      plain: text.toLowerCase(),
      asUnit: text.length > smallWord && (parts[i - 1]?.length ?? smallWord + 1) <= smallWord ? weights.unit : weights.looseUnit,
    }));
  });

/** The countries of what a text names with a capital, one for each name: that of the largest place, or that another name says. */
function placesOf(brief: string): string[] {
  const found: (readonly { country: string; size: number }[])[] = [];
  for (const run of brief.matchAll(/\p{Lu}[\p{L}\p{M}’'-]+(?:[ ]\p{Lu}[\p{L}\p{M}’'-]+){0,2}/gu)) {
    const parts = run[0].split(' ');
    for (let from = 0; from < parts.length; from++)
      for (let to = parts.length; to > from; to--) {
        const name = parts.slice(from, to).join(' ');
        const places = placesCalled(name).filter(({ size }) => size >= 5);
        if (!places.length) continue;
        found.push(places);
        from = to - 1;
        break;
      }
  }
  return found.flatMap((places) => {
    const others = found.filter((one) => one !== places).flat();
    const agreed = places.find(({ country }) => others.some((other) => other.country === country));
    return (agreed ?? places[0])?.country ?? [];
  });
}

const countryNames = once(() =>
  countries.flatMap(({ code, name, people }) =>
    [name, people]
      .filter((word) => word.length > 3)
      .map((word) => ({ code, pattern: new RegExp(String.raw`\b${word.replace(/[().]/g, '.')}\b`, 'u') })),
  ),
);

const countriesSaid = (brief: string): Set<string> =>
  new Set(countryNames().flatMap(({ code, pattern }) => (pattern.test(brief) ? [code] : [])));
