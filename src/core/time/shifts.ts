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

/** Minutes of a day on which the clocks do not change. */
const DAY = 1440;

/** The shifts that begin on a day, in minutes. */
export function spansOn(hours: WorkingHours, day: DateTime<true>, clock: Clock): Span[] {
  const { shifts } = hoursOn(hours, day.toISODate(), day.weekday);
  if (shifts.length === 0) return [];
  // Times of a shift are of its day, or of the next where they lie before its start.
  const at = minutesOf(day, clock);
  return shifts.flatMap((shift) => partsOf(shift, at));
}

/**
 * Minutes of times on the wall of a day, or of the next. Where the clocks do not change between them that is a sum: to ask the calendar of every
 * time costs a hundred times as much, for each of a team through weeks.
 */
function minutesOf(day: DateTime<true>, clock: Clock): (wall: string, next: boolean) => number {
  const midnight = day.startOf('day');
  const first = minuteOf(midnight.toJSDate(), clock);
  const steady = midnight.hour === 0 && midnight.offset === midnight.plus({ days: 2 }).offset;
  return (wall, next) => {
    const [hour, minute] = wall.split(':').map(Number) as [number, number];
    if (steady) return first + (next ? DAY : 0) + hour * 60 + minute;
    const time = day.plus({ days: next ? 1 : 0 }).set({ hour, minute });
    return minuteOf(time.toJSDate(), clock);
  };
}

/** A shift without its breaks. */
function partsOf(shift: Shift, at: (wall: string, next: boolean) => number): Span[] {
  const parts: Span[] = [];
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
