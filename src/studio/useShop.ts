'use client';

import { useEffect, useRef, useState } from 'react';
import { type Project } from '@/core/project';
import { ShopWorker } from '@/workers/client';
import { readPictureBytes } from '@/workers/pictureStore';
import { type Summary } from '@/workers/protocol';

export interface ShopState {
  worker: ShopWorker | null;
  summary: Summary | null;
  /** Grows whenever the shop was made anew. */
  turn: number;
  fault: string;
}

/** Keeps a worker at work on a project: the shop is made again after every step, off the main thread. */
export function useShop(project: Project | null): ShopState {
  const [worker, setWorker] = useState<ShopWorker | null>(null);
  const [state, setState] = useState<{ summary: Summary | null; turn: number; fault: string }>({
    summary: null,
    turn: 0,
    fault: '',
  });
  const urls = useRef(new Map<string, string>());
  const sent = useRef<{ worker: ShopWorker; goods: Project['goods'] } | null>(null);

  useEffect(() => {
    const made = new ShopWorker();
    const known = urls.current;
    // A worker is an outside thing that lives and dies with this component.

    setWorker(made);
    return () => {
      made.close();
      for (const url of known.values()) URL.revokeObjectURL(url);
      known.clear();
    };
  }, []);

  useEffect(() => {
    if (!worker || !project) return;
    let stale = false;
    void (async () => {
      for (const { hash, type } of project.pictures) {
        if (urls.current.has(hash)) continue;
        const bytes = await readPictureBytes(hash);
        if (stale) return;
        if (bytes) urls.current.set(hash, URL.createObjectURL(new Blob([new Uint8Array(bytes)], { type })));
      }
      try {
        const { goods, ...rest } = project;
        const known = sent.current?.worker === worker && sent.current.goods === goods;
        sent.current = { worker, goods };
        const summary = await worker.ask('open', {
          project: rest,
          goods: known ? null : goods,
          pictureUrls: Object.fromEntries(urls.current),
        });
        if (!stale) setState((before) => ({ summary, turn: before.turn + 1, fault: '' }));
      } catch (error) {
        if (!stale) setState((before) => ({ ...before, fault: error instanceof Error ? error.message : String(error) }));
      }
    })();
    return () => {
      stale = true;
    };
  }, [worker, project]);

  return { worker, ...state };
}
