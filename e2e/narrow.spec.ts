import { expect, test, type Page } from '@playwright/test';
import { expectNoAxeFindings, openSample, saved, set, shopWindow, slipOf, station } from './support';

test.use({ viewport: { width: 390, height: 844 } });

const turn = (page: Page, to: string) => page.getByRole('radio', { name: to, exact: true }).click();

/** What stands further to the right than the screen is wide, and can't be scrolled to. */
const cutOff = (page: Page) =>
  page.evaluate(() =>
    [...document.querySelectorAll('main *, header *')]
      .filter((element) => {
        const { right, width } = element.getBoundingClientRect();
        if (!width || right <= innerWidth + 1) return false;
        for (let out = element.parentElement; out; out = out.parentElement)
          if (out.scrollWidth > out.clientWidth && ['auto', 'scroll'].includes(getComputedStyle(out).overflowX))
            return out.matches('main');
        return true;
      })
      .map((element) => `${element.tagName} ${(element.textContent ?? '').slice(0, 40)}`),
  );

test('every station can be used at 390 pixels: nothing is cut off, and the page itself never scrolls', async ({ page }) => {
  await openSampleNarrow(page);
  for (const name of ['Brief', 'Goods', 'Plan', 'Look', 'Till', 'Proof', 'Publish', 'Orders']) {
    await station(page, name);
    await expect.poll(() => cutOff(page).then((found) => [name, found])).toEqual([name, []]);
    expect(await page.evaluate(() => [document.documentElement.scrollWidth, document.documentElement.scrollHeight])).toEqual([
      390, 844,
    ]);
    await expectNoAxeFindings(page, name);
  }
  // What is chosen in a list lies over it, and goes back to it.
  await station(page, 'Goods');
  await page.getByRole('rowheader', { name: /Madder Bed/ }).click();
  await page.getByLabel('Title').fill('Madder Bed, deep');
  await page.getByLabel('Title').blur();
  await page.getByRole('button', { name: 'Close' }).click();
  await expect(page.getByRole('rowheader', { name: /Madder Bed, deep/ })).toBeVisible();
});

test('sheet and window take turns; a slip comes from below and never lies over its thing', async ({ page }) => {
  await openSampleNarrow(page);
  await station(page, 'Plan');
  await expect(page.getByRole('heading', { name: 'Plan' })).toBeVisible();
  await turn(page, 'The shop');
  await expect(page.getByRole('heading', { name: 'Plan' })).toBeHidden();
  for (const thing of ['h1', '#why', 'footer', '#questions', '.contact a']) {
    await shopWindow(page)
      .locator(thing)
      .first()
      .click({ position: { x: 3, y: 3 } });
    const slip = slipOf(page);
    await expect(slip).toBeVisible();
    // The top of the thing is in sight over the slip.
    await expect
      .poll(async () => {
        const [at, over] = [await shopWindow(page).locator(thing).first().boundingBox(), await slip.boundingBox()];
        return at && over ? [thing, at.y < over.y, at.y > 100, Math.round(over.x), Math.round(over.width)] : null;
      })
      .toEqual([thing, true, true, 0, 390]);
    await page.keyboard.press('Escape');
    await expect(slip).toHaveCount(0);
  }
  await shopWindow(page).locator('h1').click();
  await set(page).fill('Soft water.');
  await slipOf(page).getByRole('button', { name: 'Done' }).click();
  await expect(shopWindow(page).locator('h1')).toHaveText('Soft water.');
  // From the words in the window to the words of the brief, which have their turn then.
  await shopWindow(page).locator('.lead').click();
  await slipOf(page).getByRole('button', { name: 'Show it in the brief' }).click();
  await expect(page.getByLabel('Your brief')).toBeVisible();
  await saved(page);
});

async function openSampleNarrow(page: Page): Promise<void> {
  await openSample(page, false);
  await expect(page.getByLabel('Your brief')).toBeVisible();
  // It is made while the sheet has its turn.
  await turn(page, 'The shop');
  await expect(shopWindow(page).locator('h1')).toBeVisible();
  await turn(page, 'Brief');
}
