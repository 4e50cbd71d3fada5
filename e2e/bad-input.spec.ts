import { expect, test, type Page } from '@playwright/test';
import { strToU8, zipSync } from 'fflate';
import { brief, list, newShop, openSample, pasteList, saved, shopWindow, station, writeBrief } from './support';

async function openList(page: Page, name: string, buffer: Buffer): Promise<void> {
  const chooser = page.waitForEvent('filechooser');
  await page.getByRole('button', { name: 'Open a list' }).click();
  await (await chooser).setFiles({ name, mimeType: 'text/csv', buffer });
}

test('a list that can’t be read is refused with a sentence, and the goods that are there stay', async ({ page }) => {
  await newShop(page);
  await writeBrief(page, brief);
  await pasteList(page, list);
  const table = page.getByRole('grid', { name: 'Goods' });
  await expect(table).toContainText('Hub, 36 holes');
  const bad: [string, Buffer, RegExp][] = [
    ['empty.csv', Buffer.from(''), /The file is empty/],
    ['binary.csv', Buffer.from([0x89, 0x50, 0x4e, 0x47, 0, 0, 0, 1]), /a picture, not a list/],
    ['nameless.csv', Buffer.from('4,5\n6,7\n'), /No column holds the names/],
    ['huge.csv', Buffer.alloc(65 * 1024 * 1024, 'a'), /larger than 64 MB/],
  ];
  for (const [name, buffer, say] of bad) {
    if (buffer.length > 50 * 1024 * 1024) {
      // The test tool carries no file over 50 MB: the page makes this one itself.
      await page.evaluate(() => {
        const input = document.querySelector<HTMLInputElement>('input[type=file][accept*=".csv"]');
        const files = new DataTransfer();
        files.items.add(new File([new Uint8Array(65 * 1024 * 1024).fill(97)], 'huge.csv'));
        if (input) input.files = files.files;
        input?.dispatchEvent(new Event('change', { bubbles: true }));
      });
    } else await openList(page, name, buffer);
    await expect(page.getByText(say)).toBeVisible();
    await expect(page.getByText('Nothing was changed.')).toBeVisible();
    await expect(table).toContainText('Hub, 36 holes');
  }
});

test('odd prices, doubled codes and missing pictures are named, and the rest is kept', async ({ page }) => {
  await newShop(page);
  await pasteList(page, 'title,price,code,picture\nA,"£1.234,50",x,\nB,from 4,y,\nC,-3,z,\nD,5,x,gone.jpg\n');
  const notes = page.getByRole('region', { name: 'Notes on the list' });
  await expect(notes).toContainText('“from 4” gives no exact price.');
  await expect(notes).toContainText('“-3” is below zero.');
  await expect(notes).toContainText('The code “x” already stands in row 2.');
  await expect(page.getByRole('grid', { name: 'Goods' })).toContainText('£1,234.50');
  await station(page, 'Proof');
  await expect(page.getByText(/gone\.jpg/)).toBeVisible();
});

test('what is too long for its place is said beside the field, and never gets in', async ({ page }) => {
  await newShop(page);
  await pasteList(page, 'title,price\nBell,5\n');
  await page.getByRole('rowheader', { name: 'Bell' }).click();
  await page.getByLabel('Title', { exact: true }).fill('Bell '.repeat(50));
  await expect(page.getByText('It can’t stand there: it is longer than 200 characters.')).toBeVisible();
  await page.getByLabel('Description').focus();
  await expect(page.getByRole('grid', { name: 'Goods' })).toContainText('Bell');
  await page.getByRole('button', { name: 'Steps', exact: true }).click();
  await expect(page.getByRole('heading', { name: '1 step', exact: true })).toBeVisible();
  // Choosing a station leaves the steps.
  await station(page, 'Goods');
  await expect(page.getByRole('heading', { name: '1 step', exact: true })).toHaveCount(0);
  await page.getByRole('rowheader', { name: 'Bell' }).click();
  await page.getByLabel('Title', { exact: true }).fill('Hand bell');
  await page.getByLabel('Description').focus();
  await page.getByRole('button', { name: 'Steps', exact: true }).click();
  await expect(page.getByRole('region', { name: 'Steps' }).getByRole('listitem').first()).toContainText('“Hand bell”');
});

