import type { KitchenId } from '../../core/ids/ids';
import { stopChances } from './chances';
import { stopImproving } from './improve-behind';

/** Somebody waits for a plan of this kitchen: what is reckoned of the one before ends at once. */
export function makeWay(kitchen: KitchenId): void {
  stopImproving(kitchen);
  stopChances(kitchen);
}
