import { goodsSchema, isKeptList, keptListSchema, noList, type Goods, type KeptList } from '@/core/goods/about';
import { keptListOf } from '@/core/goods/page';
import { given, type Address, type Value } from '@/core/places';
import { fold, type AnyList, type KeptStory, type Project, type Story } from '@/core/project';
import { storeAt } from './stores';

/** Lists of goods by keys that begin with their project, and beside each what is known of it without opening it. */
const store = () => storeAt('goods');

const prefix = (project: string) => `${project}/`;
const knownKey = (key: string) => `${key}#known`;

/** A key for a list that is not stored yet. */
export const newGoodsKey = (project: string): string => prefix(project) + crypto.randomUUID();
export const isGoodsKeyOf = (project: string, key: string): boolean => key.startsWith(prefix(project));

/** A list that is kept; null where it is not here, or is none. */
export async function readGoods(key: string): Promise<Goods | null> {
  return goodsSchema.safeParse(await store().getItem(key)).data ?? null;
}

/** Keeps a list under a key, and tells what is known of it from then on. */
export async function writeGoods(key: string, goods: Goods): Promise<KeptList> {
  const known = keptListOf(goods, key);
  await store().setItem(key, goods);
  await store().setItem(knownKey(key), known);
  return known;
}

/** What is known of a list that is kept. Of one that an earlier Arcatum kept it is found out once. */
export async function readKnown(key: string): Promise<KeptList | null> {
  if (key === '') return noList;
  const known = keptListSchema.safeParse(await store().getItem(knownKey(key))).data;
  if (known) return known;
  const goods = await readGoods(key);
  if (!goods) return null;
  const found = keptListOf(goods, key);
  await store().setItem(knownKey(key), found);
  return found;
}

/** Whether a list stands where it is said to stand. */
export const hasGoods = async (key: string): Promise<boolean> => key === '' || (await store().getItem(knownKey(key))) !== null;

/** Lists as they came, under keys of the same kind. */
export const writeSource = async (key: string, bytes: Uint8Array): Promise<void> => void (await store().setItem(key, bytes));
export async function readSource(key: string): Promise<Uint8Array | null> {
  const stored: unknown = await store().getItem(key);
  return stored instanceof Uint8Array ? stored : null;
}
export const hasSource = async (key: string): Promise<boolean> => (await store().getItem(key)) !== null;

export async function removeGoods(key: string): Promise<void> {
  await store().removeItem(key);
  await store().removeItem(knownKey(key));
}

export async function removeAllGoods(project: string): Promise<void> {
  for (const key of await store().keys()) if (isGoodsKeyOf(project, key)) await store().removeItem(key);
}

/** A story with each of its lists, wherever it stands, turned into something else; each once. */
async function turned<From extends AnyList, To extends AnyList>(
  { log }: Story<From>,
  turn: (list: From) => Promise<To>,
): Promise<Story<To>> {
  const done = new Map<From | string, Promise<To>>();
  const once = (list: From): Promise<To> => {
    const key = isKeptList(list) ? list.keptAs : list;
    const known = done.get(key) ?? turn(list);
    done.set(key, known);
    return known;
  };
  const at = async (place: Address, value: Value | undefined): Promise<Value | undefined> =>
    place === given.goods.address && value ? ((await once(value as From)) as Value) : value;
  const base: Project<To> = { ...log.base, goods: await once(log.base.goods) };
  const changes = [];
  for (const change of log.changes) {
    const sets = [];
    for (const one of change.sets)
      sets.push({ ...one, before: await at(one.place, one.before), after: await at(one.place, one.after) });
    changes.push({ ...change, sets });
  }
  return { log: { ...log, base, changes }, project: fold(base, changes) };
}

/** A story whose lists are kept from now on, each by a key of its project; those that are kept already, by their own. */
export const keepLists = (story: Story, kept: ReadonlyMap<Goods, KeptList> = new Map()): Promise<KeptStory> =>
  turned(story, async (goods) => {
    const known = kept.get(goods) ?? (goods.file || goods.products.length ? null : noList);
    return known ?? writeGoods(newGoodsKey(story.project.id), goods);
  });

/** A story with its lists at hand. */
export const openLists = (story: KeptStory, open: (list: KeptList) => Promise<Goods>): Promise<Story> => turned(story, open);

/** The lists of a story again, by keys of its project, with the files that they came from. */
export const copyLists = (story: KeptStory): Promise<KeptStory> => {
  const { id: project } = story.project;
  return turned(story, async (list) => {
    const goods = list.keptAs ? await readGoods(list.keptAs) : null;
    if (!goods) return list;
    const from = goods.report?.source ?? null;
    const bytes = from && (await readSource(from));
    const source = bytes ? newGoodsKey(project) : null;
    if (source && bytes) await writeSource(source, bytes);
    return writeGoods(newGoodsKey(project), { ...goods, report: goods.report && { ...goods.report, source } });
  });
};
