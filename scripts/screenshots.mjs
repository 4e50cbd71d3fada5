// Takes the pictures of the main views for docs/screenshots from the sample shop. Run after a view has changed: npm run screenshots
import { chromium } from 'playwright-core';
import { mkdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { startApp } from './app.mjs';
import { buildShop, familyIds, layOut, serve } from './sheet.mjs';

const root = new URL('..', import.meta.url).pathname;
const to = (name) => join(root, 'docs/screenshots', `${name}.png`);
mkdirSync(join(root, 'docs/screenshots'), { recursive: true });
/** The sample list as a hurried hand would send it a month later: compared, taken, looked at as it came, and taken back. */
async function furtherList(page) {
  const rows = readFileSync(join(root, 'demo/goods.csv'), 'utf8').trimEnd().split(/\r?\n/);
  const changed = rows
    .filter((row) => !/^Larch in November/.test(row))
    .map((row) =>
      row
        .replace(/(TD-014,)14,/, '$1a few,')
        .replace(/,18\.50,,(Yarn \| Earth,TD-01D)/, ',19.50,,$1')
        .replace(/^Madder Bed,/, 'Madder Bed no. 2,')
        .replace(/,5\.50,,(Yarn \| Earth,TD-01M)/, ',from 5.50,,$1'),
    );
  const name = 'goods, december.csv';
  changed.push(
    ',No name yet.,12.00,,Yarn | Earth,TD-99,3,,,physical,standard,,,',
    'Sample product,x,1.00,,Yarn,TD-00,1,,,physical,standard,,,',
  );
  changed.splice(1, 0, ',"Left over from the market.",9.00,,Odd things,,4,,,physical,standard,,,');
  const chooser = page.waitForEvent('filechooser');
  await page.getByRole('button', { name: 'Open a list' }).click();
  await (await chooser).setFiles({ name, mimeType: 'text/csv', buffer: Buffer.from(`${changed.join('\n')}\n`) });
  await page.getByRole('button', { name: 'Take the new list' }).waitFor();
  await page.waitForTimeout(400);
  await page.screenshot({ path: to('studio-compare') });
  await page.getByRole('button', { name: 'Take the new list' }).click();
  await page.getByText(/^\d+ products with \d+ variants are in/).waitFor();
  await page.getByText('The list as it came').click();
  await page.getByRole('button', { name: /^Row 2,/ }).waitFor();
  await page.waitForTimeout(400);
  await page.screenshot({ path: to('studio-list') });
  await page.getByText('What is sold', { exact: true }).click();
  await page.getByRole('button', { name: /^Undo/ }).click();
  await page.waitForTimeout(1500);
}

const { base, stop } = await startApp(4396);
try {
  const browser = await chromium.launch({
    executablePath: '/usr/bin/chromium',
    args: ['--no-sandbox', '--disable-gpu', '--disable-background-networking'],
  });
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
  // On a phone: a shop, and the studio.
  const phones = [];
  const station = async (name) => {
    await page
      .getByRole('navigation', { name: 'Stations' })
      .getByRole('link', { name: new RegExp(`^${name}`) })
      .click();
    await page.waitForURL(new RegExp(`/${name.toLowerCase()}$`));
    await page.waitForTimeout(900);
  };
  await page.goto(base);
  await page.getByRole('button', { name: 'Open the sample shop' }).click();
  await page.waitForURL(/\/brief$/, { timeout: 60_000 });
  await page.frameLocator('iframe').locator('h1').waitFor();
  await page.getByText('Understood so far').waitFor();
  await page.locator('main:not([aria-busy="true"]):not(:has([aria-busy="true"]))').waitFor();
  await page.waitForTimeout(600);
  await page.screenshot({ path: to('studio-brief') });
  await page.frameLocator('iframe').locator('.lead').click();
  await page.getByRole('button', { name: 'Shorter' }).click();
  await page.waitForTimeout(600);
  await page.screenshot({ path: to('studio-slip') });
  await page.keyboard.press('Escape');
  await page
    .frameLocator('iframe')
    .locator('#why')
    .click({ position: { x: 3, y: 3 } });
  await page.waitForTimeout(600);
  await page.screenshot({ path: to('studio-section') });
  await page.keyboard.press('Escape');
  await station('Goods');
  await page.getByRole('rowheader', { name: /Madder Bed/ }).click();
  await page.waitForTimeout(900);
  await page.getByRole('region', { name: 'Pictures of the product' }).scrollIntoViewIfNeeded();
  await page.getByRole('complementary').evaluate((side) => side.scrollTo(0, side.scrollHeight * 0.42));
  await page.waitForTimeout(400);
  await page.screenshot({ path: to('studio-goods') });
  await page.getByRole('button', { name: 'Close' }).click();
  await furtherList(page);
  for (const name of ['Plan', 'Look', 'Till', 'Proof']) {
    await station(name);
    if (name === 'Plan') {
      await page.getByRole('button', { name: 'Open Why us' }).click();
      await page.getByRole('button', { name: 'Show Why us' }).click();
      await page.waitForTimeout(1500);
    }
    await page.screenshot({ path: to(`studio-${name.toLowerCase()}`) });
    if (name === 'Plan') {
      await page.getByRole('button', { name: 'Add a section' }).click();
      await page.waitForTimeout(3000);
      await page.screenshot({ path: to('studio-library') });
      await page.keyboard.press('Escape');
    }
  }
  await station('Look');
  await page
    .locator('iframe')
    .contentFrame()
    .locator('html')
    .evaluate(() => scrollTo(0, 0));

  const publish = async (address) => {
    await station('Publish');
    await page.getByLabel('Address on this host').fill(address);
    await page.getByRole('button', { name: /^Publish/ }).click();
    await page.getByText(/^Published:/).waitFor({ timeout: 60_000 });
    const kept = page.getByRole('button', { name: 'I have written it down' });
    if (await kept.isVisible()) await kept.click();
    return `http://${address}.${new URL(base).host}/`;
  };
  const shop = await browser.newPage({ viewport: { width: 1280, height: 800 } });
  const shot = async (url, name, size = { width: 1280, height: 800 }) => {
    await shop.setViewportSize(size);
    await shop.goto(url);
    await shop.waitForTimeout(700);
    await shop.screenshot({ path: to(name) });
  };
  const quiet = await publish('tarnwick-dye-house');
  await page.screenshot({ path: to('studio-publish') });
  await shot(quiet, 'shop-quiet-home');
  await shop.goto(`${quiet}goods/tarn/`);
  await shop.getByRole('button', { name: 'Add to cart' }).click();
  await shop.setViewportSize({ width: 390, height: 800 });
  await shop.goto(`${quiet}goods/tarn/`);
  await shop.waitForTimeout(700);
  phones.push(await shop.screenshot());
  await shot(`${quiet}checkout/`, 'shop-quiet-checkout');
  await shop.getByLabel('Name', { exact: true }).fill('Ada Probst');
  await shop.getByLabel('E-mail').fill('ada@post.example');
  await shop.getByLabel('Street and number').fill('1 Sample Row');
  await shop.getByLabel('Town').fill('Nowhere');
  await shop.getByLabel('Postal code').fill('ZZ1 1ZZ');
  await shop.getByRole('checkbox').check();
  await shop.getByRole('button', { name: 'Order and pay' }).click();
  await shop.getByLabel('Card number').fill('9000 0000 0000 0001');
  await shop.getByRole('button', { name: /^Pay/ }).click();
  await shop.getByText('The order is paid.').waitFor();
  await station('Orders');
  await page.screenshot({ path: to('studio-orders') });
  await station('Look');
  await page.getByRole('button', { name: /^Mark/ }).click();
  await page.getByRole('list', { name: 'Marks' }).getByRole('button', { name: 'The name round a thing of the shop' }).click();
  await page.waitForTimeout(1500);
  await page.getByRole('button', { name: 'Steps', exact: true }).click();
  await page.getByLabel('Name this version').fill('Before the wool fair');
  await page.getByRole('button', { name: 'Keep the name' }).click();
  await page.waitForTimeout(600);
  await page.screenshot({ path: to('studio-steps') });
  await page.getByRole('button', { name: 'Close', exact: true }).click();
  await page.getByRole('button', { name: /^Undo/ }).click();
  await page.getByRole('button', { name: 'Compare three' }).click();
  await page.waitForTimeout(6000);
  await page.screenshot({ path: to('studio-bench') });
  await page.keyboard.press('Escape');

  const narrow = await browser.newPage({ viewport: { width: 390, height: 800 } });
  await narrow.goto(base);
  await narrow.getByRole('button', { name: 'Open the sample shop' }).click();
  await narrow.waitForURL(/\/brief$/, { timeout: 60_000 });
  await narrow.getByText('Understood so far').waitFor();
  await narrow.getByRole('navigation', { name: 'Stations' }).getByRole('link', { name: /^Plan/ }).click();
  await narrow.waitForURL(/plan$/);
  await narrow.waitForTimeout(1500);
  phones.push(await narrow.screenshot());
  await narrow.getByRole('radio', { name: 'The shop' }).click();
  const narrowShop = narrow.frameLocator('iframe');
  await narrowShop.locator('h1').waitFor();
  await narrow.waitForTimeout(600);
  phones.push(await narrow.screenshot());
  await narrowShop.locator('h1').click();
  await narrow.waitForTimeout(800);
  phones.push(await narrow.screenshot());
  await narrow.keyboard.press('Escape');
  await narrowShop.locator('#why').click({ position: { x: 3, y: 3 } });
  await narrow.waitForTimeout(800);
  phones.push(await narrow.screenshot());
  await narrow.close();

  // Contact sheets: the sample shop in every family.
  const sheets = { families: { path: '', shots: [] } };
  for (const family of familyIds) {
    const demo = join(root, 'demo');
    const site = await serve(
      buildShop({
        brief: join(demo, 'brief.txt'),
        goods: join(demo, 'goods.csv'),
        pictures: join(demo, 'pictures'),
        decisions: { 'look/family': family },
      }),
    );
    for (const { path, shots } of Object.values(sheets)) {
      await shop.setViewportSize({ width: 1280, height: 900 });
      await shop.goto(site.base + path);
      await shop.waitForTimeout(700);
      shots.push(await shop.screenshot());
    }
    site.stop();
  }
  for (const [name, { shots }] of Object.entries(sheets))
    await layOut(shots, { columns: 3, width: 512, height: 360, gap: 12 }, to(name));
  await layOut(phones, { columns: 5, width: 390, height: 800, gap: 16 }, to('phones'));
  await browser.close();
} finally {
  stop();
}
