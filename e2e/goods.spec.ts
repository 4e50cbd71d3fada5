import { expect, test, type Page } from '@playwright/test';
import { strToU8, zipSync } from 'fflate';
import sharp from 'sharp';
import writeXlsx from 'write-excel-file/node';
import { expectNoAxeFindings, newShop, saved, shopWindow, station, writeBrief } from './support';

/** A cider house in pounds, invented for these tests; its list is as a hurried hand leaves one. */
const brief =
  'Orchard & Byre presses cider and perry near Hereford, England. Every bottle is turned by hand. Write to byre@orchard.example. Quiet, green and cream.';
const rows = [
  ['Orchard & Byre, what we have'],
  ['prices with tax'],
  [],
  ['Cider', 'Bottle', 'Asking', 'Apples', 'Left', 'Strength', 'Barcode'],
  ['Dry Hollow', '50 cl', '£6.50', 'Foxwhelp', 40, '6.8 %', ''],
  ['Dry Hollow', '75 cl', '£8.90', 'Foxwhelp', 22, '6.8 %', '5012345678901'],
  ['Sweet Lane', '50 cl', 'from £6', 'Sheep’s Nose', 'a dozen', '4.2 %', ''],
  ['Keeved', '75 cl', '£11–14', 'Kingston Black', 9, '5 %', ''],
  ['Sample product', '', '£1', '', '', '', ''],
  ['Vinegar', '25 cl', '80p', '', 60, '', ''],
  [],
  ['Total', '', '', '', 131, '', ''],
];
const spreadsheet = (): Promise<Buffer> =>
  writeXlsx(rows.map((row) => (row.length ? row : ['']).map((value) => (value === '' ? null : { value }))) as never).toBuffer();

async function open(page: Page, name: string, buffer: Buffer): Promise<void> {
  const chooser = page.waitForEvent('filechooser');
  await page.getByRole('button', { name: 'Open a list' }).click();
  await (await chooser).setFiles({ name, mimeType: 'application/octet-stream', buffer });
}
const questions = (page: Page) => page.getByRole('region', { name: 'Questions about the list' });
const line = (page: Page, title: string) =>
  page.getByRole('grid', { name: 'Goods' }).getByRole('row', { name: new RegExp(title) });

test('a messy spreadsheet becomes a shop: nothing is sold that was not understood, until the seller says', async ({ page }) => {
  await newShop(page);
  await writeBrief(page, brief);
  await station(page, 'Goods');
  await open(page, 'cider.xlsx', await spreadsheet());
  await expect(page.getByText(/4 products with 5 variants/)).toBeVisible();
  await expect(line(page, 'Dry Hollow')).toContainText('£6.50 – £8.90');
  await expect(line(page, 'Sweet Lane')).toContainText('not sold yet');
  await expect(line(page, 'Vinegar')).toContainText('£0.80');
  await expect(page.getByRole('grid', { name: 'Goods' })).not.toContainText('Sample product');
  await expect(questions(page).getByRole('listitem')).toHaveCount(4);
  await expectNoAxeFindings(page, 'Goods with questions');

  // An answer is one step, with the goods that follow from it; undo takes both back.
  await questions(page).getByRole('button', { name: 'It costs 6.00 GBP' }).click();
  await expect(questions(page).getByRole('listitem')).toHaveCount(3);
  // How many there are is still open.
  await expect(line(page, 'Sweet Lane')).toContainText('not sold yet');
  await questions(page).getByRole('button', { name: '12', exact: true }).click();
  await expect(line(page, 'Sweet Lane')).toContainText('£6.00');
  await page.getByRole('button', { name: /^Undo/ }).click();
  await expect(line(page, 'Sweet Lane')).toContainText('not sold yet');
  await page.getByRole('button', { name: /^Redo/ }).click();
  await expect(line(page, 'Sweet Lane')).toContainText('£6.00');

  // What a column is can be said, by keyboard, and shows at once.
  await page.getByRole('button', { name: 'Change what a column is' }).press('Enter');
  await page.getByLabel('Apples').selectOption({ label: 'Category' });
  await expect(line(page, 'Dry Hollow')).toContainText('Foxwhelp');
  await saved(page);

  // All of it outlives a reload, and what was said holds for the next list of that form.
  await page.reload();
  await expect(line(page, 'Sweet Lane')).toContainText('£6.00');
  await open(page, 'cider, later.xlsx', await spreadsheet());
  await expect(line(page, 'Sweet Lane')).toContainText('£6.00');
  await expect(line(page, 'Dry Hollow')).toContainText('Foxwhelp');

  // The shop tells what else the list says, and sells nothing that is open.
  await station(page, 'Plan');
  await shopWindow(page).getByRole('link', { name: /Shop/ }).first().click();
  await shopWindow(page)
    .getByRole('link', { name: /Keeved/ })
    .first()
    .click();
  await expect(shopWindow(page).getByRole('heading', { level: 1 })).toHaveText('Keeved');
  await expect(shopWindow(page).getByText('Price on request')).toBeVisible();
  await expect(shopWindow(page).getByRole('button', { name: 'Add to cart' })).toHaveCount(0);
  await expect(shopWindow(page).locator('.facts')).toContainText('Strength');
  await station(page, 'Proof');
  await expect(page.getByText(/Keeved: shown, and not sold/)).toBeVisible();
});

test('a list without a word on its money asks which, and an archive brings its pictures along', async ({ page }) => {
  await newShop(page);
  await station(page, 'Goods');
  const picture = await sharp({ create: { width: 900, height: 900, channels: 3, background: '#357' } })
    .jpeg()
    .toBuffer();
  const archive = zipSync({
    'goods.csv': strToU8('title,price,picture\nBlue mug,12,mug.jpg\nJug,30,\n'),
    'pictures/mug.jpg': new Uint8Array(picture),
  });
  await open(page, 'all.zip', Buffer.from(archive));
  await expect(line(page, 'Blue mug')).toContainText('not sold yet');
  await expect(page.getByText('One picture is in.')).toBeVisible();
  await questions(page).getByLabel('Prices are in').selectOption('NOK');
  await questions(page).getByRole('button', { name: 'So it is' }).click();
  await expect(line(page, 'Blue mug')).toContainText('kr 12.00');
});
