'use client';

import { useState } from 'react';
import { type ListColumn } from '@/core/goods/about';
import { listCell, set, type Wish } from '@/core/places';
import { onlySheet, unheadedName } from '@/core/goods/page';
import { Button, Field, Notice, Row, Soft, TextButton } from '../../parts';
import { type SheetAt } from './ListGrid';

/** One row of the list, to be put right where it stands. The file stays as it is; the list is read with what is typed here. */
export function RowMend({
  at: { sheet, row },
  columns,
  onSay,
  onClose,
}: {
  at: SheetAt;
  columns: readonly ListColumn[];
  onSay: (wishes: Wish[], label: string) => void;
  onClose: () => void;
}) {
  const width = Math.max(row.cells.length, columns.length);
  const [cells, setCells] = useState(() => Array.from({ length: width }, (_, i) => row.cells[i] ?? ''));
  const { notes } = row;
  const place = (i: number) => listCell(sheet || onlySheet, String(row.row), String(i));
  const came = (i: number) => row.came[i] ?? '';
  const changed = cells.flatMap((is, i) => (is === (row.cells[i] ?? '') ? [] : [{ i, is }]));
  const mended = row.cells.flatMap((is, i) => (is === came(i) ? [] : [i]));
  return (
    <form
      aria-label={`Row ${row.row}`}
      style={{ display: 'grid', gap: 10 }}
      onSubmit={(event) => {
        event.preventDefault();
        if (!changed.length) return;
        const wishes = changed.map(({ i, is }): Wish => {
          const wish = set(place(i), { was: came(i), is });
          return is === came(i) ? { place: wish.place, value: undefined } : wish;
        });
        onSay(wishes, `Mend row ${row.row} of the list`);
      }}
    >
      <Row>
        <h2 style={{ marginRight: 'auto' }}>Row {row.row}</h2>
        <TextButton onPress={onClose}>Close</TextButton>
      </Row>
      {notes.length === 0 ? <Soft>Nothing is to be said of this row.</Soft> : null}
      {notes.map((note, i) => (
        <Notice key={i} $kind={note.kind === 'left-out' ? 'mend' : 'todo'}>
          {note.column ? `${note.column}: ` : ''}
          {note.say}
        </Notice>
      ))}
      {cells.map((cell, i) => (
        <Field
          key={i}
          label={columns.find(({ index }) => index === i)?.heading || unheadedName(i)}
          value={cell}
          onChange={(text) => setCells(cells.map((one, n) => (n === i ? text : one)))}
        />
      ))}
      <Row>
        <Button type="submit" isDisabled={!changed.length}>
          Read it so
        </Button>
        {mended.length ? (
          <TextButton
            onPress={() =>
              onSay(
                mended.map((i): Wish => ({ place: place(i).address, value: undefined })),
                `Read row ${row.row} as it came`,
              )
            }
          >
            As it came
          </TextButton>
        ) : null}
      </Row>
      <Soft>
        <small>
          Your file stays as it is. What you write here is remembered for as long as the list has the same in that place.
        </small>
      </Soft>
    </form>
  );
}
