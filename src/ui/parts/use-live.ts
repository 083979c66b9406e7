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
 * Shows again what the server has whenever somebody changed something of the kitchen, and every minute; where the page is of one. Returns since
 * when the server has not been heard; null while it is.
 */
export function useLive(inKitchen: boolean): Date | null {
  const router = useRouter();
  const [lost, setLost] = useState<Date | null>(null);
  useEffect(() => {
    if (!inKitchen) return;
    const stream = new EventSource(inThisKitchen('/api/live'));
    let since: Date | null = null;
    let patience: ReturnType<typeof setTimeout> | undefined;
    stream.onmessage = () => showAgainSoon(router);
    stream.onopen = () => {
      clearTimeout(patience);
      // Whatever was changed meanwhile was not told.
      if (since) showAgain(router);
      since = null;
      setLost(null);
    };
    stream.onerror = () => {
      if (since) return;
      const began = (since = new Date());
      patience = setTimeout(() => setLost(began), PATIENCE);
    };
    const everyMinute = setInterval(
      () => document.visibilityState === 'visible' && !since && showAgain(router),
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
