import { z } from 'zod';
import { fail, ok, type Result } from './result';

/** Where a button or a link leads: to a page of the shop, to a section of one, or to an address that browsers, mail and phones open. */
export type Lead =
  { kind: 'page'; page: string } | { kind: 'section'; page: string; section: string } | { kind: 'outside'; address: string };

const outside: ReadonlySet<string> = new Set(['https:', 'http:', 'mailto:', 'tel:']);

/** Reads a lead as it is kept: "page/about", "section/home/story", "https://…", "mailto:…", "tel:…". Nothing else leads anywhere. */
export function readLead(word: string): Lead | null {
  const [kind, page = '', section = '', more] = word.split('/');
  try {
    if (kind === 'page' && page && !section) return { kind, page: decodeURIComponent(page) };
    if (kind === 'section' && page && section && more === undefined)
      return { kind, page: decodeURIComponent(page), section: decodeURIComponent(section) };
  } catch {
    return null;
  }
  if (!URL.canParse(word)) return null;
  const { protocol, href } = new URL(word);
  return outside.has(protocol) ? { kind: 'outside', address: href } : null;
}

export const writeLead = (lead: Lead): string =>
  lead.kind === 'outside'
    ? lead.address
    : lead.kind === 'page'
      ? `page/${encodeURIComponent(lead.page)}`
      : `section/${encodeURIComponent(lead.page)}/${encodeURIComponent(lead.section)}`;

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
