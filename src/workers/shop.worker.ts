/// <reference lib="webworker" />
import { whyNotGiven } from '@/core/files';
import { catalogueFile, decidedGoods } from '@/core/goods';
import { type KeptList } from '@/core/goods/about';
import { answerQuestion, fullerBrief, nameIdeas, openQuestions, sloganIdeas } from '@/core/interview';
import { freshId, sectionToAdd } from '@/core/plan';
import { areaOf, Decided, given, lookPlaces, set, type Address, type Wish } from '@/core/places';
import {
  hashesOf,
  pack,
  readProjectFile,
  sourcesOf,
  tellStory,
  withWishes,
  writeProjectFile,
  type KeptProject,
  type Picture,
  type Project,
} from '@/core/project';
import { sectionLibrary } from '@/core/sections';
import {
  artFile,
  brandFiles,
  bothChanged,
  compareShops,
  firstView,
  lookChanges,
  lookOf,
  lookSearch,
  looksFor,
  makeShop,
  markSource,
  openingArt,
  pictureAt,
  rasterBytes,
  saidElsewhere,
  textAt,
  offerOf,
  pageAt,
  siteFiles,
  settlePositions,
  nounsOf,
  viewPath,
  Workshop,
  withMoves,
  type Addresses,
  type Shop,
  type SiteFile,
  type Target,
} from '@/core/site';
import { quickPairs, quickPalettes, takingsFrom, writeTokens } from '@/core/look';
import {
  artKindsFor,
  cropPicture,
  cutOut,
  dataUri,
  hashBytes,
  keepPicture,
  plainGround,
  markFile,
  markOptions,
  outlinesOf,
  provideOutlines,
  provideRaster,
  type Outlines,
  readPicture,
  styleOf,
  uncut,
} from '@/core/pictures';
import { ok } from '@/core/result';
import { rework } from '@/core/words';
import { understand } from '@/core/sentences';
import { storefront } from '@/storefront';
import { browserCodec, packPixels } from './codec';
import { copyLists, hasSource, keepLists, readSource, writeSource } from './goodsStore';
import { ListDesk } from './listDesk';
import { Lists } from './lists';
import { readPictureBytes, writePictureBytes } from './pictureStore';
import { windowRoot, type Answer, type Ask, type JobName, type Jobs, type Stop } from './protocol';
import {
  asideOf,
  filedUnder,
  freshProduct,
  listedIn,
  matchedTo,
  shelvesFor,
  ShownGoods,
  soldIn,
  titlesIn,
  unplacedIn,
} from './shownGoods';
import { orderAt, slipAt, standAt } from './slip';
import { summarise } from './summary';
import { differingTexts } from './texts';

declare const self: DedicatedWorkerGlobalScope;

provideRaster(async () => new Uint8Array(await (await fetch('/raster/resvg.wasm')).arrayBuffer()));

/** Lists of goods, which the page never has. */
const lists = new Lists();
/** What has to do with the list as it came. */
const desk = new ListDesk(lists);
const shown = new ShownGoods();

/** Makes shops in stages: what a decision does not touch is not made again. */
const workshop = new Workshop();
let shop: Shop | null = null;
let current: Project | null = null;
let listGone = false;
let pictureUrls: Record<string, string> = {};
const stopped = new Set<number>();

const answer = (message: Answer, transfer: Transferable[] = []) => self.postMessage(message, transfer);
const pause = () => new Promise((resolve) => setTimeout(resolve));

/** Areas of places at which something is made by itself that the seller can decide otherwise. */
const madeAreas: ReadonlySet<string> = new Set(['words', 'look', 'reading']);
const urlOf = (picture: Picture | undefined) => (picture ? pictureUrls[picture.hash] : undefined);

