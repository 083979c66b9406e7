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
  /** What is wrong with the time that was answered; null where nothing is. */
  problem: string | null;
}

/** Runs taps; where the kitchen asks something back first, the question stands on the page until it is answered. */
export function useTaps(clock: Clock, minute: number) {
  const action = useAction();
  const [open, setOpen] = useState<Open | null>(null);
  const run = (tap: Tap, yes: string, told: Told = {}, answered: Open | null = null) =>
    action.run(async () => {
      const result = await tap(told);
      // A question stays, with what was answered, until the answer can be taken; neither is a refusal that ends it.
      const wrong = result.ok ? undefined : result.fields?.when;
      if (!result.ok && result.asks) {
        setOpen({ asks: result.asks, message: result.message, tap, told, yes, problem: null });
        return { ok: true };
      }
      if (answered && wrong !== undefined) {
        setOpen({ ...answered, problem: wrong });
        return { ok: true };
      }
      setOpen(null);
      return result;
    });
  const question: ReactNode = open && (
    <TapQuestion
      {...open}
      clock={clock}
      minute={minute}
      busy={action.busy}
      onAnswer={(more) => run(open.tap, open.yes, { ...open.told, ...more }, open)}
      onNo={() => setOpen(null)}
    />
  );
  return { busy: action.busy, run, question, message: action.message };
}