test('a brief in capitals, and one with markup, are read as text and nothing runs', async ({ page }) => {
  const dialogs: string[] = [];
  page.on('dialog', (dialog) => {
    dialogs.push(dialog.message());
    void dialog.dismiss();
  });
  await newShop(page);
  await writeBrief(
    page,
    'WE ARE HOT GOSPEL SAUCES AND WE MAKE CHILLI SAUCE IN LEIPZIG WE WANT IT LOUD ORANGE AND BLACK NO GREEN EUROS',
  );
  await expect(page.getByRole('region', { name: 'What was understood' })).toContainText('Hot Gospel Sauces');
  await writeBrief(
    page,
    'Evil <img src=x onerror=alert(1)> Soap. We make <script>alert(2)</script> soap by hand, twice a week, in Cork.',
  );
  // What it does not understand it asks about; what is then printed is text.
  const asked = page.getByRole('region', { name: 'May these be printed?' });
  const print = asked.getByRole('button', { name: /^Print: .*alert\(2\)/ });
  await expect(async () => {
    if (await print.count()) await print.click();
    await expect(shopWindow(page).locator('body')).toContainText('<script>alert(2)</script>', { timeout: 3000 });
  }).toPass({ timeout: 60_000 });
  expect(dialogs).toEqual([]);
});

test('a project file that climbs out, or is none, is refused, and the list of projects stays', async ({ page }) => {
  await newShop(page);
  await page.goto('/');
  for (const buffer of [Buffer.from(zipSync({ '../../escape.txt': strToU8('x') })), Buffer.from('no archive')]) {
    const chooser = page.waitForEvent('filechooser');
    await page.getByRole('button', { name: 'Open a project file' }).click();
    await (await chooser).setFiles({ name: 'bad.zip', mimeType: 'application/zip', buffer });
    await expect(page.getByRole('main').getByRole('alert')).toContainText(/points outside|not a readable zip/);
    await expect(page.getByRole('link', { name: 'New shop' })).toBeVisible();
  }
});

test('full storage is said, work goes on, and what was saved before is still there', async ({ page }) => {
  await newShop(page);
  await writeBrief(page, brief);
  await page.evaluate(() => {
    // What a browser does when its quota is spent.
    IDBObjectStore.prototype.put = () => {
      throw new DOMException('The quota has been exceeded.', 'QuotaExceededError');
    };
  });
  await page.getByLabel('Your brief').fill(`${brief} And lamps.`);
  await expect(page.getByText(/storage took nothing more. Export the project/)).toBeVisible();
  await expect(shopWindow(page).locator('.top .brand')).toHaveText('Kobold Cycles');
  await page.reload();
  // What could not be stored was put by when the page went, and is a step again.
  await expect(page.getByLabel('Your brief')).toHaveValue(`${brief} And lamps.`);
  await saved(page);
});

test('an unknown project is said, with the way back', async ({ page }) => {
  await page.goto('/project/nothing-here/brief');
  await expect(page.getByRole('heading', { name: 'This project can’t be opened' })).toBeVisible();
  await page.getByRole('link', { name: 'To all projects' }).click();
  await expect(page.getByRole('button', { name: 'New shop' })).toBeVisible();
});

test('nothing can be pressed before the page answers, and a press is never lost', async ({ page }) => {
  let release = () => {};
  const held = new Promise<void>((resolve) => (release = resolve));
  await page.route('**/*.js', async (route) => {
    await held;
    await route.continue();
  });
  await page.goto('/', { waitUntil: 'commit' });
  const sample = page.getByRole('button', { name: 'Open the sample shop' });
  await expect(sample).toBeVisible();
  await expect(sample).toBeDisabled();
  release();
  await sample.click();
  await expect(sample).toBeDisabled();
  await page.waitForURL(/\/brief$/);
});

test('a worker that does not load is said, and what is saved stays', async ({ page }) => {
  await page.route(/worker/, (route) => route.abort());
  await newShop(page);
  await expect(page.getByText(/A part of Arcatum did not load.* Reload the page/)).toBeVisible();
  await page.unroute(/worker/);
  await page.reload();
  await writeBrief(page, brief);
});

test('making a site can be stopped, and nothing is published', async ({ page }) => {
  await openSample(page);
  await station(page, 'Publish');
  await page.getByLabel('Address on this host').fill('stopped-halfway');
  await page.evaluate(() => {
    // Presses Stop the moment that it appears.
    new MutationObserver(() =>
      [...document.querySelectorAll('button')].find((button) => button.textContent === 'Stop')?.click(),
    ).observe(document.body, { childList: true, subtree: true });
  });
  await page.getByRole('button', { name: 'Publish', exact: true }).click();
  await expect(page.getByText('Stopped. Nothing was changed.')).toBeVisible();
  await expect(page.getByText('Nothing is published yet.')).toBeVisible();
  await saved(page);
});
