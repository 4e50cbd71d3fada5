import { type Wish } from '@/core/places';
import { type KeptProject } from '@/core/project';
import { type ShopWorker } from '@/workers/client';

/** A change of brief or goods with all that goes along with it. Without a worker at hand it is made as it is. */
export async function withMoves(worker: ShopWorker | null, project: KeptProject, wishes: Wish[]): Promise<Wish[]> {
  return worker ? [...wishes, ...(await worker.ask('moves', { project, wishes }))] : wishes;
}
