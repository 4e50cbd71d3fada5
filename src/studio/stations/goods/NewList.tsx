'use client';

import { useState } from 'react';
import styled from 'styled-components';
import { type CellChange, type ChangedField, type ListChanges, type Named, type SaidSame } from '@/core/goods';
import { type ShownChanges } from '@/workers/protocol';
import { type Address } from '@/core/places';
import { type BothChanged as Changed } from '@/core/site';
import { formatMoney } from '@/core/till/page';
import { type TillRules } from '@/core/till';
import { BothChanged } from '../../BothChanged';
import { Button, QuietButton, Row, Soft, TextButton } from '../../parts';
import { tokens } from '../../theme';

const Sheet = styled.section`
  overflow: auto;
  padding: 18px 24px 32px;
  display: grid;
  gap: 18px;
  align-content: start;
  h3 {
    margin-bottom: 4px;
  }
  > div {
    max-width: 1080px;
  }
`;

const Counts = styled.dl`
  display: flex;
  gap: 0;
  border: 1px solid ${tokens.ink};
  width: fit-content;
  div {
    display: grid;
    padding: 8px 22px 9px 14px;
    border-right: 1px solid ${tokens.line};
    &:last-child {
      border-right: 0;
    }
  }
  dt {
    font-size: 13.5px;
    color: ${tokens.soft};
    order: 1;
  }
  dd {
    font-size: 21px;
    font-weight: 600;
    font-variant-numeric: tabular-nums;
  }
`;

const Cells = styled.table`
  border-collapse: collapse;
  width: 100%;
  th,
  td {
    text-align: left;
    vertical-align: top;
    padding: 6px 14px 6px 0;
    border-bottom: 1px solid ${tokens.line};
    font-weight: 400;
    overflow-wrap: anywhere;
  }
  thead th {
    font-weight: 600;
    font-size: 13.5px;
    border-bottom-color: ${tokens.ink};
  }
  tbody th {
    font-weight: 600;
  }
  .was {
    color: ${tokens.soft};
  }
  label {
    display: flex;
    gap: 7px;
    align-items: baseline;
    min-height: 26px;
  }
`;

const Names = styled.ul`
  columns: 3 220px;
  list-style: none;
  margin: 0;
  padding: 0;
  li {
    padding: 3px 0;
    break-inside: avoid;
  }
`;

const called: Record<ChangedField, string> = {
  title: 'Title',
  description: 'Description',
  categories: 'Categories',
  particulars: 'Particulars',
  options: 'What is chosen by',
  pictures: 'Pictures',
  kind: 'Kind of thing',
  taxClass: 'Tax class',
  variant: 'To choose',
  price: 'Price',
  earlierPrice: 'Earlier price',
  cost: 'What it costs you',
  sku: 'Code',
  gtin: 'Barcode',
  stock: 'Stock',
  weight: 'Weight',
};

const isMoney: ReadonlySet<ChangedField> = new Set(['price', 'earlierPrice', 'cost', 'variant']);
const mostNames = 90;

function sayValue(value: string | number | null, field: ChangedField, rules: TillRules | undefined): string {
  if (value === null) return field === 'variant' ? 'none' : field === 'stock' ? 'not counted' : 'not said';
  if (typeof value === 'number' && isMoney.has(field)) return rules ? formatMoney(value, rules) : String(value);
  if (field === 'weight') return value ? `${value} g` : 'not said';
  return value === '' ? 'nothing' : String(value).slice(0, 300);
}

