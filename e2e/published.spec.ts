import { expect, test } from '@playwright/test';
import { XMLParser } from 'fast-xml-parser';
import { HtmlValidate } from 'html-validate';
import { asking, expectNoAxeFindings, followLinks, openSample, publish, settled, shopAt, shopWindow, station } from './support';

test.describe.configure({ mode: 'serial' });

const address = 'tarnwick-test';
const kinds = [
  '',
  'shop/',
  'shop/yarn/',
  'shop/yarn/by-price/',
  'goods/madder-bed/',
  'goods/gift-card/',
  'about/',
  'contact/',
  'delivery/',
  'privacy/',
  'terms/',
  'search/?q=moss',
  'cart/',
  'checkout/',
  'thank-you/',
  'nowhere/',
];

test('the sample shop is published, and axe finds nothing on its pages or in the studio', async ({ page }) => {
  test.slow();
  await openSample(page);
  for (const name of ['Brief', 'Goods', 'Plan', 'Look', 'Till', 'Proof', 'Publish', 'Orders']) {
    await station(page, name);
    await expect(page.getByRole('main').getByRole('heading', { name, exact: true }).first()).toBeVisible();
    await settled(page);
    await expectNoAxeFindings(page, name);
  }
  await publish(page, address);
  await page.goto(`${shopAt(address)}goods/madder-bed/`);
  await page.getByRole('button', { name: 'Add to cart' }).click();
  for (const path of kinds) {
    await page.goto(`${shopAt(address)}${path}`);
    await settled(page);
    await expectNoAxeFindings(page, path);
  }
});

