import { type Reading } from '@/core/brief';
import { type Candidate, type Genes, type Look, type Pair, type QuickPalette, type Taking } from '@/core/look';
import { type NameIdea, type Next } from '@/core/interview';
import { type Because, type PageKind, type Section } from '@/core/plan';
import { type CatalogueForm, type ListChanges, type Named, type SaidSame, type Typed } from '@/core/goods';
import { type Finding } from '@/core/proof';
import { type Mark } from '@/core/pictures';
import { type ArtId } from '@/core/pictures/about';
import { type Frame } from '@/core/pictures/page';
import { type Address, type Wish } from '@/core/places';
import { type GivenFile, type KeptList, type Problem } from '@/core/goods/about';
import { type KeptProject, type KeptStory, type Picture, type Product, type SealedKeys } from '@/core/project';
import { type SlipOf, type TargetOf } from '@/core/requests';
import { type Past, type Understood } from '@/core/sentences/page';
import { type Result } from '@/core/result';
import { type Arrangement, type SectionKind, type TextAt } from '@/core/sections';
import {
  type Exceptions,
  type LooksKind,
  type MarkChoice,
  type SaidOfDelivery,
  type SetAside,
  type BothChanged,
  type ShopDifference,
  type Target,
} from '@/core/site';
import { type PriceListEntry, type TillRules, type TypicalBuyer } from '@/core/till';
import { type Wanted } from './stretch';
import { type Ease, type Manner, type Reworked, type Text } from '@/core/words';

/** A text with the place that it can be changed at. */
export interface OutlineText extends Text {
  place: Address;
  at: TextAt;
  /** What the seller is asked where the place is empty. */
  ask: string | null;
}

export interface OutlineSection {
  id: string;
  kind: SectionKind;
  label: string;
  because: Because;
  visitorGets: string;
  doNext: string;
  hidden: boolean;
  /** False where nothing known fills it, so that it is not in the shop. */
  filled: boolean;
  /** "made" by what is known, "asked" for in the brief, or "added" by the seller. */
  from: Section['from'];
  arrangement: string | null;
  arrangements: readonly Arrangement[];
  words: OutlineText[];
  /** What leads to it. */
  ledTo: LedToFrom;
}

/** What of the seller's leads to something, as a sentence, and how it leads there no more. */
export interface LedToFrom {
  say: string;
  mends: readonly Wish[];
}

export interface OutlinePage {
  id: string;
  kind: PageKind;
  name: string;
  path: string;
  inMenu: boolean;
  /** Where it can stand in the menu, and under which page it does; by id. */
  under: string | null;
  holders: { id: string; name: string }[];
  /** Whether shelves stand under it in the menu; null where they can't. */
  shelves: boolean | null;
  inFooter: boolean;
  added: boolean;
  /** What it takes to have it out of the shop; null where a shop needs it. */
  out: { say: string; wishes: readonly Wish[] } | null;
  because: Because;
  visitorGets: string;
  doNext: string;
  title: string;
  description: string;
  sections: OutlineSection[];
}

/** What the studio shows of a shop: everything but the pages themselves. */
export interface Summary {
  name: string;
  slug: string;
  reading: Reading;
  rules: TillRules;
  /** What the brief says of delivery, in its words, with the sums in them. */
  saidOfDelivery: SaidOfDelivery[];
  /** And of its prices. */
  saidOfPrices: string[];
  moneyKnown: boolean;
  /** Whether the list of goods is in this browser no more, so that the shop is made without it. */
  listGone: boolean;
  look: Look;
  mark: MarkChoice;
  exceptions: Exceptions;
  /** Whether the opening shows a made picture, and a line and a thing of the shop to show looks on. */
  piece: {
    made: boolean;
    headline: string;
    button: string;
    product: { title: string; price: string; picture: string | null } | null;
  };
  outline: OutlinePage[];
  products: number;
  variants: number;
  categories: { name: string; path: string; count: number }[];
  findings: Finding[];
  setAside: SetAside[];
  /** Pages that the seller took out and can bring back. */
  takenOut: { id: string; name: string }[];
  /** How easily the home page reads. */
  ease: Ease;
}

/** A list that was read and kept. */
export interface ImportedList {
  list: KeptList;
  /** Pictures that came in one archive with it. */
  pictures: { name: string; bytes: Uint8Array }[];
  /** What it changes of the list that is there; null where there is none. */
  changes: ShownChanges | null;
}

/** What a further list changes: all of it in figures, and the first of each kind to be looked at. */
export interface ShownChanges extends ListChanges {
  counts: Record<'added' | 'back' | 'gone' | 'changed' | 'unsure', number> & {
    /** Cells that the seller has changed as well. */
    conflicts: number;
  };
}

/** A thing in the table of goods. */
export interface GoodsRow extends Named {
  categories: string[];
  variants: number;
  /** The lowest and the highest, as they are written; null where nothing of it is sold yet. */
  price: { low: string; high: string } | null;
  stock: number | null;
  asksStock: boolean;
  hasPicture: boolean;
}

