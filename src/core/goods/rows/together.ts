import { capitalised } from '../../capitalised';
import { isUnspaced } from '../../unspaced';
import { isUnheaded } from '../columns/keys';
import { choiceKind } from '../columns/values';
import { type Record } from './record';
import { nameOf, readTails } from './tails';

/** A product as its rows give it. */
export interface Gathered {
  title: string;
  rows: Record[];
  /** Keys of what is chosen, in the order of the list. */
  options: { key: string; name: string }[];
}

export interface Together {
  products: Gathered[];
  /** Columns, by index, that turned out to tell the rows of a product apart. */
  promoted: Set<number>;
  doubles: { record: Record; first: Record; how: 'same' | 'other-price' | 'other' }[];
  /** Titles were parted at their ends. */
  tails: boolean;
}

const key = (text: string): string => text.toLowerCase().normalize('NFKC').replace(/\s+/g, ' ').trim();

const told = (record: Record, index: number) => record.particulars.get(index) ?? record.spares.get(index);

/** Which rows are one product, and what differs between them. */
export function bringTogether(records: readonly Record[]): Together {
  const tails = withTails(records);
  const groups = groupsOf(records);
  const several = groups.filter((rows) => rows.length > 1);
  const found = new Set(choosable(several));
  for (const rows of several) tellByTitles(rows, found);
  for (const rows of several) for (const index of tellsApart(rows, found)) found.add(index);
  // What is chosen by stands in the order of the list's columns.
  const promoted = new Set([...found].sort((a, b) => a - b));
  for (const index of promoted) {
    const its = records.flatMap((record) => {
      const particular = told(record, index);
      return particular ? [{ record, particular }] : [];
    });
    // What nobody has named is called by what its values are.
    const byValues = nameOf([...new Set(its.map(({ particular }) => particular.value))]);
    for (const { record, particular } of its) {
      record.particulars.delete(index);
      const name = isUnheaded(particular.name) ? byValues : particular.name;
      record.options.set(`column ${index}`, { ...particular, name });
    }
  }
  const doubles: Together['doubles'] = [];
  const products = groups.map((rows) => gather(rows, doubles));
  return { products, promoted, doubles, tails };
}

const by = (records: readonly Record[], keyOf: (record: Record) => string): Record[][] => {
  const found = new Map<string, Record[]>();
  for (const record of records) {
    const at = keyOf(record);
    const known = found.get(at);
    if (known) known.push(record);
    else found.set(at, [record]);
  }
  return [...found.values()];
};

/** Rows of one group are one thing, unless they are called by names that have nothing in common; without groups those of one title are. */
function groupsOf(records: readonly Record[]): Record[][] {
  const usesGroups = isUseful(records);
  return by(records, ({ group, title }) => (usesGroups && group ? `group ${key(group)}` : `title ${key(title)}`)).flatMap(
    (rows) => (usesGroups && !shared(rows) ? by(rows, ({ title }) => key(title)) : [rows]),
  );
}

/** Rows of a group that nothing to choose by tells apart are told apart by how their titles end: "Map, folded" and "Map, rolled". */
function tellByTitles(rows: readonly Record[], promoted: ReadonlySet<number>): void {
  const titles = new Set(rows.map(({ title }) => key(title)));
  if (titles.size === 1) return;
  const chosen = (record: Record) =>
    [...[...record.options.values()].map(({ value }) => value), ...[...promoted].map((index) => told(record, index)?.value)]
      .map((value) => key(value ?? ''))
      .join('\u0000');
  if (new Set(rows.map(chosen)).size === rows.length) return;
  const { ends } = shared(rows) ?? { ends: [] };
  const values = ends.length && ends.every(Boolean) ? ends : rows.map(({ title }) => title);
  const name = nameOf([...new Set(values)]);
  rows.forEach((record, i) => record.options.set('tail 0', { name, value: values[i] ?? '' }));
}

/** A column of groups that never come twice, or that holds all in one, groups nothing. */
function isUseful(records: readonly Record[]): boolean {
  const named = records.filter(({ group }) => group);
  const groups = new Set(named.map(({ group }) => key(group)));
  if (groups.size === named.length) return false;
  const titles = new Set(records.map(({ title }) => key(title)));
  // Fewer groups than a third of the titles: that is a shelf, not a product. Shelves are called by words, products by codes.
  return groups.size * 3 >= titles.size || [...groups].every((group) => /\d/.test(group));
}

