import sharp from 'sharp';
import { expect, test, type Locator, type Page } from '@playwright/test';
import {
  expectNoAxeFindings,
  followLinks,
  openSample,
  pointAt,
  publish,
  saved,
  set,
  settled,
  shopWindow,
  slipOf,
  station,
} from './support';

/** Pointing at things in the window, by mouse and by keyboard, and what their slips do. */

const outline = (page: Page) => shopWindow(page).locator('arcatum-pointer div');

/** A thing of each kind on the front page of the sample shop: where it is, how it is called, and where in it a press falls on itself. */
const kinds: [kind: string, at: string, name: string | RegExp, spot?: { x: number; y: number }][] = [
  ['heading', 'h1', 'Headline'],
  ['text', '.opening .lead', 'Lead'],
  ['button', '.opening .button', 'Button'],
  ['link', '#featured .onward a', 'Link'],
  ['picture', '.opening-pictures img >> nth=0', /^Picture: /],
  ['card', '#featured .good >> nth=1', /^Card: /, { x: 3, y: 3 }],
  ['price', '#featured .price >> nth=0', /^Price: /],
  ['item', '#why li >> nth=0', 'Item', { x: 2, y: 2 }],
  ['section', '#why', 'Why us', { x: 3, y: 3 }],
  ['logo', '.top .brand', 'Logo'],
  ['menu', '.top nav', 'Menu'],
  ['menu entry', '.top nav a >> nth=0', 'Menu entry: Shop'],
  ['header', 'header.top', 'Header', { x: 4, y: 4 }],
  ['footer entry', 'footer nav a >> nth=0', /^Footer entry: /],
  ['footer', 'footer', 'Footer', { x: 4, y: 4 }],
];

/** Where a thing of the window stands on the screen, and where its outline and its slip do. */
async function boxes(page: Page, thing: Locator) {
  const slip = slipOf(page);
  await expect(slip).not.toHaveAttribute('aria-busy', 'true');
  const [of, line, paper] = [await thing.boundingBox(), await outline(page).boundingBox(), await slip.boundingBox()];
  if (!of || !line || !paper) throw new Error('Nothing is seen.');
  return { of, line, paper };
}

for (const width of ['Wide', 'Phone'] as const)
  test(`every kind of thing is pointed at where it stands, ${width.toLowerCase()}: outlined, and its slip beside it`, async ({
    page,
  }) => {
    await openSample(page);
    await page.getByRole('radio', { name: width }).click();
    for (const [kind, at, name, spot] of kinds) {
      const thing = shopWindow(page).locator(at);
      if (kind === 'menu') {
        // All of it is entries: it is pointed at from within.
        await shopWindow(page).locator('.top nav a').first().click();
        await slipOf(page).getByRole('button', { name: 'Menu', exact: true }).click();
      } else if (spot) await thing.click({ position: spot });
      else await thing.click();
      await expect(slipOf(page)).toHaveAccessibleName(name);
      await expect(async () => {
        const { of, line, paper } = await boxes(page, thing);
        // The outline runs round the thing, or as much of it as is seen.
        expect([kind, line.x <= of.x + 1, line.x + line.width >= Math.min(1280, of.x + of.width) - 5]).toEqual([
          kind,
          true,
          true,
        ]);
        const seen = { top: Math.max(of.y, 142), bottom: Math.min(of.y + of.height, 800) };
        const over =
          paper.x < of.x + of.width && of.x < paper.x + paper.width && paper.y < seen.bottom && seen.top < paper.y + paper.height;
        expect([kind, over]).toEqual([kind, false]);
      }).toPass({ timeout: 60_000 });
      await page.keyboard.press('Escape');
      await expect(slipOf(page)).toHaveCount(0);
      // The keyboard is back at the thing: the window has heard of it, and what is pressed next is pointed at.
      await expect(shopWindow(page).locator(':focus')).toHaveCount(1);
    }
  });

