'use client';

import { useState } from 'react';
import { type ListColumn } from '@/core/goods/about';
import { columnNameShown, unheadedName } from '@/core/goods/page';
import { clear, listColumn, listName, longestName, set, type Wish } from '@/core/places';
import { Choice, Field } from '../../parts';
import { meant, meanings } from './meant';

type Say = (wishes: Wish[], label: string) => void;

/** What a column is known by; lists that were read before columns had a key know it by its heading. */
const keyOf = ({ key, heading, index }: ListColumn): string => key || heading || unheadedName(index);

/** What a column is: the likeliest first, all else within reach. */
export function ColumnMeaning({ column, onSay }: { column: ListColumn; onSay: Say }) {
  const { as, others } = column;
  const key = keyOf(column);
  const first = [as, ...others.filter((other) => other !== as)];
  const options = [...first.map((id) => ({ id, name: meant[id] })), ...meanings.filter(({ id }) => !first.includes(id))];
  return (
    <Choice
      label={key}
      value={as}
      options={options}
      onChange={(meaning) => onSay([set(listColumn(key), meaning)], `Say what “${key}” is`)}
    />
  );
}

/** What shoppers read over what is chosen or told; nothing where that is never seen. */
export function ColumnName({ column, onSay }: { column: ListColumn; onSay: Say }) {
  const key = keyOf(column);
  const known = columnNameShown(column.name);
  const [{ name, of, said }, setDraft] = useState({ name: known, of: known, said: known });
  // What is being typed stays while the list is read again; another name, or a step back, takes its place.
  if (of !== known) setDraft({ name: known, of: known, said: known });
  if (column.as !== 'option' && column.as !== 'particular') return null;
  const keep = () => {
    const next = name.trim();
    // Enter, and leaving the field after it, are one step.
    if (next === said) return;
    setDraft({ name, of, said: next });
    onSay([next ? set(listName(key), next) : clear(listName(key))], `Call “${key}” ${next ? `“${next}”` : 'as the list does'}`);
  };
  return (
    <form
      onSubmit={(event) => {
        event.preventDefault();
        keep();
      }}
    >
      <Field
        label={`${key}, to shoppers`}
        value={name}
        maxLength={longestName}
        placeholder="a name for it"
        onChange={(next) => setDraft({ name: next, of, said })}
        onBlur={keep}
      />
    </form>
  );
}
