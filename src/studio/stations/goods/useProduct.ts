'use client';

import { useMemo } from 'react';
import { decidedGoods } from '@/core/goods/page';
import { Decided, ownProduct } from '@/core/places';
import { type KeptProject, type Product } from '@/core/project';
import { type Jobs, type Summary } from '@/workers/protocol';
import { useAsked } from '../../useAsked';
import { type StationProps } from '../station';

type Listed = Jobs['listed']['get'];

/** What is sold of it: what its list says, with what was decided laid over; null where it is not in the shop. */
function laidOver({ id, product }: Listed, { goods, decisions }: KeptProject, summary: Summary | null): Product | null {
  const { digits } = summary?.rules ?? goods;
  const moneyKnown = summary?.moneyKnown ?? true;
  const { products } = decidedGoods(product ? [product] : [], new Decided(decisions), goods.digits, digits, moneyKnown);
  return products.find((one) => one.id === id) ?? null;
}

export interface ProductAtHand {
  /** Null where it is not in the shop. */
  product: Product | null;
  /** Whether it was put in by hand, and no list has it. */
  isOwn: boolean;
}

/** One of the goods, with each decision as soon as it is made; null as long as the list has not been asked. */
export function useProduct({ state, shop }: Pick<StationProps, 'state' | 'shop'>, id: string | null): ProductAtHand | null {
  const listed = useAsked(shop, 'listed', id === null ? null : { id });
  const { project } = state;
  const { summary } = shop;
  return useMemo(() => {
    if (!listed || listed.id !== id) return null;
    const isOwn = !listed.product && new Decided(project.decisions).has(ownProduct(id));
    return { product: laidOver(listed, project, summary), isOwn };
  }, [listed, id, project, summary]);
}

/** The same, asked for once. */
export async function productAt({ state, shop }: Pick<StationProps, 'state' | 'shop'>, id: string): Promise<Product | null> {
  const listed = await shop.worker?.ask('listed', { id });
  return listed ? laidOver(listed, state.project, shop.summary) : null;
}
