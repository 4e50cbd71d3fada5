import words from './words.json';

/** How a list is written: drawn by chance, each thing by itself, so that they meet as nobody would have put them together. */
export interface Draw {
  language: Language;
  /** Language of the headings, the seller's own or English. */
  headings: Language;
  place: string;
  /** ISO 4217. */
  currency: string;
  form: Form;
  headed: Headed;
  rows: number;
  choice: Choice;
  /** Whether there are two things to choose by. */
  isTwofold: boolean;
  mess: ReadonlySet<Mess>;
  /** Whether amounts are written with the sign of the currency, with cents throughout, and in groups of three. */
  isSigned: boolean;
  isExact: boolean;
}

export type Language = (typeof words)[keyof typeof words];
const languages: readonly Language[] = Object.values(words);
const english = words.en;

const forms = ['comma', 'comma', 'semicolon', 'semicolon', 'tab', 'pipe', 'workbook', 'workbook', 'two sheets', 'json', 'jsonl', 'fixed', 'typed'] as const; // prettier-ignore
const heads = ['usual', 'usual', 'own language', 'own language', 'own words', 'none', 'two of one name', 'units', 'abbreviated', 'one odd'] as const; // prettier-ignore
const sizes = [3, 6, 11, 18, 35, 120] as const;
const choices = [
  'none',
  'none',
  'in a cell',
  'rows repeat',
  'group code',
  'tails',
  'name and value',
  'first row only',
  'crossed',
] as const;
const messes = ['ranges', 'missing', 'stock in words', 'other money', 'weights', 'spaced codes', 'doubles', 'markup', 'particulars', 'many particulars', 'paths', 'placeholder', 'line breaks', 'check digits', 'sale', 'old encoding'] as const; // prettier-ignore

export type Form = (typeof forms)[number];
export type Headed = (typeof heads)[number];
export type Choice = (typeof choices)[number];
export type Mess = (typeof messes)[number];

export type Random = () => number;
export const pickOne = <T>(from: readonly T[], random: Random): T => from[Math.floor(random() * from.length)] as T;

/** Some of a list in the order of chance. */
export function pickSome<T>(from: readonly T[], count: number, random: Random): T[] {
  const left = [...from];
  return Array.from({ length: Math.min(count, left.length) }, () => left.splice(Math.floor(random() * left.length), 1)[0] as T);
}

/** How seldom a list has nothing about it that makes trouble. */
const clean = 0.15;

export function draw(random: Random): Draw {
  const language = pickOne(languages, random);
  const [place = '', currency = ''] = pickOne(language.places, random);
  const form = pickOne(forms, random);
  const hasKeys = form === 'json' || form === 'jsonl';
  const headed = form === 'typed' ? 'none' : pickOne(heads, random);
  const mess = new Set(random() < clean ? [] : pickSome(messes, 2, random));
  // What a line typed by hand has no place for; and nobody can tell one amount from another where neither is headed.
  if (form === 'typed') mess.delete('doubles');
  if (form === 'typed' || headed === 'none') mess.delete('sale');
  const drawn = pickOne(choices, random);
  const choice = mess.has('doubles') ? 'none' : form === 'typed' ? (drawn === 'none' ? 'none' : 'tails') : drawn;
  return {
    language,
    headings: headed === 'own language' || random() < 0.5 ? language : english,
    place,
    currency,
    form,
    headed: hasKeys && (headed === 'none' || headed === 'two of one name') ? 'usual' : headed,
    rows: pickOne(sizes, random),
    choice,
    isTwofold: choice === 'crossed' || ((choice === 'rows repeat' || choice === 'tails') && random() < 0.3),
    mess,
    // No older encoding has the sign of the lira.
    isSigned: (random() < 0.4 || mess.has('other money')) && !(currency === 'TRY' && mess.has('old encoding')),
    isExact: random() < 0.5,
  };
}
