'use client';

import { say } from '@/core/words/say';
import Button from '@mui/material/Button';
import type { Clock } from '@/core/time/clock';
import { anywayAction } from '../actions';
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
        onClick={() => tap.run(({ why }) => anywayAction(step, why ?? ''), say`Use it anyway`)}
        sx={{ ml: 0.75, minHeight: 30, py: 0 }}
      >{say`Use it anyway`}</Button>
      {tap.question}
      {tap.message}
    </>
  );
}
