'use client';

import { useState } from 'react';
import { ownProduct, set } from '@/core/places';
import { type Product } from '@/core/project';
import { Field, QuietButton, Row, Soft, TextButton } from '../../parts';
import { type ProjectState } from '../../useProject';
import { Lines } from './lines';

const mostShown = 20;

/** What stood on earlier lists: found here, and put back into the shop by hand. */
export function Former({ state, former }: { state: ProjectState; former: readonly Product[] }) {
  const [open, setOpen] = useState(false);
  const [find, setFind] = useState('');
  if (!former.length) return null;
  const found = former.filter(({ title }) => title.toLowerCase().includes(find.trim().toLowerCase()));
  return (
    <section aria-label="Set aside from earlier lists" style={{ display: 'grid', gap: 8, justifyItems: 'start' }}>
      <h3>Set aside from earlier lists</h3>
      <Soft>
        {former.length === 1 ? 'One thing' : `${former.length} things`} that the list has no more. What you changed of{' '}
        {former.length === 1 ? 'it' : 'them'} is kept, too.
      </Soft>
      <TextButton aria-expanded={open} onPress={() => setOpen(!open)}>
        {open ? 'Put them away' : 'See what is set aside'}
      </TextButton>
      {open ? (
        <>
          {former.length > mostShown ? <Field label="Find among what is set aside" value={find} onChange={setFind} /> : null}
          <Lines>
            {found.slice(0, mostShown).map((product) => (
              <li key={product.id}>
                <Row>
                  <span style={{ marginRight: 'auto' }}>{product.title}</span>
                  <QuietButton
                    aria-label={`Put back ${product.title}`}
                    onPress={() => state.decide(set(ownProduct(product.id), product), 'Put a product back')}
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
