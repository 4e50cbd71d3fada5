'use client';

import { useEffect, useLayoutEffect, useMemo, useRef, type Ref } from 'react';
import { Label, TextArea, TextField } from 'react-aria-components';
import styled from 'styled-components';
import { type Reading } from '@/core/brief';
import { type Address } from '@/core/places';
import { type OutlinePage } from '@/workers/protocol';
import { Soft, TextButton } from '../../parts';
import { tokens } from '../../theme';
import { factsOf } from './factLines';
import { madeOf, piecesOf, threadAt, type Came, type Made, type Piece, type Thread } from './thread';

const Box = styled(TextField)`
  display: grid;
  gap: 3px;
  label {
    font-weight: 600;
    font-size: 13.5px;
  }
  .paper {
    position: relative;
    background: ${tokens.raised};
  }
  /* The letter is written over a copy of itself that holds the marks: both break their lines at the same words. */
  textarea,
  .under {
    width: 100%;
    padding: 7px 10px;
    border: 1px solid ${tokens.soft};
    line-height: 1.7;
    white-space: pre-wrap;
    /* Each paragraph runs as its first letter does. */
    unicode-bidi: plaintext;
    overflow-wrap: break-word;
    scrollbar-gutter: stable;
  }
  textarea {
    display: block;
    position: relative;
    min-height: 228px;
    background: transparent;
    resize: vertical;
    overflow-y: auto;
  }
  .under {
    position: absolute;
    inset: 0;
    margin: 0;
    border-color: transparent;
    overflow: hidden;
    color: transparent;
  }
`;

const marks: Record<Came, string> = {
  used: `background-color: ${tokens.verdigrisPale};`,
  asked: `background-color: ${tokens.amberPale}; text-decoration: underline 1px dashed ${tokens.soft}; text-underline-offset: 4px;`,
  sure: `text-decoration: underline 2px ${tokens.verdigris}; text-underline-offset: 4px;`,
  unsure: `text-decoration: underline 2px dotted ${tokens.amber}; text-underline-offset: 4px;`,
};

const Marked = styled.span<{ $came: readonly Came[] }>`
  ${({ $came }) => $came.map((came) => marks[came]).join(' ')}
`;

const Legend = styled.p`
  display: flex;
  flex-wrap: wrap;
  gap: 2px 14px;
  margin-top: 9px;
  font-size: 13px;
  color: ${tokens.soft};
`;

const legend: [Came, string][] = [
  ['used', 'in the shop'],
  ['asked', 'may it be?'],
  ['sure', 'read as a fact'],
  ['unsure', 'not sure'],
];

/** A fully marked letter of more pieces than this is shown without marks: nobody points into a book. */
const mostPieces = 1200;

interface LetterProps {
  area: Ref<HTMLDivElement>;
  draft: string;
  onChange: (text: string) => void;
  onLeave: () => void;
  /** The place in the letter that is pointed at; null before any is. */
  at: number | null;
  onPoint: (at: number) => void;
  /** What was made of the letter; null while that is of an earlier one. */
  made: { reading: Reading; outline: readonly OutlinePage[] } | null;
  goTo: (path: string, section?: string) => void;
  /** Lights up texts in the window. */
  onLight: (places: readonly Address[]) => void;
}

