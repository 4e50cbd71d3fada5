import localforage from 'localforage';
import { type Project } from '@/core/project';

type Goods = Project['goods'];

/** Lists of goods by keys that begin with their project. A database of their own, for the same reason as pictures. */
const store = () => localforage.createInstance({ name: 'arcatum-goods', storeName: 'goods' });

const prefix = (project: string) => `${project}/`;

/** A key for a list that is not stored yet. */
export const newGoodsKey = (project: string): string => prefix(project) + crypto.randomUUID();
export const isGoodsKeyOf = (project: string, key: string): boolean => key.startsWith(prefix(project));

/** As it was written; whether it still is a list of goods is for the reader to see. */
export const readGoods = (key: string): Promise<unknown> => store().getItem(key);
export const writeGoods = async (key: string, goods: Goods): Promise<void> => void (await store().setItem(key, goods));
export const removeGoods = (key: string): Promise<void> => store().removeItem(key);

/** The keys of the lists that are stored of a project. */
export const goodsKeys = async (project: string): Promise<Set<string>> =>
  new Set((await store().keys()).filter((key) => isGoodsKeyOf(project, key)));

export async function removeAllGoods(project: string): Promise<void> {
  for (const key of await goodsKeys(project)) await removeGoods(key);
}
