'use client';

import { say } from '@/core/words/say';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { Controller, type Control } from 'react-hook-form';
import type { PersonForm } from '@/core/input/person-input';
import { STARTER_SHIFTS } from '@/core/kitchen/starter-sets';
import type { WeeklyShift } from '@/core/time/working-hours';
import { ShiftFields, type ShiftErrors } from './shift-fields';
import { ShiftHours } from './shift-strip';
import { WEEKDAYS } from './weekdays';

const USUAL = { start: '07:00', end: '15:00', breaks: [{ start: '11:00', end: '11:30' }] };

/** The usual week: strips to be pulled, times to be typed, a day copied to the others. */
export function WeekFields({ control, errors }: { control: Control<PersonForm>; errors: unknown }) {
  return (
    <Controller
      control={control}
      name="weekly"
      render={({ field }) => (
        <Week
          weekly={field.value}
          errors={errors as (ShiftErrors | undefined)[] | undefined}
          onChange={field.onChange}
        />
      )}
    />
  );
}

function Week({
  weekly,
  errors,
  onChange,
}: {
  weekly: WeeklyShift[];
  errors: (ShiftErrors | undefined)[] | undefined;
  onChange: (weekly: WeeklyShift[]) => void;
}) {
  const on = (day: number) => weekly.filter((s) => s.weekday === day);
  const last = (day: number) =>
    WEEKDAYS.map((d) => d.day)
      .filter((d) => d < day && on(d).length > 0)
      .at(-1);
  const offer = (day: number) => (on(day).length === 0 ? say`off · + shift` : say`+ shift`);
  const add = (day: number) => {
    const before = last(day);
    const copied = before === undefined ? [USUAL] : on(before);
    onChange([...weekly, ...copied.map((s) => ({ ...s, weekday: day }))]);
  };
  return (
    <>
      <Box sx={{ display: 'flex', gap: 0.75, flexWrap: 'wrap', mb: 1 }}>
        {STARTER_SHIFTS.map((s) => (
          <button key={s.key} type="button" className="zl-button zl-quiet" onClick={() => onChange(s.weekly)}>
            {s.name}
          </button>
        ))}
      </Box>
      <Box
        sx={{
          display: 'grid',
          gridTemplateColumns: { xs: 'minmax(0, 1fr)', sm: '64px minmax(0, 1fr)' },
          columnGap: 1,
          pr: 1,
        }}
      >
        <Box sx={{ display: { xs: 'none', sm: 'block' } }} />
        <ShiftHours />
        {WEEKDAYS.map(({ day, short, name }) => (
          <Box key={day} sx={{ display: 'contents' }}>
            <Box sx={{ fontWeight: 700, pt: 1 }}>{short}</Box>
            <Box sx={{ borderBottom: '1px solid var(--zl-line)', py: 0.5, minHeight: 44 }}>
              {weekly.map((shift, i) =>
                shift.weekday !== day ? null : (
                  <ShiftFields
                    key={i}
                    label={name}
                    shift={shift}
                    errors={errors?.[i]}
                    onChange={(changed) => onChange(weekly.map((s, k) => (k === i ? { ...changed, weekday: day } : s)))}
                    onRemove={() => onChange(weekly.filter((_, k) => k !== i))}
                  />
                ),
              )}
              <Button color="secondary" size="small" aria-label={`${offer(day)}, ${name}`} onClick={() => add(day)}>
                {offer(day)}
              </Button>
            </Box>
          </Box>
        ))}
      </Box>
    </>
  );
}
