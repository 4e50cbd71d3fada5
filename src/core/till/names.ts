import { withoutJoined } from '../joined';
import { allCurrencies } from './currencies';

/** What a currency is called in a language, one and several of it, as Unicode CLDR has it. */
export interface Named {
  code: string;
  words: readonly string[];
}

/** Languages that a name is looked for in where nothing says which a brief is in: for the money of its country alone. */
const languages =
  'de fr es pt it nl sv da nb is fi et lv lt pl cs sk hu ro bg hr sl sr mk sq uk ru be el tr az kk uz ka hy ar he fa ur hi bn ta te mr ne si my km lo th ja ko zh vi id ms fil mn am sw zu af ca eu gl ga cy mt'.split(
    ' ',
  );

function namesOf(language: string, code: string): Named[] {
  const forms = new Set<string>();
  // With no decimals: "1.00" is several.
  const form = new Intl.NumberFormat(language, {
    style: 'currency',
    currency: code,
    currencyDisplay: 'name',
    maximumFractionDigits: 0,
  });
  for (const count of [1, 2, 5]) {
    const parts = form.formatToParts(count);
    const name = parts.find(({ type }) => type === 'currency')?.value ?? '';
    // "US dollar (next day)" is a unit of accounts, and nobody pays with it.
    if (!name.includes('(')) forms.add(name.toLowerCase());
  }
  return [...forms].flatMap((name) => {
    const words = name.match(/[\p{L}\p{M}]+/gu) ?? [];
    return words.length && name !== code.toLowerCase() ? [{ code, words }] : [];
  });
}

/** Names are worked out once: a brief is read again at every step, and for every answer that is tried. */
function kept(make: (of: string) => readonly Named[]): (of: string) => readonly Named[] {
  const made = new Map<string, readonly Named[]>();
  return (of) => {
    const names = made.get(of) ?? make(of);
    made.set(of, names);
    return names;
  };
}

export const namesIn = kept((language) => allCurrencies().flatMap((code) => namesOf(language, code)));
const namesInEnglish = kept((code) => namesOf('en', code));
/** What a currency is called in all languages, and its unit alone, as it is said at home: "colones". */
export const namesOfMoney = kept((code) => [
  ...languages.flatMap((language) => namesOf(language, code)),
  ...namesInEnglish(code).map(({ words }) => ({ code, words: words.slice(-1) })),
]);

const bareLetters = (text: string): string => text.toLowerCase().normalize('NFD').replace(/\p{M}/gu, '');

/** Whether a word is another with an ending of its own, or small words before it: "forint", "forintban"; "mexicano", "mexicanos". */
export const isFormOf = (word: string, name: string): boolean => hasEnding(word, name) || hasEnding(withoutJoined(word), name);

function hasEnding(word: string, name: string): boolean {
  if (name.length < 4) return word === name;
  if (word.length > name.length + 5) return false;
  const stem = name.slice(0, Math.max(4, name.length - 2));
  return word.startsWith(stem) || word.startsWith(unstressed(stem));
}

/** An ending moves the stress, and the accent goes: "colón", "colones". Each name is held against every word, and made bare once. */
const bareStems = new Map<string, string>();
function unstressed(stem: string): string {
  const bare = bareStems.get(stem) ?? bareLetters(stem);
  bareStems.set(stem, bare);
  return bare;
}

/** Whether a word is what people call a currency in some language: "taka", "forintban". */
export const isNameOfMoney = (word: string, code: string): boolean =>
  word.length > 2 && namesOfMoney(code).some(({ words }) => words.some((name) => isFormOf(word.toLowerCase(), name)));

const onlyConsonants = /^[b-df-hj-np-tv-xz]{2,3}$/;

/**
 * Whether a few letters are short for what a currency is called: "Tk" for taka, "Ft" for forint, "Rs" for rupees. They are consonants of
 * it, from the first to the last.
 */
export function isShortForMoney(letters: string, code: string): boolean {
  const short = bareLetters(letters);
  if (!onlyConsonants.test(short)) return false;
  return namesInEnglish(code).some(({ words }) => {
    const unit = bareLetters(words.at(-1) ?? '').replace(/[aeiouy]/g, '');
    let at = -1;
    const stands = [...short].every((letter) => (at = unit.indexOf(letter, at + 1)) >= 0);
    return stands && unit.startsWith(short.charAt(0)) && unit.endsWith(short.charAt(short.length - 1));
  });
}
