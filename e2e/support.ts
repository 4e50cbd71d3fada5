import AxeBuilder from '@axe-core/playwright';
import { expect, test, type APIRequestContext, type Locator, type Page } from '@playwright/test';

/** A brief and a list in another trade, currency and mood than the sample shop. Invented for these tests. */
export const brief = `Kobold Cycles is a repair shop and parts counter in Leipzig. I build wheels and sell parts for old touring bikes.

Every wheel is trued twice, the second time the morning after. I have built 4,100 wheels since 1998. If a spoke breaks within two years I replace it and pay the postage. I won't sell you a part you don't need. My customers are people who ride the same bike for thirty years.

The website should be loud and plain, orange and black, no green. Prices in euros. Write to hanna@kobold.example or call +49 341 5550142.`;

export const list = `Artikel;Title;Preis;Was;Category;SKU;Stock;Size;Weight;Kind
x;Hub, 36 holes;89,00;;Wheels;KH-36;4;;410;
x;Spoke, stainless;1,20;1,50;Wheels;KS-280;200;280 mm;7;
x;Spoke, stainless;1,20;1,50;Wheels;KS-290;3;290 mm;7;
x;Spoke, stainless;1,35;;Wheels;KS-300;0;300 mm;8;
x;Rim tape;ab 4;;Wheels;KR-1;20;;30;
x;Bell <b>brass</b>;24,50;;Small things;KB-1;12;;90;
x;Wheel guide;7,00;;Small things;KG-1;;;;download
`;

/** What stands large in the sample shop: the sentence of its brief that an editor would take. */
export const sampleHeadline = 'Every skein goes through the pot twice.';

/** Opens a new project and gives its id. */
export async function newShop(page: Page): Promise<string> {
  await page.goto('/');
  // Faces that come in late move what is pressed.
  await settled(page);
  await page.getByRole('button', { name: 'New shop', exact: true }).click();
  await page.waitForURL(/\/project\/[^/]+\/brief/);
  return /project\/([^/]+)/.exec(page.url())?.[1] ?? '';
}

export const station = async (page: Page, name: string) => {
  await page
    .getByRole('navigation', { name: 'Stations' })
    .getByRole('link', { name: new RegExp(`^${name},`) })
    .click();
  await page.waitForURL(new RegExp(`/${name.toLowerCase()}$`));
  await atRest(page);
};

/** What the sheet shows is what stands, and nothing in it is still on its way: what is pressed now does not move off meanwhile. */
export const atRest = (page: Page) => expect(page.locator('main[aria-busy="true"], main [aria-busy="true"]')).toHaveCount(0);

/** The text that is being set in the window. */
export const set = (page: Page) => shopWindow(page).locator('.set');

/** Points at a text in the window and writes another where it stands. */
export async function writeAt(page: Page, at: string, text: string): Promise<void> {
  await shopWindow(page).locator(at).first().click();
  await set(page).fill(text);
  await page.keyboard.press('Escape');
  await expect(slipOf(page)).toHaveCount(0);
  await saved(page);
}

export const saved = (page: Page) => expect(page.getByRole('banner').getByRole('status')).toHaveText('Saved');

export async function writeBrief(page: Page, text: string): Promise<void> {
  await page.getByLabel('Your brief').fill(text);
  // Leaving the letter makes a step of it.
  await page.getByLabel('Your brief').blur();
  await expect(page.getByText('Understood so far')).toBeVisible();
  await saved(page);
}

export async function pasteList(page: Page, text: string): Promise<void> {
  await station(page, 'Goods');
  await page.getByRole('button', { name: 'Paste a list' }).click();
  await page.getByLabel('The list, with its headings').fill(text);
  await page.getByRole('button', { name: 'Bring it in' }).click();
  // Read or refused: the sheet says which.
  await expect(page.getByRole('main').getByRole('status').filter({ hasText: /\.$/ })).toBeVisible();
  await atRest(page);
}

/** Sets a zone at the till, with one rate. */
export async function deliver(page: Page, price: string): Promise<void> {
  await page.getByRole('button', { name: 'Add a zone' }).click();
  const zone = page.getByRole('group', { name: 'A zone that is not set yet' });
  await expect(zone.getByRole('button', { name: 'Deliver so' })).toBeDisabled();
  await zone.getByLabel('Price', { exact: true }).fill(price);
  await zone.getByLabel('Price', { exact: true }).press('Enter');
  await zone.getByRole('button', { name: 'Deliver so' }).click();
  await saved(page);
}

