import { isBlank, type Cell, type Grid } from './grid';

/** Things with named fields, as data formats have them. */
export type Fields = Map<string, Cell>;

/** Records as rows under a heading for each field, in the order in which the fields are met. */
export function gridOfRecords(records: readonly Fields[], name = ''): Grid {
  const headings = new Map<string, number>();
  for (const record of records) for (const field of record.keys()) if (!headings.has(field)) headings.set(field, headings.size);
  const rows = records.map((record) => [...headings.keys()].map((field) => record.get(field) ?? ''));
  const filled = [...headings.keys()].map((_, i) => rows.some((row) => !isBlank(row[i])));
  const kept = (row: Cell[]) => row.filter((_, i) => filled[i]);
  return { name, rows: [kept([...headings.keys()]), ...rows.map(kept)], firstRow: 1, headed: true };
}
