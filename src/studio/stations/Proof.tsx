'use client';

import Link from 'next/link';
import styled from 'styled-components';
import { stations } from '@/core/proof/about';
import { type Finding } from '@/core/proof';
import { Head, SheetBody } from '../parts';
import { tokens } from '../theme';
import { type StationProps } from './station';

const List = styled.ul`
  border-top: 1px solid ${tokens.ink};
  li {
    display: grid;
    grid-template-columns: 14px minmax(0, 1fr) auto;
    gap: 12px;
    border-bottom: 1px solid ${tokens.line};
    padding: 9px 0;
    align-items: baseline;
  }
  i {
    width: 11px;
    height: 11px;
    border-radius: 6px 6px 0 0;
  }
`;

const groups: { level: Finding['level']; title: string; colour: string }[] = [
  { level: 'mend', title: 'Mend before publishing', colour: tokens.madder },
  { level: 'todo', title: 'Would make it better', colour: '#c9a94b' },
  { level: 'fine', title: 'In order', colour: tokens.verdigris },
];

/** The list of findings: what is left to do, each with the way to where it is put right. */
export function ProofStation({ state, shop }: StationProps) {
  const findings = shop.summary?.findings;
  if (!findings) return <SheetBody role="status">Looking …</SheetBody>;
  const left = findings.filter((finding) => finding.level === 'mend').length;
  return (
    <SheetBody>
      <Head title="Proof">
        {left === 0
          ? 'Nothing stands in the way of publishing.'
          : left === 1
            ? 'One thing stands in the way of publishing.'
            : `${left} things stand in the way of publishing.`}
      </Head>
      {groups.map(({ level, title, colour }) => {
        const mine = findings.filter((finding) => finding.level === level);
        return mine.length ? (
          <section key={level} aria-label={title}>
            <h2>
              {title} ({mine.length})
            </h2>
            <List>
              {mine.map((finding) => (
                <li key={finding.check + finding.say}>
                  <i style={{ background: colour }} aria-hidden="true" />
                  <span>{finding.say}</span>
                  {level === 'fine' ? (
                    <span />
                  ) : (
                    <Link href={`/project/${state.project.id}/${finding.station}`}>
                      {stations.find((station) => station.id === finding.station)?.name}
                    </Link>
                  )}
                </li>
              ))}
            </List>
          </section>
        ) : null;
      })}
    </SheetBody>
  );
}
