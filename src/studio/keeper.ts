import { areaOf, given, parseAt, sayAt, sayNow, shortened, type Names, type Wish } from '@/core/places';
import {
  change,
  goBackTo,
  nameVersion,
  nextRedo,
  nextUndo,
  readKeptChanges,
  redo,
  sayChange,
  takeIn,
  takeOut,
  undo,
  type Change,
  type Clash,
  type KeptStory,
  type Stamp,
  type Standing,
  type VersionName,
} from '@/core/project';
import { fail, ok, type Result } from '@/core/result';
import { appendToLog, readNews, writeCheckpoint, type Seen } from './logStore';
import { openProject, writeEntry } from './store';

/** What a page knows of the project that it keeps. */
export interface Kept {
  story: KeptStory;
  saving: 'saved' | 'saving' | string;
  /** Where another tab decided at the same place; the later one stands. */
  clashes: readonly Clash[];
  /** Why what was wished last was not done; empty where it was. */
  refused: string;
}

const stamp = (): Stamp => ({ id: crypto.randomUUID(), at: new Date().toISOString() });

/** A change that moves as much as this is preceded by a version of its own. */
const large = 12;

const tornSays =
  'Earlier steps of this project could not be read from the browser’s storage. All stands as it was kept last; only those steps can’t be taken back any more. Export the project to a file to be safe.';

const channelName = 'arcatum-log';
const pendingKey = (id: string) => `arcatum-pending/${id}`;

/**
 * Keeps one project: makes changes, appends them to its log one after another, and takes in what other tabs append. It knows nothing of
 * how it is shown.
 */
export class Keeper {
  private listeners = new Set<() => void>();
  private kept: Kept;
  private waiting: Change[] = [];
  private queue = Promise.resolve();
  private readonly channel = typeof BroadcastChannel === 'undefined' ? null : new BroadcastChannel(channelName);
  private called: string | null = null;
  private standing: Standing | undefined;

  private constructor(
    story: KeptStory,
    private seen: Seen,
  ) {
    this.kept = { story, saving: 'saved', clashes: [], refused: '' };
    this.channel?.addEventListener('message', this.onWord);
  }

  /** Opens a project of this browser, or says why it can't be. */
  static async open(id: string): Promise<Keeper | string> {
    const start = performance.now();
    const opened = await openProject(id);
    if (typeof opened === 'string') return opened;
    performance.measure('arcatum:opened', { start });
    const keeper = new Keeper(opened.story, opened.seen);
    if (opened.torn) keeper.kept = { ...keeper.kept, refused: tornSays };
    keeper.takePending();
    return keeper;
  }

  close(): void {
    this.channel?.removeEventListener('message', this.onWord);
    this.channel?.close();
    this.listeners.clear();
  }

  get state(): Kept {
    return this.kept;
  }

  subscribe = (listener: () => void): (() => void) => {
    this.listeners.add(listener);
    return () => void this.listeners.delete(listener);
  };

  /** Does something that the seller can take back. What moves much is preceded by a version. */
  change(label: string, wishes: readonly Wish[]): void {
    const { story } = this.kept;
    const refused = misfitOf(wishes);
    if (refused || this.kept.refused) this.kept = { ...this.kept, refused };
    if (refused) return this.tell();
    const next = change(story, label, wishes, stamp(), this.standing);
    if (next === story) return;
    const moved = next.log.changes.at(-1);
    if ((moved?.sets.length ?? 0) < large) return this.take(next);
    const named = nameVersion(story, { name: `Before: ${label || 'a large change'}`, auto: true }, stamp());
    this.take(change(named, label, wishes, stamp(), this.standing));
  }

  undo = (): void => this.take(undo(this.kept.story, stamp()));
  redo = (): void => this.take(redo(this.kept.story, stamp()));

  /** Takes a step out of wherever it stands, or says what was built on it. */
  takeOut(id: string, names: Partial<Names>): Result<null> {
    return this.taken(takeOut(this.kept.story, id, stamp(), names));
  }

  nameVersion(version: VersionName): void {
    this.take(nameVersion(this.kept.story, version, stamp()));
  }

  goBackTo(id: string): Result<null> {
    return this.taken(goBackTo(this.kept.story, id, stamp()));
  }

  /** Puts another beginning under the log: a project of an earlier form that was settled. */
  replace(story: KeptStory): void {
    this.kept = { ...this.kept, story };
    this.tell();
  }

  /** How the shop is called, for the list of projects. */
  call(name: string): void {
    if (this.called === name) return;
    this.called = name;
    void this.writeEntry();
  }

  /** What stands in the shop, so that steps can tell what they turned from. */
  show(standing: Standing): void {
    this.standing = standing;
  }

  /** The seller has read where tabs clashed. */
  dismissClashes(): void {
    this.kept = { ...this.kept, clashes: [] };
    this.tell();
  }

