'use client';

import { useCallback, useSyncExternalStore } from 'react';

/** Does a media query hold? Null as long as nobody knows, as on the server. */
export function useMedia(query: string): boolean | null {
  const subscribe = useCallback(
    (listener: () => void) => {
      const media = matchMedia(query);
      media.addEventListener('change', listener);
      return () => media.removeEventListener('change', listener);
    },
    [query],
  );
  return useSyncExternalStore<boolean | null>(
    subscribe,
    () => matchMedia(query).matches,
    () => null,
  );
}
