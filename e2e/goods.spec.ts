import { mkdirSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { expect, test, type Locator, type Page } from '@playwright/test';
import { strToU8, zipSync } from 'fflate';
import sharp from 'sharp';
import writeXlsx from 'write-excel-file/node';
import {
  atRest,
  expectNoAxeFindings,
  followLinks,
  newShop,
  openSample,
  pasteList,
  saved,
  shopWindow,
  station,
  writeBrief,
} from './support';

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
  await expect(questions(page).getByRole('listitem')).toHaveCount(5);
  await expectNoAxeFindings(page, 'Goods with questions');

  // An answer is one step, with the goods that follow from it; undo takes both back.
  await questions(page).getByRole('button', { name: 'It costs 6.00 GBP' }).click();
  await expect(questions(page).getByRole('listitem')).toHaveCount(4);
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
  await page.getByRole('combobox', { name: 'Apples' }).selectOption({ label: 'Category' });
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
  await followLinks(page);
  await shopWindow(page).getByRole('link', { name: /Shop/ }).first().click();
  await shopWindow(page)
    .getByRole('link', { name: /Keeved/ })
    .first()
    .click();
  await expect(shopWindow(page).getByRole('heading', { level: 1 })).toHaveText('Keeved');
  // "£11–14" is no price yet, and nobody said that it is on request.
  await expect(shopWindow(page).getByText('Not on sale yet')).toBeVisible();
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
  await expect(page.getByText('One picture found its thing.')).toBeVisible();
  await questions(page).getByLabel('Prices are in').selectOption('NOK');
  await questions(page).getByRole('button', { name: 'So it is' }).click();
  await expect(line(page, 'Blue mug')).toContainText('kr 12.00');
});

const view = (page: Page, name: string) => page.getByRole('radio', { name }).or(page.getByRole('button', { name, exact: true }));
const comparison = (page: Page) => page.getByRole('region', { name: 'What the new list changes' });
const grid = (page: Page) => page.getByRole('region', { name: 'The list as it came' });

test('the list as it came: a column is told otherwise over it, and a row that was left out is mended where it stands', async ({
  page,
}) => {
  await newShop(page);
  await writeBrief(page, brief);
  await pasteList(
    page,
    'Cider,Asking,Apples,Left\n,£7.20,Tremlett,12\nDry Hollow,£6.50,Foxwhelp,40\nSweet Lane,£6,Slack-ma-Girdle,9\nKeeved,£11,Foxwhelp,4\nOld Perry,£9,Thorn,3\nRedstreak,£8,Redstreak,7\n',
  );
  await view(page, 'The list as it came').click();
  await expect(grid(page).getByRole('button', { name: 'Row 2, left out: look at it' })).toBeVisible();
  await expectNoAxeFindings(page, 'The list as it came');

  await grid(page).getByLabel('Apples').selectOption({ label: 'Category' });
  await expect(grid(page).getByRole('columnheader', { name: /Apples/ })).toContainText('You have said so.');

  await grid(page)
    .getByRole('checkbox', { name: /Only rows with something to say/ })
    .check();
  await expect(grid(page).locator('tbody').getByRole('row')).toHaveCount(1);
  const kept = page.waitForEvent('download');
  await grid(page).getByRole('button', { name: 'Save the row left out, as CSV' }).click();
  expect((await kept).suggestedFilename()).toBe('left-out.csv');

  await grid(page)
    .getByRole('button', { name: /^Row 2/ })
    .press('Enter');
  const row = page.getByRole('form', { name: 'Row 2' });
  await expect(row).toContainText('The row has no name');
  await row.getByLabel('Cider').fill('Tremlett’s Own');
  await row.getByRole('button', { name: 'Read it so' }).press('Enter');
  await expect(grid(page).getByRole('checkbox', { name: /something to say \(0\)/ })).toBeVisible();
  await view(page, 'What is sold').click();
  await expect(line(page, 'Tremlett’s Own')).toContainText('£7.20');

  // It is a step like any other, and outlives a reload.
  await saved(page);
  await page.reload();
  await expect(line(page, 'Tremlett’s Own')).toContainText('£7.20');
  await page.getByRole('button', { name: /^Undo/ }).click();
  await expect(line(page, 'Tremlett’s Own')).toHaveCount(0);
});

