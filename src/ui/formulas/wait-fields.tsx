'use client';

import { say, term } from '@/core/words/say';
import Box from '@mui/material/Box';
import { useWatch, type Control } from 'react-hook-form';
import type { FormulaForm } from '@/core/input/formula-input';
import { FormCheck } from '../parts/form-check';
import { FormText } from '../parts/form-text';

interface WaitFieldsProps {
  control: Control<FormulaForm>;
  step: number;
  wait: number;
  places: readonly string[];
}

/** How long something waits, where, and why. */
export function WaitFields({ control, step, wait, places }: WaitFieldsProps) {
  const at = `steps.${step}.waits.${wait}` as const;
  const [place, off] = useWatch({ control, name: [`${at}.place`, `${at}.ovenOff`] });
  const known = ['', ...places];
  const options = known.includes(place) ? known : [...known, place];
  return (
    <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1, flex: 1, alignItems: 'flex-start' }}>
      <FormText control={control} name={`${at}.min`} label={say`Wait, min`} number sx={{ width: 100 }} />
      <FormText control={control} name={`${at}.max`} label={say`at most`} number sx={{ width: 100 }} />
      {!off && (
        <FormText
          control={control}
          name={`${at}.place`}
          label={say`Where`}
          options={options.map((p) => ({ value: p, name: term(p || 'bench') }))}
          sx={{ width: 140 }}
        />
      )}
      <FormText control={control} name={`${at}.why`} label={say`Why`} sx={{ flex: '1 1 160px', minWidth: 140 }} />
      <FormText
        control={control}
        name={`${at}.ageing`}
        label={say`a minute costs`}
        hint={say`empty: as usual`}
        number
        sx={{ width: 130 }}
      />
      <Box>
        <FormCheck control={control} name={`${at}.attended`} label={say`somebody comes back to it: never at night`} />
        <FormCheck control={control} name={`${at}.ovenOff`} label={say`stays in its oven, closed and off`} />
      </Box>
    </Box>
  );
}
