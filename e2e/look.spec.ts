import { readFile } from 'node:fs/promises';
import { expect, test, type FrameLocator, type Page } from '@playwright/test';
import sharp from 'sharp';
import { accent, expectNoAxeFindings, newShop, openSample, pasteList, shopWindow, station, writeBrief } from './support';

const benchFrame = (page: Page, n: number) => page.frameLocator(`iframe[title="Look ${n}"]`);
const familyIn = async (page: Page, n: number) =>
  /family-(\w+)/.exec((await benchFrame(page, n).locator('html').getAttribute('class')) ?? '')?.[1] ?? '';
const families = async (page: Page) => {
  for (const n of [1, 2, 3]) await expect(benchFrame(page, n).locator('html[class*=family-]')).toHaveCount(1);
  return Promise.all([1, 2, 3].map((n) => familyIn(page, n)));
};
const looks = (page: Page) => page.getByRole('dialog', { name: 'Looks side by side' });

/** How a header is arranged: by what of it no colour and no face changes. */
const headOf = (frame: FrameLocator) =>
  frame.locator('.top').evaluate((top) => {
    const { display, position, borderBottomStyle, flexWrap, justifyItems, textAlign } = getComputedStyle(top);
    return { display, position, borderBottomStyle, flexWrap, justifyItems, textAlign };
  });

test('three shops are compared, varied, gone back from, mixed, and the mix is undone', async ({ page }) => {
  await openSample(page);
  await station(page, 'Look');
  await page.getByRole('button', { name: 'Compare three' }).click();
  const first = await families(page);
  expect(new Set(first).size).toBe(3);

  // The same page in all three, scrolling together.
  await looks(page).getByLabel('Page').selectOption('shop/');
  for (const n of [1, 2, 3]) await expect(benchFrame(page, n).locator('.good').first()).toBeVisible();
  let top = 600;
  for (const n of [2, 3])
    await expect
      .poll(async () => {
        // A page that is still growing is scrolled again.
        top = top === 600 ? 610 : 600;
        await benchFrame(page, 1)
          .locator('html')
          .evaluate((html, to) => html.ownerDocument.defaultView?.scrollTo({ top: to, behavior: 'instant' }), top);
        return benchFrame(page, n)
          .locator('html')
          .evaluate((html) => html.scrollTop);
      })
      .toBeGreaterThan(60);

  // On a phone.
  await looks(page).getByRole('radio', { name: 'Phone' }).click();
  await expect
    .poll(() =>
      benchFrame(page, 2)
        .locator('html')
        .evaluate((html) => html.clientWidth),
    )
    .toBe(390);
  await looks(page).getByRole('radio', { name: 'Wide' }).click();

  // What varies stays near; going back brings the three before.
  await looks(page)
    .getByRole('article', { name: /^Look 2/ })
    .getByRole('button', { name: 'Vary it' })
    .click();
  await expect(looks(page).getByRole('button', { name: 'Back to the three before' })).toBeEnabled();
  await looks(page).getByRole('button', { name: 'Back to the three before' }).click();
  await expect(looks(page).getByRole('button', { name: 'Back to the three before' })).toBeDisabled();
  await expect.poll(() => families(page)).toEqual(first);

  // This one's type and that one's header with the arrangement of the first.
  const typeOf = (n: number) =>
    benchFrame(page, n)
      .locator('html')
      .evaluate((html) => getComputedStyle(html).getPropertyValue('--head'));
  const third = await typeOf(3);
  expect(third).not.toBe(await typeOf(1));
  await looks(page)
    .getByRole('article', { name: /^Look 3/ })
    .getByRole('button', { name: 'Type' })
    .click();
  const second = await headOf(benchFrame(page, 2));
  expect(second).not.toEqual(await headOf(benchFrame(page, 1)));
  await looks(page)
    .getByRole('article', { name: /^Look 2/ })
    .getByRole('button', { name: 'Header' })
    .click();
  await looks(page).getByRole('button', { name: 'Take the mix' }).click();
  await expect(shopWindow(page).locator(`html.family-${first[0]}`)).toHaveCount(1);
  await expect
    .poll(() =>
      shopWindow(page)
        .locator('html')
        .evaluate((html) => getComputedStyle(html).getPropertyValue('--head')),
    )
    .toBe(third);
  await expect.poll(() => headOf(shopWindow(page))).toEqual(second);
  await page.getByRole('button', { name: /^Undo/ }).click();
  await expect(shopWindow(page).locator('html.family-ledger')).toHaveCount(1);
});

