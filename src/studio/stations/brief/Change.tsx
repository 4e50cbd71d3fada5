'use client';

import { useEffect, useState } from 'react';
import styled from 'styled-components';
import { type Address, type Wish } from '@/core/places';
import { type Jobs } from '@/workers/protocol';
import { Button, Panel, QuietButton, Row, Soft } from '../../parts';
import { BothChanged } from '../../BothChanged';
import { DifferenceItems, differenceStyle, isNone } from '../../Difference';
import { type ShopState } from '../../useShop';

const Box = styled(Panel)`
  ${differenceStyle}
`;

/** What another brief would change in the reading and in the shop: shown before it is done, and done only once it is shown. */
export function Change({
  draft,
  shop,
  onApply,
  onLeave,
}: {
  draft: string;
  shop: ShopState;
  /** With what takes back decisions that the new brief is to speak for. */
  onApply: (wishes: readonly Wish[]) => void;
  onLeave: () => void;
}) {
  const [found, setFound] = useState<{ of: string; difference: Jobs['compare']['get'] | null } | null>(null);
  /** Places at which the new one is taken in place of the seller's own. */
  const [taken, setTaken] = useState<ReadonlySet<Address>>(new Set());
  const { worker, turn } = shop;
  useEffect(() => {
    if (!worker || turn === 0) return;
    let stale = false;
    const timer = setTimeout(() => {
      const show = (difference: Jobs['compare']['get'] | null) => (stale ? undefined : setFound({ of: draft, difference }));
      worker.ask('compare', { brief: draft }).then(show, () => show(null));
    }, 300);
    return () => {
      stale = true;
      clearTimeout(timer);
    };
  }, [worker, turn, draft]);
  const isCurrent = found?.of === draft;
  const difference = found?.difference;
  const nothing = difference && isNone(difference);
  return (
    <Box aria-label="What this would change">
      <h2>What this would change</h2>
      <Soft role="status">
        {!isCurrent ? 'Working it out …' : difference ? '' : 'What it would change could not be worked out. It can be undone.'}
      </Soft>
      {nothing ? <Soft>Nothing in the shop. The brief alone reads otherwise.</Soft> : null}
      {difference ? (
        <ul style={{ opacity: isCurrent ? 1 : 0.45 }}>
          <DifferenceItems difference={difference} />
          <li>
            {difference.setAside.length
              ? `${difference.setAside.length === 1 ? 'One of your decisions' : `${difference.setAside.length} of your decisions`} would have no place. What has none is kept, and comes back with it.`
              : 'All that you decided by hand stays.'}
          </li>
        </ul>
      ) : null}
      {difference?.both.length ? (
        <div style={{ opacity: isCurrent ? 1 : 0.45 }}>
          <BothChanged both={difference.both} what="brief" taken={taken} onTaken={setTaken} />
        </div>
      ) : null}
      <Row>
        <Button
          onPress={() =>
            onApply((difference?.both ?? []).flatMap(({ place }) => (taken.has(place) ? [{ place, value: undefined }] : [])))
          }
          isDisabled={!isCurrent}
        >
          Do it
        </Button>
        <QuietButton onPress={onLeave}>Back to the brief as it was</QuietButton>
      </Row>
    </Box>
  );
}
