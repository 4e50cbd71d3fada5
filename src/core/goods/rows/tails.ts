import { choiceKind, optionNames } from '../columns/values';

const marks = [' – ', ' — ', ' - ', ' | ', ' / ', ', ', ': '] as const;

export interface Tail {
  head: string;
  values: { name: string; value: string }[];
}

/** A title in its parts: what stays the same, and what may be a choice after it. Longest head first. */
function partings(title: string): { head: string; tails: string[] }[] {
  const found: { head: string; tails: string[] }[] = [];
  for (const mark of marks) {
    const parts = title.split(mark).map((part) => part.trim());
    for (let cut = parts.length - 1; cut > 0; cut--)
      found.push({ head: parts.slice(0, cut).join(mark), tails: parts.slice(cut) });
  }
  const bracket = /^(.*\S)\s*[([]([^()[\]]{1,30})[)\]]$/.exec(title);
  if (bracket) found.push({ head: bracket[1] ?? '', tails: [bracket[2] ?? ''] });
  return found.filter(({ head, tails }) => /\p{L}/u.test(head) && tails.every((tail) => tail && choiceKind(tail)));
}

const key = (text: string): string => text.toLowerCase().replace(/\s+/g, ' ').trim();

/**
 * Titles that differ only in a colour, a size or a measure at their end are one product: "Mug – blue – large" and "Mug – red – small".
 * Gives the parting of each title that has such company.
 */
export function readTails(titles: readonly string[]): Map<number, Tail> {
  const heads = new Map<string, Set<number>>();
  const all = titles.map((title) => partings(title));
  all.forEach((found, i) => {
    for (const { head, tails } of found) {
      const at = `${key(head)}\u0000${tails.length}`;
      heads.set(at, (heads.get(at) ?? new Set()).add(i));
    }
  });
  const result = new Map<number, Tail>();
  all.forEach((found, i) => {
    // The parting that leaves most rows together; of equal ones the one with most tails.
    const [best] = found
      .map((parting) => ({ ...parting, together: heads.get(`${key(parting.head)}\u0000${parting.tails.length}`)?.size ?? 0 }))
      .filter(({ together }) => together > 1)
      .sort((a, b) => b.together - a.together || b.tails.length - a.tails.length);
    if (!best) return;
    const used = new Map<string, number>();
    const values = best.tails.map((value) => {
      const name = optionNames[choiceKind(value) ?? 'size'];
      const n = (used.get(name) ?? 0) + 1;
      used.set(name, n);
      return { name: n === 1 ? name : `${name} ${n}`, value };
    });
    result.set(i, { head: best.head, values });
  });
  return result;
}
