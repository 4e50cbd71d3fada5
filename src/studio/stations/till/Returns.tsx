'use client';

import { set, tillPlaces } from '@/core/places';
import { Blank, Part, Sentence, wholeNumber, type PartProps } from './parts';

/** How long buyers may send something back. */
export function Returns({ state, rules }: PartProps) {
  const { returnsDays } = rules;
  return (
    <Part aria-label="Returns">
      <h2>Returns</h2>
      <Sentence>
        What was bought can be sent back for{' '}
        <Blank
          label="Days to send something back"
          size={4}
          value={returnsDays === null ? '' : String(returnsDays)}
          read={wholeNumber(0, 3650, true)}
          onSet={(text) =>
            text.trim() ? state.decide(set(tillPlaces.returnsDays, Number(text))) : state.withdraw(tillPlaces.returnsDays)
          }
        />{' '}
        days.
      </Sentence>
    </Part>
  );
}
