import { readFileSync } from 'node:fs';
import { expect, test, type Page } from '@playwright/test';
import { deliver, expectNoAxeFindings, fillCheckout, newShop, pasteList, publish, settled, station, writeBrief } from './support';

/** Buyers at a published shop, with every way that a payment can go, and what the seller sees of it. */
test.describe.configure({ mode: 'serial' });

const brief =
  'Salzgasse Käsehandel is a cheese counter in Lübeck, Germany. We sell hard cheese by the piece and boards of oak. Prices in euro. kaese@salzgasse.example';
const list = `title,price,stock
Old Gouda,14.50,40
Alp cheese,18.00,40
Oak board,39.00,1
`;

let seller: Page;
let shop = '';

test.beforeAll(async ({ browser }) => {
  seller = await (await browser.newContext({ viewport: { width: 1280, height: 800 } })).newPage();
  await newShop(seller);
  await writeBrief(seller, brief);
  await pasteList(seller, list);
  await station(seller, 'Till');
  await deliver(seller, '5.90');
  await seller.getByLabel('Bank transfer: where to').fill('Käsehandel, Bank, DE00 0000');
  await seller.getByLabel('Bank transfer: where to').press('Enter');
  shop = await publish(seller, `salzgasse-${Date.now() % 1_000_000}`);
});

test.afterAll(() => seller.context().close());

const card = {
  accepted: '9000 0000 0000 0001',
  refused: '9000 0000 0000 0019',
  confirm: '9000 0000 0000 0027',
  untold: '9000 0000 0000 0035',
  ended: '9000 0000 0000 0043',
  working: '9000 0000 0000 0068',
  late: '9000 0000 0000 0076',
};

async function put(page: Page, thing: string): Promise<void> {
  await page.goto(`${shop}goods/${thing}/`);
  await page.getByRole('button', { name: 'Add to cart' }).click();
  await expect(page.getByRole('link', { name: 'See the cart' })).toBeVisible();
}

async function toPay(page: Page): Promise<void> {
  await page.goto(`${shop}checkout/`);
  await fillCheckout(page);
  await page.getByRole('button', { name: 'Order and pay' }).click();
  await page.waitForURL(/payments\.localhost/);
}

async function pay(page: Page, number: string): Promise<void> {
  await page.getByLabel('Card number').fill(number);
  await page.getByRole('button', { name: /^Pay/ }).click();
}

const heading = (page: Page) => page.getByRole('heading', { level: 1 });

test('a payment is accepted, and the page after it says so; going back and forth pays nothing twice', async ({ page }) => {
  await put(page, 'old-gouda');
  await toPay(page);
  await pay(page, card.accepted);
  await expect(heading(page)).toHaveText('Thank you');
  await expect(page.getByText('The order is paid.')).toBeVisible();
  await settled(page);
  await expectNoAxeFindings(page, 'after paying');
  const first = await page.locator('.number').textContent();
  await page.goBack();
  await page.goForward();
  await expect(page.locator('.number')).toHaveText(first ?? '');
  // The cart is empty, and a reload orders nothing again.
  await page.goto(`${shop}cart/`);
  await expect(page.getByText('Nothing is in it yet.')).toBeVisible();
});

test('a refused payment, one that takes too long and a “No” are each headed by what happened, and what was written stays', async ({
  page,
}) => {
  await put(page, 'alp-cheese');
  await toPay(page);
  await pay(page, '9000 0000 0000 0002');
  await expect(page.getByRole('alert')).toContainText('slip');
  await pay(page, card.refused);
  await expect(heading(page)).toHaveText('The payment was refused');
  await settled(page);
  await expectNoAxeFindings(page, 'after a refusal');
  for (const [number, head] of [
    [card.ended, 'This order was not paid'],
    [card.confirm, 'The payment was refused'],
  ] as const) {
    await page.getByRole('link', { name: 'Back to the checkout' }).click();
    await expect(page.getByLabel('Street and number')).not.toHaveValue('');
    await expect(page.getByLabel('E-mail')).not.toHaveValue('');
    await page.getByRole('checkbox').check();
    await page.getByRole('button', { name: 'Order and pay' }).click();
    await page.waitForURL(/payments\.localhost/);
    await pay(page, number);
    if (number === card.confirm) await page.getByRole('button', { name: 'No', exact: true }).click();
    await expect(heading(page)).toHaveText(head);
  }
});

test('an accepted payment that the shop was never told of is found when the buyer comes back', async ({ page }) => {
  await put(page, 'old-gouda');
  await toPay(page);
  await pay(page, card.untold);
  await expect(heading(page)).toHaveText('Thank you');
  await expect(page.getByText('The order is paid.')).toBeVisible();
});

