import { say } from '../words/say';
import { closedProblem, type Opening } from '../kitchen/opening';
import { counted } from '../measure/counted';
import { WALL_CLOCK } from '../time/clock';
import { DateTime } from 'luxon';

/** What a pickup is held against. */
export interface PickupRule {
  now: Date;
  /** IANA zone of the kitchen. */
  zone: string;
  /** A pickup lies at most this many days ahead. */
  daysAhead: number;
  /** When cakes are collected; at any time where nobody has said it. */
  opening?: Opening;
}

export type PickupRead = { ok: true; pickup: Date } | { ok: false; message: string };

const DAY = 86_400_000;

/**
 * Reads a pickup: a wall-clock time of the kitchen ("2027-05-22T12:00"), or an instant with its offset. A time that is skipped when
 * the clocks go forward is refused, with the times around it; of an hour that comes twice the first is meant.
 *
 * @example readPickup('2027-03-28T01:30', {zone: 'Europe/London', …}) // refused: the clocks go from 00:59 to 02:00
 */
export function readPickup(text: string, rule: PickupRule): PickupRead {
  const local = !/(Z|[+-]\d{2}:?\d{2})$/i.test(text);
  const time = DateTime.fromISO(text, { zone: rule.zone });
  if (!time.isValid) return { ok: false, message: say`This time does not exist.` };
  if (local && time.toFormat(WALL_CLOCK) !== text.slice(0, 16)) return { ok: false, message: skipped(time, text) };
  const [first] = local ? time.getPossibleOffsets().sort((a, b) => a.toMillis() - b.toMillis()) : [time];
  const pickup = (first ?? time).toJSDate();
  const message = pickupProblem(pickup, rule);
  return message === null ? { ok: true, pickup } : { ok: false, message };
}

/** What is wrong with a pickup, or null. The one rule of all doors: not past, not too far ahead, and while the kitchen is open. */
export function pickupProblem(pickup: Date, { now, daysAhead, zone, opening }: PickupRule): string | null {
  if (Number.isNaN(pickup.getTime())) return say`This time does not exist.`;
  if (pickup <= now) return say`This time has passed.`;
  if (pickup.getTime() - now.getTime() > daysAhead * DAY) return say`At most ${counted(daysAhead, 'day')} ahead.`;
  const time = DateTime.fromJSDate(pickup, { zone });
  return opening && time.isValid
    ? closedProblem(opening, time.toISODate(), time.weekday, time.toFormat('HH:mm'))
    : null;
}

/** Luxon moves a skipped time forward by what was skipped. */
function skipped(moved: DateTime<true>, text: string): string {
  const before = moved.minus({ hours: 3 });
  const gap = moved.offset - before.offset;
  const first = moved.startOf('hour').minus({ minutes: moved.startOf('hour').offset === moved.offset ? 0 : gap });
  const day = moved.toFormat('d LLLL');
  return say`The clocks go forward on ${day}, and ${text.slice(11, 16)} is skipped: choose ${first.toFormat('HH:mm')} or later, or a time before.`;
}
