import { expect, test } from '@playwright/test';
import {
  deliver,
  expectNoAxeFindings,
  newShop,
  openSample,
  pasteList,
  publish,
  sampleHeadline,
  shopWindow,
  station,
  writeBrief,
} from './support';

test('words of the brief light up what was made of them, and a text in the window leads back to its words', async ({ page }) => {
  await openSample(page);
  const letter = page.getByLabel('Your brief');
  const came = page.getByRole('status', { name: 'What came of these words' });
  // A caret that moves points at words, with the keyboard as well.
  await letter.focus();
  await letter.evaluate((box: HTMLTextAreaElement) => {
    const at = box.value.indexOf('We started in 2014');
    box.setSelectionRange(at, at);
  });
  await page.keyboard.press('ArrowRight');
  await expect(came).toContainText('We started in 2014');
  await expect(came.getByRole('button', { name: 'Story on Home' })).toBeVisible();
  await expect(shopWindow(page).locator('.lit')).toContainText(['We started in 2014']);
  await expectNoAxeFindings(page, 'the letter with what came of it');
  await came.getByRole('button', { name: /on About$/ }).click();
  await expect(shopWindow(page).getByRole('heading', { level: 1 })).toContainText('About');
  await expect(shopWindow(page).locator('.lit')).toContainText(['We started in 2014']);

  // The marks stand under their words to the last line.
  const heights = await letter.evaluate((box: HTMLTextAreaElement) => {
    box.scrollTop = box.scrollHeight;
    const under = box.parentElement?.querySelector('.under');
    return [box.scrollHeight, under?.scrollHeight ?? 0, box.clientWidth, under?.clientWidth ?? 0];
  });
  expect(heights[1]).toBe(heights[0]);
  expect(heights[3]).toBe(heights[2]);

  // From another station, what is pointed at in the window leads to the words that it was made of.
  await station(page, 'Look');
  await expect(shopWindow(page).locator('.lit')).toHaveCount(0);
  await page.getByRole('region', { name: 'The shop' }).getByLabel('Page').selectOption({ label: 'Home' });
  await shopWindow(page).locator('h1').click();
  await page.getByRole('button', { name: 'Show it in the brief' }).click();
  await page.waitForURL(/\/brief$/);
  await expect
    .poll(() => letter.evaluate((box: HTMLTextAreaElement) => box.value.slice(box.selectionStart, box.selectionEnd)))
    .toContain(sampleHeadline.replace(/\.$/, ''));
  await expect(shopWindow(page).locator('h1.lit')).toHaveText(sampleHeadline);
});

const german = `Bürstenmacherei Kranich. Wir machen Bürsten aus Buchenholz, und die Borsten ziehen wir mit der Hand ein. An einer Schuhbürste sitzt man eine Stunde. Die Seite soll ruhig sein. Preise in €. post@kranich.example`;
const goods =
  'Artikelnummer;Bezeichnung;Preis;Lager;Kategorie\nB-01;Schuhbürste;14,50 €;12;Schuhe\nB-02;Spülbürste;6,50 €;1;Küche\n';

test('a German brief makes a German shop, which prints the sentences that the seller says yes to, and takes an order', async ({
  page,
}) => {
  await newShop(page);
  await writeBrief(page, german);
  await expect(page.getByText('This brief is in German, and so is the shop.')).toBeVisible();
  await pasteList(page, goods);
  await station(page, 'Brief');
  const list = page.getByRole('region', { name: 'May these be printed?' });
  await list.getByRole('button', { name: 'Print: An einer Schuhbürste sitzt man eine Stunde.', exact: true }).click();
  // What speaks of the site is no question.
  await expect(list).not.toContainText('Die Seite soll');
  await expect(shopWindow(page).locator('main')).toContainText('An einer Schuhbürste sitzt man eine Stunde.');
  await expect(shopWindow(page).locator('html')).toHaveAttribute('lang', 'de');
  await expect(shopWindow(page).locator('main')).not.toContainText('ruhig');

  // The seller may want another language than the brief's: then none of its sentences stands there.
  await page.getByRole('button', { name: 'Correct Language' }).click();
  await page.getByLabel('Language').selectOption({ label: 'English' });
  await page.getByRole('button', { name: 'Save', exact: true }).click();
  await expect(shopWindow(page).locator('html')).toHaveAttribute('lang', 'en');
  await expect(shopWindow(page).locator('main')).not.toContainText('Schuhbürste sitzt');
  await page.getByRole('button', { name: 'Reset', exact: true }).click();
  await expect(shopWindow(page).locator('html')).toHaveAttribute('lang', 'de');

  await station(page, 'Till');
  await deliver(page, '0');
  const shop = await publish(page, 'kranich-buersten');
  await page.goto(`${shop}goods/spulburste/`);
  await expect(page.getByText('Nur noch 1 da.')).toBeVisible();
  await page.getByRole('button', { name: 'In den Warenkorb' }).click();
  await page.getByRole('link', { name: 'Zum Warenkorb' }).click();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Ihr Warenkorb');
  await page.getByRole('link', { name: 'Zur Kasse' }).click();
  await page.getByRole('button', { name: 'Zahlungspflichtig bestellen' }).click();
  await expect(page.getByRole('alert')).toContainText('Geben Sie Ihren Namen an.');
});
