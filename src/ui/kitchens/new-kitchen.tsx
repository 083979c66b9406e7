'use client';

import { say, term } from '@/core/words/say';
import { yupResolver } from '@hookform/resolvers/yup';
import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { useForm, type FieldPath } from 'react-hook-form';
import { kitchenPath } from '@/addresses';
import { newKitchenForm, type NewKitchenForm } from '@/core/input/new-kitchen-input';
import { COUNTRIES } from '@/core/measure/units';
import { newKitchenAction } from '../actions';
import { ZoneField } from '../kitchen/zone-field';
import { FormText } from '../parts/form-text';
import { startOfKitchen } from './start-of-kitchen';

const LOST = say`The server did not answer. What you typed is still here: try again.`;

/** The first step of setting up: what the kitchen is called, where it is, and how it writes and measures. */
export function NewKitchen({ zone, language }: { zone: string; language: string }) {
  const router = useRouter();
  const [problem, setProblem] = useState<string | null>(null);
  const { control, handleSubmit, setError, formState } = useForm<NewKitchenForm>({
    resolver: yupResolver(newKitchenForm),
    defaultValues: startOfKitchen(zone, language),
    mode: 'onTouched',
  });
  const save = handleSubmit(async (form) => {
    setProblem(null);
    try {
      const result = await newKitchenAction(form);
      if (result.ok) {
        router.push(kitchenPath(result.kitchen, '/kitchen/people'));
        return;
      }
      setProblem(result.message);
      for (const [field, message] of Object.entries(result.fields ?? {}))
        setError(field as FieldPath<NewKitchenForm>, { type: 'server', message });
    } catch {
      setProblem(LOST);
    }
  });
  return (
    <Box component="form" method="post" noValidate onSubmit={save} sx={{ display: 'grid', gap: 1, maxWidth: 620 }}>
      <FormText control={control} name="name" label={say`Name of your kitchen`} />
      <Box sx={{ display: 'flex', gap: 1.5, flexWrap: 'wrap' }}>
        <ZoneField control={control} name="zone" />
        <FormText
          control={control}
          name="country"
          label={say`Cups and eggs of`}
          options={COUNTRIES.map((c) => ({ value: c, name: term(c) }))}
          sx={{ width: 200 }}
        />
      </Box>
      <Box sx={{ display: 'flex', gap: 1.5, flexWrap: 'wrap' }}>
        <FormText
          control={control}
          name="decimal"
          label={say`Numbers are written`}
          options={[
            { value: 'point', name: '1,250.5' },
            { value: 'comma', name: '1.250,5' },
            { value: 'ask', name: say`either way: ask` },
          ]}
          sx={{ width: 180 }}
        />
        <FormText
          control={control}
          name="weight"
          label={say`Weights`}
          options={[
            { value: 'g', name: say`grams` },
            { value: 'oz', name: say`pounds, ounces` },
          ]}
          sx={{ width: 150 }}
        />
        <FormText
          control={control}
          name="temperature"
          label={say`Heat`}
          options={[
            { value: 'C', name: '°C' },
            { value: 'F', name: '°F' },
            { value: 'gas', name: say`gas mark` },
          ]}
          sx={{ width: 120 }}
        />
        <FormText
          control={control}
          name="length"
          label={say`Lengths`}
          options={[
            { value: 'cm', name: 'cm' },
            { value: 'in', name: say`inches` },
          ]}
          sx={{ width: 120 }}
        />
      </Box>
      {problem && <Alert severity="error">{problem}</Alert>}
      <Box>
        <Button type="submit" variant="contained" size="large" disabled={formState.isSubmitting}>
          {say`Make the kitchen, and go on to its people`}
        </Button>
      </Box>
    </Box>
  );
}
