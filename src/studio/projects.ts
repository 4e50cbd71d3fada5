import { type SaidSame } from '@/core/goods';
import { Decided, given, productPlaces, set, type Wish } from '@/core/places';
import {
  change,
  hashesOf,
  newProject,
  readDecisions,
  readProjectFile,
  sourcesOf,
  startStory,
  tellStory,
  writeProjectFile,
  type Goods,
  type Picture,
  type Product,
  type Project,
  type Story,
  sealKeys,
} from '@/core/project';

import { fail, ok, type Result } from '@/core/result';
import { ShopWorker } from '@/workers/client';
import { type ImportedList, type Jobs, type Progress } from '@/workers/protocol';
import { readGoods, readSource, removeGoods, writeSource } from '@/workers/goodsStore';
import { readPictureBytes, writePictureBytes } from '@/workers/pictureStore';
import { appendToLog, goodsKey, goodsStored } from './logStore';
import { keepProject, openProject, readKeys, writeEntry, writeSealed } from './store';

const now = () => new Date().toISOString();

export async function createProject(name: string): Promise<string> {
  const at = now();
  const project = newProject(crypto.randomUUID(), name);
  await keepProject(startStory(project, at), name, at);
  return project.id;
}

/** Keeps picture files and says what each is. Those that are no pictures are named in `refused`, what is odd about others in `notes`. */
export async function keepPictures(
  files: readonly { name: string; bytes: Uint8Array }[],
  worker: ShopWorker,
  progress: (done: number) => void = () => undefined,
): Promise<{ pictures: Picture[]; refused: string[]; notes: string[] }> {
  const pictures: Picture[] = [];
  const refused: string[] = [];
  const notes: string[] = [];
  for (const [i, { name, bytes }] of files.entries()) {
    progress(i);
    const kept = await worker.ask('keep', { name, bytes });
    if (!kept.ok) {
      refused.push(kept.say);
      continue;
    }
    pictures.push(kept.value.picture);
    notes.push(...kept.value.notes);
  }
  return { pictures, refused, notes };
}

/** So many products cross from the worker at a time without the page being felt to stop. */
const atATime = 1500;

/** A list that was brought in, and the pictures that came with it. */
export interface BroughtIn {
  goods: Goods;
  pictures: ImportedList['pictures'];
  changes: ImportedList['changes'];
}

/** Has the worker read a list of goods, and fetches it in pieces. */
export async function readList(
  worker: ShopWorker,
  list: Jobs['import']['give'],
  progress?: (now: Progress) => void,
): Promise<Result<BroughtIn>> {
  return fetchList(worker, await worker.ask('import', list, progress));
}

/** Has the worker read the list that is there anew, with what is said of it now. */
export async function rereadList(
  worker: ShopWorker,
  said: { project: string; wishes: Wish[]; currency: string },
): Promise<Result<BroughtIn>> {
  return fetchList(worker, await worker.ask('reread', said));
}

/** The list that was read last, with what the seller says of goods that may be old ones under another name. */
export async function sayWhichAreSame(worker: ShopWorker, said: SaidSame): Promise<Result<BroughtIn>> {
  return fetchList(worker, await worker.ask('same', { said }));
}

async function fetchList(worker: ShopWorker, read: Result<ImportedList>): Promise<Result<BroughtIn>> {
  if (!read.ok) return read;
  const { rest, products: count, keptAs, pictures, changes } = read.value;
  const products: Product[] = [];
  while (products.length < count) {
    const piece = await worker.ask('products', { from: products.length, count: atATime });
    if (!piece.length) return fail('Another list was opened meanwhile.');
    products.push(...piece);
  }
  const goods = { ...rest, products };
  if (keptAs) goodsStored(goods, keptAs);
  return ok({ goods, pictures, changes });
}

/** A list that was read and not taken is not kept: its goods, and the file itself where no other reading stands on it. */
export async function discardList({ goods }: BroughtIn, stays: Goods): Promise<void> {
  const key = goodsKey(goods);
  if (key && key !== goodsKey(stays)) await removeGoods(key);
  const source = goods.report?.source;
  if (source && source !== stays.report?.source) await removeGoods(source);
}

