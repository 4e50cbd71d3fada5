import { randomUUID } from 'node:crypto';
import { orderRequestSchema } from '@/core/till/page';
import { addresses, askFor, hostData, isPage, jsonOf, most, Rate, serve, tillOf } from '@/standins';
import { answering, json, refuse } from '../../../standin/doors';

/** Published shops. Each is seen at an origin of its own alone: `proxy.ts` sends what was asked there to here. */

/** What a published page may do: its own files and nothing from elsewhere. */
const policy =
  "default-src 'self'; img-src 'self' data:; style-src 'self'; script-src 'self'; connect-src 'self'; object-src 'none'; base-uri 'none'; frame-ancestors 'none'; form-action 'self' mailto:";

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
  const file = serve(address, path);
  if (!file) return nobody();
  const lasting = /^(pictures|fonts)\//.test(path);
  return new Response(new Uint8Array(file.body), {
    status: file.status,
    headers: {
      ...guards,
      'content-type': file.type,
      'cache-control': lasting ? 'public, max-age=31536000, immutable' : 'no-cache',
    },
  });
});

// One count in the whole process, also when the server's bundles load this file more than once.
const shared = globalThis as typeof globalThis & { arcatumOrders?: Rate };
/** Orders by shop: ten a second for a minute, which is more than a small shop ever sees. */
const orders = (shared.arcatumOrders ??= new Rate(600, 60_000));

export const POST = answering<Call>(async (request, { params }) => {
  const { address } = await params;
  if (pathIn(request, address) !== 'api/orders') return refuse(404, 'Nothing is taken here.');
  const data = hostData(address);
  if (!data) return refuse(404, 'There is no shop at this address.');
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
  if (order.payment !== 'card' || order.state !== 'awaiting-payment')
    return json(201, { number: order.number, receipt, pay: null });
  const intent = askFor({
    amount: order.total,
    currency: order.currency,
    digits: data.rules.digits,
    locale: data.rules.locale,
    shop: data.name,
    order: order.number,
    address,
    back: `${addresses().shop(address)}thank-you/?order=${order.number}&receipt=${receipt}`,
  });
  return json(201, { number: order.number, receipt, pay: addresses().payment(intent.id) });
});