test('a section is moved, hidden and put on another ground where it stands; each is one step that goes back', async ({
  page,
}) => {
  await openSample(page);
  const order = () =>
    shopWindow(page)
      .locator('main > section')
      .evaluateAll((all) => all.map(({ id }) => id));
  const first = await order();
  const why = shopWindow(page).locator('#why');
  await why.click({ position: { x: 3, y: 3 } });
  const slip = slipOf(page);
  await slip.getByRole('button', { name: 'Up', exact: true }).click();
  await expect.poll(order).not.toEqual(first);
  // The slip stays with its thing.
  await expect(slip).toHaveAccessibleName('Why us');
  await slip.getByRole('radio', { name: 'The accent' }).click();
  await expect(why).toHaveClass(/tone-accent/);
  await expect(slip.getByRole('radio', { name: 'The accent' })).toBeChecked();
  await settled(page);
  await expectNoAxeFindings(page, 'the slip of a section');
  await slip.getByRole('button', { name: 'Hide it' }).click();
  await expect(why).toHaveCount(0);
  await expect(slip).toHaveCount(0);
  for (let n = 0; n < 3; n++) await page.getByRole('button', { name: /^Undo: / }).click();
  await expect.poll(order).toEqual(first);
  await expect(why).not.toHaveClass(/tone-accent/);
});

test('a product is priced and put first, a page is renamed in the menu, a section is added: at the thing', async ({ page }) => {
  await openSample(page);
  const slip = slipOf(page);
  const cards = shopWindow(page).locator('#featured .good');
  const second = await cards.nth(1).locator('.name').textContent();
  await cards.nth(1).click({ position: { x: 3, y: 3 } });
  await slip.getByRole('button', { name: 'Put it first' }).click();
  await expect(cards.first().locator('.name')).toHaveText(second ?? '');

  await shopWindow(page).locator('#featured .price', { hasText: '£49.00' }).click();
  const price = slip.getByRole('textbox', { name: /^Price/ });
  await price.fill('a lot');
  await expect(slip.getByText(/price/i).last()).toBeVisible();
  await expect(slip.getByRole('button', { name: 'Use it' })).toHaveCount(0);
  await price.fill('12');
  await price.press('Enter');
  await expect(shopWindow(page).locator('#featured .price', { hasText: '£12.00' })).toBeVisible();

  await shopWindow(page).locator('.top nav a').first().click();
  await slip.getByLabel('Name in menus').fill('The shelves');
  await slip.getByLabel('Name in menus').press('Enter');
  await expect(shopWindow(page).locator('.top nav a').first()).toHaveText('The shelves');
  await slip.getByRole('radio', { name: 'Footer alone' }).click();
  await expect(shopWindow(page).locator('.top nav')).not.toContainText('The shelves');

  await shopWindow(page)
    .locator('#why')
    .click({ position: { x: 3, y: 3 } });
  await slip.getByRole('combobox', { name: 'A section more' }).selectOption({ label: 'Opening hours' });
  await slip.getByRole('button', { name: 'Add it' }).click();
  await expect(shopWindow(page).locator('#why + #hours')).toBeVisible();
  await saved(page);
});

test('by keyboard alone: into the window, along the outline of the page, into a slip, and back', async ({ page }) => {
  await openSample(page);
  await page.keyboard.press('F6');
  const focused = () => shopWindow(page).locator(':focus');
  // The page, then what stands in it.
  await page.keyboard.press('ArrowDown');
  await expect(shopWindow(page).locator('body')).toBeFocused();
  await page.keyboard.press('ArrowRight');
  await expect(focused()).toHaveClass('top');
  await page.keyboard.press('ArrowDown');
  await expect(focused()).toHaveAttribute('id', 'opening');
  await page.keyboard.press('ArrowRight');
  await expect(focused()).toHaveRole('heading');
  await page.keyboard.press('Enter');
  const slip = slipOf(page);
  // It is written where it stands; the slip is one key away, and back.
  await expect(set(page)).toBeFocused();
  await page.keyboard.press('ControlOrMeta+a');
  await page.keyboard.type('Wool, and water.');
  await page.keyboard.press('F6');
  await expect(slip).toBeFocused();
  await page.keyboard.press('F6');
  await expect(set(page)).toBeFocused();
  await page.keyboard.press('Enter');
  await expect(shopWindow(page).locator('h1')).toHaveText('Wool, and water.');
  // The slip is closed, and the keyboard is where it was.
  await expect(slip).toHaveCount(0);
  await expect(shopWindow(page).locator('h1')).toBeFocused();
  await page.keyboard.press('ControlOrMeta+z');
  await expect(shopWindow(page).locator('h1')).not.toHaveText('Wool, and water.');
  await page.keyboard.press('Escape');
  await expect(focused()).toHaveAttribute('id', 'opening');
  await page.keyboard.press('Enter');
  await expect(slip).toHaveAccessibleName('Opening');
  await page.keyboard.press('Escape');
  await expect(focused()).toHaveAttribute('id', 'opening');
  await page.keyboard.press('F6');
  await expect(page.getByRole('main')).toBeFocused();
});

