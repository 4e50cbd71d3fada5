'use client';

import { Checkbox } from 'react-aria-components';
import styled from 'styled-components';
import { decidedGoods, priceListOf } from '@/core/goods/page';
import { Decided, set as place, tillPlaces } from '@/core/places';
import { explainBill, makeBill } from '@/core/till/page';
import { countries } from '@/core/lexicon/about';
import { Choice, Head, Notice, SheetBody } from '../parts';
import { tokens } from '../theme';
import { type StationProps } from './station';
import { Codes, Delivery } from './TillDelivery';
import { anyText, Part, Reading, type PartProps } from './tillParts';

const countriesByName = countries
  .map(({ code, name }) => ({ id: code, name }))
  .sort((a, b) => a.name.localeCompare(b.name, 'en'));

const Check = styled(Checkbox)`
  display: flex;
  gap: 8px;
  align-items: center;
  min-height: 28px;
  cursor: pointer;
  &::before {
    content: '';
    width: 18px;
    height: 18px;
    border: 1px solid ${tokens.soft};
    background: #fff;
  }
  &[data-selected]::before {
    background: ${tokens.verdigris};
    box-shadow: inset 0 0 0 4px #fff;
  }
  &[data-focus-visible] {
    outline: 3px solid ${tokens.verdigris};
  }
`;

const Bill = styled.dl`
  div {
    display: grid;
    grid-template-columns: minmax(0, 1fr) auto;
    gap: 0 12px;
    padding: 6px 0;
    border-bottom: 1px solid ${tokens.line};
  }
  dt {
    font-weight: 600;
  }
  dd + dd {
    grid-column: 1 / -1;
    color: ${tokens.soft};
    font-size: 13.5px;
  }
`;

/** The worked bill: tax, delivery, discounts and payment, and what an order comes to under them. */
export function TillStation({ state, shop }: StationProps) {
  const rules = shop.summary?.rules;
  if (!rules) return <SheetBody role="status">Opening the till …</SheetBody>;
  return (
    <SheetBody key={state.project.id}>
      <Head title="Till">What buyers pay beside your prices. Nothing here is guessed.</Head>
      <WorkedBill state={state} rules={rules} moneyKnown={shop.summary?.moneyKnown ?? true} />
      <Tax state={state} rules={rules} />
      <Delivery state={state} rules={rules} />
      <Codes state={state} rules={rules} />
      <Payment state={state} rules={rules} />
    </SheetBody>
  );
}

function WorkedBill({ state, rules, moneyKnown }: PartProps & { moneyKnown: boolean }) {
  const { project } = state;
  const products = decidedGoods(
    project.goods.products,
    new Decided(project.decisions),
    project.goods.digits,
    rules.digits,
    moneyKnown,
  ).products;
  const some = products.filter((product) => product.kind === 'physical').slice(0, 2);
  const list = priceListOf(some);
  const lines = some.flatMap((product, i) => {
    const [variant] = product.variants;
    const entry = variant && list.get(variant.id);
    return variant && entry ? [{ ...entry, variant: variant.id, quantity: i + 1 }] : [];
  });
  if (!lines.length) return <Notice>Bring in goods, and an order is worked out here.</Notice>;
  const bill = makeBill(rules, { lines, country: rules.country, rate: '', code: '', today: '2000-01-01' });
  return (
    <Part aria-label="An order, worked out">
      <h2>An order from home, worked out</h2>
      <Bill>
        {explainBill(bill, rules).map((figure) => (
          <div key={figure.figure}>
            <dt>{figure.figure}</dt>
            <dd>{figure.amount}</dd>
            <dd>{figure.how}</dd>
          </div>
        ))}
      </Bill>
      {bill.deliveryState === 'nowhere' ? (
        <Notice $kind="mend">No delivery rate fits this order, so it could not be placed.</Notice>
      ) : null}
    </Part>
  );
}

function Tax({ state, rules }: PartProps) {
  const percentOf = (text: string) => Number(text.replace(',', '.').replace('%', '').trim());
  const isPercent = (text: string) =>
    text.trim() && percentOf(text) >= 0 && percentOf(text) <= 100
      ? ({ ok: true } as const)
      : ({ ok: false, say: 'Write a percentage from 0 to 100.' } as const);
  const set = (name: 'standard' | 'reduced', text: string) => {
    const taxes = { standard: 0, reduced: 0, ...rules.taxes, zero: 0 as const, [name]: Math.round(percentOf(text) * 100) };
    state.decide(place(tillPlaces.taxes, taxes));
  };
  return (
    <Part aria-label="Tax">
      <h2>Tax</h2>
      <Choice
        label="Your country"
        value={rules.country}
        options={[{ id: '', name: 'Not chosen yet' }, ...countriesByName]}
        onChange={(code) => (code ? state.decide(place(tillPlaces.country, code)) : state.withdraw(tillPlaces.country))}
      />
      {rules.taxes ? null : (
        <Notice>No rates are set. Ask your tax office or adviser which apply; write 0 if you charge none.</Notice>
      )}
      <div style={{ display: 'grid', gridTemplateColumns: '1fr 1fr', gap: 12 }}>
        <Reading
          label="Standard rate, %"
          value={rules.taxes ? String(rules.taxes.standard / 100) : ''}
          read={(text) => (text === '' && !rules.taxes ? anyText() : isPercent(text))}
          onSet={(text) => set('standard', text)}
        />
        <Reading
          label="Reduced rate, %"
          value={rules.taxes ? String(rules.taxes.reduced / 100) : ''}
          read={(text) => (text === '' && !rules.taxes ? anyText() : isPercent(text))}
          onSet={(text) => set('reduced', text)}
        />
      </div>
      <Check isSelected={rules.pricesIncludeTax} onChange={(value) => state.decide(place(tillPlaces.pricesIncludeTax, value))}>
        The prices in the list contain the tax
      </Check>
    </Part>
  );
}

function Payment({ state, rules }: PartProps) {
  return (
    <Part aria-label="Payment">
      <h2>Payment</h2>
      <Check
        isSelected={rules.payments.card}
        onChange={(card) => state.decide(place(tillPlaces.payments, { ...rules.payments, card }))}
      >
        Cards, through the provider
      </Check>
      <Reading
        label="Bank transfer: where to"
        value={rules.payments.bank}
        read={anyText}
        onSet={(bank) => state.decide(place(tillPlaces.payments, { ...rules.payments, bank: bank.trim() }))}
        placeholder="Name, bank, account"
      />
      {rules.payments.bank ? (
        <Reading
          label="Days that a transfer may take"
          value={String(rules.payments.bankDays)}
          read={(text) =>
            /^\d{1,2}$/.test(text.trim()) && Number(text) >= 1 && Number(text) <= 90
              ? ({ ok: true } as const)
              : ({ ok: false, say: 'Write a number of days from 1 to 90.' } as const)
          }
          onSet={(text) => state.decide(place(tillPlaces.payments, { ...rules.payments, bankDays: Number(text) }))}
        />
      ) : null}
    </Part>
  );
}
