'use client';

import { useCallback, useEffect, useRef, useState } from 'react';
import {
  Checkbox,
  CheckboxGroup,
  Dialog,
  Heading,
  Label,
  Modal,
  ModalOverlay,
  ToggleButton,
  ToggleButtonGroup,
} from 'react-aria-components';
import styled from 'styled-components';
import { faceById, familyById, geneWishes, mixOf, partIds } from '@/core/look/page';
import { type Candidate, type Part } from '@/core/look';
import { lookPlaces, type Wish } from '@/core/places';
import { type LooksKind } from '@/core/site';
import { type PaintedPage, type Summary } from '@/workers/protocol';
import { type ShopWorker } from '@/workers/client';
import { Button, QuietButton, Row, TextButton } from '../../parts';
import { narrow, tokens } from '../../theme';
import { ShopFrame } from './ShopFrame';

const Veil = styled(ModalOverlay)`
  position: fixed;
  inset: 0;
  z-index: 5;
  background: ${tokens.stone};
`;

const Table = styled(Modal)`
  width: 100vw;
  height: 100vh;
  background: ${tokens.stone};
  [role='dialog'] {
    display: grid;
    grid-template-rows: auto auto minmax(0, 1fr);
    height: 100%;
    outline: none;
    padding: 12px 20px 16px;
    gap: 10px;
  }
  h2 {
    font-size: 20px;
  }
  .bar {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    gap: 8px 14px;
  }
  select {
    min-height: 32px;
    max-width: 168px;
    background: ${tokens.sheet};
    border: 1px solid ${tokens.soft};
    padding: 2px 8px;
  }
  .three {
    display: grid;
    grid-template-columns: repeat(3, minmax(0, 1fr));
    gap: 16px;
    min-height: 0;
    ${narrow} {
      grid-template-columns: repeat(3, 82vw);
      overflow-x: auto;
    }
  }
  article {
    display: grid;
    grid-template-rows: auto minmax(0, 1fr) auto;
    gap: 6px;
    min-height: 0;
  }
  article header b {
    font-size: 16px;
  }
  article header span {
    color: ${tokens.soft};
    font-size: 13.5px;
    display: block;
    white-space: nowrap;
    overflow: hidden;
    text-overflow: ellipsis;
  }
`;

const Keep = styled(CheckboxGroup)`
  display: flex;
  flex-wrap: wrap;
  gap: 4px 14px;
  align-items: center;
  font-size: 13.5px;
  > label,
  > span {
    font-weight: 600;
  }
`;

const Tick = styled(Checkbox)`
  display: flex;
  gap: 6px;
  align-items: center;
  min-height: 28px;
  cursor: pointer;
  .box {
    width: 16px;
    height: 16px;
    border: 1px solid ${tokens.soft};
    background: ${tokens.raised};
    display: grid;
    place-items: center;
    font-size: 12px;
    line-height: 1;
  }
  &[data-selected] .box {
    background: ${tokens.verdigris};
    border-color: ${tokens.verdigris};
    color: #fff;
  }
  &[data-focus-visible] .box {
    outline: 3px solid ${tokens.verdigris};
    outline-offset: 2px;
  }
`;

const Chips = styled(ToggleButtonGroup)`
  display: flex;
  flex-wrap: wrap;
  gap: 4px;
`;

const Chip = styled(ToggleButton)`
  border: 1px solid ${tokens.soft};
  background: transparent;
  padding: 3px 8px;
  min-height: 28px;
  font-size: 13.5px;
  cursor: pointer;
  &[data-selected] {
    background: ${tokens.verdigris};
    border-color: ${tokens.verdigris};
    color: #fff;
  }
`;

export const partNames: Record<Part, string> = {
  family: 'Arrangement',
  head: 'Header',
  foot: 'Footer',
  palette: 'Colour',
  type: 'Type',
  shape: 'Shape',
  pictures: 'Pictures',
};
const perPart = <T,>(of: (part: Part) => T) => Object.fromEntries(partIds.map((part) => [part, of(part)])) as Record<Part, T>;
const allOfFirst = perPart(() => 0);

