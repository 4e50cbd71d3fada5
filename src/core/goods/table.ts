import { utils, write } from '@e965/xlsx';
import Papa from 'papaparse';
import { decimal } from '../till';
import { type Product } from './about';

/** A catalogue as rows, one for each variant, under headings that are read again as they were meant. */
export function tableOf(products: readonly Product[], currency: string, digits: number): (string | number)[][] {
  const options = [...new Set(products.flatMap(({ options: names }) => names))];
  const particulars = [...new Set(products.flatMap(({ particulars: all }) => all.map(({ name }) => name)))];
  const header = [
    ...['title', 'description', 'category', 'group', ...options.map((name) => `option ${name}`)],
    ...[
      'price',
      'currency',
      'earlier price',
      'cost price',
      'sku',
      'gtin',
      'stock',
      'weight (g)',
      'pictures',
      'kind',
      'tax class',
    ],
    ...particulars,
  ];
  const money = (minor: number | null) => (minor === null ? '' : decimal(minor, digits));
  const rows = products.flatMap((product) =>
    product.variants.map((variant) => [
      ...[product.title, product.description, product.categories.join(' | '), product.id],
      ...options.map((name) => variant.values[product.options.indexOf(name)] ?? ''),
      ...[money(variant.price), currency, money(variant.earlierPrice), money(variant.cost), variant.sku, variant.gtin],
      ...[variant.stock ?? '', variant.weight || '', product.pictures.join(' | '), product.kind, product.taxClass],
      ...particulars.map((name) => product.particulars.find((one) => one.name === name)?.value ?? ''),
    ]),
  );
  return [header, ...rows];
}

/** Cells that a spreadsheet would run begin with an apostrophe, which spreadsheets don't show and lists are read without. */
export const harmless = (cell: string | number): string | number =>
  typeof cell === 'string' && /^[=+\-@\t\r]/.test(cell) ? `'${cell}` : cell;

/** RFC 4180, in UTF-8 with a mark, so that spreadsheets take it for what it is. */
export const csvOf = (rows: readonly (readonly (string | number)[])[]): string =>
  `\ufeff${Papa.unparse(
    rows.map((row) => row.map(harmless)),
    { newline: '\r\n' },
  )}\r\n`;

/** Office Open XML. Text stays text: no cell is a formula. */
export function xlsxOf(rows: readonly (readonly (string | number)[])[]): Uint8Array {
  const book = utils.book_new();
  utils.book_append_sheet(book, utils.aoa_to_sheet(rows.map((row) => [...row])), 'Goods');
  return new Uint8Array(write(book, { type: 'array', bookType: 'xlsx', compression: true }) as ArrayBuffer);
}
