import { z } from 'zod';
import {
  ownerSchema,
  readProject,
  sealedKeysSchema,
  type KeptStory,
  type Owner,
  type SealedKeys,
  type Story,
} from '@/core/project';
import { keepLists, readGoods } from '@/workers/goodsStore';
import { moveIn, storeAt } from '@/workers/stores';
import { hasLog, kept, loggedProjects, readLog, removeLog, writeLog, type OpenedLog } from './logStore';

const ownStores = ['projects', 'shelf', 'keys', 'drafts'] as const;
type OwnStore = (typeof ownStores)[number];

/** Where projects were kept before they were logs: as they stood, with copies of what stood before. */
const formerly = () => own('projects');
const entries = () => own('shelf');
const keys = () => own('keys');
const drafts = () => own('drafts');

async function own(name: OwnStore) {
  await moveIn(ownStores);
  return storeAt(name);
}

const entrySchema = z.object({
  id: z.string(),
  name: z.string(),
  changed: z.string(),
  products: z.number(),
  deleted: z.boolean(),
});

/** A project as the list of projects shows it. */
export type ShelfEntry = z.infer<typeof entrySchema>;

const listChannel = 'arcatum-shelf';

/** Tells when the list of projects has changed: in this tab, where a project is left while it is still being kept, or in another. */
export function onListChanged(listener: () => void): () => void {
  if (typeof BroadcastChannel === 'undefined') return () => undefined;
  const channel = new BroadcastChannel(listChannel);
  channel.addEventListener('message', listener);
  return () => channel.close();
}

/** Puts a project on the list, or renews what the list says of it. */
export async function writeEntry(entry: Omit<ShelfEntry, 'deleted'>): Promise<void> {
  await kept(async () => (await entries()).setItem(entry.id, { ...entry, deleted: false }));
  if (typeof BroadcastChannel === 'undefined') return;
  const channel = new BroadcastChannel(listChannel);
  channel.postMessage(entry.id);
  channel.close();
}

/** Keeps a new project. */
export async function keepProject(story: KeptStory, name: string, changed: string): Promise<void> {
  const { id, goods } = story.project;
  await writeLog(story);
  await writeEntry({ id, name, changed, products: goods.counts.products });
}

/** The projects that are in this browser, those too that are set aside. */
export const projectIds = async (): Promise<string[]> => [...(await loggedProjects()), ...(await (await formerly()).keys())];

/** Opens a project with the way that it came; says why where it can't. */
export async function openProject(id: string): Promise<OpenedLog | string> {
  const read = await readLog(id);
  if (typeof read !== 'string' || (await hasLog(id))) return read;
  const story = await readFormer(id);
  if (typeof story === 'string') return story;
  const kept = await keepLists(story);
  const seen = await writeLog(kept);
  await (await formerly()).removeItem(id);
  return { story: kept, seen, torn: false };
}

const formerSchema = z.looseObject({ project: z.looseObject({ goods: z.unknown() }) });
const apartSchema = z.strictObject({ keptAs: z.string() });

/** A project from before there were logs: it begins anew, as it stood. */
async function readFormer(id: string): Promise<Story | string> {
  const stored = formerSchema.safeParse(await (await formerly()).getItem(id));
  if (!stored.success) return 'This project is not in this browser. Open its file, or choose another from the list.';
  const { project } = stored.data;
  const apart = apartSchema.safeParse(project.goods);
  const goods = apart.success ? await readGoods(apart.data.keptAs) : project.goods;
  const told = readProject({ ...project, goods });
  return told.ok ? told.value : told.say;
}

export async function listProjects(): Promise<ShelfEntry[]> {
  const found: ShelfEntry[] = [];
  const shelf = await entries();
  await shelf.iterate((value: unknown) => {
    const entry = entrySchema.safeParse(value);
    if (entry.success) found.push(entry.data);
  });
  return found.sort((a, b) => b.changed.localeCompare(a.changed));
}

/** Puts a project aside, or takes it back. Its bytes stay until the list is emptied. */
export async function setDeleted(id: string, deleted: boolean): Promise<void> {
  const entry = entrySchema.safeParse(await (await entries()).getItem(id));
  if (entry.success) await kept(async () => (await entries()).setItem(id, { ...entry.data, deleted }));
}

