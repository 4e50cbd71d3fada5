import { type Source } from '../brief';

/** Where a sentence comes from. */
export type TextSource =
  | { kind: 'brief'; source: Source }
  | { kind: 'goods'; say: string }
  | { kind: 'till'; say: string }
  /** A connecting word of Arcatum's: a label, a heading, a button. */
  | { kind: 'ours' }
  | { kind: 'seller' }
  /** Nothing is known: the seller is asked, and nothing is published. */
  | { kind: 'ask'; prompt: string };

/** A text of the shop. Rank 1 is the seller's own sentence, 2 a fact, 3 a connecting word. */
export interface Text {
  text: string;
  /** The same with the signs of how its words are set (`core/prose`), where the seller has set them. */
  set?: string;
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

/** An empty place that only the seller can fill. */
export const askFor = (prompt: string): Text => ({ text: '', rank: 3, sources: [{ kind: 'ask', prompt }] });

/** What the seller is asked at an empty place; null where there is a text. */
export const askedAt = (text: Text): string | null => {
  const [source] = text.sources;
  return text.text === '' && source?.kind === 'ask' ? source.prompt : null;
};

/** Several sources of the brief as one list. */
export const sourcesOf = (...facts: ({ source: Source | null } | null | undefined)[]): TextSource[] =>
  facts.flatMap((fact) => (fact?.source ? [{ kind: 'brief' as const, source: fact.source }] : []));
