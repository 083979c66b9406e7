'use client';

import { useEffect, useState } from 'react';

/**
 * The kitchen's minute as it runs on in the browser, from the minute that the server told. The server's clock counts,
 * not the tablet's.
 */
export function useMinute(told: number): number {
  const [elapsed, setElapsed] = useState({ told, minutes: 0 });
  useEffect(() => {
    const begun = performance.now();
    const timer = setInterval(() => {
      setElapsed({ told, minutes: Math.floor((performance.now() - begun) / 60_000) });
    }, 5_000);
    return () => clearInterval(timer);
  }, [told]);
  return told + (elapsed.told === told ? elapsed.minutes : 0);
}
