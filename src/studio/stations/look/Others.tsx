'use client';

import { Radio, RadioGroup } from 'react-aria-components';
import styled from 'styled-components';
import { families, partPlaces, treatments } from '@/core/look/page';
import { type Look } from '@/core/look';
import { clear, lookPlaces, sayNow, set } from '@/core/places';
import { ownerOf } from '@/core/plan/about';
import { type Summary, type Jobs } from '@/workers/protocol';
import { namesOf, noTitles } from '../../names';
import { Choice, QuietButton, Row, Soft, TextButton } from '../../parts';
import { tokens } from '../../theme';
import { type Decide, type Withdraw } from './decide';
import { Grid, Take } from './Palette';
import { Slide } from './Slide';
import { wireframes } from './wireframes';

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
      <Families
        aria-label="Family"
        value={look.family.id}
        onChange={(value) => {
          const chosen = families.find((family) => family.id === value);
          if (chosen) onDecide(set(lookPlaces.family, chosen.id));
        }}
      >
        {families.map((family) => (
          <Radio key={family.id} value={family.id} aria-label={`${family.name}: ${family.character}`}>
            <svg viewBox="0 0 120 84" aria-hidden="true">
              <rect width="120" height="84" fill="#fff" />
              <path d={wireframes[family.id].fields ?? ''} fill="#c9cecd" />
              <path d={wireframes[family.id].marks ?? ''} fill="#6a767e" />
              <path d={wireframes[family.id].lines ?? ''} fill="none" stroke="#6a767e" strokeWidth="1" />
            </svg>
            {family.name}
          </Radio>
        ))}
      </Families>
    </>
  );
}

const corners = [0, 2, 4, 8, 12, 18, 99];

