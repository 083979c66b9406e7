'use client';

import { useSyncExternalStore } from 'react';

const NARROW = '(max-width: 699.9px)';

const subscribe = (listener: () => void) => {
  const media = matchMedia(NARROW);
  media.addEventListener('change', listener);
  return () => media.removeEventListener('change', listener);
};

/** Is the window as narrow as that of a phone? Null as long as nobody knows: both are sent, and the style shows one. */
export const useNarrow = (): boolean | null =>
  useSyncExternalStore<boolean | null>(
    subscribe,
    () => matchMedia(NARROW).matches,
    () => null,
  );
