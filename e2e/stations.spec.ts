import { expect, test } from '@playwright/test';
import {
  deliver,
  asking,
  brief,
  list,
  newShop,
  openSample,
  pasteList,
  publish,
  saved,
  shopWindow,
  station,
  writeBrief,
} from './support';

test('stations are reached and left by keyboard alone', async ({ page }) => {
  await newShop(page);
  await page.getByRole('link', { name: 'All projects' }).focus();
  await page.keyboard.press('Tab');
  await expect(page.getByRole('link', { name: /^Brief,/ })).toBeFocused();
  await page.keyboard.press('Tab');
  await expect(page.getByRole('link', { name: /^Goods,/ })).toBeFocused();
  await page.keyboard.press('Enter');
  await expect(page.getByRole('heading', { level: 1, name: 'Goods' })).toBeVisible();
  await expect(page.getByRole('link', { name: /^Goods,/ })).toHaveAttribute('aria-current', 'page');
});

test('a price is changed where it stands, wrong input is said, and the list’s own price comes back', async ({ page }) => {
  await newShop(page);
  await writeBrief(page, brief);
  await pasteList(page, list);
  await page.getByRole('rowheader', { name: /Hub, 36 holes/ }).click();
  const side = page.getByRole('complementary', { name: 'Hub, 36 holes' });
  const price = side.getByLabel('Price of the one');
  await expect(price).toHaveValue('89.00');
  await price.fill('cheap');
  await expect(side.getByText('“cheap” is not a price.')).toBeVisible();
  await price.fill('95,50');
  await side.getByLabel('Stock of the one').click();
  await expect(page.getByRole('row', { name: /Hub, 36 holes/ })).toContainText('€95.50');
  await side.getByLabel('Title').fill('Hub for the rear');
  await side.getByLabel('Description').click();
  await expect(page.getByRole('grid', { name: 'Goods' })).toContainText('Hub for the rear');
  await saved(page);

  // The next list keeps what was decided.
  await page.getByRole('button', { name: 'Paste a list' }).click();
  await page.getByLabel('The list, with its headings').fill(list.replace('4;;410', '9;;410'));
  await page.getByRole('button', { name: 'Bring it in' }).click();
  await page.getByRole('button', { name: 'Take the new list' }).click();
  await expect(page.getByRole('row', { name: /Hub for the rear/ })).toContainText('€95.50');
  await expect(
    page
      .getByRole('row', { name: /Hub for the rear/ })
      .getByRole('gridcell')
      .last(),
  ).toHaveText('9');

  await page.getByRole('rowheader', { name: /Hub for the rear/ }).click();
  await page.getByRole('button', { name: 'Back to what the list says' }).click();
  await expect(page.getByRole('row', { name: /Hub, 36 holes/ })).toContainText('€89.00');
  await page.getByRole('button', { name: /^Undo/ }).click();
  await expect(page.getByRole('row', { name: /Hub for the rear/ })).toContainText('€95.50');
});

test('the table is sorted and searched', async ({ page }) => {
  await openSample(page);
  await station(page, 'Goods');
  await page.getByLabel('Find in the list').fill('kit');
  await expect(page.getByRole('grid').getByRole('rowheader')).toHaveCount(4);
  await page.getByRole('columnheader', { name: 'Price' }).click();
  await expect(page.getByRole('grid').getByRole('rowheader').first()).toContainText('Fell Walker socks kit');
  await page.getByRole('columnheader', { name: 'Price' }).click();
  await expect(page.getByRole('grid').getByRole('rowheader').first()).toContainText('First Scarf kit');
  await page.getByLabel('Find in the list').fill('zeppelin');
  await expect(page.getByText('Nothing in the list has “zeppelin” in it.')).toBeVisible();
});

test('a long list is brought in whole, its table goes on as it is scrolled, and it is there after the page was opened anew', async ({
  page,
}) => {
  await newShop(page);
  await writeBrief(page, brief);
  const rows = Array.from({ length: 4000 }, (_, i) => `Part ${i + 1},${i + 1}.00,Shelf ${i % 7}`);
  await station(page, 'Goods');
  const chooser = page.waitForEvent('filechooser');
  await page.getByRole('button', { name: 'Open a list' }).click();
  const buffer = Buffer.from(`title,price,category\n${rows.join('\n')}\n`);
  await (await chooser).setFiles({ name: 'parts.csv', mimeType: 'text/csv', buffer });
  await expect(page.getByText('4000 products with 4000 variants are in.')).toBeVisible();
  const table = page.getByRole('grid', { name: 'Goods' });
  await expect
    .poll(async () => {
      await table.evaluate((grid) => grid.scrollTo(0, grid.scrollHeight));
      const last = await table.getByRole('rowheader').last().textContent();
      return Number(last?.replace(/\D/g, ''));
    })
    .toBeGreaterThan(300);
  await page.getByLabel('Find in the list').fill('part 3999');
  await expect(table.getByRole('rowheader', { name: 'Part 3999' })).toBeVisible();
  await page.getByRole('button', { name: /^Undo/ }).click();
  await expect(page.getByRole('heading', { name: 'No goods yet' })).toBeVisible();
  await page.getByRole('button', { name: /^Redo/ }).click();
  await saved(page);
  await page.reload();
  await expect(page.getByText('4000 products, 4000 variants.')).toBeVisible();
  await station(page, 'Plan');
  await expect(shopWindow(page).getByRole('link', { name: 'Shop', exact: true }).first()).toBeVisible();
});

