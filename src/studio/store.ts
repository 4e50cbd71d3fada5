import localforage from 'localforage';
import { z } from 'zod';
import { historySchema, readProject, startHistory, type History } from '@/core/project';

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

export async function saveHistory(history: History, deleted = false): Promise<void> {
  const { project } = history;
  const entry: ShelfEntry = {
    id: project.id,
    name: project.name,
    changed: project.changed,
    products: project.goods.products.length,
    deleted,
  };
  await kept(async () => {
    await projects().setItem(project.id, history);
    await entries().setItem(project.id, entry);
  });
}

/** A project with its history. A history that can't be read any more is left behind; the project itself never is. */
export async function loadHistory(id: string): Promise<History | string> {
  const stored: unknown = await projects().getItem(id);
  if (stored === null) return 'This project is not in this browser. Open its file, or choose another from the list.';
  const whole = historySchema.safeParse(stored);
  if (whole.success) return whole.data;
  const inner = z.looseObject({ project: z.unknown() }).safeParse(stored);
  const project = readProject(inner.success ? inner.data.project : stored);
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
