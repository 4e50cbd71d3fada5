'use client';

import Link from 'next/link';
import { useEffect, useRef, useState } from 'react';
import { ToggleButton } from 'react-aria-components';
import styled from 'styled-components';
import { type Next } from '@/core/interview';
import { asked, set } from '@/core/places';
import { type Reading } from '@/core/brief';
import { Button, Field, Notice, Panel, QuietButton, Row, Soft, TextButton } from '../../parts';
import { tokens } from '../../theme';
import { type ProjectState } from '../../useProject';
import { type ShopState } from '../../useShop';

const Box = styled(Panel)`
  .count {
    font-size: 13px;
    color: ${tokens.soft};
  }
`;

const Picks = styled.div`
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
`;

const Pick = styled(ToggleButton)`
  background: ${tokens.sheet};
  border: 1px solid ${tokens.soft};
  padding: 5px 10px;
  min-height: 32px;
  font-size: 14px;
  cursor: pointer;
  text-align: left;
  &[data-hovered] {
    background: ${tokens.verdigrisPale};
  }
  &[data-selected] {
    background: ${tokens.verdigris};
    border-color: ${tokens.verdigris};
    color: #fff;
  }
`;

const Recap = styled.dl`
  display: grid;
  gap: 6px;
  dt {
    font-weight: 600;
    font-size: 13.5px;
  }
`;

const ToPlan = styled(Link)`
  display: inline-block;
  padding: 7px 14px;
  background: ${tokens.verdigris};
  color: #fff;
  font-weight: 600;
  text-decoration: none;
`;

/** What an answer changes, in a sentence. */
function promise({ gain }: Next): string {
  const said: string[] = [];
  if (gain.opens.length) said.push(`opens ${gain.opens.slice(0, 2).join(' and ')}`);
  if (gain.look) said.push('sets the look');
  if (gain.settles && !said.length) said.push('settles something that is open');
  if (gain.texts && !gain.opens.length)
    said.push(`gives ${gain.texts === 1 ? 'one text' : `${gain.texts} texts`} words of yours`);
  return said.length ? `An answer ${said.join(', and ')}.` : '';
}

/** One question at a time, the one whose answer changes most; skip and enough are always there. */
export function Questions({
  state,
  shop,
  onEnough,
  enough,
}: {
  state: ProjectState;
  shop: ShopState;
  enough: boolean;
  onEnough: (enough: boolean) => void;
}) {
  const [{ next, of }, setFound] = useState<{ next: Next | 'none' | null; of: number }>({ next: null, of: 0 });
  const { worker, turn } = shop;
  const shown = useRef('');
  /** Whether the seller is at the question: it is not taken from under the pointer, nor from whoever types into it. */
  const at = useRef({ pointer: false, focus: false });
  useEffect(() => {
    shown.current = next && next !== 'none' ? next.id : '';
    if (!shown.current) at.current = { pointer: false, focus: false };
  }, [next]);
  useEffect(() => {
    if (!worker || turn === 0) return;
    let stale = false;
    const settle = (found: Next | 'none' | null) => {
      if (!stale) setFound((before) => ({ next: found ?? before.next, of: turn }));
    };
    worker.ask('ask', { shown: shown.current }).then(
      (found) => settle((at.current.pointer || at.current.focus ? found.shown : null) ?? found.best ?? 'none'),
      // What fails is said by the shop; the question stays.
      () => settle(null),
    );
    return () => {
      stale = true;
    };
  }, [worker, turn]);

  /** Whether it may still give way to another: what it follows from has changed since. */
  const overtaken = of !== turn;
  if (enough || next === 'none') {
    return (
      <Box aria-label="Recap" aria-busy={overtaken}>
        <h2>{next === 'none' ? 'That is enough to build from' : 'This is what will be built from'}</h2>
        {shop.summary ? <RecapOf reading={shop.summary.reading} products={shop.summary.products} /> : null}
        <Row>
          <ToPlan href={`/project/${state.project.id}/plan`}>To the plan</ToPlan>
          {next !== 'none' ? <TextButton onPress={() => onEnough(false)}>Another question</TextButton> : null}
        </Row>
      </Box>
    );
  }
  if (!next)
    return (
      <Box role="status" aria-busy style={{ minHeight: 190 }}>
        Looking for the question that helps most …
      </Box>
    );
  return (
    <div
      aria-busy={overtaken}
      onPointerEnter={() => void (at.current.pointer = true)}
      onPointerLeave={() => void (at.current.pointer = false)}
      onFocus={() => void (at.current.focus = true)}
      onBlur={() => void (at.current.focus = false)}
    >
      <One key={next.id} next={next} state={state} shop={shop} onEnough={() => onEnough(true)} />
    </div>
  );
}

