/** A text of a section, or of an item in one of its lists. */
export interface TextField {
  kind: 'text';
  /** What it is to shoppers: words to read, or words that lead somewhere. */
  as: 'heading' | 'text' | 'button' | 'link';
  /**
   * How its words can be set where they stand: as a plain line; with stress and links in it; or in paragraphs and lists as well. An address or
   * a piece of markup is seen as something else, and written apart.
   */
  sets: 'line' | 'marked' | 'prose' | 'apart';
  /** How many words suit it: the least and the most. */
  words: readonly [least: number, most: number];
  /** Characters beyond which a text is not taken. */
  most: number;
  /** What the seller is asked where only the seller can give it. Asked for in the preview, never published empty. */
  ask?: string;
  /** The section does without it. */
  optional?: boolean;
}

/** A list whose items keep their names when they move. */
export interface ItemsField<Parts extends string = string> {
  kind: 'items';
  parts: Readonly<Record<Parts, TextField>>;
  /** Whether a picture of the seller's own may stand with each. */
  pictured: boolean;
}

export type Field = TextField | ItemsField;
export type Fields = Readonly<Record<string, Field>>;

type Wanted = Partial<Omit<TextField, 'kind' | 'as'>>;

const text =
  (words: TextField['words'], most: number, as: TextField['as'] = 'text', sets: TextField['sets'] = 'line') =>
  (wanted: Wanted = {}): TextField => ({ kind: 'text', as, sets, words, most, ...wanted });
const marked = (words: TextField['words'], most: number) => text(words, most, 'text', 'marked');

/** Kinds of texts by what they are for. The ranges are common practice; the caps keep a page a page. */
export const headline = text([1, 12], 160, 'heading');
export const lead = marked([3, 34], 400);
export const button = text([1, 6], 60, 'button');
export const heading = text([1, 8], 120, 'heading');
export const title = text([1, 12], 160, 'heading');
export const intro = marked([2, 18], 240);
export const link = text([1, 4], 60, 'link');
export const question = text([2, 14], 200);
export const answer = marked([2, 60], 1000);
export const figure = text([1, 2], 24);
export const counted = text([1, 7], 100);
export const name = text([1, 6], 80);
export const signature = text([1, 8], 100);
export const step = marked([2, 14], 240);
export const days = text([1, 8], 80);
export const hours = text([1, 6], 80);
export const terms = text([2, 22], 300);
export const note = marked([3, 32], 400);
/** A short passage that stands as one paragraph. */
export const passage = marked([1, 70], 2000);
/** A passage that may run over paragraphs. */
export const prose = text([1, 70], 2000, 'text', 'prose');
export const about = text([2, 180], 6000, 'text', 'prose');
/** Something that is as long as it is. */
export const anything = text([1, 4000], 20_000, 'text', 'apart');

export const items = <Parts extends string>(parts: Readonly<Record<Parts, TextField>>, pictured = false): ItemsField<Parts> => ({
  kind: 'items',
  parts,
  pictured,
});

/** Whether the words of a field can be set, by the signs of `core/prose`. */
export const hasSigns = (field: TextField | undefined): boolean => field?.sets === 'marked' || field?.sets === 'prose';

export const wordCount = (text: string): number => text.trim().split(/\s+/).filter(Boolean).length;

/** Whether a text is of a length that suits its place. */
export function suits({ words: [least, most] }: TextField, text: string): boolean {
  const count = wordCount(text);
  return count >= least && count <= most;
}
