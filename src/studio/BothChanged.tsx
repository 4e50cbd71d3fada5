'use client';

import styled from 'styled-components';
import { type Address } from '@/core/places';
import { type BothChanged as Changed } from '@/core/site';
import { Check } from './parts';

const List = styled.ul`
  display: grid;
  gap: 12px;
  li {
    display: grid;
    gap: 2px;
    overflow-wrap: anywhere;
  }
`;

/** What the seller changed and something new would too: theirs stands, unless they take the new one. */
export function BothChanged({
  both,
  what,
  taken,
  onTaken,
}: {
  both: readonly Changed[];
  /** What is new: "brief", "list". */
  what: string;
  /** Places at which the new one is taken in place of the seller's own. */
  taken: ReadonlySet<Address>;
  onTaken: (taken: ReadonlySet<Address>) => void;
}) {
  const take = (place: Address, on: boolean) =>
    onTaken(new Set([...[...taken].filter((one) => one !== place), ...(on ? [place] : [])]));
  return (
    <section aria-label={`What you and the ${what} both changed`}>
      <h3>You changed these, and the new {what} would too</h3>
      <List>
        {both.map(({ place, where, yours, before, after }) => (
          <li key={place}>
            <small>{where}</small>
            <p>
              <small>Yours:</small> {yours || 'left out'}
            </p>
            <p>
              <small>As made:</small> {before ? <del>{before}</del> : null}{' '}
              {after ? <ins>{after}</ins> : <small>nothing more</small>}
            </p>
            <Check isSelected={taken.has(place)} onChange={(on) => take(place, on)}>
              Take the new one
            </Check>
          </li>
        ))}
      </List>
    </section>
  );
}
