'use client';

import { say } from '@/core/words/say';
import TextField from '@mui/material/TextField';
import { Controller, type Control } from 'react-hook-form';
import type { OrderForm } from '@/core/input/order-input';
import { WhenField } from '../parts/when-fields';
import type { OrderFormView } from '@/server/orders/order-form';

interface OrderTextProps {
  control: Control<OrderForm>;
  name:
    | 'title'
    | 'customer'
    | 'portions'
    | 'inscription'
    | 'inscriptionAt'
    | 'colours'
    | 'note'
    | 'goesTo'
    | 'box'
    | 'standsHours'
    | 'standsCelsius'
    | 'holdsUntil';
  label: string;
  hint?: string;
  type?: string;
  multiline?: boolean;
}

/** A text field of the order; what is wrong stands under it. */
export function OrderText({ control, name, label, hint, ...rest }: OrderTextProps) {
  return (
    <Controller
      control={control}
      name={name}
      render={({ field, fieldState }) => (
        <TextField
          {...field}
          {...rest}
          value={field.value ?? ''}
          slotProps={rest.type === 'date' ? { inputLabel: { shrink: true } } : {}}
          id={`order-${name}`}
          label={label}
          minRows={rest.multiline ? 3 : undefined}
          error={fieldState.invalid}
          helperText={fieldState.error?.message ?? hint}
        />
      )}
    />
  );
}

export function Pickup({
  control,
  form,
  known,
}: {
  control: Control<OrderForm>;
  form: Pick<OrderFormView, 'zone' | 'earliest' | 'latest'>;
  known: boolean;
}) {
  return (
    <Controller
      control={control}
      name="pickup"
      render={({ field, fieldState }) => (
        <WhenField
          label={say`Pickup`}
          zone={form.zone}
          value={field.value}
          {...(known ? {} : { earliest: form.earliest })}
          latest={form.latest}
          onChange={field.onChange}
          onBlur={field.onBlur}
          error={fieldState.error?.message}
        />
      )}
    />
  );
}
