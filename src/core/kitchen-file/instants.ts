import { DateTime } from 'luxon';
import { say } from '../words/say';

/** "+3 14:30", "-12 09:05:30": so many days after an anchor, by the clock on the wall. */
const RELATIVE = /^([+-]\d{1,5}) ([01]\d|2[0-3]):([0-5]\d)(?::([0-5]\d))?$/;

/** The days from which relative times count, and the zone whose clock they are by. */
export interface Anchor {
  /** ISO date. */
  date: string;
  zone: string;
}

/** Whether a time in a file has an instant. A relative one always has: whatever a clock jumps over is the hour after it. */
export const isInstant = (text: string, anchor: Anchor | null): boolean =>
  RELATIVE.test(text) ? anchor !== null : instantOf(text, anchor) !== null;

/** The instant of a time in a file; null where it is none, or is relative to a day that the file does not name. */
export function instantOf(text: string, anchor: Anchor | null): Date | null {
  const relative = RELATIVE.exec(text);
  if (!relative) {
    // Without a zone it would be a time of whichever machine reads it.
    if (!/(Z|[+-]\d{2}:?\d{2})$/.test(text)) return null;
    const time = DateTime.fromISO(text);
    return time.isValid ? time.toJSDate() : null;
  }
  if (!anchor) return null;
  const [days = 0, hour = 0, minute = 0, second = 0] = relative.slice(1).map((part) => Number(part ?? 0));
  const day = DateTime.fromISO(anchor.date, { zone: anchor.zone }).plus({ days });
  const time = day.set({ hour, minute, second });
  return time.isValid ? time.toJSDate() : null;
}

/** How a time is written in a file: so many days after its anchor where it has one, else as it is. */
export function writeInstant(instant: Date, anchor: Anchor | null): string {
  if (!anchor) return instant.toISOString();
  const time = DateTime.fromJSDate(instant, { zone: anchor.zone });
  const zero = DateTime.fromISO(anchor.date, { zone: anchor.zone });
  const days = Math.round(time.startOf('day').diff(zero.startOf('day'), 'days').days);
  const clock = time.toFormat(time.second === 0 ? 'HH:mm' : 'HH:mm:ss');
  return `${days < 0 ? '-' : '+'}${Math.abs(days)} ${clock}`;
}

export const NO_INSTANT = say`It is no time: an ISO time with its offset, or days after the anchor as “+3 14:30”.`;
