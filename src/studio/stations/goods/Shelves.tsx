'use client';

import { useState } from 'react';
import { Decided, set, shelfRefused } from '@/core/places';
import { type Jobs } from '@/workers/protocol';
import { Field, QuietButton, Row, Soft, TextButton } from '../../parts';
import { useAsked } from '../../useAsked';
import { type StationProps } from '../station';
import { Lines } from './lines';

type Idea = Jobs['shelves']['get']['ideas'][number];

const mostShown = 8;

/** Categories for goods that the list files nowhere: each taken, called otherwise, or refused. */
export function Shelves({ state, shop }: Pick<StationProps, 'state' | 'shop'>) {
  const found = useAsked(shop, 'shelves', {});
  const decided = new Decided(state.project.decisions);
  const ideas = found?.ideas.filter(({ shelf }) => !decided.has(shelfRefused(shelf))) ?? [];
  if (!found || !ideas.length) return null;
  const take = async (shelf: string, name: string) => {
    const wishes = await shop.worker?.ask('file', { shelf, name });
    if (wishes) state.decide(wishes, `File goods under ${name}`);
  };
  return (
    <section aria-label="Categories that your goods suggest" style={{ display: 'grid', gap: 8, justifyItems: 'start' }}>
      <h3>Categories that your goods suggest</h3>
      <Soft>{found.bare} of them are filed nowhere.</Soft>
      <Lines>
        {ideas.slice(0, mostShown).map((idea) => (
          <One
            key={idea.shelf}
            idea={idea}
            onTake={(name) => void take(idea.shelf, name)}
            onRefuse={() => state.decide(set(shelfRefused(idea.shelf), 'refused'))}
          />
        ))}
      </Lines>
    </section>
  );
}

function One({
  idea: { shelf, because, count, titles },
  onTake,
  onRefuse,
}: {
  idea: Idea;
  onTake: (name: string) => void;
  onRefuse: () => void;
}) {
  const [name, setName] = useState(shelf);
  return (
    <li>
      <Field label={`A category for ${count}`} value={name} onChange={setName} maxLength={100} />
      <small>
        {because} {titles.join(', ')}
        {count > titles.length ? ' …' : ''}
      </small>
      <Row>
        <QuietButton
          isDisabled={!name.trim()}
          aria-label={`File ${count} under ${name.trim() || shelf}`}
          onPress={() => onTake(name.trim())}
        >
          File them so
        </QuietButton>
        <TextButton aria-label={`No category ${shelf}`} onPress={onRefuse}>
          Not that one
        </TextButton>
      </Row>
    </li>
  );
}
