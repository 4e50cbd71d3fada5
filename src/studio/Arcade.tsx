'use client';

import Link from 'next/link';
import styled from 'styled-components';
import { stations, type Station } from '@/core/proof/about';
import { narrow, tokens } from './theme';

const Nav = styled.nav`
  ol {
    display: flex;
    align-items: flex-end;
  }
  li {
    margin-left: -1px;
  }
  a {
    display: grid;
    justify-items: center;
    gap: 1px;
    width: 84px;
    color: ${tokens.ink};
    text-decoration: none;
    font-size: 13.5px;
    padding: 4px 0 7px;
    border-bottom: 3px solid transparent;
  }
  ${narrow} {
    li {
      flex: 1;
      min-width: 0;
    }
    a {
      width: 100%;
      font-size: 11.5px;
      padding: 2px 0 4px;
    }
    svg {
      width: 100%;
      height: 30px;
    }
  }
  a[aria-current] {
    font-weight: 600;
    border-color: ${tokens.verdigris};
  }
  a:hover span {
    text-decoration: underline;
    text-underline-offset: 3px;
  }
`;

/** Inside of an arch 60 wide and 38 high: two posts and a round head. */
const inside = 'M10 38V22a20 20 0 0 1 40 0v16z';
const rise = 36;

function Arch({ done, here, id }: { done: number; here: boolean; id: string }) {
  const top = 38 - rise * done;
  return (
    <svg width="84" height="40" viewBox="-12 0 84 40" aria-hidden="true">
      <clipPath id={`level-${id}`}>
        <rect x="0" y={top} width="60" height={rise * done} />
      </clipPath>
      <path d={inside} fill={here ? '#fff' : tokens.sheet} />
      <path d={inside} fill={tokens.verdigris} clipPath={`url(#level-${id})`} />
      <path d="M-12 38H10V22a20 20 0 0 1 40 0v16h22" fill="none" stroke={tokens.ink} strokeWidth={here ? 2.4 : 1.4} />
    </svg>
  );
}

/** The row of stations. Each arch fills from the ground as its work gets done. */
interface ArcadeProps {
  project: string;
  here: Station;
  done: Record<Station, number>;
  /** A station is chosen: also the one that one is at. */
  onChoose: () => void;
}

export function Arcade({ project, here, done, onChoose }: ArcadeProps) {
  return (
    <Nav aria-label="Stations">
      <ol>
        {stations.map(({ id, name }) => (
          <li key={id}>
            <Link
              href={`/project/${project}/${id}`}
              onClick={onChoose}
              aria-current={id === here ? 'page' : undefined}
              aria-label={`${name}, ${Math.round(done[id] * 100)} % done`}
            >
              <Arch id={id} done={done[id]} here={id === here} />
              <span>{name}</span>
            </Link>
          </li>
        ))}
      </ol>
    </Nav>
  );
}
