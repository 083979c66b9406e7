'use client';

import { useRouter } from 'next/navigation';
import { useEffect, useState } from 'react';
import { hearChanges, type Heard } from './changes';
import { inThisKitchen } from '../kitchens/in-kitchen';
import { showAgain, showAgainSoon, showNoMore } from './show-again';

/** What is overdue becomes so by nothing but time: a page is never older than this. Milliseconds. */
const OLDEST = 60_000;
/** A connection that is back by then was not worth a word. Milliseconds. */
const PATIENCE = 4000;

/**
 * Shows again what the server has whenever somebody changed something of the kitchen, and every minute; where the page is of one. A page that is
 * hidden hears nothing, and is shown again when it is looked at. Returns whether the server is heard no more.
 */
export function useLive(inKitchen: boolean): boolean {
  const router = useRouter();
  const [lost, setLost] = useState(false);
  useEffect(() => {
    if (!inKitchen) return;
    const path = inThisKitchen('/api/live');
    let silent = false;
    let patience: ReturnType<typeof setTimeout> | undefined;
    const heard = (what: Heard) => {
      if (what === 'change') showAgainSoon(router);
      if (what === 'open') {
        clearTimeout(patience);
        // Whatever was changed meanwhile was not told.
        if (silent) showAgain(router);
        silent = false;
        setLost(false);
      }
      if (what === 'silent' && !silent) {
        silent = true;
        patience = setTimeout(() => setLost(true), PATIENCE);
      }
    };
    let stop: (() => void) | null = hearChanges(path, heard);
    const hear = (visible: boolean) => {
      if (visible === (stop !== null)) return;
      stop?.();
      stop = visible ? hearChanges(path, heard) : null;
      clearTimeout(patience);
      if (visible) showAgain(router);
    };
    const looked = () => hear(document.visibilityState === 'visible');
    const gone = () => hear(false);
    document.addEventListener('visibilitychange', looked);
    addEventListener('pagehide', gone);
    addEventListener('pageshow', looked);
    const everyMinute = setInterval(() => stop && !silent && showAgain(router), OLDEST);
    return () => {
      clearTimeout(patience);
      showNoMore();
      clearInterval(everyMinute);
      document.removeEventListener('visibilitychange', looked);
      removeEventListener('pagehide', gone);
      removeEventListener('pageshow', looked);
      stop?.();
    };
  }, [router, inKitchen]);
  return lost;
}