/** The live shop in the studio's window. */
export const shopWindow = (page: Page) => page.frameLocator('iframe[title="Preview of the shop"]');

/** What lies open at the thing that was pointed at. */
export const slipOf = (page: Page) => page.locator('[data-slip]');

/** Points at a thing in the window, and gives its slip: another's may lie open until the press has been heard of. */
export async function pointAt(page: Page, at: Locator, position?: { x: number; y: number }): Promise<Locator> {
  const [thing, place] = await at.evaluate((is) => [is.getAttribute('data-thing'), is.getAttribute('data-place')]);
  await at.click(position ? { position } : {});
  const named = thing ?? `/${encodeURIComponent(place ?? '')}`;
  const its = page.locator(`[data-slip$="${named}"][aria-busy="false"]`);
  await expect(its).toBeVisible();
  return its;
}

/** In the window links are followed, from now on or no more. */
export const followLinks = (page: Page) => page.getByRole('button', { name: 'Follow links' }).click();

/** Where a published shop is seen: an origin of its own. */
export function shopAt(address: string): string {
  const studio = new URL(test.info().project.use.baseURL ?? '');
  return `http://${address}.${studio.host}/`;
}

/** Names below “localhost” are found by every browser (RFC 6761), not by every machine: what is asked without one goes to the machine and says the name. */
export function asking(request: APIRequestContext) {
  const at = (url: string, headers: Record<string, string> = {}) => {
    const { host, hostname } = new URL(url);
    return [url.replace(`//${hostname}`, '//localhost'), { ...headers, host }] as const;
  };
  return {
    get: (url: string) => {
      const [to, headers] = at(url);
      return request.get(to, { headers });
    },
    post: (url: string, data: unknown, more: Record<string, string> = {}) => {
      const [to, headers] = at(url, more);
      return request.post(to, { headers, data: data as object });
    },
  };
}

/** Publishes at an address and gives where the shop is seen. */
export async function publish(page: Page, address: string): Promise<string> {
  await station(page, 'Publish');
  await page.getByLabel('Address on this host').fill(address);
  await page.getByRole('button', { name: 'Publish', exact: true }).click();
  await expect(page.getByText(/^Published: \d+ files/)).toBeVisible();
  return shopAt(address);
}

/** @param seen whether the window is in sight at once, as it is where there is room */
export async function openSample(page: Page, seen = true): Promise<void> {
  await page.goto('/');
  await settled(page);
  await page.getByRole('button', { name: 'Open the sample shop' }).click();
  await page.waitForURL(/\/project\/[^/]+\/brief/);
  if (seen) await expect(shopWindow(page).getByRole('heading', { level: 1 })).toBeVisible();
}

export async function expectNoAxeFindings(page: Page, about: string): Promise<void> {
  const { violations } = await new AxeBuilder({ page })
    .options({ resultTypes: ['violations'] })
    // In a letter that is shown nothing may run, so nothing can look into it from inside.
    .exclude('iframe[sandbox=""]')
    .withTags(['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa', 'best-practice'])
    .analyze();
  expect(
    violations.map(
      (v) =>
        `${v.id}: ${v.nodes
          .map((n) => n.target.join(' '))
          .slice(0, 3)
          .join(' | ')}`,
    ),
    about,
  ).toEqual([]);
}

/** Fills the checkout as a buyer in Germany would. */
export async function fillCheckout(page: Page, name = 'Ada Probst'): Promise<void> {
  await page.getByLabel('Name', { exact: true }).fill(name);
  await page.getByLabel('E-mail').fill('ada@post.example');
  const street = page.getByLabel('Street and number');
  if (await street.isVisible()) {
    await street.fill('Probeweg 1');
    await page.getByLabel('Town').fill('Halle');
    await page.getByLabel('Postal code').fill('06108');
  }
  await page.getByRole('checkbox').check();
}

/** The accent of the shop in the window, as its styles have it. */
export const accent = (page: Page) =>
  shopWindow(page)
    .locator('html')
    .evaluate((html) => getComputedStyle(html).getPropertyValue('--accent').trim());

/** Faces are there, whatever moves has come to rest, and the page is laid out. */
export const settled = (page: Page): Promise<void> =>
  page.evaluate(async () => {
    await document.fonts.ready;
    const ending = document.getAnimations().filter((one) => Number.isFinite(Number(one.effect?.getComputedTiming().endTime)));
    await Promise.allSettled(ending.map((one) => one.finished));
    await new Promise((painted) => requestAnimationFrame(() => requestAnimationFrame(painted)));
  });
