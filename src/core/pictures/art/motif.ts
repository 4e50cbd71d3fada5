/** A piece of a drawn thing: an outline in a box of 100 by 100 that stands on its lower edge, and how it is toned. */
export type Piece = [outline: string, tone: 'body' | 'dark' | 'light' | 'trim'];

/** A thing that pictures and marks are composed of. */
export interface Motif {
  id: string;
  /** Nouns that it is a drawing of; what WordNet files closely under one of them looks like it. */
  words: string;
  /** Words of trades that it stands for where what is sold has no drawing: a bone for dog leads. It looks like nothing of theirs. */
  trades?: string;
  /** Its height beside other things, 1 is a bottle. */
  height: number;
  pieces: readonly Piece[];
}