function withTails(records: readonly Record[]): boolean {
  const alone = new Map<string, number>();
  for (const { title } of records) alone.set(key(title), (alone.get(key(title)) ?? 0) + 1);
  const single = records.filter(({ title, group }) => !group && alone.get(key(title)) === 1);
  const tails = readTails(single.map(({ title }) => title));
  for (const [i, { head, values }] of tails) {
    const record = single[i];
    if (!record) continue;
    record.title = head;
    values.forEach(({ name, value }, n) => record.options.set(`tail ${n}`, { name, value }));
  }
  return tails.size > 0;
}

/** What tells all rows of a thing apart before any column is looked at: what their titles end in. */
const areToldApart = (rows: readonly Record[]): boolean =>
  new Set(rows.map(({ options }) => [...options.values()].map(({ value }) => key(value)).join('\u0000'))).size === rows.length;

const isBareNumber = (value: string): boolean => /^[\d.,\s¼-¾⅐-⅞]+$/.test(value);

/**
 * Columns that are headed as something to choose and in which rows of one product differ; of two that always differ together the first.
 * Bare numbers under such a heading measure: they are chosen by where nothing else tells the rows apart, and no size beside them.
 */
function choosable(groups: readonly (readonly Record[])[]): number[] {
  const chosen: number[] = [];
  const offered = new Set(groups.flatMap((rows) => rows.flatMap(({ offers }) => [...offers])));
  const at = (record: Record, index: number) => key(told(record, index)?.value ?? '');
  const different = (rows: readonly Record[], index: number) => new Set(rows.map((record) => at(record, index))).size;
  const goesWith = (index: number, other: number) =>
    groups.every((rows) => {
      const both = new Set(rows.map((record) => `${at(record, other)}\u0000${at(record, index)}`)).size;
      return both === different(rows, other) && both === different(rows, index);
    });
  const areAll = (index: number, test: (value: string) => boolean) =>
    groups.every((rows) => rows.every((record) => test(at(record, index))));
  const isSize = (index: number) => areAll(index, (value) => choiceKind(value) !== null);
  for (const index of [...offered].sort((a, b) => a - b)) {
    if (!groups.some((rows) => different(rows, index) > 1)) continue;
    const measures = areAll(index, isBareNumber);
    if (measures && groups.every(areToldApart)) continue;
    const before = measures ? [...(groups[0]?.[0]?.particulars.keys() ?? [])].filter((other) => other < index) : [];
    const instead = before.find((other) => !offered.has(other) && goesWith(index, other) && isSize(other));
    const follows = chosen.some((other) => goesWith(index, other));
    if (!follows || groups.every((rows) => rows.length < 2)) chosen.push(instead ?? index);
  }
  return chosen;
}

/** Further columns that tell rows apart which all that can be chosen leaves alike, the fewest that will do. */
function tellsApart(rows: readonly Record[], promoted: ReadonlySet<number>): number[] {
  const chosen: number[] = [];
  const keyOf = (record: Record) =>
    [
      ...[...record.options].map(([at, { value }]) => `${at}=${key(value)}`),
      ...[...promoted, ...chosen].map((index) => key(told(record, index)?.value ?? '')),
    ].join('|');
  const different = () => new Set(rows.map(keyOf)).size;
  const open = new Set(
    rows.flatMap(({ particulars, spares }) => [...particulars.keys(), ...spares.keys()]).filter((index) => !promoted.has(index)),
  );
  // A weight or a code that differs with what is chosen by is not what is chosen by.
  const isSpare = (index: number) => rows.every(({ particulars }) => !particulars.has(index));
  // Nor is a bare number, where words tell the rows apart as well.
  const isNumber = (index: number) => rows.every((record) => isBareNumber(told(record, index)?.value ?? ''));
  const ranks = new Map([...open].map((index) => [index, isSpare(index) ? 2 : isNumber(index) ? 1 : 0]));
  const rank = (index: number) => ranks.get(index) ?? 0;
  if (!promoted.size && rows.every(({ options }) => !options.size)) {
    const crossed = crossing(
      rows,
      [...open].sort((a, b) => a - b),
    );
    if (crossed) return crossed;
  }
  while (different() < rows.length && open.size) {
    let best: { index: number; apart: number } | null = null;
    for (const index of [...open].sort((a, b) => rank(a) - rank(b) || a - b)) {
      // What every row has can be chosen by; what some lack can not.
      if (!rows.every((record) => told(record, index)?.value)) continue;
      chosen.push(index);
      const apart = different();
      chosen.pop();
      if (apart > (best?.apart ?? different())) best = { index, apart };
    }
    if (!best) break;
    chosen.push(best.index);
    open.delete(best.index);
  }
  return chosen;
}

/** So many columns are looked at for what is chosen by together. */
const mostCrossed = 8;

/**
 * Two or three columns of which every value goes with every other: soft and firm, each in two sizes. They are what is chosen by, and not
 * a number that is another in each of the rows because of them.
 */
