'use client';

import { type ComponentType } from 'react';
import styled from 'styled-components';
import { type RuleId } from '@/core/till';
import { Head, SheetBody } from '../parts';
import { narrow, tokens } from '../theme';
import { type StationProps } from './station';
import { useAsked } from '../useAsked';
import { PretendBuyer, today, TypicalBuyers } from './till/Buyers';
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

const nothingYet = { products: [], shelves: [] };

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
  const sold = useAsked(shop, 'sold', { today: today() });
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
              sold={sold ?? nothingYet}
              saidOfPrices={shop.summary?.saidOfPrices ?? []}
              saidOfDelivery={shop.summary?.saidOfDelivery ?? []}
            />
          ) : null,
        )}
      </div>
      <aside aria-label="What buyers pay">
        {sold ? <TypicalBuyers sold={sold} /> : null}
        {sold ? <PretendBuyer sold={sold} /> : null}
      </aside>
    </Split>
  );
}
