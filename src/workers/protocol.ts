import { type Reading } from '@/core/brief';
import { type ImportedGoods } from '@/core/goods';
import { type Look } from '@/core/look';
import { type Because, type PageKind, type SectionKind } from '@/core/plan';
import { type Finding } from '@/core/proof';
import { type Project } from '@/core/project';
import { type Result } from '@/core/result';
import { type Target } from '@/core/site';
import { type TillRules } from '@/core/till';
import { type Text } from '@/core/words';

/** A text with the place that it can be changed at. */
export interface OutlineText extends Text {
  place: string;
  slot: string;
  choices: Text[];
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
  words: OutlineText[];
}

export interface OutlinePage {
  id: string;
  kind: PageKind;
  name: string;
  path: string;
  inMenu: boolean;
  because: Because;
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
  look: Look;
  outline: OutlinePage[];
  products: number;
  variants: number;
  categories: { name: string; path: string; count: number }[];
  findings: Finding[];
  setAside: string[];
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
  /** `goods` is null where they are the same as last time: a long list is not sent with every decision. */
  open: {
    give: { project: Omit<Project, 'goods'>; goods: Project['goods'] | null; pictureUrls: Record<string, string> };
    get: Summary;
  };
  paint: { give: { path: string }; get: PaintedPage };
  load: { give: { path: string }; get: unknown };
  import: { give: { bytes: Uint8Array; currency: string }; get: Result<ImportedGoods> };
  site: { give: { target: Target }; get: { archive: Uint8Array; files: number } };
}

export type JobName = keyof Jobs;
export type Ask = { id: number; stop?: never } & { [K in JobName]: { job: K; give: Jobs[K]['give'] } }[JobName];
export type Stop = { stop: number };
export type Answer = { id: number; progress: Progress } | { id: number; value: unknown } | { id: number; error: string };

/** Where the window's pages are addressed. Nothing is served there: the frame hands every step to the studio. */
export const windowRoot = '/window/at/';
