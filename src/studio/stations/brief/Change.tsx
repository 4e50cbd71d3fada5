'use client';

import { useEffect, useState } from 'react';
import styled from 'styled-components';
import { type ShopDifference } from '@/core/site';
import { Button, QuietButton, Row, Soft } from '../../parts';
import { tokens } from '../../theme';
import { type ShopState } from '../../useShop';

const Box = styled.section`
  border: 1px solid ${tokens.ink};
  background: ${tokens.raised};
  padding: 14px 16px 12px;
  display: grid;
  gap: 10px;
  ul {
    display: grid;
    gap: 4px;
  }
  del {
    color: ${tokens.soft};
  }
  ins {
    text-decoration: none;
    background: ${tokens.verdigrisPale};
  }
`;

const list = (names: readonly string[]): string =>
  names.slice(0, 5).join(', ') + (names.length > 5 ? ` and ${names.length - 5} more` : '');

/** What another brief would change in the reading and in the shop: shown before it is done. */
export function Change({
  draft,
  shop,
  onApply,
  onLeave,
}: {
  draft: string;
  shop: ShopState;
  onApply: () => void;
  onLeave: () => void;
}) {
  const [found, setFound] = useState<{ of: string; difference: ShopDifference } | null>(null);
  const { worker, turn } = shop;
  useEffect(() => {
    if (!worker || turn === 0) return;
    let stale = false;
    const timer = setTimeout(() => {
      void worker.ask('compare', { brief: draft }).then((difference) => {
        if (!stale) setFound({ of: draft, difference });
      });
    }, 300);
    return () => {
      stale = true;
      clearTimeout(timer);
    };
  }, [worker, turn, draft]);
  const difference = found?.difference;
  const nothing =
    difference &&
    !difference.reading.length &&
    !difference.opens.length &&
    !difference.closes.length &&
    !difference.texts.count &&
    !difference.look.length;
  return (
    <Box aria-label="What this would change">
      <h2>What this would change</h2>
      {!difference ? <Soft role="status">Working it out …</Soft> : null}
      {nothing ? <Soft>Nothing in the shop. The brief alone reads otherwise.</Soft> : null}
      {difference ? (
        <ul>
          {difference.reading.map(({ label, before, after }) => (
            <li key={label}>
              {label}: {before ? <del>{before}</del> : null} {after ? <ins>{after}</ins> : 'not given any more'}
            </li>
          ))}
          {difference.pagesGained.length ? <li>New pages: {list(difference.pagesGained)}.</li> : null}
          {difference.pagesLost.length ? <li>Pages that go: {list(difference.pagesLost)}.</li> : null}
          {difference.opens.length ? <li>New: {list(difference.opens)}.</li> : null}
          {difference.closes.length ? <li>Goes: {list(difference.closes)}.</li> : null}
          {difference.look.length ? <li>The look changes: {difference.look.join(', ')}.</li> : null}
          {difference.texts.count ? (
            <li>
              {difference.texts.count === 1 ? 'One text changes' : `${difference.texts.count} texts change`}:
              {difference.texts.examples.map((example) => (
                <p key={example.where + example.after}>
                  <small>{example.where}:</small> <del>{example.before}</del> <ins>{example.after}</ins>
                </p>
              ))}
            </li>
          ) : null}
          <li>
            {difference.setAside.length
              ? `${difference.setAside.length} of your decisions would have no place. They are kept, and come back with it.`
              : 'All that you decided by hand stays.'}
          </li>
        </ul>
      ) : null}
      <Row>
        <Button onPress={onApply}>Do it</Button>
        <QuietButton onPress={onLeave}>Back to the brief as it was</QuietButton>
      </Row>
    </Box>
  );
}
