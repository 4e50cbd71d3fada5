'use client';

import { useParams } from 'next/navigation';
import { stations } from '@/core/proof/about';
import { type Station } from '@/core/proof';
import { Studio } from '@/studio/Studio';

/** The studio stays while its stations change, so that window and worker live on. */
export default function ProjectLayout() {
  const { id, station } = useParams<{ id: string; station?: string }>();
  const here: Station = stations.find((candidate) => candidate.id === station)?.id ?? 'brief';
  return <Studio id={id} station={here} key={id} />;
}
