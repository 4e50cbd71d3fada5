'use client';

import { useState } from 'react';
import { ownProduct, productHidden, set } from '@/core/places';
import { Field, QuietButton, Row, Soft, TextButton } from '../../parts';
import { useAsked } from '../../useAsked';
import { type StationProps } from '../station';
import { Lines } from './lines';

const mostShown = 20;

/** What stood on earlier lists, and what was taken out by hand: found here, and put back. */
export function Former({ state, shop }: Pick<StationProps, 'state' | 'shop'>) {
  const [open, setOpen] = useState(false);
  const [find, setFind] = useState('');
  const aside = useAsked(shop, 'aside', { find, count: mostShown });
  if (!aside) return null;
  const { former, hidden, found, rows } = aside;
  if (!former && !hidden) return null;
  const said = [
    former ? `${former === 1 ? 'One thing' : `${former} things`} that the list has no more` : '',
    hidden ? `${hidden === 1 ? 'one' : hidden} that you took out` : '',
  ].filter(Boolean);
  const putBack = async ({ id, isHidden }: (typeof rows)[number]) => {
    if (isHidden) return state.withdraw(productHidden(id));
    const listed = await shop.worker?.ask('listed', { id });
    if (listed?.former) state.decide(set(ownProduct(id), listed.former), 'Put a product back');
  };
  return (
    <section aria-label="Set aside" style={{ display: 'grid', gap: 8, justifyItems: 'start' }}>
      <h3>Set aside</h3>
      <Soft>{said.join(', and ')}. What you changed of them is kept, too.</Soft>
      <TextButton aria-expanded={open} onPress={() => setOpen(!open)}>
        {open ? 'Put them away' : 'See what is set aside'}
      </TextButton>
      {open ? (
        <>
          {former + hidden > mostShown ? <Field label="Find among what is set aside" value={find} onChange={setFind} /> : null}
          <Lines>
            {rows.map((row) => (
              <li key={row.id}>
                <Row>
                  <span style={{ marginRight: 'auto' }}>{row.title}</span>
                  <QuietButton aria-label={`Put back ${row.title}`} onPress={() => void putBack(row)}>
                    Put back
                  </QuietButton>
                </Row>
              </li>
            ))}
          </Lines>
          {found > rows.length ? <Soft>and {found - rows.length} more: find narrows them.</Soft> : null}
        </>
      ) : null}
    </section>
  );
}
