import { confirm, findIntent, payPage, payWith, tillOf, type Intent } from '@/standins';

type Call = { params: Promise<{ id: string }> };

const page = (html: string, status = 200) =>
  new Response(html, { status, headers: { 'content-type': 'text/html; charset=utf-8', 'cache-control': 'no-store' } });
const unknown = () => page('<!doctype html><title>Unknown payment</title><p>This payment is not known.</p>', 404);

/** Tells the shop's host how it went, twice, as providers do, and sends the buyer back. */
function finish(intent: Intent): Response {
  const state = intent.state === 'accepted' ? 'paid' : 'refused';
  for (let told = 0; told < 2; told++) tillOf(intent.address).settle(intent.order, state, new Date().toISOString());
  return new Response(null, { status: 303, headers: { location: intent.back } });
}

export async function GET(_request: Request, { params }: Call): Promise<Response> {
  const intent = findIntent((await params).id);
  if (!intent) return unknown();
  return intent.state === 'accepted' || intent.state === 'refused' ? finish(intent) : page(payPage(intent));
}

export async function POST(request: Request, { params }: Call): Promise<Response> {
  const { id } = await params;
  const intent = findIntent(id);
  if (!intent) return unknown();
  const form = await request.formData();
  const answer = form.get('answer');
  const next = answer === null ? payWith(id, String(form.get('card') ?? '')) : confirm(id, answer === 'yes');
  if (!next.ok) return page(payPage(intent, next.say), 422);
  return next.value.state === 'confirm' ? page(payPage(next.value)) : finish(next.value);
}