test('a list without headings: just one of its columns is told otherwise, and another gets the name that shoppers read', async ({
  page,
}) => {
  await newShop(page);
  await writeBrief(page, brief);
  await pasteList(
    page,
    'Tremlett,£7.20,still,2019\nDry Hollow,£6.50,sparkling,2021\nSweet Lane,£6.00,still,2020\nKeeved,£11.00,sparkling,2018\n',
  );
  await view(page, 'The list as it came').click();
  const column = (name: string) => grid(page).getByRole('columnheader', { name: new RegExp(name) });
  await expect(page.getByText(/no heading/).first()).toBeVisible();
  await grid(page).getByRole('combobox', { name: 'Column 3' }).selectOption({ label: 'Category' });
  await expect(column('Column 3')).toContainText('You have said so.');
  await expect(column('Column 4')).not.toContainText('You have said so.');
  await grid(page).getByRole('combobox', { name: 'Column 4' }).selectOption({ label: 'Told with the thing' });
  const name = grid(page).getByLabel('Column 4, to shoppers');
  await name.fill('Pressed in');
  // Enter, and leaving the field at once, are one step.
  await name.press('Enter');
  await name.blur();
  await expect(page.getByText(/no heading/)).toHaveCount(0);
  await expectNoAxeFindings(page, 'A list without headings');
  await view(page, 'What is sold').click();
  await expect(line(page, 'Keeved')).toContainText('sparkling');

  // What was said outlives a reload, and goes again as a step.
  await saved(page);
  await page.reload();
  await view(page, 'The list as it came').click();
  await expect(grid(page).getByLabel('Column 4, to shoppers')).toHaveValue('Pressed in');
  await page.getByRole('button', { name: /^Undo/ }).click();
  await expect(grid(page).getByLabel('Column 4, to shoppers')).toHaveValue('');
});

test('a changed list is compared cell by cell before it is taken; hand edits stay, and what is gone can be put back', async ({
  page,
}) => {
  await newShop(page);
  await writeBrief(page, brief);
  const list = (rows: string) => `Cider,Asking,Code,Left\n${rows}`;
  await pasteList(page, list('Dry Hollow,£6.50,D1,40\nSweet Lane,£6,S1,9\nKeeved,£11,K1,4\nOld Perry,£9,,3\n'));
  await line(page, 'Dry Hollow').getByRole('rowheader').click();
  await page.getByLabel('Price of the one').fill('6.80');
  await page.getByLabel('Title').fill('Dry Hollow, still');
  await page.getByLabel('Title').blur();
  await expect(line(page, 'Dry Hollow, still')).toContainText('£6.80');
  await page.getByRole('button', { name: 'Close' }).click();

  // Sorted otherwise, one renamed, one dearer, one gone, one that may be another under a new name, one new.
  await pasteList(
    page,
    list('Sweet Lane Medium,£6,S1,9\nDry Hollow,£7.10,D1,40\nOld Perry vintage,£12,,3\nRedstreak,£8,R1,20\n'),
  );
  await expect(comparison(page).getByRole('heading', { level: 2 })).toContainText('What “pasted list” changes');
  await expectNoAxeFindings(page, 'The comparison of two lists');
  const changed = comparison(page).getByRole('region', { name: 'Changed' });
  await expect(changed.getByRole('row', { name: /Dry Hollow Price £6.50 £7.10 £6.80/ })).toBeVisible();
  await expect(changed.getByRole('row', { name: /Sweet Lane Medium Title Sweet Lane Sweet Lane Medium/ })).toBeVisible();
  await expect(comparison(page).getByRole('region', { name: 'Gone' })).toContainText('Keeved');
  await comparison(page).getByRole('button', { name: 'Old Perry vintage is the same as Old Perry' }).press('Enter');
  await expect(changed.getByRole('row', { name: /Old Perry vintage Title/ })).toBeVisible();
  await expect(comparison(page).getByRole('region', { name: 'New' })).toHaveText(/^New\s*Redstreak$/);

  // Nothing is done until it is taken.
  await comparison(page)
    .getByRole('button', { name: /^Stay with/ })
    .click();
  await expect(line(page, 'Keeved')).toBeAttached();
  await pasteList(page, list('Sweet Lane Medium,£6,S1,9\nDry Hollow,£7.10,D1,40\nRedstreak,£8,R1,20\n'));
  await comparison(page).getByRole('button', { name: 'Take the new list' }).click();
  await expect(line(page, 'Dry Hollow, still')).toContainText('£6.80');
  await expect(line(page, 'Redstreak')).toBeAttached();
  await expect(line(page, 'Keeved')).toHaveCount(0);

  await page.getByRole('button', { name: 'See what is set aside' }).click();
  await page.getByRole('button', { name: 'Put back Keeved' }).click();
  await expect(line(page, 'Keeved')).toContainText('£11.00');

  // What one gives up of one's own goes with the list, and undo takes all of it back.
  await pasteList(page, list('Sweet Lane Medium,£6,S1,9\nDry Hollow,£7.40,D1,40\nRedstreak,£8,R1,20\n'));
  await comparison(page).getByRole('checkbox', { name: 'Take the list’s instead of yours: Price of Dry Hollow' }).check();
  await comparison(page).getByRole('button', { name: 'Take the new list' }).click();
  await expect(line(page, 'Dry Hollow, still')).toContainText('£7.40');
  await expect(line(page, 'Keeved')).toBeAttached();
  await page.getByRole('button', { name: /^Undo/ }).click();
  await expect(line(page, 'Dry Hollow, still')).toContainText('£6.80');
});

