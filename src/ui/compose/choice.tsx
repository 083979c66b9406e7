'use client';

import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';

interface ChoiceProps<V extends string> {
  label: string;
  value: V;
  options: readonly (readonly [V, string])[];
  onChoose: (value: V) => void;
}

/** One of a list. */
export function Choice<V extends string>({ label, value, options, onChoose }: ChoiceProps<V>) {
  return (
    <TextField
      select
      size="small"
      label={label}
      value={value}
      onChange={(e) => onChoose(e.target.value as V)}
      sx={{ flex: '1 1 100%' }}
    >
      {options.map(([key, name]) => (
        <MenuItem key={key} value={key}>
          {name}
        </MenuItem>
      ))}
    </TextField>
  );
}
