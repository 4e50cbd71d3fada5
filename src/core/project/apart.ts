import { z } from 'zod';
import { type History } from './history';
import { type Project } from './schema';

type Goods = Project['goods'];

/** What stands in a history for a list of goods that is kept apart: long lists are not written again with every step. */
const keptSchema = z.strictObject({ keptAs: z.string() });

const partsSchema = z.looseObject({ goods: z.unknown().optional() });
const stepsSchema = z.array(z.looseObject({ before: partsSchema, after: partsSchema }));
const storedSchema = z.looseObject({ project: z.looseObject({ goods: z.unknown() }), past: stepsSchema, future: stepsSchema });

/** A history as it is stored, and the lists that are stored beside it, by their keys. */
export function goodsApart(history: History, keyOf: (goods: Goods) => string): { stored: unknown; lists: Map<string, Goods> } {
  const lists = new Map<string, Goods>();
  const stored = turnGoods(history, (goods) => {
    const list = goods as Goods;
    const keptAs = keyOf(list);
    lists.set(keptAs, list);
    return { keptAs };
  });
  return { stored, lists };
}

/** The keys of the lists that a stored history needs, the project's own first. */
export function listsOf(stored: unknown): string[] {
  const keys = new Set<string>();
  turnGoods(stored, (goods) => {
    const kept = keptSchema.safeParse(goods);
    if (kept.success) keys.add(kept.data.keptAs);
    return goods;
  });
  return [...keys];
}

/** A stored history with its lists in it again. What was stored whole stays as it is. */
export const withGoods = (stored: unknown, lists: ReadonlyMap<string, unknown>): unknown =>
  turnGoods(stored, (goods) => {
    const kept = keptSchema.safeParse(goods);
    return kept.success ? lists.get(kept.data.keptAs) : goods;
  });

function turnGoods(stored: unknown, turn: (goods: unknown) => unknown): unknown {
  const known = storedSchema.safeParse(stored);
  if (!known.success) return stored;
  const parts = (of: z.infer<typeof partsSchema>) => ('goods' in of ? { ...of, goods: turn(of.goods) } : of);
  const steps = (of: z.infer<typeof stepsSchema>) =>
    of.map((step) => ({ ...step, before: parts(step.before), after: parts(step.after) }));
  const { project, past, future } = known.data;
  return { ...known.data, project: { ...project, goods: turn(project.goods) }, past: steps(past), future: steps(future) };
}
