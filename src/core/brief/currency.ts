import { countries, countryOf } from '../lexicon';
import { numberWords } from '../numberWords';
import { once } from '../once';
import { currenciesOf } from '../till';
import { factAt, sureWhere, type Fact } from './fact';

/** Signs and codes that mean one currency wherever they stand. */
const signs: [RegExp, string][] = [
  [/£|\bpounds? sterling\b|\bsterling\b/i, 'GBP'],
  [/€|\beuros?\b/i, 'EUR'],
  [/\bUS\$/, 'USD'],
  [/\bC(?:A|DN)?\$/, 'CAD'],
  [/\bA(?:U)?\$/, 'AUD'],
  [/\bNZ\$/, 'NZD'],
  [/₹/, 'INR'],
  [/\bKD\b/, 'KWD'],
  [/\baussie dollars?\b/i, 'AUD'],
  [/\bkiwi dollars?\b/i, 'NZD'],
  [/zł/, 'PLN'],
];

/** Words that several countries use for money of their own: the seller's country says which. */
const families: [RegExp, RegExp, string][] = [
  [/\bkron(?:or|er|ur|a|e)\b/i, /kron/i, ''],
  [/\bpounds\b(?! (?:of|in weight))/i, /pound/i, 'GBP'],
  [/\$|\bdollars?\b|\bbucks\b/i, /dollar/i, 'USD'],
  [/¥|\byen\b/i, /yen/i, 'JPY'],
  [/\brupees?\b/i, /rupee/i, 'INR'],
  [/\bfrancs?\b/i, /franc/i, ''],
  [/\bpesos?\b/i, /peso/i, ''],
  [/\bdinars?\b/i, /dinar/i, ''],
  [/\bz[łl]oty(?:ch)?\b/i, /z[łl]oty/i, 'PLN'],
];

/** Numbers as words: "sixteen pounds" is as much a weight as a price. */
const counts = once(
  () => new Set([...Array.from({ length: 101 }, (_, n) => numberWords(n)), 'hundred', 'thousand', 'dozen', 'few', 'several']),
);
const ofMoney = /\b(?:pric|cost|charg|pay|paid|worth|spen[dt]|fee|cheap|expensive)\p{L}*/iu;

const ofWeight = /\b(?:weigh|heav|kilo|gram|ounce)\p{L}*/iu;

/** Whether pounds are those of a scale: so many of them, or what something weighs, in a sentence that speaks of no money. */
function isMeasured(brief: string, { 0: word, index }: RegExpExecArray): boolean {
  if (!/^pounds$/i.test(word)) return false;
  const before = brief.slice(0, index);
  const [count = ''] = /[\p{L}\d.,½¼¾-]+(?=\s*$)/u.exec(before) ?? [];
  const isCounted = /\d|[½¼¾]/.test(count) || counts().has(count.toLowerCase());
  // “For twelve pounds”, “at 12 pounds”.
  if (isCounted && /(?<!\p{L})(?:for|at)\s+$/iu.test(before.slice(0, before.lastIndexOf(count)))) return false;
  const from = Math.max(...['.', '!', '?', '\n'].map((end) => before.lastIndexOf(end))) + 1;
  const [sentence = ''] = /^[^.!?\n]*/.exec(brief.slice(from)) ?? [];
  return !ofMoney.test(sentence) && (isCounted || ofWeight.test(sentence));
}

/** Codes of ISO 4217, but for those that are also English words in capitals. */
const codes = once(() => {
  const known = new Set(countries.flatMap(({ currencies }) => currencies.map(({ code }) => code)));
  for (const word of ['ALL', 'TOP', 'MAD', 'PEN', 'CUP', 'LAK', 'AMD']) known.delete(word);
  return known;
});

/** The currency that prices are in. A word such as "dollars" means that of the country, where the brief says one. */
export function readCurrency(brief: string, country: string): Fact<string> | null {
  const at = (match: RegExpExecArray, code: string, confidence: number) =>
    factAt(brief, code, confidence, match.index, match.index + match[0].length);
  for (const [pattern, code] of signs) {
    const match = pattern.exec(brief);
    if (match) return at(match, code, 0.95);
  }
  const own = countryOf(country)?.currencies ?? [];
  // "NT$", "₮": a sign is that of its country, or that of the seller's where several have it.
  for (const sign of brief.matchAll(/(?<!\p{L})(?:\p{L}{1,3}\$|\p{Sc})/gu)) {
    const meant = currenciesOf(sign[0]);
    const code = meant.length === 1 ? meant[0] : own.find((one) => meant.includes(one.code))?.code;
    if (code) return at(sign, code, meant.length === 1 ? 0.95 : 0.85);
  }
  for (const coded of brief.matchAll(/\b[A-Z]{3}\b/g)) if (codes().has(coded[0])) return at(coded, coded[0], 0.95);
  const lower = brief.toLowerCase();
  for (const { currencies, people } of countries)
    for (const { code, name } of currencies) {
      const unit = name.split(' ').at(-1) ?? '';
      if (!people || name.split(' ').length < 2 || !lower.includes(people.toLowerCase())) continue;
      const named = new RegExp(
        String.raw`\b${people}\s+${unit.slice(0, 4)}\p{L}*|${people}\b[^.\n]{0,6}\b(?:only|prices)|\$[\d.,]+ ${people}\b`,
        'iu',
      ).exec(brief);
      if (named) return at(named, code, 0.95);
    }
  for (const [pattern, unit, usual] of families) {
    const match = [...brief.matchAll(new RegExp(pattern, 'gi'))].find((one) => !isMeasured(brief, one));
    if (!match) continue;
    const local = own.find(({ name }) => unit.test(name));
    if (local) return at(match, local.code, 0.85);
    if (usual) return at(match, usual, match[0] === '$' ? 0.6 : 0.8);
  }
  return null;
}

/** The currency of a shop that a brief tells of: the one that it names, or that of its country. */
export const currencyFor = (currency: Fact<string> | null, country: Fact<string> | null): string =>
  currency?.value ?? (isSureCountry(country) ? paidWith(country?.value ?? '') : '');

/** Where so many are in use side by side, none follows from the country. */
const sideBySide = 3;

/** What is paid with in a country, where one can say so. */
function paidWith(country: string): string {
  const own = countryOf(country)?.currencies ?? [];
  return own.length < sideBySide ? (own[0]?.code ?? '') : '';
}

/** Whether a country is sure enough to say what prices are in; else that is asked. */
export const isSureCountry = (country: Fact<string> | null): boolean =>
  country !== null && (country.corrected === true || country.confidence >= sureWhere);
