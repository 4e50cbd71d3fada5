/** How words stand in a document. Only what is `said` is told by its writer; the rest is what holds a document together. */
export type Standing =
  | 'said'
  /** A line over others that says what they are about. */
  | 'heading'
  | 'question'
  /** Sender, subject and date of a mail, and what mail programs put over a mail that is passed on. */
  | 'header'
  | 'greeting'
  /** "With thanks and best wishes," */
  | 'farewell'
  /** What stands under a farewell. */
  | 'signature';

/** A sentence, or what stands for one: an entry of a list, the answer to a label. */
export interface Said {
  /** Without bullet, label, speaker and markup, with single spaces. */
  text: string;
  /** Where it stands in the original: UTF-16 units. */
  start: number;
  end: number;
  standing: Standing;
  /** The words before a colon, a dash or a cell's edge that it answers: "Where", "Who buys". */
  label: string;
  /** The heading above it. */
  heading: string;
  /** The question that it answers. */
  question: string;
  /** Who says it, in a conversation. */
  speaker: string;
  /** Counted from 0. */
  paragraph: number;
  /** Its place in its paragraph, counted from 0. */
  nth: number;
  /** Whether its line begins with a bullet, an arrow or a number. */
  bullet: boolean;
  /** Whether it fills its line. */
  ownLine: boolean;
}

/** A text as a document: what is said in it, in order, and how it stands there. */
export interface Document {
  text: string;
  said: Said[];
}
