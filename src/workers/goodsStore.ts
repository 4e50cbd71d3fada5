import { type Project } from '@/core/project';
import { storeAt } from './stores';

type Goods = Project['goods'];

/** Lists of goods by keys that begin with their project. */
const store = () => storeAt('goods');

const prefix = (project: string) => `${project}/`;

/** A key for a list that is not stored yet. */
export const newGoodsKey = (project: string): string => prefix(project) + crypto.randomUUID();
export const isGoodsKeyOf = (project: string, key: string): boolean => key.startsWith(prefix(project));

/** As it was written; whether it still is a list of goods is for the reader to see. */
export const readGoods = (key: string): Promise<unknown> => store().getItem(key);
export const writeGoods = async (key: string, goods: Goods): Promise<void> => void (await store().setItem(key, goods));
/** Lists as they came, under keys of the same kind. */
export const writeSource = async (key: string, bytes: Uint8Array): Promise<void> => void (await store().setItem(key, bytes));
export async function readSource(key: string): Promise<Uint8Array | null> {
  const stored: unknown = await store().getItem(key);
  return stored instanceof Uint8Array ? stored : null;
}

export const removeGoods = (key: string): Promise<void> => store().removeItem(key);

/** The keys of the lists that are stored of a project. */
export const goodsKeys = async (project: string): Promise<Set<string>> =>
  new Set((await store().keys()).filter((key) => isGoodsKeyOf(project, key)));

export async function removeAllGoods(project: string): Promise<void> {
  for (const key of await goodsKeys(project)) await removeGoods(key);
}
