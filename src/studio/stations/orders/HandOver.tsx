'use client';

import { useState } from 'react';
import { type BookedOrder } from '@/core/till';
import { type OrderStep } from '../../host';
import { Button, Field, Notice, QuietButton, Row, TextButton } from '../../parts';
import { leftOf, mayLeave } from './told';

type Props = { order: BookedOrder; onStep: (step: OrderStep) => void };

/** What travels: all that is left in one parcel, a part of it, or into the hands of whoever comes for it. */
export function HandOver({ order, onStep }: Props) {
  const left = leftOf(order);
  const [tracking, setTracking] = useState('');
  const [parts, setParts] = useState<Record<string, string> | null>(null);
  if (!left.length) return null;
  if (order.delivery?.collection)
    return (
      <Row>
        {order.books.ready ? null : <Button onPress={() => onStep({ ready: true })}>It lies ready</Button>}
        <QuietButton onPress={() => onStep({ state: 'sent', lines: [], tracking: '' })}>It was fetched</QuietButton>
      </Row>
    );
  const field = <Field label="To follow the parcel by (if you like)" value={tracking} onChange={setTracking} />;
  if (!parts)
    return (
      <>
        {field}
        <Row>
          <Button onPress={() => onStep({ state: 'sent', lines: [], tracking })}>
            {order.books.parcels.length ? 'The rest has left' : 'The parcel has left'}
          </Button>
          {left.length > 1 || (left[0]?.left ?? 0) > 1 ? (
            <QuietButton onPress={() => setParts({})}>Send a part …</QuietButton>
          ) : null}
        </Row>
      </>
    );
  const lines = left.flatMap(({ variant }) => {
    const quantity = Number(parts[variant] || 0);
    return quantity > 0 ? [{ variant, quantity }] : [];
  });
  const isRight = (typed: string, most: number) => typed === '' || (/^\d{1,3}$/.test(typed) && Number(typed) <= most);
  const allRight = left.every(({ variant, left: most }) => isRight(parts[variant] ?? '', most));
  return (
    <Notice as="div" $kind="todo" role="group" aria-label="A part of the order" style={{ display: 'grid', gap: 10 }}>
      {left.map(({ variant, title, left: most }) => (
        <Field
          key={variant}
          label={`Pieces of ${title} in this parcel, of ${most}`}
          value={parts[variant] ?? ''}
          onChange={(text) => setParts({ ...parts, [variant]: text.trim() })}
          wrong={isRight(parts[variant] ?? '', most) ? '' : `Write a number from 0 to ${most}.`}
        />
      ))}
      {field}
      <Row>
        <Button
          isDisabled={!lines.length || !allRight}
          onPress={() => {
            setParts(null);
            setTracking('');
            onStep({ state: 'sent', lines, tracking });
          }}
        >
          This part has left
        </Button>
        <TextButton onPress={() => setParts(null)}>Leave it</TextButton>
      </Row>
    </Notice>
  );
}

/** Lessons and visits: the time that was agreed, which may change. */
export function Times({ order, onStep }: Props) {
  const lessons = order.lines.filter(({ kind }) => kind === 'appointment');
  if (!lessons.length || !(mayLeave(order) || order.state === 'sent')) return null;
  return (
    <>
      {lessons.map(({ variant, title }) => (
        <Time
          key={variant}
          title={title}
          when={order.books.times.find((time) => time.variant === variant)?.when ?? ''}
          onAgree={(when) => onStep({ agreed: { variant, when } })}
        />
      ))}
    </>
  );
}

function Time({ title, when, onAgree }: { title: string; when: string; onAgree: (when: string) => void }) {
  const [typed, setTyped] = useState(when);
  return (
    <div style={{ display: 'grid', gap: 8 }}>
      <Field
        label={`${title}: when it takes place`}
        placeholder="Tuesday, 8 December, at 10"
        value={typed}
        onChange={setTyped}
        maxLength={200}
      />
      <Row>
        <Button isDisabled={!typed.trim() || typed.trim() === when} onPress={() => onAgree(typed.trim())}>
          {when ? 'Change the time, and write to the buyer' : 'It is agreed: write to the buyer'}
        </Button>
      </Row>
    </div>
  );
}
