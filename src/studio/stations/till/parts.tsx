'use client';

import { createContext, useContext, useId, useState, type ReactNode } from 'react';
import styled from 'styled-components';
import { countries } from '@/core/lexicon/about';
import { parsePrice } from '@/core/goods/page';
import { decimal, type TillRules } from '@/core/till/page';
import { longestName } from '@/core/till/about';
import { tokens } from '../../theme';
import { type StationProps } from '../station';

/** What each part of the till works with. */
export type PartProps = { state: StationProps['state']; rules: TillRules };

type Summary = NonNullable<StationProps['shop']['summary']>;
type Named = readonly { id: string; name: string }[];

/** What the field of a rule works with: with what the brief says of it, and what is sold. */
export interface FieldProps extends PartProps {
  saidOfPrices: Summary['saidOfPrices'];
  saidOfDelivery: Summary['saidOfDelivery'];
  sold: { products: Named; shelves: Named };
}

export const Part = styled.section`
  border-top: 1px solid ${tokens.ink};
  padding-top: 12px;
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 10px;
  align-content: start;
`;

/** A rule, said as a sentence. What stands on a line of its own in it can be changed where it stands. */
export const Sentence = styled.div`
  line-height: 2.35;
  max-width: 74ch;
`;

export const Rules = styled.div`
  border-left: 4px solid ${tokens.verdigris};
  padding-left: 14px;
  display: grid;
  gap: 6px;
  &[data-draft] {
    border-left: 4px dashed ${tokens.amber};
  }
`;

const Inline = styled.span`
  display: inline-block;
  max-width: 100%;
  vertical-align: baseline;
  line-height: 1.3;
  select,
  input {
    font: inherit;
    font-weight: 600;
    background: ${tokens.raised};
    border: 0;
    border-bottom: 2px solid ${tokens.verdigris};
    padding: 3px 4px;
    max-width: 100%;
    field-sizing: content;
  }
  input[aria-invalid='true'] {
    border-color: ${tokens.madder};
  }
  small {
    display: block;
    color: ${tokens.madder};
    max-width: 22rem;
  }
`;

/** A word of a sentence that may be another. */
export function Word<Id extends string>({
  label,
  value,
  options,
  onChange,
}: {
  label: string;
  value: Id;
  options: readonly { id: Id; name: string }[];
  onChange: (id: Id) => void;
}) {
  return (
    <Inline>
      <select aria-label={label} value={value} onChange={(event) => onChange(event.target.value as Id)}>
        {options.map(({ id, name }) => (
          <option key={id} value={id}>
            {name}
          </option>
        ))}
      </select>
    </Inline>
  );
}

export type Told = { ok: true } | { ok: false; say: string };

/** Whether figures are taken as they are typed: in what does not hold yet, they cost nothing. */
export const AsTyped = createContext(false);

/** A figure or a name in a sentence: read when it is left, and it says what is wrong until then. */
export function Blank({
  label,
  value,
  read,
  onSet,
  size = 8,
  type = 'text',
  placeholder = '',
}: {
  label: string;
  value: string;
  read: (text: string) => Told;
  onSet: (text: string) => void;
  /** Letters that it has room for. */
  size?: number;
  type?: 'text' | 'date';
  placeholder?: string;
}) {
  const id = useId();
  const [draft, setDraft] = useState(value);
  const [known, setKnown] = useState(value);
  const [typing, setTyping] = useState(false);
  const asTyped = useContext(AsTyped);
  // What is being typed is not written over in its proper form meanwhile.
  if (known !== value && !typing) {
    setKnown(value);
    setDraft(value);
  }
  const result = read(draft);
  const set = () => result.ok && draft !== value && onSet(draft);
  return (
    <Inline>
      <input
        aria-label={label}
        aria-invalid={!result.ok}
        aria-describedby={result.ok ? undefined : id}
        type={type}
        value={draft}
        placeholder={placeholder}
        style={type === 'date' ? undefined : { width: `${Math.min(46, Math.max(size, draft.length)) + 2}ch` }}
        onChange={({ target: { value: typed } }) => {
          setTyping(true);
          setDraft(typed);
          if (asTyped && read(typed).ok) onSet(typed);
        }}
        onBlur={() => {
          setTyping(false);
          set();
        }}
        onKeyDown={(event) => event.key === 'Enter' && set()}
      />
      {result.ok ? null : <small id={id}>{result.say}</small>}
    </Inline>
  );
}

