import { once } from '../../once';
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

/** Without case, marks over letters, and the signs at its ends. */
export const bare = (text: string): string =>
  plain(text)
    .replace(/\s+/g, ' ')
    .replace(/^[\s("']+|[\s.)!"':;,]+$/g, '')
    .trim();

/** Longer than any way of saying such a thing. */
const longest = 40;

export const saysManner = (manner: Manner, text: string): boolean =>
  text.length <= longest && (lists().get(manner)?.has(bare(text)) ?? false);
