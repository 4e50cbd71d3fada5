import { isHash, type Line } from './lines';
import { plain } from './plain';

/** A label at the beginning of a line, and where what it labels begins in the line. */
export interface Labelled {
  label: string;
  from: number;
}

const mostWords = 5;
const colon = /^(?:\*\*|__)?([\p{L}\p{N}][^:=→➔➜⇒|\t\n]{0,44}?)(?:\*\*|__)?\s*(?::(?:\*\*|__)?|=|[-=]+>|[→➔➜⇒])\s+(?=\S)/u;
const dash = /^(?:\*\*|__)?([\p{L}][^:=|\t\n–—]{0,44}?)(?:\*\*|__)?\s+[–—-]\s+(?=\S)/u;
const cell = /^\|?\s*([^|\t\n]{1,44}?)\s*(?:\||\t)\s*(?=\S)/u;

const labelIn = (form: RegExp, raw: string): Labelled | null => {
  const match = form.exec(raw);
  const label = plain(match?.[1] ?? '');
  return match && label && !/[.!?,;]/.test(label) && label.split(' ').length <= mostWords
    ? { label, from: match[0].length }
    : null;
};

/** Speakers of a conversation: names before a colon, of which two or more come again and again. */
export function speakersOf(lines: readonly Line[]): ReadonlySet<string> {
  const turns = new Map<string, number>();
  for (const { raw } of lines) {
    const label = labelIn(colon, raw)?.label;
    if (label && /^\p{Lu}/u.test(label) && label.split(' ').length <= 3) turns.set(label, (turns.get(label) ?? 0) + 1);
  }
  const speakers = [...turns].filter(([, count]) => count >= 2).map(([name]) => name);
  return new Set(speakers.length >= 2 ? speakers : []);
}

/** Which ways of labelling a document uses: a dash, a cell's edge or an equals sign mean one only where many lines have them. */
export interface LabelForms {
  colons: boolean;
  dashes: boolean;
  cells: boolean;
  /** Questions with their answers behind them: "Who buys? Choirs." */
  asks: boolean;
}

const answeredQuestion = /^[^.?!]{2,120}\?\s+\S/u;
/** One or two questions that somebody answers himself make no form. */
const fewestAnswered = 3;

export function labelFormsOf(lines: readonly Line[]): LabelForms {
  const share = (form: RegExp) => {
    const found = lines.filter(({ raw }) => labelIn(form, raw)).length;
    return found > 1 ? found / lines.length : 0;
  };
  const answered = lines.filter(({ raw }) => answeredQuestion.test(raw)).length;
  const asks = answered >= fewestAnswered && answered >= lines.length * 0.5;
  // A form that asks names some things with a colon, too.
  return { colons: share(colon) >= (asks ? 0 : 0.4), dashes: share(dash) >= 0.5, cells: share(cell) >= 0.5, asks };
}

const isMarked = (raw: string): boolean => /^(?:\*\*|__)[^*_]+:?(?:\*\*|__):?/.test(raw);
/** A label names something; a sentence before a colon says something. */
const saysSomething = /\b(?:is|are|was|were|am|['’]s|['’]re|['’]m|have|has|can|will|we|i|it|they|you)\b/i;
const asks = /^(?:who|what|where|when|how|why|which)\b/i;

/** The label that a line begins with. Where a document is not made of labels, one has to be short or stressed. */
export function labelOf({ raw, marker }: Line, forms: LabelForms): Labelled | null {
  if (isHash(marker)) return null;
  if (forms.cells) {
    const found = labelIn(cell, raw);
    if (found) return found;
  }
  const found = labelIn(colon, raw) ?? (forms.dashes ? labelIn(dash, raw) : null);
  if (!found) return null;
  if (forms.colons || forms.dashes || isMarked(raw)) return found;
  const words = found.label.split(' ').length;
  return words <= 4 && (asks.test(found.label) || !saysSomething.test(found.label)) ? found : null;
}
