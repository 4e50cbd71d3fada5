import { expect, test, type Locator, type Page } from '@playwright/test';
import { expectNoAxeFindings, openSample, pointAt, publish, saved, shopWindow, slipOf, station } from './support';

const openingButton = '.opening .button:not(.second)';
/** Opens the slip of a thing, and gives what is chosen there under a name. */
async function pointed(page: Page, at: Locator, name: string): Promise<Locator> {
  return (await pointAt(page, at)).getByRole('group', { name, exact: true });
}

/** Chooses, of the list under a name, what begins so. */
async function lead(page: Page, at: Locator, to: RegExp): Promise<void> {
  const list = (await pointed(page, at, 'Leads to')).getByRole('combobox');
  const label = (await list.locator('option').allInnerTexts()).find((text) => to.test(text)) ?? '';
  expect(label).toMatch(to);
  await list.selectOption({ label });
  await saved(page);
  await page.keyboard.press('Escape');
  await expect(slipOf(page)).toHaveCount(0);
}

const at = async (page: Page, name: string) => {
  await page.getByRole('region', { name: 'The shop' }).getByLabel('Page').selectOption({ label: name });
  await expect(shopWindow(page).locator('main')).toBeVisible();
};

test('a button puts one thing into the cart, once; the next visit finds it there; a code goes along the same way', async ({
  page,
  context,
}) => {
  await openSample(page);
  const shop = shopWindow(page);
  await lead(page, shop.locator(openingButton), /^Into the cart: /);
  await station(page, 'Till');
  const address = await publish(page, 'one-press');
  const visitor = await context.newPage();
  await visitor.goto(address);
  await visitor.locator(openingButton).click();
  await expect(visitor.locator('.lines .line')).toHaveCount(1);
  // The address asks for nothing any more, so that coming back here puts nothing in again.
  await expect(visitor).toHaveURL(/\/cart\/$/);
  await expect(visitor.locator('header .tools')).toContainText('(1)');
  await visitor.reload();
  await expect(visitor.locator('.lines .line')).toHaveCount(1);
  await expect(visitor.locator('header .tools')).toContainText('(1)');
  await visitor.goBack();
  await visitor.goForward();
  await expect(visitor.locator('header .tools')).toContainText('(1)');
  // What nobody sells is not put in, and nothing breaks.
  for (const asked of [
    '?put=p-none.one&from=goods/none/',
    '?put=x&from=../../x/',
    '?put=%3Cscript%3E&from=goods/x/',
    '?from=goods/x/',
  ]) {
    await visitor.goto(`${address}cart/${asked}`);
    await expect(visitor.locator('.lines .line')).toHaveCount(1);
  }
  await visitor.goto(`${address}cart/?code=nothing-like-it`);
  await expect(visitor.getByLabel('Discount code')).toHaveValue(/nothing-like-it/i);
  await expect(visitor.locator('#cart-code-said')).not.toBeEmpty();
  await expect(visitor.locator('.lines .line')).toHaveCount(1);
});

