import { expect, test, type Page } from '@playwright/test';
import { atRest, expectNoAxeFindings, newShop, pasteList, saved, set, shopWindow, slipOf, station, writeBrief } from './support';

/** A thin brief and a list, invented for these tests. */
const thin = 'We repair and sell typewriters in Utrecht.';
const machines = `title,price,category,stock
Portable 1958,240,Typewriters,1
Desk machine 1936,310,Typewriters,1
Blue ribbon,9,Ribbons,40
Black ribbon,9,Ribbons,60
`;

const question = (page: Page) => page.getByRole('region', { name: 'A question' });

/** Answers the question that stands there, by picking or typing, until the recap comes. */
async function answerAll(page: Page, typed: Record<string, string>): Promise<string[]> {
  const asked: string[] = [];
  for (let i = 0; i < 13; i++) {
    const recap = page.getByRole('region', { name: 'Recap' });
    await expect(question(page).or(recap).first()).toBeVisible();
    await atRest(page);
    if (await recap.isVisible()) break;
    const say = (await question(page).getByRole('heading').textContent()) ?? '';
    asked.push(say);
    const own = Object.entries(typed).find(([words]) => say.includes(words))?.[1];
    if (own) await question(page).getByRole('textbox').fill(own);
    else if (await question(page).getByRole('group').count())
      await question(page).getByRole('group').getByRole('button').first().click();
    else {
      await question(page).getByRole('button', { name: 'Skip' }).click();
      await expect(question(page).getByRole('heading')).not.toHaveText(say);
      continue;
    }
    await question(page).getByRole('button', { name: 'Answer', exact: true }).click();
    await expect(page.getByRole('heading', { level: 2, name: say, exact: true })).toHaveCount(0);
  }
  return asked;
}

