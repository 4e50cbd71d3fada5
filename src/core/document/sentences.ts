import shortForms from './shortForms.json';

const short = new Set(shortForms);

/** A stretch of a text, between two offsets. */
export interface Stretch {
  start: number;
  end: number;
}

/** What ends a sentence in any script; a full stop only before a space. */
const endMark = /[.!?…\p{Sentence_Terminal}։]+["”’'»)\]]*(?=\s|$)|[。！？]/gu;

/** Whether a full stop ends a short form ("approx.", "9 a.m. and", an initial) and no sentence. */
function isShortForm(text: string, at: number, after: number): boolean {
  if (text[at] !== '.' || text[at + 1] === '.') return false;
  const word = /[\p{L}\p{N}.]+$/u.exec(text.slice(0, at))?.[0] ?? '';
  const next = text.slice(after).trimStart();
  // "J. Smith", but not "it had lost its G. He came".
  if (/^\p{Lu}$/u.test(word)) return /^\p{Lu}/u.test(next) && /(?:^|\p{Lu}[\p{L}.]*\s+)\p{Lu}$/u.test(text.slice(0, at));
  if (/^[ap]\.?m$/i.test(word)) return /^\p{Ll}/u.test(next);
  // "Korijen d.o.o. is": letters with stops between them are one word, and no sentence begins small after it.
  if (/^\p{L}+(?:\.\p{L}+)+$/u.test(word) && /^\p{Ll}/u.test(next)) return true;
  // "In 60 d. if it is lost": a unit after a figure.
  if (/\d\s?\p{L}{1,3}$/u.test(text.slice(0, at)) && /^\p{Ll}/u.test(next)) return true;
  const known = short.has(word.toLowerCase());
  // "No. 3" is a short form, "No. Thirty." are two sentences.
  return known && (word.toLowerCase() !== 'no' || /^\d/.test(next));
}

/**
 * The sentences between two offsets, without the spaces around them.
 * @param runs whether a long run of words without full stops is parted, too
 */
export function sentencesIn(text: string, { start, end }: Stretch, runs = true): Stretch[] {
  const line = text.slice(start, end);
  const cuts = [...line.matchAll(endMark)]
    .filter((match) => !isShortForm(line, match.index, match.index + match[0].length))
    .map((match) => match.index + match[0].length);
  const found: Stretch[] = [];
  let from = 0;
  for (const cut of new Set([...cuts, line.length])) {
    found.push(...clauses(line, from, cut, runs && cuts.length <= 1).map(([a, b]) => trimmed(line, a, b)));
    from = cut;
  }
  return found
    .filter(({ start: a, end: b }) => /[\p{L}\p{N}]/u.test(line.slice(a, b)))
    .map(({ start: a, end: b }) => ({ start: start + a, end: start + b }));
}

function trimmed(line: string, from: number, to: number): Stretch {
  const raw = line.slice(from, to);
  return { start: from + raw.length - raw.replace(/^[\s,;|/]+/, '').length, end: from + raw.trimEnd().length };
}

/** Where a new thought begins in a run without full stops: at a comma or "and" before somebody who does something. */
const newThought =
  /,?\s(?=(?:and |but |so )?(?:we|i|please)\s)|,\s(?=(?:all of|prices|text me|call me)\b)|,\s(?=(?:[^\s,]+\s){5,}[^\s,]+)/gi;
const longRun = 14;
const joins = /^\s*(?:and|but|so)\s/i;
/** Somebody who does something, or something that is. */
const doers = /\b(?:we|i|you|they|it|he|she|who|is|are|was|were|has|have)\b/i;

/** A long run of words without full stops, parted where a new thought begins. */
function clauses(line: string, from: number, to: number, alone: boolean): [number, number][] {
  if (!alone || line.slice(from, to).split(/\s+/).length <= longRun || /[.!?]["”’)]*$/.test(line.slice(from, to).trimEnd()))
    return [[from, to]];
  const cuts = [...line.slice(from, to).matchAll(newThought)]
    .map((match) => ({
      at: from + match.index,
      isMarked: match[0].startsWith(',') || joins.test(line.slice(from + match.index, to)),
    }))
    .reduce<number[]>((kept, { at, isMarked }) => {
      const before = line.slice(kept.at(-1) ?? from, at);
      // "The pencils and the rubbers we buy": nobody has done anything before "we".
      const isThought = isMarked || doers.test(before);
      return isThought && before.length > 16 && to - at > 12 ? [...kept, at] : kept;
    }, []);
  return [from, ...cuts].map((cut, i) => [cut, cuts[i] ?? to]);
}