test('a bank that answers slowly: the page after it waits, says so when the order is paid, and empties the cart then', async ({
  page,
}) => {
  await put(page, 'old-gouda');
  await toPay(page);
  await pay(page, card.working);
  // On a slow machine the bank may have answered before the page is there.
  const waits = page.getByText('The shop sends it when the payment has arrived.');
  const paid = page.getByText('The order is paid.');
  await expect(waits.or(paid)).toBeVisible();
  await expect(paid).toBeVisible();
  await page.goto(`${shop}cart/`);
  await expect(page.getByText('Nothing is in it yet.')).toBeVisible();
});

test('money that comes after the order ended pays it while the goods are there, told late and out of order; it is paid once', async ({
  page,
}) => {
  await put(page, 'alp-cheese');
  await toPay(page);
  await pay(page, card.late);
  await expect(heading(page)).toHaveText('This order was not paid');
  const number = new URL(page.url()).searchParams.get('order') ?? '';
  await expect(async () => {
    await page.reload();
    await expect(page.getByText('The order is paid.')).toBeVisible({ timeout: 2000 });
  }).toPass({ timeout: 60_000 });
  await expect(page.locator('.number')).toContainText(number);
  // After the yes, the provider told of the end once more: that changes nothing.
  await station(seller, 'Orders');
  await seller.getByRole('button', { name: 'Look again' }).click();
  await seller.getByLabel('Search').fill(number);
  await expect(seller.getByRole('row', { name: /paid.*€23\.90/ })).toHaveCount(1);
  await expect(seller.getByText('money is to be given back')).toHaveCount(0);
  await seller.getByLabel('Search').fill('');
});

test('back from the payment page with another cart and street: the new order is paid, the old one can’t be any more', async ({
  page,
  context,
}) => {
  await put(page, 'old-gouda');
  await toPay(page);
  const old = page.url();
  await page.goBack();
  await put(page, 'alp-cheese');
  await page.goto(`${shop}checkout/`);
  await page.getByLabel('Street and number').fill('Another Street 9');
  await page.getByRole('checkbox').check();
  await page.getByRole('button', { name: 'Order and pay' }).click();
  await page.waitForURL(/payments\.localhost/);
  await expect(page.getByRole('button', { name: 'Pay €38.40' })).toBeVisible();
  const second = await context.newPage();
  await second.goto(old);
  await expect(heading(second)).toHaveText('This order was not paid');
  await pay(page, card.accepted);
  await expect(page.getByText('The order is paid.')).toBeVisible();
  await expect(page.locator('.total')).toContainText('€38.40');
});

test('what changed since it was put in the cart is said: sold out to somebody else', async ({ page, browser }) => {
  await put(page, 'oak-board');
  const other = await (await browser.newContext()).newPage();
  await put(other, 'oak-board');
  await toPay(other);
  await pay(other, card.accepted);
  await expect(other.getByText('The order is paid.')).toBeVisible();
  await page.goto(`${shop}checkout/`);
  await expect(page.getByText('“Oak board” has sold out, so it is not in the cart.')).toBeVisible();
  await page.goto(`${shop}cart/`);
  await expect(page.getByText('“Oak board” has sold out, so it is not in the cart.')).toBeVisible();
  await page.reload();
  await expect(page.getByText('Nothing is in it yet.')).toBeVisible();
  await expect(page.getByText('has sold out')).toHaveCount(0);
});

test('by keyboard alone: the number in the cart, a code that is none, and an order by bank', async ({ page }) => {
  await put(page, 'old-gouda');
  await page.goto(`${shop}cart/`);
  const number = page.getByLabel('Number of Old Gouda');
  await number.focus();
  await page.keyboard.press('ControlOrMeta+a');
  await page.keyboard.type('2');
  await page.keyboard.press('Tab');
  await expect(page.locator('.line .sum')).toHaveText('€29.00');
  // Who is at the line stays at the line.
  await expect(page.getByRole('button', { name: /Take.*Old Gouda/ })).toBeFocused();
  await page.getByRole('link', { name: 'To the checkout' }).focus();
  await page.keyboard.press('Enter');
  await fillCheckout(page);
  await page.getByLabel('Discount code').focus();
  await page.keyboard.type('NOTHING');
  await page.keyboard.press('Enter');
  // Return in the code's field orders nothing.
  await expect(page.getByText('The shop knows no such code.')).toBeVisible();
  expect(page.url()).toContain('/checkout/');
  await page.keyboard.press('ControlOrMeta+a');
  await page.keyboard.press('Delete');
  await page.keyboard.press('Enter');
  await page.getByRole('radio', { name: /^By bank transfer/ }).focus();
  await page.keyboard.press('Space');
  await page.getByRole('button', { name: 'Order and pay' }).focus();
  await page.keyboard.press('Enter');
  await expect(page.getByText(/^Please pay to: Käsehandel, Bank, DE00 0000\. Reference: \d+\.$/)).toBeVisible();
  await expect(page.getByText(/^The goods are kept for you until /)).toBeVisible();
});

