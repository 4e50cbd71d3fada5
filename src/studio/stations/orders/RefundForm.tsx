'use client';

import { useState } from 'react';
import { parsePrice } from '@/core/goods/page';
import { decimal, minorDigits, refundOf, type BookedOrder } from '@/core/till/page';
import { type OrderStep } from '../../host';
import { Button, Check, Field, Notice, Row, TextButton } from '../../parts';
import { money } from './told';

/** What of an order is refunded: pieces, the delivery, a sum; worked out as it is typed. */
export function RefundForm({
  order,
  onStep,
  onLeave,
}: {
  order: BookedOrder;
  onStep: (step: OrderStep) => void;
  onLeave: () => void;
}) {
  const { books } = order;
  const digits = minorDigits(order.currency);
  const [pieces, setPieces] = useState<Record<string, string>>({});
  const [delivery, setDelivery] = useState(false);
  const [sum, setSum] = useState('');
  const [restock, setRestock] = useState(true);
  const [why, setWhy] = useState('');
  const read = sum.trim() ? parsePrice(sum, digits) : { ok: true as const, value: 0 };
  const lines = order.lines.flatMap(({ variant }) => {
    const quantity = Number(pieces[variant] ?? 0);
    return Number.isInteger(quantity) && quantity > 0 ? [{ variant, quantity }] : [];
  });
  const amount = refundOf(
    order,
    { lines, delivery, sum: read.ok ? read.value : 0 },
    { pieces: new Map(Object.entries(books.refundedPieces)), delivery: books.refundedDelivery, amount: books.refunded },
  );
  const isAnything = lines.length > 0 || delivery || sum.trim() !== '';
  return (
    <Notice as="div" $kind="todo" role="group" aria-label="A refund" style={{ display: 'grid', gap: 10 }}>
      {order.lines.map(({ variant, title, quantity }) => {
        const left = quantity - (books.refundedPieces[variant] ?? 0);
        const typed = pieces[variant] ?? '';
        const isRight = typed === '' || (/^\d{1,3}$/.test(typed) && Number(typed) <= left);
        return (
          <Field
            key={variant}
            label={`Pieces of ${title} that come back, of ${left}`}
            value={typed}
            isDisabled={left === 0}
            onChange={(text) => setPieces({ ...pieces, [variant]: text.trim() })}
            wrong={isRight ? '' : `Write a number from 0 to ${left}.`}
          />
        );
      })}
      {order.delivery && order.delivery.price > 0 && !books.refundedDelivery ? (
        <Check isSelected={delivery} onChange={setDelivery}>
          The delivery, too
        </Check>
      ) : null}
      <Field
        label={`A sum beside, up to ${decimal(order.total - books.refunded, digits)}`}
        value={sum}
        onChange={setSum}
        wrong={read.ok ? '' : read.say}
      />
      {lines.length ? (
        <Check isSelected={restock} onChange={setRestock}>
          The pieces go back on the shelf
        </Check>
      ) : null}
      <Field label="Why (if you like)" value={why} onChange={setWhy} />
      {isAnything && !amount.ok ? <span role="alert">{amount.say}</span> : null}
      <Row>
        <Button
          isDisabled={!amount.ok || !read.ok || !isAnything}
          onPress={() => {
            onStep({ refund: { lines, delivery, sum: read.ok ? read.value : 0, restock: restock && lines.length > 0, why } });
            onLeave();
          }}
        >
          {amount.ok && isAnything ? `Refund ${money(amount.value, order)}` : 'Refund'}
        </Button>
        <TextButton onPress={onLeave}>Leave it</TextButton>
      </Row>
    </Notice>
  );
}
