import { createHmac, randomBytes, timingSafeEqual } from 'node:crypto';
import { existsSync, mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { z } from 'zod';
import { fail, ok, type Result } from '@/core/result';
import { dataFolder } from '../folder';

/** What the provider tells a shop of a payment. */
export const messageSchema = z.object({
  /** Of the message: told again, it has the same. */
  id: z.string().min(1).max(80),
  /** Of the payment. */
  payment: z.string().min(1).max(80),
  order: z.string().min(1).max(80),
  address: z.string().min(1).max(80),
  /** Minor units. */
  amount: z.number().int().nonnegative(),
  currency: z.string().length(3),
  /** "ended": it took too long, and is not made any more. */
  state: z.enum(['accepted', 'refused', 'ended']),
});
export type PaymentMessage = z.infer<typeof messageSchema>;

/** A message on its way: its text as it was signed, when (milliseconds since 1970), and the signature, hexadecimal. */
export interface SignedMessage {
  text: string;
  at: string;
  signature: string;
}

/** Older than this, or as far ahead, a message isn't heard: a copy of it may come from anybody. */
export const minutesHeard = 5;

/** HMAC with SHA-256 (RFC 2104), hexadecimal. */
export const hmac = (key: Uint8Array, text: Uint8Array | string): string => createHmac('sha256', key).update(text).digest('hex');

/** The secret between provider and host: made once, and readable for the one who runs both alone. */
function secret(): Uint8Array {
  const path = join(dataFolder(), 'payment', 'secret');
  if (!existsSync(path)) {
    mkdirSync(dirname(path), { recursive: true });
    writeFileSync(path, randomBytes(32).toString('hex'), { mode: 0o600, flag: 'wx' });
  }
  return Buffer.from(readFileSync(path, 'utf8'), 'hex');
}

const signed = (text: string, at: string) => hmac(secret(), `${at}.${text}`);

export function sign(message: PaymentMessage, now: string): SignedMessage {
  const text = JSON.stringify(message);
  const at = String(Date.parse(now));
  return { text, at, signature: signed(text, at) };
}

/** Opens a message of the provider, if it is one. */
export function open({ text, at, signature }: SignedMessage, now: string): Result<PaymentMessage> {
  const [given, right] = [Buffer.from(signature, 'hex'), Buffer.from(signed(text, at), 'hex')];
  if (given.length !== right.length || !timingSafeEqual(given, right)) return fail('The provider did not sign this message.');
  if (!(Math.abs(Date.parse(now) - Number(at)) <= minutesHeard * 60_000)) return fail('This message is too old.');
  try {
    const read = messageSchema.safeParse(JSON.parse(text));
    return read.success ? ok(read.data) : fail('This message is of another form than is known here.');
  } catch {
    return fail('This message can’t be read.');
  }
}
