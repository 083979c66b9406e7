'use client';

import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import type { SxProps } from '@mui/material/styles';
import { Controller, type FieldValues } from 'react-hook-form';
import type { FieldOf } from './field-of';

interface FormTextProps<F extends FieldValues> extends FieldOf<F> {
  number?: boolean;
  multiline?: boolean;
  /** A time of the day, or a day, in the browser’s own field. */
  type?: 'time' | 'date' | 'datetime-local';
  options?: { value: string; name: string }[];
  hint?: string;
  sx?: SxProps;
}

/** A field of a form; what is wrong stands under it. */
export function FormText<F extends FieldValues>(props: FormTextProps<F>) {
  const { control, name, label, number = false, multiline = false, type, options, hint, sx } = props;
  return (
    <Controller
      control={control}
      name={name}
      render={({ field, fieldState }) => (
        <TextField
          {...field}
          value={field.value ?? ''}
          id={`field-${name}`}
          label={label}
          {...(type && { type })}
          {...(sx && { sx })}
          select={options !== undefined}
          multiline={multiline}
          error={fieldState.invalid}
          helperText={fieldState.error?.message ?? hint ?? ' '}
          slotProps={{
            htmlInput: number ? { inputMode: 'decimal' } : {},
            ...(type ? { inputLabel: { shrink: true } } : {}),
            ...(options ? { select: { displayEmpty: true }, inputLabel: { shrink: true } } : {}),
          }}
        >
          {options?.map((o) => (
            <MenuItem key={o.value} value={o.value}>
              {o.name}
            </MenuItem>
          ))}
        </TextField>
      )}
    />
  );
}
