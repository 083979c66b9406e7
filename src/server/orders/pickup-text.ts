import { type Clock, DAY_AND_TIME, timeOf } from '../../core/time/clock';

/** "Sat 8 May, 12:30" */
export function pickupText(pickup: Date, clock: Clock): string {
  const time = timeOf(Math.round((pickup.getTime() - Date.parse(clock.origin)) / 60_000), clock);
  return time.toFormat(DAY_AND_TIME);
}
