'use client';

import { useMemo, useState } from 'react';
import styled from 'styled-components';
import { figuresOf, type BookedOrder, type Grain } from '@/core/till/page';
import { Choice, Soft } from '../../parts';
import { narrow } from '../../theme';
import { Chart } from './Chart';
import { Table } from './Table';
import { money } from './told';

const Sheet = styled.div`
  overflow: auto;
  padding: 14px 24px 28px;
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
  gap: 26px 40px;
  align-content: start;
  ${narrow} {
    grid-template-columns: minmax(0, 1fr);
    padding: 12px 14px 24px;
  }
  > header {
    grid-column: 1 / -1;
    display: flex;
    gap: 14px;
    align-items: end;
  }
  > section {
    display: grid;
    gap: 8px;
    align-content: start;
  }
`;

const grains = [
  { id: 'day', name: 'By day' },
  { id: 'month', name: 'By month' },
] as const;

/** Rows of a table; its chart shows them all. */
const mostRows = 12;

/** Takings, orders, the best goods, codes, and tax due: each as a chart and a table. */
export function FiguresView({ orders }: { orders: readonly BookedOrder[] }) {
  const [grain, setGrain] = useState<Grain>('day');
  const currencies = useMemo(() => {
    const count = new Map<string, number>();
    for (const { currency } of orders) count.set(currency, (count.get(currency) ?? 0) + 1);
    return [...count].sort((a, b) => b[1] - a[1]).map(([id]) => ({ id, name: id }));
  }, [orders]);
  const [chosen, setChosen] = useState('');
  const currency = currencies.find(({ id }) => id === chosen)?.id ?? currencies[0]?.id ?? '';
  const figures = useMemo(() => figuresOf(orders.filter((order) => order.currency === currency), grain), [orders, currency, grain]); // prettier-ignore
  const { periods, goods, codes, taxes } = figures;
  if (!periods.length)
    return (
      <Sheet>
        <Soft>Nothing was paid yet, so there is nothing to count.</Soft>
      </Sheet>
    );
  const sum = (amount: number) => money(amount, { currency });
  const all = periods.reduce((a, b) => ({ takings: a.takings + b.takings, orders: a.orders + b.orders, paid: a.paid + b.paid }), { takings: 0, orders: 0, paid: 0 }); // prettier-ignore
  const average = all.orders ? Math.round(all.paid / all.orders) : 0;
  const shown = periods.filter(({ takings, orders: count }) => takings !== 0 || count !== 0).reverse();
  return (
    <Sheet>
      <header>
        <div style={{ marginRight: 'auto' }}>
          <h1 style={{ fontSize: 20 }}>
            {sum(all.takings)} came in, from {all.orders} {all.orders === 1 ? 'order' : 'orders'}
          </h1>
          <Soft>
            {sum(average)} an order on average. What gift cards pay came in when they were bought. Days are those of UTC.
          </Soft>
        </div>
        <Choice label="How" value={grain} options={grains} onChange={setGrain} />
        {currencies.length > 1 ? <Choice label="Currency" value={currency} options={currencies} onChange={setChosen} /> : null}
      </header>
      <section aria-label="Takings">
        <h2>Takings</h2>
        <Chart
          label="Takings over time"
          names={periods.map(({ at }) => at)}
          values={periods.map(({ takings }) => takings)}
          write={sum}
        />
        <Table>
          <thead>
            <tr>
              <th scope="col">{grain === 'day' ? 'Day' : 'Month'}</th>
              <th scope="col" className="sum">
                Takings
              </th>
              <th scope="col" className="sum">
                Orders
              </th>
              <th scope="col" className="sum">
                Average
              </th>
            </tr>
          </thead>
          <tbody>
            {shown.slice(0, mostRows).map(({ at, takings, orders: count, paid }) => (
              <tr key={at}>
                <th scope="row">{at}</th>
                <td className="sum">{sum(takings)}</td>
                <td className="sum">{count}</td>
                <td className="sum">{count ? sum(Math.round(paid / count)) : ''}</td>
              </tr>
            ))}
          </tbody>
        </Table>
        {shown.length > mostRows ? <Soft>The last {mostRows} of {shown.length}.</Soft> : null /* prettier-ignore */}
      </section>
      <section aria-label="Best goods">
        <h2>Best goods</h2>
        <Chart
          label="Best goods by what they brought"
          across
          names={goods.slice(0, 8).map(({ title }) => title)}
          values={goods.slice(0, 8).map(({ sum: brought }) => brought)}
          write={sum}
        />
        <Table>
          <thead>
            <tr>
              <th scope="col">What</th>
              <th scope="col" className="sum">
                Pieces
              </th>
              <th scope="col" className="sum">
                Brought
              </th>
            </tr>
          </thead>
          <tbody>
            {goods.slice(0, mostRows).map(({ title, pieces, sum: brought }) => (
              <tr key={title}>
                <th scope="row">{title}</th>
                <td className="sum">{pieces}</td>
                <td className="sum">{sum(brought)}</td>
              </tr>
            ))}
          </tbody>
        </Table>
      </section>
      <section aria-label="Tax">
        <h2>Tax, as invoices and credit notes say</h2>
        {taxes.length ? (
          <>
            <Chart
              label="Tax by month"
              names={[...new Set(taxes.map(({ at }) => at))]}
              values={[...new Set(taxes.map(({ at }) => at))].map((month) =>
                taxes.reduce((total, { at, tax }) => total + (at === month ? tax : 0), 0),
              )}
              write={sum}
            />
            <Table>
              <thead>
                <tr>
                  <th scope="col">Month</th>
                  <th scope="col">Rate</th>
                  <th scope="col" className="sum">
                    On
                  </th>
                  <th scope="col" className="sum">
                    Tax
                  </th>
                </tr>
              </thead>
              <tbody>
                {taxes.map(({ at, rate, net, tax }) => (
                  <tr key={`${at} ${rate}`}>
                    <th scope="row">{at}</th>
                    <td>{rate === null ? 'none' : `${rate / 100} %`}</td>
                    <td className="sum">{sum(net)}</td>
                    <td className="sum">{sum(tax)}</td>
                  </tr>
                ))}
              </tbody>
            </Table>
          </>
        ) : (
          <Soft>No invoice was issued yet. Say at “Till” who issues them.</Soft>
        )}
      </section>
      <section aria-label="Discounts">
        <h2>Discounts</h2>
        {codes.length ? (
          <>
            <Chart
              label="Orders by discount"
              across
              names={codes.slice(0, 8).map(({ code }) => code)}
              values={codes.slice(0, 8).map(({ orders: count }) => count)}
              write={String}
            />
            <Table>
              <thead>
                <tr>
                  <th scope="col">Discount</th>
                  <th scope="col" className="sum">
                    Orders
                  </th>
                  <th scope="col" className="sum">
                    Taken off
                  </th>
                </tr>
              </thead>
              <tbody>
                {codes.slice(0, mostRows).map(({ code, orders: count, off }) => (
                  <tr key={code}>
                    <th scope="row">{code}</th>
                    <td className="sum">{count}</td>
                    <td className="sum">{sum(off)}</td>
                  </tr>
                ))}
              </tbody>
            </Table>
          </>
        ) : (
          <Soft>None was used yet.</Soft>
        )}
      </section>
    </Sheet>
  );
}
