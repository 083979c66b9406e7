import { useEffect, useState } from 'react';
import type { Chance, Chances } from '@/server/plan/chances';

/** Chances of being ready by order, as soon as the days have been lived through; empty until then. */
export function useChances(plan: number | null): ReadonlyMap<number, Chance> {
  const [known, setKnown] = useState<{ plan: number; by: Map<number, Chance> } | null>(null);
  useEffect(() => {
    if (plan === null) return;
    const gone = new AbortController();
    fetch('/api/chances', { signal: gone.signal })
      .then((response) => response.json() as Promise<Chances | null>)
      .then((c) => c && setKnown({ plan: c.plan, by: new Map(c.orders.map((o) => [o.order, o])) }))
      .catch(() => undefined);
    return () => gone.abort();
  }, [plan]);
  return known?.plan === plan ? known!.by : NONE;
}

const NONE: ReadonlyMap<number, Chance> = new Map();
