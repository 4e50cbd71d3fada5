import { z } from 'zod';
import { fail, ok, type Result } from './result';

/** What each kind of lead names, part by part. An address outside is its own word. */
const inside = {
  /** A page of the shop. */
  page: ['page'],
  /** A section of one. */
  section: ['page', 'section'],
  /** The cart, with one of this put in: a variant by its id. */
  cart: ['variant'],
  /** The cart, with this code for a discount typed in. */
  code: ['code'],
  /** A file that the seller gives away: the hash of its bytes. */
  file: ['file'],
} as const;
type Inside = keyof typeof inside;

/** Where a button or a link leads: into the shop, or to an address that browsers, mail and phones open. */
export type Lead =
  | { [K in Inside]: { kind: K } & Readonly<Record<(typeof inside)[K][number], string>> }[Inside]
  | { kind: 'outside'; address: string };

const outside: ReadonlySet<string> = new Set(['https:', 'http:', 'mailto:', 'tel:']);

/** Reads a lead as it is kept: "page/about", "section/home/story", "cart/…", "https://…", "mailto:…", "tel:…". Nothing else leads anywhere. */
export function readLead(word: string): Lead | null {
  const [kind = '', ...values] = word.split('/');
  if (Object.hasOwn(inside, kind)) {
    const parts: readonly string[] = inside[kind as Inside];
    if (values.length !== parts.length || values.some((value) => !value)) return null;
    try {
      return { kind, ...Object.fromEntries(parts.map((part, i) => [part, decodeURIComponent(values[i] ?? '')])) } as Lead;
    } catch {
      return null;
    }
  }
  if (!URL.canParse(word)) return null;
  const { protocol, href } = new URL(word);
  return outside.has(protocol) ? { kind: 'outside', address: href } : null;
}

export function writeLead(lead: Lead): string {
  if (lead.kind === 'outside') return lead.address;
  const values = lead as unknown as Readonly<Record<string, string>>;
  return [lead.kind, ...inside[lead.kind].map((part) => encodeURIComponent(values[part] ?? ''))].join('/');
}

/** Characters of an address. */
export const longestLead = 600;

export const leadSchema = z
  .string()
  .max(longestLead)
  .refine((word) => readLead(word) !== null, 'This leads nowhere: give a page of the shop, or a web, mail or phone address.');

/** An outside address as a person types it: "mill.example/visit", "post@mill.example", "+44 1632 960 118". */
export function typedAddress(typed: string): Result<string> {
  const text = typed.trim();
  const say = 'Write a web address such as mill.example, a mail address, or a phone number that begins with +.';
  if (/^[^\s@/:]+@[^\s@/]+\.[^\s@/.]{2,}$/.test(text)) return ok(`mailto:${text}`);
  if (/^\+[\d\s()./-]{6,}$/.test(text)) return ok(`tel:+${text.replace(/\D/g, '')}`);
  const address = /^[a-z][a-z0-9+.-]*:/i.test(text) && !/^[\w.-]+:\d/.test(text) ? text : `https://${text}`;
  if (/\s/.test(text) || !URL.canParse(address)) return fail(say);
  const { protocol, hostname, href } = new URL(address);
  if (!outside.has(protocol)) return fail(say);
  if (protocol.startsWith('http') && !/^[^.]+(\.[^.]+)+$/.test(hostname)) return fail(say);
  return href.length <= longestLead
    ? ok(href)
    : fail(`This address is longer than the ${longestLead} characters that are taken.`);
}
