'use client';

import { say } from '@/core/words/say';
import Autocomplete from '@mui/material/Autocomplete';
import TextField from '@mui/material/TextField';
import { Controller, type Control, type FieldPath, type FieldValues } from 'react-hook-form';

/** All time zones that this machine knows; the one that is chosen is always among them. */
const zonesWith = (own: string) =>
  [...new Set([own, 'UTC', ...Intl.supportedValuesOf('timeZone')])].filter(Boolean).sort();

/** In which time zone a kitchen is. */
export function ZoneField<F extends FieldValues>({ control, name }: { control: Control<F>; name: FieldPath<F> }) {
  return (
    <Controller
      control={control}
      name={name}
      render={({ field, fieldState }) => (
        <Autocomplete
          options={zonesWith(field.value)}
          value={field.value as string}
          onChange={(_, zone) => field.onChange(zone ?? '')}
          onBlur={field.onBlur}
          disableClearable
          sx={{ width: 280, maxWidth: '100%' }}
          renderInput={(params) => (
            <TextField
              {...params}
              label={say`Time zone`}
              error={fieldState.invalid}
              helperText={fieldState.error?.message ?? say`its clock, also when the clocks change`}
            />
          )}
        />
      )}
    />
  );
}
