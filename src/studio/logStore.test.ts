import { importText } from '@/core/goods';
import { type Goods, type KeptList } from '@/core/goods/about';
import { given, lookPlaces, set } from '@/core/places';
import { change, newKeptProject, readKeptChanges, startStory, takeIn, undo, type Change, type KeptStory } from '@/core/project';
import { readGoods, writeGoods } from '@/workers/goodsStore';
import { Lists } from '@/workers/lists';
import { appendToLog, readLog, readNews, removeLog, StorageRefused, writeCheckpoint, writeLog, type Seen } from './logStore';

/** Storage as the browser has it: what goes in and comes out is copied. Counts the writes and their weight. */
const boxes = new Map<string, Map<string, unknown>>();
const writes: { box: string; weight: number }[] = [];
let full: string | null = null;

jest.mock('localforage', () => ({
  createInstance: ({ storeName }: { storeName: string }) => {
    const box = boxes.get(storeName) ?? new Map<string, unknown>();
    boxes.set(storeName, box);
    return {
      getItem: async (key: string) => structuredClone(box.get(key) ?? null),
      setItem: async (key: string, value: unknown) => {
        if (full === storeName) throw new Error('The quota has been exceeded.');
        writes.push({ box: storeName, weight: JSON.stringify(value).length });
        box.set(key, structuredClone(value));
      },
      removeItem: async (key: string) => void box.delete(key),
      keys: async () => [...box.keys()],
    };
  },
}));

beforeEach(() => {
  boxes.forEach((box) => box.clear());
  writes.length = 0;
  full = null;
});

const goodsOf = (titles: string[]): Goods => {
  const goods = importText(`title,price\n${titles.map((title) => `${title},4\n`).join('')}`);
  if (!goods.ok) throw new Error(goods.say);
  return { file: `${titles.length}.csv`, ...goods.value };
};
/** A list as the worker keeps it for a project. */
const kept = (titles: string[], key = `a/${titles.join('-')}`): Promise<KeptList> => writeGoods(key, goodsOf(titles));
let n = 0;
const stamp = () => ({ id: `s${++n}`, at: new Date(Date.UTC(2026, 0, 1) + n * 1000).toISOString() });
const begun = (id = 'a') => startStory(newKeptProject(id, 'A'), '2026-01-01T00:00:00.000Z');
const corner = (story: KeptStory, px: number) => change(story, '', [set(lookPlaces.corner, px)], stamp());
const last = (story: KeptStory): Change[] => story.log.changes.slice(-1);
const opened = async (id = 'a') => {
  const found = await readLog(id);
  if (typeof found === 'string') throw new Error(found);
  return found;
};
/** A tab that makes a step and appends it. */
async function step(
  tab: { story: KeptStory; seen: Seen },
  next: (story: KeptStory) => KeptStory,
): Promise<{ story: KeptStory; seen: Seen }> {
  const story = next(tab.story);
  const { seen, theirs } = await appendToLog(story, last(story), tab.seen);
  return { story: takeIn(story, readKeptChanges(theirs).changes).story, seen };
}

test('a log comes back as it was, and its steps can be taken back', async () => {
  let tab: { story: KeptStory; seen: Seen } = { story: begun(), seen: await writeLog(begun()) };
  const list = await kept(['Bell']);
  tab = await step(tab, (story) => change(story, '', [set(given.goods, list)], stamp()));
  tab = await step(tab, (story) => corner(story, 4));
  tab = await step(tab, (story) => undo(story, stamp()));
  const back = await opened();
  expect(back.story).toEqual(tab.story);
  expect(back.story.project.goods).toMatchObject({ keptAs: 'a/Bell', counts: { products: 1 } });
  expect(undo(back.story, stamp()).project.goods.counts.products).toBe(0);
});

test('a list is written by who keeps it, and by no step, also after the page was opened anew', async () => {
  const first = change(begun(), '', [set(given.goods, await kept(['Bell', 'Drum']))], stamp());
  let tab = { story: first, seen: await writeLog(first) };
  const lists = () => writes.filter(({ box }) => box === 'goods').length;
  const before = lists();
  for (let i = 0; i < 5; i++) tab = await step(tab, (story) => corner(story, i + 1));
  expect(lists()).toBe(before);
  const again = await opened();
  expect(again.story.project.goods.keptAs).toBe('a/Bell-Drum');
  await step(again, (story) => corner(story, 9));
  expect(lists()).toBe(before);
});

test('appending a step writes as little in a long project as in a short one', async () => {
  let tab = { story: begun(), seen: await writeLog(begun()) };
  const weights: number[] = [];
  for (let i = 0; i < 400; i++) {
    writes.length = 0;
    tab = await step(tab, (story) => corner(story, (i * 7) % 90));
    weights.push(writes.reduce((sum, { weight }) => sum + weight, 0));
  }
  expect(Math.max(...weights.slice(200))).toBeLessThanOrEqual(Math.max(...weights.slice(0, 200)) * 1.1);
  expect(Math.max(...weights)).toBeLessThan(60_000);
  expect((await opened()).story).toEqual(tab.story);
});

