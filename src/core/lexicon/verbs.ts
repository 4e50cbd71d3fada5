import irregular from './irregularVerbs.json';
import { isNounItself } from './nouns';
import { lineOf, unpack } from './packed';
import { once } from '../once';
import { packedVerbs } from './verbs.generated';

const verbs = once(() => unpack(packedVerbs).split('\n'));
const irregularForms = new Map(
  Object.entries(irregular).flatMap(([base, forms]) => forms.split(' ').map((form) => [form, base])),
);

/** Whether a word can be a verb in its base form, as after "we" and "I". Most such words can be nouns too. */
export const isVerb = (word: string): boolean => lineOf(verbs(), word.toLowerCase()) !== null;

/** How regular forms come of a base form, the likeliest first. */
const endings: readonly [RegExp, string][] = [
  [/ies$/, 'y'],
  [/ied$/, 'y'],
  [/(?<=ss|sh|ch|x|z|o)es$/, ''],
  [/s$/, ''],
  [/([bdfgklmnprtvz])\1(?:ed|ing)$/, '$1'],
  [/ed$/, 'e'],
  [/ed$/, ''],
  [/ing$/, 'e'],
  [/ing$/, ''],
];

/** The base form of a verb: "made" → "make", "poured" → "pour"; null for what is none. */
export function baseOf(word: string): string | null {
  const given = word.toLowerCase();
  const known = irregularForms.get(given);
  if (known !== undefined) return known;
  if (isVerb(given)) return given;
  return (
    endings
      .map(([end, base]) => (end.test(given) ? given.replace(end, base) : ''))
      .find((base) => base.length > 1 && isVerb(base)) ?? null
  );
}

/** The class of a verb's commonest meaning, in any of its forms: 36 creation, 37 emotion, 40 possession, … (lexnames of WordNet). */
export function verbClass(word: string): number | null {
  return lineAt(word)?.kind ?? null;
}

function lineAt(word: string): { kind: number; share: number } | null {
  const base = baseOf(word);
  const [kind, percent] = (base === null ? null : lineOf(verbs(), base))?.split('|') ?? [];
  return kind === undefined ? null : { kind: Number(kind), share: Number(percent) / 100 };
}

/**
 * How often a word is a verb, of all the times that it stands somewhere (tagged texts of WordNet): "go" 1, "paint" 0.85, "sport" 0.06. A form
 * that is a noun of its own, as "clothes" is, may be either.
 */
export function verbShare(word: string): number {
  const { share = 0 } = lineAt(word) ?? {};
  return word.toLowerCase() !== baseOf(word) && isNounItself(word) ? Math.min(share, 0.5) : share;
}
