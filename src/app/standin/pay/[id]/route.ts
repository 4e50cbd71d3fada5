import {
  addresses,
  bytesOf,
  confirm,
  findIntent,
  hear,
  messageOf,
  messagesOn,
  most,
  payPage,
  payWith,
  sign,
  type Intent,
  type PaymentMessage,
} from '@/standins';
import { answering } from '../../doors';

type Call = { params: Promise<{ id: string }> };

/** What the provider's page may do: show itself and send its form, which leads back to the shop. */
const policyFor = (back: string) =>
  `default-src 'none'; style-src 'unsafe-inline'; form-action 'self' ${back}; base-uri 'none'; frame-ancestors 'none'`;

const answer = (html: string, back: string, status: number) =>
  new Response(html, {
    status,
    headers: {
      'content-type': 'text/html; charset=utf-8',
      'cache-control': 'no-store',
      'content-security-policy': policyFor(back),
      'x-content-type-options': 'nosniff',
      'referrer-policy': 'no-referrer',
    },
  });
const unknown = () => answer('<!doctype html><title>Unknown payment</title><p>This payment is not known.</p>', '', 404);
const page = (intent: Intent, say = '', status = 200) => answer(payPage(intent, say), new URL(intent.back).origin, status);

function tell(intent: Intent, messages: readonly (PaymentMessage | null)[]): void {
  const now = new Date().toISOString();
  for (const message of messages) if (message) hear(intent.address, sign(message, now), now);
}

/** The bank's late answer, and after it once more what was told before: messages don't arrive in order. */
function tellLater(intent: Intent): void {
  const { address, order, later } = intent;
  if (later === null) return;
  const wait = Math.max(0, Date.parse(later) - Date.now()) + 10;
  setTimeout(() => tell(intent, [...messagesOn(address, order, new Date().toISOString()), messageOf(intent)]), wait).unref();
}

/** Tells the shop's host how it went, twice, as providers do, and sends the buyer back. A host that is away asks later. */
function finish(intent: Intent): Response {
  const message = messageOf(intent);
  if (intent.told) tell(intent, [message, message]);
  return new Response(null, { status: 303, headers: { location: intent.back } });
}

const isOver = (intent: Intent) => intent.state !== 'open' && intent.state !== 'confirm';

export const GET = answering<Call>(async (_request, { params }) => {
  const intent = findIntent((await params).id);
  if (!intent) return unknown();
  return isOver(intent) ? finish(intent) : page(intent);
});

export const POST = answering<Call>(async (request, { params }) => {
  const { id } = await params;
  const intent = findIntent(id);
  if (!intent) return unknown();
  const body = await bytesOf(request, most.note);
  if (!body.ok) return page(intent, body.say, 413);
  const form = new URLSearchParams(new TextDecoder().decode(body.value));
  const said = form.get('answer');
  const next = said === null ? payWith(id, form.get('card') ?? '', new Date().toISOString()) : confirm(id, said === 'yes');
  if (!next.ok) return page(intent, next.say, 422);
  // A page that was paid is left by an address of its own, so that going back and forth pays nothing twice.
  if (!isOver(next.value)) return page(next.value);
  tellLater(next.value);
  return new Response(null, { status: 303, headers: { location: addresses().payment(id) } });
});
