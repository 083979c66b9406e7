import type { Span } from './spans';
import { type Clock, minuteOf, timeOf } from './clock';

/** Wall-clock working times of one weekday, 1 (Monday) to 7, as "06:00". */
export interface WeeklyShift {
  weekday: number;
  start: string;
  end: string;
  /** Cut out of the shift. */
  breaks: { start: string; end: string }[];
}

/**
 * A person's shifts in minutes between two minutes, breaks cut out, without the days off. Wall-clock times keep their
 * meaning when the clocks change: a shift over the change is an hour shorter or longer.
 */
export function shiftSpans(weekly: WeeklyShift[], daysOff: string[], from: number, to: number, clock: Clock): Span[] {
  const spans: Span[] = [];
  const last = timeOf(to, clock);
  for (let day = timeOf(from, clock).startOf('day'); day <= last; day = day.plus({ days: 1 })) {
    if (daysOff.includes(day.toISODate())) continue;
    for (const shift of weekly
      .filter((s) => s.weekday === day.weekday)
      .sort((a, b) => a.start.localeCompare(b.start))) {
      const at = (wall: string) => {
        const [hour, minute] = wall.split(':').map(Number);
        return minuteOf(day.set({ hour, minute }).toJSDate(), clock);
      };
      let start = at(shift.start);
      for (const rest of [...shift.breaks].sort((a, b) => a.start.localeCompare(b.start))) {
        if (at(rest.start) > start) spans.push([start, at(rest.start)]);
        start = Math.max(start, at(rest.end));
      }
      if (at(shift.end) > start) spans.push([start, at(shift.end)]);
    }
  }
  return spans.filter(([, end]) => end > from);
}
