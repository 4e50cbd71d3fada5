import { expect, test, type Locator, type Page } from '@playwright/test';
import sharp from 'sharp';
import {
  asking,
  accent,
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
    const answer = await asking(shop.request).get(`${address}${path}`);
    expect(answer.status()).toBe(200);
    expect((await sharp(await answer.body()).metadata()).width).toBe(size);
  }
  const card = await sharp(await (await asking(shop.request).get(`${address}card.png`)).body()).metadata();
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
  await expect(page.getByText(/“huge\.png” has 100 million pixels \(12500 × 8000\)/)).toBeVisible();
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
