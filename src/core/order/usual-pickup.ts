import type { DateTime } from 'luxon';
import { nextOpen, type Opening } from '../kitchen/opening';

/** An order is usually taken so many days before it is collected; for another day it is looked so many further ahead. */
const DAYS_BEFORE = 3;
const LOOKED_AHEAD = 14;

/**
 * The pickup that a new order begins with: noon three days ahead, or on the first day after that on which the kitchen is open and somebody works on
 * that day before it. Where there is none in two weeks, three days ahead.
 */
export function usualPickup(
  today: DateTime<true>,
  opening: Opening,
  worksBefore: (pickup: DateTime<true>) => boolean,
): DateTime<true> {
  const noon = (days: number) => today.plus({ days }).set({ hour: 12, minute: 0, second: 0, millisecond: 0 });
  for (let days = DAYS_BEFORE; days < DAYS_BEFORE + LOOKED_AHEAD; days++) {
    const open = nextOpen(opening, noon(days));
    if (open?.hasSame(noon(days), 'day') && worksBefore(open)) return open;
  }
  return noon(DAYS_BEFORE);
}
