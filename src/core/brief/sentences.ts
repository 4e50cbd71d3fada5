import { sourceAt, type Source } from './fact';
import { headingLabel, inlineLabel, labelOf, type Label } from './labels';

export interface Sentence {
  /** As it stands in the brief, without bullets, label and outer spaces. */
  text: string;
  source: Source;
  /** Whether it stands on a line of its own without a full stop, as headings do. */
  heading: boolean;
  /** Counted from 0: which paragraph it stands in. */
  paragraph: number;
  /** What a heading, a question or a word before a colon says that it is about. */
  label: Label | null;
  /** Whether it is the heading or question itself, which says nothing of the business. */
  asks: boolean;
}

/** A full stop, question or exclamation mark that ends a sentence: not inside numbers, addresses or after short forms. */
const sentenceEnd = /(?<!\b(?:e\.g|i\.e|mr|mrs|ms|dr|st|no|approx|etc|vs|co|ltd|incl|tel))[.!?…]+["”’)]*(?=\s|$)/gi;

const bulletMark = /^\s*(?:[-*•–—·]|\d{1,2}[.)]|#{1,4})\s+/;

/** What the lines to come are about, and what ends that. */
interface Scope {
  label: Label | null;
  until: 'heading' | 'empty line';
}

/**
 * Parts a brief into sentences: by lines, bullets and full stops; a long run without any is parted where a new clause begins. Headings,
 * questions and labels ("Colours: …") say what the sentences after them are about.
 */
export function sentencesOf(brief: string): Sentence[] {
  const sentences: Sentence[] = [];
  let offset = 0;
  let paragraph = 0;
  let scope: Scope | null = null;
  let afterEmptyLine = true;
  const lines = joinWrappedLines(brief);
  for (const [i, line] of lines.entries()) {
    const start = offset;
    offset += line.length;
    if (!line.trim()) {
      paragraph++;
      afterEmptyLine = true;
      if (scope?.until === 'empty line') scope = null;
      continue;
    }
    const bullet = bulletMark.exec(line)?.[0] ?? '';
    // "3. Target group" over a line of its own is a heading; in a run of numbers it is an entry.
    const numbered = /\d/.test(bullet) && !/^\s*(?:\d|$)/.test(lines[i + 1] ?? '') && !/[.!,;]\s*$/.test(line);
    const marked = bullet.includes('#') || (numbered && line.trim().split(/\s+/).length <= 7);
    const body = line.slice(bullet.length).trim();
    const heading = bullet && !marked ? undefined : headingLabel(body, marked, afterEmptyLine && offset < brief.length);
    if (heading !== undefined) scope = { label: heading, until: marked ? 'heading' : 'empty line' };
    const inline = heading === undefined ? inlineLabel(line.slice(bullet.length)) : null;
    const from = bullet.length + (inline?.length ?? 0);
    for (const found of sentencesOfLine(line, from)) {
      // A sentence inside a line may bring its own label: "… for a month. Customers = gyms."
      const own = found.at > from ? inlineLabel(found.text) : null;
      const at = found.at + (own?.length ?? 0);
      const text = found.text.slice(own?.length ?? 0);
      const source = sourceAt(brief, start + at, start + at + text.length);
      const asks: boolean = text.endsWith('?') || heading !== undefined;
      sentences.push({
        text: source.text.replace(/\s+/g, ' '),
        source,
        heading: !/[.!?…]["”’)]*(?:\s|$)/.test(line.slice(from)) && !/[,;]$/.test(text) && text.split(/\s+/).length <= 7,
        paragraph,
        label: asks ? null : (own?.label ?? inline?.label ?? scope?.label ?? null),
        asks,
      });
      if (text.endsWith('?')) scope = { label: labelOf(text), until: 'empty line' };
    }
    afterEmptyLine = false;
  }
  return sentences;
}

function sentencesOfLine(line: string, from: number): { at: number; text: string }[] {
  const found: { at: number; text: string }[] = [];
  const ends = [...line.matchAll(sentenceEnd)]
    .map((match) => match.index + match[0].length)
    // "at 10 a.m. and": the hour goes on.
    .filter((end) => end > from && !(/\b[ap]\.m\.$/.test(line.slice(0, end)) && /^\s+\p{Ll}/u.test(line.slice(end))));
  let begin = from;
  for (const cut of new Set([...ends, line.length])) {
    for (const [a, b] of clauses(line, begin, cut, ends.length === 0)) {
      const raw = line.slice(a, b);
      const opened = raw.replace(/^[\s,;]+/, '');
      const text = opened.trimEnd();
      if (/[\p{L}\p{N}]/u.test(text)) found.push({ at: a + raw.length - opened.length, text });
    }
    begin = cut;
  }
  return found;
}

/** Lines of a text that was wrapped by hand belong together: a line that runs on in lower case is joined to the one before it. */
function joinWrappedLines(brief: string): string[] {
  const lines = brief.split(/(?<=\n)/);
  const joined: string[] = [];
  for (const line of lines) {
    const before = joined.at(-1);
    if (before !== undefined && before.trim().length > 45 && !/[.!?:]\s*$/.test(before) && /^[\p{Ll}\d(]/u.test(line))
      joined[joined.length - 1] = before + line;
    else joined.push(line);
  }
  return joined;
}

/** A run of words without any full stop is parted where "we" or "I" begins anew, so that each part says one thing. */
function clauses(line: string, from: number, to: number, unpunctuated: boolean): [number, number][] {
  const words = line.slice(from, to).split(/\s+/).length;
  if (!unpunctuated || words <= 14) return [[from, to]];
  const cuts = [
    ...line
      .slice(from, to)
      .matchAll(
        /\s(?=(?:and |but |so )?(?:we|i|please)\s)|,\s(?=(?:all of|prices|text me|call me)\b)|,\s(?=(?:[^\s,]+\s){5,}[^\s,]+)/gi,
      ),
  ]
    .map((match) => from + match.index)
    .reduce<number[]>((kept, at) => (at - (kept.at(-1) ?? from) > 16 && to - at > 12 ? [...kept, at] : kept), []);
  return [from, ...cuts].map((cut, i) => [cut, cuts[i] ?? to]);
}
