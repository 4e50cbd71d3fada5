import { type Role } from './judge/judge';
import words from './roleWords.json';

/** Beginnings of words that say what a sentence does, by language, in the order in which they are asked. */
const byLanguage: Readonly<Record<string, Readonly<Partial<Record<Role, readonly string[]>>>>> = words;

/**
 * What a sentence of a language that the judge hasn't learned does, by words alone: where it goes once the seller has said that it may be
 * printed. A claim where no word tells.
 */
export function roleByWords(text: string, spoken: string): Role {
  const said = text.toLowerCase().match(/\p{L}+/gu) ?? [];
  for (const [role, beginnings] of Object.entries(byLanguage[spoken] ?? {}))
    if (said.some((word) => beginnings.some((beginning) => word.startsWith(beginning)))) return role as Role;
  return 'claim';
}

/** Whether a sentence of such a language speaks of the site or of its buyers: then it isn't for shoppers, and not asked about. */
export const isAside = (role: Role): boolean => role === 'wish' || role === 'buyer';
