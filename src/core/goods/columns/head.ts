import totals from './totals.json';
import { understandMoney } from '../cells/money';
import { isBlank, isBlankRow, textOf, type Cell, type Grid } from '../source/grid';
import { headingKnown } from './heading';

/** Where the headings of a grid stand, and which rows after them are goods. */
export interface Layout {
  /** Index of the row with the headings; -1 where there is none. */
  head: number;
  headings: string[];
  /** What stands above the headings: a title, a note on prices. */
  above: string[];
  body: { cells: readonly Cell[]; row: number }[];
  /** Rows under the headings that are no goods, with what they are. */
  aside: { row: number; what: 'total' | 'note' | 'heading' | 'shelf' | 'above'; text: string }[];
  /** Columns that a total at the foot counts up: each by its index. */
  summed: ReadonlySet<number>;
}

const searched = 40;
/** As many rows are held against a heading; among few a value comes again but once. */
const looked = 40;
const few = 6;

/** Finds headings, goods and what is neither: title rows above, totals and notes below, headings that are repeated. */
export function layOut(grid: Grid): Layout {
  const { rows } = grid;
  const head = grid.headed ? 0 : headOf(rows);
  const headings = head < 0 ? [] : (rows[head] ?? []).map((cell) => textOf(cell).trim());
  const above = rows
    .slice(0, Math.max(0, head))
    .map((row) => row.map(textOf).join(' ').trim())
    .filter(Boolean);
  const body: Layout['body'] = [];
  const aside: Layout['aside'] = [];
  const width = typicalWidth(rows.slice(head + 1));
  // As wide as a row of goods and with a price in it: if it is one, it must not be lost in silence.
  rows.slice(0, Math.max(0, head)).forEach((cells, i) => {
    if (isLikeGoods(cells, width)) aside.push({ row: grid.firstRow + i, what: 'above', text: cells.map(textOf).join(' ') });
  });
  const columns = columnsIn(rows.slice(head + 1));
  let sums: Sum[] = [];
  const summed = new Set<number>();
  const last = lastOf(rows.slice(head + 1));
  rows.slice(head + 1).forEach((cells, i) => {
    const row = grid.firstRow + head + 1 + i;
    if (isBlankRow(cells)) return;
    const note = (what: Layout['aside'][number]['what']) =>
      void aside.push({
        row,
        what,
        text: cells
          .filter((cell) => !isBlank(cell))
          .map(textOf)
          .join(' '),
      });
    if (head >= 0 && isHeadingAgain(cells, headings)) return note('heading');
    if (!grid.headed && (saysTotal(cells) || (i >= last && isSum(cells, sums, width)))) {
      cells.forEach((cell, at) => isSumOf(cell, sums[at]) && summed.add(at));
      return note('total');
    }
    if (!grid.headed && head < 0 && !body.length && isTitle(cells, rows[i + 1], columns)) return note('note');
    if (!grid.headed && i > last && isRemark(cells)) return note('note');
    if (!grid.headed && isNote(cells, width)) return note(isShelf(cells, rows[head + 2 + i]) ? 'shelf' : 'note');
    sums = added(sums, cells);
    body.push({ cells, row });
  });
  return { head, headings, above, body, aside, summed };
}

const filledIn = (row: readonly Cell[]): number => row.reduce<number>((n, cell) => n + (isBlank(cell) ? 0 : 1), 0);

/** Titles, remarks and totals may be half of the rows of a short list; so many of all are no wider. */
const mostOfRows = 0.75;

function typicalWidth(rows: readonly (readonly Cell[])[]): number {
  const widths = rows
    .slice(0, 500)
    .map(filledIn)
    .filter(Boolean)
    .sort((a, b) => a - b);
  return widths[Math.floor((widths.length - 1) * mostOfRows)] ?? 0;
}

/** A column is one from this share of the rows on. */
const leastOfRows = 0.1;

