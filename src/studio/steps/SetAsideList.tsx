'use client';

import { useState } from 'react';
import { onItem, sayNow, type Names } from '@/core/places';
import { type SetAside } from '@/core/site';
import { type Summary } from '@/workers/protocol';
import { Choice, Notice, QuietButton, Row, Soft, TextButton } from '../parts';
import { type ProjectState } from '../useProject';

interface ListProps {
  state: ProjectState;
  summary: Summary | null;
  names: Partial<Names>;
}

/** Decisions whose thing is gone: kept, shown, and put back by hand where there is something to put them on. */
export function SetAsideList({ state, summary, names }: ListProps) {
  const aside = summary?.setAside ?? [];
  const { misfits } = state.story.log;
  if (!aside.length && !misfits.length) return null;
  return (
    <section aria-label="Set aside" style={{ display: 'grid', gap: 10 }}>
      <h2>Set aside</h2>
      <Soft>These decisions of yours are kept, and in effect again as soon as what they were made on is back.</Soft>
      {aside.map((one) => (
        <One key={one.place} one={one} state={state} names={names} />
      ))}
      {misfits.map((misfit, i) => (
        <Notice key={i}>
          <b>{misfit.place}</b>: {misfit.because}
        </Notice>
      ))}
    </section>
  );
}

function One({ one, state, names }: { one: SetAside; state: ProjectState; names: Partial<Names> }) {
  const [key, setKey] = useState('');
  const to = key ? onItem(one.place, key) : null;
  const putBack = () => {
    if (to === null) return;
    const moved = [
      { place: one.place, value: undefined },
      { place: to, value: one.value },
    ];
    state.decide(moved, 'Put back what was set aside');
  };
  return (
    <Notice as="div" style={{ display: 'grid', gap: 8 }}>
      <p>{sayNow(one.place, one.value, names)}</p>
      <Soft>
        <small>{one.because}</small>
      </Soft>
      {one.could.length ? (
        <Choice
          label="Put it on"
          value={key}
          options={[
            { id: '', name: 'Choose what it belongs to' },
            ...one.could.map(({ key: id, says }) => ({ id, name: says.slice(0, 80) })),
          ]}
          onChange={setKey}
        />
      ) : null}
      <Row>
        {one.could.length ? (
          <QuietButton onPress={putBack} isDisabled={to === null}>
            Put back
          </QuietButton>
        ) : null}
        <TextButton onPress={() => state.decide({ place: one.place, value: undefined }, 'Let go of what was set aside')}>
          Let it go
        </TextButton>
      </Row>
    </Notice>
  );
}
