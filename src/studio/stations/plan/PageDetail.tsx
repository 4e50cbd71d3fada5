'use client';

import { useState } from 'react';
import { GridList, useDragAndDrop } from 'react-aria-components';
import styled from 'styled-components';
import { clear, planPlaces, set, whyNot } from '@/core/places';
import { isNamed, ownerOf } from '@/core/plan/about';
import { type OutlinePage } from '@/workers/protocol';
import { Button, Choice, Field, QuietButton, Row, Soft, TextButton } from '../../parts';
import { tokens } from '../../theme';
import { type StationProps } from '../station';
import { Library } from './Library';
import { SectionStrip } from './SectionStrip';

const Inside = styled.div`
  padding: 0 0 14px 22px;
  display: grid;
  gap: 10px;
  dl {
    display: grid;
    grid-template-columns: 92px minmax(0, 1fr);
    gap: 3px 10px;
    font-size: 14px;
  }
  dt {
    color: ${tokens.soft};
  }
`;

const Strips = styled(GridList)`
  display: grid;
  gap: 4px;
  .react-aria-DropIndicator[data-drop-target] {
    outline: 2px solid ${tokens.verdigris};
  }
`;

export function PageDetail({ page, state, shop, goTo }: { page: OutlinePage } & Pick<StationProps, 'state' | 'shop' | 'goTo'>) {
  const [renaming, setRenaming] = useState(false);
  const [library, setLibrary] = useState(false);
  const key = ownerOf(page);
  const ids = page.sections.map((section) => section.id);
  const named = isNamed(page);
  const order = (next: string[]) => state.decide(set(planPlaces.sectionOrder(key), next));
  const { dragAndDropHooks } = useDragAndDrop({
    getItems: (keys) => [...keys].map((id) => ({ 'text/plain': String(id) })),
    onReorder: ({ keys, target }) => {
      const moved = ids.filter((id) => keys.has(id));
      const rest = ids.filter((id) => !keys.has(id));
      const at = rest.indexOf(String(target.key)) + (target.dropPosition === 'after' ? 1 : 0);
      order([...rest.slice(0, at), ...moved, ...rest.slice(at)]);
    },
  });
  const move = (at: number, by: number) => {
    const next = [...ids];
    const [id] = next.splice(at, 1);
    if (id) order([...next.slice(0, at + by), id, ...next.slice(at + by)]);
  };
  const takeOut = () => {
    goTo('');
    if (page.out) state.decide(page.out.wishes);
  };
  return (
    <Inside>
      <dl>
        <dt>Because</dt>
        <dd>{page.because.say}</dd>
        <dt>Visitors get</dt>
        <dd>{page.visitorGets}</dd>
        <dt>Next</dt>
        <dd>{page.doNext}</dd>
      </dl>
      {renaming ? (
        <Rename
          name={page.name}
          wrong={(name) => whyNot(planPlaces.pageName(page.id), name)}
          onKeep={(name) => {
            state.decide(set(planPlaces.pageName(page.id), name));
            setRenaming(false);
          }}
          onLeave={() => setRenaming(false)}
        />
      ) : null}
      {page.out?.say ? (
        <Soft>
          <small>{page.out.say} Taken out, the page takes that along: it leads where it did.</small>
        </Soft>
      ) : null}
      {named ? (
        <Row>
          <TextButton onPress={() => state.decide(set(planPlaces.inMenu(page.id), !page.inMenu))}>
            {page.inMenu ? 'Take out of the menu' : 'Put in the menu'}
          </TextButton>
          <TextButton onPress={() => state.decide(set(planPlaces.inFooter(page.id), !page.inFooter))}>
            {page.inFooter ? 'Take out of the footer' : 'Put in the footer'}
          </TextButton>
          <TextButton onPress={() => setRenaming(true)} aria-label={`Rename ${page.name}`}>
            Rename
          </TextButton>
          {page.out ? (
            <TextButton onPress={takeOut} aria-label={`Take ${page.name} out of the shop`}>
              Take it out
            </TextButton>
          ) : null}
        </Row>
      ) : null}
      {page.holders.length ? (
        <Choice
          label="In the menu"
          value={page.holders.some(({ id }) => id === page.under) ? (page.under ?? '') : ''}
          options={[{ id: '', name: 'By itself' }, ...page.holders.map(({ id, name }) => ({ id, name: `Under ${name}` }))]}
          onChange={(id) => state.decide(id ? set(planPlaces.under(page.id), id) : clear(planPlaces.under(page.id)))}
        />
      ) : null}
      {page.shelves === null ? null : (
        <Row>
          <TextButton
            onPress={() => state.decide(page.shelves ? clear(planPlaces.shelvesInMenu) : set(planPlaces.shelvesInMenu, true))}
          >
            {page.shelves ? 'Take the shelves out of the menu' : 'Put the shelves in the menu'}
          </TextButton>
        </Row>
      )}
      <Strips
        aria-label={`Sections of ${page.kind === 'product' ? 'products' : page.name}`}
        // Always: a list that begins or ceases to be dragged while it stands is a fault.
        dragAndDropHooks={dragAndDropHooks}
        keyboardNavigationBehavior="tab"
      >
        {page.sections.map((section, i) => (
          <SectionStrip
            key={section.id}
            page={page}
            section={section}
            at={i}
            state={state}
            goTo={goTo}
            onMove={(by) => move(i, by)}
          />
        ))}
      </Strips>
      {['cart', 'checkout', 'thanks', 'search', 'missing', 'category', 'shop', 'product'].includes(page.kind) ? null : (
        <Row>
          <QuietButton onPress={() => setLibrary(true)}>Add a section</QuietButton>
          <Soft>
            <small>or drag the strips; with the keyboard, Enter on a grip picks it up.</small>
          </Soft>
        </Row>
      )}
      <Library
        page={page}
        shop={shop}
        isOpen={library}
        onClose={() => setLibrary(false)}
        onAdd={(id, kind) => {
          state.decide(set(planPlaces.addedSection(key, id), { kind }));
          setLibrary(false);
          goTo(page.path, id);
        }}
      />
    </Inside>
  );
}

interface RenameProps {
  name: string;
  /** Why it can't be called so; empty where it can. */
  wrong: (name: string) => string;
  onKeep: (name: string) => void;
  onLeave: () => void;
}

function Rename({ name, wrong, onKeep, onLeave }: RenameProps) {
  const [draft, setDraft] = useState(name);
  const said = draft.trim() ? wrong(draft.trim()) : 'A page needs a name.';
  return (
    <form
      onSubmit={(event) => {
        event.preventDefault();
        if (!said) onKeep(draft.trim());
      }}
    >
      <Field label="Name of the page" value={draft} onChange={setDraft} wrong={said} autoFocus />
      <Row>
        <Button type="submit">Rename</Button>
        <TextButton onPress={onLeave}>Leave it</TextButton>
      </Row>
    </form>
  );
}
