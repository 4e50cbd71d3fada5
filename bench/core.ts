import { withDecisions } from '../tests/decisions';
import { createWriteStream, mkdirSync, mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { dirname, join } from 'node:path';
import { gzipSync } from 'node:zlib';
import { Zip, ZipDeflate } from 'fflate';
import { importText } from '@/core/goods';
import { families } from '@/core/look';
import { lookPlaces, planPlaces, set, textPlace, variantPlaces } from '@/core/places';
import { change, newProject, startStory, withWishes, writeProjectFile, type Project } from '@/core/project';
import { contentTexts } from '@/core/sections';
import { firstView, looksFor, makeShop, relativeAddresses, siteFiles, Workshop, type Shop } from '@/core/site';
import { storefront } from '@/storefront';
import { brief, listOf } from './goods';

export const target = { kind: 'archive' as const, address: 'https://ash.example/' };
export const median = (values: number[]) => [...values].sort((a, b) => a - b)[Math.floor(values.length / 2)] ?? 0;

export function projectOf(products: number, variants = 1): Project {
  const goods = importText(listOf(products, variants));
  if (!goods.ok) throw new Error(goods.say);
  return { ...newProject('bench', 'Bench'), brief, goods: { file: 'bench.csv', ...goods.value } };
}

const draw = (shop: Shop, kind: string) => {
  const page = shop.pages.find((candidate) => candidate.kind === kind);
  if (!page) throw new Error(`No ${kind} page.`);
  return storefront.page(shop, shop.writer.write(page), firstView, relativeAddresses(shop, page.path, target), target);
};

/** Brief and list → three candidates, far from each other, with the pages that are looked at first. */
export function threeShops(): number {
  const text = listOf(200);
  const times = Array.from({ length: 9 }, () => {
    const start = performance.now();
    const goods = importText(text);
    if (!goods.ok) throw new Error(goods.say);
    const project = { ...newProject('bench', 'Bench'), brief, goods: { file: '', ...goods.value } };
    for (const { wishes } of looksFor(project, { kind: 'candidates', turn: 0, seen: [], base: [], locks: [] })) {
      const shop = makeShop(withWishes(project, wishes));
      for (const kind of ['home', 'shop', 'product']) draw(shop, kind);
    }
    return performance.now() - start;
  });
  return median(times);
}

/** All files and the archive of a shop, streamed to disk, against writing the same bytes alone. */
export async function wholeSite(
  products: number,
): Promise<{ seconds: number; plain: number; files: number; megabytes: number; memory: number }> {
  const folder = mkdtempSync(join(tmpdir(), 'arcatum-bench-'));
  let memory = 0;
  const project = projectOf(products);
  const write = async (to: string, files: Iterable<{ path: string; text: string }>) => {
    const out = createWriteStream(join(folder, `${to}.zip`));
    const zip = new Zip((error, chunk, final) => {
      if (error) throw error;
      out.write(chunk);
      if (final) out.end();
    });
    let count = 0;
    let bytes = 0;
    for (const { path, text } of files) {
      const at = join(folder, to, path);
      mkdirSync(dirname(at), { recursive: true });
      const content = new TextEncoder().encode(text);
      writeFileSync(at, content);
      const entry = new ZipDeflate(path, { level: 6 });
      zip.add(entry);
      entry.push(content, true);
      bytes += content.length;
      if (++count % 500 === 0) {
        memory = Math.max(memory, process.memoryUsage().rss);
        await new Promise((resolve) => setImmediate(resolve));
      }
    }
    zip.end();
    await new Promise<void>((resolve) => out.on('finish', () => resolve()));
    return { count, bytes };
  };
  const rendered = function* () {
    for (const file of siteFiles(makeShop(project), storefront, target)) if ('text' in file) yield file;
  };
  const start = performance.now();
  const { count, bytes } = await write('drawn', rendered());
  const seconds = (performance.now() - start) / 1000;
  // What it is held against keeps all files at once, which making a site does not.
  const taken = memory;
  const kept = [...rendered()];
  const again = performance.now();
  await write('plain', kept);
  const plain = (performance.now() - again) / 1000;
  rmSync(folder, { recursive: true, force: true });
  return { seconds, plain, files: count, megabytes: bytes / 1e6, memory: taken / 1024 ** 2 };
}

/** Compressed weight of a published home page, kB. */
export function homeWeight(): { family: string; page: number; scripts: number }[] {
  const project = projectOf(50, 4);
  return families.map((family) => {
    const shop = makeShop(withDecisions(project, { 'look/family': family.id }));
    const kB = (text: string) => gzipSync(text).length / 1024;
    const scripts = kB(storefront.scripts.shop ?? '');
    return {
      family: family.id,
      page: kB(draw(shop, 'home')) + kB(storefront.styles(shop, relativeAddresses(shop, '', target))) + scripts,
      scripts: kB(Object.values(storefront.scripts).join('')),
    };
  });
}

/** How the words of a generated site divide: the seller's own, facts, connecting. */
export function wordShares(project: Project): { own: number; facts: number; ours: number } {
  const shop = makeShop(project);
  const counts = { own: 0, facts: 0, ours: 0 };
  for (const page of shop.pages.filter((candidate) => candidate.kind !== 'product')) {
    for (const section of shop.writer.write(page).sections)
      for (const { text } of contentTexts(section.words)) counts[text.rank === 1 ? 'own' : text.rank === 2 ? 'facts' : 'ours']++;
  }
  const all = counts.own + counts.facts + counts.ours;
  return { own: counts.own / all, facts: counts.facts / all, ours: counts.ours / all };
}

/** A text that is decided on a shop that stands: what is computed until its page is drawn again, ms. */
export function textDecision(products: number): number {
  const workshop = new Workshop();
  let project = projectOf(products);
  draw(workshop.make(project), 'home');
  const times = Array.from({ length: 15 }, (_, n) => {
    const start = performance.now();
    project = withWishes(project, [set(textPlace('home', 'opening', { field: 'headline' }), `Turned by hand, number ${n}.`)]);
    draw(workshop.make(project), 'home');
    return performance.now() - start;
  });
  return median(times);
}

/** A project file with a log of so many decisions, at some five hundred places. */
export function longLog(decisions: number, products: number): Uint8Array {
  const project = projectOf(products);
  const sold = project.goods.products;
  let story = startStory({ ...project, id: 'long-log' }, '2026-01-01T00:00:00.000Z');
  for (let n = 0; n < decisions; n++) {
    const product = sold[n % sold.length];
    const wish = [
      set(textPlace('home', 'opening', { field: 'headline' }), `Turned by hand, number ${n}.`),
      set(variantPlaces.price(product?.id ?? '', product?.variants[0]?.id ?? ''), 500 + n),
      set(lookPlaces.corner, n % 20),
      set(planPlaces.pageName('about'), `About ${n}`),
    ][n % 4];
    const at = new Date(Date.UTC(2026, 0, 1) + n * 1000).toISOString();
    if (wish) story = change(story, '', [wish], { id: `d${n}`, at });
  }
  return writeProjectFile({ story, pictures: new Map() });
}