interface Round {
  kind: LooksKind;
  looks: Candidate[];
  base: readonly Wish[];
}

interface BenchProps {
  worker: ShopWorker;
  summary: Summary;
  locks: string[];
  start: LooksKind;
  onLocks: (locks: string[]) => void;
  onTake: (wishes: readonly Wish[]) => void;
  onClose: () => void;
}

const describe = ({ genes }: Candidate): string => {
  const [heading, text] = [faceById(genes.heading)?.name, faceById(genes.text)?.name];
  return heading === text ? (heading ?? '') : `${heading} and ${text}`;
};

/** Three real shops side by side on the same page: to choose one, to mix them, to go on from one, or to go back. */
export function Bench({ worker, summary, locks, start, onLocks, onTake, onClose }: BenchProps) {
  const [rounds, setRounds] = useState<Round[]>([]);
  const [turn, setTurn] = useState(0);
  const [path, setPath] = useState('');
  const [wide, setWide] = useState(true);
  const [pages, setPages] = useState<(PaintedPage | null)[]>([null, null, null]);
  const [share, setShare] = useState<{ at: number; by: string } | null>(null);
  const [from, setFrom] = useState(allOfFirst);
  const [problem, setProblem] = useState('');
  const round = rounds.at(-1);
  const kept = lookPlaces.lockedPlaces(locks).length;

  const add = useCallback((kind: LooksKind, base: readonly Wish[], looks: Candidate[]) => {
    if (looks.length < 3) return setProblem('With so much kept there is nothing else to show. Let one of the kept parts go.');
    setProblem('');
    setRounds((before) => [...before, { kind, looks, base }]);
    setFrom(allOfFirst);
  }, []);
  const fault = useCallback((error: unknown) => setProblem(error instanceof Error ? error.message : String(error)), []);

  const first = useRef(false);
  useEffect(() => {
    // The first round is found by itself, once; what is kept later holds from the next round on.
    if (first.current) return;
    first.current = true;
    worker
      .ask('looks', { kind: start, turn: 0, seen: [summary.look.genes], base: [], locks })
      .then((looks) => add(start, [], looks), fault);
  }, [worker, start, locks, summary, add, fault]);

  useEffect(() => {
    let stale = false;
    void (async () => {
      for (const [i, look] of (round?.looks ?? []).entries()) {
        const page = await worker.ask('paintAs', { path, wishes: look.wishes });
        if (stale) return;
        setPages((before) => before.map((one, at) => (at === i ? page : one)));
      }
    })();
    return () => {
      stale = true;
    };
  }, [round, path, worker]);

  const go = (kind: LooksKind, base: readonly Wish[] = round?.base ?? []) => {
    setTurn(turn + 1);
    const seen = [...rounds.flatMap((one) => one.looks.map((look) => look.genes)), summary.look.genes];
    worker.ask('looks', { kind, turn: turn + 1, seen, base: [...base], locks }).then((looks) => add(kind, base, looks), fault);
  };

  const mixed = new Set(partIds.map((part) => from[part])).size > 1;
  const takeMix = () => {
    const looks = round?.looks ?? [];
    const [lead, first] = [looks[from.family], looks[0]];
    if (!lead || !first) return;
    onTake([...lead.wishes, ...geneWishes(mixOf(perPart((part) => (looks[from[part]] ?? first).genes)))]);
  };

  return (
    <Veil isOpen isDismissable onOpenChange={(open) => (open ? undefined : onClose())}>
      <Table>
        <Dialog aria-label="Looks side by side">
          <div className="bar">
            <Heading slot="title">Three looks, one shop</Heading>
            <label>
              Page{' '}
              <select value={path} onChange={(event) => setPath(event.target.value)}>
                {summary.outline.map((page) => (
                  <option key={page.id} value={page.path}>
                    {page.kind === 'product' ? `Product: ${page.name}` : page.name}
                  </option>
                ))}
                {summary.outline.some((page) => page.path === path) ? null : <option value={path}>{path}</option>}
              </select>
            </label>
            <Chips
              aria-label="Width"
              selectionMode="single"
              disallowEmptySelection
              selectedKeys={[wide ? 'wide' : 'phone']}
              onSelectionChange={(keys) => setWide([...keys][0] === 'wide')}
            >
              <Chip id="wide">Wide</Chip>
              <Chip id="phone">Phone</Chip>
            </Chips>
            <span style={{ marginLeft: 'auto' }} />
            <QuietButton onPress={() => go('again')}>Start again, far from these</QuietButton>
            <QuietButton isDisabled={rounds.length < 2} onPress={() => setRounds((before) => before.slice(0, -1))}>
              Back to the three before
            </QuietButton>
            <TextButton onPress={onClose}>Close, change nothing</TextButton>
          </div>
          <div className="bar">
            <Keep value={locks} onChange={onLocks}>
              <Label>Keep as it is:</Label>
              {[...partIds.map((part) => [part, partNames[part]] as const), ['order', 'Order of sections'] as const].map(
                ([id, name]) => (
                  <Tick key={id} value={id}>
                    <span className="box" aria-hidden="true">
                      {locks.includes(id) ? '✓' : ''}
                    </span>
                    {name}
                  </Tick>
                ),
              )}
            </Keep>
            <label style={{ fontSize: 13.5 }}>
              and the section{' '}
              <select
                value={locks.find((lock) => lock.startsWith('section:')) ?? ''}
                onChange={(event) =>
                  onLocks([
                    ...locks.filter((lock) => !lock.startsWith('section:')),
                    ...(event.target.value ? [event.target.value] : []),
                  ])
                }
              >
                <option value="">none</option>
                {summary.outline[0]?.sections.map((section) => (
                  <option key={section.id} value={`section:${section.id}`}>
                    {section.label}
                  </option>
                ))}
              </select>
            </label>
            {kept ? <small>and what is kept by itself ({kept})</small> : null}
            <Button isDisabled={!mixed} onPress={takeMix} style={{ marginLeft: 'auto' }}>
              Take the mix
            </Button>
          </div>
          <div className="three">
            {problem ? <p role="alert">{problem}</p> : null}
            {!round && !problem ? <p role="status">Looking for three that are far apart …</p> : null}
            {(round?.looks ?? []).map((look, i) => {
              const name = familyById(look.genes.family)?.name ?? '';
              return (
                <article key={`${rounds.length} ${i}`} aria-label={`Look ${i + 1}: ${name}`}>
                  <header>
                    <b>
                      {i + 1} {name}
                    </b>
                    <span>{describe(look)}</span>
                  </header>
                  <ShopFrame
                    id={String(i)}
                    title={`Look ${i + 1}`}
                    px={wide ? 1280 : 390}
                    page={pages[i] ?? null}
                    share={share}
                    onGo={setPath}
                    onScroll={(at) => setShare({ at, by: String(i) })}
                  />
                  <footer style={{ display: 'grid', gap: 6 }}>
                    <Row>
                      <Button onPress={() => onTake(look.wishes)}>Take this one</Button>
                      <QuietButton onPress={() => go('vary', look.wishes)}>Vary it</QuietButton>
                    </Row>
                    <Row style={{ flexWrap: 'nowrap', gap: 8, fontSize: 13.5 }}>
                      <span>Mix:</span>
                      <Chips
                        aria-label={`Mix in from look ${i + 1}`}
                        selectionMode="multiple"
                        selectedKeys={partIds.filter((part) => from[part] === i)}
                        onSelectionChange={(keys) => {
                          // A part is always from one of the three: it is taken here, never just let go.
                          const taken = partIds.filter((part) => from[part] !== i && new Set(keys).has(part));
                          setFrom((before) => ({ ...before, ...Object.fromEntries(taken.map((part) => [part, i])) }));
                        }}
                      >
                        {partIds.map((part) => (
                          <Chip key={part} id={part}>
                            {partNames[part]}
                          </Chip>
                        ))}
                      </Chips>
                    </Row>
                  </footer>
                </article>
              );
            })}
          </div>
        </Dialog>
      </Table>
    </Veil>
  );
}
