import { readFileSync } from 'node:fs';
import { expect, test, type Page } from '@playwright/test';
import { deliver, expectNoAxeFindings, newShop, pasteList, publish, saved, settled, station, writeBrief } from './support';

/** What follows an order of each kind: parcels in parts, a file, a gift card that pays, a lesson; papers and letters. */
test.describe.configure({ mode: 'serial' });

const brief =
  'Marisma is a basket workshop in Huelva, Spain. We weave baskets of esparto and teach it. Prices in euro. hola@marisma.example. Please no green.';
const list = `title,price,stock,kind
Market basket,48.00,9,
Bread basket,22.00,9,
Pattern of a lid,7.00,,download
Gift card,30.00,,gift card
Weaving lesson,60.00,,appointment
Reed bundle,15.00,,subscription
`;
const file = Buffer.from('%PDF-1.4\nA pattern of a lid.\n');

let seller: Page;
let shop = '';
let code = '';

test.beforeAll(async ({ browser }) => {
  seller = await (await browser.newContext({ viewport: { width: 1280, height: 800 } })).newPage();
  await newShop(seller);
  await writeBrief(seller, brief);
  await pasteList(seller, list);
});

test.afterAll(() => seller.context().close());

async function put(page: Page, ...things: string[]): Promise<void> {
  for (const thing of things) {
    await page.goto(`${shop}goods/${thing}/`);
    await page.getByRole('button', { name: 'Add to cart' }).click();
    await expect(page.getByRole('link', { name: 'See the cart' })).toBeVisible();
  }
  await page.goto(`${shop}checkout/`);
  await page.getByLabel('Name', { exact: true }).fill('Inés Vela');
  await page.getByLabel('E-mail').fill('ines@post.example');
}

async function street(page: Page): Promise<void> {
  await page.getByLabel('Street and number').fill('Calle Rábida 3');
  await page.getByLabel('Town').fill('Huelva');
  await page.getByLabel('Postal code').fill('21001');
}

async function order(page: Page): Promise<void> {
  await page.getByRole('checkbox').check();
  await page.getByRole('button', { name: 'Order and pay' }).click();
}

async function pay(page: Page): Promise<void> {
  await page.waitForURL(/payments\.localhost/);
  await page.getByLabel('Card number').fill('9000 0000 0000 0001');
  await page.getByRole('button', { name: /^Pay/ }).click();
  await expect(page.locator('.number')).toBeVisible();
}

test('a file is not sold before it is there; invoices are not issued before it is said by whom', async () => {
  await seller.getByText('Pattern of a lid', { exact: true }).click();
  await expect(seller.getByText('not sold until the file that buyers get is here')).toBeVisible();
  await expectNoAxeFindings(seller, 'a download without its file');
  const chooser = seller.waitForEvent('filechooser');
  await seller.getByRole('button', { name: 'Choose the file' }).click();
  await (await chooser).setFiles({ name: 'lid.pdf', mimeType: 'application/pdf', buffer: file });
  await expect(seller.getByText('Buyers get lid.pdf, 1 kB.')).toBeVisible();
  await seller.getByRole('button', { name: 'Close', exact: true }).click();

  await seller.getByText('Reed bundle', { exact: true }).click();
  await expect(seller.getByText('not sold until you say how often it comes')).toBeVisible();
  await seller.getByLabel('It comes every').fill('0');
  await expect(seller.getByText('Write a number from 1 to 52.')).toBeVisible();
  await seller.getByLabel('It comes every').fill('2');
  await seller.getByLabel('Weeks or months').selectOption('week');
  await expect(seller.getByText('not sold until you say how often it comes')).toBeHidden();
  await expectNoAxeFindings(seller, 'a thing that comes again');
  await seller.getByRole('button', { name: 'Close', exact: true }).click();

  await station(seller, 'Till');
  await seller.getByText('Buyers may write a few words that lie in the parcel of a present').click();
  await deliver(seller, '5.00');
  await seller.getByRole('button', { name: /^Begin with 21/ }).click();
  await seller.getByRole('button', { name: 'Say who issues them' }).click();
  const issue = seller.getByRole('button', { name: 'Issue invoices so' });
  await expect(issue).toBeDisabled();
  await seller.getByLabel('Your name in law').fill('Marisma, S. C.');
  await seller.getByLabel(/^Your address/).fill('Calle Ancha 1\n21001 Huelva');
  await seller.getByLabel('Invoice numbers begin with').fill('2026');
  await expect(seller.getByText('does not end in a figure')).toBeVisible();
  await expect(issue).toBeDisabled();
  await seller.getByLabel('Invoice numbers begin with').fill('F-');
  await expectNoAxeFindings(seller, 'invoices at the till');
  await issue.click();
  await saved(seller);
  await expect(seller.getByText('F-0001')).toBeVisible();
  shop = await publish(seller, `marisma-${Date.now() % 1_000_000}`);
});