/** How many columns hold anything worth a column: more than rows are wide where names stand in the first row of a thing alone. */
function columnsIn(rows: readonly (readonly Cell[])[]): number {
  const some = rows.slice(0, 500).filter((row) => !isBlankRow(row));
  const width = some.reduce((most, { length }) => Math.max(most, length), 0);
  const isColumn = (at: number) => some.filter((row) => !isBlank(row[at] ?? '')).length >= some.length * leastOfRows;
  return Array.from({ length: width }, (_, at) => at).filter(isColumn).length;
}

function headOf(rows: readonly (readonly Cell[])[]): number {
  const width = typicalWidth(rows);
  let best = { row: -1, score: 0.9 };
  rows.slice(0, searched).forEach((row, r) => {
    const filled = filledIn(row);
    if (!filled || (filled < 2 && width > 1)) return;
    // What stands below all goods heads none.
    if (rows.slice(0, r).some((above) => filledIn(above) > 1) && rows.slice(r + 1).every(isBlankRow)) return;
    const said = row.map(textOf).join('\u0000');
    const others = rows.slice(0, looked).filter((other) => other !== row && other.map(textOf).join('\u0000') !== said);
    let score = 0;
    for (const [c, cell] of row.entries()) {
      if (isBlank(cell)) continue;
      const text = textOf(cell).trim();
      if (holdsMoney(cell)) score -= 2.2;
      else if (/^[\p{Sc}\d]/u.test(text) || text.length > 60) score -= 1.2;
      else if (headingKnown(text)) score += 1;
      else score += contrasts(text, rows, r, c) ? 0.55 : standsApart(text, rows, r, c) ? 0.3 : 0.1;
      // What comes again under itself is one of the values.
      if (comesAgain(text, others, c)) score -= 1.2;
    }
    // What headings have nothing of below them head nothing.
    score *= Math.min(1, filled / Math.max(1, width * 0.7));
    score -= r * 0.02;
    // Above headings stand titles and remarks, and no goods.
    score -= rows.slice(0, r).filter((above) => isLikeGoods(above, width)).length;
    if (score > best.score) best = { row: r, score };
  });
  return best.row;
}

/** Whether a cell states a price, be it in its own way: "from 12", "8–10". */
const holdsMoney = (cell: Cell): boolean => !['unknown', 'blank', 'request', 'free'].includes(understandMoney(cell).kind);

/** Whether a row is as wide as those of goods and has a price. */
const isLikeGoods = (cells: readonly Cell[], width: number): boolean =>
  filledIn(cells) >= Math.max(2, width) && cells.some(holdsMoney);

/** Whether a cell's text stands in other rows of its column too. Rows that are the same altogether are headings that are repeated. */
function comesAgain(text: string, others: readonly (readonly Cell[])[], c: number): boolean {
  return others.filter((row) => textOf(row[c]).trim() === text).length > (others.length > few ? 1 : 0);
}

/** Words over a column of numbers. */
function contrasts(text: string, rows: readonly (readonly Cell[])[], r: number, c: number): boolean {
  if (/\d/.test(text)) return false;
  const below = rows
    .slice(r + 1, r + 12)
    .map((row) => row[c])
    .filter((cell) => !isBlank(cell));
  return (
    below.length > 1 &&
    below.filter((cell) => typeof cell === 'number' || /^\D{0,4}\d/.test(textOf(cell))).length >= below.length * 0.7
  );
}

/** As many cells below, and each of their values twice in the mean, are a column of a few values. */
const someCells = 8;

/** Words over a column whose few values come again and again, and that are none of them. */
function standsApart(text: string, rows: readonly (readonly Cell[])[], r: number, c: number): boolean {
  const below = rows
    .slice(r + 1, r + 1 + looked)
    .map((row) => textOf(row[c]).trim())
    .filter(Boolean);
  const values = new Set(below);
  return below.length >= someCells && values.size <= below.length / 2 && !values.has(text);
}

const isHeadingAgain = (cells: readonly Cell[], headings: readonly string[]): boolean => {
  const filled = headings.filter(Boolean).length;
  const same = headings.filter((heading, i) => heading && textOf(cells[i]).trim().toLowerCase() === heading.toLowerCase()).length;
  return filled > 1 && same >= filled * 0.7;
};

