import { expect, test, type Page } from '@playwright/test';
import {
  brief,
  expectNoAxeFindings,
  list,
  newShop,
  openSample,
  pasteList,
  publish,
  sampleHeadline,
  saved,
  set,
  shopWindow,
  slipOf,
  station,
  writeAt,
  writeBrief,
} from './support';

/** A family is chosen by its card: the radio in it is there for keyboards and screen readers. */
const chooseFamily = (page: Page, name: string) =>
  page.getByRole('radiogroup', { name: 'Family' }).locator('label', { hasText: name }).click();

const ada = '“It has outlived two husbands.” – Ada from Wick';
const bo = '“The brim is perfect.” – Bo from Hull';
const cy = '“My horse tried to eat it.” – Cy from York';
const praised = (...reviews: string[]) =>
  `Hay Barn is a hatter in Bath. We make straw hats by hand. We want reviews on the site. Prices in pounds. a@b.example\n\n${reviews.join('\n\n')}`;

const steps = (page: Page) => page.getByRole('button', { name: 'Steps', exact: true }).click();
/** What buyers are quoted with; where there is nothing yet, the window asks for it in the same place. */
const reviewsOf = (page: Page) => shopWindow(page).locator('#reviews li:not(:has(.ask))');

/** What a buyer is quoted with stands in the shop once the seller has said that it may. */
const mayBePrinted = (page: Page, by: string) =>
  page
    .getByRole('region', { name: 'May these be printed?' })
    .getByRole('button', { name: new RegExp(`^Print: .*${by}`) })
    .click();

/** A change of a brief that a shop stands on. */
async function changeBrief(page: Page, text: string): Promise<void> {
  await station(page, 'Brief');
  await page.getByLabel('Your brief').fill(text);
  await expect(page.getByRole('region', { name: 'What this would change' })).toContainText('decided by hand stays');
  await page.getByRole('button', { name: 'Do it' }).click();
  await saved(page);
}

test('an edited review stays over its own name when another is put before it, and comes back when it had to be set aside', async ({
  page,
}) => {
  await newShop(page);
  await writeBrief(page, praised(ada, bo));
  await expect(reviewsOf(page)).toHaveCount(0);
  await mayBePrinted(page, 'Ada from Wick');
  await expect(reviewsOf(page)).toHaveCount(1);
  await mayBePrinted(page, 'Bo from Hull');
  await expect(reviewsOf(page)).toHaveCount(2);
  await writeAt(page, '#reviews li p', 'It outlived two husbands!');
  await expect(reviewsOf(page).first()).toContainText('It outlived two husbands!');

  await changeBrief(page, praised(cy, ada, bo));
  await expect(reviewsOf(page)).toHaveCount(2);
  await mayBePrinted(page, 'Cy from York');
  await expect(reviewsOf(page)).toHaveCount(3);
  await expect(reviewsOf(page).nth(0)).toHaveText(/My horse tried to eat it\.\s*Cy from York/);
  await expect(reviewsOf(page).nth(1)).toHaveText(/It outlived two husbands!\s*Ada from Wick/);

  // What it stood on goes: it is set aside, shown, and put on another thing by hand.
  await page.getByLabel('Your brief').fill(praised(cy, bo));
  await expect(page.getByRole('region', { name: 'What this would change' })).toContainText('would have no place');
  await page.getByRole('button', { name: 'Do it' }).click();
  await expect(reviewsOf(page)).toHaveCount(2);
  await expect(shopWindow(page).locator('#reviews')).not.toContainText('It outlived');
  await steps(page);
  const aside = page.getByRole('region', { name: 'Set aside' });
  await expect(aside).toContainText('It outlived two husbands!');
  await aside.getByLabel('Put it on').selectOption({ label: 'The brim is perfect. Bo from Hull' });
  await aside.getByRole('button', { name: 'Put back' }).click();
  await expect(reviewsOf(page).nth(1)).toHaveText(/It outlived two husbands!\s*Bo from Hull/);
  await expect(page.getByRole('region', { name: 'Set aside' })).toHaveCount(0);
});