test('a file and a gift card: no street is asked for, both are there at once, and the link ends after five times', async ({
  page,
}) => {
  await put(page, 'pattern-of-a-lid', 'gift-card');
  await expect(page.getByLabel('Street and number')).toBeHidden();
  await order(page);
  await pay(page);
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Thank you');
  await expect(page.getByText('everything of it is here')).toBeVisible();
  await settled(page);
  await expectNoAxeFindings(page, 'what follows an order');
  code = (await page.locator('.follows .notice b').textContent()) ?? '';
  expect(code).toMatch(/^([A-Z2-7]{4}-){3}[A-Z2-7]{4}$/);

  const link = page.getByRole('link', { name: 'lid.pdf' });
  const saving = page.waitForEvent('download');
  await link.click();
  const saved = await saving;
  expect(saved.suggestedFilename()).toBe('lid.pdf');
  expect(readFileSync(await saved.path()).equals(file)).toBe(true);
  for (let left = 4; left > 0; left--) {
    await page.reload();
    await expect(page.getByText(`The link opens ${left} times more`)).toBeVisible();
    const again = page.waitForEvent('download');
    await link.click();
    await again;
  }
  await page.reload();
  await expect(page.getByText('This link has ended.')).toBeVisible();

  for (const [name, start] of [
    ['PDF', 'gift-card.pdf'],
    ['F-0001 (PDF)', 'F-0001.pdf'],
  ] as const) {
    // prettier-ignore
    const paper = page.waitForEvent('download');
    await page.getByRole('link', { name, exact: true }).click();
    const got = await paper;
    expect(got.suggestedFilename()).toBe(start);
    expect(readFileSync(await got.path(), 'latin1').slice(0, 5)).toBe('%PDF-');
  }
});

test('a gift card pays as much as is on it, and a card the rest; a wrong code is said and orders nothing', async ({ page }) => {
  await put(page, 'market-basket', 'weaving-lesson');
  await street(page);
  const field = page.getByLabel('Discount code or gift card');
  await field.fill('AAAA-BBBB-CCCC-DDDD');
  await field.press('Enter');
  await expect(page.getByText('This gift card can’t pay here')).toBeVisible();
  await order(page);
  await expect(page.getByText('This gift card can’t pay here')).toBeVisible();
  expect(page.url()).toContain('/checkout/');
  await field.fill(code.toLowerCase());
  await field.press('Enter');
  await expect(page.locator('[data-summary]')).toContainText('To pay');
  await expect(page.locator('[data-summary]')).toContainText('€83.00');
  await settled(page);
  await expectNoAxeFindings(page, 'a gift card at the checkout');
  await order(page);
  await page.waitForURL(/payments\.localhost/);
  await expect(page.getByRole('button', { name: 'Pay €83.00' })).toBeVisible();
  await pay(page);
  await expect(page.getByText('the shop writes to you to agree on a time')).toBeVisible();
  // It is empty now.
  await put(page, 'bread-basket');
  await field.fill(code);
  await field.press('Enter');
  await expect(page.getByText('This gift card can’t pay here')).toBeVisible();
});

