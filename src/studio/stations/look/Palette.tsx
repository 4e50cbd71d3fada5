'use client';

import { memo, useMemo, useState } from 'react';
import {
  Button as AriaButton,
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
  SliderTrack,
  parseColor,
} from 'react-aria-components';
import styled from 'styled-components';
import { contrastPairs, contrastRatio, differenceToAll, harmonies, hasThird, readable, schemes } from '@/core/look/page';
import { type Look, type Palette, type QuickPalette } from '@/core/look';
import { lookPlaces, set, type Place } from '@/core/places';
import { type Summary } from '@/workers/protocol';
import { Choice, QuietButton, Row, Soft, TextButton } from '../../parts';
import { tokens } from '../../theme';
import { type Decide, type Withdraw } from './decide';
import { Specimen } from './Specimen';

const Pots = styled.ul`
  display: grid;
  grid-template-columns: repeat(2, 1fr);
  border: 1px solid ${tokens.ink};
  li {
    min-width: 0;
  }
`;

const Pot = styled(AriaButton)`
  width: 100%;
  min-height: 66px;
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
    width: 260px;
    height: 130px;
  }
  .slider {
    width: 260px;
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
  .offer {
    max-width: 260px;
    font-size: 13.5px;
    margin-top: 10px;
    display: grid;
    gap: 6px;
  }
`;

export const Grid = styled.ul`
  display: grid;
  grid-template-columns: repeat(2, minmax(0, 1fr));
  gap: 8px;
  max-height: 340px;
  overflow: auto;
  padding: 3px;
`;

export const Take = styled(AriaButton)`
  display: block;
  width: 100%;
  padding: 0;
  text-align: left;
  background: ${tokens.raised};
  border: 1px solid ${tokens.line};
  cursor: pointer;
  &[aria-pressed='true'] {
    border-color: ${tokens.verdigris};
    box-shadow: 0 0 0 2px ${tokens.verdigris};
  }
  small {
    display: block;
    padding: 4px 8px;
  }
`;

const Figures = styled.table`
  border-collapse: collapse;
  width: 100%;
  font-size: 13px;
  caption {
    text-align: left;
    font-weight: 600;
    padding-bottom: 4px;
  }
  td,
  th {
    border-top: 1px solid ${tokens.line};
    padding: 3px 8px 3px 0;
    text-align: left;
    font-weight: 400;
  }
  td:last-child {
    text-align: right;
  }
`;

const pots: { role: 'ground' | 'accent' | 'second' | 'third'; label: string; on: keyof Palette }[] = [
  { role: 'ground', label: 'Ground', on: 'text' },
  { role: 'accent', label: 'Accent', on: 'onAccent' },
  { role: 'second', label: 'Second', on: 'onSecond' },
  { role: 'third', label: 'Third', on: 'onThird' },
];

const roleNames: Record<keyof Palette, string> = {
  ground: 'ground',
  raised: 'raised ground',
  text: 'Text',
  soft: 'Soft text',
  line: 'Line',
  accent: 'accent',
  onAccent: 'Text on accent',
  rim: 'Edge of buttons',
  link: 'Links',
  second: 'second',
  onSecond: 'Text on second',
  third: 'third',
  onThird: 'Text on third',
  sale: 'Sale price',
  good: 'Good',
  bad: 'Wrong',
};

const apart: [keyof Palette, keyof Palette][] = [
  ['accent', 'second'],
  ['good', 'bad'],
  ['sale', 'text'],
];

interface PalettePartProps {
  look: Look;
  piece: Summary['piece'];
  palettes: readonly QuickPalette[];
  onDecide: Decide;
  onWithdraw: Withdraw;
  /** Places of the palette that something was decided at. */
  picked: readonly Place[];
}