test('a picture is added and found by the name that the list gives it', async ({ page }) => {
  await newShop(page);
  await pasteList(page, 'title,price,picture\nDot,5,Dot.PNG\n');
  await expect(page.getByRole('img', { name: 'has no picture' })).toBeVisible();
  const dot = Buffer.from(
    'iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAYAAAAfFcSJAAAADUlEQVR42mNk+M9QDwADhgGAWjR9awAAAABJRU5ErkJggg==',
    'base64',
  );
  const chooser = page.waitForEvent('filechooser');
  await page.getByRole('button', { name: 'Add pictures' }).click();
  await (
    await chooser
  ).setFiles([
    { name: 'dot.png', mimeType: 'image/png', buffer: dot },
    { name: 'note.png', mimeType: 'image/png', buffer: Buffer.from('not a picture') },
  ]);
  await expect(page.getByText('“note.png” is not a picture.')).toBeVisible();
  await expect(page.getByRole('img', { name: 'has a picture' })).toBeVisible();
  await station(page, 'Plan');
  await expect(shopWindow(page).locator('.buy-one img').first()).toHaveAttribute('src', /^blob:/);
});

test('a colour is mixed, stands everywhere at once, and goes back to the brief’s', async ({ page }) => {
  await openSample(page);
  await station(page, 'Look');
  const accent = () =>
    shopWindow(page)
      .locator('html')
      .evaluate((html) => getComputedStyle(html).getPropertyValue('--accent').trim());
  await page.getByRole('button', { name: /^Colour/ }).click();
  await expect.poll(accent).toBe('#1f5530');
  await page.getByRole('button', { name: /^Accent, #1f5530/ }).click();
  await page.getByRole('textbox', { name: 'Code' }).fill('#3344AA');
  await page.keyboard.press('Tab');
  await page.getByRole('button', { name: 'Use it' }).click();
  await page.keyboard.press('Escape');
  await expect.poll(accent).toBe('#3344aa');
  await expect(page.getByRole('button', { name: /^Accent, #3344aa/ })).toBeVisible();
  await page.getByRole('button', { name: 'Back to the brief’s colours' }).click();
  await expect.poll(accent).toBe('#1f5530');
  await page.getByRole('button', { name: 'Mix another' }).click();
  await expect.poll(accent).toBe('#a32e36');
});

test('the till works an order out anew with every rule', async ({ page }) => {
  await newShop(page);
  await writeBrief(page, brief);
  await pasteList(page, 'title,price,weight\nHub,89,400\nRim,50,900\n');
  await station(page, 'Till');
  const bill = page.getByRole('region', { name: 'An order, worked out' });
  await expect(bill).toContainText('No delivery rate fits this order');
  await deliver(page, '4.90');
  await expect(page.getByLabel('Zone', { exact: true })).toHaveValue('Germany');
  await bill.getByLabel('Number', { exact: true }).fill('2');
  await page.getByLabel('Free from').fill('500');
  await page.getByLabel('Zone', { exact: true }).click();
  await expect(bill).toContainText('€182.90');
  await page.getByLabel('Free from').fill('100');
  await page.getByLabel('Zone', { exact: true }).click();
  await expect(bill).toContainText('free, as the goods come to €100.00 or more');
  // What the change did to buyers stands beside.
  await expect(page.getByRole('row', { name: /^Three things, at home/ })).toContainText('€232.90€228.00');
  await page.getByLabel('Standard rate, %').fill('none');
  await expect(page.getByText('Write a percentage from 0 to 100.').first()).toBeVisible();
  await page.getByLabel('Standard rate, %').fill('19');
  await page.getByLabel('Zone', { exact: true }).click();
  await expect(bill).toContainText('€178.00 × 19 ÷ 119');
  await page.getByRole('button', { name: 'Add a discount' }).click();
  const draft = page.getByRole('group', { name: 'A discount that is not set yet' });
  await draft.getByLabel('Code', { exact: true }).fill('SPRING');
  await draft.getByRole('textbox', { name: 'Percent' }).fill('15');
  await draft.getByRole('textbox', { name: 'Percent' }).press('Enter');
  await page.getByRole('button', { name: 'Give this discount' }).click();
  await page.getByLabel('Codes, by commas').fill('spring');
  await expect(bill).toContainText('Discount SPRING');
  await saved(page);
  await page.reload();
  await expect(page.getByLabel('Code', { exact: true })).toHaveValue('SPRING');
  await expect(page.getByRole('textbox', { name: 'Percent' })).toHaveValue('15');
});

test('proof leads to where a thing is mended, and counts it as done', async ({ page }) => {
  await newShop(page);
  await writeBrief(page, 'We are Old Tin. We make biscuit tins near Porto. tins@old.example');
  await station(page, 'Proof');
  const mend = page.getByRole('region', { name: 'Mend before publishing' });
  await expect(mend).toContainText('There are no goods yet.');
  await mend.getByRole('link', { name: 'Goods' }).click();
  await expect(page.getByRole('heading', { level: 1, name: 'Goods' })).toBeVisible();
  await pasteList(page, 'title,price\nTin,€12\n');
  await station(page, 'Proof');
  await expect(page.getByRole('region', { name: 'In order' })).toContainText('There are goods to sell.');
});

test('an earlier release is brought back, and a foreign address is refused', async ({ page, browser }) => {
  await newShop(page);
  await writeBrief(page, brief);
  await pasteList(page, list);
  const address = await publish(page, 'two-releases');
  await station(page, 'Brief');
  await page.getByRole('button', { name: 'Correct Name' }).click();
  await page.getByRole('textbox', { name: 'Name' }).fill('Second Name');
  await page.getByRole('button', { name: 'Save' }).click();
  await saved(page);
  await station(page, 'Publish');
  await page.getByRole('button', { name: 'Publish again' }).click();
  await expect(page.getByText(/^Published:/)).toBeVisible();
  const title = async () => /<title[^>]*>\s*([^<]+)/.exec(await (await asking(page.request).get(address)).text())?.[1];
  expect(await title()).toContain('Second Name');
  await page
    .getByRole('button', { name: /^Bring back the release/ })
    .first()
    .click();
  await expect(page.getByText('is shown again.')).toBeVisible();
  expect(await title()).toContain('Kobold Cycles');

  const stranger = await (await browser.newContext()).newPage();
  await stranger.goto(`${test.info().project.use.baseURL}/`);
  await stranger.getByRole('button', { name: 'New shop' }).click();
  await stranger.waitForURL(/brief$/);
  await writeBrief(stranger, brief);
  await station(stranger, 'Publish');
  await stranger.getByLabel('Address on this host').fill('two-releases');
  await stranger.getByRole('button', { name: 'Publish', exact: true }).click();
  await expect(stranger.getByText('belongs to another shop')).toBeVisible();
});

test('zones to begin with wait for their prices one after another, and what holds is said where the shop is published', async ({
  page,
}) => {
  await newShop(page);
  await writeBrief(page, 'Kiln Nine makes mugs in Cork, Ireland. Prices in euro. mugs@kiln.example');
  await pasteList(page, 'title,price,weight\nMug,24,400\n');
  await station(page, 'Till');
  await page.getByRole('button', { name: 'Begin with Ireland, European Union and Rest of the world' }).click();
  const draft = page.getByRole('group', { name: 'A zone that is not set yet' });
  await expect(draft).toContainText('Then European Union, Rest of the world.');
  for (const [zone, price] of [
    ['Ireland', '6'],
    ['European Union', '12.50'],
  ] as const) {
    await expect(draft.getByLabel('Zone', { exact: true })).toHaveValue(zone);
    await expect(draft.getByRole('button', { name: 'Deliver so' })).toBeDisabled();
    await draft.getByLabel('Price', { exact: true }).fill(price);
    await draft.getByLabel('Price', { exact: true }).press('Enter');
    await draft.getByRole('button', { name: 'Deliver so' }).click();
  }
  await expect(draft.getByLabel('Zone', { exact: true })).toHaveValue('Rest of the world');
  await draft.getByRole('button', { name: 'Leave it' }).click();
  await expect(draft).toBeHidden();
  await page.getByLabel('Days to send something back').fill('30');
  await page.getByLabel('Days to send something back').press('Enter');
  await saved(page);
  await station(page, 'Publish');
  await page.getByText('What holds at the till').click();
  for (const sentence of [
    'The shop is in Ireland.',
    'Parcels go to Ireland (Post €6.00) and European Union (Post €12.50).',
    'Things can be sent back within 30 days.',
  ])
    await expect(page.getByText(sentence, { exact: true })).toBeVisible();
});
