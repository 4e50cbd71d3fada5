'use client';

import { useEffect, useRef, useState } from 'react';
import styled from 'styled-components';
import { colourOf, type Fact, type Reading } from '@/core/brief';
import { decodeText } from '@/core/goods';
import { Field, Head, Notice, Row, SheetBody, Soft, TextButton } from '../parts';
import { OpenFile } from '../OpenFile';
import { tokens } from '../theme';
import { type StationProps } from './station';

const Letter = styled.div`
  position: relative;
  textarea {
    min-height: 250px;
    background: ${tokens.raised};
  }
`;

const Facts = styled.dl`
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

interface Line {
  key: string;
  label: string;
  many: boolean;
  facts: Fact<string>[];
  hex?: (value: string) => string | undefined;
  empty: string;
}

function linesOf(reading: Reading): Line[] {
  const one = (fact: Fact<string> | null) => (fact ? [fact] : []);
  const colours = (facts: Reading['coloursWanted']): Fact<string>[] => facts.map((fact) => ({ ...fact, value: fact.value.name }));
  return [
    { key: 'name', label: 'Name', many: false, facts: one(reading.name), empty: 'not given' },
    { key: 'sells', label: 'Sells', many: true, facts: reading.sells, empty: 'not given' },
    { key: 'audience', label: 'For', many: true, facts: reading.audience, empty: 'not given' },
    { key: 'tone', label: 'Tone', many: true, facts: reading.tone, empty: 'none asked for' },
    {
      key: 'coloursWanted',
      label: 'Colours',
      many: true,
      facts: colours(reading.coloursWanted),
      hex: colourOf,
      empty: 'none asked for',
    },
    {
      key: 'coloursAvoided',
      label: 'Not',
      many: true,
      facts: colours(reading.coloursAvoided),
      hex: colourOf,
      empty: 'none refused',
    },
    { key: 'place', label: 'Place', many: false, facts: one(reading.place), empty: 'not given' },
    { key: 'email', label: 'E-mail', many: false, facts: one(reading.email), empty: 'not given' },
    { key: 'phone', label: 'Telephone', many: false, facts: one(reading.phone), empty: 'not given' },
    { key: 'currency', label: 'Currency', many: false, facts: one(reading.currency), empty: 'not given' },
  ];
}

/** The letter: the brief as text, and under it what was understood. */
export function BriefStation({ state, shop }: StationProps) {
  const { project } = state;
  const [draft, setDraft] = useState(project.brief);
  const [known, setKnown] = useState(project.brief);
  const [wrong, setWrong] = useState('');
  const area = useRef<HTMLDivElement>(null);
  const { change } = state;

  // Undo, or another way of changing the brief, shows in the letter.
  if (known !== project.brief) {
    setKnown(project.brief);
    setDraft(project.brief);
  }

  useEffect(() => {
    if (draft === project.brief) return;
    const timer = setTimeout(() => change('Write the brief', (p) => ({ ...p, brief: draft })), 450);
    return () => clearTimeout(timer);
  }, [draft, project.brief, change]);

  const reading = shop.summary?.reading;
  const showSource = (source: { start: number; end: number } | null) => {
    const textarea = area.current?.querySelector('textarea');
    if (!source || !textarea) return;
    textarea.focus();
    textarea.setSelectionRange(source.start, source.end);
    textarea.scrollTop = (source.start / Math.max(1, draft.length)) * textarea.scrollHeight - textarea.clientHeight / 2;
  };

  return (
    <SheetBody>
      <Head title="Brief">Write or paste what you would tell a friend who builds your shop.</Head>
      <Letter ref={area}>
        <Field
          label="Your brief"
          rows={11}
          value={draft}
          onChange={setDraft}
          placeholder="What the business is called, what you sell, how it is made, who buys it, where you are, how to reach you; how the shop should feel, which colours you want and which you don’t."
        />
      </Letter>
      <Row>
        <OpenFile
          quiet
          accept={['text/plain', '.txt', '.md']}
          onOpen={([file]) => {
            const text = file ? decodeText(file.bytes) : null;
            if (!text) return;
            setWrong(text.ok ? '' : text.say.replace(/Choose a (list|CSV).*$/, 'Choose a plain text file.'));
            if (text.ok) setDraft(text.value);
          }}
        >
          Open a text file
        </OpenFile>
        <small>{draft.trim() ? `${draft.trim().split(/\s+/).length} words` : ''}</small>
      </Row>
      {wrong ? <Notice $kind="mend">{wrong}</Notice> : null}
      {!draft.trim() ? <Notice>The brief is empty. Two or three sentences are enough to begin with.</Notice> : null}
      {reading && draft.trim() ? (
        <section aria-label="What was understood">
          <h2>Understood so far</h2>
          <Facts>
            {linesOf(reading).map((line) => (
              <FactLine
                key={line.key}
                line={line}
                onShow={showSource}
                onSet={(value) => state.decide({ [`reading/${line.key}`]: value })}
                onReset={() => state.withdraw([`reading/${line.key}`])}
              />
            ))}
          </Facts>
        </section>
      ) : null}
    </SheetBody>
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
  const [draft, setDraft] = useState('');
  const [wrong, setWrong] = useState('');
  const corrected = line.facts.some((fact) => fact.corrected);
  const source = line.facts.find((fact) => fact.source)?.source ?? null;
  const unsure = line.facts.some((fact) => fact.confidence < 0.7);

  if (editing) {
    const save = () => {
      const values = draft
        .split(line.many ? /[,;\n]/ : /\n/)
        .map((part) => part.trim())
        .filter(Boolean);
      const unknown = line.hex && values.find((value) => !line.hex?.(value));
      if (unknown)
        return setWrong(`“${unknown}” is no colour that Arcatum knows. Write a colour’s name, or a code such as #2f6f68.`);
      if (line.key === 'currency' && values[0] && !/^[A-Za-z]{3}$/.test(values[0]))
        return setWrong('Write the three letters of the currency, such as EUR.');
      onSet(line.many ? values : line.key === 'currency' ? (values[0] ?? '').toUpperCase() : (values[0] ?? ''));
      setEditing(false);
    };
    return (
      <div>
        <dt className="editing">{line.label}</dt>
        <dd className="editing">
          <form
            onSubmit={(event) => {
              event.preventDefault();
              save();
            }}
          >
            <Field
              label={line.many ? `${line.label}, parted by commas` : line.label}
              value={draft}
              onChange={setDraft}
              wrong={wrong}
              autoFocus
            />
            <Row>
              <TextButton type="submit">Save</TextButton>
              <TextButton onPress={() => setEditing(false)}>Leave it</TextButton>
            </Row>
          </form>
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
            {i ? ', ' : ''}
            {line.hex ? <Swatch style={{ background: line.hex(fact.value) }} /> : null}
            {fact.value}
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
        <TextButton
          aria-label={`Correct ${line.label}`}
          onPress={() => {
            setDraft(line.facts.map((fact) => fact.value).join(', '));
            setWrong('');
            setEditing(true);
          }}
        >
          Correct
        </TextButton>
      </Row>
    </div>
  );
}
