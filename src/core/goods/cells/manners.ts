import { once } from '../../once';
import { isFormOf } from '../../till';
import { plain } from './plain';
import manners from './manners.json';

/** Ways of saying in a cell that no number alone can say. */
export type Manner = keyof typeof manners;

const lists = once(
  () =>
    new Map(
      Object.entries(manners).map(([manner, list]) => [manner as Manner, new Set(list.split(', ').map((word) => bare(word)))]),
    ),
);

/** Words that were made bare already: the same few stand in every row of a list. */
const made = new Map<string, string>();
const mostMade = 20_000;

/** Without case, marks over letters, and the signs at its ends. */
export function bare(text: string): string {
  const known = made.get(text);
  if (known !== undefined) return known;
  if (made.size >= mostMade) made.clear();
  const said = plain(text)
    .replace(/\s+/g, ' ')
    .replace(/^[\s("']+|[\s.)!"':;,]+$/g, '')
    .trim();
  made.set(text, said);
  return said;
}

/** Longer than any way of saying such a thing. */
const longest = 40;

export const saysManner = (manner: Manner, text: string): boolean =>
  text.length <= longest && (lists().get(manner)?.has(bare(text)) ?? false);

/** The same of a word in any of its endings: "derniers", "letzten". */
export const saysFormOf = (manner: Manner, word: string): boolean => {
  const said = bare(word);
  return (
    saysManner(manner, word) || [...(lists().get(manner) ?? [])].some((known) => !known.includes(' ') && isFormOf(said, known))
  );
};
