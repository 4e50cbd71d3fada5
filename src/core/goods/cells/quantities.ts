import { type Cell } from '../source/grid';
import { once } from '../../once';
import { bare, saysFormOf, saysManner } from './manners';
import { numberPattern, plainDigits } from './number';
import numerals from './numerals.json';
import units from './units.json';

/** What a cell says of how many there are. */
export type Stock =
  | { kind: 'blank' }
  | { kind: 'count'; pieces: number }
  /** There are some, and nobody counts them. */
  | { kind: 'uncounted' }
  /** Not a number that can be sold by; the likeliest where there is one. */
  | { kind: 'unsure'; likeliest: number | null };

/** One to twelve in words, from memory. A word that is another number in another language is none. */
const numberWords = once(() => {
  const found = new Map<string, number | undefined>();
  for (const list of Object.values(numerals))
    list.split(' ').forEach((word, i) => found.set(bare(word), (found.get(bare(word)) ?? i + 1) === i + 1 ? i + 1 : undefined));
  return found;
});
/** "Built to order", "genäht auf Bestellung": made as soon as somebody wants it. */
const isToOrder = (text: string): boolean => {
  const words = text.split(/\s+/);
  return words.some((_, i) => saysManner('toOrder', words.slice(i).join(' ')));
};
/** Said of what there is in English as well as ten in Turkish. */
const saysOther = 'on';

