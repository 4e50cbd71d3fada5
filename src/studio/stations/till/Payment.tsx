'use client';

import { set as place, tillPlaces } from '@/core/places';
import { Check } from '../../parts';
import { anyText, Blank, Part, Sentence, wholeNumber, type PartProps } from './parts';

/** How buyers pay. */
export function Payment({ state, rules }: PartProps) {
  const { payments } = rules;
  const set = (part: Partial<typeof payments>) => state.decide(place(tillPlaces.payments, { ...payments, ...part }));
  return (
    <Part aria-label="Payment">
      <h2>Payment</h2>
      <Check isSelected={payments.card} onChange={(card) => set({ card })}>
        Cards, through the provider
      </Check>
      {payments.card ? (
        <Sentence>
          While a card is asked for, the goods are kept for{' '}
          <Blank
            label="Minutes that a card payment may take"
            size={4}
            value={String(payments.cardMinutes)}
            read={wholeNumber(10, 1440)}
            onSet={(text) => set({ cardMinutes: Number(text) })}
          />{' '}
          minutes.
        </Sentence>
      ) : null}
      <Check isSelected={payments.cash} onChange={(cash) => set({ cash })}>
        Cash, when it is delivered or fetched
      </Check>
      <Sentence>
        Bank transfers go to{' '}
        <Blank
          label="Bank transfer: where to"
          size={24}
          placeholder="name, bank, account"
          value={payments.bank}
          read={anyText}
          onSet={(bank) => set({ bank: bank.trim() })}
        />
        {payments.bank ? (
          <>
            {' '}
            and may take{' '}
            <Blank
              label="Days that a transfer may take"
              size={3}
              value={String(payments.bankDays)}
              read={wholeNumber(1, 90)}
              onSet={(text) => set({ bankDays: Number(text) })}
            />{' '}
            days before the goods go back on the shelf
          </>
        ) : null}
        .
      </Sentence>
    </Part>
  );
}
