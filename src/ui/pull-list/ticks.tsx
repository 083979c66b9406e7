'use client';

import { say } from '@/core/words/say';
import Box from '@mui/material/Box';
import Checkbox from '@mui/material/Checkbox';
import { useRouter } from 'next/navigation';
import { useOptimistic, useTransition, type ReactNode } from 'react';
import { tickAction } from '../actions';
import { showAgain } from '../parts/show-again';

export interface Ticks {
  has: (key: string) => boolean;
  set: (key: string, ticked: boolean) => void;
}

/** Ticks at once on the screen; the server has the last word. */
export function useTicks(stored: string[], complain: (problem: string) => void): Ticks {
  const router = useRouter();
  const [, start] = useTransition();
  const [ticked, change] = useOptimistic(new Set(stored), (now, { key, on }: { key: string; on: boolean }) => {
    const next = new Set(now);
    if (on) next.add(key);
    else next.delete(key);
    return next;
  });
  return {
    has: (key) => ticked.has(key),
    set: (key, on) =>
      start(async () => {
        change({ key, on });
        const done = await tickAction(key, on).catch(() => null);
        if (!done?.ok)
          complain(done?.message ?? say`The kitchen’s server did not answer: this line is not ticked off yet.`);
        showAgain(router);
      }),
  };
}

export function Tick({ id, ticks, label, children }: { id: string; ticks: Ticks; label: string; children: ReactNode }) {
  const on = ticks.has(id);
  return (
    <Box
      component="label"
      sx={{
        display: 'flex',
        gap: 1,
        alignItems: 'flex-start',
        borderBottom: '1px solid var(--zl-line)',
        py: 0.5,
        cursor: 'pointer',
        breakInside: 'avoid',
        color: on ? 'var(--zl-muted)' : 'inherit',
        textDecoration: on ? 'line-through' : 'none',
      }}
    >
      <Checkbox
        checked={on}
        onChange={(_, to) => ticks.set(id, to)}
        slotProps={{ input: { 'aria-label': label } }}
        sx={{ p: 0.75 }}
      />
      <Box sx={{ display: 'flex', gap: 1, flex: 1, minWidth: 0, pt: 0.75 }}>{children}</Box>
    </Box>
  );
}
