'use client';

import { say } from '@/core/words/say';
import Box from '@mui/material/Box';
import { Controller, type FieldValues } from 'react-hook-form';
import type { FieldOf } from './field-of';

/** A colour of a form, in the browser’s own field; none where nobody has chosen one. */
export function FormColour<F extends FieldValues>({ control, name, label }: FieldOf<F>) {
  return (
    <Controller
      control={control}
      name={name}
      render={({ field }) => (
        <Box sx={{ display: 'flex', gap: 1, alignItems: 'center', minHeight: 44 }}>
          <label>
            {label}{' '}
            <input
              type="color"
              value={field.value || '#e8d5b5'}
              onChange={field.onChange}
              onBlur={field.onBlur}
              style={{ width: 44, height: 32, verticalAlign: 'middle', opacity: field.value ? 1 : 0.45 }}
            />
          </label>
          {field.value ? (
            <button type="button" className="zl-button zl-quiet" onClick={() => field.onChange('')}>
              {say`as usual`}
            </button>
          ) : (
            <span style={{ color: 'var(--zl-muted)' }}>{say`as usual`}</span>
          )}
        </Box>
      )}
    />
  );
}
