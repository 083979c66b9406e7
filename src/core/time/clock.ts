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
  return typedTime(clock.origin, clock.zone).plus({ minutes: minute }) as DateTime<true>;
}

/** The language of days and months, whatever that of the browser. */
const LOCALE = 'en-GB';

/** A time by the clock on the wall of a zone ("2027-05-20T09:40"), or an instant as that clock shows it; perhaps not valid. */
export const typedTime = (text: string, zone: string): DateTime => DateTime.fromISO(text, { zone, locale: LOCALE });

/** "Thu 20 May, 09:40": how a day with its time is written, and the same with the year. */
export const DAY_AND_TIME = 'ccc d LLL, HH:mm';
export const LONG_DAY_AND_TIME = 'ccc d LLL yyyy, HH:mm';

/** How a wall-clock time is written where one is typed, without a zone: "2027-05-20T09:40". */
export const WALL_CLOCK = "yyyy-MM-dd'T'HH:mm";
