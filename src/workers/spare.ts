import { ShopWorker } from './client';

/**
 * A worker takes long to load, and longer to unpack what it reads with. One that has nothing to do is kept, so that whoever needs one next
 * need not wait for that.
 */
let spare: ShopWorker | null = null;

/** Loads a worker before it is needed. */
export function prepareWorker(): void {
  spare ??= new ShopWorker();
}

export function takeWorker(): ShopWorker {
  const taken = spare?.isLost === false ? spare : new ShopWorker();
  spare = null;
  return taken;
}

/** Keeps a worker that did one thing and is done with it. One that has a project open is closed instead: it holds all of its goods. */
export function handBack(worker: ShopWorker): void {
  if (worker.isLost || spare) worker.close();
  else spare = worker;
}