/** Words that a program has joined, with the address of a vocabulary before them or without: "out_of_stock", "https://schema.org/OutOfStock". */
function apart(text: string): string {
  if (!/^[\w:/.#-]*[A-Za-z][\w-]*$/.test(text)) return text;
  const name = text.replace(/^.*[/#:]/, '');
  return name
    .replace(/(\p{Ll})(?=\p{Lu})/gu, '$1 ')
    .replace(/(?<=\p{L})-+(?=\p{L})|_+/gu, ' ')
    .trim();
}

/** A short word says something else as well: "no limit". */
const shortestNone = 4;

/** "None until March", "sold out, more in May": what is none is none, whatever is said of later. */
function beginsSoldOut(text: string): boolean {
  const marked = /^([^,;:(–—]+?)\s*[,;:(–—]/.exec(text)?.[1] ?? '';
  const isNone = (words: string) => words.length >= shortestNone && saysManner('soldOut', words);
  const words = text.split(/\s+/);
  // "Sold in pairs" says nothing of what is left.
  return isNone(marked) || words.some((word, i) => i > 0 && saysManner('until', word) && isNone(words.slice(0, i).join(' ')));
}

/** Pieces in stock. A whole number, with a word for pieces or without; words for "there are some" and "there are none". */
export function understandStock(cell: Cell): Stock {
  const text = apart(plainDigits(String(cell)).trim());
  if (!text || /^[-–—./]+$/.test(text)) return { kind: 'blank' };
  if (/^\d{1,9}(?:[.,]0+)?$/.test(text)) return { kind: 'count', pieces: Number.parseInt(text, 10) };
  if (/^\d{1,3}(?:[.,'’ ]\d{3})+$/.test(text)) return { kind: 'count', pieces: Number(text.replace(/\D/g, '')) };
  if (saysManner('soldOut', text)) return { kind: 'count', pieces: 0 };
  if (saysManner('inStock', text) || isToOrder(text)) return { kind: 'uncounted' };
  if (beginsSoldOut(text)) return { kind: 'count', pieces: 0 };
  if (saysManner('dozen', text)) return { kind: 'unsure', likeliest: 12 };
  const fewer = /^(\D+?)\s+(\S.*)$/u.exec(text);
  if (fewer && saysManner('only', fewer[1] ?? '')) return understandStock(fewer[2] ?? '');
  const last = countOfLast(text);
  if (last !== null) return { kind: 'count', pieces: last };
  const alone = bare(text) === saysOther ? undefined : numberWords().get(bare(text));
  if (alone !== undefined) return { kind: 'count', pieces: alone };
  const counted = /^(\d{1,9}|[\p{L}\p{M}]+)\s*[x×]?\s*([\p{L}\p{M}][\p{L}\p{M}.\s]*)$/u.exec(text);
  if (counted && saysManner('pieces', counted[2] ?? '')) {
    const [, said = ''] = counted;
    const pieces = /^\d/.test(said) ? Number(said) : saysManner('soldOut', said) ? 0 : numberWords().get(bare(said));
    if (pieces !== undefined) return { kind: 'count', pieces };
  }
  if (/^[-−]\s?\d/.test(text)) return { kind: 'unsure', likeliest: 0 };
  const some = numberPattern.exec(text)?.[0];
  return { kind: 'unsure', likeliest: some && /^\d{1,6}$/.test(some) ? Number(some) : null };
}

/** Longer than "les deux derniers", "only the last two". */
const mostWords = 4;

/** How many are "les deux derniers", "2 letzte": the one number beside words for the last ones, in any order. */
function countOfLast(text: string): number | null {
  const words = text.split(/\s+/);
  if (words.length < 2 || words.length > mostWords) return null;
  const others = words.filter((word) => !saysFormOf('only', word));
  if (others.length === words.length) return null;
  const numberIn = (word: string) => (/^\d{1,4}$/.test(word) ? Number(word) : numberWords().get(bare(word)));
  const counts = others.flatMap((word) => numberIn(word) ?? []);
  const areFew = others.every((word) => word.length <= smallWord || numberIn(word) !== undefined || saysManner('pieces', word));
  return counts.length === 1 && areFew ? (counts[0] ?? null) : null;
}
/** Articles are so short; "months" are none. */
const smallWord = 3;

/** Grams in a unit of mass: the international avoirdupois pound is 0.45359237 kg exactly (1959 agreement). */
const grams: Readonly<Record<string, number>> = {
  g: 1,
  gr: 1,
  gm: 1,
  gms: 1,
  gram: 1,
  grams: 1,
  gramm: 1,
  grammes: 1,
  gramme: 1,
  gramos: 1,
  grammi: 1,
  gramas: 1,
  г: 1,
  гр: 1,
  克: 1,
  グラム: 1,
  그램: 1,
  غ: 1,
  غرام: 1,
  גרם: 1,
  kg: 1000,
  kgs: 1000,
  kilo: 1000,
  kilos: 1000,
  kilogram: 1000,
  kilograms: 1000,
  кг: 1000,
  公斤: 1000,
  千克: 1000,
  كغ: 1000,
  כג: 1000,
  mg: 0.001,
  t: 1_000_000,
  oz: 28.349523125,
  ounce: 28.349523125,
  ounces: 28.349523125,
  lb: 453.59237,
  lbs: 453.59237,
  pound: 453.59237,
  pounds: 453.59237,
};

/** What units measure, by their words in many languages (CLDR 48, units of mass, length and volume). */
const kinds: Readonly<Record<keyof typeof units, 'mass' | 'length' | 'volume'>> = {
  gram: 'mass',
  kilogram: 'mass',
  ounce: 'mass',
  pound: 'mass',
  millimeter: 'length',
  centimeter: 'length',
  meter: 'length',
  inch: 'length',
  foot: 'length',
  yard: 'length',
  milliliter: 'volume',
  liter: 'volume',
  gallon: 'volume',
  'fluid-ounce': 'volume',
};
const unitsBy = once(
  () =>
    new Map(
      (Object.keys(kinds) as (keyof typeof units)[]).flatMap((unit) =>
        units[unit].split(', ').map((word) => [word, unit] as const),
      ),
    ),
);

const lengths = /^(mm|cm|m|km|in|inch|inches|ft|feet|["″]|''|['′]|мм|см|м|yd|yards?)$/i;
const volumes = /^(ml|cl|dl|l|ltr|litres?|liters?|fl ?oz|pt|gal|мл|л|cc)$/i;

export type Measure = { kind: 'mass' | 'length' | 'volume' | 'other'; number: string; unit: string };

/** ½, 2¾: a fraction in one sign (Unicode, Number Forms and Latin-1), alone or behind a whole number. */
const inOneSign = '\\d*\\s?[¼-¾⅐-⅞]';
const measured = new RegExp(
  `^(${inOneSign}|${numberPattern.source}|\\d+ \\d+/\\d+|\\d+/\\d+)\\s*(\\p{L}[\\p{L}\\p{M}]{0,13}\\.?|["″′']{1,2}|%|°)$`,
  'u',
);

/** A number with a unit after it, and nothing else. */
export function understandMeasure(cell: Cell): Measure | null {
  const text = plainDigits(String(cell)).trim();
  if (!/^[\d¼-¾⅐-⅞]/.test(text)) return null;
  const match = measured.exec(text);
  if (!match) return null;
  const [, number = '', given = ''] = match;
  const unit = given.toLowerCase().replace(/\.$/, '');
  const named = unitsBy().get(unit);
  const kind = Object.hasOwn(grams, unit) ? 'mass' : lengths.test(unit) ? 'length' : volumes.test(unit) ? 'volume' : 'other';
  return { kind: named ? kinds[named] : kind, number, unit };
}

/** The grams of a unit of mass. Pounds and ounces weigh otherwise in other languages (“ein Pfund” is 500 g): only those in English are. */
export const gramsPer = (unit: string): number | null => {
  const key = unit.toLowerCase().replace(/\.$/, '');
  if (Object.hasOwn(grams, key)) return grams[key] ?? null;
  const named = unitsBy().get(key);
  return named === 'gram' ? 1 : named === 'kilogram' ? 1000 : null;
};

/** "30 x 40 cm", "12×18", "1:87", "2-tier": how big a thing is, in more than one number. */
export const isDimensions = (text: string): boolean =>
  /^\s*\d+(?:[.,]\d+)?\s*(?:["″']|\p{L}{1,2})?\s*[x×*]\s*\d+(?:[.,]\d+)?(?:\s*["″']|\s*\p{L}{1,3})?(?:\s*[x×*]\s*\d+(?:[.,]\d+)?\s*\p{L}{0,3})?\s*$/u.test(
    text,
  );

/** GS1 General Specifications: the check digit of a GTIN of 8, 12, 13 or 14 digits, weights 3 and 1 from the right. */
export function isGtin(digits: string): boolean {
  if (!/^(?:\d{8}|\d{12,14})$/.test(digits)) return false;
  let sum = 0;
  for (let i = digits.length - 2, weight = 3; i >= 0; i--, weight = 4 - weight) sum += Number(digits[i]) * weight;
  return (10 - (sum % 10)) % 10 === Number(digits.at(-1));
}
export const hasGtinLength = (digits: string): boolean => /^(?:\d{8}|\d{12,14})$/.test(digits);
