import { createHash } from 'node:crypto';
import { z } from 'zod';
import { fail, ok, type Result } from '@/core/result';
import {
  actorSchema,
  codeKey,
  makeOrder,
  orderMoves,
  orderSchema,
  refundOf,
  refundSchema,
  type Actor,
  type BookedOrder,
  type Books,
  type HostData,
  type Order,
  type OrderRequest,
  type OrderState,
  type PriceList,
  type Refund,
  type Used,
} from '@/core/till';
import { Journal, type Damage } from '../journal';
import { type PaymentMessage } from '../payment/message';

const stockSchema = z.record(z.string(), z.number().nullable());
const stateSchema = orderSchema.shape.state;

const eventSchema = z.discriminatedUnion('type', [
  /** The seller counted: these variants have so many pieces from now on. */
  z.object({ type: z.literal('count'), at: z.string(), stock: stockSchema }),
  z.object({
    type: z.literal('order'),
    at: z.string(),
    key: z.string(),
    /** What was asked for under the key, as `contentOf`; orders of before it was kept have none. */
    content: z.string().optional(),
    receipt: z.string(),
    /** Days that its bank transfer may take; orders of before it was kept wait without end. */
    days: z.number().optional(),
    order: orderSchema,
  }),
  /** An order moved. Records of before there were names for it say nobody. */
  z.object({
    type: z.literal('state'),
    at: z.string(),
    number: z.string(),
    state: stateSchema,
    by: actorSchema.optional(),
    why: z.string().optional(),
    tracking: z.string().optional(),
  }),
  /** Money moved, and the order with it where a state is named: in one record, so that nothing comes between the two. */
  z.object({
    type: z.literal('money'),
    at: z.string(),
    number: z.string(),
    /** Minor units; below zero it went back. */
    amount: z.number().int(),
    /** The provider's name for the payment; empty for a bank's. */
    payment: z.string(),
    state: stateSchema.optional(),
    by: actorSchema,
    why: z.string(),
  }),
  /** The seller refunds a part of an order: what is to be given back is more by it. */
  refundSchema.extend({
    type: z.literal('refund'),
    at: z.string(),
    number: z.string(),
    amount: z.number().int().positive(),
  }),
]);
type HostEvent = z.infer<typeof eventSchema>;

export interface Placed {
  order: Order;
  /** What the buyer's browser shows to see the order again. */
  receipt: string;
}

interface Kept extends Placed {
  content: string | undefined;
  days: number | undefined;
  history: Books['history'];
  /** What came in by card and has not gone back, by the provider's names. */
  payments: Map<string, number>;
  refunded: { pieces: Map<string, number>; delivery: boolean; amount: number };
  /** Pieces that are on the shelf again, by variant. */
  restocked: Map<string, number>;
}

/** What a till asks of the provider. */
export interface Provider {
  /** What the provider knows of an order. */
  ask: (order: string) => readonly PaymentMessage[];
  /** The order is not to be paid any more. */
  letGo: (order: string) => void;
  /** A part of a payment back, once under a name. */
  giveBack: (payment: string, amount: number, name: string) => Result<unknown>;
}

const noProvider: Provider = { ask: () => [], letGo: () => undefined, giveBack: () => ok(null) };

/** How long an order waits for its card payment before the goods go back on the shelf. */
export const minutesToPay = 30;
const minute = 60_000;
const day = 24 * 60 * minute;

/** What an attempt asks for: one key stands for one of these. */
const contentOf = ({ lines, country, region, rate, code, taxNumber, payment, buyer }: OrderRequest): string =>
  createHash('sha256')
    .update(
      JSON.stringify([
        lines.map(({ variant, quantity }) => [variant, quantity]),
        country,
        rate,
        code,
        payment,
        Object.entries(buyer).sort(),
        ...(region || taxNumber ? [region, taxNumber] : []),
      ]),
    )
    .digest('hex');

const holding: ReadonlySet<OrderState> = new Set(['awaiting-payment', 'paid', 'sent']);
const holdsStock = (order: Order) => holding.has(order.state);
const isPaid = ({ state }: Order) => state === 'paid' || state === 'sent';
const sumOf = (amounts: readonly number[]) => amounts.reduce((a, b) => a + b, 0);

/**
 * The orders, the money and the stock of one shop: a fold over its journal, with the moves that orders allow and no other. All changes
 * go through here, one after another, so that the last piece is never sold twice.
 */
export class HostTill {
  private readonly journal: Journal<HostEvent>;
  private readonly orders = new Map<string, Kept>();
  /** What was ordered under a key. */
  private readonly byKey = new Map<string, Kept[]>();
  /** What waits for its payment. */
  private readonly open = new Set<Kept>();
  /** Records that can't be used. Orders may be missing for each of them. */
  readonly damage: readonly Damage[];
  private counted = new Map<string, number | null>();
  private left = new Map<string, number | null>();

