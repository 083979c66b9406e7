import type { OrderId } from '../../core/ids/ids';
import type { Plan } from '../../core/planning-format/plan';
import type { PlannedProblem } from '../../core/plan-reading/plan-reading';
import { explainOrder, type Link } from '../../core/planner/answers/explain-order';

/** A plan never changes: what fixes an order's time in it is reckoned once. */
const known = new WeakMap<Plan, Map<OrderId, Link[] | null>>();

/** The chain that fixes how early an order can leave (`explainOrder`). */
export function chainOf({ problem, plan }: PlannedProblem, order: OrderId): Link[] | null {
  const chains = known.get(plan) ?? new Map<OrderId, Link[] | null>();
  known.set(plan, chains);
  if (!chains.has(order)) chains.set(order, explainOrder(problem, plan, order));
  return chains.get(order)!;
}

/** The last of an order's own steps that waits for hands or for a thing; else its last step for hands. Null where it has none. */
export function decidingStep(planned: PlannedProblem, order: OrderId): string | null {
  const own = (chainOf(planned, order) ?? []).filter((l) => l.step.work === 'hands');
  const waits = own.find((l) => l.because.kind === 'hands' || l.because.kind === 'equipment');
  return (waits ?? own[0])?.step.id ?? null;
}
