'use client';

import { useMemo, useState } from 'react';
import styled from 'styled-components';
import { csvOf } from '@/core/csv';
import { customersOf, decimal, minorDigits, type BookedOrder } from '@/core/till/page';
import { Field, QuietButton, Row, Soft, TextButton, Unseen } from '../../parts';
import { download } from '../../projects';
import { when } from '../../when';
import { Table } from './Table';
import { money, plain } from './told';

const Sheet = styled.div`
  overflow: auto;
  padding: 14px 24px 28px;
  display: grid;
  gap: 14px;
  align-content: start;
`;

/** Rows that are shown: a longer list is looked through by its search. */
const mostShown = 200;

/** Who has bought, those who bought most first. */
export function Customers({ orders, onSee }: { orders: readonly BookedOrder[]; onSee: (email: string) => void }) {
  const [search, setSearch] = useState('');
  const customers = useMemo(() => customersOf(orders), [orders]);
  const found = customers.filter(({ name, email, place }) => plain(`${name} ${email} ${place}`).includes(plain(search.trim())));
  const spent = (of: Record<string, number>) =>
    Object.entries(of)
      .map(([currency, amount]) => money(amount, { currency }))
      .join(', ');
  if (!customers.length) return <Sheet><Soft>Nobody has bought yet.</Soft></Sheet>; // prettier-ignore
  return (
    <Sheet>
      <Unseen>Buyers</Unseen>
      <Row style={{ alignItems: 'end' }}>
        <div style={{ flex: 1, maxWidth: 420 }}>
          <Field label="Search" value={search} onChange={setSearch} placeholder="Name, e-mail, place" />
        </div>
        <QuietButton
          onPress={() =>
            download(
              new TextEncoder().encode(
                csvOf([
                  ['name', 'e-mail', 'town', 'orders', 'last order', 'currency', 'spent'],
                  ...found.flatMap(({ name, email, place, orders: count, last, spent: of }) =>
                    Object.entries(of).map(([currency, amount]) => [
                      ...[name, email, place, count, last, currency],
                      decimal(amount, minorDigits(currency)),
                    ]),
                  ),
                ]),
              ),
              'buyers.csv',
              'text/csv',
            )
          }
        >
          Save as CSV
        </QuietButton>
      </Row>
      {found.length ? (
        <Table>
          <thead>
            <tr>
              <th scope="col">Buyer</th>
              <th scope="col">E-mail</th>
              <th scope="col">Town</th>
              <th scope="col" className="sum">
                Paid orders
              </th>
              <th scope="col" className="sum">
                Spent
              </th>
              <th scope="col">Last order</th>
            </tr>
          </thead>
          <tbody>
            {found.slice(0, mostShown).map(({ email, name, place, orders: count, spent: of, last }) => (
              <tr key={email}>
                <th scope="row">
                  <TextButton onPress={() => onSee(email)}>{name}</TextButton>
                </th>
                <td>{email}</td>
                <td>{place}</td>
                <td className="sum">{count}</td>
                <td className="sum">{spent(of)}</td>
                <td>{when(last)}</td>
              </tr>
            ))}
          </tbody>
        </Table>
      ) : (
        <Soft>No buyer is like this.</Soft>
      )}
      {found.length > mostShown ? <Soft>{mostShown} of {found.length}: search for others.</Soft> : null /* prettier-ignore */}
    </Sheet>
  );
}
