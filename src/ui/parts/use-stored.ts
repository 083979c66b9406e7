'use client';

import { useCallback, useSyncExternalStore } from 'react';

const listeners = new Set<() => void>();

const subscribe = (listener: () => void) => {
  listeners.add(listener);
  return () => void listeners.delete(listener);
};

/** A choice of this device (zoom, direction), kept between visits. The server always draws the first of `options`. */
export function useStored<T extends string>(key: string, options: readonly [T, ...T[]]): [T, (value: T) => void] {
  const read = () => {
    const stored = localStorage.getItem(key) as T | null;
    return stored !== null && options.includes(stored) ? stored : options[0];
  };
  const value = useSyncExternalStore(subscribe, read, () => options[0]);
  const set = useCallback(
    (next: T) => {
      localStorage.setItem(key, next);
      listeners.forEach((l) => l());
    },
    [key],
  );
  return [value, set];
}
