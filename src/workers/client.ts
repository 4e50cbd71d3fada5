import { type Answer, type JobName, type Jobs, type Progress } from './protocol';

interface Waiting {
  resolve: (value: never) => void;
  reject: (error: Error) => void;
  progress?: ((progress: Progress) => void) | undefined;
}

export class Stopped extends Error {}

/** The worker itself is gone: nobody will answer what was asked, nor what will be. */
export class WorkerLost extends Error {
  constructor() {
    super('A part of Arcatum did not load, or was ended by the browser. Reload the page; what was saved is still there.');
  }
}

/** Asks the worker, and gives its answers. One worker a studio. */
export class ShopWorker {
  private readonly worker = new Worker(new URL('./shop.worker.ts', import.meta.url), { type: 'module' });
  private readonly waiting = new Map<number, Waiting>();
  private next = 1;
  private lost = false;

  /** Whether it is gone, so that it answers nothing any more. */
  get isLost(): boolean {
    return this.lost;
  }

  constructor() {
    this.worker.onerror = () => {
      this.lost = true;
      for (const { reject } of this.waiting.values()) reject(new WorkerLost());
      this.waiting.clear();
    };
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
      if (this.lost) return reject(new WorkerLost());
      this.waiting.set(id, { resolve: resolve as (value: never) => void, reject, progress });
      this.worker.postMessage({ id, job, give });
    });
    return Object.assign(promise, { stop: () => this.worker.postMessage({ stop: id }) });
  }

  close(): void {
    this.worker.terminate();
  }
}
