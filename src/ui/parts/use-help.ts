import { useEffect, useState } from 'react';
import type { Help } from '@/server/orders/remedies';

/** What would help an order; null while it is being tried. Each plan is asked anew. */
export function useHelp(order: number | null, plan: number): Help | null {
  const [loaded, setLoaded] = useState<{ of: string; help: Help | null } | null>(null);
  const of = `${order} ${plan}`;
  useEffect(() => {
    if (order === null) return;
    const gone = new AbortController();
    fetch(`/api/orders/${order}/remedies`, { signal: gone.signal })
      .then((response) => response.json() as Promise<Help | null>)
      .then((help) => setLoaded({ of: `${order} ${plan}`, help }))
      .catch(() => undefined);
    return () => gone.abort();
  }, [order, plan]);
  return loaded?.of === of ? loaded.help : null;
}
