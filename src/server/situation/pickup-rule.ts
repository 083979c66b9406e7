import type { KitchenDb } from '../../data/kitchen-db';
import type { PickupRule } from '../../core/order/pickup';
import type { LoadedKitchen } from './load-kitchen';

/** What every pickup of a kitchen is held against now. */
export function pickupRule(db: KitchenDb, kitchen: LoadedKitchen): PickupRule {
  return {
    ...{ now: db.now(), zone: kitchen.clock.zone, daysAhead: kitchen.library.coefficients.daysAhead },
    opening: kitchen.rows.kitchen.opening,
  };
}
