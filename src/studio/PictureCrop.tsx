'use client';

import { useEffect, useRef, useState } from 'react';
import styled from 'styled-components';
import {
  corneredFrame,
  corners,
  framePixels,
  isAll,
  movedFrame,
  shapedFrame,
  wholeFrame,
  type Corner,
  type Frame,
} from '@/core/pictures/page';
import { type Picture } from '@/core/project';
import { QuietButton, Row, Soft, TextButton } from './parts';
import { tokens } from './theme';
import { usePictureUrl } from './usePictureUrl';

const Plate = styled.div`
  position: relative;
  justify-self: start;
  overflow: hidden;
  border: 1px solid ${tokens.line};
  background: ${tokens.raised};
  touch-action: none;
  user-select: none;
  img {
    display: block;
    max-width: 100%;
    max-height: min(280px, 24vh);
  }
  button {
    position: absolute;
    padding: 0;
    background: none;
    border: 0;
  }
  .area {
    outline: 2px solid #fff;
    box-shadow:
      0 0 0 4px ${tokens.ink},
      0 0 0 9999px rgb(27 38 49 / 0.62);
    cursor: move;
  }
  .corner {
    width: 28px;
    height: 28px;
    margin: -14px 0 0 -14px;
    &::after {
      content: '';
      position: absolute;
      inset: 8px;
      background: #fff;
      border: 2px solid ${tokens.ink};
    }
  }
  button:focus-visible {
    outline: 3px solid ${tokens.verdigris};
    outline-offset: 0;
  }
`;

/** Width to height of the shapes that are offered. */
const shapes: readonly { label: string; ratio: number | null }[] = [
  { label: 'Any shape', ratio: null },
  { label: 'Square', ratio: 1 },
  { label: '4 : 5', ratio: 4 / 5 },
  { label: '3 : 2', ratio: 3 / 2 },
  { label: '16 : 9', ratio: 16 / 9 },
];

const cornerNames: Record<Corner, string> = { nw: 'Upper left', ne: 'Upper right', sw: 'Lower left', se: 'Lower right' };
const percent = (share: number) => `${Math.round(share * 100)} %`;
const length = (share: number) => `${(share * 100).toFixed(2)}%`;

/** A picture as it was before any crop, with a frame over it: its corners and all of it are dragged, and moved by the arrow keys. */
export function PictureCrop({
  whole,
  frame: first,
  onCrop,
  onLeave,
}: {
  whole: Pick<Picture, 'name' | 'hash' | 'type' | 'width' | 'height'>;
  frame: Frame;
  onCrop: (frame: Frame) => void;
  onLeave: () => void;
}) {
  const src = usePictureUrl(whole.hash, whole.type);
  const [frame, setFrame] = useState(first);
  const [shape, setShape] = useState<number | null>(null);
  const group = useRef<HTMLDivElement>(null);
  const isThere = src !== null;
  useEffect(() => {
    // What it gives back in newer browsers is nothing that an effect is undone by.
    group.current?.scrollIntoView({ block: 'nearest' });
  }, [isThere]);
  const [held, setHeld] = useState<{ x: number; y: number; frame: Frame } | null>(null);
  // Shapes are told in pixels, frames in shares of the picture.
  const ratio = shape === null ? null : (shape * whole.height) / whole.width;
  const changed = (from: Frame, of: Corner | null, dx: number, dy: number) =>
    of === null ? movedFrame(from, dx, dy) : corneredFrame(from, of, dx, dy, ratio);
  const grips = (of: Corner | null) => ({
    onPointerDown: (event: React.PointerEvent<HTMLButtonElement>) => {
      event.currentTarget.setPointerCapture(event.pointerId);
      setHeld({ x: event.clientX, y: event.clientY, frame });
    },
    onPointerMove: (event: React.PointerEvent<HTMLButtonElement>) => {
      const box = event.currentTarget.parentElement?.getBoundingClientRect();
      if (!held || !box) return;
      const { x, y, frame: from } = held;
      setFrame(changed(from, of, (event.clientX - x) / box.width, (event.clientY - y) / box.height));
    },
    onPointerUp: () => setHeld(null),
    onPointerCancel: () => setHeld(null),
    onKeyDown: (event: React.KeyboardEvent) => {
      const step = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, -1], ArrowDown: [0, 1] }[event.key];
      if (!step) return;
      event.preventDefault();
      const by = event.shiftKey ? 0.1 : 0.01;
      setFrame(changed(frame, of, (step[0] ?? 0) * by, (step[1] ?? 0) * by));
    },
  });
  const { width, height } = framePixels(frame, whole);
  const left = (corner: Corner) => length(corner.endsWith('e') ? frame.x + frame.width : frame.x);
  const top = (corner: Corner) => length(corner.startsWith('s') ? frame.y + frame.height : frame.y);
  return (
    <div ref={group} role="group" aria-label={`Crop ${whole.name}`} style={{ display: 'grid', gap: 8 }}>
      <Plate>
        {src === null ? <span style={{ padding: 40 }}>Opening …</span> : <img src={src} alt="" draggable={false} />}
        {src === null ? null : (
          <>
            <button
              type="button"
              className="area"
              aria-label={`What is left: from ${percent(frame.x)} to ${percent(frame.x + frame.width)} across, from ${percent(frame.y)} to ${percent(frame.y + frame.height)} down. Arrow keys move it, with Shift further`}
              style={{
                left: length(frame.x),
                top: length(frame.y),
                width: length(frame.width),
                height: length(frame.height),
              }}
              {...grips(null)}
            />
            {corners.map((corner) => (
              <button
                key={corner}
                type="button"
                className="corner"
                aria-label={`${cornerNames[corner]} corner. Arrow keys move it`}
                style={{
                  left: left(corner),
                  top: top(corner),
                  cursor: corner === 'nw' || corner === 'se' ? 'nwse-resize' : 'nesw-resize',
                }}
                {...grips(corner)}
              />
            ))}
          </>
        )}
      </Plate>
      <Row role="group" aria-label="Shape">
        {shapes.map(({ label, ratio: wanted }) => (
          <TextButton
            key={label}
            aria-pressed={shape === wanted}
            style={shape === wanted ? { color: tokens.ink, fontWeight: 600, textDecoration: 'none' } : {}}
            onPress={() => {
              setShape(wanted);
              if (wanted !== null) setFrame(shapedFrame(frame, (wanted * whole.height) / whole.width));
            }}
          >
            {label}
          </TextButton>
        ))}
      </Row>
      <Soft>
        <small role="status">
          {isAll(frame) ? 'All of it: ' : 'Left of it: '}
          {width} × {height} pixels.
        </small>
      </Soft>
      <Row>
        <QuietButton onPress={() => onCrop(frame)}>{isAll(frame) ? 'Show it uncropped' : 'Crop it so'}</QuietButton>
        {isAll(frame) ? null : <TextButton onPress={() => setFrame(wholeFrame)}>All of it</TextButton>}
        <TextButton onPress={onLeave}>Leave it</TextButton>
      </Row>
    </div>
  );
}
