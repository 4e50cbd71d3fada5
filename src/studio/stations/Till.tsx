'use client';

import { useMemo, type ComponentType } from 'react';
import styled from 'styled-components';
import { decidedGoods, priceListOf } from '@/core/goods/page';
import { Decided } from '@/core/places';
import { type RuleId } from '@/core/till';
import { Head, SheetBody } from '../parts';
import { narrow, tokens } from '../theme';
import { type StationProps } from './station';
import { PretendBuyer, TypicalBuyers } from './till/Buyers';
import { Delivery } from './till/Delivery';
import { Discounts } from './till/Discounts';
import { Invoices } from './till/Invoices';
import { Questions } from './till/Questions';
import { type FieldProps } from './till/parts';
import { Payment } from './till/Payment';
import { Returns } from './till/Returns';
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
  ${narrow} {
    display: block;
    height: auto;
    > * {
      overflow: visible;
      padding: 16px 14px 24px;
      grid-template-columns: minmax(0, 1fr);
    }
    > aside {
      border-left: 0;
      border-top: 1px solid ${tokens.ink};
    }
  }
`;

/** Products that are listed by name where a discount chooses among them; longer catalogues have shelves. */
const mostListed = 2000;

/** Where each rule is set, from the top down; letters are written at “Orders”. A rule without its field is red. */
const fields: Record<RuleId, ComponentType<FieldProps> | null> = {
  country: Tax,
  pricesIncludeTax: Tax,
  taxes: Tax,
  tax: Tax,
  zones: Delivery,
  codes: Discounts,
  payments: Payment,
  returnsDays: Returns,
  presents: Questions,
  questions: Questions,
  invoices: Invoices,
  letters: null,
};

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
        {[...new Set(Object.values(fields))].map((RuleField, i) =>
          RuleField ? (
            <RuleField
              key={i}
              state={state}
              rules={rules}
              sold={sold}
              saidOfPrices={shop.summary?.saidOfPrices ?? []}
              saidOfDelivery={shop.summary?.saidOfDelivery ?? []}
            />
          ) : null,
        )}
      </div>
      <aside aria-label="What buyers pay">
        <TypicalBuyers rules={rules} list={list} />
        <PretendBuyer rules={rules} list={list} />
      </aside>
    </Split>
  );
}
