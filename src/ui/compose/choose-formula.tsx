'use client';

import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import type { CouldBe } from '@/core/compose/could-be';
import { say, terms } from '@/core/words/say';

interface ChooseFormulaProps {
  label: string;
  offers: readonly Pick<CouldBe, 'id' | 'name' | 'clashes'>[];
  onTake: (id: string) => void;
}

/** One formula out of several, for something that is added; what its eaters must not get says so and cannot be taken. */
export function ChooseFormula({ label, offers, onTake }: ChooseFormulaProps) {
  if (offers.length === 0) return null;
  return (
    <TextField
      select
      size="small"
      label={label}
      value=""
      onChange={(e) => onTake(e.target.value)}
      sx={{ flex: '1 1 100%' }}
    >
      {offers.map((o) => (
        <MenuItem key={o.id} value={o.id} disabled={o.clashes.length > 0}>
          {o.name}
          {o.clashes.length > 0 && say` ■ ${terms(o.clashes)}`}
        </MenuItem>
      ))}
    </TextField>
  );
}
