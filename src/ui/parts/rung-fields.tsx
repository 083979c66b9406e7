'use client';

import { say, term } from '@/core/words/say';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useFieldArray, type Control, type FieldArrayPath, type FieldPath, type FieldValues } from 'react-hook-form';
import { CHECKS, checkKind, type CheckName } from '@/core/kinds/checks';
import { FormText } from './form-text';
import { TakeOut } from './take-out';

export const FIELDS_IN_A_ROW = { display: 'flex', gap: 1, flexWrap: 'wrap', alignItems: 'flex-start' } as const;

/** Of one piece of work in a form, and where it stands there: "steps.0". */
interface Of<F extends FieldValues> {
  control: Control<F>;
  at: string;
}

const within =
  <F extends FieldValues>(at: string) =>
  (name: string) =>
    `${at}.${name}` as FieldPath<F>;

/** Machines that a step takes. */
export function Machines<F extends FieldValues>({ control, at, machines }: Of<F> & { machines: readonly string[] }) {
  const own = within<F>(at);
  const { fields, append, remove } = useFieldArray({ control, name: own('uses') as unknown as FieldArrayPath<F> });
  return (
    <>
      {fields.map((f, k) => (
        <Box key={f.id} sx={FIELDS_IN_A_ROW}>
          <FormText
            control={control}
            name={own(`uses.${k}.kind`)}
            label={say`Machine`}
            options={machines.map((m) => ({ value: m, name: term(m) }))}
            sx={{ width: 170 }}
          />
          <FormText control={control} name={own(`uses.${k}.units`)} label={say`how many`} number sx={{ width: 100 }} />
          <TakeOut what={say`machine ${k + 1}`} onTake={() => remove(k)} />
        </Box>
      ))}
      <Button color="secondary" onClick={() => append({ kind: machines[0] ?? 'mixer', units: 1 } as never)}>
        {say`+ machine`}
      </Button>
    </>
  );
}

/** What is looked at before it goes on. */
export function CheckFields<F extends FieldValues>({ control, at, kind }: Of<F> & { kind: string }) {
  const own = within<F>(at);
  const unit = kind === '' ? null : checkKind(kind as CheckName).unit;
  return (
    <>
      <FormText
        control={control}
        name={own('check.kind')}
        label={say`Check`}
        options={[{ value: '', name: say`none` }, ...Object.keys(CHECKS).map((c) => ({ value: c, name: term(c) }))]}
        sx={{ width: 200 }}
      />
      {kind !== '' && (
        <>
          <FormText control={control} name={own('check.text')} label={say`What is looked at`} sx={{ width: 260 }} />
          {unit !== null && (
            <>
              <FormText
                control={control}
                name={own('check.limit')}
                label={say`limit, ${unit}`}
                number
                sx={{ width: 110 }}
              />
              <FormText
                control={control}
                name={own('check.tooFar')}
                label={say`too far, ${unit}`}
                number
                sx={{ width: 120 }}
              />
            </>
          )}
          <FormText control={control} name={own('check.otherwise')} label={say`If it fails`} sx={{ width: 300 }} />
          {unit !== null && (
            <FormText
              control={control}
              name={own('check.beyond')}
              label={say`If it went too far`}
              sx={{ width: 300 }}
            />
          )}
        </>
      )}
    </>
  );
}

/** What is said while it runs. */
export function Reminders<F extends FieldValues>({ control, at }: Of<F>) {
  const own = within<F>(at);
  const { fields, append, remove } = useFieldArray({ control, name: own('reminders') as unknown as FieldArrayPath<F> });
  const fresh = { after: 10, share: null, every: null, text: '' };
  return (
    <>
      {fields.map((f, k) => (
        <Box key={f.id} sx={FIELDS_IN_A_ROW}>
          <FormText control={control} name={own(`reminders.${k}.text`)} label={say`Say`} sx={{ width: 240 }} />
          <FormText
            control={control}
            name={own(`reminders.${k}.after`)}
            label={say`after, min`}
            number
            sx={{ width: 100 }}
          />
          <FormText
            control={control}
            name={own(`reminders.${k}.share`)}
            label={say`or after, % of it`}
            number
            sx={{ width: 130 }}
          />
          <FormText
            control={control}
            name={own(`reminders.${k}.every`)}
            label={say`again every, min`}
            number
            sx={{ width: 140 }}
          />
          <TakeOut what={say`reminder ${k + 1}`} onTake={() => remove(k)} />
        </Box>
      ))}
      <Button color="secondary" onClick={() => append(fresh as never)}>
        {say`+ reminder`}
      </Button>
    </>
  );
}
