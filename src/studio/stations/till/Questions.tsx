'use client';

import { useState } from 'react';
import { set, tillPlaces } from '@/core/places';
import { questionsSchema, type Question } from '@/core/till/page';
import { Button, Check, Field, Row, TextButton } from '../../parts';
import { Blank, Part, Sentence, unused, wanted, type PartProps } from './parts';

/** What the seller asks of buyers beside what an order needs. */
export function Questions({ state, rules }: PartProps) {
  const { questions } = rules;
  const [draft, setDraft] = useState('');
  const keep = (next: Question[]) =>
    next.length ? state.decide(set(tillPlaces.questions, next)) : state.withdraw(tillPlaces.questions);
  const add = () => {
    const id = unused('q', questions.map(({ id: taken }) => taken.replace('q', 'q-'))).replace('-', ''); // prettier-ignore
    keep([...questions, { id, label: draft.trim(), required: false }]);
    setDraft('');
  };
  const isFull = !questionsSchema.safeParse([...questions, { id: 'q999999', label: 'x', required: false }]).success;
  return (
    <Part aria-label="Questions at the checkout">
      <h2>Questions at the checkout</h2>
      <Check
        isSelected={rules.presents}
        onChange={(on) => (on ? state.decide(set(tillPlaces.presents, true)) : state.withdraw(tillPlaces.presents))}
      >
        Buyers may write a few words that lie in the parcel of a present
      </Check>
      {questions.map((question) => {
        const change = (part: Partial<Question>) =>
          keep(questions.map((other) => (other.id === question.id ? { ...other, ...part } : other)));
        return (
          <Row key={question.id}>
            <Sentence style={{ flex: 1 }}>
              <Blank
                label="Question"
                size={30}
                value={question.label}
                read={wanted}
                onSet={(label) => change({ label: label.trim() })}
              />
            </Sentence>
            <Check isSelected={question.required} onChange={(required) => change({ required })}>
              has to be answered
            </Check>
            <TextButton
              aria-label={`Ask “${question.label}” no more`}
              onPress={() => keep(questions.filter(({ id }) => id !== question.id))}
            >
              Take out
            </TextButton>
          </Row>
        );
      })}
      {isFull ? null : (
        <Row style={{ alignItems: 'end' }}>
          <div style={{ flex: 1, maxWidth: 460 }}>
            <Field
              label="What you would like to know of buyers"
              placeholder="Which initials go on it?"
              value={draft}
              onChange={setDraft}
              maxLength={200}
            />
          </div>
          <Button isDisabled={!draft.trim()} onPress={add}>
            Ask it
          </Button>
        </Row>
      )}
    </Part>
  );
}
