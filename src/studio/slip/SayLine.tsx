'use client';

import { useEffect, useId, useRef, useState } from 'react';
import styled from 'styled-components';
import { pastOf, longestSentence, type Reading, type Understood } from '@/core/sentences/page';
import { type Names } from '@/core/places';
import { type KeptStory } from '@/core/project';
import { type ShopWorker } from '@/workers/client';
import { TextButton } from '../parts';
import { tokens } from '../theme';

const Line = styled.form`
  position: relative;
  display: flex;
  align-items: center;
  gap: 10px;
  min-width: 0;
  label {
    font-weight: 600;
    font-size: 13.5px;
    white-space: nowrap;
  }
  input {
    flex: 1;
    min-width: 0;
    min-height: 34px;
    border: 0;
    border-bottom: 1px solid ${tokens.soft};
    background: none;
    padding: 4px 2px;
    font: inherit;
  }
`;

const Answer = styled.div<{ $above: boolean }>`
  display: grid;
  gap: 4px;
  font-size: 14px;
  ${({ $above }) =>
    $above
      ? `position: absolute; left: 0; right: 0; bottom: calc(100% + 8px); z-index: 15; max-height: 46vh; overflow: auto; padding: 10px 16px 12px;
    background: ${tokens.raised}; border: 1px solid ${tokens.ink}; box-shadow: 4px 4px 0 rgb(27 38 49 / 0.18);`
      : ''}
  p {
    overflow-wrap: anywhere;
  }
  ul {
    display: grid;
    gap: 2px;
  }
  li {
    border-bottom: 1px solid ${tokens.line};
  }
  li button {
    width: 100%;
    text-align: left;
    color: ${tokens.ink};
    text-decoration: none;
    padding: 6px 0;
    min-height: 32px;
    overflow-wrap: anywhere;
  }
  li button::before {
    content: '→ ';
    color: ${tokens.verdigris};
  }
  .done {
    color: ${tokens.verdigris};
  }
`;

/** What a sentence was understood as, and what is done with it. */
export interface Saying {
  story: KeptStory;
  names: Partial<Names>;
  /** Does a reading; gives a sentence where it could not. */
  onFulfil: (reading: Reading, paths: Readonly<Record<string, string>>) => string;
}

interface SayLineProps extends Saying {
  /** The thing that it is said at; null for the page that is looked at. */
  thing: string | null;
  path: string;
  worker: ShopWorker | null;
  /** The shop as it was made last: what a sentence means follows from it. */
  turn: number;
  label: string;
  hint: string;
  /** Whether the answer stands above the line, where there is no room below. */
  above?: boolean;
  /** What is being written elsewhere is to be kept before a sentence means something. */
  onFocus?: () => void;
}

const Swatch = styled.span`
  display: inline-block;
  width: 1em;
  height: 1em;
  margin-right: 0.35em;
  vertical-align: -0.12em;
  border: 1px solid ${tokens.soft};
`;

/** A sentence in which colours are seen beside their codes. */
const Told = ({ says }: { says: string }) => (
  <>
    {says.split(/(#[0-9a-f]{6})/).map((part, i) =>
      i % 2 ? (
        <span key={i} style={{ whiteSpace: 'nowrap' }}>
          <Swatch style={{ background: part }} />
          {part}
        </span>
      ) : (
        part
      ),
    )}
  </>
);

/** After so many milliseconds without a key a sentence is read. */
const pause = 160;

/** A line to say a change in plain words: what was understood stands under it, and Enter does it. */
export function SayLine({
  story,
  names,
  onFulfil,
  thing,
  path,
  worker,
  turn,
  label,
  hint,
  above = false,
  onFocus,
}: SayLineProps) {
  const id = useId();
  const [text, setText] = useState('');
  const [answer, setAnswer] = useState<{ of: string; found: Understood & { paths: Record<string, string> } } | null>(null);
  const [said, setSaid] = useState<{ kind: 'done' | 'mend'; say: string } | null>(null);
  const line = useRef<HTMLInputElement>(null);
  const past = useRef({ story, names });
  useEffect(() => {
    past.current = { story, names };
  }, [story, names]);
  const asked = useRef('');
  const given = text.trim();

  useEffect(() => {
    if (!given || !worker) return;
    const timer = setTimeout(() => {
      asked.current = given;
      const { story: log, names: called } = past.current;
      void worker.ask('say', { text: given, thing, path, past: pastOf(log, called) }).then((found) => {
        // What was typed meanwhile is asked for by itself.
        if (asked.current === given) setAnswer({ of: given, found });
      });
    }, pause);
    return () => clearTimeout(timer);
  }, [given, worker, thing, path, turn]);

  const now = given && answer?.of === given ? answer.found : null;
  const fulfil = (reading: Reading) => {
    const wrong = onFulfil(reading, now?.paths ?? {});
    const isSeen = reading.act?.do === 'compare' || reading.act?.do === 'go';
    setSaid(wrong ? { kind: 'mend', say: wrong } : isSeen ? null : { kind: 'done', say: reading.says });
    if (!wrong) setText('');
    setAnswer(null);
    line.current?.focus();
  };
  const [only] = now?.readings ?? [];
  const isSure = now?.readings.length === 1 && only?.sure === true;
  const shown = now !== null || said !== null;
  return (
    <Line
      style={above ? {} : { display: 'grid' }}
      onSubmit={(event) => {
        event.preventDefault();
        if (only && isSure) fulfil(only);
      }}
      onBlur={(event) => {
        // What was done is told where it was said, and no longer than one stays there.
        if (!event.currentTarget.contains(event.relatedTarget)) setSaid(null);
      }}
      onKeyDown={(event) => {
        if (event.key !== 'Escape' || (!text && !said)) return;
        event.stopPropagation();
        setText('');
        setSaid(null);
      }}
    >
      <label htmlFor={id}>{label}</label>
      <input
        id={id}
        ref={line}
        value={text}
        maxLength={longestSentence + 1}
        onFocus={onFocus}
        placeholder={hint}
        autoComplete="off"
        aria-describedby={`${id}-answer`}
        onChange={(event) => {
          setText(event.target.value);
          setSaid(null);
        }}
      />
      <div id={`${id}-answer`} role="status" style={shown ? {} : { display: 'none' }}>
        {shown ? (
          <Answer $above={above}>
            {said ? (
              <p className={said.kind}>
                <Told says={said.kind === 'done' ? `Done: ${said.say}` : said.say} />
              </p>
            ) : null}
            {now?.refused ? (
              <>
                <p>
                  <Told says={now.refused.says} />
                </p>
                {now.refused.nearest.length ? (
                  <>
                    <p>
                      <small>What can be said:</small>
                    </p>
                    <ul>
                      {now.refused.nearest.map((near) => (
                        <li key={near}>
                          <TextButton onPress={() => setText(/“([^”]+)”/.exec(near)?.[1] ?? '')}>{near}</TextButton>
                        </li>
                      ))}
                    </ul>
                  </>
                ) : null}
              </>
            ) : null}
            {now?.readings.length ? (
              <>
                <small>{isSure ? 'Enter does it.' : now.readings.length === 1 ? 'Is this meant?' : 'Which one is meant?'}</small>
                <ul>
                  {now.readings.map((reading) => (
                    <li key={reading.says}>
                      <TextButton onPress={() => fulfil(reading)}>
                        <Told says={reading.says} />
                      </TextButton>
                    </li>
                  ))}
                </ul>
              </>
            ) : null}
          </Answer>
        ) : null}
      </div>
    </Line>
  );
}
