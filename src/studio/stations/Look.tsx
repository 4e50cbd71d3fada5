'use client';

import {
  ColorArea,
  ColorField,
  ColorPicker,
  ColorSlider,
  ColorThumb,
  Dialog,
  DialogTrigger,
  Input,
  Label,
  Popover,
  Radio,
  RadioGroup,
  SliderTrack,
  parseColor,
  Button as AriaButton,
} from 'react-aria-components';
import { useState } from 'react';
import styled from 'styled-components';
import { contrastPairs, contrastRatio, faces, families, type Palette } from '@/core/look';
import { Choice, Head, QuietButton, Row, SheetBody, Soft, TextButton } from '../parts';
import { tokens } from '../theme';
import { type StationProps } from './station';

const Families = styled(RadioGroup)`
  display: grid;
  gap: 8px;
  label {
    display: grid;
    grid-template-columns: 92px minmax(0, 1fr);
    gap: 12px;
    align-items: center;
    border: 1px solid ${tokens.line};
    padding: 8px;
    cursor: pointer;
    background: ${tokens.raised};
  }
  label[data-selected] {
    border-color: ${tokens.verdigris};
    box-shadow: inset 0 0 0 1px ${tokens.verdigris};
  }
  label[data-focus-visible] {
    outline: 3px solid ${tokens.verdigris};
    outline-offset: 2px;
  }
  svg {
    display: block;
    border: 1px solid ${tokens.line};
  }
`;

const Pots = styled.ul`
  display: grid;
  grid-template-columns: repeat(3, 1fr);
  border: 1px solid ${tokens.ink};
  li {
    min-width: 0;
  }
`;

const Pot = styled(AriaButton)`
  width: 100%;
  min-height: 74px;
  border: 0;
  padding: 8px 10px;
  text-align: left;
  cursor: pointer;
  display: grid;
  align-content: end;
  font-size: 13px;
  line-height: 1.25;
  b {
    font-weight: 600;
    font-size: 14px;
  }
`;

const Mixing = styled(Popover)`
  background: ${tokens.raised};
  border: 1px solid ${tokens.ink};
  padding: 14px;
  box-shadow: 4px 4px 0 rgb(27 38 49 / 0.18);
  .area {
    width: 240px;
    height: 130px;
  }
  .slider {
    width: 240px;
    margin: 10px 0;
  }
  .track {
    height: 22px;
    width: 100%;
  }
  .thumb {
    width: 18px;
    height: 18px;
    border: 2px solid #fff;
    border-radius: 50%;
    box-shadow: 0 0 0 1px #000;
  }
  input {
    width: 110px;
    padding: 5px 8px;
    border: 1px solid ${tokens.soft};
  }
`;

const Figures = styled.table`
  border-collapse: collapse;
  width: 100%;
  font-size: 13.5px;
  caption {
    text-align: left;
    font-weight: 600;
    padding-bottom: 4px;
  }
  td,
  th {
    border-top: 1px solid ${tokens.line};
    padding: 4px 8px 4px 0;
    text-align: left;
    font-weight: 400;
  }
  td:last-child {
    text-align: right;
  }
`;

/** Small drawings of how each family lays a page out, with the colours off. */
const sketches: Record<string, string> = {
  ledger:
    'M0 8h92M6 16h34M6 21h28M52 13h34v17H52zM0 36h92M4 41h6M14 41h40M78 41h10M0 46h92M4 51h6M14 51h34M78 51h10M0 56h92M4 61h6M14 61h44M78 61h10',
  poster: 'M0 0h92v34H0zM4 44h84v14H4zM0 62h30v8H0zM32 62h28v8H32zM62 62h30v8H62z',
  quiet: 'M0 10h40v40H0zM58 34h22M58 39h26M58 44h12M20 62h24v8H20zM54 66h24v4H54z',
};

const pots: { role: 'ground' | 'accent' | 'second'; label: string; on: keyof Palette }[] = [
  { role: 'ground', label: 'Ground', on: 'text' },
  { role: 'accent', label: 'Accent', on: 'onAccent' },
  { role: 'second', label: 'Second', on: 'onSecond' },
];

const roleNames: Partial<Record<keyof Palette, string>> = {
  text: 'Text',
  soft: 'Soft text',
  link: 'Links',
  onAccent: 'Text on accent',
  onSecond: 'Text on second',
  sale: 'Sale price',
  good: 'Good',
  bad: 'Wrong',
  ground: 'ground',
  raised: 'raised ground',
  accent: 'accent',
  second: 'second',
};