function crossing(rows: readonly Record[], open: readonly number[]): number[] | null {
  const at = (record: Record, index: number) => key(told(record, index)?.value ?? '');
  const counts = open.flatMap((index) => {
    const values = new Set(rows.map((record) => at(record, index)));
    return values.size > 1 && values.size < rows.length && !values.has('') ? [{ index, count: values.size }] : [];
  });
  const columns = counts.slice(0, mostCrossed);
  const isWhole = (chosen: readonly { index: number; count: number }[]) =>
    chosen.reduce((product, { count }) => product * count, 1) === rows.length &&
    new Set(rows.map((record) => chosen.map(({ index }) => at(record, index)).join('\u0000'))).size === rows.length;
  for (const [i, a] of columns.entries())
    for (const [j, b] of columns.slice(i + 1).entries()) {
      if (isWhole([a, b])) return [a.index, b.index];
      const third = columns.slice(i + j + 2).find((c) => isWhole([a, b, c]));
      if (third) return [a.index, b.index, third.index];
    }
  return null;
}

function gather(rows: readonly Record[], doubles: Together['doubles']): Gathered {
  const options = new Map<string, { key: string; name: string }>();
  for (const record of rows)
    for (const [at, { name, value }] of record.options) {
      // A pair of name and value stands for the name it gives, wherever it stands.
      const id = at.startsWith('pair') ? `pair ${key(name)}` : at;
      if (value && !options.has(id)) options.set(id, { key: id, name });
    }
  const chosen = [...options.values()];
  const kept: Record[] = [];
  const seen = new Map<string, Record>();
  const codes = rows.map(({ sku }) => sku);
  let byCode = false;
  const keyOf = (record: Record) => chosen.map((option) => key(valueOf(record, option.key))).join('\u0000');
  if (
    rows.length > 1 &&
    new Set(rows.map(keyOf)).size < rows.length &&
    codes.every(Boolean) &&
    new Set(codes).size === rows.length
  )
    byCode = true;
  for (const record of rows) {
    const at = byCode ? record.sku : keyOf(record);
    const first = seen.get(at);
    if (first) {
      const isSame = first.price === record.price && first.stock === record.stock && first.sku === record.sku;
      doubles.push({ record, first, how: isSame ? 'same' : first.price !== record.price ? 'other-price' : 'other' });
      continue;
    }
    seen.set(at, record);
    kept.push(record);
  }
  if (byCode) {
    chosen.push({ key: 'code', name: 'Code' });
    for (const record of kept) record.options.set('code', { name: 'Code', value: record.sku });
  }
  return { title: commonTitle(rows), rows: kept, options: chosen };
}

/** The value that a record has for an option. */
export function valueOf(record: Record, option: string): string {
  if (!option.startsWith('pair')) return record.options.get(option)?.value ?? '';
  for (const [at, { name, value }] of record.options) if (at.startsWith('pair') && `pair ${key(name)}` === option) return value;
  return '';
}

/** Shorter than this is no name. */
const shortestTitle = 3;
const edges = /^[\s,;–—:/|(-]+|[\s,;–—:/|)(-]+$/g;

/** The words that the titles of all rows begin with, or end with, and what is left of each title; null where they have none in common. */
function shared(rows: readonly Record[]): { words: string; ends: string[] } | null {
  // Where nothing parts words, signs are compared.
  const [parts, least] = rows.some(({ title }) => isUnspaced(title) && !title.includes(' ')) ? ['', 1] : [' ', shortestTitle];
  const all = rows.map(({ title }) => (parts ? title.split(parts) : [...title]));
  const count = (titles: readonly string[][]) => {
    const [first = [], ...others] = titles.map((words) => words.map((word) => key(word.replace(edges, ''))));
    const differs = first.findIndex((word, i) => others.some((words) => words[i] !== word));
    return differs < 0 ? Math.min(...titles.map((words) => words.length)) : differs;
  };
  const first = count(all);
  const last = count(all.map((words) => [...words].reverse()));
  const cut = (from: number, to?: number) => all.map((words) => words.slice(from, to).join(parts).replace(edges, ''));
  const begin = cut(0, first)[0] ?? '';
  if (begin.length >= least) return { words: begin, ends: cut(first) };
  const end = last ? (cut(-last)[0] ?? '') : '';
  return end.length >= least ? { words: capitalised(end), ends: cut(0, -last) } : null;
}

/** The title of a product whose rows are called differently: the words that all have in common. */
function commonTitle(rows: readonly Record[]): string {
  const [{ title } = { title: '' }] = rows;
  return rows.every((row) => row.title === title) ? title : (shared(rows)?.words ?? title);
}
