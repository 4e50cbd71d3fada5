'use client';

import styled from 'styled-components';
import { Head, Notice, SheetBody } from '../parts';
import { tokens } from '../theme';
import { type OutlinePage } from '@/workers/protocol';
import { AddPage } from './plan/AddPage';
import { PageDetail } from './plan/PageDetail';
import { stateOf } from './plan/SectionStrip';
import { type StationProps } from './station';

const Pages = styled.ol`
  border-top: 1px solid ${tokens.ink};
  > li {
    border-bottom: 1px solid ${tokens.line};
  }
  summary {
    padding: 9px 0;
    cursor: pointer;
    display: flex;
    gap: 10px;
    align-items: baseline;
    h2 {
      flex: 1;
    }
  }
  summary::before {
    content: '+';
    width: 12px;
    color: ${tokens.verdigris};
    font-weight: 600;
  }
  details[open] > summary::before {
    content: '–';
  }
`;

/** How Flesch named the bands of his scale. */
const easeName = (score: number): string => (score >= 80 ? 'easy' : score >= 60 ? 'plain' : score >= 45 ? 'fairly hard' : 'hard');

function placeInMenu({ under, holders }: OutlinePage): string {
  const above = holders.find(({ id }) => id === under);
  return above ? `menu, under ${above.name}` : 'menu';
}

/** The outline: every page with its sections, why each is there, and what it says. */
export function PlanStation({ state, shop, goTo, path }: StationProps) {
  const { summary } = shop;
  if (!summary) return <SheetBody role="status">Making the plan …</SheetBody>;
  const { setAside } = summary;
  return (
    <SheetBody>
      <Head title="Plan">Every page and section, and why it is there.</Head>
      <small>
        The home page reads at {Math.round(summary.ease.score)} of 100 (Flesch): {easeName(summary.ease.score)},{' '}
        {summary.ease.words} words of yours.
      </small>
      {setAside.length ? (
        <Notice>
          {setAside.length} of your decisions point at something that is gone. They are kept, and come back with it; “Steps” at
          the top lists them.
        </Notice>
      ) : null}
      <Pages>
        {summary.outline.map((page) => {
          const waiting = page.sections.filter((section) => stateOf(section) === 'waiting').length;
          const where = [
            page.kind === 'category' ? 'category' : '',
            page.inMenu ? placeInMenu(page) : '',
            page.inFooter ? 'footer' : '',
            waiting ? `${waiting} waiting` : '',
          ].filter(Boolean);
          return (
            <li key={page.id}>
              <details open={page.path === path}>
                <summary
                  onClick={(event) => {
                    event.preventDefault();
                    goTo(page.path);
                  }}
                >
                  <h2>{page.kind === 'product' ? `Products (${summary.products})` : page.name}</h2>
                  <small>{where.join(', ')}</small>
                </summary>
                {page.path === path ? <PageDetail page={page} state={state} shop={shop} goTo={goTo} /> : null}
              </details>
            </li>
          );
        })}
      </Pages>
      <AddPage state={state} summary={summary} />
    </SheetBody>
  );
}
