'use client';

import { useState } from 'react';
import { type Owner } from '@/core/project';
import { cardShown, linkTimes, type BookedOrder } from '@/core/till/page';
import { letterOf, paperFile, type OrderStep, type SentLetter } from '../../host';
import { Notice, Row, TextButton } from '../../parts';
import { download } from '../../projects';
import { when } from '../../when';
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
  const titleOf = (variant: string) => lines.find((line) => line.variant === variant)?.title ?? variant;
  return (
    <>
      {books.parcels.map(({ at, tracking, lines: sent }) => (
        <Line key={at}>
          {when(at)}: {sent.map(({ variant, quantity }) => `${quantity} × ${titleOf(variant)}`).join(', ')}{' '}
          {order.delivery?.collection ? 'fetched' : 'sent'}
          {tracking ? `, to be followed by: ${tracking}` : ''}
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
      <Papers order={order} owner={owner} onStep={onStep} />
      <Letters order={order} owner={owner} />
    </>
  );
}

function Papers({ order, owner, onStep }: Props) {
  const [refused, setRefused] = useState('');
  const fetchIt = async (wanted: Parameters<typeof paperFile>[2]) => {
    const got = await paperFile(owner, order.number, wanted);
    setRefused(got.ok ? '' : got.say);
    if (got.ok) download(got.value.bytes, got.value.name, got.value.type);
  };
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
        {order.lines.some(({ kind }) => kind === 'physical') ? (
          <TextButton onPress={() => void fetchIt({ slip: '' })}>Packing slip</TextButton>
        ) : null}
        {isMissing ? (
          <TextButton onPress={() => onStep({ papers: true })}>
            {papers.length ? 'Issue the credit note' : 'Issue the invoice'}
          </TextButton>
        ) : null}
      </Row>
      {refused ? (
        <Notice role="alert" $kind="mend">
          {refused}
        </Notice>
      ) : null}
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
