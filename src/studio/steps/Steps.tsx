'use client';

import { useState } from 'react';
import styled from 'styled-components';
import { type Names } from '@/core/places';
import { saysOf, sayChange, takenBack, type Change } from '@/core/project';
import { Button, Field, Head, Notice, QuietButton, Row, SheetBody, Soft, TextButton } from '../parts';
import { tokens } from '../theme';
import { type ProjectState } from '../useProject';
import { type ShopState } from '../useShop';
import { when } from '../when';
import { Compare } from './Compare';
import { SetAsideList } from './SetAsideList';

const List = styled.ol`
  border-top: 1px solid ${tokens.ink};
  > li {
    border-bottom: 1px solid ${tokens.line};
    padding: 8px 0;
    display: grid;
    grid-template-columns: minmax(0, 1fr) auto;
    gap: 2px 12px;
    align-items: baseline;
  }
  .version {
    border-left: 4px solid ${tokens.verdigris};
    padding-left: 10px;
  }
  .gone p {
    color: ${tokens.soft};
    text-decoration: line-through;
  }
  ul {
    grid-column: 1 / -1;
    font-size: 13.5px;
    color: ${tokens.soft};
    padding-left: 14px;
    list-style: disc;
  }
  p {
    overflow-wrap: anywhere;
  }
`;

/** So many steps are shown at first; a long project has thousands. */
const shownFirst = 60;

interface StepsProps {
  state: ProjectState;
  shop: ShopState;
  names: Partial<Names>;
  path: string;
  /** The step that the present is compared with: "" for the beginning, null where nothing is. */
  comparing: string | null;
  onCompare: (step: string | null) => void;
  onClose: () => void;
}

/** The way that the project came: every step as a sentence, versions to go back to, and what is set aside. */
export function Steps({ state, shop, names, path, comparing, onCompare, onClose }: StepsProps) {
  const { changes } = state.story.log;
  const [said, setSaid] = useState<{ kind: 'mend' | 'fine'; say: string } | null>(null);
  const [name, setName] = useState('');
  const [most, setMost] = useState(shownFirst);
  const gone = takenBack(changes);
  const newest = [...changes].reverse();
  const tell = (result: { ok: true } | { ok: false; say: string }, fine: string) =>
    setSaid(result.ok ? { kind: 'fine', say: fine } : { kind: 'mend', say: result.say });
  return (
    <SheetBody>
      <Row style={{ justifyContent: 'space-between', flexWrap: 'nowrap', alignItems: 'start' }}>
        <Head title="Steps">Everything that was done, newest first. Any step can be taken back by itself.</Head>
        <TextButton onPress={onClose}>Close</TextButton>
      </Row>
      <form
        onSubmit={(event) => {
          event.preventDefault();
          if (!name.trim()) return;
          state.nameVersion({ name: name.trim().slice(0, 120) });
          setName('');
          setSaid({ kind: 'fine', say: `“${name.trim()}” names how all is now. You can go back to it from here.` });
        }}
      >
        <Row style={{ alignItems: 'end' }}>
          <div style={{ flex: 1 }}>
            <Field label="Name this version" value={name} onChange={setName} placeholder="Before the fair" />
          </div>
          <Button type="submit" isDisabled={!name.trim()}>
            Keep the name
          </Button>
        </Row>
      </form>
      {said ? (
        <div role="status">
          <Notice $kind={said.kind}>{said.say}</Notice>
        </div>
      ) : null}
      <SetAsideList state={state} summary={shop.summary} names={names} />
      <section aria-label="Steps" style={{ display: 'grid', gap: 8 }}>
        <h2>
          {changes.length} {changes.length === 1 ? 'step' : 'steps'}
        </h2>
        {changes.length ? null : <Soft>Nothing was decided yet. What you do from here on is listed, and can be taken back.</Soft>}
        <List>
          {newest.slice(0, most).map((change) => (
            <Step
              key={change.id}
              change={change}
              names={names}
              gone={gone.has(change.id)}
              onTakeOut={() => tell(state.takeOut(change.id), 'It is taken back. The rest stays as it was.')}
              onGoBack={() =>
                tell(state.goBackTo(change.id), `All is as it was at “${change.version?.name ?? ''}”. Undo brings back what was.`)
              }
              onCompare={() => onCompare(change.id)}
            />
          ))}
        </List>
        {newest.length > most ? <QuietButton onPress={() => setMost(most + 200)}>Show earlier steps</QuietButton> : null}
      </section>
      {comparing !== null ? (
        <Compare state={state} shop={shop} names={names} step={comparing} startPath={path} onClose={() => onCompare(null)} />
      ) : null}
    </SheetBody>
  );
}

interface StepProps {
  change: Change;
  names: Partial<Names>;
  gone: boolean;
  onTakeOut: () => void;
  onGoBack: () => void;
  onCompare: () => void;
}

function Step({ change, names, gone, onTakeOut, onGoBack, onCompare }: StepProps) {
  const says = sayChange(change, names);
  const moved = saysOf(change, names);
  const { version } = change;
  return (
    <li className={[version ? 'version' : '', gone ? 'gone' : ''].join(' ')}>
      <p>
        {says} <small>{when(change.at)}</small>
      </p>
      {version ? (
        <Row>
          <TextButton onPress={onCompare} aria-label={`Compare ${version.name} with now`}>
            Compare
          </TextButton>
          <TextButton onPress={onGoBack} aria-label={`Go back to ${version.name}`}>
            Go back
          </TextButton>
        </Row>
      ) : gone || change.undoes !== undefined ? (
        <small>{gone ? 'taken back' : ''}</small>
      ) : (
        <TextButton onPress={onTakeOut} aria-label={`Take back: ${says}`}>
          Take back
        </TextButton>
      )}
      {moved.length > 1 || moved.some((line) => !says.includes(line)) ? (
        <ul>
          {moved.slice(0, 30).map((line, i) => (
            <li key={i}>{line}</li>
          ))}
          {moved.length > 30 ? <li>and {moved.length - 30} more</li> : null}
        </ul>
      ) : null}
    </li>
  );
}
