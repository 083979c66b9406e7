'use client';

import { say } from '@/core/words/say';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useFieldArray, type Control } from 'react-hook-form';
import type { PersonForm } from '@/core/input/person-input';
import { TakeOut } from '../parts/take-out';
import { FormText } from '../parts/form-text';

/** Days in a row on which somebody is not there. */
export function AwayFields({ control, today }: { control: Control<PersonForm>; today: string }) {
  const { fields, append, remove } = useFieldArray({ control, name: 'away' });
  return (
    <>
      {fields.map((f, i) => (
        <Box key={f.id} sx={{ display: 'flex', gap: 1, flexWrap: 'wrap', alignItems: 'flex-start' }}>
          <FormText control={control} name={`away.${i}.from`} label={say`First day`} type="date" sx={{ width: 170 }} />
          <FormText control={control} name={`away.${i}.until`} label={say`Last day`} type="date" sx={{ width: 170 }} />
          <FormText control={control} name={`away.${i}.why`} label={say`Why`} sx={{ width: 220 }} />
          <TakeOut what={say`absence ${i + 1}`} onTake={() => remove(i)} />
        </Box>
      ))}
      <Button variant="outlined" color="secondary" onClick={() => append({ from: today, until: today, why: '' })}>
        {say`Add days away`}
      </Button>
    </>
  );
}
