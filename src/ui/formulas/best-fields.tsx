import { say } from '@/core/words/say';
import Box from '@mui/material/Box';
import { useWatch, type Control } from 'react-hook-form';
import type { FormulaForm } from '@/core/input/formula-input';
import { FormText } from '../parts/form-text';

/** When what a formula makes is best, and after how long where it is better later. */
export function BestFields({ control }: { control: Control<FormulaForm> }) {
  const best = useWatch({ control, name: 'keepBest' });
  return (
    <Box sx={{ display: 'flex', gap: 1.5 }}>
      <FormText
        control={control}
        name="keepBest"
        label={say`At its best`}
        options={[
          { value: 'fresh', name: say`fresh` },
          { value: 'any', name: say`whenever: it does not matter` },
          { value: 'later', name: say`later: better made ahead` },
        ]}
      />
      {best === 'later' && <FormText control={control} name="keepBetterAfter" label={say`Better after, h`} number />}
    </Box>
  );
}
