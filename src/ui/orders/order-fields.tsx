'use client';

import { say } from '@/core/words/say';
import FormControl from '@mui/material/FormControl';
import FormHelperText from '@mui/material/FormHelperText';
import FormLabel from '@mui/material/FormLabel';
import TextField from '@mui/material/TextField';
import { Controller, type Control } from 'react-hook-form';
import type { OrderForm } from '@/core/input/order-input';
import { WhenField } from '../parts/when-fields';
import { AllergenBoxes } from '../parts/allergen-boxes';
import type { OrderFormView } from '@/server/orders/order-pages';

interface OrderTextProps {
  control: Control<OrderForm>;
  name: 'title' | 'customer' | 'portions' | 'inscription' | 'note';
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
          id={`order-${name}`}
          label={label}
          minRows={rest.multiline ? 3 : undefined}
          error={fieldState.invalid}
          helperText={fieldState.error?.message ?? hint ?? ' '}
        />
      )}
    />
  );
}

export function Pickup({ control, form, known }: { control: Control<OrderForm>; form: OrderFormView; known: boolean }) {
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

/** What the eaters must not get: boxes, so that nothing is misspelt. */
export function Avoid({ control }: { control: Control<OrderForm> }) {
  return (
    <Controller
      control={control}
      name="avoid"
      render={({ field, fieldState }) => (
        <FormControl error={fieldState.invalid} component="fieldset">
          <FormLabel component="legend">{say`The eaters must not get`}</FormLabel>
          <AllergenBoxes chosen={field.value} onChange={field.onChange} />
          <FormHelperText>
            {fieldState.error?.message ?? say`Checked against every ingredient. Local food law comes first.`}
          </FormHelperText>
        </FormControl>
      )}
    />
  );
}
