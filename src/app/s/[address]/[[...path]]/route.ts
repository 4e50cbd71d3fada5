import { randomUUID } from 'node:crypto';
import { z } from 'zod';
import { phrasesOf } from '@/core/phrases';
import { type HostData, type Order } from '@/core/till';
import { minorDigits, orderRequestSchema } from '@/core/till/page';
import { giftCardPdf, invoicePdf } from '@/papers';
import { addresses, askFor, fetchFile, hostData, isPage, jsonOf, most, movedTo, partOf, Rate, serve, tillOf } from '@/standins';
import { answering, json, refuse } from '../../../standin/doors';
import { faces, fileAnswer } from '../../../standin/papers';

/** Published shops. Each is seen at an origin of its own alone: `proxy.ts` sends what was asked there to here. */

/** What a published page may do: its own files and nothing from elsewhere. */
const policyWith = (frames: readonly string[]) =>
  `default-src 'self'; img-src 'self' data:; style-src 'self'; script-src 'self'; connect-src 'self'; object-src 'none'; base-uri 'none'; frame-ancestors 'none'; form-action 'self' mailto:; frame-src 'self'${frames.map((origin) => ` ${origin}`).join('')}`;
const policy = policyWith([]);

const guards = {
  'content-security-policy': policy,
  'x-content-type-options': 'nosniff',
  'referrer-policy': 'same-origin',
  'cross-origin-opener-policy': 'same-origin',
  'cross-origin-resource-policy': 'same-origin',
};

type Call = { params: Promise<{ address: string; path?: string[] }> };

const nobody = () =>
  new Response('There is no shop at this address.', {
    status: 404,
    headers: { ...guards, 'content-type': 'text/plain; charset=utf-8' },
  });

