'use client';

import { useCallback, useEffect, useLayoutEffect, useRef, useState } from 'react';
import { ToggleButton, ToggleButtonGroup } from 'react-aria-components';
import styled from 'styled-components';
import { type Source } from '@/core/brief';
import { writeText, type Address, type Wish } from '@/core/places';
import { type Result } from '@/core/result';
import { type FromFrame, type ToFrame } from '@/workers/frame';
import { type PaintedPage } from '@/workers/protocol';
import { type PointedAt } from '@/workers/pointer';
import { type Ended, type SettingState } from '@/workers/set';
import { ShopFrame } from './stations/look/ShopFrame';
import { SayLine, type Saying } from './slip/SayLine';
import { Slip } from './slip/Slip';
import { type ShopState } from './useShop';
import { isNarrow, narrow, tokens } from './theme';

const Pane = styled.section`
  display: grid;
  grid-template-rows: auto minmax(0, 1fr) auto;
  min-width: 0;
  min-height: 0;
`;

const Foot = styled.div`
  padding: 7px 16px 9px;
  border-top: 1px solid ${tokens.line};
  background: ${tokens.sheet};
`;

const Sill = styled.div`
  display: flex;
  align-items: center;
  gap: 10px 12px;
  padding: 7px 16px;
  ${narrow} {
    flex-wrap: wrap;
    gap: 2px 10px;
    padding: 4px 12px;
  }
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
  /* Clipped and no scroller: what asks in the page to be seen would scroll the page's own frame out of its place. */
  overflow: clip;
  min-width: 0;
  min-height: 0;
  display: flex;
  justify-content: center;
  padding: 14px 16px 0;
  ${narrow} {
    padding: 8px 8px 0;
  }
  iframe {
    border: 0;
    background: #fff;
    transform-origin: 0 0;
    display: block;
  }
  .frame {
    overflow: clip;
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

/** Said over a page that has nothing to say yet; what stands there is pointed at all the same. */
const StillBare = styled.p`
  position: absolute;
  top: 28%;
  left: 50%;
  translate: -50% 0;
  width: min(88%, 30em);
  padding: 12px 16px;
  text-align: center;
  background: ${tokens.sheet};
  border: 1px solid ${tokens.ink};
  pointer-events: none;
