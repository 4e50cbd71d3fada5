import { randomUUID } from 'node:crypto';
import { basename } from 'node:path';
import { hintsOf } from '@/core/brief';
import { continueList, importGoods, ownProducts } from '@/core/goods';
import { Decided, given as places, parseAt, set, type Wish } from '@/core/places';
import { change, nameVersion, sayChange, startStory, takeOut, writeProjectFile } from '@/core/project';
import { makeShop, namesIn, placesOf, withMoves } from '@/core/site';
import { print, read, readPictures, readText, Refusal, taken, usage, write, type Values } from './caller';
import { assetFolder, given, openProject } from './given';
import { takePictures, type Loaded } from './inputs';

/** Writes a project file. */
export function writeProject(path: string | undefined, { story, pictures }: Pick<Loaded, 'story' | 'pictures'>): void {
  if (!path) throw new Refusal(`No file to write to is given. ${usage}`);
  write(path, writeProjectFile({ story, pictures }));
}

/** Makes a project file of a brief, goods and pictures. */
export async function makeProject(values: Values): Promise<void> {
  const loaded = await given(values, false);
  const { base, misfits } = loaded.story.log;
  const story = startStory({ ...base, id: randomUUID() }, new Date().toISOString(), misfits);
  writeProject(values.out, { ...loaded, story });
  for (const { say } of loaded.problems) process.stderr.write(`${say}\n`);
}

/** Prints everything that can be decided, with what stands there now. */
export function listPlaces(values: Values): void {
  const { story } = openProject(values.project ?? '');
  const shop = makeShop(story.project);
  if (values.page !== undefined && !shop.pages.some((page) => page.id === values.page))
    throw new Refusal(
      `There is no page “${values.page}” in this shop. Its pages are ${shop.pages
        .slice(0, 20)
        .map((page) => page.id)
        .join(', ')}.`,
    );
  print(placesOf(shop, story.project, values.page));
}

/** Appends to the log of a project, and prints what was done and what is set aside. */
export async function changeProject(values: Values, sets: readonly string[]): Promise<void> {
  if (!values.project) throw new Refusal(`No project is given. ${usage}`);
  const { story, pictures } = openProject(values.project);
  const stamp = () => ({ id: randomUUID(), at: new Date().toISOString() });
  let next = story;
  const append = (label: string, wishes: readonly Wish[]) => {
    const now = new Map(placesOf(makeShop(next.project), next.project).map((one) => [one.place, one.value]));
    next = change(next, label, withMoves(next.project, wishes), stamp(), (place) => now.get(place) ?? undefined);
  };
  if (values.brief) append('', [set(places.brief, readText(values.brief, 'brief'))]);
  if (values.goods) {
    const goods = taken(importGoods(read(values.goods, 'list of goods'), hintsOf(next.project.brief)));
    const own = ownProducts(new Decided(next.project.decisions));
    const { products, former } = continueList(next.project.goods, own, goods);
    append('', [set(places.goods, { ...goods, products, former, file: basename(values.goods) })]);
    const kept = await takePictures(readPictures(assetFolder(values, values.goods)), next.project);
    append('', kept.wishes);
    for (const [hash, bytes] of kept.files) pictures.set(hash, bytes);
  }
  if (sets.length) append('', sets.map(wishOf));
  if (values.undo) next = taken(takeOut(next, values.undo, stamp(), namesIn(makeShop(next.project))));
  if (values.name) next = nameVersion(next, { name: values.name }, stamp());
  writeProject(values.out, { story: next, pictures });
  const shop = makeShop(next.project);
  const names = namesIn(shop);
  const known = new Set(story.log.changes.map((one) => one.id));
  print({
    steps: next.log.changes.filter(({ id }) => !known.has(id)).map((one) => ({ id: one.id, says: sayChange(one, names) })),
    setAside: [
      ...shop.setAside.map(({ place, because }) => ({ place, because })),
      ...next.log.misfits.map(({ place, because }) => ({ place, because })),
    ],
  });
}

/** "look/corner=8" as a wish; nothing after the sign takes back what stands there. */
function wishOf(text: string): Wish {
  const cut = text.indexOf('=');
  if (cut < 1) throw new Refusal(`“${text}” is no place and value. Write it like look/corner=8.`);
  const [place, json] = [text.slice(0, cut), text.slice(cut + 1)];
  if (json.trim() === '') return { place, value: undefined };
  let value: unknown;
  try {
    value = JSON.parse(json);
  } catch {
    throw new Refusal(`The value at “${place}” is not JSON. Texts stand in quotes: ${place}='"…"'.`);
  }
  const parsed = parseAt(place, value);
  if (!parsed.ok) throw new Refusal(`“${place}” can't have this value. ${parsed.because}`);
  return { place, value: parsed.value };
}