test('questions follow from what is missing, answers grow the letter, and the plan follows from both', async ({ page }) => {
  test.slow();
  await newShop(page);
  await pasteList(page, machines);
  await station(page, 'Brief');
  await writeBrief(page, thin);
  await expect(question(page)).toBeVisible();
  const asked = await answerAll(page, {
    'e-mail': 'keys@sample.example',
    called: 'Ink and Key',
    'Where are you': 'Utrecht, Netherlands',
    begin: 'We began in 2012 with a box of broken machines from a school.',
    behind: 'Marit, Joop',
    counted: 'We have mended 640 machines. There are three benches.',
    'first step': 'We take it apart, wash every type bar, set the springs and type a page.',
    elsewhere: 'Every machine types the letter that it comes with.',
  });
  expect(asked.length).toBeGreaterThanOrEqual(5);
  expect(asked.length).toBeLessThanOrEqual(12);
  expect(asked.some((say) => say.includes('typewriter'))).toBe(true);
  // What the brief and the list say is never asked.
  expect(asked.join(' ')).not.toMatch(/What do you sell/);
  const letter = page.getByLabel('Your brief');
  await expect(letter).toHaveValue(/keys@sample\.example/);
  await expectNoAxeFindings(page, 'Brief after the questions');

  // The recap leads to the plan, which has what the answers opened.
  await page.getByRole('region', { name: 'Recap' }).getByRole('link', { name: 'To the plan' }).click();
  await expect(page.getByRole('heading', { level: 1, name: 'Plan' })).toBeVisible();
  await expect(page.getByRole('row', { name: 'Steps' })).toBeVisible();
  await expect(shopWindow(page).locator('#steps')).toContainText('Wash every type bar');

  // A section is added from the library, written, and picked up with the keyboard.
  await page.getByRole('button', { name: 'Add a section' }).click();
  const library = page.getByRole('dialog', { name: 'Add a section to Home' });
  await expect(library.locator('iframe').first()).toBeVisible();
  await expectNoAxeFindings(page, 'the library of sections');
  await library.getByRole('button', { name: 'Add Reviews' }).click();
  await expect(shopWindow(page).locator('#reviews .ask').first()).toBeVisible();
  await page.getByRole('button', { name: 'Open Reviews' }).click();
  await page.getByLabel('What a buyer wrote to you, word for word').fill('My novel is finished. The machine helped.');
  await page.getByLabel('Who it was, as they want to be named').fill('A reader in Ghent');
  await page.getByRole('button', { name: 'Show Reviews' }).focus();
  await expect(shopWindow(page).locator('#reviews')).toContainText('My novel is finished.');
  await page.getByRole('button', { name: 'Close Reviews' }).click();
  const strips = page
    .getByRole('grid', { name: 'Sections of Home' })
    .getByRole('row')
    .filter({ has: page.getByRole('heading') });
  const names = () => strips.getByRole('heading').evaluateAll((all) => all.map((one) => one.firstChild?.textContent ?? ''));
  const before = await names();
  const at = before.indexOf('Reviews');
  // Each key when the one before has been taken: where the section would go says so as it gets the keyboard.
  await page.getByRole('button', { name: 'Drag Reviews' }).press('Enter');
  for (const above of [before[at], before[at - 1]]) {
    await expect(page.locator(':focus')).toHaveAttribute('aria-roledescription', 'drop indicator');
    await page.keyboard.press('ArrowUp');
    await expect(page.locator(':focus')).toHaveAccessibleName(new RegExp(`(and|before) ${above}$`, 'i'));
  }
  await page.keyboard.press('Enter');
  await expect.poll(async () => (await names()).indexOf('Reviews')).toBe(at - 1);

  // Another arrangement, another heading.
  await page.getByRole('button', { name: 'Open Steps' }).click();
  await page.getByLabel('Arrangement').selectOption({ label: 'One under the other' });
  await expect(shopWindow(page).locator('#steps.as-ladder')).toHaveCount(1);
  await saved(page);

  // Another brief: what it changes is shown before it is done, and the decisions stay.
  await station(page, 'Brief');
  await letter.fill(`${await letter.inputValue()}\n\nThe website should be loud, red and white.`);
  const change = page.getByRole('region', { name: 'What this would change' });
  await expect(change).toContainText('loud');
  await expect(change).toContainText('All that you decided by hand stays.');
  await expectNoAxeFindings(page, 'a change before it is done');
  await page.reload();
  await expect(page.getByRole('region', { name: 'What this would change' })).toContainText('loud');
  await page.getByRole('button', { name: 'Do it' }).click();
  await expect(change).toHaveCount(0);
  await expect(shopWindow(page).locator('#reviews')).toContainText('My novel is finished.');
  await expect(shopWindow(page).locator('#steps.as-ladder')).toHaveCount(1);
  await page.getByRole('button', { name: 'Undo: Change the brief' }).click();
  await expect(letter).not.toHaveValue(/loud, red and white/);
});

test('a contradiction is asked about, a wrong answer gets a sentence, and a question can be skipped', async ({ page }) => {
  await newShop(page);
  await writeBrief(
    page,
    'Hay Barn sells hats in Bath. The site should be quiet. It must also be loud, like a poster. hats@hay.example',
  );
  await expect(question(page)).toContainText('Which is nearer?');
  await question(page).getByRole('button', { name: 'Answer', exact: true }).click();
  await expect(question(page)).toContainText('Pick an answer or write one, or skip the question.');
  await question(page).getByRole('button', { name: 'Rather quiet' }).click();
  await question(page).getByRole('button', { name: 'Answer', exact: true }).click();
  await expect(page.getByText('You put this right.')).toBeVisible();
  const say = await question(page).getByRole('heading').textContent();
  await question(page).getByRole('button', { name: 'Skip' }).click();
  await expect(question(page).getByRole('heading')).not.toHaveText(say ?? '');
  // The next question may still come in while the button is pressed; then it is pressed again, as anyone would.
  await expect(async () => {
    await question(page).getByRole('button', { name: 'That’s enough, build it' }).click({ timeout: 2000 });
    await expect(page.getByRole('region', { name: 'Recap' })).toContainText('Hay Barn: hats, Bath', { timeout: 5000 });
  }).toPass({ timeout: 60_000 });
});