/** The brief as text, with what came of its words; the words that are pointed at light up what was made of them. */
export function Letter({ area, draft, onChange, onLeave, at, onPoint, made, goTo, onLight }: LetterProps) {
  const under = useRef<HTMLDivElement>(null);
  const texts = useMemo(() => (made ? madeOf(made.outline) : []), [made]);
  const facts = useMemo(() => (made ? factsOf(made.reading) : []), [made]);
  const pieces = useMemo((): Piece[] => {
    const all = made ? piecesOf(draft, made.reading, texts, facts) : [];
    return all.length <= mostPieces ? all : [];
  }, [draft, made, texts, facts]);
  const thread = useMemo(() => (made && at !== null ? threadAt(at, made.reading, texts, facts) : null), [at, made, texts, facts]);
  const lit = thread?.texts.map(({ text }) => text.place).join(' ') ?? '';

  useEffect(() => {
    onLight(lit ? (lit.split(' ') as Address[]) : []);
  }, [lit, onLight]);
  useEffect(() => () => onLight([]), [onLight]);
  // What lies under the words is as long as they are only once it is there: then it scrolls to where they are.
  useLayoutEffect(() => {
    if (under.current) under.current.scrollTop = under.current.parentElement?.querySelector('textarea')?.scrollTop ?? 0;
  }, [pieces]);

  return (
    <div ref={area}>
      <Box value={draft} onChange={onChange} onBlur={onLeave}>
        <Label>Your brief</Label>
        <div className="paper">
          <div className="under" dir="auto" aria-hidden="true" ref={under}>
            {pieces.map(({ text, came }, i) => (
              <Marked key={i} $came={came}>
                {text}
              </Marked>
            ))}
            {/* A line at the end that is empty has a height here as well. */}
            {'\u200b'}
          </div>
          <TextArea
            dir="auto"
            rows={9}
            placeholder="What the business is called, what you sell, how it is made, who buys it, where you are, how to reach you; how the shop should feel, which colours you want and which you don’t."
            onSelect={({ currentTarget }) => onPoint(currentTarget.selectionStart)}
            onScroll={({ currentTarget }) => {
              if (under.current) under.current.scrollTop = currentTarget.scrollTop;
            }}
          />
        </div>
      </Box>
      {pieces.length ? (
        <Legend>
          {legend
            .filter(([came]) => pieces.some((piece) => piece.came.includes(came)))
            .map(([came, label]) => (
              <Marked key={came} $came={[came]}>
                {label}
              </Marked>
            ))}
          <span>Point at words to see what came of them.</span>
        </Legend>
      ) : null}
      {thread?.said ? <Came thread={thread} goTo={goTo} /> : null}
    </div>
  );
}

const Line = styled.div`
  border-left: 3px solid ${tokens.verdigris};
  padding: 2px 0 2px 10px;
  margin-top: 6px;
  display: grid;
  gap: 2px;
`;

const Places = styled.div`
  display: flex;
  flex-wrap: wrap;
  gap: 0 14px;
`;

const states: Record<NonNullable<Thread['state']>, string> = {
  asked: 'May it be printed? You are asked below.',
  never: 'You said that it is never printed.',
  foreign: 'It is in another language than the shop, so it is not printed.',
};

/** As many places are named. */
const mostNamed = 4;

/** Where the words that are pointed at stand in the shop, and what was read in them. */
function Came({ thread, goTo }: { thread: Thread; goTo: LetterProps['goTo'] }) {
  const { said, texts, facts, state, wish } = thread;
  const places = [...new Map(texts.map((one) => [`${one.page.id}/${one.section.id}`, one])).values()].slice(0, mostNamed);
  const nothing = !texts.length && !facts.length;
  return (
    <Line role="status" aria-label="What came of these words">
      <Soft>“{short(said?.text ?? '')}”</Soft>
      {places.length ? (
        <Places>
          {places.map((one) => (
            <TextButton key={`${one.page.id}/${one.section.id}`} onPress={() => goTo(one.page.path, one.section.id)}>
              {nameOf(one)}
            </TextButton>
          ))}
        </Places>
      ) : null}
      {facts.length ? <Soft>Read in it: {facts.map(({ label, value }) => `${label} ${value}`).join('; ')}.</Soft> : null}
      {state ? (
        <Soft>{states[state]}</Soft>
      ) : nothing ? (
        <Soft>
          {wish ? 'It speaks to whoever makes the site: it steers, and is never printed.' : 'Nothing in the shop came of it.'}
        </Soft>
      ) : null}
    </Line>
  );
}

const nameOf = ({ page, section }: Made): string =>
  page.kind === 'product' ? `${section.label} with each product` : `${section.label} on ${page.name}`;

const short = (text: string): string => {
  const line = text.replace(/\s+/g, ' ');
  return line.length > 90 ? `${line.slice(0, 89).trimEnd()}…` : line;
};
