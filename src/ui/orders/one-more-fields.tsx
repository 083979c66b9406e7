'use client';

import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import { DateTime } from 'luxon';
import { useEffect, useState } from 'react';
import type { CapacityQuestion } from '@/server/orders/capacity';

export interface OneMore {
  builds: { id: string; name: string }[];
  build: string;
  portions: string;
  pickup: string;
  set: (change: Partial<Record<'build' | 'portions' | 'pickup', string>>) => void;
  /** Null while something is missing. */
  question: CapacityQuestion | null;
  text: string;
}

/** What the counter knows of an order that is not one yet: which cake, for how many, when. */
export function useOneMore(firstPickup: string): OneMore {
  const [builds, setBuilds] = useState<{ id: string; name: string }[]>([]);
  const [typed, setTyped] = useState({ build: '', portions: '20', pickup: firstPickup });
  useEffect(() => {
    const gone = new AbortController();
    fetch('/api/builds', { signal: gone.signal })
      .then((response) => response.json() as Promise<{ id: string; name: string }[]>)
      .then((list) => {
        setBuilds(list);
        setTyped((now) => ({ ...now, build: now.build || (list[0]?.id ?? '') }));
      })
      .catch(() => undefined);
    return () => gone.abort();
  }, []);
  const portions = Number(typed.portions);
  const complete = typed.build !== '' && Number.isInteger(portions) && portions > 0 && typed.pickup !== '';
  return {
    ...{ builds, ...typed },
    set: (change) => setTyped((now) => ({ ...now, ...change })),
    question: complete ? { build: typed.build, portions, pickup: typed.pickup } : null,
    text: `${builds.find((b) => b.id === typed.build)?.name ?? ''} for ${typed.portions}, ${DateTime.fromISO(typed.pickup).toFormat('ccc HH:mm')}`,
  };
}

export function OneMoreFields({ state }: { state: OneMore }) {
  return (
    <>
      <TextField
        select
        size="small"
        label="Cake"
        value={state.build}
        onChange={(e) => state.set({ build: e.target.value })}
      >
        {state.builds.map((b) => (
          <MenuItem key={b.id} value={b.id}>
            {b.name}
          </MenuItem>
        ))}
      </TextField>
      <TextField
        size="small"
        type="number"
        label="Portions"
        value={state.portions}
        onChange={(e) => state.set({ portions: e.target.value })}
        slotProps={{ htmlInput: { min: 1, max: 400 } }}
      />
      <TextField
        size="small"
        type="datetime-local"
        label="Pickup"
        sx={{ minWidth: 240 }}
        value={state.pickup}
        onChange={(e) => state.set({ pickup: e.target.value })}
        slotProps={{ inputLabel: { shrink: true } }}
      />
    </>
  );
}
