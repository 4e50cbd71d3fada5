import { type Answer, type JobName, type Jobs, type Progress } from './protocol';

interface Waiting {
  resolve: (value: never) => void;
  reject: (error: Error) => void;
  progress?: ((progress: Progress) => void) | undefined;
}

export class Stopped extends Error {}

/** Asks the worker, and gives its answers. One worker a studio. */
export class ShopWorker {
  private readonly worker = new Worker(new URL('./shop.worker.ts', import.meta.url), { type: 'module' });
  private readonly waiting = new Map<number, Waiting>();
  private next = 1;

  constructor() {
    this.worker.onmessage = ({ data }: MessageEvent<Answer>) => {
      const waiting = this.waiting.get(data.id);
      if (!waiting) return;
      if ('progress' in data) return waiting.progress?.(data.progress);
      this.waiting.delete(data.id);
      if ('error' in data) waiting.reject(data.error === 'stopped' ? new Stopped() : new Error(data.error));
      else waiting.resolve(data.value as never);
    };
  }

  ask<K extends JobName>(
    job: K,
    give: Jobs[K]['give'],
    progress?: (progress: Progress) => void,
  ): Promise<Jobs[K]['get']> & { stop: () => void } {
    const id = this.next++;
    const promise = new Promise<Jobs[K]['get']>((resolve, reject) => {
      this.waiting.set(id, { resolve: resolve as (value: never) => void, reject, progress });
      this.worker.postMessage({ id, job, give });
    });
    return Object.assign(promise, { stop: () => this.worker.postMessage({ stop: id }) });
  }

  close(): void {
    this.worker.terminate();
  }
}
