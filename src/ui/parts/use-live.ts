'use client';

import { useRouter } from 'next/navigation';
import { useEffect } from 'react';
import { inThisKitchen } from '../kitchens/in-kitchen';
import { showAgain, showAgainSoon, showNoMore } from './show-again';

/** What is overdue becomes so by nothing but time: a page is never older than this. Milliseconds. */
const OLDEST = 60_000;

/** Shows again what the server has whenever somebody changed something of the kitchen, and every minute; where the page is of one. */
export function useLive(inKitchen: boolean): void {
  const router = useRouter();
  useEffect(() => {
    if (!inKitchen) return;
    const stream = new EventSource(inThisKitchen('/api/live'));
    stream.onmessage = () => showAgainSoon(router);
    const everyMinute = setInterval(() => document.visibilityState === 'visible' && showAgain(router), OLDEST);
    return () => {
      showNoMore();
      clearInterval(everyMinute);
      stream.close();
    };
  }, [router, inKitchen]);
}
