/** What can be chosen of a thing, as the list calls it. */
export interface Choosable {
  name: string;
  /** Whether that ends in a noun, so that there can be several of it: “weight”, but not “wt oz”. */
  isNoun: boolean;
}

/** What is known of a thing that nobody has described. */
export interface PlainThing {
  title: string;
  /** Whether the title names several things. */
  plural: boolean;
  /** What it can be chosen by, with its values; null where there is nothing to choose. */
  option: (Choosable & { values: readonly string[] }) | null;
  kind: 'physical' | 'repeat' | 'download' | 'gift-card' | 'appointment';
  /** "240 g", packed; null where it isn't known, or isn't the same for all. */
  weight: string | null;
  /** Whether there is one, and one alone. */
  only: boolean;
}

/** Several goods, by number and price; a price is one where it is the same for all, and null where none is known. */
export interface CountedGoods {
  count: number;
  price: { low: string; high: string } | null;
  /** Whether each is the only one of its kind. */
  eachOnly: boolean;
}

/** What a zone asks for delivery. */
export interface ZoneRate {
  zone: string;
  /** The lowest price, null where it is free. */
  from: string | null;
  /** From which sum on it is free, null where it never is. */
  freeFrom: string | null;
}

/** A code at the till. */
export interface CodeTerms {
  /** What is typed; null where it is taken off unasked. */
  code: string | null;
  /** What it is taken off; none is everything. */
  what: readonly string[];
  /** "10 %" or an amount; null where it takes off delivery. */
  off: string | null;
  least: string | null;
  /** The day in words, or empty. */
  until: string;
}

/** Headings of ours for a kind of section. "I | we": the first for one who speaks alone, the second for several. */
export interface Headings {
  /** What a heading says of this shop alone, best first, with `{goods}`, `{Goods}`, `{name}`, `{place}`. */
  particular?: readonly string[];
  /** The usual one first: plain, short, and true of any shop that has the section. */
  usual: readonly string[];
  /** For a shop that is to be loud. */
  loud?: string;
}

/** Kinds of sections that may stand under a heading of ours. */
export type Headed =
  | 'buy-one'
  | 'categories'
  | 'contact'
  | 'details'
  | 'extracts'
  | 'featured'
  | 'form'
  | 'gallery'
  | 'hours'
  | 'listing'
  | 'map'
  | 'newsletter'
  | 'numbers'
  | 'offer'
  | 'people'
  | 'posted'
  | 'posts'
  | 'price-table'
  | 'questions'
  | 'related'
  | 'reviews'
  | 'steps'
  | 'story'
  | 'video'
  | 'why';
