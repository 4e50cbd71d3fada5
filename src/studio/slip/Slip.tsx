'use client';

import { useEffect, useLayoutEffect, useRef, useState, type RefObject } from 'react';
import styled from 'styled-components';
import { type Source } from '@/core/brief';
import { writeLead } from '@/core/lead';
import { given, givenAway, set, type Wish } from '@/core/places';
import { plainProse } from '@/core/prose';
import { thingName, thingOf, type ThingKind } from '@/core/things/about';
import { type PointedAt } from '@/workers/pointer';
import { type SetAct, type SettingState } from '@/workers/set';
import { type ShopWorker } from '@/workers/client';
import { type Jobs } from '@/workers/protocol';
import { sourceLine } from '../because';
import { Row, Soft, TextButton } from '../parts';
import { tokens } from '../theme';
import { keepPictures } from '../projects';
import { Groups, type Bring } from './Groups';
import { Choices, Rework } from './Others';
import { PictureForm } from './PictureForm';
import { placeSlip, type Placed } from './place';
import { SayLine, type Saying } from './SayLine';
import { SetText } from './SetText';
import { TextForm } from './TextForm';

const Paper = styled.div`
  position: fixed;
  z-index: 20;
  width: min(372px, calc(100vw - 16px));
  overflow: auto;
  background: ${tokens.raised};
  border: 1px solid ${tokens.ink};
  box-shadow: 4px 4px 0 rgb(27 38 49 / 0.18);
  padding: 12px 16px 14px;
  @media (max-width: 639px) {
    width: 100vw;
    border-width: 2px 0 0;
    box-shadow: none;
  }
  &:focus {
    outline: none;
  }
`;

/** All that is written on the paper, in one box: however it grows or shrinks, this is what is measured. */
const Written = styled.div`
  display: grid;
  gap: 10px;
  h2 {
    margin-right: auto;
    min-width: 0;
    overflow-wrap: anywhere;
  }
  &[data-folded] > :not(:first-child) {
    display: none !important;
  }
`;

const Up = styled.p`
  font-size: 13.5px;
  color: ${tokens.soft};
  display: flex;
  flex-wrap: wrap;
  gap: 0 6px;
  align-items: baseline;
`;

/** What could be said to a kind of thing. */
const hints: Partial<Record<ThingKind, string>> = {
  heading: 'shorter',
  text: 'warmer',
  button: 'this should go to the gift cards',
  link: 'this should go to the contact page',
  section: 'move this above the questions',
  card: 'put this first',
  price: 'the price is 12',
  logo: 'our initials',
  picture: 'landscapes',
  page: 'three columns',
  entry: 'call it Letters',
  item: 'leave this out',
};

interface SlipProps {
  pointed: PointedAt;
  /** How large the window shows the shop, and where it stands on the screen. */
  scale: number;
  frame: RefObject<HTMLElement | null>;
  worker: ShopWorker | null;
  /** The shop as it was made last: with a new one the slip looks again. */
  turn: number;
  /** `focus` where the keyboard goes back to the thing. */
  onClose: (focus: boolean) => void;
  /** Points at something that this stands in. */
  onPoint: (thing: string) => void;
  /** Leads to the words of the brief that it was made of. */
  onSource: (source: Source) => void;
  onDecide: (wishes: Wish | readonly Wish[], label?: string) => void;
  path: string;
  saying: Saying;
  /** A text as it is being set where it stands, and how often it was asked where its words are to lead. */
  setting: SettingState | null;
  linking: number;
  onSet: (act: SetAct) => void;
  /** So much of the window is under the slip, CSS pixels of the screen, where it comes from below: the thing is moved out from under it. */
  onCovers: (height: number) => void;
  /** Keeps what is being set: false where it is too long to be kept. */
  onFinish: () => void;
}

