import Papa from 'papaparse';
import { headingKnown } from '../columns/heading';
import { understandMoney } from '../cells/money';
import { type Form, type Grid, type SourceNote } from './grid';

const delimiters: readonly { form: Form; mark: string }[] = [
  { form: 'tab', mark: '\t' },
  { form: 'semicolon', mark: ';' },
  { form: 'pipe', mark: '|' },
  { form: 'comma', mark: ',' },
];

export interface Delimited {
  form: Form;
  grid: Grid;
  notes: SourceNote[];
}

const looked = 120;

/** A text as cells under the separator that makes most sense of it, or null where none makes columns of it. */
export function readDelimited(text: string): Delimited | null {
  const head = firstLines(text, looked);
  let best: { form: Form; mark: string; score: number } | null = null;
  for (const delimiter of delimiters) {
    const score = columnsScore(head, delimiter.mark);
    if (score > (best?.score ?? 0)) best = { ...delimiter, score };
  }
  if (!best) return null;
  const { rows, notes } = parse(text, best.mark);
  return { form: best.form, grid: { name: '', rows, firstRow: 1, headed: false }, notes };
}

/** How well rows come out of a text under a separator: of one width, of several cells, headed by words that are known. */
function columnsScore(head: string, mark: string): number {
  const rows = parse(head, mark).rows.filter((row) => row.some((cell) => cell.trim()));
  if (!rows.length) return 0;
  const widths = new Map<number, number>();
  for (const { length } of rows) widths.set(length, (widths.get(length) ?? 0) + 1);
  const several = [...widths].filter(([width]) => width > 1).sort((a, b) => b[1] - a[1])[0];
  if (!several) return 0;
  const [width, count] = several;
  const steady = count / rows.length;
  if (steady < 0.5 && count < 3) return 0;
  const known = Math.max(...rows.slice(0, 12).map((row) => row.filter((cell) => headingKnown(cell)).length));
  // A decimal comma that was cut through leaves two bare numbers, where there would be one price.
  const priced = rows.filter((row) => row.some((cell) => understandMoney(cell).kind === 'amount')).length / rows.length;
  const tidy = mark === ',' && rows.some((row) => row.some((cell) => /^\s\S/.test(cell))) ? -0.3 : 0;
  return steady * 2 + Math.min(known, 6) * 0.6 + priced * 0.5 + Math.min(width, 8) * 0.05 + (mark === ',' ? 0 : 0.4) + tidy;
}

const firstLines = (text: string, count: number): string => {
  let end = 0;
  for (let n = 0; n < count; n++) {
    const next = text.indexOf('\n', end);
    if (next < 0) return text;
    end = next + 1;
  }
  return text.slice(0, end);
};

/** A list whose separators have a space after them has one before its quotation marks, too: it opens the cell with them. */
function typed(text: string, mark: string): string {
  if (mark === '\t' || !text.includes(`${mark} "`)) return text;
  const spacedOnes = text.split(`${mark} `).length - 1;
  return spacedOnes >= (text.split(mark).length - 1) * mostMarks ? text.replaceAll(`${mark} "`, `${mark}"`) : text;
}

/** Where as many separators have a space after them, a hand has typed it. */
const mostMarks = 0.7;

/** A comma with a figure on either side and no space. */
const withinNumber = /(?<=\d),(?=\d)/g;
/** Stands for a comma that parts nothing, while cells are parted: a noncharacter (Unicode 23.7), which no text has. */
const keptComma = '\ufdd0';

/** Whether commas that part things have a space after them, or there are none: those that stand in figures part nothing then. */
const cutsNumbers = (head: string): boolean => {
  const within = head.match(withinNumber)?.length ?? 0;
  return within > 0 && head.match(/,(?!\s)/g)?.length === within;
};

/**
 * RFC 4180 and its relatives. A quotation mark that is never closed would swallow the rest of the list: it is taken for one that somebody
 * typed, and said.
 */
function parse(text: string, mark: string): { rows: string[][]; notes: SourceNote[] } {
  const isCut = mark === ',' && cutsNumbers(firstLines(text, looked));
  const { source, openedAt } = withClosedQuotes(typed(isCut ? text.replaceAll(withinNumber, keptComma) : text, mark), mark);
  const { data } = Papa.parse<string[]>(source, { delimiter: mark });
  const cells = isCut ? data.map((row) => row.map((cell) => cell.replaceAll(keptComma, ','))) : data;
  const { rows, joined } = rejoined(cells, mark);
  const notes = openedAt.map((row) => ({
    row,
    say: 'A quotation mark is opened here and never closed. It is read as a sign of its own; check this row.',
  }));
  return { rows: spaced(rows, mark), notes: [...notes, ...joined] };
}

/** So many times a text is gone through again for quotation marks that stay open to its end. */
const mostTries = 20;

/**
 * A text in which every cell that a quotation mark opens and nothing closes holds that mark, and the lines where such cells are. Nothing
 * closes it where the list ends within it, or where it goes on over the end of its line and then meets one that closes nothing.
 */
