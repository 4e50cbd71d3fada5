import { mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { expect, test, type Locator, type Page } from '@playwright/test';
import { bundled } from './bundled';
import { layoutFaults } from './layout';
import { expectNoAxeFindings, openSample, pointAt, publish, saved, settled, shopWindow, slipOf } from './support';

/** A shop with every section of the library, each of which stands somewhere by chance, between the header and footer of any look. */
interface Stood {
  families: string[];
  stood: (family: string, seed: number) => { brief: string; decisions: Record<string, unknown> };
}

const source = `
  import { chance } from '@/core/chance';
  import { families as all } from '@/core/look';
  import { alignIds, pictureSizes, sizeSteps } from '@/core/look/about';
  import { narrowestOf, sectionLibrary } from '@/core/sections';
  import { pageParts } from '@/core/span';
  import { everything } from './tests/sites/everything';
  export const families = all.map(({ id }) => id);
  export const stood = (family, seed) => {
    const first = everything(family, seed % 2);
    const random = chance(seed);
    const below = (n) => Math.floor(random() * n);
    const decisions = Object.fromEntries(first.decisions);
    for (const { kind } of sectionLibrary) {
      const least = narrowestOf(kind);
      if (least < pageParts) {
        const wide = least + below(pageParts - least + 1);
        const from = below(pageParts - wide + 1);
        decisions['look/span/home/' + kind] = { from, to: from + wide };
      }
      if (random() < 0.4) decisions['look/align/home/' + kind] = alignIds[below(3)];
      if (random() < 0.4) decisions['look/size/home/' + kind] = sizeSteps[below(sizeSteps.length)];
      if (random() < 0.4) decisions['look/room/home/' + kind] = [0, 0.5, 1.5, 3][below(4)];
      if (random() < 0.3) decisions['look/only/home/' + kind] = ['raised', 'accent', 'second', 'inverse'][below(4)];
      if (random() < 0.3) decisions['look/phone-align/home/' + kind] = alignIds[below(3)];
      if (random() < 0.3) decisions['look/phone-size/home/' + kind] = sizeSteps[below(sizeSteps.length)];
    }
    decisions['look/head'] = families[below(families.length)];
    decisions['look/foot'] = families[below(families.length)];
    if (random() < 0.7) {
      decisions['look/opening'] = 'made';
      decisions['plan/home/opening/arrangement'] = 'pictured';
      decisions['look/pictures/home/opening'] = pictureSizes[below(pictureSizes.length)];
    }
    return { brief: first.brief, decisions };
  };`;

let bundle: Promise<Stood> | null = null;
const shops = (): Promise<Stood> => (bundle ??= bundled<Stood>(source));

for (const at of [0, 1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11])
  test(`wherever its sections stand, nothing overlaps, is cut off or runs out of the page: family ${at + 1}`, async ({
    page,
  }) => {
    test.slow();
    const { families, stood } = await shops();
    const family = families[at] ?? '';
    expect(families).toContain(family);
    expect(families).toHaveLength(12);
    const { brief, decisions } = stood(family, 3 + at);
    const { buildShop, serve } = await import('../scripts/sheet.mjs');
    const folder = mkdtempSync(join(tmpdir(), 'standing-'));
    writeFileSync(join(folder, 'brief.txt'), brief);
    const site = await serve(buildShop({ brief: join(folder, 'brief.txt'), goods: 'demo/goods.csv', decisions }));
    const faults: string[] = [];
    await page.goto(site.base);
    for (const width of [1280, 1000, 390]) {
      await page.setViewportSize({ width, height: 844 });
      await settled(page);
      for (const fault of await layoutFaults(page)) faults.push(`${family} ${width}: ${fault}`);
    }
    site.stop();
    expect(faults).toEqual([]);
  });

/** Points at a section beside what is written in it. */
const pointBeside = (page: Page, section: Locator) => pointAt(page, section, { x: 160, y: 6 });

const spanOf = (section: Locator) =>
  section.evaluate((element) => element.getAttribute('data-stands')?.split(' ').slice(0, 2).map(Number) ?? []);

test('a section is drawn narrower by its edge, another stands beside it, keys move it, and it is published so', async ({
  page,
  context,
}) => {
  await openSample(page);
  const shop = shopWindow(page);
  const [why, numbers] = [shop.locator('#why'), shop.locator('#numbers')];
  await pointBeside(page, why);
  const grip = shop.locator('arcatum-pointer button.right');
  const at = await grip.boundingBox();
  const whole = await why.boundingBox();
  if (!at || !whole) throw new Error('There is no grip.');
  await page.mouse.move(at.x + at.width / 2, at.y + at.height / 2);
  await page.mouse.down();
  await page.mouse.move(at.x - whole.width * 0.2, at.y + 4, { steps: 4 });
  // The parts of the page are shown while one is chosen.
  await expect(shop.locator('arcatum-pointer i.part')).toHaveCount(12);
  await page.mouse.move(whole.x + whole.width / 2, at.y + 4, { steps: 4 });
  await page.mouse.up();
  await expect.poll(() => spanOf(why)).toEqual([0, 6]);
  await saved(page);
  await expect(slipOf(page).getByText('The left half').first()).toBeVisible();

  // The one before it gets the other half by its slip, and goes below: then both stand in one row.
  await page.keyboard.press('Escape');
  await expect(slipOf(page)).toHaveCount(0);
  await pointBeside(page, numbers);
  await slipOf(page).getByText('Place and size').click();
  await slipOf(page).getByRole('combobox', { name: 'Its width' }).selectOption({ label: 'The right half' });
  await expect.poll(() => spanOf(numbers)).toEqual([6, 12]);
  await slipOf(page).getByRole('button', { name: 'Down', exact: true }).click();
  await expect
    .poll(async () => {
      const [a, b] = [await why.boundingBox(), await numbers.boundingBox()];
      return a && b ? [Math.round(a.y - b.y), b.x > a.x + a.width - 2] : null;
    })
    .toEqual([0, true]);
  await expectNoAxeFindings(page, 'place and size');

  // By keys alone: its right end, all of it, and the room over it.
  await page.keyboard.press('Escape');
  await expect(slipOf(page)).toHaveCount(0);
  await expect(shop.locator('#numbers')).toBeFocused();
  await page.keyboard.press('Alt+Shift+ArrowLeft');
  await expect.poll(() => spanOf(numbers)).toEqual([6, 11]);
  await expect(numbers).toBeFocused();
  await page.keyboard.press('Alt+ArrowRight');
  await expect.poll(() => spanOf(numbers)).toEqual([7, 12]);
  await expect(numbers).toBeFocused();
  await page.keyboard.press('Alt+Shift+ArrowDown');
  await expect(numbers).toHaveAttribute('data-stands', '7 12 5 1.25');
  await saved(page);

  // On a phone each has the page.
  await page.getByRole('radio', { name: 'Phone', exact: true }).click();
  await expect
    .poll(async () => {
      const [a, b] = [await why.boundingBox(), await numbers.boundingBox()];
      return a && b ? [Math.round(a.width - b.width), b.y > a.y + a.height - 2] : null;
    })
    .toEqual([0, true]);
  await page.getByRole('radio', { name: 'Wide', exact: true }).click();

  const undo = page.getByRole('button', { name: /^Undo/ });
  await undo.click();
  await expect(numbers).toHaveAttribute('data-stands', '7 12 5 1');
  await undo.click();
  await expect.poll(() => spanOf(numbers)).toEqual([6, 11]);

  const address = await publish(page, 'standing');
  const visitor = await context.newPage();
  await visitor.goto(address);
  await expect(visitor.locator('#why')).toHaveClass(/span-0-6/);
  await expect(visitor.locator('#numbers')).toHaveClass(/span-6-11/);
  await expect(visitor.locator('[data-stands]')).toHaveCount(0);
});
