import { readFile } from 'node:fs/promises';
import { createServer, type Server } from 'node:http';
import { type AddressInfo } from 'node:net';
import { extname } from 'node:path';
import { expect, test } from '@playwright/test';
import { unzipSync } from 'fflate';
import { deliver, brief, fillCheckout, list, newShop, pasteList, publish, station, writeBrief } from './support';

const types: Record<string, string> = {
  '.html': 'text/html',
  '.css': 'text/css',
  '.js': 'text/javascript',
  '.json': 'application/json',
  '.svg': 'image/svg+xml',
  '.woff2': 'font/woff2',
  '.webp': 'image/webp',
};

/** A file server that knows nothing of shops. */
function serveFiles(files: Record<string, Uint8Array>): Promise<Server> {
  const server = createServer((request, response) => {
    const path = decodeURIComponent((request.url ?? '/').split('?')[0] ?? '').replace(/^\//, '');
    const file = files[path === '' || path.endsWith('/') ? `${path}index.html` : path];
    response.writeHead(file ? 200 : 404, { 'content-type': types[extname(path) || '.html'] ?? 'application/octet-stream' });
    response.end(file);
  });
  return new Promise((resolve) => server.listen(0, '127.0.0.1', () => resolve(server)));
}

test('the downloaded archive sells from a plain file server, and the studio takes its order in', async ({ page }) => {
  await newShop(page);
  await writeBrief(page, brief);
  await pasteList(page, list);
  await station(page, 'Till');
  await deliver(page, '0');
  await page.getByLabel('Price', { exact: true }).fill('4,90');
  await page.getByLabel('Free from').click();
  await publish(page, 'kobold-archive');

  const waiting = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Download the site' }).click();
  const files = unzipSync(new Uint8Array(await readFile(await (await waiting).path())));
  const server = await serveFiles(files);
  const base = `http://127.0.0.1:${(server.address() as AddressInfo).port}/`;

  const shop = await page.context().newPage();
  const errors: string[] = [];
  shop.on('pageerror', (error) => errors.push(error.message));
  await shop.goto(`${base}goods/hub-36-holes/`);
  await shop.getByLabel('Number').fill('2');
  await shop.getByRole('button', { name: 'Add to cart' }).click();
  await shop.goto(`${base}checkout/`);
  await fillCheckout(shop, 'Bela Moor');
  await expect(shop.locator('.total')).toContainText('€182.90');
  const order = shop.waitForEvent('download');
  await shop.getByRole('button', { name: 'Make the order' }).click();
  const file = await readFile(await (await order).path());
  await expect(shop.getByText('This shop takes orders by post.')).toBeVisible();
  expect(errors).toEqual([]);
  expect(JSON.parse(file.toString())).not.toHaveProperty('request.total');

  await station(page, 'Orders');
  const chooser = page.waitForEvent('filechooser');
  await page.getByRole('button', { name: 'Take in an order file' }).click();
  await (await chooser).setFiles({ name: 'order.json', mimeType: 'application/json', buffer: file });
  await expect(page.getByRole('row', { name: /Bela Moor.*awaiting payment.*€182.90/ })).toBeVisible();
  server.close();
});

test('projects of the first version, kept in one database with several stores, are moved and open', async ({ page }) => {
  // Any page of this host: what is stored belongs to all of them.
  await page.goto('/favicon.ico');
  await page.evaluate(
    ([words]) =>
      new Promise<void>((resolve, reject) => {
        const open = indexedDB.open('arcatum', 5);
        open.onupgradeneeded = () => {
          for (const name of ['projects', 'shelf', 'keys', 'drafts', 'local-forage-detect-blob-support'])
            open.result.createObjectStore(name);
        };
        open.onerror = () => reject(new Error('not opened'));
        open.onsuccess = () => {
          const write = open.result.transaction(['projects', 'shelf'], 'readwrite');
          const project = {
            ...{
              format: 'arcatum-project',
              version: 2,
              id: 'old-one',
              name: 'Kobold Cycles',
              created: '2026-09-01T00:00:00.000Z',
            },
            ...{ seed: 3, brief: words, goods: { file: '', products: [], problems: [] }, pictures: [], decisions: [] },
          };
          write.objectStore('projects').put({ project, past: [], future: [] }, 'old-one');
          write
            .objectStore('shelf')
            .put(
              { id: 'old-one', name: 'Kobold Cycles', changed: '2026-10-01T00:00:00.000Z', products: 0, deleted: false },
              'old-one',
            );
          write.oncomplete = () => {
            open.result.close();
            resolve();
          };
        };
      }),
    [brief],
  );
  await page.goto('/');
  await page.getByRole('link', { name: 'Kobold Cycles' }).click();
  await expect(page.getByLabel('Your brief')).toHaveValue(brief);
  await page.reload();
  await expect(page.getByLabel('Your brief')).toHaveValue(brief);
  expect((await page.evaluate(() => indexedDB.databases())).map(({ name }) => name)).not.toContain('arcatum');
});
