'use client';

import { useState } from 'react';
import { ToggleButton, ToggleButtonGroup } from 'react-aria-components';
import styled from 'styled-components';
import { parsePrice } from '@/core/goods/page';
import { parsePosition } from '@/core/position';
import { capitalised } from '@/core/capitalised';
import { mostGiven, whyNotGiven } from '@/core/files';
import { typedAddress } from '@/core/lead';
import { whyNotAt, type Wish } from '@/core/places';
import { requestFolds, type Bringing, type FieldOffer, type Group, type Offer, type RequestFold } from '@/core/requests/about';
import { decimal } from '@/core/till/page';
import { OpenFile, type OpenedFile } from '../OpenFile';
import { Choice, Field, Row, TextButton } from '../parts';
import { tokens } from '../theme';

/** A request is a line of words: what it is about, and what it can be. */
const Block = styled.div`
  display: flex;
  flex-wrap: wrap;
  align-items: baseline;
  gap: 1px 12px;
  padding-top: 6px;
  border-top: 1px solid ${tokens.line};
  h3 {
    font-size: 14px;
    font-weight: 400;
    color: ${tokens.soft};
  }
  form,
  label,
  &[data-pictured] h3 {
    flex: 1 0 100%;
  }
`;

const Offers = styled(ToggleButtonGroup)`
  display: contents;
`;

const Take = styled(ToggleButton)`
  min-height: 28px;
  padding: 3px 0;
  background: none;
  border: 0;
  color: ${tokens.verdigris};
  text-decoration: underline;
  text-underline-offset: 3px;
  cursor: pointer;
  img {
    display: block;
    object-fit: contain;
    padding: 3px;
    border: 1px solid ${tokens.line};
  }
  &[data-selected] {
    color: ${tokens.ink};
    font-weight: 600;
    text-decoration: none;
    cursor: default;
    img {
      outline: 2px solid ${tokens.ink};
    }
  }
`;

/** A sum stands beside what it is for, so that several are read as a column. */
const Line = styled.div<{ $beside: boolean }>`
  flex: 1;
  ${({ $beside }) =>
    $beside
      ? `> div{grid-template-columns:minmax(0,1fr) 110px;align-items:center;column-gap:10px}
         > div > label{font-weight:400;font-size:14px}
         input{text-align:right;min-height:32px;padding-block:4px}
         > div > span{grid-column:1 / -1}`
      : ''}
`;

/** Requests that are looked at together, under one line that says how they stand. */
const Folded = styled.details`
  border-top: 1px solid ${tokens.line};
  summary {
    display: flex;
    align-items: baseline;
    gap: 12px;
    min-height: 32px;
    padding: 6px 0 3px;
    cursor: pointer;
    font-size: 14px;
    color: ${tokens.soft};
  }
  summary i {
    font-style: normal;
    white-space: nowrap;
  }
  summary::-webkit-details-marker {
    display: none;
  }
  summary b {
    color: ${tokens.ink};
    font-size: 15px;
    font-weight: 600;
  }
  summary span {
    margin-left: auto;
    color: ${tokens.verdigris};
    text-decoration: underline;
    text-underline-offset: 3px;
  }
  &[open] summary span {
    visibility: hidden;
  }
  &[open] > div {
    border-top-style: dotted;
  }
  > small {
    display: block;
    padding: 2px 0 8px;
    color: ${tokens.soft};
  }
`;

/** More offers than this, or longer ones, are a list to choose from. */
const inSight = 7;
const isShort = (offers: readonly Offer[]) =>
  offers.length <= inSight && offers.reduce((sum, { label }) => sum + label.length + 3, 0) <= 100;

/** What can be brought, as the browser asks for it. */
const bringable = {
  picture: { accept: ['image/*', '.svg'], label: 'Bring one' },
  file: { accept: [], label: 'Bring a file to give' },
  video: { accept: ['.mp4', '.webm'], label: 'Bring a video' },
} as const satisfies Readonly<Record<Bringing['as'], { accept: readonly string[]; label: string }>>;

export type Bring = (bringing: Bringing, file: OpenedFile) => Promise<string>;
type Done = (wishes: readonly Wish[], label: string) => void;

