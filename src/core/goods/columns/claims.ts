import { type Cell } from '../source/grid';
import { type Candidate } from './contents';
import { type Seen } from './features';
import { type Meaning } from './meaning';

/** What a column is said to be, and by whom. */
export interface Given {
  as: Meaning;
  because: string;
}

/** The columns of a list, what each is taken for so far, and which column has each meaning that a list has once. */
export interface Claims {
  columns: readonly Seen[];
  rows: readonly (readonly Cell[])[];
  /** By the index of the column. */
  chosen: Map<number, Candidate>;
  taken: Map<Meaning, number>;
  /** What the seller or a standard says, which holds. */
  given: ReadonlyMap<number, Given>;
  /** ISO 4217, of the brief; empty where none is known. */
  currency: string;
}

/** Words of a heading that weigh less than this are guessed from a few of their letters. */
export const known = 1.6;
export const mostCells = 0.5;
