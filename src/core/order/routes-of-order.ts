import type { Route } from '../design/block';
import { routesOf } from '../design/routes';
import { designOfOrder } from '../situation/break-down-orders';
import type { BreakableOrder, PlanningKitchen } from '../situation/situation';

/** The ways among which an order may choose; none where its design is not there. */
export function routesOfOrder(
  order: Pick<BreakableOrder, 'design' | 'build' | 'tiers'>,
  kitchen: PlanningKitchen,
): Route[] {
  const design = designOfOrder(order, kitchen);
  return design ? routesOf(design, kitchen.library.blocks) : [];
}
