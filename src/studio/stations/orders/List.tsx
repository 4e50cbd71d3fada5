'use client';

import { memo, useState } from 'react';
import styled from 'styled-components';
import { type BookedOrder } from '@/core/till';
import { QuietButton, Row, Soft, TextButton } from '../../parts';
import { when } from '../../when';
import { Table } from './Table';
import { money, standing } from './told';

const Rows = styled(Table)`
  margin-top: 14px;
`;

/** Rows that are shown at first, and further at each press. */
const perStretch = 60;

interface ListProps {
  orders: readonly BookedOrder[];
  /** The number of the one at hand. */
  selected: string;
  onSelect: (number: string) => void;
}

/** Orders in a table, a stretch of them at a time. It is drawn anew where they or the one at hand change, not at each key of a search. */
export const List = memo(function List({ orders, selected, onSelect }: ListProps) {
  const [shown, setShown] = useState(perStretch);
  return (
    <>
      <Rows>
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
          {orders.slice(0, shown).map((order) => (
            <OrderRow key={order.number} order={order} isSelected={order.number === selected} onSelect={onSelect} />
          ))}
        </tbody>
      </Rows>
      {orders.length > shown ? (
        <Row style={{ marginTop: 10 }}>
          <QuietButton onPress={() => setShown(shown + perStretch)}>Show more</QuietButton>
          <Soft>
            {shown} of {orders.length}
          </Soft>
        </Row>
      ) : null}
    </>
  );
});

const OrderRow = memo(function OrderRow({
  order,
  isSelected,
  onSelect,
}: {
  order: BookedOrder;
  isSelected: boolean;
  onSelect: (number: string) => void;
}) {
  return (
    <tr aria-selected={isSelected}>
      <th scope="row">
        <TextButton onPress={() => onSelect(order.number)}>{order.number}</TextButton>
      </th>
      <td>{when(order.placed)}</td>
      <td>{order.buyer.name}</td>
      <td>
        {standing(order)}
        {order.books.toGiveBack ? `, ${money(order.books.toGiveBack, order)} to give back` : ''}
      </td>
      <td className="sum">{money(order.total, order)}</td>
    </tr>
  );
});
