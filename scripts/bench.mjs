// The budgets of the project, measured: medians and ratios, with the budget beside each. Nothing fails here; it is read.
import { build } from 'esbuild';
import { execFileSync } from 'node:child_process';
import { existsSync, mkdirSync, readFileSync } from 'node:fs';
import { startApp } from './app.mjs';
import { familyIds } from './sheet.mjs';
import { ensureChromium, ensurePackages } from './ensure.mjs';

const root = new URL('..', import.meta.url).pathname;
ensurePackages();
ensureChromium();
const { buildAssets } = await import('./assets.mjs');
await buildAssets();
mkdirSync(`${root}dist`, { recursive: true });
await build({
  entryPoints: [
    `${root}bench/core.ts`,
    `${root}bench/goods.ts`,
    `${root}bench/reader.ts`,
    `${root}bench/looks.ts`,
    `${root}bench/lists.ts`,
    `${root}bench/orders.ts`,
    `${root}bench/sentences.ts`,
  ],
  external: ['next', 'react'],
  outdir: `${root}dist/bench`,
  outExtension: { '.js': '.mjs' },
  bundle: true,
  platform: 'node',
  format: 'esm',
  target: 'node20',
  tsconfig: `${root}tsconfig.json`,
  logLevel: 'error',
  banner: { js: "import { createRequire as requireFrom } from 'node:module'; const require = requireFrom(import.meta.url);" },
});
const core = await import(`${root}dist/bench/core.mjs`);
const reader = await import(`${root}dist/bench/reader.mjs`);
const { brief, listOf } = await import(`${root}dist/bench/goods.mjs`);
const lists = await import(`${root}dist/bench/lists.mjs`);
const { manyOrders } = await import(`${root}dist/bench/orders.mjs`);
const said = await import(`${root}dist/bench/sentences.mjs`);
const { familySpread, lookSpread } = await import(`${root}dist/bench/looks.mjs`);
const { auditFamily, measureAppend, measureImport, measureLog, measureStudio, measureText, middleAudit, publishSample } =
  await import('../bench/browser.mjs');

/** "npm run bench -- families" audits every family too, which takes some ten minutes. */
const everyFamily = process.argv.includes('families');
const line = (what, figure, budget) => console.log(`${what.padEnd(58)} ${figure.padEnd(46)} budget ${budget}`);

line('a list of 1,000 rows → its proposal', `${lists.proposalTime(1000).toFixed(0)} ms median of 9`, '300 ms');
line('a list of 50,000 rows → its proposal', `${(lists.proposalTime(50_000) / 1000).toFixed(1)} s median of 9`, '–');
for (const one of await lists.corpusLines()) console.log(`  lists, ${one}`);
line('brief + 200 goods → three shops, first pages drawn', `${core.threeShops().toFixed(0)} ms median of 9`, '2 s');
for (const products of [500, 10_000])
  line(
    `text decision → its page drawn, computing alone, ${products} goods`,
    `${core.textDecision(products).toFixed(1)} ms median of 15`,
    products === 10_000 ? '40 ms' : '–',
  );
const orders = manyOrders(10_000);
line(
  '10,000 orders: one placed and paid; the host woken; all listed',
  `${orders.each.toFixed(2)} ms; ${orders.woken.toFixed(0)} ms; ${orders.listed.toFixed(0)} ms, ${(orders.bytes / 1024 ** 2).toFixed(0)} MiB`,
  '–',
);
const site = await core.wholeSite(10_000);
line(
  'site of 10,000 products, files and archive',
  `${site.seconds.toFixed(1)} s against ${site.plain.toFixed(1)} s: ×${(site.seconds / site.plain).toFixed(2)}`,
  '×4',
);
line(
  '  its size and the memory it took',
  `${site.files} files, ${site.megabytes.toFixed(0)} MB; ${site.memory.toFixed(0)} MiB`,
  '1024 MiB',
);
for (const { family, page, scripts } of core.homeWeight())
  line(`published home page, ${family}`, `${page.toFixed(1)} kB; all scripts ${scripts.toFixed(1)} kB`, '60 kB; 15 kB');

const apart = familySpread();
const two = (n) => n.toFixed(2);
line(
  `structure of ${apart.count} families, nearest two`,
  `${two(apart.least)} (${apart.nearest}); middle ${two(apart.middle)}`,
  '–',
);
const spread = lookSpread();
line(
  'three candidates from each other, six briefs',
  `least ${two(spread.candidates.least)}, middle ${two(spread.candidates.middle)}`,
  '–',
);
line('  what varies from where it started', `middle ${two(spread.vary.middle)}`, '–');
line('  a fresh start from what was seen', `least ${two(spread.again.least)}, middle ${two(spread.again.middle)}`, '–');
line('  least fit to the brief among them', two(spread.fit), '–');
line('  families chosen', spread.chosen.join(' | '), '–');

