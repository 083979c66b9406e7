import type { DateTime } from 'luxon';
import { say } from '../words/say';

/** When cakes are collected. */
export interface Opening {
  /** By weekday, 1 (Monday) to 7; no hours at all: at any time. */
  hours: OpenHours[];
  closed: ClosedDay[];
}

interface OpenHours {
  weekday: number;
  /** "08:00". */
  start: string;
  end: string;
}

interface ClosedDay {
  /** ISO date. */
  date: string;
  why: string;
}

/** Nobody has said when the kitchen is open: at any time. */
export const ALWAYS_OPEN: Opening = { hours: [], closed: [] };

/**
 * Why a cake cannot be collected then, or null.
 *
 * @param date as an ISO date
 * @param time as "14:30"
 */
export function closedProblem({ hours, closed }: Opening, date: string, weekday: number, time: string): string | null {
  const day = closed.find((c) => c.date === date);
  if (day) return day.why === '' ? say`Closed on that day.` : say`Closed on that day: ${day.why}.`;
  if (hours.length === 0) return null;
  const open = hours.filter((h) => h.weekday === weekday).sort((a, b) => a.start.localeCompare(b.start));
  if (open.length === 0) return say`Nothing is collected on that weekday.`;
  if (open.some((h) => h.start <= time && time <= h.end)) return null;
  return say`Collected from ${open.map((h) => `${h.start}–${h.end}`).join(say` and `)} on that day.`;
}

/** Nobody looks further ahead for a time at which the kitchen is open. Days. */
const LOOKED_AHEAD = 60;

/** The first moment from this one on at which a cake can be collected; null where there is none within two months. */
export function nextOpen(opening: Opening, from: DateTime<true>): DateTime<true> | null {
  const { hours, closed } = opening;
  const openOn = (day: DateTime<true>) =>
    hours.length === 0
      ? [{ start: '00:00', end: '23:59' }]
      : hours.filter((h) => h.weekday === day.weekday).sort((a, b) => a.start.localeCompare(b.start));
  for (let ahead = 0; ahead < LOOKED_AHEAD; ahead++) {
    const day = ahead === 0 ? from : from.plus({ days: ahead }).startOf('day');
    if (closed.some((c) => c.date === day.toISODate())) continue;
    const time = day.toFormat('HH:mm');
    const open = openOn(day).find((h) => h.end >= time);
    if (!open) continue;
    const [hour, minute] = open.start.split(':').map(Number);
    return open.start > time ? day.set({ hour, minute, second: 0, millisecond: 0 }) : day;
  }
  return null;
}
