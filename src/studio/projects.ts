import { Decided, given, productPlaces, set, type Wish } from '@/core/places';
import {
  change,
  newKeptProject,
  readDecisions,
  sealKeys,
  startStory,
  tellStory,
  type KeptList,
  type KeptProject,
  type KeptStory,
  type Picture,
} from '@/core/project';

import { fail, ok, type Result } from '@/core/result';
import { type ShopWorker } from '@/workers/client';
import { type ImportedList, type Jobs } from '@/workers/protocol';
import { handBack, takeWorker } from '@/workers/spare';
import { removeGoods } from '@/workers/goodsStore';
import { appendToLog } from './logStore';
import { keepProject, openProject, projectIds, readKeys, writeEntry, writeSealed } from './store';

const now = () => new Date().toISOString();

export async function createProject(name: string): Promise<string> {
  const at = now();
  const project = newKeptProject(crypto.randomUUID(), name);
  await keepProject(startStory(project, at), name, at);
  return project.id;
}

/** So many pictures are under way at once: enough that none waits for the disk, few enough for the memory of a phone when each is large. */
const atOnce = 4;

/** Keeps picture files and says what each is. Those that are no pictures are named in `refused`, what is odd about others in `notes`. */
export async function keepPictures(
  files: readonly { name: string; bytes: Uint8Array }[],
  worker: ShopWorker,
  progress: (done: number) => void = () => undefined,
): Promise<{ pictures: Picture[]; refused: string[]; notes: string[] }> {
  const kept = new Array<Jobs['keep']['get']>(files.length);
  let next = 0;
  const takeNext = async (): Promise<void> => {
    const at = next++;
    const file = files[at];
    if (!file) return;
    progress(at);
    kept[at] = await worker.ask('keep', { name: file.name, bytes: file.bytes });
    return takeNext();
  };
  await Promise.all(Array.from({ length: atOnce }, takeNext));
  const taken = kept.flatMap((one) => (one.ok ? [one.value] : []));
  return {
    pictures: taken.map(({ picture }) => picture),
    refused: kept.flatMap((one) => (one.ok ? [] : [one.say])),
    notes: taken.flatMap(({ notes }) => notes),
  };
}

/** A list that was brought in, and the pictures that came with it. */
export type BroughtIn = ImportedList;

/** A list that was read and not taken is not kept: its goods, and the file itself where no other reading stands on it. */
export async function discardList({ list }: BroughtIn, stays: KeptList): Promise<void> {
  if (list.keptAs !== stays.keptAs) await removeGoods(list.keptAs);
  const source = list.report?.source;
  if (source && source !== stays.report?.source) await removeGoods(source);
}

async function fetchBytes(path: string): Promise<Uint8Array> {
  const answer = await fetch(path);
  if (!answer.ok) throw new Error(`${path} is missing from this copy of Arcatum.`);
  return new Uint8Array(await answer.arrayBuffer());
}

/** The sample shop, brought in the way that a seller's own files are. */
export const createSample = (progress: (say: string) => void): Promise<string> =>
  alone(async (worker) => {
    progress('Opening the brief and the list');
    const text = new TextDecoder();
    const brief = text.decode(await fetchBytes('/demo/brief.txt'));
    const id = crypto.randomUUID();
    const list = { project: id, isNew: true, name: 'goods.csv', bytes: await fetchBytes('/demo/goods.csv'), currency: '' };
    const goods = await worker.ask('import', list);
    const decided = JSON.parse(text.decode(await fetchBytes('/demo/decisions.json'))) as Record<string, unknown>;
    const names = JSON.parse(text.decode(await fetchBytes('/demo/pictures.json'))) as string[];
    if (!goods.ok) throw new Error(goods.say);
    const files: { name: string; bytes: Uint8Array }[] = [];
    for (let i = 0; i < names.length; i += 12) {
      progress(`Taking in pictures, ${i} of ${names.length}`);
      files.push(
        ...(await Promise.all(
          names.slice(i, i + 12).map(async (name) => ({ name, bytes: await fetchBytes(`/demo/pictures/${name}`) })),
        )),
      );
    }
    const { pictures } = await keepPictures(files, worker, (done) =>
      progress(`Taking in picture ${done + 1} of ${files.length}`),
    );
    const { decisions } = readDecisions(Object.entries(decided));
    // What is sold as a file comes along.
    for (const { value } of new Decided(decisions).all(productPlaces.file)) {
      const kept = await worker.ask('keepFile', {
        as: 'sold',
        name: value.name,
        bytes: await fetchBytes(`/demo/files/${value.name}`),
      });
      if (!kept.ok) throw new Error(kept.say);
    }
    const at = now();
    const project: KeptProject = { ...newKeptProject(id, sampleName), brief, goods: goods.value.list, pictures, decisions };
    await keepProject(startStory(project, at), sampleName, at);
    return project.id;
  });

