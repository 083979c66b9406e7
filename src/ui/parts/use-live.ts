'use client';

import { useRouter } from 'next/navigation';
import { useEffect } from 'react';

/** Changes that come in a burst are shown once. Milliseconds. */
const QUIET = 150;

/** Shows again what the server has whenever somebody changed something. */
export function useLive(): void {
  const router = useRouter();
  useEffect(() => {
    let timer: ReturnType<typeof setTimeout> | undefined;
    const stream = new EventSource('/api/live');
    stream.onmessage = () => {
      clearTimeout(timer);
      timer = setTimeout(() => router.refresh(), QUIET);
    };
    return () => {
      clearTimeout(timer);
      stream.close();
    };
  }, [router]);
}