/** What a further list would change, cell by cell, before anything is done. */
export function NewList({
  name,
  before,
  changes,
  both,
  rules,
  onSame,
  onTake,
  onLeave,
}: {
  name: string;
  before: string;
  changes: ShownChanges;
  /** What the seller changed of the shop and the list would change too. */
  both: readonly Changed[];
  rules: TillRules | undefined;
  /** Says which new goods are old ones under another name. */
  onSame: (said: SaidSame) => void;
  /** Takes the list. What is given up of one's own changes is named by its places. */
  onTake: (givenUp: Address[]) => void;
  onLeave: () => void;
}) {
  const [said, setSaid] = useState<SaidSame>({});
  const [givenUp, setGivenUp] = useState<ReadonlySet<Address>>(new Set());
  const { added, back, gone, changed, same, unsure, counts } = changes;
  const { conflicts } = counts;
  const say = (fresh: string, old: string | null) => {
    const next = { ...said, [fresh]: old };
    setSaid(next);
    onSame(next);
  };
  return (
    <Sheet aria-label="What the new list changes">
      <div>
        <h2>What “{name}” changes</h2>
        <Soft>
          Things are known again by their code, then their barcode, then their name; what you changed by hand stays with them.
        </Soft>
      </div>
      <Counts>
        {[
          ['New', counts.added],
          ['Changed', counts.changed],
          ['As before', same],
          ['Gone', counts.gone],
          ...(counts.back ? [['Back again', counts.back] as const] : []),
        ].map(([label, count]) => (
          <div key={label}>
            <dt>{label}</dt>
            <dd>{count}</dd>
          </div>
        ))}
      </Counts>
      <Row>
        <Button onPress={() => onTake([...givenUp])}>Take the new list</Button>
        <QuietButton onPress={onLeave}>{before ? `Stay with “${before}”` : 'Stay with what is there'}</QuietButton>
        {conflicts ? (
          <span>
            {conflicts === 1 ? 'One cell has' : `${conflicts} cells have`} a change of your own as well: yours stays unless you
            choose the list’s.
          </span>
        ) : null}
      </Row>
      {both.length ? <BothChanged both={both} what="list" taken={givenUp} onTaken={setGivenUp} /> : null}
      {unsure.length ? <Unsure pairs={unsure} onSay={say} /> : null}
      {changed.length ? (
        <div role="region" aria-label="Changed">
          <h3>Changed</h3>
          <Cells>
            <thead>
              <tr>
                <th scope="col">Thing</th>
                <th scope="col">What</th>
                <th scope="col">Was</th>
                <th scope="col">Is to be</th>
                <th scope="col">Yours, by hand</th>
              </tr>
            </thead>
            <tbody>
              {changed.flatMap(({ id, title, cells }) =>
                cells.map((cell, i) => (
                  <Change
                    key={`${id} ${i}`}
                    title={i === 0 ? title : ''}
                    of={title}
                    cell={cell}
                    rules={rules}
                    isGivenUp={cell.yours !== null && givenUp.has(cell.yours.place)}
                    onGiveUp={(place, gives) => {
                      const next = new Set(givenUp);
                      if (gives) next.add(place);
                      else next.delete(place);
                      setGivenUp(next);
                    }}
                  />
                )),
              )}
            </tbody>
          </Cells>
          {counts.changed > changed.length ? <Soft>and {counts.changed - changed.length} more things.</Soft> : null}
        </div>
      ) : null}
      <Listed label="New" things={added} count={counts.added} />
      <Listed
        label="Back again"
        things={back}
        count={counts.back}
        say="They were set aside when an earlier list had them no more."
      />
      <Listed
        label="Gone"
        things={gone}
        count={counts.gone}
        say="They leave the shop and are set aside: they can be put back under the list, and come back by themselves with a list that has them."
      />
    </Sheet>
  );
}

function Unsure({ pairs, onSay }: { pairs: ListChanges['unsure']; onSay: (fresh: string, old: string | null) => void }) {
  return (
    <div role="region" aria-label="Which only you know">
      <h3>The same thing under another name?</h3>
      <Soft>Until you say so, the one is new and the other gone.</Soft>
      <Cells>
        <thead>
          <tr>
            <th scope="col">On the new list</th>
            <th scope="col">On the old one</th>
            <th scope="col">Is it the same?</th>
          </tr>
        </thead>
        <tbody>
          {pairs.map(({ fresh, old }) => (
            <tr key={fresh.id}>
              <th scope="row">{fresh.title}</th>
              <td>{old.title}</td>
              <td>
                <Row>
                  <QuietButton aria-label={`${fresh.title} is the same as ${old.title}`} onPress={() => onSay(fresh.id, old.id)}>
                    The same
                  </QuietButton>
                  <TextButton
                    aria-label={`${fresh.title} is another thing than ${old.title}`}
                    onPress={() => onSay(fresh.id, null)}
                  >
                    Another thing
                  </TextButton>
                </Row>
              </td>
            </tr>
          ))}
        </tbody>
      </Cells>
    </div>
  );
}

function Change({
  title,
  of,
  cell,
  rules,
  isGivenUp,
  onGiveUp,
}: {
  title: string;
  of: string;
  cell: CellChange;
  rules: TillRules | undefined;
  isGivenUp: boolean;
  onGiveUp: (place: Address, gives: boolean) => void;
}) {
  const { field, variant, was, becomes, yours } = cell;
  const what = [called[field], variant].filter(Boolean).join(', ');
  return (
    <tr>
      <th scope="row">{title}</th>
      <td>{what}</td>
      <td className="was">{sayValue(was, field, rules)}</td>
      <td>{sayValue(becomes, field, rules)}</td>
      <td>
        {yours ? (
          <>
            {sayValue(yours.value, field, rules)}
            <label>
              <input
                type="checkbox"
                checked={isGivenUp}
                aria-label={`Take the list’s instead of yours: ${what} of ${of}`}
                onChange={(event) => onGiveUp(yours.place, event.target.checked)}
              />
              take the list’s instead
            </label>
          </>
        ) : null}
      </td>
    </tr>
  );
}

function Listed({ label, things, count, say }: { label: string; things: readonly Named[]; count: number; say?: string }) {
  if (!things.length) return null;
  return (
    <div role="region" aria-label={label}>
      <h3>{label}</h3>
      {say ? <Soft>{say}</Soft> : null}
      <Names>
        {things.slice(0, mostNames).map(({ id, title }) => (
          <li key={id}>{title}</li>
        ))}
      </Names>
      {count > Math.min(things.length, mostNames) ? <Soft>and {count - Math.min(things.length, mostNames)} more.</Soft> : null}
    </div>
  );
}