/** Corners, lines, room, pictures and motion. */
export function ShapePart({ look, onDecide, onWithdraw }: { look: Look; onDecide: Decide; onWithdraw: Withdraw }) {
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
          onChange={(event) => onDecide(set(lookPlaces.corner, corners[Number(event.target.value)] ?? 0))}
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
          onChange={(event) => onDecide(set(lookPlaces.rule, Number(event.target.value)))}
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
          onChange={(event) => onDecide(set(lookPlaces.room, Number(event.target.value)))}
        />
        <span>{Math.round(shape.room * 100)} %</span>
      </Slide>
      <Choice
        label="Pictures in lists"
        value={shape.treatment}
        options={treatments.map(({ id, name, say }) => ({ id, name: `${name}: ${say}` }))}
        onChange={(id) => onDecide(set(lookPlaces.treatment, id))}
      />
      <Choice
        label="Motion on still pictures"
        value={shape.motion}
        options={[
          { id: 'none', name: 'None' },
          { id: 'gentle', name: 'Gentle; none for visitors who ask their system for less' },
        ]}
        onChange={(id) => onDecide(set(lookPlaces.motion, id))}
      />
      {look.from.shape === 'seller' ? (
        <TextButton onPress={() => onWithdraw(...partPlaces.shape)}>Back to what belongs to {look.family.name}</TextButton>
      ) : null}
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
        <QuietButton onPress={() => onDecide(set(lookPlaces.openingPicture, piece.made ? 'goods' : 'made'))}>
          {piece.made ? 'Open with the goods' : 'Open with a made picture'}
        </QuietButton>
        {piece.made ? (
          <QuietButton onPress={() => onDecide(set(lookPlaces.mix, look.genes.mix + 1), 'Draw the picture anew')}>
            Draw it anew
          </QuietButton>
        ) : null}
      </Row>
      <Grid aria-label="Kinds of made pictures">
        {arts.map((art) => (
          <li key={art.kind}>
            <Take aria-pressed={look.genes.art === art.kind} onPress={() => onDecide(set(lookPlaces.art, art.kind))}>
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
  onWithdraw: Withdraw;
}

const tones = [
  { id: '', name: 'As the rest' },
  { id: 'raised', name: 'On the raised ground' },
  { id: 'accent', name: 'On the accent' },
  { id: 'second', name: 'On the second colour' },
  { id: 'inverse', name: 'Light and dark turned round' },
] as const;

/** Sections of a page that stand otherwise than the look has them, and the way back for each. */
function Stood({ summary, owner, onDecide }: { summary: Summary; owner: string; onDecide: Decide }) {
  const names = namesOf(summary, noTitles);
  const { standing, phoneStanding } = lookPlaces;
  const stood = summary.exceptions.standing
    .filter(({ page }) => page === owner)
    .map(({ page, section, span, wide, phone }) => {
      const at = [
        [standing.span(page, section), span],
        ...(['room', 'align', 'size'] as const).flatMap((kind) => [
          [standing[kind](page, section), wide[kind]] as const,
          [phoneStanding[kind](page, section), phone[kind]] as const,
        ]),
      ] as const;
      const said = at.flatMap(([place, value]) => (value === null ? [] : [{ place, says: sayNow(place.address, value, names) }]));
      return { section, said };
    });
  if (!stood.length) return null;
  return (
    <section aria-label="Sections that stand otherwise" style={{ display: 'grid', gap: 4 }}>
      {stood.map(({ section, said }) => (
        <Row key={section} style={{ justifyContent: 'space-between', flexWrap: 'nowrap' }}>
          <small>{said.map(({ says }) => says).join('; ')}</small>
          <TextButton
            aria-label={`As made again: ${said.map(({ says }) => says).join('; ')}`}
            onPress={() => onDecide(said.map(({ place }) => ({ place: place.address, value: undefined })))}
          >
            As made
          </TextButton>
        </Row>
      ))}
    </section>
  );
}

/** Where a place differs from the whole, and what phones alone have otherwise. */
export function PlacesPart({ summary, path, onDecide, onWithdraw }: PlacesPartProps) {
  const page = summary.outline.find((one) => one.path === path) ?? summary.outline[0];
  const { only, phone } = summary.exceptions;
  if (!page) return null;
  const key = ownerOf(page);
  return (
    <>
      <Soft>
        {only.length + phone.hidden.length
          ? `${only.length} ${only.length === 1 ? 'section has' : 'sections have'} a colour of their own; ${phone.hidden.length} ${phone.hidden.length === 1 ? 'is' : 'are'} left out on phones.`
          : summary.exceptions.standing.length
            ? ''
            : 'Nothing differs from the look of the whole yet.'}
      </Soft>
      <Stood summary={summary} owner={key} onDecide={onDecide} />
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
                  onChange={(id) => {
                    const place = lookPlaces.toneOf(key, section.id);
                    onDecide(id ? set(place, id) : clear(place));
                  }}
                />
              </div>
              <label style={{ display: 'flex', gap: 6, alignItems: 'center', paddingTop: 20, fontSize: 13.5 }}>
                <input
                  type="checkbox"
                  checked={!off}
                  onChange={(event) => {
                    const place = lookPlaces.offPhone(key, section.id);
                    onDecide(event.target.checked ? clear(place) : set(place, 'hidden'));
                  }}
                />
                on phones
              </label>
            </Row>
          );
        })}
      <h3>On phones</h3>
      <Choice
        label="Goods beside each other"
        value={phone.columns === 1 ? '1' : phone.columns === 2 ? '2' : ''}
        options={[
          { id: '', name: 'As the family has it' },
          { id: '1', name: 'One' },
          { id: '2', name: 'Two' },
        ]}
        onChange={(id) => (id ? onDecide(set(lookPlaces.phoneColumns, Number(id))) : onWithdraw(lookPlaces.phoneColumns))}
      />
      <Slide>
        Text size
        <input
          type="range"
          min={1}
          max={1.25}
          step={0.05}
          value={phone.size ?? Math.max(1, summary.look.scale.body.small)}
          onChange={(event) => onDecide(set(lookPlaces.phoneSize, Number(event.target.value)))}
        />
        <span>{Math.round((phone.size ?? summary.look.scale.body.small) * 16)} px</span>
      </Slide>
    </>
  );
}
