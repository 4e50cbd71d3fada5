import { expect, test, type Page } from '@playwright/test';
import { mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import sharp from 'sharp';
import { families } from '../src/core/look';
import { layoutFaults } from './layout';
import { brief, expectNoAxeFindings, list, settled } from './support';

const sizes = { phone: 390, tablet: 820, wide: 1280 };

const long = `The Extraordinarily Well-Provisioned Emporium of Donaudampfschifffahrtsgesellschaft Memorabilia. We sell ship models and maps in Passau. ${'Every model is built plank by plank from drawings that we found in an attic, and it takes us the better part of a winter. '.repeat(4)} The website should be elegant. Prices in euros.`;
const word = 'Donaudampfschifffahrtselektrizitätenhauptbetriebswerkbauunterbeamtengesellschaft';
const oneLong = `title,price,was,category,stock,size,option finish,description\n${[
  [`${word} in the size of a wardrobe`, 'lacquered'],
  ['Small', 'left as it came from the mould and only wiped'],
  ['Small', 'lacquered'],
]
  .map(
    ([size, finish], i) =>
      `${`${word} `.repeat(2)},${1_250_000 + i}.00,1499999.00,A very long category name that goes on and on,${i},${size},${finish},"${'A sentence of some length about the thing. '.repeat(20)}"`,
  )
  .join('\n')}\n`;
const short = 'Ox. We sell tea in Kyoto. It should feel quiet. Prices in yen.';
const many = `title,price,was,category,stock,size\nChest of tea,128000,149000,Shelf 1,9,Small\nChest of tea,154000,,Shelf 1,9,Large\n${Array.from({ length: 498 }, (_, i) => `Tea no. ${i + 1},${300 + i},,Shelf ${i % 9},${i % 7},${i % 2 ? 'Small' : 'Large'}`).join('\n')}\n`;

/** The usual list with pictures, wide, tall and square, and one thing without. */
const [header = '', ...rows] = list.trim().split('\n');
const pictures = { 'wide.png': [1200, 700], 'tall.png': [500, 1100], 'square.png': [900, 900] } as const;
const pictured = [`${header};Picture`, ...rows.map((row, i) => `${row};${Object.keys(pictures)[i] ?? ''}`)].join('\n');
const photo = (width: number, height: number) =>
  sharp({ create: { width, height, channels: 3, background: '#d9c7a8' } })
    .composite([
      {
        input: Buffer.from(
          `<svg xmlns="http://www.w3.org/2000/svg" width="${width}" height="${height}"><circle cx="${width / 2}" cy="${height / 2}" r="${Math.min(width, height) / 3}" fill="#3a2c22"/></svg>`,
        ),
      },
    ]) // prettier-ignore
    .png()
    .toBuffer();

/** Logos as sellers have them: compact and dark, broad and red. */
const logos = {
  'compact.svg':
    '<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 100 100"><circle cx="50" cy="50" r="44" fill="none" stroke="#14213d" stroke-width="8"/></svg>',
  'broad.svg':
    '<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 600 90"><path d="M0 0h200v90H0zm260 0h340v90H260z" fill="#b3121d"/></svg>',
};

/** The colour that a part of a page stands on, and the one that the palette has for a role. */
const groundsOf = (page: Page, part: string, role: string) =>
  page.locator(part).evaluate((element, name) => {
    const probe = document.createElement('i');
    probe.style.backgroundColor = `var(--${name})`;
    document.body.append(probe);
    const wanted = getComputedStyle(probe).backgroundColor;
    probe.remove();
    for (let at: Element | null = element; at; at = at.parentElement) {
      const { backgroundColor } = getComputedStyle(at);
      if (backgroundColor !== 'rgba(0, 0, 0, 0)') return [backgroundColor, wanted];
    }
    return ['none', wanted];
  }, role);

/** Whether a colour is worn anywhere on a page: by a field, an edge, a stripe or a shadow. */
const wears = (page: Page, rgb: string) =>
  page.evaluate(
    (wanted) =>
      [...document.querySelectorAll('body, body *')].some((element) =>
        [null, '::before', '::after'].some((pseudo) => {
          const { backgroundColor, backgroundImage, boxShadow } = getComputedStyle(element, pseudo);
          return [backgroundColor, backgroundImage, boxShadow].join(' ').includes(wanted);
        }),
      ),
    rgb,
  );

/** Takes a choice of a thing, in whatever form its family offers it. */
async function choose(page: Page, option: string, value: string): Promise<void> {
  const menu = page.getByRole('combobox', { name: option });
  if (await menu.count()) {
    const label = await menu.locator('option').filter({ hasText: value }).textContent();
    await menu.selectOption({ label: label?.trim() ?? '' });
  } else await page.getByRole('group', { name: option }).getByRole('radio', { name: value }).check();
}

/** On the page of the spoke, which stands beside things that have forms of their own. */
async function expectTrueChoices(page: Page): Promise<void> {
  const thing = page.locator('.product');
  const price = thing.locator('[data-price] b');
  const before = thing.locator('[data-price] s');
  const add = thing.getByRole('button', { name: 'Add to cart' });
  await expect(add).toBeEnabled();
  await expect(price).toHaveText('€1.20');
  await expect(before).toHaveText('before €1.50');
  await choose(page, 'Size', '300 mm');
  await expect(price).toHaveText('€1.35');
  await expect(before).toBeHidden();
  await expect(thing.locator('[data-stock]')).toHaveText('Sold out for now.');
  await expect(add).toBeDisabled();
  await choose(page, 'Size', '290 mm');
  await expect(before).toHaveText('before €1.50');
  await expect(thing.locator('[data-stock]')).toHaveText('Only 3 left.');
  await add.click();
  await expect(thing.getByRole('status')).toContainText('1 in the cart');
}

/** Three shops that no family was made with: the usual, one thing with the longest texts, five hundred with the shortest; each in a palette of its own. */
const shops = [
  {
    id: 'usual',
    brief,
    goods: pictured,
    look: {
      'look/third': '#f3de5b',
      'look/only/home/featured': 'inverse',
      'look/only/home/story': 'accent',
      'look/mark': 'seal',
      'look/markFoot': true,
    },
    pages: ['', 'shop/', 'goods/spoke-stainless/', 'cart/', 'checkout/'],
    at: ['phone', 'tablet', 'wide'],
  },
  {
    id: 'long',
    brief: long,
    goods: oneLong,
    look: {
      'look/scheme': 'night',
      'look/mix': 3,
      'look/logo': 'compact.svg',
      'look/markName': true,
      'look/markFoot': true,
      'look/markSize': 1.4,
    },
    pages: ['', 'shop/', 'goods/*'],
    at: ['phone', 'tablet', 'wide'],
  },
  {
    id: 'many',
    brief: short,
    goods: many,
    look: {
      'look/third': '#7a1f3d',
      'look/logo': 'broad.svg',
      'look/markSize': 2.5,
      'look/scheme': 'field',
      'look/mix': 5,
      'look/phone/columns': 1,
      'look/only/home/featured': 'second',
    },
    pages: ['', 'shop/'],
    at: ['phone', 'tablet', 'wide'],
  },
] as const;

for (const { id: family, bands } of families)
  test(`${family}: three shops in three palettes are laid out soundly, open to all, and true to what is chosen`, async ({
    page,
  }) => {
    test.slow();
    const { buildShop, serve } = await import('../scripts/sheet.mjs');
    const faults: string[] = [];
    for (const shop of shops) {
      const folder = mkdtempSync(join(tmpdir(), 'looks-'));
      writeFileSync(join(folder, 'brief.txt'), shop.brief);
      writeFileSync(join(folder, 'goods.csv'), shop.goods);
      if (shop.id === 'usual')
        for (const [name, [width, height]] of Object.entries(pictures))
          writeFileSync(join(folder, name), await photo(width, height));
      for (const [name, svg] of Object.entries(logos)) writeFileSync(join(folder, name), svg);
      const site = await serve(
        buildShop({
          brief: join(folder, 'brief.txt'),
          goods: join(folder, 'goods.csv'),
          pictures: folder,
          decisions: { 'look/family': family, ...shop.look },
        }),
      );
      // What is put into the cart here stands in it on the pages below.
      if (shop.id === 'usual') {
        await page.goto(`${site.base}goods/spoke-stainless/`);
        await expectTrueChoices(page);
      }
      for (const path of shop.pages) {
        let address = site.base + path;
        if (path.endsWith('*')) {
          await page.goto(`${site.base}shop/`);
          address =
            (await page
              .locator('.good a')
              .first()
              .evaluate((link: HTMLAnchorElement) => link.href)) ?? '';
        }
        await page.goto(address);
        // What the family says of its head and foot is what they stand on: fields behind logos are found by it.
        for (const [part, role] of [
          ['.top .brand', bands.head ?? 'ground'],
          ['.foot .brand', bands.foot ?? 'ground'],
        ] as const) {
          const [found, wanted] = await groundsOf(page, part, role);
          expect([shop.id, path, part, found]).toEqual([shop.id, path, part, wanted]);
        }
        if (shop.id === 'usual' && path === '') expect(await wears(page, 'rgb(243, 222, 91)')).toBe(true);
        for (const size of shop.at) {
          await page.setViewportSize({ width: sizes[size], height: 844 });
          await settled(page);
          for (const fault of await layoutFaults(page)) faults.push(`${shop.id} ${path || 'home'} ${size}: ${fault}`);
          // Every palette is seen by the accessibility check, on the pages that have most of it; the usual shop on all.
          if (
            (size === 'wide' && (shop.id === 'usual' || path !== '')) ||
            (size === 'phone' && shop.id === 'usual' && path === '')
          )
            await expectNoAxeFindings(page, `${family} ${shop.id} ${path} ${size}`);
        }
      }
      site.stop();
    }
    expect(faults).toEqual([]);
  });

for (const { id: family, card } of families)
  test(`${family}: goods stand in as many columns as the seller wants, and the shop opens with a picture of their own`, async ({
    page,
  }) => {
    test.slow();
    const { buildShop, serve } = await import('../scripts/sheet.mjs');
    const folder = mkdtempSync(join(tmpdir(), 'columns-'));
    writeFileSync(join(folder, 'brief.txt'), brief);
    writeFileSync(join(folder, 'goods.csv'), pictured);
    for (const [name, [width, height]] of Object.entries({ ...pictures, 'workshop.png': [1600, 1000] as const }))
      writeFileSync(join(folder, name), await photo(width, height));
    const faults: string[] = [];
    for (const columns of card.lies ? [3, 6] : [6]) {
      const site = await serve(
        buildShop({
          brief: join(folder, 'brief.txt'),
          goods: join(folder, 'goods.csv'),
          pictures: folder,
          decisions: {
            'look/family': family,
            'look/columns': columns,
            'look/openingShows': 'workshop.png',
            'plan/home/opening/arrangement': 'pictured',
            'words/home/opening/second': 'Where we are',
            'leads/home/opening/second': 'page/contact',
          },
        }),
      );
      for (const path of ['', 'shop/']) {
        await page.goto(site.base + path);
        for (const [size, most] of [
          ['wide', columns],
          ['tablet', Math.min(columns, 3)],
        ] as const) {
          await page.setViewportSize({ width: sizes[size], height: 844 });
          await settled(page);
          for (const fault of await layoutFaults(page)) faults.push(`${columns} columns ${path || 'home'} ${size}: ${fault}`);
          if (path !== 'shop/') continue;
          const beside = await page
            .locator('.shelf .goods')
            .evaluate((goods) => getComputedStyle(goods).gridTemplateColumns.split(' ').length);
          expect([family, size, columns, beside]).toEqual([family, size, columns, most]);
        }
        if (path === '') {
          await expect(page.locator('.opening-pictures.own img')).toBeVisible();
          await expect(page.getByRole('link', { name: 'Where we are' })).toHaveAttribute('href', /contact\/$/);
        }
      }
      site.stop();
    }
    expect(faults).toEqual([]);
  });
