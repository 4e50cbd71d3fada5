import { makeOrder, type HostData, type Order, type OrderRequest, type PriceList } from '@/core/till';
import { type Result } from '@/core/result';
import { type Repeat } from './repeats';

/** The order of a turn: what the first one was for, by the rules and prices of today, without what was typed for that one alone. */
export function makeTurn(
  first: Order,
  { variant, quantity }: Pick<Repeat, 'variant' | 'quantity'>,
  { rules }: HostData,
  list: PriceList,
  number: string,
  now: string,
): Result<{ order: Order }> {
  const { buyer, delivery, taxNumber, payment, answers } = first;
  const { country, region, ...person } = buyer;
  const request: OrderRequest = {
    key: `turn-${number}`,
    lines: [{ variant, quantity }],
    ...{ country, region, rate: delivery?.id ?? '', code: '', taxNumber, payment, consent: true },
    buyer: { ...person, note: '' },
  };
  return makeOrder(rules, list, request, number, now, undefined, answers);
}
