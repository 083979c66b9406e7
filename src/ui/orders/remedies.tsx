'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import LinearProgress from '@mui/material/LinearProgress';
import { useEffect, useState } from 'react';
import type { Remedy } from '@/server/remedies';
import { leaveOutAction, movePickupAction } from '../actions';
import { useAction } from '../parts/use-action';

/** What would help an order that cannot be ready: tried on a copy of the plan, one tap to take over. */
export function Remedies({ order, version }: { order: number; version: number }) {
  const [remedies, setRemedies] = useState<Remedy[] | null>(null);
  const take = useAction();
  useEffect(() => {
    const gone = new AbortController();
    fetch(`/api/orders/${order}/remedies`, { signal: gone.signal })
      .then((response) => response.json() as Promise<Remedy[]>)
      .then(setRemedies)
      .catch(() => undefined);
    return () => gone.abort();
  }, [order, version]);
  return (
    <Box id="help" sx={{ mt: 1 }}>
      <Box component="h2" sx={{ typography: 'h2', m: 0, mb: 0.5 }}>
        It would need
      </Box>
      {remedies === null && <LinearProgress aria-label="Trying remedies on a copy of the plan" sx={{ my: 1 }} />}
      {remedies?.map((r) => (
        <Box key={r.label} sx={{ display: 'flex', alignItems: 'center', gap: 1.5, py: 0.5 }}>
          <Box sx={{ flex: 1 }}>
            <b>{r.label}</b>{' '}
            <Box component="span" sx={{ color: r.works ? 'var(--zl-holdsText)' : 'var(--zl-muted)' }}>
              → {r.outcome}
            </Box>
          </Box>
          <Button
            variant={r.works ? 'contained' : 'outlined'}
            color={r.works ? 'primary' : 'secondary'}
            size="small"
            disabled={take.busy}
            onClick={() =>
              take.run(() =>
                'without' in r.change
                  ? leaveOutAction(order, version, r.change.without)
                  : movePickupAction(order, version, r.change.pickup),
              )
            }
          >
            Do this
          </Button>
        </Box>
      ))}
      {take.message}
    </Box>
  );
}
