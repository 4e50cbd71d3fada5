import { chance } from '../chance';
import { goodsSchema, noGoods } from '../goods/about';
import { clear, given, lookPlaces, planPlaces, set, textPlace, type Wish } from '../places';
import {
  change,
  fold,
  goBackTo,
  merged,
  nameVersion,
  newProject,
  nextRedo,
  nextUndo,
  projectAt,
  readChanges,
  redo,
  sayChange,
  saysOf,
  startStory,
  takeIn,
  takeOut,
  undo,
  versionsOf,
  type Change,
  type Stamp,
  type Story,
} from './index';

const start = (): Story => startStory(newProject('p', 'Shop'), '2026-01-01T00:00:00.000Z');

/** Stamps that count on: an id and a time of its own for each. */
function stamps(tab = 'a'): () => Stamp {
  let n = 0;
  return () => ({ id: `${tab}${++n}`, at: new Date(Date.UTC(2026, 0, 2) + n * 1000).toISOString() });
}

const corner = (px: number): Wish => set(lookPlaces.corner, px);
const headline = (text: string): Wish => set(textPlace('home', 'opening', { field: 'headline' }), text);

describe('steps', () => {
  test('can be taken back and done again, each in its order', () => {
    const stamp = stamps();
    const one = change(start(), '', [corner(4)], stamp());
    const two = change(one, '', [headline('Soap.')], stamp());
    const back = undo(undo(two, stamp()), stamp());
    expect(back.project).toEqual(start().project);
    expect(redo(redo(back, stamp()), stamp()).project).toEqual(two.project);
    expect(nextUndo(back)).toBeNull();
    expect(nextRedo(redo(redo(back, stamp()), stamp()))).toBeNull();
  });

  test('a new step after undo leaves nothing to do again', () => {
    const stamp = stamps();
    const other = change(undo(change(start(), '', [corner(4)], stamp()), stamp()), '', [corner(8)], stamp());
    expect(nextRedo(other)).toBeNull();
    expect(redo(other, stamp())).toBe(other);
  });

  test('what stands there already is no step', () => {
    const story = change(start(), '', [corner(4)], stamps()());
    expect(change(story, '', [corner(4)], stamps('b')())).toBe(story);
    expect(change(start(), '', [clear(lookPlaces.corner)], stamps('c')())).toEqual(start());
  });

  test('read as sentences with what was and what is, and list all that they moved', () => {
    const stamp = stamps();
    const two = change(change(start(), '', [headline('A')], stamp()), '', [headline('B'), corner(8)], stamp());
    const [first, last] = two.log.changes;
    expect(first && sayChange(first)).toBe('Headline of Opening on Home: as made → “A”');
    expect(last && saysOf(last)).toEqual(['Headline of Opening on Home: “A” → “B”', 'Corners: as made → 8 px']);
    const back = undo(two, stamp()).log.changes.at(-1);
    expect(back && sayChange(back)).toBe('Taken back: Corners: 8 px → as made; Headline of Opening on Home: “B” → “A”');
  });

  test('are never at the same time, also where the clock stands still or is put back', () => {
    let story = start();
    for (const [i, at] of ['2026-01-02T00:00:00.005Z', '2026-01-02T00:00:00.005Z', '2026-01-01T00:00:00.000Z'].entries())
      story = change(story, '', [corner(i + 1)], { id: `x${9 - i}`, at });
    const times = story.log.changes.map((one) => one.at);
    expect(times).toEqual([...times].sort());
    expect(new Set(times).size).toBe(3);
  });
});