async function fetchBytes(path: string): Promise<Uint8Array> {
  const answer = await fetch(path);
  if (!answer.ok) throw new Error(`${path} is missing from this copy of Arcatum.`);
  return new Uint8Array(await answer.arrayBuffer());
}

/** The sample shop, brought in the way that a seller's own files are. */
export async function createSample(progress: (say: string) => void): Promise<string> {
  progress('Opening the brief and the list');
  const text = new TextDecoder();
  const brief = text.decode(await fetchBytes('/demo/brief.txt'));
  const id = crypto.randomUUID();
  const worker = new ShopWorker();
  const list = { project: id, isNew: true, name: 'goods.csv', bytes: await fetchBytes('/demo/goods.csv'), currency: '' };
  const goods = await readList(worker, list);
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
  const { pictures } = await keepPictures(files, worker, (done) => progress(`Taking in picture ${done + 1} of ${files.length}`));
  // What is sold as a file comes along.
  for (const { value } of new Decided(readDecisions(Object.entries(decided)).decisions).all(productPlaces.file)) {
    const kept = await worker.ask('keepFile', {
      as: 'sold',
      name: value.name,
      bytes: await fetchBytes(`/demo/files/${value.name}`),
    });
    if (!kept.ok) throw new Error(kept.say);
  }
  worker.close();
  const at = now();
  const project: Project = {
    ...newProject(id, sampleName),
    brief,
    goods: goods.value.goods,
    pictures,
    decisions: readDecisions(Object.entries(decided)).decisions,
  };
  await keepProject(startStory(project, at), sampleName, at);
  return project.id;
}

const sampleName = 'Tarnwick Dye House';

/** The whole project with its past as one file; the keys to its addresses go along under a passphrase, and only so. */
export async function exportProject(story: Story, passphrase = ''): Promise<Uint8Array> {
  const pictures = new Map<string, Uint8Array>();
  for (const hash of hashesOf(story)) {
    const bytes = await readPictureBytes(hash);
    if (bytes) pictures.set(hash, bytes);
  }
  const sources = new Map<string, Uint8Array>();
  for (const key of sourcesOf(story)) {
    const bytes = await readSource(key);
    if (bytes) sources.set(key, bytes);
  }
  const { owners } = await readKeys(story.project.id);
  const keys = passphrase && owners.length ? { keys: await sealKeys(owners, passphrase) } : {};
  return writeProjectFile({ story, pictures, sources, ...keys });
}

/** A project under another id. */
const withId = ({ log }: Story, id: string): Story => tellStory({ ...log, base: { ...log.base, id } });

/** Opens a project file beside those that are here already: it never takes another's place. */
export async function importProject(bytes: Uint8Array): Promise<Result<string>> {
  const file = readProjectFile(bytes);
  if (!file.ok) return file;
  for (const [hash, picture] of file.value.pictures) await writePictureBytes(hash, picture);
  // What a file brings never takes the place of what is stored here already.
  for (const [key, list] of file.value.sources ?? []) if ((await readGoods(key)) === null) await writeSource(key, list);
  const worker = new ShopWorker();
  const settled = await worker.ask('settle', { story: file.value.story }).finally(() => worker.close());
  const taken = typeof (await openProject(settled.project.id)) !== 'string';
  const story = taken ? withId(settled, crypto.randomUUID()) : settled;
  await keepProject(story, story.project.name, now());
  if (file.value.keys) await writeSealed(story.project.id, file.value.keys);
  return ok(story.project.id);
}

/** A copy beside a project, with all of its past. */
export async function duplicateProject(id: string, called: string): Promise<Result<string>> {
  const opened = await openProject(id);
  if (typeof opened === 'string') return fail(opened);
  const copy = crypto.randomUUID();
  const name = `${called}, copy`;
  const story = change(withId(opened.story, copy), '', [set(given.shopName, name)], { id: crypto.randomUUID(), at: now() });
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
  await writeEntry({ id, name, changed: now(), products: story.project.goods.products.length });
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
