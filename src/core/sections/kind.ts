import { type PictureSize } from '../look/about';
import { type Fields } from './field';

/** Kinds of sections. Definition, drawing and style of each are held to this list by the compiler. */
export const sectionKinds = [
  // Sections of the trade, which sellers can add.
  'opening',
  'featured',
  'buy-one',
  'categories',
  'offer',
  'price-table',
  'gallery',
  'posted',
  'why',
  'story',
  'numbers',
  'people',
  'reviews',
  'steps',
  'video',
  'extracts',
  'free-text',
  'markup',
  'questions',
  'details',
  'hours',
  'map',
  'form',
  'newsletter',
  'contact',
  // What a page is made of, which comes and goes with it.
  'listing',
  'product',
  'assurance',
  'related',
  'article',
  'posts',
  'rates',
  'clauses',
  'search',
  'cart',
  'checkout',
  'thanks',
  'missing',
] as const;

export type SectionKind = (typeof sectionKinds)[number];

export interface Arrangement {
  id: string;
  label: string;
}

/** What a kind of section is for, what stands in it, and what its drawing can do. Light: the studio's page may know it. */
export interface SectionAbout<F extends Fields = Fields, K extends SectionKind = SectionKind> {
  kind: K;
  label: string;
  visitorGets: string;
  doNext: string;
  /** Whether sellers can add it to a page. */
  library: boolean;
  /** What it can't be without, in words after "Needs". */
  needs?: string;
  /** Whether a page can have several of it. */
  repeats?: boolean;
  /** How many pictures of the seller's own it can show. */
  pictures?: number;
  arrangements: readonly Arrangement[];
  /** How narrow it may stand, in parts of its page (`pageParts`); where nothing is said, as narrow as words may. */
  narrowest?: number;
  /** How its picture can be sized beside its look; not at all where nothing is said. */
  resizes?: readonly PictureSize[];
  fields: F;
}

/** Says what a kind of section is. A section of the trade wants at least two arrangements. */
export function aboutSection<const F extends Fields, K extends SectionKind>(about: SectionAbout<F, K>): SectionAbout<F, K> {
  if (about.library && about.arrangements.length < 2)
    throw new Error(`The section “${about.kind}” is offered to sellers and has only one arrangement. Give it another.`);
  return about;
}

/** What pages are made of: it has one form, and comes and goes with its page. */
export const aboutFixed = <const F extends Fields, K extends SectionKind>(
  about: Omit<SectionAbout<F, K>, 'library' | 'arrangements'>,
): SectionAbout<F, K> => ({ ...about, library: false, arrangements: [] });
