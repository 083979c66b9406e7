import { DateTime } from 'luxon';
import { openUntil } from '../compose/edits/undecided';
import type { Design } from '../design/design';
import { NO_DAY, undecidedOf } from '../design/undecided';
import { WALL_CLOCK } from '../time/clock';
import type { PickupRule } from './pickup';

/** Days before a pickup by which everything should be agreed, where nobody says otherwise. */
const DAYS_BEFORE = 5;

/** The day by which something is usually agreed for a pickup, never one that is over. Wall-clock times; an ISO date. */
export function agreeBy(pickup: string, now: string): string {
  const today = DateTime.fromISO(now, { zone: 'utc' });
  const wanted = DateTime.fromISO(pickup, { zone: 'utc' }).minus({ days: DAYS_BEFORE });
  return (wanted.isValid && wanted > today ? wanted : today).toISODate()!;
}

/** The design of an order that is taken anew: where what is open in it has no day to come, as in a build, all of it gets the usual one. */
export function withDays(design: Design, pickup: Date, { now, zone }: Pick<PickupRule, 'now' | 'zone'>): Design {
  const wall = (at: Date) => DateTime.fromJSDate(at, { zone }).toFormat(WALL_CLOCK);
  const today = wall(now).slice(0, 10);
  const hasDays = undecidedOf(design).every((u) => u.by >= today && u.by !== NO_DAY);
  return hasDays ? design : openUntil(design, agreeBy(wall(pickup), wall(now)));
}
