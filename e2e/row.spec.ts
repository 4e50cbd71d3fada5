import { expect, test, type Locator, type Page } from '@playwright/test';
import { expectNoAxeFindings, openSample, publish, saved, set, shopWindow, station } from './support';

const section = '[data-thing^="section/"]';
const card = '[data-thing^="card/"]';
const keysOf = (things: Locator, of: string) =>
  things.evaluateAll((found, kind) => found.map((one) => (one as HTMLElement).dataset[kind] ?? one.id), of);
const undo = (page: Page) => page.getByRole('button', { name: /^Undo/ });

/** Takes hold of a thing near its corner and carries it to a share of another's box, as a hand does: in steps, the button held. */
async function carry(page: Page, thing: Locator, to: Locator, share: { x: number; y: number }): Promise<void> {
  await to.scrollIntoViewIfNeeded();
  await thing.scrollIntoViewIfNeeded();
  const [from, box] = [await thing.boundingBox(), await to.boundingBox()];
  if (!from || !box) throw new Error('There is nothing to carry.');
  await page.mouse.move(from.x + 5, from.y + 5);
  await page.mouse.down();
  await page.mouse.move(from.x + 20, from.y + 12, { steps: 4 });
  await page.mouse.move(box.x + box.width * share.x, box.y + box.height * share.y, { steps: 8 });
}

test('cards, items, entries and sections are carried along their rows; each is one step, and published so', async ({
  page,
  context,
}) => {
  await openSample(page);
  const shop = shopWindow(page);
  const cards = shop.locator(`.featured ${card}`);
  const before = await keysOf(cards, 'thing');
  await carry(page, cards.nth(0), cards.nth(2), { x: 0.4, y: 0.9 });
  await expect(shop.locator('html')).toHaveClass(/carrying/);
  await page.mouse.up();
  const [first, second, third, ...rest] = before;
  await expect.poll(() => keysOf(cards, 'thing')).toEqual([second, third, first, ...rest]);
  // Letting go is no press: nothing opened, nothing was followed.
  await expect(page.locator('[data-slip]')).toHaveCount(0);
  await undo(page).click();
  await expect.poll(() => keysOf(cards, 'thing')).toEqual(before);
  await expect(undo(page)).toBeDisabled();

  const reasons = shop.locator('[data-thing^="item/home/why/"]');
  const [one, two, ...others] = await keysOf(reasons, 'thing');
  await carry(page, reasons.nth(1), reasons.nth(0), { x: 0.05, y: 0.4 });
  await page.mouse.up();
  await expect.poll(() => keysOf(reasons, 'thing')).toEqual([two, one, ...others]);

  const entries = shop.locator('[data-thing^="footer-entry/"]');
  const linked = await keysOf(entries, 'thing');
  await carry(page, entries.nth(0), entries.nth(1), { x: 0.9, y: 0.5 });
  await page.mouse.up();
  await expect.poll(async () => (await keysOf(entries, 'thing')).slice(0, 2)).toEqual([linked[1], linked[0]]);

  // Before the one above it: taken by its heading, which is no thing of a row by itself.
  const sections = shop.locator(section);
  const order = await keysOf(sections, 'id');
  const at = order.indexOf('questions');
  await carry(page, shop.locator('#questions'), sections.nth(at - 1), { x: 0.5, y: 0.1 });
  await page.mouse.up();
  await expect.poll(() => keysOf(sections, 'id').then((ids) => ids.indexOf('questions'))).toBe(at - 1);

  const address = await publish(page, 'in-my-order');
  const visitor = await context.newPage();
  await visitor.goto(address);
  await expect.poll(() => keysOf(visitor.locator('main > section'), 'id').then((ids) => ids.indexOf('questions'))).toBe(at - 1);
});

test('what is carried is put back by Escape, or where it can’t go; what was being written is kept before', async ({ page }) => {
  await openSample(page);
  const shop = shopWindow(page);
  await shop.locator('.lead').click();
  await set(page).fill('Two flocks, six pans.');
  const cards = shop.locator(`.featured ${card}`);
  const before = await keysOf(cards, 'thing');
  await carry(page, cards.nth(0), cards.nth(2), { x: 0.4, y: 0.9 });
  await page.keyboard.press('Escape');
  await expect(shop.locator('html')).not.toHaveClass(/carrying/);
  await page.mouse.up();
  await expect(shop.locator('.lead')).toHaveText('Two flocks, six pans.');
  await saved(page);
  expect(await keysOf(cards, 'thing')).toEqual(before);

  // Beside a product stand its neighbours: their order is no one's to choose, which is said at them.
  await page
    .getByRole('region', { name: 'The shop' })
    .getByRole('combobox', { name: 'Page' })
    .selectOption({ label: 'Category: Earth' });
  await page.getByRole('button', { name: 'Follow links' }).click();
  await shop.locator(card).first().locator('a').first().click();
  await page.getByRole('button', { name: 'Follow links' }).click();
  const beside = shop.locator(`.related ${card}`);
  await carry(page, beside.nth(0), beside.nth(1), { x: 0.5, y: 0.95 });
  await page.mouse.up();
  await expect(shop.getByText('These stand in an order of their own, not in that of your goods.').first()).toBeAttached();
});

