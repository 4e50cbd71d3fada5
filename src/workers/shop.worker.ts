/// <reference lib="webworker" />
import { importGoods } from '@/core/goods';
import { pack, type Picture, type Project } from '@/core/project';
import {
  firstView,
  makeShop,
  offerOf,
  pageAt,
  siteFiles,
  viewPath,
  type Addresses,
  type Shop,
  type SiteFile,
  type Target,
} from '@/core/site';
import { storefront } from '@/storefront';
import { readPictureBytes } from './pictureStore';
import { windowRoot, type Answer, type Ask, type JobName, type Jobs, type Stop } from './protocol';
import { summarise } from './summary';

declare const self: DedicatedWorkerGlobalScope;

let shop: Shop | null = null;
let goods: Project['goods'] | null = null;
let pictureUrls: Record<string, string> = {};
const stopped = new Set<number>();

const answer = (message: Answer, transfer: Transferable[] = []) => self.postMessage(message, transfer);
const pause = () => new Promise((resolve) => setTimeout(resolve));

const urlOf = (picture: Picture | undefined) => (picture ? pictureUrls[picture.hash] : undefined);

/** Addresses inside the studio's window: pages are handed to it, pictures come from the browser's storage. */
function windowAddresses(of: Shop): Addresses {
  return {
    page: (path, view = firstView) => windowRoot + viewPath({ path }, view),
    asset: (path) => (path.startsWith('fonts/') ? `/${path}` : windowRoot + path),
    canonical: (path) => `https://${of.slug}.example/${path}`,
    picture: (name) => {
      const picture = of.pictures.get(name.toLowerCase());
      const src = urlOf(picture);
      return picture && src ? { src, width: picture.width, height: picture.height } : null;
    },
  };
}

const target: Target = { kind: 'preview', address: 'https://preview.example/' };

function opened(): Shop {
  if (!shop) throw new Error('No project is open.');
  return shop;
}

function paint(path: string): Jobs['paint']['get'] {
  const of = opened();
  const at = pageAt(of, path) ?? pageAt(of, '404.html');
  if (!at) throw new Error('The shop has no pages.');
  const addresses = windowAddresses(of);
  return {
    path,
    html: storefront.page(of, of.writer.write(at.page), at.view, addresses, target),
    css: storefront.styles(of, addresses),
  };
}

/** What a published page would fetch: rules, offers, the search list. Pictures in them are those of the window. */
function load(path: string): unknown {
  const of = opened();
  const pictured = (text: string) =>
    text.replace(/"pictures\/([0-9a-f]{20})\.[a-z]+"/g, (whole, start: string) => {
      const picture = [...of.pictures.values()].find((candidate) => candidate.hash.startsWith(start));
      return JSON.stringify(urlOf(picture) ?? null) ?? whole;
    });
  if (path.endsWith('offer.json')) {
    const page = of.pages.find((candidate) => `${candidate.path}offer.json` === path);
    return page ? JSON.parse(pictured(JSON.stringify(offerOf(of, page)))) : null;
  }
  for (const file of siteFiles({ ...of, pages: [] }, storefront, target))
    if (file.path === path && 'text' in file) return JSON.parse(pictured(file.text));
  return null;
}

async function bytesOf(file: SiteFile): Promise<Uint8Array> {
  if ('text' in file) return new TextEncoder().encode(file.text);
  if ('picture' in file) return (await readPictureBytes(file.picture)) ?? new Uint8Array();
  return new Uint8Array(await (await fetch(`/${file.asset}`)).arrayBuffer());
}

async function site(id: number, to: Target): Promise<Jobs['site']['get'] | null> {
  const of = opened();
  const about = of.pages.length * 2;
  const files: [string, Uint8Array][] = [];
  for (const file of siteFiles(of, storefront, to)) {
    files.push([file.path, await bytesOf(file)]);
    if (files.length % 40 === 0) {
      answer({ id, progress: { say: `Drawing ${file.path}`, done: Math.min(files.length, about), of: about } });
      await pause();
      if (stopped.delete(id)) return null;
    }
  }
  answer({ id, progress: { say: 'Packing', done: about, of: about } });
  await pause();
  if (stopped.delete(id)) return null;
  return { archive: pack(files), files: files.length };
}

const jobs: { [K in JobName]: (give: Jobs[K]['give'], id: number) => Promise<Jobs[K]['get'] | null> } = {
  open: async (give) => {
    goods = give.goods ?? goods;
    if (!goods) throw new Error('The list of goods was never sent.');
    const project: Project = { ...give.project, goods };
    pictureUrls = give.pictureUrls;
    shop = makeShop(project);
    return summarise(shop, project);
  },
  paint: async ({ path }) => paint(path),
  load: async ({ path }) => load(path),
  import: async ({ bytes, currency }) => importGoods(bytes, currency),
  site: async ({ target: to }, id) => site(id, to),
};

self.onmessage = async ({ data }: MessageEvent<Ask | Stop>) => {
  if (data.stop !== undefined) return void stopped.add(data.stop);
  try {
    const run = jobs[data.job] as (give: unknown, id: number) => Promise<unknown>;
    const value = await run(data.give, data.id);
    if (value === null && data.job === 'site') return answer({ id: data.id, error: 'stopped' });
    answer({ id: data.id, value });
  } catch (error) {
    answer({ id: data.id, error: error instanceof Error ? error.message : String(error) });
  }
};