test('links are followed with a modifier key, and where the window is told to; nothing happens to a thing meanwhile', async ({
  page,
}) => {
  await openSample(page);
  const menu = shopWindow(page).locator('.top nav a').first();
  await menu.click({ modifiers: ['Alt'] });
  await expect(page.getByLabel('Page')).toHaveValue('shop/');
  await expect(slipOf(page)).toHaveCount(0);
  await followLinks(page);
  await shopWindow(page).locator('.top .brand').click();
  await expect(page.getByLabel('Page')).toHaveValue('');
  await expect(slipOf(page)).toHaveCount(0);
  await followLinks(page);
  await shopWindow(page).locator('.top .brand').click();
  await expect(slipOf(page)).toHaveAccessibleName('Logo');
  // A page that is gone to has no slip of the one before.
  await page.getByRole('region', { name: 'The shop' }).getByLabel('Page').selectOption({ label: 'Contact' });
  await expect(slipOf(page)).toHaveCount(0);
  await station(page, 'Look');
  await expect(slipOf(page)).toHaveCount(0);
});

test('buttons lead where the seller wants them to: a page, an address, and a second one beside', async ({ page }) => {
  await openSample(page);
  const slip = slipOf(page);
  const button = shopWindow(page).locator('.opening .button').first();
  const leads = slip.getByRole('combobox', { name: /Leads to/ });
  await pointAt(page, button);
  await leads.selectOption({ label: 'Contact' });
  await expect(button).toHaveAttribute('href', /contact\/$/);
  await slip.getByRole('button', { name: 'Add one' }).click();
  const second = shopWindow(page).locator('.opening .button.second');
  await expect(second).toBeVisible();
  await page.keyboard.press('Escape');
  await pointAt(page, second);
  const address = slip.getByLabel('Or to a web, mail or phone address');
  await address.fill('javascript:alert(1)');
  await expect(slip.getByText(/^Write a web address/)).toBeVisible();
  await address.fill('mill.example/visit');
  await address.press('Enter');
  await expect(second).toHaveAttribute('href', 'https://mill.example/visit');
  await saved(page);

  // A page goes with what leads to it, which is said before: the button leads where it did, and nothing is lost.
  await station(page, 'Plan');
  await pointAt(page, button);
  await leads.selectOption({ label: 'About' });
  await expect(button).toHaveAttribute('href', /about\/$/);
  await page.keyboard.press('Escape');
  await shopWindow(page).locator('.top nav a', { hasText: 'About' }).click();
  await expect(slip.getByText('The button of Opening on Home leads here.')).toBeVisible();
  await slip.getByRole('button', { name: 'Take this page out, and mend the link' }).click();
  await expect(button).not.toHaveAttribute('href', /about\/$/);
  await station(page, 'Proof');
  await expect(page.getByText('Buttons and links lead where you want them to.')).toBeVisible();
});

test('the shop opens with a picture that is brought at the thing; what is no picture is refused with a sentence', async ({
  page,
}) => {
  await openSample(page);
  const slip = slipOf(page);
  await shopWindow(page)
    .locator('#opening')
    .click({ position: { x: 5, y: 5 } });
  const opens = slip.getByRole('group', { name: 'The shop opens with' });
  await opens.getByRole('radio', { name: 'A made picture' }).click();
  await expect(shopWindow(page).locator('.opening-pictures.made')).toBeVisible();
  const [chooser] = await Promise.all([
    page.waitForEvent('filechooser'),
    opens.getByRole('button', { name: 'Bring one' }).click(),
  ]);
  await chooser.setFiles({
    name: 'workshop.svg',
    mimeType: 'image/svg+xml',
    buffer: Buffer.from(
      '<svg xmlns="http://www.w3.org/2000/svg" width="400" height="300"><rect width="400" height="300" fill="#7a5a12"/><circle cx="200" cy="150" r="90" fill="#cfe0db"/></svg>',
    ),
  });
  await expect(shopWindow(page).locator('.opening-pictures.own img')).toBeVisible();
  await expect(opens.getByRole('radio', { name: /^workshop\.svg/ })).toBeChecked();
  const [other] = await Promise.all([page.waitForEvent('filechooser'), opens.getByRole('button', { name: 'Bring one' }).click()]);
  await other.setFiles({ name: 'note.png', mimeType: 'image/png', buffer: Buffer.from('no picture') });
  await expect(opens.getByText(/note\.png/)).toBeVisible();
  await expect(opens.getByRole('radio', { name: /^workshop\.svg/ })).toBeChecked();
  await saved(page);
});

