/** How a shelf that stands in another is named: "Kitchen > Knives". Never more than two deep. */
const step = ' > ';

export const shelfParts = (path: string): string[] => path.split(step);
export const shelfPath = (parts: readonly string[]): string => parts.join(step);

/** Marks that say what stands in what, wherever they are. */
const surely = /\s*(?:>|»|›|→|::|\\)\s*/;
/** One that does so where a list uses it again and again. */
const perhaps = /\s*\/\s*/;

/** What the categories of a list, as its cells name them, are: paths two deep at most. */
export interface ShelfReading {
  /** The shelf that a name in a cell means. */
  shelf: (name: string) => string;
  /** Names that stood deeper than two, and were folded. */
  folded: ReadonlySet<string>;
}

/**
 * Reads the category names of a whole list. "Hats / Caps" is a path where "Hats / …" comes with several ends; else it is a name. A first
 * part that all share says nothing.
 */
export function readShelves(names: Iterable<string>): ShelfReading {
  const all = [...new Set(names)];
  const parted = (name: string, mark: RegExp): string[] =>
    name
      .split(mark)
      .map((part) => part.trim())
      .filter(Boolean);
  const ends = new Map<string, Set<string>>();
  for (const name of all) {
    const [first = '', ...rest] = parted(name, perhaps);
    if (rest.length)
      ends.set(first.toLowerCase(), (ends.get(first.toLowerCase()) ?? new Set()).add(rest.join('/').toLowerCase()));
  }
  const partsOf = (name: string): string[] => {
    const parts = parted(name, surely);
    if (parts.length > 1) return parts;
    const [first = '', ...rest] = parted(name, perhaps);
    return rest.length && (ends.get(first.toLowerCase())?.size ?? 0) > 1 ? [first, ...rest] : [name];
  };
  const paths = new Map(all.map((name) => [name, partsOf(name)]));
  const deep = [...paths.values()].filter((parts) => parts.length > 1);
  const roots = new Set([...paths.values()].map(([first = '']) => first.toLowerCase()));
  const isRooted = roots.size === 1 && deep.some((parts) => parts.length > 2) && deep.length === paths.size;
  const folded = new Set<string>();
  const shelves = new Map(
    [...paths].map(([name, parts]) => {
      const rest = isRooted ? parts.slice(1) : parts;
      if (rest.length > 2) folded.add(name);
      return [name, shelfPath(rest.slice(0, 2))];
    }),
  );
  return { shelf: (name) => shelves.get(name) ?? name, folded };
}