test('two tabs on one project both go on, each sees what the other does, and one place decided twice is said', async ({
  context,
  page,
}) => {
  const id = await newShop(page);
  await writeBrief(page, brief);
  await pasteList(page, list);
  await station(page, 'Look');
  const other = await context.newPage();
  await other.goto(`/project/${id}/plan`);
  await expect(shopWindow(other).locator('.top .brand')).toHaveText('Kobold Cycles');

  await chooseFamily(page, 'Poster');
  await expect(shopWindow(other).locator('html')).toHaveClass(/family-poster/);
  await writeAt(other, 'h1', 'Round wheels.');
  await expect(shopWindow(page).locator('h1')).toHaveText('Round wheels.');
  await saved(page);

  await page.reload();
  await expect(shopWindow(page).locator('h1')).toHaveText('Round wheels.');
  await expect(shopWindow(page).locator('html')).toHaveClass(/family-poster/);

  // Both decide at one place without having heard of each other: the channel is held back.
  await other.evaluate(() => {
    BroadcastChannel.prototype.postMessage = () => undefined;
  });
  await writeAt(other, 'h1', 'True wheels.');
  await writeAt(page, 'h1', 'Straight wheels.');
  await expect(page.getByText('Another tab decided at the same place')).toContainText('Straight wheels.');
  await page.getByRole('button', { name: 'I have seen it' }).click();
  await expect(page.getByText('Another tab decided at the same place')).toHaveCount(0);
  // Nothing is lost: both are steps, and the later one can be taken back.
  await steps(page);
  const listed = page.getByRole('region', { name: 'Steps' });
  await expect(listed).toContainText('“True wheels.”');
  await expect(listed).toContainText('“Straight wheels.”');
});

test('what was typed just before a reload is kept, before a shop stands and after', async ({ page }) => {
  await newShop(page);
  const letter = page.getByLabel('Your brief');
  await letter.fill('Kobold Cycles builds wheels.');
  // At once, with no time to save in.
  await page.reload();
  await expect(letter).toHaveValue('Kobold Cycles builds wheels.');

  await writeBrief(page, brief);
  await pasteList(page, list);
  await station(page, 'Brief');
  await letter.fill(`${brief} We have a cat.`);
  // At once, with no time to save in.
  await page.reload();
  await expect(letter).toHaveValue(`${brief} We have a cat.`);
});

test('a section is added, and taken back, on every kind of page', async ({ page }) => {
  await openSample(page);
  await station(page, 'Plan');
  const pages = page.locator('main details > summary h2');
  await expect(pages.first()).toBeVisible();
  const names = await pages.allInnerTexts();
  let tried = 0;
  for (const name of names) {
    await page.locator('main details > summary', { has: page.locator(`h2:text-is("${name}")`) }).click();
    const add = page.getByRole('button', { name: 'Add a section' });
    if ((await page.locator('main details[open]').count()) === 0 || (await add.count()) === 0) continue;
    const strips = page.locator('main details[open] [role=grid] [role=row]');
    const before = await strips.count();
    await add.click();
    const dialog = page.getByRole('dialog');
    await dialog.getByRole('button', { name: 'Add Text', exact: true }).click();
    await expect(strips).toHaveCount(before + 1);
    await page.getByRole('button', { name: /^Undo/ }).click();
    await expect(strips).toHaveCount(before);
    await expect(page.getByText('stumbled')).toHaveCount(0);
    tried++;
  }
  expect(tried).toBeGreaterThan(5);
});

