import { type Reading } from '../brief';
import { type Catalogue, type Category } from '../goods';
import { type Product } from '../goods/about';
import { type Position } from '../position';
import { type SectionKind } from '../sections/kind';
import { type TillRules } from '../till/about';

/** Kinds of pages, in the order of a usual shop. */
export const pageKinds = [
  'home',
  'shop',
  'category',
  'product',
  'about',
  'contact',
  'questions',
  'gallery',
  'journal',
  'appointments',
  'gift-cards',
  'delivery',
  'privacy',
  'refunds',
  'terms',
  'campaign',
  'page',
  'search',
  'cart',
  'checkout',
  'thanks',
  'missing',
] as const;

export type PageKind = (typeof pageKinds)[number];

/** Why something is there: in words, with what it follows from. */
export interface Because {
  say: string;
  /** Spans of the brief that it follows from. */
  brief: { start: number; end: number }[];
}

export interface Section {
  /** Unique on its page, the same in every generation. */
  id: string;
  kind: SectionKind;
  label: string;
  because: Because;
  visitorGets: string;
  doNext: string;
  hidden: boolean;
  /** It is seen once a button leads to it, and not before. */
  folded: boolean;
  /** Where the pin of a map stands, where the seller says. */
  pin: Position | null;
  /** "made": it follows from what is known. "asked": the brief wants it, and some of its texts may still be missing. "added": the seller put it there. */
  from: 'made' | 'asked' | 'added';
  /** Which of its arrangements the seller chose; null leaves it to the look. */
  arrangement: string | null;
  /** Pictures of the seller's own that it shows, by their names. */
  pictures: readonly string[];
}

export interface Page {
  id: string;
  kind: PageKind;
  /** How menus name it. */
  name: string;
  /** Folder under the shop's address: "" for home, "goods/larch/" for a product. */
  path: string;
  inMenu: boolean;
  /** The page that it is to stand under in the menu, by id. */
  under: string | null;
  inFooter: boolean;
  /** Whether search engines are asked to list it. */
  listed: boolean;
  because: Because;
  visitorGets: string;
  doNext: string;
  /** Whether the seller put it there, and so can take it away. */
  added: boolean;
  sections: Section[];
  category?: Category;
  product?: Product;
}

/** Pages that menus can't name: they are reached from where they are needed. */
const unnamed: ReadonlySet<PageKind> = new Set([
  'home',
  'product',
  'category',
  'cart',
  'checkout',
  'thanks',
  'missing',
  'search',
]);
export const isNamed = ({ kind }: Pick<Page, 'kind'>): boolean => !unnamed.has(kind);

/** Whose decisions hold for the sections of a page: products have theirs together. */
export const ownerOf = ({ kind, id }: Pick<Page, 'kind' | 'id'>): string => (kind === 'product' ? 'product' : id);

/** Everything that a plan follows from. */
export interface Known {
  reading: Reading;
  catalogue: Catalogue;
  rules: TillRules;
}

/** A reason that stands in no words. */
export const reason = (say: string): Because => ({ say, brief: [] });

/** A reason with the words of the brief that it follows from. */
export const reasonFrom = (
  say: string,
  facts: readonly ({ source: { start: number; end: number } | null } | null)[],
): Because => ({
  say,
  brief: facts.flatMap((fact) => (fact?.source ? [{ start: fact.source.start, end: fact.source.end }] : [])),
});

/** The wish of the brief for a page or function, or null. */
export const wished = ({ reading }: Known, feature: string, say: string): Because | null => {
  const fact = reading.features.find((one) => one.value === feature);
  return fact ? reasonFrom(say, [fact]) : null;
};
