'use client';

import { useEffect, useState } from 'react';
import type { Design } from '@/core/design/design';
import { useHydrated } from '../parts/use-hydrated';

/** What was composed on this device and not taken yet. */
export interface KeptDraft<V> {
  values: V;
  design: Design;
}

/** A draft as it was kept; null where there is none, or it cannot be read. */
function read<V>(key: string): KeptDraft<V> | null {
  try {
    const kept = JSON.parse(localStorage.getItem(key) ?? 'null') as KeptDraft<V> | null;
    return kept?.design && kept.values ? kept : null;
  } catch {
    return null;
  }
}

/**
 * Keeps what is composed on this device until it is taken, so that a closed page loses nothing. What was left by an earlier visit is offered, and stays
 * as long as nothing is changed.
 */
export function useKeptDraft<V>(key: string, now: KeptDraft<V>, isChanged: boolean) {
  const hydrated = useHydrated();
  const [left, setLeft] = useState(() => (typeof window === 'undefined' ? null : read<V>(key)));
  const text = isChanged ? JSON.stringify(now) : null;
  useEffect(() => {
    if (text === null) return;
    try {
      localStorage.setItem(key, text);
    } catch {
      // There is no room on the device, or nothing may be kept there: the page itself keeps it.
    }
  }, [key, text]);
  const forget = () => {
    localStorage.removeItem(key);
    setLeft(null);
  };
  return { left: hydrated && !isChanged ? left : null, forget, takeUp: () => setLeft(null) };
}