/** The sample shop with a gallery on its front page that has no picture yet, and the slip open at it. */
async function openGallery(page: Page) {
  await openSample(page);
  const slip = slipOf(page);
  const at = { position: { x: 3, y: 3 } };
  await shopWindow(page).locator('#why').click(at);
  await slip.getByRole('combobox', { name: 'A section more' }).selectOption({ label: 'Gallery' });
  await slip.getByRole('button', { name: 'Add it' }).click();
  await page.keyboard.press('Escape');
  await expect(slip).toHaveCount(0);
  const gallery = shopWindow(page).locator('#gallery');
  await gallery.click(at);
  const own = slip.getByRole('group', { name: 'Pictures of yours' });
  return { slip, gallery, own };
}

test('a gallery shows the seller’s own pictures: brought, put in order, described, looked at where it matters, left out', async ({
  page,
}) => {
  const { slip, gallery, own } = await openGallery(page);
  for (const [name, colour] of [
    ['shed', '#7a5a12'],
    ['loom', '#24695f'],
  ] as const) {
    const [chooser] = await Promise.all([
      page.waitForEvent('filechooser'),
      own.getByRole('button', { name: 'Bring one' }).click(),
    ]);
    await chooser.setFiles({
      name: `${name}.svg`,
      mimeType: 'image/svg+xml',
      buffer: Buffer.from(
        `<svg xmlns="http://www.w3.org/2000/svg" width="400" height="300"><rect width="400" height="300" fill="${colour}"/><circle cx="120" cy="90" r="60" fill="#fff"/></svg>`,
      ),
    });
    await expect(own.getByRole('button', { name: `${name}.svg: leave it out` })).toHaveAttribute('aria-pressed', 'true');
  }
  await expect(gallery.locator('img')).toHaveCount(2);
  await page.keyboard.press('Escape');

  const second = gallery.locator('img').nth(1);
  const loom = await second.getAttribute('src');
  await second.click();
  await expect(slip).toHaveAccessibleName('Picture');
  await slip.getByLabel('What it shows, for those who don’t see it').fill('A loom by the window');
  await page.keyboard.press('Enter');
  await expect(second).toHaveAttribute('alt', 'A loom by the window');
  const point = slip.getByRole('button', { name: /^Where to look in loom\.svg: 50 % from the left/ });
  await point.press('ArrowLeft');
  await expect(slip.getByRole('button', { name: /^Where to look in loom\.svg: 45 % from the left/ })).toBeVisible();
  await slip.getByRole('button', { name: 'Earlier', exact: true }).click();
  await expect(gallery.locator('img').first()).toHaveAttribute('src', loom ?? '');
  await slip.getByRole('group', { name: 'Pictures of yours' }).getByRole('button', { name: 'loom.svg: leave it out' }).click();
  await expect(gallery.locator('img')).toHaveCount(1);
  // What is not there any more has no slip.
  await expect(slip).toHaveCount(0);
  await page.getByRole('button', { name: /^Undo/ }).click();
  await expect(gallery.locator('img')).toHaveCount(2);
  await saved(page);
});

