'use client';

import Link from 'next/link';
import { useRouter } from 'next/navigation';
import { lazy, Suspense, useCallback, useEffect, useMemo, useState, useSyncExternalStore, type ComponentType } from 'react';
import { ToggleButton, ToggleButtonGroup } from 'react-aria-components';
import styled from 'styled-components';
import { type Source } from '@/core/brief';
import { type Address } from '@/core/places';
import { formerPosition } from '@/core/project';
import { stations, stationsDone, type Station } from '@/core/proof/about';
import { StudioHead } from './Head';
import { sayClash } from './keeper';
import { namesOf, standingIn } from './names';
import { Titles } from './titles';
import { Notice, SheetBody, TextButton } from './parts';
import { Safe } from './Safe';
import { type Owner } from '@/core/project';
import { readKeys } from './store';
import { type Spot, type StationProps } from './stations/station';
import { narrow, tokens } from './theme';
import { useProject } from './useProject';
import { useShop } from './useShop';
import { type Result } from '@/core/result';
import { type Saying } from './slip/SayLine';
import { Window } from './Window';

const Hall = styled.div`
  height: 100vh;
  display: grid;
  grid-template-rows: auto minmax(0, 1fr);
  ${narrow} {
    height: 100dvh;
    grid-template-rows: auto minmax(0, 1fr) auto;
  }
`;

const Floor = styled.div<{ $whole: boolean }>`
  display: grid;
  grid-template-columns: ${({ $whole }) => ($whole ? 'minmax(0, 1fr)' : '460px minmax(0, 1fr)')};
  min-height: 0;
  ${narrow} {
    grid-template-columns: minmax(0, 1fr);
    grid-template-rows: minmax(0, 1fr);
    &[data-turn='sheet'] > section,
    &[data-turn='window'] > main {
      display: none;
    }
  }
`;

/** Where there is no room for both, sheet and window take turns. */
const Turns = styled.nav`
  display: none;
  ${narrow} {
    display: grid;
    grid-auto-flow: column;
    grid-auto-columns: minmax(0, 1fr);
    border-top: 1px solid ${tokens.ink};
    background: ${tokens.stone};
    > div {
      display: contents;
    }
    button {
      min-height: 46px;
      background: none;
      border: 0;
      border-top: 3px solid transparent;
      cursor: pointer;
    }
    button[data-selected] {
      border-color: ${tokens.verdigris};
      font-weight: 600;
      background: ${tokens.sheet};
    }
  }
`;

const Sheet = styled.main`
  background: ${tokens.sheet};
  border-right: 1px solid ${tokens.line};
  overflow: auto;
  min-height: 0;
`;

const Closed = styled.main`
  padding: 80px 24px;
  max-width: 560px;
  margin: 0 auto;
  display: grid;
  gap: 16px;
`;

/** Stations whose sheet takes the whole width. */
const whole: ReadonlySet<Station> = new Set<Station>(['goods', 'till', 'orders']);

/** A sheet is fetched when its station is entered; the others follow when the page has nothing else to do. */
const load: Record<Station, () => Promise<{ default: ComponentType<StationProps> }>> = {
  brief: () => import('./stations/Brief').then(({ BriefStation }) => ({ default: BriefStation })),
  goods: () => import('./stations/Goods').then(({ GoodsStation }) => ({ default: GoodsStation })),
  plan: () => import('./stations/Plan').then(({ PlanStation }) => ({ default: PlanStation })),
  look: () => import('./stations/Look').then(({ LookStation }) => ({ default: LookStation })),
  till: () => import('./stations/Till').then(({ TillStation }) => ({ default: TillStation })),
  proof: () => import('./stations/Proof').then(({ ProofStation }) => ({ default: ProofStation })),
  publish: () => import('./stations/Publish').then(({ PublishStation }) => ({ default: PublishStation })),
  orders: () => import('./stations/Orders').then(({ OrdersStation }) => ({ default: OrdersStation })),
};

const sheets: Record<Station, ComponentType<StationProps>> = {
  brief: lazy(load.brief),
  goods: lazy(load.goods),
  plan: lazy(load.plan),
  look: lazy(load.look),
  till: lazy(load.till),
  proof: lazy(load.proof),
  publish: lazy(load.publish),
  orders: lazy(load.orders),
};