  constructor(
    path: string,
    private readonly provider: Provider = noProvider,
  ) {
    this.journal = new Journal(path, eventSchema);
    this.damage = this.journal.damage;
    for (const event of this.journal.read()) this.apply(event);
  }

  private record(event: HostEvent): void {
    this.journal.add(event);
    this.apply(event);
  }

  private apply(event: HostEvent): void {
    if (event.type === 'count') {
      for (const [variant, stock] of Object.entries(event.stock)) {
        this.counted.set(variant, stock);
        // What waits to be paid still lies on the shelf that was counted.
        this.left.set(variant, stock === null ? null : stock - this.waiting(variant));
      }
      return;
    }
    if (event.type === 'order') {
      const { order, key, content, receipt, days, at } = event;
      const history = [{ at, by: 'buyer' as const, state: order.state, money: 0, why: '' }];
      const refunded = { pieces: new Map(), delivery: false, amount: 0 };
      const kept = { order, content, receipt, days, history, payments: new Map(), refunded, restocked: new Map() };
      this.orders.set(order.number, kept);
      this.byKey.set(key, [...(this.byKey.get(key) ?? []), kept]);
      if (order.state === 'awaiting-payment') this.open.add(kept);
      if (holdsStock(order)) this.move(kept, -1);
      return;
    }
    const kept = this.orders.get(event.number);
    if (!kept) return;
    if (event.type === 'refund') return this.applyRefund(kept, event);
    const { at, by = 'host', why = '' } = event;
    const state = event.state ?? kept.order.state;
    // Before money had records of its own, an order that was paid had been paid in full.
    const money = event.type === 'money' ? event.amount : event.state === 'paid' && !isPaid(kept.order) ? kept.order.total : 0;
    if (event.type === 'money' && event.payment)
      kept.payments.set(event.payment, (kept.payments.get(event.payment) ?? 0) + event.amount);
    kept.history.push({ at, by, state, money, why });
    const before = holdsStock(kept.order);
    const tracking = event.type === 'state' ? event.tracking : undefined;
    kept.order = { ...kept.order, state, ...(tracking ? { tracking } : {}) };
    if (state !== 'awaiting-payment') this.open.delete(kept);
    if (before && !holdsStock(kept.order)) this.move(kept, 1);
    if (!before && holdsStock(kept.order)) this.move(kept, -1);
  }

  private applyRefund(kept: Kept, { at, lines, delivery, restock, amount, why }: Extract<HostEvent, { type: 'refund' }>): void {
    const { refunded, restocked } = kept;
    for (const { variant, quantity } of lines) {
      refunded.pieces.set(variant, (refunded.pieces.get(variant) ?? 0) + quantity);
      if (!restock) continue;
      restocked.set(variant, (restocked.get(variant) ?? 0) + quantity);
      this.shelve(variant, quantity);
    }
    if (delivery) refunded.delivery = true;
    refunded.amount += amount;
    kept.history.push({ at, by: 'seller', state: kept.order.state, money: 0, why: why || 'Refunded in part.' });
  }

  private waiting(variant: string): number {
    return [...this.open]
      .flatMap(({ order }) => order.lines)
      .reduce((sum, line) => sum + (line.variant === variant ? line.quantity : 0), 0);
  }

  /** Pieces onto the shelf, or off it. */
  private shelve(variant: string, pieces: number): void {
    const left = this.left.get(variant);
    if (typeof left === 'number') this.left.set(variant, left + pieces);
  }

  /** An order's pieces, but for those that are on the shelf again already. */
  private move({ order, restocked }: Kept, sign: 1 | -1): void {
    for (const { variant, quantity } of order.lines) this.shelve(variant, sign * (quantity - (restocked.get(variant) ?? 0)));
  }

  /** Moves an order where it may go from where it is. */
  private go(
    { order: { number, state: from } }: Kept,
    state: OrderState,
    now: string,
    by: Actor,
    why = '',
    tracking = '',
  ): boolean {
    if (!orderMoves[from].includes(state)) return false;
    this.record({ type: 'state', at: now, number, state, by, why, ...(tracking ? { tracking } : {}) });
    return true;
  }

  /** Takes over the stock of a release: a number that the seller changed since the last one is a new count, the others run on. */
  count(prices: HostData['prices'], now: string): void {
    const changed = prices.filter(({ id, stock }) => !this.counted.has(id) || this.counted.get(id) !== stock);
    if (changed.length)
      this.record({ type: 'count', at: now, stock: Object.fromEntries(changed.map(({ id, stock }) => [id, stock])) });
  }