test('a list that the browser has lost is said to be gone; brought in again, what was changed of it still holds', async ({
  page,
}) => {
  await newShop(page);
  await writeBrief(page, brief);
  const list = 'Cider,Asking,Code,Left\nDry Hollow,£6.50,D1,40\nSweet Lane,£6,S1,9\n';
  await pasteList(page, list);
  await line(page, 'Dry Hollow').getByRole('rowheader').click();
  await page.getByLabel('Price of the one').fill('6.80');
  await page.getByLabel('Price of the one').blur();
  await expect(line(page, 'Dry Hollow')).toContainText('£6.80');
  await saved(page);

  // As a browser does that makes room: the lists go, and what is known of them stays.
  await page.evaluate(
    () =>
      new Promise<void>((resolve, reject) => {
        const opening = indexedDB.open('arcatum-goods');
        opening.onerror = () => reject(new Error('no goods are stored'));
        opening.onsuccess = () => {
          const store = opening.result.transaction('goods', 'readwrite').objectStore('goods');
          const keys = store.getAllKeys();
          keys.onsuccess = () => {
            for (const key of keys.result) if (!String(key).includes('#')) store.delete(key);
            store.transaction.oncomplete = () => resolve();
          };
        };
      }),
  );
  await page.reload();
  await expect(page.getByText('The list of goods is not in this browser any more')).toBeVisible();
  await expect(line(page, 'Dry Hollow')).toHaveCount(0);

  await pasteList(page, list);
  await expect(line(page, 'Dry Hollow')).toContainText('£6.80');
  await expect(page.getByText('The list of goods is not in this browser any more')).toBeHidden();
});

test('a product by hand stands in the shop, is refused without a title, and goes again', async ({ page }) => {
  await newShop(page);
  await writeBrief(page, brief);
  await station(page, 'Goods');
  await page.getByRole('button', { name: 'Add a product' }).press('Enter');
  const form = page.getByRole('form', { name: 'A product by hand' });
  await form.getByRole('button', { name: 'Add it' }).press('Enter');
  await expect(form).toContainText('A product needs a title.');
  await form.getByLabel('Title').fill('Wassail bowl');
  await form.getByLabel('Price, GBP').fill('from 4 to 9');
  await expect(form).toContainText('“from 4 to 9”');
  await form.getByRole('button', { name: 'Add it' }).press('Enter');
  await expect(form).toBeVisible();
  await form.getByLabel('Price, GBP').fill('38.50');
  await form.getByLabel('What can be chosen').fill('Wood');
  await form.getByLabel('The choices, parted by commas').fill('Pear, Apple');
  await form.getByRole('button', { name: 'Add it' }).press('Enter');
  await expect(line(page, 'Wassail bowl')).toContainText('£38.50');
  await expect(page.getByLabel('Price of Pear')).toHaveValue('38.50');
  // What is there keeps its price when there is more to choose from.
  await page.getByLabel('Price of Pear').fill('42.00');
  await page.getByLabel('Price of Pear').blur();
  const further = page.getByRole('form', { name: 'Further choices' });
  await further.getByRole('button', { name: 'Add them' }).press('Enter');
  await expect(further).toContainText('Write at least one.');
  await further.getByLabel('Further Wood').fill('Plum, apple');
  await further.getByRole('button', { name: 'Add them' }).press('Enter');
  await expect(page.getByLabel('Price of Plum')).toHaveValue('38.50');
  await expect(page.getByLabel('Price of Pear')).toHaveValue('42.00');
  await saved(page);
  await page.reload();
  await expect(line(page, 'Wassail bowl')).toContainText('3');
  await line(page, 'Wassail bowl').getByRole('rowheader').click();
  await page.getByRole('button', { name: 'Take it out of the shop' }).click();
  await expect(line(page, 'Wassail bowl')).toHaveCount(0);
});