test('a file that is given away is fetched as it came; one that is no file to give is refused with a sentence', async ({
  page,
  context,
}) => {
  await openSample(page);
  const shop = shopWindow(page);
  const group = await pointed(page, shop.locator(openingButton), 'Leads to');
  const bring = async (name: string, text: string) => {
    const chooser = page.waitForEvent('filechooser');
    await group.getByRole('button', { name: 'Bring a file to give' }).click();
    await (await chooser).setFiles({ name, mimeType: 'application/octet-stream', buffer: Buffer.from(text) });
  };
  await bring('page.html', '<script>alert(1)</script>');
  await expect(group.getByText('“page.html” is of a kind that shops don')).toBeVisible();
  await bring('empty.pdf', '');
  await expect(group.getByText('“empty.pdf” is empty.')).toBeVisible();
  await bring('Dye chart.pdf', '%PDF-1.4 a chart');
  await expect(group.getByRole('combobox')).toHaveValue(/^file\//);
  await saved(page);
  await page.keyboard.press('Escape');
  await expect(slipOf(page)).toHaveCount(0);
  const address = await publish(page, 'a-chart-to-keep');
  const visitor = await context.newPage();
  await visitor.goto(address);
  const fetched = visitor.waitForEvent('download');
  await visitor.locator(openingButton).click();
  const file = await fetched;
  expect(file.suggestedFilename()).toBe('Dye chart.pdf');
  const stream = await file.createReadStream();
  const parts: Buffer[] = [];
  for await (const part of stream) parts.push(part as Buffer);
  expect(Buffer.concat(parts).toString()).toBe('%PDF-1.4 a chart');
  // A part of it, as players of videos ask for it (RFC 9110, section 14).
  const href = (await visitor.locator(openingButton).getAttribute('href')) ?? '';
  const part = await visitor.evaluate(async (from) => {
    const answer = await fetch(from, { headers: { range: 'bytes=1-3' } });
    return [answer.status, answer.headers.get('content-range'), await answer.text()];
  }, href);
  expect(part).toEqual([206, 'bytes 1-3/16', 'PDF']);
});

test('a section waits until a button opens it, also without scripts; with no button it is a finding', async ({
  page,
  browser,
}) => {
  await openSample(page);
  const shop = shopWindow(page);
  const questions = shop.locator('#questions');
  await questions.scrollIntoViewIfNeeded();
  await shop.locator('[data-thing^="item/home/questions/"]').first().click();
  await slipOf(page).getByRole('button', { name: 'Questions', exact: true }).click();
  const seen = slipOf(page).getByRole('group', { name: 'Seen', exact: true });
  await seen.getByRole('radio', { name: 'Once a button opens it' }).click();
  await saved(page);
  await page.keyboard.press('Escape');
  await station(page, 'Proof');
  await expect(page.getByText(/“Questions” on “Home” waits for a button/)).toBeVisible();
  await lead(page, shop.locator(openingButton), /^Opens: Questions/);
  await expect(page.getByText(/waits for a button, and none leads to it/)).toHaveCount(0);
  const address = await publish(page, 'asked-first');
  const context = await browser.newContext({ javaScriptEnabled: false });
  const visitor = await context.newPage();
  await visitor.goto(address);
  await expect(visitor.locator('#questions')).toBeHidden();
  await visitor.locator(openingButton).click();
  await expect(visitor.locator('#questions')).toBeVisible();
  await expect(visitor.locator('#questions')).toBeInViewport();
  await context.close();
});

test('a page goes with all that leads to it, in one step; Plan says so before', async ({ page }) => {
  await openSample(page);
  const shop = shopWindow(page);
  await lead(page, shop.locator(openingButton), /^Gift cards/);
  await at(page, 'Gift cards');
  await station(page, 'Plan');
  await expect(page.getByText(/The button of Opening on Home leads here\./)).toBeVisible();
  await page.getByRole('button', { name: 'Take Gift cards out of the shop' }).click();
  await saved(page);
  await station(page, 'Proof');
  await expect(page.getByText(/A button or a link leads/)).toHaveCount(0);
  await at(page, 'Home');
  await expect(shop.locator(openingButton)).not.toHaveAttribute('href', /gift/);
  await page.getByRole('button', { name: /^Undo/ }).click();
  await expect(shop.locator(openingButton)).toHaveAttribute('href', /gift-cards/);
});

test('another’s player is asked for nothing before it is pressed, and then stands in its frame', async ({ page, context }) => {
  await openSample(page);
  const shop = shopWindow(page);
  await at(page, 'About');
  await shop.locator('#article').click({ position: { x: 3, y: 3 } });
  await slipOf(page).getByRole('group', { name: 'A section more' }).getByRole('combobox').selectOption({ label: 'Video' });
  await slipOf(page).getByRole('button', { name: 'Add it' }).click();
  await saved(page);
  await page.keyboard.press('Escape');
  const section = shop.locator('#video');
  await section.getByText('Where it is').click();
  const field = slipOf(page).getByRole('textbox').first();
  await field.fill('<iframe width="560" src="https://player.film.example/e/7" allowfullscreen></iframe>');
  await slipOf(page).getByRole('button', { name: /^Use/ }).first().click();
  await saved(page);
  await expect(section.getByText('It plays once you press it, and comes from player.film.example.')).toBeVisible();
  const address = await publish(page, 'a-film');
  const visitor = await context.newPage();
  const asked: string[] = [];
  await visitor.route('https://player.film.example/**', (route) => {
    asked.push(route.request().url());
    return route.fulfill({ contentType: 'text/html', body: '<title>Film</title><p>Here is the film.</p>' });
  });
  const faults: string[] = [];
  visitor.on('console', (message) => void (message.type() === 'error' && faults.push(message.text())));
  await visitor.goto(`${address}about/`);
  const frame = visitor.frameLocator('#video iframe');
  await expect(frame.getByText('Play it, from player.film.example')).toBeVisible();
  await expectNoAxeFindings(visitor, 'a film that waits');
  expect(asked).toEqual([]);
  await frame.getByRole('link').click();
  await expect(frame.getByText('Here is the film.')).toBeVisible();
  expect(asked).toEqual(['https://player.film.example/e/7']);
  expect(faults).toEqual([]);
});

test('the footer leads out of the shop: a link is added there, named, put into the menu too, and taken out', async ({
  page,
  context,
}) => {
  await openSample(page);
  const shop = shopWindow(page);
  const slip = slipOf(page);
  await shop.locator('footer .brand').click();
  const more = slip.getByLabel('A link more: web, mail or phone address');
  await more.fill('our pictures');
  await expect(slip.getByText(/^Write a web address/)).toBeVisible();
  await more.fill('pictures.example/tarnwick');
  await more.press('Enter');
  const out = shop.locator('footer [data-thing="outside-link/link"]');
  await expect(out).toHaveText('pictures.example/tarnwick');
  // The field is empty again, for the next one, and the keyboard is still in the slip.
  await expect(more).toHaveValue('');
  await page.keyboard.press('Escape');
  await expect(slip).toHaveCount(0);
  await out.click();
  const name = slip.getByLabel('Name', { exact: true });
  await name.fill('Our pictures');
  await name.press('Enter');
  await expect(out).toHaveText('Our pictures');
  await slip.getByRole('radio', { name: 'Both' }).click();
  await expect(shop.locator('.top nav [data-thing="outside-link/link"]')).toHaveText('Our pictures');
  await saved(page);
  await page.keyboard.press('Escape');
  const address = await publish(page, 'ways-out');
  const visitor = await context.newPage();
  await visitor.goto(`${address}about/`);
  await expect(visitor.locator('header').getByRole('link', { name: 'Our pictures' })).toHaveAttribute(
    'href',
    'https://pictures.example/tarnwick',
  );
  await expectNoAxeFindings(visitor, 'a footer with a way out');
  await out.click();
  await slip.getByRole('button', { name: 'Take it out' }).click();
  await expect(out).toHaveCount(0);
  await expect(slip).toHaveCount(0);
});
