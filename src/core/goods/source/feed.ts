import { XMLParser, XMLValidator } from 'fast-xml-parser';
import { fail, ok, type Result } from '../../result';
import { type Cell, type Form, type Grid } from './grid';
import { gridOfRecords, type Fields } from './records';

const isObject = (value: unknown): value is Record<string, unknown> =>
  typeof value === 'object' && value !== null && !Array.isArray(value);

/** Goods in a feed (RSS 2.0, Atom RFC 4287) or another XML file with a repeated element for each. */
export function readFeed(text: string): Result<{ form: Form; grid: Grid }> {
  if (/<!ENTITY/i.test(text))
    return fail('This XML declares entities of its own, which no feed of goods needs. It is not opened.');
  const valid = XMLValidator.validate(text);
  if (valid !== true)
    return fail(`This XML has a fault in line ${valid.err.line}: ${valid.err.msg} Write the file anew from where it comes.`);
  const parsed: unknown = new XMLParser({
    ignoreAttributes: false,
    attributeNamePrefix: '',
    removeNSPrefix: true,
    parseTagValue: false,
    parseAttributeValue: false,
    trimValues: true,
    processEntities: true,
  }).parse(text);
  const list = longestList(parsed);
  if (!list) return fail('No list of goods stands in this XML: it wants an element for each thing that you sell.');
  const parted = partedIn(list);
  return ok({ form: 'feed', grid: gridOfRecords(list.map((element) => recordOf(element, parted))) });
}

/** The elements that are repeated most, however deep; a feed of one entry has one. */
function longestList(value: unknown, depth = 0): Record<string, unknown>[] | null {
  if (depth > 8) return null;
  let best: Record<string, unknown>[] | null = null;
  const offer = (list: Record<string, unknown>[] | null) => {
    if (list && list.length > (best?.length ?? 0)) best = list;
  };
  if (Array.isArray(value)) {
    const objects = value.filter(isObject);
    if (objects.length > 1) return objects;
    for (const one of objects) offer(longestList(one, depth + 1));
    return best;
  }
  if (!isObject(value)) return null;
  for (const [name, inner] of Object.entries(value)) {
    if (/^(item|entry|product)$/i.test(name) && isObject(inner)) offer([inner]);
    else offer(longestList(inner, depth + 1));
  }
  return best;
}

/**
 * Elements of one name that are no list: everywhere as many, and what comes again in one place of them never comes in another,
 * as where a size of the frame and one of the handlebar are both called “size”.
 */
function partedIn(list: readonly Record<string, unknown>[]): ReadonlySet<string> {
  const parted = new Set<string>();
  for (const [name, first] of Object.entries(list[0] ?? {})) {
    if (!Array.isArray(first)) continue;
    const all = list.flatMap(({ [name]: value }) =>
      Array.isArray(value) && value.length === first.length ? [value.map(cellOf)] : [],
    );
    if (all.length < list.length) continue;
    const places = first.map((_, at) => new Set(all.map((cells) => cells[at] ?? '')));
    const comesAgain = places.every(({ size }) => size < all.length);
    if (comesAgain && new Set(places.flatMap((values) => [...values])).size === places.reduce((sum, { size }) => sum + size, 0))
      parted.add(name);
  }
  return parted;
}

function recordOf(element: Record<string, unknown>, parted: ReadonlySet<string>): Fields {
  const fields: Fields = new Map();
  for (const [name, value] of Object.entries(element)) {
    const said = cellOf(value);
    if (name === 'link' || name === 'guid') continue;
    // Fields that are named by an attribute.
    const named = [value]
      .flat()
      .filter((one): one is Record<string, unknown> => isObject(one) && 'name' in one && '#text' in one);
    if (named.length) {
      for (const { name: called, '#text': text } of named) fields.set(String(called), String(text));
      continue;
    }
    fields.set(name, parted.has(name) && Array.isArray(value) ? value.map(cellOf) : said);
  }
  return fields;
}

function cellOf(value: unknown): Cell {
  if (Array.isArray(value)) return value.map(cellOf).filter(Boolean).join(' | ');
  if (!isObject(value)) return typeof value === 'string' ? value : '';
  const text = value['#text'];
  if (typeof text === 'string') return text;
  return Object.values(value).map(cellOf).filter(Boolean).join(' ');
}
