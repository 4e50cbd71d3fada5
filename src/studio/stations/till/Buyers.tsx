'use client';

import { useMemo, useState } from 'react';
import styled from 'styled-components';
import { countryOfTaxNumber, formatMoney, makeBill, stepsOf, totalsOf } from '@/core/till/page';
import { type Sold } from '@/workers/protocol';
import { Choice, Field, Notice, Soft, TextButton } from '../../parts';
import { tokens } from '../../theme';
import { countriesByName, Part } from './parts';
import { useRegions } from './regions';

const Worked = styled.dl`
  div {
    display: grid;
    grid-template-columns: minmax(0, 1fr) auto;
    gap: 0 12px;
    padding: 5px 0;
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

const Fields = styled.div`
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
  gap: 8px;
  .wide {
    grid-column: 1 / -1;
  }
`;

const Rows = styled.table`
  border-collapse: collapse;
  width: 100%;
  th,
  td {
    text-align: left;
    font-weight: 400;
    padding: 5px 0;
    border-bottom: 1px solid ${tokens.line};
    vertical-align: baseline;
  }
  td {
    text-align: right;
    white-space: nowrap;
  }
  tr[data-changed] {
    background: ${tokens.amberPale};
  }
  s {
    color: ${tokens.soft};
    margin-right: 8px;
  }
`;

/** What is sold, with the rules that it is sold by. */
interface BuyersProps {
  sold: Sold;
}

export const today = () => new Date().toISOString().slice(0, 10);

/** A buyer who can be anybody, worked out to the last digit. */
export function PretendBuyer({ sold: { rules, entries: some } }: BuyersProps) {
  const first = some.find(({ physical }) => physical) ?? some[0];
  const [buyer, setBuyer] = useState({
    things: [{ id: '', quantity: '1' }],
    country: '',
    region: '',
    postalCode: '',
    code: '',
    number: '',
  });
  const regionsOf = useRegions();
  const set = (part: Partial<typeof buyer>) => setBuyer({ ...buyer, ...part });
  if (!first) return <Notice>Bring in goods, and an order is worked out here.</Notice>;
  const lines = buyer.things.flatMap(({ id, quantity }) => {
    const entry = some.find((one) => one.id === id) ?? (id ? undefined : first);
    return entry
      ? [{ ...entry, variant: entry.id, quantity: Math.min(999, Math.max(1, Math.floor(Number(quantity)) || 1)) }]
      : [];
  });
  const country = buyer.country || rules.country;
  const depends = new Set([...rules.zones.flatMap(({ regions }) => regions), ...rules.tax.places.map(({ region }) => region)]);
  const parts = regionsOf(country).filter(({ code }) => depends.has(code));
  const region = parts.find(({ code }) => code === buyer.region)?.code ?? '';
  const business = buyer.number.trim() ? countryOfTaxNumber(buyer.number) : null;
  const bill = makeBill(rules, {
    lines,
    country,
    region,
    postalCode: buyer.postalCode,
    rate: '',
    code: buyer.code,
    business,
    today: today(),
  });
  const refused = bill.codes.filter(({ refused: why }) => why !== '');
  return (
    <Part aria-label="An order, worked out">
      <h2>An order, worked out</h2>
      <Fields>
        {buyer.things.map((thing, i) => (
          <div key={i} className="wide" style={{ display: 'grid', gridTemplateColumns: 'minmax(0, 1fr) 72px', gap: 8 }}>
            <Choice
              label={i ? `Thing ${i + 1}` : 'They buy'}
              value={thing.id || first.id}
              options={some.map(({ id, title }) => ({ id, name: title }))}
              onChange={(id) => set({ things: buyer.things.map((other, j) => (i === j ? { ...other, id } : other)) })}
            />
            <Field
              label="Number"
              value={thing.quantity}
              onChange={(quantity) => set({ things: buyer.things.map((other, j) => (i === j ? { ...other, quantity } : other)) })}
            />
          </div>
        ))}
        <Choice
          label="And live in"
          value={country}
          options={[{ id: '', name: 'Not said yet' }, ...countriesByName]}
          onChange={(code) => set({ country: code })}
        />
        {parts.length ? (
          <Choice
            label="In"
            value={region}
            options={[{ id: '', name: 'Any part of it' }, ...parts.map(({ code, name }) => ({ id: code, name }))]}
            onChange={(code) => set({ region: code })}
          />
        ) : null}
        <Field label="Postal code" value={buyer.postalCode} onChange={(postalCode) => set({ postalCode })} />
        <Field label="Codes, by commas" value={buyer.code} onChange={(code) => set({ code })} />
        <Field
          label="Tax number"
          value={buyer.number}
          onChange={(number) => set({ number })}
          wrong={buyer.number.trim() && !business ? 'This number has a slip in it.' : ''}
        />
      </Fields>
      {buyer.things.length < 5 ? (
        <div>
          <TextButton
            onPress={() => set({ things: [...buyer.things, { id: some[buyer.things.length]?.id ?? first.id, quantity: '1' }] })}
          >
            And another thing
          </TextButton>
        </div>
      ) : null}
      {refused.map(({ code, refused: why }) => (
        <Notice key={code}>
          {code}: {refusals[why]}
        </Notice>
      ))}
      <Worked>
        {stepsOf(bill, rules).map((step) => (
          <div key={step.what}>
            <dt>{step.what}</dt>
            <dd>{formatMoney(step.amount, rules)}</dd>
            <dd>
              {step.rule}
              {step.rounding ? `; rounded ${step.rounding}` : ''}
            </dd>
          </div>
        ))}
      </Worked>
      {bill.deliveryState === 'nowhere' ? (
        <Notice $kind="mend">No delivery rate fits this order, so it could not be placed.</Notice>
      ) : null}
    </Part>
  );
}

const refusals: Record<ReturnType<typeof makeBill>['codeRefused'], string> = {
  '': '',
  unknown: 'there is no such code.',
  'not-yet': 'it does not hold yet.',
  ended: 'its last day is over.',
  least: 'the goods cost less than it asks for.',
  'nothing-to-deliver': 'nothing is delivered.',
  'not-these': 'it is for other goods.',
  'used-up': 'it was used as often as it may be.',
  'used-by-you': 'this buyer used it before.',
  less: 'another discount is better for the buyer.',
};

/** Buyers as they come: what each pays, and what the last change of a rule did to it. */
export function TypicalBuyers({ sold: { rules, buyers } }: BuyersProps) {
  const now = useMemo(() => totalsOf(rules, buyers), [rules, buyers]);
  const [seen, setSeen] = useState({ now, before: now });
  if (seen.now !== now) setSeen({ now, before: seen.now });
  const written = (total: number | null | undefined) =>
    total === null ? 'not delivered' : total === undefined ? '' : formatMoney(total, rules);
  return (
    <Part aria-label="Typical buyers">
      <h2>{buyers.length === 1 ? 'One typical buyer' : `${buyers.length} typical buyers`}</h2>
      {buyers.length ? null : <Soft>Bring in goods, and buyers come.</Soft>}
      <Rows>
        <tbody>
          {buyers.map(({ id, who }) => {
            const total = now.get(id)?.total;
            const before = seen.before.get(id)?.total;
            const changed = before !== undefined && before !== total;
            return (
              <tr key={id} data-changed={changed || undefined}>
                <th scope="row">{who}</th>
                <td>
                  {changed ? <s>{written(before)}</s> : null}
                  {written(total)}
                </td>
              </tr>
            );
          })}
        </tbody>
      </Rows>
    </Part>
  );
}
