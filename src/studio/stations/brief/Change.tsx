'use client';

import { useEffect, useState } from 'react';
import styled from 'styled-components';
import { type ShopDifference } from '@/core/site';
import { Button, Panel, QuietButton, Row, Soft } from '../../parts';
import { DifferenceItems, differenceStyle, isNone } from '../../Difference';
import { type ShopState } from '../../useShop';

const Box = styled(Panel)`
  ${differenceStyle}
`;

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
  const nothing = difference && isNone(difference);
  return (
    <Box aria-label="What this would change">
      <h2>What this would change</h2>
      {!difference ? <Soft role="status">Working it out …</Soft> : null}
      {nothing ? <Soft>Nothing in the shop. The brief alone reads otherwise.</Soft> : null}
      {difference ? (
        <ul>
          <DifferenceItems difference={difference} />
          <li>
            {difference.setAside.length
              ? `${difference.setAside.length === 1 ? 'One of your decisions' : `${difference.setAside.length} of your decisions`} would have no place. What has none is kept, and comes back with it.`
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
