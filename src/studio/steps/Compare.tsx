'use client';

import { useEffect, useMemo, useState } from 'react';
import { Dialog, Heading, Modal } from 'react-aria-components';
import styled from 'styled-components';
import { areaOf, sayAt, type Names } from '@/core/places';
import { projectAt, setsFor, versionsOf, wishesTo, type SetAt } from '@/core/project';
import { type Jobs } from '@/workers/protocol';
import { DifferenceItems, differenceStyle, isNone } from '../Difference';
import { withMoves } from '../moves';
import { Button, QuietButton, Row, Soft, TextButton } from '../parts';
import { ShopFrame } from '../stations/look/ShopFrame';
import { Veil } from '../Veil';
import { narrow, tokens } from '../theme';
import { type ProjectState } from '../useProject';
import { type ShopState } from '../useShop';
import { when } from '../when';

const Table = styled(Modal)`
  background: ${tokens.sheet};
  border: 1px solid ${tokens.ink};
  width: 97vw;
  height: 95vh;
  [role='dialog'] {
    display: grid;
    grid-template-rows: auto minmax(0, 1fr) minmax(0, 190px);
    height: 100%;
    outline: none;
  }
  .bar {
    display: flex;
    flex-wrap: wrap;
    gap: 8px 16px;
    align-items: center;
    padding: 10px 18px;
    border-bottom: 1px solid ${tokens.line};
  }
  select {
    min-height: 30px;
    background: ${tokens.raised};
    border: 1px solid ${tokens.soft};
    max-width: 240px;
  }
  .two {
    display: grid;
    grid-template-columns: 1fr 1fr;
    gap: 14px;
    padding: 10px 18px;
    min-height: 0;
    ${narrow} {
      grid-template-columns: repeat(2, 78vw);
      overflow-x: auto;
    }
  }
  article {
    display: grid;
    grid-template-rows: auto minmax(0, 1fr);
    gap: 6px;
    min-width: 0;
    min-height: 0;
  }
  .list {
    overflow: auto;
    border-top: 1px solid ${tokens.ink};
    padding: 10px 18px 16px;
  }
  .list {
    ${differenceStyle}
  }
  .list .shop li {
    display: block;
  }
  .list li {
    display: grid;
    grid-template-columns: minmax(0, 1fr) auto;
    gap: 12px;
    border-bottom: 1px solid ${tokens.line};
    padding: 5px 0;
    align-items: baseline;
  }
`;

/** What kind of thing differs, in the order in which sellers look at a shop. */
const kinds: [title: string, areas: readonly string[]][] = [
  ['Texts', ['words']],
  ['Pages and sections', ['added', 'plan']],
  ['Look', ['look']],
  ['Goods', ['goods']],
  ['Rules of the till', ['till', 'publish']],
  ['What you gave, and corrected', ['given', 'reading', 'asked']],
];

interface CompareProps {
  state: ProjectState;
  shop: ShopState;
  names: Partial<Names>;
  step: string;
  startPath: string;
  onClose: () => void;
}

