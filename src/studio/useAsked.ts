'use client';

import { useEffect, useState } from 'react';
import { sameValue } from '@/core/project';
import { type JobName, type Jobs } from '@/workers/protocol';
import { type ShopState } from './useShop';

/**
 * What the worker answers, asked again whenever the shop was made anew or something else is wanted. The last answer stands until the next is
 * there; null before the first, and where nothing is asked.
 */
export function useAsked<K extends JobName>(
  { worker, turn }: Pick<ShopState, 'worker' | 'turn'>,
  job: K,
  give: Jobs[K]['give'] | null,
): Jobs[K]['get'] | null {
  const [answer, setAnswer] = useState<Jobs[K]['get'] | null>(null);
  const asked = give === null ? null : JSON.stringify(give);
  useEffect(() => {
    if (!worker || turn === 0 || asked === null) return;
    let stale = false;
    worker.ask(job, JSON.parse(asked) as Jobs[K]['give']).then(
      // What is answered as before is drawn no second time.
      (value) => (stale ? undefined : setAnswer((before) => (sameValue(before, value) ? before : value))),
      // A worker that was ended for another: that one is asked at its first turn.
      () => undefined,
    );
    return () => {
      stale = true;
    };
  }, [worker, turn, job, asked]);
  return asked === null ? null : answer;
}
