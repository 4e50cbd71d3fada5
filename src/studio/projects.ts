import {
  newProject,
  readProjectFile,
  startHistory,
  writeProjectFile,
  type Picture,
  type Product,
  type Project,
} from '@/core/project';
import { importGoods } from '@/core/goods';

import { fail, ok, type Result } from '@/core/result';
import { ShopWorker } from '@/workers/client';
import { readPictureBytes, writePictureBytes } from '@/workers/pictureStore';
import { goodsStored, loadHistory, saveHistory } from './store';

const now = () => new Date().toISOString();

export async function createProject(name: string): Promise<string> {
  const project = newProject(crypto.randomUUID(), name, now());
  await saveHistory(startHistory(project));
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

/** Has the worker read a list of goods, and fetches it in pieces. */
export async function readList(
  worker: ShopWorker,
  list: { project: string; name: string; bytes: Uint8Array; currency: string },
): Promise<Result<Project['goods']>> {
  const read = await worker.ask('import', list);
  if (!read.ok) return read;
  const { rest, products: count, keptAs } = read.value;
  const products: Product[] = [];
  while (products.length < count) {
    const piece = await worker.ask('products', { from: products.length, count: atATime });
    if (!piece.length) return fail('Another list was opened meanwhile.');
    products.push(...piece);
  }
  const goods = { ...rest, products };
  if (keptAs) goodsStored(goods, keptAs);
  return ok(goods);
}

/** A project with pictures more. One of a name that is there already takes its place, as the list of goods calls it. */
export function withPictures(project: Project, pictures: readonly Picture[]): Project {
  const named = new Set(pictures.map((picture) => picture.name.toLowerCase()));
  return { ...project, pictures: [...project.pictures.filter((old) => !named.has(old.name.toLowerCase())), ...pictures] };
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
  const goods = importGoods(await fetchBytes('/demo/goods.csv'));
  const decisions = JSON.parse(text.decode(await fetchBytes('/demo/decisions.json'))) as Record<
    string,
    Project['decisions'][number]['value']
  >;
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
  const worker = new ShopWorker();
  const { pictures } = await keepPictures(files, worker, (done) => progress(`Taking in picture ${done + 1} of ${files.length}`));
  worker.close();
  const at = now();
  const project: Project = {
    ...newProject(crypto.randomUUID(), 'Tarnwick Dye House', at),
    brief,
    goods: { file: 'goods.csv', ...goods.value },
    pictures,
    decisions: Object.entries(decisions).map(([place, value]) => ({ place, value, at })),
  };
  await saveHistory(startHistory(project));
  return project.id;
}

export async function exportProject(project: Project): Promise<Uint8Array> {
  const pictures = new Map<string, Uint8Array>();
  for (const hash of project.pictures.flatMap((picture) => [picture.hash, ...picture.sizes.map((size) => size.hash)])) {
    const bytes = await readPictureBytes(hash);
    if (bytes) pictures.set(hash, bytes);
  }
  return writeProjectFile({ project, pictures });
}

/** Opens a project file beside those that are here already: it never takes another's place. */
export async function importProject(bytes: Uint8Array): Promise<Result<string>> {
  const file = readProjectFile(bytes);
  if (!file.ok) return file;
  for (const [hash, picture] of file.value.pictures) await writePictureBytes(hash, picture);
  const taken = typeof (await loadHistory(file.value.project.id)) !== 'string';
  const project = taken ? { ...file.value.project, id: crypto.randomUUID() } : file.value.project;
  await saveHistory(startHistory(project));
  return ok(project.id);
}

export async function duplicateProject(id: string): Promise<Result<string>> {
  const history = await loadHistory(id);
  if (typeof history === 'string') return fail(history);
  const project: Project = { ...history.project, id: crypto.randomUUID(), name: `${history.project.name}, copy`, changed: now() };
  await saveHistory(startHistory(project));
  return ok(project.id);
}

export function download(bytes: Uint8Array, name: string, type = 'application/zip'): void {
  const url = URL.createObjectURL(new Blob([new Uint8Array(bytes)], { type }));
  const link = document.createElement('a');
  link.href = url;
  link.download = name;
  link.click();
  setTimeout(() => URL.revokeObjectURL(url), 10_000);
}