test('published pages are valid HTML, and every internal link resolves', async ({ request }) => {
  const validator = new HtmlValidate({
    extends: ['html-validate:standard'],
    rules: {
      'no-inline-style': 'error',
      'long-title': 'off',
      'no-trailing-whitespace': 'off',
      'void-style': 'off',
    },
  });
  const base = new URL(shopAt(address));
  const waiting = ['', 'cart/', 'checkout/', 'thank-you/'].map((path) => base.href + path);
  const seen = new Set(waiting);
  const faults: string[] = [];
  while (waiting.length) {
    const url = waiting.pop() ?? '';
    const answer = await asking(request).get(url);
    if (answer.status() !== 200) faults.push(`${url}: ${answer.status()}`);
    if (!answer.headers()['content-type']?.startsWith('text/html')) continue;
    const text = await answer.text();
    const path = new URL(url).pathname.slice(1);
    if (path.split('/').length <= 2 || seen.size < 60) {
      const report = await validator.validateString(text, url);
      for (const result of report.results)
        for (const message of result.messages) faults.push(`${path}: ${message.ruleId} ${message.message}`);
    }
    for (const match of text.matchAll(/(?:href|src)="([^"#]+)/g)) {
      const to = new URL((match[1] ?? '').replaceAll('&amp;', '&'), url);
      to.hash = '';
      if (to.origin !== base.origin || seen.has(to.href)) continue;
      seen.add(to.href);
      waiting.push(to.href);
    }
  }
  expect(faults).toEqual([]);
  expect(seen.size).toBeGreaterThan(150);
});

test('nothing on a published page comes from another host', async ({ page }) => {
  const hosts = new Set<string>();
  page.on('request', (request) => hosts.add(new URL(request.url()).host));
  for (const path of ['', 'shop/', 'goods/madder-bed/', 'checkout/']) await page.goto(`${shopAt(address)}${path}`);
  expect([...hosts]).toEqual([new URL(page.url()).host]);
});

test('each product page carries structured data with the true price and availability', async ({ request }) => {
  const text = await (await asking(request).get(`${shopAt(address)}goods/madder-bed/`)).text();
  const data = JSON.parse(/<script type="application\/ld\+json">(.*?)<\/script>/s.exec(text)?.[1] ?? '{}');
  const product = data['@graph'].find((thing: { '@type': string }) => thing['@type'] === 'Product');
  expect(product.name).toBe('Madder Bed');
  expect(product.offers).toHaveLength(5);
  const offer = await (await asking(request).get(`${shopAt(address)}goods/madder-bed/offer.json`)).json();
  product.offers.forEach((one: { price: string; priceCurrency: string; availability: string }, i: number) => {
    expect(one.price).toBe((offer.variants[i].price / 100).toFixed(2));
    expect(one.priceCurrency).toBe('GBP');
    expect(one.availability).toBe(offer.variants[i].stock === 0 ? 'https://schema.org/OutOfStock' : 'https://schema.org/InStock');
  });
});

test('the site map follows the protocol, and every address in it is a page that names itself canonical', async ({ request }) => {
  // sitemaps.org/protocol.html: urlset in namespace 0.9, loc absolute and under the map's own folder, at most 50,000.
  const text = await (await asking(request).get(`${shopAt(address)}sitemap.xml`)).text();
  const map = new XMLParser({ ignoreAttributes: false }).parse(text);
  expect(map.urlset['@_xmlns']).toBe('http://www.sitemaps.org/schemas/sitemap/0.9');
  const urls: string[] = map.urlset.url.map((entry: { loc: string }) => entry.loc);
  expect(urls.length).toBeGreaterThan(60);
  expect(new Set(urls).size).toBe(urls.length);
  for (const url of urls.slice(0, 25)) {
    const answer = await asking(request).get(url);
    expect(answer.status()).toBe(200);
    expect(await answer.text()).toContain(`<link rel="canonical" href="${url}"`);
  }
  expect(await (await asking(request).get(`${shopAt(address)}robots.txt`)).text()).toContain(`Sitemap: ${urls[0]}sitemap.xml`);
});

test('browsing works without scripts; the cart says that it needs them', async ({ browser }) => {
  const context = await browser.newContext({ javaScriptEnabled: false });
  const page = await context.newPage();
  await page.goto(`${shopAt(address)}`);
  await page.getByRole('link', { name: /^See the yarn/ }).click();
  await page.getByRole('link', { name: 'Name', exact: true }).click();
  await expect(page.locator('.good .name').first()).toHaveText('Bilberry');
  await page.getByRole('link', { name: /Bilberry/ }).click();
  await expect(page.locator('noscript .notice')).toContainText('The cart needs scripts');
  await page.getByRole('link', { name: 'Cart' }).click();
  await expect(page.locator('noscript .notice')).toContainText('Cart and checkout need scripts');
  await context.close();
});

test('search finds goods by the beginnings of words', async ({ page }) => {
  await page.goto(`${shopAt(address)}search/`);
  await page.getByLabel('What are you looking for?').fill('mos');
  await page.getByRole('button', { name: 'Search' }).click();
  await expect(page.getByText(/found for “mos”/)).toBeVisible();
  await expect(page.locator('.good .name').first()).toHaveText('Bottle Moss');
  await page.getByLabel('What are you looking for?').fill('zeppelin');
  await page.keyboard.press('Enter');
  await expect(page.getByText('Nothing found for “zeppelin”')).toBeVisible();
});

test('a discount code, delivery abroad and a zero-rated download are worked out at checkout', async ({ page }) => {
  await page.goto(`${shopAt(address)}goods/first-scarf-kit/`);
  await page.getByRole('button', { name: 'Add to cart' }).click();
  await page.goto(`${shopAt(address)}goods/mill-race-shawl-a-pattern/`);
  await page.getByRole('button', { name: 'Add to cart' }).click();
  await page.goto(`${shopAt(address)}checkout/`);
  // 49.00 + 6.00 = 55.00; post 3.95; 20 % VAT is contained in 52.95 of it: 8.83 (HMRC, VAT fraction 1/6).
  await expect(page.locator('.total')).toContainText('£58.95');
  await expect(page.locator('[data-summary]')).toContainText('£8.83');
  // A code is taken at the cart already, and the checkout has it from there.
  await page.goto(`${shopAt(address)}cart/`);
  const code = page.getByLabel('Discount code');
  await code.fill('NEVER');
  await code.press('Enter');
  await expect(page.getByText('The shop knows no such code.')).toBeVisible();
  await expect(code).toBeFocused();
  await code.fill('firstskein');
  await page.getByRole('button', { name: 'Apply' }).click();
  await expect(page.locator('.total')).toContainText('£49.50');
  await settled(page);
  await expectNoAxeFindings(page, 'a cart with a code');
  await page.getByRole('link', { name: 'To the checkout' }).click();
  await expect(page.getByLabel('Discount code or gift card')).toHaveValue('firstskein');
  await expect(page.locator('.total')).toContainText('£53.45');
  await page.getByLabel('Country').selectOption('IE');
  await expect(page.getByText('Tracked post, 5–9 days').first()).toBeVisible();
  await expect(page.locator('.total')).toContainText('£61.00');
  await page.getByLabel('Discount code').fill('NOSUCH');
  await page.getByRole('button', { name: 'Apply' }).click();
  await expect(page.getByText('The shop knows no such code.')).toBeVisible();
});

test('the window follows links inside the shop, and shows it at phone width', async ({ page }) => {
  await openSample(page);
  await followLinks(page);
  await shopWindow(page)
    .getByRole('link', { name: /^See the yarn/ })
    .click();
  await expect(shopWindow(page).getByRole('heading', { level: 1 })).toHaveText('Yarn');
  await expect(page.getByLabel('Page')).toHaveValue('shop/yarn/');
  await shopWindow(page)
    .getByRole('link', { name: /Peat Hag/ })
    .click();
  await shopWindow(page).getByRole('button', { name: 'Add to cart' }).click();
  await shopWindow(page)
    .getByRole('link', { name: /Cart \(1\)/ })
    .click();
  await expect(shopWindow(page).locator('.line')).toContainText('Peat Hag');
  await page.getByRole('radio', { name: 'Phone' }).click();
  await expect
    .poll(() =>
      shopWindow(page)
        .locator('html')
        .evaluate((html) => [html.clientWidth, html.scrollWidth]),
    )
    .toEqual([390, 390]);
});
