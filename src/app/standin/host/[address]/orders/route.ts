import { randomUUID } from 'node:crypto';
import { z } from 'zod';
import { type Result } from '@/core/result';
import { type Order } from '@/core/till';
import { orderFileSchema, piecesSchema, refundSchema } from '@/core/till/page';
import { hostData, jsonOf, mayRead, most, tillOf, type HostTill } from '@/standins';
import { answering, closed, json, keyOf, refuse } from '../../../doors';

type Call = { params: Promise<{ address: string }> };

const stretchSchema = z.object({
  from: z.coerce.number().int().nonnegative().optional(),
  count: z.coerce.number().int().positive().optional(),
});

const now = () => new Date().toISOString();

/** The shop's orders with their books, newest first, all or (`?from=…&count=…`) a stretch, and the records that can't be read. For the owner alone. */
export const GET = answering<Call>(async (request, { params }) => {
  const { address } = await params;
  const shut = closed(request, address, mayRead(address, keyOf(request)));
  if (shut) return shut;
  const till = tillOf(address);
  // A long list is sent once, and again when something of it has changed (RFC 9110, section 13.1.2).
  const etag = `"${till.revision(now())}"`;
  if (request.headers.get('if-none-match') === etag) return new Response(null, { status: 304, headers: { etag } });
  const asked = stretchSchema.safeParse(Object.fromEntries(new URL(request.url).searchParams));
  if (!asked.success) return refuse(400, 'Say from which order on, and how many, in whole numbers.');
  const answer = json(200, { orders: till.all(now(), asked.data.from, asked.data.count), damage: till.damage });
  answer.headers.set('etag', etag);
  return answer;
});

const number = z.string().max(20);
const tracking = z.string().trim().max(200).default('');

/** What a seller does with an order. */
const changeSchema = z.union([
  z.object({ number, state: z.literal('paid') }),
  /** Pieces leave, or are handed over; all that is left where none are named. */
  z.object({ number, state: z.literal('sent'), lines: z.array(piecesSchema).max(200).default([]), tracking }),
  z.object({ number, state: z.literal('cancelled'), why: z.string().trim().max(500).default('') }),
  z.object({ number, ready: z.literal(true) }),
  z.object({ number, agreed: z.object({ variant: z.string().max(200), when: z.string().trim().min(1).max(200) }) }),
  z.object({ number, relink: z.string().max(80) }),
  z.object({ number, repeat: z.object({ variant: z.string().max(200), state: z.enum(['running', 'paused', 'stopped']) }) }),
  z.object({ number, note: z.string().trim().min(1).max(2000) }),
  z.object({ number, papers: z.literal(true) }),
  z.object({ number, giveBack: z.literal(true) }),
  z.object({ number, refund: refundSchema }),
]);

function step(till: HostTill, wanted: z.infer<typeof changeSchema>): Result<Order> {
  if ('giveBack' in wanted) return till.giveBack(wanted.number, now());
  if ('refund' in wanted) return till.refund(wanted.number, wanted.refund, now());
  if ('ready' in wanted) return till.ready(wanted.number, now());
  if ('agreed' in wanted) return till.agree(wanted.number, wanted.agreed.variant, wanted.agreed.when, now());
  if ('relink' in wanted) return till.relink(wanted.number, wanted.relink, now());
  if ('repeat' in wanted) return till.repeat(wanted.number, wanted.repeat.variant, wanted.repeat.state, 'seller', now());
  if ('note' in wanted) return till.note(wanted.number, wanted.note, now());
  if ('papers' in wanted) return till.issuePapers(wanted.number, now());
  if (wanted.state === 'cancelled') return till.cancel(wanted.number, wanted.why, now());
  return wanted.state === 'paid'
    ? till.pay(wanted.number, now())
    : till.send(wanted.number, wanted.lines, now(), wanted.tracking);
}

/** The seller's changes of an order: paid, sent, ready, agreed, cancelled, refunded, or what is owed given back. */
export const PATCH = answering<Call>(async (request, { params }) => {
  const { address } = await params;
  const shut = closed(request, address, mayRead(address, keyOf(request)));
  if (shut) return shut;
  const body = await jsonOf(request, most.note);
  if (!body.ok) return refuse(413, body.say);
  const read = changeSchema.safeParse(body.value);
  if (!read.success) return refuse(400, 'Say which order, and what becomes of it (docs/order-host.openapi.json).');
  const changed = step(tillOf(address), read.data);
  return changed.ok ? json(200, changed.value) : refuse(409, changed.say);
});

/** Takes in an order file that a shop without a host gave its buyer. */
export const POST = answering<Call>(async (request, { params }) => {
  const { address } = await params;
  const shut = closed(request, address, mayRead(address, keyOf(request)));
  if (shut) return shut;
  const body = await jsonOf(request, most.order);
  if (!body.ok) return refuse(413, body.say);
  const file = orderFileSchema.safeParse(body.value);
  if (!file.success) return refuse(400, 'This is not an order file of a shop made with Arcatum.');
  const data = hostData(address);
  if (!data) return refuse(404, 'Publish the shop first, so that its till knows the prices.');
  if (file.data.shop !== data.shop) return refuse(409, 'This order was made in another shop.');
  // A file may be older than the prices: it is worked out anew, and the seller sees the sum before sending anything.
  const placed = tillOf(address).place(data, { ...file.data.request, seen: undefined }, randomUUID(), now());
  return placed.ok ? json(200, placed.value.order) : refuse(409, placed.say);
});
