import { randomUUID } from 'node:crypto';
import { z } from 'zod';
import { orderFileSchema, refundSchema } from '@/core/till/page';
import { hostData, jsonOf, mayRead, most, tillOf } from '@/standins';
import { answering, closed, json, keyOf, refuse } from '../../../doors';

type Call = { params: Promise<{ address: string }> };

const now = () => new Date().toISOString();

/** The shop's orders with their books, newest first, and the records that can't be read. For the owner alone. */
export const GET = answering<Call>(async (request, { params }) => {
  const { address } = await params;
  const shut = closed(request, address, mayRead(address, keyOf(request)));
  if (shut) return shut;
  const till = tillOf(address);
  return json(200, { orders: till.all(now()), damage: till.damage });
});

const changeSchema = z.union([
  z.object({
    number: z.string().max(20),
    state: z.enum(['paid', 'sent']),
    tracking: z.string().trim().max(200).default(''),
  }),
  z.object({ number: z.string().max(20), state: z.literal('cancelled'), why: z.string().trim().max(500).default('') }),
  z.object({ number: z.string().max(20), giveBack: z.literal(true) }),
  z.object({ number: z.string().max(20), refund: refundSchema }),
]);

/** The seller's changes of an order: paid, sent, cancelled, refunded in part, or what is owed given back. */
export const PATCH = answering<Call>(async (request, { params }) => {
  const { address } = await params;
  const shut = closed(request, address, mayRead(address, keyOf(request)));
  if (shut) return shut;
  const body = await jsonOf(request, most.note);
  if (!body.ok) return refuse(413, body.say);
  const read = changeSchema.safeParse(body.value);
  if (!read.success)
    return refuse(
      400,
      'Say which order, and whether it is paid, sent or cancelled, what of it is refunded, or that its money is given back.',
    );
  const [till, wanted] = [tillOf(address), read.data];
  const changed =
    'giveBack' in wanted
      ? till.giveBack(wanted.number, now())
      : 'refund' in wanted
        ? till.refund(wanted.number, wanted.refund, now())
        : wanted.state === 'cancelled'
          ? till.cancel(wanted.number, wanted.why, now())
          : till.mark(wanted.number, wanted.state, now(), wanted.tracking);
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