const Steps = lazy(() => import('./steps/Steps').then((found) => ({ default: found.Steps })));

/** Why something was not done; empty where it was. */
const whyNot = (result: Result<unknown>): string => (result.ok ? '' : result.say);

/** The studio of one project: arcade, sheet and window. */
export function Studio({ id, station }: { id: string; station: Station }) {
  const [path, setPath] = useState('');
  const [titles] = useState(() => new Titles());
  const called = useSyncExternalStore(
    titles.subscribe,
    () => titles.state,
    () => titles.state,
  );
  const [named, setNamed] = useState(() => namesOf(null, called));
  const { state, problem } = useProject(id, named);
  const shop = useShop(state?.project ?? null, path);
  const [show, setShow] = useState<{ section: string; nonce: number } | null>(null);
  /** What is seen where sheet and window take turns. */
  const [turn, setTurn] = useState<'sheet' | 'window'>('sheet');
  const [spot, setSpot] = useState<Spot | null>(null);
  const [lit, setLit] = useState<readonly Address[]>([]);
  const [owner, setOwner] = useState<Owner | null>(null);
  const [orders, setOrders] = useState(0);
  const [steps, setSteps] = useState(false);
  const [comparing, setComparing] = useState<string | null>(null);
  const { summary, worker } = shop;
  const names = useMemo(() => namesOf(summary, called), [summary, called]);
  if (names !== named) setNamed(() => names);

  useEffect(() => {
    if (summary) titles.turnTo(worker);
  }, [titles, worker, summary]);

  // Once the shop stands, the other sheets are fetched in what time is left.
  const made = summary !== null;
  useEffect(() => {
    if (!made) return;
    const timer = setTimeout(() => void Promise.allSettled(Object.values(load).map((one) => one())), 1500);
    return () => clearTimeout(timer);
  }, [made]);

  useEffect(() => {
    void readKeys(id).then(({ owners: [at] }) => setOwner(at ?? null));
  }, [id]);

  const call = state?.call;
  const title = summary?.reading.name?.value ?? state?.project.name;
  const known = summary?.reading.name?.value;
  useEffect(() => {
    if (known) call?.(known);
  }, [known, call]);

  const tellStanding = state?.show;
  useEffect(() => {
    if (summary) tellStanding?.(standingIn(summary));
  }, [summary, tellStanding]);

  // The browser's tab names project and station.
  useEffect(() => {
    const where = stations.find((one) => one.id === station)?.name ?? '';
    document.title = title ? `${title}: ${where}` : 'Arcatum';
  }, [title, station]);

  // A project of an earlier form has its texts put on the things that they were written on.
  const story = state?.story;
  const replace = state?.replace;
  const unsettled = story?.log.misfits.some(({ place }) => formerPosition(place) !== null) ?? false;
  useEffect(() => {
    if (!unsettled || !worker || !story || !replace) return;
    let stale = false;
    void worker.ask('settle', { story }).then((settled) => (stale ? undefined : replace(settled)));
    return () => {
      stale = true;
    };
  }, [unsettled, worker, story, replace]);

  useEffect(() => {
    const keys = (event: KeyboardEvent) => {
      const typing = event.target instanceof HTMLElement && event.target.closest('input, textarea, select');
      if (!(event.ctrlKey || event.metaKey) || event.key.toLowerCase() !== 'z' || typing) return;
      event.preventDefault();
      if (event.shiftKey) state?.redo();
      else state?.undo();
    };
    window.addEventListener('keydown', keys);
    return () => window.removeEventListener('keydown', keys);
  }, [state]);

  const goTo = useCallback((toPath: string, section?: string) => {
    setPath(toPath);
    setShow(section ? { section, nonce: Date.now() } : null);
    setTurn('window');
  }, []);
  const router = useRouter();
  /** From a text in the window to the words that it was made of. */
  const onSource = useCallback(
    ({ start, end }: Source) => {
      setSteps(false);
      setSpot({ start, end });
      setTurn('sheet');
      router.push(`/project/${id}/brief`);
    },
    [id, router],
  );
  const onSpotSeen = useCallback(() => setSpot(null), []);
  const onPath = useCallback((to: string, section?: string) => goTo(to, section), [goTo]);

  if (problem) {
    return (
      <Closed>
        <h1>This project can’t be opened</h1>
        <Notice $kind="mend">{problem}</Notice>
        <Link href="/">To all projects</Link>
      </Closed>
    );
  }
  if (!state) {
    return (
      <Closed>
        <p role="status">Opening the project …</p>
      </Closed>
    );
  }

  const { project } = state;
  const done = stationsDone(summary?.findings ?? [], project.brief.trim() !== '' || project.goods.counts.products > 0, {
    published: owner !== null,
    orders: orders > 0,
  });
  const saying: Saying = {
    story: state.story,
    names,
    onFulfil: ({ wishes, act, says }, paths) => {
      if (wishes.length) state.decide(wishes, says.replace(/\.$/, ''));
      switch (act?.do) {
        case undefined:
          return '';
        case 'undo':
          for (let step = 0; step < act.steps; step++) state.undo();
          return '';
        case 'redo':
          state.redo();
          return '';
        case 'take-out':
          return whyNot(state.takeOut(act.change));
        case 'name':
          state.nameVersion({ name: act.version });
          return '';
        case 'back-to':
          return whyNot(state.goBackTo(act.change));
        case 'compare':
          setComparing(act.change);
          setSteps(true);
          setTurn('sheet');
          return '';
        case 'go':
          goTo(paths[act.page] ?? '');
          return '';
      }
    },
  };
  const Current = sheets[station];
  const wide = whole.has(station) && !steps;
  return (
    <Hall>
      <StudioHead
        name={title ?? ''}
        station={station}
        done={done}
        state={state}
        steps={steps}
        onSteps={(open) => {
          setSteps(open);
          setTurn('sheet');
        }}
      />
      <Floor $whole={wide} data-turn={wide ? 'sheet' : turn}>
        <Sheet key={steps ? 'steps' : station} aria-label={steps ? 'Steps' : station} aria-busy={!shop.settled} tabIndex={0}>
          {state.saving !== 'saved' && state.saving !== 'saving' ? <Notice $kind="mend">{state.saving}</Notice> : null}
          {state.refused ? <Notice $kind="mend">{state.refused}</Notice> : null}
          {shop.fault ? <Notice $kind="mend">{shop.fault}</Notice> : null}
          {state.clashes.length ? (
            <Notice $kind="todo" role="status">
              {state.clashes.map((clash) => sayClash(clash, names)).join(' ')}{' '}
              <TextButton onPress={state.dismissClashes}>I have seen it</TextButton>
            </Notice>
          ) : null}
          <Safe what={steps ? 'The list of steps' : 'This sheet'} turn={`${station} ${steps}`} onUndo={state.undo}>
            <Suspense
              fallback={
                <SheetBody role="status" aria-busy>
                  Opening …
                </SheetBody>
              }
            >
              {steps ? (
                <Steps
                  state={state}
                  shop={shop}
                  names={names}
                  path={path}
                  comparing={comparing}
                  onCompare={setComparing}
                  onClose={() => setSteps(false)}
                />
              ) : (
                <Current
                  state={state}
                  shop={shop}
                  goTo={goTo}
                  path={path}
                  spot={spot}
                  onSpotSeen={onSpotSeen}
                  onLight={setLit}
                  owner={owner}
                  onOwner={setOwner}
                  onOrders={setOrders}
                />
              )}
            </Suspense>
          </Safe>
        </Sheet>
        {wide ? null : (
          <Safe what="The window" turn={path} onUndo={state.undo}>
            <Window
              shop={shop}
              path={path}
              onPath={onPath}
              show={show}
              lit={lit}
              onSource={onSource}
              onDecide={state.decide}
              onUndo={state.undo}
              onRedo={state.redo}
              saying={saying}
            />
          </Safe>
        )}
      </Floor>
      {wide ? null : (
        <Turns aria-label="Sheet and shop in turn">
          <ToggleButtonGroup
            aria-label="What is seen"
            selectionMode="single"
            disallowEmptySelection
            selectedKeys={[turn]}
            onSelectionChange={(keys) => setTurn([...keys][0] === 'window' ? 'window' : 'sheet')}
          >
            <ToggleButton id="sheet">{steps ? 'Steps' : stations.find(({ id: one }) => one === station)?.name}</ToggleButton>
            <ToggleButton id="window">The shop</ToggleButton>
          </ToggleButtonGroup>
        </Turns>
      )}
    </Hall>
  );
}
