import type { PickupRule } from '../../core/order/pickup';
import { now } from '../shared/clock';
import type { LoadedKitchen } from './load-kitchen';

/** What every pickup of a kitchen is held against now. */
export function pickupRule(kitchen: LoadedKitchen): PickupRule {
  return { now: now(), zone: kitchen.clock.zone, daysAhead: kitchen.library.coefficients.daysAhead };
}
