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
function isMeasured(brief: string, { 0: word, index = 0 }: RegExpMatchArray): boolean {
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

/** Money that is named somewhere in a brief. */
interface Mention {
  code: string;
  confidence: number;
  start: number;
  end: number;
}

/** Wherever a brief names money; a word such as "dollars" means that of the country, where the brief says one. */
function mentionsIn(brief: string, country: string): Mention[] {
  const found: Mention[] = [];
  const note = ({ 0: word, index }: RegExpMatchArray, code: string, confidence: number): void => {
    const [start, end] = [index ?? 0, (index ?? 0) + word.length];
    if (!found.some((one) => one.start < end && start < one.end)) found.push({ code, confidence, start, end });
  };
  for (const [pattern, code] of signs)
    for (const match of brief.matchAll(new RegExp(pattern, `${pattern.flags}g`))) note(match, code, 0.95);
  const own = countryOf(country)?.currencies ?? [];
  // "NT$", "₮": a sign is that of its country, or that of the seller's where several have it.
  for (const sign of brief.matchAll(/(?<!\p{L})(?:\p{L}{1,3}\$|\p{Sc})/gu)) {
    const meant = currenciesOf(sign[0]);
    const code = meant.length === 1 ? meant[0] : own.find((one) => meant.includes(one.code))?.code;
    if (code) note(sign, code, meant.length === 1 ? 0.95 : 0.85);
  }
  // "円" by itself: among other characters of its script it may be a part of any word.
  for (const sign of brief.matchAll(/(?<!\p{Script=Han})\p{Script=Han}(?!\p{Script=Han})/gu)) {
    const [code, ...others] = currenciesOf(sign[0]);
    if (code && !others.length) note(sign, code, 0.85);
  }
  for (const coded of brief.matchAll(/\b[A-Z]{3}\b/g)) if (codes().has(coded[0])) note(coded, coded[0], 0.95);
  const lower = brief.toLowerCase();
  for (const { currencies, people } of countries)
    for (const { code, name } of currencies) {
      const unit = name.split(' ').at(-1) ?? '';
      if (!people || name.split(' ').length < 2 || !lower.includes(people.toLowerCase())) continue;
      const named = new RegExp(
        String.raw`\b${people}\s+${unit.slice(0, 4)}\p{L}*|${people}\b[^.\n]{0,6}\b(?:only|prices)|\$[\d.,]+ ${people}\b`,
        'iu',
      ).exec(brief);
      if (named) note(named, code, 0.95);
    }
  for (const [pattern, unit, usual] of families) {
    const local = own.find(({ name }) => unit.test(name));
    for (const match of brief.matchAll(new RegExp(pattern, 'gi'))) {
      if (isMeasured(brief, match)) continue;
      if (local) note(match, local.code, 0.85);
      else if (usual) note(match, usual, match[0] === '$' ? 0.6 : 0.8);
    }
  }
  return found;
}

/** What a sentence that asks says of money, against one that tells. */
const asked = 0.3;
/** And one that speaks of prices. */
const priced = 1.5;
/** Money that is named again and again is said no louder than this. */
const loudest = 3;
/** That of the seller's country is meant sooner than any other. */
const atHome = 1.5;
/** Two that are nearer to each other than this: it is asked which. */
const apartBy = 1;
const ofPrices = /\bpric\p{L}*/iu;

/** How much it says that money is named where it is. */
function weightOf(brief: string, { start, end }: Mention): number {
  const from = Math.max(...['.', '!', '?', ';', '\n'].map((mark) => brief.lastIndexOf(mark, start - 1))) + 1;
  const [rest = ''] = /^[^.!?;\n]*[.!?;]?/.exec(brief.slice(end)) ?? [];
  return (rest.endsWith('?') ? asked : 1) * (ofPrices.test(brief.slice(from, end) + rest) ? priced : 1);
}

/**
 * The currency that prices are in. Where several are named, it is the one that the most speaks for: prices, the country, and how often it
 * stands; where two are as likely, it is not sure.
 */
export function readCurrency(brief: string, country: string): Fact<string> | null {
  const mentions = mentionsIn(brief, country);
  const own = new Set(countryOf(country)?.currencies.map(({ code }) => code));
  const scores = new Map<string, number>();
  for (const one of mentions) scores.set(one.code, Math.min(loudest, (scores.get(one.code) ?? 0) + weightOf(brief, one)));
  for (const [code, score] of scores) if (own.has(code)) scores.set(code, score + atHome);
  const [first, second] = [...scores].sort((a, b) => b[1] - a[1]);
  const its = mentions.find(({ code }) => code === first?.[0]);
  if (!first || !its) return null;
  const isOpen = second !== undefined && first[1] - second[1] < apartBy;
  return factAt(brief, its.code, isOpen ? Math.min(its.confidence, unsureMoney) : its.confidence, its.start, its.end);
}
const unsureMoney = 0.45;

/** The currency of a shop that a brief tells of: the one that it names, or that of its country. */
export function currencyFor(currency: Fact<string> | null, country: Fact<string> | null): string {
  if (!currency) return isSureCountry(country) ? paidWith(country?.value ?? '') : '';
  // Of two that are as likely neither is taken before it is asked.
  return currency.corrected || currency.implied || currency.confidence > unsureMoney ? currency.value : '';
}

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
