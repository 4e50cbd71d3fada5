'use client';

import { Radio, RadioGroup } from 'react-aria-components';
import styled from 'styled-components';
import { families, treatments, type Look } from '@/core/look';
import { type DecisionValue } from '@/core/project';
import { type Summary, type Jobs } from '@/workers/protocol';
import { Choice, QuietButton, Row, Soft, TextButton } from '../../parts';
import { tokens } from '../../theme';
import { Grid, Take } from './Palette';
import { wireframes } from './wireframes';

type Decide = (decisions: Record<string, DecisionValue>) => void;

const Families = styled(RadioGroup)`
  display: grid;
  grid-template-columns: repeat(3, minmax(0, 1fr));
  gap: 8px;
  label {
    border: 1px solid ${tokens.line};
    padding: 6px;
    cursor: pointer;
    background: ${tokens.raised};
    font-size: 13px;
  }
  label[data-selected] {
    border-color: ${tokens.verdigris};
    box-shadow: 0 0 0 2px ${tokens.verdigris};
  }
  label[data-focus-visible] {
    outline: 3px solid ${tokens.verdigris};
    outline-offset: 3px;
  }
  svg {
    display: block;
    width: 100%;
    height: auto;
  }
`;

/** The families by their wireframes: told from each other with the colours off. */
export function FamilyPart({ look, onDecide }: { look: Look; onDecide: Decide }) {
  return (
    <>
      <Soft>{look.family.character}</Soft>
      <Families aria-label="Family" value={look.family.id} onChange={(value) => onDecide({ 'look/family': value })}>
        {families.map((family) => (
          <Radio key={family.id} value={family.id} aria-label={`${family.name}: ${family.character}`}>
            <svg viewBox="0 0 120 84" aria-hidden="true">
              <rect width="120" height="84" fill="#fff" />
              <path d={wireframes[family.id]?.fields ?? ''} fill="#c9cecd" />
              <path d={wireframes[family.id]?.marks ?? ''} fill="#6a767e" />
              <path d={wireframes[family.id]?.lines ?? ''} fill="none" stroke="#6a767e" strokeWidth="1" />
            </svg>
            {family.name}
          </Radio>
        ))}
      </Families>
    </>
  );
}

const Slide = styled.label`
  display: grid;
  grid-template-columns: 130px minmax(0, 1fr) 64px;
  gap: 10px;
  align-items: center;
  font-size: 14px;
  input {
    accent-color: ${tokens.verdigris};
  }
  span:last-child {
    text-align: right;
    color: ${tokens.soft};
  }
`;

const corners = [0, 2, 4, 8, 12, 18, 99];

/** Corners, lines, room, pictures and motion. */
export function ShapePart({
  look,
  onDecide,
  onWithdraw,
}: {
  look: Look;
  onDecide: Decide;
  onWithdraw: (places: string[]) => void;
}) {
  const { shape } = look;
  const at = corners.reduce(
    (best, corner, i) => (Math.abs(corner - shape.corner) < Math.abs((corners[best] ?? 0) - shape.corner) ? i : best),
    0,
  );
  return (
    <>
      <Soft>{look.because.shape}</Soft>
      <Slide>
        Corners
        <input
          type="range"
          min={0}
          max={corners.length - 1}
          value={at}
          onChange={(event) => onDecide({ 'look/corner': corners[Number(event.target.value)] ?? 0 })}
        />
        <span>{shape.corner >= 99 ? 'round' : `${shape.corner} px`}</span>
      </Slide>
      <Slide>
        Lines
        <input
          type="range"
          min={1}
          max={4}
          value={shape.rule}
          onChange={(event) => onDecide({ 'look/rule': Number(event.target.value) })}
        />
        <span>{shape.rule} px</span>
      </Slide>
      <Slide>
        Room between things
        <input
          type="range"
          min={0.6}
          max={1.6}
          step={0.05}
          value={shape.room}
          onChange={(event) => onDecide({ 'look/room': Number(event.target.value) })}
        />
        <span>{Math.round(shape.room * 100)} %</span>
      </Slide>
      <Choice
        label="Pictures in lists"
        value={shape.treatment}
        options={treatments.map(({ id, name, say }) => ({ id, name: `${name}: ${say}` }))}
        onChange={(id) => onDecide({ 'look/treatment': id })}
      />
      <Choice
        label="Motion on still pictures"
        value={shape.motion}
        options={[
          { id: 'none', name: 'None' },
          { id: 'gentle', name: 'Gentle; none for visitors who ask their system for less' },
        ]}
        onChange={(id) => onDecide({ 'look/motion': id })}
      />
      {look.from.shape === 'seller' ? (
        <TextButton onPress={() => onWithdraw(['corner', 'rule', 'room', 'treatment', 'motion'].map((gene) => `look/${gene}`))}>
          Back to what belongs to {look.family.name}
        </TextButton>
      ) : null}
    </>
  );
}

