'use client';

import { useEffect, useMemo, useRef, useState } from 'react';
import styled from 'styled-components';
import { type Wish } from '@/core/places';

import { type Taking } from '@/core/look/page';
import { type ShopWorker } from '@/workers/client';
import { type PaintedPage } from '@/workers/protocol';
import { OpenFile, type OpenedFile } from '../../OpenFile';
import { Button, Check, Notice, Panel, QuietButton, Row, Soft } from '../../parts';
import { tokens } from '../../theme';
import { ShopFrame } from './ShopFrame';

const Two = styled.div`
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 2fr);
  gap: 12px;
  height: 260px;
  img {
    width: 100%;
    height: 100%;
    object-fit: contain;
    background: ${tokens.raised};
    border: 1px solid ${tokens.line};
  }
`;

const Chips = styled.span`
  display: inline-flex;
  gap: 3px;
  vertical-align: middle;
  i {
    width: 18px;
    height: 18px;
    border: 1px solid ${tokens.soft};
  }
`;

const nothing = () => undefined;

interface LikedProps {
  worker: ShopWorker;
  path: string;
  /** Parts of the look that are kept: nothing is taken for them unless the seller says so. */
  locks: readonly string[];
  onTake: (wishes: readonly Wish[], label: string) => void;
}

/** "I like how this looks": what a picture has of colours, ground, room and shape is offered as a look, and seen before it is taken. */
export function Liked({ worker, path, locks, onTake }: LikedProps) {
  const [found, setFound] = useState<{ name: string; url: string; takings: Taking[] } | null>(null);
  const [left, setLeft] = useState<ReadonlySet<number>>(new Set());
  const [page, setPage] = useState<PaintedPage | null>(null);
  const [wrong, setWrong] = useState('');
  const wishes = useMemo(() => found?.takings.flatMap((taking, i) => (left.has(i) ? [] : taking.wishes)) ?? [], [found, left]);

  useEffect(() => {
    if (!found) return;
    let stale = false;
    worker.ask('paintAs', { path, wishes }).then(
      (painted) => (stale ? undefined : setPage(painted)),
      () => undefined,
    );
    return () => {
      stale = true;
    };
  }, [worker, path, found, wishes]);

  useEffect(() => () => (found ? URL.revokeObjectURL(found.url) : undefined), [found]);

  const open = async ({ name, bytes }: OpenedFile) => {
    setWrong('');
    const read = await worker.ask('styleFrom', { name, bytes });
    if (!read.ok) return setWrong(read.say);
    setLeft(new Set(read.value.flatMap(({ part }, i) => (locks.includes(part) ? [i] : []))));
    setFound({ name, url: URL.createObjectURL(new Blob([new Uint8Array(bytes)])), takings: read.value });
  };
  // The keyboard goes back to where it came from, and the sheet with it.
  const opener = useRef<HTMLSpanElement>(null);
  const close = () => {
    requestAnimationFrame(() => opener.current?.querySelector('button')?.focus());
    setFound(null);
    setPage(null);
  };

  const bring = (
    <OpenFile accept={['image/*']} quiet onOpen={([file]) => void (file && open(file))}>
      {found ? 'Another picture' : 'From a picture'}
    </OpenFile>
  );
  if (!found)
    return (
      <>
        <span ref={opener}>{bring}</span>
        {wrong ? (
          <Notice $kind="mend" role="alert" style={{ flexBasis: '100%' }}>
            {wrong}
          </Notice>
        ) : null}
      </>
    );
  return (
    <Panel aria-label="A look from a picture" style={{ flexBasis: '100%' }}>
      <h2>A look from “{found.name}”</h2>
      <Two>
        <img src={found.url} alt="The picture that you like" />
        {/* To be looked at; it is gone about in the window. */}
        <div inert>
          <ShopFrame
            id="liked"
            title="Your shop with what is taken from it"
            px={1280}
            page={page}
            share={null}
            onGo={nothing}
            onScroll={nothing}
          />
        </div>
      </Two>
      {found.takings.map((taking, i) => (
        <Check
          key={taking.says}
          isSelected={!left.has(i)}
          onChange={(on) => setLeft(new Set(on ? [...left].filter((one) => one !== i) : [...left, i]))}
        >
          <span>
            {taking.says}{' '}
            {taking.colours ? (
              <Chips aria-hidden="true">
                {taking.colours.map((hex) => (
                  <i key={hex} style={{ background: hex }} />
                ))}
              </Chips>
            ) : null}
          </span>
        </Check>
      ))}
      <Soft>
        <small>The picture itself is not kept, and nothing that is drawn or written on it is taken.</small>
      </Soft>
      {wrong ? (
        <Notice $kind="mend" role="alert">
          {wrong}
        </Notice>
      ) : null}
      <Row>
        <Button
          isDisabled={!wishes.length}
          onPress={() => {
            onTake(wishes, `Look taken from “${found.name}”`);
            close();
          }}
        >
          Take it on
        </Button>
        {bring}
        <QuietButton onPress={close}>Leave it</QuietButton>
      </Row>
    </Panel>
  );
}
