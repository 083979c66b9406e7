import { DateTime } from 'luxon';

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

/** How a wall-clock time is written where one is typed, without a zone: "2027-05-20T09:40". */
export const WALL_CLOCK = "yyyy-MM-dd'T'HH:mm";