const MarkBox = styled.span<{ $svg: string }>`
  display: block;
  height: 74px;
  margin: 10px;
  background: url('${({ $svg }) => $svg}') center / contain no-repeat;
`;

interface MarkPartProps {
  summary: Summary;
  marks: Jobs['marks']['get'];
  logos: string[];
  onDecide: Decide;
  onWithdraw: (places: string[]) => void;
}

/** The mark: the name as text, drawn options in the shop's own face, or the seller's own picture; its size and places. */
export function MarkPart({ summary, marks, logos, onDecide, onWithdraw }: MarkPartProps) {
  const { mark, name } = summary;
  const chosen = marks.find((one) => one.kind === mark.kind);
  return (
    <>
      <Soft>
        Drawn from the outlines of {summary.look.heading.name}. Site icons and the card for shared links follow from it.
      </Soft>
      <Grid aria-label="Marks">
        <li>
          <Take aria-pressed={mark.kind === 'text' && !mark.logo} onPress={() => onDecide({ 'look/mark': 'text' })}>
            <span
              style={{
                display: 'grid',
                placeItems: 'center',
                height: 94,
                padding: 8,
                textAlign: 'center',
                fontFamily: `"${summary.look.heading.name}"`,
                fontWeight: summary.look.heading.heading,
                fontSize: Math.max(13, Math.min(20, 320 / name.length)),
              }}
            >
              {name}
            </span>
            <small>The name as text</small>
          </Take>
        </li>
        {marks.map((one) => (
          <li key={one.kind}>
            <Take aria-pressed={mark.kind === one.kind && !mark.logo} onPress={() => onDecide({ 'look/mark': one.kind })}>
              <MarkBox $svg={`data:image/svg+xml,${encodeURIComponent(one.svg)}`} />
              <small>{one.name}</small>
            </Take>
          </li>
        ))}
      </Grid>
      {marks.length === 0 ? <Soft>The chosen typeface lacks letters of the name, so it stands as text.</Soft> : null}
      {chosen ? (
        <Soft>
          {chosen.smallest <= 24
            ? `It can be read from ${chosen.smallest} px up.`
            : `Its smallest letters can be read from ${chosen.smallest} px up. Where there is less room, the initial stands instead.`}
        </Soft>
      ) : null}
      <Slide>
        Size
        <input
          type="range"
          min={0.6}
          max={2.5}
          step={0.1}
          value={mark.size}
          disabled={mark.kind === 'text' && !mark.logo}
          onChange={(event) => onDecide({ 'look/markSize': Number(event.target.value) })}
        />
        <span>{Math.round(mark.size * 100)} %</span>
      </Slide>
      <label style={{ display: 'flex', gap: 8, alignItems: 'center' }}>
        <input type="checkbox" checked={mark.foot} onChange={(event) => onDecide({ 'look/markFoot': event.target.checked })} />
        At the foot of pages too
      </label>
      {logos.length ? (
        <Choice
          label="Your own logo"
          value={mark.logo ?? ''}
          options={[{ id: '', name: 'None' }, ...logos.map((id) => ({ id, name: id }))]}
          onChange={(id) => (id ? onDecide({ 'look/logo': id }) : onWithdraw(['look/logo']))}
        />
      ) : (
        <Soft>A logo of your own can be chosen here once it is among your pictures, at Goods.</Soft>
      )}
    </>
  );
}

