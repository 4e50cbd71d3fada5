import { execFileSync } from 'node:child_process';
import { mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { expect, test, type Page } from '@playwright/test';
import { bundled } from './bundled';
import { atRest, saved, shopWindow, slipOf } from './support';

/**
 * Every kind of thing of a front page that has every section of the library, pointed at by mouse and reached by keyboard alone, wide and on a
 * phone: outlined where it is, its slip beside it, and what is done there goes back to the same page. By hand, with ARCATUM_LOOKS=all or the
 * number of a look.
 */

interface Made {
  families: string[];
  everything: (family: string) => { brief: string; decisions: Record<string, unknown> };
  kindsOfThings: string[];
}

const source = `
  import { families as all } from '@/core/look';
  import { everything as made } from './tests/sites/everything';
  export { thingKinds as kindsOfThings } from '@/core/things/about';
  export const families = all.map(({ id }) => id);
  export const everything = (family) => {
    const { brief, decisions } = made(family, 0);
    return { brief, decisions: Object.fromEntries(decisions) };
  };`;

let bundle: Promise<Made> | null = null;
const shops = (): Promise<Made> => (bundle ??= bundled<Made>(source));

const looks = 12;
const asked = process.env.ARCATUM_LOOKS ?? '';
const looked = asked === 'all' ? Array.from({ length: looks }, (_, n) => n) : [Number(asked || 1) - 1];

/** A project's file with the shop, as the command line makes it. */
function projectFile(family: string, { everything }: Made): string {
  const folder = mkdtempSync(join(tmpdir(), 'kinds-'));
  const { brief, decisions } = everything(family);
  writeFileSync(join(folder, 'brief.txt'), brief);
  const [first, out] = [join(folder, 'first.zip'), join(folder, `${family}.zip`)];
  const arcatum = (...args: string[]) => execFileSync(process.execPath, ['bin/arcatum.mjs', ...args]);
  arcatum('project', '--brief', join(folder, 'brief.txt'), '--goods', 'demo/goods.csv', '--pictures', 'demo', '--out', first);
  const sets = Object.entries(decisions).flatMap(([place, value]) => ['--set', `${place}=${JSON.stringify(value)}`]);
  arcatum('change', '--project', first, ...sets, '--out', out);
  return out;
}

async function openFile(page: Page, file: string, width: string): Promise<void> {
  await page.goto('/');
  const chooser = page.waitForEvent('filechooser');
  await page.getByRole('button', { name: 'Open a project file' }).click();
  await (await chooser).setFiles(file);
  await page.waitForURL(/\/project\/[^/]+\/brief/);
  await page.getByRole('radio', { name: width }).click();
  await expect(shopWindow(page).getByRole('heading', { level: 1 })).toBeVisible();
  await atRest(page);
}

/** A thing of each kind, and of each section, with a place in it where a press falls on itself. */
const things = (page: Page) =>
  shopWindow(page)
    .locator('body')
    .evaluate((body) => {
      const named = (element: Element) => element.getAttribute('data-thing') ?? element.getAttribute('data-place') ?? '';
      const own = (element: Element | null) => element?.closest('[data-thing],[data-place]') ?? null;
      const found = new Map<string, { name: string; nth: number; x: number; y: number }>();
      const steps = [0.5, 0.02, 0.98, 0.25, 0.75, 0.1, 0.9];
      const met = new Map<string, number>();
      for (const element of body.querySelectorAll('[data-thing],[data-place]')) {
        const name = named(element);
        const nth = met.get(name) ?? 0;
        met.set(name, nth + 1);
        // Of texts, one of each place in a section's kind; of things, one of each kind, and every section.
        const sort = element.hasAttribute('data-place')
          ? `text ${name.split('/').slice(2, 4).join('/')}`
          : (name.split('/')[0] ?? '');
        const key = sort === 'section' ? name : sort;
        if (found.has(key)) continue;
        element.scrollIntoView({ block: 'center', behavior: 'instant' });
        const box = element.getBoundingClientRect();
        if (box.width < 4 || box.height < 4) continue;
        for (const [right, down] of steps.flatMap((x) => steps.map((y) => [x, y] as const))) {
          const [x, y] = [Math.max(2, box.width * right), Math.max(2, box.height * down)];
          if (own(document.elementFromPoint(box.x + x, box.y + y)) !== element) continue;
          found.set(key, { name, nth, x, y });
          break;
        }
      }
      return [...found.values()];
    });

/** What the page is, without what lies over it while something is pointed at. */
const drawn = (page: Page) =>
  shopWindow(page)
    .locator('body')
    .evaluate((body) => {
      const copy = body.cloneNode(true) as HTMLElement;
      for (const element of copy.querySelectorAll('arcatum-pointer, [aria-live]')) element.remove();
      for (const element of copy.querySelectorAll('[tabindex]')) element.removeAttribute('tabindex');
      return copy.innerHTML;
    });

const at = (page: Page, { name, nth }: { name: string; nth: number }) =>
  shopWindow(page).locator(`[data-thing="${name}"], [data-place="${name}"]`).nth(nth);

/**
 * Scrolls the page so that a thing is pressed in the middle of the window, once it scrolls no more by itself, and says how wide it is there:
 * in a scaled frame the browser does not see what is cut off.
 */
const show = (page: Page, thing: { name: string; nth: number; y: number }) =>
  at(page, thing).evaluate(async (element, y) => {
    const off = () => element.getBoundingClientRect().top + y - innerHeight / 2;
    for (let still = 0, turn = 0, before = NaN; still < 5 && turn < 600; turn++) {
      window.scrollBy({ top: off(), behavior: 'instant' });
      await new Promise(requestAnimationFrame);
      still = Math.abs(off() - before) < 1 ? still + 1 : 0;
      before = off();
    }
    return element.getBoundingClientRect().width;
  }, thing.y);

/** What is wrong with how a thing is outlined and where its slip lies. */
async function outlined(page: Page, thing: { name: string; nth: number }): Promise<string[]> {
  const [of, line, paper] = [
    await at(page, thing).boundingBox(),
    await shopWindow(page).locator('arcatum-pointer div').boundingBox(),
    await slipOf(page).boundingBox(),
  ];
  if (!of || !line || !paper) return ['Nothing is seen.'];
  const frame = await page.locator('iframe[title="Preview of the shop"]').boundingBox();
  if (!frame) return ['There is no window.'];
  const faults: string[] = [];
  const seen = {
    left: Math.max(of.x, frame.x),
    right: Math.min(of.x + of.width, frame.x + frame.width),
    top: Math.max(of.y, frame.y),
    bottom: Math.min(of.y + of.height, frame.y + frame.height),
  };
  if (line.x > seen.left + 1 || line.x + line.width < seen.right - 5) faults.push('The outline is not round it.');
  const across = paper.x < seen.right - 1 && seen.left + 1 < paper.x + paper.width;
  const down = paper.y < seen.bottom - 1 && seen.top + 1 < paper.y + paper.height;
  if (across && down) faults.push('Its slip lies on it.');
  return faults;
}

for (const n of looked)
  for (const width of ['Wide', 'Phone'])
    test(`every kind of thing in look ${n + 1}, ${width.toLowerCase()}: pointed at, changed and put back`, async ({ page }) => {
      test.skip(!asked, 'It takes four minutes for each look: ARCATUM_LOOKS=all, or the number of one.');
      test.setTimeout(1_200_000);
      const made = await shops();
      expect(made.families).toHaveLength(looks);
      await openFile(page, projectFile(made.families[n] ?? '', made), width);
      const before = await drawn(page);
      const all = await things(page);
      const met = new Set<string>();
      const faults: string[] = [];
      for (const thing of all) {
        const { name, x, y } = thing;
        const wide = await show(page, thing);
        const box = await at(page, thing).boundingBox();
        if (!box) throw new Error(`${name} is not seen.`);
        const scale = box.width / wide;
        await page.mouse.click(box.x + x * scale, box.y + y * scale);
        await expect(slipOf(page)).toHaveAttribute('data-slip', name.includes('words/') ? /./ : name);
        await expect(slipOf(page)).toHaveAttribute('aria-busy', 'false');
        met.add((await slipOf(page).getAttribute('data-slip'))?.split('/')[0] ?? '');
        await expect
          .poll(async () => (await outlined(page, thing)).map((fault) => `${name}: ${fault}`), { timeout: 20_000 })
          .toEqual([])
          .catch(async () => faults.push(...(await outlined(page, thing)).map((fault) => `${name}: ${fault}`)));
        const undone = await page.getByRole('button', { name: /^Undo/ }).getAttribute('aria-label');
        const offer = slipOf(page).locator('[role="radio"][aria-checked="false"]').first();
        if (await offer.isVisible()) {
          await offer.click();
          await saved(page);
          await expect(page.getByRole('button', { name: /^Undo: / })).not.toHaveAttribute('aria-label', undone ?? '');
          await page.getByRole('button', { name: /^Undo: / }).click();
          await expect.poll(() => drawn(page), { message: `${name} put back` }).toBe(before);
        }
        await page.keyboard.press('Escape');
        await expect(slipOf(page)).toHaveCount(0);
        // The window has heard of it: what is pressed next is pointed at.
        await expect(shopWindow(page).locator(':focus'), name).toHaveCount(1);
      }
      expect(faults).toEqual([]);
      // What a menu is made of covers all of it; the shop has no shelf, picture or link of its own where it has none.
      expect([...met].filter((kind) => !made.kindsOfThings.includes(kind))).toEqual([]);
      expect(met.size).toBeGreaterThanOrEqual(12);
    });
