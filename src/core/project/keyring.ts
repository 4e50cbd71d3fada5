import { z } from 'zod';
import { fail, ok, type Result } from '../result';

/** An address that a project is published at, and the key that opens it. */
export const ownerSchema = z.object({ address: z.string().min(1).max(80), key: z.string().min(1).max(200) });
export type Owner = z.infer<typeof ownerSchema>;

const base64 = z.base64().max(100_000);

/** Keys under a passphrase, as they travel in a project file: PBKDF2 (RFC 8018) with HMAC-SHA-256, then AES-GCM (NIST SP 800-38D). */
export const sealedKeysSchema = z.object({
  /** Rounds of PBKDF2. More than a few seconds of work is not taken from a file. */
  rounds: z.number().int().min(100_000).max(5_000_000),
  salt: base64,
  /** 96 bits, made anew for each sealing. */
  start: base64,
  sealed: base64,
});
export type SealedKeys = z.infer<typeof sealedKeysSchema>;

/** As the OWASP Password Storage Cheat Sheet asks for PBKDF2 with HMAC-SHA-256 (2023; from memory). */
const usualRounds = 600_000;

/** The least that a passphrase is taken with. */
export const shortestPassphrase = 10;

const toBase64 = (bytes: Uint8Array) => btoa(String.fromCharCode(...bytes));
const fromBase64 = (text: string) => Uint8Array.from(atob(text), (sign) => sign.charCodeAt(0));

/** Key material of a passphrase, by PBKDF2 with HMAC-SHA-256. Spelt in one form (NFKC), so that it opens on every keyboard. */
export async function deriveBits(
  passphrase: string,
  salt: Uint8Array<ArrayBuffer>,
  rounds: number,
  bits: number,
): Promise<ArrayBuffer> {
  const words = await crypto.subtle.importKey('raw', new TextEncoder().encode(passphrase.normalize('NFKC')), 'PBKDF2', false, [
    'deriveBits',
  ]);
  return crypto.subtle.deriveBits({ name: 'PBKDF2', hash: 'SHA-256', salt, iterations: rounds }, words, bits);
}

const keyFrom = async (passphrase: string, salt: Uint8Array<ArrayBuffer>, rounds: number) =>
  crypto.subtle.importKey('raw', await deriveBits(passphrase, salt, rounds, 256), 'AES-GCM', false, ['encrypt', 'decrypt']);

/** @param rounds fewer only where nothing is at stake */
export async function sealKeys(owners: readonly Owner[], passphrase: string, rounds = usualRounds): Promise<SealedKeys> {
  const [salt, start] = [crypto.getRandomValues(new Uint8Array(16)), crypto.getRandomValues(new Uint8Array(12))];
  const key = await keyFrom(passphrase, salt, rounds);
  const text = new TextEncoder().encode(JSON.stringify(owners));
  const sealed = new Uint8Array(await crypto.subtle.encrypt({ name: 'AES-GCM', iv: start }, key, text));
  return { rounds, salt: toBase64(salt), start: toBase64(start), sealed: toBase64(sealed) };
}

export async function openKeys({ rounds, salt, start, sealed }: SealedKeys, passphrase: string): Promise<Result<Owner[]>> {
  try {
    const key = await keyFrom(passphrase, fromBase64(salt), rounds);
    const text = await crypto.subtle.decrypt({ name: 'AES-GCM', iv: fromBase64(start) }, key, fromBase64(sealed));
    return ok(z.array(ownerSchema).parse(JSON.parse(new TextDecoder().decode(text))));
  } catch {
    return fail('This passphrase does not open the keys. Look at how it is spelt.');
  }
}