/** What can be done to a thing, a block for each request. */
export function Groups({
  groups,
  pictures,
  name,
  onDone,
  onBring,
}: {
  groups: readonly Group[];
  /** Addresses of pictures that are offered, by name. */
  pictures: Readonly<Record<string, string>>;
  name: string;
  onDone: Done;
  /** Takes a file in, for a place that names a picture; says what is to be said of it. */
  onBring: Bring;
}) {
  const block = (group: Group) => (
    <Block key={group.kind} role="group" aria-label={group.title} data-pictured={group.as === 'several' || undefined}>
      {group.as === 'fields' && group.fields.length === 1 ? null : <h3>{group.title}</h3>}
      <GroupOf
        group={group}
        pictures={pictures}
        onBring={onBring}
        onDone={(wishes, label) => onDone(wishes, `${name}: ${label.toLowerCase()}`)}
      />
    </Block>
  );
  return runsOf(groups).map(({ fold, groups: run }) =>
    fold === undefined ? (
      run.map(block)
    ) : (
      <Folded key={fold}>
        <summary>
          <i>{requestFolds[fold]}</i> <b>{standsIn(run)}</b>
          <span>Change</span>
        </summary>
        {run.map(block)}
        {foldHints[fold] === undefined ? null : <small>{foldHints[fold]}</small>}
      </Folded>
    ),
  );
}

const foldHints: Partial<Record<RequestFold, string>> = {
  standing:
    'Or drag its edges in the window. By keys there: Alt with left and right moves it, with Shift too its right edge, with Shift up and down the room over it.',
};

/** Groups that follow each other and are looked at together. */
function runsOf(groups: readonly Group[]): { fold: RequestFold | undefined; groups: Group[] }[] {
  const runs: { fold: RequestFold | undefined; groups: Group[] }[] = [];
  for (const group of groups) {
    const last = runs.at(-1);
    if (last && last.fold === group.fold) last.groups.push(group);
    else runs.push({ fold: group.fold, groups: [group] });
  }
  return runs;
}

/** What of them is not as it is by itself. */
function standsIn(groups: readonly Group[]): string {
  const said = groups.flatMap((group) => {
    const stands = group.as === 'choice' ? group.offers.find((offer) => offer.stands) : undefined;
    return !stands || stands.usual ? [] : [stands.say ?? stands.label];
  });
  return said.length ? capitalised(said.map((one) => one.toLowerCase()).join(', ')) : 'As made';
}

function GroupOf({
  group,
  pictures,
  onDone,
  onBring,
}: {
  group: Group;
  pictures: Readonly<Record<string, string>>;
  onDone: Done;
  onBring: Bring;
}) {
  const [said, setSaid] = useState('');
  if (group.as === 'fields')
    return group.fields.map((field) => (
      <Typed key={field.label} field={field} digits={group.digits} currency={group.currency} onDone={onDone} />
    ));
  if (group.as === 'acts')
    return (
      <>
        {group.say ? <small style={{ flex: '1 0 100%' }}>{group.say}</small> : null}
        <Acts title={group.title} offers={group.offers} onDone={onDone} />
      </>
    );
  const bring =
    group.brings === undefined ? null : (
      <OpenFile
        accept={bringable[group.brings.as].accept}
        plain
        most={() => (group.brings?.as === 'picture' ? Infinity : mostGiven)}
        onTooLarge={(name) => setSaid(whyNotGiven(name, Infinity, 'file'))}
        onOpen={([file]) => void (file && group.brings && onBring(group.brings, file).then(setSaid))}
      >
        {bringable[group.brings.as].label}
      </OpenFile>
    );
  if (group.as === 'several')
    return (
      <>
        <Offers
          aria-label={group.title}
          selectionMode="multiple"
          selectedKeys={group.offers.flatMap(({ id, stands: on }) => (on ? [id] : []))}
          onSelectionChange={(keys) => {
            const turned = group.offers.find(({ id, stands: on }) => keys.has(id) !== Boolean(on));
            if (turned) onDone(turned.wishes, `${group.title}: ${turned.label}`);
          }}
        >
          {group.offers.map((offer) => (
            <TakeOne key={offer.id} offer={offer} pictures={pictures} turns />
          ))}
        </Offers>
        {bring}
        <small role="status">{said}</small>
      </>
    );
  const stands = group.offers.find((offer) => offer.stands);
  const take = (id: string) => {
    const offer = group.offers.find((one) => one.id === id);
    if (offer && !offer.stands) onDone(offer.wishes, `${group.title} ${offer.label}`);
  };
  if (!isShort(group.offers) && !group.offers.some(({ picture }) => picture !== undefined))
    return (
      <>
        <Choice
          label={stands?.say ? `Now: ${stands.say}` : group.title}
          unseen={!stands?.say}
          value={stands?.id ?? ''}
          options={[
            ...(stands ? [] : [{ id: '', name: 'Something else' }]),
            ...group.offers.map(({ id, label, under }) => ({ id, name: label, under })),
          ]}
          onChange={take}
        />
        {bring}
        {bring ? <small role="status">{said}</small> : null}
      </>
    );
  return (
    <>
      <Offers
        aria-label={group.title}
        selectionMode="single"
        disallowEmptySelection
        selectedKeys={stands ? [stands.id] : []}
        onSelectionChange={(keys) => take(String([...keys][0] ?? ''))}
      >
        {group.offers.map((offer) => (
          <TakeOne key={offer.id} offer={offer} pictures={pictures} />
        ))}
      </Offers>
      {bring}
      <small role="status">{said}</small>
    </>
  );
}

