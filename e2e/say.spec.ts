import { expect, test, type Page } from '@playwright/test';
import { expectNoAxeFindings, openSample, saved, shopWindow, slipOf } from './support';

/** Changes that are said: to the whole site, and to a thing that is pointed at. */

const line = (page: Page) => page.getByLabel('Say a change', { exact: true });
const slipLine = (page: Page) => slipOf(page).getByLabel('Say what should be different');

/** What a person did, one by one: each press and each line typed counts. */
class Hands {
  private done = 0;
  constructor(private readonly page: Page) {}

  private async does(action: Promise<unknown>): Promise<void> {
    await action;
    this.done++;
  }

  /** Actions since it was asked last. */
  taken(): number {
    const { done } = this;
    this.done = 0;
    return done;
  }

  /** Says something to the whole site, and does it with Enter once it was understood. */
  async say(text: string, understood: string | RegExp): Promise<void> {
    await this.does(line(this.page).fill(text));
    await expect(this.page.getByRole('button', { name: understood })).toBeVisible();
    await this.does(line(this.page).press('Enter'));
    await expect(line(this.page)).toHaveValue('');
  }

  /** Points at a thing, says something to it, and chooses what was understood. */
  async sayAt(at: string, text: string, understood: string | RegExp, spot?: { x: number; y: number }): Promise<void> {
    const thing = shopWindow(this.page).locator(at);
    await this.does(thing.click(spot ? { position: spot } : {}));
    await this.does(slipLine(this.page).fill(text));
    await this.does(slipOf(this.page).getByRole('button', { name: understood }).click());
    await saved(this.page);
  }
}

/** Away with what was told, and then with the slip. */
async function closeSlip(page: Page): Promise<void> {
  await page.keyboard.press('Escape');
  await page.keyboard.press('Escape');
  await expect(slipOf(page)).toHaveCount(0);
}

test('twelve wishes of a week after publishing, each within four actions', async ({ page }) => {
  await openSample(page);
  const shop = shopWindow(page);
  const hands = new Hands(page);
  const actions: Record<string, number> = {};
  const top = { x: 3, y: 3 };

  await hands.sayAt('.opening .button', 'this should go to the gift cards', /leads to Gift cards/);
  actions['a button that leads elsewhere'] = hands.taken();
  await closeSlip(page);
  await expect(shop.locator('.opening .button').first()).toHaveAttribute('href', /gift-cards/);

  await hands.sayAt('.opening .button', 'a second button to Contact', /A second button: “Contact”/);
  actions['a second button'] = hands.taken();
  await closeSlip(page);
  await expect(shop.locator('.opening .button, .opening .second, .opening a').filter({ hasText: 'Contact' })).toHaveCount(1);

  await hands.sayAt('#featured .good >> nth=1', 'three columns', /→ 3/, top);
  actions['a third column'] = hands.taken();
  await closeSlip(page);

  await hands.sayAt('#featured .good >> nth=1', 'put Tarn first', /Tarn before the other goods/, top);
  actions['goods put first'] = hands.taken();
  await closeSlip(page);
  await expect(shop.locator('#featured .good').first()).toContainText('Tarn');

  await hands.sayAt('#numbers', 'hide this on phones', /left out on phones/, top);
  actions['not on phones'] = hands.taken();
  await closeSlip(page);

  await hands.sayAt('#why', 'move this above the featured goods', /Why us stands above Featured goods/, top);
  actions['a section moved'] = hands.taken();
  await closeSlip(page);
  await expect
    .poll(() =>
      shop
        .locator('main section')
        .evaluateAll((all) => all.map(({ id }) => id))
        .then((ids) => ids.indexOf('why') < ids.indexOf('featured')),
    )
    .toBe(true);

  await hands.sayAt('#story', 'a darker ground here', /Story: light and dark turned round/, top);
  actions['a darker ground'] = hands.taken();
  await closeSlip(page);

  await hands.sayAt('h1', 'make it say "Colour from the fell"', /Colour from the fell/);
  actions['another heading'] = hands.taken();
  await closeSlip(page);
  await expect(shop.locator('h1')).toHaveText('Colour from the fell');

  await hands.say('ten percent off all yarn until Friday', /10 % off Yarn, taken off unasked, until \d{4}-\d\d-\d\d/);
  actions['ten percent off one category until Friday'] = hands.taken();

  await hands.say('a page about how we dye with plants', /A page more: “How we dye with plants”/);
  actions['a page from a sentence'] = hands.taken();
  await expect(shop.locator('h1')).toHaveText('How we dye with plants');
  await expect(shop.locator('.top nav').getByRole('link', { name: 'How we dye with plants' })).toHaveCount(1);

  await hands.say('take back the last change but one', /Takes back: 10 % off Yarn/);
  actions['the last change but one back'] = hands.taken();

  await hands.say('what is different from last week?', /Shows what is different/);
  actions['what differs from last week'] = hands.taken();
  await expect(page.getByRole('dialog', { name: 'Two versions side by side' })).toBeVisible();

  expect(Object.keys(actions)).toHaveLength(12);
  for (const [wish, count] of Object.entries(actions)) {
    expect([wish, count <= 4]).toEqual([wish, true]);
    console.log(`${wish}: ${count} actions`);
  }
});

test('what was said is one step, that the keyboard takes back; steps are spoken of', async ({ page }) => {
  await openSample(page);
  const hands = new Hands(page);
  await hands.say('three columns', /→ 3/);
  await expect(page.getByRole('button', { name: /^Undo: Goods beside each other/ })).toBeVisible();
  await hands.say('less red', /Second colour: .* → /);
  await hands.say('undo the last two', /Takes back: Second colour.*; Goods beside each other/);
  await expect(page.getByRole('button', { name: 'Undo', exact: true })).toBeDisabled();
  await hands.say('redo', /Does again/);
  await expect(page.getByRole('button', { name: /^Redo: / })).toBeVisible();
});

test('what is not understood is said, with what can be; several meanings are several to choose from', async ({ page }) => {
  await openSample(page);
  await line(page).fill('make it pop');
  await expect(page.getByText('This is nothing that Arcatum understood as a change of the shop.')).toBeVisible();
  await expect(page.getByText('What can be said:')).toBeVisible();
  await expectNoAxeFindings(page, 'a sentence that was not understood');
  await line(page).press('Enter');
  await expect(page.getByRole('button', { name: 'Undo', exact: true })).toBeDisabled();
  await line(page).press('Escape');
  await expect(line(page)).toHaveValue('');

  await shopWindow(page).locator('h1').click();
  await slipLine(page).fill('another headline');
  await expect(slipOf(page).getByText('Which one is meant?')).toBeVisible();
  await expectNoAxeFindings(page, 'a sentence of several meanings');
  // Enter chooses none of several.
  await slipLine(page).press('Enter');
  await expect(slipOf(page).getByText('Which one is meant?')).toBeVisible();
  await page.keyboard.press('Tab');
  await page.keyboard.press('Enter');
  await saved(page);
  await expect(page.getByRole('button', { name: /^Undo: Headline/ })).toBeVisible();
});

test('a sentence that leads to a page leads the window there; one that is too long is said so', async ({ page }) => {
  await openSample(page);
  await line(page).fill('show me the contact page');
  await expect(page.getByRole('button', { name: 'Go to “Contact”.' })).toBeVisible();
  await line(page).press('Enter');
  await expect(shopWindow(page).locator('#contact')).toBeVisible();
  await line(page).fill('x'.repeat(700));
  await expect(page.getByText(/A wish has at most 600/)).toBeVisible();
});
