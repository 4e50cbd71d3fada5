'use client';

import { useRef, type KeyboardEvent } from 'react';
import styled from 'styled-components';
import { type Reading } from '@/core/brief';
import { clear, mayPrint, set } from '@/core/places';
import { Panel, QuietButton, Row, Soft, TextButton } from '../../parts';
import { tokens } from '../../theme';
import { type ProjectState } from '../../useProject';

type Told = Reading['unsure'][number];

const Box = styled(Panel)`
  gap: 8px;
  ol {
    list-style: none;
    margin: 0;
    padding: 0;
    max-height: 300px;
    overflow: auto;
  }
  li {
    display: grid;
    gap: 6px;
    border-top: 1px solid ${tokens.line};
    padding: 8px 4px 9px;
  }
  li button {
    min-height: 30px;
    padding: 3px 12px;
    font-size: 14px;
  }
  li:focus-visible {
    outline: 3px solid ${tokens.verdigris};
    outline-offset: -3px;
  }
  q {
    quotes: none;
  }
  kbd {
    font: inherit;
    border: 1px solid ${tokens.soft};
    padding: 0 5px;
  }
`;

interface PickListProps {
  state: ProjectState;
  reading: Reading;
  /** Shows in the letter where a sentence stands. */
  onShow: (source: { start: number; end: number }) => void;
}

/** As many are shown by their words. */
const mostQuoted = 3;

/** “One”, “two”, “three” and 4 more. */
function quoted(texts: readonly string[]): string {
  const shown = texts.slice(0, mostQuoted).map((text) => `“${text.replace(/\.$/, '')}”`);
  const rest = texts.length - shown.length;
  return rest ? `${shown.join(', ')} and ${rest} more` : shown.join(', ');
}

/** Sentences that might be printed, each with a yes and a no; with the keyboard, one key each. */
export function PickList({ state, reading, onShow }: PickListProps) {
  const list = useRef<HTMLOListElement>(null);
  const { unsure, answered, foreign, bans } = reading;
  const done = answered.yes.length + answered.no.length;
  if (!unsure.length && !done && !foreign.length && !bans.length) return null;

  const answer = (told: Told, may: boolean) =>
    state.decide(
      set(mayPrint(told.key), may),
      `${may ? 'May be printed' : 'Never printed'}: “${told.text.length > 50 ? `${told.text.slice(0, 49).trimEnd()}…` : told.text}”`,
    );
  const onKey = (event: KeyboardEvent<HTMLLIElement>, told: Told, i: number) => {
    const items = [...(list.current?.children ?? [])];
    const to = (at: number) => (items[at] as HTMLElement | undefined)?.focus();
    if (event.target !== event.currentTarget) return;
    if (event.key === 'ArrowDown') to(i + 1);
    else if (event.key === 'ArrowUp') to(i - 1);
    else if (event.key === 'y' || event.key === 'n') {
      // What comes next moves up to where this one stood.
      to(i + 1 < items.length ? i + 1 : i - 1);
      answer(told, event.key === 'y');
    } else return;
    event.preventDefault();
  };

  return (
    <Box aria-label="May these be printed?">
      <h2>May these be printed?</h2>
      {unsure.length ? (
        <Soft>
          Arcatum was not sure whether {unsure.length === 1 ? 'this is' : 'these are'} for shoppers, so{' '}
          {unsure.length === 1 ? 'it is' : 'they are'} not in the shop. With the keyboard: <kbd>y</kbd> prints, <kbd>n</kbd>{' '}
          never.
        </Soft>
      ) : done ? (
        <Soft>
          All {done === 1 ? 'is' : 'are'} answered: {answered.yes.length} printed, {answered.no.length} never.
        </Soft>
      ) : null}
      {foreign.length ? (
        <Soft>Not in the language of the shop, so not printed: {quoted(foreign.map(({ text }) => text))}.</Soft>
      ) : null}
      {bans.length ? <Soft>Never said, as you wish: {quoted(bans.map(({ text }) => text))}.</Soft> : null}
      {unsure.length ? (
        <ol ref={list}>
          {unsure.map((told, i) => (
            // A sentence that has the focus is answered with a key.
            <li key={told.key} tabIndex={0} onKeyDown={(event) => onKey(event, told, i)}>
              <q>{told.text}</q>
              <Row>
                <QuietButton onPress={() => answer(told, true)} aria-label={`Print: ${told.text}`}>
                  Print
                </QuietButton>
                <QuietButton onPress={() => answer(told, false)} aria-label={`Never print: ${told.text}`}>
                  Never
                </QuietButton>
                <TextButton onPress={() => onShow(told.source)} aria-label={`Where it stands: ${told.text}`}>
                  Where
                </TextButton>
              </Row>
            </li>
          ))}
        </ol>
      ) : null}
      <Row>
        {unsure.length > 1 ? (
          <TextButton
            onPress={() =>
              state.decide(
                unsure.map(({ key }) => set(mayPrint(key), false)),
                'None of the rest is printed',
              )
            }
          >
            None of the rest
          </TextButton>
        ) : null}
        {done ? (
          <TextButton
            onPress={() =>
              state.decide(
                [...answered.yes, ...answered.no].map(({ key }) => clear(mayPrint(key))),
                'Ask again what may be printed',
              )
            }
          >
            Ask again about {done === 1 ? 'the one answered' : `the ${done} answered`}
          </TextButton>
        ) : null}
      </Row>
    </Box>
  );
}
