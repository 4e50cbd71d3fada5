import { read, utils, type CellObject, type WorkSheet } from '@e965/xlsx';
import { strToU8, unzipSync, zipSync } from 'fflate';
import { fail, ok, type Result } from '../../result';
import { isCurrency } from '../../till';
import { mostColumns, mostRows, type Cell, type Form, type Grid, type SourceNote } from './grid';

/** A workbook unpacks to many times its size; beyond this it is a trap, not a list. */
const mostUnpacked = 400 * 1024 * 1024;

export interface Workbook {
  form: Form;
  grids: Grid[];
  notes: SourceNote[];
}

/** Sheets of a spreadsheet: Office Open XML (ECMA-376) or OpenDocument (ISO/IEC 26300). Values, never formulas, are read. */
export function readWorkbook(bytes: Uint8Array, form: 'xlsx' | 'ods'): Result<Workbook> {
  const weight = unpackedSize(bytes);
  if (weight > mostUnpacked)
    return fail(
      `This spreadsheet unpacks to ${Math.round(weight / 1024 / 1024)} MB, which no list of goods does. Save the sheet anew, or as CSV.`,
    );
  let book: ReturnType<typeof read>;
  try {
    book = read(form === 'ods' ? withStyles(bytes) : bytes, {
      type: 'array',
      dense: true,
      cellNF: true,
      cellDates: true,
      sheetRows: mostRows + 2,
      nodim: true,
    });
  } catch (error) {
    const say = error instanceof Error ? error.message : '';
    return fail(
      /password|encrypt/i.test(say)
        ? 'This spreadsheet is locked with a password. Save a copy without one, or as CSV.'
        : 'This spreadsheet can’t be opened: it is damaged, or not a spreadsheet. Open it in the program it comes from and save it again.',
    );
  }
  const notes: SourceNote[] = [];
  const hidden = book.Workbook?.Sheets ?? [];
  const grids = book.SheetNames.flatMap((name, i) => {
    const sheet = book.Sheets[name];
    if (!sheet || hidden[i]?.Hidden) return [];
    const grid = gridOf(name, sheet, notes);
    return grid.rows.length ? [grid] : [];
  });
  return ok({ form, grids, notes });
}

/** Styles are optional in a file of OpenDocument, and missing from what small programs write. */
function withStyles(bytes: Uint8Array): Uint8Array {
  const members = unzipSync(bytes);
  if (members['styles.xml']) return bytes;
  return zipSync({
    ...members,
    'styles.xml': strToU8(
      '<?xml version="1.0"?><office:document-styles xmlns:office="urn:oasis:names:tc:opendocument:xmlns:office:1.0"/>',
    ),
  });
}

/** What the members of a zip file say that they unpack to, added up. */
export function unpackedSize(bytes: Uint8Array): number {
  let total = 0;
  try {
    unzipSync(bytes, {
      filter: ({ originalSize }) => {
        total += originalSize;
        return false;
      },
    });
  } catch {
    return 0;
  }
  return total;
}

function gridOf(name: string, sheet: WorkSheet, notes: SourceNote[]): Grid {
  const data = (sheet['!data'] ?? []) as (CellObject | undefined)[][];
  const range = sheet['!ref'] ? utils.decode_range(sheet['!ref']) : { s: { r: 0, c: 0 }, e: { r: -1, c: -1 } };
  const width = Math.min(range.e.c + 1, mostColumns);
  const currencies = new Map<number, string>();
  const rows: Cell[][] = [];
  for (let r = 0; r <= Math.min(range.e.r, data.length - 1); r++) {
    const row: Cell[] = [];
    for (let c = 0; c < width; c++) {
      const cell = data[r]?.[c];
      row.push(valueOf(cell));
      const currency = cell?.t === 'n' && typeof cell.z === 'string' ? currencyOfFormat(cell.z) : '';
      if (currency) currencies.set(c, currencies.has(c) && currencies.get(c) !== currency ? 'mixed' : currency);
      if (cell?.t === 'e')
        notes.push({ row: r + 1, say: `A formula gives ${String(cell.w ?? 'an error')} here. The cell is taken as empty.` });
    }
    rows.push(row);
  }
  for (const { s, e } of sheet['!merges'] ?? []) spread(rows, s, e);
  while (rows.length && rows.at(-1)?.every((cell) => cell === '')) rows.pop();
  return { name, rows, firstRow: 1, headed: false, ...(currencies.size ? { currencies } : {}) };
}

/** A cell merged down over several rows says the same of each; one merged across is a title, and says it once. */
function spread(rows: Cell[][], from: { r: number; c: number }, to: { r: number; c: number }): void {
  const value = rows[from.r]?.[from.c];
  if (value === undefined || value === '' || to.c > from.c) return;
  for (let r = from.r + 1; r <= to.r; r++) {
    const row = rows[r];
    if (row) row[from.c] = value;
  }
}

function valueOf(cell: CellObject | undefined): Cell {
  if (!cell || cell.v === undefined || cell.v === null || cell.t === 'e' || cell.t === 'z') return '';
  if (cell.t === 'n' && typeof cell.v === 'number') {
    // Barcodes and percentages mean what is shown, not what is stored.
    if (typeof cell.w === 'string' && /%$/.test(cell.w)) return cell.w;
    return Number.isInteger(cell.v) ? cell.v : Number(cell.v.toPrecision(12));
  }
  if (cell.v instanceof Date) return cell.v.toISOString().slice(0, 10);
  if (cell.t === 'b') return cell.v ? 'yes' : 'no';
  return String(cell.v).replace(/\r\n?/g, '\n');
}

/** "[$€-407] #,##0.00" and "[$CHF] 0.00" name a currency; a bare sign does where it has one meaning. */
function currencyOfFormat(format: string): string {
  const named = /\[\$([^\]-]+)(?:-[^\]]*)?\]/.exec(format)?.[1]?.trim();
  if (named) return isCurrency(named) ? named : (plainSigns[named] ?? '');
  const quoted = /"([^"]{1,4})"/.exec(format)?.[1]?.trim() ?? '';
  if (isCurrency(quoted)) return quoted;
  const sign = /\p{Sc}/u.exec(format)?.[0] ?? '';
  return plainSigns[sign] ?? plainSigns[quoted] ?? '';
}

const plainSigns: Readonly<Record<string, string>> = {
  '€': 'EUR',
  '£': 'GBP',
  '₹': 'INR',
  '₺': 'TRY',
  '₩': 'KRW',
  '₽': 'RUB',
  '₪': 'ILS',
  zł: 'PLN',
  Kč: 'CZK',
};
