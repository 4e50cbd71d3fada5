'use client';

import styled from 'styled-components';
import { contrastRatio, hasThird } from '@/core/look/page';
import { type Face, type Palette } from '@/core/look';
import { type Summary } from '@/workers/protocol';
import { stackOf } from './FaceStyles';

const Sheet = styled.div`
  display: grid;
  grid-template-columns: minmax(0, 1fr) 118px;
  min-height: 168px;
  .words {
    padding: 14px 16px;
    display: grid;
    align-content: space-between;
    gap: 8px;
  }
  .head {
    line-height: 1.12;
    overflow-wrap: anywhere;
  }
  .button {
    padding: 5px 12px;
    font-size: 14px;
  }
  .row {
    display: flex;
    gap: 12px;
    align-items: center;
    flex-wrap: wrap;
  }
  .thing {
    display: grid;
    grid-template-rows: minmax(0, 1fr) auto;
    min-width: 0;
  }
  .thing img,
  .thing .none {
    width: 100%;
    height: 100%;
    object-fit: cover;
    display: block;
    min-height: 90px;
  }
  .label {
    padding: 6px 8px;
    font-size: 12.5px;
    line-height: 1.25;
    overflow: hidden;
  }
  .label b {
    display: block;
    white-space: nowrap;
    overflow: hidden;
    text-overflow: ellipsis;
  }
`;

interface SpecimenProps {
  palette: Palette;
  heading: Face;
  text: Face;
  caps: boolean;
  corner: number;
  piece: Summary['piece'];
  small?: boolean;
}

/** A piece of the real shop in a look: its line, its button, one of its things. */
export function Specimen({ palette, heading, text, caps, corner, piece, small = false }: SpecimenProps) {
  const size = Math.min(small ? 15 : 26, (small ? 300 : 620) / Math.max(12, piece.headline.length));
  return (
    <Sheet
      style={{
        background: palette.ground,
        color: palette.text,
        fontFamily: stackOf(text),
        ...(small ? { gridTemplateColumns: 'minmax(0, 1fr) 64px', minHeight: 92 } : {}),
      }}
    >
      <div className="words" style={small ? { padding: '9px 11px' } : undefined}>
        <p
          className="head"
          style={{
            fontFamily: stackOf(heading),
            fontWeight: heading.heading,
            fontSize: Math.max(small ? 14 : 18, size),
            textTransform: caps ? 'uppercase' : 'none',
          }}
        >
          {piece.headline}
        </p>
        <div className="row">
          <span
            className="button"
            style={{
              background: palette.accent,
              color: palette.onAccent,
              borderRadius: Math.min(corner, 18),
              ...(small ? { padding: '2px 8px', fontSize: 11.5 } : {}),
            }}
          >
            {piece.button}
          </span>
          {small ? null : (
            <span style={{ color: palette.link, textDecoration: 'underline', fontSize: 14 }}>
              {piece.product?.title ?? 'More'}
            </span>
          )}
        </div>
      </div>
      <div
        className="thing"
        style={{
          background: palette.second,
          color: palette.onSecond,
          ...(hasThird(palette) ? { borderLeft: `${small ? 6 : 12}px solid ${palette.third}` } : {}),
        }}
      >
        {piece.product?.picture ? (
          <img src={piece.product.picture} alt="" style={small ? { minHeight: 40 } : undefined} />
        ) : (
          <span className="none" style={{ background: palette.raised, ...(small ? { minHeight: 40 } : {}) }} />
        )}
        {small ? (
          <span style={{ padding: 3, fontSize: 11, lineHeight: 1.2 }}>{piece.product?.price}</span>
        ) : (
          <span className="label">
            <b>{piece.product?.title}</b>
            {piece.product?.price}
          </span>
        )}
      </div>
    </Sheet>
  );
}

/** Text on a ground with its contrast. */
export function Figure({ ink, ground }: { ink: string; ground: string }) {
  return (
    <span style={{ background: ground, color: ink, padding: '1px 7px', fontSize: 13 }}>
      Aa {contrastRatio(ink, ground).toFixed(1)}
    </span>
  );
}
