'use client';

import { useCallback, useEffect, useState } from 'react';
import styled from 'styled-components';
import { csvOf } from '@/core/csv';
import { type BookedOrder } from '@/core/till';
import { orderRows } from '@/core/till/page';
import { changeOrder, ordersOf, takeOrderFile, type OrderStep } from '../host';
import { OpenFile } from '../OpenFile';
import { download } from '../projects';
import { Choice, Field, Head, Notice, QuietButton, Row, Soft, TextButton } from '../parts';
import { tokens } from '../theme';
import { when } from '../when';
import { OrderSheet } from './orders/OrderSheet';
import { money, ordersIn, states, views, type View } from './orders/told';
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
`;

const List = styled.table`
  border-collapse: collapse;
  width: 100%;
  margin-top: 14px;
  th,
  td {
    text-align: left;
    padding: 8px 12px 8px 0;
    border-bottom: 1px solid ${tokens.line};
    vertical-align: baseline;
    font-weight: 400;
  }
  thead th {
    font-weight: 600;
    font-size: 13.5px;
    border-color: ${tokens.ink};
  }
  td.sum,
  th.sum {
    text-align: right;
  }
  tr[aria-selected='true'] {
    background: ${tokens.verdigrisPale};
  }
`;

const Sieve = styled.div`
  display: grid;
  grid-template-columns: minmax(0, 1fr) 200px;
  gap: 12px;
  margin-top: 14px;
`;

/** Rows that are shown at first, and further at each press. */
const perStretch = 100;

/** Orders as the host keeps them, newest first, and the one at hand. */
export function OrdersStation({ owner, onOrders }: StationProps) {
  const [orders, setOrders] = useState<BookedOrder[] | null>(null);
  const [damage, setDamage] = useState<readonly { line: number; because: string }[]>([]);
  const [said, setSaid] = useState<{ kind: 'mend' | 'fine'; say: string } | null>(null);
  const [selected, setSelected] = useState('');
  const [view, setView] = useState<View>('all');
  const [search, setSearch] = useState('');
  const [shown, setShown] = useState(perStretch);

  const read = useCallback(async () => {
    if (!owner) return;
    const found = await ordersOf(owner);
    if (found.ok) {
      setOrders(found.value.orders);
      setDamage(found.value.damage);
      onOrders(found.value.orders.length);
    } else setSaid({ kind: 'mend', say: found.say });
  }, [owner, onOrders]);

  useEffect(() => {
    // The host is an outside thing: its orders are asked for when the station opens, and every ten seconds.
    // eslint-disable-next-line react-hooks/set-state-in-effect
    void read();
    const timer = setInterval(() => void read(), 10_000);
    return () => clearInterval(timer);
  }, [read]);

  if (!owner) {
    return (
      <div style={{ padding: 24, display: 'grid', gap: 12, maxWidth: 560 }}>
        <Head title="Orders">Orders come in here once the shop is published.</Head>
        <Notice>The shop is not published yet. Publish it, and buy something yourself to see how it goes.</Notice>
      </div>
    );
  }

  const found = ordersIn(orders ?? [], view, search);
  const current = found.find((order) => order.number === selected) ?? found[0];
  const owing = (orders ?? []).filter(({ books }) => books.toGiveBack > 0).length;
  const step = async (number: string, wanted: OrderStep) => {
    const done = await changeOrder(owner, number, wanted);
    const what =
      'state' in wanted ? `is ${wanted.state}` : 'refund' in wanted ? 'is refunded in part' : 'has its money given back';
    setSelected(number);
    setSaid(done.ok ? { kind: 'fine', say: `Order ${number} ${what}.` } : { kind: 'mend', say: done.say });
    await read();
  };

  return (
    <Split>
      <div>
        <Row>
          <h1 style={{ marginRight: 'auto' }}>Orders</h1>
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
        {found.length ? (
          <List>
            <thead>
              <tr>
                <th scope="col">Order</th>
                <th scope="col">Placed</th>
                <th scope="col">Buyer</th>
                <th scope="col">State</th>
                <th scope="col" className="sum">
                  Total
                </th>
              </tr>
            </thead>
            <tbody>
              {found.slice(0, shown).map((order) => (
                <tr key={order.number} aria-selected={order.number === current?.number}>
                  <th scope="row">
                    <TextButton onPress={() => setSelected(order.number)}>{order.number}</TextButton>
                  </th>
                  <td>{when(order.placed)}</td>
                  <td>{order.buyer.name}</td>
                  <td>
                    {states[order.state]}
                    {order.books.toGiveBack ? `, ${money(order.books.toGiveBack, order)} to give back` : ''}
                  </td>
                  <td className="sum">{money(order.total, order)}</td>
                </tr>
              ))}
            </tbody>
          </List>
        ) : null}
        {found.length > shown ? (
          <Row style={{ marginTop: 10 }}>
            <QuietButton onPress={() => setShown(shown + perStretch)}>Show more</QuietButton>
            <Soft>
              {shown} of {found.length}
            </Soft>
          </Row>
        ) : null}
      </div>
      <aside aria-label="The order">
        {current ? (
          <OrderSheet order={current} onStep={(wanted) => void step(current.number, wanted)} />
        ) : (
          <Soft>Choose an order to see it.</Soft>
        )}
      </aside>
    </Split>
  );
}
