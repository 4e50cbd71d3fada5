import { useSyncExternalStore } from 'react';

const never = () => () => undefined;

/** False in the page as the server sent it, where a press would be heard by nothing; true as soon as it answers. */
export const useLive = (): boolean =>
  useSyncExternalStore(
    never,
    () => true,
    () => false,
  );