/** Files and folders, let go over a part of the page as the browser itself gets them from the desk. */
async function drop(page: Page, onto: Locator, files: string[]): Promise<void> {
  const box = await onto.boundingBox();
  const { x, y } = { x: Math.round((box?.x ?? 0) + 20), y: Math.round((box?.y ?? 0) + 10) };
  const browser = await page.context().newCDPSession(page);
  const copy = 1;
  for (const type of ['dragEnter', 'dragOver', 'drop'] as const)
    await browser.send('Input.dispatchDragEvent', { type, x, y, data: { items: [], files, dragOperationsMask: copy } });
}

const flat = (background: string, width = 900) =>
  sharp({ create: { width, height: 700, channels: 3, background } })
    .jpeg()
    .toBuffer();

test('pictures find their things by name; the rest is put there by keyboard, ordered, described and taken off', async ({
  page,
}) => {
  await newShop(page);
  await writeBrief(page, brief);
  await pasteList(page, 'Cider,Asking,Code\nDry Hollow,£6.50,D1\nSweet Lane,£6,S1\n');
  const chooser = page.waitForEvent('filechooser');
  await page.getByRole('button', { name: 'Add pictures', exact: true }).click();
  await (
    await chooser
  ).setFiles([
    { name: 'dry-hollow.jpg', mimeType: 'image/jpeg', buffer: await flat('#864') },
    { name: 'DSC_0033.jpg', mimeType: 'image/jpeg', buffer: await flat('#486', 300) },
  ]);
  await expect(page.getByText('One picture found its thing.')).toBeVisible();
  const alone = page.getByRole('region', { name: 'Pictures that belong to nothing yet' });
  await expect(alone).toContainText('DSC_0033.jpg');
  await expect(line(page, 'Dry Hollow').getByRole('img', { name: 'has a picture' })).toBeVisible();
  await atRest(page);

  // Dragged by keyboard: taken up, moved to the second product, dropped; and taken back.
  const onto = (name: string) => page.getByRole('button', { name: `Drop on ${name}` });
  await alone.getByRole('button', { name: /^Take up DSC_0033/ }).press('Enter');
  await expect(onto('Dry Hollow')).toBeFocused();
  await page.keyboard.press('ArrowDown');
  await expect(onto('Sweet Lane')).toBeFocused();
  await page.keyboard.press('Enter');
  await expect(alone).toHaveCount(0);
  await expect(line(page, 'Sweet Lane').getByRole('img', { name: 'has a picture' })).toBeVisible();
  await page.getByRole('button', { name: /^Undo/ }).click();

  // Chosen, and the product below.
  await alone.getByRole('row', { name: 'DSC_0033.jpg' }).press('Space');
  await alone.getByLabel('It shows').selectOption({ label: 'Dry Hollow' });
  await alone.getByRole('button', { name: 'Put it there' }).press('Enter');
  await expect(alone).toHaveCount(0);

  await line(page, 'Dry Hollow').getByRole('rowheader').click();
  const pictures = page.getByRole('region', { name: 'Pictures of the product' });
  await expect(pictures.getByRole('listitem')).toContainText(['dry-hollow.jpg', 'DSC_0033.jpg']);
  await expect(pictures.getByRole('listitem').nth(1)).toContainText('300 × 700 pixels, too few: 800');
  await pictures.getByRole('button', { name: 'Show DSC_0033.jpg earlier' }).press('Enter');
  await expect(pictures.getByRole('listitem')).toContainText(['DSC_0033.jpg', 'dry-hollow.jpg']);
  await pictures.getByLabel('What DSC_0033.jpg shows').fill('Dry Hollow in the orchard');
  await pictures.getByLabel('What DSC_0033.jpg shows').blur();
  await saved(page);
  await station(page, 'Plan');
  await followLinks(page);
  await shopWindow(page)
    .getByRole('link', { name: /Dry Hollow/ })
    .first()
    .click();
  await expect(shopWindow(page).getByRole('img', { name: 'Dry Hollow in the orchard' })).toBeVisible();
  await station(page, 'Goods');
  await line(page, 'Dry Hollow').getByRole('rowheader').click();
  await pictures.getByRole('button', { name: 'Take dry-hollow.jpg off' }).press('Enter');
  await expect(pictures.getByRole('listitem')).toHaveCount(1);
});

