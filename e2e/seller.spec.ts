import { readFile } from 'node:fs/promises';
import { expect, test } from '@playwright/test';
import { readProjectFile } from '../src/core/project';
import {
  brief,
  deliver,
  fillCheckout,
  list,
  newShop,
  pasteList,
  publish,
  saved,
  set,
  shopWindow,
  slipOf,
  station,
  writeBrief,
} from './support';

test('a new seller goes from nothing to a published shop and back to the order', async ({ page, context }) => {
  await newShop(page);
  await expect(page.getByText('The brief is empty.')).toBeVisible();
  await expect(page.getByText('Nothing stands here yet.')).toBeVisible();
  await writeBrief(page, brief);
  await expect(page.getByText('Nothing stands here yet.')).toHaveCount(0);

  // What was understood, with the words that it came from.
  const facts = page.getByRole('region', { name: 'What was understood' });
  await expect(facts).toContainText('Kobold Cycles');
  await expect(facts).toContainText('Leipzig');
  await expect(facts).toContainText('orange, black');
  await expect(facts).toContainText('hanna@kobold.example');
  await expect(facts).toContainText('EUR');
  await expect(shopWindow(page).getByRole('heading', { level: 1 })).toBeVisible();

  // A fact is put right, shows at once, and can be undone.
  await page.getByRole('button', { name: 'Correct Name' }).click();
  await page.getByRole('textbox', { name: 'Name' }).fill('Kobold Räder');
  await page.getByRole('button', { name: 'Save' }).click();
  await expect(shopWindow(page).locator('.top .brand')).toHaveText('Kobold Räder');
  await page.getByRole('button', { name: /^Undo/ }).click();
  await expect(shopWindow(page).locator('.top .brand')).toHaveText('Kobold Cycles');

  // The list: what could not be read is named, the rest is kept.
  await pasteList(page, list);
  await expect(page.getByText(/5 products with 7 variants/)).toBeVisible();
  await expect(page.getByRole('region', { name: 'Notes on the list' })).toContainText('“ab 4” gives no exact price.');
  await expect(page.getByRole('grid', { name: 'Goods' })).toContainText('Bell brass');
  await saved(page);

  // A reload in the middle loses nothing.
  await page.reload();
  await expect(page.getByRole('grid', { name: 'Goods' })).toContainText('Hub, 36 holes');
  await station(page, 'Brief');
  await expect(page.getByLabel('Your brief')).toHaveValue(brief);

  // The plan says why, and sections move by keyboard.
  await station(page, 'Plan');
  await page.getByRole('button', { name: 'Open Opening' }).click();
  await expect(page.getByText('Every visitor lands here first.')).toBeVisible();
  await page.getByRole('button', { name: 'Open Featured goods' }).click();
  await page.getByRole('button', { name: 'Move Featured goods down' }).focus();
  await page.keyboard.press('Enter');
  await expect(shopWindow(page).locator('main > section').nth(2)).toHaveId('featured');

  // The look: the brief's colours, then another family and an own colour, everywhere at once.
  await station(page, 'Look');
  await page.getByText('Ledger', { exact: true }).click();
  await expect(shopWindow(page).locator('html.family-ledger')).toHaveCount(1);
  await page.getByRole('button', { name: /^Colour/ }).click();
  await expect(page.getByText('The brief asks for orange and black.')).toBeVisible();
  await page.getByRole('button', { name: /^Type/ }).click();
  await page.getByLabel('Headings').selectOption('bricolage-grotesque');
  await expect(shopWindow(page).getByRole('heading', { level: 1 })).toHaveCSS('font-family', /Bricolage Grotesque/);

  // The till.
  await station(page, 'Till');
  await page.getByLabel('Standard rate, %').fill('19');
  await page.getByLabel('Reduced rate, %').click();
  // What follows from the rate stands there: nothing moves any more under what is pressed next.
  await expect(page.getByText('I am a small seller and charge no tax')).toBeVisible();
  await deliver(page, '4,90');
  await expect(page.getByRole('region', { name: 'An order, worked out' })).toContainText('the rate “Post”');
  await saved(page);

  // Published, at an address of its own.
  const address = await publish(page, 'kobold-cycles');
  const shop = await context.newPage();
  await shop.goto(address);
  await expect(shop).toHaveTitle(/Kobold Cycles/);
  await shop.goto(`${address}shop/`);
  await shop.getByRole('link', { name: 'Price, low first' }).click();
  await expect(shop.locator('.good .name').first()).toHaveText('Spoke, stainless');
  await shop.getByRole('link', { name: /Spoke, stainless/ }).click();

  // Options change price and stock.
  await expect(shop.getByText('In stock.')).toBeVisible();
  await shop.getByRole('radio', { name: '290 mm' }).check();
  await expect(shop.getByText('Only 3 left.')).toBeVisible();
  await expect(shop.locator('[data-price]')).toContainText('€1.20');
  await shop.getByLabel('Number').fill('2');
  await shop.getByRole('button', { name: 'Add to cart' }).click();
  await expect(shop.getByRole('link', { name: 'Cart (2)' })).toBeVisible();

  // The cart is kept between visits.
  await shop.close();
  const again = await context.newPage();
  await again.goto(`${address}cart/`);
  await expect(again.locator('.line')).toContainText('Spoke, stainless, 290 mm');
  await again.getByRole('link', { name: 'To the checkout' }).click();

  // What is missing is said at the field.
  await again.getByRole('button', { name: 'Order and pay' }).click();
  await expect(again.getByRole('alert')).toContainText('Write your name.');
  await fillCheckout(again);
  await expect(again.locator('.total')).toContainText('€7.30');
  await expect(again.locator('[data-summary]')).toContainText('of which tax 19 %');
  await again.getByRole('button', { name: 'Order and pay' }).click();
  await again.waitForURL(/payments\.localhost/);

  // Refused first, then accepted after a confirmation.
  await again.getByLabel('Card number').fill('9000 0000 0000 0019');
  await again.getByRole('button', { name: /^Pay/ }).click();
  await expect(again.getByText('The payment was refused')).toBeVisible();
  await again.getByRole('link', { name: 'Back to the checkout' }).click();
  // What was written stands there still; consent is asked for each time.
  await expect(again.getByLabel('Street and number')).not.toHaveValue('');
  await again.getByRole('checkbox').check();
  await again.getByRole('button', { name: 'Order and pay' }).click();
  await again.getByLabel('Card number').fill('9000 0000 0000 0027');
  await again.getByRole('button', { name: /^Pay/ }).click();
  await again.getByRole('button', { name: 'Yes, I am paying' }).click();
  await expect(again.getByText('Order 1002')).toBeVisible();
  await expect(again.getByText('The order is paid.')).toBeVisible();
  await again.goto(`${address}goods/spoke-stainless/`);
  await again.getByRole('radio', { name: '290 mm' }).check();
  await expect(again.getByText('Only 1 left.')).toBeVisible();

  // The order stands in the studio.
  await station(page, 'Orders');
  await expect(page.getByRole('row', { name: /1002.*Ada Probst.*paid/ })).toBeVisible();
  await expect(page.getByRole('row', { name: /1001.*payment refused/ })).toBeVisible();
  const sheet = page.getByRole('complementary', { name: 'The order' });
  await expect(sheet).toContainText('2 × Spoke, stainless, 290 mm');
  await expect(sheet).toContainText('€7.30');
  await sheet.getByRole('button', { name: 'The parcel has left' }).click();
  await expect(page.getByRole('row', { name: /1002.*sent/ })).toBeVisible();
});

