import { type Reading, type Source } from '@/core/brief';
import { type OutlinePage, type OutlineSection, type OutlineText } from '@/workers/protocol';

/** What became of words of the brief: they stand in the shop, might, or were read as a fact, surely or not. */
export type Came = 'used' | 'asked' | 'sure' | 'unsure';

/** A stretch of the letter with what became of it; several things may have. */
export interface Piece {
  text: string;
  came: readonly Came[];
}

interface Span {
  start: number;
  end: number;
  came: Came;
}

/** A text of the shop that was made of words of the brief. */
export interface Made {
  page: OutlinePage;
  section: OutlineSection;
  text: OutlineText;
}

/** What came of a place in the letter. */
export interface Thread {
  /** The sentence that the place is in; null between sentences. */
  said: Source | null;
  texts: Made[];
  facts: { label: string; value: string }[];
  /** Whether the seller is asked, or has said that it is never printed. */
  state: 'asked' | 'never' | 'foreign' | null;
  /** Whether it speaks to whoever makes the site. */
  wish: boolean;
}

/** A fact as the sheet lists it. */
export interface ReadFact {
  label: string;
  value: string;
  confidence: number;
  source: Source | null;
}

/** A fact that is this sure is underlined whole; one that a whole sentence speaks of isn't underlined. */
const sure = 0.7;
const longestFact = 60;

const briefOf = ({ sources }: OutlineText): Source[] =>
  sources.flatMap((source) => (source.kind === 'brief' ? [source.source] : []));

/** Every text of the shop that words of the brief stand behind. */
export const madeOf = (outline: readonly OutlinePage[]): Made[] =>
  outline.flatMap((page) =>
    page.sections
      .filter(({ hidden, filled }) => filled && !hidden)
      .flatMap((section) => section.words.filter((text) => briefOf(text).length).map((text) => ({ page, section, text }))),
  );

/** The letter in pieces: where what came of it begins or ends, a piece does. */
export function piecesOf(letter: string, reading: Reading, made: readonly Made[], facts: readonly ReadFact[]): Piece[] {
  const spans: Span[] = [
    ...made.flatMap(({ text }) => briefOf(text).map(({ start, end }): Span => ({ start, end, came: 'used' }))),
    ...reading.unsure.map(({ source: { start, end } }): Span => ({ start, end, came: 'asked' })),
    ...facts.flatMap(({ source, confidence }): Span[] =>
      source && source.end - source.start <= longestFact
        ? [{ start: source.start, end: source.end, came: confidence >= sure ? 'sure' : 'unsure' }]
        : [],
    ),
  ];
  const edges = [...new Set([0, letter.length, ...spans.flatMap(({ start, end }) => [start, end])])]
    .filter((at) => at >= 0 && at <= letter.length)
    .sort((a, b) => a - b);
  return edges.slice(0, -1).map((from, i) => {
    const to = edges[i + 1] ?? letter.length;
    const over = spans.filter(({ start, end }) => start <= from && to <= end);
    return { text: letter.slice(from, to), came: [...new Set(over.map(({ came }) => came))] };
  });
}

const holds = (at: number) => (source: { start: number; end: number } | null) =>
  source !== null && source.start <= at && at < source.end;

/** What came of the words at a place of the letter. */
export function threadAt(at: number, reading: Reading, made: readonly Made[], facts: readonly ReadFact[]): Thread {
  const here = holds(at);
  const said = reading.judged.map(({ said: { text, start, end } }) => ({ text, start, end })).find(here) ?? null;
  const known = new Set<string>();
  // Sentences before headings that only name something of them.
  const texts = made
    .filter(({ text }) => briefOf(text).some(here) && !known.has(text.place) && known.add(text.place))
    .sort((a, b) => a.text.rank - b.text.rank);
  const isHere = ({ source }: { source: Source }) => here(source);
  return {
    said,
    texts,
    facts: facts.filter(({ source }) => here(source)).map(({ label, value }) => ({ label, value })),
    state: reading.unsure.some(isHere)
      ? 'asked'
      : reading.answered.no.some(isHere)
        ? 'never'
        : reading.foreign.some(isHere)
          ? 'foreign'
          : null,
    wish: reading.wishes.some((source) => here(source)),
  };
}
