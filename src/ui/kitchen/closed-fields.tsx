'use client';

import { say } from '@/core/words/say';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useFieldArray, type Control } from 'react-hook-form';
import { TakeOut } from '../parts/take-out';
import { FormText } from '../parts/form-text';

interface WithClosed {
  closed: { from: string; until: string; why: string }[];
}

/** When something cannot be used: it is serviced, or lent. The forms of all items have this part. */
export function ClosedFields({ control, today }: { control: unknown; today: string }) {
  const own = control as Control<WithClosed>;
  const { fields, append, remove } = useFieldArray({ control: own, name: 'closed' });
  return (
    <Box component="section" aria-label={say`Not to be used`}>
      <Box component="h2" sx={{ typography: 'h2', m: 0, mb: 1 }}>{say`Not to be used`}</Box>
      {fields.map((f, i) => (
        <Box key={f.id} sx={{ display: 'flex', gap: 1, flexWrap: 'wrap', alignItems: 'flex-start' }}>
          <FormText
            control={own}
            name={`closed.${i}.from`}
            label={say`From`}
            type="datetime-local"
            sx={{ width: 220 }}
          />
          <FormText
            control={own}
            name={`closed.${i}.until`}
            label={say`Until`}
            type="datetime-local"
            sx={{ width: 220 }}
          />
          <FormText control={own} name={`closed.${i}.why`} label={say`Why`} sx={{ width: 220 }} />
          <TakeOut what={say`closed time ${i + 1}`} onTake={() => remove(i)} />
        </Box>
      ))}
      <Button
        variant="outlined"
        color="secondary"
        onClick={() => append({ from: `${today}T14:00`, until: `${today}T16:00`, why: '' })}
      >{say`Add a time, as for service`}</Button>
    </Box>
  );
}
