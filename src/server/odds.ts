import { simulate, type SimulatedOrder } from '../core/planner/simulate';
import type { PlanRow } from '../data/repositories/plans';

/** Days that are lived through for the chances on the wall. */
const RUNS = 1000;
const SEED = 1;

const held: { plan: number; odds: Map<string, SimulatedOrder> } = { plan: -1, odds: new Map() };

/** How likely each order of a plan is to be ready in time, by its id; counted once for each plan. */
export function oddsOf(plan: PlanRow): ReadonlyMap<string, SimulatedOrder> {
  if (held.plan !== plan.id) {
    held.odds = new Map(simulate(plan.problem, plan.plan, RUNS, SEED).orders.map((o) => [o.order, o]));
    held.plan = plan.id;
  }
  return held.odds;
}
