import { type Wish } from '@/core/places';
import { type Project } from '@/core/project';
import { type ShopWorker } from '@/workers/client';

/** A change of brief or goods with all that goes along with it. Without a worker at hand it is made as it is. */
export async function withMoves(worker: ShopWorker | null, project: Project, wishes: Wish[]): Promise<Wish[]> {
  const { goods, ...rest } = project;
  // The worker has the list: it is not sent again.
  return goods && worker ? worker.ask('moves', { project: rest, wishes }) : wishes;
}
