'use client';

import { useState } from 'react';
import { type Owner } from '@/core/project';
import { cardShown, followings, linkTimes, type BookedOrder } from '@/core/till/page';
import { letterOf, paperFile, type OrderStep, type SentLetter } from '../../host';
import { Notice, Row, TextButton } from '../../parts';
import { download } from '../../projects';
import { day, when } from '../../when';
import { LetterFrame } from './LetterFrame';
import { money } from './told';

interface Props {
  order: BookedOrder;
  owner: Owner;
  onStep: (step: OrderStep) => void;
}

const Line = 'p';

/** What followed an order: parcels, links to files, gift cards, papers, letters. */
export function Follows({ order, owner, onStep }: Props) {
  const { books, lines } = order;
  const [refused, setRefused] = useState('');
  const fetchIt = async (wanted: Parameters<typeof paperFile>[2]) => {
    const got = await paperFile(owner, order.number, wanted);
    setRefused(got.ok ? '' : got.say);
    if (got.ok) download(got.value.bytes, got.value.name, got.value.type);
  };
  const titleOf = (variant: string) => lines.find((line) => line.variant === variant)?.title ?? variant;
  return (
    <>
      {books.parcels.map(({ at, tracking, lines: sent }, i) => (
        <Line key={at}>
          {when(at)}: {sent.map(({ variant, quantity }) => `${quantity} × ${titleOf(variant)}`).join(', ')}{' '}
          {order.delivery?.collection ? 'fetched' : 'sent'}
          {tracking ? `, to be followed by: ${tracking}` : ''}
          {'. '}
          {books.parcels.length > 1 ? (
            <TextButton onPress={() => void fetchIt({ slip: String(i + 1) })}>Its packing slip</TextButton>
          ) : null}
        </Line>
      ))}
      {books.files.map(({ token, variant, fetched, until }) => (
        <Line key={token}>
          File of {titleOf(variant)}: fetched {fetched} of {linkTimes} times, until {when(until)}.{' '}
          <TextButton onPress={() => onStep({ relink: token })}>Open the link anew</TextButton>
        </Line>
      ))}
      {books.cards.map(({ code, amount, left, ended }) => (
        <Line key={code}>
          Gift card <b style={{ whiteSpace: 'nowrap' }}>{cardShown(code)}</b>:{' '}
          {ended ? 'given back' : `${money(left, order)} left of ${money(amount, order)}`}
        </Line>
      ))}
      <Repeats order={order} onStep={onStep} />
      <Papers order={order} onStep={onStep} fetchIt={fetchIt} />
      {refused ? (
        <Notice role="alert" $kind="mend">
          {refused}
        </Notice>
      ) : null}
      <Letters order={order} owner={owner} />
    </>
  );
}

const every = ({ every: n, unit }: BookedOrder['books']['repeats'][number]['rhythm']) =>
  n === 1 ? `every ${unit}` : `every ${n} ${unit}s`;
const stands = { running: 'goes on', paused: 'is paused', stopped: 'is stopped' } as const;

/** What comes again and again: its next dates, and letting it rest, go on or stop. */
function Repeats({ order, onStep }: Omit<Props, 'owner'>) {
  return order.books.repeats.map(({ order: began, variant, title, rhythm, state, why, next, agreed, orders }) => (
    <section key={`${began} ${variant}`} aria-label={`${title}, again`} style={{ display: 'grid', gap: 6 }}>
      <h3>
        {title}, {every(rhythm)}
      </h3>
      <Line>
        {state === 'running'
          ? `Next on ${next.map(day).join(', ')}; up to ${money(agreed, order)} each time.`
          : `It ${stands[state]}. ${why}`}
      </Line>
      {began === order.number ? null : <Line>It began with order {began}.</Line>}
      {orders.length ? <Line>Ordered since then: {orders.join(', ')}.</Line> : null}
      {state === 'stopped' ? null : (
        <Row>
          {state === 'running' ? (
            <TextButton onPress={() => onStep({ repeat: { variant, state: 'paused' } })}>Pause it</TextButton>
          ) : (
            <TextButton onPress={() => onStep({ repeat: { variant, state: 'running' } })}>Go on with it</TextButton>
          )}
          <TextButton onPress={() => onStep({ repeat: { variant, state: 'stopped' } })}>Stop it</TextButton>
        </Row>
      )}
    </section>
  ));
}

function Papers({
  order,
  onStep,
  fetchIt,
}: Omit<Props, 'owner'> & { fetchIt: (wanted: Parameters<typeof paperFile>[2]) => Promise<void> }) {
  const { papers, refunded } = order.books;
  const credited = papers.reduce((sum, { kind, total }) => sum + (kind === 'credit-note' ? total : 0), 0);
  const isPaid = order.state === 'paid' || order.state === 'sent';
  const isMissing = isPaid && (!papers.length || credited < refunded);
  return (
    <section aria-label="Papers">
      <h3>Papers</h3>
      {papers.map(({ number, kind, total, date }) => (
        <Row key={number} style={{ justifyContent: 'space-between' }}>
          <span>
            {kind === 'invoice' ? 'Invoice' : 'Credit note'} <b>{number}</b>, {date}, {money(total, order)}
          </span>
          <span style={{ display: 'flex', gap: 12 }}>
            <TextButton aria-label={`${number} as PDF`} onPress={() => void fetchIt({ paper: number, form: 'pdf' })}>
              PDF
            </TextButton>
            <TextButton aria-label={`${number} as UBL`} onPress={() => void fetchIt({ paper: number, form: 'ubl' })}>
              UBL
            </TextButton>
          </span>
        </Row>
      ))}
      <Row>
        {order.lines.some(({ kind }) => followings[kind].travels) ? (
          <TextButton onPress={() => void fetchIt({ slip: '' })}>Packing slip</TextButton>
        ) : null}
        {isMissing ? (
          <TextButton onPress={() => onStep({ papers: true })}>
            {papers.length ? 'Issue the credit note' : 'Issue the invoice'}
          </TextButton>
        ) : null}
      </Row>
    </section>
  );
}

function Letters({ order, owner }: Omit<Props, 'onStep'>) {
  const [read, setRead] = useState<{ id: string; letter: SentLetter } | string>('');
  const { letters } = order.books;
  if (!letters.length) return null;
  const open = async (id: string) => {
    const got = await letterOf(owner, order.number, id);
    setRead(got.ok ? { id, letter: got.value } : got.say);
  };
  return (
    <section aria-label="Letters">
      <h3>Letters</h3>
      {letters.map(({ id, at, subject }) => (
        <div key={id}>
          {when(at)}:{' '}
          {typeof read === 'object' && read.id === id ? (
            <TextButton onPress={() => setRead('')}>Close “{subject}”</TextButton>
          ) : (
            <TextButton onPress={() => void open(id)}>{subject}</TextButton>
          )}
          {typeof read === 'object' && read.id === id ? (
            <LetterFrame html={read.letter.html} title={subject} width={372} />
          ) : null}
        </div>
      ))}
      {typeof read === 'string' && read ? (
        <Notice role="alert" $kind="mend">
          {read}
        </Notice>
      ) : null}
    </section>
  );
}
