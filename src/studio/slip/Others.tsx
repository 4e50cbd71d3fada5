'use client';

import { useEffect, useRef, useState } from 'react';
import styled from 'styled-components';
import { manners } from '@/core/words/page';
import { type Manner, type Reworked, type Text } from '@/core/words';
import { type ShopWorker } from '@/workers/client';
import { QuietButton, Row, Soft, TextButton } from '../parts';
import { tokens } from '../theme';

const Others = styled.div`
  display: grid;
  gap: 2px;
  border-top: 1px solid ${tokens.line};
  padding-top: 8px;
  h3 {
    font-size: 13.5px;
  }
  ul {
    display: grid;
    max-height: 168px;
    overflow: auto;
  }
  li {
    border-bottom: 1px solid ${tokens.line};
  }
  button {
    text-align: left;
    text-decoration: none;
    color: ${tokens.ink};
    width: 100%;
  }
`;

const Manners = styled.div`
  display: flex;
  flex-wrap: wrap;
  gap: 0 11px;
  align-items: baseline;
  button {
    font-size: 14px;
  }
`;

const BeforeAfter = styled.dl`
  display: grid;
  grid-template-columns: 52px minmax(0, 1fr);
  gap: 4px 10px;
  background: ${tokens.verdigrisPale};
  padding: 10px 12px;
  font-size: 14px;
  dt {
    font-weight: 600;
    font-size: 13px;
  }
`;

/** The text in another manner, shown beside what it was, with what was done to it. */
export function Rework({
  draft,
  place,
  worker,
  onTake,
}: {
  draft: string;
  place: string;
  worker: ShopWorker | null;
  onTake: (text: string) => void;
}) {
  const [result, setResult] = useState<{ from: string; manner: Manner; made: Reworked } | null>(null);
  const shown = useRef<HTMLDivElement>(null);
  useEffect(() => {
    if (result) shown.current?.scrollIntoView({ block: 'nearest' });
  }, [result]);
  if (!worker || draft.trim().split(/\s+/).length < 3) return null;
  const ask = (manner: Manner) =>
    void worker.ask('rework', { text: draft, manner, place }).then((made) => setResult({ from: draft, manner, made }));
  return (
    <Others>
      <h3 id="rework">In another manner</h3>
      <Manners role="group" aria-labelledby="rework">
        {manners.map(({ id, label }) => (
          <TextButton
            key={id}
            onPress={() => ask(id)}
            style={{ width: 'auto', color: tokens.verdigris, textDecoration: 'underline' }}
          >
            {label}
          </TextButton>
        ))}
      </Manners>
      <div role="status" ref={shown}>
        {result && !result.made.ok ? <Soft>{result.made.say}</Soft> : null}
        {result?.made.ok ? (
          <>
            <BeforeAfter>
              <dt>Before</dt>
              <dd>{result.from}</dd>
              <dt>After</dt>
              <dd>{result.made.text}</dd>
            </BeforeAfter>
            <Row>
              <QuietButton
                onPress={() => {
                  if (result.made.ok) onTake(result.made.text);
                  setResult(null);
                }}
                style={{ width: 'auto' }}
              >
                Take it over
              </QuietButton>
              <small>Done: {result.made.did.join('; ')}.</small>
            </Row>
          </>
        ) : null}
      </div>
    </Others>
  );
}

/** Others that would do here, out of brief, goods and plain words. */
export function Choices({ place, worker, onTake }: { place: string; worker: ShopWorker | null; onTake: (text: string) => void }) {
  const [choices, setChoices] = useState<Text[] | null>(null);
  useEffect(() => {
    let stale = false;
    void worker?.ask('choices', { place }).then((found) => {
      if (!stale) setChoices(found);
    });
    return () => {
      stale = true;
    };
  }, [worker, place]);
  if (!choices?.length) return null;
  return (
    <Others>
      <h3>Others that would do ({choices.length})</h3>
      <ul>
        {choices.map((choice) => (
          <li key={choice.text}>
            <TextButton onPress={() => onTake(choice.text)}>{choice.text}</TextButton>
          </li>
        ))}
      </ul>
    </Others>
  );
}