/** Two states of the shop side by side, as real pages that scroll together; what differs is outlined, listed, and can be taken over one by one. */
export function Compare({ state, shop, names, step, startPath, onClose }: CompareProps) {
  const { worker } = shop;
  const [at, setAt] = useState(step);
  const [path, setPath] = useState(startPath);
  const [pages, setPages] = useState<Jobs['sideBySide']['get'] | null>(null);
  const [share, setShare] = useState<{ at: number; by: string } | null>(null);
  const versions = versionsOf(state.story);
  const then = useMemo(() => projectAt(state.story, at), [state.story, at]);
  const now = state.project;
  const differences = useMemo(() => (then ? setsFor(now, wishesTo(now, then)) : []), [now, then]);

  useEffect(() => {
    if (!worker || !then) return;
    let stale = false;
    void worker.ask('sideBySide', { before: then, after: now, path }).then((found) => (stale ? undefined : setPages(found)));
    return () => {
      stale = true;
    };
  }, [worker, then, now, path]);

  /** Another brief or list takes what was decided on it along. */
  const takeOver = async ({ place, after }: SetAt) =>
    state.decide(await withMoves(worker, now, [{ place, value: after }]), `Taken over from “${called}”`);

  const version = state.story.log.changes.find((change) => change.id === at);
  const called = version ? (version.version?.name ?? when(version.at)) : 'The beginning';
  return (
    <Veil isOpen isDismissable onOpenChange={(open) => (open ? undefined : onClose())}>
      <Table>
        <Dialog aria-label="Two versions side by side">
          <div className="bar">
            <Heading slot="title">Two versions, one shop</Heading>
            <label>
              Then{' '}
              <select value={at} onChange={(event) => setAt(event.target.value)}>
                {versions.map((one) => (
                  <option key={one.id} value={one.id}>
                    {one.version?.name} ({when(one.at)})
                  </option>
                ))}
                {versions.some(({ id }) => id === at) || !version ? null : <option value={at}>{when(version.at)}</option>}
                <option value="">The beginning</option>
              </select>
            </label>
            <label>
              Page{' '}
              <select value={path} onChange={(event) => setPath(event.target.value)}>
                {shop.summary?.outline.map((page) => (
                  <option key={page.id} value={page.path}>
                    {page.kind === 'product' ? `Product: ${page.name}` : page.name}
                  </option>
                ))}
                {shop.summary?.outline.some((page) => page.path === path) ? null : <option value={path}>{path}</option>}
              </select>
            </label>
            <span style={{ marginLeft: 'auto' }} />
            <QuietButton
              onPress={() => {
                state.goBackTo(at);
                onClose();
              }}
            >
              Go back to it whole
            </QuietButton>
            <TextButton onPress={onClose}>Close</TextButton>
          </div>
          <div className="two">
            {(['Then', 'Now'] as const).map((title, i) => (
              <article key={title} aria-label={title}>
                <b>{i === 0 ? called : 'Now'}</b>
                <ShopFrame
                  id={title}
                  title={title}
                  px={1280}
                  page={pages?.pages[i] ?? null}
                  share={share}
                  onGo={setPath}
                  onScroll={(to) => setShare({ at: to, by: title })}
                />
              </article>
            ))}
          </div>
          <section className="list" aria-label="What differs">
            {differences.length ? null : <Soft>Nothing differs: all is as it was then.</Soft>}
            {kinds.map(([title, areas]) => (
              <Differences
                key={title}
                title={title}
                sets={differences.filter(({ place }) => areas.includes(areaOf(place)))}
                names={names}
                onTake={(set) => void takeOver(set)}
              />
            ))}
            {pages && !isNone(pages.back) ? (
              <>
                <h3>In the shop, were all of it taken over</h3>
                <ul className="shop">
                  <DifferenceItems difference={pages.back} />
                </ul>
              </>
            ) : null}
          </section>
        </Dialog>
      </Table>
    </Veil>
  );
}

interface DifferencesProps {
  title: string;
  sets: readonly SetAt[];
  names: Partial<Names>;
  onTake: (set: SetAt) => void;
}

function Differences({ title, sets, names, onTake }: DifferencesProps) {
  if (!sets.length) return null;
  return (
    <>
      <h3>
        {title} ({sets.length})
      </h3>
      <ul>
        {sets.slice(0, 40).map((set) => {
          const says = sayAt(set.place, set.before, set.after, names);
          return (
            <li key={set.place}>
              <span>{says}</span>
              <Row>
                <Button onPress={() => onTake(set)} aria-label={`Take over: ${says}`}>
                  Take over
                </Button>
              </Row>
            </li>
          );
        })}
      </ul>
      {sets.length > 40 ? <Soft>and {sets.length - 40} more.</Soft> : null}
    </>
  );
}
