/** A line, or several that were one before somebody's program broke them. Its bounds leave bullets and outer spaces out. */
export interface Line {
  start: number;
  end: number;
  /** What stands between them in the original. */
  raw: string;
  /** What it begins with: "-", "→", "2.1", "##". */
  marker: string;
  /** How often it is quoted, as mail programs do with ">". */
  depth: number;
  /** Whether an empty line stands before it. */
  opens: boolean;
  /** Whether nothing or an empty line stands after it. */
  closes: boolean;
}

const quoteMarks = /^(?:\s*>)+ ?/;
const markers = /^\s*((?:[-*•·‣▪◦–—»]|[-=–]+>|[→➔➜⇒]|#{1,6}|\d{1,2}(?:\.\d{1,2})*[.)]?(?=\s)|\(?[a-z]\))\s+)/u;
/** A number alone counts as a marker only where a full stop or bracket ends it, or where it has parts. */
const bareNumber = /^\d{1,4}$/;

export const isHash = (marker: string): boolean => marker.startsWith('#');
export const isNumber = (marker: string): boolean => /^\d/.test(marker);

function lineAt(text: string, start: number, end: number): Omit<Line, 'opens' | 'closes'> {
  const whole = text.slice(start, end);
  const quote = quoteMarks.exec(whole)?.[0] ?? '';
  const rest = whole.slice(quote.length);
  const found = markers.exec(rest)?.[1] ?? '';
  const marker = bareNumber.test(found.trim()) ? '' : found;
  const body = rest.slice(marker ? rest.indexOf(marker) + marker.length : 0);
  const from = end - body.trimStart().length;
  const until = Math.max(from, start + whole.trimEnd().length);
  return { start: from, end: until, raw: text.slice(from, until), marker: marker.trim(), depth: quote.match(/>/g)?.length ?? 0 };
}

const firstWord = (line: string): string => /^\S+/.exec(line)?.[0] ?? '';
const endsThought = /[.!?:…]["”’)\]]*$/;

/** How wide a text was broken, where a program broke it; 0 where its lines end where their writer ended them. */
function widthOf(lines: readonly Line[]): number {
  const full = lines.filter(({ closes }) => !closes).map(({ raw }) => raw.length);
  const width = Math.max(0, ...lines.map(({ raw }) => raw.length));
  if (full.length < 3 || width < 50 || width > 100) return 0;
  return full.filter((length) => length > width * 0.78).length >= full.length * 0.75 ? width : 0;
}

const beginsSmall = /^[\p{Ll}(]/u;

/** Whether a writer begins sentences with small letters, so that one at the beginning of a line says nothing. */
function writesSmall(text: string): boolean {
  const begins = [...text.matchAll(/(?:^|[.!?…]\s+|\n\s*\n\W*)(\p{L})/gu)];
  return begins.filter(([, letter = '']) => /\p{Ll}/u.test(letter)).length * 3 > begins.length;
}

/** Whether a line goes on in the next: because the next begins in the middle of a sentence, or because its first word had no room. */
function goesOn(line: Line, next: Line, width: number, small: boolean): boolean {
  if (next.opens || next.marker || next.depth !== line.depth) return false;
  if (!small && line.raw.length > 45 && !endsThought.test(line.raw) && beginsSmall.test(next.raw)) return true;
  return width > 0 && line.raw.length + 1 + firstWord(next.raw).length > width;
}

/** The lines of a text, without the empty ones; what was broken to fit a width is one line again. */
export function linesOf(text: string): Line[] {
  const lines: Line[] = [];
  let opens = true;
  for (const { 0: whole, index } of text.matchAll(/[^\r\n]*(?:\r\n|\r|\n|$)/g)) {
    const line = whole.replace(/[\r\n]+$/, '');
    if (line.replace(quoteMarks, '').trim()) {
      lines.push({ ...lineAt(text, index, index + line.length), opens, closes: true });
      opens = false;
    } else if (whole) opens = true;
  }
  lines.forEach((line, i) => (line.closes = lines[i + 1]?.opens ?? true));
  const width = widthOf(lines);
  const small = writesSmall(text);
  const joined: Line[] = [];
  let last: Line | undefined;
  for (const line of lines) {
    const before = joined.at(-1);
    if (before && last && goesOn(last, line, width, small))
      joined[joined.length - 1] = { ...before, end: line.end, raw: text.slice(before.start, line.end), closes: line.closes };
    else joined.push(line);
    last = line;
  }
  return joined;
}
