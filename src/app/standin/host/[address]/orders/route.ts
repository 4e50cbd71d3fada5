import { randomUUID } from 'node:crypto';
import { z } from 'zod';
import { orderFileSchema } from '@/core/till/page';
import { hostData, mayRead, tillOf } from '@/standins';

type Call = { params: Promise<{ address: string }> };

const refuse = (status: number, say: string) => Response.json({ say }, { status });
const keyOf = (request: Request) => request.headers.get('x-owner-key') ?? '';

/** The shop's orders, newest first, and the records that can't be read. For the owner alone. */
export async function GET(request: Request, { params }: Call): Promise<Response> {
  const { address } = await params;
  if (!mayRead(address, keyOf(request))) return refuse(403, 'This key does not open this address.');
  const till = tillOf(address);
  return Response.json({ orders: till.all(new Date().toISOString()), damage: till.damage });
}

const markSchema = z.object({ number: z.string(), state: z.enum(['paid', 'sent']) });

/** Marks an order as paid or sent. */
export async function PATCH(request: Request, { params }: Call): Promise<Response> {
  const { address } = await params;
  if (!mayRead(address, keyOf(request))) return refuse(403, 'This key does not open this address.');
  const wanted = markSchema.safeParse(await request.json().catch(() => null));
  if (!wanted.success) return refuse(400, 'Say which order, and whether it is paid or sent.');
  const marked = tillOf(address).mark(wanted.data.number, wanted.data.state, new Date().toISOString());
  return marked.ok ? Response.json(marked.value) : refuse(409, marked.say);
}

/** Takes in an order file that a shop without a host gave its buyer. */
export async function POST(request: Request, { params }: Call): Promise<Response> {
  const { address } = await params;
  if (!mayRead(address, keyOf(request))) return refuse(403, 'This key does not open this address.');
  const file = orderFileSchema.safeParse(await request.json().catch(() => null));
  if (!file.success) return refuse(400, 'This is not an order file of a shop made with Arcatum.');
  const data = hostData(address);
  if (!data) return refuse(404, 'Publish the shop first, so that its till knows the prices.');
  if (file.data.shop !== data.shop) return refuse(409, 'This order was made in another shop.');
  // A file may be older than the prices: it is worked out anew, and the seller sees the sum before sending anything.
  const placed = tillOf(address).place(data, { ...file.data.request, seen: undefined }, randomUUID(), new Date().toISOString());
  return placed.ok ? Response.json(placed.value.order) : refuse(409, placed.say);
}
