import { expect, test } from '@playwright/test';
import { mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import sharp from 'sharp';
import { families } from '../src/core/look';
import { layoutFaults } from './layout';
import { brief, expectNoAxeFindings, list } from './support';

const sizes = { phone: 390, tablet: 820, wide: 1280 };

const long = `The Extraordinarily Well-Provisioned Emporium of Donaudampfschifffahrtsgesellschaft Memorabilia. We sell ship models and maps in Passau. ${'Every model is built plank by plank from drawings that we found in an attic, and it takes us the better part of a winter. '.repeat(4)} The website should be elegant. Prices in euros.`;
const oneLong = `title,price,category,description\n${'Donaudampfschifffahrtselektrizitätenhauptbetriebswerkbauunterbeamtengesellschaft '.repeat(2)},1250000.00,${'A very long category name that goes on and on'},"${'A sentence of some length about the thing. '.repeat(20)}"\n`;
const short = 'Ox. We sell tea in Kyoto. It should feel quiet. Prices in yen.';
const many = `title,price,category,stock,size\n${Array.from({ length: 500 }, (_, i) => `Tea no. ${i + 1},${300 + i},Shelf ${i % 9},${i % 7},${i % 2 ? 'Small' : 'Large'}`).join('\n')}\n`;

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

/** Three shops that no family was made with: the usual, one thing with the longest texts, five hundred with the shortest; each in a palette of its own. */
const shops = [
  {
    id: 'usual',
    brief,
    goods: pictured,
    look: { 'look/only/home/featured': 'inverse', 'look/only/home/story': 'accent', 'look/mark': 'seal', 'look/markFoot': true },
    pages: ['', 'shop/', 'goods/hub-36-holes/', 'checkout/'],
    at: ['phone', 'tablet', 'wide'],
  },
  {
    id: 'long',
    brief: long,
    goods: oneLong,
    look: { 'look/scheme': 'night', 'look/mix': 3 },
    pages: ['', 'shop/', 'goods/*'],
    at: ['phone', 'tablet', 'wide'],
  },
  {
    id: 'many',
    brief: short,
    goods: many,
    look: { 'look/scheme': 'field', 'look/mix': 5, 'look/phone/columns': 1, 'look/only/home/featured': 'second' },
    pages: ['', 'shop/'],
    at: ['phone', 'tablet', 'wide'],
  },
] as const;

for (const { id: family } of families)
  test(`${family}: three shops in three palettes are laid out soundly and open to all`, async ({ page }) => {
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
      const site = await serve(
        buildShop({
          brief: join(folder, 'brief.txt'),
          goods: join(folder, 'goods.csv'),
          pictures: folder,
          decisions: { 'look/family': family, ...shop.look },
        }),
      );
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
        for (const size of shop.at) {
          await page.setViewportSize({ width: sizes[size], height: 844 });
          await page.waitForTimeout(60);
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