/** The specimen: family, palette and faces, with figures. Every change shows in the window at once. */
export function LookStation({ state, shop }: StationProps) {
  const { summary } = shop;
  if (!summary) return <SheetBody role="status">Mixing …</SheetBody>;
  const { look } = summary;
  const { palette } = look;
  const decided = state.project.decisions
    .filter((decision) => decision.place.startsWith('look/'))
    .map((decision) => decision.place);
  const mix = Number(state.project.decisions.find((decision) => decision.place === 'look/mix')?.value ?? 0);
  const picked = decided.filter((place) => /(accent|second|ground)$/.test(place));
  return (
    <SheetBody>
      <Head title="Look">{look.because.family}</Head>
      <Families aria-label="Family" value={look.family.id} onChange={(value) => state.decide({ 'look/family': value })}>
        {families.map((family) => (
          <Radio key={family.id} value={family.id}>
            <svg width="92" height="70" viewBox="0 0 92 70" aria-hidden="true">
              <rect width="92" height="70" fill="#fff" />
              <path
                d={sketches[family.id] ?? ''}
                fill={family.id === 'poster' ? '#8b959b' : family.id === 'quiet' ? '#c9cecd' : 'none'}
                stroke="#6a767e"
                strokeWidth="1.4"
              />
            </svg>
            <span>
              <b>{family.name}</b>
              <br />
              <small>{family.character}</small>
            </span>
          </Radio>
        ))}
      </Families>
      <section aria-label="Palette">
        <Row>
          <h2>Palette</h2>
          <QuietButton style={{ marginLeft: 'auto' }} onPress={() => state.decide({ 'look/mix': mix + 1 })}>
            Mix another
          </QuietButton>
        </Row>
        <Soft style={{ margin: '4px 0 8px' }}>{look.because.palette}</Soft>
        <Pots>
          {pots.map(({ role, label, on }) => (
            <li key={role}>
              <ColourPot
                label={label}
                hex={palette[role]}
                ink={palette[on]}
                onPick={(hex) => state.decide({ [`look/${role}`]: hex })}
              />
            </li>
          ))}
        </Pots>
        {picked.length ? <TextButton onPress={() => state.withdraw(picked)}>Back to the brief’s colours</TextButton> : null}
      </section>
      <section aria-label="Typefaces" style={{ display: 'grid', gap: 10 }}>
        <h2>Typefaces</h2>
        <Choice
          label="Headings"
          value={look.heading.id}
          options={faces
            .filter((face) => face.roles.includes('heading'))
            .map((face) => ({ id: face.id, name: `${face.name}: ${face.character}` }))}
          onChange={(id) => state.decide({ 'look/heading': id })}
        />
        <Choice
          label="Text"
          value={look.text.id}
          options={faces
            .filter((face) => face.roles.includes('text'))
            .map((face) => ({ id: face.id, name: `${face.name}: ${face.character}` }))}
          onChange={(id) => state.decide({ 'look/text': id })}
        />
        <Soft>
          <small>
            Text is {(look.scale.body.large * 16).toFixed(0)} px at a line height of {look.scale.body.lineHeight.toFixed(2)}, 66
            characters a line; the largest heading is {(look.scale.display.large * 16).toFixed(0)} px at{' '}
            {look.scale.display.lineHeight.toFixed(2)}.
          </small>
        </Soft>
      </section>
      <Figures>
        <caption>Contrast, 4.5 is the least</caption>
        <tbody>
          {contrastPairs(palette).map(({ text, on, ratio }) => (
            <tr key={`${text} ${on}`}>
              <th scope="row">
                {roleNames[text]} on {roleNames[on]}
              </th>
              <td>
                <span style={{ background: palette[on], color: palette[text], padding: '0 6px' }}>Aa</span> {ratio.toFixed(1)}
              </td>
            </tr>
          ))}
        </tbody>
      </Figures>
      {decided.length ? <TextButton onPress={() => state.withdraw(decided)}>Take all changes to the look back</TextButton> : null}
    </SheetBody>
  );
}

function ColourPot({ label, hex, ink, onPick }: { label: string; hex: string; ink: string; onPick: (hex: string) => void }) {
  const [draft, setDraft] = useState(hex);
  return (
    <DialogTrigger onOpenChange={(open) => setDraft(open ? hex : draft)}>
      <Pot style={{ background: hex, color: ink }} aria-label={`${label}, ${hex}. Change it`}>
        <b>{label}</b>
        <span>
          {hex} · {contrastRatio(hex, ink).toFixed(1)}
        </span>
      </Pot>
      <Mixing placement="bottom">
        <Dialog aria-label={`Change ${label}`}>
          <ColorPicker
            value={parseColor(draft).toFormat('hsb')}
            onChange={(colour) => {
              const next = colour.toString('hex').toLowerCase();
              setDraft(next);
            }}
          >
            <ColorArea
              className="area"
              colorSpace="hsb"
              xChannel="saturation"
              yChannel="brightness"
              aria-label="Saturation and brightness"
            >
              <ColorThumb className="thumb" />
            </ColorArea>
            <ColorSlider className="slider" colorSpace="hsb" channel="hue" aria-label="Hue">
              <SliderTrack className="track">
                <ColorThumb className="thumb" style={{ top: '50%' }} />
              </SliderTrack>
            </ColorSlider>
            <Row>
              <ColorField>
                <Label>Code</Label> <Input />
              </ColorField>
              <QuietButton onPress={() => onPick(draft)}>Use it</QuietButton>
            </Row>
          </ColorPicker>
        </Dialog>
      </Mixing>
    </DialogTrigger>
  );
}
