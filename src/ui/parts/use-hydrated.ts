import { useSyncExternalStore } from 'react';

const never = () => () => {};

/** True once the page is alive in the browser: what depends on the device is shown only then. */
export function useHydrated(): boolean {
  return useSyncExternalStore(
    never,
    () => true,
    () => false,
  );
}
