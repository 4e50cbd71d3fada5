'use client';

import { useState } from 'react';
import styled from 'styled-components';
import { addressOf, orderMoves, type BookedOrder } from '@/core/till/page';
import { type Owner } from '@/core/project';
import { type Step } from '@/core/till';
import { workingOf, type OrderStep } from '../../host';
import { Button, Field, Notice, QuietButton, Row, TextButton } from '../../parts';
import { tokens } from '../../theme';
import { when } from '../../when';
import { Follows } from './Follows';
import { HandOver, Times } from './HandOver';
import { RefundForm } from './RefundForm';
import { actors, mayLeave, money, standing, states } from './told';

const Figures = styled.dl`
  border-top: 1px solid ${tokens.ink};
  div {
    display: flex;
    justify-content: space-between;
    gap: 12px;
    padding: 6px 0;
    border-bottom: 1px solid ${tokens.line};
  }
  .total {
    font-weight: 600;
  }
`;

const History = styled.ol`
  font-size: 14px;
  li {
    padding: 5px 0;
    border-bottom: 1px solid ${tokens.line};
  }
`;

const ways = { card: 'by card', bank: 'by bank transfer', cash: 'in cash' } as const;

const Asked = styled(Notice)`
  display: grid;
  gap: 10px;
`;

const countries = new Intl.DisplayNames(['en-GB'], { type: 'region' });

interface OrderSheetProps {
  order: BookedOrder;
  owner: Owner;
  onStep: (step: OrderStep) => void;
}

/** One order: who, what, the sum in its parts, what can be done with it, and what was. */
export function OrderSheet({ order, owner, onStep }: OrderSheetProps) {
  const { buyer, books } = order;
  return (
    <>
      <h2>
        Order {order.number}, {standing(order)}
      </h2>
      {books.toGiveBack > 0 ? (
        <Asked as="div" $kind="todo">
          <p>
            <b>{money(books.toGiveBack, order)}</b> of this order {order.state === 'cancelled' ? 'was paid' : 'came in'} and is
            not owed to you.
          </p>
          <Row>
            <Button onPress={() => onStep({ giveBack: true })}>
              {order.payment === 'card' ? `Give back ${money(books.toGiveBack, order)}` : 'I have given it back'}
            </Button>
          </Row>
        </Asked>
      ) : null}
      <p>
        {buyer.name}
        <br />
        {[...addressOf(buyer), countries.of(buyer.country)].filter(Boolean).map((line) => (
          <span key={line}>
            {line}
            <br />
          </span>
        ))}
        <a href={`mailto:${buyer.email}`}>{buyer.email}</a>
        {buyer.phone ? `, ${buyer.phone}` : ''}
      </p>
      {buyer.note ? <Notice>{buyer.note}</Notice> : null}
      {buyer.present ? (
        <p>
          A present, with the words: <i>{buyer.present}</i>
        </p>
      ) : null}
      {order.answers.map(({ label, answer }) => (
        <p key={label}>
          {label}: <b>{answer}</b>
        </p>
      ))}
      <Figures>
        {order.lines.map((line) => (
          <div key={line.variant}>
            <dt>
              {line.quantity} × {line.title}
            </dt>
            <dd>{money(line.sum, order)}</dd>
          </div>
        ))}
        {order.discount ? (
          <div>
            <dt>Discount {order.code}</dt>
            <dd>−{money(order.discount, order)}</dd>
          </div>
        ) : null}
        {order.delivery ? (
          <div>
            <dt>Delivery, {order.delivery.label}</dt>
            <dd>{money(order.delivery.price, order)}</dd>
          </div>
        ) : null}
        {order.relief ? (
          <div>
            <dt>Tax not charged{order.taxNumber ? ` to the business ${order.taxNumber}` : ''}</dt>
            <dd>−{money(order.relief, order)}</dd>
          </div>
        ) : null}
        {order.taxes.map((tax) => (
          <div key={tax.taxClass}>
            <dt>
              {order.taxIncluded ? 'of which tax' : 'Tax'} {tax.rate / 100} %
            </dt>
            <dd>{money(tax.tax, order)}</dd>
          </div>
        ))}
        <div className="total">
          <dt>Total, {ways[order.payment]}</dt>
          <dd>{money(order.total, order)}</dd>
        </div>
        {order.giftCard ? (
          <div>
            <dt>of which by gift card</dt>
            <dd>{money(order.giftCard, order)}</dd>
          </div>
        ) : null}
        {books.refunded ? (
          <div>
            <dt>Refunded</dt>
            <dd>−{money(books.refunded, order)}</dd>
          </div>
        ) : null}
        {books.givenBack ? (
          <div>
            <dt>Given back</dt>
            <dd>−{money(books.givenBack, order)}</dd>
          </div>
        ) : null}
      </Figures>
      <Working key={`working ${order.number}`} order={order} owner={owner} />
      <Times key={`times ${order.number}`} order={order} onStep={onStep} />
      <Steps key={order.number} order={order} onStep={onStep} />
      <Follows key={`follows ${order.number}`} order={order} owner={owner} onStep={onStep} />
      <section aria-label="What became of it">
        <h3>What became of it</h3>
        <History>
          {books.history.map((entry, i) => (
            <li key={i}>
              {when(entry.at)}: {sayOf(entry, order)}
              {entry.why ? ` “${entry.why}”` : ''}
            </li>
          ))}
        </History>
        <NoteField key={`note ${order.number}`} onStep={onStep} />
      </section>
    </>
  );
}