/** An offer as its words, or as its picture. One that is on is pressed to turn it off where each stands by itself. */
function TakeOne({
  offer: { id, label, picture },
  pictures,
  turns = false,
}: {
  offer: Offer;
  pictures: Readonly<Record<string, string>>;
  turns?: boolean;
}) {
  return (
    <Take id={id} aria-label={label} style={turns ? { cursor: 'pointer' } : {}}>
      {picture === undefined ? label : <img src={pictures[picture]} alt="" width={54} height={54} />}
    </Take>
  );
}

/** What is done at a press; of many, one is chosen first, so that the keys that lead through a list do nothing yet. */
function Acts({ title, offers, onDone }: { title: string; offers: readonly Offer[]; onDone: Done }) {
  const [chosen, setChosen] = useState('');
  if (isShort(offers))
    return offers.map(({ id, label, wishes }) => (
      <TextButton key={id} onPress={() => onDone(wishes, label)}>
        {label}
      </TextButton>
    ));
  const offer = offers.find(({ id }) => id === chosen);
  return (
    <>
      <Choice
        label={title}
        unseen
        value={chosen}
        options={[{ id: '', name: 'Choose …' }, ...offers.map(({ id, label }) => ({ id, name: label }))]}
        onChange={setChosen}
      />
      {offer ? (
        <Row>
          <small style={{ flex: 1, minWidth: 180 }}>{offer.say}</small>
          <TextButton onPress={() => onDone(offer.wishes, `${title} ${offer.label}`)}>Add it</TextButton>
        </Row>
      ) : null}
    </>
  );
}

function Typed({
  field: { label, place, value, as },
  digits,
  currency,
  onDone,
}: {
  field: FieldOffer;
  digits: number;
  currency: string;
  onDone: Done;
}) {
  const now = typeof value === 'number' ? decimal(value, digits) : (value ?? '');
  const [draft, setDraft] = useState(now);
  // What was taken, or changed elsewhere, stands in the field; whoever is in it stays there.
  const stands = `${place} ${now}`;
  const [stood, setStood] = useState(stands);
  if (stood !== stands) {
    setStood(stands);
    setDraft(now);
  }
  const read =
    as === 'money'
      ? parsePrice(draft, digits)
      : as === 'address'
        ? typedAddress(draft)
        : as === 'position'
          ? parsePosition(draft)
          : { ok: true as const, value: draft.trim() };
  const wrong = draft === now ? null : read.ok ? whyNotAt(place, read.value) : read.say;
  const changed = draft !== now && read.ok && !wrong;
  const keep = () => {
    if (changed && read.ok) onDone([{ place, value: read.value }], `${label} ${draft.trim()}`);
  };
  return (
    <form
      onSubmit={(event) => {
        event.preventDefault();
        keep();
      }}
    >
      <Row style={{ alignItems: 'end', flexWrap: 'nowrap' }}>
        <Line $beside={as === 'money'}>
          <Field
            label={as === 'money' ? `${label}, ${currency}` : label}
            value={draft}
            onChange={setDraft}
            wrong={wrong ?? ''}
            inputMode={as === 'money' ? 'decimal' : 'text'}
          />
        </Line>
        {changed ? <TextButton type="submit">Use it</TextButton> : null}
      </Row>
    </form>
  );
}