test('a brief in another language says so and keeps what is certain', async ({ page }) => {
  await newShop(page);
  await writeBrief(
    page,
    'Wir sind die Töpferei Lehm und machen Schalen und Becher in Kassel. Schreiben Sie an post@lehm.example. Preise in Euro.',
  );
  await expect(page.getByText('This brief is in German, and so is the shop.')).toBeVisible();
  await expect(page.getByRole('region', { name: 'What was understood' })).toContainText('post@lehm.example');
  await writeBrief(
    page,
    'Nous sommes une petite maison à Lyon et nous faisons des savons avec de l’huile d’olive. Écrivez à bonjour@savon.example.',
  );
  await expect(page.getByText('This brief is in French.')).toBeVisible();
  await expect(page.getByRole('region', { name: 'What was understood' })).toContainText('bonjour@savon.example');
  await expect(shopWindow(page).locator('html')).toHaveAttribute('lang', 'en');
});

test('a text has others that would do, and is put into another manner before it is taken', async ({ page }) => {
  await newShop(page);
  await writeBrief(
    page,
    'Otter & Oar builds rowing boats in Kendal, England. We really steam every rib by hand, and we test each boat on the lake before it leaves. No two are alike. Since 1988. 214 boats so far. boats@otter.example',
  );
  await expect(shopWindow(page).getByRole('heading', { level: 1 })).toBeVisible();
  const rib = shopWindow(page).getByText('We really steam every rib by hand').first();
  await rib.click();
  const slip = slipOf(page);
  await expect(slip.getByRole('heading', { name: /Others that would do/ })).toBeVisible();
  await slip.getByRole('button', { name: 'Shorter' }).click();
  const before = (await set(page).textContent()) ?? '';
  await expect(slip.getByText('Before', { exact: true })).toBeVisible();
  await slip.getByRole('button', { name: 'Take it over' }).click();
  await expect(set(page)).not.toHaveText(before);
  const after = (await set(page).textContent()) ?? '';
  expect(after.length).toBeLessThan(before.length);
  await slip.getByRole('button', { name: 'Done' }).click();
  await expect(shopWindow(page).getByText(after, { exact: true }).first()).toBeVisible();
  await expect(rib).toHaveCount(0);
});

test('names and a fuller brief come on request; pages are added, renamed and taken out', async ({ page }) => {
  await newShop(page);
  await writeBrief(page, 'We roast coffee in an old chapel near Cork, with a drum from a ship. beans@chapel.example');
  await page.getByRole('button', { name: 'Help with words' }).click();
  await expect(page.getByRole('region', { name: 'Name ideas' }).getByRole('row')).not.toHaveCount(1);
  await expect(page.getByRole('region', { name: 'A fuller brief' })).toContainText('[The name of the shop]');
  const name = page.getByRole('region', { name: 'Name ideas' }).getByRole('button').first();
  const taken = (await name.textContent()) ?? '';
  await name.click();
  await expect(page.getByRole('banner')).toContainText(taken);

  await station(page, 'Plan');
  await page.getByRole('button', { name: 'Add a page' }).click();
  await page.getByLabel('Kind of page').selectOption('gallery');
  await page.getByLabel('Its name').fill('Roasting days');
  await page.getByRole('button', { name: 'Add it' }).click();
  await expect(
    shopWindow(page).getByRole('navigation', { name: 'Main' }).getByRole('link', { name: 'Roasting days' }),
  ).toBeVisible();
  await page.getByRole('heading', { level: 2, name: 'Roasting days' }).click();
  await page.getByRole('button', { name: 'Rename Roasting days' }).click();
  await page.getByLabel('Name of the page').fill('Smoke');
  await page.getByRole('button', { name: 'Rename', exact: true }).click();
  await expect(shopWindow(page).getByRole('navigation', { name: 'Main' }).getByRole('link', { name: 'Smoke' })).toBeVisible();
  await page.getByRole('button', { name: 'Take out of the footer' }).click();
  await expect(shopWindow(page).getByRole('navigation', { name: 'All pages' }).getByRole('link', { name: 'Smoke' })).toHaveCount(
    0,
  );
  await page.getByRole('button', { name: 'Take Smoke out of the shop' }).click();
  await expect(page.getByRole('heading', { level: 2, name: 'Smoke' })).toHaveCount(0);
});