export async function removeForGood(id: string): Promise<void> {
  await (await formerly()).removeItem(id);
  await (await entries()).removeItem(id);
  await (await drafts()).removeItem(id);
  await removeLog(id);
}

const keyringSchema = z.object({
  /** The addresses that a project is published at, the one at hand first. */
  owners: z.array(ownerSchema),
  /** What a project file brought and nobody has opened yet. */
  sealed: sealedKeysSchema.optional(),
  /** Recovery codes that nobody has said they wrote down, by address. */
  codes: z.record(z.string(), z.string()).default({}),
});
export type Keyring = z.infer<typeof keyringSchema>;

/** The keys of a project. Kept apart from it: a copy owns none of its addresses. Before there were several there was one, by itself. */
export async function readKeys(id: string): Promise<Keyring> {
  const found: unknown = await (await keys()).getItem(id);
  const [ring, one] = [keyringSchema.safeParse(found), ownerSchema.safeParse(found)];
  return ring.success ? ring.data : { owners: one.success ? [one.data] : [], codes: {} };
}

async function writeKeys(id: string, ring: Keyring): Promise<Keyring> {
  await kept(async () => (await keys()).setItem(id, ring));
  return ring;
}

/** Puts a key at hand, beside those that are there; with the code that came for it, which is kept until somebody has written it down. */
export async function writeOwner(id: string, owner: Owner, code?: string): Promise<Keyring> {
  const { owners, codes, ...rest } = await readKeys(id);
  return writeKeys(id, {
    ...rest,
    owners: [owner, ...owners.filter(({ address }) => address !== owner.address)],
    codes: code ? { ...codes, [owner.address]: code } : codes,
  });
}

/** The code of an address was written down: it is kept here no longer. */
export async function forgetCode(id: string, address: string): Promise<Keyring> {
  const { codes, ...rest } = await readKeys(id);
  return writeKeys(id, { ...rest, codes: Object.fromEntries(Object.entries(codes).filter(([of]) => of !== address)) });
}

export const writeSealed = async (id: string, sealed: SealedKeys): Promise<Keyring> =>
  writeKeys(id, { ...(await readKeys(id)), sealed });

/** Takes keys that a passphrase opened. Those that were here before stay. */
export async function takeKeys(id: string, opened: readonly Owner[]): Promise<Keyring> {
  const { owners, codes } = await readKeys(id);
  const known = new Set(owners.map(({ address }) => address));
  return writeKeys(id, { codes, owners: [...owners, ...opened.filter(({ address }) => !known.has(address))] });
}

const draftSchema = z.object({ from: z.string(), text: z.string() });

/** What was typed into the brief and is no change yet, and the brief that it was typed over. */
export type Draft = z.infer<typeof draftSchema>;

const heldKey = (project: string) => `arcatum-draft/${project}`;

export async function saveDraft(project: string, draft: Draft): Promise<void> {
  await kept(async () => (await drafts()).setItem(project, draft));
  // What was typed meanwhile stays held.
  if (localStorage.getItem(heldKey(project)) === JSON.stringify(draft)) localStorage.removeItem(heldKey(project));
}

/** Holds a draft where that takes no time: a page may be gone before it is saved. */
export function holdDraft(project: string, draft: Draft): void {
  try {
    localStorage.setItem(heldKey(project), JSON.stringify(draft));
  } catch {
    // Full or shut: it is saved in a moment.
  }
}

export async function clearDraft(project: string): Promise<void> {
  localStorage.removeItem(heldKey(project));
  await (await drafts()).removeItem(project);
}

function heldDraft(project: string): unknown {
  try {
    return JSON.parse(localStorage.getItem(heldKey(project)) ?? 'null');
  } catch {
    return null;
  }
}

export async function loadDraft(project: string): Promise<Draft | null> {
  const held = draftSchema.safeParse(heldDraft(project));
  if (held.success) return held.data;
  const found = draftSchema.safeParse(await (await drafts()).getItem(project));
  return found.success ? found.data : null;
}
