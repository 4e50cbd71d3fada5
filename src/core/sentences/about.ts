import { type Address, type Value, type Wish } from '../places';

/** Everything that can be said to a shop in a sentence. Definitions and registry are held to this list by the compiler. */
export const sentenceKinds = [
  'text',
  'rework',
  'other-text',
  'text-out',
  'text-back',
  'replace',
  'leads',
  'leads-back',
  'second-button',
  'one-button',
  'move',
  'move-by',
  'move-end',
  'hide',
  'show',
  'fold',
  'unfold',
  'phone-hide',
  'phone-show',
  'arrange',
  'arrange-other',
  'ground',
  'ground-as',
  'add',
  'duplicate',
  'item-out',
  'page',
  'page-name',
  'page-out',
  'page-back',
  'menu',
  'footer',
  'mark',
  'mark-size',
  'mark-foot',
  'mark-name',
  'frame',
  'title',
  'describe',
  'price',
  'price-by',
  'was',
  'was-out',
  'stock',
  'weight',
  'product-out',
  'product-back',
  'first',
  'into',
  'out-of',
  'tax-class',
  'columns',
  'phone-columns',
  'scheme',
  'accent',
  'shift',
  'second',
  'ground-colour',
  'colours',
  'other-colours',
  'heading-face',
  'text-face',
  'corners',
  'room',
  'lines',
  'treatment',
  'motion',
  'art',
  'other-art',
  'opening',
  'other-style',
  'phone-size',
  'keep',
  'unkeep',
  'returns',
  'discount',
  'code-out',
  'free-from',
  'pay',
  'presents',
  'undo',
  'redo',
  'undo-one',
  'version',
  'version-back',
  'compare',
  'go',
  'menu-under',
  'menu-shelves',
  'stand-width',
  'stand-align',
  'stand-size',
  'stand-room',
  'keep-this',
  'show-picture',
  'picture-size',
] as const;
export type SentenceKind = (typeof sentenceKinds)[number];

/** What is done beside what stands at places: with the log of the project, or with the window. */
export type Act =
  | { do: 'undo'; steps: number }
  | { do: 'redo' }
  | { do: 'take-out'; change: string }
  | { do: 'name'; version: string }
  | { do: 'back-to'; change: string }
  | { do: 'compare'; change: string }
  | { do: 'go'; page: string };

/** What one place turns from and to. */
export interface SetOf {
  place: Address;
  before: Value;
  after: Value;
}

/** One way in which a sentence can be meant. */
export interface Reading {
  kind: SentenceKind;
  /** As a plain sentence, with before and after. */
  says: string;
  wishes: readonly Wish[];
  sets: readonly SetOf[];
  act: Act | null;
  /** What was understood of it, by name. */
  of: Readonly<Record<string, string>>;
  sure: boolean;
}

/** A sentence that is not done: why, and the nearest things that can be. */
export interface Refused {
  says: string;
  nearest: readonly string[];
  /** What was meant, where that was understood and can't be done as things stand. */
  kind: SentenceKind | null;
}

export interface Understood {
  readings: readonly Reading[];
  refused: Refused | null;
}

/** The log of a project, as far as sentences speak of it. Newest first. */
export interface Past {
  done: readonly { id: string; says: string }[];
  undone: string | null;
  versions: readonly { id: string; name: string; at: string }[];
  /** When each change was made, oldest first. */
  moments: readonly { id: string; at: string }[];
}

export const noPast: Past = { done: [], undone: null, versions: [], moments: [] };

/** Characters of a sentence; what is longer is a text, not a wish. */
export const longestSentence = 600;
