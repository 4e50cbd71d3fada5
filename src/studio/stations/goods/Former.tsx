'use client';

import { useState } from 'react';
import { ownProduct, productHidden, set } from '@/core/places';
import { type Product } from '@/core/project';
import { Field, QuietButton, Row, Soft, TextButton } from '../../parts';
import { type ProjectState } from '../../useProject';
import { Lines } from './lines';

const mostShown = 20;

/** What stood on earlier lists, and what was taken out by hand: found here, and put back. */
export function Former({
  state,
  former,
  hidden,
}: {
  state: ProjectState;
  former: readonly Product[];
  /** On the list, and taken out of the shop. */
  hidden: readonly Product[];
}) {
  const [open, setOpen] = useState(false);
  const [find, setFind] = useState('');
  const all = [...hidden, ...former];
  if (!all.length) return null;
  const isHidden = new Set(hidden);
  const found = all.filter(({ title }) => title.toLowerCase().includes(find.trim().toLowerCase()));
  const said = [
    former.length ? `${former.length === 1 ? 'One thing' : `${former.length} things`} that the list has no more` : '',
    hidden.length ? `${hidden.length === 1 ? 'one' : hidden.length} that you took out` : '',
  ].filter(Boolean);
  return (
    <section aria-label="Set aside" style={{ display: 'grid', gap: 8, justifyItems: 'start' }}>
      <h3>Set aside</h3>
      <Soft>{said.join(', and ')}. What you changed of them is kept, too.</Soft>
      <TextButton aria-expanded={open} onPress={() => setOpen(!open)}>
        {open ? 'Put them away' : 'See what is set aside'}
      </TextButton>
      {open ? (
        <>
          {all.length > mostShown ? <Field label="Find among what is set aside" value={find} onChange={setFind} /> : null}
          <Lines>
            {found.slice(0, mostShown).map((product) => (
              <li key={product.id}>
                <Row>
                  <span style={{ marginRight: 'auto' }}>{product.title}</span>
                  <QuietButton
                    aria-label={`Put back ${product.title}`}
                    onPress={() =>
                      isHidden.has(product)
                        ? state.withdraw(productHidden(product.id))
                        : state.decide(set(ownProduct(product.id), product), 'Put a product back')
                    }
                  >
                    Put back
                  </QuietButton>
                </Row>
              </li>
            ))}
          </Lines>
          {found.length > mostShown ? <Soft>and {found.length - mostShown} more: find narrows them.</Soft> : null}
        </>
      ) : null}
    </section>
  );
}
