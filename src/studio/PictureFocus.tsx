'use client';

import styled from 'styled-components';
import { type Picture } from '@/core/project';
import { tokens } from './theme';

const Plate = styled.button`
  position: relative;
  border: 1px solid ${tokens.line};
  padding: 0;
  background: ${tokens.raised};
  cursor: crosshair;
  justify-self: start;
  img {
    display: block;
    max-width: 100%;
    max-height: 240px;
  }
  i {
    position: absolute;
    width: 18px;
    height: 18px;
    margin: -9px 0 0 -9px;
    border: 2px solid #fff;
    box-shadow: 0 0 0 2px ${tokens.ink};
    border-radius: 50%;
    pointer-events: none;
  }
`;

/** A picture with the point that stays in sight where it is cropped: it is moved by a press, by dragging and by the arrow keys. */
export function PictureFocus({
  picture: { name, focus },
  src,
  onFocus,
}: {
  picture: Pick<Picture, 'name' | 'focus'>;
  /** Null until it is there. */
  src: string | null;
  onFocus: (focus: Picture['focus']) => void;
}) {
  const within = (n: number) => Math.min(1, Math.max(0, n));
  return (
    <Plate
      type="button"
      aria-label={`Where to look in ${name}: ${Math.round(focus.x * 100)} % from the left, ${Math.round(focus.y * 100)} % from the top. Arrow keys move it`}
      onPointerDown={(event) => event.currentTarget.setPointerCapture(event.pointerId)}
      onPointerUp={(event) => {
        const box = event.currentTarget.getBoundingClientRect();
        onFocus({ x: within((event.clientX - box.left) / box.width), y: within((event.clientY - box.top) / box.height) });
      }}
      onKeyDown={(event) => {
        const step = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, -1], ArrowDown: [0, 1] }[event.key];
        if (!step) return;
        event.preventDefault();
        const [dx = 0, dy = 0] = step;
        onFocus({ x: within(focus.x + dx * 0.05), y: within(focus.y + dy * 0.05) });
      }}
    >
      {src === null ? <span style={{ padding: 40 }}>Opening …</span> : <img src={src} alt="" draggable={false} />}
      <i style={{ left: `${focus.x * 100}%`, top: `${focus.y * 100}%` }} />
    </Plate>
  );
}
