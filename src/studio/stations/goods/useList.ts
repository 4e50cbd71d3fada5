'use client';

import { type Progress, type ShownChanges } from '@/workers/protocol';
import { useState } from 'react';
import { type SaidSame } from '@/core/goods';
import { type KeptList } from '@/core/goods/about';
import { areaOf, given, set, type Address, type Wish } from '@/core/places';
import { type Picture, type Product } from '@/core/project';
import { fail, type Result } from '@/core/result';
import { type BothChanged } from '@/core/site';
import { sayTooLarge } from '@/core/goods/page';
import { withMoves } from '../../moves';
import { discardList, keepPictures, type BroughtIn } from '../../projects';
import { type ProjectState } from '../../useProject';
import { type ShopState } from '../../useShop';
import { putOn } from './putOn';

export interface Said {
  kind: 'mend' | 'fine' | 'todo';
  say: string;
}

/** A further list that was read and compared, and waits to be taken. */
export interface Waiting {
  name: string;
  brought: BroughtIn;
  changes: ShownChanges;
  /** What the seller changed of the shop and the list would change too. */
  both: readonly BothChanged[];
}

export interface ListState {
  /** What it is at, or empty. */
  busy: Progress | null;
  said: Said | null;
  waiting: Waiting | null;
  /** Reads a list; pictures that came beside it are those of its goods. */
  take: (name: string, bytes: Uint8Array, beside?: BroughtIn['pictures']) => Promise<boolean>;
  /** Says that a file is not even read. */
  refuse: (name: string) => void;
  /** Ends the reading of a list. Nothing was changed. */
  stop: (() => void) | null;
  /** What is said of the list changes how it is read: the goods come with it, in one step. */
  sayOfList: (wishes: Wish[], label: string) => Promise<void>;
  same: (said: SaidSame) => Promise<void>;
  /** Takes the list that waits; of one's own changes, those at `givenUp` go for what the list says. */
  accept: (givenUp: readonly Address[]) => Promise<void>;
  leave: () => void;
  /** Takes pictures in, each on the thing that its name tells; or all on one. */
  takePictures: (files: readonly { name: string; bytes: Uint8Array }[], onto?: Product) => Promise<void>;
}

const count = (n: number, one: string): string => (n === 1 ? `One ${one}` : `${n} ${one}s`);
const many = (n: number, one: string): string => `${n} ${one}${n === 1 ? '' : 's'}`;
const sayOf = (error: unknown): string => (error instanceof Error ? error.message : String(error));
const stopped = Symbol('stopped');

const isNews = ({ counts: { added, back, gone, changed, unsure } }: ShownChanges): boolean =>
  added + back + gone + changed + unsure > 0;

