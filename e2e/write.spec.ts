import naughty from 'big-list-of-naughty-strings/blns.json';
import { expect, test, type Page } from '@playwright/test';
import { openSample, publish, sampleHeadline, saved, set, shopWindow, slipOf, station, writeAt } from './support';

const story = '.story .prose > *';
const steps = (page: Page) => page.getByRole('button', { name: 'Undo', exact: true });

/** Pastes something as a browser hands it over. */
const paste = (page: Page, kind: 'text/html' | 'text/plain', text: string) =>
  set(page).evaluate(
    (element, given) => {
      const data = new DataTransfer();
      data.setData(given.kind, given.text);
      element.dispatchEvent(new ClipboardEvent('paste', { clipboardData: data, bubbles: true, cancelable: true }));
    },
    { kind, text },
  );

test('a text is written where it stands, in the look’s own setting, and nothing on the page moves for it', async ({ page }) => {
  await openSample(page);
  const headline = shopWindow(page).locator('h1');
  const at = () =>
    headline.evaluate((element) => JSON.stringify([element.getBoundingClientRect(), getComputedStyle(element).font]));
  const before = await at();
  await headline.click();
  await expect(set(page)).toBeFocused();
  expect(await at()).toBe(before);
  await expect(slipOf(page)).toContainText(`${sampleHeadline.split(' ').length} words; 1 to 12 suit this place.`);
  await set(page).fill('Soft water, little soap.');
  await expect(slipOf(page)).toContainText('4 words');
  await page.keyboard.press('Enter');
  await expect(slipOf(page)).toHaveCount(0);
  await expect(headline).toHaveText('Soft water, little soap.');
  await expect(headline).not.toHaveAttribute('contenteditable');
  // One step, and the keys that undo it work where the text stands.
  await page.keyboard.press('ControlOrMeta+z');
  await expect(headline).not.toHaveText('Soft water, little soap.');
});

test('what is looked at and left as it is makes no step', async ({ page }) => {
  await openSample(page);
  for (const text of ['h1', '.lead', story]) {
    await shopWindow(page).locator(text).first().click();
    await expect(set(page)).toBeFocused();
    await page.keyboard.press('Escape');
    await expect(slipOf(page)).toHaveCount(0);
  }
  await expect(steps(page)).toBeDisabled();
});

test('stress, a link and a list: by keys, from the slip and by typing; published as they are seen', async ({ page, context }) => {
  await openSample(page);
  await shopWindow(page).locator(story).first().click();
  await expect(set(page)).toBeFocused();
  await set(page).fill('Come and see.');
  await page.keyboard.press('ControlOrMeta+a');
  await page.keyboard.press('ControlOrMeta+b');
  const slip = slipOf(page);
  await expect(slip.getByRole('button', { name: 'Bold' })).toHaveAttribute('aria-pressed', 'true');
  await page.keyboard.press('ControlOrMeta+k');
  await slip.getByLabel('or an address outside').fill('nowhere at all');
  await expect(slip.getByText(/Write a web address such as/)).toBeVisible();
  await slip.getByLabel('Leads to').selectOption({ label: 'Contact' });
  await expect(set(page)).toBeFocused();
  await page.keyboard.press('ArrowRight');
  await page.keyboard.press('Enter');
  await page.keyboard.type('- wool');
  await page.keyboard.press('Enter');
  await page.keyboard.type('water');
  await expect(set(page).locator('li')).toHaveCount(2);
  await page.keyboard.press('Escape');
  await saved(page);
  const link = shopWindow(page).locator('.story strong');
  await expect(link).toHaveText('Come and see.');
  await expect(shopWindow(page).locator('.story .points li')).toHaveText(['wool', 'water']);
  const address = await publish(page, 'set-words');
  const shop = await context.newPage();
  await shop.goto(address);
  await expect(shop.locator('.story .points li')).toHaveText(['wool', 'water']);
  await shop.getByRole('link', { name: 'Come and see.' }).click();
  await expect(shop).toHaveURL(/contact\/$/);
});

test('what was written is kept however it is left: another thing, the sheet, another station', async ({ page }) => {
  await openSample(page);
  const lead = shopWindow(page).locator('.lead');
  await lead.click();
  await set(page).fill('Wool from two flocks.');
  // What is set goes out of sight: its slip folds to its head, leads back to it, and lets be pointed at what it lay over.
  const slip = slipOf(page);
  const goTo = () => shopWindow(page).locator(story).first().scrollIntoViewIfNeeded();
  await goTo();
  await expect(slip.getByText('4 words')).toBeHidden();
  await slip.getByRole('button', { name: 'Show it' }).click();
  await expect(slip.getByText('4 words')).toBeVisible();
  await expect(lead).toBeInViewport();
  await goTo();
  await expect(slip.getByText('4 words')).toBeHidden();
  await shopWindow(page).locator(story).first().click();
  await expect(lead).toHaveText('Wool from two flocks.');
  await expect(slipOf(page)).toHaveAccessibleName('Text');
  await set(page).fill('We began in spring.');
  await station(page, 'Plan');
  await expect(shopWindow(page).locator(story).first()).toHaveText('We began in spring.');
  await writeAt(page, 'h1', '  Three   spaces   are one. ');
  await expect(shopWindow(page).locator('h1')).toHaveText('Three spaces are one.');
  // Emptied, it is left out.
  await shopWindow(page).locator('.lead').click();
  await set(page).fill('');
  await expect(shopWindow(page).getByText('Nothing: it is left out')).toBeVisible();
  await page.keyboard.press('Enter');
  await expect(lead).toHaveCount(0);
});

