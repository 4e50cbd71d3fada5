import { mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { expect, test } from '@playwright/test';
import { bundled } from './bundled';
import { layoutFaults } from './layout';
import { settled } from './support';

/** Shops after many changes at random: their briefs, and what is decided in them. */
interface Changed {
  changed: (seed: number) => { family: string; did: string[]; brief: string; decisions: Record<string, unknown> };
}

const source = `
  import { families } from '@/core/look';
  import { changedAtRandom } from './tests/changes';
  import { everything } from './tests/sites/everything';
  export const changed = (seed: number) => {
    const family = families[seed % families.length].id;
    const first = { ...everything(family, seed % 2 ? 1 : 0), pictures: [] };
    const { story, did } = changedAtRandom(first, seed, 14);
    return { family, did, brief: first.brief, decisions: Object.fromEntries(story.project.decisions) };
  };`;

let bundle: Promise<Changed> | null = null;
const shops = (): Promise<Changed> => (bundle ??= bundled<Changed>(source));

/** The first five found something when they were tried first: rows of cards in four families, a menu with a long word. */
for (const seed of [25, 26, 27, 29, 41, 60])
  test(`after fourteen changes at random (${seed}) nothing overlaps, is cut off or runs out of the page`, async ({ page }) => {
    test.slow();
    const { changed } = await shops();
    const { family, did, brief, decisions } = changed(seed);
    const { buildShop, serve } = await import('../scripts/sheet.mjs');
    const folder = mkdtempSync(join(tmpdir(), 'changed-'));
    writeFileSync(join(folder, 'brief.txt'), brief);
    const site = await serve(buildShop({ brief: join(folder, 'brief.txt'), goods: 'demo/goods.csv', decisions }));
    const faults: string[] = [];
    for (const path of ['', 'about/', 'shop/']) {
      const there = (await page.request.get(site.base + path)).ok();
      // A page may have been taken out, the home page never.
      if (!there && path) continue;
      await page.goto(site.base + path);
      for (const width of [1280, 390]) {
        await page.setViewportSize({ width, height: 844 });
        await settled(page);
        for (const fault of await layoutFaults(page)) faults.push(`${family} ${path || 'home'} ${width}: ${fault}`);
      }
    }
    site.stop();
    expect(faults, did.join('\n')).toEqual([]);
  });
