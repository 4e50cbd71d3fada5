import { readFile } from 'node:fs/promises';
import { createServer, type Server } from 'node:http';
import { type AddressInfo } from 'node:net';
import { extname } from 'node:path';
import { expect, test } from '@playwright/test';
import { unzipSync } from 'fflate';
import { brief, fillCheckout, list, newShop, pasteList, publish, station, writeBrief } from './support';

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
  await page.getByRole('button', { name: 'Add a zone' }).click();
  await page.getByLabel('Price', { exact: true }).fill('4,90');
  await page.getByLabel('Free from').click();
  await publish(page, 'kobold-archive');

  const waiting = page.waitForEvent('download', { timeout: 30_000 });
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
