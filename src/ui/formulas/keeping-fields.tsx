'use client';

import { say, term } from '@/core/words/say';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useState } from 'react';
import { useWatch, type Control } from 'react-hook-form';
import type { FormulaForm } from '@/core/input/formula-input';
import { FormText } from '../parts/form-text';
import { BestFields } from './best-fields';
import { InStoreFields } from './in-store-fields';

/** How what is made keeps until it is used, when it is best, and how it is brought back from the cold. */
export function KeepingFields({ control, places }: { control: Control<FormulaForm>; places: readonly string[] }) {
  const [place, temper] = useWatch({ control, name: ['keepPlace', 'temperLikely'] });
  const [open, setOpen] = useState(temper !== null);
  const known = ['', ...places];
  const options = known.includes(place) ? known : [...known, place];
  return (
    <Box component="section" aria-label={say`Keeping`} sx={{ display: 'grid', gap: 1 }}>
      <Box component="h2" sx={{ typography: 'h2', m: 0 }}>{say`Keeping`}</Box>
      <Box sx={{ display: 'flex', gap: 1.5, flexWrap: 'wrap' }}>
        <FormText control={control} name="keepMin" label={say`Used after, min`} number sx={{ width: 140 }} />
        <FormText control={control} name="keepMax" label={say`Keeps, min`} number sx={{ width: 140 }} />
        <FormText
          control={control}
          name="keepPlace"
          label={say`Where`}
          options={options.map((p) => ({ value: p, name: term(p || 'bench') }))}
          sx={{ width: 160 }}
        />
        <FormText control={control} name="keepUnits" label={say`Shelves`} number sx={{ width: 100 }} />
        <FormText control={control} name="keepWhy" label={say`Why`} sx={{ flex: '1 1 220px' }} />
      </Box>
      <Box sx={{ display: 'flex', gap: 1.5, flexWrap: 'wrap' }}>
        <BestFields control={control} />
        <FormText
          control={control}
          name="keepAgeing"
          label={say`A minute of age costs`}
          hint={say`0.01 is usual`}
          number
          sx={{ width: 190 }}
        />
      </Box>
      <InStoreFields control={control} places={places} />
      <Box>
        <Button color="secondary" aria-expanded={open} onClick={() => setOpen(!open)}>
          {open ? say`Beaten up again before use:` : say`It is beaten up again before use…`}
        </Button>
      </Box>
      {open && (
        <Box sx={{ display: 'flex', gap: 1.5, flexWrap: 'wrap' }}>
          <FormText
            control={control}
            name="temperOut"
            label={say`Out of the cold, min before`}
            number
            sx={{ width: 220 }}
          />
          <FormText control={control} name="temperLow" label={say`Beating, at least`} number sx={{ width: 140 }} />
          <FormText control={control} name="temperLikely" label={say`likely, min`} number sx={{ width: 120 }} />
          <FormText control={control} name="temperHigh" label={say`at most`} number sx={{ width: 120 }} />
          <FormText control={control} name="temperStands" label={say`Then stands, min`} number sx={{ width: 160 }} />
        </Box>
      )}
      <Box sx={{ display: 'flex', gap: 1.5, flexWrap: 'wrap' }}>
        <FormText control={control} name="rescue" label={say`If it goes wrong`} sx={{ flex: '1 1 300px' }} />
        <FormText control={control} name="note" label={say`What was changed`} sx={{ flex: '1 1 300px' }} />
      </Box>
    </Box>
  );
}
