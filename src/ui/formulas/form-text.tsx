'use client';

import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import { Controller, type Control, type FieldPath } from 'react-hook-form';
import type { FormulaForm } from '@/core/input/formula-input';

interface FormTextProps {
  control: Control<FormulaForm>;
  name: FieldPath<FormulaForm>;
  label: string;
  number?: boolean;
  multiline?: boolean;
  options?: { value: string; name: string }[];
}

/** A field of the formula form; what is wrong stands under it. */
export function FormText({ control, name, label, number = false, multiline = false, options }: FormTextProps) {
  return (
    <Controller
      control={control}
      name={name}
      render={({ field, fieldState }) => (
        <TextField
          {...field}
          value={field.value ?? ''}
          id={`formula-${name}`}
          label={label}
          select={options !== undefined}
          multiline={multiline}
          error={fieldState.invalid}
          helperText={fieldState.error?.message ?? ' '}
          slotProps={{
            htmlInput: number ? { inputMode: 'decimal' } : {},
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
