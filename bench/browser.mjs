// What is measured in a real browser: repainting after a decision, the main thread during an import, audits of published pages.
import { mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { build } from 'esbuild';
import { chromium } from 'playwright-core';
import { buildShop, serve } from '../scripts/sheet.mjs';

const root = new URL('..', import.meta.url).pathname;

export const flags = [
  '--no-sandbox',
  '--disable-gpu',
  '--disable-background-networking',
  '--disable-component-update',
  '--disable-sync',
  '--no-first-run',
];
const median = (values) => [...values].sort((a, b) => a - b)[Math.floor(values.length / 2)];

async function project(page, base, brief, list) {
  await page.goto(base);
  await page.getByRole('button', { name: 'New shop' }).click();
  await page.waitForURL(/\/brief$/);
  await page.getByLabel('Your brief').fill(brief);
  await page.waitForTimeout(900);
  await page
    .getByRole('navigation', { name: 'Stations' })
    .getByRole('link', { name: /^Goods/ })
    .click();
  await page.evaluate(() => {
    globalThis.longest = 0;
    new PerformanceObserver((entries) =>
      entries.getEntries().forEach((entry) => (globalThis.longest = Math.max(globalThis.longest, entry.duration))),
    ).observe({ type: 'longtask' });
  });
  const chooser = page.waitForEvent('filechooser');
  await page.getByRole('button', { name: 'Open a list' }).click();
  // As a file on disk: bytes that are handed over are unpacked in the page, which would be measured too.
  const file = join(mkdtempSync(join(tmpdir(), 'bench-')), 'list.csv');
  writeFileSync(file, list);
  await (await chooser).setFiles(file);
  await page.getByText(/products with/).waitFor({ timeout: 120_000 });
  await page.waitForTimeout(3000);
  return page.evaluate(() => globalThis.longest);
}

export async function measureStudio(base, brief, list500) {
  const browser = await chromium.launch({ executablePath: '/usr/bin/chromium', args: flags });
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
  await project(page, base, brief, list500);
  await page.getByRole('navigation', { name: 'Stations' }).getByRole('link', { name: /^Look/ }).click();
  await page.getByRole('button', { name: /^Colour/ }).click();
  await page.waitForTimeout(1500);
  const repaint = await repaints(page, async () =>
    page.evaluate(() => [...document.querySelectorAll('button')].find((one) => one.textContent === 'Mix another').click()),
  );
  await browser.close();
  return repaint;
}

/** What bringing in a list costs the page: the longest task of each of several imports, ms, and the memory that it then takes, bytes. */
export async function measureImport(base, brief, list, times) {
  const browser = await chromium.launch({ executablePath: '/usr/bin/chromium', args: flags });
  const longest = [];
  let memory = 0;
  for (let i = 0; i < times; i++) {
    const context = await browser.newContext({ viewport: { width: 1280, height: 800 } });
    const page = await context.newPage();
    longest.push(await project(page, base, brief, list));
    const session = await context.newCDPSession(page);
    await session.send('HeapProfiler.collectGarbage');
    memory = (await session.send('Runtime.getHeapUsage')).usedSize;
    await context.close();
  }
  await browser.close();
  return { longest: longest.sort((a, b) => a - b), memory };
}

/** From a press until the window has been painted again, ms: the middle of fifteen. What is pressed is timed in the page. */
async function repaints(page, press, prepare = async () => {}) {
  const times = [];
  for (let i = 0; i < 15; i++) {
    await prepare(i);
    await page.evaluate(() => {
      globalThis.painted = new Promise((resolve) => {
        let start = 0;
        addEventListener('click', () => (start = performance.now()), { once: true, capture: true });
        new PerformanceObserver((entries, observer) => {
          const [first] = entries.getEntriesByName('arcatum:painted').filter((one) => start && one.startTime > start);
          if (!first) return;
          observer.disconnect();
          resolve(first.startTime - start);
        }).observe({ type: 'mark' });
      });
    });
    await press(i);
    times.push(await page.evaluate(() => globalThis.painted));
    await page.waitForTimeout(250);
  }
  return median(times);
}

/** A headline that is written again, in a shop of so many goods: until the window shows it. */
export async function measureText(base, brief, list) {
  const browser = await chromium.launch({ executablePath: '/usr/bin/chromium', args: flags });
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
  await project(page, base, brief, list);
  await page.getByRole('navigation', { name: 'Stations' }).getByRole('link', { name: /^Look/ }).click();
  const shop = page.frameLocator('iframe').first();
  const point = () => page.getByRole('button', { name: 'Point at a text' }).click();
  await point();
  const repaint = await repaints(
    page,
    () => page.getByRole('button', { name: 'Use it' }).click(),
    async (n) => {
      await shop.locator('h1').first().click();
      await page.getByRole('dialog', { name: 'Change this text' }).getByLabel('Text').fill(`Turned by hand, number ${n}.`);
      await page.waitForTimeout(500);
    },
  );
  await browser.close();
  return repaint;
}

const measuresOf = (page, name) => page.evaluate((one) => performance.getEntriesByName(one).map((entry) => entry.duration), name);

/** A project with a long log: how long it takes to open from the browser's storage, ms. */
export async function measureLog(base, bytes) {
  const browser = await chromium.launch({ executablePath: '/usr/bin/chromium', args: flags });
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
  await page.goto(base);
  const chooser = page.waitForEvent('filechooser');
  await page.getByRole('button', { name: 'Open a project file' }).click();
  const file = join(mkdtempSync(join(tmpdir(), 'bench-')), 'long.zip');
  writeFileSync(file, bytes);
  await (await chooser).setFiles(file);
  await page.waitForURL(/\/project\//, { timeout: 120_000 });
  const opened = [];
  for (let i = 0; i < 5; i++) {
    await page.reload();
    await page.waitForFunction(() => performance.getEntriesByName('arcatum:opened').length > 0, undefined, { timeout: 60_000 });
    opened.push(...(await measuresOf(page, 'arcatum:opened')).slice(0, 1));
  }
  await browser.close();
  return median(opened);
}

/** Appending to logs of several lengths, in a page with nothing else to do: the middle of a hundred each, ms. */
export async function measureAppend(base, lengths) {
  const { outputFiles } = await build({
    entryPoints: [`${root}bench/log.ts`],
    bundle: true,
    write: false,
    format: 'iife',
    globalName: 'bench',
    target: 'es2022',
    tsconfig: `${root}tsconfig.json`,
    logLevel: 'error',
  });
  const browser = await chromium.launch({ executablePath: '/usr/bin/chromium', args: flags });
  const page = await browser.newPage();
  await page.goto(`${base}data-licenses.txt`);
  await page.addScriptTag({ content: outputFiles[0].text });
  const found = [];
  for (const length of lengths) found.push(median(await page.evaluate((n) => globalThis.bench.appendTimes(n), length)));
  await browser.close();
  return found;
}

export async function publishSample(base) {
  const browser = await chromium.launch({ executablePath: '/usr/bin/chromium', args: flags });
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
  await page.goto(base);
  await page.getByRole('button', { name: 'Open the sample shop' }).click();
  await page.waitForURL(/\/brief$/, { timeout: 60_000 });
  await page
    .getByRole('navigation', { name: 'Stations' })
    .getByRole('link', { name: /^Publish/ })
    .click();
  const address = `bench-${Date.now().toString(36)}`;
  await page.getByLabel('Address on this host').fill(address);
  await page.getByRole('button', { name: 'Publish', exact: true }).click();
  await page.getByText(/^Published:/).waitFor({ timeout: 60_000 });
  await browser.close();
  return `http://${address}.${new URL(base).host}/`;
}

/** Scores of a common audit with its phone profile, in per cent. */
export async function audit(url) {
  process.env.CHROME_PATH = '/usr/bin/chromium';
  const { launch } = await import('chrome-launcher');
  const { default: lighthouse } = await import('lighthouse');
  const chrome = await launch({ chromeFlags: ['--headless', ...flags] });
  try {
    const result = await lighthouse(url, { port: chrome.port, logLevel: 'error', output: 'json' });
    return {
      scores: Object.fromEntries(Object.entries(result.lhr.categories).map(([id, { score }]) => [id, Math.round(score * 100)])),
      faults: Object.values(result.lhr.audits)
        .filter((one) => one.score !== null && one.score < 0.9 && one.scoreDisplayMode === 'binary')
        .map((one) => one.id),
    };
  } finally {
    chrome.kill();
  }
}

/** The middle one of three audits by performance, which varies from run to run on a busy machine; the first one where it is good already. */
export async function middleAudit(url) {
  const runs = [await audit(url)];
  while (runs.length < 3 && runs[0].scores.performance < 95) runs.push(await audit(url));
  runs.sort((a, b) => a.scores.performance - b.scores.performance);
  return runs[Math.floor(runs.length / 2)];
}

/** Audits of four pages of the sample shop in a family. */
export async function auditFamily(root, family) {
  const demo = `${root}demo/`;
  const folder = buildShop({ brief: `${demo}brief.txt`, goods: `${demo}goods.csv`, pictures: `${demo}pictures`, decisions: { 'look/family': family } }); // prettier-ignore
  const site = await serve(folder);
  const found = {};
  for (const path of ['', 'shop/yarn/', 'goods/madder-bed/', 'checkout/'])
    found[path || 'home'] = await middleAudit(site.base + path);
  site.stop();
  return found;
}
