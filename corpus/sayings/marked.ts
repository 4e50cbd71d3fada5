import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { contentTexts } from '@/core/sections';
import { hintsOf } from '@/core/brief';
import { importGoods } from '@/core/goods';
import { newProject, type Project } from '@/core/project';
import { outlinesOf, provideOutlines, type Outlines } from '@/core/pictures';
import { makeShop, type Shop } from '@/core/site';
import { textThing, thingId, thingOf, type ThingKind } from '@/core/things/about';
import { textPlace } from '@/core/places';
import { type SentenceKind } from '@/core/sentences';
import { readBatchNamed } from '../briefs/marked';

/** The day on which all sentences of the corpus are said: a Saturday. */
export const saidOn = new Date(2026, 10, 28, 12);

/** A sentence with where it was said and what is expected of it. */
export interface Marked {
  /** The name of a thing in the shop; empty for the page as a whole. */
  at: string;
  text: string;
  kind: SentenceKind | 'refuse';
  of: Record<string, string>;
}

export interface Batch {
  name: string;
  shop: Shop;
  project: Project;
  marked: Marked[];
}

const here = join(process.cwd(), 'corpus/sayings');
const files: Readonly<Record<string, readonly [brief: string, goods: string]>> = {
  demo: ['demo/brief.txt', 'demo/goods.csv'],
  clubs: ['corpus/sayings/clubs.txt', 'corpus/sayings/clubs.csv'],
  reed: ['corpus/sayings/reed.txt', 'corpus/sayings/reed.csv'],
  stilts: ['corpus/sayings/stilts.txt', 'corpus/sayings/stilts.csv'],
  labels: ['corpus/sayings/labels.txt', 'corpus/sayings/labels.csv'],
};

function projectOf(name: string): Project {
  const [brief, list] = (files[name] ?? files.demo ?? ['', '']).map((path) => join(process.cwd(), path));
  const text = readFileSync(brief ?? '', 'utf8');
  const goods = importGoods(new Uint8Array(readFileSync(list ?? '')), hintsOf(text));
  if (!goods.ok) throw new Error(`The list of the shop “${name}” was not read: ${goods.say}`);
  return { ...newProject(name, name), brief: text, goods: { ...goods.value, file: 'goods.csv' } };
}

const shops = new Map<string, { project: Project; shop: Shop }>();
export function shopNamed(name: string): { project: Project; shop: Shop } {
  const known = shops.get(name);
  if (known) return known;
  const project = projectOf(name);
  const made = { project, shop: makeShop(project) };
  // Marks are drawn from outlines of the face that they are set in.
  const face = made.shop.look.heading.id;
  if (!outlinesOf(face))
    provideOutlines(face, JSON.parse(readFileSync(join(process.cwd(), 'public/outlines', `${face}.json`), 'utf8')) as Outlines);
  shops.set(name, made);
  return made;
}

/** "@card Peat Hag", "@opening.lead", "@section why": as a name of a thing of the shop. */
function thingNamed(word: string, shop: Shop): string {
  if (word === '-') return '';
  const [kind = '', ...rest] = word.slice(1).split(' ');
  const name = rest.join(' ');
  const home = shop.pages.find(({ id }) => id === 'home');
  const [section = '', field = ''] = kind.split('.');
  if (field) {
    const on = home?.sections.find(({ id }) => id === section);
    const found =
      on &&
      contentTexts((home && shop.writer.words(home, on)) ?? {}).find(({ at }) => at.key === undefined && at.field === field);
    const place = found ? textPlace('home', section, found.at).address : textPlace('home', section, { field }).address;
    const thing = textThing(place);
    if (!thing) throw new Error(`There is no text ${kind}.`);
    return thingId(thing);
  }
  const page = shop.pages.find((one) => one.name === name)?.id ?? '';
  const product = shop.catalogue.products.find(({ title }) => title === name)?.id ?? '';
  const id =
    {
      section: `section/home/${name}`,
      picture: `picture/home/${name}`,
      card: `card/${product}`,
      price: `price/${product}`,
      'product-picture': `product-picture/${product}`,
      entry: `entry/${page}`,
      'footer-entry': `footer-entry/${page}`,
    }[kind] ?? kind;
  if (!thingOf(id)) throw new Error(`“${word}” names no thing.`);
  return id;
}

export const batchNames = [
  'batch1',
  'batch2',
  'batch3',
  'batch4',
  'batch5',
  'batch6',
  'batch7',
  'batch8',
  'batch9',
  'batch10',
  'batch11',
  'batch12',
  'batch13',
  'batch14',
  'batch15',
  'batch16',
  'batch17',
  'batch18',
  'batch19',
  'batch20',
  'batch21',
  'batch22',
] as const;
/** Batches that the judge is trained on: all but what was written after the last training. */
export const learnedNames = batchNames.slice(0, -3);
export const frozenName = 'frozen';

export function readBatch(name: string): Batch {
  const lines = readFileSync(join(here, `${name}.txt`), 'utf8').split('\n');
  const { project, shop } = shopNamed((lines[0] ?? '').replace('shop: ', '').trim());
  const marked = lines.slice(1).flatMap((line): Marked[] => {
    const cut = line.lastIndexOf(' => ');
    if (cut < 0) return [];
    const bar = line.indexOf(' | ');
    const [kind = '', ...more] = line.slice(cut + 4).split('; ');
    return [
      {
        at: thingNamed(line.slice(0, bar), shop),
        text: line.slice(bar + 3, cut),
        kind: kind as Marked['kind'],
        of: Object.fromEntries(more.map((one) => [one.slice(0, one.indexOf('=')), one.slice(one.indexOf('=') + 1)])),
      },
    ];
  });
  return { name, shop, project, marked };
}

/** Things that people write to a shop and that are no wish it could fulfil. */
export function nothings(): string[] {
  const said = readFileSync(join(here, 'nothing.txt'), 'utf8')
    .split('\n')
    .filter((line) => line.trim() && !line.startsWith('#'));
  // What a brief says of a business is no wish: a sentence of each stands for them.
  const told = readBatchNamed('1').flatMap(({ text, marks }) =>
    marks.flatMap(({ start, end, role }, i) =>
      i % 4 === 0 && role !== 'wish' && role !== 'ban' && role !== 'instruction' ? [text.slice(start, end)] : [],
    ),
  );
  return [...said, ...told.filter((one) => one.length < 200).slice(0, 120)];
}

/** Ways to say a kind of sentence, with what stands for a name or a value in braces. */
export const practice = (): { kind: SentenceKind; at: ThingKind[]; words: string }[] =>
  readFileSync(join(here, 'practice.txt'), 'utf8')
    .split('\n')
    .flatMap((line) => {
      const [, kind, at, words] = /^([a-z-]+) ([a-z,-]+) \| (.+)$/.exec(line) ?? [];
      return kind && at && words ? [{ kind: kind as SentenceKind, at: at.split(',') as ThingKind[], words }] : [];
    });
