import { Parser } from 'htmlparser2';
import { plainProse } from '../../prose';

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

const stressed: Readonly<Record<string, string>> = { em: '*', i: '*', strong: '**', b: '**' };

/**
 * What a cell says to a reader: paragraphs, lists and stress of its markup as the shop's own plain notation, no tags, nothing of scripts.
 * An apostrophe that keeps a spreadsheet from running a cell is taken off.
 */
export function proseOf(cell: string): string {
  const text = /^'[=+\-@]/.test(cell) ? cell.slice(1) : cell;
  if (!hasMarkup(text)) return text.trim();
  let said = '';
  const quiet: string[] = [];
  /** Lists that are open, with how many of their items were told. */
  const lists: { isNumbered: boolean; told: number }[] = [];
  /** Where stress began. */
  const stress: { name: string; from: number }[] = [];
  const parser = new Parser(
    {
      onopentag(name) {
        if (silent.has(name)) quiet.push(name);
        if (blocks.has(name)) said += apart.has(name) ? '\n\n' : '\n';
        if (name === 'ul' || name === 'ol') lists.push({ isNumbered: name === 'ol', told: 0 });
        const list = lists.at(-1);
        if (name === 'li') said += list?.isNumbered ? `${++list.told}. ` : '– ';
        if (name in stressed) stress.push({ name, from: said.length });
      },
      ontext(piece) {
        if (!quiet.length) said += piece;
      },
      onclosetag(name) {
        if (quiet.at(-1) === name) quiet.pop();
        if (name === 'ul' || name === 'ol') lists.pop();
        const begun = stress.at(-1);
        if (begun?.name === name) {
          stress.pop();
          said = said.slice(0, begun.from) + withStress(said.slice(begun.from), stressed[name] ?? '');
        }
        if (apart.has(name)) said += '\n\n';
      },
    },
    { decodeEntities: true },
  );
  parser.write(text);
  parser.end();
  return (
    said
      .replace(/[ \t\u00a0]+/g, ' ')
      .replace(/ *\n */g, '\n')
      .replace(/\n{3,}/g, '\n\n')

      // A list hangs together, whatever stood between its items.
      .replace(/(?<=^(?:– |\d+\. ).*)\n\n(?=– |\d+\. )/gm, '\n')
      .trim()
  );
}

/** Marks stand at the words themselves, and nowhere round line breaks or nothing. */
function withStress(text: string, mark: string): string {
  const inner = text.trim();
  if (!inner || /[\n*]/.test(inner)) return text;
  return text.replace(inner, () => mark + inner + mark);
}

/** The same in one line and without stress, for names and values. */
export const lineOf = (cell: string): string =>
  (hasMarkup(cell) ? plainProse(proseOf(cell)) : proseOf(cell)).replace(/\s+/g, ' ').trim();