`;

const nothing = () => undefined;

/** Pixels between the two, and as many as they need together. */
const apart = 14;
const leastForBoth = 560;

/** Widths at which a page can be looked at, CSS pixels; of two, that at which it is pointed at. */
const widths = [
  { id: 'phone', name: 'Phone', px: 390 },
  { id: 'tablet', name: 'Tablet', px: 820 },
  { id: 'wide', name: 'Wide', px: 1280 },
  { id: 'both', name: 'Side by side', px: 1280 },
] as const;

type WidthId = (typeof widths)[number]['id'];

interface WindowProps {
  shop: ShopState;
  path: string;
  onPath: (path: string, section?: string) => void;
  /** A section to bring into sight. */
  show: { section: string; nonce: number } | null;
  /** Texts that are lit up. */
  lit: readonly Address[];
  /** Leads to the words of the brief that a text was made of. */
  onSource: (source: Source) => void;
  onDecide: (wishes: Wish | readonly Wish[], label?: string) => void;
  onUndo: () => void;
  onRedo: () => void;
  saying: Saying;
}

/** Where the keyboard goes from the window: to the slip where one is open, else to the sheet beside it. */
const nextOf = (pane: HTMLElement | null) =>
  pane?.querySelector<HTMLElement>('[data-slip]') ?? pane?.parentElement?.querySelector<HTMLElement>('main') ?? null;

const endSetting = (shop: globalThis.Window | null): Ended =>
  (shop as (globalThis.Window & { arcatumFinish?: () => Ended }) | null)?.arcatumFinish?.() ?? { kind: 'as-it-was' };

function keep(ended: Ended, decide: WindowProps['onDecide']): void {
  const wish = ended.kind === 'wrote' ? writeText(ended.place, ended.text) : null;
  if (wish) decide(wish);
}

/** The live shop, at any width, on any page. At rest it is pointed at; links are followed with a modifier key, or where it is told so. */
export function Window({ shop, path, onPath, show, lit, onSource, onDecide, onUndo, onRedo, saying }: WindowProps) {
  const { worker, summary, watch } = shop;
  const made = shop.turn > 0;
  const frame = useRef<HTMLIFrameElement>(null);
  const stage = useRef<HTMLDivElement>(null);
  const [ready, setReady] = useState(false);
  const [width, setWidth] = useState<WidthId>(() => (isNarrow() ? 'phone' : 'wide'));
  const [room, setRoom] = useState({ width: 800, height: 600 });
  const [following, setFollowing] = useState(false);
  const [pointed, setPointed] = useState<PointedAt | null>(null);
  const [setting, setSetting] = useState<SettingState | null>(null);
  /** How often it was asked where words are to lead. */
  const [linking, setLinking] = useState(0);
  const pane = useRef<HTMLElement>(null);
  const glass = useRef<HTMLDivElement>(null);
  const shown = useRef('');

  const px = widths.find((candidate) => candidate.id === width)?.px ?? 1280;
  // Beside the wide page the phone is as large as both can be read.
  const hasRoom = room.width >= leastForBoth;
  const besides = width === 'both' && hasRoom ? Math.min(390, Math.max(160, room.width * 0.3)) : 0;
  const scale = Math.min(1, (besides ? room.width - besides - apart : room.width) / px);
  const [page, setPage] = useState<PaintedPage | null>(null);
  const home = summary?.outline[0];
  const isBare = home?.path === path && !home.sections.some(({ filled }) => filled);
  const [share, setShare] = useState<{ at: number; by: string } | null>(null);

  // What was pointed at was on the page that was seen.
  const [seen, setSeen] = useState(path);
  if (seen !== path) {
    setSeen(path);
    setPointed(null);
  }

  const tell = useCallback((message: ToFrame) => frame.current?.contentWindow?.postMessage(message, location.origin), []);

  // What was set where it stands is kept before anything else is done.
  const decide = useRef(onDecide);
  useEffect(() => {
    decide.current = onDecide;
  }, [onDecide]);
  const finish = useCallback((): boolean => {
    const ended = endSetting(frame.current?.contentWindow ?? null);
    if (ended.kind === 'over') return false;
    setSetting(null);
    keep(ended, decide.current);
    return true;
  }, []);

  // Its own window is gone once this is: it is asked before.
  useLayoutEffect(() => {
    const shop = frame.current?.contentWindow ?? null;
    return () => keep(endSetting(shop), decide.current);
  }, []);

  useEffect(() => {
    const away = ({ target }: FocusEvent) => {
      if (target instanceof Element && target !== frame.current && !target.closest('[data-slip]')) finish();
    };
    const hidden = () => (document.visibilityState === 'hidden' ? finish() : undefined);
    document.addEventListener('focusin', away);
    document.addEventListener('visibilitychange', hidden);
    return () => {
      document.removeEventListener('focusin', away);
      document.removeEventListener('visibilitychange', hidden);
    };
  }, [finish]);

  const close = useCallback(
    (focus: boolean) => {
      if (!finish()) return;
      setPointed(null);
      tell({ kind: 'closed', focus });
      if (focus) frame.current?.focus();
    },
    [tell, finish],
  );

  // From wherever in the studio: whoever has just pressed Undo is still at the thing.
  const isPointed = pointed !== null;
  useEffect(() => {
    if (!isPointed) return;
    const away = ({ key, target, defaultPrevented }: KeyboardEvent) => {
      const isElsewhere =
        target instanceof Element && target.closest('[role="dialog"], [role="alertdialog"], input, textarea, select');
      if (key === 'Escape' && !defaultPrevented && !isElsewhere) close(true);
    };
    document.addEventListener('keydown', away);
    return () => document.removeEventListener('keydown', away);
  }, [isPointed, close]);

  useEffect(() => {
    const listen = ({ data, source, origin }: MessageEvent<FromFrame>) => {
      if (source !== frame.current?.contentWindow || origin !== location.origin) return;
      if (data.kind === 'ready') setReady(true);
      if (data.kind === 'go') {
        const [to = '', section] = data.path.split('#');
        onPath(to.split('?')[0] ?? '', section);
      }
      if (data.kind === 'load')
        void worker?.ask('load', { path: data.path }).then((value) => tell({ kind: 'loaded', id: data.id, value }));
      if (data.kind === 'point') setPointed(data.at);
      if (data.kind === 'moved') setPointed((at) => (at && data.box ? { ...at, box: data.box } : null));
      const does = (done: Result<Wish[]>) => {
        if (!done.ok) tell({ kind: 'refused', say: done.say });
        else if (done.value.length) decide.current(done.value);
      };
      if (data.kind === 'order') void worker?.ask('order', { thing: data.thing, among: data.among, row: data.row }).then(does);
      if (data.kind === 'stand') void worker?.ask('stand', { thing: data.thing, wanted: data.wanted }).then(does);
      if (data.kind === 'close') close(true);
      if (data.kind === 'setting' || data.kind === 'linking') setSetting(data.state);
      if (data.kind === 'linking') setLinking((times) => times + 1);
      if (data.kind === 'wrote') {
        setSetting(null);
        keep(data, decide.current);
      }
      if (data.kind === 'leave') nextOf(pane.current)?.focus();
      if (data.kind === 'undo' || data.kind === 'redo') {
        finish();
        if (data.kind === 'undo') onUndo();
        else onRedo();
      }
      if (data.kind === 'scrolled') setShare({ at: data.share, by: 'wide' });
      if (data.kind === 'painted') performance.mark('arcatum:painted');
    };
    window.addEventListener('message', listen);
    return () => window.removeEventListener('message', listen);
  }, [worker, tell, close, finish, onPath, onUndo, onRedo]);

  const onCovers = useCallback((height: number) => tell({ kind: 'covered', height: height / scale }), [tell, scale]);

  const paint = useCallback(
    (page: PaintedPage) => {
      tell({ kind: 'paint', ...page, fresh: shown.current !== page.path });
      shown.current = page.path;
      setPage(page);
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
    finish();
    tell({ kind: 'closed', focus: false });
  }, [path, tell, finish]);

  useEffect(() => {
    if (show && ready) {
      const timer = setTimeout(() => tell({ kind: 'show', section: show.section }), 120);
      return () => clearTimeout(timer);
    }
  }, [show, ready, tell]);

  useEffect(() => {
    if (ready) tell({ kind: 'light', places: lit });
  }, [ready, lit, tell]);

  useEffect(() => {
    if (!stage.current) return;
    const watch = new ResizeObserver(([entry]) => {
      // Out of sight, while the sheet has its turn, it keeps the room that it had.
      if (entry?.contentRect.width) setRoom({ width: entry.contentRect.width, height: entry.contentRect.height });
    });
    watch.observe(stage.current);
    return () => watch.disconnect();
  }, []);

  // A frame that was not ready yet has missed it.
  useEffect(() => {
    if (ready) tell({ kind: 'resting', on: !following, scale });
  }, [ready, following, scale, tell]);

  // F6 leads into the window and out of it, as it does between the panes of other programs.
  useEffect(() => {
    const keys = (event: KeyboardEvent) => {
      if (event.key !== 'F6' || event.ctrlKey || event.altKey || event.metaKey) return;
      event.preventDefault();
      frame.current?.focus();
      tell({ kind: 'enter' });
    };
    window.addEventListener('keydown', keys);
    return () => window.removeEventListener('keydown', keys);
  }, [tell]);

  return (
    <Pane aria-label="The shop" ref={pane}>
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
        <Width
          isSelected={following}
          onChange={(on) => {
            finish();
            setFollowing(on);
            setPointed(null);
          }}
        >
          Follow links
        </Width>
        <Widths
          aria-label="Width"
          selectionMode="single"
          disallowEmptySelection
          selectedKeys={[width]}
          onSelectionChange={(keys) => setWidth([...keys][0] as WidthId)}
        >
          {widths
            .filter(({ id }) => id !== 'both' || hasRoom)
            .map(({ id, name }) => (
              <Width key={id} id={id}>
                {name}
              </Width>
            ))}
        </Widths>
      </Sill>
      <Stage ref={stage}>
        <div className="frame" ref={glass} style={{ width: px * scale, height: room.height }}>
          <iframe
            ref={frame}
            title="Preview of the shop"
            src="/window/index.html"
            style={{ width: px, height: room.height / scale, transform: `scale(${scale})` }}
          />
          {!made ? <Empty>Making the shop …</Empty> : null}
          {made && isBare ? (
            <StillBare>
              Nothing stands here yet. It fills with your goods, and with the sentences of your brief that may be printed.
            </StillBare>
          ) : null}
        </div>
        {besides ? (
          // A mirror: it is pointed at, and scrolled, in the other.
          <div className="frame" inert style={{ width: besides, height: room.height, marginLeft: apart }}>
            <ShopFrame
              id="phone"
              title="The same page on a phone"
              px={390}
              page={page}
              share={share}
              onGo={onPath}
              onScroll={nothing}
            />
          </div>
        ) : null}
      </Stage>
      <Foot>
        <SayLine
          {...saying}
          thing={null}
          path={path}
          worker={made ? worker : null}
          turn={shop.turn}
          label="Say a change"
          hint="“three columns”, “less red”, “a page about workshops”, “undo the last two”"
          above
        />
      </Foot>
      {pointed ? (
        <Slip
          pointed={pointed}
          scale={scale}
          frame={glass}
          worker={worker}
          turn={shop.turn}
          onClose={close}
          onPoint={(thing) => tell({ kind: 'pointTo', thing })}
          onSource={(source) => {
            onSource(source);
            close(false);
          }}
          onDecide={(wishes, label) => {
            finish();
            onDecide(wishes, label);
          }}
          path={path}
          saying={saying}
          setting={setting}
          linking={linking}
          onSet={(act) => tell({ kind: 'set', act })}
          onCovers={onCovers}
          onFinish={finish}
        />
      ) : null}
    </Pane>
  );
}