export const anyText = (): Told => ({ ok: true });

export function wanted(text: string): Told {
  if (!text.trim()) return { ok: false, say: 'Write something here.' };
  return text.length > longestName ? { ok: false, say: `Write at most ${longestName} characters.` } : { ok: true };
}

/** A whole number in a range, or nothing where nothing is meant. */
export const wholeNumber =
  (least: number, most: number, optional = false) =>
  (text: string): Told =>
    (optional && !text.trim()) || (/^\s*\d{1,9}\s*$/.test(text) && Number(text) >= least && Number(text) <= most)
      ? { ok: true }
      : { ok: false, say: `Write a whole number from ${least} to ${most}${optional ? ', or nothing' : ''}.` };

export const percentOf = (text: string) => Number(text.replace(',', '.').replace('%', '').trim());
export const isPercent = (text: string): Told =>
  text.trim() && percentOf(text) >= 0 && percentOf(text) <= 100 && Number.isInteger(Math.round(percentOf(text) * 1e8) / 1e4)
    ? { ok: true }
    : { ok: false, say: 'Write a percentage from 0 to 100.' };
/** Per cent in basis points, to the ten-thousandth of a per cent. */
export const basisPoints = (text: string) => Math.round(percentOf(text) * 10_000) / 100;

/** Sums as they are written and read at this till. */
export function sumsOf({ digits }: TillRules) {
  const read = (text: string): Told => parsePrice(text, digits);
  return {
    read,
    readOrNone: (text: string): Told => (text.trim() ? read(text) : { ok: true }),
    of: (text: string) => {
      const parsed = parsePrice(text, digits);
      return parsed.ok ? parsed.value : 0;
    },
    written: (amount: number | null) => (amount === null ? '' : decimal(amount, digits)),
  };
}

export const countriesByName = countries
  .map(({ code, name }) => ({ id: code, name }))
  .sort((a, b) => a.name.localeCompare(b.name, 'en'));
const names = new Map(countriesByName.map(({ id, name }) => [id, name]));
export const countryName = (code: string) => (code === '*' ? 'everywhere else' : (names.get(code) ?? code));

/** A name that isn't taken. */
export function unused(base: string, taken: readonly string[]): string {
  for (let n = 1; ; n++) if (!taken.includes(`${base}-${n}`)) return `${base}-${n}`;
}

const Chips = styled.span`
  display: inline-flex;
  flex-wrap: wrap;
  gap: 6px;
  vertical-align: middle;
  .chip {
    display: inline-flex;
    align-items: center;
    background: ${tokens.verdigrisPale};
    line-height: 1.3;
    padding: 3px 4px 3px 9px;
    font-weight: 600;
  }
  button {
    background: none;
    border: 0;
    cursor: pointer;
    min-width: 26px;
    min-height: 26px;
    font-size: 16px;
  }
`;

/** Several things by name, each of which can be taken out; and one more chosen. */
export function Several({
  what,
  values,
  nameOf,
  options,
  none,
  onChange,
}: {
  /** What one of them is. */
  what: string;
  /** What it means that none is named, where that means something. */
  none?: string;
  values: readonly string[];
  nameOf: (id: string) => ReactNode;
  options: readonly { id: string; name: string }[];
  onChange: (values: string[]) => void;
}) {
  const others = options.filter(({ id }) => !values.includes(id));
  return (
    <Chips>
      {values.map((id) => (
        <span key={id} className="chip">
          {nameOf(id)}
          <button
            type="button"
            aria-label={`Take ${options.find((option) => option.id === id)?.name ?? id} out`}
            onClick={() => onChange(values.filter((other) => other !== id))}
          >
            ×
          </button>
        </span>
      ))}
      {others.length ? (
        <Inline>
          <select aria-label={`Another ${what}`} value="" onChange={(event) => onChange([...values, event.target.value])}>
            <option value="">{values.length ? 'another …' : (none ?? `which ${what} …`)}</option>
            {others.map(({ id, name }) => (
              <option key={id} value={id}>
                {name}
              </option>
            ))}
          </select>
        </Inline>
      ) : null}
    </Chips>
  );
}