test('another text is put in its place, and goes back with the key that undoes typing', async ({ page }) => {
  await openSample(page);
  const headline = shopWindow(page).locator('h1');
  await headline.click();
  const other = slipOf(page).getByRole('listitem').first().getByRole('button');
  const text = (await other.textContent()) ?? '';
  await other.click();
  await expect(headline).toHaveText(text);
  await page.keyboard.press('F6');
  await expect(set(page)).toBeFocused();
  await page.keyboard.press('ControlOrMeta+z');
  await expect(headline).not.toHaveText(text);
  await other.click();
  await slipOf(page).getByRole('button', { name: 'Done' }).click();
  await expect(headline).toHaveText(text);
});

test('what is pasted is cleaned: words, stress and links out of the shop stay', async ({ page }) => {
  await openSample(page);
  await shopWindow(page).locator(story).first().click();
  await set(page).fill('');
  await paste(
    page,
    'text/html',
    '<h2 style="color:red" onclick="alert(1)">Wool</h2><p><b>Two</b> <i>flocks</i>, <a href="https://mill.example/">one mill</a>, <a href="javascript:alert(1)">none</a></p><script>alert(1)</script><img src=x onerror=alert(1)><ul><li>red<li>blue</ul>',
  );
  await expect(set(page).locator('strong')).toHaveText('Two');
  await expect(set(page).locator('li')).toHaveText(['red', 'blue']);
  await expect(set(page).locator('a')).toHaveCount(1);
  await expect(set(page).locator('script, img, h2, [style], [onclick]')).toHaveCount(0);
  await page.keyboard.press('Escape');
  await expect(shopWindow(page).locator('.story .prose a').first()).toHaveText('one mill');

  // Into a line comes a line, and right-to-left and pictures of feelings are words as others are.
  await shopWindow(page).locator('h1').click();
  await set(page).fill('');
  await paste(page, 'text/plain', 'صوف\nناعم 🧶');
  await expect(set(page)).toHaveText('صوف ناعم 🧶');
  await page.keyboard.press('Enter');
  await expect(shopWindow(page).locator('h1')).toHaveText('صوف ناعم 🧶');
  await saved(page);
});

// Big List of Naughty Strings, Max Woolf and others (MIT).
test('no string of a published list of injections does anything when it is pasted', async ({ page }) => {
  await openSample(page);
  const asked: string[] = [];
  page.on('dialog', (dialog) => {
    asked.push(dialog.message());
    void dialog.dismiss();
  });
  await shopWindow(page).locator(story).first().click();
  await expect(set(page)).toBeFocused();
  const markup = naughty.filter((text) => text.includes('<'));
  expect(markup.length).toBeGreaterThan(150);
  const left = await set(page).evaluate((element, strings) => {
    const wrong: string[] = [];
    for (const text of strings) {
      const data = new DataTransfer();
      data.setData('text/html', text);
      element.dispatchEvent(new ClipboardEvent('paste', { clipboardData: data, bubbles: true, cancelable: true }));
      const others = element.querySelectorAll(
        ':not(p, ul, ol, li, em, strong, a[data-lead], br, .set-hint, .ProseMirror-separator)',
      );
      if (others.length || element.querySelector('a[href]')) wrong.push(`${text} → ${others[0]?.outerHTML ?? 'link'}`);
    }
    return wrong;
  }, markup);
  expect(left).toEqual([]);
  expect(asked).toEqual([]);
});

test('a long text that is pasted is taken as far as it is typed, and is kept once it is short enough', async ({ page }) => {
  await openSample(page);
  await shopWindow(page).locator('.lead').click();
  await set(page).fill('');
  await paste(page, 'text/plain', 'wool '.repeat(20_000));
  await expect(slipOf(page).getByText(/99599 characters more than the 400 that fit here/)).toBeVisible();
  await page.keyboard.press('ControlOrMeta+a');
  await page.keyboard.type('Wool.');
  await page.keyboard.press('Enter');
  await expect(shopWindow(page).locator('.lead')).toHaveText('Wool.');
});

test('two tabs at one text: the one that is still written in is told', async ({ page, context }) => {
  await openSample(page);
  const other = await context.newPage();
  await other.goto(page.url());
  await expect(shopWindow(other).locator('h1')).toBeVisible();
  await page.bringToFront();
  await shopWindow(page).locator('h1').click();
  await expect(set(page)).toBeFocused();
  await page.keyboard.press('ControlOrMeta+a');
  await page.keyboard.type('Mine.');
  await writeAt(other, 'h1', 'Theirs.');
  // Reading another tab is no reason to lose what is being written.
  await expect(slipOf(page).getByText('It was changed elsewhere meanwhile, to “Theirs.”')).toBeVisible();
  await expect(set(page)).toHaveText('Mine.');
  await page.bringToFront();
  await set(page).press('Enter');
  await expect(shopWindow(page).locator('h1')).toHaveText('Mine.');
  await expect(shopWindow(other).locator('h1')).toHaveText('Mine.');
});

test('undo while a text is looked at shows what stands then, and another tab’s change is seen once it is left', async ({
  page,
  context,
}) => {
  await openSample(page);
  const headline = shopWindow(page).locator('h1');
  await writeAt(page, 'h1', 'Soft water.');
  await headline.click();
  await expect(set(page)).toBeFocused();
  await page.keyboard.press('ControlOrMeta+z');
  await expect(headline).not.toHaveText('Soft water.');
  await page.keyboard.press('Escape');
  await headline.click();
  await expect(set(page)).toBeFocused();
  const other = await context.newPage();
  await other.goto(page.url());
  await writeAt(other, 'h1', 'From the other tab.');
  await page.bringToFront();
  await slipOf(page).getByRole('button', { name: 'Done' }).click();
  await expect(headline).toHaveText('From the other tab.');
});
