/** A stretch of text, and how it is set. */
export interface Run {
  text: string;
  as: 'plain' | 'em' | 'strong';
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

/** "*so*" is stressed and "**so**" is strong; an asterisk inside a word or a sum is itself. */
const stress = /(?<![\p{L}\p{N}*])(\*{1,2})(?=[^\s*])([^*\n]*[^\s*])\1(?![\p{L}\p{N}*])/gu;

export function runsOf(text: string): Run[] {
  const runs: Run[] = [];
  let from = 0;
  for (const found of text.matchAll(stress)) {
    const [whole, marks = '', inner = ''] = found;
    if (found.index > from) runs.push({ text: text.slice(from, found.index), as: 'plain' });
    runs.push({ text: inner, as: marks.length === 2 ? 'strong' : 'em' });
    from = found.index + whole.length;
  }
  if (from < text.length) runs.push({ text: text.slice(from), as: 'plain' });
  return runs;
}

/** A text as it is said where nothing can be set: without the marks of its stress. */
export const plainProse = (text: string): string => text.replace(stress, '$2');
