'use client';

import TextField from '@mui/material/TextField';
import { useState } from 'react';

interface NumberFieldProps {
  label: string;
  unit: string;
  value: number;
  least: number;
  most: number;
  step: number;
  onChange: (value: number) => void;
}

/** A number that takes effect as it is typed, as long as it can be; what cannot be stands there and says why. */
export function NumberField({ label, unit, value, least, most, step, onChange }: NumberFieldProps) {
  const [typed, setTyped] = useState<string | null>(null);
  const shown = typed ?? `${Number(value.toFixed(2))}`;
  const number = Number(shown.replace(',', '.'));
  const wrong = shown.trim() === '' || !Number.isFinite(number) || number < least || number > most;
  return (
    <TextField
      size="small"
      type="number"
      label={`${label}, ${unit}`}
      value={shown}
      error={wrong}
      helperText={wrong ? `${least}–${most}` : undefined}
      slotProps={{ htmlInput: { min: least, max: most, step } }}
      onChange={(e) => {
        setTyped(e.target.value);
        const next = Number(e.target.value.replace(',', '.'));
        if (e.target.value.trim() !== '' && Number.isFinite(next) && next >= least && next <= most) onChange(next);
      }}
      onBlur={() => setTyped(null)}
      sx={{ width: 150 }}
    />
  );
}
