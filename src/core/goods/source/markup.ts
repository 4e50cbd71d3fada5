import { Parser } from 'htmlparser2';
import { type Cell, type Form, type Grid } from './grid';
import { gridOfRecords, type Fields } from './records';
import { isProduct, productRecords, recordsOfProduct, type Item } from './schemaOrg';

interface Scope {
  item: { types: string[]; props: Map<string, (Item | Cell)[]> };
  names: string[];
  depth: number;
}
interface Reading {
  names: string[];
  scope: Scope;
  text: string;
  depth: number;
}

const blockTags = new Set(['p', 'div', 'li', 'br', 'tr', 'td', 'th', 'h1', 'h2', 'h3', 'h4', 'h5', 'h6', 'dd', 'dt', 'ul', 'ol']);
const silent = new Set(['script', 'style', 'template', 'noscript', 'head']);

const opensData = /<script\b[^>]*\bapplication\/ld\+json\b[^>]*>/gi;

/**
 * A page in whose structured data nothing closes the element that holds it: a description with "</script>" in it would (WHATWG HTML, 4.12.1.3),
 * and the rest of the data would be lost. In a string of JSON a stroke may stand behind a backslash (RFC 8259, 7).
 */
function withDataClosed(html: string): string {
  const made: string[] = [];
  let from = 0;
  for (const { 0: tag, index } of html.matchAll(opensData)) {
    const start = index + tag.length;
    const end = start < from ? -1 : endOfJson(html, start);
    if (end < 0) continue;
    const data = html.slice(start, end);
    if (!data.includes('</')) continue;
    made.push(html.slice(from, start), data.replaceAll('</', '<\\/'));
    from = end;
  }
  return made.length ? [...made, html.slice(from)].join('') : html;
}

/** Where an object or an array of JSON ends that begins here; -1 where it does not. */
function endOfJson(text: string, start: number): number {
  let depth = 0;
  let isString = false;
  for (let i = start; i < text.length; i++) {
    const char = text[i];
    if (isString) {
      if (char === '\\') i++;
      else if (char === '"') isString = false;
    } else if (char === '"') isString = true;
    else if (char === '{' || char === '[') depth++;
    else if ((char === '}' || char === ']') && --depth === 0) return i + 1;
    else if (depth === 0 && /\S/.test(char ?? '')) return -1;
  }
  return -1;
}

/** Goods in a saved page: schema.org in JSON-LD or microdata (WHATWG HTML), else the table with most rows. */
export function readPage(html: string): { form: Form; grids: Grid[] } | null {
  const scripts: string[] = [];
  const items: Item[] = [];
  const scopes: Scope[] = [];
  const readings: Reading[] = [];
  const tables: Cell[][][] = [];
  const open: { rows: Cell[][]; row: Cell[] | null; cell: string | null; span: number }[] = [];
  let script: string | null = null;
  let depth = 0;
  const quiet: string[] = [];

  const give = (scope: Scope, names: readonly string[], value: Item | Cell) => {
    for (const name of names) scope.item.props.set(name, [...(scope.item.props.get(name) ?? []), value]);
  };
  const hear = (text: string) => {
    if (script !== null) script += text;
    if (quiet.length) return;
    for (const reading of readings) reading.text += text;
    const table = open.at(-1);
    if (table && table.cell !== null) table.cell += text;
  };
  const closeCell = (table: (typeof open)[number]) => {
    if (table.cell === null || !table.row) return;
    table.row.push(table.cell.replace(/\s+/g, ' ').trim());
    for (let n = 1; n < table.span; n++) table.row.push('');
    table.cell = null;
  };

  const parser = new Parser(
    {
      onopentag(name, attribs) {
        depth++;
        if (name === 'script') script = attribs.type?.toLowerCase() === 'application/ld+json' ? '' : null;
        if (silent.has(name) && name !== 'head') quiet.push(name);
        const names = attribs.itemprop?.split(/\s+/).filter(Boolean) ?? [];
        const scope = scopes.at(-1);
        if ('itemscope' in attribs) {
          const types = (attribs.itemtype ?? '').split(/\s+/).map((type) => type.replace(/^.*[/#]/, ''));
          scopes.push({ item: { types, props: new Map() }, names: scope ? names : [], depth });
        } else if (names.length && scope) {
          const value =
            attribs.content ??
            (name === 'a' || name === 'link' ? attribs.href : (attribs.src ?? attribs.datetime ?? attribs.value));
          if (value !== undefined && (attribs.content !== undefined || name !== 'a')) give(scope, names, value.trim());
          else readings.push({ names, scope, text: '', depth });
        }
        const table = open.at(-1);
        if (name === 'table') open.push({ rows: [], row: null, cell: null, span: 1 });
        else if (table && name === 'tr') {
          closeCell(table);
          table.row = [];
          table.rows.push(table.row);
        } else if (table?.row && (name === 'td' || name === 'th')) {
          closeCell(table);
          table.cell = '';
          table.span = Math.min(50, Math.max(1, Number.parseInt(attribs.colspan ?? '1', 10) || 1));
        }
        if (blockTags.has(name)) hear('\n');
      },
      ontext: hear,
      onclosetag(name) {
        if (name === 'script' && script !== null) {
          scripts.push(script);
          script = null;
        }
        if (quiet.at(-1) === name) quiet.pop();
        while (readings.at(-1)?.depth === depth) {
          const done = readings.pop();
          if (done)
            give(
              done.scope,
              done.names,
              done.text
                .replace(/[ \t]*\n\s*/g, '\n')
                .replace(/[ \t]+/g, ' ')
                .trim(),
            );
        }
        const scope = scopes.at(-1);
        if (scope?.depth === depth) {
          scopes.pop();
          const outer = scopes.at(-1);
          if (outer && scope.names.length) give(outer, scope.names, scope.item);
          else items.push(scope.item);
        }
        const table = open.at(-1);
        if (table && (name === 'td' || name === 'th')) closeCell(table);
        if (table && name === 'table') {
          closeCell(table);
          open.pop();
          tables.push(table.rows.filter((row) => row.length));
        }
        depth--;
      },
    },
    { lowerCaseTags: true, decodeEntities: true },
  );
  parser.write(withDataClosed(html));
  parser.end();

  const linked = scripts.flatMap((text) => {
    try {
      return productRecords(JSON.parse(text));
    } catch {
      return [];
    }
  });
  const marked = items.filter(isProduct).flatMap((item) => recordsOfProduct(item));
  const pick = (records: Fields[], form: Form) => ({ form, grids: [gridOfRecords(records)] });
  if (linked.length && linked.length >= marked.length) return pick(linked, 'json-ld');
  if (marked.length) return pick(marked, 'microdata');
  const wide = tables.filter((rows) => rows.length > 1 && Math.max(...rows.map((row) => row.length)) > 1);
  if (!wide.length) return null;
  return {
    form: 'html-table',
    grids: wide.map((rows) => ({ name: '', rows, firstRow: 1, headed: false })).sort((a, b) => b.rows.length - a.rows.length),
  };
}
