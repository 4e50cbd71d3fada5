'use client';

import { set, tillPlaces } from '@/core/places';
import { Row, TextButton } from '../../parts';
import { Blank, Part, Sentence, wholeNumber, type PartProps } from './parts';

/** How long buyers may send something back. */
export function Returns({ state, rules }: PartProps) {
  const { returnsDays } = rules;
  return (
    <Part aria-label="Returns">
      <h2>Returns</h2>
      <Sentence>
        Things can be sent back within{' '}
        <Blank
          label="Days to send something back"
          size={4}
          placeholder="not said"
          value={returnsDays === null ? '' : String(returnsDays)}
          read={wholeNumber(0, 3650, returnsDays === null)}
          onSet={(text) => (text.trim() ? state.decide(set(tillPlaces.returnsDays, Number(text))) : undefined)}
        />{' '}
        days.
      </Sentence>
      {returnsDays === null ? null : (
        <Row>
          <TextButton onPress={() => state.withdraw(tillPlaces.returnsDays)}>Say nothing of it</TextButton>
        </Row>
      )}
    </Part>
  );
}