/** Brings lists and pictures in: reads, compares, waits for a word where a list changes what is there, and makes steps of it. */
export function useList(state: ProjectState, shop: ShopState): ListState {
  const { project } = state;
  const [busy, setBusy] = useState<Progress | null>(null);
  const [said, setSaid] = useState<Said | null>(null);
  const [waiting, setWaiting] = useState<Waiting | null>(null);
  const [stop, setStop] = useState<(() => void) | null>(null);
  const currency = shop.summary?.moneyKnown ? shop.summary.rules.currency : '';

  /** Lets the worker do something that may take long: it says what it is at, and can be stopped. */
  const working = async <T>(
    say: string,
    work: (worker: NonNullable<ShopState['worker']>) => Promise<Result<T>>,
  ): Promise<T | null> => {
    if (!shop.worker) return null;
    setBusy({ say, done: 0, of: 1 });
    setSaid(null);
    let end = () => undefined as void;
    const ended = new Promise<typeof stopped>((resolve) => {
      end = () => resolve(stopped);
    });
    setStop(() => () => end());
    const { worker } = shop;
    const done = shop.whenOpened().then(() => work(worker));
    const result = await Promise.race([ended, done.catch((error: unknown) => fail(sayOf(error)))]);
    setBusy(null);
    setStop(null);
    if (result === stopped) {
      shop.restart();
      setSaid({ kind: 'fine', say: 'Stopped. Nothing was changed.' });
      return null;
    }
    if (result.ok) return result.value;
    setSaid({ kind: 'mend', say: `${result.say} Nothing was changed.` });
    return null;
  };

  const bringIn = async ({ list, pictures }: BroughtIn, others: Wish[] = []) => {
    state.decide(await withMoves(shop.worker, project, [...others, set(given.goods, list)]), 'Bring in a list');
    const { products, variants, notes } = list.counts;
    const noted = notes ? `; ${notes === 1 ? 'one note on the list is' : `${notes} notes on the list are`} at the right` : '';
    setSaid({
      kind: 'fine',
      say: `${many(products, 'product')} with ${many(variants, 'variant')} ${products === 1 ? 'is' : 'are'} in${noted}.`,
    });
    // Pictures come after those that the seller has put on a thing by hand.
    if (pictures.length) await takePictures(pictures, null, list.keptAs);
  };

  /** The list that waits is not taken: what was stored of it is let go. */
  const forget = (stays: KeptList) => {
    // What can't be removed now is removed with the project.
    if (waiting) void discardList(waiting.brought, stays).catch(() => undefined);
  };

  /** What it can't be told of is no reason to hold the list back. */
  const bothWith = async ({ list }: BroughtIn): Promise<readonly BothChanged[]> =>
    (await shop.worker?.ask('both', { wishes: [set(given.goods, list)] }).catch(() => [])) ?? [];

  const take = async (name: string, bytes: Uint8Array, beside: BroughtIn['pictures'] = []): Promise<boolean> => {
    const read = await working(`Reading ${name} …`, (worker) =>
      worker.ask('import', { project: project.id, isNew: false, name, bytes, currency }, setBusy),
    );
    if (!read) return false;
    const brought = { ...read, pictures: [...read.pictures, ...beside] };
    forget(brought.list);
    if (brought.changes && isNews(brought.changes)) {
      setWaiting({ name, brought, changes: brought.changes, both: await bothWith(brought) });
      setSaid({ kind: 'todo', say: `“${name}” was read and compared with what is there. Nothing is changed until you take it.` });
    } else await bringIn(brought);
    return true;
  };

  const same = async (which: SaidSame) => {
    const name = waiting?.name ?? '';
    const brought = await working('Comparing …', (worker) => worker.ask('same', { said: which }));
    if (!brought?.changes) return;
    forget(brought.list);
    setWaiting({ name, brought, changes: brought.changes, both: await bothWith(brought) });
  };

  const accept = async (givenUp: readonly Address[]) => {
    if (!waiting) return;
    setWaiting(null);
    await bringIn(
      waiting.brought,
      givenUp.map((place) => ({ place, value: undefined })),
    );
  };

  const sayOfList = async (wishes: Wish[], label: string) => {
    // What money the prices are in is a fact of the shop; the amounts stay as they were read.
    if (!wishes.some(({ place }) => areaOf(place) === 'list')) return state.decide(wishes, label);
    const brought = await working('Reading the list again …', (worker) =>
      worker.ask('reread', { project: project.id, wishes, currency }),
    );
    if (brought) state.decide(await withMoves(shop.worker, project, [...wishes, set(given.goods, brought.list)]), label);
  };

  const takePictures = async (
    files: readonly { name: string; bytes: Uint8Array }[],
    onto: Product | null = null,
    brought: string | null = null,
  ): Promise<void> => {
    const taken = await working(
      `Taking in ${files.length === 1 ? 'a picture' : `${files.length} pictures`} …`,
      async (worker) => ({
        ok: true as const,
        value: await keepPictures(files, worker, (done) =>
          setBusy({ say: `Taking in picture ${done + 1} of ${files.length} …`, done, of: files.length }),
        ),
      }),
    );
    if (!taken) return;
    const { pictures, refused, notes } = taken;
    const names = pictures.map(({ name }) => name);
    const matched = onto
      ? { wishes: [putOn(onto, names)], alone: 0 }
      : ((await shop.worker?.ask('match', { names, brought })) ?? { wishes: [], alone: names.length });
    if (pictures.length)
      state.decide(
        [...pictures.map((picture) => set(given.picture(picture.name), picture)), ...matched.wishes],
        pictures.length === 1 ? '' : `Add ${pictures.length} pictures`,
      );
    setSaid(sayTaken(pictures, refused, notes, matched.alone));
  };

  return {
    busy,
    said,
    waiting,
    take,
    refuse: (name) => setSaid({ kind: 'mend', say: `${sayTooLarge(name)} Nothing was changed.` }),
    stop,
    sayOfList,
    same,
    accept,
    leave: () => {
      forget(project.goods);
      setWaiting(null);
      setSaid({ kind: 'fine', say: 'The list that was there stays. Nothing was changed.' });
    },
    takePictures: (files, onto) => takePictures(files, onto),
  };
}

/** What became of pictures that were brought in. */
function sayTaken(pictures: readonly Picture[], refused: readonly string[], notes: readonly string[], alone: number): Said {
  const matched = pictures.length - alone;
  const where = [
    matched ? `${count(matched, 'picture')} found ${matched === 1 ? 'its thing' : 'their things'}.` : '',
    alone
      ? `${count(alone, 'picture')} ${alone === 1 ? 'belongs' : 'belong'} to nothing yet: say at the right what ${alone === 1 ? 'it shows' : 'they show'}.`
      : '',
  ].filter(Boolean);
  return {
    kind: refused.length ? 'mend' : notes.length || alone ? 'todo' : 'fine',
    say: [...refused, ...where, ...notes].join(' '),
  };
}
