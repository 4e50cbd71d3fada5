import { type Reading } from '@/core/brief';
import { type Candidate, type Genes, type Look, type Pair, type QuickPalette, type Taking } from '@/core/look';
import { type NameIdea, type Next } from '@/core/interview';
import { type Because, type PageKind, type Section } from '@/core/plan';
import { type CatalogueForm, type ListChanges, type SaidSame } from '@/core/goods';
import { type Finding } from '@/core/proof';
import { type Mark } from '@/core/pictures';
import { type ArtId } from '@/core/pictures/about';
import { type Address, type Wish } from '@/core/places';
import { type GivenFile } from '@/core/goods/about';
import { type Picture, type Product, type Project, type Story } from '@/core/project';
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
import { type TillRules } from '@/core/till';
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

/** A list that was read, without its products. */
export interface ImportedList {
  rest: Omit<Project['goods'], 'products'>;
  products: number;
  /** Where it is stored; null where storage took it not. */
  keptAs: string | null;
  /** Pictures that came in one archive with it. */
  pictures: { name: string; bytes: Uint8Array }[];
  /** What it changes of the list that is there; null where there is none. */
  changes: ListChanges | null;
}

/** A row of a list as it came: its cells now, and before anything was mended in them. */
export interface SheetRow {
  /** As the file counts it, from 1. */
  row: number;
  cells: string[];
  came: string[];
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

/** A state of the project; its list is left out where it is the one that the worker has. */
export type StateOf = Omit<Project, 'goods'> & { goods: Project['goods'] | null };

/** Each thing that the worker does: what it is given and what it gives back. */
export interface Jobs {
  /**
   * Makes the shop anew and paints the page that is in sight, if one is: what the seller waits for comes first, the rest is asked after it.
   * `goods` is null where they are the same as last time, and a key where they are in storage: a long list is not sent with every decision.
   */
  open: {
    give: {
      project: Omit<Project, 'goods'>;
      goods: Project['goods'] | { keptAs: string } | null;
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
    /** A list that was read last is named by the key that it is kept under. */
    give: { project: Omit<Project, 'goods'>; wishes: Wish[]; brought: string | null };
    /** What goes along with the wishes, without these; null where that list is not at hand any more. */
    get: Wish[] | null;
  };
  /** A project of an earlier form, its texts on the things that they were written on. */
  settle: { give: { story: Story }; get: Story };
  /** One page in two states of the project, with what differs outlined. Goods that are null are those of the shop that is open. */
  sideBySide: {
    give: { before: StateOf; after: StateOf; path: string };
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
  /** What it takes to have the row of a thing, among what it stands in, in another order, by keys; or why it can't be. */
  order: { give: { thing: string; among: string; row: string[] }; get: Result<Wish[]> };
  /** What a sentence can mean, said at a thing or at the page that is looked at; `paths` are those of the pages that it would go to. */
  say: {
    give: { text: string; thing: string | null; path: string; past: Past };
    get: Understood & { paths: Record<string, string> };
  };
  ideas: { give: Record<string, never>; get: { names: NameIdea[]; slogans: { text: string; from: string }[]; fuller: string } };
  /** Shelves for goods that have none, the fullest first: products by id. */
  shelves: { give: Record<string, never>; get: { shelf: string; because: string; products: string[] }[] };
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
  cutOut: { give: { name: string }; get: Result<{ picture: Picture; notes: string[] }> };
  /** The look as a file of design tokens. */
  tokens: { give: Record<string, never>; get: string };
  /** The list that is there read anew, with what is said of it now. */
  reread: { give: { project: string; wishes: Wish[]; currency: string }; get: Result<ImportedList> };
  /** Reads a list and keeps it for a project. Its products, which may be many, are asked for in pieces. */
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
  /** Rows of the list as it came; `only` those with some numbers. */
  sheetRows: {
    give: { sheet: string; from: number; count: number; only: number[] | null };
    get: Result<{ sheet: string; count: number; width: number; rows: SheetRow[] }>;
  };
  /** The rows that could not be used, as CSV. */
  leftOut: { give: Record<string, never>; get: Result<string> };
  /** The catalogue as the shop has it, as a file. */
  catalogue: { give: { form: CatalogueForm }; get: Uint8Array };
  products: { give: { from: number; count: number }; get: Product[] };
  site: { give: { target: Target }; get: { archive: Uint8Array; files: number } };
}

export type JobName = keyof Jobs;
export type Ask = { id: number; stop?: never } & { [K in JobName]: { job: K; give: Jobs[K]['give'] } }[JobName];
export type Stop = { stop: number };
export type Answer = { id: number; progress: Progress } | { id: number; value: unknown } | { id: number; error: string };

/** Where the window's pages are addressed. Nothing is served there: the frame hands every step to the studio. */
export const windowRoot = '/window/at/';