const shares = core.wordShares({ ...core.projectOf(50), brief: readFileSync(`${root}demo/brief.txt`, 'utf8') });
line(
  'texts by rank, the sample brief',
  `own ${(shares.own * 100).toFixed(0)} %, facts ${(shares.facts * 100).toFixed(0)} %, connecting ${(shares.ours * 100).toFixed(0)} %`,
  '–',
);

line('the next question, found by trying every answer', `${reader.questionTime().toFixed(0)} ms median of 11 sites`, '–');
line('a brief of 500 words beside 200 goods, read', `${reader.readingTime().toFixed(0)} ms median of 9`, '150 ms');
line('a sentence → what it means, 500 goods', `${said.sentenceTime().toFixed(0)} ms median of 20`, '–');
for (const [kind, ms] of said.slipTimes())
  line(`what can be done to a ${kind}, 500 goods`, `${ms.toFixed(1)} ms median of 9`, '50 ms');
console.log('\nsentences to a shop, the frozen ones never trained with');
for (const one of said.sentenceLines()) console.log(`  ${one}`);
console.log('\nthe reader of briefs, precision / recall, on what it was trained on');
for (const one of reader.readerLines()) console.log(one);
console.log('\nheadings that stand on the most sites of the corpus (budget: one in ten)');
for (const one of reader.headingLines()) console.log(one);
console.log('\nnumbers for a judge of copy');
for (const one of reader.judgeLines()) console.log(one);
console.log();

if (!existsSync(`${root}.next/BUILD_ID`)) {
  console.log('Build the app first (npm run build) for the figures in the browser.');
  process.exit(0);
}
execFileSync('node', [`${root}scripts/weigh.mjs`], { stdio: 'inherit' });
const importsTried = 9;
const { base, stop } = await startApp(4395);
try {
  const repaint = await measureStudio(base, brief, listOf(500));
  line('decision → preview repainted, 500 goods', `${repaint.toFixed(0)} ms median of 15`, '100 ms');
  const [small, large] = [
    await measureImport(base, brief, listOf(500), 1),
    await measureImport(base, brief, listOf(50_000), importsTried),
  ];
  const [middle = 0] = large.longest.slice(Math.floor(importsTried / 2));
  const ofAll = large.longest.map((ms) => (ms ? ms.toFixed(0) : 'under 50')).join(', ');
  line(
    `import of 50,000 rows, longest main-thread task`,
    `${middle ? middle.toFixed(0) : 'under 50'} ms median of ${ofAll}`,
    '50 ms',
  );
  const inMegabytes = (bytes) => (bytes / 1e6).toFixed(1);
  line(
    'memory of the page with 500 and with 50,000 rows',
    `${inMegabytes(small.memory)} MB, ${inMegabytes(large.memory)} MB`,
    'the same',
  );
  for (const [products, budget] of [
    [500, '100 ms'],
    [10_000, '150 ms'],
  ]) {
    const repaint = await measureText(base, brief, listOf(products));
    line(`text decision → repainted, ${products} goods`, `${repaint.toFixed(0)} ms median of 15`, budget);
  }
  const opened = await measureLog(base, core.longLog(10_000, 500));
  line('opening a project of 10,000 decisions, 500 goods', `${opened.toFixed(0)} ms median of 5`, '300 ms');
  const [few, many] = await measureAppend(base, [10, 10_000]);
  line('appending a change to a log of 10, of 10,000', `${few.toFixed(1)} ms, ${many.toFixed(1)} ms; medians of 101`, '5 ms');
  const shop = await publishSample(base);
  for (const path of ['', 'shop/yarn/', 'goods/madder-bed/', 'checkout/']) {
    const { scores, faults } = await middleAudit(shop + path);
    line(
      `audit, phone profile: ${path || 'home'}`,
      `${Object.entries(scores)
        .map(([id, score]) => `${id} ${score}`)
        .join(', ')}${faults.length ? ` (${faults.join(', ')})` : ''}`,
      '95, 100, 100, 100',
    );
  }
} finally {
  stop();
}

if (everyFamily)
  for (const id of familyIds)
    for (const [page, { scores, faults }] of Object.entries(await auditFamily(root, id)))
      line(
        `audit, phone profile: ${id}, ${page}`,
        `${Object.values(scores).join(', ')}${faults.length ? ` (${faults.join(', ')})` : ''}`,
        '95, 100, 100, 100',
      );
else console.log('\nAudits of every family: npm run bench -- families');
