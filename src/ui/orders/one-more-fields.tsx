'use client';

import { say } from '@/core/words/say';
import { NotAnsweredNote } from '../asking/not-answered';
import { BUILDS } from '../asking/questions';
import { useAsked, type Asked } from '../asking/use-asked';
import Box from '@mui/material/Box';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import { useState } from 'react';
import { typedTime } from '@/core/time/clock';
import { WhenField } from '../parts/when-fields';
import type { CapacityQuestion } from '@/server/orders/capacity';

export interface OneMore {
  builds: { id: string; name: string }[];
  asked: Pick<Asked<unknown>, 'problem' | 'again'>;
  build: string;
  portions: string;
  pickup: string;
  zone: string;
  set: (change: Partial<Record<'build' | 'portions' | 'pickup', string>>) => void;
  /** Null while something is missing. */
  question: CapacityQuestion | null;
  text: string;
}

/** What the counter knows of an order that is not one yet: which cake, for how many, when. */
export function useOneMore(firstPickup: string, zone: string): OneMore {
  const asked = useAsked(BUILDS);
  const builds = asked.answer ?? [];
  const [chosen, setChosen] = useState({ build: '', portions: '20', pickup: firstPickup });
  const typed = { ...chosen, build: chosen.build || (builds[0]?.id ?? '') };
  const portions = Number(typed.portions);
  const complete = typed.build !== '' && Number.isInteger(portions) && portions > 0 && typed.pickup !== '';
  return {
    ...{ builds, asked, zone, ...typed },
    set: (change) => setChosen((now) => ({ ...now, ...change })),
    question: complete ? { build: typed.build, portions, pickup: typed.pickup } : null,
    text: say`${builds.find((b) => b.id === typed.build)?.name ?? ''} for ${typed.portions}, ${typedTime(typed.pickup, zone).toFormat('ccc HH:mm')}`,
  };
}

export function OneMoreFields({ state }: { state: OneMore }) {
  return (
    <>
      <NotAnsweredNote asked={state.asked} what={say`The cakes could not be read`} />
      <TextField
        select
        size="small"
        label={say`Cake`}
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
        label={say`Portions`}
        value={state.portions}
        onChange={(e) => state.set({ portions: e.target.value })}
        slotProps={{ htmlInput: { min: 1, max: 400 } }}
      />
      <Box sx={{ minWidth: 260 }}>
        <WhenField
          label={say`Pickup`}
          zone={state.zone}
          value={state.pickup}
          onChange={(pickup) => state.set({ pickup })}
        />
      </Box>
    </>
  );
}
