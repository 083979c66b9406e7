import { nextOpen } from '../../core/kitchen/opening';
import { minuteOf, timeOf } from '../../core/time/clock';
import type { Situation } from '../situation/situation';

/** A pickup as the order form holds it, by the clock on the wall, and in words. */
export interface NamedPickup {
  value: string;
  text: string;
}

/** A pickup is named on the next full quarter of an hour. Minutes. */
const QUARTER = 15;

/** When a cake that could leave at this minute is collected: what is ready at night when the kitchen opens. */
export function earliestPickup(ready: number | null, { kitchen }: Pick<Situation, 'kitchen'>): NamedPickup | null {
  if (ready === null) return null;
  const { clock, rows } = kitchen;
  const open = nextOpen(rows.kitchen.opening, timeOf(Math.ceil(ready / QUARTER) * QUARTER, clock));
  if (!open) return null;
  const first = timeOf(minuteOf(open.toJSDate(), clock), clock);
  return { value: first.toFormat("yyyy-MM-dd'T'HH:mm"), text: first.toFormat('cccc d LLL, HH:mm') };
}
