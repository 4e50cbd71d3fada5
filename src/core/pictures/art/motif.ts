/** A piece of a drawn thing: an outline in a box of 100 by 100 that stands on its lower edge, and how it is toned. */
export type Piece = [outline: string, tone: 'body' | 'dark' | 'light' | 'trim'];

/** A thing that pictures and marks are composed of. */
export interface Motif {
  id: string;
  /** Nouns that it stands for; what WordNet files under one of them is meant too. */
  words: string;
  /** Its height beside other things, 1 is a bottle. */
  height: number;
  pieces: readonly Piece[];
}
