'use client';

import Link from 'next/link';
import { useCallback, useEffect, useState } from 'react';
import styled from 'styled-components';
import { stationsDone, type Station } from '@/core/proof';
import { Arcade } from './Arcade';
import { Notice, TextButton } from './parts';
import { readOwner, type Owner } from './store';
import { BriefStation } from './stations/Brief';
import { GoodsStation } from './stations/Goods';
import { LookStation } from './stations/Look';
import { OrdersStation } from './stations/Orders';
import { PlanStation } from './stations/Plan';
import { ProofStation } from './stations/Proof';
import { PublishStation } from './stations/Publish';
import { TillStation } from './stations/Till';
import { type StationProps } from './stations/station';
import { tokens } from './theme';
import { useProject } from './useProject';
import { useShop } from './useShop';
import { Window } from './Window';

const Hall = styled.div`
  height: 100vh;
  display: grid;
  grid-template-rows: auto minmax(0, 1fr);
  min-width: 900px;
`;

const Top = styled.header`
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto minmax(0, 1fr);
  align-items: end;
  padding: 8px 20px 0;
  border-bottom: 1px solid ${tokens.ink};
  background: ${tokens.stone};
  gap: 12px;
`;

const Name = styled.p`
  padding-bottom: 9px;
  min-width: 0;
  b {
    display: block;
    white-space: nowrap;
    overflow: hidden;
    text-overflow: ellipsis;
    font-weight: 600;
    font-size: 16px;
  }
  a {
    font-size: 13.5px;
  }
`;

const Steps = styled.div`
  display: flex;
  justify-content: flex-end;
  gap: 14px;
  align-items: baseline;
  padding-bottom: 5px;
  font-size: 13.5px;
  [role='status'] {
    color: ${tokens.soft};
    min-width: 3.6em;
    text-align: right;
  }
`;

const Floor = styled.div<{ $whole: boolean }>`
  display: grid;
  grid-template-columns: ${({ $whole }) => ($whole ? 'minmax(0, 1fr)' : '460px minmax(0, 1fr)')};
  min-height: 0;
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
const whole: ReadonlySet<Station> = new Set<Station>(['goods', 'orders']);

const sheets: Record<Station, (props: StationProps) => React.ReactNode> = {
  brief: BriefStation,
  goods: GoodsStation,
  plan: PlanStation,
  look: LookStation,
  till: TillStation,
  proof: ProofStation,
  publish: PublishStation,
  orders: OrdersStation,
};

/** The studio of one project: arcade, sheet and window. */
export function Studio({ id, station }: { id: string; station: Station }) {
  const { state, problem } = useProject(id);
  const [path, setPath] = useState('');
  const shop = useShop(state?.project ?? null, path);
  const [show, setShow] = useState<{ section: string; nonce: number } | null>(null);
  const [owner, setOwner] = useState<Owner | null>(null);
  const [orders, setOrders] = useState(0);

  useEffect(() => {
    void readOwner(id).then(setOwner);
  }, [id]);

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
  }, []);
  const onPath = useCallback((to: string) => goTo(to), [goTo]);

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
  const done = stationsDone(shop.summary?.findings ?? [], project.brief.trim() !== '' || project.goods.products.length > 0, {
    published: owner !== null,
    orders: orders > 0,
  });
  const Current = sheets[station];
  return (
    <Hall>
      <Top aria-label="Arcatum">
        <Name>
          <b>{shop.summary?.reading.name?.value ?? project.name}</b>
          <Link href="/">All projects</Link>
        </Name>
        <Arcade project={id} here={station} done={done} />
        <Steps>
          <TextButton
            onPress={state.undo}
            isDisabled={!state.canUndo}
            aria-label={state.canUndo ? `Undo: ${state.canUndo}` : 'Undo'}
          >
            Undo
          </TextButton>
          <TextButton
            onPress={state.redo}
            isDisabled={!state.canRedo}
            aria-label={state.canRedo ? `Redo: ${state.canRedo}` : 'Redo'}
          >
            Redo
          </TextButton>
          <span role="status">{state.saving === 'saved' ? 'Saved' : state.saving === 'saving' ? 'Saving …' : 'Not saved'}</span>
        </Steps>
      </Top>
      <Floor $whole={whole.has(station)}>
        <Sheet key={station} aria-label={station} tabIndex={0}>
          {state.saving !== 'saved' && state.saving !== 'saving' ? <Notice $kind="mend">{state.saving}</Notice> : null}
          {shop.fault ? <Notice $kind="mend">{shop.fault}</Notice> : null}
          <Current state={state} shop={shop} goTo={goTo} path={path} owner={owner} onOwner={setOwner} onOrders={setOrders} />
        </Sheet>
        {whole.has(station) ? null : (
          <Window
            shop={shop}
            path={path}
            onPath={onPath}
            show={show}
            onDecide={(place, value) => state.decide({ [place]: value })}
            onWithdraw={(place) => state.withdraw([place])}
          />
        )}
      </Floor>
    </Hall>
  );
}
