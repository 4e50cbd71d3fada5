'use client';

import { useState } from 'react';
import { Button as AriaButton, GridListItem } from 'react-aria-components';
import styled from 'styled-components';
import { clear, planPlaces, set, textPlace } from '@/core/places';
import { ownerOf } from '@/core/plan/about';
import { isOwnKey, ownKey, sectionAbout, type TextAt, type TextField } from '@/core/sections/about';
import { type OutlinePage, type OutlineSection } from '@/workers/protocol';
import { sourceLine } from '../../because';
import { Choice, Field, Row, Soft, TextButton } from '../../parts';
import { tokens } from '../../theme';
import { type StationProps } from '../station';

const Strip = styled(GridListItem)<{ $state: 'in' | 'waiting' | 'off' }>`
  background: ${tokens.raised};
  border: 1px solid ${tokens.line};
  border-left: 5px solid
    ${({ $state }) => ($state === 'in' ? tokens.verdigris : $state === 'waiting' ? tokens.amber : tokens.line)};
  display: grid;
  grid-template-columns: 26px minmax(0, 1fr) auto;
  gap: 0 6px;
  align-items: center;
  padding: 4px 10px 4px 4px;
  outline-offset: -3px;
  &[data-dragging] {
    opacity: 0.5;
  }
  h3 {
    color: ${({ $state }) => ($state === 'off' ? tokens.soft : tokens.ink)};
    min-width: 0;
    display: flex;
    gap: 8px;
    align-items: baseline;
  }
  h3 span {
    white-space: nowrap;
  }
  h3 small {
    font-weight: 400;
    color: ${tokens.soft};
    white-space: nowrap;
    overflow: hidden;
    text-overflow: ellipsis;
  }
`;

const Grip = styled(AriaButton)`
  background: none;
  border: 0;
  width: 26px;
  min-height: 30px;
  cursor: grab;
  color: ${tokens.soft};
  padding: 0;
  display: grid;
  place-items: center;
`;

const Detail = styled.div`
  grid-column: 1 / -1;
  padding: 8px 4px 8px 26px;
  display: grid;
  gap: 10px;
  dl {
    display: grid;
    grid-template-columns: 92px minmax(0, 1fr);
    gap: 3px 10px;
    font-size: 14px;
  }
  dt {
    color: ${tokens.soft};
  }
  blockquote {
    margin: 0;
    font-size: 13.5px;
    color: ${tokens.soft};
    border-left: 2px solid ${tokens.line};
    padding-left: 10px;
  }
  blockquote b {
    font-weight: 500;
    color: ${tokens.ink};
    display: block;
  }
`;

export const stateOf = (section: OutlineSection): 'in' | 'waiting' | 'off' =>
  section.hidden ? 'off' : section.filled ? 'in' : section.from === 'made' ? 'off' : 'waiting';

const said = { in: '', waiting: 'waits for you', off: 'not in the shop' };

interface StripProps extends Pick<StationProps, 'state' | 'goTo'> {
  page: OutlinePage;
  section: OutlineSection;
  at: number;
  onMove: (by: number) => void;
}

/** One section of a page: what it is, why it is there, and everything that can be done with it. */
export function SectionStrip({ page, section, at, state, goTo, onMove }: StripProps) {
  const [open, setOpen] = useState(false);
  const is = stateOf(section);
  const movable = page.sections.length > 1;
  const first = section.words.find((text) => text.rank < 3 && text.text);
  return (
    <Strip id={section.id} textValue={section.label} $state={is}>
      <Grip slot="drag" aria-label={`Drag ${section.label}`} style={movable ? undefined : { visibility: 'hidden' }}>
        <svg width="10" height="16" aria-hidden="true">
          <path d="M2 2h6M2 6h6M2 10h6M2 14h6" stroke="currentColor" strokeWidth="1.5" />
        </svg>
      </Grip>
      <h3>
        <span>{section.label}</span>
        <small>{section.hidden ? 'hidden' : said[is] || (first?.text ?? '')}</small>
      </h3>
      <TextButton onPress={() => setOpen(!open)} aria-expanded={open} aria-label={`${open ? 'Close' : 'Open'} ${section.label}`}>
        {open ? 'Close' : 'Open'}
      </TextButton>
      {open ? (
        <SectionDetail page={page} section={section} at={at} state={state} goTo={goTo} onMove={onMove} movable={movable} />
      ) : null}
    </Strip>
  );
}

