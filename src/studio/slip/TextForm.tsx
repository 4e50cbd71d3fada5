'use client';

import { useEffect, useRef, useState, type ReactNode } from 'react';
import styled from 'styled-components';
import { type Source } from '@/core/brief';
import { fieldOfText, writeText, type Wish } from '@/core/places';
import { wordCount } from '@/core/sections/about';
import { manners, stockIn } from '@/core/words/page';
import { type Manner, type Reworked, type Text } from '@/core/words';
import { type ShopWorker } from '@/workers/client';
import { type OutlineText } from '@/workers/protocol';
import { sourceLine } from '../because';
import { Button, Field, Notice, QuietButton, Row, Soft, TextButton } from '../parts';
import { tokens } from '../theme';

const Form = styled.form`
  display: grid;
  gap: 10px;
`;

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
    max-height: 210px;
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
  gap: 2px 12px;
  align-items: baseline;
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

interface TextFormProps {
  text: OutlineText;
  worker: ShopWorker | null;
  onClose: (focus: boolean) => void;
  /** Leads to the words of the brief that the text was made of. */
  onSource: (source: Source) => void;
  onDecide: (wish: Wish) => void;
  /** What else can be done to the thing, where that matters more than other words for it. */
  children?: ReactNode;
}

/** A text: what stands, where that comes from, others that would do, and the text in another manner. */
export function TextForm({ text, worker, onClose, onSource, onDecide, children }: TextFormProps) {
  const { place } = text;
  const [draft, setDraft] = useState(text.text);
  const [source] = text.sources;
  const words = source?.kind === 'brief' ? source.source : null;
  const empty = stockIn(draft);
  const field = fieldOfText(place);
  const over = field ? draft.length - field.most : 0;
  return (
    <>
      <Form
        onSubmit={(event) => {
          event.preventDefault();
          const wish = writeText(place, draft);
          if (!wish || over > 0) return;
          onDecide(wish);
          onClose(true);
        }}
      >
        <Field label="Text" rows={3} value={draft} onChange={setDraft} placeholder={text.ask ?? ''} />
        <Row>
          <Soft>
            <small>{sourceLine(text)}</small>
          </Soft>
          {words ? <TextButton onPress={() => onSource(words)}>Show it in the brief</TextButton> : null}
        </Row>
        {field ? (
          <small>
            {wordCount(draft)} words; {field.words.join(' to ')} suit this place.
          </small>
        ) : null}
        {over > 0 ? (
          <Notice $kind="mend">
            {over} characters more than the {field?.most} that fit here. Shorten it, then use it.
          </Notice>
        ) : null}
        {empty.length ? <Notice>“{empty[0]}” says nothing that another shop couldn’t say.</Notice> : null}
        <Row>
          <Button type="submit" isDisabled={over > 0}>
            Use it
          </Button>
        </Row>
      </Form>
      {children}
      <Rework draft={draft} place={place} worker={worker} onTake={setDraft} />
      <Choices place={place} worker={worker} onTake={setDraft} />
    </>
  );
}

/** The text in another manner, shown beside what it was, with what was done to it. */
function Rework({
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
function Choices({ place, worker, onTake }: { place: string; worker: ShopWorker | null; onTake: (text: string) => void }) {
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