test('a version is named, compared side by side, one difference is taken over, and all goes back to it', async ({ page }) => {
  await openSample(page);
  await expect(page).toHaveTitle('Tarnwick Dye House: Brief');
  const headline = shopWindow(page).locator('h1');
  await expect(headline).toHaveText(sampleHeadline);
  await steps(page);
  await page.getByLabel('Name this version').fill('Before the fair');
  await page.getByRole('button', { name: 'Keep the name' }).click();
  await expect(page.getByText('Version “Before the fair”')).toBeVisible();
  await page.getByRole('button', { name: 'Close' }).click();
  await writeAt(page, 'h1', 'Come to the fair.');
  await station(page, 'Look');
  await chooseFamily(page, 'Stall');
  await expect(shopWindow(page).locator('html')).toHaveClass(/family-stall/);

  await steps(page);
  // What follows from a change is part of its sentence.
  await expect(page.getByText(/Family: [A-Z]\w+ → Stall; headings follow/).first()).toBeVisible();
  await page.getByRole('button', { name: 'Compare Before the fair with now' }).click();
  const dialog = page.getByRole('dialog', { name: 'Two versions side by side' });
  const [then, now] = ['Then', 'Now'].map((title) => dialog.frameLocator(`iframe[title="${title}"]`));
  await expect(then?.locator('h1') ?? headline).toHaveText(sampleHeadline);
  await expect(now?.locator('h1') ?? headline).toHaveText('Come to the fair.');
  await expect(then?.locator('h1') ?? headline).toHaveCSS('outline-style', 'solid');
  await expect(then?.locator('.lead') ?? headline).toHaveCSS('outline-style', 'none');
  await dialog.getByRole('button', { name: /Take over: Headline of Opening/ }).click();
  await expect(now?.locator('h1') ?? headline).toHaveText(sampleHeadline);
  await dialog.getByRole('button', { name: 'Close' }).click();
  await expect(headline).toHaveText(sampleHeadline);
  await expect(shopWindow(page).locator('html')).toHaveClass(/family-stall/);

  await page.getByRole('button', { name: 'Go back to Before the fair' }).click();
  await expect(shopWindow(page).locator('html')).not.toHaveClass(/family-stall/);
  await page.getByRole('button', { name: /^Undo/ }).click();
  await expect(shopWindow(page).locator('html')).toHaveClass(/family-stall/);
});

test('one step is taken back out of the middle, or says what stands on it; undo works after a reload', async ({ page }) => {
  await newShop(page);
  await writeBrief(page, brief);
  await pasteList(page, list);
  await station(page, 'Look');
  await chooseFamily(page, 'Poster');
  await expect(shopWindow(page).locator('html')).toHaveClass(/family-poster/);
  await writeAt(page, 'h1', 'Round wheels.');
  await writeAt(page, 'h1', 'True wheels.');
  await steps(page);
  await page.getByRole('button', { name: /^Take back: Headline of Opening on Home: “.+” → “Round wheels\.”/ }).click();
  await expect(page.getByText('A later step stands on it: Headline of Opening on Home')).toBeVisible();
  await page.getByRole('button', { name: /^Take back: Family/ }).click();
  await expect(shopWindow(page).locator('html')).not.toHaveClass(/family-poster/);
  await expect(shopWindow(page).locator('h1')).toHaveText('True wheels.');
  await saved(page);
  await page.reload();
  await page.getByRole('button', { name: /^Undo: Headline/ }).click();
  await expect(shopWindow(page).locator('h1')).toHaveText('Round wheels.');
  await page.getByRole('button', { name: /^Redo: Headline/ }).click();
  await expect(shopWindow(page).locator('h1')).toHaveText('True wheels.');
});

test('a release that is brought back asks whether the studio follows', async ({ page }) => {
  const id = await newShop(page);
  await writeBrief(page, brief);
  await pasteList(page, list);
  await station(page, 'Plan');
  await writeAt(page, 'h1', 'First release.');
  const address = `release-${id.slice(0, 8)}`;
  await publish(page, address);
  await writeAt(page, 'h1', 'Second release.');
  await page.getByRole('button', { name: 'Publish again' }).click();
  await expect(page.getByRole('button', { name: /^Bring back the release/ })).toHaveCount(1);
  await page.getByRole('button', { name: /^Bring back the release/ }).click();
  await expect(page.getByText('Should it go back to how all was at that release, too?')).toBeVisible();
  await expect(shopWindow(page).locator('h1')).toHaveText('Second release.');
  await page.getByRole('button', { name: 'Go back here too' }).click();
  await expect(shopWindow(page).locator('h1')).toHaveText('First release.');
  await page.getByRole('button', { name: /^Undo/ }).click();
  await expect(shopWindow(page).locator('h1')).toHaveText('Second release.');
});

