'use client';

import { useCallback, useEffect, useRef, useState } from 'react';
import styled from 'styled-components';
import { type FromFrame, type ToFrame } from '@/workers/frame';
import { type PaintedPage } from '@/workers/protocol';
import { tokens } from '../../theme';

const Box = styled.div`
  position: relative;
  overflow: hidden;
  min-height: 0;
  height: 100%;
  background: #fff;
  border: 1px solid ${tokens.soft};
  iframe {
    border: 0;
    display: block;
    transform-origin: 0 0;
    position: absolute;
    inset: 0 auto auto 0;
  }
`;

interface ShopFrameProps {
  title: string;
  /** Width at which the page is laid out, CSS pixels. */
  px: number;
  page: PaintedPage | null;
  /** How far down it is, as a share; from another frame that scrolls together with this one. */
  share: { at: number; by: string } | null;
  id: string;
  onGo: (path: string) => void;
  onScroll: (share: number) => void;
}

/** A real page of the shop in a frame that fits its box, and scrolls with others. */
export function ShopFrame({ title, px, page, share, id, onGo, onScroll }: ShopFrameProps) {
  const frame = useRef<HTMLIFrameElement>(null);
  const box = useRef<HTMLDivElement>(null);
  const [ready, setReady] = useState(false);
  const shown = useRef<string | null>(null);
  const [room, setRoom] = useState({ width: 400, height: 500 });
  const tell = useCallback((message: ToFrame) => frame.current?.contentWindow?.postMessage(message, location.origin), []);

  useEffect(() => {
    const listen = ({ data, source, origin }: MessageEvent<FromFrame>) => {
      if (source !== frame.current?.contentWindow || origin !== location.origin) return;
      if (data.kind === 'ready') setReady(true);
      if (data.kind === 'go') onGo(data.path.split('#')[0]?.split('?')[0] ?? '');
      if (data.kind === 'scrolled') onScroll(data.share);
    };
    window.addEventListener('message', listen);
    return () => window.removeEventListener('message', listen);
  }, [onGo, onScroll]);

  useEffect(() => {
    if (!ready || !page) return;
    tell({ kind: 'paint', ...page, fresh: shown.current !== page.path });
    shown.current = page.path;
  }, [ready, page, tell]);

  useEffect(() => {
    if (share && share.by !== id) tell({ kind: 'scroll', share: share.at });
  }, [share, id, tell]);

  useEffect(() => {
    if (!box.current) return;
    const watch = new ResizeObserver(([entry]) => {
      if (entry) setRoom({ width: entry.contentRect.width, height: entry.contentRect.height });
    });
    watch.observe(box.current);
    return () => watch.disconnect();
  }, []);

  const scale = Math.min(1, room.width / px);
  return (
    <Box ref={box}>
      <iframe
        ref={frame}
        title={title}
        src="/window/index.html"
        style={{
          width: px,
          height: room.height / scale,
          transform: `scale(${scale})`,
          left: Math.max(0, (room.width - px * scale) / 2),
        }}
      />
    </Box>
  );
}
