'use client';

import { useRouter } from 'next/navigation';
import { useEffect, useState } from 'react';
import { inThisKitchen } from '../kitchens/in-kitchen';
import { showAgain, showAgainSoon, showNoMore } from './show-again';

/** What is overdue becomes so by nothing but time: a page is never older than this. Milliseconds. */
const OLDEST = 60_000;
/** A connection that is back by then was not worth a word. Milliseconds. */
const PATIENCE = 4000;

/**
 * Shows again what the server has whenever somebody changed something of the kitchen, and every minute; where the page is of one. Returns whether
 * the server is heard no more.
 */
export function useLive(inKitchen: boolean): boolean {
  const router = useRouter();
  const [lost, setLost] = useState(false);
  useEffect(() => {
    if (!inKitchen) return;
    const stream = new EventSource(inThisKitchen('/api/live'));
    let silent = false;
    let patience: ReturnType<typeof setTimeout> | undefined;
    stream.onmessage = () => showAgainSoon(router);
    stream.onopen = () => {
      clearTimeout(patience);
      // Whatever was changed meanwhile was not told.
      if (silent) showAgain(router);
      silent = false;
      setLost(false);
    };
    stream.onerror = () => {
      if (silent) return;
      silent = true;
      patience = setTimeout(() => setLost(true), PATIENCE);
    };
    const everyMinute = setInterval(
      () => document.visibilityState === 'visible' && !silent && showAgain(router),
      OLDEST,
    );
    return () => {
      clearTimeout(patience);
      showNoMore();
      clearInterval(everyMinute);
      stream.close();
    };
  }, [router, inKitchen]);
  return lost;
}
