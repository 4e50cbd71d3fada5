import { addresses, Rate } from '@/standins';

/** How the stand-ins' routes answer: in JSON, never kept by a browser, a refusal with its sentence. */
export const json = (status: number, value: unknown): Response =>
  Response.json(value, { status, headers: { 'cache-control': 'no-store', 'x-content-type-options': 'nosniff' } });
export const refuse = (status: number, say: string): Response => json(status, { say });

type Handler<C> = (request: Request, call: C) => Promise<Response>;

/** What goes wrong in the machine itself (a full disk) is said, and nothing that was not kept is acknowledged. */
export const answering =
  <C>(handler: Handler<C>): Handler<C> =>
  async (request, call) => {
    try {
      return await handler(request, call);
    } catch (error) {
      console.error(error);
      return refuse(503, 'The host could not keep this just now, so nothing of it was done. Try again in a moment.');
    }
  };

export const keyOf = (request: Request): string => request.headers.get('x-owner-key') ?? '';

// One count in the whole process, also when the server's bundles load this file more than once.
const shared = globalThis as typeof globalThis & { arcatumGuesses?: Rate };
/** Wrong keys and codes by address: twenty a minute. */
const guesses = (shared.arcatumGuesses ??= new Rate(20, 60_000));

/** Why nobody comes in just now, or null: it is not the studio's own name that was asked, or too many wrong keys were tried. */
export function waits(request: Request, address: string): Response | null {
  if (addresses().whose(request.headers.get('host'))?.kind !== 'studio')
    return refuse(421, 'There is nothing here at this name.');
  if (guesses.has(address, Date.now())) return null;
  return refuse(429, 'Too many wrong keys were tried at this address. Wait a minute.');
}

/** Says that a key or a code is wrong, and counts it. */
export function wrong(address: string, say: string, status = 403): Response {
  guesses.take(address, Date.now());
  return refuse(status, say);
}

/** Why a request does not come in, or null where its key opens the address. */
export const closed = (request: Request, address: string, opens: boolean, status?: number): Response | null =>
  waits(request, address) ?? (opens ? null : wrong(address, 'This key does not open this address.', status));
