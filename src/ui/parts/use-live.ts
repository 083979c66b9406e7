'use client';

import { useRouter } from 'next/navigation';
import { useEffect } from 'react';
import { inThisKitchen } from '../kitchens/in-kitchen';

/** Changes that come in a burst are shown once. Milliseconds. */
const QUIET = 150;
/** What is overdue becomes so by nothing but time: a page is never older than this. Milliseconds. */
const OLDEST = 60_000;

/** Shows again what the server has whenever somebody changed something of the kitchen, and every minute; where the page is of one. */
export function useLive(inKitchen: boolean): void {
  const router = useRouter();
  useEffect(() => {
    if (!inKitchen) return;
    let timer: ReturnType<typeof setTimeout> | undefined;
    const show = () => router.refresh();
    const stream = new EventSource(inThisKitchen('/api/live'));
    stream.onmessage = () => {
      clearTimeout(timer);
      timer = setTimeout(show, QUIET);
    };
    const everyMinute = setInterval(() => document.visibilityState === 'visible' && show(), OLDEST);
    return () => {
      clearTimeout(timer);
      clearInterval(everyMinute);
      stream.close();
    };
  }, [router, inKitchen]);
}
