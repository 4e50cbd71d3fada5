'use client';

import { ProgressBar } from 'react-aria-components';
import styled from 'styled-components';
import { type Progress } from '@/workers/protocol';
import { TextButton } from './parts';
import { tokens } from './theme';

const Bar = styled(ProgressBar)`
  display: grid;
  gap: 4px;
  .track {
    height: 8px;
    background: ${tokens.line};
  }
  .fill {
    height: 100%;
    background: ${tokens.verdigris};
  }
`;

/** Something that takes a while: what it is at, how far it is, and a way to stop it. */
export function Working({ label, at, onStop }: { label: string; at: Progress; onStop: (() => void) | null }) {
  const share = (100 * at.done) / Math.max(1, at.of);
  return (
    <div>
      <Bar aria-label={label} value={share}>
        <small role="status">{at.say}</small>
        <div className="track">
          <div className="fill" style={{ width: `${share}%` }} />
        </div>
      </Bar>
      {onStop ? <TextButton onPress={onStop}>Stop</TextButton> : null}
    </div>
  );
}
