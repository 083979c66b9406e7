'use client';

import { say } from '@/core/words/say';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import { DateTime } from 'luxon';
import { useState } from 'react';
import type { PersonForm } from '@/core/input/person-input';
import { hoursOn, type Shift, type WhyHours } from '@/core/time/working-hours';
import { ShiftFields, type ShiftErrors } from './shift-fields';

type Days = PersonForm['days'];

interface DayPlanProps {
  person: Pick<PersonForm, 'weekly' | 'days' | 'away' | 'left'>;
  today: string;
  errors: unknown;
  setValue: (days: Days) => void;
}

const WHY: Record<WhyHours, string> = {
  week: '',
  day: say`set for this day`,
  away: say`away`,
  left: say`has left`,
};

const day = (date: string) => DateTime.fromISO(date, { zone: 'UTC', locale: 'en-GB' }) as DateTime<true>;
const shiftWords = (shifts: readonly Shift[]) =>
  shifts.length === 0 ? say`off` : shifts.map((s) => `${s.start}–${s.end}`).join(', ');

/** A week of the calendar: what each day is, days that are set by themselves, and the hours of the week before taken over. */
export function DayPlan({ person, today, errors, setValue }: DayPlanProps) {
  const [monday, setMonday] = useState(() => day(today).startOf('week'));
  const hours = {
    ...{ weekly: person.weekly, away: person.away, left: person.left || null },
    days: Object.fromEntries(person.days.map((d) => [d.date, d])),
  };
  const week = Array.from({ length: 7 }, (_, i) => monday.plus({ days: i }));
  const on = (d: DateTime<true>) => hoursOn(hours, d.toISODate(), d.weekday);
  const set = (date: string, shifts: Shift[], why: string) =>
    setValue(
      [...person.days.filter((d) => d.date !== date), { date, shifts, why }].sort((a, b) =>
        a.date.localeCompare(b.date),
      ),
    );
  const clear = (date: string) => setValue(person.days.filter((d) => d.date !== date));
  const copyBefore = () => {
    const dates = week.map((d) => d.toISODate());
    const copied = week.map((d) => ({
      date: d.toISODate(),
      shifts: on(d.minus({ days: 7 })).shifts,
      why: say`as the week before`,
    }));
    setValue(
      [...person.days.filter((d) => !dates.includes(d.date)), ...copied].sort((a, b) => a.date.localeCompare(b.date)),
    );
  };
  return (
    <>
      <Box sx={{ display: 'flex', gap: 1, alignItems: 'center', flexWrap: 'wrap', mb: 1 }}>
        <Button
          variant="outlined"
          color="secondary"
          onClick={() => setMonday(monday.minus({ weeks: 1 }) as DateTime<true>)}
        >{say`Week before`}</Button>
        <b aria-live="polite">{say`Week ${monday.weekNumber}, from ${monday.toFormat('d LLL yyyy')}`}</b>
        <Button
          variant="outlined"
          color="secondary"
          onClick={() => setMonday(monday.plus({ weeks: 1 }) as DateTime<true>)}
        >{say`Week after`}</Button>
        <Button color="secondary" onClick={copyBefore}>{say`Copy the hours of the week before`}</Button>
      </Box>
      {week.map((d) => {
        const date = d.toISODate();
        const { shifts, why } = on(d);
        const at = person.days.findIndex((x) => x.date === date);
        return (
          <Box key={date} sx={{ borderBottom: '1px solid var(--zl-line)', py: 0.5 }}>
            <Box sx={{ display: 'flex', gap: 1, alignItems: 'center', flexWrap: 'wrap', minHeight: 40 }}>
              <Box sx={{ width: 116, fontWeight: 700 }}>{d.toFormat('ccc d LLL')}</Box>
              <Box sx={{ flex: '1 1 180px' }}>
                {shiftWords(shifts)}
                {WHY[why] && (
                  <Box component="span" sx={{ color: 'var(--zl-muted)' }}>
                    {' '}
                    · {WHY[why]}
                  </Box>
                )}
              </Box>
              {at < 0 ? (
                <>
                  <Button
                    size="small"
                    color="secondary"
                    aria-label={say`${d.toFormat('ccc d LLL')}: other hours`}
                    onClick={() =>
                      set(date, shifts.length > 0 ? shifts : [{ start: '07:00', end: '13:00', breaks: [] }], '')
                    }
                  >{say`Other hours`}</Button>
                  <Button
                    size="small"
                    color="secondary"
                    aria-label={say`${d.toFormat('ccc d LLL')}: off`}
                    onClick={() => set(date, [], '')}
                  >{say`Off`}</Button>
                </>
              ) : (
                <Button
                  size="small"
                  color="secondary"
                  aria-label={say`${d.toFormat('ccc d LLL')}: as every week`}
                  onClick={() => clear(date)}
                >{say`As every week`}</Button>
              )}
            </Box>
            {at >= 0 && (
              <OneDay
                label={d.toFormat('ccc d LLL')}
                day={person.days[at]!}
                errors={(errors as { shifts?: (ShiftErrors | undefined)[] }[] | undefined)?.[at]?.shifts}
                onChange={(changed) => set(date, changed.shifts, changed.why)}
              />
            )}
          </Box>
        );
      })}
    </>
  );
}

function OneDay({
  label,
  day: own,
  errors,
  onChange,
}: {
  label: string;
  day: Days[number];
  errors: (ShiftErrors | undefined)[] | undefined;
  onChange: (day: Days[number]) => void;
}) {
  return (
    <Box sx={{ pl: { xs: 0, sm: 12.5 }, pb: 1, display: 'grid', gap: 0.5 }}>
      {own.shifts.map((s, i) => (
        <ShiftFields
          key={i}
          label={label}
          shift={s}
          errors={errors?.[i]}
          onChange={(changed) => onChange({ ...own, shifts: own.shifts.map((x, k) => (k === i ? changed : x)) })}
          onRemove={() => onChange({ ...own, shifts: own.shifts.filter((_, k) => k !== i) })}
        />
      ))}
      <TextField
        label={say`Why`}
        value={own.why}
        onChange={(e) => onChange({ ...own, why: e.target.value })}
        placeholder={say`swapped, holiday, market day…`}
        sx={{ maxWidth: 320 }}
        slotProps={{ htmlInput: { maxLength: 80, 'aria-label': say`${label}: why` } }}
      />
    </Box>
  );
}