test('by keyboard alone, from the thing to the order', async ({ page }) => {
  const until = async (focused: () => Promise<boolean>) => {
    for (let presses = 0; presses < 60; presses++) {
      if (await focused()) return;
      await page.keyboard.press('Tab');
    }
    throw new Error('The keyboard does not lead there.');
  };
  const at = (selector: string) => () => page.evaluate((one) => document.activeElement?.matches(one) ?? false, selector);
  await page.goto(`${shop}goods/bread-basket/`);
  await expect(page.getByRole('button', { name: 'Add to cart' })).toBeEnabled();
  await until(at('[data-add]'));
  await page.keyboard.press('Enter');
  await until(at('[data-added] a'));
  await page.keyboard.press('Enter');
  await page.waitForURL(/\/cart\//);
  await until(at('.cart-foot .button'));
  await page.keyboard.press('Enter');
  await page.waitForURL(/\/checkout\//);
  await expect(page.locator('form[data-checkout]')).toBeVisible();
  for (const [name, text] of [
    ['name', 'Teclado'],
    ['email', 'tecla@post.example'],
    ['street', 'Calle 1'],
    ['place', 'Huelva'],
    ['postcode', '21001'],
  ] as const) {
    // prettier-ignore
    await until(at(`[name=${name}]`));
    await page.keyboard.type(text);
  }
  await until(at('[name=consent]'));
  await page.keyboard.press('Space');
  await until(at('[data-pay]'));
  await page.keyboard.press('Enter');
  await page.waitForURL(/payments\.localhost/);
});

test('the seller agrees on a time, sends in parts, refunds, and each has its letter and its paper', async () => {
  await station(seller, 'Orders');
  await seller.getByLabel('Search').fill('lesson');
  await seller.getByRole('button', { name: '1002', exact: true }).click();
  await expect(seller.getByRole('heading', { name: 'Order 1002, paid' })).toBeVisible();
  await seller.getByLabel('Weaving lesson: when it takes place').fill('Tuesday, 8 December, at 10');
  await seller.getByRole('button', { name: 'It is agreed: write to the buyer' }).click();
  await expect(seller.getByText('Order 1002 has its time')).toBeVisible();
  await seller.getByLabel('To follow the parcel by').fill('ES 0034');
  await seller.getByRole('button', { name: 'The parcel has left' }).click();
  await expect(seller.getByRole('heading', { name: 'Order 1002, sent' })).toBeVisible();
  await expect(seller.getByText('1 × Market basket sent, to be followed by: ES 0034')).toBeVisible();

  await seller.getByRole('button', { name: 'How it was worked out' }).click();
  const working = seller.getByRole('region', { name: 'How it was worked out' });
  await expect(working).toContainText('1 × €48.00 Market basket + 1 × €60.00 Weaving lesson');
  await expect(working).toContainText('€113.00');
  await expectNoAxeFindings(seller, 'how an order was worked out');
  await working.getByRole('button', { name: 'Close it' }).click();
  await seller.getByRole('button', { name: 'Refund a part …' }).click();
  await seller.getByLabel('A sum beside, up to 113.00').fill('10');
  await seller.getByRole('button', { name: 'Refund €10.00' }).click();
  const papers = seller.getByRole('region', { name: 'Papers' });
  await expect(papers).toContainText('Invoice F-0002');
  await expect(papers).toContainText('Credit note CN-0001');
  for (const [name, start] of [
    ['CN-0001 as PDF', '%PDF-'],
    ['F-0002 as UBL', '<?xml'],
    ['Packing slip', '%PDF-'],
  ] as const) {
    // prettier-ignore
    const saving = seller.waitForEvent('download');
    await papers.getByRole('button', { name }).click();
    expect(readFileSync(await (await saving).path(), 'latin1').slice(0, 5)).toBe(start);
  }
  const letters = seller.getByRole('region', { name: 'Letters' });
  for (const subject of [/is paid$/, /^Weaving lesson: Tuesday/, /is on its way$/, /is given back$/])
    await expect(letters.getByRole('button', { name: subject })).toBeVisible();
  await letters.getByRole('button', { name: /is on its way$/ }).click();
  await expect(seller.frameLocator('iframe[title*="on its way"]').getByText('ES 0034')).toBeVisible();
  await settled(seller);
  await expectNoAxeFindings(seller, 'an order with what followed it');
});

test('who buys, what it comes to, and what is written: each is shown, and the words are the seller’s to change', async () => {
  const room = (name: string) => seller.getByRole('radio', { name, exact: true }).click();
  await room('Buyers');
  await expect(seller.getByRole('row', { name: /Inés Vela/ })).toContainText('2');
  await expectNoAxeFindings(seller, 'buyers');
  await room('Figures');
  // A gift card and a file, then what a card paid beside the gift card: 37 and 83.
  await expect(seller.getByRole('heading', { name: '€120.00 came in, from 2 orders' })).toBeVisible();
  await expect(seller.getByRole('img', { name: 'Takings over time' }).locator('svg')).toBeVisible();
  await settled(seller);
  await expectNoAxeFindings(seller, 'figures');
  await room('Letters');
  await seller.getByRole('button', { name: 'Sent', exact: true }).click();
  const preview = seller.frameLocator('iframe[title^="Preview"]');
  await expect(preview.getByText('This has left for you today.')).toBeVisible();
  await seller.getByLabel('Words').fill('Querida {name}: va de camino. {nothing}');
  await expect(seller.getByText('{nothing} means nothing here')).toBeVisible();
  await expect(preview.getByText('va de camino')).toBeVisible();
  await seller.getByRole('button', { name: 'On a phone' }).click();
  await settled(seller);
  await expectNoAxeFindings(seller, 'the words of letters');
  await seller.getByRole('button', { name: 'Write so from now on' }).click();
  await saved(seller);
  await expect(seller.getByRole('button', { name: 'Back to our words' })).toBeVisible();
});

test('a letter as it went out is a page that anybody can read', async ({ page }) => {
  await seller.getByRole('radio', { name: 'Orders', exact: true }).click();
  await seller.getByLabel('Search').fill('');
  await seller.getByRole('button', { name: '1001', exact: true }).click();
  await seller
    .getByRole('region', { name: 'Letters' })
    .getByRole('button', { name: /^Your gift card/ })
    .click();
  const html = await seller.locator('iframe[title^="Your gift card"]').getAttribute('srcdoc');
  await page.setViewportSize({ width: 390, height: 800 });
  await page.setContent(html ?? '');
  await expect(page.getByText(code)).toBeVisible();
  expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
  await expectNoAxeFindings(page, 'a letter');
});

test('what comes again: a bank that asks, a present, a pause and a stop by its buyer, and what the seller sees and notes', async ({
  page,
}) => {
  await put(page, 'reed-bundle');
  await street(page);
  await page.getByLabel(/^A present/).fill('Para Lola: teje algo.');
  await expect(page.locator('[data-summary]')).toContainText('again every 2 weeks, €20.00 each time');
  await settled(page);
  await expectNoAxeFindings(page, 'a checkout with what comes again');
  await order(page);
  await page.waitForURL(/payments\.localhost/);
  await page.getByLabel('Card number').fill('9000 0000 0000 0027');
  await page.getByRole('button', { name: /^Pay/ }).click();
  await page.getByRole('button', { name: 'Yes, I am paying' }).click();
  const number = (await page.locator('.number').textContent())?.replace(/\D/g, '') ?? '';
  await expect(page.locator('[data-again=running]')).toContainText('Reed bundle: again every 2 weeks. Next on');
  await page.getByRole('button', { name: 'Pause it' }).click();
  await expect(page.locator('[data-again=paused]')).toContainText('It is paused.');
  await expect(page.locator('[data-again]')).toBeFocused();
  await settled(page);
  await expectNoAxeFindings(page, 'a pause');
  await page.getByRole('button', { name: 'Go on with it' }).click();
  await expect(page.locator('[data-again=running]')).toBeVisible();

  await station(seller, 'Orders');
  await seller.getByLabel('What to see').selectOption({ label: 'Comes again' });
  await seller.getByRole('button', { name: 'Look again' }).click();
  await expect(seller.getByRole('heading', { name: `Order ${number}, paid` })).toBeVisible();
  await expect(seller.getByText('Para Lola: teje algo.')).toBeVisible();
  const again = seller.getByRole('region', { name: 'Reed bundle, again' });
  await expect(again).toContainText('up to €20.00 each time');
  await again.getByRole('button', { name: 'Stop it' }).click();
  await expect(seller.getByText(`Order ${number} is stopped.`)).toBeVisible();
  await seller.getByLabel('What to see').selectOption({ label: 'All orders' });
  await seller.getByRole('button', { name: number, exact: true }).click();
  await seller.getByLabel('A note for yourself').fill('Leave it with the neighbour.');
  await seller.getByRole('button', { name: 'Note it' }).click();
  const became = seller.getByRole('region', { name: 'What became of it' });
  await expect(became).toContainText('you noted “Leave it with the neighbour.”');
  await expect(became).toContainText('Reed bundle is stopped.');
  await settled(seller);
  await expectNoAxeFindings(seller, 'an order that comes again');
  await page.reload();
  await expect(page.locator('[data-again=stopped]')).toHaveText('Reed bundle is stopped.');
});

test('what the brief says of delivery begins a rate; a region alone is delivered to, and cash is taken there', async ({
  browser,
  page,
}) => {
  const other = await (await browser.newContext({ viewport: { width: 1280, height: 800 } })).newPage();
  await newShop(other);
  await writeBrief(
    other,
    'Tidal Cup casts egg cups in Halifax, Canada. Shipping within Canada is $9.50. Prices are in Canadian dollars.',
  );
  await pasteList(other, 'title,price\nPlain cup,18.00\n');
  await station(other, 'Till');
  await expect(other.getByText('“Shipping within Canada is $9.50.”')).toBeVisible();
  await other.getByRole('button', { name: 'Begin with a rate of $9.50' }).click();
  const draft = other.getByRole('group', { name: 'A zone that is not set yet' });
  await draft.getByLabel('Another region').selectOption({ label: 'Nova Scotia' });
  await expectNoAxeFindings(other, 'a zone of a region');
  await draft.getByRole('button', { name: 'Deliver so' }).click();
  await other.getByText('Cash, when it is delivered or fetched').click();
  await other.getByLabel('What you would like to know of buyers').fill('Which date shall stand on it?');
  await other.getByRole('button', { name: 'Ask it' }).click();
  await other.getByText('has to be answered').click();
  await expectNoAxeFindings(other, 'the till with a question');
  await saved(other);
  const there = await publish(other, `tidal-${Date.now() % 1_000_000}`);
  await page.setViewportSize({ width: 390, height: 844 });
  await page.goto(`${there}goods/plain-cup/`);
  await page.getByRole('button', { name: 'Add to cart' }).click();
  await expect(page.getByRole('link', { name: 'See the cart' })).toBeVisible();
  await page.goto(`${there}cart/`);
  await expect(page.getByText('Within Canada this can’t be delivered as it is.')).toBeVisible();
  await page.goto(`${there}checkout/`);
  await expect(page.getByText('The shop does not deliver there.')).toBeVisible();
  await page.getByLabel('Region').selectOption({ label: 'Nova Scotia' });
  await expect(page.locator('[data-rates]')).toContainText('$9.50');
  await page.getByLabel('Name', { exact: true }).fill('Moira');
  await page.getByLabel('E-mail').fill('moira@post.example');
  await street(page);
  await page.getByRole('radio', { name: /In cash/ }).check({ force: true });
  await settled(page);
  await expectNoAxeFindings(page, 'a checkout with a region on a phone');
  await order(page);
  await expect(page.getByRole('alert')).toContainText('Answer “Which date shall stand on it?”.');
  await page.getByLabel('Which date shall stand on it?').fill('1 June 1998');
  await page.getByRole('button', { name: 'Order and pay' }).click();
  await expect(page.getByText('You pay when you get it.')).toBeVisible();
  await station(other, 'Orders');
  await expect(other.getByRole('heading', { name: 'Order 1001, to be paid in cash' })).toBeVisible();
  await expect(other.getByText('Which date shall stand on it?: 1 June 1998')).toBeVisible();
  await other.getByRole('button', { name: 'The parcel has left' }).click();
  await expect(other.getByRole('heading', { name: 'Order 1001, sent, to be paid in cash' })).toBeVisible();
  await other.getByRole('button', { name: 'The payment has come' }).click();
  await expect(other.getByRole('heading', { name: 'Order 1001, sent' })).toBeVisible();
});
