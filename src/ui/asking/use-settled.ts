'use client';

import { useEffect, useState } from 'react';

/** A plan that has stood for so long is one to ask questions about: days lived through, trials. Milliseconds. */
export const PLAN_STANDS = 2000;

/**
 * What it is worth to ask about: the first value at once, another as soon as it has stood for a while. A lead who moves one rung after another
 * wants the plan of each, and the chances of the last. Milliseconds.
 */
export function useSettled<T>(value: T, ms: number): T {
  const [settled, setSettled] = useState(value);
  useEffect(() => {
    const timer = setTimeout(() => setSettled(value), ms);
    return () => clearTimeout(timer);
  }, [value, ms]);
  return settled;
}