describe('one step out of the middle', () => {
  test('goes without the others', () => {
    const stamp = stamps();
    const story = change(change(start(), '', [corner(4)], stamp()), '', [headline('Soap.')], stamp());
    const taken = takeOut(story, 'a1', stamp());
    expect(taken.ok && [...taken.value.project.decisions.values()]).toEqual(['Soap.']);
  });

  test('stays where a later one stands on it, and that one is named', () => {
    const stamp = stamps();
    const story = change(change(start(), '', [headline('A')], stamp()), '', [headline('B')], stamp());
    expect(takeOut(story, 'a1', stamp())).toEqual({
      ok: false,
      say: 'A later step stands on it: Headline of Opening on Home: “A” → “B”. Take that one back first.',
    });
  });

  test('stays where something was built on what it brought: a text in a section that it added', () => {
    const stamp = stamps();
    const added = change(start(), '', [set(planPlaces.addedSection('home', 'video'), { kind: 'video' })], stamp());
    const written = change(added, '', [set(textPlace('home', 'video', { field: 'title' }), 'At work')], stamp());
    const taken = takeOut(written, 'a1', stamp());
    expect(taken.ok ? '' : taken.say).toContain('Title of Video on Home');
    // Once that is gone, it can go.
    const free = takeOut(undo(written, stamp()), 'a1', stamp());
    expect(free.ok && free.value.project.decisions.size).toBe(0);
  });

  test('can go where the later one was taken back itself', () => {
    const stamp = stamps();
    const two = change(change(start(), '', [headline('A')], stamp()), '', [headline('B')], stamp());
    const taken = takeOut(undo(two, stamp()), 'a1', stamp());
    expect(taken.ok && taken.value.project.decisions.size).toBe(0);
  });
});

describe('versions', () => {
  test('name a position, and going back to one is a step like any other', () => {
    const stamp = stamps();
    const fair = nameVersion(change(start(), '', [corner(4)], stamp()), { name: 'Before the fair' }, stamp());
    const after = change(fair, '', [corner(9), set(given.brief, 'We sell soap.')], stamp());
    const [version] = versionsOf(after);
    expect(version?.version?.name).toBe('Before the fair');
    const back = goBackTo(after, version?.id ?? '', stamp());
    if (!back.ok) throw new Error(back.say);
    expect(back.value.project).toEqual(fair.project);
    expect(undo(back.value, stamp()).project).toEqual(after.project);
    expect(projectAt(after, version?.id ?? '')).toEqual(fair.project);
  });
});

/** Decides at random at a few places. */
function wander(story: Story, random: () => number, stamp: () => Stamp, steps: number): Story {
  let next = story;
  for (let i = 0; i < steps; i++) {
    const what = Math.floor(random() * 7);
    const n = Math.floor(random() * 30);
    if (what === 0) next = change(next, '', [corner(n)], stamp());
    else if (what === 1) next = change(next, '', [headline(`Line ${n}`)], stamp());
    else if (what === 2)
      next = change(next, '', [set(planPlaces.addedSection('home', `free-text-${n}`), { kind: 'free-text' })], stamp());
    else if (what === 3) next = change(next, '', [clear(lookPlaces.corner), set(given.seed, n)], stamp());
    else if (what === 4) next = undo(next, stamp());
    else if (what === 5) next = redo(next, stamp());
    else {
      const some = next.log.changes[Math.floor(random() * next.log.changes.length)];
      const taken = some && takeOut(next, some.id, stamp());
      if (taken?.ok) next = taken.value;
    }
  }
  return next;
}

test('whatever is done and undone: undoing all gives the beginning again, and the log folds to what is there', () => {
  for (let seed = 0; seed < 60; seed++) {
    const stamp = stamps(`s${seed}-`);
    const story = wander(start(), chance(seed), stamp, 40);
    expect(fold(story.log.base, story.log.changes)).toEqual(story.project);
    let back = story;
    for (let i = 0; i < 200 && nextUndo(back); i++) back = undo(back, stamp());
    expect([seed, back.project]).toEqual([seed, start().project]);
  }
});

test('two tabs fold to the same project in whichever order their steps arrive, and nothing is lost', () => {
  for (let seed = 0; seed < 60; seed++) {
    const common = wander(start(), chance(seed), stamps('c'), 8);
    const since = common.log.changes.length;
    const later = (tab: string) => {
      const next = stamps(tab);
      return () => {
        const { id, at } = next();
        return { id, at: new Date(Date.parse(at) + 3_600_000 + seed * 7).toISOString() };
      };
    };
    const mine = wander(common, chance(seed + 1000), later('m'), 12).log.changes.slice(since);
    const theirs = wander(common, chance(seed + 2000), later('t'), 12).log.changes.slice(since);
    const folds = [[...mine, ...theirs], [...theirs, ...mine], [...mine, ...theirs].sort(() => chance(seed)() - 0.5)].map(
      (arrived) => {
        let changes: readonly Change[] = common.log.changes;
        for (const one of arrived) changes = merged(changes, [one]);
        expect(new Set(changes.map(({ id }) => id)).size).toBe(since + mine.length + theirs.length);
        return fold(common.log.base, changes);
      },
    );
    expect(folds[1]).toEqual(folds[0]);
    expect(folds[2]).toEqual(folds[0]);
    // One tab that takes the other's steps in sees the same.
    const here = {
      log: { ...common.log, changes: [...common.log.changes, ...mine] },
      project: fold(common.log.base, [...common.log.changes, ...mine]),
    };
    expect(takeIn(here, theirs).story.project).toEqual(folds[0]);
  }
});