  /** The page may be gone in a moment: what is not stored yet is put where that takes no time. */
  flush(): void {
    const { id } = this.kept.story.project;
    if (!this.waiting.length) return localStorage.removeItem(pendingKey(id));
    try {
      localStorage.setItem(pendingKey(id), JSON.stringify(this.waiting));
    } catch {
      // Full or shut: the queue is still on its way to where all else is stored.
    }
  }

  private taken(next: Result<KeptStory>): Result<null> {
    if (!next.ok) return fail(next.say);
    this.take(next.value);
    return ok(null);
  }

  private take(next: KeptStory): void {
    const { story } = this.kept;
    if (next === story) return;
    const known = new Set(story.log.changes.map((one) => one.id));
    this.waiting.push(...next.log.changes.filter((one) => !known.has(one.id)));
    this.kept = { ...this.kept, story: next, saving: 'saving' };
    this.tell();
    this.queue = this.queue.then(() => this.append());
  }

  private async append(): Promise<void> {
    const changes = [...this.waiting];
    if (!changes.length) return;
    try {
      const { chunk } = this.seen;
      const appended = await appendToLog(this.kept.story, changes, this.seen);
      this.seen = appended.seen;
      this.waiting = this.waiting.slice(changes.length);
      localStorage.removeItem(pendingKey(this.kept.story.project.id));
      this.takeTheirs(appended.theirs);
      if (!this.waiting.length) this.kept = { ...this.kept, saving: 'saved' };
      this.channel?.postMessage({ id: this.kept.story.project.id });
      await this.writeEntry();
      // What was done is stored by now: a checkpoint that finds no room is written at the next turn.
      if (this.seen.chunk > chunk) await writeCheckpoint(this.kept.story, this.seen).catch(() => undefined);
    } catch (error) {
      this.kept = { ...this.kept, saving: error instanceof Error ? error.message : String(error) };
    }
    this.tell();
  }

  private writeEntry(): Promise<void> {
    const { log, project } = this.kept.story;
    const name = isUnnamed(project.name) ? this.called || project.name : project.name;
    const changed = log.changes.at(-1)?.at ?? log.created;
    return writeEntry({ id: project.id, name, changed, products: project.goods.counts.products });
  }

  private readonly onWord = ({ data }: MessageEvent<unknown>): void => {
    const { id } = this.kept.story.project;
    if (typeof data !== 'object' || data === null || !('id' in data) || data.id !== id) return;
    this.queue = this.queue.then(async () => {
      const news = await readNews(id, this.seen);
      this.seen = news.seen;
      this.takeTheirs(news.theirs);
      this.tell();
    });
  };

  private takeTheirs(theirs: readonly unknown[]): void {
    if (!theirs.length) return;
    const { changes } = readKeptChanges(theirs);
    const { story, clashes } = takeIn(this.kept.story, changes);
    this.kept = { ...this.kept, story, clashes: [...this.kept.clashes, ...clashes] };
  }

  /** What a page that is gone could not store any more. */
  private takePending(): void {
    const { id } = this.kept.story.project;
    const stored = localStorage.getItem(pendingKey(id));
    if (!stored) return;
    localStorage.removeItem(pendingKey(id));
    try {
      const { changes } = readKeptChanges(JSON.parse(stored) as unknown[]);
      this.take(takeIn(this.kept.story, changes).story);
    } catch {
      // Torn: what it held was never said to be saved.
    }
  }

  private tell(): void {
    for (const listener of this.listeners) listener();
  }
}

/** Why something that is wished can't stand where it wants to; empty where all can. Lists and pictures were read by the worker. */
function misfitOf(wishes: readonly Wish[]): string {
  for (const { place, value } of wishes) {
    if (value === undefined || areaOf(place) === areaOf(given.goods.address)) continue;
    const parsed = parseAt(place, value);
    if (!parsed.ok) return `Not done: ${sayNow(place, value)}. ${parsed.because}`;
  }
  return '';
}

/** The name that a project has before anyone named it. */
export const unnamed = 'New shop';

/** Whether nobody has named a project: then it is called as the brief calls the shop. */
const isUnnamed = (name: string): boolean => ['', 'Shop', unnamed].includes(name);

/** What the list of steps shows of one. */
export const undoSays = (project: KeptStory, names: Partial<Names>): string | null => {
  const next = nextUndo(project);
  return next && briefly(sayChange(next, names));
};
export const redoSays = (project: KeptStory, names: Partial<Names>): string | null => {
  const next = nextRedo(project);
  return next && briefly(sayChange({ ...next, undoes: undefined } as Change, names));
};

/** What was done itself, without what followed from it. */
const briefly = (says: string): string => shortened(says.split('; ')[0] ?? says, 80);

/** A clash as a sentence. */
export const sayClash = ({ place, lost, stands }: Clash, names: Partial<Names>): string =>
  `Another tab decided at the same place. ${sayAt(place, lost, stands, names)}. The later one stands.`;