test('by keyboard: Alt with an arrow moves what has it, which keeps it and says where it went', async ({ page }) => {
  await openSample(page);
  await station(page, 'Plan');
  const shop = shopWindow(page);
  const sections = shop.locator(section);
  const order = await keysOf(sections, 'id');
  await page.keyboard.press('F6');
  const focused = shop.locator(':focus');
  // The page, what stands in it, past the header, to the second section.
  await page.keyboard.press('ArrowDown');
  await expect(shop.locator('body')).toBeFocused();
  await page.keyboard.press('ArrowRight');
  await expect(focused).toHaveClass('top');
  for (const id of order.slice(0, 2)) {
    await page.keyboard.press('ArrowDown');
    await expect(focused).toHaveAttribute('id', id);
  }
  await page.keyboard.press('Alt+ArrowDown');
  await expect.poll(() => keysOf(sections, 'id')).toEqual([order[0], order[2], order[1], ...order.slice(3)]);
  await expect(focused).toHaveAttribute('id', order[1] ?? '');
  await expect(shop.getByText(`: 3 of ${order.length}`)).toBeAttached();
  await page.keyboard.press('Alt+ArrowUp');
  await expect.poll(() => keysOf(sections, 'id')).toEqual(order);
  await expectNoAxeFindings(page, 'the window after a move by keyboard');
  // The same from the slip, for whoever has neither.
  await page.keyboard.press('Enter');
  await page.getByRole('group', { name: 'Its place on the page' }).getByRole('button', { name: 'Down' }).click();
  await expect.poll(() => keysOf(sections, 'id')).toEqual([order[0], order[2], order[1], ...order.slice(3)]);
});

test('wide and phone stand side by side: what is changed in the one is seen in both, and they scroll together', async ({
  page,
}) => {
  await openSample(page);
  await page.getByRole('radio', { name: 'Side by side' }).click();
  const phone = page.frameLocator('iframe[title="The same page on a phone"]');
  await expect(phone.locator('h1')).toHaveText((await shopWindow(page).locator('h1').textContent()) ?? '');
  expect(await phone.locator('body').evaluate(() => innerWidth)).toBe(390);
  await shopWindow(page).locator('h1').click();
  await set(page).fill('Soft water, little soap.');
  await page.keyboard.press('Enter');
  await expect(phone.locator('h1')).toHaveText('Soft water, little soap.');
  await shopWindow(page).locator('footer').scrollIntoViewIfNeeded();
  await expect(phone.locator('footer')).toBeInViewport();
  await expectNoAxeFindings(page, 'wide and phone side by side');
});

test('a finger that rests on a thing carries it, one that moves on scrolls', async ({ browser }) => {
  const context = await browser.newContext({ hasTouch: true });
  const page = await context.newPage();
  await openSample(page);
  const shop = shopWindow(page);
  const cards = shop.locator(`.featured ${card}`);
  const before = await keysOf(cards, 'thing');
  // In the middle of the window: near its edge the page goes on under what is carried.
  await cards.nth(1).evaluate((element) => element.scrollIntoView({ block: 'center', behavior: 'instant' }));
  const finger = await context.newCDPSession(page);
  const touch = (type: 'touchStart' | 'touchMove' | 'touchEnd', points: readonly { x: number; y: number }[]) =>
    finger.send('Input.dispatchTouchEvent', { type, touchPoints: [...points] });
  const placed = async (of: Locator, right: number, down: number) => {
    const box = await of.boundingBox();
    if (!box) throw new Error('It is not seen.');
    return { x: box.x + box.width * right, y: box.y + box.height * down };
  };
  const [from, to] = [await placed(cards.nth(0), 0.5, 0.3), await placed(cards.nth(2), 0.4, 0.9)];
  await touch('touchStart', [from]);
  await expect(shop.locator('html')).toHaveClass(/carrying/);
  await touch('touchMove', [{ x: (from.x + to.x) / 2, y: (from.y + to.y) / 2 }]);
  await touch('touchMove', [to]);
  // The line shows that the last move has been heard of.
  const gapOff = async () => {
    const [gap, third] = [await shop.locator('arcatum-pointer i.gap').boundingBox(), await cards.nth(2).boundingBox()];
    return gap && third ? Math.abs(gap.y + gap.height / 2 - third.y - third.height) : Infinity;
  };
  await expect.poll(gapOff).toBeLessThan(4);
  await touch('touchEnd', []);
  const [first, second, third, ...rest] = before;
  await expect.poll(() => keysOf(cards, 'thing')).toEqual([second, third, first, ...rest]);
  await expect(page.locator('[data-slip]')).toHaveCount(0);
  await undo(page).click();
  await expect.poll(() => keysOf(cards, 'thing')).toEqual(before);

  // Moved at once, it scrolls: nothing is carried, and nothing has another place.
  const start = await placed(cards.nth(0), 0.5, 0.3);
  const scrolled = () => shop.locator('html').evaluate((html) => html.scrollTop);
  const top = await scrolled();
  await touch('touchStart', [start]);
  for (const by of [20, 60, 110]) await touch('touchMove', [{ x: start.x, y: start.y - by }]);
  await expect.poll(scrolled).toBeGreaterThan(top);
  await expect(shop.locator('html')).not.toHaveClass(/carrying/);
  await touch('touchEnd', []);
  expect(await keysOf(cards, 'thing')).toEqual(before);

  await context.close();
});
