/** What a column is called that nobody has given a name: good enough for a seller beside its cells, and nothing for a shopper. */
export const unheaded = (index: number): string => `Column ${index + 1}`;
/** The name of a column as shoppers read it; empty where nobody has given it one. */
export const nameShown = (name: string): string => (isUnheaded(name) ? '' : name);
export const isUnheaded = (name: string): boolean => /^Column \d+$/.test(name);

/** What may be told to shoppers of a thing: what has a name, and of what nobody has named the words, under no name of their own. */
export function toldOf(particulars: readonly { name: string; value: string }[]): { name: string | null; value: string }[] {
  const words = particulars
    .filter(({ name, value }) => isUnheaded(name) && /\p{L}/u.test(value) && !/\d/.test(value))
    .map(({ value }) => value);
  return [
    ...particulars.filter(({ name }) => !isUnheaded(name)),
    ...(words.length ? [{ name: null, value: words.join(', ') }] : []),
  ];
}

/**
 * What each column of a list is known by among the others, so that something can be said of just this one: its heading; “Note (2)” for the
 * second of that name, “Column 3” where it has none.
 */
export function columnKeys(headings: readonly string[], width = headings.length): string[] {
  const seen = new Map<string, number>();
  return Array.from({ length: Math.max(width, headings.length) }, (_, index) => {
    const heading = headings[index]?.replace(/\s+/g, ' ').trim() || unheaded(index);
    const times = (seen.get(heading) ?? 0) + 1;
    seen.set(heading, times);
    return times === 1 ? heading : `${heading} (${times})`;
  });
}