function withClosedQuotes(text: string, mark: string): { source: string; openedAt: number[] } {
  const made: string[] = [];
  const openedAt: number[] = [];
  let from = 0;
  let tries = 0;
  let line = 1;
  let counted = 0;
  const keep = (at: number) => {
    for (; counted < at; counted++) if (text[counted] === '\n') line++;
    openedAt.push(line);
    const end = endOfCell(text, at, mark);
    // Two quotation marks within quotation marks are one.
    made.push(text.slice(from, at), '"""', text.slice(at + 1, end).replaceAll('"', '""'), '"');
    from = end;
    return end;
  };
  let at = -1;
  let isOverLine = false;
  let isFresh = true;
  for (let i = 0; i < text.length || (at >= 0 && tries++ < mostTries); i++) {
    const char = text[i];
    const isQuote = char === '"';
    if (at < 0) {
      if (isQuote && isFresh) {
        at = i;
        isOverLine = false;
      }
      isFresh = char === mark || char === '\n' || char === '\r';
    } else if (i >= text.length || (isQuote && text[i + 1] !== '"' && isOverLine && !closesAt(text, i + 1, mark))) {
      i = keep(at) - 1;
      at = -1;
    } else if (isQuote && text[i + 1] === '"') i++;
    else if (isQuote && closesAt(text, i + 1, mark)) at = -1;
    else if (char === '\n') isOverLine = true;
  }
  return { source: made.length ? [...made, text.slice(from)].join('') : text, openedAt };
}

/** Whether a cell ends here, but for spaces. */
function closesAt(text: string, from: number, mark: string): boolean {
  let i = from;
  while (text[i] === ' ') i++;
  return i >= text.length || text[i] === mark || text[i] === '\n' || text[i] === '\r';
}

function endOfCell(source: string, from: number, mark: string): number {
  for (let i = from; i < source.length; i++) if (source[i] === '\n' || source[i] === '\r' || source[i] === mark) return i;
  return source.length;
}

/** Whether a cell is a number or an amount, which a text is not. */
const isFigure = (cell: string): boolean => understandMoney(cell).kind === 'amount';

/** How a cell is made: "CF 01 P" and "AB 7 X" are alike. */
const shapeOf = (cell: string): string =>
  cell
    .trim()
    .replace(/\p{L}+/gu, 'a')
    .replace(/\d+/g, '0');
/** Of as many rows of one shape, another one is no chance. */
const someRows = 3;

/**
 * A text with the separator in it and no quotation marks round it ("Bowl, 18 cm, 64 €, plenty") makes a row too long. Where there is one
 * way alone to put cells together again so that figures and codes stand where the other rows have them, it is taken, and said.
 */
function rejoined(rows: string[][], mark: string): { rows: string[][]; joined: SourceNote[] } {
  const filled = rows.slice(0, looked).filter((row) => row.some((cell) => cell.trim()));
  const head = filled.slice(0, 12).find((row) => row.filter((cell) => headingKnown(cell)).length >= 2);
  const width = head?.length ?? 0;
  const whole = filled.filter((row) => row !== head && row.length === width);
  if (!head || !whole.length || mark === '\t') return { rows, joined: [] };
  const figures = head.map((_, i) => whole.filter((row) => isFigure(row[i] ?? '')).length / whole.length);
  const isSettled = figures.map((share) => share === 1 || share === 0);
  // Codes are made alike; the words of titles are not.
  const shapes = head.map((_, i) => {
    const [shape, ...others] = new Set(whole.map((row) => shapeOf(row[i] ?? '')));
    return whole.length >= someRows && !others.length && shape && /0/.test(shape) ? shape : null;
  });
  if (!figures.includes(1)) return { rows, joined: [] };
  const joined: SourceNote[] = [];
  const mended = rows.map((row, i) => {
    if (row.length <= width) return row;
    const cells = row.slice(0, row.findLastIndex((cell) => cell.trim()) + 1);
    const more = cells.length - width;
    if (more <= 0) return row;
    const ways = head
      .map((_, at) => [...cells.slice(0, at), cells.slice(at, at + more + 1).join(mark), ...cells.slice(at + more + 1)])
      .filter((way) =>
        way.every((cell, n) => {
          const isFit = !isSettled[n] || isFigure(cell) === (figures[n] === 1);
          return isFit && (!shapes[n] || shapes[n] === shapeOf(cell));
        }),
      );
    const [way] = ways;
    if (!way || ways.length > 1) return row;
    const at = way.findIndex((cell, n) => cell !== cells[n]);
    joined.push({
      row: i + 1,
      say: `“${way[at]?.trim() ?? ''}” is taken for one cell: that is how the row fits under the headings.`,
    });
    return way;
  });
  return { rows: mended, joined };
}

/** Separators that a hand has typed have a space after them, which belongs to no cell. */
const spaced = (rows: string[][], mark: string): string[][] =>
  mark === '\t' ? rows : rows.map((row) => row.map((cell) => (/^ \S/.test(cell) ? cell.slice(1) : cell)));