/** The palette: its pots, how it is mixed, twenty others, and every figure. */
export const PalettePart = memo(function PalettePart({ look, piece, palettes, onDecide, onWithdraw, picked }: PalettePartProps) {
  const { palette, genes } = look;
  return (
    <>
      <Soft>{look.because.palette}</Soft>
      {look.unfit.map((one) => (
        <Soft key={one.hex}>{one.because}</Soft>
      ))}
      <Pots>
        {pots.map(({ role, label, on }) => (
          <li key={role}>
            <ColourPot
              label={role === 'third' && !hasThird(palette) ? 'Third, as the second' : label}
              hex={palette[role]}
              ink={palette[on]}
              grounds={role === 'ground' ? [] : [palette.ground, palette.raised]}
              onPick={(hex) => onDecide(set(lookPlaces.picked[role], hex))}
            />
          </li>
        ))}
      </Pots>
      <Row>
        <QuietButton onPress={() => onDecide(set(lookPlaces.mix, genes.mix + 1))}>Mix another</QuietButton>
        {picked.length ? <TextButton onPress={() => onWithdraw(...picked)}>Back to the brief’s colours</TextButton> : null}
      </Row>
      <Row style={{ alignItems: 'end' }}>
        <Choice
          label="Ground"
          value={genes.scheme}
          options={schemes.map(({ id, name, say }) => ({ id, name: `${name}: ${say}` }))}
          onChange={(id) => onDecide(set(lookPlaces.scheme, id))}
        />
        <Choice
          label="Second hue"
          value={genes.harmony ?? ''}
          options={[
            { id: '', name: 'As the brief and the mixture have it' },
            ...harmonies.map(({ id, name, say }) => ({ id, name: `${name}: ${say}` })),
          ]}
          onChange={(id) => onDecide(set(lookPlaces.harmony, id || null))}
        />
      </Row>
      <h3>Twenty that suit this brief</h3>
      <Grid aria-label="Palettes">
        {palettes.map((quick) => (
          <li key={JSON.stringify(quick.wishes)}>
            <Take
              aria-label={`Palette ${quick.name}: ground ${quick.palette.ground}, accent ${quick.palette.accent}, second ${quick.palette.second}`}
              aria-pressed={JSON.stringify(quick.palette) === JSON.stringify(palette)}
              onPress={() => onDecide(quick.wishes, 'Take a palette')}
            >
              <Specimen
                small
                palette={quick.palette}
                heading={look.heading}
                text={look.text}
                caps={look.family.caps}
                corner={look.shape.corner}
                piece={piece}
              />
            </Take>
          </li>
        ))}
      </Grid>
      <Figures>
        <caption>Contrast: text needs 4.5, edges 3</caption>
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
          {apart.map(([one, other]) => (
            <tr key={`${one} ${other}`}>
              <th scope="row">
                {roleNames[one]} told from {roleNames[other]}, by the least able eye
              </th>
              <td>ΔE {differenceToAll(palette[one], palette[other]).toFixed(0)}</td>
            </tr>
          ))}
        </tbody>
      </Figures>
    </>
  );
});

interface ColourPotProps {
  label: string;
  hex: string;
  ink: string;
  /** Grounds that this colour may have to be read on. */
  grounds: readonly string[];
  onPick: (hex: string) => void;
}

/** A colour to change. Where it can't carry text on the ground, the nearest one that can stands beside it. */
function ColourPot({ label, hex, ink, grounds, onPick }: ColourPotProps) {
  const [draft, setDraft] = useState(hex);
  // The same object as long as the colour is the same: what is being typed is lost where it changes.
  const colour = useMemo(() => parseColor(draft).toFormat('hsb'), [draft]);
  const least = grounds.length ? Math.min(...grounds.map((ground) => contrastRatio(draft, ground))) : 21;
  const offered = least < 4.5 ? readable(draft, grounds) : null;
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
          <ColorPicker value={colour} onChange={(next) => setDraft(next.toString('hex').toLowerCase())}>
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
          {offered ? (
            <div className="offer">
              <span>
                As text on the ground it has {least.toFixed(1)}; 4.5 is the least. Fields and buttons may have it; links and
                prices take the nearest that can be read:
              </span>
              <Row>
                <span style={{ background: grounds[0], color: offered, padding: '2px 8px' }}>
                  {offered} · {Math.min(...grounds.map((ground) => contrastRatio(offered, ground))).toFixed(1)}
                </span>
                <QuietButton onPress={() => onPick(offered)}>Use that everywhere</QuietButton>
              </Row>
            </div>
          ) : null}
        </Dialog>
      </Mixing>
    </DialogTrigger>
  );
}
