'use client';

import { useCallback, useDeferredValue, useEffect, useMemo, useState } from 'react';
import { Button as AriaButton, Disclosure, DisclosureGroup, DisclosurePanel, FileTrigger, Heading } from 'react-aria-components';
import styled from 'styled-components';
import { bestLine, contrastRatio, partPlaces, readTokens, schemes } from '@/core/look/page';
import { type Part } from '@/core/look';
import { Decided, lookPlaces, sayAt, set, type Address } from '@/core/places';
import { type Decide } from './look/decide';
import { exceptionsOf, markChoice } from '@/core/site/page';
import { type LooksKind } from '@/core/site';
import { type Jobs } from '@/workers/protocol';
import { Button, Notice, QuietButton, Row, SheetBody, Soft, TextButton } from '../parts';
import { standingIn } from '../names';
import { download } from '../projects';
import { tokens } from '../theme';
import { Bench, partNames } from './look/Bench';
import { FaceStyles } from './look/FaceStyles';
import { KeptPlaces } from './look/KeptPlaces';
import { Liked } from './look/Liked';
import { MarkPart } from './look/Mark';
import { FamilyPart, PicturesPart, PlacesPart, ShapePart } from './look/Others';
import { PalettePart } from './look/Palette';
import { Specimen } from './look/Specimen';
import { TypePart } from './look/Type';
import { type StationProps } from './station';

const Part$ = styled(Disclosure)`
  border-top: 1px solid ${tokens.line};
  h2 {
    display: flex;
    align-items: center;
    gap: 12px;
  }
  [slot='trigger'] {
    flex: 1;
    display: grid;
    grid-template-columns: 108px minmax(0, 1fr) 16px;
    gap: 10px;
    align-items: baseline;
    background: none;
    border: 0;
    padding: 10px 0;
    text-align: left;
    cursor: pointer;
    font-weight: 600;
    span {
      font-weight: 400;
      color: ${tokens.soft};
      font-size: 13.5px;
      white-space: nowrap;
      overflow: hidden;
      text-overflow: ellipsis;
    }
    i {
      font-style: normal;
      color: ${tokens.verdigris};
    }
  }
  [role='group'] {
    display: grid;
    gap: 12px;
    padding-bottom: 16px;
    &[hidden] {
      display: none;
    }
  }
`;

const Lock = styled(AriaButton)`
  background: none;
  border: 1px solid ${tokens.line};
  min-height: 28px;
  padding: 2px 8px;
  font-size: 12.5px;
  cursor: pointer;
  color: ${tokens.soft};
  &[aria-pressed='true'] {
    background: ${tokens.verdigrisPale};
    border-color: ${tokens.verdigris};
    color: ${tokens.ink};
  }
`;

