'use client';

import { useState } from 'react';
import { ToggleButton } from 'react-aria-components';
import styled from 'styled-components';
import { fieldOfText } from '@/core/places';
import { typedAddress } from '@/core/lead';
import { wordCount } from '@/core/sections/about';
import { stockIn } from '@/core/words/page';
import { type TargetOf } from '@/core/requests';
import { type OutlineText } from '@/workers/protocol';
import { type SetAct, type SettingState } from '@/workers/set';
import { Choice, Field, Notice, Row, TextButton } from '../parts';
import { tokens } from '../theme';

const Bar = styled.div`
  display: flex;
  flex-wrap: wrap;
  gap: 2px 16px;
`;

/** A manner of setting is written in itself. */
const Manner = styled(ToggleButton)<{ $as?: string }>`
  min-height: 30px;
  padding: 3px 0;
  background: none;
  border: 0;
  border-bottom: 2px solid transparent;
  color: ${tokens.verdigris};
  cursor: pointer;
  ${({ $as }) => $as ?? ''}
  &[data-selected] {
    color: ${tokens.ink};
    border-color: ${tokens.verdigris};
  }
  &[data-disabled] {
    color: ${tokens.soft};
    cursor: default;
  }
`;

const Leading = styled.form`
  display: grid;
  gap: 6px;
  border-left: 2px solid ${tokens.verdigris};
  padding-left: 10px;
`;

interface SetTextProps {
  text: OutlineText;
  /** As it is being set; null until it is. */
  setting: SettingState | null;
  /** How often the keyboard asked where words are to lead. */
  linking: number;
  /** Where words can lead. */
  targets: readonly TargetOf[];
  onSet: (act: SetAct) => void;
}

/** What there is to say and to do beside a text while it is written where it stands. */
export function SetText({ text, setting, linking, targets, onSet }: SetTextProps) {
  const { place } = text;
  const field = fieldOfText(place);
  const stands = text.set ?? text.text;
  const [began, setBegan] = useState<string | null>(null);
  if ((setting !== null) !== (began !== null)) setBegan(setting ? stands : null);
  const [asked, setAsked] = useState({ leading: false, times: linking });
  if (asked.times !== linking) setAsked({ leading: true, times: linking });
  const now = setting?.text ?? stands;
  const empty = stockIn(now);
  if (!field) return null;
  const manners = ['strong', 'em'] as const;
  const lists = ['list', 'steps'] as const;
  const names = { strong: 'Bold', em: 'Italic', list: 'Points', steps: 'Steps' };
  const looks = { strong: 'font-weight: 700;', em: 'font-style: italic;' };
  const canLead = setting !== null && (setting.selected || setting.lead !== null);
  return (
    <>
      {field.sets === 'line' ? null : (
        <Bar role="group" aria-label="How the words are set">
          {manners.map((manner) => (
            <Manner
              key={manner}
              $as={looks[manner]}
              isDisabled={!setting}
              isSelected={setting?.[manner] ?? false}
              onChange={() => onSet({ do: manner })}
            >
              {names[manner]}
            </Manner>
          ))}
          <Manner
            $as="text-decoration: underline; text-underline-offset: 3px;"
            isDisabled={!canLead}
            isSelected={setting?.lead != null}
            onChange={() => setAsked({ leading: !asked.leading, times: linking })}
          >
            Link
          </Manner>
          {field.sets === 'prose'
            ? lists.map((list) => (
                <Manner key={list} isDisabled={!setting} isSelected={setting?.list === list} onChange={() => onSet({ do: list })}>
                  {names[list]}
                </Manner>
              ))
            : null}
        </Bar>
      )}
      {asked.leading && setting ? (
        canLead ? (
          <LeadsTo
            key={setting.lead ?? ''}
            lead={setting.lead}
            targets={targets}
            onLead={(lead) => {
              onSet({ do: 'link', lead });
              setAsked({ leading: false, times: linking });
            }}
          />
        ) : (
          <small role="status">Select the words that are to lead somewhere.</small>
        )
      ) : null}
      <small>
        {setting?.words ?? wordCount(stands)} words; {field.words.join(' to ')} suit this place.{' '}
        {field.sets === 'prose' ? 'Escape' : 'Enter'} or a press elsewhere keeps it.
      </small>
      {setting && setting.over > 0 ? (
        <Notice $kind="mend" role="alert">
          {setting.over} characters more than the {field.most} that fit here. It is kept once it is shorter.
        </Notice>
      ) : null}
      {began !== null && began !== stands ? (
        <Notice role="status">
          It was changed elsewhere meanwhile, to “{stands.slice(0, 120)}”. What you write takes its place.
        </Notice>
      ) : null}
      {empty.length ? <Notice>“{empty[0]}” says nothing that another shop couldn’t say.</Notice> : null}
    </>
  );
}

/** Where the selected words lead: a page of the shop, or an address outside. */
function LeadsTo({
  lead,
  targets,
  onLead,
}: {
  lead: string | null;
  targets: SetTextProps['targets'];
  onLead: (lead: string | null) => void;
}) {
  const isOutside = lead !== null && !targets.some(({ id }) => id === lead);
  const [address, setAddress] = useState(isOutside ? lead : '');
  const read = typedAddress(address);
  return (
    <Leading
      aria-label="Where the words lead"
      onSubmit={(event) => {
        event.preventDefault();
        if (read.ok) onLead(read.value);
      }}
    >
      <Choice
        label="Leads to"
        value={isOutside ? '' : (lead ?? '')}
        options={[
          { id: '', name: isOutside ? 'An address outside' : 'Choose a page …' },
          ...targets.map(({ id, label, under }) => ({ id, name: label, under })),
        ]}
        onChange={(id) => (id ? onLead(id) : undefined)}
      />
      <Field label="or an address outside" value={address} onChange={setAddress} wrong={address && !read.ok ? read.say : ''} />
      <Row>
        {address && read.ok && address !== lead ? <TextButton type="submit">Lead there</TextButton> : null}
        {lead === null ? null : <TextButton onPress={() => onLead(null)}>No link</TextButton>}
      </Row>
    </Leading>
  );
}
