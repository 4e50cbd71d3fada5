import localforage from 'localforage';
import { z } from 'zod';
import {
  goodsApart,
  historySchema,
  listsOf,
  readProject,
  startHistory,
  withGoods,
  type History,
  type Project,
} from '@/core/project';
import { goodsKeys, isGoodsKeyOf, newGoodsKey, readGoods, removeAllGoods, removeGoods, writeGoods } from '@/workers/goodsStore';

const projects = () => localforage.createInstance({ name: 'arcatum', storeName: 'projects' });
const entries = () => localforage.createInstance({ name: 'arcatum', storeName: 'shelf' });
const keys = () => localforage.createInstance({ name: 'arcatum', storeName: 'keys' });

const entrySchema = z.object({
  id: z.string(),
  name: z.string(),
  changed: z.string(),
  products: z.number(),
  deleted: z.boolean(),
});

/** A project as the list of projects shows it. */
export type ShelfEntry = z.infer<typeof entrySchema>;

/** Storage refused: it is full, or shut. Nothing that was stored before is lost. */
export class StorageRefused extends Error {}

async function kept<T>(write: () => Promise<T>): Promise<T> {
  try {
    return await write();
  } catch (error) {
    throw new StorageRefused(
      'The browser’s storage took nothing more. Export the project to a file now, then make room by deleting others; what is on the screen is not lost while this page is open.',
      { cause: error },
    );
  }
}

/** Where a list of goods is stored already: it is written once, not with every step after it. */
const storedAs = new WeakMap<Project['goods'], string>();
/** The lists that the stored history of a project names, as far as this page knows. */
const named = new Map<string, string[]>();

/** The key that a list is stored under, where it is. */
export const goodsKey = (goods: Project['goods']): string | undefined => storedAs.get(goods);
/** Tells that a list is stored already: the worker that reads one writes it too. */
export const goodsStored = (goods: Project['goods'], key: string): void => void storedAs.set(goods, key);

export async function saveHistory(history: History, deleted = false): Promise<void> {
  const { project } = history;
  const entry: ShelfEntry = {
    id: project.id,
    name: project.name,
    changed: project.changed,
    products: project.goods.products.length,
    deleted,
  };
  const keys = new Map<Project['goods'], string>();
  const { stored, lists } = goodsApart(history, (goods) => {
    const known = keys.get(goods) ?? storedAs.get(goods);
    const key = known && isGoodsKeyOf(project.id, known) ? known : newGoodsKey(project.id);
    keys.set(goods, key);
    return key;
  });
  await kept(async () => {
    // Lists first: a history never names one that is not there, even where another tab has let go of it meanwhile.
    const there = await goodsKeys(project.id);
    for (const [key, goods] of lists) {
      if (!there.has(key)) await writeGoods(key, goods);
      storedAs.set(goods, key);
    }
    await projects().setItem(project.id, stored);
    await entries().setItem(project.id, entry);
  });
  const before = named.get(project.id) ?? [];
  named.set(project.id, [...lists.keys()]);
  for (const key of before) if (!lists.has(key)) await removeGoods(key);
}

/** A project with its history. A history that can't be read any more is left behind; the project itself never is. */
export async function loadHistory(id: string): Promise<History | string> {
  const stored: unknown = await projects().getItem(id);
  if (stored === null) return 'This project is not in this browser. Open its file, or choose another from the list.';
  const keys = listsOf(stored);
  const lists = new Map<string, unknown>();
  for (const key of keys) lists.set(key, await readGoods(key));
  const filled = withGoods(stored, lists);
  const whole = historySchema.safeParse(filled);
  if (whole.success) {
    const { project, past, future } = whole.data;
    named.set(id, keys);
    // The project's own list was read into a new one; those of the steps are as they came.
    const own = keys[0];
    if (own !== undefined) storedAs.set(project.goods, own);
    const keyOf = new Map([...lists].map(([key, list]) => [list, key]));
    for (const { before, after } of [...past, ...future])
      for (const { goods } of [before, after]) {
        const key = goods && keyOf.get(goods);
        if (goods && key) storedAs.set(goods, key);
      }
    return whole.data;
  }
  const inner = z.looseObject({ project: z.unknown() }).safeParse(filled);
  const project = readProject(inner.success ? inner.data.project : filled);
  return project.ok ? startHistory(project.value) : project.say;
}

export async function listProjects(): Promise<ShelfEntry[]> {
  const found: ShelfEntry[] = [];
  await entries().iterate((value: unknown) => {
    const entry = entrySchema.safeParse(value);
    if (entry.success) found.push(entry.data);
  });
  return found.sort((a, b) => b.changed.localeCompare(a.changed));
}

/** Puts a project aside, or takes it back. Its bytes stay until the list is emptied. */
export async function setDeleted(id: string, deleted: boolean): Promise<void> {
  const entry = entrySchema.safeParse(await entries().getItem(id));
  if (entry.success) await kept(() => entries().setItem(id, { ...entry.data, deleted }));
}

export async function removeForGood(id: string): Promise<void> {
  await projects().removeItem(id);
  await entries().removeItem(id);
  await removeAllGoods(id);
}

const ownerSchema = z.object({ address: z.string(), key: z.string() });
export type Owner = z.infer<typeof ownerSchema>;

/** The address that a project is published at, and the key that opens it. Kept apart from the project: a copy does not own it. */
export async function readOwner(id: string): Promise<Owner | null> {
  const parsed = ownerSchema.safeParse(await keys().getItem(id));
  return parsed.success ? parsed.data : null;
}

export async function writeOwner(id: string, owner: Owner): Promise<void> {
  await kept(() => keys().setItem(id, owner));
}

const drafts = () => localforage.createInstance({ name: 'arcatum', storeName: 'drafts' });
const draftSchema = z.object({ from: z.string(), text: z.string() });

/** A change of the brief that was written but not done yet, and the brief that it changes. */
export type Draft = z.infer<typeof draftSchema>;

export const saveDraft = async (project: string, draft: Draft): Promise<void> =>
  void (await kept(() => drafts().setItem(project, draft)));
export const clearDraft = (project: string): Promise<void> => drafts().removeItem(project);

export async function loadDraft(project: string): Promise<Draft | null> {
  const found = draftSchema.safeParse(await drafts().getItem(project));
  return found.success ? found.data : null;
}
