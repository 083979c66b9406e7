'use client';

import { say } from '@/core/words/say';
import Box from '@mui/material/Box';
import { useState } from 'react';
import { useWatch, type Control } from 'react-hook-form';
import { SCHOOLS } from '@/core/formula/schools';
import type { FormulaForm } from '@/core/input/formula-input';
import { draftKey } from '@/core/input/formula-step-input';
import { FormCheck } from '../parts/form-check';
import { FormText } from '../parts/form-text';
import { CheckFields, FIELDS_IN_A_ROW, Machines, Reminders } from '../parts/rung-fields';
import { OtherWaits, Prepare } from './step-lists';

interface StepMoreProps {
  control: Control<FormulaForm>;
  index: number;
  machines: readonly string[];
  places: readonly string[];
}

/** All that a step may say beside what it always says: opened where it is wanted. */
export function StepMore({ control, index: i, machines, places }: StepMoreProps) {
  const steps = useWatch({ control, name: 'steps' });
  const step = steps[i]!;
  const others = steps
    .filter((s, k) => k !== i && s.key !== '' && s.key !== step.key && steps.findIndex((x) => x.key === s.key) === k)
    .map((s) => ({ value: s.key, name: s.name || say`the new step` }));
  const before = steps.slice(0, i);
  /** Steps that this one may be done in the place of, each once. */
  const earlier = before.filter(
    (s, k) => s.key !== '' && s.work === step.work && before.findIndex((x) => x.key === s.key) === k,
  );
  /** What it is called while it is a step of its own. */
  const [own] = useState(() => (before.some((s) => s.key === step.key) ? draftKey(1000 + i) : step.key));
  return (
    <Box sx={{ display: 'grid', gap: 2, columnGap: 4, pb: 1.5, gridTemplateColumns: { xs: '1fr', md: '1fr 1fr' } }}>
      <Group title={say`Minutes that grow`}>
        <FormText control={control} name={`steps.${i}.perKilo`} label={say`more a kg`} number sx={{ width: 120 }} />
        <FormText control={control} name={`steps.${i}.perPiece`} label={say`more a piece`} number sx={{ width: 120 }} />
        <FormText control={control} name={`steps.${i}.perTin`} label={say`more a tin`} number sx={{ width: 120 }} />
      </Group>
      {step.work === 'oven' && (
        <Group title={say`In the oven`}>
          <FormText
            control={control}
            name={`steps.${i}.slots`}
            label={say`slots a tin`}
            hint={say`1 where nothing is said`}
            number
            sx={{ width: 170 }}
          />
          <FormCheck
            control={control}
            name={`steps.${i}.bySize`}
            label={say`more for larger tins, by the size of the deck`}
          />
        </Group>
      )}
      <Group title={say`Machines it takes`}>
        <Machines control={control} at={`steps.${i}`} machines={machines} />
      </Group>
      <Group title={say`Tins and batches`}>
        <FormText
          control={control}
          name={`steps.${i}.each`}
          label={say`Done`}
          options={[
            { value: '', name: say`once for each mix` },
            { value: 'batch', name: say`once for the batch` },
            { value: 'load', name: say`once for every load of tins` },
          ]}
          sx={{ width: 240 }}
        />
        <FormText
          control={control}
          name={`steps.${i}.tinsUntil`}
          label={say`Fills tins, held until the end of`}
          options={[{ value: '', name: say`fills none` }, { value: step.key, name: say`this step` }, ...others]}
          sx={{ width: 260 }}
        />
      </Group>
      <Group title={say`Check before it goes on`}>
        <CheckFields control={control} at={`steps.${i}`} kind={step.check.kind} />
      </Group>
      <Group title={say`Reminders while it runs`}>
        <Reminders control={control} at={`steps.${i}`} />
      </Group>
      <Group title={say`To be prepared`}>
        <FormCheck control={control} name={`steps.${i}.chill`} label={say`bowl and whisk chilled`} />
        <Prepare control={control} index={i} />
      </Group>
      <Group title={say`Only in one school, or another way`}>
        <FormText
          control={control}
          name={`steps.${i}.when`}
          label={say`It is done`}
          options={[
            { value: '', name: say`always` },
            ...SCHOOLS.flatMap((s) =>
              s.choices.map((c) => ({ value: `${s.key}=${c.key}`, name: say`only: ${s.question}, ${c.name}` })),
            ),
          ]}
          sx={{ width: 320 }}
        />
        {earlier.length > 0 && (
          <FormText
            control={control}
            name={`steps.${i}.key`}
            label={say`In the place of`}
            options={[
              { value: own, name: say`nothing: a step of its own` },
              ...earlier.map((s) => ({ value: s.key, name: s.name || say`the new step` })),
            ]}
            sx={{ width: 260 }}
          />
        )}
      </Group>
      {others.length > 0 && (
        <Group title={say`Begins after other steps as well`} wide>
          <OtherWaits control={control} index={i} others={others} places={places} />
        </Group>
      )}
    </Box>
  );
}

function Group({ title, wide = false, children }: { title: string; wide?: boolean; children: React.ReactNode }) {
  return (
    <Box component="fieldset" sx={{ border: 0, p: 0, m: 0, minWidth: 0, ...(wide && { gridColumn: '1 / -1' }) }}>
      <Box component="legend" sx={{ fontWeight: 700, fontSize: 14, mb: 1, p: 0 }}>
        {title}
      </Box>
      <Box sx={FIELDS_IN_A_ROW}>{children}</Box>
    </Box>
  );
}
