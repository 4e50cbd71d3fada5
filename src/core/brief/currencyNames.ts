import { countryOf } from '../lexicon';
import { isFormOf, namesIn, namesOfMoney } from '../till';
import { factAt, type Fact } from './fact';

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
