import { readLead } from './lead';

/** A stretch of text, and how it is set. */
export interface Run {
  text: string;
  em?: true;
  strong?: true;
  /** Where it leads, as a lead is kept. */
  lead?: string;
}

/** What a longer text is made of. */
export type Block = { kind: 'paragraph'; text: string } | { kind: 'list' | 'steps'; items: string[] };

const point = /^\s*[–•-]\s+(?=\S)/;
const step = /^\s*\d{1,2}[.)]\s+(?=\S)/;

/** Paragraphs are parted by empty lines; lines that begin with a dash are a list, lines that begin with numbers are steps. */
export function readProse(text: string): Block[] {
  const blocks: Block[] = [];
  for (const part of text.split(/\n{2,}/)) {
    let lines: string[] = [];
    let kind: Block['kind'] = 'paragraph';
    const end = () => {
      if (lines.length) blocks.push(kind === 'paragraph' ? { kind, text: lines.join('\n').trim() } : { kind, items: lines });
      lines = [];
    };
    const all = part.split('\n').filter((line) => line.trim());
    for (const line of all) {
      const is = point.test(line) ? 'list' : step.test(line) ? 'steps' : 'paragraph';
      if (is !== kind) end();
      kind = is;
      lines.push(is === 'paragraph' ? line : line.replace(is === 'list' ? point : step, '').trim());
    }
    end();
  }
  // One line with a dash or a number is no list.
  return blocks.map((block, i) =>
    block.kind !== 'paragraph' && block.items.length === 1 && blocks[i - 1]?.kind !== block.kind
      ? { kind: 'paragraph', text: block.items.join(' ') }
      : block,
  );
}

/**
 * How words are set, in signs that stand among them: "*so*" is stressed, "**so**" is strong, "***so***" both, and "[so](page/about)" leads
 * somewhere. An asterisk inside a word or a sum is itself, as is a sign after a backslash, and a link whose address leads nowhere.
 */
const stress = /(?<![\p{L}\p{N}*])(\*{1,3})(?=[^\s*])([^*\n]*[^\s*])\1(?![\p{L}\p{N}*])/u;
const link = /\[([^[\]\n]+)\]\(([^()\s]+)\)/g;

/** Signs that a backslash keeps as they are. While a text is read, each of them is a code point that is no character. */
const kept = '\\*[]()-–•.';
const aside = (text: string): string =>
  text
    .replace(/[\uFDD0-\uFDEF]/g, '')
    .replace(/\\([\\*[\]().–•-])/g, (_, sign: string) => String.fromCharCode(0xfdd0 + kept.indexOf(sign)));
const back = (text: string): string => text.replace(/[\uFDD0-\uFDEF]/g, (code) => kept[code.charCodeAt(0) - 0xfdd0] ?? '');

