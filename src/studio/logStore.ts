import { z } from 'zod';
import { noList, type KeptList } from '@/core/goods/about';
import { given, type Value } from '@/core/places';
import { documentOf, readKeptProject, type Change, type KeptProject, type KeptStory } from '@/core/project';
import { readKnown, removeAllGoods } from '@/workers/goodsStore';
import { storeAt } from '@/workers/stores';

const logs = () => storeAt('logs');

/** Storage refused: it is full, or shut. Nothing that was stored before is lost. */
export class StorageRefused extends Error {}

export async function kept<T>(write: () => Promise<T>): Promise<T> {
  try {
    return await write();
  } catch (error) {
    throw new StorageRefused(
      'The browser’s storage took nothing more. Export the project to a file now, then make room by deleting others; what is on the screen is not lost while this page is open.',
      { cause: error },
    );
  }
}

/** How far a page has read a log: which chunk, and how many changes of it. */
export interface Seen {
  chunk: number;
  count: number;
}

/** A chunk is written again with each change that is appended to it, so it stays small. */
const mostInChunk = 64;
const heaviestChunk = 40_000;

const baseKey = (id: string) => `${id}/base`;
const markKey = (id: string) => `${id}/mark`;
const checkKey = (id: string) => `${id}/check`;
const chunkKey = (id: string, n: number) => `${id}/${String(n).padStart(6, '0')}`;

/** What stands in a stored log for a list of goods: the key that it is kept under. */
const keptAsSchema = z.strictObject({ keptAs: z.string() });
/** A stored change, before the core looks at it: all that is asked here is whether a list of goods is named in it. */
interface StoredChange {
  sets: { place?: unknown; before?: unknown; after?: unknown }[];
}
const isObject = (value: unknown): value is object => typeof value === 'object' && value !== null;
const isStored = (value: unknown): value is StoredChange =>
  isObject(value) && 'sets' in value && Array.isArray(value.sets) && value.sets.every(isObject);
/** The changes of a chunk, or null where none is stored. */
const chunkOf = (value: unknown): StoredChange[] | null => (Array.isArray(value) ? value.filter(isStored) : null);

/** Only one tab writes a log at a time. */
const alone = <T>(id: string, work: () => Promise<T>): Promise<T> =>
  typeof navigator !== 'undefined' && 'locks' in navigator
    ? (navigator.locks.request(`arcatum-log/${id}`, work) as Promise<T>)
    : work();

const isGoodsPlace = (place: unknown) => place === given.goods.address;

const keyOf = ({ keptAs }: KeptList): { keptAs: string } => ({ keptAs });

/** A change as it is stored: of a list only its key. */
function withKeys(change: Change): unknown {
  if (!change.sets.some(({ place }) => isGoodsPlace(place))) return change;
  const key = (value: Value | undefined) => (value === undefined ? undefined : keyOf(value as KeptList));
  const sets = change.sets.map((set) =>
    isGoodsPlace(set.place) ? { ...set, before: key(set.before), after: key(set.after) } : set,
  );
  return { ...change, sets };
}

/** What is known of lists, by key: a log that names one twice has it once. */
type Lists = Map<string, KeptList | null>;

async function listAt(value: unknown, lists: Lists): Promise<unknown> {
  const named = keptAsSchema.safeParse(value);
  if (!named.success) return value;
  const { keptAs } = named.data;
  const known = lists.get(keptAs) ?? (await readKnown(keptAs));
  lists.set(keptAs, known);
  return known;
}

async function withListsIn(change: StoredChange, lists: Lists): Promise<StoredChange> {
  if (!change.sets.some(({ place }) => isGoodsPlace(place))) return change;
  const sets = [];
  for (const set of change.sets)
    sets.push(
      isGoodsPlace(set.place) ? { ...set, before: await listAt(set.before, lists), after: await listAt(set.after, lists) } : set,
    );
  return { ...change, sets };
}

/** Chunks from where a page has read on, with those changes that it has not seen. */
async function readFrom(
  id: string,
  { chunk, count }: Seen,
): Promise<{ fresh: StoredChange[]; last: StoredChange[]; seen: Seen }> {
  const chunks: StoredChange[][] = [];
  // Mostly there is one to read and none after it; a page that opens a log reads all, more of them at a time.
  for (let most = 2; ; most *= 2) {
    const next = chunk + chunks.length;
    const stored = await Promise.all(Array.from({ length: most }, (_, i) => logs().getItem(chunkKey(id, next + i))));
    const read = stored.map(chunkOf);
    const end = read.indexOf(null);
    for (const one of read.slice(0, end < 0 ? most : end)) if (one) chunks.push(one);
    if (end >= 0) break;
  }
  const last = chunks.at(-1) ?? [];
  return { fresh: chunks.flat().slice(count), last, seen: { chunk: chunk + Math.max(0, chunks.length - 1), count: last.length } };
}

const weightOf = (changes: readonly unknown[]): number => JSON.stringify(changes).length;

/** Writes a whole log: a new one, or one whose storage was cleared. */
export async function writeLog(story: KeptStory): Promise<Seen> {
  const { id } = story.log.base;
  return kept(() => alone(id, () => writeAll(story)));
}

