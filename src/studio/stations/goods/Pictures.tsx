'use client';

import { useState } from 'react';
import styled from 'styled-components';
import { enoughPixels } from '@/core/pictures/page';
import { lookPlaces, set, type Wish } from '@/core/places';
import { Choice, Notice, QuietButton, Row, Soft } from '../../parts';
import { tokens } from '../../theme';
import { PictureForm } from '../../slip/PictureForm';
import { usePictureUrl } from '../../usePictureUrl';
import { type StationProps } from '../station';

const Swatches = styled.ul`
  display: flex;
  gap: 4px;
  list-style: none;
  margin: 0;
  padding: 0;
  button {
    width: 28px;
    height: 28px;
    display: block;
    border: 1px solid ${tokens.soft};
    padding: 0;
    cursor: pointer;
  }
`;

const kB = (bytes: number) => `${Math.max(1, Math.round(bytes / 1024))} kB`;

/** The pictures that are in: what each weighs, where it is looked at, whether it is shown whole, and what its colours are. */
export function Pictures({ state, shop }: Pick<StationProps, 'state' | 'shop'>) {
  const { pictures } = state.project;
  const [name, setName] = useState('');
  const [said, setSaid] = useState('');
  const picture = pictures.find((one) => one.name === name) ?? pictures[0];
  const src = usePictureUrl(picture?.hash ?? null, picture?.type ?? '');
  if (!picture) return null;
  const take = (wish: Wish, label: string, done: string) => {
    state.decide(wish, label);
    setSaid(`${done} The Look has it, and Undo brings the old one back.`);
  };
  const weights = [
    ...picture.sizes.map((size) => `${size.width} px ${kB(size.bytes)}`),
    `${picture.width} px ${kB(picture.bytes)}`,
  ];
  return (
    <section aria-label="Pictures" style={{ display: 'grid', gap: 10 }}>
      <h2>Pictures</h2>
      <Choice
        label="Picture"
        value={picture.name}
        options={pictures.map((one) => ({ id: one.name, name: one.name }))}
        onChange={(id) => {
          setName(id);
          setSaid('');
        }}
      />
      <PictureForm
        key={picture.name}
        picture={picture}
        src={src}
        worker={shop.worker}
        onDecide={(wish, label) => state.decide(wish, label)}
      />
      <Soft>
        <small>
          Sent as {weights.join(', ')}.{' '}
          {picture.width < enoughPixels ? '' : `${picture.width} × ${picture.height} pixels are enough.`}
        </small>
      </Soft>
      {said ? (
        <div role="status">
          <Notice $kind="todo">{said}</Notice>
        </div>
      ) : null}
      <Row>
        <QuietButton onPress={() => take(set(lookPlaces.logo, picture.name), 'Choose a logo', 'It is the logo.')}>
          Use it as the logo
        </QuietButton>
      </Row>
      {picture.colours.length ? (
        <Row>
          <QuietButton
            onPress={() =>
              take(
                set(lookPlaces.givenColours, picture.colours.slice(0, 8)),
                'Take the colours of a picture',
                'The shop is in its colours.',
              )
            }
          >
            Use its colours
          </QuietButton>
          <span>or one of them as the accent:</span>
          <Swatches>
            {picture.colours.map((hex) => (
              <li key={hex}>
                <button
                  type="button"
                  aria-label={`Make ${hex} the accent`}
                  title={hex}
                  style={{ background: hex }}
                  onClick={() =>
                    take(set(lookPlaces.picked.accent, hex), 'Pick a colour from a picture', `${hex} is the accent.`)
                  }
                />
              </li>
            ))}
          </Swatches>
        </Row>
      ) : null}
    </section>
  );
}
