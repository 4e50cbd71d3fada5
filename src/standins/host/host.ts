import { createHash, randomBytes, randomUUID, timingSafeEqual } from 'node:crypto';
import { existsSync, mkdirSync, readFileSync, renameSync, statSync, writeFileSync } from 'node:fs';
import { dirname, extname, join } from 'node:path';
import { z } from 'zod';
import { isSafePath, unpack } from '@/core/project';
import { phrasesOf } from '@/core/phrases';
import { mediaTypeOf } from '@/core/files';
import { fail, ok, type Result } from '@/core/result';
import { dataFolder } from '../folder';
import { hostDataSchema, type HostData } from '@/core/till';
import { wrongAddress } from '@/core/address';
import { open, type SignedMessage } from '../payment/message';
import { again, giveBack, letGo, messagesOn } from '../payment/payment';
import { addresses } from '../addresses';
import { ledOn, movedBy, readMoved, writeMoved } from './moved';
import { Outbox } from './outbox';
import { HostTill } from './till';

const releaseSchema = z.object({ id: z.string(), at: z.string(), files: z.number(), bytes: z.number() });
const siteSchema = z.object({
  address: z.string(),
  ownerHash: z.string(),
  /** Of the code that gives the key anew; shops of before there were codes have none. */
  recoveryHash: z.string().optional(),
  current: z.string(),
  releases: z.array(releaseSchema),
});

export type Release = z.infer<typeof releaseSchema>;
type Site = z.infer<typeof siteSchema>;

const siteFolder = (address: string) => join(dataFolder(), 'host', address);
const hashKey = (key: string) => createHash('sha256').update(key).digest('hex');

const movedFile = (address: string) => join(siteFolder(address), 'moved.json');

function readSite(address: string): Site | null {
  const path = join(siteFolder(address), 'site.json');
  if (wrongAddress(address) || !existsSync(path)) return null;
  return siteSchema.parse(JSON.parse(readFileSync(path, 'utf8')));
}

/** Written beside and moved into place, so that a crash leaves the old one whole. */
function writeSite(site: Site): void {
  const path = join(siteFolder(site.address), 'site.json');
  mkdirSync(dirname(path), { recursive: true });
  writeFileSync(`${path}.new`, JSON.stringify(site, null, 2));
  renameSync(`${path}.new`, path);
}

const fits = (hash: string, key: string) => timingSafeEqual(Buffer.from(hash), Buffer.from(hashKey(key)));
const owns = (site: Site, key: string) => fits(site.ownerHash, key);

/** A hundred bits in the letters of RFC 4648, base 32, which has no 0, 1 or 8 to mistake. */
const newCode = () => [...randomBytes(20)].map((byte) => 'ABCDEFGHIJKLMNOPQRSTUVWXYZ234567'[byte % 32]).join('');
const readCode = (typed: string) => typed.toUpperCase().replace(/[^A-Z2-7]/g, '');

// One till a shop in the whole process, also when the server's bundles load this file more than once.
const shared = globalThis as typeof globalThis & {
  arcatumTills?: Map<string, HostTill>;
  arcatumOutboxes?: Map<string, Outbox>;
  arcatumClock?: NodeJS.Timeout;
};
const tills = (shared.arcatumTills ??= new Map());
const outboxes = (shared.arcatumOutboxes ??= new Map());

/** What was written to a shop's buyers. */
export function outboxOf(address: string): Outbox {
  const path = join(siteFolder(address), 'outbox.jsonl');
  const known = outboxes.get(path) ?? new Outbox(path);
  outboxes.set(path, known);
  return known;
}

export function tillOf(address: string): HostTill {
  const path = join(siteFolder(address), 'orders.jsonl');
  const known = tills.get(path);
  if (known) return known;
  const till = new HostTill(
    path,
    {
      ask: (order) => messagesOn(address, order, new Date().toISOString()),
      letGo: (order) => letGo(address, order),
      again: (before, order, amount) => again(address, before, order, amount),
      giveBack,
    },
    { data: () => hostData(address), address: () => addresses().shop(address), outbox: outboxOf(address) },
  );
  tills.set(path, till);
  // What the provider told while nobody listened.
  till.catchUp(new Date().toISOString());
  keepTime();
  return till;
}