async function writeAll(story: KeptStory): Promise<Seen> {
  const { base, changes } = story.log;
  await logs().removeItem(checkKey(base.id));
  await logs().setItem(baseKey(base.id), beginningOf(story, base));
  const seen = await appendAll(base.id, changes, [], { chunk: 0, count: 0 });
  await logs().setItem(markKey(base.id), { begun: true });
  return seen;
}

/** A project as the beginning of a log, with its list apart. */
function beginningOf(story: KeptStory, base: KeptProject): { document: Record<string, unknown>; list: { keptAs: string } } {
  const log = { ...story.log, base: { ...base, goods: noList }, changes: [] };
  return { document: documentOf({ log }), list: keyOf(base.goods) };
}

/** Keeps the project as it stands after what is stored, so that it can be opened where earlier chunks can't be read. */
export async function writeCheckpoint(story: KeptStory, seen: Seen): Promise<void> {
  const { id } = story.log.base;
  await kept(() => alone(id, async () => logs().setItem(checkKey(id), { ...beginningOf(story, story.project), seen })));
}

async function appendAll(id: string, changes: readonly Change[], last: readonly unknown[], at: Seen): Promise<Seen> {
  let chunk: unknown[] = [...last];
  let n = at.chunk;
  let weight = weightOf(chunk);
  let dirty = false;
  for (const change of changes) {
    const stored = withKeys(change);
    if (chunk.length && (chunk.length >= mostInChunk || weight > heaviestChunk)) {
      if (dirty) await logs().setItem(chunkKey(id, n), chunk);
      chunk = [];
      weight = 0;
      n++;
    }
    chunk.push(stored);
    weight += weightOf([stored]);
    dirty = true;
  }
  if (dirty) await logs().setItem(chunkKey(id, n), chunk);
  return { chunk: n, count: chunk.length };
}

/**
 * Appends changes to a log, after whatever other tabs have appended meanwhile; that is given back. Where the storage was cleared, the log
 * is written anew as this page knows it.
 */
export async function appendToLog(
  story: KeptStory,
  changes: readonly Change[],
  seen: Seen,
): Promise<{ seen: Seen; theirs: unknown[] }> {
  const { id } = story.log.base;
  return kept(() =>
    alone(id, async () => {
      const [mark, read] = await Promise.all([logs().getItem(markKey(id)), readFrom(id, seen)]);
      if (!mark) return { seen: await writeAll(story), theirs: [] };
      const lists: Lists = new Map();
      const theirs = await Promise.all(read.fresh.map((change) => withListsIn(change, lists)));
      return { seen: await appendAll(id, changes, read.last, read.seen), theirs };
    }),
  );
}

/** What other tabs have appended since this page has read. */
export async function readNews(id: string, seen: Seen): Promise<{ seen: Seen; theirs: unknown[] }> {
  const read = await readFrom(id, seen);
  const lists: Lists = new Map();
  return { seen: read.seen, theirs: await Promise.all(read.fresh.map((change) => withListsIn(change, lists))) };
}

const baseSchema = z.object({ document: z.looseObject({ base: z.looseObject({}) }), list: keptAsSchema });
const seenSchema = z.object({ chunk: z.number().int().nonnegative(), count: z.number().int().nonnegative() });
const checkSchema = baseSchema.extend({ seen: seenSchema });

/** A log that was opened. */
export interface OpenedLog {
  story: KeptStory;
  seen: Seen;
  /** Whether earlier steps can't be read any more: then it begins at a checkpoint. */
  torn: boolean;
}

/** Opens a log, or says why it can't be. */
export async function readLog(id: string): Promise<OpenedLog | string> {
  const [head, mark, whole] = await Promise.all([
    logs().getItem(baseKey(id)),
    logs().getItem(checkKey(id)),
    readFrom(id, { chunk: 0, count: 0 }),
  ]);
  const check = checkSchema.safeParse(mark).data;
  const beginning = baseSchema.safeParse(head).data;
  const torn = check !== undefined && (!beginning || isBefore(whole.seen, check.seen));
  const from = torn ? check : beginning;
  if (!from) return 'This project is not in this browser. Open its file, or choose another from the list.';
  const read = torn ? await readFrom(id, check.seen) : whole;
  const { document, list } = from;
  const lists: Lists = new Map();
  // A list that is gone takes nothing else along.
  const goods = (await listAt(list, lists)) ?? noList;
  const changes = await Promise.all(read.fresh.map((change) => withListsIn(change, lists)));
  const told = readKeptProject({ ...document, base: { ...document.base, goods }, changes });
  if (!told.ok) return told.say;
  return { story: told.value, seen: read.seen, torn };
}

/** Whether a page that has read up to here has not reached there. */
const isBefore = (here: Seen, there: Seen): boolean =>
  here.chunk < there.chunk || (here.chunk === there.chunk && here.count < there.count);

export async function removeLog(id: string): Promise<void> {
  for (const key of await logs().keys()) if (key.startsWith(`${id}/`)) await logs().removeItem(key);
  await removeAllGoods(id);
}

export const hasLog = async (id: string): Promise<boolean> => (await logs().getItem(baseKey(id))) !== null;

/** The projects that have a log here. */
export const loggedProjects = async (): Promise<string[]> =>
  (await logs().keys()).flatMap((key) => (key.endsWith('/base') ? [key.slice(0, -'/base'.length)] : []));
