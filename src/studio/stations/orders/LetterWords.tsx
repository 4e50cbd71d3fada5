'use client';

import { useMemo, useState } from 'react';
import styled from 'styled-components';
import { set, tillPlaces } from '@/core/places';
import { letterKinds, letterSlots, lettersSchema, wordsOf, writeLetter, type LetterKind, type TillRules } from '@/core/till/page';
import { type HostData, type Order } from '@/core/till';
import { Button, Field, Row, Soft, TextButton, Unseen } from '../../parts';
import { narrow, tokens } from '../../theme';
import { type StationProps } from '../station';
import { LetterFrame } from './LetterFrame';
import { pretendMatter, pretendOrder } from './pretend';

const Split = styled.div`
  display: grid;
  grid-template-columns: 190px minmax(280px, 1fr) minmax(0, 640px);
  min-height: 0;
  ${narrow} {
    display: block;
    overflow: auto;
    > * {
      overflow: visible;
      padding: 12px 14px;
    }
  }
  > * {
    overflow: auto;
    padding: 16px 20px 28px 24px;
  }
  nav {
    border-right: 1px solid ${tokens.line};
    display: grid;
    gap: 2px;
    align-content: start;
  }
  nav button {
    text-align: left;
    background: none;
    border: 0;
    border-left: 3px solid transparent;
    padding: 7px 9px;
    min-height: 34px;
    cursor: pointer;
    font: inherit;
  }
  nav button[aria-current='true'] {
    border-color: ${tokens.verdigris};
    background: ${tokens.verdigrisPale};
    font-weight: 600;
  }
`;

const names: Record<LetterKind, string> = {
  placed: 'Ordered, by bank',
  taken: 'Ordered, in cash',
  paid: 'Paid',
  expired: 'Not paid in time',
  files: 'Files',
  cards: 'Gift card',
  time: 'A time is agreed',
  ready: 'Ready to be fetched',
  sent: 'Sent',
  cancelled: 'Cancelled',
  refunded: 'Given back',
  again: 'Comes again soon',
  unpaid: 'Again, and not paid',
  paused: 'Paused',
  resumed: 'Goes on',
  stopped: 'Stopped',
};

/** What is written to buyers, when; in our words or the seller's, as it will look. */
export function LetterWords({
  state,
  rules,
  shop,
  look,
  last,
}: {
  state: StationProps['state'];
  rules: TillRules;
  shop: string;
  /** Colours of the shop, as letters wear them. */
  look: HostData['look'];
  /** The newest order, which previews are of; without one, a pretend one. */
  last: Order | null;
}) {
  const [kind, setKind] = useState<LetterKind>('paid');
  return (
    <Split>
      <nav aria-label="Letters">
        {letterKinds.map((one) => (
          <button key={one} type="button" aria-current={one === kind} onClick={() => setKind(one)}>
            {names[one]}
          </button>
        ))}
      </nav>
      <Words
        key={`${kind} ${JSON.stringify(rules.letters[kind])}`}
        kind={kind}
        state={state}
        rules={rules}
        shop={shop}
        look={look}
        last={last}
      />
    </Split>
  );
}

function Words({
  kind,
  state,
  rules,
  shop,
  look,
  last,
}: {
  kind: LetterKind;
  state: StationProps['state'];
  rules: TillRules;
  shop: string;
  look: HostData['look'];
  last: Order | null;
}) {
  const known = wordsOf(kind, rules);
  const [subject, setSubject] = useState(known.subject);
  const [words, setWords] = useState(known.words);
  const [phone, setPhone] = useState(false);
  const draft = lettersSchema.safeParse({ ...rules.letters, [kind]: { subject, words } });
  const letter = useMemo(() => {
    const order = last ?? pretendOrder(rules);
    const own = { ...rules, letters: { ...rules.letters, [kind]: { subject, words } } };
    return writeLetter(kind, order, pretendMatter(rules), { name: shop, rules: own, look });
  }, [kind, subject, words, rules, shop, last, look]);
  const isChanged = subject !== known.subject || words !== known.words;
  const unknown = [...`${subject} ${words}`.matchAll(/\{(\w*)\}/g)].map(([, slot]) => slot).filter((slot) => !letterSlots.some((one) => one === slot)); // prettier-ignore
  return (
    <>
      <div style={{ display: 'grid', gap: 12, alignContent: 'start' }}>
        <Unseen>{names[kind]}</Unseen>
        <Field label="Subject" value={subject} onChange={setSubject} wrong={subject.trim() ? '' : 'A letter needs a subject.'} />
        <Field label="Words" rows={11} value={words} onChange={setWords} wrong={words.trim() ? '' : 'A letter needs words.'} />
        <Soft>
          {letterSlots.map((slot) => `{${slot}}`).join(' ')} are filled in. The order, links and codes are put below your words.
        </Soft>
        {unknown.length ? (
          <span role="status">
            {unknown.map((slot) => `{${slot}}`).join(' ')} means nothing here and is printed as it stands.
          </span>
        ) : null}
        <Row>
          <Button
            isDisabled={!isChanged || !draft.success}
            onPress={() => draft.success && state.decide(set(tillPlaces.letters, draft.data))}
          >
            Write so from now on
          </Button>
          {rules.letters[kind] ? (
            <TextButton
              onPress={() => {
                const others = Object.fromEntries(Object.entries(rules.letters).filter(([one]) => one !== kind));
                if (Object.keys(others).length) state.decide(set(tillPlaces.letters, others));
                else state.withdraw(tillPlaces.letters);
              }}
            >
              Back to our words
            </TextButton>
          ) : null}
        </Row>
        <Soft>It holds for your buyers once the shop is published again.</Soft>
      </div>
      <div style={{ display: 'grid', gap: 8, alignContent: 'start' }}>
        <Row>
          <span style={{ marginRight: 'auto' }}>
            <b>{letter.subject}</b>
          </span>
          <TextButton onPress={() => setPhone(!phone)}>{phone ? 'On a wide screen' : 'On a phone'}</TextButton>
        </Row>
        <LetterFrame html={letter.html} title={`Preview: ${letter.subject}`} width={phone ? 360 : 600} height={540} />
      </div>
    </>
  );
}
