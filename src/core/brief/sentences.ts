import { sourceAt, type Source } from './fact';

export interface Sentence {
  /** As it stands in the brief, without bullets and outer spaces. */
  text: string;
  source: Source;
  /** Whether it stands on a line of its own without a full stop, as headings do. */
  heading: boolean;
  /** Counted from 0: which paragraph it stands in. */
  paragraph: number;
}

/** A full stop, question or exclamation mark that ends a sentence: not inside numbers, addresses or after short forms. */
const sentenceEnd = /(?<!\b(?:e\.g|i\.e|mr|mrs|ms|dr|st|no|approx|etc|vs|co|ltd))[.!?…]+["”’)]*(?=\s|$)/gi;

/** Parts a brief into sentences: by lines, bullets and full stops; a long run without any is parted where a new clause begins. */
export function sentencesOf(brief: string): Sentence[] {
  const sentences: Sentence[] = [];
  let offset = 0;
  let paragraph = 0;
  for (const line of joinWrappedLines(brief)) {
    const start = offset;
    offset += line.length;
    if (!line.trim()) paragraph++;
    const bullet = /^\s*(?:[-*•–—·]|\d{1,2}[.)])\s+/.exec(line)?.[0].length ?? 0;
    let from = bullet;
    const ends = [...line.matchAll(sentenceEnd)].map((match) => match.index + match[0].length);
    const cuts = [...new Set([...ends, line.length])];
    for (const cut of cuts) {
      for (const [a, b] of clauses(line, from, cut, ends.length === 0)) {
        const raw = line.slice(a, b);
        const lead = raw.length - raw.trimStart().length;
        const text = raw.trim();
        if (/[\p{L}\p{N}]/u.test(text)) {
          const source = sourceAt(brief, start + a + lead, start + a + lead + text.length);
          sentences.push({
            text: source.text.replace(/\s+/g, ' '),
            source,
            heading: ends.length === 0 && !/[,;]$/.test(text) && text.split(/\s+/).length <= 7,
            paragraph,
          });
        }
      }
      from = cut;
    }
  }
  return sentences;
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
  const cuts = [...line.slice(from, to).matchAll(/\s(?=(?:and |but |so )?(?:we|i|please)\s)/gi)]
    .map((match) => from + match.index)
    .reduce<number[]>((kept, at) => (at - (kept.at(-1) ?? from) > 16 && to - at > 12 ? [...kept, at] : kept), []);
  return [from, ...cuts].map((cut, i) => [cut, cuts[i] ?? to]);
}