test('what is kept stays through every search, and the keyboard reaches all of it', async ({ page }) => {
  await openSample(page);
  await station(page, 'Look');
  const before = await accent(page);
  await page.getByRole('button', { name: 'Keep colour when looks are searched' }).click();
  await page.getByRole('button', { name: 'Start again' }).focus();
  await page.keyboard.press('Enter');
  for (let turn = 0; turn < 2; turn++) {
    const found = await families(page);
    expect(found).not.toContain('ledger');
    for (const n of [1, 2, 3])
      expect(
        await benchFrame(page, n)
          .locator('html')
          .evaluate((html) => getComputedStyle(html).getPropertyValue('--accent').trim()),
      ).toBe(before);
    await looks(page).getByRole('button', { name: 'Start again, far from these' }).click();
    await expect(looks(page).getByRole('button', { name: 'Back to the three before' })).toBeEnabled();
  }
  await expect(looks(page).getByRole('checkbox', { name: 'Colour' })).toBeChecked();
  await page.keyboard.press('Escape');
  await expect(looks(page)).toBeHidden();
  await expect(shopWindow(page).locator('html.family-ledger')).toHaveCount(1);
});

test('a look is saved as design tokens and comes back from them; what is no look is refused', async ({ page }) => {
  await openSample(page);
  await station(page, 'Look');
  const download = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Save it' }).click();
  const file = await readFile((await (await download).path()) ?? '', 'utf8');
  const before = await accent(page);
  // Design Tokens Format Module: a token is an object with $value; its type is $type, of its own or of a group about it.
  expect(JSON.stringify(JSON.parse(file))).toMatch(/"\$type":"color".*"\$value"/);

  await page.getByText('Poster', { exact: true }).click();
  await page.getByRole('button', { name: /^Colour/ }).click();
  await page.getByRole('button', { name: 'Mix another' }).click();
  await expect.poll(() => accent(page)).not.toBe(before);
  const load = async (text: string) => {
    const chooser = page.waitForEvent('filechooser');
    await page.getByRole('button', { name: 'Load a look', exact: true }).click();
    await (await chooser).setFiles({ name: 'look.json', mimeType: 'application/json', buffer: Buffer.from(text) });
  };
  await load(file);
  await expect(page.getByText('The look is loaded.')).toBeVisible();
  await expect.poll(() => accent(page)).toBe(before);
  await expect(shopWindow(page).locator('html.family-ledger')).toHaveCount(1);

  for (const [text, says] of [
    ['{"a":', 'This is not a file of design tokens: it is not JSON.'],
    ['[]', 'This is not a file of design tokens: it holds no groups.'],
    ['{"a":{}}', 'There are no tokens in this file: nothing in it has a “$value”.'],
  ] as const) {
    await load(text);
    await expect(page.getByText(says)).toBeVisible();
    expect(await accent(page)).toBe(before);
  }
});

test('near-white picks stay readable, and the nearest that carries text is offered', async ({ page }) => {
  await openSample(page);
  await station(page, 'Look');
  await page.getByRole('button', { name: /^Colour/ }).click();
  for (const [pot, hex] of [
    ['Ground', '#fdfdfd'],
    ['Accent', '#fbfcfa'],
    ['Second', '#f9faff'],
  ] as const) {
    await page.getByRole('button', { name: new RegExp(`^${pot}, #`) }).click();
    await page.getByRole('textbox', { name: 'Code' }).fill(hex);
    await page.keyboard.press('Tab');
    if (pot === 'Accent') await expect(page.getByText(/As text on the ground it has 1\.\d; 4\.5 is the least/)).toBeVisible();
    await page.getByRole('button', { name: 'Use it' }).click();
    await page.keyboard.press('Escape');
    await expect(page.getByRole('button', { name: new RegExp(`^${pot}, ${hex}`) })).toBeVisible();
  }
  const figures = page.getByRole('table').filter({ hasText: 'Contrast: text needs 4.5, edges 3' });
  for (const row of await figures.getByRole('row').filter({ hasText: 'Aa' }).all()) {
    const text = await row.innerText();
    expect([text, Number(/([\d.]+)\s*$/.exec(text)?.[1]) >= (text.includes('Edge') ? 3 : 4.5)]).toEqual([text, true]);
  }
});

