import { z } from 'zod';
import { fail, ok, type Result } from '@/core/result';
import { type Refund } from '@/core/till';
import { bookedOrderSchema, orderSchema, stepSchema } from '@/core/till/page';
import { type Owner } from '@/core/project';

const releaseSchema = z.object({ id: z.string(), at: z.string(), files: z.number(), bytes: z.number() });
/** The first release at an address comes with the code that gives its key anew. */
const publishedSchema = releaseSchema.extend({ code: z.string().optional() });
const logSchema = z.object({
  /** Where the shop is seen. */
  at: z.url(),
  current: z.string(),
  releases: z.array(releaseSchema),
});
const refusalSchema = z.object({ say: z.string() });

export type ReleaseLog = z.infer<typeof logSchema>;

/** Calls the host and reads its answer; a refusal and a broken line both become a sentence. */
function call<T>(schema: z.ZodType<T>, path: string, owner: Owner, init?: RequestInit): Promise<Result<T>>;
function call<T>(
  schema: z.ZodType<T>,
  path: string,
  owner: Owner,
  init: RequestInit,
  /** Whether an answer says that nothing has changed. */
  isSame: (answer: Response) => boolean,
): Promise<Result<T | null>>;
async function call<T>(
  schema: z.ZodType<T>,
  path: string,
  owner: Owner,
  init: RequestInit = {},
  isSame: (answer: Response) => boolean = () => false,
): Promise<Result<T | null>> {
  let answer: Response;
  try {
    answer = await fetch(`/standin/host/${owner.address}${path}`, {
      ...init,
      headers: { 'x-owner-key': owner.key, ...init.headers },
    });
  } catch {
    return fail('The host could not be reached. Look whether Arcatum is still running, then try again.');
  }
  if (isSame(answer)) return ok(null);
  const body: unknown = await answer.json().catch(() => null);
  const read = schema.safeParse(body);
  if (answer.ok && read.success) return ok(read.data);
  const refusal = refusalSchema.safeParse(body);
  return fail(refusal.success ? refusal.data.say : `The host gave no proper answer (${answer.status}). Try again.`);
}

export const publishArchive = (owner: Owner, archive: Uint8Array) =>
  call(publishedSchema, '', owner, { method: 'PUT', body: new Blob([new Uint8Array(archive)]) });
export const releasesOf = (owner: Owner) => call(logSchema, '', owner);
export const bringBack = (owner: Owner, release: string) =>
  call(releaseSchema, `?release=${encodeURIComponent(release)}`, owner, { method: 'POST' });
const ordersSchema = z.object({
  orders: z.array(bookedOrderSchema),
  /** Records of the host that can't be read: their line, from 1, and why. */
  damage: z.array(z.object({ line: z.number(), because: z.string() })),
});
export interface Orders extends z.infer<typeof ordersSchema> {
  /** The host's name for this state of them. */
  revision: string;
}

/** Orders that are asked for at once: as many as a page reads without a halt. */
const perAnswer = 500;

/** All orders, asked for in stretches; null where they are as they were at a revision. */
export async function ordersOf(owner: Owner, known: string): Promise<Result<Orders | null>> {
  let revision = '';
  let all = null as Orders | null;
  for (let from = 0; ; from += perAnswer) {
    let at = '';
    const init = known && from === 0 ? { headers: { 'if-none-match': known } } : {};
    const found = await call(ordersSchema, `/orders?from=${from}&count=${perAnswer}`, owner, init, (answer) => {
      at = answer.headers.get('etag') ?? '';
      return answer.status === 304;
    });
    if (!found.ok) return found;
    const { value } = found;
    if (!value) return ok(null);
    // Something came in between two stretches: it begins anew, as the places of all have moved.
    if (all && at !== revision) return ordersOf(owner, '');
    revision = at;
    all = { damage: value.damage, orders: [...(all?.orders ?? []), ...value.orders], revision };
    if (value.orders.length < perAnswer) return ok(all);
  }
}

/** What a seller does with an order. */
export type OrderStep =
  | { state: 'paid' }
  | { state: 'sent'; tracking: string; lines: { variant: string; quantity: number }[] }
  | { ready: true }
  | { agreed: { variant: string; when: string } }
  | { relink: string }
  | { repeat: { variant: string; state: 'running' | 'paused' | 'stopped' } }
  | { note: string }
  | { papers: true }
  | { state: 'cancelled'; why: string }
  | { giveBack: true }
  | { refund: Refund };

export const changeOrder = (owner: Owner, number: string, step: OrderStep) =>
  call(orderSchema, '/orders', owner, { method: 'PATCH', body: JSON.stringify({ number, ...step }) });
/** A new key to an address, and a new code, for the code that came with its first release. */
export const recoverKey = (address: string, code: string) =>
  call(
    z.object({ key: z.string(), code: z.string() }),
    '/recover',
    { address, key: '' },
    { method: 'POST', body: JSON.stringify({ code }) },
  );
const letterSchema = z.object({ to: z.string(), subject: z.string(), text: z.string(), html: z.string(), at: z.string() });
export type SentLetter = z.infer<typeof letterSchema>;

/** A letter as it went out. */
export const letterOf = (owner: Owner, order: string, id: string) =>
  call(letterSchema, `/papers?${new URLSearchParams({ order, letter: id }).toString()}`, owner);

/** How each figure of an order was worked out, by the rules of that moment. */
export const workingOf = (owner: Owner, order: string) =>
  call(z.object({ working: z.array(stepSchema) }), `/papers?${new URLSearchParams({ order, working: '' }).toString()}`, owner);

/** A paper of an order as a file: an invoice, or its packing slip. */
export async function paperFile(
  owner: Owner,
  order: string,
  wanted: { paper: string; form: 'pdf' | 'ubl' } | { slip: string },
): Promise<Result<{ bytes: Uint8Array; name: string; type: string }>> {
  try {
    const asked = new URLSearchParams({ order, ...wanted });
    const answer = await fetch(`/standin/host/${owner.address}/papers?${asked.toString()}`, {
      headers: { 'x-owner-key': owner.key },
    });
    if (!answer.ok) return fail(refusalSchema.safeParse(await answer.json()).data?.say ?? 'This paper can’t be had just now.');
    const name = /filename="([^"]*)"/.exec(answer.headers.get('content-disposition') ?? '')?.[1] ?? 'paper';
    const type = answer.headers.get('content-type') ?? '';
    return ok({ bytes: new Uint8Array(await answer.arrayBuffer()), name, type });
  } catch {
    return fail('The host could not be reached. Look whether Arcatum is still running, then try again.');
  }
}
export const takeOrderFile = (owner: Owner, text: string) => call(orderSchema, '/orders', owner, { method: 'POST', body: text });