/** How each figure was worked out, when the seller wants to see it. */
function Working({ order, owner }: Pick<OrderSheetProps, 'order' | 'owner'>) {
  const [steps, setSteps] = useState<readonly Step[] | string | null>(null);
  const open = async () => {
    const got = await workingOf(owner, order.number);
    setSteps(got.ok ? got.value.working : got.say);
  };
  if (steps === null)
    return (
      <Row>
        <TextButton onPress={() => void open()}>How it was worked out</TextButton>
      </Row>
    );
  if (typeof steps === 'string')
    return (
      <Notice role="alert" $kind="mend">
        {steps}
      </Notice>
    );
  return (
    <section aria-label="How it was worked out">
      <h3>How it was worked out</h3>
      {steps.length ? (
        <Figures>
          {steps.map(({ what, amount, rule, rounding }) => (
            <div key={what}>
              <dt>
                {what}
                <br />
                <small>
                  {rule}
                  {rounding ? ` (rounded ${rounding})` : ''}
                </small>
              </dt>
              <dd>{money(amount, order)}</dd>
            </div>
          ))}
        </Figures>
      ) : (
        <p>It was placed before that was kept.</p>
      )}
      <TextButton onPress={() => setSteps(null)}>Close it</TextButton>
    </section>
  );
}

type Entry = BookedOrder['books']['history'][number];

const deeds: Record<Exclude<Entry['did'], '' | 'repeat'>, string> = {
  parcel: 'a parcel left',
  ready: 'it lay ready',
  agreed: 'a time was agreed',
  relinked: 'a link was opened anew',
  note: 'you noted',
};

function sayOf({ by, state, money: moved, did }: Entry, order: BookedOrder): string {
  if (did === 'parcel' && order.delivery?.collection) return 'pieces were fetched';
  if (did === 'repeat') return `by ${actors[by]}`;
  if (did) return deeds[did];
  const who = by === 'buyer' ? 'placed by the buyer' : `${states[state]}, by ${actors[by]}`;
  if (moved === 0) return who;
  return `${moved > 0 ? `${money(moved, order)} came in` : `${money(-moved, order)} went back`}; ${who}`;
}

/** A note for the seller's own books. */
function NoteField({ onStep }: Pick<OrderSheetProps, 'onStep'>) {
  const [typed, setTyped] = useState('');
  return (
    <div style={{ display: 'grid', gap: 8, marginTop: 10 }}>
      <Field label="A note for yourself" value={typed} onChange={setTyped} maxLength={2000} />
      <Row>
        <QuietButton
          isDisabled={!typed.trim()}
          onPress={() => {
            onStep({ note: typed.trim() });
            setTyped('');
          }}
        >
          Note it
        </QuietButton>
      </Row>
    </div>
  );
}

/** What may be done with an order where it stands. Letting it go is asked about once more. */
function Steps({ order, onStep }: Omit<OrderSheetProps, 'owner'>) {
  const [leaving, setLeaving] = useState(false);
  const [refunding, setRefunding] = useState(false);
  const [why, setWhy] = useState('');
  const may = orderMoves[order.state];
  if (refunding) return <RefundForm order={order} onStep={onStep} onLeave={() => setRefunding(false)} />;
  if (leaving)
    return (
      <Asked as="div" $kind="todo">
        <p>
          The goods go back on the shelf
          {order.state === 'paid' ? ', and what was paid is to be given back' : ''}. This can’t be undone.
        </p>
        <Field label="Why, for your own books (if you like)" value={why} onChange={setWhy} />
        <Row>
          <Button
            onPress={() => {
              setLeaving(false);
              onStep({ state: 'cancelled', why });
            }}
          >
            Cancel this order
          </Button>
          <TextButton onPress={() => setLeaving(false)}>Keep it</TextButton>
        </Row>
      </Asked>
    );
  return (
    <>
      {mayLeave(order) ? <HandOver order={order} onStep={onStep} /> : null}
      <Row>
        {may.includes('paid') ? <Button onPress={() => onStep({ state: 'paid' })}>The payment has come</Button> : null}
        {(order.state === 'paid' || order.state === 'sent') && order.books.refunded < order.total ? (
          <QuietButton onPress={() => setRefunding(true)}>Refund a part …</QuietButton>
        ) : null}
        {may.includes('cancelled') && (order.state !== 'paid' || !order.books.parcels.length) ? (
          <QuietButton onPress={() => setLeaving(true)}>Cancel the order …</QuietButton>
        ) : null}
      </Row>
    </>
  );
}
