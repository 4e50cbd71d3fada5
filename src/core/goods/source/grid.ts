/** A cell as the file has it: text, or a number where the file itself says that it is one. */
export type Cell = string | number;

/** Rows of cells. Where each row stands in its file is kept, for whoever has to find it there. */
export interface Grid {
  /** The sheet or table it comes from, or empty. */
  name: string;
  rows: Cell[][];
  /** The row of the file that the first row is, counted from 1. */
  firstRow: number;
  /** Whether the first row is surely headings, because the form of the file names its fields. */
  headed: boolean;
  /** Currencies that a spreadsheet's own number formats give, by column. */
  currencies?: ReadonlyMap<number, string>;
}

export const forms = [
  'comma',
  'semicolon',
  'tab',
  'pipe',
  'fixed-width',
  'lines',
  'xlsx',
  'ods',
  'json',
  'json-lines',
  'json-ld',
  'microdata',
  'html-table',
  'feed',
  'zip',
  'pictures',
] as const;
export type Form = (typeof forms)[number];

/** Something odd about a file that its reader came across. */
export interface SourceNote {
  row: number;
  say: string;
}

/** What a file holds before anything is made of it. */
export interface Source {
  form: Form;
  /** WHATWG name of the encoding of a text; empty for other files. */
  encoding: string;
  grids: Grid[];
  notes: SourceNote[];
  /** Pictures that came with it. */
  pictures: { name: string; bytes: Uint8Array }[];
}

export const textOf = (cell: Cell | undefined): string =>
  cell === undefined ? '' : typeof cell === 'number' ? String(cell) : cell;
export const isBlank = (cell: Cell | undefined): boolean => cell === undefined || (typeof cell === 'string' && !cell.trim());
export const isBlankRow = (row: readonly Cell[]): boolean => row.every(isBlank);

/** Rows beyond which a list is refused. */
export const mostRows = 200_000;
export const mostColumns = 500;
