'use client';

import { useCallback, useEffect, useRef, useState } from 'react';
import { type KeptProject } from '@/core/project';
import { type ShopWorker, WorkerLost } from '@/workers/client';
import { takeWorker } from '@/workers/spare';
import { readPictureBytes } from '@/workers/pictureStore';
import { type PaintedPage, type Summary } from '@/workers/protocol';

type Watcher = (page: PaintedPage) => void;

export interface ShopState {
  worker: ShopWorker | null;
  summary: Summary | null;
  /** Grows whenever the shop was made anew. */
  turn: number;
  /** Whether what is shown of the shop is the shop of the project as it stands now. */
  settled: boolean;
  /** What went wrong and what to do about it. */
  fault: string;
  /** Hands over the page in sight whenever the shop was made anew: before the studio itself is drawn again. */
  watch: (watcher: Watcher) => () => void;
  /** Resolves when the worker has the project as it was sent last. */
  whenOpened: () => Promise<void>;
  /** Ends whatever the worker is at, and sets another to work. */
  restart: () => void;
}

const listGone =
  'The list of goods is not in this browser any more, so the shop is made without it. Bring it in again at Goods; what you changed is still here.';

const faultOf = (error: unknown): string =>
  error instanceof WorkerLost
    ? error.message
    : `The shop could not be made: ${error instanceof Error ? error.message : String(error)}. Take the last step back with Undo.`;

/** Keeps a worker at work on a project: the shop is made again after every step, off the main thread, with the page in sight first. */
export function useShop(project: KeptProject | null, path: string): ShopState {
  const [worker, setWorker] = useState<ShopWorker | null>(null);
  const [state, setState] = useState<Pick<ShopState, 'summary' | 'turn' | 'fault'> & { of: KeptProject | null }>({
    summary: null,
    turn: 0,
    fault: '',
    of: null,
  });
  const urls = useRef(new Map<string, string>());
  const watchers = useRef(new Set<Watcher>());
  const inSight = useRef(path);
  /** What the worker is at. A step that comes meanwhile waits, and one that is overtaken while it waits is never made. */
  const busy = useRef<{ worker: ShopWorker; done: Promise<void> } | null>(null);

  useEffect(() => {
    inSight.current = path;
  }, [path]);

  const [life, setLife] = useState(0);

  useEffect(() => {
    const made = takeWorker();
    // A worker is an outside thing that lives and dies with this component.
    // eslint-disable-next-line react-hooks/set-state-in-effect
    setWorker(made);
    return () => made.close();
  }, [life]);

  useEffect(() => {
    const known = urls.current;
    return () => {
      for (const url of known.values()) URL.revokeObjectURL(url);
      known.clear();
    };
  }, []);

  useEffect(() => {
    if (!worker || !project) return;
    let stale = false;
    const make = async () => {
      if (stale) return;
      await Promise.all(
        project.pictures.map(async ({ hash, type }) => {
          if (urls.current.has(hash)) return;
          const bytes = await readPictureBytes(hash);
          if (bytes && !urls.current.has(hash))
            urls.current.set(hash, URL.createObjectURL(new Blob([new Uint8Array(bytes)], { type })));
        }),
      );
      if (stale) return;
      const page = await worker.ask('open', {
        project,
        pictureUrls: Object.fromEntries(urls.current),
        path: watchers.current.size ? inSight.current : null,
      });
      if (page) for (const watcher of watchers.current) watcher(page);
      // The next step need not wait for what the studio shows beside the window.
      if (!stale) void worker.ask('summary', {}).then(take, failed);
    };
    const take = (summary: Summary) => {
      if (!stale)
        setState((before) => ({ summary, turn: before.turn + 1, fault: summary.listGone ? listGone : '', of: project }));
    };
    const failed = (error: unknown) => {
      if (!stale) setState((before) => ({ ...before, fault: faultOf(error), of: project }));
    };
    const before = busy.current?.worker === worker ? busy.current.done : Promise.resolve();
    busy.current = { worker, done: before.then(make).catch(failed) };
    return () => {
      stale = true;
    };
  }, [worker, project]);

  const watch = useCallback((watcher: Watcher) => {
    watchers.current.add(watcher);
    return () => void watchers.current.delete(watcher);
  }, []);

  const restart = useCallback(() => {
    setState((before) => ({ ...before, of: null }));
    setLife((before) => before + 1);
  }, []);
  const whenOpened = useCallback(() => busy.current?.done ?? Promise.resolve(), []);

  const { of, ...shown } = state;
  return { worker, ...shown, settled: of !== null && of === project, watch, whenOpened, restart };
}
