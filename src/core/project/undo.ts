import { locate, planPlaces, sayAt, type Address, type Names } from '../places';
import { fail, ok, type Result } from '../result';
import { change, projectAt, wishesTo, withNext, type Change, type SetAt, type Stamp, type Story, type VersionName } from './log';
import { sameValue } from './same';
import { valueAt, type AnyList } from './project';

/** The changes that were taken back and not done again. An undo that is itself taken back counts no more. */
export function takenBack(changes: readonly Change[]): ReadonlySet<string> {
  const gone = new Set<string>();
  for (let i = changes.length - 1; i >= 0; i--) {
    const one = changes[i];
    if (one?.undoes !== undefined && !gone.has(one.id)) gone.add(one.undoes);
  }
  return gone;
}

const inverse = (sets: readonly SetAt[]): SetAt[] =>
  [...sets].reverse().map((set) => ({ ...set, before: set.after, after: set.before }));

const undoing = (undone: Change, { id, at }: Stamp): Change => ({
  id,
  at,
  label: undone.label,
  sets: inverse(undone.sets),
  undoes: undone.id,
});

/** What Undo would take back: the last thing that was done and still stands. */
export function nextUndo({ log }: Story<AnyList>): Change | null {
  const gone = takenBack(log.changes);
  return log.changes.findLast((one) => one.undoes === undefined && !one.version && !gone.has(one.id)) ?? null;
}

/** What Redo would do again: what was taken back last, as long as nothing was done since. */
export function nextRedo({ log }: Story<AnyList>): Change | null {
  const gone = takenBack(log.changes);
  for (let i = log.changes.length - 1; i >= 0; i--) {
    const one = log.changes[i];
    if (!one || gone.has(one.id) || one.version) continue;
    // The undo of an undo did something again: what is before it may still be done again.
    if (one.undoes === undefined) return null;
    if (log.changes.some((other) => other.id === one.undoes && other.undoes === undefined)) return one;
  }
  return null;
}

export function undo<List extends AnyList>(story: Story<List>, stamp: Stamp): Story<List> {
  const last = nextUndo(story);
  return last ? withNext(story, undoing(last, stamp)) : story;
}

export function redo<List extends AnyList>(story: Story<List>, stamp: Stamp): Story<List> {
  const last = nextRedo(story);
  return last ? withNext(story, undoing(last, stamp)) : story;
}

/** Whether what stands at one place was made on something that another one brought: a section of a page that was added, a text in it. */
function restsOn(place: Address, ground: SetAt): boolean {
  if (ground.before !== undefined || ground.after === undefined) return false;
  const at = locate(ground.place);
  const over = locate(place)?.parts ?? [];
  if (!at || place === ground.place) return false;
  const [page, section] = at.parts;
  if (at.kind.id === planPlaces.addedPage.kind.id) return over[0] === page;
  if (at.kind.id === planPlaces.addedSection.kind.id) return over[0] === page && over[1] === section;
  return false;
}

/** The first later change that stands on one and so keeps it from leaving the middle, with the place at which it does; null where none does. */
export function standsOn({ log, project }: Story<AnyList>, one: Change): { change: Change; place: Address } | null {
  const at = log.changes.indexOf(one);
  const gone = takenBack(log.changes);
  for (const later of log.changes.slice(at + 1)) {
    if (gone.has(later.id) || later.undoes !== undefined) continue;
    for (const { place } of later.sets) {
      const here = one.sets.find((set) => set.place === place);
      if (here && !sameValue(valueAt(project, place), here.after)) return { change: later, place };
      const rests = one.sets.some((set) => restsOn(place, set));
      if (rests && valueAt(project, place) !== undefined) return { change: later, place };
    }
  }
  return null;
}

/** Takes a change out of wherever it stands, or says what was built on it. */
export function takeOut<List extends AnyList>(
  story: Story<List>,
  id: string,
  stamp: Stamp,
  names: Partial<Names> = {},
): Result<Story<List>> {
  const one = story.log.changes.find((candidate) => candidate.id === id);
  if (!one) return fail('There is no such step.');
  if (takenBack(story.log.changes).has(id)) return fail('It is taken back already.');
  const over = standsOn(story, one);
  if (over) {
    const set = over.change.sets.find(({ place }) => place === over.place);
    const says = set ? saySet(set, names) : over.place;
    return fail(`A later step stands on it: ${says}. Take that one back first.`);
  }
  return ok(withNext(story, undoing(one, stamp)));
}

/** Names the present position, so that one can go back to it. */
export const nameVersion = <List extends AnyList>(story: Story<List>, version: VersionName, { id, at }: Stamp): Story<List> =>
  withNext(story, { id, at, label: version.name, sets: [], version });

/** The named positions, newest first. Those whose naming was taken back aren't among them. */
export function versionsOf({ log }: Story<AnyList>): Change[] {
  const gone = takenBack(log.changes);
  return log.changes.filter((one) => one.version && !gone.has(one.id)).reverse();
}

/** Goes back to how all was right after a change. It is a change like any other, and can be taken back. */
export function goBackTo<List extends AnyList>(story: Story<List>, id: string, stamp: Stamp): Result<Story<List>> {
  const then = projectAt(story, id);
  const named = story.log.changes.find((one) => one.id === id);
  if (!then) return fail('This version is no longer in the log.');
  const called = named ? `“${named.version?.name ?? named.label}”` : 'the beginning';
  return ok(change(story, `Back to ${called}`, wishesTo(story.project, then), stamp));
}

/** A change as one sentence: what the seller did, else all that it moved. */
export function sayChange(one: Change, names: Partial<Names> = {}): string {
  if (one.version) return `Version “${one.version.name}”`;
  const moved = saysOf(one, names);
  const said =
    one.label || (moved.length > 3 ? `${moved.slice(0, 2).join('; ')}; and ${moved.length - 2} more` : moved.join('; '));
  return one.undoes === undefined ? said : `Taken back: ${said}`;
}

/** All that a change moved, each with before and after. */
export const saysOf = ({ sets }: Change, names: Partial<Names> = {}): string[] => sets.map((set) => saySet(set, names));

/** What one place turned from and to. What nobody had decided is told by what stood there, where that was known. */
const saySet = ({ place, before, after, stood }: SetAt, names: Partial<Names>): string =>
  sayAt(place, before === undefined ? stood : before, after === undefined ? stood : after, names);
