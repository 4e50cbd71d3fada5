import { hintsOf } from '@/core/brief';
import { importGoods } from '@/core/goods';
import { newProject } from '@/core/project';
import { slipOf } from '@/core/requests';
import { understand } from '@/core/sentences';
import { makeShop } from '@/core/site';
import { lineOf } from '../corpus/sayings/lines';
import { batchNames, frozenName, readBatch } from '../corpus/sayings/marked';
import { median } from './core';
import { brief, listOf } from './goods';

function shopOf(goods: number) {
  const list = importGoods(new TextEncoder().encode(listOf(goods)), hintsOf(brief));
  if (!list.ok) throw new Error(list.say);
  const project = { ...newProject('bench', 'Bench'), brief, goods: { ...list.value, file: 'goods.csv' } };
  return { project, shop: makeShop(project) };
}

const timeOf = (work: () => unknown): number => {
  const start = performance.now();
  work();
  return performance.now() - start;
};

/** Milliseconds from a sentence to what it means, in a shop of 500 goods, median of 20 sentences. */
export function sentenceTime(): number {
  const { shop, project } = shopOf(500);
  const { marked } = readBatch('batch1');
  return median(
    marked
      .filter(({ at }) => at === '')
      .slice(0, 20)
      .map(({ text }) => timeOf(() => understand(shop, project, text, { today: new Date() }))),
  );
}

/** Milliseconds until what can be done to a thing is known, in a shop of 500 goods, by kind of thing. */
export function slipTimes(): [kind: string, ms: number][] {
  const { shop, project } = shopOf(500);
  const [product] = shop.catalogue.products;
  const things = [
    { kind: 'section', page: 'home', section: 'why' },
    { kind: 'card', product: product?.id ?? '' },
    { kind: 'button', place: 'words/home/opening/button' },
    { kind: 'page', page: 'home' },
  ] as const;
  return things.map((thing) => [thing.kind, median(Array.from({ length: 9 }, () => timeOf(() => slipOf(shop, project, thing))))]);
}

/** How the sentences of the corpus are understood. Those that the judge was trained with say nothing of first sight. */
export const sentenceLines = (): string[] => [...batchNames, frozenName].map((name) => lineOf(readBatch(name), false));
