'use client';

import { useState, type ReactNode } from 'react';
import type { Clock } from '@/core/time/clock';
import type { Told } from '@/server/bench/floor';
import type { Asks, Result } from '@/server/shared/result';
import { useAction } from './use-action';
import { TapQuestion } from './tap-question';

/** A tap: sends what is told with it. */
export type Tap = (told: Told) => Promise<Result>;

interface Open {
  asks: Asks;
  message: string;
  tap: Tap;
  /** What was answered before. */
  told: Told;
  yes: string;
}

/** Runs taps; where the kitchen asks something back first, the question stands on the page until it is answered. */
export function useTaps(clock: Clock, minute: number) {
  const action = useAction();
  const [open, setOpen] = useState<Open | null>(null);
  const run = (tap: Tap, yes: string, told: Told = {}) => {
    setOpen(null);
    action.run(async () => {
      const result = await tap(told);
      if (result.ok || !result.asks) return result;
      setOpen({ asks: result.asks, message: result.message, tap, told, yes });
      // It is a question, and no refusal.
      return { ok: true };
    });
  };
  const question: ReactNode = open && (
    <TapQuestion
      {...open}
      clock={clock}
      minute={minute}
      busy={action.busy}
      onAnswer={(more) => run(open.tap, open.yes, { ...open.told, ...more })}
      onNo={() => setOpen(null)}
    />
  );
  return { busy: action.busy, run, question, message: action.message };
}
