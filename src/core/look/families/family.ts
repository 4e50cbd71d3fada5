import { type Mood } from '../../brief';
import { type SectionKind } from '../../sections/kind';
import { type ArtId } from '../../pictures/about';
import { type FamilyId, type Motion, type SchemeId, type Treatment } from '../about';

/** What a family is made of, each on a scale of 0–1, for how far apart two of them are. */
export interface Structure {
  /** Of one narrow column … of many. */
  columns: number;
  /** Little on a screen … much. */
  density: number;
  /** Words lead … pictures lead. */
  pictures: number;
  /** No lines … ruled throughout. */
  ruled: number;
  /** Off the middle … mirrored about it. */
  symmetry: number;
  /** Sizes of type near each other … far apart. */
  contrast: number;
  /** Plain edges … cut, scalloped or drawn ones. */
  edges: number;
  /** Everything of one size … sizes that change. */
  rhythm: number;
  /** Ground shows throughout … filled with fields of colour. */
  fields: number;
}

/** Corners, lines and room. A family proposes, the seller disposes. */
export interface Shape {
  /** Radius of buttons and fields, px; 99 is fully round. */
  corner: number;
  /** Width of lines, px. */
  rule: number;
  /** Room between things, 1 is usual. */
  room: number;
  treatment: Treatment;
  motion: Motion;
}

/** What the head or the foot of the pages stands on, by its role in the palette. */
export const bands = ['ground', 'raised', 'text', 'accent', 'second'] as const;
export type Band = (typeof bands)[number];

/** The grounds that a shop's head and foot stand on. */
export const bandsOf = ({ head, foot }: { head: Family; foot: Family }): Required<Family['bands']> => ({
  head: head.bands.head ?? 'ground',
  foot: foot.bands.foot ?? 'ground',
});

/** What the page of a thing tells of it. */
export type ProductPart = 'name' | 'price' | 'about' | 'facts' | 'buy';

/** How the choices of a thing are offered: side by side, a ruled line each, as words, as a list to tick, or one that unfolds. */
export type Choices = 'tiles' | 'rows' | 'words' | 'ticks' | 'menu';

/** How a thing is offered on its own page. */
export interface ProductForm {
  /** From first to last. A price that is not among it stands with the button. */
  order: readonly ProductPart[];
  choices: Choices;
  /** A long text about it is folded away. */
  folds?: boolean;
  /** It says its number among all goods. */
  numbered?: boolean;
}

/** A way of arranging a shop, to be told from the others with the colours off. How it is drawn is in storefront/families. */
export interface Family {
  id: FamilyId;
  name: string;
  /** What it is like, for a seller. */
  character: string;
  mood: Mood;
  /** Trades and goods that it is at home with. */
  suits: string;
  /** How many goods it shows well. */
  goods: { from: number; to: number };
  /** Faces that suit it, best first. */
  headings: readonly string[];
  texts: readonly string[];
  /** Ratio of its type scale. */
  ratio: number;
  /** Whether headings stand in capitals. */
  caps: boolean;
  /** How its ground may relate to the accent, best first. */
  schemes: readonly SchemeId[];
  shape: Shape;
  /** The grounds of head and foot, where they are not those of the page. */
  bands: { head?: Band; foot?: Band };
  /** Its header is part of how its pages are laid out: no other family can have it. */
  keepsHead?: boolean;
  /** What its lists say of each thing beside name and price. */
  card: {
    about?: boolean;
    state?: boolean;
    quick?: boolean;
    /** Where a thing has no picture, its name stands in the picture's place, set large. */
    names?: boolean;
    /** It lies: name and price stand beside the picture. Where several are beside each other it stands upright. */
    lies?: boolean;
  };
  product: ProductForm;
  /** The kind of pictures that are made for it. */
  art: ArtId;
  /** Arrangements that it prefers where the first one is not its own. */
  arrangements: Partial<Record<SectionKind, string>>;
  /** Sections of the home page that it wants early, in this order; the rest follows as planned. */
  leads: readonly SectionKind[];
  structure: Structure;
}
