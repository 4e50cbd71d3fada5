import { type Source } from '../brief';

/** Where a sentence comes from. */
export type TextSource =
  | { kind: 'brief'; source: Source }
  | { kind: 'goods'; say: string }
  | { kind: 'till'; say: string }
  /** A connecting word of Arcatum's: a label, a heading, a button. */
  | { kind: 'ours' }
  | { kind: 'seller' };

/** A text of the shop. Rank 1 is the seller's own sentence, 2 a fact, 3 a connecting word. */
export interface Text {
  text: string;
  rank: 1 | 2 | 3;
  sources: TextSource[];
}

export const ours = (text: string): Text => ({ text, rank: 3, sources: [{ kind: 'ours' }] });
export const fromGoods = (text: string, say: string): Text => ({ text, rank: 2, sources: [{ kind: 'goods', say }] });
export const fromTill = (text: string, say: string): Text => ({ text, rank: 2, sources: [{ kind: 'till', say }] });
export const fromBrief = (text: string, ...sources: Source[]): Text => ({
  text,
  rank: 1,
  sources: sources.map((source) => ({ kind: 'brief', source })),
});