const hasSigns = (text: string): boolean => /[*\\[]/.test(text);

/** The runs of a paragraph or an item. */
export const runsOf = (text: string): Run[] => (hasSigns(text) ? runsIn(aside(text), {}) : text ? [{ text }] : []);

function runsIn(text: string, how: Omit<Run, 'text'>): Run[] {
  if (!text) return [];
  const led = how.lead === undefined ? [...text.matchAll(link)].find(([, , lead = '']) => readLead(lead)) : undefined;
  const stressed = stress.exec(text);
  // What begins first holds what begins in it.
  const first = led && (!stressed || led.index < stressed.index) ? led : stressed;
  if (!first) return [{ ...how, text: back(text) }];
  const [whole, one = '', two = ''] = first;
  const inner =
    first === led
      ? runsIn(one, { ...how, lead: two })
      : runsIn(two, { ...how, ...(one.length !== 2 ? { em: true } : {}), ...(one.length > 1 ? { strong: true } : {}) });
  return [...runsIn(text.slice(0, first.index), how), ...inner, ...runsIn(text.slice(first.index + whole.length), how)];
}

/** A text as it is said where nothing can be set: without the signs of how it is. */
export const plainProse = (text: string): string =>
  hasSigns(text)
    ? runsOf(text)
        .map((run) => run.text)
        .join('')
    : text;

/** A text whose words lead elsewhere, by the leads that they had; where one is null, its words stay and lead nowhere. */
export const relinked = (text: string, to: (lead: string) => string | null): string =>
  aside(text)
    .replace(link, (whole: string, words: string, word: string) => {
      const lead = readLead(word) ? to(word) : word;
      return lead === null ? words : lead === word ? whole : `[${words}](${lead})`;
    })
    .replace(/[\uFDD0-\uFDEF]/g, (code) => `\\${kept[code.charCodeAt(0) - 0xfdd0] ?? ''}`);

/** Where the words of a text lead. */
export const leadsIn = (text: string): string[] => [...new Set(runsOf(text).flatMap(({ lead }) => lead ?? []))];

const sameHow = (a: Omit<Run, 'text'>, b: Omit<Run, 'text'>): boolean =>
  a.em === b.em && a.strong === b.strong && a.lead === b.lead;

/** Runs as they can be written: a word is stressed as a whole, and the space between two words where both are alike. */
export function settledRuns(runs: readonly Run[]): Run[] {
  const signs = runs
    .flatMap((run) => [...run.text.replace(/\s/g, ' ')].map((text): Run => ({ ...run, text })))
    .filter(({ text }, i, all) => text !== ' ' || all[i - 1]?.text !== ' ');
  const words: Run[][] = [];
  signs.forEach((sign, i) => {
    const last = words.at(-1);
    if (!last || sign.text === ' ' || signs[i - 1]?.text === ' ') words.push([sign]);
    else last.push(sign);
  });
  const settled: Run[] = [];
  const put = (text: string, how: Omit<Run, 'text'>) => {
    const last = settled.at(-1);
    if (last && sameHow(last, how)) last.text += text;
    else settled.push({ ...how, text });
  };
  const stressOf = (word: readonly Run[] = []): Omit<Run, 'text'> => ({
    ...(word.some(({ em }) => em) ? { em: true } : {}),
    ...(word.some(({ strong }) => strong) ? { strong: true } : {}),
  });
  const leadOf = ({ lead }: Partial<Run> = {}) => (lead === undefined ? {} : { lead });
  words.forEach((word, i) => {
    const [sign] = word;
    if (sign?.text !== ' ') return word.forEach(({ text, lead }) => put(text, { ...stressOf(word), ...leadOf({ lead }) }));
    const before = { ...stressOf(words[i - 1]), ...leadOf(words[i - 1]?.at(-1)) };
    const after = { ...stressOf(words[i + 1]), ...leadOf(words[i + 1]?.[0]) };
    const isBetween = i > 0 && i < words.length - 1;
    put(' ', isBetween && sameHow(before, after) ? before : isBetween && before.lead === after.lead ? leadOf(before) : {});
  });
  return settled;
}

const signsOf = ({ em, strong }: Run): string => (em && strong ? '***' : strong ? '**' : em ? '*' : '');

function written(runs: readonly Run[], guarded: boolean): string {
  const guard = (text: string) => (guarded ? text.replace(/[\\*[\]]/g, '\\$&') : text);
  let text = '';
  for (let at = 0; at < runs.length;) {
    const { lead } = runs[at] ?? {};
    const end = runs.findIndex((run, i) => i > at && run.lead !== lead);
    const alike = runs.slice(at, end < 0 ? runs.length : end);
    const label = alike.map((run) => `${signsOf(run)}${guard(run.text)}${signsOf(run)}`).join('');
    text += lead === undefined ? label : `[${label}](${lead.replace(/\(/g, '%28').replace(/\)/g, '%29')})`;
    at += alike.length;
  }
  return text;
}

/** Writes what `runsOf` reads. Signs that stand for themselves have a backslash only where they would be taken for others. */
export function writeRuns(runs: readonly Run[]): string {
  const settled = settledRuns(runs);
  const plain = written(settled, false);
  const read = runsOf(plain);
  const isRead =
    read.length === settled.length && read.every((run, i) => run.text === settled[i]?.text && sameHow(run, settled[i]));
  return isRead ? plain : written(settled, true);
}

/** A block with its words as they are set. */
export type SetBlock =
  { kind: 'paragraph'; runs: readonly Run[] } | { kind: 'list' | 'steps'; items: readonly (readonly Run[])[] };

/** Writes what `readProse` and `runsOf` read. A list of one is a paragraph. */
export function writeProse(blocks: readonly SetBlock[]): string {
  return blocks
    .map((block) => {
      if (block.kind === 'paragraph')
        return writeRuns(block.runs)
          .trim()
          .replace(/^([–•-])(?=\s)/, '\\$1')
          .replace(/^(\d{1,2})([.)])(?=\s)/, '$1\\$2');
      const lines = block.items.map((item) => writeRuns(item).trim()).filter(Boolean);
      return lines
        .map((line, i) => (lines.length < 2 ? line : block.kind === 'list' ? `- ${line}` : `${i + 1}. ${line}`))
        .join('\n');
    })
    .filter(Boolean)
    .join('\n\n');
}
