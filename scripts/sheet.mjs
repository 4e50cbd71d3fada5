// Contact sheets: pages of shops in several looks, photographed and laid out on one picture.
import { chromium } from 'playwright-core';
import { execFileSync } from 'node:child_process';
import { createReadStream, existsSync, mkdirSync, mkdtempSync, readdirSync, statSync, writeFileSync } from 'node:fs';
import { createServer } from 'node:http';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { createGzip } from 'node:zlib';
import sharp from 'sharp';

const root = new URL('..', import.meta.url).pathname;
const types = { html: 'text/html', css: 'text/css', js: 'text/javascript', svg: 'image/svg+xml', webp: 'image/webp', png: 'image/png', jpg: 'image/jpeg', json: 'application/json', woff2: 'font/woff2' }; // prettier-ignore

/** The families of looks, by the names of their files. */
export const familyIds = readdirSync(join(root, 'src/core/look/families'))
  .map((file) => file.replace('.ts', ''))
  .filter((id) => id !== 'index' && id !== 'family');

/** Serves the files of a folder. */
export function serve(folder) {
  const server = createServer((request, response) => {
    let at = join(folder, decodeURIComponent(new URL(request.url, 'http://x').pathname));
    if (existsSync(at) && statSync(at).isDirectory()) at = join(at, 'index.html');
    if (!existsSync(at)) return void response.writeHead(404).end();
    const type = types[at.split('.').pop()] ?? 'application/octet-stream';
    // Served as a common host serves it: text compressed, files kept by the browser.
    const packs = /^text|javascript|json|svg/.test(type);
    response.writeHead(200, {
      'content-type': type,
      'cache-control': type === 'text/html' ? 'no-cache' : 'public, max-age=31536000',
      ...(packs ? { 'content-encoding': 'gzip' } : {}),
    });
    if (packs) createReadStream(at).pipe(createGzip()).pipe(response);
    else createReadStream(at).pipe(response);
  });
  return new Promise((resolve) =>
    server.listen(0, () => resolve({ base: `http://localhost:${server.address().port}/`, stop: () => server.close() })),
  );
}

/** Builds a shop with the command line, with some decisions of its own, and gives the folder. */
export function buildShop({ brief, goods, decisions = {}, pictures, seed = 1 }) {
  const folder = mkdtempSync(join(tmpdir(), 'sheet-'));
  mkdirSync(folder, { recursive: true });
  writeFileSync(join(folder, 'decisions.json'), JSON.stringify(decisions));
  const out = join(folder, 'site');
  execFileSync('node', [join(root, 'bin/arcatum.mjs'), 'build', '--brief', brief, '--goods', goods, '--out', out, '--decisions', join(folder, 'decisions.json'), '--seed', String(seed), ...(pictures ? ['--pictures', pictures] : [])]); // prettier-ignore
  return out;
}

export const launch = () =>
  chromium.launch({
    executablePath: '/usr/bin/chromium',
    args: ['--no-sandbox', '--disable-gpu', '--disable-background-networking'],
  });

/** Lays pictures of one size out in rows. */
export async function layOut(shots, { columns, width, height, gap = 12 }, to) {
  const rows = Math.ceil(shots.length / columns);
  const sized = await Promise.all(
    shots.map((shot) => sharp(shot).resize(width, height, { fit: 'cover', position: 'top' }).png().toBuffer()),
  );
  await sharp({
    create: { width: columns * (width + gap) + gap, height: rows * (height + gap) + gap, channels: 3, background: '#4a5560' },
  })
    .composite(
      sized.map((input, i) => ({
        input,
        left: gap + (i % columns) * (width + gap),
        top: gap + Math.floor(i / columns) * (height + gap),
      })),
    )
    .png({ palette: true })
    .toFile(to);
}