test('a list and its pictures are dropped on the station; a picture is said to show one choice', async ({ page }) => {
  await newShop(page);
  await writeBrief(page, brief);
  await station(page, 'Goods');
  const folder = test.info().outputPath('from the desk');
  mkdirSync(join(folder, 'pictures'), { recursive: true });
  const list = join(folder, 'cider.csv');
  writeFileSync(list, 'Cider,Bottle,Asking\nDry Hollow,50 cl,£6.50\nDry Hollow,75 cl,£8.90\n');
  writeFileSync(join(folder, 'pictures', 'dry-hollow.jpg'), await flat('#864'));
  writeFileSync(join(folder, 'pictures', 'dry hollow 2.jpg'), await flat('#486'));
  await drop(page, page.getByRole('heading', { name: 'No goods yet' }), [list, join(folder, 'pictures')]);
  await expect(line(page, 'Dry Hollow')).toContainText('£6.50 – £8.90');
  await expect(line(page, 'Dry Hollow').getByRole('img', { name: 'has a picture' })).toBeVisible();
  await atRest(page);
  await line(page, 'Dry Hollow').getByRole('rowheader').click();
  const pictures = page.getByRole('region', { name: 'Pictures of the product' });
  await pictures.getByLabel('Which of it dry hollow 2.jpg shows').selectOption({ label: 'Bottle: 75 cl' });
  await expect(pictures.getByLabel('Which of it dry hollow 2.jpg shows')).toHaveValue('0 75 cl');
  await saved(page);
  await page.reload();
  await line(page, 'Dry Hollow').getByRole('rowheader').click();
  await expect(pictures.getByLabel('Which of it dry hollow 2.jpg shows')).toHaveValue('0 75 cl');
  await pictures.getByLabel('Which of it dry hollow 2.jpg shows').selectOption({ label: 'All of it' });
  await expect(pictures.getByLabel('Which of it dry hollow 2.jpg shows')).toHaveValue('');
});

test('the reading of a long list can be stopped, and nothing is changed', async ({ page }) => {
  await openSample(page);
  await station(page, 'Goods');
  await atRest(page);
  const list = page.getByRole('complementary', { name: 'The list' });
  const before = await list.getByText(/^\d+ products, \d+ variants/).textContent();
  const rows = Array.from({ length: 180_000 }, (_, i) => `Thing number ${i},${(i % 90) + 10}.50,C-${i},what is told of it`);
  await open(page, 'long.csv', Buffer.from(`title,price,code,description\n${rows.join('\n')}\n`));
  await expect(page.getByRole('progressbar', { name: 'Reading' })).toBeVisible();
  await page.getByRole('button', { name: 'Stop' }).click();
  await expect(page.getByText('Stopped. Nothing was changed.')).toBeVisible();
  await atRest(page);
  await expect(list.getByText(/^\d+ products, \d+ variants/)).toHaveText(before ?? '');
  // The shop goes on working.
  await pasteList(page, 'title,price\nBell,5\n');
  await expect(comparison(page).getByRole('region', { name: 'New' })).toContainText('Bell');
});
