'use client';

import { useSearchParams } from 'next/navigation';
import { useCallback, useEffect, useRef, useState } from 'react';
import { useHydrated } from '../parts/use-hydrated';
import { placeQuery, readPlace, type WallPlace } from './wall-place';

/** The address follows once the hand is still. ms. */
const STILL = 300;
const KEPT = 'zest-wall-place';

/**
 * Writes an address without telling the router: told of it, it gives up a page that somebody is on the way to. What the router keeps of the
 * page stays as it is.
 */
function quietly(address: string): void {
  History.prototype.replaceState.call(history, history.state, '', address);
}

/**
 * How the wall is looked at, held by the address. Who comes back to the wall by its name alone finds it as it was left, in this window.
 *
 * @param shown what the server has sent: with each of it the router writes the address that it knows, and this is written again
 */
export function useWallPlace(shown: unknown): [WallPlace, (change: Partial<WallPlace>) => void] {
  const query = useSearchParams();
  // Who comes from another place draws the wall at once as it was left; what is sent with a page knows only its address.
  const alive = useHydrated();
  const [place, setPlace] = useState(() => {
    const kept = alive && query.size === 0 ? sessionStorage.getItem(KEPT) : null;
    return readPlace(kept === null ? query : new URLSearchParams(kept));
  });
  const newest = useRef(place);
  const timer = useRef<ReturnType<typeof setTimeout>>(undefined);
  const write = useCallback(() => {
    clearTimeout(timer.current);
    timer.current = setTimeout(() => {
      const text = placeQuery(newest.current);
      sessionStorage.setItem(KEPT, text);
      if (text !== location.search) quietly(location.pathname + text);
    }, STILL);
  }, []);
  useEffect(() => () => clearTimeout(timer.current), []);
  useEffect(write, [write, shown]);
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
