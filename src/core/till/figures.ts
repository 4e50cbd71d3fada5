import { mulDiv } from './money';
import type { BookedOrder } from './order';

/** Sums of a stretch of time. Minor units. */
export interface Period {
  /** "2026-11" or "2026-11-28", UTC. */
  at: string;
  /** Came in by card and bank, less what went back. What gift cards pay came in when they were bought. */
  takings: number;
  /** Orders that were paid in it, and what they came to. */
  orders: number;
  paid: number;
}

export interface Figures {
  periods: Period[];
  goods: { title: string; pieces: number; sum: number }[];
  codes: { code: string; orders: number; off: number }[];
  /** By month and rate (basis points; null where none is charged), as invoices and credit notes say. */
  taxes: { at: string; rate: number | null; net: number; tax: number }[];
}

export type Grain = 'day' | 'month';

const cut = (at: string, grain: Grain) => at.slice(0, grain === 'day' ? 10 : 7);

/** When an order was paid: by card or bank, or at once where a gift card paid all of it. */
const paidAt = ({ books }: BookedOrder): string | null => books.history.find(({ state }) => state === 'paid')?.at ?? null;

const isPaid = ({ state }: BookedOrder) => state === 'paid' || state === 'sent';

/** All periods from the first to the last, so that days without an order are seen too. */
function stretch(times: readonly string[], grain: Grain): string[] {
  const sorted = [...times].sort();
  const [first, last] = [sorted[0], sorted.at(-1)];
  if (!first || !last) return [];
  const all: string[] = [];
  const end = cut(last, grain);
  for (const day = new Date(`${first.slice(0, grain === 'day' ? 10 : 7)}${grain === 'day' ? '' : '-01'}T00:00:00Z`); ;) {
    const at = cut(day.toISOString(), grain);
    all.push(at);
    if (at >= end) return all;
    if (grain === 'day') day.setUTCDate(day.getUTCDate() + 1);
    else day.setUTCMonth(day.getUTCMonth() + 1);
  }
}

/** What a shop's orders in one currency come to. */
export function figuresOf(orders: readonly BookedOrder[], grain: Grain): Figures {
  const moves = orders.flatMap(({ books }) => books.history.filter(({ money, card }) => money !== 0 && !card));
  const paid = orders.flatMap((order) => {
    const at = paidAt(order);
    return at && isPaid(order) ? [{ order, at }] : [];
  });
  const periods = stretch([...moves.map(({ at }) => at), ...paid.map(({ at }) => at)], grain).map((at): Period => ({
    at,
    takings: 0,
    orders: 0,
    paid: 0,
  }));
  const byTime = new Map(periods.map((period) => [period.at, period]));
  for (const { at, money } of moves) {
    const period = byTime.get(cut(at, grain));
    if (period) period.takings += money;
  }
  for (const { order, at } of paid) {
    const period = byTime.get(cut(at, grain));
    if (!period) continue;
    period.orders++;
    period.paid += order.total;
  }
  const goods = new Map<string, Figures['goods'][number]>();
  const codes = new Map<string, Figures['codes'][number]>();
  for (const { order } of paid) {
    for (const { variant, title, quantity, sum, discount } of order.lines) {
      const left = quantity - (order.books.refundedPieces[variant] ?? 0);
      const known = goods.get(variant) ?? { title, pieces: 0, sum: 0 };
      goods.set(variant, {
        title,
        pieces: known.pieces + left,
        sum: known.sum + mulDiv(sum - discount, left, quantity),
      });
    }
    for (const { code, amount } of order.discounts) {
      const known = codes.get(code) ?? { code, orders: 0, off: 0 };
      codes.set(code, { code, orders: known.orders + 1, off: known.off + amount });
    }
  }
  return {
    periods,
    goods: [...goods.values()].filter(({ pieces }) => pieces > 0).sort((a, b) => b.sum - a.sum || a.title.localeCompare(b.title)),
    codes: [...codes.values()].sort((a, b) => b.orders - a.orders || a.code.localeCompare(b.code)),
    taxes: taxesOf(orders),
  };
}

function taxesOf(orders: readonly BookedOrder[]): Figures['taxes'] {
  const due = new Map<string, Figures['taxes'][number]>();
  for (const { kind, date, taxes } of orders.flatMap(({ books }) => books.papers)) {
    const sign = kind === 'invoice' ? 1 : -1;
    for (const { rate, net, tax } of taxes) {
      const at = cut(date, 'month');
      const known = due.get(`${at} ${rate}`) ?? { at, rate, net: 0, tax: 0 };
      due.set(`${at} ${rate}`, { at, rate, net: known.net + sign * net, tax: known.tax + sign * tax });
    }
  }
  return [...due.values()].sort((a, b) => a.at.localeCompare(b.at) || (b.rate ?? -1) - (a.rate ?? -1));
}

/** Buyers by their e-mail address, those who bought most first. */
export interface Customer {
  email: string;
  /** As the last order has it. */
  name: string;
  place: string;
  orders: number;
  /** What stands of their paid orders, by currency, minor units. */
  spent: Record<string, number>;
  last: string;
}

export function customersOf(orders: readonly BookedOrder[]): Customer[] {
  const known = new Map<string, Customer>();
  // The newest comes first, and says what they are called.
  for (const order of [...orders].sort((a, b) => b.placed.localeCompare(a.placed))) {
    if (!isPaid(order)) continue;
    const { buyer, currency, total, books } = order;
    const email = buyer.email.toLowerCase();
    const one = known.get(email) ?? { email, name: buyer.name, place: buyer.place, orders: 0, spent: {}, last: order.placed };
    one.orders++;
    one.spent[currency] = (one.spent[currency] ?? 0) + total - books.refunded;
    known.set(email, one);
  }
  return [...known.values()].sort((a, b) => b.orders - a.orders || b.last.localeCompare(a.last));
}
