import { fail, ok, type Result } from '../../result';
import { type Cell, type Form, type Grid } from './grid';
import { withOwnKeys } from './ownKeys';
import { gridOfRecords, type Fields } from './records';
import { isTyped, productRecords } from './schemaOrg';

type Json = null | boolean | number | string | Json[] | { [key: string]: Json };
type JsonObject = { [key: string]: Json };

export const isJsonObject = (value: unknown): value is JsonObject =>
  typeof value === 'object' && value !== null && !Array.isArray(value);

/** A list in JSON (RFC 8259) or with one object a line. */
export function readJson(given: string): Result<{ form: Form; grid: Grid }> {
  const text = withOwnKeys(given);
  let whole: unknown;
  try {
    whole = JSON.parse(text);
  } catch (error) {
    const lines = readLines(text);
    if (lines?.every(isJsonObject)) return ok({ form: 'json-lines', grid: gridOfRecords(lines.flatMap(recordsOf)) });
    const table = tableIn(lines);
    if (table) return ok({ form: 'json-lines', grid: { name: '', rows: table, firstRow: 1, headed: false } });
    return fail(
      `This is JSON with a fault in it${faultAt(text, error)}. Mend it there, or write the file anew from the program it comes from.`,
    );
  }
  if (isTyped(whole)) {
    const records = productRecords(whole);
    if (records.length) return ok({ form: 'json-ld', grid: gridOfRecords(records) });
  }
  const table = tableIn(whole);
  if (table) return ok({ form: 'json', grid: { name: '', rows: table, firstRow: 1, headed: false } });
  const list = listIn(whole);
  if (!list) return fail('No list of goods stands in this JSON: it wants objects, one for each thing that you sell.');
  return ok({ form: 'json', grid: gridOfRecords(list.flatMap(recordsOf)) });
}

/** JSON Lines: an object on each line, or an array of cells. */
function readLines(text: string): Json[] | null {
  const found: Json[] = [];
  for (const line of text.split(/\r?\n/)) {
    if (!line.trim()) continue;
    try {
      const value = JSON.parse(line) as Json;
      if (typeof value !== 'object' || value === null) return null;
      found.push(value);
    } catch {
      return null;
    }
  }
  return found.length ? found : null;
}

function faultAt(text: string, error: unknown): string {
  const position = /position (\d+)/.exec(error instanceof Error ? error.message : '')?.[1];
  if (!position) return '';
  const at = Number(position);
  const around = text
    .slice(Math.max(0, at - shownBefore), at + shownBehind)
    .replace(/\s+/g, ' ')
    .trim();
  return `, in line ${1 + (text.slice(0, at).match(/\n/g)?.length ?? 0)}${around ? `, near “${around}”` : ''}`;
}
/** So much of the text is shown around a fault. */
const [shownBefore, shownBehind] = [24, 8];

const deepest = 6;

/** Rows in arrays within an array. */
function tableIn(value: unknown): Cell[][] | null {
  if (!Array.isArray(value) || value.length < 2) return null;
  const rows = value as unknown[];
  if (!rows.every(Array.isArray)) return null;
  return (rows as Json[][]).map((row) => row.map((cell) => cellOf(cell)));
}

/** The longest list of objects, however deep it lies; objects under keys of their own are one too. */
function listIn(value: unknown, depth = 0): JsonObject[] | null {
  if (depth > deepest) return null;
  let best: JsonObject[] | null = null;
  const offer = (list: JsonObject[] | null) => {
    if (list && list.length > (best?.length ?? 0)) best = list;
  };
  if (Array.isArray(value)) {
    const objects = value.filter(isJsonObject);
    if (objects.length && objects.length >= value.length * 0.8) return objects;
    for (const inner of value) offer(listIn(inner, depth + 1));
    return best;
  }
  if (!isJsonObject(value)) return null;
  for (const inner of Object.values(value)) offer(listIn(inner, depth + 1));
  const inner = Object.values(value);
  if (!best && inner.length > 1 && inner.every(isJsonObject)) return inner;
  if (!best && depth === 0 && inner.length > 1) return [value];
  return best;
}

const variantKeys = /^(variants?|variations?|options?_?list|skus|children|sizes|editions)$/i;

/** An object as a row; one whose variants are objects too as a row for each, the product's own fields on all of them. */
function recordsOf(object: JsonObject): Fields[] {
  const own: Fields = new Map();
  let variants: JsonObject[] = [];
  for (const [key, value] of Object.entries(object)) {
    if (Array.isArray(value) && value.length && value.every(isJsonObject) && variantKeys.test(key)) variants = value;
    else flatten(key, value, own);
  }
  if (!variants.length) return [own];
  return variants.map((variant) => {
    const fields: Fields = new Map(own);
    for (const [key, value] of Object.entries(variant)) {
      const inner: Fields = new Map();
      flatten(key, value, inner);
      for (const [name, cell] of inner) fields.set(own.has(name) && name !== 'price' ? `variant ${name}` : name, cell);
    }
    return fields;
  });
}

function flatten(key: string, value: Json, into: Fields, depth = 0): void {
  if (isJsonObject(value) && depth < 3) {
    for (const [inner, deeper] of Object.entries(value)) flatten(`${key} ${inner}`, deeper, into, depth + 1);
    return;
  }
  into.set(key, cellOf(value));
}

export function cellOf(value: Json | undefined): Cell {
  if (value === null || value === undefined) return '';
  if (typeof value === 'number') return value;
  if (typeof value === 'boolean') return value ? 'yes' : 'no';
  if (typeof value === 'string') return value;
  if (Array.isArray(value)) return value.map((one) => String(cellOf(one))).join(' | ');
  return Object.values(value)
    .map((one) => String(cellOf(one)))
    .filter(Boolean)
    .join(' ');
}