test('a text that is too long for its place is said, with the figure, and is kept once it is shorter', async ({ page }) => {
  await openSample(page);
  await shopWindow(page).locator('h1').click();
  const slip = slipOf(page);
  await set(page).fill('wool '.repeat(5000));
  await expect(slip.getByText(/24839 characters more than the 160 that fit here/)).toBeVisible();
  await slip.getByRole('button', { name: 'Done' }).click();
  // Neither that nor pointing at something else leaves it.
  await shopWindow(page).locator('.lead').click();
  await expect(slip).toHaveAccessibleName('Headline');
  await expect(set(page)).toHaveCount(1);
  await set(page).fill('Wool, and no more.');
  await expect(slip.getByText(/characters more/)).toHaveCount(0);
  await slip.getByRole('button', { name: 'Done' }).click();
  await expect(shopWindow(page).locator('h1')).toHaveText('Wool, and no more.');
});

test('a fault in a sheet stays in the sheet, with a sentence and the way back', async ({ page }) => {
  await openSample(page);
  await steps(page);
  await page.getByLabel('Name this version').fill('One');
  await page.getByRole('button', { name: 'Keep the name' }).click();
  await expect(page.getByText('Version “One”')).toBeVisible();
  await page.getByRole('button', { name: 'Close' }).click();
  // Dates can't be written any more: the list of steps, which writes them, stumbles.
  await page.evaluate(() => {
    const { prototype } = Intl.DateTimeFormat;
    Object.defineProperty(window, 'whole', { value: Object.getOwnPropertyDescriptor(prototype, 'format') });
    Object.defineProperty(prototype, 'format', {
      configurable: true,
      get: () => {
        throw new Error('No dates today.');
      },
    });
  });
  await steps(page);
  await expect(page.getByRole('heading', { name: 'The list of steps stumbled' })).toBeVisible();
  await expect(page.getByText('Nothing is lost: every step is kept')).toBeVisible();
  // The rest of the studio goes on.
  await expect(shopWindow(page).locator('h1')).toHaveText(sampleHeadline);
  await page.evaluate(() => {
    const whole = (window as unknown as { whole: PropertyDescriptor }).whole;
    Object.defineProperty(Intl.DateTimeFormat.prototype, 'format', whole);
  });
  await page.getByRole('button', { name: 'Try again' }).click();
  await expect(page.getByText('Version “One”')).toBeVisible();
});

test('what the seller wrote and a new brief would make otherwise is a choice, before it is done', async ({ page }) => {
  const turner = (town: string) =>
    `Hay Barn is a turner in ${town}. We make bowls of green oak by hand. Prices in pounds. a@b.example`;
  await newShop(page);
  await writeBrief(page, turner('Bath'));
  const headline = shopWindow(page).locator('.opening h1');
  await expect(headline).toBeVisible();
  await writeAt(page, '.opening h1', 'Bowls that warp a little.');
  await expect(headline).toHaveText('Bowls that warp a little.');

  const fuller = `${turner('Leeds')} Every bowl is turned twice, the second time after a year.`;
  const both = page.getByRole('region', { name: 'What you and the brief both changed' });
  await page.getByLabel('Your brief').fill(fuller);
  await expect(both).toContainText('Headline of Opening on Home');
  await expect(both).toContainText('Yours: Bowls that warp a little.');
  await expectNoAxeFindings(page, 'what both changed');
  await page.getByRole('button', { name: 'Do it' }).click();
  await saved(page);
  await expect(headline).toHaveText('Bowls that warp a little.');
  await page.getByRole('button', { name: 'Undo: Change the brief' }).click();
  await expect(page.getByLabel('Your brief')).toHaveValue(turner('Bath'));

  await page.getByLabel('Your brief').fill(fuller);
  await both.getByText('Take the new one').first().click();
  await page.getByRole('button', { name: 'Do it' }).click();
  await saved(page);
  await expect(headline).not.toHaveText('Bowls that warp a little.');
  await expect(headline).not.toBeEmpty();
  // One step for all of it.
  await page.getByRole('button', { name: 'Undo: Change the brief' }).click();
  await expect(headline).toHaveText('Bowls that warp a little.');
});
