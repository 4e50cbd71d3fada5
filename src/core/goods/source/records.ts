import { isBlank, type Cell, type Grid } from './grid';

/** Things with named fields, as data formats have them; what stands several times under a name, each time of another kind, is a column each. */
export type Fields = Map<string, Cell | readonly Cell[]>;

/** Records as rows under a heading for each field, in the order in which the fields are met. */
export function gridOfRecords(records: readonly Fields[], name = ''): Grid {
  const widths = new Map<string, number>();
  for (const record of records)
    for (const [field, value] of record)
      widths.set(field, Math.max(widths.get(field) ?? 1, value instanceof Array ? value.length : 1));
  // What stands a second time under a name comes after all that stand once.
  const columns = [...widths]
    .flatMap(([field, width]) => Array.from({ length: width }, (_, at) => ({ field, at })))
    .sort((a, b) => a.at - b.at);
  const rows = records.map((record) =>
    columns.map(({ field, at }): Cell => {
      const value = record.get(field) ?? '';
      return value instanceof Array ? (value[at] ?? '') : at === 0 ? value : '';
    }),
  );
  const filled = columns.map((_, i) => rows.some((row) => !isBlank(row[i])));
  const kept = (row: Cell[]) => row.filter((_, i) => filled[i]);
  return { name, rows: [kept(columns.map(({ field }) => field)), ...rows.map(kept)], firstRow: 1, headed: true };
}
