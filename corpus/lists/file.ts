import { strToU8, zipSync } from 'fflate';
import iconv from 'iconv-lite';
import writeXlsx from 'write-excel-file/node';
import { type ListCase } from './case';

/** The bytes of a case's file, written by other libraries than those that read it. */
export async function bytesOf({ file, text, sheets, encoding = 'utf-8' }: ListCase): Promise<Uint8Array> {
  if (!sheets) return new Uint8Array(iconv.encode(text ?? '', encoding));
  if (file.endsWith('.ods')) return odsOf(sheets);
  const data = sheets.map(({ name, rows }) => ({
    sheet: name,
    data: rows.map((row) =>
      (row.length ? row : ['']).map((value) =>
        value === '' ? null : { value, type: typeof value === 'number' ? Number : String },
      ),
    ),
  }));
  return new Uint8Array(await writeXlsx(data as never).toBuffer());
}

const escaped = (text: string) => text.replace(/&/g, '&amp;').replace(/</g, '&lt;').replace(/>/g, '&gt;');

/** A spreadsheet as ISO/IEC 26300 (OpenDocument 1.2, part 1) has it: the least that is one. */
function odsOf(sheets: NonNullable<ListCase['sheets']>): Uint8Array {
  const cell = (value: string | number) =>
    value === ''
      ? '<table:table-cell/>'
      : typeof value === 'number'
        ? `<table:table-cell office:value-type="float" office:value="${value}"><text:p>${value}</text:p></table:table-cell>`
        : `<table:table-cell office:value-type="string"><text:p>${escaped(value)}</text:p></table:table-cell>`;
  const tables = sheets
    .map(
      ({ name, rows }) =>
        `<table:table table:name="${escaped(name)}">${rows.map((row) => `<table:table-row>${row.map(cell).join('')}</table:table-row>`).join('')}</table:table>`,
    )
    .join('');
  const content = `<?xml version="1.0" encoding="UTF-8"?><office:document-content xmlns:office="urn:oasis:names:tc:opendocument:xmlns:office:1.0" xmlns:table="urn:oasis:names:tc:opendocument:xmlns:table:1.0" xmlns:text="urn:oasis:names:tc:opendocument:xmlns:text:1.0" office:version="1.2"><office:body><office:spreadsheet>${tables}</office:spreadsheet></office:body></office:document-content>`;
  const manifest = `<?xml version="1.0" encoding="UTF-8"?><manifest:manifest xmlns:manifest="urn:oasis:names:tc:opendocument:xmlns:manifest:1.0" manifest:version="1.2"><manifest:file-entry manifest:full-path="/" manifest:media-type="application/vnd.oasis.opendocument.spreadsheet"/><manifest:file-entry manifest:full-path="content.xml" manifest:media-type="text/xml"/></manifest:manifest>`;
  return zipSync({
    mimetype: [strToU8('application/vnd.oasis.opendocument.spreadsheet'), { level: 0 }],
    'content.xml': strToU8(content),
    'META-INF/manifest.xml': strToU8(manifest),
  });
}
