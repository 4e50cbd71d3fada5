import { type Document, type Said } from '../document';
import { sourceAt, type Source } from './fact';
import { detailNames } from './kinds';
import { labelOf, type Label } from './labels';

/** A sentence of a brief as the readers of facts see it. */
export interface Sentence {
  /** As it stands in the brief, without bullets, label and outer spaces. */
  text: string;
  source: Source;
  /** Whether it is a few words on a line of their own without a full stop, as headings are. */
  heading: boolean;
  /** Counted from 0: which paragraph it stands in. */
  paragraph: number;
  /** What a heading, a question or a word before a colon says that it is about. */
  label: Label | null;
  /** Whether it is the heading or question itself, which says nothing of the business. */
  asks: boolean;
}

const isShort = (text: string): boolean => text.split(/\s+/).length <= 7;

/** What a sentence is about, by what stands over it: the nearest that says something known. */
function about({ label, question, heading }: Said): Label | null {
  if (label && detailNames.has(label.toLowerCase())) return 'detail';
  for (const over of [label, question, heading]) {
    const known = over ? labelOf(over) : null;
    if (known) return known;
  }
  return null;
}

/** The sentences of a document, with what each is about. What is no sentence of the writer's, as a mail's header, is not among them. */
export function sentencesOf({ text, said }: Document): Sentence[] {
  return said
    .filter(({ standing }) => standing !== 'header')
    .map((one) => {
      const label = one.standing === 'said' || one.standing === 'signature' ? about(one) : null;
      // What is told of the goods keeps its name before it: "Allergens: milk".
      const start = label === 'detail' ? text.lastIndexOf(one.label, one.start) : one.start;
      const source = sourceAt(text, start, one.end);
      return {
        text: label === 'detail' ? source.text.replace(/\s+/g, ' ') : one.text,
        source,
        heading: one.ownLine && !/[.!?…,;]["”’)]*$/.test(one.text) && isShort(one.text),
        paragraph: one.paragraph,
        label,
        asks: one.standing === 'heading' || one.standing === 'question' || one.text.endsWith('?'),
      };
    });
}
