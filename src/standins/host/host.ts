import { createHash, randomUUID, timingSafeEqual } from 'node:crypto';
import { existsSync, mkdirSync, readFileSync, renameSync, statSync, writeFileSync } from 'node:fs';
import { dirname, extname, join } from 'node:path';
import { z } from 'zod';
import { isSafePath, unpack } from '@/core/project';
import { fail, ok, type Result } from '@/core/result';
import { type HostData } from '@/core/site';
import { dataFolder } from '../folder';
import { HostTill } from './till';

const releaseSchema = z.object({ id: z.string(), at: z.string(), files: z.number(), bytes: z.number() });
const siteSchema = z.object({
  address: z.string(),
  ownerHash: z.string(),
  current: z.string(),
  releases: z.array(releaseSchema),
});

export type Release = z.infer<typeof releaseSchema>;
type Site = z.infer<typeof siteSchema>;

const addressPattern = /^[a-z0-9](?:[a-z0-9-]{1,58})[a-z0-9]$/;

const siteFolder = (address: string) => join(dataFolder(), 'host', address);
const hashKey = (key: string) => createHash('sha256').update(key).digest('hex');

function readSite(address: string): Site | null {
  const path = join(siteFolder(address), 'site.json');
  if (!addressPattern.test(address) || !existsSync(path)) return null;
  return siteSchema.parse(JSON.parse(readFileSync(path, 'utf8')));
}

/** Written beside and moved into place, so that a crash leaves the old one whole. */
function writeSite(site: Site): void {
  const path = join(siteFolder(site.address), 'site.json');
  mkdirSync(dirname(path), { recursive: true });
  writeFileSync(`${path}.new`, JSON.stringify(site, null, 2));
  renameSync(`${path}.new`, path);
}

const owns = (site: Site, key: string) => timingSafeEqual(Buffer.from(site.ownerHash), Buffer.from(hashKey(key)));

// One till a shop in the whole process, also when the server's bundles load this file more than once.
const shared = globalThis as typeof globalThis & { arcatumTills?: Map<string, HostTill> };
const tills = (shared.arcatumTills ??= new Map());

export function tillOf(address: string): HostTill {
  const path = join(siteFolder(address), 'orders.jsonl');
  const known = tills.get(path);
  if (known) return known;
  const till = new HostTill(path);
  tills.set(path, till);
  return till;
}

/** Takes in a release and shows it from now on. The first to publish at an address owns it. */
export function publish(address: string, key: string, archive: Uint8Array, now: string): Result<Release> {
  if (!addressPattern.test(address)) return fail('An address has 3 to 60 small letters, digits and hyphens.');
  if (key.length < 16) return fail('The key to the address is missing.');
  const site = readSite(address);
  if (site && !owns(site, key)) return fail(`The address “${address}” belongs to another shop. Choose a different one.`);
  const files = unpack(archive);
  if (!files.ok) return files;
  if (!files.value.has('index.html') || !files.value.has('data/host.json'))
    return fail('The archive is not a shop: it has no index.html or no data/host.json.');
  const id = `${now.replace(/[^\d]/g, '').slice(0, 14)}-${randomUUID().slice(0, 8)}`;
  const folder = join(siteFolder(address), 'releases', id);
  let bytes = 0;
  for (const [path, content] of files.value) {
    const to = join(folder, path);
    mkdirSync(dirname(to), { recursive: true });
    writeFileSync(to, content);
    bytes += content.length;
  }
  const release: Release = { id, at: now, files: files.value.size, bytes };
  writeSite({ address, ownerHash: site?.ownerHash ?? hashKey(key), current: id, releases: [...(site?.releases ?? []), release] });
  const data = hostData(address);
  if (data) tillOf(address).count(data.prices, now);
  return ok(release);
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
  const site = readSite(address);
  if (!site) return ok({ current: '', releases: [] });
  return owns(site, key) ? ok({ current: site.current, releases: site.releases }) : fail('This key does not open this address.');
}

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
  if (file) return { status: 200, type: mediaTypes[extname(wanted)] ?? 'application/octet-stream', body: file };
  const missing = fileOf(site, '404.html');
  return missing ? { status: 404, type: 'text/html; charset=utf-8', body: missing } : null;
}

/** Whether a path without a slash at its end names a page. */
export function isPage(address: string, path: string): boolean {
  const site = readSite(address);
  return site !== null && fileOf(site, `${path}/index.html`) !== null;
}

function fileOf(site: Site, path: string): Uint8Array | null {
  if (!isSafePath(path) || path === 'data/host.json') return null;
  const at = join(siteFolder(site.address), 'releases', site.current, path);
  return existsSync(at) && statSync(at).isFile() ? readFileSync(at) : null;
}

/** The rules and prices of the release that is shown. They were published by the shop's owner and are read as such. */
export function hostData(address: string): HostData | null {
  const site = readSite(address);
  if (!site) return null;
  const at = join(siteFolder(address), 'releases', site.current, 'data/host.json');
  return existsSync(at) ? (JSON.parse(readFileSync(at, 'utf8')) as HostData) : null;
}
