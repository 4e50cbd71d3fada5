'use client';

import { useEffect, useState } from 'react';
import { FileTrigger } from 'react-aria-components';
import styled from 'styled-components';
import { bandsOf, contrastRatio } from '@/core/look/page';
import { fieldFor, isCompact } from '@/core/pictures/page';
import { clear, given, lookPlaces, set } from '@/core/places';
import { type MarkId } from '@/core/pictures/about';
import { type Picture } from '@/core/project';
import { markHeights } from '@/core/site/page';
import { type MarkChoice } from '@/core/site';
import { type Jobs, type Summary } from '@/workers/protocol';
import { Choice, Notice, QuietButton, Row, Soft } from '../../parts';
import { keepPictures } from '../../projects';
import { tokens } from '../../theme';
import { type StationProps } from '../station';
import { type Decide } from './decide';
import { Grid, Take } from './Palette';
import { Slide } from './Slide';

const MarkBox = styled.span<{ $svg: string }>`
  display: block;
  height: 74px;
  margin: 10px;
  background: url('${({ $svg }) => $svg}') center / contain no-repeat;
`;

const NameBox = styled.span`
  display: grid;
  place-items: center;
  height: 94px;
  padding: 8px;
  text-align: center;
`;

const Tick = styled.label`
  display: flex;
  gap: 8px;
  align-items: center;
`;

const Follows = styled.div`
  display: flex;
  gap: 14px;
  align-items: flex-end;
  figure {
    margin: 0;
    display: grid;
    gap: 4px;
    font-size: 12.5px;
    color: ${tokens.soft};
  }
  img {
    display: block;
    border: 1px solid ${tokens.line};
  }
`;

type MarkPartProps = Pick<StationProps, 'state' | 'shop'> & {
  summary: Summary;
  mark: MarkChoice;
  marks: Jobs['marks']['get'];
  onDecide: Decide;
};

/** The mark: the name as text, drawn options in the shop's own face, or the seller's own picture; its size and places, and what follows from it. */
export function MarkPart({ state, shop, summary, mark, marks, onDecide }: MarkPartProps) {
  const { name, look } = summary;
  const [said, setSaid] = useState<{ kind: 'mend' | 'todo' | 'fine'; say: string } | null>(null);
  const { pictures } = state.project;
  const logo = pictures.find((one) => one.name.toLowerCase() === mark.logo?.toLowerCase()) ?? null;
  const chosen = logo ? undefined : marks.find((one) => one.kind === mark.kind);
  const plain = mark.kind === 'text' && !logo;
  const stands = Math.round(markHeights[chosen?.manner ?? 'wordmark'] * mark.size);

  // One step: a mark that is taken puts the logo away.
  const take = (kind: MarkId) => state.decide([clear(lookPlaces.logo), set(lookPlaces.mark, kind)]);
  const bringIn = async (file: File | undefined) => {
    if (!file || !shop.worker) return;
    const bytes = new Uint8Array(await file.arrayBuffer());
    const { pictures: kept, refused, notes } = await keepPictures([{ name: file.name, bytes }], shop.worker);
    const [picture] = kept;
    if (!picture) return setSaid({ kind: 'mend', say: refused.join(' ') });
    state.decide([set(given.picture(picture.name), picture), set(lookPlaces.logo, picture.name)], 'Bring in a logo');
    setSaid({ kind: notes.length ? 'todo' : 'fine', say: [`“${picture.name}” is the logo.`, ...notes].join(' ') });
  };

  return (
    <>
      <Soft>Drawn from the outlines of {look.heading.name}. Site icons and the card for shared links follow from it.</Soft>
      {said ? (
        <div role="status">
          <Notice $kind={said.kind}>{said.say}</Notice>
        </div>
      ) : null}
      <Grid aria-label="Marks">
        <li>
          <Take aria-pressed={plain} onPress={() => take('text')}>
            <NameBox
              style={{
                fontFamily: `"${look.heading.name}"`,
                fontWeight: look.heading.heading,
                fontSize: Math.max(13, Math.min(20, 320 / name.length)),
              }}
            >
              {name}
            </NameBox>
            <small>The name as text</small>
          </Take>
        </li>
        {marks.map((one) => (
          <li key={one.kind}>
            <Take aria-pressed={mark.kind === one.kind && !logo} onPress={() => take(one.kind)}>
              <MarkBox $svg={`data:image/svg+xml,${encodeURIComponent(one.svg)}`} />
              <small>{one.name}</small>
            </Take>
          </li>
        ))}
      </Grid>
      {marks.length === 0 ? <Soft>The chosen typeface lacks letters of the name, so it stands as text.</Soft> : null}
      {chosen && !mark.named ? (
        <Soft>
          {chosen.smallest <= stands
            ? `It can be read from ${chosen.smallest} px up; at the head it is ${stands} px high.`
            : `Its smallest letters can be read from ${chosen.smallest} px up, and at the head it is ${stands} px high: set the name beside it, or make it larger. Icons have the initial.`}
        </Soft>
      ) : null}
      <Row style={{ alignItems: 'flex-end' }}>
        {pictures.length ? (
          <Choice
            label="Your own logo"
            value={logo?.name ?? ''}
            options={[{ id: '', name: 'None' }, ...pictures.map((one) => ({ id: one.name, name: one.name }))]}
            onChange={(id) => (id ? onDecide(set(lookPlaces.logo, id)) : state.withdraw(lookPlaces.logo))}
          />
        ) : null}
        <FileTrigger acceptedFileTypes={['image/*', '.svg']} onSelect={(files) => void bringIn(files?.[0])}>
          <QuietButton>Bring in a logo</QuietButton>
        </FileTrigger>
      </Row>
      {logo ? <LogoSeen logo={logo} summary={summary} foot={mark.foot} /> : null}
      {logo?.colours.length ? (
        <Row>
          <QuietButton
            onPress={() => onDecide(set(lookPlaces.givenColours, logo.colours.slice(0, 8)), 'Take the colours of the logo')}
          >
            Dress the shop in its colours
          </QuietButton>
        </Row>
      ) : null}
      <Slide>
        Size
        <input
          type="range"
          min={0.6}
          max={2.5}
          step={0.1}
          value={mark.size}
          disabled={plain}
          onChange={(event) => onDecide(set(lookPlaces.markSize, Number(event.target.value)))}
        />
        <span>{Math.round(mark.size * 100)} %</span>
      </Slide>
      {(
        [
          [lookPlaces.markName, mark.named, 'With the name beside it, in type'],
          [lookPlaces.markFoot, mark.foot, 'At the foot of pages too'],
        ] as const
      ).map(([place, checked, label]) => (
        <Tick key={place.address}>
          <input
            type="checkbox"
            checked={checked}
            disabled={plain}
            onChange={(event) => onDecide(set(place, event.target.checked))}
          />
          {label}
        </Tick>
      ))}
      <Following shop={shop} />
    </>
  );
}