test('two tabs on one project: each appends after the other, each gets what the other did, and nothing is lost', async () => {
  const seen = await writeLog(begun());
  let [one, other] = [
    { story: begun(), seen },
    { story: begun(), seen },
  ];
  for (let i = 0; i < 90; i++) {
    if (i % 3) one = await step(one, (story) => corner(story, i % 80));
    else other = await step(other, (story) => change(story, '', [set(lookPlaces.room, 0.6 + (i % 10) / 10)], stamp()));
  }
  const news = await readNews('a', one.seen);
  const merged = takeIn(one.story, readKeptChanges(news.theirs).changes).story;
  const stored = await opened();
  expect(stored.story.log.changes).toHaveLength(90);
  expect(stored.story.project.decisions).toEqual(merged.project.decisions);
});

test('where earlier steps can’t be read, the project is opened as it stood, says so, and goes on', async () => {
  let tab = { story: begun(), seen: await writeLog(begun()) };
  const list = await kept(['Bell']);
  tab = await step(tab, (story) => change(story, '', [set(given.goods, list)], stamp()));
  for (let i = 0; i < 200; i++) {
    const { chunk } = tab.seen;
    tab = await step(tab, (story) => corner(story, (i * 7) % 90));
    if (tab.seen.chunk > chunk) await writeCheckpoint(tab.story, tab.seen);
  }
  expect((await opened()).torn).toBe(false);

  boxes.get('logs')?.set('a/000001', 'damaged');
  const back = await opened();
  expect(back.torn).toBe(true);
  expect(back.story.project).toEqual(tab.story.project);
  expect(back.seen).toEqual(tab.seen);
  // Steps since then can be taken back, new ones are kept after them.
  expect(undo(back.story, stamp()).project.decisions).toEqual(undo(tab.story, stamp()).project.decisions);
  const next = await step(back, (story) => corner(story, 97));
  expect((await opened()).story.project).toEqual(next.story.project);

  boxes.get('logs')?.delete('a/base');
  expect((await opened()).story.project).toEqual(next.story.project);
});

test('where the storage was cleared behind our back, the log is written anew as the page knows it', async () => {
  let tab = { story: begun(), seen: await writeLog(begun()) };
  const lists = new Lists();
  const list = await lists.keep('a', goodsOf(['Bell']));
  tab = await step(tab, (story) => change(story, '', [set(given.goods, list)], stamp()));
  boxes.forEach((box) => box.clear());
  tab = await step(tab, (story) => corner(story, 4));
  // A list is the worker's to keep: it does when it makes the shop of that step.
  expect((await opened()).story.project.goods.counts.products).toBe(0);
  await lists.withList(tab.story.project);
  expect((await opened()).story).toEqual(tab.story);
  expect((await readGoods(list.keptAs))?.products.map(({ title }) => title)).toEqual(['Bell']);
});

test('storage that takes nothing more says so, and what was stored before is still there', async () => {
  let tab = { story: begun(), seen: await writeLog(begun()) };
  tab = await step(tab, (story) => corner(story, 4));
  full = 'logs';
  await expect(step(tab, (story) => corner(story, 5))).rejects.toBeInstanceOf(StorageRefused);
  full = null;
  expect((await opened()).story).toEqual(tab.story);
});

test('a project that is not here, or was removed for good, is named as such', async () => {
  await writeLog(begun());
  await removeLog('a');
  expect(await readLog('a')).toContain('not in this browser');
  expect([...boxes.values()].every((box) => box.size === 0)).toBe(true);
});

test('what others wrote into a log is looked at when it is read', async () => {
  await writeLog(begun());
  const strange = { id: 'x', at: '2026-02-01T00:00:00.000Z', label: '', sets: [{ place: 'look/corner', after: 'round' }] };
  boxes.get('logs')?.set('a/000000', [strange]);
  const { story } = await opened();
  expect(story.project.decisions.size).toBe(0);
  expect(story.log.misfits).toMatchObject([{ place: 'look/corner', value: 'round' }]);
});

test('what is known of a list that an earlier Arcatum kept is found out once', async () => {
  const list = await kept(['Bell', 'Drum']);
  const told = change(begun(), '', [set(given.goods, list)], stamp());
  await writeLog(told);
  boxes.get('goods')?.delete('a/Bell-Drum#known');
  expect((await opened()).story).toEqual(told);
  writes.length = 0;
  expect((await opened()).story).toEqual(told);
  expect(writes).toEqual([]);
});

test('a log whose list is gone opens without it, and with all else', async () => {
  const list = await kept(['Bell']);
  await writeLog(corner(change(begun(), '', [set(given.goods, list)], stamp()), 4));
  boxes.get('goods')?.clear();
  const { story } = await opened();
  expect(story.project.goods.counts.products).toBe(0);
  expect(story.project.decisions.get(lookPlaces.corner.address)).toBe(4);
});