/** Whether a text begins with a word for a total, in any script: "Grand total", "итого:". */
function opensWithTotal(text: string): boolean {
  const said = text
    .trim()
    .toLowerCase()
    .replace(/^grand /, '');
  return totals.some((word) => said.startsWith(word) && !/^[\p{L}\p{M}]/u.test(said.slice(word.length)));
}

/** What the numbers of a column come to, and how many they are. */
type Sum = { of: number; count: number } | undefined;

const numberIn = (cell: Cell): number =>
  typeof cell === 'number' ? cell : /^\d+(?:[.,]\d{1,2})?$/.test(cell.trim()) ? Number(cell.trim().replace(',', '.')) : NaN;

function added(sums: readonly Sum[], cells: readonly Cell[]): Sum[] {
  const next = [...sums];
  cells.forEach((cell, i) => {
    const value = numberIn(cell);
    if (!Number.isNaN(value)) next[i] = { of: (next[i]?.of ?? 0) + value, count: (next[i]?.count ?? 0) + 1 };
  });
  return next;
}

/** Where the last row stands that holds more than a remark. */
const lastOf = (rows: readonly (readonly Cell[])[]): number => rows.findLastIndex((cells) => filledIn(cells) > 1);

const saysTotal = (cells: readonly Cell[]): boolean =>
  cells.some((cell) => typeof cell === 'string' && opensWithTotal(cell) && cell.trim().length < 24);

/** Whether a cell is what the numbers above it come to. */
function isSumOf(cell: Cell, sum: Sum): boolean {
  const value = numberIn(cell);
  return value > 0 && sum !== undefined && sum.count > 1 && Math.abs(sum.of - value) < 0.005;
}

/** A sum of so many is no accident, and hardly the price of all of them together. */
const manySummed = 5;

/**
 * Whether all numbers of a row are sums of what stands above. It may be called anything ("all told", "zusammen"): by two sums it is told, or
 * by one of many in a row that is narrower than those of goods.
 */
function isSum(cells: readonly Cell[], sums: readonly Sum[], width: number): boolean {
  const said = cells.flatMap((cell, i) => (isBlank(cell) ? [] : [{ cell, sum: sums[i] }]));
  const numbers = said.filter(({ cell }) => !Number.isNaN(numberIn(cell)) || /\d/.test(textOf(cell)));
  const words = said.length - numbers.length;
  const areSums = numbers.length > 0 && numbers.every(({ cell, sum }) => isSumOf(cell, sum));
  if (!areSums || words > 1) return false;
  const isNarrow = said.length <= width - 2 && numbers.every(({ sum }) => (sum?.count ?? 0) >= manySummed);
  return words === 0 || numbers.length > 1 || isNarrow;
}

/**
 * A line over a list: alone, with a colon at its end or nothing under it; or over goods that have names of their own in its column, so that
 * it names none of them.
 */
function isTitle(cells: readonly Cell[], next: readonly Cell[] | undefined, columns: number): boolean {
  if (filledIn(cells) !== 1 || cells.some(holdsMoney)) return false;
  if (/:$/.test(cells.map(textOf).join('').trim())) return true;
  if (next === undefined || isBlankRow(next)) return next !== undefined;
  return columns > 2 && filledIn(next) > 1 && !isBlank(next[cells.findIndex((cell) => !isBlank(cell))]);
}

/** A sentence that stands alone below all goods. */
const isRemark = (cells: readonly Cell[]): boolean =>
  filledIn(cells) === 1 && /\p{L}.*[.!?]$/u.test(cells.map(textOf).join('').trim());

/** One cell alone in a list of several columns: a remark, or the name of a shelf over the rows after it. */
const isNote = (cells: readonly Cell[], width: number): boolean =>
  width >= 3 &&
  filledIn(cells) === 1 &&
  cells.some((cell) => typeof cell === 'string' && /\p{L}/u.test(cell)) &&
  !isBlank(cells[0]);

function isShelf(cells: readonly Cell[], next: readonly Cell[] | undefined): boolean {
  const text = textOf(cells.find((cell) => !isBlank(cell))).trim();
  return next !== undefined && filledIn(next) > 1 && text.length <= 40 && !/[.!?]$/.test(text) && !/^[*†¹]/.test(text);
}
