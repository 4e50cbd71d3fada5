import { useSyncExternalStore } from 'react';
import { isNarrow, narrow } from './theme';

const query = narrow.replace('@media ', '');

function onChange(tell: () => void): () => void {
  const watched = matchMedia(query);
  watched.addEventListener('change', tell);
  return () => watched.removeEventListener('change', tell);
}

/** Whether sheet and window take turns. */
export const useNarrow = (): boolean => useSyncExternalStore(onChange, isNarrow, () => false);
