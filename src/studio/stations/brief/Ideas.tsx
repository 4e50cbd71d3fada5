'use client';

import { useState } from 'react';
import { Disclosure, DisclosurePanel, Button as AriaButton, Heading } from 'react-aria-components';
import styled from 'styled-components';
import { corrections, given, set } from '@/core/places';
import { type Jobs } from '@/workers/protocol';
import { withMoves } from '../../moves';
import { QuietButton, Row, Soft, TextButton } from '../../parts';
import { tokens } from '../../theme';
import { type ProjectState } from '../../useProject';
import { type ShopState } from '../../useShop';

const Fold = styled(Disclosure)`
  border-top: 1px solid ${tokens.ink};
  border-bottom: 1px solid ${tokens.line};
  padding: 4px 0;
  h2 button {
    background: none;
    border: 0;
    padding: 6px 0;
    font-weight: 600;
    cursor: pointer;
    width: 100%;
    text-align: left;
  }
  h2 button::before {
    content: '+ ';
    color: ${tokens.verdigris};
  }
  &[data-expanded] h2 button::before {
    content: '– ';
  }
  .inside {
    display: grid;
    gap: 14px;
    padding: 6px 0 12px;
  }
  table {
    width: 100%;
    border-collapse: collapse;
    font-size: 14px;
  }
  th,
  td {
    text-align: left;
    font-weight: 400;
    border-bottom: 1px solid ${tokens.line};
    padding: 4px 8px 4px 0;
  }
  thead th {
    color: ${tokens.soft};
    font-size: 13px;
  }
  pre {
    white-space: pre-wrap;
    font: inherit;
    margin: 0;
    background: ${tokens.raised};
    border: 1px solid ${tokens.line};
    padding: 8px 10px;
    max-height: 220px;
    overflow: auto;
  }
`;

const mark = (share: number): string => ['weak', 'fair', 'good', 'very good'][Math.min(3, Math.floor(share * 4))] ?? '';

/** Names, lines to stand under them, and a fuller brief: on request, and out of what is known. */
export function Ideas({ state, shop }: { state: ProjectState; shop: ShopState }) {
  const takeBrief = async (text: string) => {
    const wishes = [set(given.brief, text)];
    state.decide(await withMoves(shop.worker, state.project, wishes), 'Take the fuller brief');
  };
  const [ideas, setIdeas] = useState<Jobs['ideas']['get'] | null>(null);
  const open = () => void shop.worker?.ask('ideas', {}).then(setIdeas);
  return (
    <Fold onExpandedChange={(expanded) => (expanded ? open() : undefined)}>
      <Heading level={2}>
        <AriaButton slot="trigger">Help with words</AriaButton>
      </Heading>
      <DisclosurePanel>
        <div className="inside">
          {!ideas ? <Soft role="status">Gathering …</Soft> : null}
          {ideas ? (
            <section aria-label="Name ideas">
              <h3>Names out of your brief</h3>
              {ideas.names.length ? (
                <table>
                  <thead>
                    <tr>
                      <th scope="col">Name</th>
                      <th scope="col">Short</th>
                      <th scope="col">Sound</th>
                      <th scope="col">Spelling</th>
                      <th scope="col">Own</th>
                    </tr>
                  </thead>
                  <tbody>
                    {ideas.names.slice(0, 8).map((idea) => (
                      <tr key={idea.name}>
                        <th scope="row">
                          <TextButton
                            onPress={() => state.decide(set(corrections.name, idea.name))}
                            aria-label={`Take the name ${idea.name}`}
                          >
                            {idea.name}
                          </TextButton>
                        </th>
                        <td>{mark(idea.marks.length)}</td>
                        <td>{mark(idea.marks.sound)}</td>
                        <td>{mark(idea.marks.spelling)}</td>
                        <td>{mark(idea.marks.apart)}</td>
                      </tr>
                    ))}
                  </tbody>
                </table>
              ) : (
                <Soft>The brief says too little to make a name from.</Soft>
              )}
            </section>
          ) : null}
          {ideas?.slogans.length ? (
            <section aria-label="Lines">
              <h3>Lines of yours that could stand under the name</h3>
              <ul>
                {ideas.slogans.map((line) => (
                  <li key={line.text}>{line.text}</li>
                ))}
              </ul>
            </section>
          ) : null}
          {ideas ? (
            <section aria-label="A fuller brief">
              <h3>A fuller brief, with its gaps marked</h3>
              <pre tabIndex={0}>{ideas.fuller}</pre>
              <Row>
                <QuietButton onPress={() => void takeBrief(ideas.fuller)}>Take it as my brief</QuietButton>
              </Row>
            </section>
          ) : null}
        </div>
      </DisclosurePanel>
    </Fold>
  );
}
