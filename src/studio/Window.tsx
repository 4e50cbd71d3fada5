'use client';

import { useCallback, useEffect, useRef, useState } from 'react';
import { ToggleButton, ToggleButtonGroup } from 'react-aria-components';
import styled from 'styled-components';
import { type Source } from '@/core/brief';
import { type Address, type Wish } from '@/core/places';
import { type FromFrame, type ToFrame } from '@/workers/frame';
import { type PaintedPage } from '@/workers/protocol';
import { Slip, type Pointed } from './Slip';
import { type ShopState } from './useShop';
import { tokens } from './theme';

const Pane = styled.section`
  display: grid;
  grid-template-rows: auto minmax(0, 1fr);
  min-width: 0;
  min-height: 0;
`;

const Sill = styled.div`
  display: flex;
  align-items: center;
  gap: 10px 16px;
  padding: 7px 16px;
  border-bottom: 1px solid ${tokens.line};
  min-width: 0;
  label {
    display: flex;
    align-items: center;
    gap: 6px;
    font-size: 13.5px;
    min-width: 0;
  }
  select {
    min-height: 30px;
    max-width: 210px;
    background: ${tokens.sheet};
    border: 1px solid ${tokens.soft};
    padding: 2px 6px;
  }
`;

const Widths = styled(ToggleButtonGroup)`
  display: flex;
  margin-left: auto;
`;

const Width = styled(ToggleButton)`
  background: none;
  border: 0;
  border-bottom: 2px solid transparent;
  padding: 4px 8px;
  min-height: 30px;
  font-size: 13.5px;
  cursor: pointer;
  &[data-selected] {
    border-color: ${tokens.verdigris};
    font-weight: 600;
  }
`;

const Stage = styled.div`
  position: relative;
  overflow: hidden;
  display: flex;
  justify-content: center;
  padding: 14px 16px 0;
  iframe {
    border: 0;
    background: #fff;
    transform-origin: 0 0;
    display: block;
  }
  .frame {
    overflow: hidden;
    box-shadow: 0 0 0 1px ${tokens.soft};
    border-radius: 10px 10px 0 0;
    position: relative;
  }
`;

const Empty = styled.p`
  position: absolute;
  inset: 0;
  display: grid;
  place-items: center;
  color: ${tokens.soft};
  background: ${tokens.sheet};
`;

/** Widths at which a page can be looked at, CSS pixels. */
const widths = [
  { id: 'phone', name: 'Phone', px: 390 },
  { id: 'tablet', name: 'Tablet', px: 820 },
  { id: 'wide', name: 'Wide', px: 1280 },
] as const;

type WidthId = (typeof widths)[number]['id'];

interface WindowProps {
  shop: ShopState;
  path: string;
  onPath: (path: string) => void;
  /** A section to bring into sight. */
  show: { section: string; nonce: number } | null;
  /** Texts that are lit up. */
  lit: readonly Address[];
  /** Leads to the words of the brief that a text was made of. */
  onSource: (source: Source) => void;
  onDecide: (wish: Wish) => void;
}