test('the same place decided in two tabs is said, with what was lost; other places are not', () => {
  const common = change(start(), '', [corner(2)], { id: 'c', at: '2026-01-02T00:00:00.000Z' });
  const mine = change(common, '', [corner(4)], { id: 'm', at: '2026-01-02T00:00:01.000Z' });
  const theirs = change(common, '', [corner(8), headline('Soap.')], { id: 't', at: '2026-01-02T00:00:02.000Z' });
  const { story, clashes } = takeIn(mine, theirs.log.changes);
  expect(clashes).toEqual([{ place: lookPlaces.corner.address, lost: 4, stands: 8 }]);
  expect(story.project.decisions.get(lookPlaces.corner.address)).toBe(8);
  expect(takeIn(theirs, mine.log.changes).clashes).toEqual(clashes);
  expect(takeIn(common, theirs.log.changes).clashes).toEqual([]);
});

test('an undo in one tab does not take with it what another tab decided there since', () => {
  const common = change(start(), '', [corner(2)], { id: 'c', at: '2026-01-02T00:00:00.000Z' });
  const undone = undo(common, { id: 'u', at: '2026-01-02T00:00:09.000Z' });
  const theirs = change(common, '', [corner(8)], { id: 't', at: '2026-01-02T00:00:05.000Z' });
  expect(takeIn(undone, theirs.log.changes).story.project.decisions.get(lookPlaces.corner.address)).toBe(8);
});

test('a step tells what stood there as made, where that was known, and so does taking it back', () => {
  const corner = lookPlaces.corner;
  const standing = (place: string) => (place === corner.address ? 4 : undefined);
  const [next, begun] = [stamps(), start()];
  const one = change(begun, '', [set(corner, 8), set(lookPlaces.rule, 2)], next(), standing);
  expect(one.log.changes.map((made) => sayChange(made))).toEqual(['Corners: 4 px → 8 px; Lines: as made → 2 px']);
  const back = undo(one, next());
  expect(back.project).toEqual(begun.project);
  expect(sayChange(back.log.changes.at(-1) as Change)).toBe('Taken back: Lines: 2 px → as made; Corners: 8 px → 4 px');
  // What only was told is looked at when a file is opened, like all else.
  const told = readChanges(JSON.parse(JSON.stringify(one.log.changes)) as unknown[]);
  expect(told).toEqual({ changes: one.log.changes, misfits: [] });
  const odd = readChanges([{ ...next(), label: '', sets: [{ place: corner.address, after: 8, stood: 'round' }] }]);
  expect(odd.changes[0]?.sets).toEqual([{ place: corner.address, before: undefined, after: 8 }]);
});

test('a long list that differs late, or only in what was asked of it, is another list', () => {
  const listed = (late: number, question: string) =>
    goodsSchema.parse({
      ...noGoods,
      file: 'goods.csv',
      products: Array.from({ length: 80 }, (_, i) => ({
        id: `p-${i}`,
        slug: `${i}`,
        title: `Thing ${i}`,
        variants: [{ id: `p-${i}.one`, values: [], price: i === 70 ? late : 100 }],
      })),
      problems: question ? [{ row: 2, column: '', kind: 'asked', say: question }] : [],
    });
  const started = startStory({ ...newProject('p', 'Shop'), goods: listed(100, '') }, '2026-01-01T00:00:00.000Z');
  const bring = (goods: ReturnType<typeof listed>) => change(started, 'Bring in a list', [set(given.goods, goods)], stamps()());
  expect(bring(listed(100, ''))).toBe(started);
  expect(bring(listed(250, '')).project.goods.products[70]?.variants[0]?.price).toBe(250);
  expect(bring(listed(100, 'How many?')).project.goods.problems).toHaveLength(1);
});
