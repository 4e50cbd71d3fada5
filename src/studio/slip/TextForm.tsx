'use client';

import { useState, type ReactNode } from 'react';
import styled from 'styled-components';
import { fieldOfText, writeText, type Wish } from '@/core/places';
import { wordCount } from '@/core/sections/about';
import { stockIn } from '@/core/words/page';
import { type ShopWorker } from '@/workers/client';
import { type OutlineText } from '@/workers/protocol';
import { Button, Field, Notice, Row } from '../parts';
import { Choices, Rework } from './Others';

const Form = styled.form`
  display: grid;
  gap: 10px;
`;

interface TextFormProps {
  text: OutlineText;
  worker: ShopWorker | null;
  onClose: (focus: boolean) => void;
  onDecide: (wish: Wish) => void;
  /** What else can be done to the thing, where that matters more than other words for it. */
  children?: ReactNode;
}

/** A text that is not set where it stands, as the words of a button that takes keys for itself: it is written here. */
export function TextForm({ text, worker, onClose, onDecide, children }: TextFormProps) {
  const { place } = text;
  const [draft, setDraft] = useState(text.set ?? text.text);
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
