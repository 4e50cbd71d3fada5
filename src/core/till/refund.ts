import { z } from 'zod';
import { fail, ok, type Result } from '../result';
import { mulDiv, shareOut } from './money';
import { piecesSchema, type Order } from './order';
import type { GivenBack } from './paper';

/** What a seller gives back of an order: pieces of its lines, its delivery, and a sum beside, in minor units. */
export const refundSchema = z.object({
  lines: z.array(piecesSchema).max(200),
  delivery: z.boolean(),
  sum: z.number().int().nonnegative().max(Number.MAX_SAFE_INTEGER),
  /** Whether the pieces go back on the shelf. */
  restock: z.boolean(),
  why: z.string().trim().max(500),
});
export type Refund = z.infer<typeof refundSchema>;

/** What was refunded of an order so far. */
export interface Refunded {
  pieces: ReadonlyMap<string, number>;
  delivery: boolean;
  /** Of all, minor units. */
  amount: number;
}

/** What was paid for each line and the delivery. Orders of before it was kept have it shared out by what they cost. */
function paidFor({ lines, delivery, total }: Order): { lines: number[]; delivery: number } {
  if (lines.every(({ paid }) => paid !== undefined) && (delivery === null || delivery.paid !== undefined))
    return { lines: lines.map(({ paid = 0 }) => paid), delivery: delivery?.paid ?? 0 };
  const shares = shareOut(total, [...lines.map(({ sum, discount }) => sum - discount), delivery?.price ?? 0]);
  return { lines: shares.slice(0, -1), delivery: shares.at(-1) ?? 0 };
}

/**
 * What a refund comes to, or why it can't be. Of a line with n pieces the first k come to its k/n, rounded; so that its pieces one by one
 * come to the same as all at once, and everything together to what was paid.
 */
export function refundOf(order: Order, refund: Pick<Refund, 'lines' | 'delivery' | 'sum'>, before: Refunded): Result<number> {
  const parts = refundPartsOf(order, refund, before);
  return parts.ok ? ok(parts.value.reduce((all, { amount }) => all + amount, 0)) : parts;
}

/** The same, part by part. */
export function refundPartsOf(
  order: Order,
  refund: Pick<Refund, 'lines' | 'delivery' | 'sum'>,
  before: Refunded,
): Result<GivenBack[]> {
  const paid = paidFor(order);
  const parts: GivenBack[] = [];
  const asked = new Map<string, number>();
  for (const { variant, quantity } of refund.lines) asked.set(variant, (asked.get(variant) ?? 0) + quantity);
  for (const [variant, quantity] of asked) {
    const i = order.lines.findIndex((line) => line.variant === variant);
    const line = order.lines[i];
    const gone = before.pieces.get(variant) ?? 0;
    if (!line || gone + quantity > line.quantity) return fail('More pieces can’t be refunded than were bought.');
    const upTo = (pieces: number) => mulDiv(paid.lines[i] ?? 0, pieces, line.quantity);
    parts.push({ title: line.title, quantity, amount: upTo(gone + quantity) - upTo(gone), of: i });
  }
  if (refund.delivery) {
    if (before.delivery || !order.delivery) return fail('This delivery was refunded before, or there was none.');
    parts.push({ title: order.delivery.label, quantity: 1, amount: paid.delivery, of: 'delivery' });
  }
  if (refund.sum) parts.push({ title: '', quantity: 1, amount: refund.sum, of: 'sum' });
  const amount = parts.reduce((all, part) => all + part.amount, 0);
  if (amount === 0) return fail('Say what is to be refunded.');
  if (before.amount + amount > order.total) return fail('More can’t be refunded than was paid.');
  return ok(parts);
}
