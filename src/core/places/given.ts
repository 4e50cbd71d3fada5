import { z } from 'zod';
import { goodsSchema, keptListSchema, type Goods, type KeptList } from '../goods/about';
import { pictureSchema } from '../pictures/about';
import { definePlace } from './place';
import { shortened, turns } from './says';

/** Longest brief, characters: some sixty pages. */
export const longestBrief = 120_000;

/** What the seller gave. A project keeps it in fields of its own; in the log it is a place like any other. */
export const shopName = definePlace({
  address: ['given', 'name'],
  value: z.string().max(200),
  says: turns('Name of the project'),
});

export const brief = definePlace({
  address: ['given', 'brief'],
  value: z.string().max(longestBrief),
  says: (before, after) => {
    const [was, is] = [before?.trim() ?? '', after?.trim() ?? ''];
    if (!was) return `The brief: “${shortened(is)}”`;
    const by = is.length - was.length;
    return `The brief, ${by === 0 ? 'changed' : `${Math.abs(by)} characters ${by > 0 ? 'longer' : 'shorter'}`}`;
  },
});

export const seed = definePlace({
  address: ['given', 'seed'],
  value: z.number().int().min(0).max(Number.MAX_SAFE_INTEGER),
  says: turns('The seed'),
});

const countOf = (list: Goods | KeptList | undefined): number =>
  !list ? 0 : 'keptAs' in list ? list.counts.products : list.products.length;

export const goods = definePlace({
  address: ['given', 'goods'],
  // Who works with a list has it; who keeps the log of a project has what is known of it.
  value: z.union([goodsSchema, keptListSchema]),
  says: (before, after) =>
    `The list of goods: ${countOf(before)} → ${countOf(after)} products${after?.file ? `, from ${after.file}` : ''}`,
});

export const picture = definePlace({
  address: ['given', 'picture', ':name'],
  value: pictureSchema,
  says: (before, after, { parts: [name] }) =>
    !before ? `The picture ${name} came` : !after ? `The picture ${name} went` : `The picture ${name} was changed`,
});