/** Once a minute, tills look at what is due although nobody asks them anything. */
function keepTime(): void {
  shared.arcatumClock ??= setInterval(() => {
    for (const till of tills.values()) till.lookAround(new Date().toISOString());
  }, 60_000).unref();
}

/** A message of the payment provider. It is heard if the provider signed it, just now, for this shop. */
export function hear(address: string, message: SignedMessage, now: string): Result<string> {
  const opened = open(message, now);
  if (!opened.ok) return opened;
  if (opened.value.address !== address || !readSite(address)) return fail('This message is for another shop.');
  const heard = tillOf(address).receive(opened.value, now);
  return heard.ok ? ok(heard.value.state) : heard;
}

/**
 * Takes in a release and shows it from now on. The first to publish at an address owns it, and is told, this once, the code that gives the
 * key anew.
 */
export function publish(address: string, key: string, archive: Uint8Array, now: string): Result<Release & { code?: string }> {
  const wrong = wrongAddress(address);
  if (wrong) return fail(wrong);
  if (key.length < 16) return fail('The key to the address is missing.');
  const site = readSite(address);
  if (site && !owns(site, key)) return fail(`The address “${address}” belongs to another shop. Choose a different one.`);
  const files = unpack(archive);
  if (!files.ok) return files;
  if (!files.value.has('index.html') || !files.value.has('data/host.json'))
    return fail('The archive is not a shop: it has no index.html or no data/host.json.');
  const rules = dataOf(files.value.get('data/host.json'));
  if (!rules.ok) return rules;
  const lost = Object.values(rules.value.files).find(({ at }) => !files.value.has(at));
  if (lost) return fail(`The file “${lost.name}”, which is sold, is not in the archive.`);
  const id = `${now.replace(/[^\d]/g, '').slice(0, 14)}-${randomUUID().slice(0, 8)}`;
  const folder = join(siteFolder(address), 'releases', id);
  let bytes = 0;
  for (const [path, content] of files.value) {
    const to = join(folder, path);
    mkdirSync(dirname(to), { recursive: true });
    writeFileSync(to, content);
    bytes += content.length;
  }
  const was = site ? hostData(address) : null;
  writeMoved(movedFile(address), movedBy(readMoved(movedFile(address)), was, rules.value));
  const release: Release = { id, at: now, files: files.value.size, bytes };
  const code = site?.recoveryHash ? undefined : newCode();
  writeSite({
    address,
    ownerHash: site?.ownerHash ?? hashKey(key),
    recoveryHash: code ? hashKey(code) : site?.recoveryHash,
    current: id,
    releases: [...(site?.releases ?? []), release],
  });
  tillOf(address).count(rules.value.prices, now);
  return ok(code ? { ...release, code } : release);
}

/** A new key to an address, and a new code, for whoever has the code. The old key and code open nothing from then on. */
export function recover(address: string, typed: string): Result<{ key: string; code: string }> {
  const site = readSite(address);
  if (!site?.recoveryHash || !fits(site.recoveryHash, readCode(typed)))
    return fail('This code does not open this address. Look whether all of it is there.');
  const [key, code] = [randomUUID(), newCode()];
  writeSite({ ...site, ownerHash: hashKey(key), recoveryHash: hashKey(code) });
  return ok({ key, code });
}

/** Shows an earlier release again. */
export function bringBack(address: string, key: string, id: string): Result<Release> {
  const site = readSite(address);
  if (!site || !owns(site, key)) return fail('This key does not open this address.');
  const release = site.releases.find((candidate) => candidate.id === id);
  if (!release) return fail('There is no such release.');
  writeSite({ ...site, current: id });
  return ok(release);
}

export function status(address: string, key: string): Result<{ current: string; releases: Release[] }> {
  const wrong = wrongAddress(address);
  if (wrong) return fail(wrong);
  const site = readSite(address);
  if (!site) return ok({ current: '', releases: [] });
  return owns(site, key) ? ok({ current: site.current, releases: site.releases }) : fail('This key does not open this address.');
}

/** Whether a key may publish at an address: it is the owner's, or nobody has the address yet. */
export const mayOpen = (address: string, key: string): boolean => {
  const site = readSite(address);
  return site === null || owns(site, key);
};

