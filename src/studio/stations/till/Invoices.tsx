'use client';

import { useState } from 'react';
import styled from 'styled-components';
import { invoicesSchema } from '@/core/till/page';
import { set, tillPlaces } from '@/core/places';
import { Button, Field, Row, TextButton } from '../../parts';
import { Part, Sentence, type PartProps } from './parts';

const empty = {
  ...{ name: '', address: '', email: '', taxNumber: '', prefix: 'INV-', creditPrefix: 'CN-', note: '' },
  first: '1',
};
type Draft = typeof empty;

const Beside = styled.div`
  display: grid;
  grid-auto-flow: column;
  grid-auto-columns: minmax(0, 1fr);
  gap: 12px;
  align-items: start;
`;

/** Who issues invoices, and under which numbers. Nothing is issued before all of it is right. */
export function Invoices({ state, rules }: PartProps) {
  const known = rules.invoices;
  const [draft, setDraft] = useState<Draft | null>(null);
  const begin = () => setDraft(known ? { ...known, first: String(known.first) } : empty);
  if (!draft)
    return (
      <Part aria-label="Invoices">
        <h2>Invoices</h2>
        {known ? (
          <Sentence>
            Each paid order gets its invoice from <b>{known.name}</b>, numbered <b>{numberOf(known.prefix, known.first)}</b> and
            on; what is given back gets a credit note, numbered <b>{numberOf(known.creditPrefix, known.first)}</b> and on.{' '}
            <TextButton onPress={begin}>Change it</TextButton>{' '}
            <TextButton onPress={() => state.withdraw(tillPlaces.invoices)}>Issue none</TextButton>
          </Sentence>
        ) : (
          <Sentence>
            None are issued. <TextButton onPress={begin}>Say who issues them</TextButton>
          </Sentence>
        )}
      </Part>
    );
  const read = invoicesSchema.safeParse({ ...draft, first: /^\d{1,10}$/.test(draft.first.trim()) ? Number(draft.first) : NaN });
  const wrong = (name: keyof Draft) => {
    const issue = read.error?.issues.find(({ path }) => path[0] === name);
    if (!issue || (draft[name] === '' && (name === 'name' || name === 'address'))) return '';
    return ownWords[name] ?? issue.message;
  };
  const field = (name: keyof Draft, label: string, rows?: number) => (
    <Field
      label={label}
      value={draft[name]}
      rows={rows}
      onChange={(value) => setDraft({ ...draft, [name]: value })}
      wrong={wrong(name)}
    />
  );
  const clash = draft.prefix === draft.creditPrefix ? 'Invoices and credit notes need beginnings of their own.' : '';
  return (
    <Part aria-label="Invoices">
      <h2>Invoices</h2>
      {field('name', 'Your name in law')}
      {field('address', 'Your address, a line each, without the country', 3)}
      <Beside>
        {field('taxNumber', 'Tax number (if you have one)')}
        {field('email', 'E-mail on electronic invoices (if you like)')}
      </Beside>
      <Beside>
        {field('prefix', 'Invoice numbers begin with')}
        {field('creditPrefix', 'Credit notes with')}
        {field('first', 'The first number')}
      </Beside>
      {field('note', 'At the foot of each (if you like)', 2)}
      {clash ? <span role="alert">{clash}</span> : null}
      <Row>
        <Button
          isDisabled={!read.success}
          onPress={() => {
            if (!read.success) return;
            state.decide(set(tillPlaces.invoices, read.data));
            setDraft(null);
          }}
        >
          Issue invoices so
        </Button>
        <TextButton onPress={() => setDraft(null)}>Leave it as it was</TextButton>
      </Row>
    </Part>
  );
}

const numberOf = (prefix: string, first: number) => `${prefix}${String(first).padStart(4, '0')}`;

/** What to do about a field that can't be taken. */
const ownWords: Partial<Record<keyof Draft, string>> = {
  email: 'Write an e-mail address, or nothing.',
  first: 'Write a whole number from 1.',
  name: 'Write at most 200 characters.',
};
