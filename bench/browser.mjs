// What is measured in a real browser: repainting after a decision, the main thread during an import, audits of published pages.
import { mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { chromium } from 'playwright-core';
import { buildShop, serve } from '../scripts/sheet.mjs';

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

export async function measureStudio(base, brief, list500, list50000) {
  const browser = await chromium.launch({ executablePath: '/usr/bin/chromium', args: flags });
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
  await project(page, base, brief, list500);
  await page.getByRole('navigation', { name: 'Stations' }).getByRole('link', { name: /^Look/ }).click();
  await page.getByRole('button', { name: /^Colour/ }).click();
  await page.waitForTimeout(1500);
  const repaints = [];
  for (let i = 0; i < 15; i++) {
    repaints.push(
      await page.evaluate(
        () =>
          new Promise((resolve) => {
            const start = performance.now();
            new PerformanceObserver((entries, observer) => {
              observer.disconnect();
              resolve(entries.getEntries()[0].startTime - start);
            }).observe({ type: 'mark' });
            [...document.querySelectorAll('button')].find((button) => button.textContent === 'Mix another').click();
          }),
      ),
    );
    await page.waitForTimeout(250);
  }
  const other = await browser.newPage({ viewport: { width: 1280, height: 800 } });
  const longest = await project(other, base, brief, list50000);
  await browser.close();
  return { repaint: median(repaints), longest };
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
  return `${base}s/${address}/`;
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
