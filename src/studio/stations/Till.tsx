'use client';

import { useMemo } from 'react';
import styled from 'styled-components';
import { decidedGoods, priceListOf } from '@/core/goods/page';
import { Decided, set as place, tillPlaces } from '@/core/places';
import { Check, Head, SheetBody } from '../parts';
import { tokens } from '../theme';
import { type StationProps } from './station';
import { PretendBuyer, TypicalBuyers } from './till/Buyers';
import { Delivery } from './till/Delivery';
import { Discounts } from './till/Discounts';
import { Invoices } from './till/Invoices';
import { Questions } from './till/Questions';
import { anyText, Blank, Part, Sentence, wholeNumber, type PartProps } from './till/parts';
import { Tax } from './till/Tax';

const Split = styled.div`
  display: grid;
  grid-template-columns: minmax(0, 1fr) 430px;
  height: 100%;
  > * {
    overflow: auto;
    padding: 20px 24px 32px;
    display: grid;
    gap: 18px;
    align-content: start;
  }
  > aside {
    border-left: 1px solid ${tokens.line};
  }
`;

/** Products that are listed by name where a discount chooses among them; longer catalogues have shelves. */
const mostListed = 2000;

/** The till: its rules as sentences, and beside them what buyers pay by them. */
export function TillStation({ state, shop }: StationProps) {
  const rules = shop.summary?.rules;
  const { goods, decisions } = state.project;
  const moneyKnown = shop.summary?.moneyKnown ?? true;
  const digits = rules?.digits ?? goods.digits;
  const products = useMemo(
    () => decidedGoods(goods.products, new Decided(decisions), goods.digits, digits, moneyKnown).products,
    [goods, decisions, digits, moneyKnown],
  );
  const list = useMemo(() => [...priceListOf(products).values()], [products]);
  const sold = useMemo(
    () => ({
      products: products.slice(0, mostListed).map(({ id, title }) => ({ id, name: title })),
      shelves: [...new Set(products.flatMap(({ categories }) => categories))].map((name) => ({ id: name, name })),
    }),
    [products],
  );
  if (!rules) return <SheetBody role="status">Opening the till …</SheetBody>;
  return (
    <Split key={state.project.id}>
      <div>
        <Head title="Till">
          What buyers pay beside your prices. Nothing here is guessed, and nothing holds that you did not set.
        </Head>
        <Tax state={state} rules={rules} said={shop.summary?.saidOfPrices ?? []} />
        <Delivery state={state} rules={rules} said={shop.summary?.saidOfDelivery ?? []} />
        <Discounts state={state} rules={rules} sold={sold} />
        <Payment state={state} rules={rules} />
        <Questions state={state} rules={rules} />
        <Invoices state={state} rules={rules} />
      </div>
      <aside aria-label="What buyers pay">
        <TypicalBuyers rules={rules} list={list} />
        <PretendBuyer rules={rules} list={list} />
      </aside>
    </Split>
  );
}

function Payment({ state, rules }: PartProps) {
  const { payments } = rules;
  const set = (part: Partial<typeof payments>) => state.decide(place(tillPlaces.payments, { ...payments, ...part }));
  return (
    <Part aria-label="Payment">
      <h2>Payment</h2>
      <Check isSelected={payments.card} onChange={(card) => set({ card })}>
        Cards, through the provider
      </Check>
      <Check isSelected={payments.cash} onChange={(cash) => set({ cash })}>
        Cash, when it is delivered or fetched
      </Check>
      <Sentence>
        Bank transfers go to{' '}
        <Blank
          label="Bank transfer: where to"
          size={24}
          placeholder="name, bank, account"
          value={payments.bank}
          read={anyText}
          onSet={(bank) => set({ bank: bank.trim() })}
        />
        {payments.bank ? (
          <>
            {' '}
            and may take{' '}
            <Blank
              label="Days that a transfer may take"
              size={3}
              value={String(payments.bankDays)}
              read={wholeNumber(1, 90)}
              onSet={(text) => set({ bankDays: Number(text) })}
            />{' '}
            days before the goods go back on the shelf
          </>
        ) : null}
        .
      </Sentence>
    </Part>
  );
}
