'use client';

import { say } from '@/core/words/say';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useFieldArray, useWatch, type Control, type FieldArrayPath } from 'react-hook-form';
import type { FormulaForm } from '@/core/input/formula-input';
import { NO_WAIT } from '@/core/input/formula-step-input';
import { FormText } from '../parts/form-text';
import { FIELDS_IN_A_ROW } from '../parts/rung-fields';
import { TakeOut } from '../parts/take-out';
import { WaitFields } from './wait-fields';

type StepList = 'prepare' | 'waits';
const listOf = <N extends StepList>(i: number, name: N) => `steps.${i}.${name}` as FieldArrayPath<FormulaForm>;

interface Own {
  control: Control<FormulaForm>;
  index: number;
}

/** What has to be seen to before it. */
export function Prepare({ control, index: i }: Own) {
  const { fields, append, remove } = useFieldArray({ control, name: listOf(i, 'prepare') });
  return (
    <>
      {fields.map((f, k) => (
        <Box key={f.id} sx={FIELDS_IN_A_ROW}>
          <FormText control={control} name={`steps.${i}.prepare.${k}.text`} label={say`Prepare`} sx={{ width: 260 }} />
          <FormText
            control={control}
            name={`steps.${i}.prepare.${k}.before`}
            label={say`before it, min`}
            number
            sx={{ width: 130 }}
          />
          <TakeOut what={say`preparation ${k + 1}`} onTake={() => remove(k)} />
        </Box>
      ))}
      <Button color="secondary" onClick={() => append({ text: '', before: 15 } as never)}>
        {say`+ preparation`}
      </Button>
    </>
  );
}

/** Waits after other steps than the one above. */
export function OtherWaits({
  control,
  index: i,
  others,
  places,
}: Own & { places: readonly string[] } & { others: { value: string; name: string }[] }) {
  const { fields, append, remove } = useFieldArray({ control, name: listOf(i, 'waits') });
  const waits = useWatch({ control, name: `steps.${i}.waits` });
  const free = others.filter((o) => !waits.some((w) => w.from === o.value));
  return (
    <>
      {fields.map((f, k) =>
        waits[k]?.from === '' ? null : (
          <Box key={f.id} sx={{ ...FIELDS_IN_A_ROW, width: '100%' }}>
            <FormText
              control={control}
              name={`steps.${i}.waits.${k}.from`}
              label={say`After`}
              options={others}
              sx={{ width: 200 }}
            />
            <WaitFields control={control} step={i} wait={k} places={places} />
            <TakeOut what={say`wait ${k + 1}`} onTake={() => remove(k)} />
          </Box>
        ),
      )}
      {free.length > 0 && (
        <Button color="secondary" onClick={() => append({ ...NO_WAIT, from: free[0]!.value } as never)}>
          {say`+ after another step`}
        </Button>
      )}
    </>
  );
}