export const mayRead = (address: string, key: string): boolean => {
  const site = readSite(address);
  return site !== null && owns(site, key);
};

const mediaTypes: Record<string, string> = {
  '.html': 'text/html; charset=utf-8',
  '.css': 'text/css; charset=utf-8',
  '.js': 'text/javascript; charset=utf-8',
  '.json': 'application/json',
  '.svg': 'image/svg+xml',
  '.webp': 'image/webp',
  '.png': 'image/png',
  '.jpg': 'image/jpeg',
  '.gif': 'image/gif',
  '.avif': 'image/avif',
  '.woff2': 'font/woff2',
  '.xml': 'application/xml',
  '.txt': 'text/plain; charset=utf-8',
};

export interface Served {
  status: number;
  type: string;
  body: Uint8Array;
}

/** A file of the release that is shown. Unknown addresses get the shop's own not-found page. */
export function serve(address: string, path: string): Served | null {
  const site = readSite(address);
  if (!site) return null;
  const wanted = path === '' || path.endsWith('/') ? `${path}index.html` : path;
  const file = fileOf(site, wanted);
  if (file)
    return { status: 200, type: mediaTypes[extname(wanted)] ?? mediaTypeOf(wanted) ?? 'application/octet-stream', body: file };
  const missing = fileOf(site, '404.html');
  return missing ? { status: 404, type: 'text/html; charset=utf-8', body: missing } : null;
}

/** Where a page stands now that stood at this path before; null where nothing did, or it is gone. */
export function movedTo(address: string, path: string): string | null {
  const data = hostData(address);
  return data && ledOn(path, readMoved(movedFile(address)), data);
}

/** Whether a path without a slash at its end names a page. */
export function isPage(address: string, path: string): boolean {
  const site = readSite(address);
  return site !== null && fileOf(site, `${path}/index.html`) !== null;
}

function fileOf(site: Site, path: string): Uint8Array | null {
  if (!isSafePath(path) || path === 'data/host.json' || path.startsWith('data/files/')) return null;
  const at = join(siteFolder(site.address), 'releases', site.current, path);
  return existsSync(at) && statSync(at).isFile() ? readFileSync(at) : null;
}

/** A file that is sold, for whoever has a link that opens it: each time counts. */
export function fetchFile(address: string, token: string, now: string): Result<{ name: string; bytes: Uint8Array }> {
  const site = readSite(address);
  const data = hostData(address);
  if (!site || !data) return fail('There is no shop at this address.');
  const { refused } = phrasesOf(data.rules);
  const till = tillOf(address);
  const product = till.fileBehind(token, now);
  const file = product === null ? undefined : data.files[product];
  const at = file ? join(siteFolder(address), 'releases', site.current, file.at) : '';
  if (!file || !existsSync(at)) return fail(refused.linkEnded);
  const bytes = readFileSync(at);
  till.countFetch(token, now);
  return ok({ name: file.name, bytes });
}

/** Rules and prices as they were published, by whatever program: what is not of the known form is no shop. */
function dataOf(bytes: Uint8Array | undefined): Result<HostData> {
  try {
    const read = hostDataSchema.safeParse(JSON.parse(new TextDecoder().decode(bytes)));
    if (read.success) return ok(read.data);
    const [issue] = read.error.issues;
    return fail(`The rules of the shop (data/host.json) can’t be used: ${issue?.path.join(' ')}: ${issue?.message}`);
  } catch {
    return fail('The rules of the shop (data/host.json) can’t be read.');
  }
}

// The rules of a release never change: those of the one that is shown are read once.
const known = new Map<string, { at: string; data: HostData }>();

/** The rules and prices of the release that is shown. */
export function hostData(address: string): HostData | null {
  const site = readSite(address);
  if (!site) return null;
  const at = join(siteFolder(address), 'releases', site.current, 'data/host.json');
  const before = known.get(address);
  if (before?.at === at) return before.data;
  const read = existsSync(at) ? dataOf(readFileSync(at)) : null;
  if (!read?.ok) return null;
  known.set(address, { at, data: read.value });
  return read.value;
}
