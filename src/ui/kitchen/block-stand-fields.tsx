'use client';

import Box from '@mui/material/Box';
import { useWatch, type Control } from 'react-hook-form';
import type { BlockForm } from '@/core/input/block-input';
import { STORE_PLACES } from '@/core/kinds/places';
import type { ShownItem } from '@/server/kitchen/kitchen-sections';
import { say, term } from '@/core/words/say';
import { FormCheck } from '../parts/form-check';
import { FormText } from '../parts/form-text';
import { FIELDS_IN_A_ROW } from '../parts/rung-fields';

interface StandFieldsProps {
  control: Control<BlockForm>;
  at: 'before' | 'after' | `stages.${number}.waits.${number}`;
  title: string;
  /** Of what may be or not: the box that says so. Without one it always is. */
  label?: string;
  places: readonly ShownItem[];
}

/** How long a cake stands, where, and why. */
export function StandFields({ control, at, title, label, places }: StandFieldsProps) {
  const [stands, place] = useWatch({ control, name: [`${at}.stands`, `${at}.place`] });
  const kinds = places.map((i) => i.kind).filter((k) => (STORE_PLACES as readonly string[]).includes(k));
  const known = [...new Set(['', ...kinds, place ?? ''])];
  return (
    <Box component="section" aria-label={title}>
      <Box component="h2" sx={{ typography: 'h3', m: 0, mb: label ? 0.5 : 1.5 }}>
        {title}
      </Box>
      {label && <FormCheck control={control} name={`${at}.stands`} label={label} />}
      {(!label || stands) && (
        <Box sx={FIELDS_IN_A_ROW}>
          <FormText control={control} name={`${at}.min`} label={say`At least, min`} number sx={{ width: 130 }} />
          <FormText
            control={control}
            name={`${at}.max`}
            label={say`at most, min`}
            hint={say`empty: as long as one likes`}
            number
            sx={{ width: 190 }}
          />
          <FormText
            control={control}
            name={`${at}.place`}
            label={say`Where`}
            options={known.map((k) => ({ value: k, name: k === '' ? say`where it is` : term(k) }))}
            sx={{ width: 150 }}
          />
          <FormText control={control} name={`${at}.why`} label={say`Why`} sx={{ flex: '1 1 220px', maxWidth: 420 }} />
        </Box>
      )}
    </Box>
  );
}
