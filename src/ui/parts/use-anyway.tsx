'use client';

import Button from '@mui/material/Button';
import type { Clock } from '@/core/time/clock';
import { useAnywayAction } from '../actions';
import { useTaps } from './use-taps';

/** What stood too long before a step is used all the same: asks for the reason. */
export function UseAnyway({ step, clock, minute }: { step: string; clock: Clock; minute: number }) {
  const tap = useTaps(clock, minute);
  return (
    <>
      <Button
        size="small"
        variant="outlined"
        color="secondary"
        disabled={tap.busy}
        onClick={() => tap.run(({ why }) => useAnywayAction(step, why ?? ''), 'Use it anyway')}
        sx={{ ml: 0.75, minHeight: 30, py: 0 }}
      >
        Use it anyway
      </Button>
      {tap.question}
      {tap.message}
    </>
  );
}
