'use client';

import { useState } from 'react';
import styled from 'styled-components';
import { type TillRules } from '@/core/till';
import { longestName } from '@/core/till/about';
import { Field } from '../parts';
import { tokens } from '../theme';
import { type StationProps } from './station';

/** What each part of the till works with. */
export type PartProps = { state: StationProps['state']; rules: TillRules };

export const Part = styled.section`
  border-top: 1px solid ${tokens.ink};
  padding-top: 12px;
  display: grid;
  gap: 10px;
`;

/** A field that is read when it is left, and says what is wrong until then. */
export function Reading({
  label,
  value,
  read,
  onSet,
  placeholder = '',
}: {
  label: string;
  value: string;
  read: (text: string) => { ok: true } | { ok: false; say: string };
  onSet: (text: string) => void;
  placeholder?: string;
}) {
  const [draft, setDraft] = useState(value);
  const [known, setKnown] = useState(value);
  if (known !== value) {
    setKnown(value);
    setDraft(value);
  }
  const result = read(draft);
  return (
    <Field
      label={label}
      value={draft}
      placeholder={placeholder}
      onChange={setDraft}
      wrong={result.ok ? '' : result.say}
      onBlur={() => result.ok && draft !== value && onSet(draft)}
    />
  );
}

export const anyText = () => ({ ok: true }) as const;
export function wanted(text: string): { ok: true } | { ok: false; say: string } {
  if (!text.trim()) return { ok: false, say: 'Write something here.' };
  return text.length > longestName ? { ok: false, say: `Write at most ${longestName} characters.` } : { ok: true };
}

/** Names of the countries that the till knows by their codes. */
export const countryName = (code: string) => {
  try {
    return new Intl.DisplayNames(['en'], { type: 'region' }).of(code) ?? code;
  } catch {
    return code;
  }
};
