'use client';

import { useRouter } from 'next/navigation';
import { useEffect } from 'react';
import { inThisKitchen } from '../kitchens/in-kitchen';

/** Changes that come in a burst are shown once. Milliseconds. */
const QUIET = 150;

/** Shows again what the server has whenever somebody changed something of the kitchen; where the page is of one. */
export function useLive(inKitchen: boolean): void {
  const router = useRouter();
  useEffect(() => {
    if (!inKitchen) return;
    let timer: ReturnType<typeof setTimeout> | undefined;
    const stream = new EventSource(inThisKitchen('/api/live'));
    stream.onmessage = () => {
      clearTimeout(timer);
      timer = setTimeout(() => router.refresh(), QUIET);
    };
    return () => {
      clearTimeout(timer);
      stream.close();
    };
  }, [router, inKitchen]);
}
