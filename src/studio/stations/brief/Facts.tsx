'use client';

import { useState } from 'react';
import styled from 'styled-components';
import { type Fact, type Reading } from '@/core/brief';
import { isCorrectable, type CorrectedFact } from '@/core/places';
import { Choice, Field, Row, Soft, TextButton } from '../../parts';
import { tokens } from '../../theme';
import { linesOf, type Line } from './factLines';

const List = styled.dl`
  display: grid;
  border-top: 1px solid ${tokens.ink};
  > div {
    display: grid;
    grid-template-columns: 104px minmax(0, 1fr) auto;
    gap: 2px 12px;
    border-bottom: 1px solid ${tokens.line};
    padding: 7px 0;
    align-items: baseline;
  }
  dt {
    font-weight: 600;
    font-size: 13.5px;
  }
  dd {
    min-width: 0;
  }
  .from {
    color: ${tokens.soft};
    font-size: 13px;
    display: block;
    text-align: left;
  }
  .unsure {
    color: ${tokens.amber};
  }
  dt.editing {
    display: none;
  }
  dd.editing {
    grid-column: 1 / -1;
  }
`;

const Swatch = styled.span`
  display: inline-block;
  width: 15px;
  height: 15px;
  margin-right: 5px;
  vertical-align: -2px;
  border: 1px solid ${tokens.soft};
`;

/** What was understood, each fact with its words, to put right. */
export function Facts({
  reading,
  onShow,
  onSet,
  onReset,
}: {
  reading: Reading;
  onShow: (source: Fact<string>['source']) => void;
  onSet: (fact: CorrectedFact, value: string | string[]) => void;
  onReset: (fact: CorrectedFact) => void;
}) {
  return (
    <section aria-label="What was understood">
      <h2>Understood so far</h2>
      <List>
        {linesOf(reading).map((line) => (
          <FactLine
            key={line.key}
            line={line}
            onShow={onShow}
            onSet={(value) => isCorrectable(line.key) && onSet(line.key, value)}
            onReset={() => isCorrectable(line.key) && onReset(line.key)}
          />
        ))}
      </List>
    </section>
  );
}

function FactLine({
  line,
  onShow,
  onSet,
  onReset,
}: {
  line: Line;
  onShow: (source: Fact<string>['source']) => void;
  onSet: (value: string | string[]) => void;
  onReset: () => void;
}) {
  const [editing, setEditing] = useState(false);
  const corrected = line.facts.some((fact) => fact.corrected);
  const source = line.facts.find((fact) => fact.source)?.source ?? null;
  const unsure = line.facts.some((fact) => fact.confidence < 0.7);

  if (editing) {
    return (
      <div>
        <dt className="editing">{line.label}</dt>
        <dd className="editing">
          <FactEdit
            line={line}
            onSave={(value) => {
              onSet(value);
              setEditing(false);
            }}
            onLeave={() => setEditing(false)}
          />
        </dd>
      </div>
    );
  }

  return (
    <div>
      <dt>{line.label}</dt>
      <dd>
        {line.facts.length === 0 ? <Soft as="span">{line.empty}</Soft> : null}
        {line.facts.map((fact, i) => (
          <span key={fact.value}>
            {i ? (line.key === 'difference' ? ' ' : ', ') : ''}
            {line.hex ? <Swatch style={{ background: line.hex(fact.value) }} /> : null}
            {line.options?.[fact.value] ?? fact.value}
            {line.many && line.options && !line.options[fact.value] ? ' (kept, but nothing that Arcatum makes)' : null}
          </span>
        ))}
        {corrected ? <span className="from">You put this right.</span> : null}
        {!corrected && source ? (
          <TextButton className="from" onPress={() => onShow(source)} aria-label={`Show in the brief: ${source.text}`}>
            “{source.text.slice(0, 60).replace(/\s+/g, ' ')}
            {source.text.length > 60 ? '…' : ''}”
          </TextButton>
        ) : null}
        {unsure && !corrected ? <span className="from unsure">Not sure. Is this right?</span> : null}
      </dd>
      <Row as="dd">
        {corrected ? <TextButton onPress={onReset}>Reset</TextButton> : null}
        {line.fixed ? null : (
          <TextButton aria-label={`Correct ${line.label}`} onPress={() => setEditing(true)}>
            Correct
          </TextButton>
        )}
      </Row>
    </div>
  );
}

function FactEdit({ line, onSave, onLeave }: { line: Line; onSave: (value: string | string[]) => void; onLeave: () => void }) {
  const separator = line.key === 'difference' || line.key === 'audience' ? '; ' : ', ';
  const [draft, setDraft] = useState(line.facts.map((fact) => line.options?.[fact.value] ?? fact.value).join(separator));
  const [picked, setPicked] = useState(line.facts[0]?.value ?? Object.keys(line.options ?? {})[0] ?? '');
  const [wrong, setWrong] = useState('');
  const single = line.options && !line.many;

  const save = () => {
    if (single) return onSave(picked);
    const parting = separator === '; ' ? /[;\n]/ : /[,;\n]/;
    const values = draft
      .split(line.many ? parting : /\n/)
      .map((part) => part.trim())
      .filter(Boolean);
    const unknown = line.hex && values.find((value) => !line.hex?.(value));
    if (unknown)
      return setWrong(`“${unknown}” is no colour that Arcatum knows. Write a colour’s name, or a code such as #2f6f68.`);
    if (line.key === 'currency' && values[0] && !/^[A-Za-z]{3}$/.test(values[0]))
      return setWrong('Write the three letters of the currency, such as EUR.');
    if (line.options) {
      const ids = values.map(
        (value) =>
          Object.entries(line.options ?? {}).find(([id, label]) => id === value || label === value.toLowerCase())?.[0] ??
          // What was asked for and can't be made stays asked for.
          line.facts.find((fact) => fact.value === value)?.value,
      );
      const strange = values.find((_, i) => !ids[i]);
      if (strange)
        return setWrong(`“${strange}” is nothing that the plan has. It has: ${Object.values(line.options).join(', ')}.`);
      return onSave(ids.flatMap((id) => (id ? [id] : [])));
    }
    onSave(line.many ? values : line.key === 'currency' ? (values[0] ?? '').toUpperCase() : (values[0] ?? ''));
  };

  return (
    <form
      onSubmit={(event) => {
        event.preventDefault();
        save();
      }}
    >
      {single ? (
        <Choice
          label={line.label}
          value={picked}
          options={Object.entries(line.options ?? {}).map(([id, name]) => ({ id, name }))}
          onChange={setPicked}
        />
      ) : (
        <Field
          label={line.many ? `${line.label}, parted by ${separator === '; ' ? 'semicolons' : 'commas'}` : line.label}
          value={draft}
          onChange={setDraft}
          wrong={wrong}
          autoFocus
        />
      )}
      <Row>
        <TextButton type="submit">Save</TextButton>
        <TextButton onPress={onLeave}>Leave it</TextButton>
      </Row>
    </form>
  );
}
