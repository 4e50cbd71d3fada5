import { once } from '../../once';
import { softmax, unpackWeights, type Features, type Weights } from '../../softmax';
import { plain } from '../cells/plain';
import trained from './wording.json';

/** What a heading in a seller's own words can be about; the last is what only the goods themselves are told by. */
export const spokenOf = [
  'title',
  'description',
  'price',
  'old',
  'cost',
  'category',
  'option',
  'optionName',
  'optionValue',
  'sku',
  'gtin',
  'group',
  'stock',
  'weight',
  'picture',
  'currency',
  'nothing',
] as const;
export type Spoken = (typeof spokenOf)[number];

/** What a feature is made of stands between these, so that no feature is a word by itself. */
const joint = '0';
/** Before the whole of a heading. */
export const wholeMark = `a${joint}`;
/** Words this long are also looked at by their parts. */
const long = 3;
const partLength = 4;

/** The words of a heading: its letters alone, where a script has no spaces between words. */
const wordsOf = (heading: string): string[] =>
  plain(heading.replace(/(\p{Ll})(\p{Lu})/gu, '$1 $2'))
    .replace(/['’]/g, '')
    .match(/[\p{Script=Han}\p{Script=Hiragana}\p{Script=Katakana}\p{Script=Thai}]|[\p{L}\p{M}\p{N}]+/gu) ?? [];

/** What is seen of a heading: its words, which stand together, where they stand, and what they are made of. */
export function wordingOf(heading: string): Features {
  const words = wordsOf(heading);
  const found: Record<string, number> = { bias: 1 };
  found[`n${Math.min(words.length, 5)}`] = 1;
  found[`${wholeMark}${words.join(joint)}`] = 1;
  found[`f${joint}${words[0] ?? ''}`] = 0.5;
  found[`l${joint}${words.at(-1) ?? ''}`] = 0.5;
  words.forEach((word, i) => {
    found[`w${joint}${word}`] = 1;
    if (i) found[`p${joint}${words[i - 1] ?? ''}${joint}${word}`] = 1;
    if (word.length < long) return;
    const marked = `${joint}${word}${joint}`;
    for (let at = 0; at + partLength <= marked.length; at++) found[`x${joint}${marked.slice(at, at + partLength)}`] = 0.3;
  });
  return found;
}

const weights = once(() => unpackWeights(trained as Record<string, string>));

/** How likely a heading in whatever words is about each; the shares add up to 1. */
export function spokenIn(heading: string, by: Weights = weights()): ReadonlyMap<Spoken, number> {
  const shares = softmax(wordingOf(heading), by, spokenOf.length);
  return new Map(spokenOf.map((topic, k) => [topic, shares[k] ?? 0]));
}
