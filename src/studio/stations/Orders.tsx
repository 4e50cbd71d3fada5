'use client';

import { useCallback, useEffect, useState } from 'react';
import styled from 'styled-components';
import { formatMoney, minorDigits } from '@/core/till/page';
import { type Order } from '@/core/till';
import { markOrder, ordersOf, takeOrderFile } from '../host';
import { OpenFile } from '../OpenFile';
import { Button, Head, Notice, QuietButton, Row, Soft, TextButton } from '../parts';
import { tokens } from '../theme';
import { when } from '../when';
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

const Figures = styled.dl`
  border-top: 1px solid ${tokens.ink};
  div {
    display: flex;
    justify-content: space-between;
    gap: 12px;
    padding: 6px 0;
    border-bottom: 1px solid ${tokens.line};
  }
  .total {
    font-weight: 600;
  }
`;

const states: Record<Order['state'], string> = {
  'awaiting-payment': 'awaiting payment',
  paid: 'paid',
  refused: 'payment refused',
  expired: 'not paid in time',
  sent: 'sent',
};

const money = (amount: number, order: Order) =>
  formatMoney(amount, { currency: order.currency, digits: minorDigits(order.currency), locale: 'en-GB' });

/** Orders as the host keeps them, newest first, and the one at hand. */
export function OrdersStation({ owner, onOrders }: StationProps) {
  const [orders, setOrders] = useState<Order[] | null>(null);
  const [damage, setDamage] = useState<readonly { line: number; because: string }[]>([]);
  const [said, setSaid] = useState<{ kind: 'mend' | 'fine'; say: string } | null>(null);
  const [selected, setSelected] = useState('');

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

  const current = orders?.find((order) => order.number === selected) ?? orders?.[0];
  const mark = async (number: string, state: 'paid' | 'sent') => {
    const marked = await markOrder(owner, number, state);
    setSaid(marked.ok ? { kind: 'fine', say: `Order ${number} is marked as ${state}.` } : { kind: 'mend', say: marked.say });
    await read();
  };

  return (
    <Split>
      <div>
        <Row>
          <h1 style={{ marginRight: 'auto' }}>Orders</h1>
          <QuietButton onPress={() => void read()}>Look again</QuietButton>
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
        {orders?.length ? (
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
              {orders.map((order) => (
                <tr key={order.number} aria-selected={order.number === current?.number}>
                  <th scope="row">
                    <TextButton onPress={() => setSelected(order.number)}>{order.number}</TextButton>
                  </th>
                  <td>{when(order.placed)}</td>
                  <td>{order.buyer.name}</td>
                  <td>{states[order.state]}</td>
                  <td className="sum">{money(order.total, order)}</td>
                </tr>
              ))}
            </tbody>
          </List>
        ) : null}
      </div>
      <aside aria-label="The order">
        {current ? (
          <OrderSheet order={current} onMark={(state) => void mark(current.number, state)} />
        ) : (
          <Soft>Choose an order to see it.</Soft>
        )}
      </aside>
    </Split>
  );
}

function OrderSheet({ order, onMark }: { order: Order; onMark: (state: 'paid' | 'sent') => void }) {
  const { buyer } = order;
  return (
    <>
      <h2>
        Order {order.number}, {states[order.state]}
      </h2>
      <p>
        {buyer.name}
        <br />
        {[buyer.street, `${buyer.postcode} ${buyer.place}`.trim(), buyer.country].filter(Boolean).map((line) => (
          <span key={line}>
            {line}
            <br />
          </span>
        ))}
        <a href={`mailto:${buyer.email}`}>{buyer.email}</a>
        {buyer.phone ? `, ${buyer.phone}` : ''}
      </p>
      {buyer.note ? <Notice>{buyer.note}</Notice> : null}
      <Figures>
        {order.lines.map((line) => (
          <div key={line.variant}>
            <dt>
              {line.quantity} × {line.title}
            </dt>
            <dd>{money(line.sum, order)}</dd>
          </div>
        ))}
        {order.discount ? (
          <div>
            <dt>Discount {order.code}</dt>
            <dd>−{money(order.discount, order)}</dd>
          </div>
        ) : null}
        {order.delivery ? (
          <div>
            <dt>Delivery, {order.delivery.label}</dt>
            <dd>{money(order.delivery.price, order)}</dd>
          </div>
        ) : null}
        {order.taxes.map((tax) => (
          <div key={tax.taxClass}>
            <dt>
              {order.taxIncluded ? 'of which tax' : 'Tax'} {tax.rate / 100} %
            </dt>
            <dd>{money(tax.tax, order)}</dd>
          </div>
        ))}
        <div className="total">
          <dt>Total, {order.payment === 'card' ? 'by card' : 'by bank transfer'}</dt>
          <dd>{money(order.total, order)}</dd>
        </div>
      </Figures>
      <Row>
        {order.state === 'awaiting-payment' ? <Button onPress={() => onMark('paid')}>The payment has come</Button> : null}
        {order.state === 'paid' ? <Button onPress={() => onMark('sent')}>The parcel has left</Button> : null}
      </Row>
    </>
  );
}
