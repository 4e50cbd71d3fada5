'use client';

import { memo } from 'react';
import styled from 'styled-components';
import { bestLine, headingFaces, textFaces } from '@/core/look/page';
import { type Look, type Pair } from '@/core/look';
import { lookPlaces, set } from '@/core/places';
import { type Summary } from '@/workers/protocol';
import { Choice, Soft } from '../../parts';
import { tokens } from '../../theme';
import { stackOf } from './FaceStyles';
import { type Decide } from './decide';
import { Grid, Take } from './Palette';

const Sample = styled.span`
  display: grid;
  gap: 4px;
  padding: 9px 11px;
  b {
    line-height: 1.15;
    overflow-wrap: anywhere;
  }
  i {
    font-style: normal;
    font-size: 12.5px;
    line-height: 1.4;
  }
  small {
    color: ${tokens.soft};
    padding: 0;
    font-size: 12px;
  }
`;

const Table = styled.table`
  border-collapse: collapse;
  width: 100%;
  font-size: 13px;
  th,
  td {
    text-align: left;
    font-weight: 400;
    border-top: 1px solid ${tokens.line};
    padding: 3px 8px 3px 0;
  }
  td {
    text-align: right;
  }
`;

interface TypePartProps {
  look: Look;
  piece: Summary['piece'];
  pairs: readonly Pair[];
  lead: string;
  onDecide: Decide;
}

/** The faces: the present pair with its figures, and twenty others set in the shop's own words. */
export const TypePart = memo(function TypePart({ look, piece, pairs, lead, onDecide }: TypePartProps) {
  const { scale, heading, text } = look;
  const px = (rem: number) => `${(rem * 16).toFixed(0)} px`;
  return (
    <>
      <Soft>{look.because.type}</Soft>
      <Choice
        label="Headings"
        value={heading.id}
        options={headingFaces.map((face) => ({ id: face.id, name: `${face.name}: ${face.moods.join(', ')}` }))}
        onChange={(id) => onDecide(set(lookPlaces.headingFace, id))}
      />
      <Choice
        label="Text"
        value={text.id}
        options={textFaces.map((face) => ({ id: face.id, name: `${face.name}: ${face.moods.join(', ')}` }))}
        onChange={(id) => onDecide(set(lookPlaces.textFace, id))}
      />
      <Table>
        <tbody>
          <tr>
            <th scope="row">Text</th>
            <td>
              {px(scale.body.large)}, lines {scale.body.lineHeight.toFixed(2)}, {bestLine} characters a line (
              {scale.measure.toFixed(1)} rem)
            </td>
          </tr>
          <tr>
            <th scope="row">Largest heading</th>
            <td>
              {px(scale.display.small)} on a phone, {px(scale.display.large)} wide, lines {scale.display.lineHeight.toFixed(2)}
            </td>
          </tr>
          <tr>
            <th scope="row">Small letters, heading and text</th>
            <td>
              {heading.measures.xHeight.toFixed(2)} and {text.measures.xHeight.toFixed(2)} em
            </td>
          </tr>
          <tr>
            <th scope="row">Thick to thin, heading and text</th>
            <td>
              {heading.measures.contrast.toFixed(1)} and {text.measures.contrast.toFixed(1)}
            </td>
          </tr>
        </tbody>
      </Table>
      <h3>Twenty pairs that suit this brief</h3>
      <Grid aria-label="Pairs of faces">
        {pairs.map((pair) => (
          <li key={`${pair.heading.id} ${pair.text.id}`}>
            <Take
              aria-label={`${pair.heading.name} with ${pair.text.name}. ${pair.because}`}
              aria-pressed={pair.heading.id === heading.id && pair.text.id === text.id}
              onPress={() => onDecide([set(lookPlaces.headingFace, pair.heading.id), set(lookPlaces.textFace, pair.text.id)])}
            >
              <Sample>
                <b style={{ fontFamily: stackOf(pair.heading), fontWeight: pair.heading.heading, fontSize: 19 }}>
                  {piece.headline.slice(0, 60)}
                </b>
                <i style={{ fontFamily: stackOf(pair.text) }}>{lead.slice(0, 90)}</i>
                <small>{pair.because}</small>
              </Sample>
            </Take>
          </li>
        ))}
      </Grid>
    </>
  );
});
