import { readFile } from 'node:fs/promises';
import { expect, test, type Locator, type Page } from '@playwright/test';
import sharp from 'sharp';
import { brief, list, newShop, openSample, pasteList, publish, saved, shopWindow, station, writeBrief } from './support';

const accent = (page: Page) =>
  shopWindow(page)
    .locator('html')
    .evaluate((html) => getComputedStyle(html).getPropertyValue('--accent').trim());
const benchFrame = (page: Page, n: number) => page.frameLocator(`iframe[title="Look ${n}"]`);
const familyIn = async (page: Page, n: number) =>
  /family-(\w+)/.exec((await benchFrame(page, n).locator('html').getAttribute('class')) ?? '')?.[1] ?? '';
const families = async (page: Page) => {
  for (const n of [1, 2, 3]) await expect(benchFrame(page, n).locator('html[class*=family-]')).toHaveCount(1);
  return Promise.all([1, 2, 3].map((n) => familyIn(page, n)));
};
const looks = (page: Page) => page.getByRole('dialog', { name: 'Looks side by side' });

test('three shops are compared, varied, gone back from, mixed, and the mix is undone', async ({ page }) => {
  await openSample(page);
  await station(page, 'Look');
  await page.getByRole('button', { name: 'Compare three' }).click();
  const first = await families(page);
  expect(new Set(first).size).toBe(3);

  // The same page in all three, scrolling together.
  await looks(page).getByLabel('Page').selectOption('shop/');
  for (const n of [1, 2, 3]) await expect(benchFrame(page, n).locator('.good').first()).toBeVisible();
  await benchFrame(page, 1)
    .locator('html')
    .evaluate((html) => html.ownerDocument.defaultView?.scrollTo({ top: 600, behavior: 'instant' }));
  for (const n of [2, 3])
    await expect
      .poll(() =>
        benchFrame(page, n)
          .locator('html')
          .evaluate((html) => html.scrollTop),
      )
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

  // This one's type with that one's arrangement.
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
  await looks(page).getByRole('button', { name: 'Take the mix' }).click();
  await expect(shopWindow(page).locator(`html.family-${first[0]}`)).toHaveCount(1);
  await expect
    .poll(() =>
      shopWindow(page)
        .locator('html')
        .evaluate((html) => getComputedStyle(html).getPropertyValue('--head')),
    )
    .toBe(third);
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

test('a mark is chosen, sized, put at the foot, and what is published has its icons', async ({ page, context }) => {
  await newShop(page);
  await writeBrief(page, brief);
  await pasteList(page, list);
  await station(page, 'Look');
  await page.getByRole('button', { name: /^Mark/ }).click();
  const marks = page.getByRole('list', { name: 'Marks' });
  await expect.poll(() => marks.getByRole('button').count()).toBeGreaterThanOrEqual(9);
  await marks.getByRole('button', { name: 'The initial in a block, the name beside it' }).click();
  const mark = shopWindow(page).locator('.top .brand svg.mark');
  await expect(mark).toBeVisible();
  await expect(shopWindow(page).locator('.top .brand')).toHaveAccessibleName('Kobold Cycles');
  const height = (await mark.boundingBox())?.height ?? 0;
  await page.getByRole('slider', { name: 'Size' }).fill('1.5');
  await expect.poll(async () => (await mark.boundingBox())?.height ?? 0).toBeGreaterThan(height * 1.3);
  await page.getByLabel('At the foot of pages too').check();
  await expect(shopWindow(page).locator('.foot svg.mark')).toHaveCount(1);

  const address = await publish(page, 'kobold-mark');
  const shop = await context.newPage();
  await shop.goto(address);
  for (const [path, size] of [
    ['icon-32.png', 32],
    ['icon-180.png', 180],
    ['icon-512.png', 512],
  ] as const) {
    const answer = await shop.request.get(`${address}${path}`);
    expect(answer.status()).toBe(200);
    expect((await sharp(await answer.body()).metadata()).width).toBe(size);
  }
  const card = await sharp(await (await shop.request.get(`${address}card.png`)).body()).metadata();
  expect([card.width, card.height]).toEqual([1200, 630]);
  await expect(shop.locator('meta[property="og:image"]')).toHaveAttribute('content', /card\.png$/);
});

const scene = (width: number, height: number) =>
  sharp({ create: { width, height, channels: 3, background: '#f4f2ee' } }).composite([
    {
      input: Buffer.from(
        `<svg xmlns="http://www.w3.org/2000/svg" width="${width}" height="${height}"><rect x="${width * 0.6}" y="${height * 0.3}" width="${width * 0.15}" height="${height * 0.4}" fill="#b02a1e"/></svg>`,
      ),
    },
  ]);

test('pictures of every bad kind are taken in or refused in a sentence, and nothing is lost', async ({ page }) => {
  await newShop(page);
  await pasteList(page, 'title,price,picture\nTurned,5,turned.jpg\nPrint,6,print.jpg\nMoving,7,moving.gif\n');
  const frames = await Promise.all(
    ['#d02020', '#2020d0'].map((background) =>
      sharp({ create: { width: 900, height: 600, channels: 3, background } })
        .png()
        .toBuffer(),
    ),
  );
  const files = [
    // Stored lying on its side; tag 0x0112 says how to turn it (Exif 2.32, 4.6.4).
    {
      name: 'turned.jpg',
      buffer: await sharp(await scene(900, 600).png().toBuffer())
        .rotate(270)
        .withMetadata({ orientation: 6 })
        .jpeg()
        .toBuffer(),
    },
    { name: 'print.jpg', buffer: await scene(900, 900).toColourspace('cmyk').jpeg().toBuffer() },
    {
      name: 'moving.gif',
      buffer: await sharp(frames, { join: { animated: true } })
        .gif()
        .toBuffer(),
    },
    {
      name: 'huge.png',
      buffer: await sharp({ create: { width: 12_500, height: 8_000, channels: 3, background: '#808080' } })
        .png()
        .toBuffer(),
    },
    { name: 'letter.png', buffer: Buffer.from('Dear shop,') },
    { name: 'tiny.png', buffer: await scene(300, 200).png().toBuffer() },
    {
      name: 'logo.svg',
      buffer: Buffer.from(
        '<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 120 40" onload="window.owned=1"><script>window.owned=1</script><style>.a{fill:#1d3f72}</style><rect class="a" width="120" height="40"/></svg>',
      ),
    },
  ].map((file) => ({ ...file, mimeType: 'application/octet-stream' }));
  const chooser = page.waitForEvent('filechooser');
  await page.getByRole('button', { name: 'Add pictures' }).click();
  await (await chooser).setFiles(files);
  await expect(page.getByText(/“huge\.png” has 100 million pixels \(12500 × 8000\)/)).toBeVisible({ timeout: 40_000 });
  await expect(page.getByText(/“letter\.png” is not a picture/)).toBeVisible();
  await expect(page.getByText(/“moving\.gif” moves; the shop shows its first image/)).toBeVisible();
  await expect(page.getByText(/“tiny\.png” is 300 pixels wide/)).toBeVisible();
  await expect(page.getByText(/From “logo\.svg” was left out what does more than draw: .*script/)).toBeVisible();

  const pictures = page.getByRole('region', { name: 'Pictures' });
  await pictures.getByRole('combobox', { name: 'Picture', exact: true }).selectOption('turned.jpg');
  await expect(pictures.getByText(/900 × 600 pixels are enough/)).toBeVisible();
  await expect(
    pictures.getByRole('button', {
      name: /Where to look in turned\.jpg: 6[5-9] % from the left, (4[5-9]|5[0-5]) % from the top/,
    }),
  ).toBeVisible();

  // The point moves by keys, the plain background goes, the colours come, and each is one step back.
  const point = pictures.getByRole('button', { name: /^Where to look in/ });
  await point.focus();
  await page.keyboard.press('ArrowLeft');
  await expect(point).toHaveAccessibleName(/6[0-4] % from the left/);
  await pictures.getByRole('button', { name: 'Take the plain background out' }).click();
  await expect(pictures.getByText('The background is out. Undo brings it back.')).toBeVisible();
  await pictures.getByRole('button', { name: /^Make #b[0-9a-f]{5} the accent/ }).click();
  await expect(pictures.getByText(/^#b[0-9a-f]{5} is the accent\./)).toBeVisible();

  // The drawing becomes the logo; what it carried besides is gone.
  await pictures.getByRole('combobox', { name: 'Picture', exact: true }).selectOption('logo.svg');
  await pictures.getByRole('button', { name: 'Use it as the logo' }).click();
  await station(page, 'Look');
  await expect(shopWindow(page).locator('.top .brand img')).toBeVisible();
  await expect.poll(() => accent(page)).toMatch(/^#b/);
  expect(await page.evaluate(() => 'owned' in window)).toBe(false);
  await saved(page);
  await page.reload();
  await expect(shopWindow(page).locator('.top .brand img')).toBeVisible();
  await station(page, 'Goods');
  await expect(
    page.getByRole('region', { name: 'Pictures' }).getByRole('combobox', { name: 'Picture', exact: true }).locator('option'),
  ).toHaveCount(5);
});

/** The colour in the middle of a picture on the page. */
const centreOf = (page: Page, image: Locator): Promise<[number, number, number]> =>
  image.evaluate(async (element) => {
    const bitmap = await createImageBitmap(element as HTMLImageElement);
    const context = new OffscreenCanvas(bitmap.width, bitmap.height).getContext('2d');
    context?.drawImage(bitmap, 0, 0);
    const [r = 0, g = 0, b = 0] = context?.getImageData(bitmap.width / 2, bitmap.height / 2, 1, 1).data ?? [];
    return [r, g, b];
  });

test('a logo is brought in where marks are chosen: icon and card follow, a field shows it, a drawn mark takes its place', async ({
  page,
}) => {
  await openSample(page);
  await station(page, 'Look');
  await page.getByRole('button', { name: /^Mark/ }).click();
  const bringIn = async (name: string, buffer: Buffer) => {
    const chooser = page.waitForEvent('filechooser');
    await page.getByRole('button', { name: 'Bring in a logo' }).click();
    await (await chooser).setFiles({ name, mimeType: 'image/svg+xml', buffer });
  };
  const icon = page.getByRole('img', { name: 'The site’s icon at 64 pixels' });
  await expect(icon).toBeVisible();
  const drawn = await icon.getAttribute('src');

  // What is no picture changes nothing and says why.
  await bringIn('notes.svg', Buffer.from('<svg xmlns="http://www.w3.org/2000/svg"><g></svg>'));
  await expect(page.getByText(/“notes\.svg” is not a drawing that can be read/)).toBeVisible();
  await expect(icon).toHaveAttribute('src', drawn ?? '');

  // A mark as pale as the ground would be lost: it has a field, and says with both figures why.
  const pale =
    '<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 100 100"><circle cx="50" cy="50" r="45" fill="#fffdf6"/></svg>';
  await bringIn('pale.svg', Buffer.from(pale));
  await expect(page.getByText('“pale.svg” is the logo.')).toBeVisible();
  const head = shopWindow(page).locator('.top .brand');
  await expect(head.locator('img[class*="mark-on-"]')).toBeVisible();
  await expect(
    page.getByText(
      /would be lost on the ground of the head \(1\.\d\s:\s1\), so it stands on a field .* \((?:[3-9]|1\d)\.\d\s:\s1\)/,
    ),
  ).toBeVisible();
  await expect(icon).not.toHaveAttribute('src', drawn ?? '');
  const [r, g, b] = await centreOf(page, icon);
  expect(Math.min(r, g, b)).toBeGreaterThan(235);

  // The name beside it, in type; then a drawn mark instead, in one step that can be taken back.
  await page.getByRole('checkbox', { name: 'With the name beside it, in type' }).check();
  await expect(head.locator('.lockup')).toContainText('Tarnwick Dye House');
  await page.getByRole('checkbox', { name: 'With the name beside it, in type' }).uncheck();
  await page.getByRole('button', { name: 'The initial cut out of a block' }).click();
  await expect(head.locator('svg.mark')).toBeVisible();
  await page.getByRole('button', { name: /^Undo/ }).click();
  await expect(head.locator('img')).toBeVisible();

  // The whole shop in the colours of the logo.
  await bringIn('blue.svg', Buffer.from(pale.replace('#fffdf6', '#1d3f72')));
  await expect(page.getByText('“blue.svg” is the logo.')).toBeVisible();
  await page.getByRole('button', { name: 'Dress the shop in its colours' }).click();
  await expect.poll(() => accent(page)).toBe('#1d3f72');
  await expect(page.getByText(/^On the ground of the head its outline stands out by/)).toBeVisible();
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
