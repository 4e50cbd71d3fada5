import Papa from 'papaparse';

/** Cells that a spreadsheet would run begin with an apostrophe, which spreadsheets don't show and lists are read without. */
const harmless = (cell: string | number): string | number =>
  typeof cell === 'string' && /^[=+\-@\t\r]/.test(cell) ? `'${cell}` : cell;

/** RFC 4180, in UTF-8 with a mark, so that spreadsheets take it for what it is. */
export const csvOf = (rows: readonly (readonly (string | number)[])[]): string =>
  `\ufeff${Papa.unparse(
    rows.map((row) => row.map(harmless)),
    { newline: '\r\n' },
  )}\r\n`;
