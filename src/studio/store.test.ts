import { importText } from '@/core/goods';
import { change, newProject, startHistory, undo, type History, type Project } from '@/core/project';
import { loadHistory, removeForGood, saveHistory, StorageRefused } from './store';

/** Storage as the browser has it: what goes in and comes out is copied. Counts the writes. */
const boxes = new Map<string, Map<string, unknown>>();
const writes: string[] = [];
let full: string | null = null;

jest.mock('localforage', () => ({
  createInstance: ({ storeName }: { storeName: string }) => {
    const box = boxes.get(storeName) ?? new Map<string, unknown>();
    boxes.set(storeName, box);
    return {
      getItem: async (key: string) => structuredClone(box.get(key) ?? null),
      setItem: async (key: string, value: unknown) => {
        if (full === storeName) throw new Error('The quota has been exceeded.');
        writes.push(storeName);
        box.set(key, structuredClone(value));
      },
      removeItem: async (key: string) => void box.delete(key),
      keys: async () => [...box.keys()],
    };
  },
}));

const goodsOf = (titles: string[]): Project['goods'] => {
  const goods = importText(`title,price\n${titles.map((title) => `${title},4\n`).join('')}`);
  if (!goods.ok) throw new Error(goods.say);
  return { file: `${titles.length}.csv`, ...goods.value };
};
const listed = (history: History, ...titles: string[]) =>
  change(history, 'Bring in a list', '2026-01-02', (p) => ({ ...p, goods: goodsOf(titles) }));
const titlesOf = ({ project }: History) => project.goods.products.map(({ title }) => title);
const briefed = (history: History, brief: string) => change(history, 'Change the brief', '2026-01-03', (p) => ({ ...p, brief }));
const open = async (id: string): Promise<History> => {
  const found = await loadHistory(id);
  if (typeof found === 'string') throw new Error(found);
  return found;
};

beforeEach(() => {
  boxes.forEach((box) => box.clear());
  writes.length = 0;
  full = null;
});

test('a history comes back as it was, and its steps can be taken back', async () => {
  const history = briefed(listed(listed(startHistory(newProject('a', 'A', '2026-01-01')), 'Bell'), 'Bell', 'Drum'), 'Bells.');
  await saveHistory(history);
  const back = await open('a');
  expect(back).toEqual(history);
  const before = undo(undo(back, '2026-01-04'), '2026-01-05');
  expect(titlesOf(before)).toEqual(['Bell']);
});

test('a list is written once, however many steps follow, also after the page was opened anew', async () => {
  let history = listed(startHistory(newProject('a', 'A', '2026-01-01')), 'Bell');
  await saveHistory(history);
  const lists = () => writes.filter((box) => box === 'goods').length;
  const first = lists();
  for (const brief of ['B', 'Be', 'Bells']) await saveHistory((history = briefed(history, brief)));
  expect(lists()).toBe(first);
  history = await open('a');
  await saveHistory(briefed(history, 'Bells and drums.'));
  await saveHistory(undo(history, '2026-01-04'));
  expect(lists()).toBe(first);
  await saveHistory(listed(await open('a'), 'Drum'));
  expect(lists()).toBe(first + 1);
});

test('lists that no step leads to any more go, and all go with their project', async () => {
  let history = startHistory(newProject('a', 'A', '2026-01-01'));
  for (let i = 0; i < 4; i++) await saveHistory((history = listed(history, `Bell ${i}`)));
  expect(boxes.get('goods')?.size).toBe(5);
  await saveHistory(startHistory(history.project));
  expect(boxes.get('goods')?.size).toBe(1);
  await saveHistory(startHistory({ ...history.project, id: 'b' }));
  await removeForGood('a');
  expect([...(boxes.get('goods')?.keys() ?? [])].every((key) => key.startsWith('b/'))).toBe(true);
  expect(titlesOf(await open('b'))).toEqual(['Bell 3']);
});

test('a project that was stored whole, as earlier ones were, opens and is parted with its next step', async () => {
  const history = listed(startHistory(newProject('a', 'A', '2026-01-01')), 'Bell');
  boxes.get('projects')?.set('a', structuredClone(history));
  const back = await open('a');
  expect(back).toEqual(history);
  await saveHistory(briefed(back, 'Bells.'));
  expect(JSON.stringify(boxes.get('projects')?.get('a'))).not.toContain('Bell"');
  expect((await open('a')).project.goods).toEqual(history.project.goods);
});

test('a list that another tab has let go of is written again before a history names it', async () => {
  const history = listed(startHistory(newProject('a', 'A', '2026-01-01')), 'Bell');
  await saveHistory(history);
  boxes.get('goods')?.clear();
  await saveHistory(briefed(history, 'Bells.'));
  expect(titlesOf(await open('a'))).toEqual(['Bell']);
});

test('where storage is full, the next try writes the list', async () => {
  const history = listed(startHistory(newProject('a', 'A', '2026-01-01')), 'Bell');
  full = 'goods';
  await expect(saveHistory(history)).rejects.toBeInstanceOf(StorageRefused);
  full = null;
  await saveHistory(history);
  expect(titlesOf(await open('a'))).toEqual(['Bell']);
});
