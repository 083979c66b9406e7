'use client';

import { useSearchParams } from 'next/navigation';
import { useCallback, useEffect, useLayoutEffect, useRef, useState } from 'react';
import { placeQuery, readPlace, type WallPlace } from './wall-place';

/** The address follows once the hand is still. ms. */
const STILL = 300;
const KEPT = 'zest-wall-place';

/**
 * How the wall is looked at, held by the address. Who comes back to the wall by its name alone finds it as it was left, in this window.
 */
export function useWallPlace(): [WallPlace, (change: Partial<WallPlace>) => void] {
  const query = useSearchParams();
  const [place, setPlace] = useState(() => readPlace(query));
  const newest = useRef(place);
  useLayoutEffect(() => {
    const kept = sessionStorage.getItem(KEPT);
    if (location.search !== '' || !kept) return;
    newest.current = readPlace(new URLSearchParams(kept));
    setPlace(newest.current);
  }, []);
  const timer = useRef<ReturnType<typeof setTimeout>>(undefined);
  const write = useCallback(() => {
    clearTimeout(timer.current);
    timer.current = setTimeout(() => {
      const text = placeQuery(newest.current);
      sessionStorage.setItem(KEPT, text);
      if (text !== location.search) history.replaceState(null, '', location.pathname + text);
    }, STILL);
  }, []);
  useEffect(() => () => clearTimeout(timer.current), []);
  const change = useCallback(
    (part: Partial<WallPlace>) => {
      const before = newest.current;
      newest.current = { ...before, ...part };
      // Where one has scrolled to is of no interest to anything that is drawn.
      if (Object.keys(part).some((key) => key !== 'minute' && key !== 'ladder')) setPlace(newest.current);
      write();
    },
    [write],
  );
  return [place, change];
}