/** How the logo's outline stands out from where it stands, and the field that it has where it would not. */
function LogoSeen({ logo, summary, foot }: { logo: Picture; summary: Summary; foot: boolean }) {
  const { look, name } = summary;
  const { palette } = look;
  const bands = bandsOf(look);
  const places = [{ place: 'the head', band: bands.head }, ...(foot ? [{ place: 'the foot', band: bands.foot }] : [])];
  return (
    <>
      {places.map(({ place, band }) => {
        const figure = (on: string) => Math.min(...logo.rim.map((colour) => contrastRatio(colour, on))).toFixed(1);
        const field = fieldFor(logo, band, palette);
        return (
          <Soft key={place}>
            {logo.rim.length === 0
              ? `It fills its box, so it is seen whatever ${place} stands on.`
              : field
                ? `Part of its outline would be lost on the ground of ${place} (${figure(palette[band])}\u00a0:\u00a01), so it stands on a field of its own there (${figure(palette[field])}\u00a0:\u00a01).`
                : `On the ground of ${place} its outline stands out by ${figure(palette[band])}\u00a0:\u00a01 or more.`}
          </Soft>
        );
      })}
      {isCompact(logo) ? null : (
        <Soft>
          It is {(logo.width / logo.height).toFixed(1)} times as wide as high: too wide for a square. The icon is the first letter
          of “{name}” in its colour.
        </Soft>
      )}
    </>
  );
}

/** The icon and the card, as the site will send them. */
function Following({ shop }: Pick<StationProps, 'shop'>) {
  const { worker, turn } = shop;
  const [made, setMade] = useState<Jobs['brand']['get']>(null);
  useEffect(() => {
    if (!worker) return;
    let stale = false;
    // Like the other choices: after the window's repaint.
    const timer = setTimeout(() => void worker.ask('brand', {}).then((got) => (stale ? undefined : setMade(got))), 200);
    return () => {
      stale = true;
      clearTimeout(timer);
    };
  }, [worker, turn]);
  if (!made) return null;
  return (
    <Follows>
      <figure>
        <img src={made.icon} alt="The site’s icon at 32 pixels" width={32} height={32} />
        Tab
      </figure>
      <figure>
        <img src={made.icon} alt="The site’s icon at 64 pixels" width={64} height={64} />
        Home screen
      </figure>
      <figure>
        <img src={made.card} alt="The card for shared links" width={229} height={120} />
        Shared link
      </figure>
    </Follows>
  );
}