/** Addresses inside the studio's window: pages are handed to it, pictures come from the browser's storage. */
function windowAddresses(of: Shop): Addresses {
  return {
    page: (path, view = firstView) => windowRoot + viewPath({ path }, view),
    asset: (path) =>
      path.startsWith('fonts/')
        ? `/${path}`
        : path === artFile && of.art
          ? `data:image/svg+xml,${encodeURIComponent(of.art.svg)}`
          : windowRoot + path,
    canonical: (path) => `https://${of.slug}.example/${path}`,
    picture: (name) => {
      const picture = of.pictures.get(name.toLowerCase());
      const src = urlOf(picture);
      return picture && src ? { ...pictureAt(picture, () => src), srcset: '' } : null;
    },
  };
}

/** Places of a look that its quick palettes and pairs are taken for. */
const tryable = new Set<Address>(
  [lookPlaces.scheme, lookPlaces.harmony, lookPlaces.mix, lookPlaces.headingFace, lookPlaces.textFace, lookPlaces.family].map(
    ({ address }) => address,
  ),
);
let quick: { key: string; goods: Project['goods']; made: Jobs['quick']['get'] } | null = null;

/** Shops that are being tried, by the wishes that tell them from the present one. */
const tried = new Map<string, Shop>();

async function shopWith(wishes: readonly Wish[]): Promise<Shop> {
  const key = JSON.stringify(wishes);
  const known = tried.get(key);
  if (known) return known;
  const made = await shopOf(withWishes(openedProject(), wishes));
  if (tried.size > 12) tried.clear();
  tried.set(key, made);
  return made;
}

/** The shop of a project, with the outlines of its face at hand. */
async function shopOf(project: Project): Promise<Shop> {
  const made = workshop.make(project);
  return (await loadOutlines(made.look.heading.id)) ? workshop.make(project) : made;
}

/** One page of two shops, with what differs outlined in both. */
function sideBySide(before: Shop, after: Shop, path: string): Jobs['sideBySide']['get'] {
  const differ = differingTexts(before, after, path);
  const outline = differ.length
    ? `${differ.map((place) => `[data-place=${JSON.stringify(place)}]`).join(',')}{outline:3px solid #a8433a;outline-offset:4px}`
    : '';
  const painted = (of: Shop) => {
    const page = paint(path, of);
    return { ...page, css: page.css + outline };
  };
  return { pages: [painted(before), painted(after)], differ: differ.length, back: compareShops(after, before) };
}

const shopAt = async (state: KeptProject): Promise<Shop> => shopOf(await lists.withList(state));

/** A wish with the list itself, where it is one for a list. */
const withListIn = async (wish: Wish): Promise<Wish> =>
  wish.place === given.goods.address && wish.value ? set(given.goods, await lists.at((wish.value as KeptList).keptAs)) : wish;

async function bytesAt(
  keys: readonly string[],
  read: (key: string) => Promise<Uint8Array | null>,
): Promise<Map<string, Uint8Array>> {
  const found = new Map<string, Uint8Array>();
  for (const key of keys) {
    const bytes = await read(key);
    if (bytes) found.set(key, bytes);
  }
  return found;
}

/** Fetches the outlines of a face for drawn marks; true where they are new. */
async function loadOutlines(face: string): Promise<boolean> {
  if (outlinesOf(face)) return false;
  const answer = await fetch(`/outlines/${face}.json`);
  if (!answer.ok) return false;
  provideOutlines(face, (await answer.json()) as Outlines);
  return true;
}

const target: Target = { kind: 'preview', address: 'https://preview.example/' };

function opened(): Shop {
  if (!shop) throw new Error('No project is open.');
  return shop;
}

function openedProject(): Project {
  if (!current) throw new Error('No project is open.');
  return current;
}

