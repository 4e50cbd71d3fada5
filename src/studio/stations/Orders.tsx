'use client';

import { useCallback, useDeferredValue, useEffect, useMemo, useRef, useState } from 'react';
import { ToggleButtonGroup } from 'react-aria-components';
import styled from 'styled-components';
import { csvOf } from '@/core/csv';
import { type BookedOrder } from '@/core/till';
import { orderRows } from '@/core/till/page';
import { changeOrder, ordersOf, takeOrderFile, type OrderStep } from '../host';
import { OpenFile } from '../OpenFile';
import { download } from '../projects';
import { BackOnly, Choice, Field, Head, Notice, overAll, QuietButton, Row, Soft, Tab, TextButton, Unseen } from '../parts';
import { narrow, tokens } from '../theme';
import { Customers } from './orders/Customers';
import { FiguresView } from './orders/Figures';
import { LetterWords } from './orders/LetterWords';
import { OrderSheet } from './orders/OrderSheet';
import { List } from './orders/List';
import { ordersIn, readInto, views, type View } from './orders/told';
import { type StationProps } from './station';

const Split = styled.div`
  display: grid;
  grid-template-columns: minmax(0, 1fr) 420px;
  height: 100%;
  > * {
    overflow: auto;
    padding: 20px 24px;
  }
  aside {
    border-left: 1px solid ${tokens.line};
    display: grid;
    gap: 12px;
    align-content: start;
  }
  ${narrow} {
    grid-template-columns: minmax(0, 1fr);
    > * {
      padding: 14px;
    }
    aside {
      ${overAll}
    }
    aside:not([data-open]) {
      display: none;
    }
  }
`;

const Sieve = styled.div`
  display: grid;
  grid-template-columns: minmax(0, 1fr) 200px;
  gap: 12px;
  margin-top: 14px;
`;

/** What a step makes of an order, as the end of a sentence. */
function becomes(step: OrderStep): string {
  if ('state' in step) return step.state === 'sent' && step.lines.length ? 'is sent in part' : `is ${step.state}`;
  if ('refund' in step) return 'is refunded in part';
  if ('ready' in step) return 'lies ready, and its buyer was written to';
  if ('agreed' in step) return 'has its time, and its buyer was written to';
  if ('relink' in step) return 'has its link open anew, and its buyer was written to';
  if ('note' in step) return 'has your note';
  if ('repeat' in step) return { running: 'goes on', paused: 'is paused', stopped: 'is stopped' }[step.repeat.state];
  return 'papers' in step ? 'has its papers' : 'has its money given back';
}

const Hall = styled.div`
  display: grid;
  grid-template-rows: auto minmax(0, 1fr);
  height: 100%;
  > :first-child {
    padding: 14px 24px 0;
  }
`;

const rooms = [
  { id: 'orders', name: 'Orders' },
  { id: 'buyers', name: 'Buyers' },
  { id: 'figures', name: 'Figures' },
  { id: 'letters', name: 'Letters' },
] as const;
type Room = (typeof rooms)[number]['id'];

