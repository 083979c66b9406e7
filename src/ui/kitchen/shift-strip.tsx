'use client';

import { say } from '@/core/words/say';
import Slider from '@mui/material/Slider';
import type { Shift } from '@/core/time/working-hours';

/** Quarters of an hour. */
const PER_HOUR = 4;
/** A strip goes on into the small hours of the next day. h. */
const HOURS = 30;

const quartersOf = (wall: string) => {
  const [hour = 0, minute = 0] = wall.split(':').map(Number);
  return hour * PER_HOUR + Math.round((minute * PER_HOUR) / 60);
};
const wallOf = (quarters: number) => {
  const inDay = quarters % (24 * PER_HOUR);
  const pad = (n: number) => `${n}`.padStart(2, '0');
  return `${pad(Math.floor(inDay / PER_HOUR))}:${pad(((inDay % PER_HOUR) * 60) / PER_HOUR)}`;
};

/** From when to when a shift lasts on its strip; one that ends on the next day goes past midnight. Quarters of an hour. */
function spanOf({ start, end }: Shift): [number, number] {
  const [from, until] = [quartersOf(start), quartersOf(end)];
  return [from, until > from ? until : until + 24 * PER_HOUR];
}

interface ShiftStripProps {
  /** "Ines, Tuesday". */
  label: string;
  shift: Shift;
  onChange: (shift: Shift) => void;
}

/** A shift as a strip of its day: both ends can be pulled, or moved by arrow keys in quarters of an hour. */
export function ShiftStrip({ label, shift, onChange }: ShiftStripProps) {
  const change = (value: number | number[]) => {
    const [from = 0, until = 0] = value as number[];
    // It lasts a quarter of an hour at least, and less than a day.
    if (until - from < 1 || until - from >= 24 * PER_HOUR || from >= 24 * PER_HOUR) return;
    onChange({ ...shift, start: wallOf(from), end: wallOf(until) });
  };
  return (
    <Slider
      value={spanOf(shift)}
      min={0}
      max={HOURS * PER_HOUR}
      onChange={(_, value) => change(value)}
      getAriaLabel={(i) => (i === 0 ? say`${label}: begins` : say`${label}: ends`)}
      getAriaValueText={wallOf}
      valueLabelDisplay="auto"
      valueLabelFormat={wallOf}
      disableSwap
      className="zl-shift"
    />
  );
}

/** The hours over strips that stand below each other. */
export function ShiftHours() {
  return (
    <div className="zl-shift-hours" aria-hidden>
      {Array.from({ length: HOURS / 3 + 1 }, (_, i) => (
        <span key={i} style={{ left: `${(100 * i * 3) / HOURS}%` }}>
          {(i * 3) % 24}
        </span>
      ))}
    </div>
  );
}
