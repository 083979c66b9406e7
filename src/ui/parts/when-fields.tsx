'use client';

import { AdapterLuxon } from '@mui/x-date-pickers/AdapterLuxon';
import { DatePicker } from '@mui/x-date-pickers/DatePicker';
import { DateTimePicker } from '@mui/x-date-pickers/DateTimePicker';
import { LocalizationProvider } from '@mui/x-date-pickers/LocalizationProvider';
import { TimeField } from '@mui/x-date-pickers/TimeField';
import type { DateTime } from 'luxon';
import type { ReactNode } from 'react';
import { LONG_DAY_AND_TIME, timeOf, typedTime, WALL_CLOCK, type Clock } from '@/core/time/clock';

/** How a day is written wherever one is picked. */
const DAY = 'ccc d LLL yyyy';

/** How the fields write and read days. Only who picks one needs it: it is not loaded with every page. */
function Dates({ children }: { children: ReactNode }) {
  return (
    <LocalizationProvider dateAdapter={AdapterLuxon} adapterLocale="en-GB">
      {children}
    </LocalizationProvider>
  );
}

interface WhenFieldProps {
  label: string;
  /** The kitchen's zone. */
  zone: string;
  /** By the clock on the wall, "2027-05-20T09:40"; empty where there is none. */
  value: string;
  onChange: (value: string) => void;
  /** Times by the clock on the wall too. */
  earliest?: string;
  latest?: string;
  error?: string | undefined;
  onBlur?: () => void;
}

/** A day and a time, by the kitchen's clock, whatever the browser's language. */
export function WhenField({ label, zone, value, onChange, earliest, latest, error, onBlur }: WhenFieldProps) {
  return (
    <Dates>
      <DateTimePicker
        label={label}
        ampm={false}
        format={LONG_DAY_AND_TIME}
        minutesStep={5}
        timezone={zone}
        value={value === '' ? null : typedTime(value, zone)}
        {...(earliest ? { minDateTime: typedTime(earliest, zone) } : {})}
        {...(latest ? { maxDateTime: typedTime(latest, zone) } : {})}
        onChange={(time) => onChange(time?.isValid ? time.toFormat(WALL_CLOCK) : '')}
        slotProps={{
          textField: {
            ...{ size: 'small', fullWidth: true, error: error !== undefined, helperText: error ?? ' ' },
            ...(onBlur ? { onBlur } : {}),
          },
        }}
      />
    </Dates>
  );
}

/** A day, "2027-05-20". */
export function DayField({
  label,
  zone,
  value,
  onChange,
}: Pick<WhenFieldProps, 'label' | 'zone' | 'value' | 'onChange'>) {
  return (
    <Dates>
      <DatePicker
        label={label}
        format={DAY}
        timezone={zone}
        value={typedTime(value, zone)}
        onChange={(day) => day?.isValid && onChange(day.toISODate()!)}
        slotProps={{ textField: { size: 'small' } }}
      />
    </Dates>
  );
}

/** A time of the last day: the last time that a clock showed it. An ISO instant; null while it is no time. */
export function ClockField({
  label,
  clock,
  minute,
  value,
  onChange,
  error,
}: {
  label: string;
  clock: Clock;
  /** Now. */
  minute: number;
  value: string | null;
  onChange: (instant: string | null) => void;
  error?: string | undefined;
}) {
  const now = timeOf(minute, clock);
  return (
    <Dates>
      <TimeField
        label={label}
        ampm={false}
        format="HH:mm"
        timezone={clock.zone}
        value={value === null ? null : typedTime(value, clock.zone)}
        onChange={(time) => onChange(time?.isValid ? lastAt(time, now).toISO() : null)}
        error={error !== undefined}
        helperText={error ?? ''}
        sx={{ '& .MuiPickersInputBase-root': { fontSize: 24 } }}
      />
    </Dates>
  );
}

/** The last instant up to now at which the clock showed this time. */
function lastAt(time: DateTime, now: DateTime): DateTime {
  const today = now.set({ hour: time.hour, minute: time.minute, second: 0, millisecond: 0 });
  return today > now ? today.minus({ days: 1 }) : today;
}
