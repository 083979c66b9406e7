/** Wall-clock working times, as "06:00"; an end that is not after its start is on the next day. */
export interface Shift {
  start: string;
  end: string;
  /** Cut out of the shift. */
  breaks: { start: string; end: string }[];
}

/** A shift of every week, on one weekday: 1 (Monday) to 7. */
export interface WeeklyShift extends Shift {
  weekday: number;
}

/** A day that is unlike its weekday: its shifts, none where it is off, and why. */
interface UnusualDay {
  shifts: Shift[];
  why: string;
}

/** Days in a row without work: the first and the last of them, as ISO dates. */
interface Away {
  from: string;
  until: string;
  why: string;
}

/** When somebody works. */
export interface WorkingHours {
  weekly: WeeklyShift[];
  /** By ISO date. */
  days: Readonly<Record<string, UnusualDay>>;
  away: Away[];
  /** The last ISO date in the house; null while there is none. */
  left: string | null;
}

/** Why a day is as it is: somebody has left, is away, it was set for that day, or it is a day like its weekday. */
export type WhyHours = 'left' | 'away' | 'day' | 'week';

/** The shifts of a day, in their order, and why they are so. A day that was set by itself goes before the week, being away before both. */
export function hoursOn(
  { weekly, days, away, left }: WorkingHours,
  date: string,
  weekday: number,
): { shifts: Shift[]; why: WhyHours } {
  if (left !== null && date > left) return { shifts: [], why: 'left' };
  if (away.some((a) => a.from <= date && date <= a.until)) return { shifts: [], why: 'away' };
  const own = Object.hasOwn(days, date) ? days[date] : undefined;
  return {
    shifts: inOrder(own?.shifts ?? weekly.filter((s) => s.weekday === weekday)),
    why: own ? 'day' : 'week',
  };
}

const inOrder = <T extends Shift>(shifts: readonly T[]) => [...shifts].sort((a, b) => a.start.localeCompare(b.start));

/** Working hours of every week and nothing else. */
export const everyWeek = (weekly: WeeklyShift[]): WorkingHours => ({ weekly, days: {}, away: [], left: null });
