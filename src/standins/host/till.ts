import { createHash } from 'node:crypto';
import { z } from 'zod';
import { fail, ok, type Result } from '@/core/result';
import { type HostData } from '@/core/site';
import { makeOrder, orderSchema, type Order, type OrderRequest, type PriceList } from '@/core/till';
import { Journal, type Damage } from '../journal';

const stockSchema = z.record(z.string(), z.number().nullable());

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
    order: orderSchema,
  }),
  z.object({ type: z.literal('state'), at: z.string(), number: z.string(), state: orderSchema.shape.state }),
]);

type HostEvent = z.infer<typeof eventSchema>;

export interface Placed {
  order: Order;
  /** What the buyer's browser shows to see the order again. */
  receipt: string;
}

/** How long an order waits for its card payment before the goods go back on the shelf. */
export const minutesToPay = 30;

/** What an attempt asks for: one key stands for one of these. */
const contentOf = ({ lines, country, rate, code, payment, buyer }: OrderRequest): string =>
  createHash('sha256')
    .update(
      JSON.stringify([
        lines.map(({ variant, quantity }) => [variant, quantity]),
        country,
        rate,
        code,
        payment,
        Object.entries(buyer).sort(),
      ]),
    )
    .digest('hex');

const holdsStock = (order: Order) => order.state !== 'refused' && order.state !== 'expired';

/**
 * The orders and the stock of one shop: a fold over its journal. All changes go through here, one after another,
 * so that the last piece is never sold twice.
 */
export class HostTill {
  private readonly journal: Journal<HostEvent>;
  private readonly orders = new Map<string, Placed & { key: string; content: string | undefined }>();
  /** Records that can't be used. Orders may be missing for each of them. */
  readonly damage: readonly Damage[];
  private counted = new Map<string, number | null>();
  private left = new Map<string, number | null>();

  constructor(path: string) {
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
      this.orders.set(event.order.number, {
        order: event.order,
        key: event.key,
        content: event.content,
        receipt: event.receipt,
      });
      if (holdsStock(event.order)) this.move(event.order, -1);
      return;
    }
    const placed = this.orders.get(event.number);
    if (!placed) return;
    const before = holdsStock(placed.order);
    placed.order = { ...placed.order, state: event.state };
    if (before && !holdsStock(placed.order)) this.move(placed.order, 1);
    if (!before && holdsStock(placed.order)) this.move(placed.order, -1);
  }

  private waiting(variant: string): number {
    return [...this.orders.values()]
      .filter(({ order }) => order.state === 'awaiting-payment')
      .flatMap(({ order }) => order.lines)
      .reduce((sum, line) => sum + (line.variant === variant ? line.quantity : 0), 0);
  }

  private move(order: Order, sign: 1 | -1): void {
    for (const { variant, quantity } of order.lines) {
      const left = this.left.get(variant);
      if (typeof left === 'number') this.left.set(variant, left + sign * quantity);
    }
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
    const before = [...this.orders.values()].filter((placed) => placed.key === request.key && holdsStock(placed.order));
    const same = before.find((placed) => (placed.content ?? content) === content);
    if (same) return ok(same);
    for (const { order } of before)
      if (order.state === 'awaiting-payment') this.record({ type: 'state', at: now, number: order.number, state: 'expired' });
    const list: PriceList = new Map(
      data.prices.map((entry) => [entry.id, { ...entry, stock: this.left.get(entry.id) ?? entry.stock }]),
    );
    // Each record that can't be read may have been an order: its number is given to nobody else.
    const number = String(1001 + this.orders.size + this.damage.length);
    const made = makeOrder(data.rules, list, request, number, now);
    if (!made.ok) return made;
    this.record({ type: 'order', at: now, key: request.key, content, receipt, order: made.value.order });
    return ok({ order: made.value.order, receipt });
  }

  /** What the payment provider tells. Told twice, it is done once. A payment that comes after its time is kept only while the goods are there. */
  settle(number: string, state: 'paid' | 'refused', now: string): Result<Order> {
    const placed = this.orders.get(number);
    if (!placed) return fail('There is no such order.');
    const late = placed.order.state === 'expired' && state === 'paid';
    if (late && placed.order.lines.some((line) => (this.left.get(line.variant) ?? Infinity) < line.quantity))
      return fail('The goods went to someone else in the meantime; the payment has to be given back.');
    if (placed.order.state === 'awaiting-payment' || late) this.record({ type: 'state', at: now, number, state });
    return ok(this.orders.get(number)?.order ?? placed.order);
  }

  /** The seller's own changes: a bank payment has come, a parcel has left. */
  mark(number: string, state: 'paid' | 'sent', now: string): Result<Order> {
    const placed = this.orders.get(number);
    if (!placed) return fail('There is no such order.');
    if (!holdsStock(placed.order)) return fail('This order was not paid, so nothing is to be sent.');
    if (placed.order.state !== state) this.record({ type: 'state', at: now, number, state });
    return ok(this.orders.get(number)?.order ?? placed.order);
  }

  find(number: string, receipt: string): Order | null {
    const placed = this.orders.get(number);
    return placed && placed.receipt === receipt ? placed.order : null;
  }

  all(now: string): Order[] {
    this.expire(now);
    return [...this.orders.values()].map(({ order }) => order).reverse();
  }

  private expire(now: string): void {
    for (const { order } of this.orders.values()) {
      const age = Date.parse(now) - Date.parse(order.placed);
      if (order.state === 'awaiting-payment' && order.payment === 'card' && age > minutesToPay * 60_000)
        this.record({ type: 'state', at: now, number: order.number, state: 'expired' });
    }
  }
}
