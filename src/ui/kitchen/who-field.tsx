'use client';

import { say } from '@/core/words/say';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import { useState } from 'react';
import { useKitchen } from '../kitchens/kitchen-provider';
import { storedWho, storeWho } from '../kitchens/who-am-i';
import { useHydrated } from '../parts/use-hydrated';

/** Who uses this device: their name stands beside what they change. Nothing is locked by it. */
export function WhoField({ team }: { team: readonly { id: string; name: string }[] }) {
  const kitchen = useKitchen()?.id ?? '';
  const hydrated = useHydrated();
  const [chosen, setChosen] = useState<string | null>(null);
  const own = chosen ?? (hydrated ? storedWho(kitchen) : '');
  return (
    <TextField
      select
      label={say`Who uses this device`}
      value={team.some((p) => p.id === own) ? own : ''}
      onChange={(e) => {
        storeWho(kitchen, e.target.value);
        setChosen(e.target.value);
      }}
      sx={{ width: 220 }}
      slotProps={{ select: { displayEmpty: true }, inputLabel: { shrink: true } }}
    >
      <MenuItem value="">{say`nobody in particular`}</MenuItem>
      {team.map((p) => (
        <MenuItem key={p.id} value={p.id}>
          {p.name}
        </MenuItem>
      ))}
    </TextField>
  );
}
