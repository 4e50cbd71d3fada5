'use client';

import { lookPlaces, sayNow, type Decided } from '@/core/places';
import { type Summary } from '@/workers/protocol';
import { namesOf, noTitles } from '../../names';
import { Row, Soft, TextButton } from '../../parts';

/** Single places that stay as they are while looks are tried, and the way to let each go. */
export function KeptPlaces({
  locks,
  decided,
  summary,
  onLocks,
}: {
  locks: string[];
  decided: Decided;
  summary: Summary;
  onLocks: (locks: string[]) => void;
}) {
  const kept = lookPlaces.lockedPlaces(locks);
  if (!kept.length) return null;
  const names = namesOf(summary, noTitles);
  return (
    <section aria-label="Kept by itself" style={{ display: 'grid', gap: 4 }}>
      <Soft>Kept as it is, whatever is tried:</Soft>
      {kept.map((place) => (
        <Row key={place} style={{ justifyContent: 'space-between', flexWrap: 'nowrap' }}>
          <small>{sayNow(place, decided.valueAt(place), names)}</small>
          <TextButton
            aria-label={`Let it change: ${sayNow(place, decided.valueAt(place), names)}`}
            onPress={() => onLocks(locks.filter((lock) => lock !== lookPlaces.lockOf(place)))}
          >
            Let it change
          </TextButton>
        </Row>
      ))}
    </section>
  );
}