test('a picture is cropped by hand and by keys, is cropped otherwise from what it was, and is whole again', async ({ page }) => {
  const { slip, gallery, own } = await openGallery(page);
  const [chooser] = await Promise.all([page.waitForEvent('filechooser'), own.getByRole('button', { name: 'Bring one' }).click()]);
  // The left half is red, the right half blue.
  const left = await sharp({ create: { width: 600, height: 800, channels: 3, background: '#b02a1e' } })
    .png()
    .toBuffer();
  const buffer = await sharp({ create: { width: 1200, height: 800, channels: 3, background: '#1d3f72' } })
    .composite([{ input: left, left: 0, top: 0 }])
    .png()
    .toBuffer();
  await chooser.setFiles({ name: 'halves.png', mimeType: 'image/png', buffer });
  const image = gallery.locator('img').first();
  await expect(image).toHaveAttribute('width', '1200');
  await page.keyboard.press('Escape');
  await expect(slip).toHaveCount(0);
  // The window has heard of it, too.
  await expect(shopWindow(page).locator(':focus')).toHaveCount(1);
  await image.click();
  await expect(slip).toHaveAccessibleName('Picture');
  await expect(slip).not.toHaveAttribute('aria-busy', 'true');
  await slip.getByRole('button', { name: 'Crop it', exact: true }).click();
  const crop = slip.getByRole('group', { name: 'Crop halves.png' });
  await expect(crop.getByRole('status')).toHaveText('All of it: 1200 × 800 pixels.');

  // By keys: the lower right corner to the middle, then a bit further.
  const corner = crop.getByRole('button', { name: /^Lower right corner/ });
  await corner.focus();
  for (let i = 0; i < 5; i++) await page.keyboard.press('Shift+ArrowLeft');
  await expect(crop.getByRole('status')).toHaveText('Left of it: 600 × 800 pixels.');
  await expectNoAxeFindings(page, 'the crop of a picture');
  await crop.getByRole('button', { name: 'Crop it so' }).click();
  await expect(image).toHaveAttribute('width', '600');
  await expect(image).toHaveAttribute('height', '800');
  await saved(page);

  // By hand, and in a shape: what is left is moved over to the other half.
  await slip.getByRole('button', { name: 'Crop it otherwise' }).click();
  await crop.getByRole('button', { name: 'Square', exact: true }).click();
  const area = crop.getByRole('button', { name: /^What is left/ });
  const at = await area.boundingBox();
  if (!at) throw new Error('There is no frame.');
  await page.mouse.move(at.x + at.width / 2, at.y + at.height / 2);
  await page.mouse.down();
  await page.mouse.move(at.x + at.width / 2 + 400, at.y + at.height / 2, { steps: 5 });
  await page.mouse.up();
  await expect(area).toHaveAccessibleName(/to 100 % across/);
  await crop.getByRole('button', { name: 'Crop it so' }).click();
  await expect
    .poll(() =>
      image.evaluate((one: HTMLImageElement) => one.width === 0 || one.getAttribute('width') === one.getAttribute('height')),
    )
    .toBe(true);
  await expect(slip.getByRole('button', { name: 'Crop it otherwise' })).toBeVisible();

  await slip.getByRole('button', { name: 'Crop it otherwise' }).click();
  await crop.getByRole('button', { name: 'All of it' }).click();
  await crop.getByRole('button', { name: 'Show it uncropped' }).click();
  await expect(image).toHaveAttribute('width', '1200');
  await page.getByRole('button', { name: /^Undo/ }).click();
  await expect(image).not.toHaveAttribute('width', '1200');
  await saved(page);
});

test('a page is put under another in the menu, and the shelves too; they are opened, pointed at and followed', async ({
  page,
  context,
}) => {
  await openSample(page);
  const slip = slipOf(page);
  const menu = shopWindow(page).locator('.top nav');
  await menu.getByRole('link', { name: 'Shop' }).click();
  await slip.getByRole('radio', { name: /^There/ }).click();
  const shelves = menu.locator('details').first();
  await expect(shelves.locator('a')).not.toHaveCount(0);
  await expect(shelves.locator('a').first()).toBeHidden();
  await page.keyboard.press('Escape');
  await shelves.locator('summary').click();
  // What it opened stays open while the shop changes.
  await expect(shelves.locator('a').first()).toBeVisible();
  await shelves.locator('a').first().click();
  await expect(slip).toBeVisible();
  await page.keyboard.press('Escape');

  await station(page, 'Plan');
  const pages = page.getByRole('main');
  await pages.getByRole('heading', { name: 'Contact', exact: true }).click();
  await pages.getByRole('combobox', { name: 'In the menu' }).selectOption({ label: 'Under About' });
  await expect(menu.locator('details')).toHaveCount(2);
  await saved(page);

  const address = await publish(page, 'one-under-another');
  const visitor = await context.newPage();
  await visitor.goto(address);
  const about = visitor.getByRole('navigation', { name: 'Main' }).locator('details').last();
  await about.locator('summary').press('Enter');
  await expect(about.getByRole('link', { name: 'Contact' })).toBeVisible();
  await visitor.keyboard.press('Escape');
  await expect(about.getByRole('link', { name: 'Contact' })).toBeHidden();
  await about.locator('summary').click();
  await expectNoAxeFindings(visitor, 'a menu that is open');
  await about.getByRole('link', { name: 'Contact' }).click();
  await expect(visitor).toHaveURL(/contact/);
});