test('a name of sixty characters, and one in another script, stand in every part of the Look', async ({ page }) => {
  for (const [name, marks] of [
    ['The Extraordinarily Well-Provisioned Emporium of Curiosities', 8],
    ['きもの屋さくら', 1],
  ] as const) {
    await newShop(page);
    await writeBrief(page, `${name}. We sell silk scarves. Prices in euros.`);
    await pasteList(page, 'title,price\nScarf,50\nBelt,30\n');
    await station(page, 'Brief');
    // All of it is read by then.
    await expect(page.getByRole('region', { name: 'What was understood' })).toContainText('silk scarves');
    if (!(await page.getByRole('region', { name: 'What was understood' }).innerText()).includes(name)) {
      await page.getByRole('button', { name: /^(?:Correct|Add|Give) Name/ }).click();
      await page.getByRole('textbox', { name: 'Name' }).fill(name);
      await page.getByRole('button', { name: 'Save' }).click();
    }
    await station(page, 'Look');
    await page.getByRole('button', { name: /^Mark/ }).click();
    await expect.poll(() => page.getByRole('list', { name: 'Marks' }).getByRole('button').count()).toBeGreaterThanOrEqual(marks);
    await expect(shopWindow(page).locator('.top .brand')).toContainText(name.slice(0, 6));
    const frame = page.frames().find((one) => one.parentFrame());
    expect(await frame?.evaluate(() => document.documentElement.scrollWidth <= innerWidth)).toBe(true);
  }
});

test('one place differs, is listed, is otherwise on phones, and goes back to the whole', async ({ page }) => {
  await openSample(page);
  await station(page, 'Look');
  await page.getByRole('button', { name: /^Single places/ }).click();
  await page.getByLabel('Featured goods').selectOption('inverse');
  const section = shopWindow(page).locator('main > section#featured');
  const ground = (of: typeof section) => of.evaluate((element) => getComputedStyle(element).backgroundColor);
  const body = await shopWindow(page)
    .locator('body')
    .evaluate((element) => getComputedStyle(element).backgroundColor);
  await expect.poll(() => ground(section)).not.toBe(body);
  await expect(page.getByRole('button', { name: /^Single places 1 differs from the whole/ })).toBeVisible();
  await page.getByLabel('Goods beside each other').selectOption('1');
  await expect(page.getByRole('button', { name: /^Single places 2 differ from the whole/ })).toBeVisible();
  await page.getByLabel('Featured goods').selectOption('');
  await page.getByLabel('Goods beside each other').selectOption('');
  await expect(page.getByRole('button', { name: /^Single places None differs from the whole/ })).toBeVisible();
});

test('a picture that is liked becomes a look: what it would take is said and seen, each can be left, and it is one step', async ({
  page,
}) => {
  await openSample(page);
  await station(page, 'Look');
  const bring = async (name: string, buffer: Buffer) => {
    const [chooser] = await Promise.all([
      page.waitForEvent('filechooser'),
      page.getByRole('button', { name: 'From a picture' }).click(),
    ]);
    await chooser.setFiles({ name, mimeType: 'image/png', buffer });
  };
  await bring('notes.png', Buffer.from('no picture at all'));
  await expect(page.getByText('“notes.png” is not a picture')).toBeVisible();
  const drawing =
    '<svg xmlns="http://www.w3.org/2000/svg" width="900" height="700"><rect width="900" height="700" fill="#12333f"/><circle cx="220" cy="240" r="120" fill="#e8b04a"/><circle cx="620" cy="430" r="170" fill="#e8b04a"/></svg>';
  await bring('poster.png', await sharp(Buffer.from(drawing)).png().toBuffer());
  const panel = page.getByRole('region', { name: 'A look from a picture' });
  await expect(panel).toContainText('Ground: Night');
  await expect(panel).toContainText('Corners: soft');
  const seen = page.frameLocator('iframe[title="Your shop with what is taken from it"]').locator('body');
  await expect(seen).toHaveCSS('background-color', 'rgb(18, 51, 63)');
  // Only once it is taken does the shop wear it.
  await expect(shopWindow(page).locator('body')).not.toHaveCSS('background-color', 'rgb(18, 51, 63)');
  await expectNoAxeFindings(page, 'a look from a picture');
  await panel.getByText(/^Corners: soft/).click();
  const corner = await shopWindow(page)
    .locator('.button')
    .first()
    .evaluate((button) => getComputedStyle(button).borderRadius);
  await panel.getByRole('button', { name: 'Take it on' }).click();
  await expect(shopWindow(page).locator('body')).toHaveCSS('background-color', 'rgb(18, 51, 63)');
  await expect(shopWindow(page).locator('.button').first()).toHaveCSS('border-radius', corner);
  await expect(page.getByRole('button', { name: 'From a picture' })).toBeFocused();
  await page.getByRole('button', { name: /^Undo: Look taken from “poster.png”/ }).click();
  await expect(shopWindow(page).locator('body')).not.toHaveCSS('background-color', 'rgb(18, 51, 63)');
});
