import { followings, formatMoney, minorDigits } from '@/core/till/page';
import { type Actor, type BookedOrder, type Order, type OrderState } from '@/core/till';

export const states: Record<OrderState, string> = {
  'awaiting-payment': 'awaiting payment',
  paid: 'paid',
  refused: 'payment refused',
  expired: 'not paid in time',
  cancelled: 'cancelled',
  sent: 'sent',
};

/** How an order stands: what is fetched, comes by e-mail or takes place is not “sent”. */
export function standing({ state, lines, delivery, books, payment }: BookedOrder): string {
  const travels = lines.some(({ kind }) => followings[kind].travels);
  if (state === 'sent' && !travels) return 'done';
  if (state === 'sent' && delivery?.collection) return 'fetched';
  if (state === 'awaiting-payment' && payment === 'cash')
    return books.parcels.length ? 'sent, to be paid in cash' : 'to be paid in cash';
  if (state !== 'paid') return states[state];
  if (books.parcels.length) return 'sent in part';
  if (books.ready) return 'lies ready';
  return states.paid;
}

export const actors: Record<Actor, string> = {
  buyer: 'the buyer',
  seller: 'you',
  provider: 'the payment provider',
  host: 'the host',
};

export const money = (amount: number, { currency }: Pick<Order, 'currency'>) =>
  formatMoney(amount, { currency, digits: minorDigits(currency), locale: 'en-GB' });

/** What a seller may want to see of the orders. */
export const views = [
  { id: 'all', name: 'All orders' },
  { id: 'pay', name: 'Awaiting payment' },
  { id: 'send', name: 'To be sent' },
  { id: 'time', name: 'Time to be agreed' },
  { id: 'again', name: 'Comes again' },
  { id: 'back', name: 'Money to give back' },
] as const;
export type View = (typeof views)[number]['id'];

const isIn: Record<View, (order: BookedOrder) => boolean> = {
  all: () => true,
  pay: ({ state }) => state === 'awaiting-payment',
  send: (order) => mayLeave(order) && leftOf(order).length > 0,
  time: (order) => mayLeave(order) && timesWanted(order).length > 0,
  again: ({ books }) => books.repeats.some(({ state }) => state !== 'stopped'),
  back: ({ books }) => books.toGiveBack > 0,
};

/** Whether something of it may be handed over: it is paid, or is paid then. */
export const mayLeave = ({ state, payment }: BookedOrder) =>
  state === 'paid' || (state === 'awaiting-payment' && payment === 'cash');

/** Pieces that are still to be sent or handed over. */
export const leftOf = ({ lines, books }: BookedOrder) =>
  lines.flatMap(({ variant, title, quantity, kind }) => {
    const left = quantity - (books.handed[variant] ?? 0) - (books.refundedPieces[variant] ?? 0);
    return followings[kind].travels && left > 0 ? [{ variant, title, left }] : [];
  });

/** Lessons and visits without a time yet. */
export const timesWanted = ({ lines, books }: BookedOrder) =>
  lines.filter(({ variant, kind }) => kind === 'appointment' && !books.times.some((time) => time.variant === variant));

export const plain = (text: string) => text.normalize('NFKD').replace(/\p{M}/gu, '').toLowerCase();

/** What is looked through of an order: it is put together once. */
const texts = new WeakMap<BookedOrder, string>();
function textOf(order: BookedOrder): string {
  const before = texts.get(order);
  if (before !== undefined) return before;
  const { number, buyer, lines } = order;
  const text = plain(
    [number, buyer.name, buyer.email, buyer.place, buyer.postcode, ...lines.map(({ title }) => title)].join(' '),
  );
  texts.set(order, text);
  return text;
}

/** Puts the texts of many orders together, a few at a time, so that the first key of a search doesn't wait for all of them. */
export async function readInto(orders: readonly BookedOrder[]): Promise<void> {
  for (let from = 0; from < orders.length; from += 500) {
    for (const order of orders.slice(from, from + 500)) textOf(order);
    await new Promise((resolve) => setTimeout(resolve));
  }
}

/** The orders of a view in which every word of a search stands: number, buyer, place, goods. */
export function ordersIn(orders: readonly BookedOrder[], view: View, search: string): BookedOrder[] {
  const words = plain(search).split(/\s+/).filter(Boolean);
  return orders.filter((order) => isIn[view](order) && words.every((word) => textOf(order).includes(word)));
}
