import { fail, ok, type Result } from '../result';

/** Largest list that is read, in bytes. */
export const largestList = 64 * 1024 * 1024;

/**
 * The text of a file: UTF-8 or UTF-16 by its mark, strict UTF-8 where it holds, else Windows-1252,
 * which is what spreadsheets on Windows write (WHATWG Encoding Standard, legacy single-byte encodings).
 */
export function decodeText(bytes: Uint8Array): Result<string> {
  if (bytes.length === 0) return fail('The file is empty. Choose a list with a header and a row for each thing that you sell.');
  if (bytes.length > largestList) return fail('The file is larger than 64 MB. Split it and bring in one part after another.');
  if (bytes[0] === 0xff && bytes[1] === 0xfe) return ok(new TextDecoder('utf-16le').decode(bytes));
  if (bytes[0] === 0xfe && bytes[1] === 0xff) return ok(new TextDecoder('utf-16be').decode(bytes));
  if (bytes[0] === 0x50 && bytes[1] === 0x4b) {
    return fail('This is a workbook or an archive, not a plain list. Save the sheet as CSV and choose that file.');
  }
  if (bytes.subarray(0, 8000).includes(0)) return fail('This file is not text. Choose a CSV or TSV file.');
  try {
    return ok(new TextDecoder('utf-8', { fatal: true }).decode(bytes));
  } catch {
    return ok(new TextDecoder('windows-1252').decode(bytes));
  }
}