export const goodsOrders = ['list', 'title', 'price', 'stock', 'variants'] as const;
export type GoodsOrder = (typeof goodsOrders)[number];

/** What the till is tried with, and the rules that it was found with. */
export interface Sold {
  rules: TillRules;
  buyers: TypicalBuyer[];
  /** Things with their prices, products and shelves: the first so many. */
  entries: PriceListEntry[];
  products: { id: string; name: string }[];
  shelves: { id: string; name: string }[];
}

/** A row of a list as it came: its cells now, and before anything was mended in them. */
export interface SheetRow {
  /** As the file counts it, from 1. */
  row: number;
  cells: string[];
  came: string[];
  /** What is said of it. */
  notes: Problem[];
}

export interface PaintedPage {
  path: string;
  html: string;
  css: string;
}

export interface Progress {
  say: string;
  done: number;
  of: number;
}

/** Each thing that the worker does: what it is given and what it gives back. */
export interface Jobs {
  /**
   * Makes the shop anew and paints the page that is in sight, if one is: what the seller waits for comes first, the rest is asked after it.
   * The worker alone holds lists: the page knows where they are kept.
   */
  open: {
    give: {
      project: KeptProject;
      pictureUrls: Record<string, string>;
      path: string | null;
    };
    get: PaintedPage | null;
  };
  summary: { give: Record<string, never>; get: Summary };
  paint: { give: { path: string }; get: PaintedPage };
  load: { give: { path: string }; get: unknown };
  /** The question whose answer would change most; null where none is worth asking. */
  /** The question to ask next, and the one that is shown where it is still open. */
  ask: { give: { shown: string }; get: { best: Next | null; shown: Next | null } };
  answer: { give: { id: string; given: string[] }; get: Result<Wish[]> };
  /** A change of brief or goods, with all that goes along with it: decisions stay with the things that they were made on. */
  moves: {
    give: { project: KeptProject; wishes: Wish[] };
    /** What goes along with the wishes, without these. */
    get: Wish[];
  };
  /** A project of an earlier form, its texts on the things that they were written on. */
  settle: { give: { story: KeptStory }; get: KeptStory };
  /** A story for another project, its lists kept again for that one. */
  copy: { give: { story: KeptStory }; get: KeptStory };
  /** The whole project with its past as one file. */
  pack: { give: { story: KeptStory; keys: SealedKeys | null }; get: Uint8Array };
  /** What is in such a file, with all of it kept: under the other id where its own is among those that are there. */
  takeFile: {
    give: { bytes: Uint8Array; ids: string[]; other: string };
    get: Result<{ story: KeptStory; keys: SealedKeys | null }>;
  };
  /** One page in two states of the project, with what differs outlined. */
  sideBySide: {
    give: { before: KeptProject; after: KeptProject; path: string };
    /** The pages, how many texts of them differ, and what going back would change in the whole shop. */
    get: { pages: [PaintedPage, PaintedPage]; differ: number; back: ShopDifference };
  };
  /** What else of the look would change with some wishes, as sentences. */
  follows: { give: { wishes: readonly Wish[] }; get: string[] };
  /** What can be done to a thing that was pointed at, the text that stands there, and pictures that are offered, by name; null where it is not there any more. */
  slip: {
    give: { thing: string };
    get: {
      slip: SlipOf;
      text: OutlineText | null;
      /** Where words of the text can lead, by their leads. */
      targets: TargetOf[];
      /** The seller's picture that the thing is, where it is one. */
      picture: Picture | null;
      pictures: Record<string, string>;
    } | null;
  };
  /** What the seller changed and some wishes would change too, such as another list. */
  both: { give: { wishes: Wish[] }; get: BothChanged[] };
  /** What it takes to have the row of a thing, among what it stands in, in another order, by keys; or why it can't be. */
  order: { give: { thing: string; among: string; row: string[] }; get: Result<Wish[]> };
  /** What it takes to have a section stand otherwise; or why it can't be. */
  stand: { give: { thing: string; wanted: Wanted }; get: Result<Wish[]> };
  /** What a sentence can mean, said at a thing or at the page that is looked at; `paths` are those of the pages that it would go to. */
  say: {
    give: { text: string; thing: string | null; path: string; past: Past };
    get: Understood & { paths: Record<string, string> };
  };
  ideas: { give: Record<string, never>; get: { names: NameIdea[]; slogans: { text: string; from: string }[]; fuller: string } };
  /** How many goods have no shelf, and shelves for them, the fullest first. */
  shelves: {
    give: Record<string, never>;
    get: { bare: number; ideas: { shelf: string; because: string; count: number; titles: string[] }[] };
  };
  /** What it takes to file the goods that such a shelf is for under some name. */
  file: { give: { shelf: string; name: string }; get: Wish[] };
  /** Other texts for a place. */
  choices: { give: { place: string }; get: Text[] };
  rework: { give: { text: string; manner: Manner; place: string }; get: Reworked };
  /** What another brief would change. */
  compare: { give: { brief: string }; get: ShopDifference & { both: BothChanged[] } };
  /** Pictures of sections in the shop's own look: a document each. */
  sketches: { give: { page: string }; get: { kind: SectionKind; html: string }[] };
  /** Looks to compare: the three candidates, near relatives, or far ones. `base` are decisions to vary from. */
  looks: {
    give: { kind: LooksKind; turn: number; seen: Genes[]; base: Wish[]; locks: string[] };
    get: Candidate[];
  };
  /** A page as it would be with some wishes fulfilled. */
  paintAs: { give: { path: string; wishes: readonly Wish[] }; get: PaintedPage };
  /** Palettes and pairs to take at once, marks and made pictures in the shop's present look. */
  quick: { give: Record<string, never>; get: { palettes: QuickPalette[]; pairs: Pair[] } };
  marks: { give: Record<string, never>; get: (Pick<Mark, 'kind' | 'name' | 'manner' | 'smallest'> & { svg: string })[] };
  /** What follows from the mark, as it would be sent: the site's icon and the card for shared links, as addresses that hold them. */
  brand: { give: Record<string, never>; get: { icon: string; card: string } | null };
  arts: { give: Record<string, never>; get: { kind: ArtId; name: string; say: string; src: string }[] };
  /** Takes a picture file in: upright, without what else is in the file, in the sizes of screens. */
  keep: { give: { name: string; bytes: Uint8Array }; get: Result<{ picture: Picture; notes: string[] }> };
  /** Keeps a file that is sold as it is. */
  keepFile: { give: { name: string; bytes: Uint8Array; as: 'sold' | 'file' | 'video' }; get: Result<GivenFile> };
  /** What a look would take from a picture that the seller likes, and does not keep. */
  styleFrom: { give: { name: string; bytes: Uint8Array }; get: Result<Taking[]> };
  /** The same picture without its plain background. */
  /** A part of a picture, of what it was before any crop; all of it brings that back. */
  crop: { give: { name: string; frame: Frame }; get: Result<{ picture: Picture; notes: string[] }> };
  cutOut: { give: { name: string }; get: Result<{ picture: Picture; notes: string[] }> };
  /** The look as a file of design tokens. */
  tokens: { give: Record<string, never>; get: string };
  /** The list that is there read anew, with what is said of it now. */
  reread: { give: { project: string; wishes: Wish[]; currency: string }; get: Result<ImportedList> };
  /** Reads a list and keeps it for a project. */
  import: {
    give: {
      project: string;
      /** Whether nothing is known of the project yet, so that no list can be there. */
      isNew: boolean;
      name: string;
      bytes: Uint8Array;
      currency: string;
    };
    get: Result<ImportedList>;
  };
  /** The list that was read last, with what the seller says of goods that may be old ones under another name. */
  same: { give: { said: SaidSame }; get: Result<ImportedList> };
  /** Rows of the list as it came; `only` those of which something is said, which are `said` in all. */
  sheetRows: {
    give: { sheet: string; from: number; count: number; only: boolean };
    get: Result<{ sheet: string; count: number; said: number; width: number; rows: SheetRow[] }>;
  };
  /** The rows that could not be used, as CSV. */
  leftOut: { give: Record<string, never>; get: Result<string> };
  /** The catalogue as the shop has it, as a file. */
  catalogue: { give: { form: CatalogueForm }; get: Uint8Array };
  /** The goods that have some words in them, in some order, the first so many; and how many there are. */
  goods: {
    give: { find: string; order: GoodsOrder; isDown: boolean; count: number };
    get: { found: number; rows: GoodsRow[] };
  };
  /** One of the goods as the list has it, and as an earlier list had it that it stands on no more; null where it doesn't. */
  listed: { give: { id: string }; get: { id: string; product: Product | null; former: Product | null } };
  /** How things are called, by id. */
  titles: {
    give: { products: string[]; variants: string[] };
    get: { products: [string, string][]; variants: [string, string][] };
  };
  /** What is on no shelf any more: what earlier lists had, and what the seller took out. */
  aside: {
    give: { find: string; count: number };
    get: { former: number; hidden: number; found: number; rows: (Named & { isHidden: boolean })[] };
  };
  /** Pictures that belong to nothing. */
  unplaced: { give: Record<string, never>; get: string[] };
  /** What puts pictures on the things that their names tell, of a list that was just read or of the shop; and how many tell none. */
  match: { give: { names: string[]; brought: string | null }; get: { wishes: Wish[]; alone: number } };
  /** A product by hand, under a name that nothing has. */
  newProduct: { give: { typed: Typed }; get: Product };
  sold: { give: { today: string }; get: Sold };
  site: { give: { target: Target }; get: { archive: Uint8Array; files: number } };
}

export type JobName = keyof Jobs;
export type Ask = { id: number; stop?: never } & { [K in JobName]: { job: K; give: Jobs[K]['give'] } }[JobName];
export type Stop = { stop: number };
export type Answer = { id: number; progress: Progress } | { id: number; value: unknown } | { id: number; error: string };

/** Where the window's pages are addressed. Nothing is served there: the frame hands every step to the studio. */
export const windowRoot = '/window/at/';
