import { unzipSync } from 'fflate';
import { fail, ok, type Result } from '../../result';
import { understandMoney } from '../cells/money';
import { decodeBytes, largestList, type Languages } from './decode';
import { readDelimited } from './delimited';
import { readFeed } from './feed';
import { isBlankRow, mostRows, type Form, type Grid, type Source } from './grid';
import { readJson } from './json';
import { readFixedWidth, readPartedLines, readTypedLines } from './lines';
import { readPage } from './markup';
import { readWorkbook, unpackedSize } from './workbook';

const mostUnpacked = 600 * 1024 * 1024;
const pictureName = /\.(jpe?g|png|webp|gif|svg|avif)$/i;
const listName = /\.(csv|tsv|psv|txt|xlsx|ods|json|jsonl|ndjson|xml|rss|atom|html?)$/i;

/** Whatever a seller brings → grids of cells. What a file is, is seen from its bytes, never from its name. */
export function openSource(bytes: Uint8Array, name = '', spoken?: Languages): Result<Source> {
  if (isZip(bytes) && bytes.length <= mostUnpacked) return openZip(bytes, spoken);
  if (bytes.length > largestList) return fail('The file is larger than 64 MB. Split it and bring in one part after another.');
  if (startsWith(bytes, [0xd0, 0xcf, 0x11, 0xe0]))
    return fail(
      'This is a spreadsheet of the old binary kind, or one locked with a password. Save a copy as .xlsx or CSV without a password.',
    );
  const other = otherKind(bytes);
  if (other) return fail(`This is ${other}, not a list of goods${name ? `, though it is called “${name}”` : ''}.`);
  const text = decodeBytes(bytes, spoken);
  if (!text.ok) return text;
  const source = openText(text.value.text, text.value.encoding);
  return source.ok ? limited(source.value) : source;
}

