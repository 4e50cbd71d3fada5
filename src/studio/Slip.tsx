'use client';

import { useRef, useState } from 'react';
import { Dialog, Popover } from 'react-aria-components';
import styled from 'styled-components';
import { type OutlineText } from '@/workers/protocol';
import { Button, Field, Row, Soft, TextButton } from './parts';
import { sourceLine } from './because';
import { tokens } from './theme';

export interface Pointed {
  place: string;
  text: string;
  rect: { x: number; y: number; width: number; height: number };
}

const Paper = styled(Popover)`
  width: 340px;
  background: ${tokens.raised};
  border: 1px solid ${tokens.ink};
  box-shadow: 4px 4px 0 rgb(27 38 49 / 0.18);
  padding: 14px 16px;
  .choices {
    display: grid;
    gap: 2px;
    border-top: 1px solid ${tokens.line};
    padding-top: 8px;
  }
  form {
    display: grid;
    gap: 10px;
  }
`;

const Anchor = styled.span`
  position: absolute;
  pointer-events: none;
`;

interface SlipProps {
  pointed: Pointed;
  scale: number;
  text: OutlineText | undefined;
  onClose: () => void;
  onDecide: (value: string) => void;
  onWithdraw: () => void;
}

/** Opens at the thing that was pointed at: its text, where that comes from, and others that would do. */
export function Slip({ pointed, scale, text, onClose, onDecide, onWithdraw }: SlipProps) {
  const anchor = useRef<HTMLSpanElement>(null);
  const [draft, setDraft] = useState(text?.text ?? pointed.text);
  const { x, y, width, height } = pointed.rect;
  return (
    <>
      <Anchor ref={anchor} style={{ left: x * scale, top: y * scale, width: width * scale, height: height * scale }} />
      <Paper
        triggerRef={anchor}
        isOpen
        onOpenChange={(open) => (open ? undefined : onClose())}
        placement="bottom start"
        offset={8}
      >
        <Dialog aria-label="Change this text">
          <form
            onSubmit={(event) => {
              event.preventDefault();
              onDecide(draft);
            }}
          >
            <Field label="Text" rows={3} value={draft} onChange={setDraft} autoFocus />
            {text ? (
              <Soft>
                <small>{sourceLine(text)}</small>
              </Soft>
            ) : null}
            {text?.choices.length ? (
              <div className="choices">
                <small>Others from your brief</small>
                {text.choices.map((choice) => (
                  <TextButton key={choice.text} onPress={() => setDraft(choice.text)} style={{ textAlign: 'left' }}>
                    {choice.text}
                  </TextButton>
                ))}
              </div>
            ) : null}
            <Row>
              <Button type="submit">Use it</Button>
              {text?.sources.some((source) => source.kind === 'seller') ? (
                <TextButton onPress={onWithdraw}>Back to what was made</TextButton>
              ) : null}
            </Row>
          </form>
        </Dialog>
      </Paper>
    </>
  );
}