/** The specimen: the shop's look in use, with figures. Every change shows in the window at once. */
export function LookStation({ state, shop, path }: StationProps) {
  const { worker } = shop;
  // The window repaints first; what is told about it here may come a moment later.
  const summary = useDeferredValue(shop.summary);
  const [bench, setBench] = useState<LooksKind | null>(null);
  const [open, setOpen] = useState<Set<string | number>>(new Set(['family']));
  const [quick, setQuick] = useState<Jobs['quick']['get'] | null>(null);
  const [marks, setMarks] = useState<Jobs['marks']['get'] | null>(null);
  const [arts, setArts] = useState<Jobs['arts']['get'] | null>(null);
  const [said, setSaid] = useState<{ kind: 'mend' | 'fine'; text: string } | null>(null);

  const { project } = state;
  const { decisions } = project;
  const decided = useMemo(() => new Decided(decisions), [decisions]);
  const pickedNames = partPlaces.palette.filter((place) => decided.has(place)).map(({ address }) => address);
  const pickedKey = pickedNames.join(' ');
  // The palette's part is drawn again only when what is picked changes.
  const picked = useMemo(() => partPlaces.palette.filter(({ address }) => pickedKey.split(' ').includes(address)), [pickedKey]);

  // What follows from a change is part of its sentence.
  const { decide } = state;
  const standing = useMemo(() => (summary ? standingIn(summary) : undefined), [summary]);
  const decideLook = useCallback<Decide>(
    (wishes, label = '') => {
      const all = 'place' in wishes ? [wishes] : wishes;
      if (!worker) return decide(all, label);
      // A decision never hangs on its sentence.
      const following = worker.ask('follows', { wishes: all }).catch((): string[] => []);
      void following.then((follows) => {
        const was = (place: Address) => project.decisions.get(place) ?? standing?.(place);
        const said = label || all.map(({ place, value }) => sayAt(place, was(place), value)).join('; ');
        decide(all, follows.length ? [said, ...follows].join('; ').slice(0, 480) : label);
      });
    },
    [worker, decide, project.decisions, standing],
  );

  const needs = [...open].join(' ');
  useEffect(() => {
    if (!worker || shop.turn === 0) return;
    let stale = false;
    const wanted = new Set(needs.split(' '));
    // What there is to choose from can wait until the window has been repainted.
    const timer = setTimeout(() => {
      if (wanted.has('palette') || wanted.has('type'))
        void worker.ask('quick', {}).then((got) => (stale ? undefined : setQuick(got)));
      if (wanted.has('mark')) void worker.ask('marks', {}).then((got) => (stale ? undefined : setMarks(got)));
      if (wanted.has('pictures')) void worker.ask('arts', {}).then((got) => (stale ? undefined : setArts(got)));
    }, 150);
    return () => {
      stale = true;
      clearTimeout(timer);
    };
  }, [worker, shop.turn, needs]);

  if (!summary || !worker)
    return (
      <SheetBody role="status" aria-busy>
        Mixing …
      </SheetBody>
    );
  const { look, piece } = summary;
  const { palette, scale } = look;
  // What is set by hand stands in its control at once; the shop follows.
  const [mark, exceptions] = [markChoice(decided), exceptionsOf(decided)];
  const shape = {
    ...look.shape,
    corner: decided.get(lookPlaces.corner) ?? look.shape.corner,
    rule: decided.get(lookPlaces.rule) ?? look.shape.rule,
    room: decided.get(lookPlaces.room) ?? look.shape.room,
  };
  const ofLook = decided.area('look');
  const locks = decided.get(lookPlaces.locks) ?? [];
  const setLocks = (next: string[]) => state.decide(set(lookPlaces.locks, next));
  const lead =
    summary.outline[0]?.sections.find((section) => section.kind === 'opening')?.words.find((text) => text.at.field === 'lead')
      ?.text ?? piece.headline;
  const differing =
    exceptions.only.length +
    exceptions.standing.length +
    exceptions.phone.hidden.length +
    Number(exceptions.phone.columns !== null) +
    Number(exceptions.phone.size !== null);

  const load = async (file: File | undefined) => {
    if (!file) return;
    const read = readTokens(await file.text());
    if (!read.ok) return setSaid({ kind: 'mend', text: read.say });
    state.decide(read.value.wishes, 'Load a look');
    setSaid({ kind: 'fine', text: ['The look is loaded.', ...read.value.notes].join(' ') });
  };
  const save = async () => {
    const text = await worker.ask('tokens', {});
    download(new TextEncoder().encode(text), `${summary.slug}-look.tokens.json`, 'application/json');
  };

  const rows: { id: string; title: string; figure: string; part?: Part; body: React.ReactNode }[] = [
    {
      id: 'family',
      title: partNames.family,
      figure: `${look.family.name}. ${look.because.family}`,
      part: 'family',
      body: <FamilyPart look={look} onDecide={decideLook} />,
    },
    {
      id: 'palette',
      title: partNames.palette,
      figure: `${schemes.find((scheme) => scheme.id === look.genes.scheme)?.name ?? ''}, text ${contrastRatio(palette.text, palette.ground).toFixed(1)} : 1`,
      part: 'palette',
      body: (
        <PalettePart
          look={look}
          piece={piece}
          palettes={quick?.palettes ?? []}
          picked={picked}
          onDecide={decideLook}
          onWithdraw={state.withdraw}
        />
      ),
    },
    {
      id: 'type',
      title: partNames.type,
      figure: `${look.heading.name}, ${look.text.name}; ${bestLine} characters a line`,
      part: 'type',
      body: <TypePart look={look} piece={piece} pairs={quick?.pairs ?? []} lead={lead} onDecide={state.decide} />,
    },
    {
      id: 'shape',
      title: partNames.shape,
      figure: `corners ${shape.corner >= 99 ? 'round' : `${shape.corner} px`}, lines ${shape.rule} px, room ${Math.round(shape.room * 100)} %`,
      part: 'shape',
      body: <ShapePart look={{ ...look, shape }} onDecide={state.decide} onWithdraw={state.withdraw} />,
    },
    {
      id: 'mark',
      title: 'Mark',
      figure:
        mark.logo ??
        (mark.kind === 'text' ? 'The name as text' : (marks?.find((one) => one.kind === mark.kind)?.name ?? mark.kind)),
      body: <MarkPart state={state} shop={shop} summary={summary} mark={mark} marks={marks ?? []} onDecide={state.decide} />,
    },
    {
      id: 'pictures',
      title: partNames.pictures,
      figure: piece.made ? 'A made picture opens the shop' : 'The goods open the shop',
      part: 'pictures',
      body: <PicturesPart summary={summary} arts={arts ?? []} onDecide={state.decide} />,
    },
    {
      id: 'places',
      title: 'Single places',
      figure: differing ? `${differing} ${differing === 1 ? 'differs' : 'differ'} from the whole` : 'None differs from the whole',
      body: <PlacesPart summary={{ ...summary, exceptions }} path={path} onDecide={state.decide} onWithdraw={state.withdraw} />,
    },
  ];

  return (
    <SheetBody style={{ gap: 14 }}>
      <FaceStyles />
      <Row style={{ justifyContent: 'space-between' }}>
        <h1>Look</h1>
        <Row>
          <FileTrigger acceptedFileTypes={['.json', 'application/json']} onSelect={(files) => void load(files?.[0])}>
            <TextButton>Load a look</TextButton>
          </FileTrigger>
          <TextButton onPress={() => void save()}>Save it</TextButton>
        </Row>
      </Row>
      {said ? <Notice $kind={said.kind}>{said.text}</Notice> : null}
      <Specimen
        palette={palette}
        heading={look.heading}
        text={look.text}
        caps={look.family.caps}
        corner={shape.corner}
        piece={piece}
      />
      <Row>
        <Button onPress={() => setBench('candidates')}>Compare three</Button>
        <QuietButton onPress={() => setBench('vary')}>Vary</QuietButton>
        <QuietButton onPress={() => setBench('again')}>Start again</QuietButton>
        <Liked worker={worker} path={path} locks={locks} onTake={decideLook} />
      </Row>
      <DisclosureGroup expandedKeys={open} onExpandedChange={setOpen}>
        {rows.map(({ id, title, figure, part, body }) => (
          <Part$ key={id} id={id}>
            <Heading level={2}>
              <AriaButton slot="trigger">
                {title}
                <span>{figure}</span>
                <i aria-hidden="true">{open.has(id) ? '–' : '+'}</i>
              </AriaButton>
              {part ? (
                <Lock
                  aria-pressed={locks.includes(part)}
                  aria-label={`Keep ${title.toLowerCase()} when looks are searched`}
                  onPress={() => setLocks(locks.includes(part) ? locks.filter((lock) => lock !== part) : [...locks, part])}
                >
                  {locks.includes(part) ? 'Kept' : 'Keep'}
                </Lock>
              ) : null}
            </Heading>
            <DisclosurePanel>{open.has(id) ? body : null}</DisclosurePanel>
          </Part$>
        ))}
      </DisclosureGroup>
      <KeptPlaces locks={locks} decided={decided} summary={summary} onLocks={setLocks} />
      {ofLook.length ? (
        <TextButton onPress={() => state.decide(ofLook, 'Take all changes to the look back')}>
          Take all changes to the look back
        </TextButton>
      ) : null}
      <Soft>
        <small>One text size is {(scale.body.large * 16).toFixed(0)} px; every change here is everywhere at once.</small>
      </Soft>
      {bench ? (
        <Bench
          worker={worker}
          summary={summary}
          locks={locks}
          start={bench}
          onLocks={setLocks}
          onTake={(wishes) => {
            state.decide(wishes, 'Choose a look');
            setBench(null);
          }}
          onClose={() => setBench(null)}
        />
      ) : null}
    </SheetBody>
  );
}
