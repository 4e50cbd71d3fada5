import { randomUUID } from 'node:crypto';
import { orderRequestSchema } from '@/core/till/page';
import { askFor, hostData, isPage, serve, tillOf } from '@/standins';

/** What a published page may do: its own files and nothing from elsewhere. */
const policy =
  "default-src 'self'; img-src 'self' data:; style-src 'self'; script-src 'self'; connect-src 'self'; object-src 'none'; base-uri 'none'; frame-ancestors 'self'; form-action 'self' mailto:";

type Call = { params: Promise<{ address: string; path?: string[] }> };

const json = (status: number, value: unknown) => Response.json(value, { status, headers: { 'cache-control': 'no-store' } });

/** The address that the visitor used: behind a server that listens on all interfaces, the request's own may name another. */
const originOf = (request: Request) => {
  const url = new URL(request.url);
  return `${request.headers.get('x-forwarded-proto') ?? url.protocol.replace(':', '')}://${request.headers.get('host') ?? url.host}`;
};

export async function GET(request: Request, { params }: Call): Promise<Response> {
  const { address } = await params;
  const url = new URL(request.url);
  const path = decodeURIComponent(url.pathname.replace(`/s/${address}`, '')).replace(/^\//, '');
  if (url.pathname === `/s/${address}` || (!path.endsWith('/') && path !== '' && isPage(address, path))) {
    return new Response(null, { status: 308, headers: { location: `${url.pathname}/${url.search}` } });
  }
  const now = new Date().toISOString();
  if (path === 'api/stock')
    return json(200, tillOf(address).stock((url.searchParams.get('ids') ?? '').split(',').slice(0, 500), now));
  const order = /^api\/orders\/(\d+)$/.exec(path)?.[1];
  if (order) {
    const found = tillOf(address).find(order, url.searchParams.get('receipt') ?? '');
    return found ? json(200, found) : json(404, { say: 'There is no such order.' });
  }
  const file = serve(address, path);
  if (!file)
    return new Response('There is no shop at this address.', {
      status: 404,
      headers: { 'content-type': 'text/plain; charset=utf-8' },
    });
  const lasting = /^(pictures|fonts)\//.test(path);
  return new Response(new Uint8Array(file.body), {
    status: file.status,
    headers: {
      'content-type': file.type,
      'content-security-policy': policy,
      'x-content-type-options': 'nosniff',
      'referrer-policy': 'same-origin',
      'cache-control': lasting ? 'public, max-age=31536000, immutable' : 'no-cache',
    },
  });
}

export async function POST(request: Request, { params }: Call): Promise<Response> {
  const { address } = await params;
  const url = new URL(request.url);
  if (url.pathname !== `/s/${address}/api/orders`) return json(404, { say: 'Nothing is taken here.' });
  const data = hostData(address);
  if (!data) return json(404, { say: 'There is no shop at this address.' });
  const body = await request.json().catch(() => null);
  const wanted = orderRequestSchema.safeParse(body);
  if (!wanted.success)
    return json(400, {
      say: `The order is not complete: ${wanted.error.issues[0]?.path.join(' ') ?? 'unknown'}. Look at the form again.`,
    });
  const placed = tillOf(address).place(data, wanted.data, randomUUID(), new Date().toISOString());
  if (!placed.ok) return json(409, { say: placed.say });
  const { order, receipt } = placed.value;
  const back = `${originOf(request)}/s/${address}/thank-you/?order=${order.number}&receipt=${receipt}`;
  if (order.payment !== 'card' || order.total === 0 || order.state !== 'awaiting-payment') {
    if (order.total === 0) tillOf(address).settle(order.number, 'paid', new Date().toISOString());
    return json(201, { number: order.number, receipt, pay: null });
  }
  const intent = askFor({
    amount: order.total,
    currency: order.currency,
    digits: data.rules.digits,
    locale: data.rules.locale,
    shop: data.name,
    order: order.number,
    address,
    back,
  });
  return json(201, { number: order.number, receipt, pay: `/standin/pay/${intent.id}` });
}