/** The path within the shop, or null where it is no text. */
function pathIn(request: Request, address: string): string | null {
  try {
    return decodeURIComponent(new URL(request.url).pathname.replace(`/s/${address}`, '')).replace(/^\//, '');
  } catch {
    return null;
  }
}

export const GET = answering<Call>(async (request, { params }) => {
  const { address } = await params;
  const url = new URL(request.url);
  const path = pathIn(request, address);
  if (path === null) return refuse(400, 'This address can’t be read.');
  if (!path.endsWith('/') && path !== '' && isPage(address, path))
    return new Response(null, {
      status: 308,
      headers: { location: `${addresses().shop(address)}${encodeURI(path)}/${url.search}` },
    });
  const now = new Date().toISOString();
  if (path === 'api/stock')
    return json(200, tillOf(address).stock((url.searchParams.get('ids') ?? '').split(',').slice(0, 500), now));
  const order = /^api\/orders\/(\d{1,12})$/.exec(path)?.[1];
  if (order) {
    const found = tillOf(address).find(order, url.searchParams.get('receipt') ?? '', now);
    return found ? json(200, found) : refuse(404, 'There is no such order.');
  }
  const [, of, what, name] = /^api\/orders\/(\d{1,12})\/(papers|cards)\/(.{1,60})$/.exec(path) ?? [];
  if (of && name) return paperOf(address, of, what === 'cards', name, url.searchParams.get('receipt') ?? '');
  const [, token] = /^api\/files\/([\w-]{1,80})$/.exec(path) ?? [];
  if (token) {
    const fetched = fetchFile(address, token, now);
    return fetched.ok
      ? fileAnswer(fetched.value.bytes, fetched.value.name, 'application/octet-stream')
      : new Response(fetched.say, { status: 410, headers: { ...guards, 'content-type': 'text/plain; charset=utf-8' } });
  }
  const file = serve(address, path);
  if (!file) return nobody();
  const moved = file.status === 404 ? movedTo(address, path) : null;
  // It may move again: browsers ask each time.
  if (moved !== null)
    return new Response(null, {
      status: 308,
      headers: { location: `${addresses().shop(address)}${encodeURI(moved)}${url.search}`, 'cache-control': 'no-cache' },
    });
  const lasting = /^(pictures|fonts|files)\//.test(path);
  const headers = {
    ...guards,
    // Frames of others, where the shop shows any: each loads once a visitor asks for it.
    'content-security-policy': policyWith(hostData(address)?.frames ?? []),
    'content-type': file.type,
    'cache-control': lasting ? 'public, max-age=31536000, immutable' : 'no-cache',
  };
  // A video is fetched in parts by browsers that play it.
  if (!path.startsWith('files/') || file.status !== 200)
    return new Response(new Uint8Array(file.body), { status: file.status, headers });
  const part = partOf(request.headers.get('range'), file.body.length);
  if (part === 'none')
    return new Response(null, { status: 416, headers: { ...headers, 'content-range': `bytes */${file.body.length}` } });
  const { from, to } = part ?? { from: 0, to: file.body.length - 1 };
  return new Response(new Uint8Array(file.body.subarray(from, to + 1)), {
    status: part ? 206 : 200,
    headers: {
      ...headers,
      'accept-ranges': 'bytes',
      ...(part ? { 'content-range': `bytes ${from}-${to}/${file.body.length}` } : {}),
    },
  });
});

/** An invoice or a gift card of an order, as PDF, for whoever holds the order's receipt. */
async function paperOf(address: string, number: string, isCard: boolean, name: string, receipt: string): Promise<Response> {
  const [till, data] = [tillOf(address), hostData(address)];
  if (!data || !till.holdsReceipt(number, receipt)) return refuse(404, 'There is no such order.');
  const card = isCard ? till.cardIn(number, name) : null;
  const paper = isCard ? null : till.paperOf(number, name);
  if (card)
    return fileAnswer(await giftCardPdf(card, data, addresses().shop(address), faces()), 'gift-card.pdf', 'application/pdf');
  if (!paper) return refuse(404, 'There is no such paper.');
  return fileAnswer(await invoicePdf(paper, faces()), `${paper.number.replace(/[^\w.-]+/g, '-')}.pdf`, 'application/pdf');
}

// One count in the whole process, also when the server's bundles load this file more than once.
const shared = globalThis as typeof globalThis & { arcatumOrders?: Rate; arcatumCards?: Rate };
/** Orders by shop: ten a second for a minute, which is more than a small shop ever sees. */
const orders = (shared.arcatumOrders ??= new Rate(600, 60_000));
/** Gift cards that are asked about, by shop: sixty a minute, so that nobody guesses a code of eighty bits. */
const asked = (shared.arcatumCards ??= new Rate(60, 60_000));

/** What is on a gift card, or a refusal. */
async function onCard(request: Request, address: string, data: HostData): Promise<Response> {
  if (!asked.take(address, Date.now()))
    return refuse(429, 'Too many gift cards are asked about just now. Try again in a minute.');
  const body = await jsonOf(request, most.note);
  if (!body.ok) return refuse(413, body.say);
  const read = z.object({ code: z.string().max(80) }).safeParse(body.value);
  const left = read.success ? tillOf(address).onCard(read.data.code, data.rules.currency) : 0;
  return left ? json(200, { left }) : refuse(404, phrasesOf(data.rules).refused.giftCard);
}

export const POST = answering<Call>(async (request, { params }) => {
  const { address } = await params;
  const path = pathIn(request, address);
  const [, number, what] = /^api\/orders\/(\d{1,12})\/(repeats|pay)$/.exec(path ?? '') ?? [];
  if (path !== 'api/orders' && path !== 'api/gift-card' && !number) return refuse(404, 'Nothing is taken here.');
  const data = hostData(address);
  if (!data) return refuse(404, 'There is no shop at this address.');
  if (path === 'api/gift-card') return onCard(request, address, data);
  if (number) return what === 'pay' ? payAgain(request, address, number, data) : turnTo(request, address, number);
  if (!orders.take(address, Date.now())) return refuse(429, 'Too many orders come in just now. Try again in a minute.');
  const body = await jsonOf(request, most.order);
  if (!body.ok) return refuse(413, body.say);
  const wanted = orderRequestSchema.safeParse(body.value);
  if (!wanted.success)
    return refuse(
      400,
      `The order is not complete: ${wanted.error.issues[0]?.path.join(' ') || 'all of it'}. Look at the form again.`,
    );
  const placed = tillOf(address).place(data, wanted.data, randomUUID(), new Date().toISOString());
  if (!placed.ok) return refuse(409, placed.say);
  const { order, receipt } = placed.value;
  const isByCard = order.payment === 'card' && order.state === 'awaiting-payment';
  return json(201, { number: order.number, receipt, pay: isByCard ? paymentPage(address, order, receipt, data) : null });
});

/** Where an order is paid by card. */
function paymentPage(address: string, order: Order, receipt: string, data: HostData): string {
  const intent = askFor({
    amount: order.total - order.giftCard,
    currency: order.currency,
    digits: minorDigits(order.currency),
    locale: data.rules.locale,
    shop: data.name,
    order: order.number,
    address,
    back: `${addresses().shop(address)}thank-you/?order=${order.number}&receipt=${receipt}`,
  });
  return addresses().payment(intent.id);
}

const now = () => new Date().toISOString();
const noOrder = () => refuse(404, 'There is no such order.');

/** Where a turn is paid whose payment did not go through. */
async function payAgain(request: Request, address: string, number: string, data: HostData): Promise<Response> {
  const body = await jsonOf(request, most.note);
  if (!body.ok) return refuse(413, body.say);
  const read = z.object({ receipt: z.string().max(80) }).safeParse(body.value);
  const order = read.success ? tillOf(address).payable(number, read.data.receipt, now()) : null;
  return read.success && order ? json(200, { pay: paymentPage(address, order, read.data.receipt, data) }) : noOrder();
}

const turnSchema = z.object({
  receipt: z.string().max(80),
  variant: z.string().max(200),
  state: z.enum(['running', 'paused', 'stopped']),
  /** The sum that the buyer agrees to anew, minor units. */
  seen: z.number().int().nonnegative().optional(),
});

/** What comes again rests, goes on or stops: for whoever holds the order's receipt. */
async function turnTo(request: Request, address: string, number: string): Promise<Response> {
  const body = await jsonOf(request, most.note);
  if (!body.ok) return refuse(413, body.say);
  const read = turnSchema.safeParse(body.value);
  const till = tillOf(address);
  if (!read.success || !till.holdsReceipt(number, read.data.receipt)) return noOrder();
  const { variant, state, seen, receipt } = read.data;
  const turned = till.repeat(number, variant, state, 'buyer', now(), seen);
  return turned.ok ? json(200, till.find(number, receipt, now())) : refuse(409, turned.say);
}