  stock(ids: readonly string[], now: string): Record<string, number | null> {
    this.expire(now);
    // A count below what waits to be paid leaves less than nothing: to buyers that is nothing.
    const shown = (left: number | null) => (left === null ? null : Math.max(0, left));
    return Object.fromEntries(ids.flatMap((id) => (this.left.has(id) ? [[id, shown(this.left.get(id) ?? null)]] : [])));
  }

  /**
   * Computes an order from the published rules, takes the stock and keeps it. The same key and content twice is the same order;
   * other content is a new one, and what still waits under its key is let go.
   */
  place(data: HostData, request: OrderRequest, receipt: string, now: string): Result<Placed> {
    this.expire(now);
    const content = contentOf(request);
    const before = (this.byKey.get(request.key) ?? []).filter((placed) => holdsStock(placed.order));
    const same = before.find((placed) => (placed.content ?? content) === content);
    if (same) return ok(same);
    for (const kept of before) this.end(kept, now, 'buyer', 'The buyer changed what is ordered.');
    const list: PriceList = new Map(
      data.prices.map((entry) => [entry.id, { ...entry, stock: this.left.get(entry.id) ?? entry.stock }]),
    );
    // Each record that can't be read may have been an order: its number is given to nobody else.
    const number = String(1001 + this.orders.size + this.damage.length);
    const made = makeOrder(data.rules, list, request, number, now, this.usedBy(request.buyer.email));
    if (!made.ok) return made;
    const { order } = made.value;
    const days = order.payment === 'bank' ? data.rules.payments.bankDays : undefined;
    this.record({ type: 'order', at: now, key: request.key, content, receipt, ...(days ? { days } : {}), order });
    // Where nothing is to be paid, nothing is waited for.
    const kept = this.orders.get(number);
    if (kept && order.total === 0) this.go(kept, 'paid', now, 'host', 'There was nothing to pay.');
    return ok({ order: kept?.order ?? order, receipt });
  }

  /** How often discounts were used by orders that stand: in all, and by one buyer. */
  private usedBy(email: string): Used {
    const same = (other: string) => other.toLowerCase() === email.toLowerCase();
    return (code) => {
      const orders = [...this.orders.values()].filter(
        ({ order }) => holdsStock(order) && order.discounts.some((used) => codeKey(used.code) === code),
      );
      return { all: orders.length, buyer: orders.filter(({ order }) => same(order.buyer.email)).length };
    };
  }

  /** What waits for its payment waits no more: at the till, and with the provider. */
  private end(kept: Kept, now: string, by: Actor, why: string): void {
    if (kept.order.state !== 'awaiting-payment') return;
    this.go(kept, 'expired', now, by, why);
    this.provider.letGo(kept.order.number);
  }

  /**
   * What the provider tells, in any order and as often as it likes: each payment is counted once. Money always has a record; what can't
   * pay its order, because it is too late, too much or not the sum, is to be given back.
   */
  receive({ order: number, payment, amount, currency, state }: PaymentMessage, now: string): Result<Order> {
    const kept = this.orders.get(number);
    if (!kept) return fail('There is no such order.');
    if (currency !== kept.order.currency) return fail('This payment is in the money of another order.');
    if (state !== 'accepted') {
      this.go(kept, state === 'refused' ? 'refused' : 'expired', now, 'provider');
      return ok(kept.order);
    }
    if (!kept.payments.has(payment)) this.take(kept, amount, payment, now, 'provider');
    return ok(kept.order);
  }

  /** Money came in. It pays the order where it may still be paid, is the sum, and the goods are there. */
  private take(kept: Kept, amount: number, payment: string, now: string, by: Actor): void {
    const { order } = kept;
    const late = !holdsStock(order);
    const gone = late && order.lines.some((line) => (this.left.get(line.variant) ?? Infinity) < line.quantity);
    const why = isPaid(order)
      ? 'It was paid before.'
      : !orderMoves[order.state].includes('paid')
        ? 'The order was cancelled.'
        : amount !== order.total
          ? 'It is not the sum of the order.'
          : gone
            ? 'It came late, and the goods went to someone else.'
            : '';
    const state = why ? {} : { state: 'paid' as const };
    const said = why || (late ? 'It came late; the goods were still there.' : '');
    this.record({ type: 'money', at: now, number: order.number, amount, payment, ...state, by, why: said });
  }

