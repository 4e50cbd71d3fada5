'use client';

import { useState } from 'react';
import { Decided, planPlaces, set } from '@/core/places';
import { freshId, pageLibrary } from '@/core/plan/about';
import { type Summary } from '@/workers/protocol';
import { Button, Choice, Field, QuietButton, Row, Soft, TextButton } from '../../parts';
import { type StationProps } from '../station';

/** Pages that can come to the plan: of the trade, or the seller's own; and those that were taken out. */
export function AddPage({ state, summary }: { state: StationProps['state']; summary: Summary }) {
  const [open, setOpen] = useState(false);
  const here = new Set(summary.outline.map((page) => page.id));
  const kinds = pageLibrary.filter(({ kind }) => kind === 'page' || kind === 'campaign' || !here.has(kind));
  const [kind, setKind] = useState(kinds[0]?.kind ?? 'page');
  const [name, setName] = useState('');
  const chosen = kinds.find((one) => one.kind === kind) ?? kinds[0];
  const add = () => {
    if (!chosen) return;
    const added = new Decided(state.project.decisions).all(planPlaces.addedPage).map(({ parts: [id] }) => id);
    const taken = [...here, ...added];
    const back = summary.takenOut.some((page) => page.id === chosen.kind);
    const page = { kind: chosen.kind, name: name.trim() || chosen.name };
    if (back) state.withdraw(planPlaces.pageHidden(chosen.kind));
    else state.decide(set(planPlaces.addedPage(freshId(chosen.kind, taken)), page));
    setOpen(false);
    setName('');
  };
  if (!open) return <QuietButton onPress={() => setOpen(true)}>Add a page</QuietButton>;
  return (
    <form
      onSubmit={(event) => {
        event.preventDefault();
        add();
      }}
    >
      <Choice
        label="Kind of page"
        value={chosen?.kind ?? 'page'}
        options={kinds.map((one) => ({ id: one.kind, name: one.name }))}
        onChange={setKind}
      />
      <Field label="Its name" value={name} onChange={setName} placeholder={chosen?.name ?? ''} />
      <Soft>
        <small>Visitors get: {chosen?.visitorGets}</small>
      </Soft>
      <Row>
        <Button type="submit">Add it</Button>
        <TextButton onPress={() => setOpen(false)}>Leave it</TextButton>
      </Row>
    </form>
  );
}
