import type { Clock } from './clock';

/** What the clock and the calendar on the wall show. */
export interface Shown {
  /** "Thu" */
  weekday: string;
  day: string;
  /** "May" */
  month: string;
  /** "09", "40" */
  hour: string;
  minute: string;
}

/** One for each zone: to make one takes a hundred times as long as to use it. */
const formats = new Map<string, Intl.DateTimeFormat>();

function formatOf(zone: string): Intl.DateTimeFormat {
  const known =
    formats.get(zone) ??
    new Intl.DateTimeFormat('en-GB', {
      ...{ timeZone: zone, hourCycle: 'h23', weekday: 'short', day: 'numeric', month: 'short' },
      ...{ hour: '2-digit', minute: '2-digit' },
    });
  formats.set(zone, known);
  return known;
}

/**
 * What the clock of a kitchen shows at a minute after its origin: for drawings that write hundreds of times. What reckons with days and hours
 * uses `timeOf`.
 */
export function shownAt(minute: number, { origin, zone }: Clock): Shown {
  const shown = {} as Record<string, string>;
  for (const { type, value } of formatOf(zone).formatToParts(Date.parse(origin) + minute * 60_000)) shown[type] = value;
  return shown as unknown as Shown;
}

/** "09:40" */
export function clockText(minute: number, clock: Clock): string {
  const { hour, minute: past } = shownAt(minute, clock);
  return `${hour}:${past}`;
}

/** "Thu 09:40" */
export function dayClockText(minute: number, clock: Clock): string {
  const { weekday, hour, minute: past } = shownAt(minute, clock);
  return `${weekday} ${hour}:${past}`;
}

/** "Thu 20", or with the month "Thu 20 May". */
export function dayText(minute: number, clock: Clock, withMonth = false): string {
  const { weekday, day, month } = shownAt(minute, clock);
  return withMonth ? `${weekday} ${day} ${month}` : `${weekday} ${day}`;
}