test('a text is changed where it stands, and outlives a new brief', async ({ page }) => {
  await newShop(page);
  await writeBrief(page, brief);
  await pasteList(page, list);
  await station(page, 'Plan');
  await shopWindow(page).getByText('Every wheel is trued twice').first().click();
  await expect(page.getByText(/From your brief/).first()).toBeVisible();
  await page.keyboard.press('Escape');
  await expect(slipOf(page)).toHaveCount(0);
  await shopWindow(page).getByRole('heading', { level: 1 }).click();
  await set(page).fill('Wheels that stay round.');
  await slipOf(page).getByRole('button', { name: 'Done' }).click();
  await expect(shopWindow(page).getByRole('heading', { level: 1 })).toHaveText('Wheels that stay round.');
  await station(page, 'Brief');
  await writeBrief(page, `${brief}\n\nWe also sell lamps.`);
  await expect(shopWindow(page).getByRole('heading', { level: 1 })).toHaveText('Wheels that stay round.');
});

test('projects are duplicated, renamed, deleted and brought back', async ({ page }) => {
  await newShop(page);
  await writeBrief(page, brief);
  // The shop is called as the brief calls it as soon as that is read.
  await expect(page).toHaveTitle('Kobold Cycles: Brief');
  await page.getByRole('link', { name: 'All projects' }).click();
  await page.getByRole('button', { name: 'Duplicate Kobold Cycles' }).click();
  await expect(page.getByRole('link', { name: 'Kobold Cycles, copy' })).toBeVisible();
  await page.getByRole('button', { name: 'Rename Kobold Cycles, copy' }).click();
  await page.getByLabel('Name of the project').fill('Second thoughts');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('link', { name: 'Second thoughts' })).toBeVisible();
  await page.getByRole('button', { name: 'Delete Second thoughts' }).click();
  await expect(page.getByRole('link', { name: 'Second thoughts' })).toHaveCount(0);
  await page.getByRole('button', { name: 'Bring back Second thoughts' }).click();
  await page.getByRole('link', { name: 'Second thoughts' }).click();
  await expect(page.getByLabel('Your brief')).toHaveValue(brief);
});

test('a project file comes back equal in content', async ({ page }) => {
  await newShop(page);
  await writeBrief(page, brief);
  await pasteList(page, list);
  await saved(page);
  const exported = async () => {
    await station(page, 'Publish');
    const file = page.waitForEvent('download');
    await page.getByRole('button', { name: 'Export project' }).click();
    return (await file).path();
  };
  const first = await exported();
  await page.goto('/');
  const chooser = page.waitForEvent('filechooser');
  await page.getByRole('button', { name: 'Open a project file' }).click();
  await (await chooser).setFiles({ name: 'shop.arcatum.zip', mimeType: 'application/zip', buffer: await readFile(first) });
  await page.waitForURL(/\/brief$/);
  const second = await exported();
  const content = async (path: string) => {
    const file = readProjectFile(new Uint8Array(await readFile(path)));
    if (!file.ok) throw new Error(file.say);
    const { log, project } = file.value.story;
    return { ...project, id: '', steps: log.changes };
  };
  expect(await content(second)).toEqual(await content(first));
});
