import { importText } from '@/core/goods';
import { noGoods, noList, type Goods, type KeptList } from '@/core/goods/about';
import { keptListOf } from '@/core/goods/page';
import { given, lookPlaces, set } from '@/core/places';
import { change, documentOf, newProject, readProject, startStory, type Story } from '@/core/project';
import { copyLists, keepLists, readGoods, readSource, writeGoods, writeSource } from './goodsStore';
import { ListGone, Lists } from './lists';

const box = new Map<string, unknown>();
jest.mock('localforage', () => ({
  createInstance: () => ({
    getItem: async (key: string) => structuredClone(box.get(key) ?? null),
    setItem: async (key: string, value: unknown) => void box.set(key, structuredClone(value)),
    removeItem: async (key: string) => void box.delete(key),
    keys: async () => [...box.keys()],
  }),
}));
beforeEach(() => box.clear());

const goodsOf = (titles: string[], price = '4'): Goods => {
  const goods = importText(`title,price\n${titles.map((title) => `${title},${price}\n`).join('')}`);
  if (!goods.ok) throw new Error(goods.say);
  return { file: 'goods.csv', ...goods.value };
};
const stamp = (n: number) => ({ id: `s${n}`, at: new Date(Date.UTC(2026, 0, 1) + n * 1000).toISOString() });
/** A project with a list, another one after it, and a step that has nothing to do with lists. */
const told = (): Story => {
  const begun = startStory({ ...newProject('a', 'A'), goods: goodsOf(['Bell']) }, '2026-01-01T00:00:00.000Z');
  const further = change(begun, '', [set(given.goods, goodsOf(['Bell', 'Drum']))], stamp(1));
  return change(further, '', [set(lookPlaces.corner, 4)], stamp(2));
};

test('lists are kept apart from the story, each once, and come back as they were', async () => {
  const story = told();
  const kept = await keepLists(story);
  expect([...box.keys()].filter((key) => !key.includes('#'))).toHaveLength(2);
  expect(kept.project.goods.counts).toMatchObject({ products: 2, variants: 2 });
  expect(await new Lists().whole(kept)).toEqual(story);
});

test('what is known of a list is as much of a long one as of a short one', () => {
  const long = Array.from({ length: 3000 }, (_, i) => `Bell ${i}`);
  const weigh = (goods: Goods) => JSON.stringify(keptListOf(goods, 'a/1')).length;
  const [small, large] = [weigh(goodsOf(long.slice(0, 1500), 'ask us')), weigh(goodsOf(long, 'ask us'))];
  const known = keptListOf(goodsOf(long, 'ask us'), 'a/1');
  expect(known.counts.products).toBe(3000);
  expect(Math.max(...(known.report?.questions ?? []).map(({ alike }) => alike))).toBeGreaterThanOrEqual(1);
  expect(known.report?.questions.every(({ cells }) => cells.length <= 4)).toBe(true);
  expect(large).toBeLessThan(small * 1.02);
});

test('no list is kept where there is none', async () => {
  const kept = await keepLists(startStory(newProject('a', 'A'), '2026-01-01T00:00:00.000Z'));
  expect(kept.project.goods).toEqual(noList);
  expect(box.size).toBe(0);
  expect(await new Lists().at('')).toBe(noGoods);
});

test('what is done to a story with its lists at hand writes none of them again', async () => {
  const kept = await keepLists(told());
  const keys = new Set(box.keys());
  const after = await new Lists().during(kept, (whole) => change(whole, '', [set(lookPlaces.corner, 9)], stamp(3)));
  expect(after.project).toEqual({ ...kept.project, decisions: new Map([[lookPlaces.corner.address, 9]]) });
  expect(new Set(box.keys())).toEqual(keys);
});

test('a copy of a project has lists of its own, and the file that they came from', async () => {
  const goods = goodsOf(['Bell']);
  await writeSource('a/file', new Uint8Array([1, 2, 3]));
  const begun = startStory(
    { ...newProject('a', 'A'), goods: { ...goods, report: goods.report && { ...goods.report, source: 'a/file' } } },
    '2026-01-01T00:00:00.000Z',
  );
  const kept = await keepLists(begun);
  const { log } = kept;
  const copy = await copyLists({ log: { ...log, base: { ...log.base, id: 'b' } }, project: { ...kept.project, id: 'b' } });
  for (const key of [...box.keys()]) if (key.startsWith('a/')) box.delete(key);
  const { keptAs, report } = copy.project.goods;
  expect((await readGoods(keptAs))?.products.map(({ title }) => title)).toEqual(['Bell']);
  expect(await readSource(report?.source ?? '')).toEqual(new Uint8Array([1, 2, 3]));
});

test('a list that is gone is said to be gone, and holds nobody up; what is no list is none', async () => {
  await expect(new Lists().at('a/nowhere')).rejects.toBeInstanceOf(ListGone);
  const kept = await keepLists(told());
  box.clear();
  const lists = new Lists();
  expect(await lists.withList(kept.project)).toEqual({
    ...kept.project,
    goods: noGoods,
  });
  expect((await lists.whole(kept)).log.changes).toHaveLength(2);
  expect(await lists.during(kept, (whole) => whole)).toEqual(kept);
  expect(box.size).toBe(0);
  box.set('a/strange', { products: 'many' });
  expect(await readGoods('a/strange')).toBeNull();
});

test('few lists are held open at a time; the others are opened again', async () => {
  const lists = new Lists();
  const kept: KeptList[] = [];
  for (const title of ['A', 'B', 'C', 'D', 'E']) kept.push(await lists.keep('a', goodsOf([title])));
  box.clear();
  const at = async (n: number) => (await lists.at(kept[n]?.keptAs ?? '')).products.map(({ title }) => title);
  expect(await at(4)).toEqual(['E']);
  await expect(at(0)).rejects.toBeInstanceOf(ListGone);
});

test('a project file that names a list of some browser is not opened, and a step that does is set aside', async () => {
  const list = await writeGoods('x/1', goodsOf(['Bell']));
  const document = documentOf(told());
  const base = document.base as Record<string, unknown>;
  expect(readProject({ ...document, base: { ...base, goods: list } })).toMatchObject({ ok: false });
  const changes = [{ id: 'q', at: '2026-02-01T00:00:00.000Z', label: '', sets: [{ place: given.goods.address, after: list }] }];
  const read = readProject({ ...document, changes });
  if (!read.ok) throw new Error(read.say);
  expect(read.value.project.goods.products.map(({ title }) => title)).toEqual(['Bell']);
  expect(read.value.log.misfits).toMatchObject([{ because: 'This list of goods is kept somewhere else.' }]);
});
