'use client';

import Link from 'next/link';
import styled from 'styled-components';
import { type Station } from '@/core/proof/about';
import { Arcade } from './Arcade';
import { TextButton } from './parts';
import { narrow, tokens } from './theme';
import { type ProjectState } from './useProject';

const Top = styled.header`
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto minmax(0, 1fr);
  align-items: end;
  padding: 8px 20px 0;
  border-bottom: 1px solid ${tokens.ink};
  background: ${tokens.stone};
  gap: 12px;
  ${narrow} {
    grid-template-columns: minmax(0, 1fr) auto;
    align-items: start;
    padding: 6px 14px 0;
    gap: 2px 12px;
    nav {
      grid-column: 1 / -1;
      grid-row: 2;
      margin-inline: -10px;
    }
  }
`;

const Name = styled.p`
  padding-bottom: 9px;
  min-width: 0;
  ${narrow} {
    padding-bottom: 0;
  }
  b {
    display: block;
    white-space: nowrap;
    overflow: hidden;
    text-overflow: ellipsis;
    font-weight: 600;
    font-size: 16px;
  }
  a {
    font-size: 13.5px;
  }
`;

const Ways = styled.div`
  display: flex;
  justify-content: flex-end;
  gap: 12px;
  align-items: baseline;
  padding-bottom: 5px;
  font-size: 13.5px;
  [role='status'] {
    color: ${tokens.soft};
    min-width: 3.6em;
    text-align: right;
  }
`;

interface HeadProps {
  name: string;
  station: Station;
  done: Record<Station, number>;
  state: ProjectState;
  steps: boolean;
  onSteps: (open: boolean) => void;
}

/** The head of the studio: whose shop it is, the row of stations, and the way back. */
export function StudioHead({ name, station, done, state, steps, onSteps }: HeadProps) {
  return (
    <Top aria-label="Arcatum">
      <Name>
        <b>{name}</b>
        <Link href="/">All projects</Link>
      </Name>
      <Arcade project={state.project.id} here={station} done={done} onChoose={() => onSteps(false)} />
      <Ways>
        <TextButton
          onPress={state.undo}
          isDisabled={!state.canUndo}
          aria-label={state.canUndo ? `Undo: ${state.canUndo}` : 'Undo'}
        >
          Undo
        </TextButton>
        <TextButton
          onPress={state.redo}
          isDisabled={!state.canRedo}
          aria-label={state.canRedo ? `Redo: ${state.canRedo}` : 'Redo'}
        >
          Redo
        </TextButton>
        <TextButton onPress={() => onSteps(!steps)} aria-expanded={steps}>
          Steps
        </TextButton>
        <span role="status">{state.saving === 'saved' ? 'Saved' : state.saving === 'saving' ? 'Saving …' : 'Not saved'}</span>
      </Ways>
    </Top>
  );
}