const sampleName = 'Tarnwick Dye House';

/** A worker for something that is done by itself. */
async function alone<T>(work: (worker: ShopWorker) => Promise<T>): Promise<T> {
  const worker = takeWorker();
  return work(worker).finally(() => handBack(worker));
}

/**
 * The whole project with its past as one file; the keys to its addresses go along under a passphrase, and only so. The worker of an open
 * studio has the lists that it works with, also where storage was cleared.
 */
export async function exportProject(story: KeptStory, passphrase = '', at: ShopWorker | null = null): Promise<Uint8Array> {
  const { owners } = await readKeys(story.project.id);
  const keys = passphrase && owners.length ? await sealKeys(owners, passphrase) : null;
  return at ? at.ask('pack', { story, keys }) : alone((worker) => worker.ask('pack', { story, keys }));
}

/** A project under another id. */
const withId = ({ log }: KeptStory, id: string): KeptStory => tellStory({ ...log, base: { ...log.base, id } });

/** Opens a project file beside those that are here already: it never takes another's place. */
export async function importProject(bytes: Uint8Array): Promise<Result<string>> {
  const ids = await projectIds();
  const taken = await alone((worker) => worker.ask('takeFile', { bytes, ids, other: crypto.randomUUID() }));
  if (!taken.ok) return taken;
  const { story, keys } = taken.value;
  await keepProject(story, story.project.name, now());
  if (keys) await writeSealed(story.project.id, keys);
  return ok(story.project.id);
}

/** A copy beside a project, with all of its past. */
export async function duplicateProject(id: string, called: string): Promise<Result<string>> {
  const opened = await openProject(id);
  if (typeof opened === 'string') return fail(opened);
  const copy = crypto.randomUUID();
  const name = `${called}, copy`;
  const copied = await alone((worker) => worker.ask('copy', { story: withId(opened.story, copy) }));
  const story = change(copied, '', [set(given.shopName, name)], { id: crypto.randomUUID(), at: now() });
  await keepProject(story, name, now());
  return ok(copy);
}

/** Gives a project another name, as a step of its own. */
export async function renameProject(id: string, name: string): Promise<Result<null>> {
  const opened = await openProject(id);
  if (typeof opened === 'string') return fail(opened);
  const wishes: Wish[] = [set(given.shopName, name)];
  const story = change(opened.story, 'Rename the project', wishes, { id: crypto.randomUUID(), at: now() });
  const [last] = story.log.changes.slice(-1);
  if (story !== opened.story && last) await appendToLog(story, [last], opened.seen);
  await writeEntry({ id, name, changed: now(), products: story.project.goods.counts.products });
  return ok(null);
}

export function download(bytes: Uint8Array, name: string, type = 'application/zip'): void {
  const url = URL.createObjectURL(new Blob([new Uint8Array(bytes)], { type }));
  const link = document.createElement('a');
  link.href = url;
  link.download = name;
  link.click();
  setTimeout(() => URL.revokeObjectURL(url), 10_000);
}