  /** The seller's own changes: a bank payment has come, a parcel has left. */
  mark(number: string, state: 'paid' | 'sent', now: string, tracking = ''): Result<Order> {
    const kept = this.orders.get(number);
    if (!kept) return fail('There is no such order.');
    if (kept.order.state === state || (state === 'paid' && isPaid(kept.order))) return ok(kept.order);
    if (state === 'sent' && !this.go(kept, 'sent', now, 'seller', '', tracking))
      return fail(
        kept.order.state === 'awaiting-payment'
          ? 'This order is not paid yet: say first that its payment has come.'
          : 'This order was not paid, so nothing is to be sent.',
      );
    if (state === 'paid') {
      if (kept.order.state === 'cancelled') return fail('This order was cancelled. What was paid for it is to be given back.');
      this.take(kept, kept.order.total, '', now, 'seller');
      this.provider.letGo(number);
    }
    return ok(kept.order);
  }

  /** The seller lets an order go that has not been sent: the goods go back on the shelf, and what was paid is to be given back. */
  cancel(number: string, why: string, now: string): Result<Order> {
    const kept = this.orders.get(number);
    if (!kept) return fail('There is no such order.');
    if (kept.order.state === 'cancelled') return ok(kept.order);
    if (!this.go(kept, 'cancelled', now, 'seller', why))
      return fail(
        kept.order.state === 'sent' ? 'This order was sent, so it can’t be cancelled.' : 'This order came to nothing already.',
      );
    this.provider.letGo(number);
    return ok(kept.order);
  }

  /** Gives back all that is to be given back: to cards through the provider, the rest by the seller's own bank, which is noted here. */
  giveBack(number: string, now: string): Result<Order> {
    const kept = this.orders.get(number);
    if (!kept) return fail('There is no such order.');
    let due = this.books(kept).toGiveBack;
    if (due <= 0) return fail('Nothing of this order is to be given back.');
    for (const [payment, held] of [...kept.payments].reverse()) {
      const amount = Math.min(due, held);
      if (amount <= 0) continue;
      const back = this.provider.giveBack(payment, amount, `${number}-${kept.history.length}`);
      if (!back.ok) return back;
      this.record({ type: 'money', at: now, number, amount: -amount, payment, by: 'seller', why: '' });
      due -= amount;
    }
    if (due > 0) this.record({ type: 'money', at: now, number, amount: -due, payment: '', by: 'seller', why: '' });
    return ok(kept.order);
  }

  /** Refunds pieces, the delivery or a sum of an order that was paid. */
  refund(number: string, refund: Refund, now: string): Result<Order> {
    const kept = this.orders.get(number);
    if (!kept) return fail('There is no such order.');
    if (!isPaid(kept.order)) return fail('This order is not paid, so there is nothing to refund.');
    const amount = refundOf(kept.order, refund, kept.refunded);
    if (!amount.ok) return amount;
    this.record({ type: 'refund', at: now, number, ...refund, amount: amount.value });
    return ok(kept.order);
  }

  private books({ order, history, refunded }: Kept): Books {
    const received = sumOf(history.map(({ money }) => Math.max(0, money)));
    const givenBack = -sumOf(history.map(({ money }) => Math.min(0, money)));
    const owed = isPaid(order) ? order.total - refunded.amount : 0;
    return {
      history: [...history],
      received,
      refunded: refunded.amount,
      refundedPieces: Object.fromEntries(refunded.pieces),
      refundedDelivery: refunded.delivery,
      givenBack,
      toGiveBack: Math.max(0, received - givenBack - owed),
    };
  }

  /** An order for whoever holds its receipt. What waits is asked for once more: the provider's word may have been lost on the way. */
  find(number: string, receipt: string, now: string): Order | null {
    const kept = this.orders.get(number);
    if (kept?.receipt !== receipt) return null;
    this.ask(kept, now);
    this.expire(now);
    return kept.order;
  }

  /** All orders with their books, newest first. */
  all(now: string): BookedOrder[] {
    this.expire(now);
    return [...this.orders.values()].map((kept) => ({ ...kept.order, books: this.books(kept) })).reverse();
  }

  /** Asks the provider about everything that waits: what it told while nobody listened is heard now. */
  catchUp(now: string): void {
    for (const kept of [...this.open]) this.ask(kept, now);
  }

  private ask({ order }: Kept, now: string): void {
    if (order.state !== 'awaiting-payment' || order.payment !== 'card') return;
    for (const message of this.provider.ask(order.number)) this.receive(message, now);
  }

  /** How long an order may wait for its payment, milliseconds. */
  private patience({ order, days }: Kept): number {
    return order.payment === 'card' ? minutesToPay * minute : (days ?? Infinity) * day;
  }

  private expire(now: string): void {
    for (const kept of [...this.open]) {
      if (Date.parse(now) - Date.parse(kept.order.placed) <= this.patience(kept)) continue;
      // Nobody's goods go back on the shelf before the provider was asked.
      this.ask(kept, now);
      this.end(kept, now, 'host', 'It was not paid in time.');
    }
  }
}
