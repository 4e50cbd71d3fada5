import { given, type Address, type Misfit, type Value, type Wish } from '../places';
import { sameValue } from './same';
import { Draft, valueAt, type AnyList, type Project } from './project';
import { type Goods, type KeptList } from '../goods/about';

/** What a change did at one place. What is undefined did not stand there. */
export interface SetAt {
  place: Address;
  before?: Value | undefined;
  after?: Value | undefined;
  /** What stood there as made, where nobody had decided: only told of, never put anywhere. */
  stood?: Value;
}

/** What stands at a place as made, where that is known. */
export type Standing = (place: Address) => Value | undefined;

/** A name for a position in the log. */
export interface VersionName {
  name: string;
  /** Made by Arcatum before something large. */
  auto?: boolean;
  /** The release that was published from here. */
  release?: string;
  /** The change right after which it stands, where that is not the naming itself; empty for the beginning. */
  of?: string;
}

/** One thing that was done: all that it moved, with what stood there before. Changes are only ever added. */
export interface Change {
  id: string;
  /** When, ISO 8601 with milliseconds. No two of one log are at the same time unless two tabs made them. */
  at: string;
  /** What the seller did, where that isn't said by what it moved. */
  label: string;
  sets: readonly SetAt[];
  /** The change that this one takes back. */
  undoes?: string;
  version?: VersionName;
}

/** A project as the way it came: its beginning, and everything that was done since. */
export interface Log<List extends AnyList = Goods> {
  created: string;
  base: Project<List>;
  changes: readonly Change[];
  /** What came through a door and could not stand where it wanted to. */
  misfits: readonly Misfit[];
}

/** A log with the project that it folds to. */
export interface Story<List extends AnyList = Goods> {
  log: Log<List>;
  project: Project<List>;
}

/** The way that a project came, as who keeps it has it. */
export type KeptStory = Story<KeptList>;

/** When and under which id a change is made: the core has neither a clock nor chance of its own. */
export interface Stamp {
  id: string;
  at: string;
}

export const startStory = <List extends AnyList>(
  base: Project<List>,
  created: string,
  misfits: readonly Misfit[] = [],
): Story<List> => ({
  log: { created, base, changes: [], misfits },
  project: base,
});

const inOrder = (a: Change, b: Change) => (a.at < b.at ? -1 : a.at > b.at ? 1 : a.id < b.id ? -1 : a.id > b.id ? 1 : 0);

/** Makes a change on a project. What takes something back does so only where that still stands as it was. */
function make<List extends AnyList>(draft: Draft<List>, { sets, undoes }: Change): void {
  for (const { place, before, after } of sets)
    if (undoes === undefined || sameValue(valueAt(draft.project, place), before)) draft.fulfil({ place, value: after });
}

/** The project that a beginning and changes come to. */
export function fold<List extends AnyList>(base: Project<List>, changes: readonly Change[]): Project<List> {
  const draft = new Draft(base);
  for (const one of changes) make(draft, one);
  return draft.project;
}

export const tellStory = <List extends AnyList>(log: Log<List>): Story<List> => ({ log, project: fold(log.base, log.changes) });

/** The project as it was right after a change, or where a version stands. */
export function projectAt<List extends AnyList>({ log }: Story<List>, id: string): Project<List> | null {
  const named = log.changes.find((one) => one.id === id);
  const of = named?.version?.of ?? id;
  if (of === '') return log.base;
  const at = log.changes.findIndex((one) => one.id === of);
  return at < 0 ? null : fold(log.base, log.changes.slice(0, at + 1));
}

/** A moment after another: clocks of browsers stand still within a millisecond, and are put back. */
function after(last: string | undefined, at: string): string {
  if (last === undefined || at > last) return at;
  const next = Date.parse(last) + 1;
  return Number.isNaN(next) ? at : new Date(next).toISOString();
}

export function withNext<List extends AnyList>({ log, project }: Story<List>, change: Change): Story<List> {
  const stamped = { ...change, at: after(log.changes.at(-1)?.at, change.at) };
  return { log: { ...log, changes: [...log.changes, stamped] }, project: fold(project, [stamped]) };
}

/** The sets that wishes come to. What stands there already is no change. */
export function setsFor(project: Project<AnyList>, wishes: readonly Wish[], standing?: Standing): SetAt[] {
  const last = new Map(wishes.map((wish) => [wish.place, wish.value]));
  return [...last].flatMap(([place, value]): SetAt[] => {
    const before = valueAt(project, place);
    if (sameValue(before, value)) return [];
    const stood = before === undefined ? standing?.(place) : undefined;
    return [{ place, before, after: value, ...(stood === undefined ? {} : { stood }) }];
  });
}

/** Makes a change. One that changes nothing leaves no trace. */
export function change<List extends AnyList>(
  story: Story<List>,
  label: string,
  wishes: readonly Wish[],
  { id, at }: Stamp,
  standing?: Standing,
): Story<List> {
  const sets = setsFor(story.project, wishes, standing);
  return sets.length ? withNext(story, { id, at, label, sets }) : story;
}

/** Changes from two tabs, in the order in which they were made. The same whichever is added to the other. */
export function merged(mine: readonly Change[], theirs: readonly Change[]): readonly Change[] {
  const known = new Set(mine.map((one) => one.id));
  const fresh = theirs.filter((one) => !known.has(one.id));
  if (!fresh.length) return mine;
  const last = mine.at(-1);
  const sorted = [...fresh].sort(inOrder);
  const [first] = sorted;
  if (!last || (first && inOrder(last, first) < 0)) return [...mine, ...sorted];
  return [...mine, ...fresh].sort(inOrder);
}

/** A place at which two tabs decided without knowing of each other. The later one stands. */
export interface Clash {
  place: Address;
  /** What was decided, and does not stand. */
  lost: Value | undefined;
  stands: Value | undefined;
}

/** Takes in what another tab did, and says where both did something at one place. */
export function takeIn<List extends AnyList>(
  story: Story<List>,
  theirs: readonly Change[],
): { story: Story<List>; clashes: Clash[] } {
  const { log } = story;
  const changes = merged(log.changes, theirs);
  if (changes === log.changes) return { story, clashes: [] };
  const known = new Set(log.changes.map((one) => one.id));
  const from = changes.findIndex((one) => !known.has(one.id));
  const draft = new Draft(from === log.changes.length ? story.project : fold(log.base, changes.slice(0, from)));
  const clashes = new Map<Address, Clash>();
  for (const one of changes.slice(from)) {
    for (const { place, before, after: value } of one.sets) {
      const stood = valueAt(draft.project, place);
      if (one.undoes === undefined && !sameValue(stood, before) && !sameValue(stood, value))
        clashes.set(place, { place, lost: stood, stands: value });
    }
    make(draft, one);
  }
  return { story: { log: { ...log, changes }, project: draft.project }, clashes: [...clashes.values()] };
}

/** Brings a project to the state of another one, by wishes. */
export function wishesTo<List extends AnyList>(from: Project<List>, to: Project<List>): Wish[] {
  const wishes: Wish[] = [];
  for (const { address } of [given.shopName, given.seed, given.brief, given.goods])
    wishes.push({ place: address, value: valueAt(to, address) });
  for (const { name } of [...from.pictures, ...to.pictures]) {
    const { address } = given.picture(name);
    wishes.push({ place: address, value: valueAt(to, address) });
  }
  for (const place of new Set([...from.decisions.keys(), ...to.decisions.keys()]))
    wishes.push({ place, value: to.decisions.get(place) });
  return wishes;
}
