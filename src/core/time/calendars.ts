import { DateTime } from 'luxon';
import type { Span } from '../planning-format/problem';

/** Wall-clock working times of one weekday, 1 (Monday) to 7, as "06:00". */
export interface WeeklyShift {
  weekday: number;
  start: string;
  end: string;
  /** Cut out of the shift. */
  breaks: { start: string; end: string }[];
}

/** A wall clock: minute 0 and the zone that tells what time it shows. */
export interface Clock {
  /** ISO instant of minute 0. */
  origin: string;
  /** IANA zone, as "Europe/London". */
  zone: string;
}

/** Minutes after the origin of an instant, rounded down. */
export function minuteOf(instant: string | Date, clock: Clock): number {
  const time = instant instanceof Date ? instant.getTime() : Date.parse(instant);
  return Math.floor((time - Date.parse(clock.origin)) / 60_000);
}

/** The instant of a minute, in the kitchen's zone. */
export function timeOf(minute: number, clock: Clock): DateTime<true> {
  return DateTime.fromISO(clock.origin, { zone: clock.zone }).plus({ minutes: minute }) as DateTime<true>;
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
