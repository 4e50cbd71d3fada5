import { existsSync, readFileSync, renameSync, writeFileSync } from 'node:fs';
import { z } from 'zod';
import { type HostData } from '@/core/till';

/** Addresses at which something stood that stands elsewhere now: by the path of then, the id of the page. */
export type Moved = Readonly<Record<string, string>>;

const movedSchema = z.record(z.string(), z.string());

/** Longer ago than so many moves, an address is forgotten. */
const mostMoved = 20_000;

export function readMoved(file: string): Moved {
  if (!existsSync(file)) return {};
  try {
    return movedSchema.catch({}).parse(JSON.parse(readFileSync(file, 'utf8')));
  } catch {
    // Damaged: who comes by an old address sees what is shown where nothing is.
    return {};
  }
}

/** Written beside and moved into place, so that a crash leaves the old one whole. */
export function writeMoved(file: string, moved: Moved): void {
  writeFileSync(`${file}.new`, JSON.stringify(moved));
  renameSync(`${file}.new`, file);
}

/** What is told of where things stand. */
type Told = Pick<HostData, 'paths' | 'shelfOf'>;

/**
 * The shelf that took the place of one that is gone: the one on which more than half of its goods stand now. Shelves are known by their names
 * alone, so that one with a new name is another.
 */
function heirOf(gone: string, was: Told, is: Told): string | null {
  const goods = Object.entries(was.shelfOf ?? {}).flatMap(([product, shelf]) => (shelf === gone ? [product] : []));
  const counts = new Map<string, number>();
  for (const product of goods) {
    const shelf = is.shelfOf?.[product];
    if (shelf !== undefined) counts.set(shelf, (counts.get(shelf) ?? 0) + 1);
  }
  const [best] = [...counts].sort(([, a], [, b]) => b - a);
  return best && best[1] * 2 > goods.length ? best[0] : null;
}

/** All that moved up to a release: what had moved before it, and what stands elsewhere than in the one before. */
export function movedBy(before: Moved, was: Told | null, is: Told): Moved {
  const now = is.paths ?? {};
  const heirs = new Map<string, string | null>();
  const stands = (id: string): string | null => {
    if (now[id] !== undefined || !was) return now[id] === undefined ? null : id;
    if (!heirs.has(id)) heirs.set(id, heirOf(id, was, is));
    return heirs.get(id) ?? null;
  };
  const moved = new Map(Object.entries(before));
  for (const [id, path] of Object.entries(was?.paths ?? {})) if (now[id] !== path) moved.set(path, id);
  // What is gone without an heir may come back, and is led to then.
  const all = [...moved].map(([path, id]) => [path, stands(id) ?? id] as const);
  return Object.fromEntries(all.slice(-mostMoved));
}

/** Where an address of before leads now, with all that followed the page's own path in it; null where nothing is known of it. */
export function ledOn(path: string, moved: Moved, { paths = {} }: Told): string | null {
  for (let end = path.length; end > 0; end = path.lastIndexOf('/', end - 2) + 1) {
    const old = path.slice(0, end);
    const id = Object.hasOwn(moved, old) ? moved[old] : undefined;
    const to = id === undefined || !Object.hasOwn(paths, id) ? undefined : paths[id];
    if (to !== undefined && to !== old) return to + path.slice(end);
  }
  return null;
}