function One({ next, state, shop, onEnough }: { next: Next; state: ProjectState; shop: ShopState; onEnough: () => void }) {
  const [picked, setPicked] = useState<string[]>([]);
  const [typed, setTyped] = useState('');
  const [wrong, setWrong] = useState('');
  const answer = async () => {
    const given = [...picked, ...(typed.trim() ? [typed.trim()] : [])];
    const answered = await shop.worker?.ask('answer', { id: next.id, given });
    if (!answered) return;
    if (!answered.ok) return setWrong(answered.say);
    state.decide(answered.value, 'Answer a question');
  };
  const toggle = (pick: string, on: boolean) => {
    setWrong('');
    setPicked((before) => (on ? [...(next.several ? before : []), pick] : before.filter((other) => other !== pick)));
  };
  return (
    <Box aria-label="A question">
      <p className="count">
        Question {next.number}, {next.left > 1 ? `${next.left} worth asking` : 'the last worth asking'}
      </p>
      <h2 id="question">{next.say}</h2>
      {next.picks.length ? (
        <Picks role="group" aria-labelledby="question">
          {next.picks.map((pick) => (
            <Pick key={pick} isSelected={picked.includes(pick)} onChange={(on) => toggle(pick, on)}>
              {pick}
            </Pick>
          ))}
        </Picks>
      ) : null}
      {next.field ? (
        <form
          onSubmit={(event) => {
            event.preventDefault();
            void answer();
          }}
        >
          <Field
            label={next.field}
            value={typed}
            onChange={(text) => {
              setWrong('');
              setTyped(text);
            }}
          />
        </form>
      ) : null}
      {wrong ? <Notice $kind="mend">{wrong}</Notice> : null}
      <Soft>
        <small>{promise(next)}</small>
      </Soft>
      <Row>
        <Button onPress={() => void answer()}>Answer</Button>
        <QuietButton onPress={() => state.decide(set(asked(next.id), 'skipped'), 'Skip a question')}>Skip</QuietButton>
        <TextButton onPress={onEnough}>That’s enough, build it</TextButton>
      </Row>
    </Box>
  );
}

/** What is known, in one look, and what will be missing. */
function RecapOf({ reading, products }: { reading: Reading; products: number }) {
  const sells = reading.sells.map((fact) => fact.value).join(', ');
  const colours = reading.coloursWanted.map((fact) => fact.value.name);
  const missing = [
    reading.name ? '' : 'a name',
    reading.email ? '' : 'an e-mail address',
    reading.place ? '' : 'a place',
    products ? '' : 'the list of goods',
    reading.difference.length ? '' : 'what sets you apart',
  ].filter(Boolean);
  return (
    <Recap>
      <div>
        <dt>Who and what</dt>
        <dd>
          {reading.name?.value ?? 'A shop without a name yet'}
          {sells ? `: ${sells}` : ''}
          {reading.place ? `, ${reading.place.value}` : ''}
        </dd>
      </div>
      {reading.difference.length ? (
        <div>
          <dt>Apart by</dt>
          <dd>{reading.difference.map((fact) => fact.value).join(' ')}</dd>
        </div>
      ) : null}
      {reading.tone.length || colours.length ? (
        <div>
          <dt>How it will be</dt>
          <dd>{[...reading.tone.map((fact) => fact.value), ...colours].join(', ')}</dd>
        </div>
      ) : null}
      {missing.length ? (
        <div>
          <dt>Left open, and kept as to-dos</dt>
          <dd>{missing.join(', ')}</dd>
        </div>
      ) : null}
    </Recap>
  );
}