/** The live shop, at any width, on any page. */
export function Window({ shop, path, onPath, show, lit, onSource, onDecide }: WindowProps) {
  const { worker, summary, watch } = shop;
  const made = shop.turn > 0;
  const frame = useRef<HTMLIFrameElement>(null);
  const stage = useRef<HTMLDivElement>(null);
  const [ready, setReady] = useState(false);
  const [width, setWidth] = useState<WidthId>('wide');
  const [room, setRoom] = useState({ width: 800, height: 600 });
  const [pointing, setPointing] = useState(false);
  const [pointed, setPointed] = useState<Pointed | null>(null);
  const shown = useRef('');

  const tell = useCallback((message: ToFrame) => frame.current?.contentWindow?.postMessage(message, location.origin), []);

  useEffect(() => {
    const listen = ({ data, source, origin }: MessageEvent<FromFrame>) => {
      if (source !== frame.current?.contentWindow || origin !== location.origin) return;
      if (data.kind === 'ready') setReady(true);
      if (data.kind === 'go') onPath(data.path.split('#')[0]?.split('?')[0] ?? '');
      if (data.kind === 'load')
        void worker?.ask('load', { path: data.path }).then((value) => tell({ kind: 'loaded', id: data.id, value }));
      if (data.kind === 'point') setPointed({ place: data.place, text: data.text, rect: data.rect });
      if (data.kind === 'painted') performance.mark('arcatum:painted');
    };
    window.addEventListener('message', listen);
    return () => window.removeEventListener('message', listen);
  }, [worker, tell, onPath]);

  const paint = useCallback(
    (page: PaintedPage) => {
      tell({ kind: 'paint', ...page, fresh: shown.current !== page.path });
      shown.current = page.path;
    },
    [tell],
  );

  // A page that is gone to is asked for; the one in sight comes by itself when the shop was made anew.
  useEffect(() => {
    if (!ready || !worker || !made) return;
    let stale = false;
    worker.ask('paint', { path }).then(
      (page) => (stale ? undefined : paint(page)),
      () => undefined,
    );
    return () => {
      stale = true;
    };
  }, [ready, worker, made, path, paint]);

  useEffect(
    () =>
      watch((page) => {
        if (ready && page.path === path) paint(page);
      }),
    [watch, ready, path, paint],
  );

  useEffect(() => {
    if (show && ready) {
      const timer = setTimeout(() => tell({ kind: 'show', section: show.section }), 120);
      return () => clearTimeout(timer);
    }
  }, [show, ready, tell]);

  useEffect(() => {
    if (ready) tell({ kind: 'light', places: lit });
  }, [ready, lit, tell]);

  // A frame that was not ready yet has missed it.
  useEffect(() => {
    if (ready) tell({ kind: 'pointing', on: pointing });
  }, [ready, pointing, tell]);

  useEffect(() => {
    if (!stage.current) return;
    const watch = new ResizeObserver(([entry]) => {
      if (entry) setRoom({ width: entry.contentRect.width, height: entry.contentRect.height });
    });
    watch.observe(stage.current);
    return () => watch.disconnect();
  }, []);

  const px = widths.find((candidate) => candidate.id === width)?.px ?? 1280;
  const scale = Math.min(1, room.width / px);
  const sectionText =
    pointed && summary
      ? summary.outline
          .flatMap((page) => page.sections)
          .flatMap((section) => section.words)
          .find((text) => text.place === pointed.place)
      : undefined;

  return (
    <Pane aria-label="The shop">
      <Sill>
        <label>
          Page
          <select
            value={summary?.outline.some((page) => page.path === path) ? path : 'other'}
            onChange={(event) => onPath(event.target.value)}
          >
            {summary?.outline.map((page) => (
              <option key={page.id} value={page.path}>
                {page.kind === 'product'
                  ? `Product: ${page.name}`
                  : page.kind === 'category'
                    ? `Category: ${page.name}`
                    : page.name}
              </option>
            ))}
            {summary?.outline.some((page) => page.path === path) ? null : <option value="other">{path}</option>}
          </select>
        </label>
        <Width isSelected={pointing} onChange={setPointing}>
          Point at a text
        </Width>
        <Widths
          aria-label="Width"
          selectionMode="single"
          disallowEmptySelection
          selectedKeys={[width]}
          onSelectionChange={(keys) => setWidth([...keys][0] as WidthId)}
        >
          {widths.map(({ id, name }) => (
            <Width key={id} id={id}>
              {name}
            </Width>
          ))}
        </Widths>
      </Sill>
      <Stage ref={stage}>
        <div className="frame" style={{ width: px * scale, height: room.height }}>
          <iframe
            ref={frame}
            title="Preview of the shop"
            src="/window/index.html"
            style={{ width: px, height: room.height / scale, transform: `scale(${scale})` }}
          />
          {!made ? <Empty>Making the shop …</Empty> : null}
          {pointed ? (
            <Slip
              pointed={pointed}
              scale={scale}
              text={sectionText}
              worker={worker}
              onClose={() => setPointed(null)}
              onSource={(source) => {
                onSource(source);
                setPointed(null);
              }}
              onDecide={(wish) => {
                onDecide(wish);
                setPointed(null);
              }}
            />
          ) : null}
        </div>
      </Stage>
    </Pane>
  );
}
