'use client';

import { useEffect, useState } from 'react';
import { type Region } from '@/core/lexicon/page';

type RegionsOf = (country: string) => readonly Region[];
let known: RegionsOf | undefined;

/** The parts of countries. Their names are fetched when somebody looks at them first: until then there are none. */
export function useRegions(): RegionsOf {
  const [, setHere] = useState(known !== undefined);
  useEffect(() => {
    if (known) return;
    let gone = false;
    void import('@/core/lexicon/page').then(({ regionsOf }) => {
      known = regionsOf;
      if (!gone) setHere(true);
    });
    return () => {
      gone = true;
    };
  }, []);
  return (country) => known?.(country) ?? [];
}