/** Orders as the host keeps them, newest first, and the one at hand; who buys, what it comes to, and what is written to buyers. */
export function OrdersStation({ owner, state, shop, onOrders }: StationProps) {
  const [room, setRoom] = useState<Room>('orders');
  const [orders, setOrders] = useState<BookedOrder[] | null>(null);
  const [damage, setDamage] = useState<readonly { line: number; because: string }[]>([]);
  const [said, setSaid] = useState<{ kind: 'mend' | 'fine'; say: string } | null>(null);
  const [selected, setSelected] = useState('');
  const [view, setView] = useState<View>('all');
  const [search, setSearch] = useState('');
  /** The state of the orders that is shown, and of which address. */
  const revision = useRef({ of: '', name: '' });

  const read = useCallback(async () => {
    if (!owner) return;
    const found = await ordersOf(owner, revision.current.of === owner.address ? revision.current.name : '');
    if (found.ok) {
      if (!found.value) return;
      revision.current = { of: owner.address, name: found.value.revision };
      const { orders: all } = found.value;
      setOrders(all);
      void readInto(all);
      setDamage(found.value.damage);
      onOrders(all.length);
    } else setSaid({ kind: 'mend', say: found.say });
  }, [owner, onOrders]);

  useEffect(() => {
    // The host is an outside thing: its orders are asked for when the station opens, and every ten seconds.
    void read();
    const timer = setInterval(() => void read(), 10_000);
    return () => clearInterval(timer);
  }, [read]);

  // Keys of a search come before what they find.
  const wanted = useDeferredValue(search);
  const found = useMemo(() => ordersIn(orders ?? [], view, wanted), [orders, view, wanted]);
  const owing = useMemo(() => (orders ?? []).filter(({ books }) => books.toGiveBack > 0).length, [orders]);

  const rules = shop.summary?.rules;
  const palette = shop.summary?.look.palette;
  const look = useMemo(() => palette && { ground: palette.ground, ink: palette.text, accent: palette.accent }, [palette]);
  const tabs = (
    <ToggleButtonGroup
      aria-label="What of the orders is shown"
      selectionMode="single"
      disallowEmptySelection
      selectedKeys={[room]}
      onSelectionChange={(keys) => {
        const chosen = rooms.find(({ id }) => keys.has(id));
        if (chosen) setRoom(chosen.id);
      }}
    >
      {rooms.map(({ id, name }) => (
        <Tab key={id} id={id}>
          {name}
        </Tab>
      ))}
    </ToggleButtonGroup>
  );
  if (room === 'letters')
    return (
      <Hall>
        <div>{tabs}</div>
        {rules ? (
          <LetterWords
            state={state}
            rules={rules}
            shop={shop.summary?.name ?? state.project.name}
            look={look}
            last={orders?.[0] ?? null}
          />
        ) : (
          <p role="status">Opening the letters …</p>
        )}
      </Hall>
    );
  if (owner && (room === 'buyers' || room === 'figures'))
    return (
      <Hall>
        <div>{tabs}</div>
        {orders === null ? (
          <p role="status">Asking the host …</p>
        ) : room === 'buyers' ? (
          <Customers
            orders={orders}
            onSee={(email) => {
              setSearch(email);
              setView('all');
              setRoom('orders');
            }}
          />
        ) : (
          <FiguresView orders={orders} />
        )}
      </Hall>
    );
  if (!owner) {
    return (
      <div style={{ padding: '14px 24px', display: 'grid', gap: 12, maxWidth: 560 }}>
        {tabs}
        <Head title="Orders">Orders come in here once the shop is published.</Head>
        <Notice>The shop is not published yet. Publish it, and buy something yourself to see how it goes.</Notice>
      </div>
    );
  }

  const current = found.find((order) => order.number === selected) ?? found[0];
  const step = async (number: string, wanted: OrderStep) => {
    const done = await changeOrder(owner, number, wanted);
    setSelected(number);
    setSaid(done.ok ? { kind: 'fine', say: `Order ${number} ${becomes(wanted)}.` } : { kind: 'mend', say: done.say });
    await read();
  };

  return (
    <Split>
      <div>
        <Row>
          <div style={{ marginRight: 'auto' }}>
            <Unseen>Orders</Unseen>
            {tabs}
          </div>
          <QuietButton onPress={() => void read()}>Look again</QuietButton>
          {found.length ? (
            <QuietButton onPress={() => download(new TextEncoder().encode(csvOf(orderRows(found))), 'orders.csv', 'text/csv')}>
              Save as CSV
            </QuietButton>
          ) : null}
          <OpenFile
            quiet
            accept={['application/json', '.json']}
            onOpen={([file]) => {
              if (!file) return;
              void takeOrderFile(owner, new TextDecoder().decode(file.bytes)).then(async (taken) => {
                setSaid(
                  taken.ok
                    ? { kind: 'fine', say: `Order ${taken.value.number} is in, worked out anew from your prices.` }
                    : { kind: 'mend', say: taken.say },
                );
                if (taken.ok) setSelected(taken.value.number);
                await read();
              });
            }}
          >
            Take in an order file
          </OpenFile>
        </Row>
        {said ? (
          <div role="status" style={{ marginTop: 10 }}>
            <Notice $kind={said.kind}>{said.say}</Notice>
          </div>
        ) : null}
        {damage.length ? (
          <div role="alert" style={{ marginTop: 10 }}>
            <Notice $kind="mend">
              {damage.length === 1 ? 'One record' : `${damage.length} records`} of this shop’s orders can’t be read (
              {damage.map(({ line, because }) => `line ${line}: ${because}`).join('; ')}), so an order or a payment may be missing
              here. Nothing of it was removed: it stands in <i>orders.jsonl</i> of the host.
            </Notice>
          </div>
        ) : null}
        {orders === null ? <p role="status">Asking the host …</p> : null}
        {orders?.length === 0 ? (
          <Soft style={{ marginTop: 14 }}>No orders yet. Buy something in the shop to see how it goes.</Soft>
        ) : null}
        {owing && view !== 'back' ? (
          <Notice as="div" $kind="todo" style={{ marginTop: 10 }}>
            <Row>
              <span>{owing === 1 ? 'Of one order' : `Of ${owing} orders`} money is to be given back.</span>
              <TextButton onPress={() => setView('back')}>See {owing === 1 ? 'it' : 'them'}</TextButton>
            </Row>
          </Notice>
        ) : null}
        {orders?.length ? (
          <Sieve>
            <Field label="Search" value={search} onChange={setSearch} placeholder="Number, buyer, place, goods" />
            <Choice label="What to see" value={view} options={views} onChange={setView} />
          </Sieve>
        ) : null}
        {orders?.length && !found.length ? <Soft style={{ marginTop: 14 }}>No order is like this.</Soft> : null}
        {found.length ? <List key={view} orders={found} selected={current?.number ?? ''} onSelect={setSelected} /> : null}
      </div>
      <aside aria-label="The order" data-open={current ? '' : undefined}>
        {current ? <BackOnly onPress={() => setSelected('')}>Back to the orders</BackOnly> : null}
        {current ? (
          <OrderSheet order={current} owner={owner} onStep={(wanted) => void step(current.number, wanted)} />
        ) : (
          <Soft>Choose an order to see it.</Soft>
        )}
      </aside>
    </Split>
  );
}
