import { countries, countryOf } from '../lexicon';
import { once } from '../once';
import { factAt, type Fact } from './fact';

/** What a currency is called in a language, one and several of it, as Unicode CLDR has it. */
export interface Named {
  code: string;
  words: readonly string[];
}

const allCodes = once(() => [...new Set(countries.flatMap(({ currencies }) => currencies.map(({ code }) => code)))]);

/** Languages that a name is looked for in where nothing says which a brief is in: for the money of its country alone. */
const languages =
  'de fr es pt it nl sv da nb fi et lv lt pl cs sk hu ro bg hr sl sr uk ru el tr ar he fa hi ja ko zh vi id ms sw'.split(' ');

function namesOf(language: string, code: string): Named[] {
  const forms = new Set<string>();
  for (const count of [1, 2, 5]) {
    const parts = new Intl.NumberFormat(language, { style: 'currency', currency: code, currencyDisplay: 'name' }).formatToParts(
      count,
    );
    const name = parts.find(({ type }) => type === 'currency')?.value ?? '';
    forms.add(name.replace(/\s*\([^)]*\)/g, '').toLowerCase());
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

export const namesIn = kept((language) => allCodes().flatMap((code) => namesOf(language, code)));
/** What a currency is called in all languages. */
export const namesOfMoney = kept((code) => languages.flatMap((language) => namesOf(language, code)));

/** Whether a word is another with an ending of its own: "forint", "forintban"; "mexicano", "mexicanos". */
export function isFormOf(word: string, name: string): boolean {
  if (name.length < 4) return word === name;
  const stem = name.slice(0, Math.max(4, name.length - 2));
  return word.startsWith(stem) && word.length <= name.length + 5;
}

/**
 * A currency that is named in the words of another language than English: "pesos mexicanos", "dirhams marocains", "forintban". One word
 * alone names money only where it is that of the seller's country, for "Rand" is an edge as well.
 */
export function currencyNamed(brief: string, language: string, country: string): Fact<string> | null {
  const own = new Set(countryOf(country)?.currencies.map(({ code }) => code));
  const names = [
    ...(language && language !== 'en' ? namesIn(language).filter(({ code, words }) => words.length > 1 || own.has(code)) : []),
    ...[...own].flatMap(namesOfMoney),
  ];
  if (!names.length) return null;
  const words = [...brief.matchAll(/[\p{L}\p{M}]+/gu)].map((match) => ({ text: match[0].toLowerCase(), at: match.index }));
  let best: { code: string; length: number; start: number; end: number } | null = null;
  let isOpen = false;
  for (const { code, words: name } of names)
    for (let i = 0; i + name.length <= words.length; i++) {
      if (!name.every((word, n) => isFormOf(words[i + n]?.text ?? '', word))) continue;
      const [first, last] = [words[i], words[i + name.length - 1]];
      if (!first || !last) continue;
      const found = { code, length: name.length, start: first.at, end: last.at + last.text.length };
      if (!best || found.length > best.length) [best, isOpen] = [found, false];
      // Two countries may call their money the same: then that of the seller's own is meant, or none is known.
      else if (found.length === best.length && found.code !== best.code) {
        if (own.has(found.code) && !own.has(best.code)) [best, isOpen] = [found, false];
        else if (own.has(best.code) === own.has(found.code)) isOpen = true;
      }
    }
  return best && !isOpen ? factAt(brief, best.code, 0.85, best.start, best.end) : null;
}
