import { isSigned, understandMoney } from '../cells/money';
import { type Grid } from './grid';

const looked = 400;
const tabStop = 8;

/** Columns of one width, as tills and old programs print them: wherever every line has a gap, one column ends. */
export function readFixedWidth(text: string): Grid | null {
  const lines = text.split(/\r\n|\n|\r/).map((line) => line.replaceAll('\t', ' '.repeat(tabStop)).trimEnd());
  const filled = lines.filter((line) => /\s{2,}\S/.test(line)).slice(0, looked);
  if (filled.length < 2 || filled.length < lines.filter(Boolean).length * 0.5) return null;
  const width = Math.max(...filled.map((line) => line.length));
  const used = new Uint32Array(width + 1);
  for (const line of filled) for (let i = 0; i < line.length; i++) if (line[i] !== ' ') used[i] = (used[i] ?? 0) + 1;
  const starts = startsOf(used, filled);
  if (starts.length < 2) return null;
  const rows = lines.map((line) =>
    starts.map((start, n) => line.slice(n === 0 ? 0 : start, starts[n + 1] ?? line.length).trim()),
  );
  while (rows.length && rows.at(-1)?.every((cell) => !cell)) rows.pop();
  return { name: '', rows, firstRow: 1, headed: false };
}

/** Columns begin where text stands after at least two spaces in every line, or one that no line fills. */
function startsOf(used: Uint32Array, lines: readonly string[]): number[] {
  const starts: number[] = [];
  let gap = 2;
  for (let i = 0; i < used.length; i++) {
    if (!used[i]) {
      gap++;
      continue;
    }
    // One blank column alone may be the space between two words, unless a heading begins after it.
    const begins = (line: string) => /^ \S/.test(line.slice(i - 1, i + 1));
    // Between two words of every line stands one space in each; before a column some cells are shorter than the longest.
    const isPadded = lines.some((line) => /^ {2}\S/.test(line.slice(i - 2, i + 1)));
    const wide =
      gap >= 2 || (gap === 1 && isPadded && begins(lines[0] ?? '') && lines.filter(begins).length > lines.length * 0.5);
    if (gap > 0 && wide) starts.push(i);
    gap = 0;
  }
  return starts;
}

/** Fewer lines than this show no habit. */
const fewestLines = 3;

/** Lines that a hand has parted by a sign of its own between spaces: "Skillet - 26 cm - 4.900 kr", "Sled / 90 cm / €79". */
export function readPartedLines(text: string): Grid | null {
  const lines = text.split(/\r\n|\n|\r/).map((line) => line.trim());
  const shown = lines.filter(Boolean).slice(0, looked);
  if (shown.length < fewestLines) return null;
  const marks = new Set(
    shown.flatMap((line) => [...line.matchAll(/\s([^\p{L}\p{N}\p{Sc}\s"'(]{1,3})(?=\s)/gu)].map(([, mark = '']) => mark)),
  );
  let best: { parting: RegExp; steady: number } | null = null;
  for (const mark of marks) {
    const parting = new RegExp(String.raw`\s+${mark.replace(/[.*+?^${}()|[\]\\/]/g, String.raw`\$&`)}(?=\s|$)`, 'u');
    const widths = new Map<number, number>();
    for (const line of shown) {
      const { length } = line.split(parting);
      widths.set(length, (widths.get(length) ?? 0) + 1);
    }
    const [width, count] = [...widths].sort((a, b) => b[1] - a[1])[0] ?? [0, 0];
    // Two parts are a thing and its price, which is read elsewhere; a sign that some lines lack is part of the words.
    if (width >= 3 && count >= shown.length * 0.8 && count > (best?.steady ?? 0)) best = { parting, steady: count };
  }
  if (!best) return null;
  const { parting } = best;
  return { name: '', rows: lines.map((line) => line.split(parting).map((cell) => cell.trim())), firstRow: 1, headed: false };
}

/** What somebody typed, one thing a line with its price after it: "Brush - from £7", "Sponge: 2 for £3", "Wax … 80p". */
export function readTypedLines(text: string): Grid | null {
  const rows: string[][] = [];
  let priced = 0;
  for (const line of text.split(/\r\n|\n|\r/)) {
    const said = line.replace(/^\s*(?:[-*•–]|\d{1,3}[.)])\s+/, '').trim();
    const parted = partedLine(said);
    if (parted) priced++;
    rows.push(parted ?? [said, '']);
  }
  const filled = rows.filter(([title]) => title).length;
  return filled && priced >= Math.max(1, filled * 0.6) ? { name: '', rows, firstRow: 1, headed: false } : null;
}

const between = /\s+[-–—]+\s+|\s*[:;…=]\s*|\s*\.{2,}\s*|,\s+|\s{2,}|\s+/g;

/** The first place of a line after which all that is left is money; the money has a sign, or a mark before it that parts it off. */
function partedLine(line: string): [string, string] | null {
  for (const match of line.matchAll(between)) {
    const title = line.slice(0, match.index).trim();
    const rest = line.slice(match.index + match[0].length).trim();
    if (!/\p{L}/u.test(title) || !/\d/.test(rest)) continue;
    const money = understandMoney(rest);
    if (money.kind === 'unknown' || money.kind === 'blank') continue;
    if (isSigned(money) || /\S/.test(match[0]) || match[0].length > 1) return [title, rest];
  }
  return null;
}