test('the seller marks it paid, refunds a piece, gives it back, and cancels another order', async () => {
  await station(seller, 'Orders');
  await seller.getByLabel('What to see').selectOption('pay');
  const sheet = seller.getByRole('complementary', { name: 'The order' });
  await sheet.getByRole('button', { name: 'The payment has come' }).click();
  await seller.getByLabel('What to see').selectOption('all');
  await expect(sheet.getByRole('heading', { level: 2 })).toContainText('paid');
  await sheet.getByRole('button', { name: 'Refund a part …' }).click();
  await sheet.getByLabel(/^Pieces of Old Gouda that come back/).fill('1');
  await sheet.getByRole('button', { name: 'Refund €14.50' }).click();
  await expect(sheet.getByText('€14.50 of this order')).toBeVisible();
  await expect(seller.getByText('Of one order money is to be given back.')).toBeVisible();
  await sheet.getByRole('button', { name: 'I have given it back' }).click();
  await expect(seller.getByText('money is to be given back')).toHaveCount(0);
  await expect(sheet.getByText('€14.50 went back')).toBeVisible();

  await seller.getByLabel('Search').fill('gouda alp');
  await expect(seller.getByRole('row', { name: /paid.*€38\.40/ })).toBeVisible();
  await sheet.getByRole('button', { name: 'Cancel the order …' }).click();
  await sheet.getByLabel(/^Why/).fill('Sold at the counter');
  await sheet.getByRole('button', { name: 'Cancel this order' }).click();
  await expect(sheet.getByText('€38.40 of this order')).toBeVisible();
  await sheet.getByRole('button', { name: 'Give back €38.40' }).click();
  await expect(sheet.getByText('€38.40 went back')).toBeVisible();
  await expect(sheet).toContainText('“Sold at the counter”');
  await settled(seller);
  await expectNoAxeFindings(seller, 'an order that was cancelled');
});

test('a parcel leaves with a number to follow it by, which its buyer sees; the orders are saved as a table', async ({ page }) => {
  await put(page, 'old-gouda');
  await toPay(page);
  await pay(page, card.accepted);
  await expect(page.getByText('The order is paid.')).toBeVisible();
  const number = /\d+/.exec((await page.locator('.number').textContent()) ?? '')?.[0] ?? '';
  await seller.getByRole('button', { name: 'Look again' }).click();
  await seller.getByLabel('Search').fill(number);
  const sheet = seller.getByRole('complementary', { name: 'The order' });
  await expect(sheet.getByRole('heading', { level: 2 })).toContainText(`Order ${number}, paid`);
  await sheet.getByLabel(/^To follow the parcel by/).fill('Post 00 340 434');
  await sheet.getByRole('button', { name: 'The parcel has left' }).click();
  await expect(sheet.getByText('to be followed by: Post 00 340 434')).toBeVisible();
  await page.reload();
  await expect(heading(page)).toHaveText('On its way to you');
  await expect(page.getByText('To be followed by: Post 00 340 434')).toBeVisible();

  const [saved] = await Promise.all([
    seller.waitForEvent('download'),
    seller.getByRole('button', { name: 'Save as CSV' }).click(),
  ]);
  const text = readFileSync(await saved.path(), 'utf8');
  expect(text.split('\r\n')[1]).toContain(`${number},`);
  expect(text.split('\r\n')[1]).toContain('Old Gouda');
});

test('keys: another browser has none; the code that was told once gives one', async ({ browser }) => {
  await station(seller, 'Publish');
  // It was told when the shop was first published, and not since.
  const code = await seller.getByLabel('Recovery code', { exact: true }).textContent();
  await seller.getByRole('button', { name: 'I have written it down' }).click();
  await expect(seller.getByLabel('Recovery code', { exact: true })).toHaveCount(0);
  const other = await (await browser.newContext({ viewport: { width: 1280, height: 800 } })).newPage();
  await newShop(other);
  await writeBrief(other, brief);
  await station(other, 'Publish');
  await other.getByRole('button', { name: 'I have a recovery code' }).click();
  await other.getByLabel('Address that is yours').fill(new URL(shop).hostname.replace('.localhost', ''));
  await other.getByLabel('Its recovery code').fill('AAAA-BBBB');
  await other.getByRole('button', { name: 'Get the key again' }).click();
  await expect(other.getByText('This code does not open this address.')).toBeVisible();
  await other.getByLabel('Its recovery code').fill(code ?? '');
  await other.getByRole('button', { name: 'Get the key again' }).click();
  await expect(other.getByLabel('Recovery code', { exact: true })).toBeVisible();
  await station(other, 'Orders');
  await expect(other.getByRole('row', { name: /cancelled/ })).toBeVisible();
  await other.context().close();
});