/** Pictures that are made: their kind, and whether one opens the shop. */
export function PicturesPart({ summary, arts, onDecide }: { summary: Summary; arts: Jobs['arts']['get']; onDecide: Decide }) {
  const { look, piece } = summary;
  return (
    <>
      <Soft>
        {piece.made
          ? 'A made picture opens the shop. It never stands for the goods: those without a picture have a plain field.'
          : 'Pictures of your goods open the shop. A made picture can open it instead.'}
      </Soft>
      <Row>
        <QuietButton onPress={() => onDecide({ 'look/opening': piece.made ? 'goods' : 'made' })}>
          {piece.made ? 'Open with the goods' : 'Open with a made picture'}
        </QuietButton>
        {piece.made ? <QuietButton onPress={() => onDecide({ 'look/mix': look.genes.mix + 1 })}>Draw it anew</QuietButton> : null}
      </Row>
      <Grid aria-label="Kinds of made pictures">
        {arts.map((art) => (
          <li key={art.kind}>
            <Take aria-pressed={look.genes.art === art.kind} onPress={() => onDecide({ 'look/art': art.kind })}>
              <img src={art.src} alt="" style={{ display: 'block', width: '100%', aspectRatio: '4 / 3', objectFit: 'cover' }} />
              <small>
                <b>{art.name}</b>, {art.say}
              </small>
            </Take>
          </li>
        ))}
      </Grid>
    </>
  );
}

interface PlacesPartProps {
  summary: Summary;
  path: string;
  onDecide: Decide;
  onWithdraw: (places: string[]) => void;
}

const tones = [
  { id: '', name: 'As the rest' },
  { id: 'raised', name: 'On the raised ground' },
  { id: 'accent', name: 'On the accent' },
  { id: 'second', name: 'On the second colour' },
  { id: 'inverse', name: 'Light and dark turned round' },
];

/** Where a place differs from the whole, and what phones alone have otherwise. */
export function PlacesPart({ summary, path, onDecide, onWithdraw }: PlacesPartProps) {
  const page = summary.outline.find((one) => one.path === path) ?? summary.outline[0];
  const { only, phone } = summary.exceptions;
  if (!page) return null;
  const key = page.kind === 'product' ? 'product' : page.id;
  return (
    <>
      <Soft>
        {only.length + phone.hidden.length
          ? `${only.length} ${only.length === 1 ? 'section has' : 'sections have'} a colour of their own; ${phone.hidden.length} ${phone.hidden.length === 1 ? 'is' : 'are'} left out on phones.`
          : 'Nothing differs from the look of the whole yet.'}
      </Soft>
      <h3>Sections of “{page.name}”</h3>
      {page.sections
        .filter((section) => section.arrangements.length)
        .map((section) => {
          const tone = only.find((one) => one.page === key && one.section === section.id)?.tone ?? '';
          const off = phone.hidden.some((one) => one.page === key && one.section === section.id);
          return (
            <Row key={section.id} style={{ justifyContent: 'space-between', flexWrap: 'nowrap' }}>
              <div style={{ flex: 1 }}>
                <Choice
                  label={section.label}
                  value={tone}
                  options={tones}
                  onChange={(id) =>
                    id ? onDecide({ [`look/only/${key}/${section.id}`]: id }) : onWithdraw([`look/only/${key}/${section.id}`])
                  }
                />
              </div>
              <label style={{ display: 'flex', gap: 6, alignItems: 'center', paddingTop: 20, fontSize: 13.5 }}>
                <input
                  type="checkbox"
                  checked={!off}
                  onChange={(event) =>
                    event.target.checked
                      ? onWithdraw([`look/phone/${key}/${section.id}`])
                      : onDecide({ [`look/phone/${key}/${section.id}`]: 'hidden' })
                  }
                />
                on phones
              </label>
            </Row>
          );
        })}
      <h3>On phones</h3>
      <Choice
        label="Goods beside each other"
        value={String(phone.columns ?? '')}
        options={[
          { id: '', name: 'As the family has it' },
          { id: '1', name: 'One' },
          { id: '2', name: 'Two' },
        ]}
        onChange={(id) => (id ? onDecide({ 'look/phone/columns': Number(id) }) : onWithdraw(['look/phone/columns']))}
      />
      <Slide>
        Text size
        <input
          type="range"
          min={1}
          max={1.25}
          step={0.05}
          value={phone.size ?? Math.max(1, summary.look.scale.body.small)}
          onChange={(event) => onDecide({ 'look/phone/size': Number(event.target.value) })}
        />
        <span>{Math.round((phone.size ?? summary.look.scale.body.small) * 16)} px</span>
      </Slide>
    </>
  );
}
