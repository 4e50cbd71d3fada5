import { type Category, type Catalogue } from '../goods';
import { type Reading } from '../brief';
import { type Product } from '../project';
import { type TillRules } from '../till';

export type PageKind =
  | 'home'
  | 'shop'
  | 'category'
  | 'product'
  | 'about'
  | 'contact'
  | 'delivery'
  | 'privacy'
  | 'terms'
  | 'search'
  | 'cart'
  | 'checkout'
  | 'thanks'
  | 'missing';

export type SectionKind =
  | 'opening'
  | 'featured'
  | 'categories'
  | 'why'
  | 'story'
  | 'questions'
  | 'contact'
  | 'listing'
  | 'product'
  | 'related'
  | 'article'
  | 'rates'
  | 'clauses'
  | 'search'
  | 'cart'
  | 'checkout'
  | 'thanks'
  | 'missing';

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
}

export interface Page {
  id: string;
  kind: PageKind;
  /** How menus name it. */
  name: string;
  /** Folder under the shop's address: "" for home, "goods/larch/" for a product. */
  path: string;
  inMenu: boolean;
  inFooter: boolean;
  /** Whether search engines are asked to list it. */
  listed: boolean;
  because: Because;
  sections: Section[];
  category?: Category;
  product?: Product;
}

/** Everything that a plan follows from. */
export interface Known {
  reading: Reading;
  catalogue: Catalogue;
  rules: TillRules;
}
