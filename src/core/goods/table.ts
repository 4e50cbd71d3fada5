import Papa from 'papaparse';
import { readColumns } from './columns';

/** A list as rows of cells (RFC 4180, and its relatives with other separators). */
export interface Cells {
  header: string[];
  rows: string[][];
  /** Rows, counted from 1 with the header, in which a quotation mark is left open. */
  unclosed: number[];
}

export function readTable(source: string): Cells {
  const table = Papa.parse<string[]>(source, { delimiter: separatorOf(source) });
  const [header = [], ...rows] = table.data;
  return { header, rows, unclosed: table.errors.filter((error) => error.type === 'Quotes').map((error) => (error.row ?? 0) + 1) };
}

/** The separator under which most headings make sense. Decimal commas fool a guess from counts alone. */
function separatorOf(source: string): string {
  let best = { separator: ',', known: 0 };
  for (const separator of [',', ';', '\t', '|']) {
    const [header = []] = Papa.parse<string[]>(source, { delimiter: separator, preview: 1 }).data;
    const known = readColumns(header).filter((column) => column.meaning).length;
    if (known > best.known) best = { separator, known };
  }
  return best.separator;
}