/** The same for text that was pasted. */
export function openText(given: string, encoding = 'utf-8'): Result<Source> {
  const text = given.replace(/^\ufeff/, '');
  const begin = text.trimStart();
  if (!begin) return fail('The list is empty. It wants a row for each thing that you sell.');
  const made = (form: Form, grids: Grid[], notes: Source['notes'] = []): Result<Source> =>
    ok({ form, encoding, grids, notes, pictures: [] });
  if (/^[[{]/.test(begin)) {
    const json = readJson(begin);
    if (json.ok) return made(json.value.form, [json.value.grid]);
    if (/^[[{]\s*["[{\]}]/.test(begin)) return json;
  }
  if (
    /^<(?:\?xml|rss|feed|[a-z]+[\s>])/i.test(begin) &&
    !/^<(?:!doctype\s+)?html/i.test(begin) &&
    !/<html[\s>]/i.test(begin.slice(0, 2000)) &&
    !isFragment(begin)
  ) {
    const feed = readFeed(begin);
    return feed.ok ? made('feed', [feed.value.grid]) : feed;
  }
  if (/^<(!doctype|html|meta|table|div|body|head|section|article|ul|p|span|!--)/i.test(begin)) {
    const page = readPage(begin);
    if (page) return made(page.form, page.grids);
    return fail('No goods were found in this page: it has no structured data (schema.org Product) and no table with prices.');
  }
  const table = readDelimited(text);
  const hasMarks = /[\t;|]/.test(text);
  const isParted = table && hasMarks && table.form !== 'comma' && widthOf(table.grid) > 1 && isSteady(table.grid);
  const fixed = isParted ? null : readFixedWidth(text);
  if (fixed && (!table || widthOf(fixed) > widthOf(table.grid))) return made('fixed-width', [fixed]);
  const parted = !table || !hasPrices(table.grid) ? readPartedLines(text) : null;
  if (parted && hasPrices(parted)) return made('lines', [parted]);
  const lines = !table || (table.form === 'comma' && !hasPrices(table.grid)) ? readTypedLines(text) : null;
  if (table && !lines) return made(table.form, [table.grid], table.notes);
  if (lines) return made('lines', [lines]);
  const single = text.split(/\r?\n/).map((line) => [line.trim()]);
  return made('lines', [{ name: '', rows: single, firstRow: 1, headed: false }]);
}

/** Whether some column holds prices: commas between words part a list that somebody typed at the wrong places. */
const hasPrices = ({ rows }: Grid): boolean => {
  const filled = rows.filter((row) => !isBlankRow(row)).slice(0, 200);
  const width = Math.max(0, ...filled.map((row) => row.length));
  const priced = Array.from(
    { length: width },
    (_, i) => filled.filter((row) => understandMoney(row[i] ?? '').kind === 'amount').length,
  );
  return Math.max(0, ...priced) >= filled.length * 0.5;
};

const isFragment = (text: string): boolean => /^<(table|div|body|head|meta|section|article|ul|p|span)[\s>]/i.test(text);

const widthOf = ({ rows }: Grid): number => {
  const widths = rows.map((row) => row.filter((cell) => String(cell).trim()).length).sort((a, b) => a - b);
  return widths[Math.floor(widths.length / 2)] ?? 0;
};

/** Most rows of a list are parted into as many cells as the others: a sign that only some have belongs to their words. */
const mostRowsAlike = 0.6;

/** Whether rows are parted alike, those in which the separator stands nowhere counted too. */
function isSteady({ rows }: Grid): boolean {
  const filled = rows.filter((row) => !isBlankRow(row)).slice(0, 200);
  const widths = new Map<number, number>();
  for (const { length } of filled) widths.set(length, (widths.get(length) ?? 0) + 1);
  return Math.max(0, ...widths.values()) >= filled.length * mostRowsAlike;
}

function limited(source: Source): Result<Source> {
  const rows = source.grids.reduce((sum, grid) => sum + grid.rows.length, 0);
  if (rows > mostRows)
    return fail(`The list has ${rows.toLocaleString('en')} rows; ${mostRows.toLocaleString('en')} is the most. Split it.`);
  if (!source.grids.some(({ rows: grid }) => grid.some((row) => !isBlankRow(row)))) return fail('The file holds no rows.');
  return ok(source);
}

const startsWith = (bytes: Uint8Array, mark: readonly number[]): boolean => mark.every((byte, i) => bytes[i] === byte);
const isZip = (bytes: Uint8Array): boolean => startsWith(bytes, [0x50, 0x4b, 3, 4]) || startsWith(bytes, [0x50, 0x4b, 5, 6]);

/** What a file is that holds no list, from its first bytes. */
function otherKind(bytes: Uint8Array): string | null {
  const ascii = String.fromCharCode(...bytes.subarray(0, 12));
  if (ascii.startsWith('%PDF')) return 'a PDF document';
  if (
    ascii.startsWith('\x89PNG') ||
    ascii.startsWith('GIF8') ||
    startsWith(bytes, [0xff, 0xd8, 0xff]) ||
    ascii.startsWith('RIFF')
  )
    return 'a picture';
  if (startsWith(bytes, [0x1f, 0x8b])) return 'a packed file (gzip); unpack it first,';
  if (ascii.startsWith('Rar!') || startsWith(bytes, [0x37, 0x7a, 0xbc, 0xaf])) return 'a packed archive of another kind than zip';
  return null;
}

function openZip(bytes: Uint8Array, spoken?: Languages): Result<Source> {
  let names: string[];
  try {
    names = [];
    unzipSync(bytes, { filter: ({ name }) => (names.push(name), false) });
  } catch {
    return fail('This archive is damaged: it can’t be unpacked. Pack it again.');
  }
  if (names.includes('xl/workbook.xml') || names.includes('xl/workbook.bin')) return withoutPictures(readWorkbook(bytes, 'xlsx'));
  if (names.includes('content.xml') && names.includes('mimetype')) return withoutPictures(readWorkbook(bytes, 'ods'));
  const size = unpackedSize(bytes);
  if (size > mostUnpacked) return fail(`This archive unpacks to ${Math.round(size / 1024 / 1024)} MB; 600 MB is the most.`);
  return openArchive(bytes, spoken);
}

function openArchive(bytes: Uint8Array, spoken?: Languages): Result<Source> {
  let files: Record<string, Uint8Array>;
  try {
    files = unzipSync(bytes, {
      filter: ({ name }) => !/(^|\/)(\.|__MACOSX)/.test(name) && (pictureName.test(name) || listName.test(name)),
    });
  } catch {
    return fail('This archive is locked with a password or damaged. Pack it again without a password.');
  }
  const baseName = (path: string) => path.split('/').at(-1) ?? path;
  const pictures = Object.entries(files)
    .filter(([name]) => pictureName.test(name))
    .map(([name, file]) => ({ name: baseName(name), bytes: file }));
  let best: Source | null = null;
  let refused = '';
  for (const [name, file] of Object.entries(files)) {
    if (!listName.test(name) || (isZip(file) && !/\.(xlsx|ods)$/i.test(name))) continue;
    const opened = openSource(file, baseName(name), spoken);
    if (!opened.ok) refused = opened.say;
    else if (cellsOf(opened.value) > (best ? cellsOf(best) : 0)) best = opened.value;
  }
  if (best) return ok({ ...best, pictures });
  if (pictures.length)
    return ok({
      form: 'pictures',
      encoding: '',
      grids: [namedByPictures(pictures.map(({ name }) => name))],
      notes: [],
      pictures,
    });
  return fail(refused || 'The archive holds neither a list nor pictures.');
}

/** Pictures alone are goods whose names are those of their files: "blue-mug_2.jpg" is a second picture of "Blue mug". */
function namedByPictures(names: readonly string[]): Grid {
  const things = new Map<string, string[]>();
  for (const name of [...names].sort()) {
    const title = name
      .replace(/\.[a-z]+$/i, '')
      .replace(/[_-]+/g, ' ')
      .replace(/\s*(?:\(\d+\)|\b0?[1-9])$/, '')
      .trim();
    const shown = title.charAt(0).toUpperCase() + title.slice(1);
    things.set(shown, [...(things.get(shown) ?? []), name]);
  }
  const rows = [...things].map(([title, pictures]) => [title, pictures.join(' | ')]);
  return { name: '', rows: [['title', 'picture'], ...rows], firstRow: 1, headed: true };
}

const cellsOf = ({ grids }: Source): number =>
  grids.reduce((sum, { rows }) => sum + rows.reduce((n, row) => n + row.length, 0), 0);

function withoutPictures(book: ReturnType<typeof readWorkbook>): Result<Source> {
  return book.ok ? limited({ ...book.value, encoding: '', pictures: [] }) : book;
}
