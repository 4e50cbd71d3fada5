import { given, type Wish } from '@/core/places';
import { type Goods, type Project } from '@/core/project';
import { type ShopWorker } from '@/workers/client';
import { goodsKey } from './logStore';

/** A change of brief or goods with all that goes along with it. Without a worker at hand it is made as it is. */
export async function withMoves(worker: ShopWorker | null, project: Project, wishes: Wish[]): Promise<Wish[]> {
  const { goods, ...rest } = project;
  if (!goods || !worker) return wishes;
  // The worker has the list that is there, and the one that it has just read: neither is sent to it.
  const brought = wishes.find(({ place }) => place === given.goods.address);
  const key = brought ? goodsKey(brought.value as Goods) : undefined;
  const others = key === undefined ? wishes : wishes.filter((wish) => wish !== brought);
  const moves =
    (await worker.ask('moves', { project: rest, wishes: others, brought: key ?? null })) ??
    (await worker.ask('moves', { project: rest, wishes, brought: null }));
  return [...wishes, ...(moves ?? [])];
}
