'use client';

import { say } from '@/core/words/say';
import Close from '@mui/icons-material/Close';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import IconButton from '@mui/material/IconButton';
import TextField from '@mui/material/TextField';
import type { Shift } from '@/core/time/working-hours';
import { TakeOut } from '../parts/take-out';
import { ShiftStrip } from './shift-strip';

/** What is wrong with a shift, by field, as the form’s check gives it. */
export interface ShiftErrors {
  start?: { message?: string };
  end?: { message?: string };
  breaks?: ({ start?: { message?: string }; end?: { message?: string } } | undefined)[];
}

interface ShiftFieldsProps {
  /** "Tuesday". */
  label: string;
  shift: Shift;
  errors: ShiftErrors | undefined;
  onChange: (shift: Shift) => void;
  onRemove: () => void;
}

const TIME = { width: 142 };

/** One shift: its strip, its times as they can be typed, and its breaks. */
export function ShiftFields({ label, shift, errors, onChange, onRemove }: ShiftFieldsProps) {
  const breaks = (changed: Shift['breaks']) => onChange({ ...shift, breaks: changed });
  return (
    <div className="zl-shift-row">
      <ShiftStrip label={label} shift={shift} onChange={onChange} />
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 0.75, alignItems: 'flex-start' }}>
        <Time
          label={say`From`}
          of={label}
          value={shift.start}
          error={errors?.start?.message}
          onChange={(start) => onChange({ ...shift, start })}
        />
        <Time
          label={say`To`}
          of={label}
          value={shift.end}
          error={errors?.end?.message}
          onChange={(end) => onChange({ ...shift, end })}
        />
        {shift.breaks.map((b, i) => (
          <Box
            key={i}
            sx={{ display: 'flex', flexWrap: 'wrap', gap: 0.5, pl: 1, borderLeft: '3px solid var(--zl-line)' }}
          >
            <Time
              label={say`Break from`}
              of={label}
              value={b.start}
              error={errors?.breaks?.[i]?.start?.message}
              onChange={(start) => breaks(shift.breaks.map((x, k) => (k === i ? { ...x, start } : x)))}
            />
            <Time
              label={say`to`}
              of={say`${label}, break`}
              value={b.end}
              error={errors?.breaks?.[i]?.end?.message}
              onChange={(end) => breaks(shift.breaks.map((x, k) => (k === i ? { ...x, end } : x)))}
            />
            <IconButton
              aria-label={say`${label}: without break ${i + 1}`}
              onClick={() => breaks(shift.breaks.filter((_, k) => k !== i))}
            >
              <Close />
            </IconButton>
          </Box>
        ))}
        <Button color="secondary" onClick={() => breaks([...shift.breaks, { start: '12:00', end: '12:30' }])}>
          {say`+ break`}
        </Button>
        <TakeOut what={label} onTake={onRemove} />
      </Box>
    </div>
  );
}

function Time({
  label,
  of,
  value,
  error,
  onChange,
}: {
  label: string;
  of: string;
  value: string;
  error: string | undefined;
  onChange: (value: string) => void;
}) {
  return (
    <TextField
      type="time"
      label={label}
      value={value}
      onChange={(e) => onChange(e.target.value)}
      error={error !== undefined}
      helperText={error}
      sx={TIME}
      slotProps={{ inputLabel: { shrink: true }, htmlInput: { 'aria-label': `${of}: ${label}` } }}
    />
  );
}
