import { Parser } from 'htmlparser2';

const blocks = new Set([
  'p',
  'div',
  'br',
  'li',
  'ul',
  'ol',
  'h1',
  'h2',
  'h3',
  'h4',
  'h5',
  'h6',
  'tr',
  'table',
  'blockquote',
  'section',
  'dt',
  'dd',
]);
const apart = new Set(['p', 'div', 'ul', 'ol', 'h1', 'h2', 'h3', 'h4', 'h5', 'h6', 'table', 'blockquote', 'section']);
const silent = new Set(['script', 'style', 'template', 'iframe', 'object', 'noscript', 'head', 'title', 'svg']);

const hasMarkup = (text: string): boolean => /<\/?[a-z][^<>]*>|<!--|&(?:#\d+|#x[\da-f]+|[a-z]{2,8});/i.test(text);

/**
 * What a cell says to a reader: paragraphs and lists of its markup as lines, no tags, nothing of scripts. An apostrophe that keeps a
 * spreadsheet from running a cell is taken off.
 */
export function proseOf(cell: string): string {
  const text = /^'[=+\-@]/.test(cell) ? cell.slice(1) : cell;
  if (!hasMarkup(text)) return text.trim();
  let said = '';
  const quiet: string[] = [];
  const parser = new Parser(
    {
      onopentag(name) {
        if (silent.has(name)) quiet.push(name);
        if (blocks.has(name)) said += apart.has(name) ? '\n\n' : '\n';
        if (name === 'li') said += '– ';
      },
      ontext(piece) {
        if (!quiet.length) said += piece;
      },
      onclosetag(name) {
        if (quiet.at(-1) === name) quiet.pop();
        if (apart.has(name)) said += '\n\n';
      },
    },
    { decodeEntities: true },
  );
  parser.write(text);
  parser.end();
  return said
    .replace(/[ \t\u00a0]+/g, ' ')
    .replace(/ *\n */g, '\n')
    .replace(/\n{3,}/g, '\n\n')
    .replace(/\n\n(?=– )/g, '\n')
    .trim();
}

/** The same in one line, for names and values. */
export const lineOf = (cell: string): string => proseOf(cell).replace(/\s+/g, ' ').trim();