function paint(path: string, of = opened()): Jobs['paint']['get'] {
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
  if ('svg' in file) return rasterBytes(file, readPictureBytes, browserCodec);
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

/** Each section of the library on a page of its own, in the look of the shop, with what it would say there. */
function sketches(pageId: string): Jobs['sketches']['get'] {
  const of = opened();
  const page = of.pages.find((candidate) => candidate.id === pageId) ?? of.pages[0];
  if (!page) return [];
  const addresses = windowAddresses(of);
  const css = `${storefront.styles(of, addresses)}.top,.foot,.skip{display:none!important}main{padding-top:0}body{min-height:0}`;
  return sectionLibrary.map((definition) => {
    const { kind } = definition;
    const written = of.writer.write({ ...page, sections: [sectionToAdd(kind, freshId(kind, []))] });
    if (!written.sections.length) return { kind, html: '' };
    const html = storefront.page(of, written, firstView, addresses, target);
    return { kind, html: html.replace(/<link rel="stylesheet"[^>]*>/, '').replace('</head>', `<style>${css}</style></head>`) };
  });
}

const jobs: { [K in JobName]: (give: Jobs[K]['give'], id: number) => Promise<Jobs[K]['get'] | null> } = {
  open: async (give) => {
    const project = await lists.withList(give.project);
    listGone = give.project.goods.counts.products > 0 && !project.goods.products.length;
    pictureUrls = give.pictureUrls;
    current = project;
    shop = await shopOf(project);
    tried.clear();
    return give.path === null ? null : paint(give.path);
  },
  summary: async () => summarise(opened(), openedProject(), pictureUrls, listGone),
  paint: async ({ path }) => paint(path),
  load: async ({ path }) => load(path),
  ask: async ({ shown }) => {
    const open = openQuestions(openedProject());
    return { best: open[0] ?? null, shown: open.find(({ id }) => id === shown) ?? null };
  },
  answer: async ({ id, given }) => {
    const answered = answerQuestion(openedProject(), id, given);
    return answered.ok ? { ok: true, value: withMoves(openedProject(), answered.value) } : answered;
  },
  moves: async ({ project, wishes }) => {
    const whole = await lists.withList(project);
    const all = await Promise.all(wishes.map(withListIn));
    return withMoves(whole, all).slice(all.length);
  },
  settle: async ({ story }) => lists.during(story, settlePositions),
  copy: async ({ story }) => copyLists(story),
  pack: async ({ story, keys }) => {
    const whole = await lists.whole(story);
    const pictures = await bytesAt(hashesOf(whole), readPictureBytes);
    const sources = await bytesAt(sourcesOf(whole), readSource);
    return writeProjectFile({ story: whole, pictures, sources, ...(keys ? { keys } : {}) });
  },
  takeFile: async ({ bytes, ids, other }) => {
    const file = readProjectFile(bytes);
    if (!file.ok) return file;
    const { story, pictures, sources = new Map<string, Uint8Array>(), keys = null } = file.value;
    for (const [hash, picture] of pictures) await writePictureBytes(hash, picture);
    // What a file brings never takes the place of what is stored here already.
    for (const [key, list] of sources) if (!(await hasSource(key))) await writeSource(key, list);
    const { log } = settlePositions(story);
    const taken = ids.includes(log.base.id);
    return ok({ story: await keepLists(tellStory(taken ? { ...log, base: { ...log.base, id: other } } : log)), keys });
  },
  sideBySide: async ({ before, after, path }) => sideBySide(await shopAt(before), await shopAt(after), path),
  follows: async ({ wishes }) => {
    const before = opened().look;
    return lookChanges(before, lookOf(withWishes(openedProject(), wishes)), wishes);
  },
  slip: async ({ thing }) => slipAt(opened(), openedProject(), thing, (name) => urlOf(opened().pictures.get(name.toLowerCase()))),
  order: async (wanted) => orderAt(opened(), openedProject(), wanted),
  stand: async (wanted) => standAt(opened(), openedProject(), wanted),
  say: async ({ text, thing, path, past }) => {
    const page = pageAt(opened(), path)?.page.id ?? 'home';
    const at = thing ?? undefined;
    const understood = understand(opened(), openedProject(), text, { at, page, past, today: new Date() });
    // A page that would be made has its address from the shop that would be.
    const paths = understood.readings.flatMap(({ act, wishes }) => {
      if (act?.do !== 'go') return [];
      const of = wishes.length ? workshop.make(withWishes(openedProject(), wishes)) : opened();
      return of.pages.flatMap(({ id, path: to }) => (id === act.page ? [[id, to] as const] : []));
    });
    return { ...understood, paths: Object.fromEntries(paths) };
  },
  ideas: async () => ({
    names: nameIdeas(opened(), openedProject().seed),
    slogans: sloganIdeas(opened()),
    fuller: fullerBrief(opened()),
  }),
  shelves: async () => shelvesFor(opened()),
  file: async ({ shelf, name }) => filedUnder(opened(), shelf, name),
  choices: async ({ place }) => {
    const at = textAt(opened(), place);
    return at ? opened().writer.alternatives(at.page, at.section, at.at, at.now) : [];
  },
  rework: async ({ text, manner, place }) => rework(text, manner, opened().reading, saidElsewhere(opened(), place)),
  compare: async ({ brief }) => {
    const project = openedProject();
    const moves = withMoves(project, [set(given.brief, brief)]);
    const then = withWishes(project, moves);
    const [before, after] = [opened(), workshop.make(then)];
    const made = (of: Project, shop: Shop) => ({ project: of, shop, source: workshop.search(of).source });
    return { ...compareShops(before, after), both: bothChanged(made(project, before), made(then, after), moves) };
  },
  both: async ({ wishes }) => {
    const project = openedProject();
    // Where the seller decided none of what is made by itself, no other shop need be made to tell.
    if (![...project.decisions.keys()].some((place) => madeAreas.has(areaOf(place)))) return [];
    const moves = withMoves(project, await Promise.all(wishes.map(withListIn)));
    const then = withWishes(project, moves);
    const made = (of: Project, shop: Shop) => ({ project: of, shop, source: lookSearch(of).source });
    return bothChanged(made(project, opened()), made(then, makeShop(then)), moves);
  },
  sketches: async ({ page }) => sketches(page),
  looks: async (wish) => looksFor(openedProject(), wish),
  paintAs: async ({ path, wishes }) => paint(path, await shopWith(wishes)),
  quick: async () => {
    const project = openedProject();
    // They follow from all but the mixture and the faces that are in use, so trying one of them does not make them anew.
    const key = JSON.stringify([project.brief, project.seed, [...project.decisions].filter(([place]) => !tryable.has(place))]);
    if (quick?.key !== key || quick.goods !== project.goods) {
      const { source, decided } = lookSearch(project);
      const { look } = opened();
      quick = {
        key,
        goods: project.goods,
        made: { palettes: quickPalettes(source, decided, look, 20), pairs: quickPairs(look, 20) },
      };
    }
    return quick.made;
  },
  marks: async () => {
    const source = markSource(opened());
    if (!source) return [];
    const { text } = opened().look.palette;
    return markOptions(source).map((mark) => ({
      kind: mark.kind,
      name: mark.name,
      manner: mark.manner,
      smallest: mark.smallest,
      svg: markFile(mark, text),
    }));
  },
  brand: async () => {
    const rasters = brandFiles(opened())?.rasters ?? [];
    const drawn = async (path: string, width: number) => {
      const file = rasters.find((one) => one.path === path);
      return file && dataUri('image/png', await rasterBytes({ ...file, width }, readPictureBytes, browserCodec));
    };
    const [icon, card] = [await drawn('icon-180.png', 128), await drawn('card.png', 600)];
    return icon && card ? { icon, card } : null;
  },
  arts: async () => {
    const of = opened();
    return artKindsFor(nounsOf(of)).map(({ id, name, say }) => {
      const look = { ...of.look, genes: { ...of.look.genes, art: id } };
      const { svg } = openingArt(of, of.name, look, openedProject().seed);
      return { kind: id, name, say, src: `data:image/svg+xml,${encodeURIComponent(svg)}` };
    });
  },
  keep: async ({ name, bytes }) => {
    const kept = await keepPicture(name, bytes, browserCodec);
    if (!kept.ok) return kept;
    for (const [hash, file] of kept.value.files) await writePictureBytes(hash, file);
    return { ok: true, value: { picture: kept.value.picture, notes: kept.value.notes } };
  },
  styleFrom: async ({ name, bytes }) => {
    const read = await readPicture(name, bytes);
    if (!read.ok) return read;
    const pixels = await browserCodec.open(bytes, 200).catch(() => null);
    if (!pixels) return { ok: false, say: `“${name}” can't be opened here. Save it as WebP, JPEG or PNG.` };
    return {
      ok: true,
      value: takingsFrom(
        styleOf(pixels),
        opened().reading.coloursAvoided.map(({ value }) => value.hex),
      ),
    };
  },
  keepFile: async ({ name, bytes, as }) => {
    if (!bytes.length) return { ok: false, say: `“${name}” is empty.` };
    const wrong = as === 'sold' ? '' : whyNotGiven(name, bytes.length, as);
    if (wrong) return { ok: false, say: wrong };
    const hash = await hashBytes(bytes);
    await writePictureBytes(hash, bytes);
    return { ok: true, value: { hash, name: name.slice(-200), size: bytes.length } };
  },
  crop: async ({ name, frame }) => {
    const picture = openedProject().pictures.find((one) => one.name === name);
    const bytes = picture && (await readPictureBytes(uncut(picture).hash));
    if (!picture || !bytes) return { ok: false, say: `“${name}” is no longer here.` };
    const kept = await cropPicture(picture, bytes, frame, browserCodec);
    if (!kept.ok) return kept;
    for (const [hash, file] of kept.value.files) await writePictureBytes(hash, file);
    return { ok: true, value: { picture: kept.value.picture, notes: kept.value.notes } };
  },
  cutOut: async ({ name }) => {
    const picture = openedProject().pictures.find((one) => one.name === name);
    const bytes = picture && (await readPictureBytes(picture.hash));
    if (!picture || !bytes) return { ok: false, say: `“${name}” is no longer here.` };
    const pixels = await browserCodec.open(bytes, 1600);
    const ground = plainGround(pixels);
    if (!ground)
      return { ok: false, say: `“${name}” has no plain background all round, so there is nothing to take out cleanly.` };
    const kept = await keepPicture(name, await packPixels(cutOut(pixels, ground)), browserCodec);
    if (!kept.ok) return kept;
    for (const [hash, file] of kept.value.files) await writePictureBytes(hash, file);
    return { ok: true, value: { picture: { ...kept.value.picture, ground: null, fit: 'whole' }, notes: kept.value.notes } };
  },
  tokens: async () => writeTokens(opened().look, opened().name),
  import: async (list, id) => desk.bringIn(list, current, (progress) => answer({ id, progress })),
  reread: async ({ wishes, currency }) => desk.readAgain(openedProject(), wishes, currency),
  same: async ({ said }) => desk.same(current, said),
  goods: async (wanted) => shown.rows(opened(), wanted),
  listed: async ({ id }) => listedIn(openedProject(), opened(), id),
  titles: async (asked) => titlesIn(openedProject(), opened(), asked),
  aside: async (wanted) => asideOf(openedProject(), opened(), wanted),
  unplaced: async () => unplacedIn(openedProject(), opened()),
  match: async ({ names, brought }) => {
    const project = openedProject();
    if (brought === null) return matchedTo(opened().catalogue.products, project, names);
    const { products, digits } = await lists.at(brought);
    return matchedTo(decidedGoods(products, new Decided(project.decisions), digits, digits).products, project, names);
  },
  newProduct: async ({ typed }) => freshProduct(openedProject(), opened(), typed),
  sold: async ({ today }) => soldIn(opened(), today),
  sheetRows: async (give) => desk.rows(openedProject(), give),
  catalogue: async ({ form }) => {
    const { catalogue, rules, moneyKnown, name } = opened();
    const { products } = catalogue;
    const file = catalogueFile(form, { products, currency: moneyKnown ? rules.currency : '', digits: rules.digits, name });
    return typeof file === 'string' ? new TextEncoder().encode(file) : file;
  },
  leftOut: async () => desk.leftOut(openedProject()),
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
