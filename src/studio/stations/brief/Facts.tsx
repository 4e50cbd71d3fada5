'use client';

import { useState } from 'react';
import styled from 'styled-components';
import { type Fact, type Reading } from '@/core/brief';
import { colourOf, shopLanguage } from '@/core/brief/page';
import { languageNames } from '@/core/phrases/about';
import { isCorrectable, type CorrectedFact } from '@/core/places';
import { Choice, Field, Row, Soft, TextButton } from '../../parts';
import { tokens } from '../../theme';

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

interface Line {
  key: string;
  label: string;
  many: boolean;
  facts: Fact<string>[];
  hex?: (value: string) => string | undefined;
  /** What may stand there, with its name for people. */
  options?: Record<string, string>;
  /** Whether it can be put right. */
  fixed?: boolean;
  empty: string;
}

const goals = {
  sell: 'sell',
  bookings: 'fill the calendar',
  enquiries: 'bring enquiries',
  visits: 'bring people to the door',
  subscribers: 'win readers for letters',
  known: 'become known',
};
const reaches = {
  local: 'the town',
  country: 'the country',
  abroad: 'some countries',
  region: 'a part of the world',
  world: 'everywhere',
};
const origins = { own: 'made by you', resold: 'bought from others', both: 'both' };
const features: Record<string, string> = {
  newsletter: 'newsletter',
  journal: 'journal',
  reviews: 'reviews',
  gallery: 'gallery',
  map: 'map',
  appointments: 'appointments',
  'gift-cards': 'gift cards',
  questions: 'questions and answers',
  hours: 'opening hours',
  video: 'video',
  form: 'form',
  steps: 'steps',
  people: 'people',
  'price-table': 'price table',
  offer: 'offers',
  story: 'story',
  posted: 'pictures posted elsewhere',
  'free-text': 'a page of your own',
};

function linesOf(reading: Reading): Line[] {
  const one = (fact: Fact<string> | null) => (fact ? [fact] : []);
  const colours = (facts: Reading['coloursWanted']): Fact<string>[] => facts.map((fact) => ({ ...fact, value: fact.value.name }));
  const goal = reading.goal.source || reading.goal.corrected ? [reading.goal] : [];
  return [
    { key: 'name', label: 'Name', many: false, facts: one(reading.name), empty: 'not given' },
    { key: 'sells', label: 'Sells', many: true, facts: reading.sells, empty: 'not given' },
    {
      key: 'trade',
      label: 'Trade',
      many: false,
      fixed: true,
      facts: reading.trade
        ? [{ ...reading.trade, value: [reading.trade.value.label, ...reading.trade.value.broader.slice(0, 2)].join(' → ') }]
        : [],
      empty: 'not known yet',
    },
    { key: 'audience', label: 'For', many: true, facts: reading.audience, empty: 'not given' },
    { key: 'difference', label: 'Apart by', many: true, facts: reading.difference, empty: 'nothing yet' },
    { key: 'origin', label: 'Origin', many: false, facts: one(reading.origin), options: origins, empty: 'not given' },
    { key: 'goal', label: 'Goal', many: false, facts: goal, options: goals, empty: 'sell, unless you say otherwise' },
    {
      key: 'features',
      label: 'Asked for',
      many: true,
      facts: reading.features,
      options: features,
      empty: 'nothing in particular',
    },
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
    { key: 'reach', label: 'Parcels to', many: false, facts: one(reading.reach), options: reaches, empty: 'not given' },
    { key: 'email', label: 'E-mail', many: false, facts: one(reading.email), empty: 'not given' },
    { key: 'phone', label: 'Telephone', many: false, facts: one(reading.phone), empty: 'not given' },
    { key: 'address', label: 'Address', many: false, facts: one(reading.address), empty: 'not given' },
    {
      key: 'language',
      label: 'Language',
      many: false,
      // Its words are all of the brief.
      facts: one(reading.language).map((fact) => ({ ...fact, value: shopLanguage(fact), source: null })),
      options: languageNames,
      empty: 'English, unless you say otherwise',
    },
    { key: 'currency', label: 'Currency', many: false, facts: one(reading.currency), empty: 'not given' },
  ];
}

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
