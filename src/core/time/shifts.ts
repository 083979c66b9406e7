import type { DateTime } from 'luxon';
import { mergeSpans, type Span } from './spans';
import { type Clock, minuteOf, timeOf } from './clock';
import { hoursOn, type Shift, type WorkingHours } from './working-hours';

/**
 * A person's shifts in minutes between two minutes, breaks cut out; those that touch are one. Wall-clock times keep their meaning when the
 * clocks change: a shift over the change is an hour shorter or longer. A shift belongs to the day on which it begins.
 */
export function shiftSpans(hours: WorkingHours, from: number, to: number, clock: Clock): Span[] {
  const spans: Span[] = [];
  const last = timeOf(to, clock);
  // One that began the night before may not have ended.
  for (let day = timeOf(from, clock).startOf('day').minus({ days: 1 }); day <= last; day = day.plus({ days: 1 }))
    spans.push(...spansOn(hours, day, clock));
  return mergeSpans(spans).filter(([, end]) => end > from);
}

/** The shifts that begin on a day, in minutes. */
export function spansOn(hours: WorkingHours, day: DateTime<true>, clock: Clock): Span[] {
  return hoursOn(hours, day.toISODate(), day.weekday).shifts.flatMap((shift) => partsOf(shift, day, clock));
}

/** A shift without its breaks. */
function partsOf(shift: Shift, day: DateTime<true>, clock: Clock): Span[] {
  const parts: Span[] = [];
  /** Minute of a time of this day, or of the next where it lies before the start of the shift. */
  const at = (wall: string, next: boolean) => {
    const [hour, minute] = wall.split(':').map(Number);
    return minuteOf(
      day
        .plus({ days: next ? 1 : 0 })
        .set({ hour, minute })
        .toJSDate(),
      clock,
    );
  };
  const end = at(shift.end, shift.end <= shift.start);
  let start = at(shift.start, false);
  const breaks = shift.breaks.map((b) => {
    const begins = at(b.start, b.start < shift.start);
    return { begins, ends: at(b.end, b.start < shift.start || b.end < b.start) };
  });
  for (const { begins, ends } of breaks.sort((a, b) => a.begins - b.begins)) {
    if (Math.min(begins, end) > start) parts.push([start, Math.min(begins, end)]);
    start = Math.max(start, ends);
  }
  if (end > start) parts.push([start, end]);
  return parts;
}