function SectionDetail({ page, section, at, state, goTo, onMove, movable }: StripProps & { movable: boolean }) {
  const key = ownerOf(page);
  const is = stateOf(section);
  const spoken = section.words.filter((text) => text.rank < 3 && text.text).slice(0, 2);
  const remove = () => {
    state.decide([clear(planPlaces.addedSection(key, section.id)), ...section.ledTo.mends]);
  };
  return (
    <Detail>
      <dl>
        <dt>Because</dt>
        <dd>
          {is === 'off' && !section.hidden ? 'Left out: nothing in the brief or the goods fills it yet.' : section.because.say}
        </dd>
        <dt>Visitors get</dt>
        <dd>{section.visitorGets}</dd>
        <dt>Next</dt>
        <dd>{section.doNext}</dd>
      </dl>
      {spoken.map((text) => (
        <blockquote key={text.place}>
          <b>{text.text}</b>
          {sourceLine(text)}
        </blockquote>
      ))}
      {section.from === 'made' && section.kind !== 'posts' ? null : (
        <SectionTexts key={section.id} page={page} section={section} state={state} />
      )}
      {section.arrangements.length > 1 ? (
        <Choice
          label="Arrangement"
          value={section.arrangement ?? ''}
          options={[
            { id: '', name: 'As the family likes it' },
            ...section.arrangements.map(({ id, label }) => ({ id, name: label })),
          ]}
          onChange={(id) => {
            const place = planPlaces.arrangement(key, section.id);
            state.decide(id ? set(place, id) : clear(place));
          }}
        />
      ) : null}
      {section.ledTo.say && !section.hidden ? (
        <Soft>
          <small>{section.ledTo.say} Hidden or removed, that leads where it did.</small>
        </Soft>
      ) : null}
      <Row>
        <TextButton onPress={() => goTo(page.path, section.id)} isDisabled={is === 'off'} aria-label={`Show ${section.label}`}>
          Show
        </TextButton>
        {movable ? (
          <>
            <TextButton
              onPress={() =>
                state.decide([
                  set(planPlaces.sectionHidden(key, section.id), !section.hidden),
                  ...(section.hidden ? [] : section.ledTo.mends),
                ])
              }
              aria-label={`${section.hidden ? 'Bring back' : 'Hide'} ${section.label}`}
            >
              {section.hidden ? 'Bring back' : 'Hide'}
            </TextButton>
            <TextButton onPress={() => onMove(-1)} isDisabled={at === 0} aria-label={`Move ${section.label} up`}>
              Up
            </TextButton>
            <TextButton
              onPress={() => onMove(1)}
              isDisabled={at === page.sections.length - 1}
              aria-label={`Move ${section.label} down`}
            >
              Down
            </TextButton>
          </>
        ) : null}
        {section.from === 'added' ? (
          <TextButton onPress={remove} aria-label={`Remove ${section.label}`}>
            Remove
          </TextButton>
        ) : null}
      </Row>
    </Detail>
  );
}

/** A text that the seller can write where the section is planned. */
interface Line {
  at: TextAt;
  field: TextField;
  label: string;
}

/** The fields that only the seller can fill. A list always has room for one more item of the seller's own. */
function linesOf({ kind, words }: OutlineSection): Line[] {
  return Object.entries(sectionAbout(kind).fields).flatMap(([name, field]): Line[] => {
    if (field.kind === 'text') return field.ask === undefined ? [] : [{ at: { field: name }, field, label: field.ask }];
    const asked = Object.entries(field.parts).filter(([, part]) => part.ask !== undefined);
    if (!asked.length) return [];
    const keys = [...new Set(words.flatMap(({ at }) => (at.field === name && at.key !== undefined ? [at.key] : [])))];
    const said = keys.filter((key) => words.some(({ at, text }) => at.key === key && text !== ''));
    const own = Math.max(0, ...said.filter(isOwnKey).map((key) => Number(key.split('-').at(-1))));
    return [...said, ownKey(own + 1)].flatMap((key, i) =>
      asked.map(([part, about]) => ({
        at: { field: name, key, part },
        field: about,
        label: i === 0 ? (about.ask ?? '') : `${about.ask ?? ''} (${i + 1})`,
      })),
    );
  });
}

/** The texts that only the seller can give, to write where the section is planned. */
function SectionTexts({ page, section, state }: Pick<StripProps, 'page' | 'section' | 'state'>) {
  const key = ownerOf(page);
  return linesOf(section).map(({ at, field, label }) => {
    const place = textPlace(key, section.id, at);
    const written = section.words.find((text) => text.place === place.address);
    return (
      <TextLine
        key={place.address}
        label={label}
        most={field.most}
        value={written?.set ?? written?.text ?? ''}
        onKeep={(text) => state.decide(text === '' && at.key !== undefined && isOwnKey(at.key) ? clear(place) : set(place, text))}
      />
    );
  });
}

/** A field that keeps what was typed when it is left. */
function TextLine({
  label,
  value,
  most,
  onKeep,
}: {
  label: string;
  value: string;
  /** Characters that fit. */
  most: number;
  onKeep: (text: string) => void;
}) {
  const [draft, setDraft] = useState(value);
  const [known, setKnown] = useState(value);
  if (known !== value) {
    setKnown(value);
    setDraft(value);
  }
  const over = draft.length - most;
  return (
    <Field
      label={label}
      value={draft}
      onChange={setDraft}
      wrong={over > 0 ? `${over} characters more than the ${most} that fit here.` : ''}
      onBlur={() => (draft !== value && over <= 0 ? onKeep(draft) : undefined)}
    />
  );
}
