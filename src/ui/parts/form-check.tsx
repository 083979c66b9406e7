'use client';

import Checkbox from '@mui/material/Checkbox';
import FormControlLabel from '@mui/material/FormControlLabel';
import { Controller, type FieldValues } from 'react-hook-form';
import type { FieldOf } from './field-of';

/** Yes or no, in a form. */
export function FormCheck<F extends FieldValues>({ control, name, label }: FieldOf<F>) {
  return (
    <Controller
      control={control}
      name={name}
      render={({ field }) => (
        <FormControlLabel
          label={label}
          control={<Checkbox checked={field.value === true} onChange={(_, on) => field.onChange(on)} />}
        />
      )}
    />
  );
}
