import { expect, test } from '@playwright/test';
import { newShop, pasteList, saved, shopWindow, station, writeBrief } from './support';

const brief = `Second Rung mends wooden ladders in Hull. Every rung is wedged by hand and pulled before it leaves.

I don't do metal ones, my ears can't take it.

No cartoon builders please.

rung@second.example`;

test('what Arcatum is not sure of is asked about: by key or button, kept, taken back, and asked again', async ({ page }) => {
  await newShop(page);
  await pasteList(page, 'title,price\nLadder,40\nSteps,30\n');
  await station(page, 'Brief');
  await writeBrief(page, brief);
  const list = page.getByRole('region', { name: 'May these be printed?' });
  const metal = list.getByRole('listitem').filter({ hasText: 'metal ones' });
  await expect(metal).toBeVisible();
  const shop = shopWindow(page).locator('body');
  await expect(shop).toContainText('Second Rung');
  await expect(shop).not.toContainText('cartoon');
  await expect(shop).not.toContainText('metal ones');

  // With the keyboard: one key, and the next one has the focus.
  await metal.focus();
  await page.keyboard.press('y');
  await expect(metal).toHaveCount(0);
  await saved(page);
  await page.reload();
  await expect(list).toContainText('Ask again');
  await expect(metal).toHaveCount(0);

  // It is a step like any other.
  await page.getByRole('button', { name: /^Undo: May be printed/ }).click();
  await expect(metal).toBeVisible();
  await metal.getByRole('button', { name: /^Never print/ }).click();
  await expect(metal).toHaveCount(0);
  await list.getByRole('button', { name: /^Ask again/ }).click();
  await expect(metal).toBeVisible();

  // Where it stands is shown in the letter.
  await metal.getByRole('button', { name: /^Where it stands/ }).click();
  await expect
    .poll(() =>
      page
        .getByLabel('Your brief')
        .evaluate((area: HTMLTextAreaElement) => area.value.slice(area.selectionStart, area.selectionEnd)),
    )
    .toContain('metal ones');
});

test('what the seller doesn’t want said, and what is in another language, is named at Brief and never in the shop', async ({
  page,
}) => {
  await newShop(page);
  await pasteList(page, 'title,price\nLadder,40\nSteps,30\n');
  await station(page, 'Brief');
  await writeBrief(
    page,
    `Second Rung mends wooden ladders in Hull. Every rung is wedged by hand and pulled before it leaves. The ash comes from the Ferriby estate across the river.

Please never mention Ferriby on the website.

Każdy szczebel jest klinowany, bez śrub. Budujemy drabiny biblioteczne od lat.

rung@second.example`,
  );
  const list = page.getByRole('region', { name: 'May these be printed?' });
  await expect(list).toContainText('Never said, as you wish: “Ferriby”');
  await expect(list).toContainText('Not in the language of the shop, so not printed: “Każdy szczebel jest klinowany, bez śrub”');
  await expect(list.getByRole('listitem').filter({ hasText: /Ferriby|szczebel/ })).toHaveCount(0);
  const shop = shopWindow(page).locator('body');
  await expect(shop).toContainText('Second Rung');
  await expect(shop).not.toContainText('Ferriby');
  await expect(shop).not.toContainText('szczebel');
});