/** Opens beside the thing that was pointed at: what it is and why, what can be done to it, and what it stands in. */
export function Slip({
  pointed,
  scale,
  frame,
  worker,
  turn,
  onClose,
  onPoint,
  onSource,
  onDecide,
  path,
  saying,
  setting,
  linking,
  onSet,
  onCovers,
  onFinish,
}: SlipProps) {
  const paper = useRef<HTMLDivElement>(null);
  const written = useRef<HTMLDivElement>(null);
  const [found, setFound] = useState<{ of: string; made: Jobs['slip']['get'] } | null>(null);
  const [placed, setPlaced] = useState<(Placed & { of: string }) | null>(null);
  /** Its thing was scrolled out of sight: the slip folds to its head and lets the page be seen, unless the keyboard is in it. */
  const [folded, setFolded] = useState(false);
  const { thing, box, inside } = pointed;

  useEffect(() => {
    let stale = false;
    void worker?.ask('slip', { thing }).then((made) => {
      if (stale) return;
      if (made) setFound({ of: thing, made });
      else onClose(false);
    });
    return () => {
      stale = true;
    };
  }, [worker, thing, turn, onClose]);

  const made = found?.of === thing ? found.made : null;

  useLayoutEffect(() => {
    const place = () => {
      const at = frame.current?.getBoundingClientRect();
      if (!paper.current || !at) return;
      // Of a thing that is longer than the window, the part that is seen counts.
      const top = Math.max(0, box.y * scale);
      const low = Math.min(at.height, (box.y + box.height) * scale);
      const seen = { x: at.x + box.x * scale, y: at.y + top, width: box.width * scale, height: Math.max(0, low - top) };
      const used = paper.current !== document.activeElement && paper.current.contains(document.activeElement);
      setFolded(low <= top && !used);
      const { offsetWidth, scrollHeight } = paper.current;
      const size = { width: offsetWidth, height: scrollHeight + 2 };
      const head = Math.max(0, document.querySelector('header')?.getBoundingClientRect().bottom ?? 0);
      const screen = { width: innerWidth, height: innerHeight, head };
      setPlaced((stood) => ({ of: thing, ...placeSlip(seen, size, screen, stood?.of === thing ? stood.side : undefined) }));
    };
    place();
    const watch = new ResizeObserver(place);
    if (written.current) watch.observe(written.current);
    addEventListener('resize', place);
    return () => {
      watch.disconnect();
      removeEventListener('resize', place);
    };
  }, [box, scale, frame, made, thing]);

  // At the foot of the screen it would lie over what it is about.
  const foot = placed?.side === 'foot' ? placed.top : null;
  useEffect(() => {
    const bottom = frame.current?.getBoundingClientRect().bottom ?? 0;
    if (foot !== null && !folded) onCovers(Math.max(0, bottom - foot));
  }, [foot, folded, frame, thing, onCovers]);

  // The keyboard goes to the text, where one stands there; else to the slip as a whole. What is set where it stands has it already.
  const ready = made !== null && !pointed.set;
  useEffect(() => {
    if (ready) (paper.current?.querySelector<HTMLElement>('textarea') ?? paper.current)?.focus({ preventScroll: true });
  }, [ready, thing]);

  const shown = thingOf(thing);
  const name = made?.slip.name ?? (shown ? thingName(shown) : '');
  const bring: Bring = async ({ place, beside, as }, file) => {
    if (!worker) return '';
    if (as !== 'picture') {
      const kept = await worker.ask('keepFile', { ...file, as });
      if (!kept.ok) return kept.say;
      const lead = writeLead({ kind: 'file', file: kept.value.hash });
      onDecide([set(givenAway(kept.value.hash), kept.value), { place, value: lead }], `${name}: ${kept.value.name}`);
      return '';
    }
    const { pictures, refused, notes } = await keepPictures([file], worker);
    const [picture] = pictures;
    if (!picture) return refused.join(' ');
    const value = beside ? [...beside, picture.name] : picture.name;
    onDecide([set(given.picture(picture.name), picture), { place, value }], `${name}: ${picture.name}`);
    return notes.join(' ');
  };
  const leads = shown?.kind === 'button' || shown?.kind === 'link';
  const groups = made ? (
    <Groups groups={made.slip.groups} pictures={made.pictures} name={name} onDone={onDecide} onBring={bring} />
  ) : null;
  const [source] = made?.text?.sources ?? [];
  const brief = source?.kind === 'brief' ? source.source : made?.slip.because?.brief?.[0];
  const because = made?.text ? sourceLine(made.text) : made?.slip.because?.say;
  const ups = inside.flatMap((id) => {
    const up = thingOf(id);
    return up ? [{ id, name: thingName(up) }] : [];
  });
  return (
    <Paper
      ref={paper}
      role="dialog"
      tabIndex={-1}
      aria-label={name}
      aria-busy={!made}
      data-slip={thing}
      style={placed ? { left: placed.left, top: placed.top, maxHeight: placed.maxHeight } : { visibility: 'hidden' }}
      onKeyDown={(event) => {
        if (event.key !== 'Escape') return;
        event.stopPropagation();
        onClose(true);
      }}
    >
      <Written ref={written} data-folded={folded || undefined}>
        <Row style={{ flexWrap: 'nowrap', alignItems: 'baseline' }}>
          <h2>{name}</h2>
          {folded ? <TextButton onPress={() => onPoint(thing)}>Show it</TextButton> : null}
          <TextButton onPress={() => onClose(true)}>{pointed.set ? 'Done' : 'Close'}</TextButton>
        </Row>
        {ups.length ? (
          <Up>
            in
            {ups.map((up) => (
              <TextButton key={up.id} onPress={() => onPoint(up.id)} style={{ padding: 0, minHeight: 24, fontSize: 13.5 }}>
                {up.name}
              </TextButton>
            ))}
          </Up>
        ) : null}
        {made?.text && pointed.set ? (
          <SetText
            key={thing}
            text={made.text}
            setting={setting?.place === made.text.place ? setting : null}
            linking={linking}
            targets={made.targets}
            onSet={onSet}
          />
        ) : null}
        {made?.text && !pointed.set ? (
          <TextForm key={`${thing} ${made.text.text}`} text={made.text} worker={worker} onDecide={onDecide} onClose={onClose}>
            {leads ? groups : null}
          </TextForm>
        ) : null}
        {made ? (
          <SayLine
            {...saying}
            key={thing}
            thing={thing}
            path={path}
            worker={worker}
            turn={turn}
            label="Say what should be different"
            hint={hints[shown?.kind ?? 'page'] ?? 'three columns'}
            onFocus={onFinish}
          />
        ) : null}
        {made?.picture ? (
          <PictureForm
            key={made.picture.name}
            picture={made.picture}
            src={made.pictures[made.picture.name] ?? ''}
            worker={worker}
            onDecide={onDecide}
          />
        ) : null}
        {leads && !pointed.set ? null : groups}
        {made?.text && pointed.set ? (
          <>
            <Rework
              draft={plainProse(setting?.text ?? made.text.set ?? made.text.text)}
              place={made.text.place}
              worker={worker}
              onTake={(text) => onSet({ do: 'text', text })}
            />
            <Choices place={made.text.place} worker={worker} onTake={(text) => onSet({ do: 'text', text })} />
          </>
        ) : null}
        {because ? (
          <Row>
            <Soft>
              <small>{because}</small>
            </Soft>
            {brief ? <TextButton onPress={() => onSource({ ...brief, text: '' })}>Show it in the brief</TextButton> : null}
          </Row>
        ) : null}
        {made?.slip.shared ? (
          <Soft>
            <small>{made.slip.shared}</small>
          </Soft>
        ) : null}
      </Written>
    </Paper>
  );
}
